/** The table of flavours: every row is of a food, every figure plausible, and the order is that of any kitchen. */
import { describe, expect, test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import type { Food } from '../vocabulary/food.ts';
import { ACID, BY_CATEGORY, BY_FOOD } from './data/flavours.ts';
import { flavourOf } from './flavour.ts';

const food = (id: string): Food => SHELF.food(id) as Food;

describe('the table', () => {
  test('names foods of the shelf and no other', () => {
    expect([...Object.keys(BY_FOOD), ...Object.keys(ACID)].filter((id) => !SHELF.food(id))).toEqual([]);
  });
  test('holds nothing below nothing, and no acid above what tamarind has', () => {
    for (const points of [...Object.values(BY_FOOD), ...Object.values(BY_CATEGORY)])
      for (const value of Object.values(points)) expect(value).toBeGreaterThan(0);
    for (const grams of Object.values(ACID)) expect(grams > 0 && grams <= 12).toBe(true);
  });
});

describe('flavour', () => {
  test('sweet follows the sugar: ten points for a gram of it', () => {
    expect(flavourOf(food('sugar')).sweet).toBeCloseTo(10, 0);
    expect(flavourOf(food('carrot')).sweet).toBeGreaterThan(flavourOf(food('potato')).sweet);
  });
  test('sour follows the acid: lemon far above tomato (common practice, no source)', () => {
    expect(flavourOf(food('lemon-juice')).sour).toBeGreaterThan(5 * flavourOf(food('tomato')).sour);
  });
  test.each([
    ['smoky', 'bacon-raw', 'ham'],
    ['savoury', 'parmesan', 'cheddar'],
    ['dairy', 'cream-heavy', 'milk-whole'],
    ['dairy', 'milk-whole', 'oat-drink'],
    ['nutty', 'hazelnuts', 'white-beans-canned-drained'],
    ['green', 'parsley', 'leek'],
    ['coconut', 'coconut-cream', 'coconut-milk-light'],
    ['bean', 'white-beans-dry', 'white-beans-cooked'],
    ['allium', 'garlic', 'onion'],
    ['heat', 'cayenne', 'jalapeno'],
    ['bitter', 'radicchio', 'chard'],
    ['sea', 'mussels-raw', 'fish-stock'],
    ['savoury', 'yeast-flakes', 'soy-cream'],
    ['savoury', 'blue-cheese', 'ricotta'],
    ['smoky', 'salmon-smoked', 'salmon-raw'],
    ['sour', 'lime-juice', 'creme-fraiche'],
    ['sour', 'creme-fraiche', 'cream-double'],
  ] as const)('%s: more in %s than in %s', (note, more, less) => {
    expect(flavourOf(food(more))[note]).toBeGreaterThan(flavourOf(food(less))[note]);
  });
  test('plain paprika has no smoke, smoked paprika has', () => {
    expect(flavourOf(food('paprika')).smoky).toBe(0);
    expect(flavourOf(food('smoked-paprika')).smoky).toBeGreaterThan(0);
  });
  test('water tastes of nothing', () => {
    expect(Object.values(flavourOf(food('water'))).every((points) => points === 0)).toBe(true);
  });
});
