/** Batches teach a little, and the more of them the more. */
import { describe, expect, test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import { readRecipe } from '../reading/read.ts';
import { bowlOf, line, soup, step } from '../test/soup.ts';
import type { Entry } from './entry.ts';
import { learntEvaporation, learntSoftening, yieldWith } from './learnt.ts';

const RECIPE = soup([line('leek', 'leek', 600), line('water', 'water', 1500, { stage: 'simmer' })], {
  pot: { diameterCm: 28 },
  steps: [step('s1', { method: 'simmer', lid: 'off', minutes: { min: 40, max: 40 }, uses: ['leek', 'water'] })],
});
const model = bowlOf(RECIPE);
/** A batch whose pot lost so many times the estimate. */
const batch = (times: number) => ({
  recipe: RECIPE,
  entries: [{ id: 'y', at: '2027-03-06T16:00:00.000Z', kind: 'yield', grams: model.potGrams + model.evaporatedGrams * (1 - times) }] as Entry[],
});

test('one batch that lost twice as much moves the estimate a fifth of the way, ten move it five sevenths', () => {
  // exp(ln 2 / 5) and exp(10 ln 2 / 14), by hand.
  expect(learntEvaporation([batch(2)], SHELF)).toMatchObject({ batches: 1, factor: expect.closeTo(1.149, 2) });
  expect(
    learntEvaporation(
      Array.from({ length: 10 }, () => batch(2)),
      SHELF,
    )?.factor,
  ).toBeCloseTo(1.641, 2);
});

test('batches that did as was reckoned change nothing, and those whose pot nobody weighed teach nothing', () => {
  expect(learntEvaporation([batch(1), batch(1)], SHELF)?.factor).toBeCloseTo(1, 6);
  expect(learntEvaporation([{ recipe: RECIPE, entries: [] }], SHELF)).toBeNull();
});

test('a slip of the scale moves it no further than four times', () => {
  expect(learntEvaporation([batch(30)], SHELF)?.factor).toBeCloseTo(Math.exp(Math.log(4) / 5), 6);
});

test('the pot weighs what is left', () => {
  expect(yieldWith(RECIPE, { batches: 3, factor: 1.5 }, SHELF)).toBeCloseTo(model.potGrams - model.evaporatedGrams * 0.5, 6);
});

describe('minutes until it is soft', () => {
  const { recipe } = readRecipe(
    'Carrot\nServes 4\n\nIngredients\n500 g carrots, diced\n40 g butter\n900 ml water\n\nMethod\n1. Sweat the carrots in the butter for 5 minutes.\n2. Add the water and simmer for 20 minutes.\n3. Blend.',
    { measures: 'metric' },
    SHELF,
  );
  const [first, second] = recipe.steps;
  const batch = (minutes: number, of = recipe) => ({
    recipe: of,
    entries: [
      { id: 'a', at: '2027-03-08T10:00:00Z', kind: 'step' as const, stepId: first?.id as string },
      {
        id: 'b',
        at: new Date(Date.parse('2027-03-08T10:00:00Z') + minutes * 60_000).toISOString(),
        kind: 'step' as const,
        stepId: second?.id as string,
      },
    ],
  });
  test('are learnt from steps that were ticked off, towards what they took, and little from one batch', () => {
    const [one] = learntSoftening([batch(32)], SHELF);
    const [many] = learntSoftening(
      Array.from({ length: 12 }, () => batch(32)),
      SHELF,
    );
    expect(one?.foodId).toBe('carrot');
    expect(one?.factor).toBeGreaterThan(1.05);
    expect(one?.factor).toBeLessThan(1.3);
    expect(many?.factor).toBeGreaterThan(one?.factor ?? 9);
    expect(many?.factor).toBeLessThan(2.05);
  });
  test('are not learnt from a step that was ticked off a day later', () => {
    expect(learntSoftening([batch(60 * 24)], SHELF)).toEqual([]);
    expect(learntSoftening([{ recipe, entries: [] }], SHELF)).toEqual([]);
  });
});
