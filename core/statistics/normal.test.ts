import { describe, expect, test } from '@jest/globals';
import { normalCdf, normalQuantile } from './normal.ts';

describe('the standard normal distribution', () => {
  test.each([
    [0, 0.5],
    [1, 0.841345],
    [1.96, 0.975002],
    [-1.6449, 0.05],
  ])('the normal distribution at %d is %d (standard table)', (z, p) => {
    expect(normalCdf(z)).toBeCloseTo(p, 4);
  });
  test.each([
    [0.5, 0],
    [0.975, 1.95996],
    [0.95, 1.64485],
    [0.025, -1.95996],
    [0.0001, -3.71902],
  ])('has its quantile of %d at %d (standard table)', (p, z) => {
    expect(Math.abs(normalQuantile(p) - z)).toBeLessThan(4.5e-4);
  });
});
