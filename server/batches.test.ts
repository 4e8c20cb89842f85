/** Batches over HTTP: nothing acknowledged is lost, nothing is kept twice, nothing is ever changed; and who listens hears it. */
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { SHELF } from '../core/food/shelf.ts';
import { readRecipe } from '../core/reading/read.ts';
import { openKitchen, type TestKitchen } from './test/kitchen.ts';

let kitchen: TestKitchen;
let soupId: string;
let today = '2027-03-06T15:00:00.000Z';
beforeAll(async () => {
  kitchen = await openKitchen({ clock: () => new Date(today) });
  const { recipe } = readRecipe(
    'Leek soup\nServes 6\n\nIngredients\n600 g leeks\n40 g butter\n1 l chicken stock\n150 ml double cream\n6 g salt\n\nMethod\n1. Sweat the leeks in the butter for 10 minutes.\n2. Add the stock and simmer for 20 minutes.\n3. Blend.\n4. Stir in the cream and the salt.',
    { measures: 'auto' },
    SHELF,
  );
  soupId = (await kitchen.send('POST', '/api/soups', { title: 'Leek soup', recipe })).body.id;
  await kitchen.send('POST', `/api/soups/${soupId}/versions`, {
    name: 'as written',
    reason: 'to cook',
    recipe,
    needs: { limits: [{ nutrient: 'sodiumMg', per: 'serving', max: 600 }] },
  });
});
afterAll(() => kitchen.close());

const begin = async (
  more: object = {},
): Promise<{ id: string; recipe: { servings: number; lines: { id: string; foodId: string; grams: { best: number } }[]; steps: { id: string }[] } }> =>
  (await kitchen.send('POST', '/api/batches', { soupId, version: 1, servings: 6, ...more })).body;
const entry = (what: object, at = '2027-03-06T16:00:00.000Z') => ({ id: randomUUID() as string, at, ...what });
const write = (id: string, ...entries: object[]) => kitchen.send('POST', `/api/batches/${id}/entries`, { entries });
const read = async (id: string) => (await kitchen.get(`/api/batches/${id}`)).body;

