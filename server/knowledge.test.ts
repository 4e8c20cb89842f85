/** Labels read and words taught, over HTTP. */
import { afterEach, beforeEach, expect, test } from '@jest/globals';
import { openKitchen, type TestKitchen } from './test/kitchen.ts';

let kitchen: TestKitchen;
beforeEach(async () => {
  kitchen = await openKitchen({ clock: () => new Date('2026-03-15T12:00:00Z') });
});
afterEach(() => kitchen.close());

const pin = {
  allergens: [{ allergen: 'crustacean', state: 'contains' }],
  diets: [],
  flags: [],
  readOn: '2026-01-01',
  lookAgainOn: '2026-07-01',
  product: 'the red jar',
  revision: 0,
};
const soup = {
  title: 'x',
  servings: 4,
  lines: [{ id: 'a', stage: 'base', text: '2 tbsp red curry paste', foodId: 'curry-paste-red', grams: { best: 30, low: 30, high: 30 } }],
  steps: [],
};
const crustacean = async () =>
  (await kitchen.send('POST', '/api/analyse', { recipe: soup, regime: 'eu' })).body.allergens.find(({ id }: { id: string }) => id === 'crustacean');

test('a label that was read makes a fact of a check, and forgetting it a check again', async () => {
  expect((await crustacean()).state).toBe('check');
  const saved = await kitchen.send('PUT', '/api/pins/curry-paste-red', pin);
  expect(saved).toMatchObject({ status: 200, body: { foodId: 'curry-paste-red', revision: 1, product: 'the red jar' } });
  const verdict = await crustacean();
  expect([verdict.state, verdict.because[0].path]).toEqual(['contains', ['Red curry paste', 'label of the red jar, 2026-01-01', 'crustaceans']]);
  expect((await kitchen.send('DELETE', '/api/pins/curry-paste-red', {})).body.pins).toEqual([]);
  expect((await crustacean()).state).toBe('check');
});

test('a stale revision, an unknown food and a day out of order are refused and change nothing', async () => {
  await kitchen.send('PUT', '/api/pins/curry-paste-red', pin);
  expect(await kitchen.send('PUT', '/api/pins/curry-paste-red', { ...pin, revision: 0 })).toMatchObject({
    status: 409,
    body: { code: 'revision.stale', current: { revision: 1 } },
  });
  expect((await kitchen.send('PUT', '/api/pins/no-such-food', pin)).status).toBe(422);
  expect((await kitchen.send('PUT', '/api/pins/miso', { ...pin, lookAgainOn: '2025-01-01' })).status).toBe(422);
  expect((await kitchen.send('PUT', '/api/pins/miso', { ...pin, surprise: 1 })).status).toBe(400);
  expect((await kitchen.get('/api/pins')).body.pins).toHaveLength(1);
});

test('words taught once are known to the next reading, and can be forgotten', async () => {
  const read = async () => (await kitchen.send('POST', '/api/read', { text: 'Soup\nServes 4\n\n2 tbsp island ferment\nSimmer 10 minutes.' })).body;
  const before = await read();
  expect([before.recipe.lines[0].foodId, before.doubts[0].code]).toEqual([null, 'food.unmatched']);
  const taught = await kitchen.send('PUT', '/api/phrases', { text: '2 tbsp island ferment', foodId: 'miso' });
  expect(taught.body.phrases).toEqual([{ phrase: 'island ferment', foodId: 'miso' }]);
  const after = await read();
  expect(after.recipe.lines[0]).toMatchObject({ foodId: 'miso', grams: { best: expect.closeTo(34.4, 0) } });
  await kitchen.send('PUT', '/api/phrases', { text: 'island ferment', foodId: null });
  expect((await read()).recipe.lines[0].foodId).toBeNull();
  expect((await kitchen.send('PUT', '/api/phrases', { text: '200 g', foodId: 'miso' })).status).toBe(422);
  expect((await kitchen.send('PUT', '/api/phrases', { text: 'x', foodId: 'no-such-food' })).status).toBe(422);
});

test('a text that is too long for a recipe is refused with its mend, one that is too large with 413', async () => {
  const lines = Array.from({ length: 501 }, (_, i) => `${i + 1} onions`).join('\n');
  expect(await kitchen.send('POST', '/api/read', { text: `Soup\nIngredients\n${lines}` })).toMatchObject({
    status: 422,
    body: { code: 'recipe.tooManyLines' },
  });
  expect((await kitchen.send('POST', '/api/read', { text: '['.repeat(1_000_000) })).status).toBe(413);
});

test.each([
  ['a day that is none', { readOn: '2026-99-99' }, '/readOn'],
  ['a label read on a day to come', { readOn: '2026-05-01', lookAgainOn: '2026-07-01' }, '/readOn'],
  ['a day to look again that never comes', { lookAgainOn: '9999-12-31' }, '/lookAgainOn'],
  ['a day to look again before the label was read', { lookAgainOn: '2025-12-31' }, '/lookAgainOn'],
])('%s is refused with its place', async (_, days, path) => {
  expect(await kitchen.send('PUT', '/api/pins/miso', { ...pin, ...days })).toMatchObject({
    status: 422,
    body: { code: 'value.notADay', errors: [{ path }] },
  });
});

test('a label needs the product it was read on, and the revision it was read at', async () => {
  for (const key of ['product', 'revision'] as const) {
    const { [key]: _, ...without } = pin;
    expect(await kitchen.send('PUT', '/api/pins/miso', without)).toMatchObject({ status: 400, body: { errors: [{ path: `/${key}` }] } });
  }
  expect((await kitchen.send('DELETE', '/api/pins/miso', {})).status).toBe(404);
});

test.each([
  ['Pacific/Auckland', 'check'],
  ['America/Los_Angeles', 'contains'],
])('a label holds until its day comes on the wall clock of the kitchen: in %s it says %s', async (zone, state) => {
  await kitchen.close();
  // The last evening of February in Los Angeles, the first of March in Auckland.
  kitchen = await openKitchen({ zone, clock: () => new Date('2026-03-01T05:00:00Z') });
  await kitchen.send('PUT', '/api/pins/curry-paste-red', { ...pin, lookAgainOn: '2026-03-01' });
  expect((await crustacean()).state).toBe(state);
});
