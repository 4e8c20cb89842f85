/** What stays of a line: heat by food group and method, and every way of throwing something away, each applied once. */
import { describe, expect, test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import { bowlOf, line, soup, step } from '../test/soup.ts';
import type { Food } from '../vocabulary/food.ts';
import type { Line, Step } from '../vocabulary/recipe.ts';
import { RETENTION, type RetentionRow } from './data/retention.ts';
import { stayOf } from './stay.ts';

const minutes = { min: 20, max: 20 };
const cooked = (foodId: string, steps: Step[], key: 'vitaminCMg' | 'potassiumMg' | 'sodiumMg' | 'fatG' = 'vitaminCMg', more: Partial<Line> = {}) =>
  bowlOf(soup([line('v', foodId, 400, more)], { steps })).perServing[key];
const by = (method: Step['method'], more: Partial<Step> = {}) => step(method ?? 'none', { method, minutes, ...more });

describe('retention, after the factors of Release 6 (from memory)', () => {
  // Vitamin C of 400 g in four bowls is that of 100 g.
  test.each([
    ['spinach', 'simmer', 28.1 * 0.6],
    ['spinach', 'steam', 28.1 * 0.7],
    ['parsnip', 'boil', 17 * 0.75],
    ['parsnip', 'roast', 17 * 0.8],
    ['cauliflower', 'simmer', 48.2 * 0.7],
    ['cauliflower', 'pressure', 48.2 * 0.7],
    ['courgette', 'fry', 17.9 * 0.75],
    ['parsley', 'simmer', 133 * 0.5],
  ] as const)('%s by %s', (foodId, method, expected) => {
    expect(cooked(foodId, [by(method, { stage: 'base' })]).value).toBeCloseTo(expected, 6);
  });
  test('of two kinds of heat the one that leaves least counts, and once', () => {
    const base = { stage: 'base' as const };
    const roastedThenBoiled = cooked('parsnip', [by('roast', base), by('boil')]).value;
    expect(roastedThenBoiled).toBeCloseTo(17 * 0.75, 6);
  });
  test('a factor brings its own doubt', () => {
    const relative = ({ value, high }: { value: number; high: number }) => (high - value) / value;
    expect(relative(cooked('cauliflower', [by('simmer')]))).toBeGreaterThan(relative(cooked('cauliflower', [by('blend')])));
  });
  test('no factor is above one, and no mineral has any', () => {
    for (const group of Object.values(RETENTION))
      for (const row of Object.values(group) as RetentionRow[])
        for (const [key, share] of Object.entries(row)) {
          expect([key, share > 0 && share <= 1]).toEqual([key, true]);
          expect(key).toMatch(/^(vitamin|thiamin|riboflavin|niacin|folate|beta)/);
        }
  });
});

describe('what is thrown away changes the bowl by the stated share, once', () => {
  const sodium = (lines: Line[]) => bowlOf(soup(lines)).perServing.sodiumMg;
  test('canned beans drained keep 64 %, drained and rinsed 59 % of the sodium of the can (Duyff, Mount and Jones 2011)', () => {
    // The can as labelled is the row with its liquid: 340 mg per 100 g, of which the drained weight is 60 %.
    const can = 4.25 * 340;
    const drained = sodium([line('beans', 'white-beans-canned-drained', 255)]).value * 4;
    const rinsed = sodium([line('beans', 'white-beans-canned-rinsed', 255)]).value * 4;
    expect(rinsed / drained).toBeCloseTo(0.59 / 0.64, 1);
    expect(drained / can).toBeGreaterThan(0.4);
    expect(drained / can).toBeLessThan(0.66);
  });
  test('a row that is named drained or rinsed loses nothing more by draining', () => {
    for (const id of ['white-beans-canned-drained', 'white-beans-canned-rinsed', 'chickpeas-canned-drained'])
      expect(sodium([line('beans', id, 240, { eaten: 'drained' })]).value).toBe(sodium([line('beans', id, 240)]).value);
  });
  test('water thrown away takes 30 % of the potassium and nothing of the fat', () => {
    const ratio = (key: 'potassiumMg' | 'fatG') => cooked('potato', [], key, { eaten: 'drained' }).value / cooked('potato', [], key).value;
    expect([ratio('potassiumMg'), ratio('fatG')]).toEqual([expect.closeTo(0.7, 9), expect.closeTo(1, 9)]);
  });
  test('a strained solid leaves half its salts when the recipe does not say, its own share when it does, and no weight', () => {
    const stock = (eatenShare?: number) =>
      bowlOf(soup([line('carrot', 'carrot', 400, { eaten: 'strained', eatenShare }), line('water', 'water', 1000)]));
    expect(stock().perServing.potassiumMg.value).toBeCloseTo(320 * 0.5, 6);
    expect(stock(0.2).perServing.potassiumMg.value).toBeCloseTo(320 * 0.2, 6);
    expect(stock().potGrams).toBeCloseTo(1000, 6);
  });
  test('fat poured off takes half of it when the recipe does not say', () => {
    expect(cooked('bacon-raw', [], 'fatG', { eaten: 'rendered' }).value).toBeCloseTo(39.69 * 0.5, 6);
  });
  test('a share, a fat or a time that a sender writes is worked out and not kept for the next', () => {
    const of = (foodId: string, more: Partial<Line>) =>
      stayOf(line('one', foodId, 100, more), SHELF.food(foodId) as Food, { kinds: [], way: '', wetMinutes: 12.5, dryMinutes: 0 });
    for (const [foodId, more] of [
      ['carrot', { eaten: 'strained', eatenShare: 0.371 }],
      ['bacon-raw', { eaten: 'rendered' }],
      ['sherry-dry', {}],
    ] as const)
      expect(of(foodId, more)).not.toBe(of(foodId, more));
    // What hangs on the tables alone there is once.
    expect(of('carrot', { eaten: 'strained' })).toBe(of('carrot', { eaten: 'strained' }));
  });
  test('a share the recipe gives is sure, one it does not give is not', () => {
    const width = (eatenShare?: number) => {
      const { low, high, value } = cooked('carrot', [], 'potassiumMg', { eaten: 'strained', eatenShare });
      return (high - low) / value;
    };
    expect(width()).toBeGreaterThan(1.5 * width(0.5));
  });
});
