/** What cannot be in a food is 0 and no gap (common knowledge of composition tables); what may have been added, or is not known, stays open. */
import { describe, expect, test } from '@jest/globals';
import { bowlOf, line, soup } from '../test/soup.ts';
import type { StoredNutrient } from '../vocabulary/nutrient.ts';
import { CURATED_ROWS } from './data/index.ts';
import { MICRONUTRIENTS } from './data/micronutrients.ts';
import { SHELF } from './shelf.ts';

const figure = (id: string, key: StoredNutrient) => SHELF.food(id)?.per100g[key];

describe('what a country puts into milk and salt is told as a range', () => {
  // McCance and Widdowson, USDA/FDA/ODS iodine list (from memory): cod and haddock 100 to 350, whole milk 15 to 50 µg in 100 g.
  test.each<[string, StoredNutrient, number, number]>([
    ['haddock-raw', 'iodineUg', 100, 350],
    ['milk-whole', 'iodineUg', 15, 45],
    ['egg', 'iodineUg', 30, 70],
    ['potato', 'iodineUg', 0, 10],
    ['salmon-raw', 'vitaminDUg', 5, 16],
    ['milk-whole', 'vitaminDUg', 0, 1.4],
  ])('%s: %s lies in %d to %d', (id, key, low, high) => {
    const best = figure(id, key) as number;
    const [below, above] = SHELF.food(id)?.spread[key] ?? [0, 0];
    expect(best).toBeGreaterThanOrEqual(low);
    expect(best).toBeLessThanOrEqual(high);
    // The range of the row is wider than any one table.
    expect(1.96 * (below + above)).toBeGreaterThan(0.5 * best);
  });
  test('a soup of milk and haddock has its iodine, and of the salt it is said that it is not known', () => {
    const bowl = bowlOf(soup([line('l1', 'milk-whole', 500), line('l2', 'haddock-raw', 300), line('l3', 'potato', 400), line('l4', 'salt', 5)]));
    expect(bowl.perServing.iodineUg.value).toBeGreaterThan(100);
    expect(bowl.perServing.iodineUg.missing.map(({ foodId }) => foodId)).toEqual(['salt']);
  });
  test('iodised salt is a row of its own', () => {
    expect(SHELF.foods.filter(({ aliases }) => aliases.includes('iodised salt')).map(({ id }) => id)).toEqual(['salt-iodised']);
    expect(figure('salt-iodised', 'iodineUg')).toBeGreaterThan(1000);
    expect(figure('salt-iodised', 'sodiumMg')).toBe(figure('salt', 'sodiumMg'));
  });
});

test('inulin is fibre under the rules that count it, and comes out of the carbohydrate there', () => {
  // Sunchokes: 14 to 16 g of fibre with their inulin, 1.6 g by the older method of the table (from memory).
  const bowl = (regime: 'us' | 'eu' | 'uk' | 'ca' | 'anz') => bowlOf(soup([line('l1', 'sunchoke', 400)]), { regime }).batch;
  const us = bowl('us');
  expect(us.fibreG.value).toBeCloseTo(4 * 1.6, 6);
  for (const regime of ['eu', 'uk', 'ca', 'anz'] as const) {
    const { fibreG, availableCarbohydrateG, energyKcal } = bowl(regime);
    expect([regime, fibreG.value > 4 * 12, fibreG.value < 4 * 16]).toEqual([regime, true, true]);
    expect(availableCarbohydrateG.value + fibreG.value).toBeCloseTo(us.availableCarbohydrateG.value + us.fibreG.value, 6);
    if (regime !== 'ca') expect([regime, energyKcal.value < us.energyKcal.value]).toEqual([regime, true]);
  }
});

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
