/** Bowls in whole ladles of the house. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { ladled, ladleWords } from './ladles.ts';

describe('a bowl', () => {
  test.each([
    [250, [125], '2 ladles of 125 ml (250 ml), stirred to the bottom before each'],
    [240, [250, 120], '1 ladle of 250 ml (250 ml), stirred to the bottom before each'],
    [300, [180, 120], '1 ladle of 180 ml and 1 ladle of 120 ml (300 ml), stirred to the bottom before each'],
  ])('of %d ml by ladles of %j', (ml, sizes, words) => {
    const found = ladled(ml, sizes);
    expect(found && ladleWords(found)).toBe(words);
  });
  test('of a house that named no ladle has none', () => {
    expect(ladled(250, [])).toBeNull();
  });
  test('is met as nearly as four ladles can: no other count of them comes nearer where none is within a tenth', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 100, max: 500 }),
        fc.uniqueArray(fc.integer({ min: 30, max: 400 }), { minLength: 1, maxLength: 3 }),
        (ml, sizes) => {
          const found = ladled(ml, sizes);
          const [a = 0, b = 0, c = 0] = sizes;
          const offs: number[] = [];
          for (let i = 0; i <= 4; i++)
            for (let j = 0; i + j <= 4; j++)
              for (let k = 0; i + j + k <= 4; k++) if (i * a + j * b + k * c > 0) offs.push(Math.abs(i * a + j * b + k * c - ml) / ml);
          const least = Math.min(...offs);
          const off = Math.abs((found?.ml ?? 0) - ml) / ml;
          expect(off <= 0.1 || off <= least + 1e-9).toBe(true);
        },
      ),
    );
  });
});
