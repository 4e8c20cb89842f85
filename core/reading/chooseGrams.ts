/** Edible grams of a line once its food is known, with the doubts its amount leaves. */

import { midpoint } from '../quantity/amount.ts';
import { type System, type Unit, unitOf } from '../quantity/units.ts';
import type { Food } from '../vocabulary/food.ts';
import type { Grams } from '../vocabulary/recipe.ts';
import type { Context, Place } from './context.ts';
import { consequence, type Doubt, readingOf } from './doubts.ts';
import { ounceReadings, type Weighing, type WrittenAmount, weigh, weighByKind } from './grams.ts';
import type { WrittenLine } from './line.ts';
import { shareOfWhole } from './measuresByKind.ts';
import { READY_WEIGHT } from './words.ts';

const DISAGREE = 0.15;
/** Tenths of a day, summed over the figures people limit: below it no one is asked, the interval holds both. */
const WORTH_ASKING = 0.5;

export function chooseGrams(written: WrittenLine, food: Food, place: Place, context: Context): Grams | null {
  const { amount } = written;
  const words = READY_WEIGHT.test(written.text) ? `prepared ${written.food}` : written.food;
  const { bowls, doubts, shelf, system } = context;
  if (!amount.range) {
    if (written.toTaste || food.category === 'salt' || food.category === 'spice') {
      doubts.push({ ...place, code: 'amount.toTaste', message: `${food.name} is not measured here. Weigh what goes in: it is never nothing.` });
    } else
      doubts.push({
        ...place,
        code: 'amount.unknown',
        message: `The text gives no amount for ${food.name}. Every figure is at least what is shown until you weigh it.`,
      });
    return null;
  }
  const ounces = ounceReadings(amount, food);
  if (ounces) return doubtOunce(ounces, food, amount, place, context);
  const whole = shareOfWhole(food.id, written.text);
  if (whole) return doubtWhole(written, food, whole, place, context);
  const counted = weigh(amount, food, system, words) ?? (amount.unit ? null : weighByKind(amount.range, food));
  const bare = bareGrams(amount, counted, bowls);
  const weighed = bare === null ? counted : weigh({ ...amount, unit: GRAM }, food, system, words);
  if (bare !== null && weighed)
    doubts.push({ ...place, code: 'amount.vague', message: `'${written.text}' has no unit: read as ${bare} g. Write the unit, if it is another.` });
  if (amount.aside) {
    const settled = settleAside(weighed, { ...written, food: words }, food, place, context);
    if (settled) return settled;
  }
  if (!weighed) {
    doubts.push({ ...place, code: 'amount.unknown', message: `It is not known what '${written.text}' weighs. Weigh it, or give grams.` });
    return null;
  }
  if (weighed.how === 'pour') {
    doubts.push({
      ...place,
      code: 'amount.vague',
      message: `'${written.text}' has no measure: read as ${weighed.grams.best} g, anything from ${weighed.grams.low} to ${weighed.grams.high} g. Weigh it.`,
      readings: [weighed.grams.low, weighed.grams.best, weighed.grams.high].map((grams) => readingOf(`${grams} g`, food.id, grams, bowls, shelf)),
    });
  }
  if (weighed.how === 'as bought') doubtAsBought(weighed, food, place, context);
  return weighed.grams;
}

const GRAM = unitOf('g') as Unit;
/** Butter is not counted; of what is, so many pieces, of so many grams in all and a bowl, are none of a soup. Twenty potatoes are. */
const LEAST_BARE = 20;
const LEAST_PIECES = 50;
const MOST_COUNTED_G = 10_000;
const MOST_A_BOWL_G = 1000;

/** 'Onion 200', 'butter 60' of a chef's list: grams, where as pieces they are absurd or cannot be weighed. Null elsewhere. */
function bareGrams({ range, unit, size, each, aside }: WrittenAmount, counted: Weighing | null, bowls: number): number | null {
  if (!range || unit || size || each || aside || range.min !== range.max || range.min < LEAST_BARE) return null;
  const whole = counted?.grams.best ?? 0;
  const isAbsurd = range.min >= LEAST_PIECES && whole > MOST_COUNTED_G && whole / bowls > MOST_A_BOWL_G;
  return counted === null || isAbsurd ? range.min : null;
}

