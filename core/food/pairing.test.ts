/** Which of two tables' rows is the food on the board, what it borrows, and how a disagreement is shown and judged. */
import { describe, expect, test } from '@jest/globals';
import { analyse } from '../analysis/analysis.ts';
import { judgeLimit } from '../swap/verdict.ts';
import { line, soup } from '../test/soup.ts';
import type { Food } from '../vocabulary/food.ts';
import { TABLE_PAIRS } from './data/pairs.ts';
import { recalledFoods, SHELF } from './shelf.ts';

const food = (id: string) => SHELF.food(id) as Food;
const recalled = new Map(recalledFoods().map((one) => [one.id, one]));

test('every pair names a kitchen food and a row of the open table, each once, with a reason', () => {
  for (const { id, open, reason } of TABLE_PAIRS) {
    expect([id, recalled.has(id)]).toEqual([id, true]);
    expect([open, SHELF.food(`ifct-${open}`) !== undefined]).toEqual([open, true]);
    expect(reason.length).toBeGreaterThan(10);
  }
  expect(new Set(TABLE_PAIRS.map(({ id }) => id)).size).toBe(TABLE_PAIRS.length);
  expect(new Set(TABLE_PAIRS.map(({ open }) => open)).size).toBe(TABLE_PAIRS.length);
});

describe.each(TABLE_PAIRS.map((pair) => [pair.id, pair] as const))('%s', (id, { open, use }) => {
  test('is the same food in both tables: water within 16 g, dry matter within a third', () => {
    const [one, two] = [recalled.get(id)?.per100g.waterG as number, food(`ifct-${open}`).per100g.waterG as number];
    expect(Math.abs(one - two)).toBeLessThanOrEqual(17);
    expect(food(id).source.kind).toBe(use === 'open' ? 'measured' : 'recalled');
  });
});

describe('vegetables go by the recalled row, nuts by the measured one', () => {
  test('the sodium of celery is 80 mg here and 11 in India: both are kept, and the interval holds both', () => {
    const celery = food('celery');
    expect(celery.per100g.sodiumMg).toBe(80);
    expect(celery.other?.per100g.sodiumMg).toBeCloseTo(10.68, 1);
    expect(celery.apart?.has('sodiumMg')).toBe(true);
    const { perServing } = analyse(soup([line('celery', 'celery', 400)], { servings: 4 }), {}, SHELF);
    expect(perServing.sodiumMg.low).toBeLessThanOrEqual(10.69);
  });
  test('the almond is the measured one, and keeps its portions, its names and its allergen', () => {
    const almonds = food('almonds');
    expect(almonds.source.ref).toBe('IFCT 2017 H001');
    expect(almonds.per100g.proteinG).toBe(food('ifct-H001').per100g.proteinG);
    expect(almonds.portions.length).toBeGreaterThan(0);
    expect(almonds.contains.map(({ allergen }) => allergen)).toEqual(['almond']);
  });
});

test('no name written for a food in both tables means another food of the kitchen', () => {
  const names = new Map<string, string>();
  for (const one of SHELF.foods.filter(({ id }) => !id.startsWith('ifct-')))
    for (const alias of one.aliases) {
      expect([alias, names.get(alias) ?? one.id]).toEqual([alias, one.id]);
      names.set(alias, one.id);
    }
});

describe('a figure the row lacks is borrowed', () => {
  test('and marked, with a wide error', () => {
    const parsnipless = food('kohlrabi');
    const [key] = [...(parsnipless.borrowed ?? [])];
    expect(key).toBeDefined();
    const [below] = parsnipless.spread[key as 'zincMg'] ?? [0, 0];
    expect(below).toBeGreaterThanOrEqual(0.3 * (parsnipless.per100g[key as 'zincMg'] as number) - 1e-9);
  });
  test('but not where soil and variety decide it by a factor of ten', () => {
    // Orange pumpkin: 149 mcg of beta-carotene measured in India, some 3,100 recalled.
    for (const { id } of TABLE_PAIRS)
      for (const key of ['betaCaroteneUg', 'vitaminKUg', 'seleniumUg'] as const) expect([id, food(id).borrowed?.has(key)]).toEqual([id, false]);
  });
});

describe('where two tables differ by more than twice, the one worse for the limit decides', () => {
  const garlic = soup([line('garlic', 'garlic', 400), line('water', 'water', 600)], { servings: 4 });
  const analysis = analyse(garlic, {}, SHELF);
  const { value, cautious } = analysis.perServing.sugarsG;
  test('the lower and the higher sum are given', () => {
    expect(cautious?.low).toBeCloseTo(value, 9);
    expect(cautious?.high).toBeCloseTo(food('garlic').other?.per100g.sugarsG as number, 2);
  });
  test('a maximum between the two is not met, a maximum above both is', () => {
    const judge = (max: number) => judgeLimit({ nutrient: 'sugarsG', per: 'serving', max }, analysis).state;
    expect([judge(((cautious?.high as number) + value) / 2), judge((cautious?.high as number) + 0.01)]).toEqual(['breaks', 'meets']);
  });
  test('a minimum between the two is not met either', () => {
    const celery = analyse(soup([line('celery', 'celery', 400)], { servings: 4 }), {}, SHELF);
    expect(judgeLimit({ nutrient: 'sodiumMg', per: 'serving', min: 40 }, celery).state).toBe('breaks');
  });
  test('salt follows sodium', () => {
    const { sodiumMg, saltG } = analyse(soup([line('celery', 'celery', 400)], { servings: 4 }), {}, SHELF).perServing;
    expect(saltG.cautious?.low).toBeCloseTo((sodiumMg.cautious?.low as number) * 0.0025, 9);
  });
  test('a soup of foods the tables agree on has nothing of it', () => {
    const potato = analyse(soup([line('potato', 'potato', 400)]), {}, SHELF);
    expect(Object.values(potato.perServing).filter((figure) => figure.cautious)).toEqual([]);
  });
});
