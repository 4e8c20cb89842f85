/** What counts for more when plans are compared, and what every plan says of the bowl whether asked or not. */
import { describe, expect, test } from '@jest/globals';
import { analyse } from '../analysis/analysis.ts';
import type { PriceList } from '../bowl/cost.ts';
import { SHELF } from '../food/shelf.ts';
import { line, soup, step } from '../test/soup.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import { type AdaptRequest, adapt } from './adapt.ts';
import { SWAPS } from './data/swaps.ts';
import type { Needs, Weights } from './needs.ts';
import { type Plan, risesOf } from './plan.ts';

const ask = (recipe: Recipe, needs: Needs, more: Partial<AdaptRequest> = {}) => adapt({ recipe, needs, plans: 3, ...more }, SHELF, { now: () => 0 });
const leek = soup(
  [
    line('butter', 'butter-unsalted', 40),
    line('leek', 'leek', 500),
    line('potato', 'potato', 350),
    line('stock', 'chicken-broth', 1000, { stage: 'simmer' }),
    line('cream', 'cream-heavy', 240, { stage: 'finish' }),
  ],
  { servings: 6, steps: [step('s', { method: 'simmer', minutes: { min: 20, max: 20 } }), step('b', { stage: 'blend', method: 'blend' })] },
);
const swapOf = (id: string) => SWAPS.find((swap) => swap.id === id);
const first = (needs: Needs, more: Partial<AdaptRequest> = {}): Plan => ask(leek, needs, more).plans[0] as Plan;
const weighed = (weights: Partial<Weights>): Plan => first({ allergens: ['milk'], weights });

describe('weights', () => {
  test('little work counts: what is proposed is never more work than without', () => {
    const work = (plan: Plan) => plan.changes.reduce((sum, { swapId }) => sum + (swapOf(swapId)?.work ?? 0), 0);
    expect(work(weighed({ work: 3 }))).toBeLessThanOrEqual(work(weighed({ work: 0 })));
  });
  test('the same taste counts: what is proposed is never further in flavour than without', () => {
    const flavour = (plan: Plan) => plan.changes.reduce((sum, { swapId }) => sum + (swapOf(swapId)?.flavour ?? 0), 0);
    expect(flavour(weighed({ flavour: 3 }))).toBeLessThanOrEqual(flavour(weighed({ flavour: 0 })));
  });
  test('few changes count: never more of them than when they are free', () => {
    const needs: Needs = {
      limits: [
        { nutrient: 'saturatedFatG', per: 'serving', max: 4 },
        { nutrient: 'sodiumMg', per: 'serving', max: 500 },
      ],
    };
    const changes = (weight: number) => first({ ...needs, weights: { changes: weight } }).changes.length;
    expect(changes(3)).toBeLessThanOrEqual(changes(0));
  });
  test('whole foods count: a carton is left when it is worth enough', () => {
    const cartons = (plan: Plan) => plan.changes.flatMap(({ to }) => to).filter(({ foodId }) => SHELF.food(foodId)?.category === 'plant-cream');
    expect(cartons(weighed({ wholeFoods: 3, flavour: 0 }))).toEqual([]);
  });
  test('with every weight at nothing all plans that meet the needs are as good as each other', () => {
    const none = { closeness: 0, changes: 0, work: 0, cost: 0, flavour: 0, wholeFoods: 0 };
    expect(ask(leek, { allergens: ['milk'], weights: none }).plans.map(({ distance }) => distance)).toEqual([0, 0, 0]);
  });
});

describe('price', () => {
  const prices: PriceList = {
    currency: 'EUR',
    prices: [
      ['cream-heavy', 6],
      ['butter-unsalted', 10],
      ['rapeseed-oil', 3],
      ['olive-oil', 9],
      ['soy-cream', 5],
      ['oat-cream', 30],
      ['coconut-cream', 25],
      ['cashews-raw', 40],
    ].map(([foodId, perKg]) => ({ foodId: String(foodId), perKg: Number(perKg), currency: 'EUR', date: '2026-11-01' })),
  };
  test('counts only when asked, and then a plan costs no more', () => {
    const cost = (weights?: Partial<Weights>) =>
      first({ allergens: ['milk'], ...(weights ? { weights } : {}) }, { prices }).analysis.cost?.value ?? 0;
    expect(cost({ cost: 3 })).toBeLessThanOrEqual(cost());
  });
  test('is in the analysis of the original and of every plan', () => {
    const { original, plans } = ask(leek, { allergens: ['milk'] }, { prices });
    for (const { cost } of [original, ...plans.map(({ analysis }) => analysis)]) expect(cost?.currency).toBe('EUR');
    for (const { recipe, analysis } of plans) expect(analyse(recipe, { prices }, SHELF)).toEqual(analysis);
  });
  test('leaves the search as it was when nothing is priced', () => {
    const distances = (more: Partial<AdaptRequest>) =>
      ask(leek, { allergens: ['milk'], weights: { cost: 3 } }, more).plans.map(({ distance }) => distance);
    expect(distances({ prices: { currency: 'EUR', prices: [] } })).toEqual(distances({}));
  });
});

