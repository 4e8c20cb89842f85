/** A stock of the house in the cold: where it can be poured, what a soup takes of it, and whose day it brings along. */
import { describe, expect, test } from '@jest/globals';
import { analyse } from '../analysis/analysis.ts';
import { SHELF } from '../food/shelf.ts';
import { readRecipe } from '../reading/read.ts';
import type { Preparation, Recipe } from '../vocabulary/recipe.ts';
import { recipeFaults } from '../vocabulary/recipe.ts';
import { gramsOfLots, type Lot, oldestDay, standsFor, withLot } from './made.ts';

const read = (text: string): Recipe => readRecipe(text, { measures: 'metric' }, SHELF).recipe;
const SOUP = read(
  'Leek soup\nServes 4\n\nIngredients\n500 g leeks\n300 g potatoes\n1 litre vegetable stock\n\nMethod\n1. Add the stock and simmer for 20 minutes.\n2. Blend.',
);
const preparation = (name: string, text: string, yieldGrams: number): Preparation => {
  const { lines, steps } = read(text);
  return { id: name, name, lines, steps, yieldGrams };
};
const STOCK = preparation('House stock', 'Stock\n\nIngredients\n200 g celery\n200 g carrots\n2.5 litres water', 2000);
const PESTO = preparation('Pesto', 'Pesto\n\nIngredients\n50 g basil\n100 ml olive oil\n30 g parmesan', 180);
const lot = (of: Preparation, left: number, more: Partial<Lot> = {}): Lot => ({
  id: 'lot',
  preparation: of,
  madeOn: '2027-03-08',
  keep: 'chilled',
  left,
  ...more,
});
const poured = (recipe: Recipe, one: Lot) => withLot(recipe, standsFor(one, recipe, SHELF)[0] as Recipe['lines'][number], one);

describe('a lot', () => {
  test('of a stock stands for what a soup is cooked in; of a pesto for nothing by itself', () => {
    expect(standsFor(lot(STOCK, 1500), SOUP, SHELF).map(({ foodId }) => foodId)).toEqual(['vegetable-broth']);
    expect(standsFor(lot(PESTO, 150), SOUP, SHELF)).toEqual([]);
  });
  test('is poured weight for weight; the method still tells of it, and the bowl has the salt of the house stock', () => {
    const other = poured(SOUP, lot(STOCK, 1500));
    expect(recipeFaults(other, (id) => SHELF.food(id) !== undefined)).toEqual([]);
    const weight = (recipe: Recipe) => recipe.lines.reduce((sum, { grams }) => sum + (grams?.best ?? 0), 0);
    expect(weight(other)).toBeCloseTo(weight(SOUP), 6);
    expect(analyse(other, {}, SHELF).perServing.sodiumMg.value).toBeLessThan(analyse(SOUP, {}, SHELF).perServing.sodiumMg.value / 2);
    expect(analyse(other, {}, SHELF).allergens.find(({ id }) => id === 'celery')?.state).toBe('contains');
  });
  test('that is too little leaves the rest as it was', () => {
    const other = poured(SOUP, lot(STOCK, 400));
    const broth = other.lines.find(({ foodId }) => foodId === 'vegetable-broth');
    expect(other.lines.find(({ preparationId }) => preparationId === STOCK.id)?.grams?.best).toBeCloseTo(400, 6);
    expect(broth?.grams?.best).toBeCloseTo((SOUP.lines.find(({ foodId }) => foodId === 'vegetable-broth')?.grams?.best ?? 0) - 400, 6);
    expect(other.steps.some(({ uses }) => uses?.includes(broth?.id ?? ''))).toBe(true);
  });
  test('is told in grams, so that a batch takes it from the cold', () => {
    expect([...gramsOfLots(poured(SOUP, lot(STOCK, 400)))]).toEqual([['lot', 400]]);
    expect([...gramsOfLots(SOUP)]).toEqual([]);
  });
  // FDA Food Code 3-501.17 (from memory): the day of making is day 1, freezing stops the clock and does not set it back.
  test('from the fridge brings its day along; thawed, the day it was made still counts', () => {
    expect(oldestDay(poured(SOUP, lot(STOCK, 1500)), '2027-03-10')).toBe('2027-03-08');
    expect(oldestDay(poured(SOUP, lot(STOCK, 1500, { keep: 'frozen' })), '2027-03-10')).toBe('2027-03-09');
    expect(oldestDay(SOUP, '2027-03-10')).toBe('2027-03-10');
  });
});
