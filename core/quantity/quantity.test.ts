import { describe, expect, test } from '@jest/globals';
import { asFraction, formatGrams, kitchenMeasure } from '../food/measure.ts';
import { SHELF } from '../food/shelf.ts';
import type { Food } from '../vocabulary/food.ts';
import { readRange } from './amount.ts';
import { unitOf } from './units.ts';

describe('numbers as cooks write them', () => {
  test.each([
    ['2 leeks', 2, 2, 'leeks'],
    ['1/2 cup', 0.5, 0.5, 'cup'],
    ['1 1/2 cups', 1.5, 1.5, 'cups'],
    ['½ cup', 0.5, 0.5, 'cup'],
    ['1½ cups', 1.5, 1.5, 'cups'],
    ['1 ½ cups', 1.5, 1.5, 'cups'],
    ['2-3 stalks', 2, 3, 'stalks'],
    ['2 to 3 stalks', 2, 3, 'stalks'],
    ['2–3 cloves', 2, 3, 'cloves'],
    ['1,5 l', 1.5, 1.5, 'l'],
    ['1,200 g', 1200, 1200, 'g'],
    ['0.25 tsp', 0.25, 0.25, 'tsp'],
    ['a pinch', 1, 1, 'pinch'],
    ['an onion', 1, 1, 'onion'],
    ['half a lemon', 0.5, 0.5, 'lemon'],
    ['two to three carrots', 2, 3, 'carrots'],
    ['500g', 500, 500, 'g'],
    ['3/4 lb', 0.75, 0.75, 'lb'],
    ['1⁄2 cup', 0.5, 0.5, 'cup'],
  ])('%s', (text, min, max, rest) => {
    expect(readRange(text)).toEqual({ range: { min, max }, rest });
  });
  test.each(['leeks', 'salt to taste', '', 'apple', 'anise seed', 'one-pot soup'])('%s starts with no number', (text) => {
    expect(readRange(text)).toBeNull();
  });
});

describe('units, NIST Handbook 44, Appendix C', () => {
  test.each([
    ['tsp', 4.92892],
    ['tablespoons', 14.7868],
    ['cup', 236.588],
    ['quart', 946.353],
    ['pint', 473.176],
    ['floz', 29.5735],
  ])('a US %s is %d ml', (word, ml) => {
    const unit = unitOf(word);
    expect(unit?.kind === 'volume' && unit.ml.us).toBe(ml);
  });
  test.each([
    ['oz', 28.3495],
    ['lb', 453.592],
    ['kg', 1000],
    ['g', 1],
  ])('a %s is %d g', (word, grams) => {
    const unit = unitOf(word);
    expect(unit?.kind === 'mass' && unit.grams).toBe(grams);
  });
  test('T is a tablespoon and t a teaspoon; an Australian tablespoon holds 20 ml, an imperial pint 568', () => {
    expect(unitOf('T')?.name).toBe('tablespoon');
    expect(unitOf('t')?.name).toBe('teaspoon');
    expect(unitOf('tbsp')).toMatchObject({ ml: { au: 20 } });
    expect(unitOf('pint')).toMatchObject({ ml: { imperial: 568.261 } });
  });
});

describe('grams as a kitchen measures them', () => {
  const measure = (id: string, grams: number) => kitchenMeasure(SHELF.food(id) as Food, grams);
  test('never nothing of a thing: a pinch of salt, a few drops of oil', () => {
    expect([measure('salt', 0.4), measure('olive-oil', 0.3)]).toEqual(['a pinch', 'a few drops']);
  });
  test.each([
    ['cream-heavy', 119, '½ cup'],
    ['cream-heavy', 357, '1 ½ cups'],
    ['cream-heavy', 265, '1 cup'],
    ['cream-heavy', 299, '1 ¼ cups'],
    ['olive-oil', 27, '2 tablespoons'],
    ['olive-oil', 4.5, '1 teaspoon'],
    ['onion', 220, '2 medium'],
    ['garlic', 10.5, '3 cloves'],
    ['flour-wheat', 125, '1 cup'],
    ['egg-yolk', 34, '2 ¼ medium'],
  ])('%s %d g is %s', (id, grams, text) => {
    expect(measure(id, grams)).toBe(text);
  });
  test.each([
    [0.1, '0'],
    [0.24, '¼'],
    [0.35, '⅓'],
    [1.48, '1 ½'],
    [1.97, '2'],
    [3, '3'],
  ])('%d is %s', (amount, text) => {
    expect(asFraction(amount)).toBe(text);
  });
  test.each([
    [0.42, '0.4 g'],
    [7.25, '7.3 g'],
    [45.2, '45 g'],
    [250.4, '250 g'],
    [1250, '1.25 kg'],
  ])('%d g reads %s', (grams, text) => {
    expect(formatGrams(grams)).toBe(text);
  });
});
