import { describe, expect, test } from '@jest/globals';
import { bowlOf, line, soup, step } from '../test/soup.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import { evaporation, heatOfLine } from './heat.ts';
import { alcoholLeft } from './stay.ts';

const simmer = (minutes: number, more = {}) => step('s', { method: 'simmer', minutes: { min: minutes, max: minutes }, ...more });
const steam = (recipe: Partial<Recipe>) => evaporation(soup([line('w', 'water', 5000)], recipe), 5000).grams;

describe('evaporation (estimates of the project)', () => {
  test('a 26 cm pot at an open gentle simmer loses about 0.2 kg in half an hour', () => {
    expect(steam({ pot: { diameterCm: 26 }, steps: [simmer(30, { lid: 'off' })] })).toBeCloseTo(212, 0);
  });
  test('falls from open to ajar to covered', () => {
    const [off, ajar, on] = (['off', 'ajar', 'on'] as const).map((lid) => steam({ steps: [simmer(30, { lid })] }));
    expect((off as number) > (ajar as number) && (ajar as number) > (on as number)).toBe(true);
  });
  test('follows the area of the pot, not the amount in it', () => {
    expect(steam({ pot: { diameterCm: 52 }, steps: [simmer(30)] })).toBeCloseTo(4 * steam({ pot: { diameterCm: 26 }, steps: [simmer(30)] }), 6);
  });
  test('at a rolling boil follows the ring: 1.6 x (kW x 0.8 - 0.1) kg an hour', () => {
    expect(steam({ pot: { ringKw: 2 }, steps: [simmer(60, { method: 'boil', lid: 'off' })] })).toBeCloseTo(1.6 * (2 * 0.8 - 0.1) * 1000, 6);
  });
  test('never takes more water than there is', () => {
    expect(evaporation(soup([line('w', 'water', 200)], { steps: [simmer(600)] }), 200).grams).toBeLessThanOrEqual(180);
  });
  test('without steps there is none, and it is said', () => {
    const analysis = bowlOf(soup([line('w', 'water', 1000)]));
    expect(analysis.evaporatedGrams).toBe(0);
    expect(analysis.notes.map(({ code }) => code)).toContain('steps.assumed');
  });
});

describe('the heat a line goes through', () => {
  const recipe = soup([], {
    steps: [
      step('sweat', { stage: 'base', method: 'sweat', minutes: { min: 10, max: 10 }, uses: ['onion'] }),
      step('simmer', { method: 'simmer', minutes: { min: 20, max: 20 } }),
      step('finish', { stage: 'finish', uses: ['cream'] }),
    ],
  });
  test('is all that comes after it goes in', () => {
    expect(heatOfLine(recipe, 'onion', 'base')).toEqual({ wetMinutes: 20, dryMinutes: 10, kinds: ['fried', 'boiled'], way: 'fried+boiled' });
    expect(heatOfLine(recipe, 'potato', 'simmer')).toEqual({ wetMinutes: 20, dryMinutes: 0, kinds: ['boiled'], way: 'boiled' });
    expect(heatOfLine(recipe, 'cream', 'finish')).toEqual({ wetMinutes: 0, dryMinutes: 0, kinds: [], way: '' });
    expect(heatOfLine(recipe, 'chives', 'bowl')).toEqual({ wetMinutes: 0, dryMinutes: 0, kinds: [], way: '' });
  });
  test('takes vitamin C from a raw vegetable and not from a canned one, and no mineral from either', () => {
    const of = (foodId: string, steps: Recipe['steps']) => bowlOf(soup([line('v', foodId, 400)], { steps })).perServing;
    const cooked = [simmer(20)];
    const raw = [step('s', { stage: 'blend', method: 'blend' })];
    expect(of('cauliflower', cooked).vitaminCMg.value).toBeCloseTo(48.2 * 0.7, 6);
    expect(of('cauliflower', raw).vitaminCMg.value).toBeCloseTo(48.2, 6);
    expect(of('cauliflower', cooked).potassiumMg.value).toBeCloseTo(299, 6);
    expect(of('tomatoes-canned', cooked).vitaminCMg.value).toBeCloseTo(12.6, 6);
  });
});

describe('alcohol left, USDA Table of Nutrient Retention Factors, Release 6 (from memory)', () => {
  test.each([
    [0, 0.85],
    [15, 0.4],
    [30, 0.35],
    [60, 0.25],
    [90, 0.2],
    [120, 0.1],
    [150, 0.05],
    [300, 0.05],
  ])('after %d minutes %d is left', (minutes, share) => {
    expect(alcoholLeft(minutes)).toBeCloseTo(share, 9);
  });
  test('falls without a step between the rows', () => {
    for (let minutes = 1; minutes < 160; minutes += 1) expect(alcoholLeft(minutes)).toBeLessThanOrEqual(alcoholLeft(minutes - 1));
  });
  test('wine simmered half an hour keeps 35 % of its alcohol in the pot', () => {
    const analysis = bowlOf(soup([line('wine', 'white-wine', 400)], { steps: [simmer(30)] }));
    expect(analysis.perServing.alcoholG.value).toBeCloseTo(10.3 * 0.35, 6);
  });
});
