import { SHELF } from '../../core/food/shelf.ts';
import { readRecipe } from '../../core/reading/read.ts';
import type { Book } from '../services/book.ts';
import type { Kitchen } from '../services/kitchen.ts';
import { DEMO_CURRENCY, DEMO_PRICES, DEMO_PRICES_PAID } from './prices.ts';
import { DEMO_SOUPS } from './soups.ts';

/** Fills an empty kitchen with the house soups, each with its first version, and what their foods cost; leaves any other kitchen alone. */
export async function loadDemo(kitchen: Kitchen, book: Book): Promise<void> {
  if ((await kitchen.soups()).length > 0) return;
  for (const [foodId, perKg] of Object.entries(DEMO_PRICES)) await book.putPrice({ foodId, perKg, currency: DEMO_CURRENCY, date: DEMO_PRICES_PAID });
  for (const text of [...DEMO_SOUPS].reverse()) {
    const { recipe } = readRecipe(text, { measures: 'metric' }, SHELF);
    const soup = await kitchen.addSoup(recipe.title, recipe);
    await kitchen.keepVersion(soup.id, { name: 'As written', reason: 'The house recipe before any change.', recipe, needs: {} });
  }
}
