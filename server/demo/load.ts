import type { Shelf } from '../../core/food/shelf.ts';
import { readRecipe } from '../../core/reading/read.ts';
import type { Book } from '../services/book.ts';
import type { Kitchen } from '../services/kitchen.ts';
import { DEMO_CURRENCY, DEMO_PRICES, DEMO_PRICES_PAID } from './prices.ts';
import { DEMO_SOUPS } from './soups.ts';

/**
 * Fills an empty kitchen with the house soups, each with its first version, and what their foods cost; leaves any other kitchen alone.
 * Prices are put again where a start was cut short; the soups are one act, so that the house is whole or empty.
 */
export async function loadDemo(kitchen: Kitchen, book: Book, shelf: Shelf): Promise<void> {
  if (!(await kitchen.isEmpty())) return;
  await book.putPrices(Object.entries(DEMO_PRICES).map(([foodId, perKg]) => ({ foodId, perKg, currency: DEMO_CURRENCY, date: DEMO_PRICES_PAID })));
  await kitchen.addHouse(
    [...DEMO_SOUPS].reverse().map((text) => {
      const { recipe } = readRecipe(text, { measures: 'metric' }, shelf);
      return {
        title: recipe.title,
        recipe,
        versions: [{ name: 'As written', reason: 'The house recipe before any change.', recipe, needs: {} }],
      };
    }),
  );
}
