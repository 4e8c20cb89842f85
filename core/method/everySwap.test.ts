/**
 * Every swap of every line of real soups, one at a time and by chance several: no order names a food that is gone, what comes is in some
 * step, and nothing is told twice or in brackets. Facts of the trade (common practice, no source).
 */
import { describe, expect, test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import { readRecipe } from '../reading/read.ts';
import { ADDITIONS } from '../swap/data/additions.ts';
import { swapsFor } from '../swap/data/swaps.ts';
import { SOUPS } from '../test/method/cases.ts';
import { exchangeOf } from '../test/method/exchange.ts';
import { seeded } from '../test/soup.ts';
import { countedLines, type Line, type Recipe, type Step } from '../vocabulary/recipe.ts';
import { calledInSteps } from './entry.ts';
import { mentionsOf, spokenOf } from './mention.ts';
import { rewriteMethod } from './rewrite.ts';

const RECIPES: readonly (readonly [string, Recipe])[] = Object.entries(SOUPS).map(([id, text]) => [
  id,
  readRecipe(text, { measures: 'auto' }, SHELF).recipe,
]);

const ordered = (steps: readonly Step[]): string => steps.map(({ text }) => text).join(' ');

/** What a cook finds wrong with a method for these lines; `gone` are lines of the original with no food of their own left in the pot. */
function faults(steps: readonly Step[], original: readonly Line[], gone: readonly Line[], came: readonly Line[]): string[] {
  // What a swap's own work says is its own.
  const text = ordered(steps.filter(({ id }) => !id.startsWith('swap-')));
  const found: string[] = [];
  const others = original.filter((line) => !gone.includes(line));
  const there = new Set([...others, ...came].map(({ foodId }) => foodId));
  for (const line of gone.filter(({ foodId }) => !there.has(foodId))) {
    const spoken = spokenOf(line, SHELF);
    const stays = [...others, ...came].map((one) => spokenOf({ ...one, text: SHELF.food(one.foodId ?? '')?.name ?? one.text }, SHELF));
    // A word that what stays or comes goes by as well speaks of that.
    const own = mentionsOf(text, spoken, stays).map(({ from, to }) => text.slice(from, to));
    const plain = own.filter(
      (words) =>
        !stays.some(({ heads, own: names }) => words.split(/\s+/).some((word) => heads.has(word.toLowerCase()) || names.has(word.toLowerCase()))),
    );
    const only = plain.filter((words) =>
      [...spoken.heads].some((head) => words.toLowerCase().includes(head) && ![...stays].some(({ heads }) => heads.has(head))),
    );
    if (only.length > 0) found.push(`still orders '${only[0]}'`);
  }
  const used = new Set(steps.flatMap(({ uses = [] }) => uses));
  for (const line of came) if (!used.has(line.id)) found.push(`no step uses ${line.foodId}`);
  for (const step of steps) {
    if (/[[\]]/.test(step.text)) found.push(`brackets: ${step.text}`);
    if (/\b(\p{L}{2,})\s+\1\b/iu.test(step.text)) found.push(`a word twice: ${step.text}`);
    if (/\b(?:and|with|the|in|of)\s*[.,;]/i.test(step.text) && !/\b(?:in|on)\s*[.,;]/i.test(step.text)) found.push(`breaks off: ${step.text}`);
    if (/\s[.,;]|[.,;]{2}|^[^\p{Lu}\d½¼¾'"]/u.test(step.text)) found.push(`untidy: ${step.text}`);
  }
  return found;
}

describe('every swap of every line leaves a method that can be cooked', () => {
  test.each(RECIPES)('%s', (_, recipe) => {
    const { steps } = recipe;
    const lines = countedLines(recipe);
    const wrong = lines.flatMap((line) => {
      const food = SHELF.food(line.foodId ?? '');
      if (!food) return [];
      return swapsFor(food).flatMap((swap) => {
        const exchange = exchangeOf(line, swap);
        const gone = exchange.lines.some(({ foodId }) => foodId === line.foodId) ? [] : [line];
        const method = rewriteMethod(steps, lines, [exchange], SHELF);
        return faults(method, lines, gone, exchange.lines).map((fault) => `${line.text}: ${swap.id}: ${fault}`);
      });
    });
    expect(wrong).toEqual([]);
  });
});

describe('several swaps at once, in any order, make one method', () => {
  test.each(RECIPES)('%s', (name, recipe) => {
    const { steps } = recipe;
    const lines = countedLines(recipe);
    const random = seeded(name.length * 7919);
    const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
    for (let round = 0; round < 60; round += 1) {
      const some = lines.filter(({ foodId }) => foodId !== null && random() < 0.4);
      const exchanges = some.map((line) =>
        exchangeOf(line, pick(swapsFor(SHELF.food(line.foodId ?? '') as NonNullable<ReturnType<typeof SHELF.food>>))),
      );
      const gone = exchanges.filter(({ line, lines: came }) => !came.some(({ foodId }) => foodId === line.foodId)).map(({ line }) => line);
      const came = exchanges.flatMap((one) => one.lines);
      const method = rewriteMethod(steps, lines, exchanges, SHELF);
      expect([some.map(({ text }) => text), exchanges.map(({ works }) => works.map(({ text }) => text)), faults(method, lines, gone, came)]).toEqual([
        expect.anything(),
        expect.anything(),
        [],
      ]);
      expect(new Set(method.map(({ id }) => id)).size).toBe(method.length);
    }
  });
});

test('whatever is added is put in by a sentence that names it', () => {
  for (const [, { lines, steps }] of RECIPES)
    for (const row of ADDITIONS) {
      const line: Line = { id: row.id, stage: row.stage ?? 'finish', text: '', foodId: null, grams: { best: 1, low: 1, high: 1 } };
      const exchange = exchangeOf(line, row);
      const method = rewriteMethod(steps, lines, [exchange], SHELF);
      const main = SHELF.food(exchange.lines[0]?.foodId ?? '');
      const words = calledInSteps(main ?? { name: '' }).split(' ');
      expect([row.id, words.some((word) => ordered(method).toLowerCase().includes(word.replace(/s$/, '')))]).toEqual([row.id, true]);
      expect(faults(method, lines, [], exchange.lines)).toEqual([]);
    }
});
