/** Drawn bowls against the first-order kernel, against what can be said in closed form, and against themselves. */

import { describe, expect, test } from '@jest/globals';
import { analyse } from '../analysis/analysis.ts';
import type { Figures } from '../food/figures.ts';
import { SHELF } from '../food/shelf.ts';
import { line, soup } from '../test/soup.ts';
import { NUTRIENT_COUNT, NUTRIENT_INDEX } from '../vocabulary/nutrient.ts';
import { doubtAbout } from './doubt.ts';
import { chanceWithin, drawBowls, spreadOf } from './draws.ts';
import { bowlLines } from './entries.ts';
import type { KernelLine } from './kernel.ts';

const NA = NUTRIENT_INDEX.sodiumMg;
const figures = (value: number, below: number, above: number): Figures => {
  const all = () => new Float64Array(NUTRIENT_COUNT);
  const made = { value: all(), below: all(), above: all(), unknown: [], apart: [] };
  made.value[NA] = value;
  made.below[NA] = below;
  made.above[NA] = above;
  return made;
};
const drawn = (lines: readonly KernelLine[], { yieldError = 0, seed = 7, draws = 20_000 } = {}) =>
  drawBowls({ lines, yieldError, nutrients: [NA], draws, seed })[0] as Float64Array;
/** Variance of a two-piece normal with half the chance on each side. */
const twoPiece = (below: number, above: number) => (below ** 2 + above ** 2) / 2 - (above - below) ** 2 / (2 * Math.PI);

describe('standard deviations stand within 5 % of first order', () => {
  test('with skewed amounts, and one food on two lines', () => {
    const stock = figures(300, 20, 45);
    const lines: KernelLine[] = [
      { figures: stock, food: 1, grams: 150, below: 8, above: 20, parent: -1 },
      { figures: stock, food: 1, grams: 60, below: 5, above: 9, parent: -1 },
      { figures: figures(650, 30, 30), food: 2, grams: 20, below: 2, above: 5, parent: -1 },
      { figures: figures(40, 4, 10), food: 3, grams: 80, below: 6, above: 10, parent: -1 },
    ];
    const of = ({ figures: f, below, above }: KernelLine) =>
      twoPiece((below * (f.value[NA] as number)) / 100, (above * (f.value[NA] as number)) / 100);
    const amounts = lines.reduce((sum, one) => sum + of(one), 0);
    // The two lines of stock share one composition: 210 g of it.
    const compositions = twoPiece(2.1 * 20, 2.1 * 45) + twoPiece(0.2 * 30, 0.2 * 30) + twoPiece(0.8 * 4, 0.8 * 10);
    const { sd } = spreadOf(drawn(lines));
    const firstOrder = Math.sqrt(amounts + compositions);
    expect(Math.abs(sd / firstOrder - 1)).toBeLessThan(0.05);
    // Had the two lines drawn apart, this would have caught it.
    const apart = Math.sqrt(amounts + twoPiece(1.5 * 20, 1.5 * 45) + twoPiece(0.6 * 20, 0.6 * 45) + twoPiece(6, 6) + twoPiece(3.2, 8));
    expect(Math.abs(sd / apart - 1)).toBeGreaterThan(0.05);
  });
  test('with parts of one parent, which move together, and with a yield that moves all', () => {
    const salt = figures(38_758, 0, 0);
    const parts: KernelLine[] = [
      { figures: salt, food: 1, grams: 0.5, below: 0.1, above: 0.1, parent: 0 },
      { figures: salt, food: 1, grams: 0.3, below: 0.06, above: 0.06, parent: 0 },
    ];
    expect(spreadOf(drawn(parts)).sd / (0.16 * 387.58)).toBeCloseTo(1, 1);
    const broth: KernelLine[] = [{ figures: figures(300, 0, 0), food: 1, grams: 200, below: 0, above: 0, parent: -1 }];
    expect(spreadOf(drawn(broth, { yieldError: 0.08 })).sd / (600 * 0.08)).toBeCloseTo(1, 1);
  });
  test('and of a real soup the interval drawn is that of the analysis within a twentieth of its value', () => {
    const recipe = soup(
      [line('leek', 'leek', 400), line('stock', 'chicken-broth', 1200), line('cream', 'cream-double', 150), line('salt', 'salt', 4)],
      { servings: 6 },
    );
    const { lines, yieldError } = bowlLines(recipe, {}, SHELF);
    const { low, high } = spreadOf(drawn(lines, { yieldError }));
    const { sodiumMg } = analyse(recipe, {}, SHELF).perServing;
    expect(Math.abs(low - sodiumMg.low)).toBeLessThan(0.05 * sodiumMg.value);
    expect(Math.abs(high - sodiumMg.high)).toBeLessThan(0.05 * sodiumMg.value);
  });
});

