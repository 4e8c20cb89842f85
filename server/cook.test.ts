/** Plans, other bowls and cooling over HTTP: the contract's shapes, and what is refused. */
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { SHELF } from '../core/food/shelf.ts';
import { readRecipe } from '../core/reading/read.ts';
import { openKitchen, type TestKitchen } from './test/kitchen.ts';

let kitchen: TestKitchen;
beforeAll(async () => {
  kitchen = await openKitchen({});
});
afterAll(() => kitchen.close());

const { recipe } = readRecipe(
  'Leek soup\nServes 4\n\nIngredients\n400 g leeks\n30 g butter\n800 ml stock\n\nMethod\n1. Sweat the leeks in the butter for 10 minutes.\n2. Add the stock and simmer open for 20 minutes.\n3. Blend.',
  { measures: 'auto' },
  SHELF,
);
const KITCHEN = { cooks: 1, rings: 2, ovens: 1, blenderJarMl: 2000, potDiameterCm: 28 };
const serveAt = '2027-03-06T12:30:00Z';

describe('POST /api/plan', () => {
  test('plans a soup that is made ahead, on the trays there are', async () => {
    const made = await kitchen.send('POST', '/api/plan', { recipe, servings: 40, ahead: 'trays', kitchen: { ...KITCHEN, trays: 1 }, serveAt });
    expect(made.status).toBe(200);
    expect(made.body.tasks.map(({ id }: { id: string }) => id)).toEqual(expect.arrayContaining(['spread', 'chill', 'portion']));
    expect(made.body.notes.some(({ code }: { code: string }) => code === 'plan.trays')).toBe(true);
  });
  test('plans one soup, or several', async () => {
    const one = await kitchen.send('POST', '/api/plan', { recipe, servings: 4, kitchen: KITCHEN, serveAt });
    expect(one).toMatchObject({
      status: 200,
      body: { makespanMin: expect.any(Number), bound: expect.any(Number), batches: { count: 1 }, cooling: { toCelsius: 21 } },
    });
    expect(one.body.tasks.every((task: { soup?: number }) => task.soup === undefined)).toBe(true);
    const two = await kitchen.send('POST', '/api/plan', {
      soups: [
        { recipe, servings: 4 },
        { recipe, servings: 8 },
      ],
      kitchen: KITCHEN,
      serveAt,
    });
    expect(two.status).toBe(200);
    expect(two.body.batchesOf).toHaveLength(2);
  });
  test.each([
    ['nobody to cook', { recipe, servings: 4, kitchen: { ...KITCHEN, cooks: 0 }, serveAt }, 422, '/kitchen/cooks'],
    ['no time', { recipe, servings: 4, kitchen: KITCHEN, serveAt: 'at noon' }, 422, '/serveAt'],
    ['no bowls', { recipe, servings: 0, kitchen: KITCHEN, serveAt }, 422, '/servings'],
    ['no number of bowls', { recipe, kitchen: KITCHEN, serveAt }, 400, ''],
    ['neither a recipe nor soups', { kitchen: KITCHEN, serveAt }, 400, ''],
    ['both', { recipe, servings: 4, soups: [{ recipe, servings: 4 }], kitchen: KITCHEN, serveAt }, 422, ''],
    ['no ring', { recipe, servings: 4, kitchen: { ...KITCHEN, rings: 0 }, serveAt }, 422, '/kitchen/rings'],
    [
      'an unknown food',
      { recipe: { ...recipe, lines: recipe.lines.map((line) => ({ ...line, foodId: 'none' })) }, servings: 4, kitchen: KITCHEN, serveAt },
      422,
      '/recipe/lines/0/foodId',
    ],
  ])('refuses %s', async (_, body, status, path) => {
    const refused = await kitchen.send('POST', '/api/plan', body);
    expect(refused.status).toBe(status);
    expect(refused.body.errors[0].path).toBe(path);
  });
});

describe('POST /api/scale', () => {
  test('answers a recipe that can be analysed, and what does not follow the bowls', async () => {
    const { status, body } = await kitchen.send('POST', '/api/scale', { recipe, servings: 12, pot: { diameterCm: 36 } });
    expect(status).toBe(200);
    expect(body.recipe.servings).toBe(12);
    expect(body.notes.map(({ code }: { code: string }) => code)).toContain('scale.evaporation');
    expect((await kitchen.send('POST', '/api/analyse', { recipe: body.recipe })).status).toBe(200);
  });
  test.each([0, -3, 'six'])('refuses %p bowls', async (servings) => {
    expect([400, 422]).toContain((await kitchen.send('POST', '/api/scale', { recipe, servings })).status);
  });
});

describe('POST /api/cooling', () => {
  test('judges a log and goes on with it', async () => {
    const { status, body } = await kitchen.send('POST', '/api/cooling', {
      regime: 'us',
      readings: [
        { minutes: 0, celsius: 57 },
        { minutes: 60, celsius: 40 },
      ],
      container: { depthCm: 5, covered: true, air: 'still' },
    });
    expect(status).toBe(200);
    expect(body.verdict).toBe('open');
    expect(body.predicted[0]).toEqual({ minutes: 60, celsius: 40 });
    expect(body.advice.join(' ')).toMatch(/lid off/);
  });
  test.each([
    ['another world', { regime: 'mars', readings: [] }],
    ['a time before the first', { regime: 'us', readings: [{ minutes: -1, celsius: 50 }] }],
    ['no air', { regime: 'us', readings: [], container: { depthCm: 5, covered: true, air: 'wind' } }],
  ])('refuses %s', async (_, body) => {
    expect((await kitchen.send('POST', '/api/cooling', body)).status).toBe(422);
  });
});
