/**
 * What a kitchen's own batches teach: how much its pots boil away against the estimate. Shrunk to the estimate while batches are few;
 * offered, never used by itself.
 */
import { analyse } from '../analysis/analysis.ts';
import type { Shelf } from '../food/shelf.ts';
import { slowPotOf } from '../plan/softening.ts';
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

/** How long a food really took to be soft here against the estimate. */
export interface LearntSoftening extends Learnt {
  foodId: string;
}

/** Longer than this no soup simmers: a step that was ticked off the day after. */
const MOST_MINUTES = 240;
const LEAST_MINUTES = 2;
const MS_A_MINUTE = 60_000;

/**
 * By food that held a pot up: the minutes from the step before it to the step that simmered it, both ticked off, against the estimate for its
 * cut. Shrunk to the estimate while batches are few.
 */
export function learntSoftening(cooked: readonly { recipe: Recipe; entries: readonly Entry[] }[], shelf: Shelf): LearntSoftening[] {
  const logs = new Map<string, number[]>();
  for (const { recipe, entries } of cooked) {
    const slow = slowPotOf(recipe, shelf);
    const [slowest] = slow?.pieces ?? [];
    if (!slow || !slowest) continue;
    const ticked = ofKind(standing(entries), 'step');
    const at = recipe.steps.findIndex(({ id }) => id === slow.stepId);
    const done = ticked.findLast(({ stepId }) => stepId === slow.stepId);
    const begun = ticked.findLast(({ stepId }) => stepId === recipe.steps[at - 1]?.id);
    if (!done || !begun) continue;
    const minutes = (Date.parse(done.at) - Date.parse(begun.at)) / MS_A_MINUTE;
    if (!(minutes >= LEAST_MINUTES && minutes <= MOST_MINUTES)) continue;
    const log = Math.log(Math.min(MOST, Math.max(1 / MOST, minutes / slowest.minutes)));
    logs.set(slowest.foodId, [...(logs.get(slowest.foodId) ?? []), log]);
  }
  return [...logs].map(([foodId, own]) => ({
    foodId,
    batches: own.length,
    factor: Math.exp(own.reduce((sum, log) => sum + log, 0) / (own.length + PRIOR)),
  }));
}
