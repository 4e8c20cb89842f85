/** A round of practice: a soup, a guest, a question; and an answer with how it is marked. */
import type { Needs } from '../swap/needs.ts';
import type { Recipe } from '../vocabulary/recipe.ts';

export const ROUND_KINDS = ['find', 'rank', 'swap', 'caution', 'label', 'estimate'] as const;
export type Kind = (typeof ROUND_KINDS)[number];
export const LEVELS = [1, 2, 3] as const;
export type Level = (typeof LEVELS)[number];

export interface RoundAsked {
  kind: Kind;
  level: Level;
  seed: number;
}

/** One thing to choose. Lines and steps are chosen by their own ids. */
export interface RoundOption {
  id: string;
  text: string;
  lineId?: string;
  swapId?: string;
  stepId?: string;
  code?: string;
  /** What a swap puts in. */
  foods?: { foodId: string; grams: number }[];
  grams?: number;
}

export interface Round {
  id: string;
  kind: Kind;
  level: Level;
  recipe: Recipe;
  guest: { seat: string; needs: Needs };
  question: string;
  /** How it is answered: by ticking any number of them, one, an order of all, or a number. */
  by: 'many' | 'one' | 'order' | 'number';
  options?: RoundOption[];
  /** Of a number: what it is of. */
  unit?: string;
}

export interface Reason {
  lineId?: string;
  path: string[];
}

export interface Marked {
  right: boolean;
  because: Reason[];
  explains: string;
}

/** An answer that cannot be read as one: what was wanted instead. */
export interface NoAnswer {
  wanted: string;
}

/** A round with what only the marker knows. */
export interface Made extends Omit<Round, 'id' | 'kind' | 'level'> {
  /** What it is about, so that what was missed can be asked again. */
  topic: string;
  mark(answer: unknown): Marked | NoAnswer;
}

/** Tries to make a round; null where this soup has none of the kind that could be asked without doubt. */
export type Maker = (level: Level, soup: SoupAtHand, chance: import('./chance.ts').Chance) => Made | null;

export interface SoupAtHand {
  recipe: Recipe;
  analysis: import('../analysis/analysis.ts').Analysis;
}
