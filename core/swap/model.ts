/**
 * The one model of an adaptation: a discrete choice per slot (keep the line, or one of its swaps), continuous amounts
 * below it. Everything the limits and the objective speak of is linear in the amounts, because the number of bowls is
 * fixed; body and per-100 g limits become linear once multiplied out by volume and weight.
 */
import type { Food } from '../vocabulary/food.ts';
import type { Line } from '../vocabulary/recipe.ts';
import type { Swap, SwapPart } from './data/swaps.ts';
import type { Need } from './need.ts';
import type { TraitName } from './objective.ts';

export interface Part {
  foods: readonly (readonly [Food, number])[];
  /** Grams. */
  least: number;
  most: number;
  /** What a cook would put in without reckoning; straying from it costs `pull` a gram. */
  usual: number | null;
  pull: number;
  /** Traits of one gram, laid out by Model.traits. */
  perGram: Float64Array;
  eaten?: SwapPart['eaten'];
}

export interface Option {
  /** Null keeps the line as it is. */
  swap: Swap | null;
  fixed: Float64Array;
  parts: readonly Part[];
  cost: number;
  /** Names of swaps a table could not tell from it, which are not offered beside it. */
  alternatives?: readonly string[];
}

/** Options of a slot are bits of one number. */
export const MOST_OPTIONS = 30;

export interface Slot {
  /** Of a slot for something added: no line of the recipe, its grams the litres of the pot, its food null. */
  line: Line;
  food: Food | null;
  /** Traits of what stands there in the original; all nothing where something is added. */
  own: Float64Array;
  /** Keep first, unless a need forbids it. */
  options: readonly Option[];
  forced: boolean;
}

/** coefficients . traits <= bound, scaled so that 1 is a violation as large as the bound itself. */
export interface Row {
  /** Null where no need asks for it: the pot keeps its volume. */
  need: Need | null;
  coefficients: Float64Array;
  bound: number;
  soft: boolean;
}

export type Side = 'both' | 'more' | 'less';

export interface Term {
  /** Place of the trait. */
  at: number;
  /** Weight divided by scale. */
  weight: number;
  /** What counts: being off the original either way, or only more, or only less of it. */
  side: Side;
}

export interface Model {
  traits: readonly TraitName[];
  original: Float64Array;
  /** Traits of everything that is in no slot. */
  base: Float64Array;
  slots: readonly Slot[];
  rows: readonly Row[];
  terms: readonly Term[];
  /** Needs that no choice can meet. */
  unmeetable: ReadonlySet<Need>;
  /** Lines that may not stay and that the catalogue knows no way for. */
  gaps: readonly Gap[];
}

export interface Gap {
  lineId: string;
  needs: readonly Need[];
}

/** Every part of a set of choices, slot by slot. */
export const partsOf = (choice: readonly Option[]): Part[] => choice.flatMap(({ parts }) => parts);
