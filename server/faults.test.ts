/** Every documented fault: what is sent -> status, code, path. */
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { PROBLEMS } from '../contract/problems.ts';
import { openKitchen, SOUP, type TestKitchen } from './test/kitchen.ts';

let kitchen: TestKitchen;
beforeAll(async () => {
  kitchen = await openKitchen();
});
afterAll(() => kitchen.close());

type Fault = readonly [what: string, body: unknown, status: number, code: string, path: string | null];
const withLine = (changes: Record<string, unknown>, at = 0) => ({
  ...SOUP,
  lines: SOUP.lines.map((line, index) => (index === at ? { ...line, ...changes } : line)),
});
const analyse = (recipe: unknown, more: Record<string, unknown> = {}) => ({ recipe, ...more });
const { title: _title, ...untitled } = SOUP;
const parts = (a: number, b: number) => ({
  ...SOUP,
  lines: [
    { ...SOUP.lines[0], id: 'whole' },
    ...[a, b].map((best, index) => ({ ...SOUP.lines[0], id: `part${index}`, partOf: 'whole', grams: { best, low: best, high: best } })),
  ],
});

const ANALYSE: readonly Fault[] = [
  ['no JSON', '{"recipe":', 400, 'json.malformed', null],
  ['an array', [], 400, 'body.wrongType', ''],
  ['null', 'null', 400, 'body.wrongType', ''],
  ['no recipe', {}, 400, 'body.missing', '/recipe'],
  ['an unknown key', analyse(SOUP, { colour: 'green' }), 400, 'body.unknownKey', '/colour'],
  ['an unknown key in a line', analyse(withLine({ colour: 'green' })), 400, 'body.unknownKey', '/recipe/lines/0/colour'],
  ['__proto__ as a key', '{"recipe":{"title":"x","lines":[],"steps":[]},"__proto__":{"a":1}}', 400, 'json.malformed', null],
  ['a title that is a number', analyse({ ...SOUP, title: 5 }), 400, 'body.wrongType', '/recipe/title'],
  ['no title', analyse(untitled), 400, 'body.missing', '/recipe/title'],
  ['an empty title', analyse({ ...SOUP, title: '' }), 422, 'value.empty', '/recipe/title'],
  ['servings as text', analyse({ ...SOUP, servings: '4' }), 400, 'body.wrongType', '/recipe/servings'],
  ['null for an optional key', analyse({ ...SOUP, servings: null }), 400, 'body.wrongType', '/recipe/servings'],
  ['zero servings', analyse({ ...SOUP, servings: 0 }), 422, 'value.tooSmall', '/recipe/servings'],
  ['a yield below zero', analyse({ ...SOUP, measuredYieldGrams: -5 }), 422, 'value.tooSmall', '/recipe/measuredYieldGrams'],
  [
    'a number that is infinite',
    JSON.stringify(analyse(SOUP)).replace('"best":300', '"best":1e999'),
    422,
    'value.tooLarge',
    '/recipe/lines/0/grams/best',
  ],
  ['grams below zero', analyse(withLine({ grams: { best: -1, low: -1, high: -1 } })), 422, 'value.tooSmall', '/recipe/lines/0/grams/best'],
  ['low above best', analyse(withLine({ grams: { best: 5, low: 6, high: 7 } })), 422, 'grams.order', '/recipe/lines/0/grams'],
  [
    'grams left out',
    analyse({ ...SOUP, lines: [{ id: 'a', stage: 'base', text: 'x', foodId: null }] }),
    400,
    'body.missing',
    '/recipe/lines/0/grams',
  ],
  ['a stage there is not', analyse(withLine({ stage: 'oven' })), 422, 'value.notAllowed', '/recipe/lines/0/stage'],
  ['an unknown food', analyse(withLine({ foodId: 'unicorn' })), 422, 'recipe.unknownFood', '/recipe/lines/0/foodId'],
  ['an id twice', analyse(withLine({ id: 'potato' })), 422, 'recipe.duplicateId', '/recipe/lines/1/id'],
  ['an empty id', analyse(withLine({ id: '' })), 422, 'value.empty', '/recipe/lines/0/id'],
  ['no lines', analyse({ ...SOUP, lines: [] }), 422, 'recipe.tooManyLines', '/recipe/lines'],
  [
    '501 lines',
    analyse({
      ...SOUP,
      lines: Array.from({ length: 501 }, (_, index) => ({ id: `l${index}`, stage: 'base', text: 'x', foodId: null, grams: null })),
    }),
    422,
    'recipe.tooManyLines',
    '/recipe/lines',
  ],
  [
    '201 steps',
    analyse({ ...SOUP, steps: Array.from({ length: 201 }, (_, index) => ({ id: `s${index}`, stage: 'base', text: 'x' })) }),
    422,
    'recipe.tooManyLines',
    '/recipe/steps',
  ],
  ['a part of nothing', analyse(withLine({ partOf: 'ghost' })), 422, 'recipe.unknownParent', '/recipe/lines/0/partOf'],
  ['a part of itself', analyse(withLine({ partOf: 'leek' })), 422, 'recipe.unknownParent', '/recipe/lines/0/partOf'],
  [
    'a part of a part',
    analyse({ ...parts(100, 200), lines: [...parts(100, 200).lines, { ...SOUP.lines[0], id: 'crumb', partOf: 'part0' }] }),
    422,
    'recipe.partOfPart',
    '/recipe/lines/3/partOf',
  ],
  ['parts that do not add up', analyse(parts(100, 180)), 422, 'recipe.partsDoNotAddUp', '/recipe/lines/0'],
  ['a choice with none chosen', analyse(withLine({ choiceOf: 'fat' })), 422, 'recipe.choiceNotOne', '/recipe/lines/0/choiceOf'],
  ['per bowl in the pot', analyse(withLine({ perBowl: true })), 422, 'recipe.perBowlStage', '/recipe/lines/0/perBowl'],
  ['an amount that runs backwards', analyse(withLine({ amount: { min: 3, max: 2, unit: 'cup' } })), 422, 'amount.order', '/recipe/lines/0/amount'],
  [
    'a step that uses nothing known',
    analyse({ ...SOUP, steps: [{ id: 's', stage: 'base', text: 'x', uses: ['ghost'] }] }),
    422,
    'recipe.unknownLine',
    '/recipe/steps/0/uses/0',
  ],
  [
    'minutes that run backwards',
    analyse({ ...SOUP, steps: [{ id: 's', stage: 'base', text: 'x', minutes: { min: 9, max: 2 } }] }),
    422,
    'minutes.order',
    '/recipe/steps/0/minutes',
  ],
  ['a regime there is not', analyse(SOUP, { regime: 'mars' }), 422, 'value.notAllowed', '/regime'],
  ['more eaten than there is', analyse(withLine({ eatenShare: 1.5 })), 422, 'value.tooLarge', '/recipe/lines/0/eatenShare'],
];

