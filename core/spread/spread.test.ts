/** What could be cooked, against brute force, the analysis of the written soup, and the search of the closest plan. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { analyse } from '../analysis/analysis.ts';
import { SHELF } from '../food/shelf.ts';
import { readRecipe } from '../reading/read.ts';
import { adapt } from '../swap/adapt.ts';
import type { Needs } from '../swap/needs.ts';
import { writeRecipe } from '../swap/writeRecipe.ts';
import { countOf, level, reachOf, sample } from './combine.ts';
import { fewOf, frontOf } from './front.ts';
import { choicesOf, effectsOf, lookedAt, replyOf } from './look.ts';
import { type Better, type MeasureKey, usualMeasures } from './measures.ts';
import { readable, sentenceOf } from './sentence.ts';
import { type Spread, type SpreadRequest, spreadOf } from './spread.ts';
import type { Ways } from './ways.ts';
import { leafOf, writePoint } from './write.ts';

const now = () => performance.now();
const { recipe: LEEK } = readRecipe(
  'Leek and potato soup\nServes 6\n\nIngredients\n500 g leeks, sliced\n40 g butter\n400 g potatoes, diced\n1 litre vegetable stock\n150 ml double cream\n3 g salt\n\nMethod\n1. Sweat the leeks in the butter for 10 minutes.\n2. Add the potatoes and the stock and simmer for 20 minutes.\n3. Blend until smooth.\n4. Stir in the cream and the salt.',
  { measures: 'metric' },
  SHELF,
);
const NO_MILK: Needs = { allergens: ['milk'] };
const spread = (needs: Needs, more: Partial<SpreadRequest> = {}, most?: number): Spread =>
  lookedAt(spreadOf({ recipe: LEEK, needs, ...more }, SHELF, { now, ...(most === undefined ? {} : { most }) }));
const valuesOf = (of: Spread, key: MeasureKey): number[] => of.values.get(key) as number[];
/** By trying every pair. */
function bruteFront(x: number[], y: number[], [bx, by]: readonly [Better, Better]): number[] {
  const good = (value: number, better: Better) => (better === 'low' ? -value : value);
  const beats = (i: number, j: number) => {
    const [dx, dy] = [good(x[i] as number, bx) - good(x[j] as number, bx), good(y[i] as number, by) - good(y[j] as number, by)];
    return dx >= 0 && dy >= 0 && (dx > 0 || dy > 0);
  };
  return x.map((_, i) => i).filter((i) => !x.some((__, j) => beats(j, i)));
}

describe('a front', () => {
  const ways = fc.tuple(fc.constantFrom<Better>('low', 'high'), fc.constantFrom<Better>('low', 'high'));
  const cloud = fc.array(fc.tuple(fc.integer({ min: 0, max: 12 }), fc.integer({ min: 0, max: 12 })), { minLength: 1, maxLength: 60 });
  test('is what nothing beats, each place of it once, from the best in the one to the best in the other', () => {
    fc.assert(
      fc.property(cloud, ways, (points, better) => {
        const [x, y] = [points.map(([a]) => a), points.map(([, b]) => b)];
        const places = (front: number[]) => new Set(front.map((at) => `${x[at]} ${y[at]}`));
        const front = frontOf(x, y, better);
        expect(places(front)).toEqual(places(bruteFront(x, y, better)));
        expect(front).toHaveLength(places(front).size);
        const [signX, signY] = better.map((way) => (way === 'low' ? 1 : -1)) as [number, number];
        for (let i = 1; i < front.length; i += 1) {
          const [a, b] = [front[i - 1] as number, front[i] as number];
          expect(signX * (x[b] as number)).toBeGreaterThan(signX * (x[a] as number));
          expect(signY * (y[b] as number)).toBeLessThan(signY * (y[a] as number));
        }
      }),
    );
  });
  test('takes figures that differ in the last digit as the same', () => {
    expect(frontOf([1, 1 + 1e-9, 2], [5, 6, 7], ['low', 'high'])).toEqual([1, 2]);
  });
  test('keeps its ends where it is thinned', () => {
    expect(fewOf([9, 8, 7, 6, 5, 4, 3], 3)).toEqual([9, 6, 3]);
    expect(fewOf([9, 8], 3)).toEqual([9, 8]);
  });
});

