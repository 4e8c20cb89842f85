/** What is blended with a spoon, what is lifted out, and what a cream is: common practice, no source. */
import { describe, expect, test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import { isSmooth } from '../swap/smooth.ts';
import { methodOf } from './clauses.ts';
import { readRecipe } from './read.ts';

describe('purees nothing', () => {
  test.each([
    'stir well to blend',
    'whisk until well blended',
    'stirring until blended and smooth',
    'Blend in the flour',
    'Blend the cornflour with a little cold milk',
    'Blend in the cream',
    'let stand to blend the flavors',
    'Nice blended too',
    'it can also be pureed',
    'Blend the soup if you like',
  ])('%s', (clause) => {
    expect(methodOf(clause, true)).not.toBe('blend');
  });
});

describe('purees', () => {
  test.each([
    'Blend until smooth',
    'Blend in the pan with a stick blender',
    'Blend in a food processor until well blended',
    'blend in batches',
    'Use an immersion blender to blend it',
    'puree and strain if desired',
  ])('%s', (clause) => {
    expect(methodOf(clause, true)).toBe('blend');
  });
});

const read = (ingredients: string, steps: string) => readRecipe(`Soup\nServes 4\n\n${ingredients}\n\n${steps}`, { measures: 'us' }, SHELF).recipe;

test('a mushroom soup whose flour and milk are blended in is in pieces, and never called smooth', () => {
  const recipe = read(
    '1 lb mushrooms, sliced\n2 cups chicken broth\n1 cup milk\n3 tbsp flour',
    'Simmer the mushrooms in the broth for 15 minutes. Whisk the milk and flour together. Pour this into the soup and stir well to blend. Simmer 15 minutes.',
  );
  expect(isSmooth(recipe, SHELF)).toBe(false);
});

test('what is added after a simmer until very soft stands in the pot', () => {
  const { lines } = read(
    '3 cups water\n1 cup rice\n10 oz cooked chicken\n1 cup light cream\n2 egg yolks',
    'Cook the rice in the water for 40 minutes, until very soft. Add the chicken.\nBeat the yolks with the cream, then stir into the pot off the heat.',
  );
  expect(lines.filter(({ stage }) => stage === 'bowl')).toEqual([]);
});

test("'transfer two cups to a blender and puree' blends part of the pot", () => {
  const { steps } = read(
    '1 lb potatoes\n4 cups broth\n1 cup half-and-half',
    'Simmer the potatoes in the broth for 20 minutes.\nTransfer 2 cups of the soup to a blender and puree; return to the pot. Stir in the half-and-half and cook 5 minutes.',
  );
  expect(steps.map(({ method }) => method)).toContain('blend');
});

test("'milk or stock' are the liquid of the steps, whichever is taken", () => {
  const { lines, steps } = read(
    '5 cups milk or chicken stock\n2 tbsp butter\n1/2 cup oatmeal\n4 leeks',
    'Bring the liquid to the boil with the butter. Sprinkle in the oatmeal and boil for 3 minutes.\nAdd the leeks and simmer for 45 minutes. Nice blended too.',
  );
  const taken = lines.find(({ choiceOf, chosen }) => choiceOf !== undefined && chosen)?.id as string;
  expect(steps[0]?.uses).toContain(taken);
  expect(steps.map(({ method }) => method)).not.toContain('blend');
});

test("cheddar 'plus more for serving' goes in once and on top once", () => {
  const { lines, steps } = read(
    '1 lb potatoes\n4 cups broth\n1 cup cheddar, plus more for serving',
    'Simmer the potatoes in the broth for 20 minutes. Blend. Stir in the cheddar.\nServe with more cheese.',
  );
  const [inPot, onTop] = lines.filter(({ foodId }) => foodId === 'cheddar').map(({ id }) => id) as [string, string];
  const usedBy = (id: string) => steps.flatMap(({ uses }, at) => (uses?.includes(id) ? [at] : []));
  expect([usedBy(inPot).length, usedBy(onTop)]).toEqual([1, [steps.length - 1]]);
});

test("'boneless, skinless chicken thighs' are the chicken of the steps", () => {
  const { lines, steps } = read(
    '4 cups chicken broth\n1 1/2 lbs boneless, skinless chicken thighs\n1 onion',
    'Simmer the onion, broth and chicken for 25 minutes. Remove the chicken and shred it.',
  );
  const chicken = lines.find(({ foodId }) => foodId === 'chicken-thigh-raw')?.id as string;
  expect(steps.some(({ uses }) => uses?.includes(chicken))).toBe(true);
});

test("'fish out the bay' speaks of no fish", () => {
  const { lines, steps } = read(
    '250 g smoked haddock\n500 ml milk\n1 bay leaf',
    'Simmer the haddock in the milk with the bay.\nFish out the bay and season.',
  );
  const haddock = lines.find(({ foodId }) => foodId === 'smoked-haddock')?.id as string;
  expect(steps.at(-1)?.uses ?? []).not.toContain(haddock);
});

test('a puree that is called a cream, and a stock made of shells, put no cream and no stock in', () => {
  const { lines } = read(
    '2 cans chickpeas\n12 raw prawns, shells on\n1 tbsp olive oil',
    'Fry the shells in the oil, add 300 ml water, cook 15 minutes and strain.\nBlend the chickpeas with the prawn stock to make a cream.\nServe the cream in warm bowls with the prawns on top.',
  );
  expect(lines.map(({ foodId }) => foodId).filter((id) => /cream|broth|stock/.test(id ?? ''))).toEqual([]);
});

test('cream that a step puts in and no line lists is still found', () => {
  const { lines } = read('1 lb carrots\n4 cups water', 'Simmer the carrots in the water for 20 minutes. Blend. Stir in 1/2 cup cream and serve.');
  expect(lines.some(({ foodId }) => /cream/.test(foodId ?? ''))).toBe(true);
});