const needs = (value: unknown, more: Record<string, unknown> = {}) => ({ recipe: SOUP, needs: value, ...more });
const ADAPT: readonly Fault[] = [
  ['no needs', { recipe: SOUP }, 400, 'body.missing', '/needs'],
  ['an allergen there is not', needs({ allergens: ['moonlight'] }), 422, 'value.notAllowed', '/needs/allergens/0'],
  [
    'a limit upside down',
    needs({ limits: [{ nutrient: 'sodiumMg', per: 'serving', min: 300, max: 200 }] }),
    422,
    'needs.limitOrder',
    '/needs/limits/0',
  ],
  ['a limit without a bound', needs({ limits: [{ nutrient: 'sodiumMg', per: 'serving' }] }), 422, 'needs.limitEmpty', '/needs/limits/0'],
  ['a body upside down', needs({ body: { min: 0.5, max: 0.2 } }), 422, 'needs.limitOrder', '/needs/body'],
  ['a body that is a wish', needs({ body: 'nice' }), 422, 'value.notAllowed', '/needs/body'],
  ['a body that is a number', needs({ body: 3 }), 400, 'body.wrongType', '/needs/body'],
  ['a line to keep that is not there', needs({ keepLines: ['ghost'] }), 422, 'needs.unknownLine', '/needs/keepLines/0'],
  ['a food to avoid that is not there', needs({ avoidFoods: ['unicorn'] }), 422, 'needs.unknownFood', '/needs/avoidFoods/0'],
  ['eleven plans', needs({}, { plans: 11 }), 422, 'value.tooLarge', '/plans'],
  ['half a plan', needs({}, { plans: 1.5 }), 422, 'value.notAllowed', '/plans'],
  ['a margin of one', needs({ margin: 1 }), 422, 'value.tooLarge', '/needs/margin'],
  ['parts that do not add up', { recipe: parts(1, 2), needs: {} }, 422, 'recipe.partsDoNotAddUp', '/recipe/lines/0'],
];
const READ: readonly Fault[] = [
  ['empty text', { text: '  \n ' }, 422, 'read.empty', '/text'],
  ['no text', {}, 400, 'body.missing', '/text'],
  ['measures there are not', { text: '1 onion', measures: 'troy' }, 422, 'value.notAllowed', '/measures'],
  ['501 ingredient lines', { text: `Soup\nIngredients\n${'1 onion\n'.repeat(501)}` }, 422, 'recipe.tooManyLines', '/text'],
];
const SOUPS: readonly Fault[] = [
  ['no title', { recipe: SOUP }, 400, 'body.missing', '/title'],
  ['a blank title', { title: '   ', recipe: SOUP }, 422, 'value.empty', '/title'],
  ['a recipe that cannot be', { title: 'x', recipe: withLine({ foodId: 'unicorn' }) }, 422, 'recipe.unknownFood', '/recipe/lines/0/foodId'],
];

