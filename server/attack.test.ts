/** What the server was found to fall to, each as it was done, and that it stands. */
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { folderForTests } from './test/folder.ts';
import { openKitchen, SOUP, type TestKitchen } from './test/kitchen.ts';

const folder = folderForTests('attack');
const databasePath = join(folder, 'kitchen.sqlite');
let kitchen: TestKitchen;
beforeAll(async () => {
  kitchen = await openKitchen({ databasePath });
});
afterAll(async () => {
  await kitchen.close();
});
const reopened = async () => {
  await kitchen.close();
  kitchen = await openKitchen({ databasePath });
};

const LABEL = {
  name: 'Harbour paste',
  aliases: [],
  category: 'broth',
  form: 'eu',
  perGrams: 100,
  figures: { energyKcal: 50, fatG: 1 },
  ingredients: 'water, salt',
  date: '2026-03-02',
};

describe('an own food with a figure out of range', () => {
  test('is refused, is not kept, and the server starts again', async () => {
    const before = (await kitchen.get('/api/own-foods')).body.foods.length;
    expect(await kitchen.send('POST', '/api/own-foods', { ...LABEL, perGrams: 1e-320 })).toMatchObject({
      status: 422,
      body: { errors: [{ path: '/perGrams', code: 'value.tooSmall' }] },
    });
    expect((await kitchen.get('/api/own-foods')).body.foods).toHaveLength(before);
    expect((await kitchen.send('POST', '/api/own-foods', LABEL)).status).toBe(201);
    await reopened();
    expect((await kitchen.get('/api/own-foods')).body.foods).toHaveLength(before + 1);
  });
  test('that is in the file already is put aside at start, and the others stand', async () => {
    await kitchen.context.db('own_foods').insert({
      id: 'own-broken',
      entry: JSON.stringify({ ...LABEL, perGrams: 1e-320 }),
      retired: 0,
      revision: 1,
      created_at: '2026-01-01',
      updated_at: '2026-01-01',
    });
    await kitchen.context
      .db('own_foods')
      .insert({ id: 'own-torn', entry: '{', retired: 0, revision: 1, created_at: '2026-01-01', updated_at: '2026-01-01' });
    await reopened();
    expect((await kitchen.get('/api/foods/own-broken')).status).toBe(404);
    expect((await kitchen.send('POST', '/api/own-foods', { ...LABEL, name: 'Second paste' })).status).toBe(201);
  });
});

describe("a word of the language's own", () => {
  const WORDS = ['constructor', '__proto__', 'toString', 'hasOwnProperty', 'valueOf', 'prototype', 'isPrototypeOf', '__defineGetter__'];
  test.each(WORDS)('%s is read like any other word', async (word) => {
    const text = `Soup\nServes 4\n\n1 cup ${word}\n2 ${word}s of leek\na ${word} of salt\n\nAdd the ${word}. Simmer 10 ${word}.`;
    expect((await kitchen.send('POST', '/api/read', { text })).status).toBe(200);
    expect((await kitchen.get(`/api/foods?q=${word}`)).status).toBe(200);
    expect((await kitchen.get(`/api/foods/${word}`)).status).toBe(404);
    expect((await kitchen.get(`/api/soups?q=${word}`)).status).toBe(200);
  });
  test('as the name of an own food leaves reading whole', async () => {
    expect((await kitchen.send('POST', '/api/own-foods', { ...LABEL, name: 'Constructor', aliases: ['valueOf'] })).status).toBe(201);
    const { status, body } = await kitchen.send('POST', '/api/read', { text: 'Soup\n\nIngredients\n1 cup constructor\n200 g leeks' });
    expect([status, body.recipe.lines.length]).toEqual([200, 2]);
  });
  test('as words taught are remembered as those words', async () => {
    await kitchen.send('PUT', '/api/phrases', { text: 'constructor', foodId: 'miso' });
    expect((await kitchen.get('/api/phrases')).body.phrases).toContainEqual({ phrase: 'constructor', foodId: 'miso' });
    await kitchen.send('PUT', '/api/phrases', { text: 'constructor', foodId: null });
  });
});