/** Weighed in its shell or on its bones: what is eaten is a part of it, and how much is asked. */
function doubtWhole(
  { amount, text }: WrittenLine,
  food: Food,
  [best, low, high]: readonly [number, number, number],
  place: Place,
  { bowls, doubts, shelf, system }: Context,
): Grams | null {
  const bought = { ...food, edibleShare: 1 };
  const whole = weigh(
    amount.aside ? { ...amount, range: amount.aside.range, unit: amount.aside.unit, each: null, aside: null } : amount,
    bought,
    system,
    'whole',
  );
  if (!whole || (whole.how !== 'weighed' && whole.how !== 'label weight')) return weigh(amount, food, system, 'whole')?.grams ?? null;
  const part = (share: number) => Number((whole.grams.best * share).toPrecision(3));
  const grams = { best: part(best), low: part(low), high: part(high) };
  doubts.push({
    ...place,
    code: 'asBought',
    message: `'${text}' is weighed whole, with shell or bones: about ${grams.best} g of it are eaten, ${grams.low} to ${grams.high} g. Weigh the meat.`,
    readings: [grams.low, grams.best, grams.high].map((eaten) => readingOf(`${eaten} g of meat`, food.id, eaten, bowls, shelf)),
  });
  return grams;
}

function doubtAsBought({ grams }: NonNullable<Weighing>, food: Food, place: Place, { bowls, shelf, doubts }: Context): void {
  const doubt: Doubt = {
    ...place,
    code: 'asBought',
    message: `${food.name}: weighed before trimming, ${Math.round(grams.best)} g are eaten; weighed after, ${Math.round(grams.high)} g.`,
    readings: [
      readingOf('weighed as bought', food.id, grams.best, bowls, shelf),
      readingOf('weighed ready to cook', food.id, grams.high, bowls, shelf),
    ],
  };
  // A carrot's peel is not worth a question.
  if (consequence(doubt) >= WORTH_ASKING) doubts.push(doubt);
}

function doubtOunce(
  ounces: { weight: number; volume: number },
  food: Food,
  amount: WrittenAmount,
  place: Place,
  { doubts, bowls, shelf }: Context,
): Grams {
  doubts.push({
    ...place,
    code: 'ounce',
    message: `${midpoint(amount.range ?? { min: 0, max: 0 })} oz of ${food.name} can be ${ounces.weight} g by weight or ${ounces.volume} g in a measuring cup. Read as weight.`,
    readings: [readingOf('by weight', food.id, ounces.weight, bowls, shelf), readingOf('by cup measure', food.id, ounces.volume, bowls, shelf)],
  });
  return { best: ounces.weight, low: Math.min(ounces.weight, ounces.volume), high: Math.max(ounces.weight, ounces.volume) };
}

/** '1 cup (125 g)', '2 stalks (4 oz)': the weight wins; where the two do not agree it is said. */
function settleAside(weighed: Weighing, { amount, food: words }: WrittenLine, food: Food, place: Place, context: Context): Grams | null {
  const { doubts, bowls, shelf, system } = context;
  const other = weigh(
    { ...amount, range: amount.aside?.range ?? null, unit: amount.aside?.unit ?? null, each: null, aside: null, plus: null },
    food,
    system,
    words,
  );
  if (!other) return null;
  // Beside a cup stands the weight of what is in the cup; beside a head, of what is bought.
  const beside =
    (amount.unit?.kind === 'volume' || amount.unit?.name === 'handful') && amount.aside?.unit.kind === 'mass' && other.how === 'as bought'
      ? { ...other.grams, best: other.grams.high }
      : other.grams;
  const byWeight = amount.aside?.unit.kind === 'mass';
  // A splash of 100 ml is 100 ml.
  if (!weighed || (weighed.how === 'pour' && other.how !== 'pour')) return beside;
  const [a, b] = [weighed.grams.best, beside.best];
  if (Math.abs(a - b) / Math.max(a, b, 1e-9) > DISAGREE) {
    doubts.push({
      ...place,
      code: 'disagree',
      message: `The two measures of ${food.name} disagree: ${a} g against ${b} g. Read as ${byWeight ? 'the weight' : 'the first'}.`,
      readings: [readingOf('as measured', food.id, a, bowls, shelf), readingOf('as weighed', food.id, b, bowls, shelf)],
    });
    return { best: byWeight ? b : a, low: Math.min(weighed.grams.low, beside.low), high: Math.max(weighed.grams.high, beside.high) };
  }
  return byWeight ? beside : weighed.grams;
}

/** A weight is a weight even when the food is not known; a litre of something is about a kilogram. */
export function gramsWithoutFood({ range, unit, each }: WrittenAmount, system: System): Grams | null {
  const measure = each ?? (range && unit ? { range, unit } : null);
  if (!measure || measure.unit.kind === 'count') return null;
  const count = each && range ? midpoint(range) : 1;
  const one = measure.unit.kind === 'mass' ? measure.unit.grams : measure.unit.ml[system];
  const best = midpoint(measure.range) * one * count;
  const varies = measure.unit.kind === 'mass' ? 0.01 : 0.3;
  return { best, low: best * (1 - varies), high: best * (1 + varies) };
}