describe.each([
  ['/api/analyse', ANALYSE],
  ['/api/adapt', ADAPT],
  ['/api/read', READ],
  ['/api/soups', SOUPS],
] as const)('POST %s', (path, faults) => {
  test.each(faults)('%s', async (_what, body, status, code, at) => {
    const reply = await kitchen.send('POST', path, body);
    expect({ status: reply.status, code: reply.body.code, type: reply.type.split(';')[0], path: reply.body.errors?.[0]?.path ?? null }).toEqual({
      status,
      code,
      type: 'application/problem+json',
      path: at,
    });
    expect(reply.body).toMatchObject({ type: expect.any(String), title: expect.any(String), detail: expect.any(String), status });
  });
});

test('a body over 1,000,000 bytes is 413, one in another media type 415', async () => {
  expect(await kitchen.send('POST', '/api/read', { text: 'x'.repeat(1_000_000) })).toMatchObject({ status: 413, body: { code: 'body.tooLarge' } });
  expect(await kitchen.send('POST', '/api/read', 'text', { 'content-type': 'text/plain' })).toMatchObject({
    status: 415,
    body: { code: 'media.unsupported' },
  });
});

test('unknown addresses are 404, wrong methods 405 with what is allowed', async () => {
  expect(await kitchen.get('/api/nothing')).toMatchObject({ status: 404, body: { code: 'notFound' } });
  expect(await kitchen.get('/api/soups/none')).toMatchObject({ status: 404 });
  expect(await kitchen.get('/api/foods/none')).toMatchObject({ status: 404 });
  const reply = await kitchen.send('DELETE', '/api/soups', {});
  expect(reply).toMatchObject({ status: 405, body: { code: 'method.notAllowed' } });
  expect(reply.headers.get('allow')).toBe('GET, POST');
});

test('only this machine and its own pages are served', async () => {
  expect(await kitchen.get('/api/health', { origin: 'http://elsewhere.example' })).toMatchObject({ status: 403, body: { code: 'host.refused' } });
  expect(await kitchen.get('/api/health', { origin: kitchen.url })).toMatchObject({ status: 200 });
});

test('a limit of foods outside 1 to 100 is 400', async () => {
  for (const limit of ['0', '101', 'x', '1.5'])
    expect(await kitchen.get(`/api/foods?q=leek&limit=${limit}`)).toMatchObject({ status: 400, body: { code: 'query.invalid' } });
});

test('a search that waits too long or a kitchen that closes is 503', async () => {
  const { Problem } = await import('../contract/problems.ts');
  const busy = await openKitchen({
    heavy: {
      adapt: () => Promise.reject(new Problem('server.busy', 'Other searches are waiting.')),
      read: () => Promise.reject(new Problem('server.busy', 'Other texts are waiting.')),
      pots: () => Promise.reject(new Problem('server.busy', 'Other tables are waiting.')),
      plan: () => Promise.reject(new Problem('server.busy', 'Other plans are waiting.')),
      round: () => Promise.reject(new Problem('server.busy', 'Other rounds are waiting.')),
      marked: () => Promise.reject(new Problem('server.busy', 'Other rounds are waiting.')),
      spread: () => Promise.reject(new Problem('server.busy', 'Other spreads are waiting.')),
      sheet: () => Promise.reject(new Problem('server.busy', 'Other sheets are waiting.')),
      close: async () => {},
    },
  });
  expect(await busy.send('POST', '/api/sheet', { recipe: SOUP })).toMatchObject({ status: 503, body: { code: 'server.busy' } });
  expect(await busy.send('POST', '/api/adapt', { recipe: SOUP, needs: {} })).toMatchObject({ status: 503, body: { code: 'server.busy' } });
  await busy.close();
});

test('every problem code is in openapi, and every code the tests above meet is in the table', async () => {
  const { body } = await kitchen.get('/api/openapi.json');
  expect(body.openapi).toBe('3.1.0');
  expect(Object.keys(body['x-problems'])).toEqual(Object.keys(PROBLEMS));
  for (const [, , status, code] of [...ANALYSE, ...ADAPT, ...READ, ...SOUPS])
    expect([code, PROBLEMS[code as keyof typeof PROBLEMS]?.status]).toEqual([code, status]);
});
