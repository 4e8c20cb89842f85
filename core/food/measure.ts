/** Grams as a kitchen measures them: '1 1/2 cups', '2 tablespoons', '3 medium'. For the eye only; grams decide. */

import { US_CUP_ML } from '../quantity/units.ts';
import type { Food } from '../vocabulary/food.ts';

const FRACTIONS: readonly (readonly [number, string])[] = [
  [0, ''],
  [0.25, '¼'],
  [1 / 3, '⅓'],
  [0.5, '½'],
  [2 / 3, '⅔'],
  [0.75, '¾'],
  [1, ''],
];
const TABLESPOONS_PER_CUP = 16;
const TEASPOONS_PER_TABLESPOON = 3;

/** The nearest quarter or third: 1.48 is 1 ½. */
export function asFraction(amount: number): string {
  const whole = Math.floor(amount);
  const part = amount - whole;
  const [value, sign] = FRACTIONS.reduce((near, candidate) => (Math.abs(candidate[0] - part) < Math.abs(near[0] - part) ? candidate : near));
  const carried = value === 1 ? whole + 1 : whole;
  if (carried === 0) return sign || '0';
  return sign ? `${carried} ${sign}` : String(carried);
}

/** By what is said, not by what was weighed: 1.11 is 1 cup. */
function plural(amount: number, word: string): string {
  const said = asFraction(amount);
  return `${said} ${word}${amount < 1 || said === '1' ? '' : 's'}`;
}

/** The measure of `grams` of a food: cups, spoons, pieces; grams where the food has no measure. */
export function kitchenMeasure(food: Food, grams: number): string {
  const piece = ['clove', 'medium', 'each']
    .map((wanted) => food.portions.find(({ measure }) => measure === wanted))
    .find((portion) => portion !== undefined);
  if (piece && grams >= piece.grams * 0.45 && food.densityGPerMl === undefined)
    return asFraction(grams / piece.grams) + (piece.measure === 'clove' ? ' cloves' : piece.measure === 'medium' ? ' medium' : '');
  const cup = food.densityGPerMl === undefined ? food.portions.find(({ measure }) => measure === 'cup')?.grams : food.densityGPerMl * US_CUP_ML;
  if (!cup) return `${formatGrams(grams)}`;
  const cups = grams / cup;
  if (cups >= 0.24) return plural(cups, 'cup');
  const spoons = cups * TABLESPOONS_PER_CUP;
  if (spoons >= 0.9) return plural(spoons, 'tablespoon');
  const teaspoons = spoons * TEASPOONS_PER_TABLESPOON;
  // Less than a spoon can measure.
  if (asFraction(teaspoons) === '0') return food.densityGPerMl === undefined ? 'a pinch' : 'a few drops';
  return plural(teaspoons, 'teaspoon');
}

/** 1250 g is '1.25 kg', 0.4 g '0.4 g'. */
export function formatGrams(grams: number): string {
  if (grams >= 1000) return `${Number((grams / 1000).toFixed(2))} kg`;
  return `${grams >= 100 ? Math.round(grams) : Number(grams.toFixed(grams < 10 ? 1 : 0))} g`;
}
