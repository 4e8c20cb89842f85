/** Cards and messages of other hands, written after the reader: what each once lost or misread. */
import { describe, expect, test } from '@jest/globals';
import { SHELF, shelfWith } from '../food/shelf.ts';
import { minutesIn } from './clauses.ts';
import { readRecipe } from './read.ts';

const read = (text: string) => readRecipe(text, { measures: 'auto' }, SHELF).recipe;
const card = (list: string, method = '1. Simmer for 20 minutes and blend.') => read(`Soup\nServes 4\n\nIngredients\n${list}\n\nMethod\n${method}`);
const foods = ({ lines }: ReturnType<typeof read>) => lines.map(({ foodId }) => foodId);
const grams = (recipe: ReturnType<typeof read>, foodId: string) => recipe.lines.find((line) => line.foodId === foodId)?.grams?.best ?? Number.NaN;

describe('a card without headings', () => {
  test("keeps 'S&P' as salt and pepper, and takes it for no heading of what follows", () => {
    const recipe = read(
      'Kohlrabi cream\nServes 4\n\n1 kg kohlrabi\nNutmeg, few gratings\nS&P\n1/4 cup minced chives for garnish\n\n1) Simmer the kohlrabi 20 minutes.\n2) Blend. Season.',
    );
    expect(foods(recipe)).toEqual(['kohlrabi', 'nutmeg', 'salt', 'black-pepper', 'chives']);
  });
  test('with what it yields on the line of its name is called by its name', () => {
    expect(read('KOHLRABI CREAM (Grandma Ilse)   Yield: approx. 2 qts / 8 portions\n\n1 kg kohlrabi\n\nSimmer and blend.')).toMatchObject({
      title: 'KOHLRABI CREAM (Grandma Ilse)',
      servings: 8,
    });
  });
});

test('a list on one line, between upright strokes, is a list', () => {
  const recipe = card(
    '25 g butter | 1 head celery (about 450 g), chopped | 1 onion | 1 potato (200 g) | 750 ml vegetable stock | 100 g Stilton, crumbled',
  );
  expect(foods(recipe)).toEqual(['butter-salted', 'celery', 'onion', 'potato', 'vegetable-broth', 'blue-cheese']);
});

test.each([
  ['3 lb kohlrabi, trimmed & peeled (2 lb EP)', 'kohlrabi', 907],
  ['1 kg carrots (800 g edible portion)', 'carrot', 800],
])('%s: the weight in brackets is of what is eaten', (line, food, weight) => {
  expect(grams(card(line), food)).toBeCloseTo(weight, 0);
});

describe('half and half', () => {
  test.each(['half & half', 'half and half', 'half-and-half'])("goes in where the step says '%s'", (said) => {
    const recipe = card(
      '1 kg kohlrabi\n480 ml half & half',
      `1. Simmer the kohlrabi for 20 minutes.\n2. Blend.\n3. Stir in the ${said}; do not boil.`,
    );
    const cream = recipe.lines.find(({ foodId }) => foodId === 'half-and-half');
    expect(cream?.stage).toBe('finish');
    expect(recipe.steps.at(-1)?.uses).toContain(cream?.id);
  });
});

test("'1/2 the butter' is half of it, as 'half the butter' is", () => {
  const recipe = card(
    '40 g butter\n1 onion\n1 kg kohlrabi',
    '1. Melt 1/2 the butter and sweat the onion.\n2. Add the kohlrabi and simmer for 20 minutes.\n3. Blend.\n4. Stir in the remaining butter.',
  );
  expect(recipe.lines.filter(({ partOf }) => partOf).map(({ grams: own, stage }) => [Math.round(own?.best ?? 0), stage])).toEqual([
    [20, 'base'],
    [20, 'finish'],
  ]);
});

test('Greek yogurt is whole where it is sold so, and without fat in America', () => {
  const line = 'Soup\nServes 4\n\nIngredients\n1 kg carrots\n100 g Greek yogurt\n\nMethod\n1. Simmer and blend.';
  const bought = (market: 'uk' | 'us') =>
    readRecipe(line, { measures: 'metric' }, shelfWith(SHELF, { own: [], pins: [], day: '2027-01-01', market })).recipe.lines[1]?.foodId;
  expect([bought('uk'), bought('us')]).toEqual(['yogurt-greek-whole', 'yogurt-greek-nonfat']);
});

describe('a production sheet', () => {
  const recipe = read(
    "CREAM OF BROCCOLI\nBatch: 10 L / 40 pax     Prep 25'  Cook 40'\nITEM            QTY     UNIT   NOTES\nBroccoli crowns 4       kg     chopped\nOnions          600     g      diced, EP\nButter          250     g\nVeg stock       6       L\nWhite pepper    5       g\n\nMETHOD\nSweat onion in butter, no colour (8'). Add stock, then broccoli; simmer 15'. Blend. Adjust seasoning.",
  );
  test('has a head that is no food and leaves nothing unread', () => {
    expect(recipe.unread ?? []).toEqual([]);
    expect(recipe.servings).toBe(40);
    expect(foods(recipe)).toEqual(['broccoli', 'onion', 'butter-salted', 'vegetable-broth', 'white-pepper']);
  });
  test("says its minutes with a stroke: (8'), 15'", () => {
    expect(recipe.steps.flatMap(({ method, minutes }) => (minutes ? [[method, minutes.max]] : []))).toEqual([
      ['sweat', 8],
      ['simmer', 15],
    ]);
  });
  test("puts in its pepper where it says 'adjust seasoning'", () => {
    const pepper = recipe.lines.find(({ foodId }) => foodId === 'white-pepper');
    expect(recipe.steps.some(({ uses }) => uses?.includes(pepper?.id ?? ''))).toBe(true);
  });
});

test("'the tomato one you asked for' is a soup, and no tomato", () => {
  const recipe = read(
    "hi love, here's the tomato one you asked for: fry 1 onion in a slug of olive oil, add 2 tins plum toms and 500ml veg stock. 20 mins. stick blend. feeds us 4",
  );
  expect(foods(recipe)).not.toContain('tomato');
  expect(foods(recipe)).toContain('tomatoes-canned');
});

test('an Italian head and yield, concentrate, and an hour and a half as it is written there', () => {
  const recipe = read(
    'Zuppa di ceci\nDosi per 4\nIngredienti\n300 g dried chickpeas, soaked overnight\n1 tbsp tomato concentrate\n1.5 l water\n\nMethod\nSimmer the chickpeas in the water for 1 h 30. Add the concentrate. Blend.',
  );
  expect(recipe.servings).toBe(4);
  expect(foods(recipe)).toEqual(['chickpeas-dry', 'tomato-paste', 'water']);
  expect(recipe.steps[0]?.minutes).toEqual({ min: 90, max: 90 });
});

// Common practice, no source: what goes in for the last minutes goes in while the others run.
test.each([
  ['Simmer the potatoes in the stock for 15 minutes, the peas for the last 5 minutes', 15],
  ['Cook 20 minutes, adding the kale 5 minutes before the end', 20],
  ['Cook 40 minutes, stirring every 10 minutes', 40],
  ['Boil for 5 minutes, then simmer for 20 minutes', 25],
  ['Add the cod for the last 5 minutes', 5],
])('%s: %i minutes in all', (text, most) => {
  expect(minutesIn(text)?.max).toBe(most);
});
