import type { NewVersion } from '../../contract/types.ts';
import type { Shelf } from '../../core/food/shelf.ts';
import { readRecipe } from '../../core/reading/read.ts';
import type { Batches } from '../services/batches.ts';
import type { Book } from '../services/book.ts';
import type { Groups } from '../services/groups.ts';
import type { Kitchen } from '../services/kitchen.ts';
import { addDemoBatches } from './batches.ts';
import { addDemoGroup } from './group.ts';
import type { Planned } from './planned.ts';
import { DEMO_CURRENCY, DEMO_PRICES, DEMO_PRICES_PAID } from './prices.ts';
import { DEMO_SOUPS } from './soups.ts';
import { FOR_TABLES } from './tables.ts';
import PLANNED from './versions.json' with { type: 'json' };

interface House {
  kitchen: Kitchen;
  book: Book;
  batches: Batches;
  groups: Groups;
}

/** Fills an empty kitchen with the house soups; leaves any other kitchen alone. */
export async function loadDemo({ kitchen, book, batches, groups }: House, shelf: Shelf): Promise<void> {
  if (!(await kitchen.isEmpty())) return;
  await addDemo(kitchen, book, shelf);
  await addDemoGroup(groups);
  await addDemoBatches(kitchen, batches, new Date());
}

/**
 * Adds the house soups, each as it was written and as it was made for a table, and what their foods cost where no price is noted.
 * Prices come first and are put again where a start was cut short; the soups are one act, so that the house is whole or as it was.
 */
export async function addDemo(kitchen: Kitchen, book: Book, shelf: Shelf): Promise<void> {
  const noted = new Set((await book.prices()).map(({ foodId }) => foodId));
  const missing = Object.entries(DEMO_PRICES).filter(([foodId]) => !noted.has(foodId));
  await book.putPrices(missing.map(([foodId, perKg]) => ({ foodId, perKg, currency: DEMO_CURRENCY, date: DEMO_PRICES_PAID })));
  await kitchen.addHouse(
    [...DEMO_SOUPS].reverse().map((text) => {
      const { recipe } = readRecipe(text, { measures: 'metric' }, shelf);
      return {
        title: recipe.title,
        recipe,
        versions: [{ name: 'As written', reason: 'The house recipe before any change.', recipe, needs: {} }, ...madeFor(recipe.title)],
      };
    }),
  );
}

/** What was made of a soup for a table of the house. */
const madeFor = (title: string): NewVersion[] =>
  FOR_TABLES.filter((one) => one.title === title).flatMap(({ name, reason, needs }) => {
    const recipe = (PLANNED as unknown as Planned[]).find((one) => one.title === title)?.recipe;
    return recipe ? [{ name, reason, needs, recipe }] : [];
  });
