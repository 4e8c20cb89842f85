/**
 * Edible grams of a line: what the written amount of this food weighs as it enters the pot, low to high.
 *
 * Weighed +-1 %; spoons and cups of pourable foods +-10 %, of others as the food's own portion varies; counts by the
 * portion. Weights of food that is trimmed after weighing are as bought, times the edible share (common practice: what
 * stands after the comma is done after measuring).
 */

import { midpoint, type Range } from '../quantity/amount.ts';
import { CONTAINERS, POURS, type Size, type System, type Unit, US_CUP_ML, unitOf } from '../quantity/units.ts';
import { type WordTable, wordTable } from '../quantity/wordTable.ts';
import type { Food, Portion } from '../vocabulary/food.ts';
import type { Grams } from '../vocabulary/recipe.ts';
import { byKind, densityOf } from './measuresByKind.ts';
import { DRAINED, MADE_READY } from './words.ts';

const WEIGHED = 0.01;
const SPOONED = 0.1;
/** A portion's range is scaled by the count; a whole can or carton is filled to its label. */
const round = (grams: number): number => Number(grams.toPrecision(4));

export interface WrittenAmount {
  range: Range | null;
  unit: Unit | null;
  size: Size | null;
  /** Size of each container: '15 oz' in '2 (15 oz) cans'. */
  each: { range: Range; unit: Unit } | null;
  /** Another measure of the same amount: '1 cup (125 g)'. */
  aside: { range: Range; unit: Unit } | null;
  /** A second amount to be added: '1 cup plus 2 tablespoons'. */
  plus: { range: Range; unit: Unit } | null;
  /** How full the spoon is: 'heaped', 'rounded', 'scant'. */
  filled: Filled | null;
  /** What follows the food: 'peeled and diced', 'drained'. */
  after: string;
}

/** Of the level measure, best, low and high; what pours is never heaped. Common practice of kitchens, no source. */
const FILLED = { heaped: [1.5, 1.1, 2.2], rounded: [1.25, 1, 1.6], scant: [0.9, 0.75, 1] } as const;
export type Filled = keyof typeof FILLED;
export const filledIn = (text: string): Filled | null => {
  const said = FILLED_WORD.exec(text)?.[1]?.toLowerCase();
  return said === undefined ? null : said.startsWith('heap') ? 'heaped' : (said as Filled);
};
const FILLED_WORD =
  /\b(heaped|heaping|rounded|scant)\s+(?:(?:\d[\d/.]*|[½¼¾]|an?|one|two|three|half|soup|dessert|table|tea)\s+)?(?:tsps?|teaspoons?|tbsps?|tablespoons?|dessertspoons?|spoons?|spoonfuls?|cups?|handfuls?|t|c)\b/i;

export type Weighing = { grams: Grams; how: string } | null;

const times = (portion: Portion, { min, max }: Range): Grams => ({
  best: round(portion.grams * midpoint({ min, max })),
  low: round(portion.low * min),
  high: round(portion.high * max),
});
const spread = (best: number, range: Range, varies: number): Grams => {
  const mid = midpoint(range) || 1;
  return { best: round(best), low: round((best * range.min * (1 - varies)) / mid), high: round((best * range.max * (1 + varies)) / mid) };
};

/** Grams of the amount for this food, or null when no one could say. `words` are those that name the food. */
export function weigh(amount: WrittenAmount, food: Food, system: System, words = ''): Weighing {
  const shell = WHOLE_IN_SHELL[food.id];
  const isWhole = shell !== undefined && IN_SHELL.test(words) && amount.unit === null;
  const bought = weighOne(amount, food, system, words);
  const level = bought && isWhole ? { how: 'as bought', grams: scaled(bought.grams, shell) } : bought;
  const weighed = level && amount.filled && amount.unit?.kind !== 'mass' ? { ...level, grams: fill(level.grams, amount.filled, food) } : level;
  if (!weighed || !amount.plus) return weighed;
  const more = weighOne({ ...amount, range: amount.plus.range, unit: amount.plus.unit, each: null, plus: null }, food, system, words);
  if (!more) return weighed;
  const sum = (key: keyof Grams) => round(weighed.grams[key] + more.grams[key]);
  return { grams: { best: sum('best'), low: sum('low'), high: sum('high') }, how: weighed.how };
}

/** What is eaten of a whole one, with its range (common practice, no source); one whose weight nobody says is of so many grams. */
const WHOLE_IN_SHELL: Readonly<Record<string, readonly [best: number, low: number, high: number]>> = {
  'lobster-cooked': [0.27, 0.2, 0.35],
  'crab-cooked': [0.25, 0.18, 0.33],
};
const IN_SHELL = /\b(?:lobsters?|crabs?)\b(?!\s+(?:meat|tails?|claws?|flesh|sticks?))/i;
const scaled = (grams: Grams, [best, low, high]: readonly [number, number, number]): Grams => ({
  best: round(grams.best * best),
  low: round(grams.low * low),
  high: round(grams.high * high),
});

