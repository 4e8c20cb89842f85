/** The larder, saved views, what versions are called, and the soups that came with the program. */
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { DEMO_SOUPS } from './demo/soups.ts';
import { openKitchen, SOUP, type TestKitchen } from './test/kitchen.ts';

let kitchen: TestKitchen;
beforeAll(async () => {
  kitchen = await openKitchen();
});
afterAll(() => kitchen.close());

describe('the larder', () => {
  const leeks = { foodId: 'leek', grams: 800, useBy: '2026-03-20', note: 'from Tuesday' };
  test('takes what was bought in one act, what is to be used first before the rest', async () => {
    const { status, body } = await kitchen.send('POST', '/api/larder', { entries: [{ ...leeks, foodId: 'potato', useBy: null }, leeks] });
    expect([status, body.larder.length]).toEqual([201, 2]);
    expect((await kitchen.get('/api/larder')).body.larder).toMatchObject([leeks, { foodId: 'potato', useBy: null, revision: 1 }]);
  });
  test('takes none of a list with a food that nobody knows, and names its place', async () => {
    const reply = await kitchen.send('POST', '/api/larder', { entries: [leeks, { ...leeks, foodId: 'moon-dust' }] });
    expect(reply).toMatchObject({ status: 422, body: { code: 'recipe.unknownFood', errors: [{ path: '/entries/1/foodId' }] } });
    expect((await kitchen.get('/api/larder')).body.larder).toHaveLength(2);
  });
  test('is changed by one at a time, and emptied', async () => {
    const [{ id }] = (await kitchen.get('/api/larder')).body.larder;
    expect((await kitchen.send('PUT', `/api/larder/${id}`, { ...leeks, grams: 300, revision: 1 })).body).toMatchObject({ grams: 300, revision: 2 });
    expect((await kitchen.send('PUT', `/api/larder/${id}`, { ...leeks, revision: 1 })).body.code).toBe('revision.stale');
    expect((await kitchen.send('POST', '/api/larder', { entries: [{ ...leeks, useBy: '2026-02-30' }] })).status).toBe(422);
    expect((await kitchen.send('DELETE', `/api/larder/${id}`, {})).status).toBe(200);
    expect((await kitchen.send('DELETE', `/api/larder/${id}`, {})).status).toBe(404);
  });
  test('is asked by the list of soups: those that take of it, and what', async () => {
    const { body: soup } = await kitchen.send('POST', '/api/soups', { title: 'Leek and potato', recipe: SOUP });
    const { body: other } = await kitchen.send('POST', '/api/soups', { title: 'Leek', recipe: { ...SOUP, lines: SOUP.lines.slice(0, 1) } });
    const { body } = await kitchen.get('/api/soups?larder=1');
    expect(body.soups).toMatchObject([{ id: soup.id, uses: [{ foodId: 'potato', useBy: null }] }]);
    expect(body.soups.map(({ id }: { id: string }) => id)).not.toContain(other.id);
    // Past its day a food is not there to be used.
    await kitchen.send('POST', '/api/larder', { entries: [{ ...leeks, useBy: '2020-01-01' }] });
    expect((await kitchen.get('/api/soups?larder=1')).body.total).toBe(1);
  });
});

test('a view is kept under a name and forgotten', async () => {
  const { body } = await kitchen.send('POST', '/api/views', { name: 'Ward 3', query: 'for=no milk&sort=sodium' });
  expect((await kitchen.get('/api/views')).body.views).toEqual([{ id: body.id, name: 'Ward 3', query: 'for=no milk&sort=sodium' }]);
  await kitchen.send('DELETE', `/api/views/${body.id}`, {});
  expect((await kitchen.get('/api/views')).body.views).toEqual([]);
});

describe('what a version is called', () => {
  let path: string;
  beforeAll(async () => {
    const { body } = await kitchen.send('POST', '/api/soups', { title: 'Named', recipe: SOUP });
    path = `/api/soups/${body.id}`;
    for (const name of ['First', 'Second'])
      await kitchen.send('POST', `${path}/versions`, { name, reason: 'why', recipe: name === 'First' ? SOUP : { ...SOUP, servings: 8 }, needs: {} });
  });
  test('changes without a change of what was kept', async () => {
    const { body: before } = await kitchen.get(`${path}/versions/2`);
    await kitchen.send('PUT', `${path}/versions/2/label`, { name: 'For eight', archived: false, revision: 1 });
    const { body: after } = await kitchen.get(`${path}/versions/2`);
    expect(after).toEqual({ ...before, name: 'For eight', labelRevision: 2 });
    expect((await kitchen.send('PUT', `${path}/versions/2`, {})).status).toBe(405);
  });
  test('is refused when someone else has changed it since', async () => {
    const reply = await kitchen.send('PUT', `${path}/versions/2/label`, { name: 'x', archived: false, revision: 1 });
    expect(reply).toMatchObject({ status: 409, body: { current: { name: 'For eight', labelRevision: 2 } } });
  });
  test('when the newest is put aside the one before stands for the soup; the last one stays', async () => {
    const energy = async () =>
      (await kitchen.get('/api/soups?q=named&sort=energy')).body.soups[0].versions.map(({ archived }: { archived?: true }) => archived);
    await kitchen.send('PUT', `${path}/versions/2/label`, { name: 'For eight', archived: true, revision: 2 });
    expect(await energy()).toEqual([undefined, true]);
    const reply = await kitchen.send('PUT', `${path}/versions/1/label`, { name: 'First', archived: true, revision: 1 });
    expect(reply).toMatchObject({ status: 422, body: { errors: [{ path: '/archived' }] } });
  });
});

describe('the soups that came with the program', () => {
  test('come to a house that has others, go with one act and come back with one', async () => {
    const own = (await kitchen.get('/api/soups')).body.total;
    const all = DEMO_SOUPS.length;
    expect((await kitchen.get('/api/demo')).body).toEqual({ shown: 0, hidden: 0 });
    expect((await kitchen.send('PUT', '/api/demo', { shown: true })).body).toEqual({ shown: all, hidden: 0 });
    expect((await kitchen.get('/api/soups')).body.total).toBe(own + all);
    expect((await kitchen.send('PUT', '/api/demo', { shown: false })).body).toEqual({ shown: 0, hidden: all });
    expect((await kitchen.get('/api/soups')).body.total).toBe(own);
    expect((await kitchen.send('PUT', '/api/demo', { shown: true })).body).toEqual({ shown: all, hidden: 0 });
  });
  test('one archived by hand stays where it is when the others come back', async () => {
    const [soup] = (await kitchen.get('/api/soups')).body.soups.filter(({ demo }: { demo?: true }) => demo);
    await kitchen.send('PATCH', `/api/soups/${soup.id}`, { archived: true, revision: soup.revision });
    await kitchen.send('PUT', '/api/demo', { shown: false });
    await kitchen.send('PUT', '/api/demo', { shown: true });
    const { body } = await kitchen.get('/api/soups?archived=1');
    expect(body.soups.map(({ id }: { id: string }) => id)).toEqual([soup.id]);
  });
  test('prices of the house are left as they are when the soups come', async () => {
    const house = await openKitchen();
    await house.send('PUT', '/api/prices/leek', { perKg: 99, currency: 'EUR', date: '2026-01-01' });
    await house.send('PUT', '/api/demo', { shown: true });
    const { body } = await house.get('/api/prices');
    expect(body.prices.find(({ foodId }: { foodId: string }) => foodId === 'leek').perKg).toBe(99);
    await house.close();
  });
});