describe('draws', () => {
  const lines: KernelLine[] = [{ figures: figures(100, 10, 10), food: 1, grams: 100, below: 0, above: 0, parent: -1 }];
  test('of one seed are the same, of another are not', () => {
    expect(drawn(lines, { draws: 50 })).toEqual(drawn(lines, { draws: 50 }));
    expect(drawn(lines, { draws: 50 })).not.toEqual(drawn(lines, { draws: 50, seed: 8 }));
  });
  test('are normal where the error is: 97.5 % lie below 1.96 standard deviations (standard table)', () => {
    const values = drawn(lines);
    expect(chanceWithin(values, { max: 119.6 })).toBeCloseTo(0.975, 2);
    expect(chanceWithin(values, { min: 100 })).toBeCloseTo(0.5, 1);
  });
  test('never fall below nothing', () => {
    const wild: KernelLine[] = [{ figures: figures(10, 30, 30), food: 1, grams: 100, below: 80, above: 80, parent: -1 }];
    expect(Math.min(...drawn(wild))).toBeGreaterThanOrEqual(0);
  });
  test('are counted into bins that hold them all', () => {
    const { bins } = spreadOf(drawn(lines, { draws: 1000 }));
    expect(bins.reduce((sum, { count }) => sum + count, 0)).toBe(1000);
  });
});

describe('the doubt about a figure', () => {
  test('is carried most by the line that is least sure, and says whether scale or label would settle it', () => {
    const recipe = soup(
      [line('stock', 'chicken-broth', 1200), line('cheese', 'cheddar', 150, { grams: { best: 200, low: 60, high: 420 } }), line('leek', 'leek', 400)],
      { servings: 6 },
    );
    const { lines, lineIds } = bowlLines(recipe, {}, SHELF);
    const [first, second] = doubtAbout(lines, NA);
    expect([lineIds[first?.line as number], first?.of]).toEqual(['cheese', 'amount']);
    expect([lineIds[second?.line as number], second?.of]).toEqual(['stock', 'composition']);
  });
  test('adds up to the whole', () => {
    const { lines } = bowlLines(soup([line('a', 'leek', 400), line('b', 'leek', 100), line('c', 'potato', 300), line('d', 'salt', 5)]), {}, SHELF);
    expect(doubtAbout(lines, NA, 9).reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 1);
  });
  test('is none where nothing is in doubt', () => {
    expect(doubtAbout([{ figures: figures(10, 0, 0), food: 1, grams: 5, below: 0, above: 0, parent: -1 }], NA)).toEqual([]);
  });
});

test('provenance is given for each limited nutrient, and adds to one', () => {
  const { byNutrient } = analyse(soup([line('nuts', 'almonds', 100), line('stock', 'chicken-broth', 900)]), {}, SHELF).provenance;
  expect(byNutrient.fatG?.measured).toBeGreaterThan(0.9);
  expect(byNutrient.sodiumMg?.recalled).toBeGreaterThan(0.9);
  for (const shares of Object.values(byNutrient)) expect(shares.measured + shares.recalled + shares.label + shares.imported).toBeCloseTo(1, 9);
});
