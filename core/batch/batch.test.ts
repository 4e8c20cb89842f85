/** What was really cooked, from what was written down. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { SHELF } from '../food/shelf.ts';
import { allergen, bowlOf, line, soup, step } from '../test/soup.ts';
import { actualRecipe, entryFaults } from './actual.ts';
import { type Entry, standing } from './entry.ts';
import { lastDayOf } from './stock.ts';

const RECIPE = soup(
  [
    line('leek', 'leek', 600),
    line('butter', 'butter-unsalted', 45),
    line('broth', 'vegetable-broth', 1200, { stage: 'simmer' }),
    line('cream', 'cream-heavy', 150, { stage: 'finish' }),
    line('chives', 'chives', 2, { stage: 'bowl', perBowl: true }),
  ],
  {
    steps: [
      step('s1', { stage: 'base', method: 'sweat', minutes: { min: 10, max: 10 }, uses: ['leek', 'butter'] }),
      step('s2', { method: 'simmer', minutes: { min: 20, max: 20 }, lid: 'on', uses: ['broth'] }),
      step('s3', { stage: 'finish', uses: ['cream'] }),
    ],
  },
);
type Bare = Entry extends infer E ? (E extends Entry ? Omit<E, 'id' | 'at'> : never) : never;
const entry = (id: string, minute: number, what: Bare): Entry =>
  ({ id, at: `2027-03-06T16:${String(minute).padStart(2, '0')}:00.000Z`, ...what }) as Entry;
const actual = (...entries: Entry[]) => actualRecipe(RECIPE, entries, SHELF);
const sodium = (...entries: Entry[]) => bowlOf(actual(...entries)).batch.sodiumMg.value;
const SALT = entry('e1', 10, { kind: 'added', foodId: 'salt', grams: 4 });

describe('the soup that was cooked', () => {
  test('without an entry is the recipe', () => {
    expect(bowlOf(actual())).toEqual(bowlOf(RECIPE));
  });

  test('has the sodium of four grams of salt more', () => {
    // Salt is 38.76 % sodium (open table, 'salt'): 4 g are 1550 mg.
    expect(sodium(SALT) - sodium()).toBeCloseTo(1550.3, 0);
  });

  test('has what was put in instead, where it stood, and none of what it replaced', () => {
    const swapped = actual(entry('e1', 5, { kind: 'instead', lineId: 'cream', foodId: 'coconut-milk', grams: 160 }));
    expect(swapped.lines.map(({ foodId }) => foodId)).toEqual(['leek', 'butter-unsalted', 'vegetable-broth', 'coconut-milk', 'chives']);
    expect(swapped.lines[3]).toMatchObject({ replaces: 'cream', stage: 'finish', grams: { best: 160 } });
    expect(swapped.steps[2]?.uses).toEqual(['instead-e1']);
    expect(allergen(bowlOf(swapped), 'coconut').state).toBe('contains');
    // The butter is still there.
    expect(allergen(bowlOf(swapped), 'milk').state).toBe('contains');
  });

  test('is lighter by what was left out, and weighs what the scale said', () => {
    const noted = actual(
      entry('e1', 1, { kind: 'left', lineId: 'cream' }),
      entry('e2', 2, { kind: 'weighed', lineId: 'leek', grams: 540 }),
      entry('e3', 3, { kind: 'weighed', lineId: 'leek', grams: 555 }),
    );
    expect(noted.lines.map(({ id }) => id)).not.toContain('cream');
    // Weighed again: the last word counts.
    expect(noted.lines[0]?.grams?.best).toBe(555);
  });

  test('fills the pot that was weighed, and what is stirred in after it', () => {
    const before = actual(entry('e1', 10, { kind: 'added', foodId: 'water', grams: 100 }), entry('e2', 20, { kind: 'yield', grams: 1800 }));
    const after = actual(entry('e1', 30, { kind: 'added', foodId: 'water', grams: 100 }), entry('e2', 20, { kind: 'yield', grams: 1800 }));
    expect(bowlOf(before).potGrams).toBe(1800);
    expect(bowlOf(after).potGrams).toBe(1900);
  });

  test('is as before where a mistake is struck, and as after where the strike is struck', () => {
    const strike = entry('e2', 11, { kind: 'struck', entry: 'e1', why: 'sugar' });
    expect(sodium(SALT, strike)).toBe(sodium());
    expect(sodium(SALT, strike, entry('e3', 12, { kind: 'struck', entry: 'e2', why: 'it was salt' }))).toBe(sodium(SALT));
    expect(standing([SALT, strike])).toEqual([strike]);
  });

  test('hangs on when things happened and not on when they were sent', () => {
    const entries = [
      entry('a', 1, { kind: 'weighed', lineId: 'leek', grams: 580 }),
      entry('b', 5, { kind: 'instead', lineId: 'butter', foodId: 'olive-oil', grams: 40 }),
      entry('c', 9, { kind: 'added', foodId: 'salt', grams: 3 }),
      entry('d', 12, { kind: 'yield', grams: 1700 }),
      entry('e', 15, { kind: 'added', foodId: 'lemon-juice', grams: 10 }),
      entry('f', 20, { kind: 'left', lineId: 'chives' }),
    ];
    const wanted = bowlOf(actual(...entries)).batch;
    fc.assert(
      fc.property(fc.shuffledSubarray(entries, { minLength: entries.length }), (shuffled) => {
        expect(bowlOf(actual(...shuffled)).batch).toEqual(wanted);
      }),
      { numRuns: 40, seed: 9 },
    );
  });

  test('is not changed by what only tells', () => {
    const told = [
      entry('a', 1, { kind: 'step', stepId: 's1' }),
      entry('b', 2, { kind: 'reading', celsius: 81 }),
      entry('c', 3, { kind: 'tasting', text: 'good' }),
      entry('d', 4, { kind: 'flow', mlLeft: 6 }),
      entry('e', 5, { kind: 'cooling', celsius: 40 }),
      entry('f', 6, { kind: 'portioned', count: 4, grams: 300, keep: 'frozen' }),
      entry('g', 7, { kind: 'note', text: 'windy' }),
    ];
    expect(bowlOf(actual(...told))).toEqual(bowlOf(RECIPE));
  });
});

describe('an entry', () => {
  const faults = (what: Bare, before: Entry[] = []) => entryFaults(entry('x', 1, what), RECIPE, before, SHELF).map(({ path }) => path);
  test('names only what is there', () => {
    expect(faults({ kind: 'weighed', lineId: 'nettle', grams: 1 })).toEqual(['/lineId']);
    expect(faults({ kind: 'added', foodId: 'no-such-food', grams: 1 })).toEqual(['/foodId']);
    expect(faults({ kind: 'step', stepId: 's9' })).toEqual(['/stepId']);
    expect(faults({ kind: 'struck', entry: 'e1', why: 'x' })).toEqual(['/entry']);
    expect(faults({ kind: 'reading' })).toEqual(['/celsius']);
  });
  test('may speak of what an earlier one put in', () => {
    expect(faults({ kind: 'weighed', lineId: 'added-e1', grams: 3 }, [SALT])).toEqual([]);
    expect(faults({ kind: 'struck', entry: 'e1', why: 'x' }, [SALT])).toEqual([]);
  });
});

describe('the last day of use, the day of making counted as the first', () => {
  test.each([
    // FDA Food Code 3-501.17: seven days (memory); guidance in the United Kingdom: two to three (memory).
    ['us', 'chilled', '2027-03-12'],
    ['uk', 'chilled', '2027-03-08'],
    ['eu', 'chilled', '2027-03-08'],
    // Two to three months for its taste: common practice, no source.
    ['us', 'frozen', '2027-06-03'],
  ] as const)('%s, %s', (regime, keep, wanted) => {
    expect(lastDayOf('2027-03-06', keep, regime)).toBe(wanted);
  });
  test('is the sooner of the rule and of what keeps less long', () => {
    expect(lastDayOf('2027-03-06', 'chilled', 'us', { house: 2 })).toBe('2027-03-07');
  });
});

test('bowls that were really poured decide what a bowl was; what is left in the pot is in none of them', () => {
  const recipe = { ...RECIPE, measuredYieldGrams: 2000 };
  const before = bowlOf(recipe);
  const entries: Entry[] = [{ id: 'p', at: '2027-03-08T12:40:00Z', kind: 'poured', bowls: 6, leftGrams: 500 }];
  const after = bowlOf(actualRecipe(recipe, entries, SHELF));
  // 1500 g in six bowls, with two grams of chives on each.
  expect(after.servingGrams).toBeCloseTo(250 + 2, 3);
  expect(before.servingGrams).toBeCloseTo(2000 / before.servings + 2, 3);
  expect(after.perServing.sodiumMg.value / 250).toBeCloseTo(before.perServing.sodiumMg.value / (before.servingGrams - 2), 2);
  const slip: Entry[] = [{ id: 'p', at: '2027-03-08T12:40:00Z', kind: 'poured', bowls: 6, leftGrams: 5000 }];
  expect(bowlOf(actualRecipe(recipe, slip, SHELF)).servingGrams).toBeCloseTo(before.servingGrams, 6);
});
