/** Sixty lines of recipes, each with every diet's state. */
import { describe, expect, test } from '@jest/globals';
import { analyse } from '../analysis/analysis.ts';
import { SHELF } from '../food/shelf.ts';
import { readRecipe } from '../reading/read.ts';
import { DIET_LINES } from '../test/allergen/dietLines.ts';

const said = (line: string, wanted: string) =>
  analyse(readRecipe(`A soup\nServes 4\n\nIngredients\n${line}\n\nMethod\nSimmer 10 minutes.`, { measures: 'metric' }, SHELF).recipe, {}, SHELF)
    .diets.filter(({ state }) => state === wanted)
    .map(({ id }) => id)
    .sort();
const list = (words: string) => words.split(' ').filter(Boolean).sort();

test('at least sixty lines', () => expect(DIET_LINES.length).toBeGreaterThanOrEqual(60));

describe.each(DIET_LINES)('%s', (line, breaks, checks) => {
  test('breaks the diets it is not of, leaves open what depends on the make, and fits the others', () => {
    expect({ breaks: said(line, 'breaks'), checks: said(line, 'check') }).toEqual({ breaks: list(breaks), checks: list(checks) });
  });
});
