/** Where a sentence speaks of a line. */
import { describe, expect, test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import type { Line } from '../vocabulary/recipe.ts';
import { mentionsOf, spokenOf } from './mention.ts';

const spoken = (foodId: string, text: string) => spokenOf({ id: 'one', stage: 'base', text, foodId, grams: null } satisfies Line, SHELF);
const said = (text: string, foodId: string, line: string) => mentionsOf(text, spoken(foodId, line), []).map(({ from, to }) => text.slice(from, to));

describe('a name begins with a word of its own', () => {
  test.each([
    ['Serve with extra cheese.', 'cheddar', '100 g cheddar'],
    ['Top with salsa onion.', 'onion', '1 onion'],
  ])('%s', (text, foodId, line) => {
    for (const { from } of mentionsOf(text, spoken(foodId, line), [])) expect(text.charAt(from - 1)).toMatch(/^\s?$/);
  });
});

test('the determiner and the amount before a name are part of it', () => {
  expect(said('Add the onion, then half of the onion.', 'onion', '1 onion')).toEqual(['the onion', 'half of the onion']);
});

test("'more cheese' speaks of the cheese whose line says 'plus more for serving'", () => {
  expect(said('Serve topped with more cheese.', 'cheddar', '1 cup shredded cheddar, plus more for serving')).toEqual(['cheese']);
});

test("'fish out the bay' names no fish, 'lift the fish out' does", () => {
  expect(said('Fish out the bay leaf.', 'smoked-haddock', '250 g smoked haddock')).toEqual([]);
  expect(said('Fish the bay leaf out.', 'smoked-haddock', '250 g smoked haddock')).toEqual([]);
  expect(said('Add fish sauce and take out the bay leaf.', 'fish-sauce', '1 tbsp fish sauce')).toEqual(['fish sauce']);
  expect(said('Lift the fish out.', 'smoked-haddock', '250 g smoked haddock')).toEqual(['the fish']);
});
