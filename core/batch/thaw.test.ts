/** Taken out in time, the oldest first, and never what is past its day. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { nightsFor, type Portioned, thawPlan } from './thaw.ts';

const portion = (id: string, more: Partial<Portioned> = {}): Portioned => ({
  id,
  title: 'Leek soup',
  keep: 'frozen',
  left: 4,
  grams: 250,
  useBy: '2027-05-01',
  past: false,
  ...more,
});
const DAY = '2027-03-10';
const TODAY = '2027-03-08';

describe('portions for a lunch', () => {
  test('come out of the fridge first, since their days run, then the oldest of the freezer, on the evening before', () => {
    const plan = thawPlan(
      [portion('new', { useBy: '2027-05-20' }), portion('old'), portion('cold', { keep: 'chilled', left: 2, useBy: '2027-03-10' })],
      7,
      DAY,
      TODAY,
    );
    expect(plan.takes.map(({ id, count, on, when }) => [id, count, on, when])).toEqual([
      ['old', 4, '2027-03-09', 'evening'],
      ['new', 1, '2027-03-09', 'evening'],
      ['cold', 2, '2027-03-10', 'morning'],
    ]);
    expect(plan.missing).toBe(0);
  });
  test('that would be past their day by then are left, and it is said how many are missing', () => {
    expect(thawPlan([portion('gone', { keep: 'chilled', useBy: '2027-03-09' }), portion('past', { past: true })], 3, DAY, TODAY)).toEqual({
      takes: [],
      missing: 3,
    });
  });
  test('in a large block take more than a night: some 2 kg a day in the fridge (USDA, from memory)', () => {
    expect([250, 1000, 1500, 3000, 5000].map(nightsFor)).toEqual([1, 1, 2, 2, 3]);
    expect(thawPlan([portion('block', { grams: 5000, left: 1 })], 1, DAY, TODAY)).toMatchObject({ takes: [], missing: 1 });
    expect(thawPlan([portion('block', { grams: 5000, left: 1 })], 1, '2027-03-11', TODAY).takes).toMatchObject([{ on: '2027-03-08' }]);
  });
  test('are never more than there are, and never more than are wanted', () => {
    const stock = fc.array(
      fc.record({ left: fc.nat(9), grams: fc.integer({ min: 100, max: 6000 }), frozen: fc.boolean(), day: fc.integer({ min: 1, max: 28 }) }),
      { maxLength: 8 },
    );
    fc.assert(
      fc.property(stock, fc.nat(30), (rows, wanted) => {
        const all = rows.map(({ left, grams, frozen, day }, at) =>
          portion(String(at), { left, grams, keep: frozen ? 'frozen' : 'chilled', useBy: `2027-03-${String(day).padStart(2, '0')}` }),
        );
        const { takes, missing } = thawPlan(all, wanted, DAY, TODAY);
        expect(takes.reduce((sum, { count }) => sum + count, 0) + missing).toBe(wanted);
        for (const { id, count, on } of takes) {
          const one = all.find((other) => other.id === id);
          expect(count).toBeLessThanOrEqual(one?.left ?? 0);
          expect((one?.useBy ?? '') >= DAY).toBe(true);
          expect(on >= TODAY).toBe(true);
        }
      }),
    );
  });
});
