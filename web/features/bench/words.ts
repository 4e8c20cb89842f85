/** What a swap or a plan does, said as a colleague would. */
import { ALLERGEN_LABELS } from '../../../core/allergen/ids.ts';
import type { Analysis } from '../../../core/analysis.ts';
import { NUTRIENT_LABELS, type Nutrient, nutrientUnit } from '../../../core/nutrient.ts';
import type { Change, Plan } from '../../../core/swap/plan.ts';
import type { Core } from '../../kitchen/core.ts';
import { figure } from '../../kitchen/format.ts';

const LIST = new Intl.ListFormat('en', { type: 'conjunction' });
const capitalised = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
const lower = (name: string): string => name.charAt(0).toLowerCase() + name.slice(1);

/** Words after the comma of a name that make it another food: they go in front. */
const TELLING = /\b(low sodium|reduced sodium|home-made|light|dry|dried|skim|nonfat|silken|reduced fat)\b/;

/** A food in running words: 'Vegetable broth, low sodium' is 'low sodium vegetable broth'. */
export function foodName(foodId: string, { SHELF }: Core): string {
  const [first = foodId, ...rest] = (SHELF.food(foodId)?.name ?? foodId).split(', ');
  const telling = TELLING.exec(rest.join(', '))?.[1];
  return telling ? `${telling} ${lower(first)}` : lower(first);
}

export const partsText = ({ to }: Change, core: Core): string =>
  to.length === 0 ? 'nothing in its place' : LIST.format(to.map(({ foodId, grams }) => `${core.formatGrams(grams)} ${foodName(foodId, core)}`));

/** 'saturated fat 7.9 › 1.3 g' for the figures that moved most, limited ones first. */
export function effects(before: Analysis, after: Analysis, keys: readonly Nutrient[], most = 3): string[] {
  const moved = (key: Nutrient) =>
    Math.abs(after.perServing[key].value - before.perServing[key].value) / Math.max(before.perServing[key].value, 1e-6);
  return keys
    .filter((key) => moved(key) > 0.03)
    .slice(0, most)
    .map(
      (key) =>
        `${NUTRIENT_LABELS[key].toLowerCase()} ${figure(before.perServing[key].value)} › ${figure(after.perServing[key].value)} ${nutrientUnit(key)}`,
    );
}

export const EFFECT_KEYS: readonly Nutrient[] = ['saturatedFatG', 'sodiumMg', 'proteinG', 'energyKcal', 'potassiumMg', 'fibreG', 'carbohydrateG'];

/** The plan in two or three sentences, with what to tell the table. */
export function planWords(plan: Plan, original: Analysis, limited: readonly Nutrient[], core: Core): string {
  if (plan.changes.length === 0) return 'Nothing has to change: the soup meets the needs as it is.';
  const out = plan.changes.map(
    (change) => `${foodName(change.from.foodId, core)} out, ${change.to.length === 0 ? 'nothing in' : `${partsText(change, core)} in`}`,
  );
  const body =
    plan.analysis.body.word === original.body.word
      ? `Body stays ${plan.analysis.body.word}`
      : `Body goes from ${original.body.word} to ${plan.analysis.body.word}`;
  const moves = effects(original, plan.analysis, [...new Set([...limited, ...EFFECT_KEYS])]);
  const added = [...new Set(plan.changes.flatMap(({ adds }) => adds.allergens))];
  const loses = (plan.loses ?? [])
    .filter(({ nutrient }) => !limited.includes(nutrient as Nutrient))
    .slice(0, 3)
    .map(
      ({ nutrient, from, to }) =>
        `${NUTRIENT_LABELS[nutrient as Nutrient].toLowerCase()} ${figure(from)} › ${figure(to)} ${nutrientUnit(nutrient as Nutrient)}`,
    );
  return [
    `${capitalised(out.join('; '))}.`,
    `${[body, ...moves].join(', ')}.`,
    loses.length > 0 ? `It loses ${LIST.format(loses)}.` : '',
    added.length > 0
      ? `Tell the table: ${LIST.format(added.map((id) => ALLERGEN_LABELS[id]))} ${added.length > 1 ? 'come' : 'comes'} in or has to be checked.`
      : '',
  ]
    .filter(Boolean)
    .join(' ');
}
