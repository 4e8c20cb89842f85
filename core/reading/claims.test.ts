/** Claims of a text are kept as rows in its own words; how a food is cut is a field of its line; a lid holds until it is lifted. */
import { describe, expect, test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import { claimsOf } from './claims.ts';
import { cutOf } from './cut.ts';
import { readRecipe } from './read.ts';

describe('claims', () => {
  test.each([
    ['A keto soup with only 6 g of carbs per bowl.', ['keto', 'only 6 g of carbs per bowl']],
    ['Low-sodium and high in protein, lower in fat than with cream', ['Low-sodium', 'high in protein', 'lower in fat than with cream']],
    ['Great for diabetics and kidney-friendly. Under 300 calories!', ['Great for diabetics', 'kidney-friendly', 'Under 300 calories']],
    ['A great source of vitamin C. Gluten-free.', ['great source of vitamin C', 'Gluten-free']],
    ['500 g carrots, 200 ml low-fat milk, 1 l reduced-sodium chicken stock', []],
    ['Simmer the carrots until soft.', []],
  ])('%s', (text, claims) => expect(claimsOf(text)).toEqual(claims));
  test('go with the recipe that was read', () => {
    const { recipe } = readRecipe('Healthy keto soup\nServes 2\n\n400 g cauliflower\n\nSimmer 20 minutes and blend.', { measures: 'auto' }, SHELF);
    expect(recipe.claims).toEqual(['Healthy', 'keto']);
  });
});

test.each([
  ['500 g carrots, in 2 cm chunks', 2],
  ['1 squash, cut into 1-inch cubes', 2.54],
  ['2 leeks, sliced 5 mm thick', 0.5],
  ['1 onion, finely chopped', 'finely chopped'],
  ['1 kg potatoes, quartered', 'quartered'],
  ['1 head broccoli, in florets', 'florets'],
  ['200 ml cream', undefined],
] as const)('%s is cut %s', (text, cut) => expect(cutOf(text)).toBe(cut));

describe('a lid', () => {
  const lids = (method: string) =>
    readRecipe(`Soup\nServes 4\n\n600 g carrots\n1 l vegetable stock\n\nMethod\n${method}`, { measures: 'auto' }, SHELF).recipe.steps.map(
      ({ lid }) => lid ?? null,
    );
  test('that is put on before the simmer is on the simmer', () => {
    expect(lids('Put the carrots and stock in a pot, bring to the boil and cover. Simmer for 20 minutes.').at(-1)).toBe('on');
  });
  test('is taken off to add something', () => {
    expect(lids('Sweat the carrots for 10 minutes with the lid on. Add the stock and simmer for 20 minutes.').at(-1)).toBe(null);
  });
});
