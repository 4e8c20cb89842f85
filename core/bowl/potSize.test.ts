import { expect, test } from '@jest/globals';
import { brimMl, leastPotLitres } from './potSize.ts';

test('a pot is its circle times its depth', () => {
  // A 24 cm pot, 12 cm deep: pi x 12^2 x 12 = 5429 ml, by hand.
  expect(brimMl({ pot: { diameterCm: 24, depthCm: 12 } })).toBeCloseTo(5428.7, 1);
});

test('of a pot whose depth is not known nothing is said', () => {
  expect(brimMl({ pot: { diameterCm: 24 } })).toBeNull();
  expect(brimMl({})).toBeNull();
});

test('the least pot is filled to three quarters, in half litres', () => {
  expect(leastPotLitres(3000)).toBe(4);
  expect(leastPotLitres(3001)).toBe(4.5);
});
