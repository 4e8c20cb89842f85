/** The difference of two versions, as a colleague would read it out. */
import { describe, expect, test } from '@jest/globals';
import { bowlOf, line, soup, step } from '../test/soup.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import { differenceOf, type Version } from './diff.ts';

const leek = soup([line('leek', 'leek', 400), line('cream', 'cream-heavy', 200), line('stock', 'chicken-broth', 800), line('salt', 'salt', 5)], {
  steps: [
    step('s1', { text: 'Simmer.', method: 'simmer', minutes: { min: 20, max: 20 } }),
    step('s2', { text: 'Blend.', stage: 'blend', method: 'blend' }),
  ],
});
const version = (recipe: Recipe): Version => ({ recipe, analysis: bowlOf(recipe) });
const with_ = (changes: Partial<Recipe>) => differenceOf(version(leek), version({ ...leek, ...changes }));

describe('a difference', () => {
  test('of a version with itself is nothing', () => {
    expect(with_({})).toEqual({ servings: null, lines: [], steps: [], figures: [], body: null, allergens: [] });
  });
  test('shows what stands in the place of a line that went', () => {
    const oil = line('cream.1', 'olive-oil', 60, { replaces: 'cream' });
    const { lines, allergens } = with_({ lines: leek.lines.map((one) => (one.id === 'cream' ? oil : one)) });
    expect(lines).toEqual([{ kind: 'swapped', before: leek.lines[1], after: [oil] }]);
    // The stock is still to be checked.
    expect(allergens).toContainEqual({ id: 'milk', before: 'contains', after: 'check' });
  });
  test('tells an amount from a food, and what is new from what is gone', () => {
    const lines = [line('leek', 'leek', 500), line('cream', 'cream-light', 200), line('stock', 'chicken-broth', 800), line('dill', 'dill', 10)];
    expect(with_({ lines }).lines.map(({ kind }) => kind)).toEqual(['amount', 'food', 'out', 'in']);
  });
  test('does not call a half per cent on the scale a change', () => {
    expect(with_({ lines: leek.lines.map((one) => (one.id === 'leek' ? line('leek', 'leek', 401) : one)) }).lines).toEqual([]);
  });
  test('shows steps that were added, dropped or said otherwise', () => {
    const [first] = leek.steps;
    const { steps } = with_({
      steps: [{ ...(first as (typeof leek.steps)[number]), minutes: { min: 30, max: 30 } }, step('s3', { text: 'Season.' })],
    });
    expect(steps.map(({ kind }) => kind)).toEqual(['changed', 'out', 'in']);
  });
  test('shows figures of a bowl that moved, and other bowls', () => {
    const { figures, servings } = with_({ servings: 5 });
    expect(servings).toEqual({ before: 4, after: 5 });
    const sodium = figures.find(({ nutrient }) => nutrient === 'sodiumMg');
    expect((sodium?.after ?? 0) / (sodium?.before ?? 1)).toBeCloseTo(0.8, 9);
  });
  test('says where a figure is only a lower bound', () => {
    const unknown = { ...leek, lines: [...leek.lines, line('what', null, 50)] };
    expect(differenceOf(version(leek), version({ ...unknown, servings: 5 })).figures.every(({ atLeast }) => atLeast)).toBe(true);
  });
});
