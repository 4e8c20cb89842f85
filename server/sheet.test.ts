/** POST /api/sheet: the contract's keys, the analysis's digits, errors that name the place. */
import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { openKitchen, SOUP, type TestKitchen } from './test/kitchen.ts';

let kitchen: TestKitchen;
beforeAll(async () => {
  kitchen = await openKitchen();
});
afterAll(() => kitchen.close());

test.each(['us', 'eu', 'uk', 'ca', 'anz'])('a sheet under %s rules has the figures of /api/analyse to the digit', async (regime) => {
  const { body: sheet, status } = await kitchen.send('POST', '/api/sheet', { recipe: SOUP, regime });
  const { body: analysis } = await kitchen.send('POST', '/api/analyse', { recipe: SOUP, regime });
  expect(status).toBe(200);
  expect(sheet).toMatchObject({ title: SOUP.title, regime, bowls: analysis.servings, bowlGrams: analysis.servingGrams, bowlMl: analysis.servingMl });
  for (const { nutrient, perServing, per100g } of sheet.figures) {
    expect([nutrient, perServing.value, perServing.low, perServing.high]).toEqual([
      nutrient,
      ...(['value', 'low', 'high'] as const).map((key) => analysis.perServing[nutrient][key]),
    ]);
    expect([nutrient, per100g.value]).toEqual([nutrient, analysis.per100g[nutrient].value]);
  }
  expect(sheet.allergens).toEqual(analysis.allergens);
  expect(sheet.diets).toEqual(analysis.diets);
  expect(sheet.provenance).toEqual(analysis.provenance);
});

test('has every key of the contract, and the change only against an original', async () => {
  const { body } = await kitchen.send('POST', '/api/sheet', { recipe: SOUP });
  expect(Object.keys(body).sort()).toEqual(
    expect.arrayContaining(
      'title regime bowls bowlGrams bowlMl figures energyShares ingredients allergens diets claims cautions labelsToCheck steps provenance incomplete'
        .split(' ')
        .sort(),
    ),
  );
  expect(body.change).toBeUndefined();
  const lighter = { ...SOUP, lines: SOUP.lines.slice(1) };
  const { body: changed } = await kitchen.send('POST', '/api/sheet', { recipe: lighter, original: SOUP });
  expect(changed.change.lines).toEqual([expect.objectContaining({ kind: 'out' })]);
});

test('needs are judged on it, and a need that is none is refused with its place', async () => {
  const { body } = await kitchen.send('POST', '/api/sheet', { recipe: SOUP, needs: { limits: [{ nutrient: 'sodiumMg', per: 'serving', max: 1 }] } });
  expect(body.needs).toEqual([expect.objectContaining({ state: 'breaks' })]);
  expect(await kitchen.send('POST', '/api/sheet', { recipe: SOUP, needs: { limits: [{ nutrient: 'sodiumMg', per: 'serving' }] } })).toMatchObject({
    status: 422,
    body: { errors: [{ path: '/needs/limits/0' }] },
  });
});

test('a food nobody knows in either recipe is refused with its place', async () => {
  const strange = { ...SOUP, lines: [{ ...SOUP.lines[0], foodId: 'no-such-food' }] };
  expect(await kitchen.send('POST', '/api/sheet', { recipe: strange })).toMatchObject({
    status: 422,
    body: { errors: [{ path: '/recipe/lines/0/foodId' }] },
  });
  expect(await kitchen.send('POST', '/api/sheet', { recipe: SOUP, original: strange })).toMatchObject({
    status: 422,
    body: { errors: [{ path: '/original/lines/0/foodId' }] },
  });
  expect((await kitchen.get('/api/sheet')).status).toBe(405);
});
