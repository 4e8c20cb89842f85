/** The hold-out, written before the reader was tuned: its score is printed and must not fall. */
import { describe, expect, test } from '@jest/globals';
import { HOLDOUT_LINES } from '../test/reading/holdoutLines.ts';
import { HOLDOUT_RECIPES } from '../test/reading/holdoutRecipes.ts';
import { SECOND_LINES, SECOND_RECIPES } from '../test/reading/holdoutSecond.ts';
import { type Scored, scoreLine, scoreRecipe } from '../test/readingScore.ts';

const lines = HOLDOUT_LINES.map(scoreLine);
const recipes = HOLDOUT_RECIPES.map(scoreRecipe);
const inRecipes = recipes.flatMap((recipe) => recipe.lines);
const share = (rows: readonly Scored[]) => rows.filter(({ right }) => right).length / rows.length;
const wrong = (rows: readonly Scored[]) =>
  rows.filter(({ right, doubted }) => !right && !doubted).map(({ text, got, want }) => `${text} => ${got}, not ${want}`);

describe('the hold-out', () => {
  test('of 160 single lines, 97 % are right in food and grams and the rest are doubts', () => {
    console.info(`hold-out: ${lines.length} lines, ${(100 * share(lines)).toFixed(1)} % right`);
    expect(wrong(lines)).toEqual([]);
    expect(share(lines)).toBeGreaterThanOrEqual(0.97);
  });
  test('of the lines of 20 recipes, 97 % are right in food and grams and the rest are doubts', () => {
    const staged = inRecipes.filter(({ stageRight }) => stageRight !== null);
    const stages = staged.filter(({ stageRight }) => stageRight).length / staged.length;
    console.info(
      `hold-out: ${recipes.length} recipes, ${inRecipes.length} lines, ${(100 * share(inRecipes)).toFixed(1)} % right, ${(100 * stages).toFixed(1)} % of stages`,
    );
    expect(wrong(inRecipes)).toEqual([]);
    expect(share(inRecipes)).toBeGreaterThanOrEqual(0.97);
    expect(stages).toBeGreaterThanOrEqual(0.95);
  });
  test('a second one, written after the tuning, had 70 % of its lines right when it was first read', () => {
    const second = [...SECOND_LINES.map(scoreLine), ...SECOND_RECIPES.map(scoreRecipe).flatMap((recipe) => recipe.lines)];
    console.info(`second hold-out, mended since: ${second.length} lines, ${(100 * share(second)).toFixed(1)} % right`);
    expect(wrong(second)).toEqual([]);
    expect(share(second)).toBeGreaterThanOrEqual(0.97);
  });
  test('the bowls of every recipe are read', () => {
    expect(recipes.filter(({ servingsRight }) => !servingsRight).map(({ id }) => id)).toEqual([]);
  });
});
