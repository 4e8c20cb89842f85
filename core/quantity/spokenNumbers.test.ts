import { describe, expect, test } from '@jest/globals';
import { inDigits } from './spokenNumbers.ts';

describe('spoken numbers', () => {
  test.each([
    ['six hundred and fifty grams', '650 grams'],
    ['a hundred and twenty mils of cream', '120 ml of cream'],
    ['nine hundred', '900'],
    ['twenty five minutes', '25 minutes'],
    ['twenty-five minutes', '25 minutes'],
    ['a pound and a half of turnips', '1.5 pound of turnips'],
    ['a litre and a quarter of stock', '1.25 litre of stock'],
    ['the fourteen and a half ounce can', 'the 14.5 ounce can'],
    ['a half a teaspoon of cumin', '1/2 teaspoon of cumin'],
    ['three quarters of a cup', '3/4 cup'],
    ['a quarter teaspoon', '1/4 teaspoon'],
    ['The six fifty of celeriac', 'The 650 of celeriac'],
    ['two leeks and one onion', 'two leeks and one onion'],
  ])('%s', (said, digits) => {
    expect(inDigits(said)).toBe(digits);
  });
});
