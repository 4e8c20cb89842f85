/** From the optimum of the model to a soup that can be weighed, and the word of the analysis on that soup. */
import type { Analysis } from '../analysis/analysis.ts';
import { normalQuantile, Z95 } from '../statistics/normal.ts';
import { bestAmounts } from './amounts.ts';
import type { Judge } from './judge.ts';
import type { Model } from './model.ts';
import type { Need, NeedOf } from './need.ts';
import { roundAmounts } from './rounding.ts';
import type { Bounds } from './rows.ts';
import type { Leaf } from './search.ts';
import type { Standing } from './verdict.ts';
import { type Draft, writeRecipe } from './writeRecipe.ts';

/** Needs under which plans are sought, and those of them that may be missed at a price. */
export interface Sought {
  needs: readonly Need[];
  soft: ReadonlySet<Need>;
}

export interface Settled {
  draft: Draft;
  analysis: Analysis;
  /** To every need that was asked of the soup, sought or not. */
  stood: Standing[];
}

const MARGIN_ROUNDS = 4;
/** A limit that is drawn in is drawn in by a little more than the chance asks, so that rounding does not undo it. */
const BEYOND = 1.02;

/** The rounded plan, with limits drawn in until the chance asked for is met; null when it does not keep what is sought. */
export function settlePlan(judge: Judge, sought: Sought, model: Model, leaf: Leaf): Settled | null {
  const must = sought.needs.filter((need) => !sought.soft.has(need));
  let tight = model;
  let { amounts } = leaf;
  for (let round = 0; round < MARGIN_ROUNDS; round += 1) {
    const grams = roundAmounts(tight, leaf.choice, amounts);
    if (!grams) return null;
    const draft = writeRecipe(judge.start.recipe, judge.start.analysis, model, leaf, grams, judge.shelf);
    const soup = judge.analysed(draft.recipe);
    const stood = judge.standings(soup);
    if (judge.failing(stood).some((need) => must.includes(need))) return null;
    const short = tooUnsure(judge, must, stood);
    if (short.size === 0) return { draft, analysis: soup.analysis, stood };
    tight = judge.model(sought.needs, sought.soft, short);
    const again = bestAmounts(tight, leaf.choice);
    if (!again) return null;
    amounts = again;
  }
  return null;
}

/** Limits that are met with less than the chance asked for, and how far in they have to be for it. */
function tooUnsure(judge: Judge, must: readonly Need[], stood: readonly Standing[]): Map<Need, Bounds> {
  const z = normalQuantile(judge.asked.terms.margin ?? 0.5) / Z95;
  const short = new Map<Need, Bounds>();
  for (const [need, standing] of judge.unsure(stood)) if (must.includes(need)) short.set(need, drawnIn(need, standing, z));
  return short;
}

const drawnIn = ({ limit: { min, max } }: NeedOf<'limit'>, { value = 0, low = 0, high = 0 }: Standing, z: number): Bounds => ({
  ...(max === undefined ? {} : { max: Math.max(0, max - z * (high - value) * BEYOND) }),
  ...(min === undefined ? {} : { min: min + z * (value - low) * BEYOND }),
});