describe('combinations', () => {
  const way = (index: number) => ({ index }) as Ways['changes'][number];
  const line = (slot: number, changes: number, forced: boolean): Ways => ({
    slot,
    forced,
    keep: forced ? null : way(0),
    changes: Array.from({ length: changes }, (_, k) => way(k + 1)),
  });
  const lines = fc
    .array(fc.tuple(fc.integer({ min: 1, max: 3 }), fc.boolean()), { maxLength: 5 })
    .map((all) => all.map(([changes, forced], slot) => line(slot, changes, forced)));
  const key = (picks: readonly { index: number }[]) => picks.map(({ index }) => index).join();
  const run = (work: Generator<void>) => {
    while (!work.next().done);
  };
  function keysOf(ways: readonly Ways[], changes: number): string[] {
    const keys: string[] = [];
    run(level(ways, changes, (picks) => keys.push(key(picks))));
    return keys;
  }
  test('of a level are as many as counted, none twice, and of all levels as many as the product of the choices', () => {
    fc.assert(
      fc.property(lines, (ways) => {
        const { all, levels } = countOf(ways);
        expect(all).toBe(ways.reduce((product, { keep, changes }) => product * (changes.length + (keep ? 1 : 0)), 1));
        levels.forEach((count, changes) => {
          const found = keysOf(ways, changes);
          expect([found.length, new Set(found).size]).toEqual([count, count]);
        });
      }),
    );
  });
  test('are looked at whole as far as the look reaches, and sampled at the next level', () => {
    const counted = countOf([line(0, 3, true), line(1, 4, false), line(2, 5, false)]);
    expect(counted.levels).toEqual([3, 27, 60]);
    expect(reachOf(counted, 100)).toEqual({ whole: 3, sampled: 0 });
    expect(reachOf(counted, 40)).toEqual({ whole: 2, sampled: 10 });
    expect(reachOf(counted, 2)).toEqual({ whole: 0, sampled: 2 });
  });
  test('of a sample are of the level, none twice, the same for the same seed, and each about as likely as any other', () => {
    const ways = [line(0, 2, true), line(1, 3, false), line(2, 1, false), line(3, 2, false)];
    const of = (many: number, seed: number) => {
      const drawn: string[] = [];
      run(sample(ways, 2, many, (picks) => drawn.push(key(picks)), seed));
      return drawn;
    };
    const whole = new Set(keysOf(ways, 2));
    expect(new Set(of(10, 7)).size).toBe(10);
    expect(of(10, 7).every((one) => whole.has(one))).toBe(true);
    expect(of(10, 7)).toEqual(of(10, 7));
    // 22 combinations, the first draw of 2,200 seeds: 100 each, within five standard deviations of a count.
    const drawn = new Map<string, number>();
    for (let seed = 1; seed <= 2200; seed += 1) for (const one of of(1, seed * 7919)) drawn.set(one, (drawn.get(one) ?? 0) + 1);
    expect(drawn.size).toBe(whole.size);
    for (const count of drawn.values()) expect(Math.abs(count - 2200 / whole.size)).toBeLessThan(5 * Math.sqrt(2200 / whole.size));
  });
});

