/** Soups for tests, said in few words. */
import { type AnalyseOptions, type Analysis, analyse } from '../analysis/analysis.ts';
import { SHELF } from '../food/shelf.ts';
import type { Line, Recipe, Step } from '../vocabulary/recipe.ts';

/** A line of a known weight. */
export const line = (id: string, foodId: string | null, grams: number | null, more: Partial<Line> = {}): Line => ({
  id,
  stage: 'base',
  text: `${grams ?? 'some'} ${foodId ?? id}`,
  foodId,
  grams: grams === null ? null : { best: grams, low: grams, high: grams },
  ...more,
});

export const step = (id: string, more: Partial<Step> = {}): Step => ({ id, stage: 'simmer', text: id, ...more });

export const soup = (lines: Line[], more: Partial<Recipe> = {}): Recipe => ({ title: 'a soup', servings: 4, lines, steps: [], ...more });

export const bowlOf = (recipe: Recipe, options: AnalyseOptions = {}): Analysis => analyse(recipe, options, SHELF);

export const allergen = (analysis: Analysis, id: string) => {
  const found = analysis.allergens.find((one) => one.id === id);
  if (!found) throw new RangeError(`no allergen ${id}`);
  return found;
};

export const diet = (analysis: Analysis, id: string) => {
  const found = analysis.diets.find((one) => one.id === id);
  if (!found) throw new RangeError(`no diet ${id}`);
  return found;
};

/** Mulberry32: a small seeded generator, so that a failing case can be run again. */
export function seeded(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  };
}
