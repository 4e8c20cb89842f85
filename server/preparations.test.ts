/** Preparations of the house over HTTP: kept, changed with a revision, taken by soups, forgotten without harm. */
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { openKitchen, type TestKitchen } from './test/kitchen.ts';

let kitchen: TestKitchen;
beforeAll(async () => {
  kitchen = await openKitchen({});
});
afterAll(() => kitchen.close());

const line = (id: string, foodId: string | null, grams: number, more: object = {}) => ({
  id,
  stage: 'simmer',
  text: `${grams} g ${foodId ?? id}`,
  foodId,
  grams: { best: grams, low: grams, high: grams },
  ...more,
});
const STOCK = {
  name: 'House stock',
  recipe: { title: 'House stock', lines: [line('s1', 'celery', 200, { eaten: 'strained' }), line('s2', 'water', 2500)], steps: [] },
  yieldGrams: 2000,
  keepDays: 3,
};

describe('a preparation', () => {
  test('is kept, listed, changed by its revision and forgotten', async () => {
    const { status, body } = await kitchen.send('POST', '/api/preparations', STOCK);
    expect([status, body.revision, body.name]).toEqual([201, 1, 'House stock']);
    expect((await kitchen.get('/api/preparations')).body.preparations).toHaveLength(1);
    const { id, updatedAt: _, ...kept } = body;
    expect(await kitchen.send('PUT', `/api/preparations/${id}`, { ...kept, doseGrams: 250, id: undefined })).toMatchObject({
      status: 200,
      body: { doseGrams: 250, revision: 2 },
    });
    expect(await kitchen.send('PUT', `/api/preparations/${id}`, kept)).toMatchObject({ status: 409, body: { code: 'revision.stale' } });
    expect((await kitchen.get(`/api/preparations/${id}`)).body).toMatchObject({ doseGrams: 250, keepDays: 3 });
    expect(await kitchen.send('DELETE', `/api/preparations/${id}`, undefined)).toMatchObject({ status: 200, body: { gone: true } });
    expect(await kitchen.get(`/api/preparations/${id}`)).toMatchObject({ status: 404 });
  });
  test('with a food that is on no shelf is refused with its place', async () => {
    const wrong = { ...STOCK, recipe: { ...STOCK.recipe, lines: [line('s1', 'nothing', 5)] } };
    expect(await kitchen.send('POST', '/api/preparations', wrong)).toMatchObject({
      status: 422,
      body: { code: 'recipe.unknownFood', errors: [{ path: '/recipe/lines/0/foodId' }] },
    });
  });
});

describe('a soup that takes of one', () => {
  const soup = {
    title: 'Carrot',
    servings: 4,
    lines: [line('l1', 'carrot', 600), line('l2', null, 1000, { preparationId: 'stock', text: 'House stock' })],
    steps: [],
    preparations: [{ id: 'stock', name: 'House stock', lines: STOCK.recipe.lines, steps: [], yieldGrams: 2000 }],
  };
  test('is analysed with the path through it, kept and read back whole', async () => {
    const { body } = await kitchen.send('POST', '/api/analyse', { recipe: soup, regime: 'eu' });
    const celery = body.allergens.find(({ id }: { id: string }) => id === 'celery');
    expect(celery).toMatchObject({ state: 'contains', because: [{ lineId: 'l2', path: ['House stock', 'Celery stalk', 'celery'] }] });
    const { body: kept } = await kitchen.send('POST', '/api/soups', { title: 'Carrot', recipe: soup });
    expect((await kitchen.get(`/api/soups/${kept.id}/draft`)).body.recipe).toEqual(soup);
  });
  test('is adapted, and its plans keep the preparation', async () => {
    const recipe = { ...soup, lines: [...soup.lines, line('l3', 'cream-heavy', 200, { stage: 'finish' })] };
    const { body } = await kitchen.send('POST', '/api/adapt', { recipe, needs: { allergens: ['milk'] }, plans: 1 });
    expect(body.plans[0].recipe.lines.find(({ id }: { id: string }) => id === 'l2')).toMatchObject({ foodId: null, preparationId: 'stock' });
    expect(body.plans[0].recipe.preparations).toHaveLength(1);
  });
  test('that is not there is refused with its place', async () => {
    expect(await kitchen.send('POST', '/api/analyse', { recipe: { ...soup, preparations: [] } })).toMatchObject({
      status: 422,
      body: { code: 'recipe.unknownPreparation', errors: [{ path: '/recipe/lines/1/preparationId' }] },
    });
  });
});
