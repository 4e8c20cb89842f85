/** How far a composition value may be off, by what kind of nutrient it is and where it comes from. */
import { describe, expect, test } from '@jest/globals';
import type { SourceKind } from '../vocabulary/food.ts';
import type { StoredNutrient } from '../vocabulary/nutrient.ts';
import { classError } from './errors.ts';

/** The groups of the open composition tables (proximates, minerals, vitamins), from memory. */
const MINERALS: readonly StoredNutrient[] = [
  'sodiumMg',
  'potassiumMg',
  'calciumMg',
  'ironMg',
  'magnesiumMg',
  'phosphorusMg',
  'zincMg',
  'copperMg',
  'manganeseMg',
  'seleniumUg',
  'iodineUg',
];
const VITAMINS: readonly StoredNutrient[] = [
  'vitaminARaeUg',
  'vitaminCMg',
  'vitaminDUg',
  'vitaminEMg',
  'vitaminKUg',
  'thiaminMg',
  'riboflavinMg',
  'niacinMg',
  'vitaminB6Mg',
  'folateDfeUg',
  'vitaminB12Ug',
];
const PROXIMATES: readonly StoredNutrient[] = ['proteinG', 'fatG', 'saturatedFatG', 'carbohydrateG', 'fibreG', 'sugarsG', 'starchG', 'alcoholG'];

const KINDS: readonly SourceKind[] = ['measured', 'recalled', 'label', 'imported'];

describe.each(KINDS)('a %s row', (kind) => {
  const error = (key: StoredNutrient) => classError(kind, key, 100);
  test('water is known best, then the proximates, the minerals no better, the vitamins least', () => {
    for (const key of PROXIMATES) expect([key, error(key) > error('waterG')]).toEqual([key, true]);
    for (const key of MINERALS) expect([key, error(key) >= error('proteinG')]).toEqual([key, true]);
    for (const key of VITAMINS) expect([key, error(key) > Math.max(...MINERALS.map(error))]).toEqual([key, true]);
  });
  test('what is of one group is off alike', () => {
    for (const group of [MINERALS, VITAMINS, PROXIMATES]) expect(new Set(group.map(error)).size).toBe(1);
  });
});

test('of a measured row a mineral is off by 15 in a hundred, a proximate by 10, a vitamin by 25 (estimate, as the table says)', () => {
  for (const key of MINERALS) expect([key, classError('measured', key, 40)]).toEqual([key, 6]);
  expect(classError('measured', 'proteinG', 40)).toBeCloseTo(4, 12);
  expect(classError('measured', 'vitaminCMg', 40)).toBeCloseTo(10, 12);
});
test('nothing is off by nothing', () => {
  expect(classError('recalled', 'sodiumMg', 0)).toBe(0);
});
