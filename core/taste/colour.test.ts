/** Colours as a kitchen names them (common practice, no source). */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { analyse } from '../analysis/analysis.ts';
import { SHELF } from '../food/shelf.ts';
import { line, soup, step } from '../test/soup.ts';
import type { Food } from '../vocabulary/food.ts';
import { colourOf, colourWord, tintOf } from './colour.ts';
import { COLOUR_OF_FOOD, HUES } from './data/colours.ts';

const pot = (foods: Record<string, number>): string | null => {
  const seen = Object.entries(foods).map(([id, grams]) => ({ food: SHELF.food(id) as Food, grams }));
  return colourOf(
    seen,
    seen.reduce((sum, { grams }) => sum + grams, 0),
  );
};

describe('blended soups', () => {
  test.each<[colour: string, soup: string, foods: Record<string, number>]>([
    ['green', 'pea', { 'peas-frozen': 600, 'vegetable-broth': 700, onion: 100, 'creme-fraiche': 100 }],
    ['green', 'broccoli with a little cream', { broccoli: 500, 'vegetable-broth': 700, onion: 110, 'cream-light': 100 }],
    ['yellow-green', 'broccoli and cheddar', { broccoli: 305, 'half-and-half': 491, cheddar: 454, carrot: 60, onion: 110, 'chicken-broth': 710 }],
    ['pale yellow-green', 'leek and potato', { leek: 220, potato: 378, onion: 110, 'chicken-broth': 1014, 'cream-double': 149 }],
    ['orange', 'carrot', { carrot: 700, onion: 100, 'vegetable-broth': 900 }],
    ['orange', 'squash', { 'butternut-squash': 900, onion: 100, 'vegetable-broth': 1000 }],
    ['yellow-orange', 'red lentil and carrot', { carrot: 534, 'lentils-red-dry': 200, 'coconut-milk': 382, 'vegetable-broth': 1014 }],
    ['deep red', 'tomato', { 'tomatoes-canned': 800, onion: 100, water: 300 }],
    ['orange-red', 'bisque', { 'prawns-raw': 500, 'fish-stock': 985, 'tomato-paste': 60, 'cream-double': 199 }],
    ['deep purple-red', 'beetroot', { beetroot: 600, 'vegetable-broth': 900 }],
    ['white', 'cauliflower in milk', { cauliflower: 700, 'milk-whole': 500, onion: 100 }],
    ['white', 'celeriac and apple', { celeriac: 800, apple: 200, 'vegetable-broth': 900, 'cream-double': 150 }],
    ['white', 'white almond', { 'almonds-blanched': 200, 'bread-white': 120, water: 800 }],
    ['pale grey', 'cream of mushroom', { mushrooms: 485, 'chicken-broth': 1014, 'cream-heavy': 241, onion: 110 }],
    ['brown', 'brown lentils', { 'lentils-cooked': 600, carrot: 150, 'vegetable-broth': 900 }],
    ['grey', 'black beans', { 'black-beans-cooked': 900, 'chicken-broth': 1014, onion: 110 }],
    ['pale yellow', 'corn', { 'sweetcorn-frozen': 600, 'milk-whole': 516, potato: 252, 'chicken-broth': 507, 'cream-heavy': 101 }],
    ['milky', 'mussels in their liquor with a little cream', { 'fish-stock': 900, 'mussels-raw': 40, 'cream-double': 60, onion: 60 }],
    ['nearly clear', 'a broth', { 'chicken-broth': 1500, 'chicken-breast-raw': 100 }],
  ])('%s: %s', (colour, _soup, foods) => {
    expect(pot(foods)).toBe(colour);
  });
  test('spinach in tomato is brown', () => {
    expect(pot({ spinach: 300, 'tomatoes-canned': 400, 'vegetable-broth': 500 })).toMatch(/brown/);
  });
  test('sunflower seeds turn a green soup grey', () => {
    expect(pot({ broccoli: 500, 'vegetable-broth': 700, 'cashews-raw': 100 })).toMatch(/^(?:pale )?green$/);
    expect(pot({ broccoli: 500, 'vegetable-broth': 700, 'sunflower-seeds': 100 })).toBe('grey-green');
  });
  test('cream makes paler', () => {
    expect(pot({ leek: 300, water: 700 })).not.toMatch(/white/);
    expect(pot({ 'peas-frozen': 100, 'cream-heavy': 700 })).toMatch(/^pale/);
  });
});

