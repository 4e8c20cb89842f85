/** Prices, the kitchen's own presets, flow tests and notes on changes, over HTTP. */

import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import knexFactory from 'knex';
import { MIGRATIONS, migrationSource } from './migrations/index.ts';
import { folderForTests } from './test/folder.ts';
import { openKitchen, SOUP, type TestKitchen } from './test/kitchen.ts';

const folder = folderForTests('book');

let kitchen: TestKitchen;
beforeAll(async () => {
  kitchen = await openKitchen();
});
afterAll(() => kitchen.close());

const EUR = { currency: 'EUR', date: '2026-11-02' };
const addSoup = async () => (await kitchen.send('POST', '/api/soups', { title: 'Leek', recipe: SOUP })).body.id as string;

describe('prices', () => {
  test('a bowl has no cost while the kitchen has no price, then one that names what is unpriced', async () => {
    expect((await kitchen.send('POST', '/api/analyse', { recipe: SOUP })).body.cost).toBeUndefined();
    await kitchen.send('PUT', '/api/prices/cream-double', { perKg: 8, ...EUR });
    const { cost } = (await kitchen.send('POST', '/api/analyse', { recipe: SOUP })).body;
    expect(cost).toMatchObject({ currency: 'EUR', oldest: '2026-11-02', unpricedLineIds: ['leek', 'potato', 'stock'] });
    expect(cost.value).toBeCloseTo((0.149 * 8) / 4, 9);
  });
  test('a plan analysed again gives its analysis exactly, cost and all', async () => {
    const { body } = await kitchen.send('POST', '/api/adapt', { recipe: SOUP, needs: { allergens: ['milk'] }, plans: 2 });
    for (const plan of body.plans) expect((await kitchen.send('POST', '/api/analyse', { recipe: plan.recipe })).body).toEqual(plan.analysis);
  });
  test('a price put again takes the place of the old one; forgotten, it is gone', async () => {
    await kitchen.send('PUT', '/api/prices/leek', { perKg: 3, ...EUR });
    await kitchen.send('PUT', '/api/prices/leek', { perKg: 2.5, ...EUR });
    const of = async () => (await kitchen.get('/api/prices')).body.prices.filter(({ foodId }: { foodId: string }) => foodId === 'leek');
    expect(await of()).toEqual([{ foodId: 'leek', perKg: 2.5, ...EUR }]);
    expect((await kitchen.send('DELETE', '/api/prices/leek', {})).body).toEqual({ gone: true });
    expect(await of()).toEqual([]);
    expect((await kitchen.send('DELETE', '/api/prices/leek', {})).status).toBe(404);
  });
  test.each([
    ['a food nobody knows', 'unobtainium', { perKg: 1, ...EUR }, 404, 'notFound'],
    ['no date', 'leek', { perKg: 1, currency: 'EUR' }, 400, 'body.missing'],
    ['a date of another kind', 'leek', { perKg: 1, currency: 'EUR', date: '2 Nov' }, 422, 'value.notADay'],
    ['a day that is none', 'leek', { perKg: 1, currency: 'EUR', date: '2026-99-99' }, 422, 'value.notADay'],
    ['marks for a currency', 'leek', { perKg: 1, currency: '€€€', date: '2026-11-02' }, 422, 'value.notAllowed'],
    ['small letters for a currency', 'leek', { perKg: 1, currency: 'eur', date: '2026-11-02' }, 422, 'value.notAllowed'],
    ['less than nothing', 'leek', { perKg: -1, ...EUR }, 422, 'value.tooSmall'],
  ])('%s is refused', async (_, food, body, status, code) => {
    expect(await kitchen.send('PUT', `/api/prices/${food}`, body)).toMatchObject({ status, body: { code } });
  });
});

