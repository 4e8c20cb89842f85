/** Checks before what is for good, of this soup and no other. */
import { expect, test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import { line, soup, step } from '../test/soup.ts';
import { gateBefore } from './gates.ts';

const RECIPE = soup(
  [
    line('onion', 'onion', 150),
    line('carrot', 'carrot', 600, { stage: 'simmer' }),
    line('bay', 'bay-leaf', 0.8, { stage: 'simmer', eaten: 'removed', amount: { min: 2, max: 2, unit: 'leaf' } }),
    line('cream', 'cream-heavy', 150, { stage: 'finish' }),
    line('salt', 'salt', 6, { stage: 'finish' }),
    line('chives', 'chives', 5, { stage: 'bowl' }),
  ],
  {
    steps: [
      step('s1', { stage: 'base', method: 'sweat', uses: ['onion'] }),
      step('s2', { method: 'simmer', uses: ['carrot', 'bay'] }),
      step('s3', { stage: 'blend', method: 'blend', text: 'Blend until smooth.' }),
      step('s4', { stage: 'finish', uses: ['cream', 'salt'] }),
      step('s5', { stage: 'bowl', uses: ['chives'] }),
    ],
  },
);

test('into the blender: as many leaves out as went in, the heaviest vegetable soft, off the heat', () => {
  expect(gateBefore(RECIPE, 2, SHELF)).toEqual({
    before: 'into the blender',
    checks: [
      '2 bay leaves went in: as many are out',
      'the largest piece of carrot is soft right through',
      'it is off the heat; a jar is half full at most, its vent open under a cloth',
    ],
  });
});

test('cream and salt: off the boil, and tasted first', () => {
  expect(gateBefore(RECIPE, 3, SHELF)?.checks).toEqual([
    'the pot is off the boil before heavy cream goes in',
    'it is tasted before the salt: what is in cannot be taken out',
  ]);
});

test('what can be undone has no gate', () => {
  expect([0, 1, 4, 9].map((at) => gateBefore(RECIPE, at, SHELF))).toEqual([null, null, null, null]);
});

test('cold soup is blended without a word on heat', () => {
  const cold = soup([line('cucumber', 'cucumber', 600, { stage: 'blend' })], {
    steps: [step('s1', { stage: 'blend', method: 'blend', uses: ['cucumber'] })],
  });
  expect(gateBefore(cold, 0, SHELF)?.checks).toEqual([]);
});