describe('what is not known', () => {
  test('with a tenth of the pot of unknown colour none is told', () => {
    const seen = (unknown: number) => [
      { food: SHELF.food('carrot') as Food, grams: 500 },
      { food: null, grams: unknown },
    ];
    expect(colourOf(seen(20), 520)).toBe('deep orange');
    expect(colourOf(seen(100), 600)).toBeNull();
  });
  test('a line nobody weighed leaves the colour open, pepper to taste does not', () => {
    const of = (foodId: string) => analyse(soup([line('p', 'potato', 500), line('w', 'water', 500), line('x', foodId, null)]), {}, SHELF).colour;
    expect(of('spinach')).toBeUndefined();
    expect(of('turmeric')).toBeUndefined();
    expect(of('black-pepper')).toBe('white');
    expect(of('salt')).toBe('white');
  });
  test('an empty pot has none', () => {
    expect(colourOf([], 0)).toBeNull();
  });
});

describe('in the analysis', () => {
  const peas = (steps: ReturnType<typeof step>[]) =>
    analyse(soup([line('p', 'peas-frozen', 500), line('w', 'milk-whole', 600), line('t', 'parsley', 60, { stage: 'bowl' })], { steps }), {}, SHELF)
      .colour;
  test('peas left whole colour their soup less than peas blended', () => {
    expect(peas([step('b', { stage: 'blend', method: 'blend', text: 'Blend.' })])).toBe('green');
    expect(peas([step('s', { method: 'simmer' })])).toMatch(/^pale/);
  });
  test('what is on top does not colour the pot', () => {
    expect(analyse(soup([line('p', 'potato', 500), line('t', 'parsley', 100, { stage: 'bowl' })]), {}, SHELF).colour).toBe('white');
  });
});

describe('the table', () => {
  test('every row is a food of the shelf, with a word that is known and a strength', () => {
    for (const [id, [hue, strength]] of Object.entries(COLOUR_OF_FOOD))
      expect([id, SHELF.food(id) !== undefined, HUES.includes(hue), strength >= 0]).toEqual([id, true, true, true]);
  });
  test('every root and every vegetable of the shelf has a colour, the Indian rows apart', () => {
    const without = SHELF.foods.filter((food) => /^(?:root|leaf|allium|herb)$/.test(food.category) && !food.id.startsWith('ifct') && !tintOf(food));
    expect(without.map(({ id }) => id)).toEqual([]);
  });
  test('twice the pot has the same colour', () => {
    const ids = Object.keys(COLOUR_OF_FOOD);
    fc.assert(
      fc.property(
        fc.dictionary(fc.constantFrom(...ids), fc.double({ min: 1, max: 900, noNaN: true }), { minKeys: 1, maxKeys: 8 }),
        fc.integer({ min: 2, max: 64 }),
        (foods, times) => pot(foods) === pot(Object.fromEntries(Object.entries(foods).map(([id, grams]) => [id, grams * times]))),
      ),
      { numRuns: 200, seed: 11 },
    );
  });
  test('any tint has a word', () => {
    const axis = fc.double({ min: -3, max: 3, noNaN: true });
    const least = fc.double({ min: 0, max: 3, noNaN: true });
    fc.assert(fc.property(axis, axis, least, least, (red, yellow, dark, white) => colourWord({ red, yellow, dark, white }).length > 2));
  });
});
