/** Each difference of the bowl by the entry that made it. */
import { expect, test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import { bowlOf, line, soup } from '../test/soup.ts';
import { actualRecipe } from './actual.ts';
import type { Entry } from './entry.ts';
import { traced } from './traced.ts';

const RECIPE = soup([line('leek', 'leek', 600), line('broth', 'vegetable-broth', 1000), line('salt', 'salt', 4)]);
const at = (minute: number) => `2027-03-06T16:${String(minute).padStart(2, '0')}:00.000Z`;
const ENTRIES: Entry[] = [
  { id: 'salt', at: at(9), kind: 'added', foodId: 'salt', grams: 2 },
  { id: 'word', at: at(5), kind: 'note', text: 'windy' },
  { id: 'leek', at: at(1), kind: 'weighed', lineId: 'leek', grams: 500 },
  { id: 'slip', at: at(3), kind: 'added', foodId: 'butter-salted', grams: 50 },
  { id: 'oops', at: at(4), kind: 'struck', entry: 'slip', why: 'that was for the bread' },
];

test('the changes add up to what was cooked less what was planned, in the order they happened', () => {
  const traces = traced(RECIPE, ENTRIES, ['sodiumMg', 'energyKcal'], {}, SHELF);
  expect(traces.map(({ entryId }) => entryId)).toEqual(['leek', 'salt']);
  const [planned, cooked] = [bowlOf(RECIPE), bowlOf(actualRecipe(RECIPE, ENTRIES, SHELF))];
  for (const nutrient of ['sodiumMg', 'energyKcal'] as const) {
    const sum = traces.reduce((total, { change }) => total + (change[nutrient] ?? 0), 0);
    expect(sum).toBeCloseTo(cooked.perServing[nutrient].value - planned.perServing[nutrient].value, 6);
  }
  // Two grams of salt over four bowls: 775 mg sodium / 4, by hand.
  expect(traces[1]?.change.sodiumMg).toBeCloseTo(193.8, 0);
});