function fill(grams: Grams, filled: Filled, food: Food): Grams {
  const flows = food.densityGPerMl !== undefined && food.category !== 'sauce' && densityOf(food.category) !== undefined;
  if (flows && filled !== 'scant') return grams;
  const [best, low, high] = FILLED[filled];
  return { best: round(grams.best * best), low: round(grams.low * low), high: round(grams.high * high) };
}

function weighOne(amount: WrittenAmount, food: Food, system: System, words: string): Weighing {
  const { range, unit } = amount;
  if (!range) return null;
  if (amount.each && (unit === null || unit.kind === 'count')) return weighContainers(amount, food, system, words);
  if (!unit) return stockCube(range, 'each', food, system) ?? weighPieces(range, 'each', food, amount.size);
  switch (unit.kind) {
    case 'mass':
      return asBought(spread(midpoint(range) * unit.grams, range, WEIGHED), words, food);
    case 'volume':
      return weighVolume(unit, range, food, system, words.toLowerCase());
    case 'count':
      return stockCube(range, unit.name, food, system) ?? weighPieces(range, unit.name, food, amount.size) ?? weighPour(range, unit.name, food);
  }
}

/**
 * A weight is of what was bought, and is trimmed after it, unless the words before the food say that it was made ready
 * first: '500 g peeled potatoes', '1 lb broccoli florets' (common practice).
 */
function asBought(grams: Grams, words: string, food: Food): Weighing {
  if (BONE_IN.test(words) && (food.category === 'poultry' || food.category === 'meat'))
    return { grams: scaled(grams, OFF_THE_BONE), how: 'as bought' };
  if (food.edibleShare === 1 || madeReady(words)) return { grams, how: 'weighed' };
  return {
    grams: { best: round(grams.best * food.edibleShare), low: round(grams.low * food.edibleShare * 0.95), high: grams.high },
    how: 'as bought',
  };
}

/** What is eaten of poultry and meat weighed on the bone, with its range (common practice, no source). */
const OFF_THE_BONE = [0.75, 0.65, 0.85] as const;
const BONE_IN = /\b(?:bone[- ]?in|on the bone)\b/i;

/** 'Potatoes peeled and diced' says what is done after weighing, 'peeled potatoes' what was done before. */
const madeReady = (words: string): boolean => MADE_READY.test(words.trim().replace(/(?:\s+(?:and|then|thinly|finely)?\s*\p{L}+ed)+$/u, ''));

/** '4 rye crispbreads' of a food that no row counts: by its kind. */
export const weighByKind = (range: Range, food: Food): Weighing => (byKind(food.category, 'each') ? weighPour(range, 'each', food) : null);

/** 'A splash of cream': no measure, but not nothing. */
function weighPour(range: Range, measure: string, food: Food): Weighing {
  const wide = byKind(food.category, measure);
  if (wide) {
    const [best, low, high] = wide;
    return { grams: { best: round(best * midpoint(range)), low: round(low * range.min), high: round(high * range.max) }, how: 'pour' };
  }
  const pour = POURS.get(measure);
  const density = food.densityGPerMl ?? densityOf(food.category);
  if (!pour || density === undefined) return null;
  const grams = (ml: number, count: number) => round(ml * density * count);
  return { grams: { best: grams(pour[0], midpoint(range)), low: grams(pour[1], range.min), high: grams(pour[2], range.max) }, how: 'pour' };
}

function weighVolume(unit: Extract<Unit, { kind: 'volume' }>, range: Range, food: Food, system: System, words: string): Weighing {
  const exact = food.portions.find(({ measure }) => measure === unit.name);
  // The shelf's spoons are US spoons; others hold more by their volume.
  const larger = unit.ml[system] / unit.ml.us;
  if (exact && unit.name !== 'cup') return { grams: times(exact, { min: range.min * larger, max: range.max * larger }), how: unit.name };
  const spoonFromTeaspoon = food.portions.find(({ measure }) => measure === 'teaspoon');
  const ml = midpoint(range) * unit.ml[system];
  if (unit.name === 'tablespoon' && spoonFromTeaspoon)
    return { grams: times(spoonFromTeaspoon, { min: range.min * 3 * larger, max: range.max * 3 * larger }), how: 'teaspoons' };
  if (food.densityGPerMl !== undefined) return { grams: spread(ml * food.densityGPerMl, range, SPOONED), how: 'density' };
  const cup =
    food.portions.find(({ measure }) => measure.startsWith('cup, ') && words.includes(measure.slice('cup, '.length))) ??
    food.portions.find(({ measure }) => measure === 'cup');
  if (!cup) return null;
  const cups = ml / US_CUP_ML;
  const mid = midpoint(range) || 1;
  return { grams: times(cup, { min: (cups * range.min) / mid, max: (cups * range.max) / mid }), how: 'cup weight' };
}

