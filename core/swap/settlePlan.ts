/** From the optimum of the model to a soup that can be weighed, and the word of the analysis on that soup. */
import type { Analysis } from '../analysis/analysis.ts';
import { normalQuantile, Z95 } from '../statistics/normal.ts';
import { bestAmounts } from './amounts.ts';
import type { Judge } from './judge.ts';
import type { Model } from './model.ts';
import { type Need, type NeedOf, ofKind } from './need.ts';
import { roundAmounts } from './rounding.ts';
import type { Bounds } from './rows.ts';
import { servedFigures } from './scope.ts';
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
  /** A chance that is only aimed at was not come near to. */
  short: boolean;
  /** To every need that was asked of the soup, sought or not. */
  stood: Standing[];
}

const MARGIN_ROUNDS = 4;
/** A limit that is drawn in is drawn in by a little more than the chance asks, so that rounding does not undo it. */
const BEYOND = 1.02;

/**
 * The rounded plan, with limits drawn in until the chance asked for is met; null when it does not keep what is sought. A chance that is only
 * aimed at is come near to, and the plan stands without it.
 */
export function settlePlan(judge: Judge, sought: Sought, model: Model, leaf: Leaf): Settled | null {
  const must = sought.needs.filter((need) => !sought.soft.has(need));
  const isAsked = judge.asked.terms.margin !== undefined;
  let tight = model;
  // What was drawn in once stays so: limits that are met by it would spring back in turn.
  const drawn = likelyBounds(judge, sought.needs);
  let { amounts } = leaf;
  let near: Settled | null = null;
  for (let round = 0; round < (isAsked ? MARGIN_ROUNDS : AIM_ROUNDS); round += 1) {
    const grams = roundAmounts(tight, leaf.choice, amounts);
    if (!grams) return near;
    const draft = writeRecipe(judge.start.recipe, judge.start.analysis, model, leaf, grams, judge.shelf);
    const soup = judge.analysed(draft.recipe);
    const stood = judge.standings(soup);
    if (judge.failing(stood).some((need) => must.includes(need))) return near;
    const short = tooUnsure(judge, must, stood);
    const settled = { draft, analysis: soup.analysis, stood, short: short.size > 0 };
    if (short.size === 0) return settled;
    if (!isAsked) near = settled;
    for (const [need, bounds] of short) drawn.set(need, bounds);
    tight = judge.drawnIn(model, sought.needs, sought.soft, drawn);
    const again = bestAmounts(tight, leaf.choice);
    if (!again) return near;
    amounts = again;
  }
  return near;
}

/** A chance that is aimed at is come near to in so many tries. */
const AIM_ROUNDS = 3;
/** Of what the chance will ask, as the soup is: a little less than all, so that no set of choices is left out that meets it. */
const AT_FIRST = 0.9;

/** Limits drawn in from the start by what the soup as it is leaves unsure: sets of choices that will not do are never looked at. */
export function likelyBounds(judge: Judge, needs: readonly Need[]): Map<Need, Bounds> {
  const { aim } = judge;
  const bounds = new Map<Need, Bounds>();
  if (aim === undefined) return bounds;
  const z = (AT_FIRST * normalQuantile(aim)) / Z95;
  for (const need of ofKind(needs, 'limit')) {
    const { nutrient, per, min, max } = need.limit;
    const { value, low, high } = (per === 'serving' ? servedFigures(judge.start.analysis, judge.asked.terms.scope) : judge.start.analysis.per100g)[
      nutrient
    ];
    if (!(value > 0)) continue;
    bounds.set(need, {
      ...(max === undefined ? {} : { max: max / (1 + (z * (high - value)) / value) }),
      ...(min === undefined ? {} : { min: min / Math.max(0.5, 1 - (z * (value - low)) / value) }),
    });
  }
  return bounds;
}

/** Limits that are met with less than the chance asked for, and how far in they have to be for it. */
function tooUnsure(judge: Judge, must: readonly Need[], stood: readonly Standing[]): Map<Need, Bounds> {
  const { margin } = judge.asked.terms;
  const chance = margin ?? (judge.aim === undefined ? undefined : judge.aim - AIM_SLACK);
  const short = new Map<Need, Bounds>();
  if (chance === undefined) return short;
  const z = normalQuantile(judge.aim ?? chance) / Z95;
  for (const [need, standing] of judge.unsure(stood, chance)) if (must.includes(need)) short.set(need, drawnIn(need, standing, z));
  return short;
}
/** What is aimed at may be missed by this much. */
const AIM_SLACK = 0.04;

const drawnIn = ({ limit: { min, max } }: NeedOf<'limit'>, { value = 0, low = 0, high = 0 }: Standing, z: number): Bounds => ({
  ...(max === undefined ? {} : { max: Math.max(0, max - z * (high - value) * BEYOND) }),
  ...(min === undefined ? {} : { min: min + z * (value - low) * BEYOND }),
});
