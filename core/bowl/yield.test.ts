/** The pot weighed, dipped and modelled, and the bowls that come of it. */
import { describe, expect, test } from '@jest/globals';
import { bowlOf, line, soup, step } from '../test/soup.ts';
import { bowlGrams, potByStick, potOnScale } from './yield.ts';

describe('a pot on the scale', () => {
  test('is what is left when the empty pot is taken away, give or take a hundredth', () => {
    expect(potOnScale(7450, 2450)).toEqual({ grams: 5000, low: 4950, high: 5050 });
  });
  test.each([
    [2000, 2000],
    [2000, 2500],
    [2000, -1],
  ])('of %d g that weighs %d g empty holds no soup', (full, tare) => {
    expect(() => potOnScale(full, tare)).toThrow('must weigh more');
  });
});

describe('a pot by the stick', () => {
  const cold = { diameterCm: 28, depthCm: 10, hot: false, justBlended: false };
  test('is a cylinder at the density of soup', () => {
    // Pi / 4 x 28^2 x 10 = 6158 ml.
    expect(potByStick(cold).grams).toBeCloseTo(6157.5 * 1.02, 0);
  });
  test('hot is 2 to 3 % less, fresh from the blender 5 to 15 % less', () => {
    expect(potByStick({ ...cold, hot: true }).grams / potByStick(cold).grams).toBeCloseTo(0.975, 6);
    expect(potByStick({ ...cold, justBlended: true }).grams / potByStick(cold).grams).toBeCloseTo(0.9, 6);
  });
  test('is less sure than a scale, and least sure shallow and full of air', () => {
    const width = ({ low, grams, high }: ReturnType<typeof potByStick>) => (high - low) / grams;
    expect(width(potByStick(cold))).toBeGreaterThan(0.02);
    expect(width(potByStick({ ...cold, depthCm: 3 }))).toBeGreaterThan(width(potByStick(cold)));
    expect(width(potByStick({ ...cold, justBlended: true }))).toBeGreaterThan(width(potByStick(cold)));
  });
  test('wants a width and a depth', () => {
    expect(() => potByStick({ ...cold, depthCm: 0 })).toThrow('a width and a depth');
  });
});

test('a bowl of 240 ml weighs 245 g (21 CFR 101.12(b) with 101.9(b)(5)(viii))', () => {
  expect(bowlGrams(240, 1.02, false)).toBeCloseTo(244.8, 6);
});

describe('the bowls of a pot', () => {
  const lines = [line('potato', 'potato', 500), line('water', 'water', 1500), line('salt', 'salt', 10)];
  const boiled = { steps: [step('boil', { method: 'simmer', minutes: { min: 30, max: 30 }, lid: 'off' })] };
  test('a measured pot comes before the model: what is not in it has steamed away', () => {
    const modelled = bowlOf(soup(lines, boiled));
    const weighed = bowlOf(soup(lines, { ...boiled, measuredYieldGrams: 1700 }));
    expect(modelled.potGrams).toBeLessThan(2010);
    expect([weighed.potGrams, weighed.evaporatedGrams]).toEqual([1700, 310]);
    // Counted bowls: what is in the pot is in the bowls, whatever it weighs.
    expect(weighed.perServing.sodiumMg.value).toBeCloseTo(modelled.perServing.sodiumMg.value, 9);
    expect(weighed.per100g.sodiumMg.value).toBeGreaterThan(modelled.per100g.sodiumMg.value);
  });
  test('by grams, a smaller pot gives fewer bowls with more in each', () => {
    const { servings: _, ...uncounted } = soup(lines, { servingGrams: 250 });
    const full = bowlOf({ ...uncounted, measuredYieldGrams: 2000 });
    const less = bowlOf({ ...uncounted, measuredYieldGrams: 1500 });
    expect([full.servings, less.servings]).toEqual([8, 6]);
    expect(less.perServing.sodiumMg.value).toBeCloseTo((full.perServing.sodiumMg.value * 8) / 6, 6);
  });
  test('thinned after blending, bowls of a size hold less each', () => {
    const { servings: _, ...uncounted } = soup(lines, { servingGrams: 250 });
    const thinned = { ...uncounted, lines: [...lines, line('more', 'water', 200, { stage: 'finish' })] };
    expect(bowlOf(thinned).perServing.sodiumMg.value).toBeLessThan(bowlOf(uncounted).perServing.sodiumMg.value);
  });
  test.each([
    [40, true],
    [8, false],
    [2, true],
  ])('%d bowls of two litres: questioned %p', (servings, questioned) => {
    const codes = bowlOf(soup(lines, { servings })).notes.map(({ code }) => code);
    expect(codes.some((code) => code.startsWith('bowl.'))).toBe(questioned);
  });
});

test('a pot of next to nothing is an empty pot: one bowl, and no figure that runs away', () => {
  const { servings, per100g, saltPercent } = bowlOf(soup([line('a', 'leek', 5e-324)], { servings: undefined }));
  expect([servings, per100g.energyKcal.value, saltPercent]).toEqual([1, 0, 0]);
});
