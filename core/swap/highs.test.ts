/**
 * The search and its relaxation against HiGHS, a general library, on the same model: the amounts of fixed choices as a
 * linear programme, whole soups too large to enumerate as a mixed-integer one. 2 soups here, 30 with KIND_LADLE_CASES.
 */
import { describe, expect, test } from '@jest/globals';
import { analyse } from '../analysis/analysis.ts';
import { SHELF } from '../food/shelf.ts';
import { leastByHighs } from '../test/mip.ts';
import { line, seeded, soup } from '../test/soup.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import { bestAmounts } from './amounts.ts';
import { buildModel } from './buildModel.ts';
import type { Model, Option } from './model.ts';
import { askedOf } from './need.ts';
import type { Needs } from './needs.ts';
import { search } from './search.ts';

const SOUPS = process.env.KIND_LADLE_CASES === undefined ? 2 : 30;

/** A pot of eight bowls that is full of what has swaps. */
const LARDER: readonly (readonly [foodId: string, grams: number])[] = [
  ['potato', 500],
  ['leek', 200],
  ['celery', 80],
  ['celeriac', 400],
  ['butter-salted', 60],
  ['flour-wheat', 30],
  ['chicken-broth', 1500],
  ['cream-double', 200],
  ['milk-whole', 400],
  ['cheddar', 80],
  ['bacon-raw', 80],
  ['white-beans-canned-drained', 200],
  ['salt', 8],
  ['egg-yolk', 34],
  ['cashews-raw', 60],
  ['soy-sauce', 15],
];

function largeCase(random: () => number): { recipe: Recipe; needs: Needs } {
  const lines = [...LARDER]
    .map((food) => ({ food, at: random() }))
    .sort((a, b) => a.at - b.at)
    .slice(0, 8)
    .map(({ food: [foodId, grams] }) => line(foodId, foodId, Math.round(grams * (0.7 + random() * 0.6))));
  const recipe = soup([...lines, line('cauliflower', 'cauliflower', 600), line('water', 'water', 600)], { servings: 8 });
  const { perServing } = analyse(recipe, {}, SHELF);
  const bound = (nutrient: 'sodiumMg' | 'saturatedFatG' | 'potassiumMg' | 'proteinG', end: 'min' | 'max', least: number, room: number) => ({
    nutrient,
    per: 'serving' as const,
    [end]: perServing[nutrient].value * (least + random() * room),
  });
  const limits = [
    bound('sodiumMg', 'max', 0.5, 0.4),
    bound('saturatedFatG', 'max', 0.4, 0.5),
    bound('potassiumMg', 'max', 0.8, 0.4),
    bound('proteinG', 'min', 0.8, 0.4),
  ];
  return { recipe, needs: { allergens: random() < 0.5 ? ['milk'] : [], limits, body: 'same' } };
}

const modelOf = ({ recipe, needs }: { recipe: Recipe; needs: Needs }): Model =>
  buildModel({ recipe, analysis: analyse(recipe, needs, SHELF), asked: askedOf(needs), shelf: SHELF });

describe('against HiGHS', () => {
  let met = 0;
  test.each(Array.from({ length: SOUPS }, (_, index) => index + 1))('the best of large soup %i is the best of the whole model', (seed) => {
    const model = modelOf(largeCase(seeded(seed + 500)));
    let best: number | null = null;
    search(
      model,
      ({ amounts }) => {
        best = amounts.value;
        return 'stop';
      },
      () => false,
    );
    const other = leastByHighs(model);
    if (other === null) expect(best).toBeNull();
    else {
      expect(best).toBeCloseTo(other, 5);
      met += 1;
    }
  });
  test('most of them can be met', () => {
    expect(met).toBeGreaterThanOrEqual(SOUPS / 2);
  });

  test.each([1, 2, 3])('seed %i: the amounts of fixed choices are those of a linear programme', (seed) => {
    const random = seeded(seed);
    const model = modelOf(largeCase(random));
    let feasible = 0;
    for (let run = 0; run < 15; run += 1) {
      // Some needs are left out, so that chance choices keep the rows now and then.
      const loose: Model = { ...model, rows: model.rows.filter(() => random() < 0.5) };
      const choice = loose.slots.map(({ options }) => options[Math.floor(random() * options.length)] as Option);
      const one: Model = { ...loose, slots: loose.slots.map((slot, index) => ({ ...slot, options: [choice[index] as Option] })) };
      const ours = bestAmounts(loose, choice);
      const other = leastByHighs(one);
      expect(ours === null).toBe(other === null);
      if (ours && other !== null) {
        // HiGHS keeps its rows to 1e-7, which the price of a row may magnify.
        expect(ours.value).toBeCloseTo(other, 4);
        feasible += 1;
      }
    }
    expect(feasible).toBeGreaterThan(2);
  });
});
