/** Needs of the bowl and of the plate: a soup with a sandwich beside it. Common practice, no source. */
import { describe, expect, test } from '@jest/globals';
import { analyse } from '../analysis/analysis.ts';
import { SHELF } from '../food/shelf.ts';
import { line, soup, step } from '../test/soup.ts';
import { adapt } from './adapt.ts';
import type { Needs } from './needs.ts';
import { judgeNeeds } from './verdict.ts';

const recipe = soup(
  [
    line('oil', 'olive-oil', 30),
    line('onion', 'onion', 150),
    line('tomato', 'tomatoes-canned', 800),
    line('stock', 'vegetable-stock-homemade', 600),
    line('bread', 'bread-white', 240, { stage: 'plate' }),
    line('cheese', 'cheddar', 120, { stage: 'plate' }),
  ],
  {
    title: 'Tomato soup with a cheese sandwich',
    servings: 4,
    steps: [
      step('s1', { method: 'sweat', text: 'Soften the onion in the oil.', uses: ['oil', 'onion'] }),
      step('s2', { stage: 'simmer', method: 'simmer', text: 'Add the tomatoes and the stock and simmer 20 minutes.', uses: ['tomato', 'stock'] }),
      step('s3', { stage: 'blend', method: 'blend', text: 'Blend.' }),
      step('s4', { stage: 'plate', text: 'Serve with the bread and the cheese.', uses: ['bread', 'cheese'] }),
    ],
  },
);
const analysis = analyse(recipe, {}, SHELF);
const ask = (needs: Needs) => adapt({ recipe, needs, plans: 3 }, SHELF, { now: () => 0 });
const sodium = (max: number): Needs => ({ limits: [{ nutrient: 'sodiumMg', per: 'serving', max }] });

test('the plate is the bowl and what is beside it', () => {
  for (const key of ['sodiumMg', 'proteinG', 'energyKcal'] as const)
    expect(analysis.plateServing?.[key].value).toBeCloseTo(analysis.perServing[key].value + (analysis.plate?.[key].value ?? 0), 6);
  expect(analyse({ ...recipe, lines: recipe.lines.slice(0, 4) }, {}, SHELF).plateServing).toBeUndefined();
});

describe('asked of the bowl', () => {
  test('no milk is met, and what is beside it is told', () => {
    const [plan] = ask({ allergens: ['milk'] }).plans;
    expect(plan?.changes).toEqual([]);
    expect(plan?.says?.map(({ message }) => message)).toContain("In the bowl it fits 'no milk'; the cheddar cheese beside it does not.");
  });
  test('what only a label can tell of the bowl is not said to fit', () => {
    const checked = { ...recipe, lines: recipe.lines.map((one) => (one.id === 'stock' ? line('stock', 'chicken-broth', 600) : one)) };
    const [plan] = adapt({ recipe: checked, needs: { allergens: ['milk'] } }, SHELF, { now: () => 0 }).plans;
    expect(plan?.meets[0]?.state).toBe('cannotTell');
    expect(plan?.says?.map(({ message }) => message)).toContain("Beside the bowl the cheddar cheese breaks 'no milk'.");
  });
  test('a limit too', () => {
    const max = analysis.perServing.sodiumMg.value * 1.5;
    const [plan] = ask(sodium(max)).plans;
    expect(plan?.says?.map(({ message }) => message).join(' ')).toMatch(
      /^In the bowl it fits; with the white bread and the cheddar cheese beside it there are \d+ mg sodium, over/,
    );
  });
});

describe('asked of the plate', () => {
  test('no milk breaks on the sandwich, and the sandwich gives way', () => {
    const needs: Needs = { allergens: ['milk'], scope: 'plate' };
    expect(judgeNeeds(needs, { recipe, analysis, original: { recipe, analysis }, shelf: SHELF })[0]?.state).toBe('breaks');
    const [plan] = ask(needs).plans;
    expect(plan?.changes.map(({ from }) => from?.foodId)).toContain('cheddar');
    expect(plan?.analysis.allergens.find(({ id }) => id === 'milk')?.scopes.plate).not.toBe('contains');
  });
  test('a limit counts the bread and the cheese', () => {
    const max = (analysis.plateServing?.sodiumMg.value ?? 0) * 0.7;
    const [plan] = ask({ ...sodium(max), scope: 'plate' }).plans;
    expect(plan?.analysis.plateServing?.sodiumMg.value ?? plan?.analysis.perServing.sodiumMg.value).toBeLessThanOrEqual(max);
    expect(plan?.changes.length).toBeGreaterThan(0);
  });
  test('where nothing is beside it the two are the same', () => {
    const bare = { ...recipe, lines: recipe.lines.slice(0, 4), steps: recipe.steps.slice(0, 3) };
    const plans = (needs: Needs) => adapt({ recipe: bare, needs, plans: 2 }, SHELF, { now: () => 0 }).plans.map(({ changes }) => changes);
    expect(plans({ ...sodium(100), scope: 'plate' })).toEqual(plans(sodium(100)));
  });
});
