/** What a version is called: a need's own name is a promise, and stands only where it is kept. */
import { expect, test } from '@jest/globals';
import { analyse } from '../../../core/analysis/analysis.ts';
import { SHELF } from '../../../core/food/shelf.ts';
import type { Needs } from '../../../core/swap/needs.ts';
import { judgeNeeds } from '../../../core/swap/verdict.ts';
import type { Recipe } from '../../../core/vocabulary/recipe.ts';
import { openNeeds, suggestedName } from './versionName.ts';
import type { BenchView } from './view.ts';

const grams = (best: number) => ({ best, low: best, high: best });
const pot = (...foods: string[]): Recipe => ({
  title: 'x',
  servings: 4,
  steps: [],
  lines: foods.map((foodId, at) => ({ id: `l${at}`, stage: 'simmer', text: foodId, foodId, grams: grams(200) })),
});
const viewOf = (recipe: Recipe, needs: Needs) => {
  const analysis = analyse(recipe, needs, SHELF);
  const original = { recipe, analysis };
  const verdicts = judgeNeeds(needs, { recipe, analysis, original, shelf: SHELF });
  return { verdicts, needs, recipe, original, analysis, core: { shelf: SHELF } } as unknown as BenchView;
};

test.each([
  ['cream in a soup asked to be without milk', pot('leek', 'cream-double'), { allergens: ['milk'] }, 'for: no milk (1 broken: double cream)'],
  ['a soup without milk', pot('leek', 'water'), { allergens: ['milk'] }, 'no milk'],
  ['a stock that may hold celery', pot('leek', 'chicken-broth'), { allergens: ['celery'] }, 'for: no celery (1 to check: chicken broth)'],
  ['two needs, one met', pot('leek', 'cream-double'), { allergens: ['egg', 'milk'] }, 'for: no egg, no milk (1 broken: double cream)'],
  ['nothing asked', pot('leek'), {}, 'New version'],
] as const)('%s is called %s', (_, recipe, needs, name) => {
  expect(suggestedName(viewOf(recipe, needs as unknown as Needs))).toBe(name);
});

test('what is broken and what is to be checked is told apart, with its lines', () => {
  const view = viewOf(pot('cream-double', 'chicken-broth'), {
    allergens: ['milk', 'celery'],
    limits: [{ nutrient: 'fatG', per: 'serving', max: 1 }],
  });
  expect(openNeeds(view)).toEqual({ broken: ['no milk (double cream)', 'fat to 1 g'], toCheck: ['no celery (chicken broth)'] });
});
