/** Soups, drafts and versions over HTTP, and what survives. */

import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { MIGRATIONS } from './migrations/index.ts';
import { folderForTests } from './test/folder.ts';
import { openKitchen, SOUP, type TestKitchen } from './test/kitchen.ts';

const folder = folderForTests('soups');

let kitchen: TestKitchen;
beforeAll(async () => {
  kitchen = await openKitchen();
});
afterAll(() => kitchen.close());

const addSoup = async () => (await kitchen.send('POST', '/api/soups', { title: 'Leek', recipe: SOUP })).body;

test('health says how many foods and which schema', async () => {
  expect((await kitchen.get('/api/health')).body).toMatchObject({ status: 'ok', foods: expect.any(Number), schema: MIGRATIONS.length });
});

test('foods are found by what people type, with a slip', async () => {
  const { body } = await kitchen.get('/api/foods?q=celariac&limit=3');
  expect(body.foods[0]).toMatchObject({ id: 'celeriac', source: { kind: 'recalled' } });
  const { body: food } = await kitchen.get('/api/foods/chicken-broth');
  expect(food.per100g.sodiumMg).toMatchObject({ value: 371 });
  expect(food.per100g.iodineUg).toBeUndefined();
  expect(food.checks.map(({ allergen }: { allergen: string }) => allergen)).toContain('celery');
});

test('a new soup has a draft of its recipe at revision 1', async () => {
  const soup = await addSoup();
  expect(soup).toMatchObject({ title: 'Leek', revision: 1, archived: false, versions: [] });
  expect((await kitchen.get(`/api/soups/${soup.id}/draft`)).body).toEqual({ recipe: SOUP, needs: {}, basedOn: null, revision: 1 });
});

test('a new soup is on its bench under the rules it was read by; needs that are none are refused', async () => {
  const needs = { regime: 'eu', coconutIsTreeNut: true, blender: { kind: 'stick', sieve: false } };
  const { body: soup } = await kitchen.send('POST', '/api/soups', { title: 'Leek', recipe: SOUP, needs });
  expect((await kitchen.get(`/api/soups/${soup.id}/draft`)).body.needs).toEqual(needs);
  const wrong = await kitchen.send('POST', '/api/soups', { title: 'Leek', recipe: SOUP, needs: { keepLines: ['nobody'] } });
  expect(wrong).toMatchObject({ status: 422, body: { errors: [{ path: '/needs/keepLines/0' }] } });
});

describe('a draft', () => {
  test('is saved under the revision it was read at, and refused under an older one with what is current', async () => {
    const { id } = await addSoup();
    const draft = { recipe: { ...SOUP, servings: 5 }, needs: { allergens: ['milk'] }, basedOn: null, revision: 1 };
    expect(await kitchen.send('PUT', `/api/soups/${id}/draft`, draft)).toMatchObject({ status: 200, body: { revision: 2 } });
    const stale = await kitchen.send('PUT', `/api/soups/${id}/draft`, { ...draft, needs: {} });
    expect(stale).toMatchObject({ status: 409, body: { code: 'revision.stale', current: { revision: 2, needs: { allergens: ['milk'] } } } });
  });
  test('without a revision is 400', async () => {
    const { id } = await addSoup();
    expect(await kitchen.send('PUT', `/api/soups/${id}/draft`, { recipe: SOUP, needs: {}, basedOn: null })).toMatchObject({
      status: 400,
      body: { code: 'body.missing', errors: [{ path: '/revision' }] },
    });
  });
});

describe('a version', () => {
  test('is a snapshot with its analysis, numbered in order, and cannot be changed', async () => {
    const { id } = await addSoup();
    const kept = await kitchen.send('POST', `/api/soups/${id}/versions`, {
      name: 'As written',
      reason: 'first',
      recipe: SOUP,
      needs: { regime: 'eu' },
    });
    expect(kept).toMatchObject({ status: 201, body: { number: 1, name: 'As written', analysis: { regime: 'eu' }, dataVersion: expect.any(String) } });
    expect((await kitchen.get(`/api/soups/${id}/versions/1`)).body).toEqual(kept.body);
    expect((await kitchen.get(`/api/soups/${id}/versions/${kept.body.id}`)).body.analysis).toEqual(kept.body.analysis);
    expect(await kitchen.send('PUT', `/api/soups/${id}/versions/1`, {})).toMatchObject({ status: 405 });
    const second = await kitchen.send('POST', `/api/soups/${id}/versions`, { name: 'Two', reason: '', recipe: SOUP, needs: {} });
    expect(second.body.number).toBe(2);
    const { body } = await kitchen.get('/api/soups');
    expect(body.soups.find((soup: { id: string }) => soup.id === id).versions.map((version: { number: number }) => version.number)).toEqual([1, 2]);
  });
  test('stands unchanged after the server has gone and come back', async () => {
    const databasePath = join(folder, 'kitchen.sqlite');
    const before = await openKitchen({ databasePath });
    const { body: soup } = await before.send('POST', '/api/soups', { title: 'Leek', recipe: SOUP });
    const { body: kept } = await before.send('POST', `/api/soups/${soup.id}/versions`, { name: 'v', reason: 'r', recipe: SOUP, needs: {} });
    await before.close();
    const after = await openKitchen({ databasePath });
    expect((await after.get(`/api/soups/${soup.id}/versions/1`)).body).toEqual(kept);
    await after.close();
  });
});

