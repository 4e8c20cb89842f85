/** Foods of the kitchen's own over HTTP: on the shelf at once, edited, retired, and told to the versions that had them. */
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { adapt } from '../core/swap/adapt.ts';
import { swapsFor } from '../core/swap/data/swaps.ts';
import type { Food } from '../core/vocabulary/food.ts';
import { folderForTests } from './test/folder.ts';
import { openKitchen, type TestKitchen } from './test/kitchen.ts';

const folder = folderForTests('own');

const databasePath = join(folder, 'kitchen.sqlite');
let kitchen: TestKitchen;
beforeAll(async () => {
  kitchen = await openKitchen({ databasePath });
});
afterAll(() => kitchen.close());

const LABEL = {
  name: 'Island vegetable paste',
  aliases: ['island paste'],
  category: 'broth',
  form: 'us',
  perGrams: 10,
  figures: { energyKcal: 15, fatG: 0.5, saturatedFatG: 0, carbohydrateG: 2, fibreG: 0, sugarsG: 1, proteinG: 1, sodiumMg: 900, potassiumMg: 30 },
  ingredients: 'salt, onion, celery, yeast extract, potassium chloride. May contain milk.',
  date: '2026-03-02',
};
const potOf = (foodId: string) => ({
  title: 'paste',
  servings: 4,
  steps: [],
  lines: [
    { id: 'paste', stage: 'base', text: 'paste', foodId, grams: { best: 40, low: 40, high: 40 } },
    { id: 'water', stage: 'base', text: 'water', foodId: 'water', grams: { best: 960, low: 960, high: 960 } },
  ],
});

test('a label is a food at once: found, read in a recipe, analysed, with its allergens', async () => {
  const { status, body } = await kitchen.send('POST', '/api/own-foods', LABEL);
  expect([status, body.revision, body.retired]).toEqual([201, 1, false]);
  expect((await kitchen.get('/api/foods?q=island%20paste')).body.foods[0]).toMatchObject({
    id: body.id,
    source: { kind: 'label', ref: 'label read on 2026-03-02' },
  });
  const record = (await kitchen.get(`/api/foods/${body.id}`)).body;
  expect(record.per100g.sodiumMg.value).toBe(9000);
  expect([record.flags, record.contains]).toEqual([['potassiumChloride'], ['celery']]);
  const { recipe } = (await kitchen.send('POST', '/api/read', { text: 'Soup\nServes 4\n20 g island paste\n1 l water' })).body;
  expect(recipe.lines[0].foodId).toBe(body.id);
  const analysis = (await kitchen.send('POST', '/api/analyse', { recipe: potOf(body.id) })).body;
  expect(analysis.perServing.sodiumMg.value).toBeCloseTo((0.4 * 9000 + 9.6 * 4) / 4, 6);
  expect(analysis.allergens.find(({ id }: { id: string }) => id === 'milk').state).toBe('mayContain');
  expect(analysis.notes.map(({ code }: { code: string }) => code).join()).toMatch(/potassium/i);
});

describe('an edited label', () => {
  test('changes the food, leaves a kept version as it was, and the version says so', async () => {
    const { body: food } = await kitchen.send('POST', '/api/own-foods', LABEL);
    const recipe = potOf(food.id);
    const { body: soup } = await kitchen.send('POST', '/api/soups', { title: 'With paste', recipe });
    const { body: kept } = await kitchen.send('POST', `/api/soups/${soup.id}/versions`, { name: 'First', reason: '', recipe, needs: {} });
    const before = (await kitchen.get(`/api/soups/${soup.id}/versions/${kept.number}`)).body;
    expect(before.numbersChanged).toBeUndefined();
    const entry = { ...LABEL, figures: { ...LABEL.figures, sodiumMg: 400 } };
    expect(await kitchen.send('PUT', `/api/own-foods/${food.id}`, { entry, retired: false, revision: 1 })).toMatchObject({
      status: 200,
      body: { revision: 2 },
    });
    const after = (await kitchen.get(`/api/soups/${soup.id}/versions/${kept.number}`)).body;
    expect(after.analysis.perServing.sodiumMg).toEqual(before.analysis.perServing.sodiumMg);
    expect(after.numbersChanged).toBe(true);
    expect((await kitchen.send('POST', '/api/analyse', { recipe })).body.perServing.sodiumMg.value).toBeCloseTo((0.4 * 4000 + 9.6 * 4) / 4, 6);
  });
  test('under an old revision is refused with what is current', async () => {
    const { body } = await kitchen.send('POST', '/api/own-foods', LABEL);
    await kitchen.send('PUT', `/api/own-foods/${body.id}`, { entry: LABEL, retired: false, revision: 1 });
    expect(await kitchen.send('PUT', `/api/own-foods/${body.id}`, { entry: LABEL, retired: false, revision: 1 })).toMatchObject({
      status: 409,
      body: { code: 'revision.stale', current: { revision: 2 } },
    });
  });
  test('that is not there is 404', async () => {
    expect(await kitchen.send('PUT', '/api/own-foods/own-none', { entry: LABEL, retired: false, revision: 1 })).toMatchObject({ status: 404 });
  });
});

