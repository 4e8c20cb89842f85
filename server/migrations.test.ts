/** A kitchen of every released schema opens, whole; a file that cannot be used says so in one sentence. */
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, test } from '@jest/globals';
import knexFactory, { type Knex } from 'knex';
import { DatabaseProblem, openDatabase } from './database.ts';
import { MIGRATIONS } from './migrations/index.ts';
import { folderForTests } from './test/folder.ts';
import { openKitchen, SOUP } from './test/kitchen.ts';

const folder = folderForTests('schema');
let number = 0;
const fresh = () => join(folder, `kitchen-${++number}.sqlite`);

/** An analysis as the first release kept it, of a soup of leek and cream. */
const SHAPE_1 = JSON.parse(readFileSync(new URL('../core/test/analysis/snapshotShape1.json', import.meta.url), 'utf8'));

/** A file as a release with so many migrations wrote it. */
async function fileOfSchema(schema: number): Promise<string> {
  const path = fresh();
  const knex = knexFactory({ client: 'better-sqlite3', connection: { filename: path }, useNullAsDefault: true });
  const migrateTo = (last: number) => {
    const list = MIGRATIONS.slice(0, last).map((migration, at) => ({ name: String(at + 1).padStart(3, '0'), migration }));
    return knex.migrate.latest({
      migrationSource: { getMigrations: async () => list, getMigrationName: ({ name }) => name, getMigration: async ({ migration }) => migration },
    });
  };
  // What a later release holds has come to it from the fourth.
  const filled = Math.min(schema, 4);
  await migrateTo(filled);
  await fill(knex, filled);
  await migrateTo(schema);
  await knex.destroy();
  return path;
}

async function fill(knex: Knex, schema: number): Promise<void> {
  const now = '2026-01-02T03:04:05.000Z';
  await knex('soups').insert({ id: 'leek', title: 'Velouté of leek', revision: 3, archived: 0, created_at: now, updated_at: now });
  await knex('drafts').insert({ soup_id: 'leek', recipe: JSON.stringify(SOUP), needs: '{}', based_on: 'v1', revision: 7, updated_at: now });
  await knex('versions').insert({
    id: 'v1',
    soup_id: 'leek',
    number: 1,
    name: 'As written',
    reason: 'first',
    created_at: now,
    recipe: JSON.stringify(SHAPE_1.recipe),
    needs: '{"allergens":["celery"]}',
    analysis: JSON.stringify(SHAPE_1.analysis),
    foods: JSON.stringify([{ id: 'leek', name: 'Leek' }]),
    data_version: '2026-01-01.1',
    summary: JSON.stringify({ contains: ['milk'], checks: ['celery'], energyKcal: 120, sodiumMg: 300, asked: 1, met: 0 }),
  });
  await knex('settings').insert({ id: 1, document: JSON.stringify({ regime: 'eu' }), revision: 4 });
  if (schema >= 2) await knex('prices').insert({ food_id: 'leek', per_kg: 3, currency: 'EUR', date: '2026-01-01' });
  if (schema >= 4) await knex('phrases').insert({ phrase: 'island leek', food_id: 'leek', updated_at: now });
}

describe.each([1, 2, 3, 4, 5, 6])('a kitchen of schema %i', (schema) => {
  test('opens whole: soup, draft, settings, and its version as it was kept', async () => {
    const databasePath = await fileOfSchema(schema);
    const kitchen = await openKitchen({ databasePath });
    const { body } = await kitchen.get('/api/soups');
    expect(body.soups).toMatchObject([{ id: 'leek', title: 'Velouté of leek', revision: 3, versions: [{ name: 'As written', contains: ['milk'] }] }]);
    expect((await kitchen.get('/api/soups/leek/draft')).body).toMatchObject({ recipe: SOUP, basedOn: 'v1', revision: 7 });
    expect((await kitchen.get('/api/settings')).body).toMatchObject({ regime: 'eu', revision: 4 });
    const { body: version } = await kitchen.get('/api/soups/leek/versions/1');
    expect(version).toMatchObject({ recipe: SHAPE_1.recipe, dataVersion: '2026-01-01.1', needs: { allergens: ['celery'] } });
    expect(version.analysis.perServing.sodiumMg).toEqual(SHAPE_1.analysis.perServing.sodiumMg);
    // Found by a word of its title without its accent, and by a food of it once its draft is saved again.
    expect((await kitchen.get('/api/soups?q=veloute')).body.total).toBe(1);
    expect((await kitchen.get('/api/soups?without=milk')).body.total).toBe(0);
    // What its versions answer needs with is worked out when it is first asked.
    for (const [allergen, soups] of [
      ['milk', 0],
      ['peanut', 1],
    ])
      expect((await kitchen.get(`/api/soups?needs=${encodeURIComponent(JSON.stringify({ allergens: [allergen] }))}`)).body.total).toBe(soups);
    expect((await kitchen.get('/api/foods/potato/uses')).body.soups).toMatchObject([{ id: 'leek', versions: ['draft'] }]);
    await kitchen.close();
    expect(existsSync(`${databasePath}.schema-${schema}`)).toBe(true);
  });
});

test('versions that cannot be read leave the list and the others whole, and say so when they are opened', async () => {
  const databasePath = await fileOfSchema(4);
  const kitchen = await openKitchen({ databasePath });
  await kitchen.send('POST', '/api/soups/leek/versions', { name: 'Second', reason: '', recipe: SOUP, needs: {} });
  await kitchen.context.db('versions').where({ number: 1 }).update({ summary: '{' });
  await kitchen.context.db('versions').where({ number: 2 }).update({ snapshot: 99 });
  expect((await kitchen.get('/api/soups')).body.soups[0].versions).toHaveLength(2);
  expect(await kitchen.get('/api/soups/leek/versions/2')).toMatchObject({ status: 500, body: { code: 'version.unreadable' } });
  expect((await kitchen.get('/api/soups/leek/versions/1')).status).toBe(200);
  const { body } = await kitchen.get('/api/soups/leek/versions');
  expect([body.versions.length, body.unreadable]).toEqual([1, [2]]);
  await kitchen.context.db('settings').update({ document: '{' });
  expect((await kitchen.get('/api/settings')).body).toMatchObject({ regime: 'us', revision: 4 });
  await kitchen.close();
});

describe('a file that cannot be used ends in a sentence:', () => {
  const opening = async (path: string) => {
    try {
      await (await openDatabase(path)).destroy();
      return 'opened';
    } catch (error) {
      expect(error).toBeInstanceOf(DatabaseProblem);
      return (error as Error).message;
    }
  };
  test('a folder', async () => {
    const path = fresh();
    mkdirSync(path);
    expect(await opening(path)).toMatch(/is a folder/);
  });
  test('a file of another kind', async () => {
    const path = fresh();
    writeFileSync(path, 'this is a shopping list, and long enough to be taken for a page of something else. '.repeat(20));
    expect(await opening(path)).toMatch(/no database of this program/);
  });
  test('a later schema', async () => {
    const path = await fileOfSchema(4);
    const knex = knexFactory({ client: 'better-sqlite3', connection: { filename: path }, useNullAsDefault: true });
    for (let at = 5; at <= 99; at += 1) await knex('knex_migrations').insert({ name: String(at).padStart(3, '0'), batch: 2, migration_time: 0 });
    await knex.destroy();
    expect(await opening(path)).toMatch(/later version of this program/);
  });
  test('one that another server holds', async () => {
    const path = fresh();
    const first = await openDatabase(path);
    expect(await opening(path)).toMatch(/Another kitchen server is using/);
    await first.destroy();
    expect(await opening(path)).toBe('opened');
  });
});
