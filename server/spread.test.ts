/** What could be cooked, over HTTP. */
import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { SHELF } from '../core/food/shelf.ts';
import { readRecipe } from '../core/reading/read.ts';
import { openKitchen, type TestKitchen } from './test/kitchen.ts';

let kitchen: TestKitchen;
beforeAll(async () => {
  kitchen = await openKitchen({});
});
afterAll(() => kitchen.close());

const { recipe } = readRecipe(
  'Celery soup\nServes 4\n\n400 g celery, sliced\n40 g butter\n700 ml water\n100 ml double cream\n4 g salt\n\nSweat the celery in the butter, add the water, simmer for 20 minutes, blend, stir in the cream and salt.',
  { measures: 'metric' },
  SHELF,
);
const needs = { allergens: ['milk'] };

test('a spread has its points, its front among them, what it says, and no more than asked', async () => {
  const { status, body } = await kitchen.send('POST', '/api/spread', { recipe, needs, measures: ['sodiumMg', 'proteinG'], most: 5 });
  expect(status).toBe(200);
  expect(body.points.length).toBeLessThanOrEqual(5);
  expect(body.front.every((at: number) => at < body.points.length)).toBe(true);
  expect(body.total).toBeGreaterThan(5);
  expect(body.sampled).toBe(true);
  expect(body.sentence).toContain('sodium');
  expect(Object.keys(body.points[0].measures).slice(0, 2)).toEqual(['sodiumMg', 'proteinG']);
});

test('a measure that is none, the same twice, or a cost without prices is refused with its place', async () => {
  expect(await kitchen.send('POST', '/api/spread', { recipe, needs, measures: ['taste', 'proteinG'] })).toMatchObject({
    status: 422,
    body: { errors: [{ path: '/measures/0' }] },
  });
  expect(await kitchen.send('POST', '/api/spread', { recipe, needs, measures: ['proteinG', 'proteinG'] })).toMatchObject({
    body: { errors: [{ path: '/measures/1' }] },
  });
  expect(await kitchen.send('POST', '/api/spread', { recipe, needs, measures: ['cost', 'proteinG'] })).toMatchObject({
    status: 422,
    body: { code: 'spread.noPrices', errors: [{ path: '/measures' }] },
  });
  expect(await kitchen.send('POST', '/api/spread', { recipe, needs: { keepLines: ['none'] } })).toMatchObject({ status: 422 });
  expect(await kitchen.get('/api/spread')).toMatchObject({ status: 405 });
});

test('with a price, cost is a measure like another', async () => {
  const butter = recipe.lines.find(({ text }) => /butter/.test(text))?.foodId ?? '';
  await kitchen.send('PUT', `/api/prices/${butter}`, { perKg: 9, currency: 'EUR', date: '2027-01-04' });
  const { status, body } = await kitchen.send('POST', '/api/spread', { recipe, needs, measures: ['cost', 'proteinG'] });
  expect(status).toBe(200);
  expect(body.points[0].measures.cost).toBeGreaterThanOrEqual(0);
});
