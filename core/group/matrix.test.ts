/** Soups against a table: each cell is held against the analysis of the soup, and told with what decides it. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { analyse } from '../analysis/analysis.ts';
import { SHELF } from '../food/shelf.ts';
import { readRecipe } from '../reading/read.ts';
import type { Needs } from '../swap/needs.ts';
import { ALLERGENS } from '../vocabulary/allergens.ts';
import { bySameNeeds, servedOf } from './columns.ts';
import { matrixRow } from './matrix.ts';

const soup = (text: string) => readRecipe(text, { measures: 'metric' }, SHELF).recipe;
const LEEK = soup(
  'Leek and potato\nServes 4\n\nIngredients\n500 g leeks\n40 g butter\n400 g potatoes\n800 ml water\n4 g salt\n\nMethod\n1. Simmer and blend.',
);
const COCONUT = soup('Carrot\nServes 4\n\nIngredients\n600 g carrots\n200 ml coconut milk\n600 ml water\n\nMethod\n1. Simmer and blend.');
const BROTH = soup('Carrot\nServes 4\n\nIngredients\n600 g carrots\n800 ml vegetable stock\n\nMethod\n1. Simmer and blend.');
const cell = (recipe: typeof LEEK, needs: Needs, house = {}) => matrixRow(recipe, [{ seats: ['A1'], needs }], house, SHELF)[0];

describe('guests', () => {
  test('who need the same stand in one column, in the order they sit', () => {
    expect(
      bySameNeeds([
        { seat: 'A1', needs: { allergens: ['milk'], diets: ['vegan'] } },
        { seat: 'A2', needs: {} },
        { seat: 'A3', needs: { diets: ['vegan'], allergens: ['milk'] } },
      ]).map(({ seats }) => seats),
    ).toEqual([['A1', 'A3'], ['A2']]);
  });
});

describe('a cell', () => {
  test('that breaks names the way to the allergen', () => {
    expect(cell(LEEK, { allergens: ['milk'] })).toMatchObject({
      state: 'breaks',
      reasons: [{ need: 'no milk', state: 'breaks', because: [expect.stringMatching(/butter/i)] }],
    });
  });
  test('that breaks a limit says what a bowl has', () => {
    const { value } = analyse(LEEK, {}, SHELF).perServing.sodiumMg;
    expect(cell(LEEK, { limits: [{ nutrient: 'sodiumMg', per: 'serving', max: 200 }] })?.reasons).toEqual([
      { need: 'sodium to 200 mg', state: 'breaks', because: [`${Math.round(value)} mg a bowl`] },
    ]);
  });
  test('that only a label can tell is to check, never a fit', () => {
    expect(cell(BROTH, { allergens: ['celery'] })?.state).not.toBe('fits');
    expect(cell(BROTH, { allergens: ['milk'] })).toMatchObject({ state: 'check', reasons: [{ state: 'cannotTell' }] });
  });
  test('is judged by the rules of the house: coconut can count as a tree nut', () => {
    expect(cell(COCONUT, { allergens: ['treeNut'] })?.state).toBe('fits');
    expect(cell(COCONUT, { allergens: ['treeNut'] }, { coconutIsTreeNut: true })?.state).toBe('breaks');
  });
  test('says fits only where the analysis shows no allergen that is asked about', () => {
    const analyses = new Map([LEEK, COCONUT, BROTH].map((recipe) => [recipe, analyse(recipe, {}, SHELF)]));
    fc.assert(
      fc.property(fc.constantFrom(LEEK, COCONUT, BROTH), fc.subarray([...ALLERGENS], { minLength: 1 }), (recipe, allergens) => {
        const states = allergens.map((id) => analyses.get(recipe)?.allergens.find((row) => row.id === id)?.state);
        const expected = states.includes('contains') ? 'breaks' : states.some((state) => state !== 'absent') ? 'check' : 'fits';
        expect(cell(recipe, { allergens })?.state).toBe(expected);
      }),
      { numRuns: 100 },
    );
  });
});

test('in the bowl yes, with what stands beside it no: both are told', () => {
  const bread = SHELF.foods.find(({ category, contains }) => category === 'bread' && contains.some(({ allergen }) => allergen === 'wheat'))
    ?.id as string;
  const line = { id: 'slice', stage: 'plate' as const, text: 'a slice of bread', foodId: bread, grams: { best: 160, low: 150, high: 170 } };
  const withBread = { ...LEEK, lines: [...LEEK.lines, line] };
  expect(cell(withBread, { allergens: ['wheat'] })).toMatchObject({ state: 'fits', plate: { state: 'breaks', reasons: [{ need: 'no wheat' }] } });
  expect(cell(LEEK, { allergens: ['wheat'] })?.plate).toBeUndefined();
  expect(cell(withBread, { allergens: ['wheat'], scope: 'plate' })?.state).toBe('breaks');
});

test('a row says for how many seats it does', () => {
  const columns = [
    { seats: ['A1', 'A2'], needs: {} },
    { seats: ['B1'], needs: { allergens: ['milk' as const] } },
  ];
  const cells = matrixRow(LEEK, columns, {}, SHELF);
  expect([servedOf(columns, cells, 'fits'), servedOf(columns, cells, 'breaks')]).toEqual([2, 1]);
});
