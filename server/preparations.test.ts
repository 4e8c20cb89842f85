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

describe('what was made of it', () => {
  const uuid = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
  test('stands in the cold with its day, once however often it is sent, and is taken and put back', async () => {
    const { body: kept } = await kitchen.send('POST', '/api/preparations', STOCK);
    const asked = { id: uuid(1), grams: 1800, keep: 'chilled', madeOn: '2026-01-05' };
    for (let times = 0; times < 2; times++) await kitchen.send('POST', `/api/preparations/${kept.id}/made`, asked);
    const { body } = await kitchen.get('/api/made');
    // Made on the 5th and kept three days by its own word: the 7th is the last, the day of making the first.
    expect(body.made).toMatchObject([{ left: 1800, useBy: '2026-01-07', useByFrom: 'text', past: true, contains: ['celery'] }]);
    const take = { id: uuid(2), grams: 800 };
    for (let times = 0; times < 2; times++) await kitchen.send('POST', `/api/made/${uuid(1)}/take`, take);
    expect((await kitchen.get('/api/made')).body.made).toMatchObject([{ left: 1000, grams: 1800 }]);
    expect(await kitchen.send('POST', `/api/made/${uuid(1)}/take`, { id: uuid(3), grams: 5000 })).toMatchObject({ status: 422 });
    await kitchen.send('DELETE', `/api/made/taken/${uuid(2)}`, undefined);
    expect((await kitchen.get('/api/made')).body.made).toMatchObject([{ left: 1800 }]);
    // A preparation that is forgotten leaves what was made of it where it stands.
    await kitchen.send('DELETE', `/api/preparations/${kept.id}`, undefined);
    expect((await kitchen.get('/api/made')).body.made).toHaveLength(1);
  });

  test('a batch that takes of it takes it from the cold, and its portions count from its day', async () => {
    const { body: kept } = await kitchen.send('POST', '/api/preparations', STOCK);
    const today = new Date().toISOString().slice(0, 10);
    const yesterday = new Date(Date.now() - 86_400_000).toISOString().slice(0, 10);
    await kitchen.send('POST', `/api/preparations/${kept.id}/made`, { id: uuid(11), grams: 900, keep: 'chilled', madeOn: yesterday });
    const lot = { id: kept.id, name: kept.name, lines: kept.recipe.lines, steps: [], yieldGrams: 2000, lotId: uuid(11), madeOn: yesterday };
    const recipe = {
      title: 'Leek soup',
      servings: 4,
      lines: [line('leek', 'leek', 500), line('stock', null, 700, { preparationId: kept.id })],
      steps: [],
      preparations: [lot],
    };
    const { body: soup } = await kitchen.send('POST', '/api/soups', { title: recipe.title, recipe });
    const { status, body: batch } = await kitchen.send('POST', '/api/batches', { soupId: soup.id, version: null, servings: 4 });
    expect(status).toBe(201);
    expect((await kitchen.get('/api/made')).body.made.find(({ id }: { id: string }) => id === uuid(11))).toMatchObject({ left: 200 });
    await kitchen.send('POST', `/api/batches/${batch.id}/entries`, {
      entries: [{ id: uuid(12), at: new Date().toISOString(), kind: 'portioned', count: 4, grams: 250, keep: 'chilled' }],
    });
    const [portions] = (await kitchen.get('/api/portions')).body.portions;
    expect(portions.madeOn).toBe(yesterday);
    expect(portions.madeOn).not.toBe(today);
  });

  test.each([
    ['no grams', { id: uuid(20), keep: 'chilled' }, 400],
    ['a day to come', { id: uuid(21), grams: 10, keep: 'chilled', madeOn: '2999-01-01' }, 422],
    ['an id of no kind', { id: 'x', grams: 10, keep: 'chilled' }, 422],
  ])('refuses %s', async (_, body, status) => {
    const { body: kept } = await kitchen.send('POST', '/api/preparations', STOCK);
    expect((await kitchen.send('POST', `/api/preparations/${kept.id}/made`, body)).status).toBe(status);
  });
});
