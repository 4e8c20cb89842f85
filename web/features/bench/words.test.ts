/** What a plan says, as a colleague would. */
import { describe, expect, test } from '@jest/globals';
import { analyse } from '../../../core/analysis/analysis.ts';
import type { PriceList } from '../../../core/bowl/cost.ts';
import { formatGrams } from '../../../core/food/measure.ts';
import { SHELF } from '../../../core/food/shelf.ts';
import { adapt } from '../../../core/swap/adapt.ts';
import type { Needs } from '../../../core/swap/needs.ts';
import type { Recipe } from '../../../core/vocabulary/recipe.ts';
import type { BenchView } from './view.ts';
import { costMove, effects, foodName, planWords } from './words.ts';

const core = { shelf: SHELF, formatGrams } as unknown as BenchView['core'];
const line = (id: string, foodId: string, best: number): Recipe['lines'][number] => ({
  id,
  stage: 'base',
  text: id,
  foodId,
  grams: { best, low: best, high: best },
});
const recipe: Recipe = {
  title: 'Leek cream',
  servings: 6,
  lines: [line('leek', 'leek', 500), line('potato', 'potato', 350), line('stock', 'vegetable-broth', 1000), line('cream', 'cream-heavy', 240)],
  steps: [],
};
const prices: PriceList = {
  currency: 'EUR',
  prices: [
    { foodId: 'cream-heavy', perKg: 6, currency: 'EUR', date: '2026-11-01' },
    { foodId: 'soy-cream', perKg: 3, currency: 'EUR', date: '2026-11-01' },
  ],
};
const planFor = (needs: Needs) => {
  const { plans, original } = adapt({ recipe, needs, prices, plans: 5 }, SHELF, { now: () => 0 });
  const view = { core, recipe, needs, original: { recipe, analysis: original }, analysis: original } as unknown as BenchView;
  return { plans, view, original };
};

describe('a plan in words', () => {
  test('says what goes out and in, the body, what moves, and what to tell the table', () => {
    const { plans, view } = planFor({ allergens: ['milk'] });
    const soy = plans.find(({ changes }) => changes.some(({ swapId }) => swapId === 'cream-to-soy-cream'));
    const words = planWords(soy as never, view);
    expect(words).toMatch(/^Heavy cream out, \d+ g soy cooking cream in\./);
    expect(words).toMatch(/Body (stays|goes from) /);
    expect(words).toMatch(/saturated fat [\d.]+ › [\d.]+ g/);
    expect(words).toMatch(/cost [\d.]+ › [\d.]+ EUR/);
    expect(words).toMatch(/Tell the table: soy comes in/);
  });
  test('makes no claim and raises no voice', () => {
    const { plans, view } = planFor({ allergens: ['milk'], limits: [{ nutrient: 'sodiumMg', per: 'serving', max: 400 }] });
    for (const plan of plans) expect(planWords(plan, view)).not.toMatch(/!|healthy|safe|free from/i);
  });
  test('says when only the method changes', () => {
    const blended = { ...recipe, steps: [{ id: 'b', stage: 'blend' as const, method: 'blend' as const, text: 'Blend half of the soup.' }] };
    const { plans, original } = adapt({ recipe: blended, needs: { smooth: true }, plans: 1 }, SHELF, { now: () => 0 });
    const view = { core, recipe: blended, needs: { smooth: true }, original: { recipe: blended, analysis: original }, analysis: original };
    expect(planWords(plans[0] as never, view as unknown as BenchView)).toBe(
      'No food has to change, the method does: Blend all of it until smooth, then sieve.',
    );
  });
  test('says when nothing has to change', () => {
    const { plans, view } = planFor({});
    expect(planWords(plans[0] as never, view)).toBe('Nothing has to change: the soup meets the needs as it is.');
    const open = { ...(plans[0] as object), meets: [{ need: { kind: 'allergen', id: 'milk', index: 0 }, state: 'cannotTell' }] };
    expect(planWords(open as never, view)).toMatch(/^No change is known to be needed: the labels/);
  });
});

describe('small words', () => {
  test.each([
    ['vegetable-broth-low-sodium', 'low sodium vegetable broth'],
    ['cream-heavy', 'heavy cream'],
    ['silken-tofu', 'silken tofu'],
  ])('%s is %s', (id, name) => {
    expect(foodName(id, core)).toBe(name);
  });
  test('effects name only what moves, the limited first', () => {
    const before = analyse(recipe, {}, SHELF);
    const after = analyse({ ...recipe, lines: recipe.lines.filter(({ id }) => id !== 'cream') }, {}, SHELF);
    expect(effects(before, after, ['saturatedFatG', 'energyKcal', 'sodiumMg'], 2)).toEqual([
      expect.stringMatching(/^saturated fat .* › .* g$/),
      expect.stringMatching(/^energy .* › .* kcal$/),
    ]);
    expect(effects(before, before, ['saturatedFatG'])).toEqual([]);
  });
  test('a price that stays is not told', () => {
    const priced = analyse(recipe, { prices }, SHELF);
    expect(costMove(priced, priced)).toEqual([]);
    expect(costMove(analyse(recipe, {}, SHELF), priced)).toEqual([]);
  });
});