test('a soup is renamed and archived under its revision', async () => {
  const { id } = await addSoup();
  expect(await kitchen.send('PATCH', `/api/soups/${id}`, { title: 'Leek again', archived: true, revision: 1 })).toMatchObject({
    status: 200,
    body: { title: 'Leek again', archived: true, revision: 2 },
  });
  expect(await kitchen.send('PATCH', `/api/soups/${id}`, { title: 'no', revision: 1 })).toMatchObject({ status: 409 });
});

test('settings start with what a new kitchen has, and are saved', async () => {
  const { body } = await kitchen.get('/api/settings');
  expect(body).toMatchObject({ regime: 'us', coconutIsTreeNut: false, bowlMl: 240, revision: 1 });
  expect((await kitchen.send('PUT', '/api/settings', { ...body, regime: 'eu' })).body).toMatchObject({ regime: 'eu', revision: 2 });
  expect(await kitchen.send('PUT', '/api/settings', body)).toMatchObject({ status: 409, body: { current: { regime: 'eu', revision: 2 } } });
  const { revision: _, ...unnumbered } = body;
  expect(await kitchen.send('PUT', '/api/settings', unnumbered)).toMatchObject({ status: 400, body: { errors: [{ path: '/revision' }] } });
});

test('the market a house buys in decides what its flour is, at once', async () => {
  const { body: first } = await kitchen.get('/api/settings');
  const { body: before } = await kitchen.send('PUT', '/api/settings', { ...first, regime: 'us' });
  const flour = async () =>
    (await kitchen.send('POST', '/api/read', { text: 'Soup\nServes 4\n\n50 g plain flour\n500 g carrots' })).body.recipe.lines[0].foodId;
  expect(await flour()).toBe('flour-wheat');
  const { body: saved } = await kitchen.send('PUT', '/api/settings', { ...before, market: 'uk' });
  expect(saved).toMatchObject({ market: 'uk' });
  expect(await flour()).toBe('flour-wheat-uk');
  // Without a word of its own a house buys where its regime is.
  const { market: _, ...unsaid } = saved;
  await kitchen.send('PUT', '/api/settings', { ...unsaid, regime: 'eu' });
  expect(await flour()).toBe('flour-wheat-unenriched');
  expect(await kitchen.send('PUT', '/api/settings', { ...saved, market: 'mars', revision: before.revision + 2 })).toMatchObject({
    status: 422,
    body: { errors: [{ path: '/market', code: 'value.notAllowed' }] },
  });
});

test('a plan analysed again over HTTP gives its own analysis exactly', async () => {
  const { body } = await kitchen.send('POST', '/api/adapt', {
    recipe: SOUP,
    needs: { allergens: ['milk'], limits: [{ nutrient: 'saturatedFatG', per: 'serving', max: 3 }] },
    plans: 5,
  });
  expect(body.plans).toHaveLength(5);
  for (const plan of body.plans) {
    expect((await kitchen.send('POST', '/api/analyse', { recipe: plan.recipe })).body).toEqual(plan.analysis);
    expect(plan.meets.map(({ need }: { need: { kind: string } }) => need.kind)).toEqual(['allergen', 'limit']);
  }
});

test('no needs give one plan, no change, distance 0', async () => {
  const { body } = await kitchen.send('POST', '/api/adapt', { recipe: SOUP, needs: {} });
  expect(body.plans).toHaveLength(1);
  expect(body.plans[0]).toMatchObject({ changes: [], distance: 0, optimal: true, recipe: SOUP });
});
