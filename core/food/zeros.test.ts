/** What cannot be in a food is 0 and no gap (common knowledge of composition tables); what may have been added, or is not known, stays open. */
import { describe, expect, test } from '@jest/globals';
import { bowlOf, line, soup } from '../test/soup.ts';
import type { StoredNutrient } from '../vocabulary/nutrient.ts';
import { CURATED_ROWS } from './data/index.ts';
import { MICRONUTRIENTS } from './data/micronutrients.ts';
import { SHELF } from './shelf.ts';

const figure = (id: string, key: StoredNutrient) => SHELF.food(id)?.per100g[key];

describe('natural zeros', () => {
  test.each<[string, StoredNutrient]>([
    ['carrot', 'vitaminDUg'],
    ['carrot', 'vitaminB12Ug'],
    ['carrot', 'transFatG'],
    ['tomatoes-canned', 'transFatG'],
    ['peas-frozen', 'vitaminDUg'],
    ['white-beans-canned-drained', 'transFatG'],
    ['olive-oil', 'vitaminDUg'],
    ['water', 'transFatG'],
    ['water', 'polyFatG'],
    ['salt', 'monoFatG'],
    ['sugar', 'transFatG'],
    ['wine-vinegar', 'vitaminDUg'],
  ])('%s holds no %s', (id, key) => {
    expect(figure(id, key)).toBe(0);
  });
  test.each<[string, StoredNutrient]>([
    ['mushrooms', 'vitaminDUg'],
    ['plant-spread', 'vitaminDUg'],
    ['bread-white', 'vitaminDUg'],
    ['butter-salted', 'transFatG'],
    ['croutons', 'transFatG'],
  ])('%s may hold %s', (id, key) => {
    expect(figure(id, key)).not.toBe(0);
  });
});

describe('vitamins of the kitchen rows', () => {
  const ids = new Set(CURATED_ROWS.map(({ id }) => id));
  test.each(Object.entries(MICRONUTRIENTS) as [string, Readonly<Record<string, number>>][])(
    '%s: every food named is a row of the shelf',
    (_, table) => {
      expect(Object.keys(table).filter((id) => !ids.has(id))).toEqual([]);
    },
  );
  // A soup of ordinary things has its vitamin K complete, so that someone on warfarin can be told a figure (USDA SR, from memory).
  test('leek, potato, stockless and cream: vitamin K is no lower bound', () => {
    const bowl = bowlOf(
      soup([
        line('l1', 'leek', 400),
        line('l2', 'potato', 300),
        line('l3', 'water', 800),
        line('l4', 'butter-unsalted', 30),
        line('l5', 'cream-heavy', 100),
        line('l6', 'salt', 5),
      ]),
    );
    expect(bowl.perServing.vitaminKUg.atLeast).toBe(false);
    expect(bowl.perServing.vitaminKUg.value).toBeGreaterThan(35);
  });
  test('fish, milk and potato: vitamin B12 is no lower bound', () => {
    const bowl = bowlOf(soup([line('l1', 'cod-raw', 400), line('l2', 'potato', 300), line('l3', 'milk-whole', 800), line('l4', 'salt', 5)]));
    expect(bowl.perServing.vitaminB12Ug.atLeast).toBe(false);
    expect(bowl.perServing.vitaminB12Ug.value).toBeGreaterThan(1.4);
  });
});

describe('lactose, as an amount a bowl (common practice of dairies, from memory)', () => {
  const lactose = (foodId: string, grams: number) => bowlOf(soup([line('l1', foodId, grams * 4), line('l2', 'carrot', 400)])).perServing.lactoseG;
  test('200 ml of milk hold about 10 g, of lactose-free milk hardly any, 30 g of cheddar hardly any', () => {
    expect(lactose('milk-whole', 206).value).toBeCloseTo(9.9, 0);
    expect(lactose('milk-lactose-free', 206).high).toBeLessThan(0.5);
    expect(lactose('cheddar', 30).high).toBeLessThan(0.3);
  });
  test('a stock that may hold whey leaves it open, water does not', () => {
    expect(lactose('chicken-broth', 200).atLeast).toBe(true);
    expect(lactose('water', 200).atLeast).toBe(false);
  });
});
