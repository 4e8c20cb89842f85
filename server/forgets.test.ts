/** A server runs for months: what it works out for one soup is gone with the answer. */
import { setFlagsFromString } from 'node:v8';
import { runInNewContext } from 'node:vm';
import { expect, test } from '@jest/globals';
import { entriesOf } from '../core/bowl/entries.ts';
import type { Figures } from '../core/food/figures.ts';
import { SHELF } from '../core/food/shelf.ts';
import { REGIMES } from '../core/regime/regime.ts';
import type { Line, Recipe } from '../core/vocabulary/recipe.ts';

setFlagsFromString('--expose-gc');
const collectGarbage = runInNewContext('gc') as () => void;

const soup = (foodId: string, more: Partial<Line>): Recipe => ({
  title: 'soup',
  servings: 4,
  lines: [{ id: 'one', stage: 'base', text: foodId, foodId, grams: { best: 100, low: 90, high: 110 }, ...more }],
  steps: [{ id: 's1', stage: 'simmer', text: 'Simmer for 20 minutes.', method: 'simmer', minutes: { min: 20, max: 20 } }],
});

test.each([
  ['carrot', { eatenShare: 0.371 }],
  ['bacon-raw', { eaten: 'rendered' }],
  ['sherry-dry', {}],
] as const)('figures that hang on the share, the fat or the minutes of one line are kept nowhere: %s', async (foodId, more) => {
  const figures = () => new WeakRef(entriesOf(soup(foodId, more), REGIMES.us, SHELF)[0]?.figures as Figures);
  const left = figures();
  // A reference holds what it was made of until the turn is over.
  await new Promise((done) => setTimeout(done));
  collectGarbage();
  expect(left.deref()).toBeUndefined();
});
