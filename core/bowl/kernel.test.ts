import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { SHELF } from '../food/shelf.ts';
import { REGIMES } from '../regime/regime.ts';
import { Z95 } from '../statistics/normal.ts';
import { seeded } from '../test/soup.ts';
import { NUTRIENT_INDEX, NUTRIENTS } from '../vocabulary/nutrient.ts';
import { type KernelLine, sumLines } from './kernel.ts';

const foodOf = (id: string) => SHELF.foods.findIndex((food) => food.id === id);
const lineOf = (food: number, grams: number, error = 0, parent = -1): KernelLine => ({
  figures: SHELF.figures(SHELF.foods[food] as never, REGIMES.us),
  food,
  grams,
  below: grams * error,
  above: grams * error,
  parent,
});
const FAT = NUTRIENT_INDEX.fatG;

const kernelLine = fc.record({
  food: fc.integer({ min: 0, max: SHELF.foods.length - 1 }),
  grams: fc.double({ min: 0, max: 2000, noNaN: true }),
  error: fc.double({ min: 0, max: 0.3, noNaN: true }),
});

/** The same sums, said as slowly as can be: for each nutrient, a loop over lines, foods and parents. */
function slowly(lines: readonly KernelLine[], yieldError: number) {
  return NUTRIENTS.map((_, k) => {
    const value = lines.reduce((sum, { figures, grams }) => sum + (grams / 100) * (figures.value[k] as number), 0);
    const variance = (side: 'below' | 'above') => {
      const foods = [...new Set(lines.map(({ food }) => food))].map(
        (food) =>
          lines.filter((line) => line.food === food).reduce((sum, { figures, grams }) => sum + (grams / 100) * (figures[side][k] as number), 0) ** 2,
      );
      const alone = lines.filter(({ parent }) => parent < 0).map((line) => ((line[side] / 100) * (line.figures.value[k] as number)) ** 2);
      const families = [...new Set(lines.map(({ parent }) => parent))]
        .filter((parent) => parent >= 0)
        .map(
          (parent) =>
            lines.filter((line) => line.parent === parent).reduce((sum, line) => sum + (line[side] / 100) * (line.figures.value[k] as number), 0) **
            2,
        );
      return [...foods, ...alone, ...families, (value * yieldError) ** 2].reduce((sum, x) => sum + x, 0);
    };
    return { value, low: Math.max(0, value - Z95 * Math.sqrt(variance('below'))), high: value + Z95 * Math.sqrt(variance('above')) };
  });
}

describe('the kernel', () => {
  test('equals the slow recomputation on any lines, foods repeated and parts divided', () => {
    fc.assert(
      fc.property(
        fc.array(kernelLine, { minLength: 1, maxLength: 12 }),
        fc.double({ min: 0, max: 0.2, noNaN: true }),
        fc.integer({ min: 0, max: 3 }),
        (drawn, yieldError, families) => {
          const lines = drawn.map(({ food, grams, error }, index) => lineOf(food % 40, grams, error, index % 4 < families ? index % 4 : -1));
          const sums = sumLines(lines, yieldError);
          slowly(lines, yieldError).forEach(({ value, low, high }, k) => {
            const close = (a: number, b: number) => Math.abs(a - b) <= 1e-9 * Math.max(1, Math.abs(b));
            expect([
              NUTRIENTS[k],
              close(sums.value[k] as number, value),
              close(sums.low[k] as number, low),
              close(sums.high[k] as number, high),
            ]).toEqual([NUTRIENTS[k], true, true, true]);
          });
        },
      ),
      { numRuns: 60, seed: 20 },
    );
  });

  test('is linear: twice the grams is twice the figure and twice the interval', () => {
    fc.assert(
      fc.property(fc.array(kernelLine, { minLength: 1, maxLength: 6 }), (drawn) => {
        const once = sumLines(drawn.map(({ food, grams, error }) => lineOf(food, grams, error)));
        const twice = sumLines(drawn.map(({ food, grams, error }) => lineOf(food, 2 * grams, error)));
        for (const [k, high] of once.high.entries()) expect(twice.high[k]).toBeCloseTo(2 * high, 6);
      }),
      { numRuns: 40, seed: 21 },
    );
  });

  test('does not care in which order the lines stand', () => {
    const random = seeded(3);
    const lines = Array.from({ length: 20 }, () => lineOf(Math.floor(random() * 700), random() * 300, 0.05));
    const backwards = sumLines([...lines].reverse());
    for (const [k, value] of sumLines(lines).value.entries()) expect(backwards.value[k]).toBeCloseTo(value, 8);
  });
});

describe('correlation', () => {
  const oil = foodOf('olive-oil');
  const half = (sums: ReturnType<typeof sumLines>) => (sums.high[FAT] as number) - (sums.value[FAT] as number);
  test('one food on two lines is as unsure as on one line of their sum', () => {
    expect(half(sumLines([lineOf(oil, 30), lineOf(oil, 70)]))).toBeCloseTo(half(sumLines([lineOf(oil, 100)])), 9);
  });
  test('two foods as unsure as each other are less unsure together than one of their sum', () => {
    const other = foodOf('rapeseed-oil');
    expect(half(sumLines([lineOf(oil, 50), lineOf(other, 50)]))).toBeCloseTo(half(sumLines([lineOf(oil, 100)])) / Math.SQRT2, 6);
  });
  test('amounts of separate lines are independent, of parts of one parent they move together', () => {
    const water = foodOf('water');
    const amounts = (parent: number) => sumLines([lineOf(water, 500, 0.1, parent), lineOf(water, 500, 0.1, parent)]);
    const WATER = NUTRIENT_INDEX.waterG;
    const spread = (sums: ReturnType<typeof sumLines>) => ((sums.high[WATER] as number) - (sums.value[WATER] as number)) ** 2;
    const composition = spread(sumLines([lineOf(water, 1000)]));
    expect((spread(amounts(0)) - composition) / (spread(amounts(-1)) - composition)).toBeCloseTo(2, 6);
  });
});

test('first order agrees with ten thousand draws of amounts and composition within 5 % in standard deviation', () => {
  // Box-Muller normals: a sampling check that shares nothing with the variance formula. One food stands on two lines.
  const random = seeded(11);
  const normal = () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
  const foods = [foodOf('cream-heavy'), foodOf('cheddar'), foodOf('potato')];
  const lines = [
    lineOf(foods[0] as number, 200, 0.05),
    lineOf(foods[1] as number, 113, 0.12),
    lineOf(foods[2] as number, 500, 0.1),
    lineOf(foods[0] as number, 60, 0.2),
  ];
  const draws = Array.from({ length: 10_000 }, () => {
    const composition = new Map(foods.map((food) => [food, normal()]));
    return lines.reduce(
      (sum, { figures, food, grams, above }) =>
        sum +
        ((grams + normal() * above) / 100) * ((figures.value[FAT] as number) + (composition.get(food) as number) * (figures.above[FAT] as number)),
      0,
    );
  });
  const mean = draws.reduce((sum, x) => sum + x, 0) / draws.length;
  const sd = Math.sqrt(draws.reduce((sum, x) => sum + (x - mean) ** 2, 0) / (draws.length - 1));
  const sums = sumLines(lines);
  expect(((sums.high[FAT] as number) - (sums.value[FAT] as number)) / Z95 / sd).toBeCloseTo(1, 1);
  expect(Math.abs(((sums.high[FAT] as number) - (sums.value[FAT] as number)) / Z95 / sd - 1)).toBeLessThan(0.05);
  expect(Math.abs((sums.value[FAT] as number) / mean - 1)).toBeLessThan(0.01);
});