describe('a batch', () => {
  test('begins with the recipe of its version, for its bowls', async () => {
    const six = await begin();
    expect(six.recipe.servings).toBe(6);
    const twelve = await begin({ servings: 12 });
    const leeks = ({ recipe }: typeof six) => recipe.lines.find(({ foodId }) => foodId === 'leek')?.grams.best as number;
    expect(leeks(twelve) / leeks(six)).toBeCloseTo(2, 1);
    expect(await read(twelve.id)).toMatchObject({ soupId, version: 1, startedAt: today, revision: 0, entries: [], portions: [] });
  });

  test('of no soup, no version or no bowls is refused', async () => {
    expect((await kitchen.send('POST', '/api/batches', { soupId: 'none', version: null, servings: 6 })).status).toBe(404);
    expect((await kitchen.send('POST', '/api/batches', { soupId, version: 9, servings: 6 })).status).toBe(404);
    expect((await kitchen.send('POST', '/api/batches', { soupId, version: 1, servings: 0 })).status).toBe(422);
    expect((await kitchen.get('/api/batches/none')).status).toBe(404);
  });

  test('keeps what is written, once, however often it is sent', async () => {
    const { id } = await begin();
    const salt = entry({ kind: 'added', foodId: 'salt', grams: 4 });
    expect(await write(id, salt)).toMatchObject({ status: 200, body: { accepted: [salt.id], revision: 1 } });
    expect(await write(id, salt, salt)).toMatchObject({ status: 200, body: { revision: 1 } });
    const { entries, actual } = await read(id);
    expect(entries).toEqual([salt]);
    expect(actual.recipe.lines.at(-1)).toMatchObject({ foodId: 'salt', grams: { best: 4 } });
  });

  test('changes no entry: the same id with another word is 409, and no verb touches one', async () => {
    const { id } = await begin();
    const salt = entry({ kind: 'added', foodId: 'salt', grams: 4 });
    await write(id, salt);
    expect(await write(id, { ...salt, grams: 40 })).toMatchObject({ status: 409, body: { code: 'batch.entryDiffers' } });
    for (const verb of ['PUT', 'PATCH', 'DELETE'])
      expect((await kitchen.send(verb, `/api/batches/${id}/entries/${salt.id}`, { grams: 40 })).status).toBe(405);
    expect((await read(id)).entries).toEqual([salt]);
  });

  test('takes all that was sent or nothing of it, and names the place', async () => {
    const { id } = await begin();
    const refused = await write(id, entry({ kind: 'note', text: 'first' }), entry({ kind: 'weighed', lineId: 'no-line', grams: 10 }));
    expect(refused).toMatchObject({ status: 422, body: { code: 'batch.unknown', errors: [{ path: '/entries/1/lineId' }] } });
    for (const wrong of [
      { kind: 'sung', text: 'la' },
      { kind: 'weighed', lineId: 'l1', grams: -1 },
      { kind: 'note' },
      { kind: 'note', text: 'x', colour: 'red' },
    ])
      expect([400, 422]).toContain((await write(id, entry({ kind: 'note', text: 'first' }), entry(wrong))).status);
    expect((await write(id, { ...entry({ kind: 'note', text: 'x' }), id: 'not-an-id' })).status).toBe(422);
    expect((await write(id, entry({ kind: 'note', text: 'x' }, 'noon'))).status).toBe(422);
    expect((await read(id)).entries).toEqual([]);
  });

  test('judges the cooling that was read, by the rules of the house, and no model passes it', async () => {
    const { id } = await begin();
    const cooling = (minute: number, celsius: number) =>
      entry(
        { kind: 'cooling', celsius, container: { depthCm: 5, covered: true, air: 'still' } },
        new Date(Date.parse('2027-03-06T17:00:00Z') + minute * 60_000).toISOString(),
      );
    await write(id, cooling(0, 57));
    expect((await read(id)).cooling).toMatchObject({ verdict: 'open', predicted: expect.any(Array) });
    await write(id, cooling(60, 36), cooling(110, 20), cooling(300, 5));
    expect((await read(id)).cooling).toMatchObject({ verdict: 'passes', stages: [{ verdict: 'passes' }, { verdict: 'passes' }] });
  });

  test('puts portions by with their day and what is in them; past its day is told', async () => {
    const { id } = await begin();
    const put = entry({ kind: 'portioned', count: 4, grams: 300, keep: 'chilled' });
    await write(
      id,
      entry({
        kind: 'instead',
        lineId: (await read(id)).recipe.lines.find((one: { foodId: string }) => one.foodId === 'cream-double').id,
        foodId: 'coconut-milk',
        grams: 150,
      }),
      put,
    );
    const mine = async () => (await kitchen.get('/api/portions')).body.portions.find((one: { id: string }) => one.id === put.id);
    expect(await mine()).toMatchObject({ batchId: id, count: 4, madeOn: '2027-03-06', useBy: '2027-03-12', past: false });
    expect((await mine()).contains).toEqual(expect.arrayContaining(['milk', 'coconut']));
    today = '2027-03-13T09:00:00.000Z';
    expect(await mine()).toMatchObject({ past: true });
    today = '2027-03-06T15:00:00.000Z';
    await write(id, entry({ kind: 'struck', entry: put.id, why: 'they were eaten' }));
    expect(await mine()).toBeUndefined();
  });

  test('gives portions out once a taking, never more than are left, and takes one back', async () => {
    const { id } = await begin();
    const put = entry({ kind: 'portioned', count: 3, grams: 300, keep: 'frozen' });
    await write(id, put);
    const take = (taken: object) => kitchen.send('POST', `/api/portions/${put.id}/take`, taken);
    const mine = ({ portions }: { portions: { id: string; left: number }[] }) => portions.find((one) => one.id === put.id)?.left;
    const first = { id: randomUUID(), count: 2 };
    expect(mine((await take(first)).body)).toBe(1);
    expect(mine((await take(first)).body)).toBe(1);
    expect(await take({ id: randomUUID(), count: 2 })).toMatchObject({ status: 422, body: { errors: [{ path: '/count' }] } });
    expect(mine((await take({ id: randomUUID(), count: 1 })).body)).toBeUndefined();
    expect(mine((await kitchen.send('DELETE', `/api/portions/taken/${first.id}`, {})).body)).toBe(2);
    expect((await kitchen.send('POST', '/api/portions/none/take', first)).status).toBe(404);
  });

  test('teaches how pots boil away here once one was weighed', async () => {
    const { id } = await begin();
    await write(id, entry({ kind: 'yield', grams: 1500 }));
    expect((await kitchen.get('/api/batches/learnt')).body).toMatchObject({ evaporation: { batches: 1, factor: expect.any(Number) } });
  });

  test('is listed with what was written and put by', async () => {
    const { id } = await begin();
    await write(id, entry({ kind: 'note', text: 'begun' }), entry({ kind: 'portioned', count: 3, grams: 250, keep: 'frozen' }));
    const { batches } = (await kitchen.get('/api/batches')).body;
    expect(batches.find((one: { id: string }) => one.id === id)).toMatchObject({ title: 'Leek soup', servings: 6, entries: 2, portioned: 3 });
  });
});

