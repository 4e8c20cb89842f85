/** Amounts as a cook types them into a line: what is read, what is asked, what is refused in words. */
import { describe, expect, test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import type { Food } from '../vocabulary/food.ts';
import { isLargeChange, typedAmount } from './typedAmount.ts';

const food = (id: string) => SHELF.food(id) as Food;
const typed = (text: string, id: string | null = 'chicken-broth', unit = 'g') =>
  typedAmount(text, { food: id ? food(id) : null, system: 'us', unit });
const best = (text: string, id?: string, unit?: string) => {
  const read = typed(text, id, unit);
  return read.kind === 'grams' ? Math.round(read.grams.best * 10) / 10 : read;
};

describe('typed into a box of grams', () => {
  test.each([
    ['250', 250],
    ['250 g', 250],
    ['0.4', 0.4],
    ['0,4', 0.4],
    ['1.2 kg', 1200],
    ['1,2 kg', 1200],
    ['2 lb', 907.2],
    ['4 oz', 113.4],
    ['1 1/2 kg', 1500],
    ['0', 0],
  ])('%s is %d g', (text, grams) => expect(best(text)).toBe(grams));
  test('a weight is of what enters the pot, not of what was bought', () => {
    expect(best('500 g', 'potato')).toBe(500);
  });
  test.each([
    // 946 ml of broth: the carton of four US cups, 240 g a cup by its row.
    ['4 cups', 'chicken-broth', 948, 964],
    ['500 ml', 'chicken-broth', 500, 512],
    ['1 tablespoon', 'olive-oil', 13, 14],
    ['2 medium', 'onion', 215, 225],
    ['3 cloves', 'garlic', 9, 12],
    ['½ cup', 'flour-wheat', 60, 65],
  ])('%s of %s is a measure', (text, id, low, high) => {
    const read = typed(text, id);
    expect(read.kind).toBe('grams');
    if (read.kind !== 'grams') return;
    expect(read.grams.best).toBeGreaterThan(low);
    expect(read.grams.best).toBeLessThan(high);
    expect(read.said).toMatch(/ = [\d.]+ k?g$/);
    expect(read.grams.low).toBeLessThan(read.grams.best);
  });
});

describe('typed into a box of cups', () => {
  test('a bare number counts cups', () => {
    expect(best('5', 'chicken-broth', 'cup')).toBe(best('5 cups'));
    expect(best('1/2', 'olive-oil', 'tablespoon')).toBe(best('1/2 tablespoon', 'olive-oil'));
  });
  test('grams are still grams', () => {
    expect(best('300 g', 'chicken-broth', 'cup')).toBe(300);
  });
});

describe('what can be read two ways is asked', () => {
  test.each(['1,200', '1.200', '1,200 g'])('%s', (text) => {
    const read = typed(text);
    expect(read).toMatchObject({ kind: 'ask', readings: [{ label: '1.2 kg' }, { label: '1.2 g' }] });
  });
  test('but not a decimal that begins with nought', () => expect(best('0.125')).toBe(0.1));
});

describe('what cannot be read is said', () => {
  test.each([
    ['', /Type an amount/],
    ['-5', /not below nothing/],
    ['some', /cannot be read as an amount of chicken broth/],
    ['4 elephants', /cannot be read/],
    ['9999999', /No pot/],
  ])("'%s'", (text, message) => expect(typed(text)).toMatchObject({ kind: 'fault', message: expect.stringMatching(message) }));
  test('a cup of a line without a food', () =>
    expect(typed('1 cup', null)).toMatchObject({ kind: 'fault', message: expect.stringMatching(/no food yet/) }));
  test('a word of the language’s own', () => expect(typed('1 constructor').kind).toBe('fault'));
});

test.each([
  [300, 5, true],
  [5, 300, true],
  [300, 31, false],
  [0, 300, false],
])('from %d to %d g is a change worth a word: %s', (before, after, large) => expect(isLargeChange(before, after)).toBe(large));
