/**
 * What a kitchen's own batches teach: how much its pots boil away against the estimate. Shrunk to the estimate while batches are few;
 * offered, never used by itself.
 */
import { analyse } from '../analysis/analysis.ts';
import type { Shelf } from '../food/shelf.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import { actualRecipe } from './actual.ts';
import { type Entry, ofKind, standing } from './entry.ts';

export interface Learnt {
  /** Batches whose pot was weighed. */
  batches: number;
  /** Times the estimate. */
  factor: number;
}

/** So many batches of the estimate stand against those of the kitchen. */
const PRIOR = 4;
/** Less than this boils away by the estimate, g: nothing is learnt of it. */
const LEAST_G = 50;
/** A slip of the scale, and no habit of a pot. */
const MOST = 4;

/** Null where no pot was weighed. */
export function learntEvaporation(cooked: readonly { recipe: Recipe; entries: readonly Entry[] }[], shelf: Shelf): Learnt | null {
  const logs = cooked.flatMap(({ recipe, entries }) => {
    const weighed = ofKind(standing(entries), 'yield').at(-1);
    if (!weighed) return [];
    const model = analyse({ ...actualRecipe(recipe, entries, shelf), measuredYieldGrams: undefined }, {}, shelf);
    if (model.evaporatedGrams < LEAST_G) return [];
    const lost = model.potGrams + model.evaporatedGrams - weighed.grams;
    return [Math.log(Math.min(MOST, Math.max(1 / MOST, lost / model.evaporatedGrams)))];
  });
  if (logs.length === 0) return null;
  return { batches: logs.length, factor: Math.exp(logs.reduce((sum, log) => sum + log, 0) / (logs.length + PRIOR)) };
}

/** What the pot would weigh then, g. */
export function yieldWith(recipe: Recipe, { factor }: Learnt, shelf: Shelf): number {
  const model = analyse({ ...recipe, measuredYieldGrams: undefined }, {}, shelf);
  return Math.max(1, model.potGrams + model.evaporatedGrams * (1 - factor));
}
