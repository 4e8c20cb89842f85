/** What is not known of a soup, bounded by the kind and the weight of the lines that leave it open; and the lines nothing bounds. */
import type { Analysis } from '../analysis/analysis.ts';
import { ceilingPer100g } from '../food/ceiling.ts';
import type { Shelf } from '../food/shelf.ts';
import { REGIMES } from '../regime/regime.ts';
import type { Nutrient } from '../vocabulary/nutrient.ts';
import { countedLines, type Recipe } from '../vocabulary/recipe.ts';
import { type NeedScope, servedFigures } from './scope.ts';

export interface Unknown {
  /** The most that what is not known comes to in one bowl, in the nutrient's unit, of the lines that can be bounded. */
  most: number;
  /** Ids of lines whose food or weight is not known: nothing bounds them. */
  open: readonly string[];
}

export const NOTHING_UNKNOWN: Unknown = { most: 0, open: [] };

export function unknownOf(recipe: Recipe, analysis: Analysis, nutrient: Nutrient, shelf: Shelf, scope?: NeedScope): Unknown {
  if (!servedFigures(analysis, scope)[nutrient].atLeast) return NOTHING_UNKNOWN;
  const regime = REGIMES[analysis.regime];
  let most = 0;
  const open: string[] = [];
  // Every line is asked: the analysis names only the first of many that leave a figure open.
  for (const line of countedLines(recipe)) {
    if (line.eaten === 'removed' || (line.stage === 'plate' && scope !== 'plate')) continue;
    const food = shelf.food(line.foodId ?? '');
    if (!food || !line.grams) {
      open.push(line.id);
      continue;
    }
    if (line.grams.high === 0 || !shelf.figures(food, regime).unknown.includes(nutrient)) continue;
    const ceiling = ceilingPer100g(food.category, nutrient, shelf, regime);
    if (!Number.isFinite(ceiling)) open.push(line.id);
    else most += (ceiling * (line.perBowl ? line.grams.best : line.grams.best / analysis.servings)) / 100;
  }
  return { most, open };
}
