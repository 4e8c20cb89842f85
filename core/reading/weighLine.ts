/** What a written line weighs when someone says which food it is. */

import type { System } from '../quantity/units.ts';
import type { Food } from '../vocabulary/food.ts';
import type { Grams } from '../vocabulary/recipe.ts';
import { weigh } from './grams.ts';
import { readLine } from './line.ts';

/** Edible grams of the line as this food; null when the amount says nothing of its weight. */
export function weighLine(text: string, food: Food, system: System): Grams | null {
  const { amount, food: words } = readLine(text);
  return weigh(amount, food, system, words)?.grams ?? null;
}
