/**
 * Right types, wild values, every endpoint, a real file, a restart at the end: nothing answers 5xx, every refusal is a problem with a
 * code of the table, every figure is finite, and the kitchen opens again. KIND_LADLE_FUZZ sets the number of requests.
 */

import { join } from 'node:path';
import { afterAll, beforeAll, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { PROBLEMS } from '../contract/problems.ts';
import type { Analysis } from '../core/analysis/analysis.ts';
import { ALLERGENS, DIETS } from '../core/vocabulary/allergens.ts';
import { CATEGORIES } from '../core/vocabulary/category.ts';
import { NUTRIENTS } from '../core/vocabulary/nutrient.ts';
import { EATEN, METHODS, STAGES } from '../core/vocabulary/recipe.ts';
import { folderForTests } from './test/folder.ts';
import { openKitchen, type TestKitchen } from './test/kitchen.ts';

const REQUESTS = Number(process.env.KIND_LADLE_FUZZ ?? 2000);
const SEED = 20261128;

const folder = folderForTests('fuzz');
const databasePath = join(folder, 'kitchen.sqlite');
let kitchen: TestKitchen;
const soupIds: string[] = [];
beforeAll(async () => {
  kitchen = await openKitchen({ databasePath, clock: () => new Date('2026-03-15T12:00:00Z') });
});
afterAll(async () => {
  await kitchen.close();
});

const NUMBERS = [0, -0, 1e-320, 5e-324, 1e-300, 1e-9, 0.1, 0.5, 1, 3, 4, 100, 250, 1e4, 1e6, 1e7, 1e15, 2 ** 53, 1e300, -1, -1e-9];
const WORDS = [
  '',
  ' ',
  'constructor',
  '__proto__',
  'toString',
  '2 cups cream',
  'leek',
  '½',
  '\u0000',
  '\ud800',
  '<script>',
  "'=1",
  'é'.repeat(40),
  '1'.repeat(60),
];
const number = fc.oneof(fc.constantFrom(...NUMBERS), fc.double({ noNaN: true, noDefaultInfinity: true }), fc.integer({ min: 0, max: 2000 }));
const kitchenNumber = fc.oneof({ weight: 3, arbitrary: fc.integer({ min: 1, max: 900 }) }, { weight: 1, arbitrary: number });
const word = fc.oneof(fc.constantFrom(...WORDS), fc.string({ maxLength: 30 }), fc.string({ unit: 'binary', maxLength: 12 }));
const foodId = fc.constantFrom(
  'leek',
  'potato',
  'cream-double',
  'chicken-broth',
  'salt-table',
  'butter-unsalted',
  'white-wine',
  'constructor',
  'no-such-food',
);
const id = fc.constantFrom('a', 'b', 'c', 'd', 'e', 'constructor', '__proto__', 'l 1');
const maybe = <T>(arbitrary: fc.Arbitrary<T>) => fc.option(arbitrary, { nil: undefined, freq: 3 });

const line = fc.record({
  id,
  stage: fc.constantFrom(...STAGES),
  text: word,
  foodId: fc.oneof({ weight: 5, arbitrary: foodId }, { weight: 1, arbitrary: fc.constant(null) }),
  grams: fc.oneof(
    { weight: 4, arbitrary: kitchenNumber.map((best) => ({ best, low: best, high: best })) },
    { weight: 1, arbitrary: fc.record({ best: number, low: number, high: number }) },
    { weight: 1, arbitrary: fc.constant(null) },
  ),
  eaten: maybe(fc.constantFrom(...EATEN)),
  eatenShare: maybe(fc.double({ min: 0, max: 1, noNaN: true })),
  perBowl: maybe(fc.boolean()),
  choiceOf: maybe(fc.constantFrom('x', 'y')),
  chosen: maybe(fc.boolean()),
  partOf: fc.option(id, { nil: undefined, freq: 8 }),
  replaces: maybe(id),
});
const step = fc.record({
  id,
  stage: fc.constantFrom(...STAGES),
  text: word,
  method: maybe(fc.constantFrom(...METHODS)),
  minutes: maybe(kitchenNumber.map((min) => ({ min, max: min }))),
  uses: maybe(fc.array(id, { maxLength: 3 })),
});
const wildRecipe = fc.record({
  title: fc.oneof(fc.constant('Soup'), word),
  servings: maybe(kitchenNumber),
  servingGrams: fc.option(kitchenNumber, { nil: undefined, freq: 6 }),
  measuredYieldGrams: fc.option(kitchenNumber, { nil: undefined, freq: 6 }),
  pot: fc.option(fc.record({ diameterCm: maybe(kitchenNumber), ringKw: maybe(kitchenNumber) }), { nil: undefined, freq: 6 }),
  lines: fc.uniqueArray(line, { selector: ({ id: key }) => key, minLength: 0, maxLength: 5 }),
  steps: fc.uniqueArray(step, { selector: ({ id: key }) => key, maxLength: 3 }),
});
/** The same with what nearly always makes it impossible taken away, so that the depths are reached. */
const tameRecipe = wildRecipe.map(({ title, servings, lines, steps, ...rest }) => ({
  ...rest,
  title: title || 'Soup',
  servings: servings === undefined ? servings : Math.min(1000, Math.max(0.1, Math.abs(servings) || 4)),
  servingGrams: undefined,
  measuredYieldGrams: undefined,
  pot: undefined,
  lines: [...lines, { id: 'z', stage: 'base' as const, text: 'leek', foodId: 'leek', grams: { best: 300, low: 290, high: 310 } }].map(
    ({ partOf: _, choiceOf: __, chosen: ___, perBowl: ____, ...one }: Record<string, unknown>) => ({
      ...one,
      foodId: /^(?:constructor|no-such-food)$/.test(String(one.foodId)) ? null : one.foodId,
      grams:
        one.grams &&
        ((grams) => (grams.low === grams.best && grams.high === grams.best && grams.best >= 0 && grams.best < 1e6 ? grams : null))(
          one.grams as { low: number; best: number; high: number },
        ),
    }),
  ),
  steps: steps.map(({ uses: _, minutes: __, ...one }) => one),
}));
const recipe = fc.oneof({ weight: 3, arbitrary: tameRecipe }, { weight: 2, arbitrary: wildRecipe });
const regime = maybe(fc.constantFrom('us', 'eu', 'uk', 'ca', 'anz'));
const limit = fc.record({ nutrient: fc.constantFrom(...NUTRIENTS), per: fc.constantFrom('serving', '100g'), min: maybe(number), max: maybe(number) });
const needs = fc.record({
  regime,
  allergens: maybe(fc.array(fc.constantFrom(...ALLERGENS), { maxLength: 3 })),
  diets: maybe(fc.array(fc.constantFrom(...DIETS), { maxLength: 3 })),
  limits: maybe(fc.array(limit, { maxLength: 3 })),
  body: maybe(fc.oneof(fc.constant('same'), fc.record({ min: maybe(number), max: maybe(number) }))),
  smooth: maybe(fc.boolean()),
  keepLines: maybe(fc.array(id, { maxLength: 2 })),
  avoidFoods: maybe(fc.array(foodId, { maxLength: 2 })),
  checks: maybe(fc.constantFrom('asIs', 'avoid', 'allow')),
  margin: maybe(number),
});
const day = fc.constantFrom('2026-01-01', '2026-03-15', '2026-99-99', '9999-12-31', '', '2027-01-01');
const label = fc.record({
  name: word,
  aliases: fc.array(word, { maxLength: 2 }),
  category: fc.constantFrom(...CATEGORIES),
  form: fc.constantFrom('us', 'eu'),
  perGrams: kitchenNumber,
  figures: fc.record({
    energyKcal: maybe(number),
    fatG: maybe(kitchenNumber),
    carbohydrateG: maybe(kitchenNumber),
    proteinG: maybe(number),
    saltG: maybe(number),
  }),
  ingredients: fc.oneof(fc.constant(null), word),
  date: day,
  like: maybe(foodId),
});
const soupId = fc.nat().map((at) => soupIds[at % Math.max(1, soupIds.length)] ?? 'none');
const revision = fc.constantFrom(0, 1, 2, 3, 1e15);

type Request = [method: string, path: string, body?: unknown];
const path = (...parts: string[]) => `/api/${parts.map(encodeURIComponent).join('/')}`;
const wellFormed = (text: string) => text.replace(/[\ud800-\udfff]/g, '');
const requests: fc.Arbitrary<Request> = fc.oneof(
  { weight: 4, arbitrary: fc.record({ recipe, regime }).map((body): Request => ['POST', '/api/analyse', body]) },
  {
    weight: 2,
    arbitrary: fc.record({ recipe, needs, plans: fc.constant(1), timeLimitMs: fc.constant(60) }).map((body): Request => ['POST', '/api/adapt', body]),
  },
  fc
    .record({
      recipe,
      needs,
      measures: maybe(fc.uniqueArray(fc.constantFrom('sodiumMg', 'proteinG', 'work', 'cost'), { minLength: 2, maxLength: 2 })),
    })
    .map((body): Request => ['POST', '/api/spread', body]),
  { weight: 2, arbitrary: fc.array(word, { maxLength: 12 }).map((words): Request => ['POST', '/api/read', { text: words.join('\n') }]) },
  fc.record({ title: word, recipe }).map((body): Request => ['POST', '/api/soups', body]),
  fc
    .record({ id: soupId, body: fc.record({ title: maybe(word), archived: maybe(fc.boolean()), revision }) })
    .map(({ id: soup, body }): Request => ['PATCH', path('soups', soup), body]),
  fc
    .record({ id: soupId, body: fc.record({ recipe, needs, basedOn: fc.constant(null), revision }) })
    .map(({ id: soup, body }): Request => ['PUT', path('soups', soup, 'draft'), body]),
  fc
    .record({ id: soupId, body: fc.record({ name: word, reason: word, recipe, needs }) })
    .map(({ id: soup, body }): Request => ['POST', path('soups', soup, 'versions'), body]),
  fc
    .record({ id: soupId, key: fc.oneof(fc.constantFrom('1', '1e0', '-1'), word) })
    .map(({ id: soup, key }): Request => ['GET', path('soups', soup, 'versions', wellFormed(key) || 'x')]),
  fc
    .record({ q: word, sort: fc.constantFrom('updated', 'title', 'energy', 'sodium', 'x') })
    .map(({ q, sort }): Request => ['GET', `/api/soups?q=${encodeURIComponent(wellFormed(q))}&sort=${sort}`]),
  needs.map((asked): Request => ['GET', `/api/soups?checks=1&needs=${encodeURIComponent(wellFormed(JSON.stringify(asked)))}`]),
  fc
    .record({ said: word, main: foodId, larder: fc.constantFrom('', '1') })
    .map(
      ({ said, main, larder }): Request => [
        'GET',
        `/api/soups?for=${encodeURIComponent(wellFormed(said))}&main=${encodeURIComponent(wellFormed(main))}&larder=${larder}`,
      ],
    ),
  fc
    .record({ id: soupId, key: fc.constantFrom('1', '2', '-1'), body: fc.record({ name: word, archived: fc.boolean(), revision }) })
    .map(({ id: soup, key, body }): Request => ['PUT', path('soups', soup, 'versions', key, 'label'), body]),
  fc
    .record({ entries: fc.array(fc.record({ foodId, grams: number, useBy: fc.oneof(day, fc.constant(null)), note: word }), { maxLength: 3 }) })
    .map((body): Request => ['POST', '/api/larder', body]),
  fc.record({ name: word, query: word }).map((body): Request => ['POST', '/api/views', body]),
  fc.boolean().map((shown): Request => ['PUT', '/api/demo', { shown }]),
  fc.constant<Request>(['GET', '/api/soups/mains']),
  word.map((q): Request => ['GET', `/api/foods?q=${encodeURIComponent(wellFormed(q))}`]),
  label.map((body): Request => ['POST', '/api/own-foods', body]),
  fc
    .record({ food: foodId, body: fc.record({ perKg: number, currency: fc.constantFrom('EUR', '€€€', '   ', 'eur'), date: day }) })
    .map(({ food, body }): Request => ['PUT', path('prices', food), body]),
  fc
    .record({
      food: foodId,
      body: fc.record({
        allergens: fc.constant([{ allergen: 'celery', state: 'contains' }]),
        diets: fc.constant([]),
        flags: fc.constant([]),
        readOn: day,
        lookAgainOn: day,
        product: word,
        revision,
      }),
    })
    .map(({ food, body }): Request => ['PUT', path('pins', food), body]),
  fc.record({ text: word, foodId: fc.oneof(foodId, fc.constant(null)) }).map((body): Request => ['PUT', '/api/phrases', body]),
  fc.record({ name: word, needs, caution: word }).map((body): Request => ['POST', '/api/presets', body]),
  fc
    .record({ id: soupId, body: fc.record({ mlLeft: number, temperatureC: number, heldMinutes: number, note: word }) })
    .map(({ id: soup, body }): Request => ['POST', path('soups', soup, 'flow-tests'), body]),
  fc
    .record({ regime, potDiameterCm: kitchenNumber, bowlMl: kitchenNumber, revision })
    .map(
      (changes): Request => [
        'PUT',
        '/api/settings',
        { coconutIsTreeNut: false, chestnutIsTreeNut: false, measures: 'auto', show: 'grams', ringKw: null, currency: 'EUR', ...changes },
      ],
    ),
  // A round that is not made is no work: most answers are of ids that are none, the others of one round of each kind.
  fc
    .record({
      kind: fc.constantFrom('find', 'rank', 'caution', 'label', 'estimate', 'none'),
      answer: fc.oneof(word, number, fc.array(word, { maxLength: 4 }), fc.array(fc.record({ stepId: word, code: word }), { maxLength: 2 })),
      learner: maybe(word),
    })
    .map(({ kind, ...body }): Request => ['POST', path('practice', 'rounds', `${kind}-1-7`, 'answer'), body]),
  fc
    .record({
      date: day,
      body: fc.record({
        groupId: fc.constant(null),
        away: fc.array(word, { maxLength: 3 }),
        soups: fc.array(fc.record({ soupId, number }), { maxLength: 3 }),
        eats: fc.dictionary(word, word, { maxKeys: 3 }),
        together: fc.array(fc.array(word, { maxLength: 3 }), { maxLength: 2 }),
        serveAt: fc.constantFrom('12:30', '99:99', ''),
        worked: fc.constant(null),
        revision,
      }),
    })
    .map(({ date, body }): Request => ['PUT', path('days', String(date)), body]),
);

/** Figures that JSON could not carry. */
const notFinite = ({ perServing, per100g, batch, servingMl, potMl, servings }: Analysis): unknown[] => [
  ...[perServing, per100g, batch].flatMap((figures) =>
    Object.entries(figures).filter(([, { value, low, high }]) => ![value, low, high].every(Number.isFinite)),
  ),
  ...[servingMl, potMl, servings].filter((value) => !Number.isFinite(value)),
];

test(`${REQUESTS} requests of right types and wild values leave the kitchen standing`, async () => {
  await fc.assert(
    fc.asyncProperty(requests, async ([method, at, body]) => {
      const reply = body === undefined ? await kitchen.get(at) : await kitchen.send(method, at, body);
      if (reply.status >= 500) throw new Error(`${reply.status} ${JSON.stringify(reply.body)}`);
      if (reply.status >= 400) {
        expect(reply.type).toContain('application/problem+json');
        expect(PROBLEMS[reply.body.code as keyof typeof PROBLEMS]?.status).toBe(reply.status);
      } else if (at === '/api/analyse') expect(notFinite(reply.body)).toEqual([]);
      if (method === 'POST' && at === '/api/soups' && reply.status === 201) soupIds.push(reply.body.id);
    }),
    { numRuns: REQUESTS, seed: SEED },
  );
  await kitchen.close();
  kitchen = await openKitchen({ databasePath, clock: () => new Date('2026-03-15T12:00:00Z') });
  expect((await kitchen.get('/api/health')).body.status).toBe('ok');
  expect((await kitchen.get('/api/soups?limit=200')).body.soups.length).toBeGreaterThan(0);
  expect((await kitchen.send('POST', '/api/read', { text: 'Soup\nServes 4\n\n200 g leeks' })).status).toBe(200);
}, 600_000);