describe('the spread of a leek soup without milk', () => {
  const looked = spread(NO_MILK, { measures: ['sodiumMg', 'proteinG'] });
  test('looks at every combination, and its figures are those of the written soup', () => {
    expect(looked.looked).toBe(looked.counted.all);
    expect(looked.points.length).toBeGreaterThan(100);
    for (let point = 0; point < looked.points.length; point += Math.ceil(looked.points.length / 25)) {
      const { model, judge } = looked;
      const leaf = leafOf(looked, point);
      const draft = writeRecipe(judge.start.recipe, judge.start.analysis, model, leaf, leaf.amounts.grams, SHELF);
      const { perServing } = analyse(draft.recipe, {}, SHELF);
      for (const key of ['sodiumMg', 'proteinG', 'energyKcal', 'saturatedFatG', 'potassiumMg'] as const) {
        const [told, found] = [valuesOf(looked, key)[point] as number, perServing[key].value];
        expect(Math.abs(told - found)).toBeLessThan(0.001 * Math.max(told, found) + 1e-3);
      }
    }
  });
  test('puts a point on the bench in amounts a kitchen weighs, with no milk in it and every need as it was', () => {
    for (const point of replyOf(looked).front.keys()) {
      const { recipe, analysis, changes, meets } = writePoint(looked, point);
      expect(analyse(recipe, {}, SHELF).perServing).toEqual(analysis.perServing);
      expect(analysis.allergens.find(({ id }) => id === 'milk')?.state).not.toBe('contains');
      expect(meets.map(({ state }) => state)).not.toContain('breaks');
      expect(changes.length).toBeGreaterThan(1);
    }
  });
  test('keeps no line with milk in it, and what it is called after', () => {
    const milk = LEEK.lines.filter(({ text }) => /butter|cream/.test(text)).map(({ id }) => id);
    const leek = LEEK.lines.find(({ text }) => /leeks/.test(text))?.id;
    for (let point = 0; point < looked.points.length; point += 1) {
      const choices = choicesOf(looked, point);
      for (const id of milk) expect(choices.find(({ lineId }) => lineId === id)?.swapId).not.toBeNull();
      const swap = choices.find(({ lineId }) => lineId === leek)?.swapId ?? null;
      expect(swap === null || /less|held-back|part/.test(swap)).toBe(true);
    }
  });
  test('has the closest plan of the search on its front of closeness', () => {
    const by = spread(NO_MILK, { measures: ['distance', 'proteinG'] });
    const [closest] = replyOf(by).front.map((at) => replyOf(by).points[at]?.measures.distance as number);
    const [plan] = adapt({ recipe: LEEK, needs: NO_MILK, plans: 1 }, SHELF, { now }).plans;
    expect(Math.min(...valuesOf(by, 'distance'))).toBeCloseTo(closest as number, 6);
    expect(closest as number).toBeLessThanOrEqual((plan?.distance as number) + 1e-6);
  });
  test('names the swap that moves a figure most: the stock is most of the salt', () => {
    const [first, ...others] = effectsOf(looked, 'sodiumMg');
    expect(LEEK.lines.find(({ id }) => id === first?.lineId)?.text).toMatch(/stock/);
    expect(others.every(({ by }) => Math.abs(by) <= Math.abs(first?.by as number))).toBe(true);
  });
  test('sent in few points is its front and no point that would beat it', () => {
    for (const most of [1, 4, 50]) {
      const { points, front, total, sampled } = replyOf(looked, most);
      expect([points.length <= most, total >= points.length, sampled]).toEqual([true, true, true]);
      const [x, y] = (['sodiumMg', 'proteinG'] as const).map((key) => points.map(({ measures }) => measures[key] as number)) as [number[], number[]];
      expect([...front].sort((a, b) => a - b)).toEqual(bruteFront(x, y, ['low', 'high']));
    }
  });
  test('tells what is done as it goes, and samples beyond its reach', () => {
    const run = spreadOf({ recipe: LEEK, needs: NO_MILK, measures: ['sodiumMg', 'proteinG'] }, SHELF, { now, most: 40 });
    const few = lookedAt(run);
    expect(few.looked).toBeLessThanOrEqual(40);
    expect(replyOf(few)).toMatchObject({ sampled: true, combinations: looked.counted.all });
  });
});

