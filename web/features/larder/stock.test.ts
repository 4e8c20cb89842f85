import { expect, test } from '@jest/globals';
import type { LarderEntry } from '../../../contract/types.ts';
import { foodsToUse, stockOf } from './stock.ts';

const entry = (foodId: string, grams: number, useBy: string | null): LarderEntry => ({
  id: `${foodId}-${useBy}`,
  foodId,
  name: foodId,
  grams,
  useBy,
  note: '',
  revision: 1,
  updatedAt: '',
});

test('the larder gives what has not passed its day, that day itself counted', () => {
  const larder = [entry('leek', 300, '2026-03-14'), entry('leek', 200, '2026-03-15'), entry('leek', 100, null), entry('kale', 50, '2026-01-01')];
  expect([...stockOf(larder, '2026-03-15')]).toEqual([['leek', 300]]);
  expect(foodsToUse(larder, '2026-03-15')).toEqual(['leek']);
});
