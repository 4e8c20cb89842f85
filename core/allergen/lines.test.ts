/** A hundred and fifty lines of recipes, each with every allergen's state. */
import { describe, expect, test } from '@jest/globals';
import { analyse } from '../analysis/analysis.ts';
import { SHELF } from '../food/shelf.ts';
import { readRecipe } from '../reading/read.ts';
import { ALLERGEN_LINES, DECLARED } from '../test/allergen/lines.ts';

const boardOf = (line: string, regime: 'us' | 'eu') =>
  analyse(
    readRecipe(`A soup\nServes 4\n\nIngredients\n${line}\n\nMethod\nSimmer 10 minutes.`, { measures: 'metric' }, SHELF).recipe,
    { regime },
    SHELF,
  ).allergens;

const said = (line: string, wanted: string) =>
  boardOf(line, 'eu')
    .filter(({ state }) => state === wanted)
    .map(({ id }) => id)
    .sort();
const list = (words: string) => words.split(' ').filter(Boolean).sort();

test('at least a hundred and fifty lines', () => expect(ALLERGEN_LINES.length).toBeGreaterThanOrEqual(150));

describe.each(ALLERGEN_LINES)('%s', (line, contains, checks) => {
  test('contains what it is made of, asks for what depends on the make, and holds nothing else', () => {
    expect({ contains: said(line, 'contains'), checks: said(line, 'check') }).toEqual({ contains: list(contains), checks: list(checks) });
  });
});

describe.each(['us', 'eu'] as const)('declared by the rules of %s', (regime) => {
  test('are its own allergens and no others', () => {
    const declared = boardOf('1 onion', regime)
      .filter((one) => one.declared)
      .map(({ id }) => id);
    expect(list(DECLARED[regime] as string).filter((id) => !(declared as string[]).includes(id))).toEqual([]);
  });
});
