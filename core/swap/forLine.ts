/** Every swap for one line, with its amounts and what it does: the one model with a single slot open. */

import { type AnalyseOptions, type Analysis, analyse } from '../analysis/analysis.ts';
import type { Shelf } from '../food/shelf.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import { type Amounts, bestAmounts, distanceAt, traitsAt } from './amounts.ts';
import { buildModel } from './buildModel.ts';
import { heldBackId, isLiquid } from './data/levers.ts';
import type { Model, Option } from './model.ts';
import { type Asked, askedOf } from './need.ts';
import type { Needs } from './needs.ts';
import { VOLUME_KEEPS } from './objective.ts';
import { type Change, describeChanges } from './plan.ts';
import { roundAmounts } from './rounding.ts';
import { at } from './solver/linear.ts';
import { type Tally, tallyOf } from './tally.ts';
import { judgeNeeds, type NeedVerdict } from './verdict.ts';
import { writeRecipe } from './writeRecipe.ts';

export interface LineSwap {
  change: Change;
  /** Liquid that has to be left out to make room for it. */
  holdBack?: Change;
  recipe: Recipe;
  analysis: Analysis;
  distance: number;
  meets: NeedVerdict[];
  tally: Tally;
}

/** Best fit first: fewest needs broken, then fewest to check, then closest. Swaps that break a need are shown too; the caller says so. */
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
  const liquid = heaviestLiquid(recipe, lineId);
  const wanted = askedOf(needs);
  const kept = recipe.lines.filter(({ id }) => id !== lineId && (id !== liquid || needs.keepLines?.includes(id)));
  const asked: Asked = {
    terms: { ...wanted.terms, checks: 'allow' },
    needs: [
      ...wanted.needs.filter(({ kind }) => kind === 'limit' || kind === 'body'),
      ...kept.map(({ id }) => ({ kind: 'keepLine', lineId: id }) as const),
    ],
  };
  const model = buildModel({ recipe, analysis, asked, shelf, soft: new Set(asked.needs), every: true });
  const slot = model.slots.find(({ line }) => line.id === lineId);
  if (!slot) return [];
  const pouring = model.slots.find(({ line }) => line.id === liquid);
  const poured = pouring?.options.find(({ swap }) => swap === null);
  const less = pouring?.options.find(({ swap }) => swap?.id === heldBackId(pouring.food?.id ?? ''));
  const alone: Model = { ...model, slots: [slot, ...(pouring ? [pouring] : [])] };
  return slot.options
    .flatMap((option): LineSwap[] => {
      if (!option.swap) return [];
      let choice = poured ? [option, poured] : [option];
      let amounts = bestAmounts(alone, choice);
      if (less && (!amounts || fills(alone, choice, amounts))) {
        const held = bestAmounts(alone, [option, less]);
        if (held && (!amounts || held.value < amounts.value)) [choice, amounts] = [[option, less], held];
      }
      const grams = amounts && roundAmounts(alone, choice, amounts);
      if (!amounts || !grams) return [];
      const leaf = { choice, amounts };
      const draft = writeRecipe(recipe, analysis, alone, leaf, grams, shelf);
      const after = analyse(draft.recipe, options, shelf);
      const meets = judgeNeeds(needs, { recipe: draft.recipe, analysis: after, original, shelf });
      const [change, holdBack] = describeChanges(alone, leaf, draft, { before: analysis, after }, [[]], shelf);
      if (!change) return [];
      return [
        {
          change,
          ...(holdBack ? { holdBack } : {}),
          recipe: draft.recipe,
          analysis: after,
          distance: distanceAt(alone, choice, amounts.grams),
          meets,
          tally: tallyOf(meets),
        },
      ];
    })
    .sort((a, b) => a.tally.broken - b.tally.broken || a.tally.toCheck - b.tally.toCheck || a.distance - b.distance);
}

/** The line that most of the liquid comes from, when it is not the one in hand. */
function heaviestLiquid({ lines }: Recipe, lineId: string): string | undefined {
  const pourable = lines.filter(({ id, foodId, stage }) => id !== lineId && stage !== 'bowl' && stage !== 'plate' && isLiquid(foodId));
  return pourable.sort((a, b) => (b.grams?.best ?? 0) - (a.grams?.best ?? 0))[0]?.id;
}

/** True when the pot would be as full as it may be. */
function fills(model: Model, choice: readonly Option[], { grams }: Amounts): boolean {
  const trait = model.traits.indexOf('potMl');
  return at(traitsAt(model, choice, grams), trait) > at(model.original, trait) * (1 + VOLUME_KEEPS - 0.001);
}
