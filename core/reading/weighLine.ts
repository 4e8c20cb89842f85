/** What a written line weighs when someone says which food it is. */
import type { Food } from '../food/types.ts';
import type { System } from '../quantity/units.ts';
import type { Grams } from '../recipe.ts';
import { weigh } from './grams.ts';
import { readLine } from './line.ts';

/** Edible grams of the line as this food; null when the amount says nothing of its weight. */
export function weighLine(text: string, food: Food, system: System): Grams | null {
  const { amount, food: words } = readLine(text);
  return weigh(amount, food, system, words)?.grams ?? null;
}
