/** A house of many soups: the list in pages, searched and filtered on the server; what a version costs; what has changed since. */
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { SoupList, SoupSummary } from '../contract/types.ts';
import { openKitchen, SOUP, type TestKitchen } from './test/kitchen.ts';

let kitchen: TestKitchen;
beforeAll(async () => {
  kitchen = await openKitchen({ clock: () => new Date('2026-03-15T12:00:00Z') });
});
afterAll(() => kitchen.close());

const WITHOUT_CREAM = { ...SOUP, lines: SOUP.lines.slice(0, 2) };
const keep = (id: string, recipe: unknown, needs: unknown = {}) =>
  kitchen.send('POST', `/api/soups/${id}/versions`, { name: 'v', reason: '', recipe, needs });
const listed = async (query: string): Promise<SoupList> => (await kitchen.get(`/api/soups?${query}`)).body;
const titles = async (query: string): Promise<string[]> => (await listed(query)).soups.map(({ title }) => title);

describe('the list of soups', () => {
  beforeAll(async () => {
    for (const [title, recipe] of [
      ['Élan of leek', SOUP],
      ['elderflower and leek', WITHOUT_CREAM],
      ['Zucchini cream', SOUP],
      ['Not worked out', null],
    ] as const) {
      const { body } = await kitchen.send('POST', '/api/soups', { title, recipe: recipe ?? SOUP });
      if (recipe) await keep(body.id, recipe);
    }
    const { body } = await kitchen.send('POST', '/api/soups', { title: 'Archived cream', recipe: SOUP });
    await kitchen.send('PATCH', `/api/soups/${body.id}`, { archived: true, revision: 1 });
  });
  test('is sorted by title without regard to case and accents', async () => {
    expect(await titles('sort=title')).toEqual(['Élan of leek', 'elderflower and leek', 'Not worked out', 'Zucchini cream']);
  });
  test('puts soups without figures last when sorted by them', async () => {
    expect((await titles('sort=sodium')).at(-1)).toBe('Not worked out');
    expect((await titles('sort=energy'))[0]).toBe('elderflower and leek');
  });
  test('comes in pages that together are the whole, each soup once', async () => {
    for (const sort of ['title', 'updated', 'energy', 'sodium']) {
      const seen: string[] = [];
      let after: string | undefined;
      do {
        const page = await listed(`limit=1&sort=${sort}${after ? `&after=${after}` : ''}`);
        expect([page.total, page.soups.length]).toEqual([4, 1]);
        seen.push((page.soups[0] as SoupSummary).title);
        after = page.next;
      } while (after);
      expect([sort, seen]).toEqual([sort, await titles(`sort=${sort}`)]);
    }
  });
  test('is searched by beginnings of words of the title and of the foods, in any order', async () => {
    expect(await titles('q=elan')).toEqual(['Élan of leek']);
    expect((await listed('q=potat')).total).toBe(4);
    expect(await titles('q=lee eld')).toEqual(['elderflower and leek']);
    expect((await listed('q=)"* NEAR(')).total).toBe(0);
    expect((await listed('q=%22')).total).toBe(0);
  });
  test('without an allergen leaves out what has to be checked, and what was never worked out', async () => {
    expect(await titles('without=milk')).toEqual(['elderflower and leek']);
    // The chicken broth has celery to be checked.
    expect(await titles('without=celery')).toEqual(['elderflower and leek']);
    expect((await titles('without=celery&checks=1&sort=title')).length).toBe(3);
  });
  test('shows archived soups apart', async () => {
    expect(await titles('archived=1')).toEqual(['Archived cream']);
  });
  test.each(['limit=0', 'limit=201', 'limit=x', 'sort=colour', 'without=moonlight', 'after=nowhere', `q=${'x'.repeat(501)}`])(
    'refuses %s',
    async (query) => {
      expect(await kitchen.get(`/api/soups?${query}`)).toMatchObject({ status: 400, body: { code: 'query.invalid' } });
    },
  );
});

test('a version costs at most 25 kB of the file, and food rows are kept once', async () => {
  const { body: soup } = await kitchen.send('POST', '/api/soups', { title: 'Growing', recipe: SOUP });
  const size = async () => {
    const [[pages], [page]] = await Promise.all([kitchen.context.db.raw('pragma page_count'), kitchen.context.db.raw('pragma page_size')]);
    return pages.page_count * page.page_size;
  };
  const rows = async () => (await kitchen.context.db('food_rows').count({ n: '*' }))[0]?.n;
  await keep(soup.id, SOUP);
  const before = [await size(), await rows()] as [number, unknown];
  for (let at = 0; at < 20; at += 1) await keep(soup.id, { ...SOUP, servings: 4 + at });
  expect(((await size()) - before[0]) / 20).toBeLessThan(25_000);
  expect(await rows()).toBe(before[1]);
});

describe('a kept version says what has changed since', () => {
  const OAT = {
    name: 'House oat drink',
    aliases: [],
    category: 'plant-cream',
    form: 'eu',
    perGrams: 100,
    figures: { fatG: 1, carbohydrateG: 6, proteinG: 1, saltG: 0.1 },
    ingredients: 'water, oats',
    date: '2026-03-02',
  };
  const potOf = (foodId: string) => ({
    title: 'Oat pot',
    servings: 4,
    steps: [],
    lines: [...WITHOUT_CREAM.lines, { id: 'x', stage: 'simmer', text: '500 ml', foodId, grams: { best: 500, low: 490, high: 510 } }],
  });
  test('when a label is edited to hold peanuts: in the version and in the list', async () => {
    const { body: food } = await kitchen.send('POST', '/api/own-foods', OAT);
    const { body: soup } = await kitchen.send('POST', '/api/soups', { title: 'Oat pot', recipe: potOf(food.id) });
    await keep(soup.id, potOf(food.id), { allergens: ['peanut'] });
    const inList = async () => (await listed('q=oat pot')).soups[0]?.newestChanged;
    expect(await inList()).toBeUndefined();
    await kitchen.send('PUT', `/api/own-foods/${food.id}`, { entry: { ...OAT, ingredients: 'water, oats, peanuts' }, retired: false, revision: 1 });
    const { body: version } = await kitchen.get(`/api/soups/${soup.id}/versions/1`);
    expect(version.numbersChanged).toBe(true);
    expect(version.changedSince).toMatchObject({ nutrients: [], allergens: [{ id: 'peanut', was: 'absent', is: 'contains' }] });
    expect(version.changedSince.diets).toContainEqual({ id: 'nutFree', was: 'fits', is: 'breaks' });
    expect(await inList()).toBe(true);
  });
  test('when a pack is read, and again when its answer is forgotten', async () => {
    const { body: soup } = await kitchen.send('POST', '/api/soups', { title: 'Broth pot', recipe: SOUP });
    await keep(soup.id, SOUP);
    const change = async () => (await kitchen.get(`/api/soups/${soup.id}/versions/1`)).body.changedSince;
    expect(await change()).toBeUndefined();
    await kitchen.send('PUT', '/api/pins/chicken-broth', {
      allergens: [{ allergen: 'celery', state: 'contains' }],
      diets: [],
      flags: [],
      readOn: '2026-03-10',
      lookAgainOn: '2026-06-01',
      product: 'the blue carton',
      revision: 0,
    });
    expect((await change()).allergens).toEqual([{ id: 'celery', was: 'check', is: 'contains' }]);
    await kitchen.send('DELETE', '/api/pins/chicken-broth', {});
    expect(await change()).toBeUndefined();
  });
});
