/** Preparations of the house: what a soup takes of one counts by its share, what is over is not eaten, and paths go through it. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { analyse } from '../analysis/analysis.ts';
import { SHELF } from '../food/shelf.ts';
import { adapt } from '../swap/adapt.ts';
import { allergen, bowlOf, diet, line, soup, step } from '../test/soup.ts';
import { type Preparation, type Recipe, recipeFaults } from '../vocabulary/recipe.ts';
import { openPreparations, PREPARED } from './preparation.ts';

const PESTO: Preparation = {
  id: 'pesto',
  name: 'House pesto',
  lines: [
    line('p1', 'basil', 50, { stage: 'blend' }),
    line('p2', 'olive-oil', 100, { stage: 'blend' }),
    line('p3', 'parmesan', 40, { stage: 'blend' }),
    line('p4', 'salt', 2, { stage: 'blend' }),
  ],
  steps: [],
  yieldGrams: 192,
};
const STOCK: Preparation = {
  id: 'stock',
  name: 'House stock',
  lines: [
    line('s1', 'celery', 200, { stage: 'simmer', eaten: 'strained' }),
    line('s2', 'onion', 200, { stage: 'simmer', eaten: 'strained' }),
    line('s3', 'water', 2500, { stage: 'simmer' }),
  ],
  steps: [step('t1', { method: 'simmer', minutes: { min: 45, max: 45 }, lid: 'off', uses: ['s1', 's2', 's3'] })],
  yieldGrams: 2000,
};
const of = (id: string, grams: number, stage: 'simmer' | 'bowl' = 'simmer') =>
  line(id, null, grams, { stage, text: `${grams} g of ${id}`, preparationId: id });
const withPesto = (grams: number): Recipe =>
  soup([line('l1', 'white-beans-cooked', 400), line('l2', 'water', 800), of('pesto', grams, 'bowl')], { preparations: [PESTO] });

describe('a pesto of 192 g', () => {
  test('of which 96 g are used gives half of its fat, and what is over is not eaten', () => {
    const without = bowlOf(soup([line('l1', 'white-beans-cooked', 400), line('l2', 'water', 800)]));
    const oil = (100 + (40 * 25.83) / 100 + (50 * 0.64) / 100) / 2 / 4;
    expect(bowlOf(withPesto(96)).perServing.fatG.value - without.perServing.fatG.value).toBeCloseTo(oil, 0);
  });
  test('a spoon on each bowl is counted by the bowl', () => {
    const recipe = withPesto(15);
    (recipe.lines[2] as { perBowl?: boolean }).perBowl = true;
    expect(bowlOf(recipe).perServing.fatG.value).toBeCloseTo(bowlOf(withPesto(60)).perServing.fatG.value, 1);
  });
  test('tells its milk with the path through it, on the line that takes it', () => {
    const milk = allergen(bowlOf(withPesto(60)), 'milk');
    expect(milk.scopes).toMatchObject({ pot: 'absent', bowl: 'contains' });
    expect(milk.because[0]).toMatchObject({ lineId: 'pesto', path: ['House pesto', 'Parmesan cheese, hard', 'milk'] });
    expect(diet(bowlOf(withPesto(60)), 'vegan').state).toBe('breaks');
  });
  test('with a line nobody knows leaves its figures at least, and every allergen to be checked', () => {
    const open = { ...PESTO, lines: [...PESTO.lines, line('p5', null, 20, { text: 'a spoon of something' })] };
    const bowl = bowlOf({ ...withPesto(60), preparations: [open] });
    expect(bowl.perServing.fatG.atLeast).toBe(true);
    expect(bowl.perServing.fatG.value).toBeGreaterThan(5);
    expect(allergen(bowl, 'peanut').state).toBe('check');
  });
});

describe('a stock of the house', () => {
  const recipe = soup([line('l1', 'carrot', 600), of('stock', 1000)], { preparations: [STOCK] });
  test('weighs in the pot what was taken of it', () => {
    expect(bowlOf(recipe).potGrams).toBeCloseTo(bowlOf(soup([line('l1', 'carrot', 600), line('l2', 'water', 1000)])).potGrams, -1);
  });
  test('carries the celery that was strained out of it: house stock > celery', () => {
    expect(allergen(bowlOf(recipe), 'celery').because[0]?.path).toEqual(['House stock', 'Celery stalk', 'celery']);
  });
  test('can itself be part of a glaze, and turning in a circle is refused', () => {
    const glaze: Preparation = { id: 'glaze', name: 'Glaze', lines: [of('stock', 500)], steps: [], yieldGrams: 100 };
    const nested = soup([line('l1', 'carrot', 600), of('glaze', 50)], { preparations: [glaze, STOCK] });
    expect(recipeFaults(nested, (id) => SHELF.food(id) !== undefined)).toEqual([]);
    expect(allergen(bowlOf(nested), 'celery').state).toBe('contains');
    const turning = { ...nested, preparations: [{ ...STOCK, lines: [...STOCK.lines, of('glaze', 5)] }, glaze] };
    expect(recipeFaults(turning, (id) => SHELF.food(id) !== undefined).map(({ code }) => code)).toContain('recipe.preparationInItself');
  });
});

test.each([
  ['a preparation that is not there', { ...withPesto(10), preparations: [] }, '/lines/2/preparationId', 'recipe.unknownPreparation'],
  [
    'a food beside it',
    { ...withPesto(10), lines: [line('l1', 'carrot', 100, { preparationId: 'pesto' })] },
    '/lines/0/foodId',
    'recipe.foodAndPreparation',
  ],
  ['nothing in it', { ...withPesto(10), preparations: [{ ...PESTO, lines: [] }] }, '/preparations/0/lines', 'recipe.emptyPreparation'],
  [
    'a food of it that is on no shelf',
    { ...withPesto(10), preparations: [{ ...PESTO, lines: [line('p1', 'nothing', 5)] }] },
    '/preparations/0/lines/0/foodId',
    'recipe.unknownFood',
  ],
])('%s is named with its place', (_, recipe, path, code) => {
  expect(recipeFaults(recipe, (id) => SHELF.food(id) !== undefined)).toContainEqual(expect.objectContaining({ path, code }));
});

test('a plan keeps the preparation where nothing asks it to go', () => {
  const recipe = soup([line('l1', 'cream-heavy', 200), line('l2', 'carrot', 600), of('stock', 1000)], { preparations: [STOCK] });
  const { plans } = adapt({ recipe, needs: { allergens: ['milk'] } }, SHELF, { now: () => 0 });
  expect(plans[0]?.recipe.lines.find(({ id }) => id === 'stock')).toMatchObject({ foodId: null, preparationId: 'stock' });
});

test('taking twice as much of one gives twice of everything it holds', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 90 }), (grams) => {
      const { recipe, shelf } = openPreparations(withPesto(grams), SHELF);
      const food = shelf.food(`${PREPARED}pesto`);
      expect(food?.per100g.fatG).toBeCloseTo(((100 + (40 * 25.83) / 100 + (50 * 0.64) / 100) / 192) * 100, 0);
      const once = analyse(withPesto(grams), {}, SHELF).batch.sodiumMg.value;
      const twice = analyse(withPesto(2 * grams), {}, SHELF).batch.sodiumMg.value;
      const none = analyse({ ...withPesto(grams), lines: recipe.lines.slice(0, 2), preparations: [] }, {}, SHELF).batch.sodiumMg.value;
      expect(twice - none).toBeCloseTo(2 * (once - none), 3);
    }),
    { numRuns: 20 },
  );
});
