/** What a bowl costs. Prices here are invented for the tests. */
import { describe, expect, test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import { line, soup } from '../test/soup.ts';
import { costOf, type PriceList } from './cost.ts';

const price = (foodId: string, perKg: number, currency = 'EUR', date = '2026-10-01') => ({ foodId, perKg, currency, date });
const list = (...prices: PriceList['prices'][number][]): PriceList => ({ currency: 'EUR', prices });
const pot = soup([line('cream', 'cream-heavy', 500), line('water', 'water', 1000), line('leek', 'leek', 400)], { servings: 4 });

describe('the cost of a bowl', () => {
  test('is the money for what is in it: half a kilogram of cream at 6 a kilogram over four bowls is 0.75', () => {
    const cost = costOf(pot, 4, list(price('cream-heavy', 6)), SHELF);
    expect(cost?.value).toBeCloseTo(0.75, 9);
  });
  test('names what has no price and does not take it for free; water from the tap needs none', () => {
    expect(costOf(pot, 4, list(price('cream-heavy', 6)), SHELF)?.unpricedLineIds).toEqual(['leek']);
  });
  test('pays for the peel too', () => {
    const share = SHELF.food('leek')?.edibleShare ?? 1;
    expect(share).toBeLessThan(1);
    const cost = costOf(soup([line('leek', 'leek', 1000)], { servings: 1 }), 1, list(price('leek', 3)), SHELF);
    expect(cost?.value).toBeCloseTo(3 / share, 9);
  });
  test('converts no money', () => {
    expect(costOf(pot, 4, list(price('cream-heavy', 6, 'USD')), SHELF)).toBeNull();
  });
  test('a topping is paid for once a bowl, and says how old the oldest price is', () => {
    const topped = soup([line('cream', 'cream-heavy', 400), line('oil', 'olive-oil', 5, { stage: 'bowl', perBowl: true })], { servings: 4 });
    const cost = costOf(topped, 4, list(price('cream-heavy', 5), price('olive-oil', 10, 'EUR', '2025-02-03')), SHELF);
    expect(cost?.value).toBeCloseTo(0.5 + 0.05, 9);
    expect(cost?.oldest).toBe('2025-02-03');
  });
  test('is as sure as the amounts', () => {
    const unsure = soup([{ ...line('cream', 'cream-heavy', 100), grams: { best: 100, low: 80, high: 130 } }], { servings: 1 });
    expect(costOf(unsure, 1, list(price('cream-heavy', 10)), SHELF)).toMatchObject({ value: 1, low: 0.8, high: 1.3 });
  });
});