test('a retired food is no longer found, and the soup that has it still is analysed', async () => {
  const { body } = await kitchen.send('POST', '/api/own-foods', { ...LABEL, name: 'Old cliff paste', aliases: [] });
  await kitchen.send('PUT', `/api/own-foods/${body.id}`, { entry: { ...LABEL, name: 'Old cliff paste', aliases: [] }, retired: true, revision: 1 });
  const found = (await kitchen.get('/api/foods?q=old%20cliff%20paste')).body.foods.map(({ id }: { id: string }) => id);
  expect(found).not.toContain(body.id);
  expect((await kitchen.send('POST', '/api/analyse', { recipe: potOf(body.id) })).status).toBe(200);
});

test('a label whose parts are larger than their wholes is refused with the place', async () => {
  const wrong = { ...LABEL, figures: { ...LABEL.figures, saturatedFatG: 4 } };
  expect(await kitchen.send('POST', '/api/own-foods', wrong)).toMatchObject({
    status: 422,
    body: { code: 'label.partTooLarge', errors: [{ path: '/figures/saturatedFatG' }] },
  });
  expect(await kitchen.send('POST', '/api/own-foods', { ...LABEL, date: 'today' })).toMatchObject({
    status: 422,
    body: { errors: [{ path: '/date' }] },
  });
  expect(await kitchen.send('POST', '/api/own-foods', { ...LABEL, colour: 'red' })).toMatchObject({ status: 400, body: { code: 'body.unknownKey' } });
});

test('they are there again when the kitchen opens anew', async () => {
  const { body } = await kitchen.send('POST', '/api/own-foods', { ...LABEL, name: 'Lasting paste', aliases: [] });
  await kitchen.close();
  kitchen = await openKitchen({ databasePath });
  expect((await kitchen.get(`/api/foods/${body.id}`)).body.name).toBe('Lasting paste');
});

test('what one kitchen adds stands on no other shelf', async () => {
  const { body } = await kitchen.send('POST', '/api/own-foods', { ...LABEL, name: 'Private paste', aliases: [] });
  const other = await openKitchen();
  expect((await other.get(`/api/foods/${body.id}`)).status).toBe(404);
  await other.close();
});

describe('a food used like another', () => {
  const CREAM = {
    ...LABEL,
    name: 'House cream',
    aliases: [],
    category: 'dairy',
    form: 'eu',
    perGrams: 100,
    like: 'cream-heavy',
    ingredients: 'cream (milk)',
    figures: { fatG: 30, saturatedFatG: 20, carbohydrateG: 3, fibreG: 0, sugarsG: 3, proteinG: 2, saltG: 0.1 },
  };
  test('has its swaps: a pot with it can do without milk', async () => {
    const { body: food } = await kitchen.send('POST', '/api/own-foods', CREAM);
    const own = kitchen.context.shelf.now().food(food.id);
    expect(own).toMatchObject({ like: 'cream-heavy', fatForm: 'dispersed' });
    expect(swapsFor(own as Food).length).toBeGreaterThanOrEqual(13);
    const { lines, ...pot } = potOf(food.id);
    const recipe = { ...pot, lines: lines.map((line) => ({ ...line, stage: line.stage as 'base' })) };
    const { plans } = adapt({ recipe, needs: { allergens: ['milk'] } }, kitchen.context.shelf.now(), { now: () => 0 });
    expect(plans[0]?.analysis.allergens.find(({ id }) => id === 'milk')?.state).not.toBe('contains');
  });
  test('cannot be like a food that is not there, or like another own one', async () => {
    const { body } = await kitchen.send('POST', '/api/own-foods', CREAM);
    for (const like of ['no-such-food', body.id])
      expect(await kitchen.send('POST', '/api/own-foods', { ...CREAM, like })).toMatchObject({ status: 422, body: { errors: [{ path: '/like' }] } });
  });
});
