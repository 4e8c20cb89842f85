import { describe, expect, test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import { readRecipe } from '../reading/read.ts';
import { leftOutId, leversFor } from '../swap/data/levers.ts';
import { swapsFor } from '../swap/data/swaps.ts';
import { METHOD_CASES, type MethodCase, SOUPS } from '../test/method/cases.ts';
import { exchangeOf } from '../test/method/exchange.ts';
import type { Food } from '../vocabulary/food.ts';
import { countedLines, type Line } from '../vocabulary/recipe.ts';
import type { Exchange } from './entry.ts';
import { rewriteMethod } from './rewrite.ts';

const readSoup = (soup: MethodCase['soup']) => readRecipe(SOUPS[soup], { measures: 'auto' }, SHELF).recipe;

/** The exchange that a case writes down: a swap by its id, 'out', or grams of less. */
function exchangeFor(line: Line, how: string | number): Exchange {
  const food = SHELF.food(line.foodId ?? '') as Food;
  const id = how === 'out' ? leftOutId(food.id) : typeof how === 'number' ? `${food.id}-less` : how;
  const swap = [...swapsFor(food), ...leversFor(food)].find((one) => one.id === id);
  if (!swap) throw new Error(`${food.id} has no swap '${id}'`);
  return exchangeOf(line, swap, typeof how === 'number' ? how : how === 'salt-less' ? 3 : undefined);
}

describe('a method after its swaps reads as a cook would write it', () => {
  test.each(
    METHOD_CASES.map(
      (one) =>
        [
          `${one.soup}: ${Object.entries(one.swaps)
            .map(([food, how]) => `${food} ${how}`)
            .join(', ')}`,
          one,
        ] as const,
    ),
  )('%s', (_, { soup, swaps, after }) => {
    const recipe = readSoup(soup);
    const { steps } = recipe;
    const lines = countedLines(recipe);
    const exchanges = Object.entries(swaps).flatMap(([foodId, how]) => {
      // A line that is divided goes part by part.
      const meant = lines.filter((one) => one.foodId === foodId);
      if (meant.length === 0) throw new Error(`no ${foodId} in ${soup}: ${lines.map((one) => one.foodId).join()}`);
      return meant.map((line) => exchangeFor(line, how));
    });
    // How the sentences are shared out over steps is not what is looked at.
    const told = rewriteMethod(steps, lines, exchanges, SHELF)
      .map(({ text }) => text)
      .join(' ');
    expect(told.split(/(?<=[.;])\s/)).toEqual(after.join(' ').split(/(?<=[.;])\s/));
  });
});

test('a food that begins with the letters of an article keeps them when only its weight changes', () => {
  const { recipe } = readRecipe(
    'Celeriac soup\nServes 4\n\nIngredients\n600 g celeriac\n250 g apples\n40 g butter\n1 litre water\n\nMethod\n1. Sweat the celeriac and apples in the butter.\n2. Add the water and simmer for 20 minutes.\n3. Blend.',
    { measures: 'metric' },
    SHELF,
  );
  const lines = countedLines(recipe);
  const apples = lines.find(({ text }) => /apples/.test(text)) as Line;
  const less: Line = { ...apples, grams: { best: 200, low: 200, high: 200 } };
  const [first] = rewriteMethod(recipe.steps, lines, [{ line: apples, lines: [less], works: [] }], SHELF);
  expect(first?.text).toBe('Sweat the celeriac and 200 g apples in the butter.');
});

test('a comma that parts two doings stays where one of its foods goes', () => {
  const { recipe } = readRecipe(
    'Green pea soup\nServes 4\n\nIngredients\n300 g potatoes\n400 g peas\n100 g ham\n1 litre water\n\nMethod\n1. Add the potatoes and water and simmer for 15 minutes, the peas and ham for the last 5 minutes.\n2. Blend.',
    { measures: 'metric' },
    SHELF,
  );
  const lines = countedLines(recipe);
  const ham = lines.find(({ text }) => /ham/.test(text)) as Line;
  const [first] = rewriteMethod(recipe.steps, lines, [{ line: ham, lines: [], works: [] }], SHELF);
  expect(first?.text).toBe('Add the potatoes and water and simmer for 15 minutes, the peas for the last 5 minutes.');
});
