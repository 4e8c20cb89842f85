/** Lines that deceive: each is read as a cook would write it and must say exactly what the trade knows. */
import { describe, expect, test } from '@jest/globals';
import { analyse } from '../analysis/analysis.ts';
import { SHELF } from '../food/shelf.ts';
import { readRecipe } from '../reading/read.ts';
import { ALLERGEN_TRAPS, DIET_TRAPS } from '../test/allergen/traps.ts';

const rows = (text: string) =>
  text
    .trim()
    .split('\n')
    .map((row) => row.split(' | ') as [line: string, id: string, state: string]);
const board = (line: string) => {
  const { recipe } = readRecipe(`A soup\nServes 4\n\nIngredients\n${line}\n\nMethod\n1. Simmer 20 minutes.`, { measures: 'us' }, SHELF);
  return analyse(recipe, { regime: 'eu' }, SHELF);
};
const allergens = rows(ALLERGEN_TRAPS);
const diets = rows(DIET_TRAPS);

test('at least 120 allergen traps, 40 of them absent and 25 to check, and 40 diet traps', () => {
  const of = (state: string) => allergens.filter((row) => row[2] === state).length;
  expect(allergens.length).toBeGreaterThanOrEqual(120);
  expect(of('absent')).toBeGreaterThanOrEqual(40);
  expect(of('check')).toBeGreaterThanOrEqual(25);
  expect(diets.length).toBeGreaterThanOrEqual(40);
});

describe('allergens', () => {
  test.each(allergens)('%s: %s %s', (line, id, state) => {
    const verdict = board(line).allergens.find((one) => one.id === id);
    expect([verdict?.state, state === 'absent' ? verdict?.because : (verdict?.because.length ?? 0) > 0]).toEqual([
      state,
      state === 'absent' ? [] : true,
    ]);
  });
});

describe('diets', () => {
  test.each(diets)('%s: %s %s', (line, id, state) => {
    expect(board(line).diets.find((one) => one.id === id)?.state).toBe(state);
  });
});
