/** What no table gives is bounded by the richest food of the kind and the weight, whatever the number of lines. */
import { describe, expect, test } from '@jest/globals';
import { analyse } from '../analysis/analysis.ts';
import { ceilingPer100g } from '../food/ceiling.ts';
import { SHELF } from '../food/shelf.ts';
import { REGIMES } from '../regime/regime.ts';
import { line, soup } from '../test/soup.ts';
import { unknownOf } from './unknowns.ts';
import { judgeLimit } from './verdict.ts';

const US = REGIMES.us;
/** A composite without any figure. */
const OPEN = 'gochujang';
const unknown = (lines: ReturnType<typeof line>[]) => {
  const recipe = soup(lines, { title: 'soup', servings: 4 });
  return unknownOf(recipe, analyse(recipe, {}, SHELF), 'potassiumMg', SHELF);
};

test('the food of these cases has no figure of its own', () => {
  expect(SHELF.figures(SHELF.food(OPEN) as NonNullable<ReturnType<typeof SHELF.food>>, US).unknown).toContain('potassiumMg');
});

describe('the most that is not known', () => {
  const ceiling = ceilingPer100g('sauce', 'potassiumMg', SHELF, US);
  test('is the richest of its kind by the weight of a bowl', () => {
    const sauces = SHELF.foods.filter(({ category }) => category === 'sauce').map(({ per100g }) => per100g.potassiumMg ?? 0);
    expect(ceiling).toBe(Math.max(...sauces));
    expect(unknown([line('stock', 'water', 900), line('paste', OPEN, 20)])).toEqual({ most: (ceiling * 5) / 100, open: [] });
  });
  test('counts every line, though only the first twenty are named', () => {
    const many = Array.from({ length: 30 }, (_, at) => line(`paste${at}`, OPEN, 20));
    expect(unknown([line('stock', 'water', 900), ...many]).most).toBeCloseTo((30 * ceiling * 5) / 100, 6);
  });
  test('is nothing where a line is strained off whole, and open where a weight or a food is not known', () => {
    expect(unknown([line('stock', 'water', 900), line('paste', OPEN, 20, { eaten: 'removed' })]).most).toBe(0);
    expect(unknown([line('stock', 'water', 900), line('paste', OPEN, null), line('odd', null, 5)]).open).toEqual(['paste', 'odd']);
  });
});

test('a bound that is kept is likely, never met; one that is not cannot be told', () => {
  const recipe = soup([line('stock', 'water', 900), line('paste', OPEN, 20)], { title: 'soup', servings: 4 });
  const analysis = analyse(recipe, {}, SHELF);
  const { most } = unknownOf(recipe, analysis, 'potassiumMg', SHELF);
  const at = (max: number) => judgeLimit({ nutrient: 'potassiumMg', per: 'serving', max }, analysis, { most, open: [] }).state;
  const known = analysis.perServing.potassiumMg.value;
  expect([at(known + most + 1), at(known + most / 2)]).toEqual(['likely', 'cannotTell']);
});
