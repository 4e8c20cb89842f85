/**
 * A swap as data. It takes the place of one line; its amounts are solved, not fixed.
 *
 * `parts`: each is one free amount, made of foods in fixed shares by weight. `least` and `most` bound it, in grams per
 * gram of the line it replaces; the solver chooses between them so that the pot keeps volume and body. `usual` is what a
 * cook would put in without reckoning, and pulls the solver towards it; a part without one (water, mostly) fills up.
 * `flavour` 0 (nobody notices) to 1 (another soup); `work` 0 to 1; both are judgements of the trade (common practice,
 * no source), as are the bounds unless a source is given.
 */
export interface SwapPart {
  foods: readonly (readonly [foodId: string, share: number])[];
  least: number;
  most: number;
  usual?: number;
  /** How the foods are treated when that is the swap: leached, rendered. `share` is what stays of what it takes away. */
  eaten?: { how: 'drained' | 'rendered'; share: number };
}

export interface SwapWork {
  text: string;
  when: 'before' | 'blend' | 'finish';
}

export interface Swap {
  id: string;
  name: string;
  /** Foods it can stand in for. */
  replaces: readonly string[];
  parts: readonly SwapPart[];
  /** Stage its foods go in at, when not that of the line they replace. Toppings stay toppings. */
  stage?: 'base' | 'simmer' | 'blend' | 'finish';
  work: number;
  flavour: number;
  steps: readonly SwapWork[];
  cautions: readonly string[];
  note: string;
  source: string;
}

export const COMMON = 'common practice, no source';
export const one = (foodId: string, least: number, most: number, usual?: number): SwapPart => ({ foods: [[foodId, 1]], least, most, ...(usual === undefined ? {} : { usual }) });
