/** Content claims as data: what figures a soup must have before the words may be thought of. */
import type { Nutrient } from '../vocabulary/nutrient.ts';

/** Of what amount the figure is taken: the regime's reference amount, the serving, 100 ml or 100 g. */
export type Basis = 'reference' | 'serving' | '100ml' | '100g';

export interface Criterion {
  /** Summed; 'saturated plus trans' has two. */
  nutrients: readonly Nutrient[];
  basis: Basis;
  /** 'below' is strict, 'most' and 'least' hold their bound. */
  is: 'below' | 'most' | 'least';
  limit: number;
  /** The figure is these kcal per gram of the nutrients as a per cent of the energy. */
  ofEnergy?: number;
  /** The figure is per 100 kcal of the same amount. */
  perKcal?: true;
  /** Summed with them by its share: carotene where the reference value is in retinol equivalents. */
  also?: readonly [nutrient: Nutrient, share: number];
}

export interface ClaimRule {
  id: string;
  words: string;
  /** All of one row must hold; one row must hold whole. */
  any: readonly (readonly Criterion[])[];
  source: string;
}

/** Figures a claim has to point to, or to state, beside it. */
export interface Beside {
  /** Above any of these, per reference amount or per serving, every claim points to it. */
  disclose: Partial<Record<Nutrient, number>>;
  /** A fibre claim states the fat unless the soup holds at most this much of it in the reference amount, g. */
  fibreStatesFatAbove: number;
}

export interface ClaimBook {
  /** The reference amount of soup; null where claims are of 100 g, 100 ml or the serving only. */
  reference: { grams: number } | { ml: number } | null;
  rules: readonly ClaimRule[];
  /** A comparison with another food may be made from so many per cent. */
  reducedByPercent: number;
  beside?: Beside;
}

export const of = (nutrients: Nutrient | readonly Nutrient[], basis: Basis, is: Criterion['is'], limit: number): Criterion => ({
  nutrients: typeof nutrients === 'string' ? [nutrients] : nutrients,
  basis,
  is,
  limit,
});
/** The same bound per reference amount and per serving. */
export const both = (nutrients: Nutrient | readonly Nutrient[], is: Criterion['is'], limit: number): Criterion[] => [
  of(nutrients, 'reference', is, limit),
  of(nutrients, 'serving', is, limit),
];
export const SAT_TRANS = ['saturatedFatG', 'transFatG'] as const satisfies readonly Nutrient[];
