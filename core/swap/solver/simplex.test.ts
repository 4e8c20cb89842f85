/** The bound of the search: never above any set of choices it stands for, and exact where nothing is left to choose. */
import { describe, expect, test } from '@jest/globals';
import { analyse } from '../../analysis/analysis.ts';
import { SHELF } from '../../food/shelf.ts';
import { line, seeded, soup } from '../../test/soup.ts';
import type { Recipe } from '../../vocabulary/recipe.ts';
import { bestAmounts } from '../amounts.ts';
import { buildModel } from '../buildModel.ts';
import type { Model, Option } from '../model.ts';
import { askedOf } from '../need.ts';
import type { Needs } from '../needs.ts';
import { search } from '../search.ts';
import { Relaxation } from './simplex.ts';

const recipe: Recipe = soup(
  [
    line('leek', 'leek', 400),
    line('butter', 'butter-salted', 50),
    line('flour', 'flour-wheat', 35),
    line('stock', 'chicken-broth', 900),
    line('cream', 'cream-heavy', 180),
    line('salt', 'salt', 6),
  ],
  { servings: 5 },
);
const { perServing } = analyse(recipe, {}, SHELF);

function modelOf(seed: number): Model {
  const random = seeded(seed);
  const needs: Needs = {
    allergens: random() < 0.5 ? ['milk'] : [],
    limits: [
      { nutrient: 'sodiumMg', per: 'serving', max: perServing.sodiumMg.value * (0.4 + random() * 0.5) },
      { nutrient: 'saturatedFatG', per: '100g', max: 1 + random() * 2 },
    ],
    ...(random() < 0.5 ? { body: 'same' as const } : {}),
    keepLines: ['leek'],
  };
  return buildModel({ recipe, analysis: analyse(recipe, needs, SHELF), asked: askedOf(needs), shelf: SHELF });
}

/** One option in every slot, by chance. */
function pickOf(model: Model, random: () => number): number[] {
  return model.slots.map(({ options }) => Math.floor(random() * options.length));
}
const choiceOf = (model: Model, picked: readonly number[]): Option[] =>
  model.slots.map(({ options }, slot) => options[picked[slot] as number] as Option);
const only = (picked: readonly number[]) => Int32Array.from(picked, (option) => 1 << option);
const everything = (model: Model) => Int32Array.from(model.slots, ({ options }) => 2 ** options.length - 1);

describe.each([1, 2, 3, 4, 5])('seed %i', (seed) => {
  const model = modelOf(seed);
  const relaxation = new Relaxation(model);
  const solve: Relaxation['solve'] = (allowed, from) => relaxation.solve(allowed, from);
  const random = seeded(seed + 100);

  test('with one option in every slot the bound is the value of those choices', () => {
    for (let run = 0; run < 40; run += 1) {
      const picked = pickOf(model, random);
      const exact = bestAmounts(model, choiceOf(model, picked));
      const relaxed = solve(only(picked), null);
      expect([picked, relaxed === null]).toEqual([picked, exact === null]);
      if (exact && relaxed) expect(relaxed.bound).toBeCloseTo(exact.value, 5);
    }
  });

  test('with more options it is never above any of them, wherever the simplex begins', () => {
    const all = solve(everything(model), null);
    for (let run = 0; run < 40; run += 1) {
      const picked = pickOf(model, random);
      const exact = bestAmounts(model, choiceOf(model, picked));
      if (exact) expect(all?.bound ?? Number.POSITIVE_INFINITY).toBeLessThanOrEqual(exact.value + 1e-6);
      const start = solve(only(picked), null);
      if (start && all) expect(solve(everything(model), start.end)?.bound).toBeCloseTo(all.bound, 5);
    }
  });

  test('the search gives choices in the order of their value, and none twice', () => {
    const values: number[] = [];
    const seen = new Set<string>();
    search(
      model,
      ({ choice, amounts }) => {
        values.push(amounts.value);
        seen.add(choice.map(({ swap }) => swap?.id ?? '').join());
        return values.length < 30 ? 'dropped' : 'stop';
      },
      () => false,
    );
    expect(seen.size).toBe(values.length);
    values.forEach((value, index) => {
      if (index > 0) expect(value).toBeGreaterThanOrEqual((values[index - 1] as number) - 1e-7);
    });
  });
});
