/** The corpus the reader is tuned on: 36 recipes beside the first 25, and some 500 single lines. */
import { describe, expect, test } from '@jest/globals';
import { CORPUS_LINES } from '../test/reading/lines.ts';
import { CORPUS_RECIPES } from '../test/reading/recipes.ts';
import { type Scored, scoreLine, scoreRecipe } from '../test/readingScore.ts';

const lines = CORPUS_LINES.map((row) => ({ row, scored: scoreLine(row) }));
const recipes = CORPUS_RECIPES.map((row) => ({ row, scored: scoreRecipe(row) }));
const inRecipes = recipes.flatMap(({ scored }) => scored.lines);
const share = (rows: readonly Scored[], what: (row: Scored) => boolean) => rows.filter(what).length / rows.length;
const percent = (part: number) => `${(100 * part).toFixed(1)} %`;

test('at least 60 recipes with the first 25, and 400 lines', () => {
  expect(CORPUS_RECIPES.length + 25).toBeGreaterThanOrEqual(60);
  expect(CORPUS_LINES.length).toBeGreaterThanOrEqual(400);
});

test('97 % of lines are right in food and grams, and the rest are doubts', () => {
  const all = [...lines.map(({ scored }) => scored), ...inRecipes];
  console.info(`corpus: ${lines.length} lines and ${inRecipes.length} in recipes, ${percent(share(all, ({ right }) => right))} right`);
  expect(share(all, ({ right }) => right)).toBeGreaterThanOrEqual(0.97);
  expect(all.filter(({ right, doubted }) => !right && !doubted)).toEqual([]);
});

test('on clean texts the reader is unsure of at most a tenth of the lines', () => {
  console.info(
    `corpus: ${percent(share(inRecipes, ({ unsure }) => unsure))} of the lines of recipes unsure, ${percent(share(inRecipes, ({ doubted }) => doubted))} doubted`,
  );
  expect(share(inRecipes, ({ unsure }) => unsure)).toBeLessThanOrEqual(0.1);
});

describe.each(recipes.map(({ row, scored }) => [row.id, row, scored] as const))('%s', (_id, _row, scored) => {
  test('every line is found, and no other', () => {
    expect(scored.lines.filter(({ right }) => !right)).toEqual([]);
    expect(scored.extra).toEqual([]);
  });
  test('bowls and stages are read', () => {
    expect(scored.servingsRight).toBe(true);
    expect(scored.lines.filter(({ stageRight }) => stageRight === false).map(({ text, got }) => `${text}: ${got}`)).toEqual([]);
  });
});
