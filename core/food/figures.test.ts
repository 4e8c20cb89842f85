/** Intervals of single foods that common sense bounds. */

import { describe, expect, test } from '@jest/globals';
import { REGIMES } from '../regime/regime.ts';
import { Z95 } from '../statistics/normal.ts';
import type { Food } from '../vocabulary/food.ts';
import { NUTRIENT_INDEX, type Nutrient } from '../vocabulary/nutrient.ts';
import { SHELF } from './shelf.ts';

const intervalOf = (id: string, key: Nutrient) => {
  const { value, below, above } = SHELF.figures(SHELF.food(id) as Food, REGIMES.us);
  const at = NUTRIENT_INDEX[key];
  return {
    low: (value[at] as number) - Z95 * (below[at] as number),
    value: value[at] as number,
    high: (value[at] as number) + Z95 * (above[at] as number),
  };
};

test('a hundred grams hold no more than a hundred grams of anything', () => {
  // Two oils of the open table are printed a trace above it.
  const over = SHELF.foods.flatMap(({ id }) =>
    (['waterG', 'proteinG', 'fatG', 'carbohydrateG', 'fibreG', 'sugarsG'] as const)
      .filter((key) => intervalOf(id, key).high > Math.max(100, intervalOf(id, key).value) + 1e-9)
      .map((key) => `${id} ${key}`),
  );
  expect(over).toEqual([]);
});

describe('what is nearly pure is known better than its class', () => {
  test.each([
    ['olive-oil', 'fatG', 0.01],
    ['sugar', 'carbohydrateG', 0.01],
    ['water', 'waterG', 0.01],
    ['salt', 'sodiumMg', 0.02],
  ] as const)('%s %s within %d', (id, key, share) => {
    const { low, value, high } = intervalOf(id, key);
    expect([value - low <= share * value, high - value <= share * value]).toEqual([true, true]);
  });
});
