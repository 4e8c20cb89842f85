/** Toppings cooked in a vessel of their own: common practice, no source. */
import { describe, expect, test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import type { Line } from '../vocabulary/recipe.ts';
import { readRecipe } from './read.ts';

const BASE = `Pea soup
Serves 4

1 onion
500 g frozen peas
750 ml vegetable stock
`;
const POT = 'Sweat the onion. Add the peas and the stock and simmer for 5 minutes. Blend until smooth.';

/** The line of a pea soup that has one line more, its steps before and after the pot. */
function topping(written: string, before: string, after: string): Line {
  const text = `${BASE}${written}\n\n${[before, POT, after].filter((step) => step !== '').join('\n')}`;
  const { recipe } = readRecipe(text, { measures: 'metric' }, SHELF);
  return recipe.lines.find((line) => line.text === written) as Line;
}

describe('is on the bowl and never in the pot', () => {
  test.each([
    [
      'ham crisped under the grill',
      '4 slices Parma ham',
      'Heat the grill. Lay the ham on a baking sheet and grill for 3 minutes until crisp.',
      'Ladle into bowls and top with the ham.',
    ],
    [
      'and all of it, whatever is left of the onion',
      '4 slices Parma ham',
      'Grill the ham on a baking tray.',
      'Serve topped with the ham and the remaining onion.',
    ],
    ['chickpeas from a tray', '1 can chickpeas, drained', 'Roast the chickpeas on a baking tray for 25 minutes.', 'Serve topped with the chickpeas.'],
    [
      'prawns from a pan of their own',
      '200 g raw prawns',
      '',
      'Fry the prawns in a separate pan for 3 minutes. Ladle into bowls and top with the prawns.',
    ],
    ['eggs poached in water', '4 eggs', '', 'Poach the eggs in simmering water for 3 minutes. Ladle the soup into bowls and top each with an egg.'],
  ])('%s', (_, written, before, after) => {
    expect(topping(written, before, after).stage).toBe('bowl');
  });
});

describe('is in the pot', () => {
  test.each([
    [
      'bacon whose fat the onion is fried in',
      '100 g bacon',
      'Crisp the bacon in a dry pan and set it aside. Sweat the onion in the drippings.',
      'Serve topped with the bacon.',
    ],
    [
      'ham of which only some is kept for the top',
      '4 slices Parma ham',
      'Grill the ham on a baking tray.',
      'Stir in most of the ham and serve topped with the rest of the ham.',
    ],
    ['eggs that are cracked in and cooked', '4 eggs', '', 'Crack in the eggs and cook for 3 minutes. Serve each bowl with an egg.'],
    [
      'prawns from a pan of their own that go in after all',
      '200 g raw prawns',
      '',
      'Fry the prawns in a separate pan for 3 minutes and add them to the soup. Serve topped with the prawns.',
    ],
    ['eggs that are poached in the soup', '4 eggs', '', 'Poach the eggs in the soup for 3 minutes and serve.'],
  ])('%s', (_, written, before, after) => {
    expect(topping(written, before, after).stage).not.toBe('bowl');
  });
});

test('the vinegar of the poaching water goes away with it', () => {
  const text = `${BASE}4 eggs\n1 tbsp white wine vinegar\n\n${POT}\nPoach the eggs in simmering water with the vinegar for 3 minutes. Ladle into bowls and top each with an egg.`;
  const { recipe } = readRecipe(text, { measures: 'metric' }, SHELF);
  expect(recipe.lines.find(({ foodId }) => foodId === 'wine-vinegar')?.eaten).toBe('removed');
});

test('vinegar that also sharpens the soup stays', () => {
  const text = `${BASE}4 eggs\n1 tbsp white wine vinegar\n\n${POT} Sharpen with a little of the vinegar.\nPoach the eggs in simmering water with the vinegar for 3 minutes. Top each bowl with an egg.`;
  const { recipe } = readRecipe(text, { measures: 'metric' }, SHELF);
  expect(recipe.lines.find(({ foodId }) => foodId === 'wine-vinegar')?.eaten).toBeUndefined();
});

test('lemon and water of a soup that eggs are whisked into stay in it', () => {
  const text =
    'Egg and lemon soup\nServes 4\n\n1 litre water\n100 g rice\n3 eggs\n40 ml lemon juice\n\nBring the water to the boil with the rice, then whisk in the eggs and the lemon juice.';
  const { recipe } = readRecipe(text, { measures: 'metric' }, SHELF);
  expect(recipe.lines.filter(({ eaten }) => eaten === 'removed')).toEqual([]);
});