describe('what a plan says unasked', () => {
  test('calcium that goes with the milk, and what the tables do not know of it', () => {
    const milky = soup([line('milk', 'milk-whole', 900), line('potato', 'potato', 500), line('oil', 'olive-oil', 20)], { servings: 4 });
    const { plans } = ask(milky, { allergens: ['milk'], avoidFoods: ['soy-drink', 'almond-drink', 'oat-drink', 'coconut-drink'] });
    const [plan] = plans;
    const calcium = plan?.loses?.find(({ nutrient }) => nutrient === 'calciumMg');
    expect((calcium?.to ?? Infinity) < 0.8 * (calcium?.from ?? 0) || plan?.losesUnknown?.includes('calciumMg')).toBe(true);
    expect(plan?.losesUnknown).toEqual(expect.arrayContaining(['iodineUg']));
  });
  test('nothing of dairy when one cream takes the place of another', () => {
    const plan = ask(leek, {
      limits: [{ nutrient: 'saturatedFatG', per: 'serving', max: 8 }],
      keepLines: ['butter', 'leek', 'potato', 'stock'],
    }).plans.find(({ changes }) => changes.some(({ swapId }) => swapId === 'cream-to-half'));
    expect(plan).toBeDefined();
    expect(plan?.losesUnknown ?? []).toEqual([]);
  });
  test('sodium that rises, by how much, and not what hardly moves', () => {
    const with_ = (stock: string) => analyse(soup([line('leek', 'leek', 500), line('stock', stock, 1000)], { servings: 4 }), {}, SHELF);
    const rises = risesOf(with_('vegetable-stock-homemade'), with_('vegetable-broth'));
    expect(rises.map(({ nutrient }) => nutrient)).toContain('sodiumMg');
    for (const { from, to } of rises) expect(to).toBeGreaterThan(1.15 * from);
    expect(risesOf(with_('vegetable-broth'), with_('vegetable-broth'))).toEqual([]);
  });
});

describe('a bowl of another size', () => {
  const salty = (max: number): Needs => ({ limits: [{ nutrient: 'sodiumMg', per: 'serving', max }] });
  const sodium = analyse(leek, {}, SHELF).perServing.sodiumMg.value;
  test('is offered when the soup as it is would do in it, and does', () => {
    const { bowl, original } = ask(leek, salty(0.8 * sodium));
    expect(bowl?.distance).toBe(0);
    expect(bowl?.servingMl).toBeLessThanOrEqual(0.8 * original.servingMl);
    const { perServing } = analyse({ ...leek, servings: bowl?.servings }, {}, SHELF);
    expect(perServing.sodiumMg.value).toBeLessThanOrEqual(0.8 * sodium);
  });
  test('is not offered when the soup does already, nor below half, nor for what no size mends', () => {
    expect(ask(leek, salty(2 * sodium)).bowl).toBeUndefined();
    expect(ask(leek, salty(0.3 * sodium)).bowl).toBeUndefined();
    expect(ask(leek, { ...salty(0.8 * sodium), allergens: ['milk'] }).bowl).toBeUndefined();
  });
  test('is sought when limits of one bowl clash, and everything is met in it', () => {
    const needs: Needs = { ...salty(0.6 * sodium), keepLines: leek.lines.map(({ id }) => id) };
    const { clash, bowl } = ask(leek, needs);
    expect(clash?.needs.some(({ kind }) => kind === 'limit')).toBe(true);
    expect(bowl).toBeDefined();
    const again = ask({ ...leek, servings: bowl?.servings }, needs);
    expect(again.plans.length).toBeGreaterThan(0);
    expect(again.plans[0]?.distance).toBeCloseTo(bowl?.distance ?? Number.NaN, 9);
  });
});

describe('while it is working', () => {
  test('plans are told as they are found, in the order they stand in at the end', () => {
    const told: Plan[] = [];
    const { plans } = adapt({ recipe: leek, needs: { allergens: ['milk'] }, plans: 5 }, SHELF, { now: () => 0, onPlan: (plan) => told.push(plan) });
    expect(told).toEqual(plans);
    expect(told.length).toBe(5);
  });
  test('a search that is cut short keeps what it found, each proven, and says how good anything else could be', () => {
    let clock = 0;
    const found: number[] = [];
    const tools = { now: () => (found.length >= 2 ? 1e9 : clock++), onPlan: ({ distance }: Plan) => void found.push(distance) };
    const { plans, timedOut } = adapt({ recipe: leek, needs: { allergens: ['milk'] }, plans: 5, timeLimitMs: 1e6 }, SHELF, tools);
    expect(timedOut).toBe(true);
    const whole = ask(leek, { allergens: ['milk'] }, { plans: 5 }).plans.map(({ distance }) => distance);
    expect(plans.map(({ distance }) => distance)).toEqual(whole.slice(0, plans.length));
    for (const { bound, distance } of plans) expect(bound).toBeGreaterThanOrEqual(distance - 1e-9);
  });
});

describe('what is to be used first', () => {
  const needs: Needs = { allergens: ['milk'] };
  const brought = ({ changes }: Plan) => changes.flatMap(({ to, from }) => to.map(({ foodId }) => foodId).filter((id) => id !== from?.foodId));
  const plans = ask(leek, needs, { plans: 5 }).plans;
  test('makes no plan dearer, and those that bring it in cheaper', () => {
    for (const food of new Set(plans.flatMap(brought))) {
      const wished = ask(leek, { ...needs, useFirst: [food] }, { plans: 5 }).plans;
      const before = plans.find((plan) => brought(plan).includes(food)) as Plan;
      const after = wished.find((plan) => brought(plan).includes(food)) as Plan;
      expect(after.distance).toBeLessThan(before.distance);
      expect((wished[0] as Plan).distance).toBeLessThanOrEqual((plans[0] as Plan).distance + 1e-9);
    }
  });
  test('is a wish and no need: nothing is judged by it', () => {
    const wished = ask(leek, { ...needs, useFirst: ['white-beans-canned'] }).plans;
    expect(wished.every(({ meets }) => meets.every(({ need }) => need.kind === 'allergen'))).toBe(true);
  });
});