describe('what is not known', () => {
  const butter = LEEK.lines.find(({ text }) => /butter/.test(text))?.foodId as string;
  const prices = { currency: 'EUR', prices: [{ foodId: butter, perKg: 9, currency: 'EUR', date: '2027-01-04' }] };
  test('of a price makes no swap cheap: the point has at least what is told', () => {
    const { points } = replyOf(spread(NO_MILK, { measures: ['sodiumMg', 'proteinG'], prices }));
    expect(points.every(({ atLeast }) => atLeast?.includes('cost'))).toBe(true);
  });
  test('of every price known is told as it is', () => {
    const all = { currency: 'EUR', prices: SHELF.foods.map(({ id }) => ({ foodId: id, perKg: 3, currency: 'EUR', date: '2027-01-04' })) };
    const { points } = replyOf(spread(NO_MILK, { measures: ['sodiumMg', 'proteinG'], prices: all }));
    expect(points.some(({ atLeast }) => atLeast?.includes('cost'))).toBe(false);
  });
});

describe('needs of a spread', () => {
  test('a limit is kept by every point, and says which way is better', () => {
    const limited = spread({ ...NO_MILK, limits: [{ nutrient: 'sodiumMg', per: 'serving', max: 300 }] });
    expect(limited.axes.map(({ key, better }) => [key, better])).toEqual([
      ['sodiumMg', 'low'],
      ['saturatedFatG', 'low'],
    ]);
    expect(Math.max(...valuesOf(limited, 'sodiumMg'))).toBeLessThanOrEqual(300.001);
  });
  test('that nothing can meet leave no point, and it is said', () => {
    const none = replyOf(spread({ keepFoods: ['cream-double'], allergens: ['milk'] }));
    expect(none).toMatchObject({ points: [], front: [], total: 0 });
    expect(none.sentence).toContain('no way here at all');
  });
  test('name the two it is drawn by: what is limited first', () => {
    expect(usualMeasures({})).toEqual(['saturatedFatG', 'proteinG']);
    expect(usualMeasures({ limits: [{ nutrient: 'proteinG', per: 'serving', min: 9 }] })).toEqual(['proteinG', 'saturatedFatG']);
  });
  test('a spread of nothing asked is of what moves its two figures', () => {
    const free = spread({}, { measures: ['sodiumMg', 'fibreG'] });
    expect(free.points.length).toBeGreaterThan(1);
    expect(Math.min(...valuesOf(free, 'distance'))).toBeCloseTo(0, 9);
  });
});

describe('a front that is read', () => {
  test('has no two places with the same figure: of those the better in the other', () => {
    expect(readable([38.1, 38.3, 44, 82, 180], [1.7, 2.4, 2.5, 5.56, 5.6])).toEqual([1, 2, 3]);
  });
});

describe('the sentence of a front', () => {
  const axes = [
    { key: 'sodiumMg', name: 'sodium', unit: 'mg', better: 'low' },
    { key: 'proteinG', name: 'protein', unit: 'g', better: 'high' },
  ] as const;
  const say = (x: number[], y: number[], points = 9) => sentenceOf({ axes, x, y, points, unmeetable: false });
  test('tells its ends, where it bends, and what the one costs in the other', () => {
    expect(say([200, 220, 300], [4, 8, 9])).toBe(
      'Least sodium is 200 mg a bowl, with 4 g protein; most protein 9 g, with 300 mg sodium. As far as 8 g protein, at 220 mg sodium, 1 g of protein more costs about 5 mg sodium; beyond, 1 g of protein more costs about 80 mg sodium.',
    );
  });
  test('tells what is had for hardly anything', () => {
    expect(say([200, 201, 300], [4, 8, 9])).toContain('at 201 mg sodium, protein is gained at hardly any sodium; beyond, 1 g');
  });
  test('tells a straight front by one rate, one point as the best in both, and none as none', () => {
    expect(say([200, 250, 300], [4, 5, 6])).toContain('Between them 1 g of protein more costs about 50 mg sodium.');
    expect(say([200], [6])).toBe('One combination is the best in both: least sodium 200 mg, most protein 6 g, a bowl.');
    expect(say([200], [6], 1)).toBe('One combination keeps the needs: 200 mg sodium, 6 g protein a bowl.');
    expect(say([], [], 0)).toContain('Other amounts may');
  });
});
