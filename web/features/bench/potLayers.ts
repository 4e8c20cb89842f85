import { mlPer100g } from '../../../core/bowl/pot.ts';
import { countedLines, type Recipe, STAGE_LABELS, type Stage } from '../../../core/vocabulary/recipe.ts';
import type { Kitchen } from '../../kitchen/kitchen.ts';

export type Entries = { stage: Stage; label: string; ml: number; fill: string }[];

const FILL: Partial<Record<Stage, string>> = { base: 'fill-[#c9a86a]', simmer: 'fill-[#e2d2a6]', blend: 'fill-[#d9c58d]', finish: 'fill-[#f0e4c4]' };

/** Millilitres of each stage, from the bottom of the pot up. */
export function potLayers(recipe: Recipe, { shelf }: Kitchen): Entries {
  const sums = new Map<Stage, number>();
  for (const { stage, foodId, grams, eaten } of countedLines(recipe)) {
    if (!grams || !FILL[stage] || eaten === 'removed' || eaten === 'strained') continue;
    const food = foodId === null ? undefined : shelf.food(foodId);
    sums.set(stage, (sums.get(stage) ?? 0) + (grams.best * (food ? mlPer100g(food) : 100)) / 100);
  }
  return (['base', 'simmer', 'blend', 'finish'] as const).flatMap((stage) =>
    sums.get(stage) ? [{ stage, label: STAGE_LABELS[stage], ml: sums.get(stage) as number, fill: FILL[stage] as string }] : [],
  );
}
