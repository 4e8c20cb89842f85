/** What is exported is read back: whole in JSON and CSV, foods and grams and stages in Markdown, foods and grams in JSON-LD. */

import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import Papa from 'papaparse';
import { SHELF } from '../food/shelf.ts';
import { fromCsv, guarded, toCsv, unguarded } from '../formats/csv.ts';
import { readRecipe } from '../reading/read.ts';
import { CORPUS_RECIPES } from '../test/reading/recipes.ts';
import type { Line, Recipe } from '../vocabulary/recipe.ts';
import { toJson, toJsonLd, toMarkdown } from './formats.ts';
import { nameThatReads } from './words.ts';

const read = (text: string) => readRecipe(text, { measures: 'metric' }, SHELF).recipe;
const soups = CORPUS_RECIPES.map(({ id, text, measures }) => [id, readRecipe(text, { measures }, SHELF).recipe] as const);
const counted = ({ lines }: Recipe): Line[] => lines.filter(({ id }) => !lines.some(({ partOf }) => partOf === id));
const sorted = (recipe: Recipe, show: (line: Line) => string) => counted(recipe).map(show).sort();
const grams = ({ foodId, grams: amount }: Line) => `${foodId} ${amount ? Number(amount.best.toPrecision(3)) : '-'}`;

describe.each(soups)('%s', (_id, recipe) => {
  test('comes back whole from our JSON and our CSV', () => {
    expect(read(toJson(recipe))).toEqual(recipe);
    const back = read(toCsv(recipe));
    // Amounts as written and preparation are words, which CSV leaves out.
    expect(back).toEqual({ ...recipe, lines: recipe.lines.map(({ amount: _, prep: __, ...line }) => line) });
  });
  test('comes back from Markdown with its foods, grams, stages and bowls', () => {
    const back = read(toMarkdown(recipe, SHELF));
    expect(sorted(back, (line) => `${grams(line)} ${line.stage}`)).toEqual(sorted(recipe, (line) => `${grams(line)} ${line.stage}`));
    expect([back.title, back.servings]).toEqual([recipe.title, recipe.servings]);
  });
  test('comes back from schema.org JSON-LD with its foods, grams and bowls', () => {
    const back = read(toJsonLd(recipe, SHELF));
    expect(sorted(back, grams)).toEqual(sorted(recipe, grams));
    expect([back.title, back.servings]).toEqual([recipe.title, recipe.servings]);
  });
});

test('nearly every recalled food has a name that reads back as itself', () => {
  const without = SHELF.foods.filter(({ id }) => !id.startsWith('ifct-') && nameThatReads(id, SHELF) === null).map(({ id }) => id);
  expect(without).toEqual([]);
});

describe('cells', () => {
  test('no cell begins as a formula, whatever was typed', () => {
    fc.assert(
      fc.property(
        fc.array(fc.oneof(fc.constantFrom('=1+1', '@SUM(A1)', '+cmd|x', '-2', '\t=A1', '%0A'), fc.string()), { minLength: 1, maxLength: 6 }),
        (texts) => {
          const recipe: Recipe = {
            title: texts[0] as string,
            lines: texts.map((text, i) => ({ id: `l${i}`, stage: 'base', text, foodId: null, grams: null })),
            steps: [],
          };
          for (const row of Papa.parse<string[]>(toCsv(recipe)).data) for (const cell of row) expect(cell).not.toMatch(/^[=+\-@\t\r|%]/);
        },
      ),
      { seed: 3, numRuns: 100 },
    );
  });
  test('a guard is taken off again, an apostrophe of the writer is not', () => {
    expect(unguarded(guarded('=A1'))).toBe('=A1');
    expect(unguarded(guarded("'tis soup"))).toBe("'tis soup");
  });
  test('a table of another make is none of ours', () => {
    expect(fromCsv('amount,unit,ingredient\n1,cup,milk')).toBeNull();
  });
});