/** Events of a stream, until so many have come. */
async function listen(
  path: string,
  many: number,
  headers: Record<string, string> = {},
): Promise<{ id: number; data: { entries: { id: string }[]; revision: number } }[]> {
  const leave = new AbortController();
  const response = await fetch(kitchen.url + path, { headers, signal: leave.signal });
  expect(response.headers.get('content-type')).toContain('text/event-stream');
  const events: { id: number; data: { entries: { id: string }[]; revision: number } }[] = [];
  let text = '';
  for await (const bytes of response.body as unknown as AsyncIterable<Uint8Array>) {
    text += Buffer.from(bytes).toString('utf8');
    const parts = text.split('\n\n');
    text = parts.pop() ?? '';
    for (const part of parts) {
      const data = /^data: (.*)$/m.exec(part)?.[1];
      if (data) events.push({ id: Number(/^id: (.*)$/m.exec(part)?.[1]), data: JSON.parse(data) });
    }
    if (events.length >= many) break;
  }
  leave.abort();
  return events;
}

describe('who listens to a batch', () => {
  test('hears what was there, then each entry once, and comes back where it was', async () => {
    const { id } = await begin();
    const first = entry({ kind: 'note', text: 'one' });
    await write(id, first);
    const heard = listen(`/api/batches/${id}/stream`, 3);
    await new Promise((resolve) => setTimeout(resolve, 100));
    const [second, third] = [entry({ kind: 'note', text: 'two' }), entry({ kind: 'note', text: 'three' })];
    await write(id, second);
    await write(id, second);
    await write(id, third);
    const events = await heard;
    expect(events.map(({ data }) => data.entries.map((one) => one.id))).toEqual([[first.id], [second.id], [third.id]]);
    const [again] = await listen(`/api/batches/${id}/stream`, 1, { 'last-event-id': '1' });
    expect(again?.data.entries.map((one) => one.id)).toEqual([second.id, third.id]);
  });

  test('hears nothing of a batch that is not there', async () => {
    expect((await kitchen.get('/api/batches/none/stream')).status).toBe(404);
  });
});

test('a hundred writers at once lose nothing and double nothing', async () => {
  const { id } = await begin();
  const entries = Array.from({ length: 100 }, (_, at) => entry({ kind: 'note', text: `note ${at}` }));
  const replies = await Promise.all([...entries, ...entries.slice(0, 50)].map((one) => write(id, one)));
  expect(replies.every(({ status }) => status === 200)).toBe(true);
  const kept = (await read(id)).entries.map((one: { id: string }) => one.id);
  expect([...kept].sort()).toEqual(entries.map((one) => one.id).sort());
});
