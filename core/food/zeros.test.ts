/** What cannot be in a food is 0 and no gap (common knowledge of composition tables); what may have been added, or is not known, stays open. */
import { describe, expect, test } from '@jest/globals';
import type { StoredNutrient } from '../vocabulary/nutrient.ts';
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
