/** A need is told from its like wherever it stands, and only the contract's edge speaks of places. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { analyse } from '../analysis/analysis.ts';
import { SHELF } from '../food/shelf.ts';
import { line, soup, step } from '../test/soup.ts';
import { adapt } from './adapt.ts';
import { buildModel } from './buildModel.ts';
import { askedOf, type Need, needList, needOf, needRefs, requestFor, withoutNeed } from './need.ts';
import type { Needs } from './needs.ts';

const everything: Needs = {
  allergens: ['milk', 'egg'],
  diets: ['vegan'],
  limits: [
    { nutrient: 'sodiumMg', per: 'serving', max: 400 },
    { nutrient: 'proteinG', per: '100g', min: 3 },
  ],
  body: 'same',
  smooth: true,
  keepLines: ['leek', 'cream'],
  keepFoods: ['celery'],
  avoidFoods: ['cashews-raw', 'oat-cream'],
};

describe('a request as a list of needs', () => {
  test('has one for everything asked, and the contract names each by kind, id and place', () => {
    expect(needRefs(everything)).toEqual([
      { kind: 'allergen', id: 'milk', index: 0 },
      { kind: 'allergen', id: 'egg', index: 1 },
      { kind: 'diet', id: 'vegan', index: 0 },
      { kind: 'limit', id: 'sodiumMg', index: 0 },
      { kind: 'limit', id: 'proteinG', index: 1 },
      { kind: 'body' },
      { kind: 'smooth' },
      { kind: 'keep', id: 'leek', index: 0 },
      { kind: 'keep', id: 'cream', index: 1 },
      { kind: 'keep', id: 'celery', index: 2 },
      { kind: 'avoid', id: 'cashews-raw', index: 0 },
      { kind: 'avoid', id: 'oat-cream', index: 1 },
    ]);
  });
  test('is found again by what the contract calls it', () => {
    expect(needRefs(everything).map((ref) => needOf(ref, everything))).toEqual(needList(everything));
  });
  test('is the same request again when it is written back', () => {
    expect(requestFor(needList(everything), {})).toEqual(everything);
  });
  test('any of its needs can be taken away, and only that one goes', () => {
    fc.assert(
      fc.property(fc.nat(needList(everything).length - 1), (place) => {
        const rest = needList(withoutNeed(everything, needRefs(everything)[place] as never));
        expect(rest).toEqual(needList(everything).filter((_, at) => at !== place));
      }),
    );
  });
  test('keeps its terms when a need goes', () => {
    const strict: Needs = { regime: 'eu', checks: 'avoid', margin: 0.9, coconutIsTreeNut: true, allergens: ['milk'] };
    expect(withoutNeed(strict, { kind: 'allergen', id: 'milk', index: 0 })).toEqual({ ...strict, allergens: undefined });
  });
});

describe('what no choice can meet is named rightly, whatever else is asked', () => {
  const toast = soup(
    [line('leek', 'leek', 400), line('stock', 'water', 900), line('nuts', 'cashews-raw', 40), line('bread', 'bread-white', 60, { stage: 'bowl' })],
    { steps: [step('b', { stage: 'blend', method: 'blend' })] },
  );
  const unmeetable = (needs: Needs): Need[] => {
    const asked = askedOf(needs);
    return [...buildModel({ recipe: toast, analysis: analyse(toast, {}, SHELF), asked, shelf: SHELF }).unmeetable];
  };

  test('an avoided food that is kept, with foods kept and smoothness asked before it in the list', () => {
    const needs: Needs = { smooth: true, keepFoods: ['leek', 'cashews-raw'], avoidFoods: ['potato', 'cashews-raw'] };
    expect(unmeetable(needs)).toEqual([{ kind: 'avoid', foodId: 'cashews-raw' }]);
  });
  test('pieces in a kept topping, with a body asked before smoothness', () => {
    expect(unmeetable({ body: 'same', smooth: true, keepLines: ['bread'] })).toEqual([{ kind: 'smooth' }]);
  });
  test('never a maximum on what is not weighed: it is told and stops nothing', () => {
    const open = { ...toast, lines: [...toast.lines, line('salt', 'salt', null)] };
    const asked = askedOf({ allergens: ['egg'], diets: ['vegan'], limits: [{ nutrient: 'sodiumMg', per: 'serving', max: 900 }] });
    const model = buildModel({ recipe: open, analysis: analyse(open, {}, SHELF), asked, shelf: SHELF });
    expect([...model.unmeetable]).toEqual([]);
  });
  test('the clash names the kept line and what it breaks, and no neighbour of theirs', () => {
    const needs: Needs = { smooth: true, keepFoods: ['leek'], keepLines: ['nuts'], avoidFoods: ['potato', 'cashews-raw'] };
    const { clash } = adapt({ recipe: toast, needs }, SHELF, { now: () => 0 });
    expect(clash?.needs).toEqual([
      { kind: 'keep', id: 'nuts', index: 0 },
      { kind: 'avoid', id: 'cashews-raw', index: 1 },
    ]);
  });
  test('a line kept by its id does not keep another line of a food of that name', () => {
    const twice = soup([line('butter', 'leek', 300), line('fat', 'butter-unsalted', 40), line('water', 'water', 900)]);
    const asked = askedOf({ keepLines: ['butter'], allergens: ['milk'] });
    const model = buildModel({ recipe: twice, analysis: analyse(twice, {}, SHELF), asked, shelf: SHELF });
    expect(model.slots.map(({ line: { id } }) => id)).toContain('fat');
  });
});

describe('a clash under a margin', () => {
  // Salt decides the sodium; it is kept, so the limit has to give way, with the chance that was asked for.
  const salted = soup([line('carrot', 'carrot', 600), line('water', 'water', 800), line('salt', 'salt', 9)], { servings: 4 });
  const asked = (max: number): Needs => ({
    limits: [{ nutrient: 'sodiumMg', per: 'serving', max }],
    keepFoods: ['salt'],
    keepLines: ['carrot'],
    margin: 0.9,
  });
  const sodium = analyse(salted, {}, SHELF).perServing.sodiumMg;

  test('gives way on the figure, and not on what was to be kept', () => {
    const { clash } = adapt({ recipe: salted, needs: asked(sodium.value * 0.8) }, SHELF, { now: () => 0 });
    expect(clash?.nearest?.misses).toEqual([{ kind: 'limit', id: 'sodiumMg', index: 0 }]);
    expect(clash?.relax[0]?.to).toBeGreaterThan(sodium.value);
  });
  test('a limit met with less than the chance asked for is told as missed', () => {
    const { clash } = adapt({ recipe: salted, needs: asked(sodium.value * 1.001) }, SHELF, { now: () => 0 });
    expect(clash?.nearest?.misses).toEqual([{ kind: 'limit', id: 'sodiumMg', index: 0 }]);
  });
  test('giving way as far as it says is enough for the chance', () => {
    const { clash } = adapt({ recipe: salted, needs: asked(sodium.value * 0.8) }, SHELF, { now: () => 0 });
    expect(adapt({ recipe: salted, needs: asked(clash?.relax[0]?.to as number) }, SHELF, { now: () => 0 }).plans).not.toEqual([]);
  });
});

describe('what a change costs', () => {
  const cream = soup([line('leek', 'leek', 500), line('cream', 'cream-heavy', 240), line('stock', 'water', 900)]);
  const costs = (weights: Needs['weights']) => {
    const asked = askedOf({ weights, keepLines: ['leek', 'stock'] });
    const [slot] = buildModel({ recipe: cream, analysis: analyse(cream, {}, SHELF), asked, shelf: SHELF, every: true }).slots;
    return slot?.options.flatMap(({ swap, cost }) => (swap ? [{ swap, cost }] : [])) ?? [];
  };
  test.each(['work', 'flavour'] as const)('%s: twice the weight adds once more what each swap has of it, and only that', (weight) => {
    const none = costs({ [weight]: 0 });
    const once = costs({ [weight]: 1 });
    const twice = costs({ [weight]: 2 });
    expect(once.some(({ swap }) => swap[weight] > 0)).toBe(true);
    once.forEach(({ swap, cost }, at) => {
      const added = cost - (none[at]?.cost ?? Number.NaN);
      expect((twice[at]?.cost ?? Number.NaN) - cost).toBeCloseTo(added, 12);
      expect([swap.id, added > 0]).toEqual([swap.id, swap[weight] > 0]);
    });
  });
  test('a change costs the same for every swap, as often as its weight says', () => {
    const added = costs({ changes: 3 }).map(({ cost }, at) => cost - (costs({ changes: 0 })[at]?.cost ?? Number.NaN));
    expect(new Set(added.map((one) => one.toFixed(12))).size).toBe(1);
    expect(added[0]).toBeGreaterThan(0);
  });
});
