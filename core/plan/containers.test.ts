/** What is weighed out: each thing once, from the container it goes in from, at the moment the method puts it in. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { SHELF } from '../food/shelf.ts';
import { readRecipe } from '../reading/read.ts';
import { CORPUS_RECIPES } from '../test/reading/recipes.ts';
import { countedLines } from '../vocabulary/recipe.ts';
import { containersOf } from './containers.ts';

const { recipe: HADDOCK } = readRecipe(
  'Leek and haddock\nServes 4\n\nIngredients\n40 g butter\n300 g leeks, sliced\n2 teaspoons curry powder\n400 g potatoes, diced\n1 litre vegetable stock\n200 g haddock\n100 ml double cream\n2 g salt\n\nMethod\n1. Sweat the leeks in the butter for 10 minutes, the curry powder for the last minute.\n2. Add the potatoes and half the stock and simmer for 20 minutes.\n3. Add the haddock and the rest of the stock and poach for 8 minutes.\n4. Blend.\n5. Stir in the cream and the salt.',
  { measures: 'metric' },
  SHELF,
);

describe('a soup weighed out', () => {
  const containers = containersOf(HADDOCK, SHELF);
  const told = containers.map(({ kind, stepId, items }) => [
    kind,
    HADDOCK.steps.findIndex(({ id }) => id === stepId) + 1,
    items.map(({ name }) => name.split(',')[0]).join('+'),
  ]);
  test('has what goes in together in one bowl, what is poured in a jug, spice in a dish, raw fish apart', () => {
    expect(told).toEqual([
      ['bowl', 1, expect.stringMatching(/^Leek\+Butter/)],
      ['dish', 1, 'Curry powder'],
      ['bowl', 2, 'Potato'],
      ['jug', 2, 'Vegetable broth'],
      ['apart', 3, 'Haddock'],
      ['jug', 3, 'Vegetable broth'],
      ['jug', 5, expect.stringMatching(/cream/i)],
      ['dish', 5, 'Salt'],
    ]);
    expect(containers.map(({ number }) => number)).toEqual([1, 2, 3, 4, 5, 6, 7, 8]);
  });
  test('divides a line that goes in at two moments', () => {
    const halves = containers.flatMap(({ items }) => items).filter(({ name }) => /broth/.test(name));
    expect(halves.map(({ share }) => share)).toEqual([0.5, 0.5]);
    expect(halves.reduce((sum, { grams }) => sum + (grams ?? 0), 0)).toBeCloseTo(
      HADDOCK.lines.find(({ foodId }) => foodId === 'vegetable-broth')?.grams?.best ?? 0,
      0,
    );
  });
});

test('of recipes of other hands nothing is left out and nothing is weighed twice', () => {
  fc.assert(
    fc.property(fc.constantFrom(...CORPUS_RECIPES), ({ text, measures }) => {
      const { recipe } = readRecipe(text, { measures }, SHELF);
      const weighed = new Map<string, number>();
      for (const { lineId, grams } of containersOf(recipe, SHELF).flatMap(({ items }) => items))
        weighed.set(lineId, (weighed.get(lineId) ?? 0) + (grams ?? 0));
      for (const line of countedLines(recipe)) {
        const grams = line.grams ? line.grams.best * (line.perBowl ? (recipe.servings ?? 1) : 1) : 0;
        expect([line.text, weighed.get(line.id)]).toEqual([line.text, expect.closeTo(grams, 0)]);
      }
    }),
    { numRuns: 120 },
  );
});
