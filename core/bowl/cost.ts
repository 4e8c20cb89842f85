/** What a bowl costs, from prices as bought. An unpriced line is named, never taken for free; a price has a date. */
import type { Shelf } from '../food/shelf.ts';
import { countedLines, type Recipe } from '../vocabulary/recipe.ts';

export interface Price {
  foodId: string;
  /** Money for a kilogram as bought, before peeling and boning. */
  perKg: number;
  /** ISO 4217. */
  currency: string;
  /** ISO 8601, the day it was paid. */
  date: string;
}

/** A kitchen's prices in one currency. Those in another are no prices here: nothing is converted. */
export interface PriceList {
  currency: string;
  prices: readonly Price[];
}

export interface Cost {
  /** Of one bowl, with its toppings. */
  value: number;
  low: number;
  high: number;
  currency: string;
  unpricedLineIds: string[];
  /** The oldest price it rests on. */
  oldest?: string;
}

/** Money for an edible gram; undefined where the food has no price. */
export function pricePerGram(list: PriceList, shelf: Shelf): (foodId: string) => number | undefined {
  const byFood = new Map(list.prices.filter(({ currency }) => currency === list.currency).map((price) => [price.foodId, price.perKg]));
  return (foodId) => {
    if (foodId === WATER) return 0;
    const perKg = byFood.get(foodId);
    return perKg === undefined ? undefined : perKg / 1000 / (shelf.food(foodId)?.edibleShare || 1);
  };
}

/** Nobody pays for it by the kilogram. */
const WATER = 'water';

/** Null when not a single line has a price. Amounts are independent, so their errors add up in squares. */
export function costOf(recipe: Recipe, servings: number, list: PriceList, shelf: Shelf): Cost | null {
  const priceOf = pricePerGram(list, shelf);
  let value = 0;
  let below = 0;
  let above = 0;
  let priced = 0;
  const unpricedLineIds: string[] = [];
  const used = new Set<string>();
  for (const { id, foodId, grams, perBowl, stage } of countedLines(recipe)) {
    if (stage === 'plate') continue;
    const price = foodId === null ? undefined : priceOf(foodId);
    if (price === undefined || !grams) {
      unpricedLineIds.push(id);
      continue;
    }
    const share = price / (perBowl ? 1 : servings);
    if (foodId !== WATER) {
      priced += 1;
      used.add(foodId as string);
    }
    value += grams.best * share;
    below += ((grams.best - grams.low) * share) ** 2;
    above += ((grams.high - grams.best) * share) ** 2;
  }
  if (priced === 0) return null;
  const dates = list.prices.filter(({ foodId, currency }) => currency === list.currency && used.has(foodId)).map(({ date }) => date);
  const oldest = dates.sort()[0];
  return {
    value,
    low: Math.max(0, value - Math.sqrt(below)),
    high: value + Math.sqrt(above),
    currency: list.currency,
    unpricedLineIds,
    ...(oldest === undefined ? {} : { oldest }),
  };
}
