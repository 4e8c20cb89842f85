/** What is not known of a soup, bounded by the kind and the weight of the lines that leave it open; and the lines nothing bounds. */
import type { Analysis } from '../analysis/analysis.ts';
import { ceilingPer100g } from '../food/ceiling.ts';
import type { Shelf } from '../food/shelf.ts';
import { REGIMES } from '../regime/regime.ts';
import type { Nutrient } from '../vocabulary/nutrient.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import { type NeedScope, servedFigures } from './scope.ts';

export interface Unknown {
  /** The most that what is not known comes to in one bowl, in the nutrient's unit, of the lines that can be bounded. */
  most: number;
  /** Ids of lines whose food or weight is not known: nothing bounds them. */
  open: readonly string[];
}

export const NOTHING_UNKNOWN: Unknown = { most: 0, open: [] };

export function unknownOf(recipe: Recipe, analysis: Analysis, nutrient: Nutrient, shelf: Shelf, scope?: NeedScope): Unknown {
  const { servings, regime } = analysis;
  const { missing } = servedFigures(analysis, scope)[nutrient];
  if (missing.length === 0) return NOTHING_UNKNOWN;
  const lines = new Map(recipe.lines.map((line) => [line.id, line]));
  let most = 0;
  const open: string[] = [];
  for (const { lineId, foodId } of missing) {
    const line = lines.get(lineId);
    const food = shelf.food(foodId ?? '');
    const ceiling = food ? ceilingPer100g(food.category, nutrient, shelf, REGIMES[regime]) : Number.POSITIVE_INFINITY;
    if (!line?.grams || !Number.isFinite(ceiling)) open.push(lineId);
    else most += (ceiling * (line.perBowl ? line.grams.best : line.grams.best / servings)) / 100;
  }
  return { most, open };
}
