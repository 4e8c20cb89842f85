/** Which soups do? The list answers needs as the evaluator of one soup does, by today's labels, and says of which version. */
import { afterAll, beforeAll, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { SoupSummary, VersionBody, VersionSummary } from '../contract/types.ts';
import { analyse } from '../core/analysis/analysis.ts';
import { SHELF } from '../core/food/shelf.ts';
import type { Needs } from '../core/swap/needs.ts';
import { judgeNeeds } from '../core/swap/verdict.ts';
import { ALLERGENS, DIETS } from '../core/vocabulary/allergens.ts';
import { loadDemo } from './demo/load.ts';
import { openKitchen, SOUP, type TestKitchen } from './test/kitchen.ts';

let kitchen: TestKitchen;
let versions: (VersionBody & { soupId: string })[];
const answering = async (needs: Needs, more = ''): Promise<SoupSummary[]> =>
  (await kitchen.get(`/api/soups?limit=200&needs=${encodeURIComponent(JSON.stringify(needs))}${more}`)).body.soups;

const SALTED_TO_TASTE = {
  ...SOUP,
  title: 'Leek, salted to taste',
  lines: [...SOUP.lines, { id: 'salt', stage: 'simmer', text: 'salt to taste', foodId: 'salt', grams: null }],
};
const WITH_A_STRANGER = {
  ...SOUP,
  title: 'Leek and a stranger',
  lines: [...SOUP.lines.slice(0, 2), { id: 'x', stage: 'simmer', text: '50 g frumble', foodId: null, grams: { best: 50, low: 50, high: 50 } }],
};

beforeAll(async () => {
  kitchen = await openKitchen({ clock: () => new Date('2026-03-15T12:00:00Z') });
  await loadDemo(kitchen.context, SHELF);
  for (const recipe of [SALTED_TO_TASTE, WITH_A_STRANGER]) {
    const { body } = await kitchen.send('POST', '/api/soups', { title: recipe.title, recipe });
    await kitchen.send('POST', `/api/soups/${body.id}/versions`, { name: 'As read', reason: '', recipe, needs: {} });
  }
  const { body } = await kitchen.get('/api/soups');
  versions = [];
  for (const soup of body.soups)
    for (const version of (await kitchen.get(`/api/soups/${soup.id}/versions`)).body.versions) versions.push({ ...version, soupId: soup.id });
});
afterAll(() => kitchen.close());

/** Ids of versions by the worst that the evaluator says of any of the needs. */
function judged(needs: Needs): { does: string[]; open: string[] } {
  const does: string[] = [];
  const open: string[] = [];
  for (const { id, recipe, needs: own } of versions) {
    const analysis = analyse(recipe, { ...own, coconutIsTreeNut: false, chestnutIsTreeNut: false }, SHELF);
    const states = judgeNeeds(needs, { recipe, analysis, original: { recipe, analysis }, shelf: SHELF }).map(({ state }) => state);
    if (states.every((state) => state === 'meets' || state === 'likely')) does.push(id);
    if (!states.includes('breaks')) open.push(id);
  }
  return { does: does.sort(), open: open.sort() };
}
const idsOf = (soups: readonly SoupSummary[]) => soups.flatMap(({ answers = [] }) => answers.map(({ versionId }) => versionId)).sort();

const limit = fc.oneof(
  fc.record({
    nutrient: fc.constantFrom('sodiumMg', 'energyKcal', 'potassiumMg', 'saturatedFatG'),
    per: fc.constantFrom('serving', '100g'),
    max: fc.integer({ min: 1, max: 900 }),
  }),
  fc.record({
    nutrient: fc.constantFrom('proteinG', 'fibreG', 'vitaminKUg'),
    per: fc.constantFrom('serving', '100g'),
    min: fc.integer({ min: 1, max: 20 }),
  }),
);
const anyNeeds = fc.record(
  {
    allergens: fc.subarray([...ALLERGENS], { maxLength: 3 }),
    diets: fc.subarray([...DIETS], { maxLength: 2 }),
    limits: fc.array(limit, { maxLength: 2 }),
    avoidFoods: fc.subarray(['leek', 'potato', 'cream-double', 'white-beans-canned'], { maxLength: 2 }),
    body: fc.record({ min: fc.constantFrom(0, 0.2, 0.35), max: fc.constantFrom(0.5, 1) }),
  },
  { requiredKeys: [] },
);

test('of every version, as the evaluator of one soup says it: what does, and what only a label or a figure can tell', async () => {
  await fc.assert(
    fc.asyncProperty(anyNeeds, async (asked) => {
      const needs = asked as Needs;
      if (needs.avoidFoods) needs.avoidFoods = needs.avoidFoods.filter((id) => SHELF.food(id));
      const { does, open } = judged(needs);
      expect(idsOf(await answering(needs))).toEqual(does);
      expect(idsOf(await answering(needs, '&checks=1'))).toEqual(open);
    }),
    { numRuns: 150 },
  );
});

test('no milk and at most 400 mg sodium: the soups made for such a table, and none that holds milk', async () => {
  const soups = await answering({ allergens: ['milk'], limits: [{ nutrient: 'sodiumMg', per: 'serving', max: 400 }] }, '&checks=1');
  expect(soups.length).toBeGreaterThan(0);
  for (const { answers = [], versions: kept } of soups)
    for (const { versionId } of answers) expect((kept.find(({ id }) => id === versionId) as VersionSummary).contains).not.toContain('milk');
});

test('a version that is put aside answers no more, and answers again when it is brought back', async () => {
  const needs: Needs = { allergens: ['milk'] };
  const [soup] = (await answering(needs)).filter(({ answers = [] }) => answers.length === 1);
  const { versionId, number } = (soup as Required<SoupSummary>).answers[0] as { versionId: string; number: number };
  const name = (soup as SoupSummary).versions.find(({ id }) => id === versionId)?.name as string;
  const label = `/api/soups/${soup?.id}/versions/${number}/label`;
  expect((await kitchen.send('PUT', label, { name, archived: true, revision: 1 })).body).toMatchObject({ archived: true, labelRevision: 2 });
  expect(idsOf(await answering(needs))).not.toContain(versionId);
  await kitchen.send('PUT', label, { name, archived: false, revision: 2 });
  expect(idsOf(await answering(needs))).toContain(versionId);
});

test('a label that was read is answered with from that day, and no longer when it has grown stale', async () => {
  let day = '2026-03-15';
  const house = await openKitchen({ clock: () => new Date(`${day}T12:00:00Z`) });
  const recipe = SOUP.lines.some(({ foodId }) => foodId === 'chicken-broth') ? { ...SOUP, lines: SOUP.lines.slice(0, 3) } : SOUP;
  const { body } = await house.send('POST', '/api/soups', { title: 'Leek broth', recipe });
  await house.send('POST', `/api/soups/${body.id}/versions`, { name: 'As read', reason: '', recipe, needs: {} });
  const total = async () => (await house.get(`/api/soups?needs=${encodeURIComponent('{"allergens":["celery"]}')}`)).body.total;
  expect(await total()).toBe(0);
  const pin = {
    allergens: [{ allergen: 'celery', state: 'absent' }],
    diets: [],
    flags: [],
    readOn: day,
    lookAgainOn: '2026-09-15',
    product: 'Broth of the house',
    revision: 0,
  };
  expect((await house.send('PUT', '/api/pins/chicken-broth', pin)).status).toBe(200);
  expect(await total()).toBe(1);
  day = '2026-10-01';
  expect(await total()).toBe(0);
  await house.close();
});

test('what speaks of one soup, or is no needs at all, is refused and named', async () => {
  for (const needs of ['{"keepLines":[]', '{"smooth":true}', '{"body":"same"}', '{"allergens":["milk"],"scope":"plate"}'])
    expect(await kitchen.get(`/api/soups?needs=${encodeURIComponent(needs)}`)).toMatchObject({ status: 400, body: { code: 'query.invalid' } });
  expect((await kitchen.get(`/api/soups?needs=${encodeURIComponent('{"avoidFoods":["moon-dust"]}')}`)).body.code).toBe('needs.unknownFood');
});

test('asked in words: the same, told back; and nothing is listed while a word is not understood', async () => {
  const said = async (words: string) => (await kitchen.get(`/api/soups?checks=1&for=${encodeURIComponent(words)}`)).body;
  const needs: Needs = { allergens: ['milk'], limits: [{ nutrient: 'sodiumMg', per: 'serving', max: 400 }] };
  const reply = await said('no milk, at most 400 mg sodium');
  expect(reply.asked).toMatchObject({ needs, unread: [] });
  expect(idsOf(reply.soups)).toEqual(idsOf(await answering(needs, '&checks=1')));
  expect((await said('no mushrooms')).asked.names).toMatchObject({ mushrooms: expect.any(String) });
  for (const [words, unread] of [
    ['no milk, no frumble', ['no frumble']],
    ['no milk, smooth', ['smooth']],
    ['half the saturated fat', ['half the saturated fat']],
  ] as const)
    expect(await said(words)).toMatchObject({ soups: [], total: 0, asked: { unread } });
});

test('soups are found by the food they are known by', async () => {
  const { body } = await kitchen.get('/api/soups/mains');
  expect(body.foods.length).toBeGreaterThan(5);
  for (const { foodId, soups } of body.foods) expect((await kitchen.get(`/api/soups?main=${foodId}`)).body.total).toBe(soups);
});

test('a version whose label has been read, or has grown stale, says in the list how it stands to its needs today', async () => {
  let day = '2026-03-15';
  const house = await openKitchen({ clock: () => new Date(`${day}T12:00:00Z`) });
  const recipe = { ...SOUP, lines: SOUP.lines.slice(0, 3) };
  const { body } = await house.send('POST', '/api/soups', { title: 'Leek broth', recipe });
  await house.send('POST', `/api/soups/${body.id}/versions`, { name: 'No celery', reason: 'seat 3', recipe, needs: { allergens: ['celery'] } });
  const [first] = (await house.get('/api/soups')).body.soups[0].versions;
  expect(first).toMatchObject({ asked: 1, met: 0, toCheck: 1 });
  expect(first.today).toBeUndefined();
  const pin = {
    allergens: [{ allergen: 'celery', state: 'contains' }],
    diets: [],
    flags: [],
    readOn: day,
    lookAgainOn: '2026-09-15',
    product: 'Broth',
    revision: 0,
  };
  await house.send('PUT', '/api/pins/chicken-broth', pin);
  const { newestChanged, versions: kept } = (await house.get('/api/soups')).body.soups[0];
  expect([newestChanged, kept[0].today]).toEqual([true, { asked: 1, met: 0, toCheck: 0 }]);
  day = '2026-10-01';
  expect((await house.get('/api/soups')).body.soups[0].versions[0].today).toBeUndefined();
  await house.close();
});

test('commas ask nothing, and everything is listed as it is without', async () => {
  const { body } = await kitchen.get('/api/soups?limit=200&for=%2C%20%2C');
  expect(body.total).toBe((await kitchen.get('/api/soups')).body.total);
  expect(body.soups.every(({ answers }: SoupSummary) => answers === undefined)).toBe(true);
});

test('a label of what only a preparation holds changes the answer too, and is told as changed since', async () => {
  const house = await openKitchen({ clock: () => new Date('2026-03-15T12:00:00Z') });
  const grams = (best: number) => ({ best, low: best, high: best });
  const recipe = {
    ...SOUP,
    lines: [
      ...SOUP.lines.slice(0, 2),
      { id: 'glaze', stage: 'finish', text: '100 g of the glaze', foodId: null, grams: grams(100), preparationId: 'p' },
    ],
    preparations: [
      {
        id: 'p',
        name: 'Glaze',
        steps: [],
        yieldGrams: 500,
        lines: [{ id: 'b', stage: 'base', text: 'broth', foodId: 'chicken-broth', grams: grams(500) }],
      },
    ],
  };
  const { body } = await house.send('POST', '/api/soups', { title: 'Leek and a glaze', recipe });
  await house.send('POST', `/api/soups/${body.id}/versions`, { name: 'v', reason: '', recipe, needs: {} });
  const total = async () => (await house.get(`/api/soups?checks=1&needs=${encodeURIComponent('{"allergens":["celery"]}')}`)).body.total;
  expect(await total()).toBe(1);
  const pin = {
    allergens: [{ allergen: 'celery', state: 'contains' }],
    diets: [],
    flags: [],
    readOn: '2026-03-15',
    lookAgainOn: '2026-09-15',
    product: 'Broth',
    revision: 0,
  };
  await house.send('PUT', '/api/pins/chicken-broth', pin);
  expect(await total()).toBe(0);
  expect((await house.get('/api/soups')).body.soups[0].newestChanged).toBe(true);
  await house.close();
});

test('a family of foods to go without is named by one of its words: every pulse, and what is usually made with one', async () => {
  const { body: read } = await kitchen.send('POST', '/api/read', {
    text: 'Bean soup\nServes 4\n\n1 can (400 g) black beans, drained\n1 onion, chopped\n1 litre water\n\nSimmer 20 minutes. Blend.',
    measures: 'metric',
  });
  const asked = (avoidFoods: string[]) => kitchen.send('POST', '/api/adapt', { recipe: read.recipe, needs: { avoidFoods }, plans: 1 });
  const { status, body } = await asked(['pulses', 'celery']);
  expect(status).toBe(200);
  const foods = body.plans[0].recipe.lines.map(({ foodId }: { foodId: string }) => SHELF.food(foodId)?.category);
  expect(foods).not.toContain('pulse');
  expect((await asked(['moon cheeses'])).body.code).toBe('needs.unknownFood');
});
