import { describe, expect, test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import { readRecipe } from '../reading/read.ts';
import { leftOutId, leversFor } from '../swap/data/levers.ts';
import { swapsFor } from '../swap/data/swaps.ts';
import { METHOD_CASES, type MethodCase, SOUPS } from '../test/method/cases.ts';
import type { Food } from '../vocabulary/food.ts';
import type { Line } from '../vocabulary/recipe.ts';
import type { Exchange } from './entry.ts';
import { rewriteMethod } from './rewrite.ts';

const readSoup = (soup: MethodCase['soup']) => readRecipe(SOUPS[soup], { measures: 'auto' }, SHELF).recipe;

/** What stands in the place of a line, at the amounts a cook would take without reckoning. */
function exchangeOf(line: Line, how: string | number): Exchange {
  const food = SHELF.food(line.foodId ?? '') as Food;
  const id = how === 'out' ? leftOutId(food.id) : typeof how === 'number' ? `${food.id}-less` : how;
  const swap = [...swapsFor(food), ...leversFor(food)].find((one) => one.id === id);
  if (!swap) throw new Error(`${food.id} has no swap '${id}'`);
  const grams = line.grams?.best ?? 0;
  const lines = swap.parts.flatMap(({ foods, usual, least, most, eaten }, part) =>
    foods.map(([foodId, share], at): Line => {
      const best = typeof how === 'number' ? how : how === 'salt-less' ? 3 : (usual ?? (least + most) / 2) * grams * share;
      return {
        id: `${line.id}.${part}${at}`,
        stage: swap.stage ?? line.stage,
        text: foodId,
        foodId,
        grams: { best, low: best, high: best },
        replaces: line.id,
        ...(eaten ? { eaten: eaten.how } : {}),
      };
    }),
  );
  return { line, lines, works: swap.steps };
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
    const { lines, steps } = readSoup(soup);
    const exchanges = Object.entries(swaps).map(([foodId, how]) => {
      const line = lines.find((one) => one.foodId === foodId);
      if (!line) throw new Error(`no ${foodId} in ${soup}: ${lines.map((one) => one.foodId).join()}`);
      return exchangeOf(line, how);
    });
    // How the sentences are shared out over steps is not what is looked at.
    const told = rewriteMethod(steps, lines, exchanges, SHELF)
      .map(({ text }) => text)
      .join(' ');
    expect(told.split(/(?<=[.;])\s/)).toEqual(after.join(' ').split(/(?<=[.;])\s/));
  });
});
