import { mlPer100g } from '../../../core/bowl/pot.ts';
import { brimMl, leastPotLitres } from '../../../core/bowl/potSize.ts';
import { countedLines, type Recipe, STAGE_LABELS, type Stage } from '../../../core/vocabulary/recipe.ts';
import type { Kitchen } from '../../kitchen/kitchen.ts';

export type Entries = { stage: Stage; label: string; ml: number; fill: string }[];

const FILL: Partial<Record<Stage, string>> = { base: 'fill-[#c9a86a]', simmer: 'fill-[#e2d2a6]', blend: 'fill-[#d9c58d]', finish: 'fill-[#f0e4c4]' };

export interface Brim {
  /** What the pot holds to its brim. */
  ml: number;
  /** The pot at hand; else the least pot that would do. */
  known: boolean;
}

/** Millilitres by stage of what these lines put into the pot; of all its lines where none are named. */
export function mlByStage(recipe: Recipe, { shelf }: Kitchen, only?: ReadonlySet<string>): ReadonlyMap<Stage, number> {
  const sums = new Map<Stage, number>();
  for (const { id, stage, foodId, grams, eaten } of countedLines(recipe)) {
    if (!grams || !FILL[stage] || eaten === 'removed' || eaten === 'strained' || only?.has(id) === false) continue;
    const food = foodId === null ? undefined : shelf.food(foodId);
    sums.set(stage, (sums.get(stage) ?? 0) + (grams.best * (food ? mlPer100g(food) : 100)) / 100);
  }
  return sums;
}

/** The brim of the pot at hand, or of the least pot that would do. */
export function brimOf(recipe: Recipe, potMl: number): Brim {
  const ml = brimMl(recipe);
  return ml === null ? { ml: leastPotLitres(potMl) * 1000, known: false } : { ml, known: true };
}

/** Millilitres of each stage, from the bottom of the pot up. */
export function potLayers(recipe: Recipe, core: Kitchen): Entries {
  const sums = mlByStage(recipe, core);
  return (['base', 'simmer', 'blend', 'finish'] as const).flatMap((stage) =>
    sums.get(stage) ? [{ stage, label: STAGE_LABELS[stage], ml: sums.get(stage) as number, fill: FILL[stage] as string }] : [],
  );
}
