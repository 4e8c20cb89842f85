/** What waits for what, read from recipes as they are written. */
import { describe, expect, test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import { withMentions } from '../method/mentions.ts';
import { readRecipe } from '../reading/read.ts';
import { stepsBefore } from './flow.ts';

/** By step, counted from 1, what it waits for. */
function waits(ingredients: string, method: string): string[] {
  const { recipe } = readRecipe(`A soup\nServes 4\n\nIngredients\n${ingredients}\n\nMethod\n${method}`, { measures: 'auto' }, SHELF);
  const steps = withMentions(recipe.steps, recipe.lines, SHELF);
  return stepsBefore({ lines: recipe.lines, steps }).map((before, at) => `${at + 1}<${before.map((one) => one + 1).join(',')}`);
}

describe('a step waits', () => {
  test('for the pot, one after the other', () => {
    expect(
      waits(
        '2 onions, chopped\n40 g butter\n500 g potatoes, diced\n1 l stock',
        '1. Sweat the onions in the butter for 10 minutes.\n2. Add the potatoes and stock and simmer for 20 minutes.\n3. Blend until smooth.',
      ),
    ).toEqual(['1<', '2<1', '3<2']);
  });

  test('for tray and pot where both go together', () => {
    expect(
      waits(
        '1 kg squash, cubed\n20 ml oil\n1 onion, chopped\n20 g butter\n1 l stock',
        '1. Roast the squash with the oil at 220 C for 35 minutes.\n2. Sweat the onion in the butter for 10 minutes.\n3. Add the squash and the stock and simmer for 10 minutes.\n4. Blend.',
      ),
    ).toEqual(['1<', '2<', '3<1,2', '4<3']);
  });

  test('for a tray whose food no step names again', () => {
    expect(
      waits(
        '1 kg tomatoes\n20 ml oil\n1 onion, chopped\n20 g butter\n1 l stock',
        '1. Roast the tomatoes at 200 C for 30 minutes.\n2. Sweat the onion in the butter for 10 minutes.\n3. Pour in the stock and simmer for 15 minutes.\n4. Blend.',
      ),
    ).toEqual(['1<', '2<', '3<1,2', '4<3']);
  });

  test('for nothing, where the onion is sweated in the pot while the tray is in the oven', () => {
    expect(
      waits(
        '800 g carrots\n20 ml oil\n1 onion, chopped\n20 g butter\n800 ml stock',
        '1. Roast the carrots with the oil at 220 C for 35 minutes.\n2. Sweat the onion in the butter in the pot for 12 minutes.\n3. Add the carrots and the stock and simmer for 20 minutes.',
      ),
    ).toEqual(['1<', '2<', '3<1,2']);
  });

  test('for the oven, where broth is poured on what came out of it', () => {
    expect(
      waits(
        '1 kg squash\n20 ml oil\n1 l stock',
        '1. Roast the squash at 200 C for 40 minutes and scoop the flesh into a pot.\n2. Pour in the stock and simmer for 10 minutes.\n3. Blend.',
      ),
    ).toEqual(['1<', '2<1', '3<2']);
  });

  test('for soaked beans through draining and boiling, and not for the pan beside them', () => {
    expect(
      waits(
        '400 g dried white beans\n2 l water\n1 onion, chopped\n30 ml olive oil',
        '1. Soak the beans overnight.\n2. Drain and rinse the beans.\n3. Boil the beans in the water for 30 minutes.\n4. Meanwhile sweat the onion in the oil in a pan for 10 minutes.\n5. Add the onion to the beans and simmer for 60 minutes.\n6. Blend.',
      ),
    ).toEqual(['1<', '2<1', '3<2', '4<', '5<3,4', '6<5']);
  });

  test('for nothing, where a topping is fried in its own pan', () => {
    expect(
      waits(
        '2 leeks\n30 g butter\n1 l stock\n80 g bread, cubed\n20 ml oil',
        '1. Sweat the leeks in the butter for 10 minutes.\n2. Add the stock and simmer for 20 minutes.\n3. Blend.\n4. Fry the bread in the oil in a small pan for 6 minutes until crisp.\n5. Ladle into bowls and top with the bread.',
      ),
    ).toEqual(['1<', '2<1', '3<2', '4<', '5<3,4']);
  });

  test('for the soup, where it is blended with something fresh', () => {
    expect(waits('300 g peas\n1 l stock\n10 g mint', '1. Simmer the peas in the stock for 5 minutes.\n2. Blend with the mint until smooth.')).toEqual(
      ['1<', '2<1'],
    );
  });

  test('for nothing, where a cream of nuts is blended by itself', () => {
    expect(
      waits(
        '600 g carrots\n1 l stock\n80 g cashews\n150 ml water',
        '1. Simmer the carrots in the stock for 20 minutes.\n2. Blend the cashews with the water until smooth.\n3. Blend the soup.\n4. Stir in the cashew cream.',
      ).slice(0, 2),
    ).toEqual(['1<', '2<']);
  });

  test('for the pot, where shells are roasted in it', () => {
    expect(
      waits(
        '2 shallots\n30 g butter\n500 g prawn shells\n1 l fish stock',
        '1. Sweat the shallots in the butter.\n2. Add the shells and roast until red.\n3. Add the stock and simmer for 30 minutes.',
      ),
    ).toEqual(['1<', '2<1', '3<2']);
  });
});

test('half-and-half is a cream, and no half of one', () => {
  const { recipe } = readRecipe(
    'Bisque\nServes 4\n\nIngredients\n500 g tomatoes\n120 ml half-and-half\n\nMethod\n1. Simmer the tomatoes for 15 minutes.\n2. Blend, then stir in the half-and-half.',
    { measures: 'metric' },
    SHELF,
  );
  const steps = withMentions(recipe.steps, recipe.lines, SHELF);
  expect(steps.flatMap(({ mentions = [] }) => mentions.map(({ share }) => share))).not.toContain(0.5);
});
