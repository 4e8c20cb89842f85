/**
 * Salt, acid and sweet of a pot against each other, and what a cook does when it tastes flat, sharp or sweet. Shares of
 * the weight; the words and bands are common practice, no source. Salt moves the sodium verdict: that is said with it.
 */
import { type Entry, entriesOf } from '../bowl/entries.ts';
import type { Shelf } from '../food/shelf.ts';
import { REGIMES, type RegimeId } from '../regime/regime.ts';
import { NUTRIENT_INDEX } from '../vocabulary/nutrient.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import { flavourOf } from './flavour.ts';

export interface Balance {
  /** Per cent of the weight. */
  saltPercent: number;
  acidPercent: number;
  sugarPercent: number;
  /** True when the sugar or the salt of something in it is not known: both are then lower bounds. */
  atLeast: boolean;
  /** Grams of sugar to a gram of acid; null without acid. */
  sugarToAcid: number | null;
  leans: 'flat' | 'sharp' | 'sweet' | 'salty' | 'even' | 'unknown';
  /** What to do about each, the first for the way it leans. */
  advice: { when: 'flat' | 'sharp' | 'sweet' | 'salty'; text: string }[];
}

/** A soup tastes seasoned from 0.6 to 0.9 % salt (common practice). */
export const SEASONED = { from: 0.6, to: 0.9 } as const;
const SALTY = 1.1;
/** Grams of sugar to a gram of acid: below it bites, above it is sweet (judgement of the trade; no source). */
const SHARP_BELOW = 6;
const SWEET_ABOVE = 40;
/** Less acid than this is not tasted, per cent. */
const TASTED_ACID = 0.08;
const SWEET_SUGAR = 3.5;
/** A quarter teaspoon of table salt, in grams; a gram holds 393 mg sodium (39.3 %). */
const PINCH_G = 1.5;
const SODIUM_MG_A_GRAM = 393;
/** A point of sour is a hundredth of a gram of acid (swap/data/flavours.ts). */
const ACID_A_POINT = 0.01;

export function balanceOf(
  recipe: Recipe,
  { servings, servingGrams }: { servings: number; servingGrams: number },
  shelf: Shelf,
  regime: RegimeId = 'us',
): Balance {
  const batchGrams = servings * servingGrams || 1;
  const entries = entriesOf(recipe, REGIMES[regime], shelf).filter(({ line }) => line.stage !== 'plate');
  const sum = (of: (entry: Entry) => number) =>
    (entries.reduce((total, entry) => total + of(entry) * (entry.line.perBowl ? servings : 1), 0) / batchGrams) * 100;
  const figure = (key: 'saltG' | 'sugarsG') =>
    sum(({ line, figures }) => ((line.grams?.best ?? 0) * (figures?.value[NUTRIENT_INDEX[key]] ?? 0)) / 100);
  const saltPercent = figure('saltG');
  const sugarPercent = figure('sugarsG');
  const acidPercent = sum(({ line, food, stay }) => (food && stay ? (line.grams?.best ?? 0) * stay.grams * flavourOf(food).sour * ACID_A_POINT : 0));
  const sugarToAcid = acidPercent > 0.001 ? sugarPercent / acidPercent : null;
  const atLeast = entries.some(
    ({ line, figures }) =>
      line.eaten !== 'removed' && (!figures || !line.grams || figures.unknown.includes('sugarsG') || figures.unknown.includes('sodiumMg')),
  );
  const leans = leaning(saltPercent, acidPercent, sugarPercent, sugarToAcid, atLeast);
  const pinch = Math.round((PINCH_G * SODIUM_MG_A_GRAM) / Math.max(1, servings));
  const advice: Balance['advice'] = [
    {
      when: 'flat',
      text: `Flat: acid first (a teaspoon of lemon or vinegar, stirred in at the end), then herbs; salt last and weighed. ${PINCH_G} g of salt in the pot adds ${pinch} mg sodium to every bowl.`,
    },
    {
      when: 'sharp',
      text: 'Sharp: a little fat (oil, cream, nut cream) or something sweet (carrot, onion cooked soft, half a teaspoon of sugar); not more salt.',
    },
    { when: 'sweet', text: 'Sweet: a teaspoon of acid, then pepper or a bitter leaf; salt only if there is room for it.' },
    {
      when: 'salty',
      text: 'Salty: more unsalted liquid or vegetable, and more bowls from the pot. A potato boiled in it does not take the salt away.',
    },
  ];
  return {
    saltPercent,
    acidPercent,
    sugarPercent,
    sugarToAcid,
    atLeast,
    leans,
    advice: advice.sort((a, b) => Number(b.when === leans) - Number(a.when === leans)),
  };
}

function leaning(salt: number, acid: number, sugar: number, ratio: number | null, atLeast: boolean): Balance['leans'] {
  if (salt > SALTY) return 'salty';
  // A lower bound can show that there is much of something, never that there is little.
  if (!atLeast && acid >= TASTED_ACID && ratio !== null && ratio < SHARP_BELOW) return 'sharp';
  if (sugar >= SWEET_SUGAR && (ratio === null || ratio > SWEET_ABOVE)) return 'sweet';
  if (atLeast) return 'unknown';
  return salt < SEASONED.from && acid < TASTED_ACID ? 'flat' : 'even';
}