describe('a crowd', () => {
  const crowd = (item: string, count: number) => `[${Array.from({ length: count }, () => item).join(',')}]`;
  test.each([
    ['lines', `{"recipe":{"title":"x","steps":[],"lines":${crowd('{}', 320_000)}}}`, '/api/analyse', 'recipe.tooManyLines'],
    ['steps', `{"recipe":{"title":"x","lines":[],"steps":${crowd('{}', 320_000)}}}`, '/api/analyse', 'recipe.tooManyLines'],
    ['needs', `{"recipe":{"title":"x","lines":[],"steps":[]},"needs":{"allergens":${crowd('1', 320_000)}}}`, '/api/adapt', 'value.tooLarge'],
    ['aliases', `{"aliases":${crowd('1', 300_000)}}`, '/api/own-foods', 'value.tooLarge'],
    ['keys', `{"recipe":{${Array.from({ length: 60_000 }, (_, at) => `"k${at}":1`).join(',')}}}`, '/api/analyse', 'value.tooLarge'],
  ])('of %s is refused in a few words', async (_, body, path, code) => {
    const reply = await kitchen.send('POST', path, body);
    expect(reply).toMatchObject({ status: 422, body: { code } });
    expect(JSON.stringify(reply.body).length).toBeLessThan(1000);
  });
  test('of faults is told by its first fifty places', async () => {
    const lines = Array.from({ length: 400 }, () => ({}));
    const { status, body } = await kitchen.send('POST', '/api/analyse', { recipe: { title: 'x', steps: [], lines } });
    expect([status, body.errors.length]).toEqual([400, 50]);
  });
  test('of choices is answered in less than 2 MB, and is not kept with a version', async () => {
    const lines = Array.from({ length: 100 }, (_, at) => [
      { id: `${'a'.repeat(90)}${at}`, stage: 'base', text: 'x', foodId: null, grams: null, choiceOf: `c${at}`, chosen: true },
      { id: `${'b'.repeat(90)}${at}`, stage: 'base', text: 'y', foodId: null, grams: null, choiceOf: `c${at}` },
    ]).flat();
    const recipe = { title: 'choices', servings: 4, lines, steps: [] };
    const { status, body } = await kitchen.send('POST', '/api/analyse', { recipe });
    expect(status).toBe(200);
    expect(JSON.stringify(body).length).toBeLessThan(2_000_000);
    const { body: soup } = await kitchen.send('POST', '/api/soups', { title: 'choices', recipe });
    const { body: kept } = await kitchen.send('POST', `/api/soups/${soup.id}/versions`, { name: 'v', reason: '', recipe, needs: {} });
    expect(kept.analysis.choices).toBeUndefined();
  });
});

describe('a number too small to mean anything', () => {
  test.each([
    ['servings', { servings: 1e-300 }],
    ['servings', { servings: 0.05 }],
    ['servingGrams', { servingGrams: 1e-5 }],
    ['measuredYieldGrams', { measuredYieldGrams: 0.001 }],
  ])('is refused with its place: %s', async (key, value) => {
    for (const path of ['/api/analyse', '/api/adapt'])
      expect(await kitchen.send('POST', path, { recipe: { ...SOUP, ...value }, ...(path.endsWith('adapt') ? { needs: {} } : {}) })).toMatchObject({
        status: 422,
        body: { errors: [{ path: `/recipe/${key}`, code: 'value.tooSmall' }] },
      });
  });
  test('a yield of two grams, typed for two kilograms, is worked out and doubted, not failed', async () => {
    const recipe = { ...SOUP, measuredYieldGrams: 2 };
    const { status, body } = await kitchen.send('POST', '/api/analyse', { recipe });
    expect(status).toBe(200);
    expect(body.notes.map(({ code }: { code: string }) => code)).toContain('yield.unlikely');
    expect((await kitchen.send('POST', '/api/adapt', { recipe, needs: { allergens: ['milk'] } })).status).toBe(200);
  });
});

describe('a text made to be slow', () => {
  test.each([
    ['digits', '1'.repeat(80_000)],
    ['halves of an onion', 'add half of the onion, '.repeat(3500)],
    ['numbered steps', '1. '.repeat(23_000)],
    ['open tags', '<p '.repeat(20_000)],
    ['a text over its limit', 'a '.repeat(150_000)],
  ])('%s is answered', async (_, text) => {
    const { status } = await kitchen.send('POST', '/api/read', { text });
    expect([200, 422]).toContain(status);
  });
});

describe('small slips', () => {
  test('a body that is no gzip is 400', async () => {
    const reply = await kitchen.send('POST', '/api/analyse', 'no gzip', { 'content-encoding': 'gzip' });
    expect(reply).toMatchObject({ status: 400, body: { code: 'json.malformed' } });
  });
  test('an address that cannot be read is 400', async () => {
    expect(await kitchen.get('/api/foods/%')).toMatchObject({ status: 400, body: { code: 'query.invalid' } });
  });
  test('another site is refused even to read', async () => {
    expect(await kitchen.get('/api/soups', { 'sec-fetch-site': 'cross-site' })).toMatchObject({ status: 403, body: { code: 'host.refused' } });
    expect((await kitchen.get('/api/soups', { 'sec-fetch-site': 'same-origin' })).status).toBe(200);
  });
  test('a version is named by its number or its id and nothing near it', async () => {
    const { body: soup } = await kitchen.send('POST', '/api/soups', { title: 'x', recipe: SOUP });
    await kitchen.send('POST', `/api/soups/${soup.id}/versions`, { name: 'v', reason: '', recipe: SOUP, needs: {} });
    expect((await kitchen.get(`/api/soups/${soup.id}/versions/1`)).status).toBe(200);
    for (const key of ['1e0', '01', '1.0', ' 1', '0x1'])
      expect((await kitchen.get(`/api/soups/${soup.id}/versions/${encodeURIComponent(key)}`)).status).toBe(404);
  });
  test('a draft is based on a version of its own soup', async () => {
    const { body: soup } = await kitchen.send('POST', '/api/soups', { title: 'x', recipe: SOUP });
    expect(await kitchen.send('PUT', `/api/soups/${soup.id}/draft`, { recipe: SOUP, needs: {}, basedOn: 'ghost', revision: 1 })).toMatchObject({
      status: 422,
      body: { errors: [{ path: '/basedOn' }] },
    });
  });
  test('headers leave no frame and no script from elsewhere', async () => {
    const { headers } = await kitchen.get('/api/health');
    expect(headers.get('x-frame-options')).toBe('DENY');
    expect(headers.get('content-security-policy')).toContain("script-src 'self'");
  });
});
