import { SHELF } from '../../core/food/shelf.ts';
import { readRecipe } from '../../core/reading/read.ts';
import type { Kitchen } from '../services/kitchen.ts';
import { DEMO_SOUPS } from './soups.ts';

/** Fills an empty kitchen with the house soups, each with its first version; leaves any other kitchen alone. */
export async function loadDemo(kitchen: Kitchen): Promise<void> {
  if ((await kitchen.soups()).length > 0) return;
  for (const text of [...DEMO_SOUPS].reverse()) {
    const { recipe } = readRecipe(text, { measures: 'metric' }, SHELF);
    const soup = await kitchen.addSoup(recipe.title, recipe);
    await kitchen.keepVersion(soup.id, { name: 'As written', reason: 'The house recipe before any change.', recipe, needs: {} });
  }
}
