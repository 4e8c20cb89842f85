/** What is cooked of several pots: the base once, in all its grams, and each pot from where it parts. */
import { describe, expect, test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import { planOf } from '../plan/plan.ts';
import { readRecipe } from '../reading/read.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import { potsFor } from './pots.ts';
import { runsOf } from './runs.ts';

const { recipe: LEEK } = readRecipe(
  'Leek soup\nServes 6\n\nIngredients\n500 g leeks, sliced\n40 g rapeseed oil\n400 g potatoes, diced\n1 litre water\n150 ml double cream\n4 g salt\n\nMethod\n1. Sweat the leeks in the oil for 10 minutes.\n2. Add the potatoes and the water and simmer for 20 minutes.\n3. Blend until smooth.\n4. Stir in the cream and the salt.',
  { measures: 'metric' },
  SHELF,
);
const cream = LEEK.lines.find(({ text }) => /cream/.test(text))?.id as string;
const { pots } = potsFor(
  {
    recipe: LEEK,
    guests: [
      { seat: 'A1', needs: { allergens: ['milk'] }, bowls: 4 },
      { seat: 'A2', needs: { keepLines: [cream] }, bowls: 8 },
    ],
  },
  SHELF,
  () => performance.now(),
);
const day = pots.map((pot, at) => ({ ...pot, number: at + 1 }));
const kitchen = { cooks: 1, rings: 4, ovens: 1, blenderJarMl: 0, potDiameterCm: 28 };
const plan = (soups: { recipe: Recipe; servings: number; follows?: number[] }[]) => {
  const made = planOf({ soups, kitchen, serveAt: '2027-03-08T12:30:00.000Z' }, SHELF);
  if ('path' in made) throw new Error(made.message);
  return made;
};

describe('two pots that part at the cream', () => {
  const runs = runsOf(day);
  test('have one base for all their bowls, and what is left of each', () => {
    expect(runs.map(({ isBase, servings, follows }) => [isBase, servings, follows])).toEqual([
      [true, 12, []],
      [false, 8, [0]],
      [false, 4, [0]],
    ]);
    const leeks = (recipe: Recipe | undefined) => recipe?.lines.find(({ foodId }) => foodId === 'leek')?.grams?.best;
    expect(leeks(runs[0]?.recipe)).toBeCloseTo(2 * 220, 3);
    expect(runs[0]?.recipe.steps.map(({ method }) => method)).toEqual(['sweat', 'simmer', 'blend']);
    expect(runs.slice(1).every(({ recipe }) => recipe.steps.every(({ stage }) => stage === 'finish'))).toBe(true);
  });
  test('are planned after their base, and in less time than each by itself', () => {
    const shared = plan(runs);
    const apart = plan(day.map(({ recipe, bowls }) => ({ recipe, servings: bowls })));
    const baseEnds = Math.max(...shared.tasks.filter(({ soup }) => soup === 0).map(({ end }) => end));
    for (const task of shared.tasks.filter(({ soup, stepId }) => soup !== 0 && stepId)) expect(task.start).toBeGreaterThanOrEqual(baseEnds);
    const hands = ({ tasks }: typeof shared) => tasks.filter(({ handsOn }) => handsOn).reduce((sum, { start, end }) => sum + end - start, 0);
    expect(hands(shared)).toBeLessThan(hands(apart));
  });
});

test('pots that are the same below the bowl are cooked as one, whether they say so or not', () => {
  const [one] = day;
  const twins = [
    { number: 1, bowls: 3, recipe: one?.recipe as Recipe, kettle: 0 },
    { number: 2, bowls: 5, recipe: one?.recipe as Recipe, kettle: 0 },
  ];
  expect(runsOf(twins).map(({ servings, pots: numbers }) => [servings, numbers])).toEqual([[8, [1, 2]]]);
  expect(runsOf(twins.map(({ kettle: _, ...pot }) => pot))).toMatchObject([{ servings: 8, pots: [1, 2], isBase: false }]);
});
