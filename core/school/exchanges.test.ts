/** Frozen, canned and jarred for fresh: the amounts of the trade, and what they do to the bowl and the morning. */
import { describe, expect, test } from '@jest/globals';
import { analyse } from '../analysis/analysis.ts';
import { SHELF } from '../food/shelf.ts';
import { readRecipe } from '../reading/read.ts';
import { READY_MADE } from './data/exchanges.ts';
import { readyExchanges } from './exchanges.ts';

const RULES = { kitchen: { cooks: 1, rings: 4, ovens: 1, blenderJarMl: 1500, potDiameterCm: 28 }, options: {} };
const read = (text: string) => readRecipe(text, { measures: 'metric' }, SHELF).recipe;
const BEANS = read(
  'Bean soup\nServes 6\n\nIngredients\n250 g dried white beans\n200 g carrots, peeled and diced\n1.5 litres water\n4 g salt\n\nMethod\n1. Soak the beans overnight.\n2. Add the beans, the carrots and the water and simmer for 60 minutes.\n3. Blend.\n4. Add the salt.',
);

test('every row names two foods of the shelf, and no food for itself', () => {
  for (const { from, to, by } of READY_MADE) {
    expect([from, to, SHELF.food(from) !== undefined, SHELF.food(to) !== undefined]).toEqual([from, to, true, true]);
    expect(from).not.toBe(to);
    expect(by).toBeGreaterThan(0.5);
  }
});

describe('a soup of dried beans and carrots', () => {
  const all = readyExchanges(BEANS, RULES, SHELF);
  const to = (id: string) => all.find((one) => one.to.foodId === id);
  test('can be made of two and a half times as much from cans', () => {
    expect(to('white-beans-canned-rinsed')?.to.grams).toBeCloseTo(625, 6);
    expect(
      to('white-beans-canned-rinsed')
        ?.recipe.steps.map(({ text }) => text)
        .join(' '),
    ).toMatch(/white beans/i);
  });
  test('from cans are neither soaked nor simmered for an hour', () => {
    const canned = to('white-beans-canned-rinsed');
    expect(canned?.recipe.steps.map(({ method }) => method)).not.toContain('soak');
    expect(canned?.recipe.steps.find(({ method }) => method === 'simmer')?.minutes).toEqual({ min: 15, max: 20 });
    expect(canned?.minutes).toBeLessThan(-100);
    // What the dry ones would have drunk is in the can: the pot is as full.
    const grams = (recipe: typeof BEANS) => recipe.lines.reduce((sum, line) => sum + (line.grams?.best ?? 0), 0);
    expect(grams(canned?.recipe ?? BEANS)).toBeCloseTo(grams(BEANS), 0);
  });
  test('has more sodium by it, and less where the beans are rinsed', () => {
    const sodium = (id: string) => to(id)?.sodiumMg ?? Number.NaN;
    expect(sodium('white-beans-canned-drained')).toBeGreaterThan(sodium('white-beans-canned-rinsed'));
    expect(sodium('white-beans-canned-rinsed')).toBeGreaterThan(20);
    const bowl = (recipe: typeof BEANS) => analyse(recipe, {}, SHELF).perServing.sodiumMg.value;
    expect(bowl(to('carrots-canned')?.recipe ?? BEANS) - bowl(BEANS)).toBeCloseTo(to('carrots-canned')?.sodiumMg ?? Number.NaN, 6);
  });
  test('saves the board of the carrots, and tells no price where there is none', () => {
    expect(to('carrots-canned')?.board).toBeLessThan(-1);
    expect(to('carrots-canned')?.cost).toBeNull();
    const prices = {
      currency: 'EUR',
      prices: [
        { foodId: 'carrot', perKg: 1.2, currency: 'EUR', date: '2027-01-01' },
        { foodId: 'carrots-canned', perKg: 3, currency: 'EUR', date: '2027-01-01' },
      ],
    };
    const priced = readyExchanges(BEANS, { ...RULES, options: { prices } as never }, SHELF).find((one) => one.to.foodId === 'carrots-canned');
    expect(priced?.cost?.by).toBeGreaterThan(0);
  });
});