/** A US stock cube is 4 g and makes a cup; elsewhere one is 10 g and makes half a litre (common practice of packers, no source). */
const US_CUBE: Portion = { measure: 'cube', grams: 4, low: 3.5, high: 5, source: 'common practice, no source' };
const stockCube = (range: Range, measure: string, food: Food, system: System): Weighing =>
  system === 'us' &&
  food.category === 'broth' &&
  food.state !== 'cooked' &&
  food.densityGPerMl === undefined &&
  (measure === 'cube' || measure === 'each')
    ? { grams: times(US_CUBE, range), how: 'cube' }
    : null;

/** What a small or a large one weighs beside a middling one (common practice: 'a small onion passes for half a medium'). */
const OF_MEDIUM = { small: 0.6, medium: 1, large: 1.4 } as const satisfies Record<Size, number>;
const SIZE_GUESSED = 0.25;

function weighPieces(range: Range, measure: string, food: Food, size: Size | null = null): Weighing {
  const named = (wanted: string) => food.portions.find((portion) => portion.measure === wanted);
  const sized = size && !CONTAINERS.has(measure) ? named(size) : undefined;
  if (sized) return { grams: times(sized, range), how: sized.measure };
  const portion = named(measure) ?? (measure === 'each' ? named('medium') : undefined) ?? named(SAME_PIECE.get(measure) ?? '');
  if (portion) {
    const whole = portion.measure === 'each' || portion.measure === 'medium' || portion.measure === 'head' || portion.measure === 'bulb';
    return whole && size && size !== 'medium' ? guessSize(portion, range, size) : { grams: times(portion, range), how: portion.measure };
  }
  return null;
}

function guessSize(portion: Portion, range: Range, size: Size): Weighing {
  const by = OF_MEDIUM[size];
  const { best, low, high } = times(portion, range);
  return { grams: { best: round(best * by), low: round(low * by * (1 - SIZE_GUESSED)), high: round(high * by * (1 + SIZE_GUESSED)) }, how: 'size' };
}

/** Pieces that go by several names. */
const SAME_PIECE: WordTable<string> = wordTable({
  stick: 'stalk',
  rib: 'stalk',
  strip: 'slice',
  rasher: 'slice',
  bulb: 'each',
  head: 'each',
  package: 'block',
  tub: 'package',
  jar: 'can',
  each: 'clove',
  clove: 'each',
  leaf: 'each',
  spear: 'each',
  piece: 'each',
  brick: 'package',
  bottle: 'carton',
});

/** '2 (15 oz) cans': the label weight, less the liquid when the food or the line says drained. */
function weighContainers(amount: WrittenAmount, food: Food, system: System, words: string): Weighing {
  const each = amount.each as { range: Range; unit: Unit };
  const range = amount.range as Range;
  const one = midpoint(each.range);
  const grams =
    each.unit.kind === 'mass' ? one * each.unit.grams : each.unit.kind === 'volume' ? one * each.unit.ml[system] * (food.densityGPerMl ?? 1) : 0;
  if (grams === 0) return null;
  const drained = food.flags.includes('drained') ? drainedShare(food) : 1;
  // A squash of two pounds is as bought; a tub or a bag is of what is cut already.
  const container = amount.unit !== null && CONTAINERS.has(amount.unit.name);
  const trimmed = container || each.unit.kind !== 'mass' || madeReady(words) ? 1 : food.edibleShare;
  const total = grams * drained * trimmed;
  const varies = drained === 1 ? 0.02 : 0.06;
  return { grams: spread(total * midpoint(range), range, varies), how: drained === 1 ? 'label weight' : 'drained weight' };
}

/** A can of 425 g holds about 255 g of drained beans (common practice). */
function drainedShare(food: Food): number {
  const can = food.portions.find(({ measure }) => measure === 'can');
  return can ? can.grams / 425 : 0.6;
}

/** Readings of an ounce that may be of weight or of volume; null when the food is poured or only weighed. */
export function ounceReadings(amount: WrittenAmount, food: Food): { weight: number; volume: number } | null {
  if (!amount.range || amount.each || amount.unit?.kind !== 'mass' || amount.unit !== unitOf('oz')) return null;
  if (food.densityGPerMl !== undefined || !['dairy', 'nut-seed', 'starch', 'grain', 'bread'].includes(food.category)) return null;
  const cup = food.portions.find(({ measure }) => measure === 'cup');
  if (!cup) return null;
  const ounces = midpoint(amount.range);
  return { weight: round(ounces * amount.unit.grams), volume: round((ounces / 8) * cup.grams) };
}

export const saysDrained = (text: string): boolean => DRAINED.test(text);
