import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { SHELF } from '../../core/food/shelf.ts';
import { readRecipe } from '../../core/reading/read.ts';
import { openKitchen, type TestKitchen } from '../test/kitchen.ts';
import { loadDemo } from './load.ts';
import { DEMO_PRICES } from './prices.ts';
import { DEMO_SOUPS } from './soups.ts';

let kitchen: TestKitchen;
beforeAll(async () => {
  kitchen = await openKitchen();
});
afterAll(() => kitchen.close());

test.each(DEMO_SOUPS.map((text) => [text.split('\n')[0], text] as const))(
  '%s resolves without a doubt but for the salt and the label of its stock',
  (_title, text) => {
    const { recipe, doubts } = readRecipe(text, { measures: 'metric' }, SHELF);
    expect(doubts.filter(({ code }) => code !== 'food.make' && code !== 'label.read')).toEqual([]);
    expect(recipe.lines.every(({ foodId, grams }) => foodId !== null && grams !== null)).toBe(true);
    expect(recipe.steps.some(({ method }) => method === 'blend')).toBe(true);
  },
);

test('fills an empty kitchen once, each soup with its first version', async () => {
  await loadDemo(kitchen.context.kitchen, kitchen.context.book, kitchen.context.shelf.base);
  await loadDemo(kitchen.context.kitchen, kitchen.context.book, kitchen.context.shelf.base);
  const { body } = await kitchen.get('/api/soups');
  expect(body.soups.map(({ title }: { title: string }) => title)).toHaveLength(DEMO_SOUPS.length);
  for (const soup of body.soups) {
    expect(soup.versions).toMatchObject([{ number: 1, name: 'As written' }]);
    const { body: version } = await kitchen.get(`/api/soups/${soup.id}/versions/1`);
    expect(version.analysis.servingMl).toBeGreaterThan(150);
    expect(version.analysis.servingMl).toBeLessThan(350);
  }
});

test('every price is of a food on the shelf, and every soup has a cost', async () => {
  expect(Object.keys(DEMO_PRICES).filter((id) => !SHELF.food(id))).toEqual([]);
  const { body } = await kitchen.get('/api/soups');
  for (const soup of body.soups) {
    const { body: version } = await kitchen.get(`/api/soups/${soup.id}/versions/1`);
    expect([soup.title, version.analysis.cost?.value > 0.1 && version.analysis.cost?.value < 3]).toEqual([soup.title, true]);
  }
});