describe("the kitchen's own presets", () => {
  const preset = {
    name: 'Table B',
    needs: { allergens: ['milk'], limits: [{ nutrient: 'sodiumMg', per: 'serving', max: 400 }] },
    caution: 'Bread on the side counts.',
  };
  test('are added, changed and dropped', async () => {
    const { body: added, status } = await kitchen.send('POST', '/api/presets', preset);
    expect(status).toBe(201);
    await kitchen.send('PUT', `/api/presets/${added.id}`, { ...preset, name: 'Table C' });
    expect((await kitchen.get('/api/presets')).body.presets).toEqual([{ ...preset, id: added.id, name: 'Table C' }]);
    await kitchen.send('DELETE', `/api/presets/${added.id}`, {});
    expect((await kitchen.get('/api/presets')).body.presets).toEqual([]);
    expect((await kitchen.send('PUT', `/api/presets/${added.id}`, preset)).status).toBe(404);
  });
  test('can name no line, since they are for any soup', async () => {
    expect(await kitchen.send('POST', '/api/presets', { ...preset, needs: { keepLines: ['cream'] } })).toMatchObject({
      status: 422,
      body: { code: 'needs.unknownLine' },
    });
  });
});

describe('flow tests', () => {
  const flow = { mlLeft: 5.5, temperatureC: 60, heldMinutes: 0, forkDrip: 'dripsSlowly', note: 'straight from the pot' };
  test('are noted as they were done, newest first', async () => {
    const soup = await addSoup();
    await kitchen.send('POST', `/api/soups/${soup}/flow-tests`, flow);
    await new Promise((resolve) => setTimeout(resolve, 5));
    await kitchen.send('POST', `/api/soups/${soup}/flow-tests`, { ...flow, mlLeft: 7, heldMinutes: 30 });
    const { flowTests } = (await kitchen.get(`/api/soups/${soup}/flow-tests`)).body;
    expect(flowTests.map(({ mlLeft }: { mlLeft: number }) => mlLeft)).toEqual([7, 5.5]);
    expect(flowTests[0]).toMatchObject({ heldMinutes: 30, testedAt: expect.stringMatching(/^\d{4}-/) });
  });
  test('hold no level', async () => {
    const soup = await addSoup();
    const { body } = await kitchen.send('POST', `/api/soups/${soup}/flow-tests`, flow);
    expect(Object.keys(body).sort()).toEqual(['forkDrip', 'heldMinutes', 'id', 'mlLeft', 'note', 'temperatureC', 'testedAt']);
  });
  test('of a soup that is not there are 404, and more than the syringe holds is 422', async () => {
    expect((await kitchen.send('POST', '/api/soups/none/flow-tests', flow)).status).toBe(404);
    expect((await kitchen.get('/api/soups/none/flow-tests')).status).toBe(404);
    expect((await kitchen.send('POST', `/api/soups/${await addSoup()}/flow-tests`, { ...flow, mlLeft: 11 })).status).toBe(422);
  });
});

test('notes on single changes are saved with the draft and kept with the version', async () => {
  const id = await addSoup();
  const notes = { cream: 'too rich for table B' };
  await kitchen.send('PUT', `/api/soups/${id}/draft`, { recipe: SOUP, needs: {}, basedOn: null, revision: 1, notes });
  expect((await kitchen.get(`/api/soups/${id}/draft`)).body.notes).toEqual(notes);
  await kitchen.send('POST', `/api/soups/${id}/versions`, { name: 'one', reason: '', recipe: SOUP, needs: {}, notes });
  expect((await kitchen.get(`/api/soups/${id}/versions/1`)).body.notes).toEqual(notes);
});

test.each(MIGRATIONS.slice(0, -1).map((_, at) => at + 1))('a kitchen of schema %i opens with what it held', async (schema) => {
  const databasePath = join(folder, `schema-${schema}.sqlite`);
  const old = knexFactory({ client: 'better-sqlite3', connection: { filename: databasePath }, useNullAsDefault: true });
  await old.migrate.latest({
    migrationSource: { ...migrationSource, getMigrations: async (from) => (await migrationSource.getMigrations(from)).slice(0, schema) },
  });
  await old('soups').insert({ id: 's', title: 'Old leek', revision: 1, archived: 0, created_at: 'then', updated_at: 'then' });
  await old('drafts').insert({ soup_id: 's', recipe: JSON.stringify(SOUP), needs: '{}', based_on: null, revision: 3, updated_at: 'then' });
  await old.destroy();
  const reopened = await openKitchen({ databasePath });
  const health = (await reopened.get('/api/health')).body;
  const draft = (await reopened.get('/api/soups/s/draft')).body;
  await reopened.close();
  expect(health.schema).toBe(MIGRATIONS.length);
  expect(draft).toEqual({ recipe: SOUP, needs: {}, basedOn: null, revision: 3 });
});
