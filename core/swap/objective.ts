/**
 * What 'closest to the original' means, as data: the sum over functions of weight x |now - original| / scale, plus the
 * cost of the changes themselves. Each function is scaled by the original, or by `floor` where that is small.
 * All weights are ours (estimate) and can be moved by the user through `needs.weights`.
 */

import type { FlavourNote } from '../taste/data/flavours.ts';
import type { Nutrient } from '../vocabulary/nutrient.ts';
import type { Weights } from './needs.ts';

/** `price` is the money a bowl costs, in the kitchen's currency. */
/** A nutrient by whichever table of each food has more of it, or less: what a maximum and a minimum go by. */
export type CautiousTrait = `most:${Nutrient}` | `least:${Nutrient}`;

/** The colour of the pot on the axes of taste/colour.ts: people eat with their eyes. */
export const TINTS = ['tintRed', 'tintYellow', 'tintDark'] as const;
export type TintTrait = (typeof TINTS)[number];

export type TraitName = Nutrient | CautiousTrait | FlavourNote | TintTrait | 'potMl' | 'bodyMl' | 'bowlGrams' | 'price';

export interface ObjectiveTerm {
  trait: TraitName;
  weight: number;
  /** Least scale, in the unit of the trait (nutrients per bowl); body and flavours: per millilitre of the pot. */
  floor: number;
  /** Which of the user's weights moves it; closeness when not said. */
  by?: 'flavour' | 'cost';
  /** Only more than the original counts. */
  onlyMore?: boolean;
}

export const OBJECTIVE: readonly ObjectiveTerm[] = [
  { trait: 'potMl', weight: 2, floor: 1 },
  { trait: 'bodyMl', weight: 2, floor: 0.1 },
  { trait: 'fatG', weight: 0.6, floor: 3 },
  { trait: 'proteinG', weight: 0.5, floor: 2 },
  { trait: 'sodiumMg', weight: 0.5, floor: 100 },
  { trait: 'sugarsG', weight: 0.3, floor: 5 },
  { trait: 'savoury', weight: 0.15, floor: 0.1, by: 'flavour' },
  { trait: 'smoky', weight: 0.1, floor: 0.03, by: 'flavour' },
  { trait: 'sour', weight: 0.15, floor: 0.05, by: 'flavour' },
  { trait: 'nutty', weight: 0.1, floor: 0.03, by: 'flavour' },
  { trait: 'dairy', weight: 0.1, floor: 0.1, by: 'flavour' },
  { trait: 'green', weight: 0.1, floor: 0.05, by: 'flavour' },
  { trait: 'tintRed', weight: 0.12, floor: 0.08 },
  { trait: 'tintYellow', weight: 0.08, floor: 0.08 },
  { trait: 'tintDark', weight: 0.12, floor: 0.06 },
  { trait: 'price', weight: 0.5, floor: 0.05, by: 'cost', onlyMore: true },
];

/** Traits whose floor is for each millilitre of the pot. */
export const PER_ML: ReadonlySet<TraitName> = new Set<TraitName>([
  'bodyMl',
  'savoury',
  'smoky',
  'sweet',
  'sour',
  'nutty',
  'dairy',
  'green',
  ...TINTS,
]);

/** What it costs to use twice the usual amount of a part of a swap, or none of it; linear between. */
export const USUAL_PULL = 1;

/** Cost of one change, of one unit of its work and of its flavour distance, before the user's weights. */
export const CHANGE_COST = { changes: 0.2, work: 0.4, flavour: 0.6, wholeFoods: 0.3 } as const;

/** A change that brings in what the larder wants used first costs this share of what it would (estimate). */
export const USE_FIRST = 0.5;

/** Price and whole foods count only when asked. */
export const DEFAULT_WEIGHTS: Weights = { closeness: 1, changes: 1, work: 1, cost: 0, flavour: 1, wholeFoods: 0 };

/** The pot keeps its volume within this share: bowls are fixed. */
export const VOLUME_KEEPS = 0.05;
/** 'Same body' is within this share of the original index, or within BODY_LEAST where there is hardly any. */
export const BODY_KEEPS = 0.1;
export const BODY_LEAST = 0.02;
