/** What a swap or a plan does, said as a colleague would. */

import type { Analysis } from '../../../core/analysis/analysis.ts';
import type { Change, Plan, Shift } from '../../../core/swap/plan.ts';
import { ALLERGEN_LABELS } from '../../../core/vocabulary/allergens.ts';
import { NUTRIENT_LABELS, type Nutrient, nutrientsBy, nutrientUnit } from '../../../core/vocabulary/nutrient.ts';
import { capitalised, figure } from '../../kitchen/format.ts';
import type { Kitchen } from '../../kitchen/kitchen.ts';
import type { BenchView } from './view.ts';

const LIST = new Intl.ListFormat('en', { type: 'conjunction' });
const lower = (name: string): string => name.charAt(0).toLowerCase() + name.slice(1);

/** Words after the comma of a name that make it another food: they go in front. */
const TELLING = /\b(low sodium|reduced sodium|home-made|light|dry|dried|smoked|skim|nonfat|silken|reduced fat)\b/;

/** A food in running words: 'Vegetable broth, low sodium' is 'low sodium vegetable broth'. */
export function foodName(foodId: string, { shelf }: Kitchen): string {
  const [first = foodId, ...rest] = (shelf.food(foodId)?.name ?? foodId).split(', ');
  const telling = TELLING.exec(rest.join(', '))?.[1];
  return telling ? `${telling} ${lower(first)}` : lower(first);
}

export const partsText = ({ to }: Change, core: Kitchen): string =>
  to.length === 0 ? 'nothing in its place' : LIST.format(to.map(({ foodId, grams }) => `${core.formatGrams(grams)} ${foodName(foodId, core)}`));

/** 'saturated fat 7.9 › 1.3 g' for the figures that moved most, limited ones first. */
export function effects(before: Analysis, after: Analysis, keys: readonly Nutrient[], most = 3): string[] {
  const moved = (key: Nutrient) =>
    Math.abs(after.perServing[key].value - before.perServing[key].value) / Math.max(before.perServing[key].value, 1e-6);
  return keys
    .filter((key) => moved(key) > 0.03)
    .slice(0, most)
    .map(
      (key) => `${lower(NUTRIENT_LABELS[key])} ${figure(before.perServing[key].value)} › ${figure(after.perServing[key].value)} ${nutrientUnit(key)}`,
    );
}

export const EFFECT_KEYS = nutrientsBy('effect');

/** What a swap or plan moves of the bowl on the bench, limited figures first. */
export function benchEffects({ analysis, needs }: BenchView, after: Analysis): string[] {
  return effects(analysis, after, [...new Set([...(needs.limits ?? []).map(({ nutrient }) => nutrient), ...EFFECT_KEYS])]);
}

/** 'cost 0.84 › 0.71 EUR', where both are known and differ. */
export function costMove(before: Analysis, after: Analysis): string[] {
  if (!before.cost || !after.cost || Math.abs(before.cost.value - after.cost.value) < 0.005) return [];
  return [`cost ${before.cost.value.toFixed(2)} › ${after.cost.value.toFixed(2)} ${after.cost.currency}`];
}

const shiftText = ({ nutrient, from, to }: Shift): string =>
  `${lower(NUTRIENT_LABELS[nutrient])} ${figure(from)} › ${figure(to)} ${nutrientUnit(nutrient)}`;
const MOST_SHIFTS = 3;

/** 'Butter out, 40 g olive oil in', 'less cheddar: 200 g, 450 g before', '30 g milk powder added'. */
export function exchangeWords(change: Change, core: Kitchen): string {
  const { from, to } = change;
  if (!from) return `${partsText(change, core)} added`;
  const name = foodName(from.foodId, core);
  const [only] = to;
  if (to.length === 1 && only?.foodId === from.foodId)
    return only.grams === from.grams
      ? `${name}: ${lower(change.name)}`
      : `${only.grams < from.grams ? 'less' : 'more'} ${name}: ${core.formatGrams(only.grams)}, ${core.formatGrams(from.grams)} before`;
  return `${name} out, ${to.length === 0 ? 'nothing in' : `${partsText(change, core)} in`}`;
}

/** The plan in a few sentences: what goes out and in, the body, what moves, what is lost and what rises, what to tell the table. */
export function planWords(plan: Plan, { original, core, needs, recipe }: BenchView): string {
  const anew = plan.changes.length > 0 ? [] : plan.recipe.steps.filter(({ text }) => !recipe.steps.some((step) => step.text === text));
  if (anew.length > 0) return `No food has to change, the method does: ${anew.map(({ text }) => text).join(' ')}`;
  // What is still to be looked up is not said to be met.
  if (plan.changes.length === 0)
    return plan.meets.some(({ state }) => state === 'cannotTell')
      ? 'No change is known to be needed: the labels and what is marked below have to be checked first.'
      : 'Nothing has to change: the soup meets the needs as it is.';
  const limited = (needs.limits ?? []).map(({ nutrient }) => nutrient);
  const out = plan.changes.map((change) => exchangeWords(change, core));
  const before = original.analysis;
  const body =
    plan.analysis.body.word === before.body.word
      ? `Body stays ${plan.analysis.body.word}`
      : `Body goes from ${before.body.word} to ${plan.analysis.body.word}`;
  const moves = [...effects(before, plan.analysis, [...new Set([...limited, ...EFFECT_KEYS])]), ...costMove(before, plan.analysis)];
  const untold = (shifts: readonly Shift[] = []) =>
    shifts
      .filter(({ nutrient }) => !limited.includes(nutrient))
      .slice(0, MOST_SHIFTS)
      .map(shiftText);
  const loses = untold(plan.loses);
  const rises = untold(plan.rises);
  const unknown = (plan.losesUnknown ?? []).map((nutrient) => lower(NUTRIENT_LABELS[nutrient]));
  const added = [...new Set(plan.changes.flatMap(({ adds }) => adds.allergens))];
  return [
    `${capitalised(out.join('; '))}.`,
    `${[body, ...moves].join(', ')}.`,
    loses.length > 0 ? `It loses ${LIST.format(loses)}.` : '',
    unknown.length > 0 ? `${capitalised(LIST.format(unknown))} ${unknown.length > 1 ? 'go' : 'goes'} down too, by an amount not known here.` : '',
    rises.length > 0 ? `Watch what rises: ${LIST.format(rises)}.` : '',
    added.length > 0
      ? `Tell the table: ${LIST.format(added.map((id) => ALLERGEN_LABELS[id]))} ${added.length > 1 ? 'come in or have' : 'comes in or has'} to be checked.`
      : '',
  ]
    .filter(Boolean)
    .join(' ');
}
