/** How long what was put by is kept: the strictest of the rules, the house and the recipe, and who said so. */
import { describe, expect, test } from '@jest/globals';
import { daysInText, keepsUntil } from './stock.ts';

const says = (text: string) => daysInText({ steps: [{ id: 's1', stage: 'finish', text }] });

describe('the day by which it is used', () => {
  test('counts the day of making as the first: seven days under the FDA Food Code 3-501.17 (memory)', () => {
    expect(keepsUntil('2027-03-01', 'chilled', 'us')).toEqual({ day: '2027-03-07', by: 'regime' });
  });
  test('is the strictest of the rules, the house and the recipe, whichever that is', () => {
    expect(keepsUntil('2027-03-01', 'chilled', 'us', { house: 3 })).toEqual({ day: '2027-03-03', by: 'house' });
    expect(keepsUntil('2027-03-01', 'chilled', 'us', { house: 4, text: 2 })).toEqual({ day: '2027-03-02', by: 'text' });
    expect(keepsUntil('2027-03-01', 'chilled', 'us', { house: 10, text: 9 })).toEqual({ day: '2027-03-07', by: 'regime' });
  });
  test('of what is frozen is for its taste, whatever the house says of the cold', () => {
    expect(keepsUntil('2027-03-01', 'frozen', 'us', { house: 2 }).by).toBe('taste');
  });
});

describe('what a recipe says of keeping', () => {
  test.each([
    ['Keeps for 3 days in the fridge.', 3],
    ['It keeps two to three days, covered.', 2],
    ['Store in the fridge and eat within 2 days.', 2],
    ['Keeps up to 4 days.', 4],
    ['Freeze what is left; it keeps 90 days.', null],
    ['Simmer for 20 minutes.', null],
  ])('%s', (text, days) => {
    expect(says(text)).toBe(days);
  });
});
