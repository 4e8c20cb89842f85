/** Every swap for one line, with its amounts and what it does: the one model with a single slot open. */
import { type AnalyseOptions, type Analysis, analyse } from '../analysis.ts';
import type { Shelf } from '../food/shelf.ts';
import type { Recipe } from '../recipe.ts';
import { bestAmounts, distanceAt, roundAmounts } from './amounts.ts';
import { buildModel, type Model } from './model.ts';
import type { Needs } from './needs.ts';
import { type Change, describeChanges, writeRecipe } from './plan.ts';
import { judgeNeeds, type NeedVerdict, needRefs, passes } from './verdict.ts';

export interface LineSwap {
  change: Change;
  recipe: Recipe;
  analysis: Analysis;
  distance: number;
  meets: NeedVerdict[];
  /** Needs met, of all asked. */
  met: number;
}

/** Best fit first: most needs met, then closest. Swaps that break a need are shown too; the caller says so. */
export function swapsForLine(
  recipe: Recipe,
  needs: Needs,
  lineId: string,
  original: { recipe: Recipe; analysis: Analysis },
  shelf: Shelf,
): LineSwap[] {
  const options: AnalyseOptions = { regime: needs.regime, coconutIsTreeNut: needs.coconutIsTreeNut, chestnutIsTreeNut: needs.chestnutIsTreeNut };
  const analysis = analyse(recipe, options, shelf);
  // Only amounts are solved here: what a food may hold is judged afterwards, so that a forbidden swap can say why.
  const asked: Needs = {
    ...needs,
    allergens: undefined,
    diets: undefined,
    avoidFoods: undefined,
    keepFoods: undefined,
    smooth: undefined,
    checks: 'allow',
    keepLines: recipe.lines.filter(({ id }) => id !== lineId).map(({ id }) => id),
  };
  const soft = new Set(needRefs(asked).map((_, index) => index));
  const model = buildModel({ recipe, analysis, needs: asked, shelf, soft });
  const open = model.slots.findIndex(({ line }) => line.id === lineId);
  const slot = model.slots[open];
  if (!slot) return [];
  const alone: Model = { ...model, slots: [slot], base: model.base };
  return slot.options
    .flatMap((option): LineSwap[] => {
      if (!option.swap) return [];
      const amounts = bestAmounts(alone, [option]);
      const grams = amounts && roundAmounts(alone, [option], amounts);
      if (!amounts || !grams) return [];
      const leaf = { choice: [option], amounts };
      const draft = writeRecipe(recipe, analysis, alone, leaf, grams);
      const after = analyse(draft.recipe, options, shelf);
      const meets = judgeNeeds(needs, { recipe: draft.recipe, analysis: after, original, categoryOf: (id) => shelf.food(id)?.category });
      const [change] = describeChanges(alone, leaf, draft, { before: analysis, after }, [[]], shelf);
      return change
        ? [
            {
              change,
              recipe: draft.recipe,
              analysis: after,
              distance: distanceAt(alone, leaf.choice, amounts.grams),
              meets,
              met: meets.filter(passes).length,
            },
          ]
        : [];
    })
    .sort((a, b) => b.met - a.met || a.distance - b.distance);
}
