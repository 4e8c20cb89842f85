/** Composites against a second recollection of them, made blind and committed before the two were compared: 494 figures, 9 outside their rows. */
import { describe, expect, test } from '@jest/globals';
import { REGIMES } from '../regime/regime.ts';
import { Z95 } from '../statistics/normal.ts';
import { COMPOSITES_AGAIN } from '../test/food/compositesAgain.ts';
import type { Food } from '../vocabulary/food.ts';
import { NUTRIENT_INDEX } from '../vocabulary/nutrient.ts';
import { SHELF } from './shelf.ts';

const KEYS = ['energyKcal', 'proteinG', 'fatG', 'saturatedFatG', 'carbohydrateG', 'fibreG', 'sodiumMg', 'potassiumMg'] as const;
/** Below this a difference is of rounding. */
const ROUNDING = [8, 0.5, 0.5, 0.3, 1, 0.6, 10, 15];
/** Rows that mean another state than what was recalled. */
const SETTLED: Readonly<Record<string, string>> = { couscous: 'the row is of dry couscous, as recipes weigh it; what was recalled is cooked' };

describe('a second recollection lies within what the row leaves open', () => {
  test.each(COMPOSITES_AGAIN.filter(({ id }) => !(id in SETTLED)))('$id', ({ id, figures }) => {
    const { value, below, above, unknown } = SHELF.figures(SHELF.food(id) as Food, REGIMES.us);
    KEYS.forEach((key, index) => {
      const again = figures[index];
      if (again === null || again === undefined) return;
      const at = NUTRIENT_INDEX[key];
      const [row, low, high] = [value[at] as number, (below[at] as number) * Z95, (above[at] as number) * Z95];
      expect([key, unknown.includes(key)]).toEqual([key, false]);
      expect([key, row - low - (ROUNDING[index] as number) <= again && again <= row + high + (ROUNDING[index] as number)]).toEqual([key, true]);
    });
  });
  test('a row that means another state is told apart, and named', () => {
    expect(SHELF.food('couscous')?.name).toMatch(/dry/i);
  });
});
