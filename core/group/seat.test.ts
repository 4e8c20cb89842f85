/** Seat codes, and what is kept out of them. All names here are invented. */
import { describe, expect, test } from '@jest/globals';
import { seatFault } from './seat.ts';

describe('a seat', () => {
  test.each(['A1', 'B12', 'D07', 'AA3', 'C113', '12', '3B', 'T1-2', 'R2-S5', 'Table 4'])('%s is one', (seat) => {
    expect(seatFault(seat)).toBeNull();
  });
  test.each([
    ['Harriet Vonn', /a name/],
    ['Dr Quill', /a name/],
    ['Osric', /a name/],
    ['A1 Harriet', /a name/],
    ['Vonn, Harriet', /a name/],
    ['14/02/1939', /birth date/],
    ['1939-02-14', /birth date/],
    ['14 Feb 1939', /birth date/],
    ['born 1939', /birth date/],
    ['MRN 3381920', /known elsewhere/],
    ['3381920044', /known elsewhere/],
    ['338 192 0044', /known elsewhere/],
    ['Patient 91', /known elsewhere/],
    ['diabetic', /illness/],
    ['CKD stage 3', /illness/],
    ['celiac', /illness/],
    ['A1 dysphagia', /illness/],
    ['', /seat code/],
    ['a1', /seat code/],
    ['A1 ', /seat code/],
  ])("'%s' is refused and told why", (seat, why) => {
    expect(seatFault(seat)).toMatch(why);
  });
});
