/** Divided lines and choices under change: what is parted stands on its own, and what is sent on is always a recipe. */
import { describe, expect, test } from '@jest/globals';
import { analyse } from '../analysis/analysis.ts';
import { SHELF } from '../food/shelf.ts';
import { readRecipe } from '../reading/read.ts';
import { recipeFaults, settleGroups } from '../vocabulary/recipe.ts';
import { adapt } from './adapt.ts';
import { takeOut } from './steps.ts';

const soup = (text: string) => readRecipe(text, { measures: 'us' }, SHELF).recipe;
const divided = soup(`Potato soup
Serves 4
4 tbsp butter, divided
2 lb potatoes, peeled and diced
1 quart vegetable stock
1. Sweat the potatoes in 2 tablespoons of the butter for 10 minutes.
2. Add the stock and simmer 20 minutes.
3. Blend and stir in the remaining butter.`);
const choice = soup(`Leek soup
Serves 4
1 cup heavy cream or coconut milk
1 lb sliced leeks
1 quart vegetable stock
1. Simmer the leeks in the stock 20 minutes.
2. Blend and stir in the cream.`);
const knows = (id: string) => SHELF.food(id) !== undefined;
const clock = { now: () => 0 };
const ids = ({ lines }: typeof divided) => lines.map(({ id, partOf }) => (partOf ? `${id} of ${partOf}` : id));

describe('a divided line', () => {
  test('is read as the line and its parts, which weigh as much', () => {
    expect(ids(divided).slice(0, 3)).toEqual(['l1', 'l1p1 of l1', 'l1p2 of l1']);
    expect(recipeFaults(divided, knows)).toEqual([]);
    expect(analyse(divided, {}, SHELF).perServing.fatG.value).toBeGreaterThan(10);
  });
  test('can be swapped out, part by part, and leaves a recipe', () => {
    const { plans } = adapt({ recipe: divided, needs: { allergens: ['milk'] } }, SHELF, clock);
    expect(plans.length).toBeGreaterThan(0);
    for (const { recipe, analysis } of plans) {
      expect(recipeFaults(recipe, knows)).toEqual([]);
      expect(analysis.allergens.find(({ id }) => id === 'milk')?.state).not.toBe('contains');
      expect(recipe.lines.some(({ partOf }) => partOf !== undefined)).toBe(false);
    }
  });
  test('stays when it is to be kept', () => {
    const { plans, clash } = adapt({ recipe: divided, needs: { allergens: ['milk'], keepLines: ['l1'] } }, SHELF, clock);
    expect([plans.length, clash !== undefined]).toEqual([0, true]);
  });
  test('parted by hand, its parts stand on their own', () => {
    const parted = settleGroups({
      ...divided,
      lines: divided.lines.map((line) => (line.id === 'l1p1' && line.grams ? { ...line, grams: { best: 5, low: 5, high: 5 } } : line)),
    });
    expect(ids(parted).slice(0, 2)).toEqual(['l1p1', 'l1p2']);
    expect(recipeFaults(parted, knows)).toEqual([]);
  });
});

describe('a choice', () => {
  test('goes whole when what is taken is taken out', () => {
    const without = takeOut(choice, 'l1');
    expect(without.lines.some(({ choiceOf }) => choiceOf !== undefined)).toBe(false);
    expect(recipeFaults(without, knows)).toEqual([]);
  });
  test('of which the taken one is swapped is no choice any more', () => {
    const { plans } = adapt({ recipe: choice, needs: { allergens: ['milk'] } }, SHELF, clock);
    expect(plans.length).toBeGreaterThan(0);
    for (const { recipe } of plans) expect(recipeFaults(recipe, knows)).toEqual([]);
  });
  test('that is whole comes back as it was', () => {
    expect(settleGroups(choice)).toBe(choice);
  });
});
