/** Minutes by cut and acid, held against what cooks say; the piece that holds the pot up. */
import { describe, expect, test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import { readRecipe } from '../reading/read.ts';
import { planOf } from './plan.ts';
import { cutCm, minutesToSoften, slowestWords, slowPotOf } from './softening.ts';

const lineOf = (text: string) => {
  const [line] = readRecipe(`Soup\nServes 4\n\nIngredients\n${text}\n\nMethod\n1. Simmer and blend.`, { measures: 'metric' }, SHELF).recipe.lines;
  if (!line) throw new Error(text);
  return line;
};
const minutes = (text: string, acid = false) => minutesToSoften(lineOf(text), SHELF, acid)?.minutes ?? Number.NaN;

describe('minutes until a knife slides in', () => {
  // Common practice, no source: the check values of the trade.
  test.each([
    ['1 kg butternut squash, in 1 cm dice', false, 10, 12],
    ['1 kg butternut squash, in 2.5 cm chunks', false, 18, 22],
    ['1 kg butternut squash, in 2.5 cm chunks', true, 40, 50],
    ['500 g carrots, diced', false, 15, 20],
    ['500 g potatoes, sliced', false, 13, 20],
    ['500 g broccoli, cut into florets', false, 10, 15],
    ['300 g split peas', false, 38, 42],
  ])('%s, acid %s: %d to %d', (text, acid, least, most) => {
    expect(minutes(text, acid)).toBeGreaterThanOrEqual(least);
    expect(minutes(text, acid)).toBeLessThanOrEqual(most);
  });
  test('are more for larger pieces of the same', () => {
    expect(minutes('500 g carrots, in 3 cm pieces')).toBeGreaterThan(minutes('500 g carrots, in 1 cm pieces') * 1.5);
  });
  test('are of nothing that is soft already', () => {
    for (const text of ['400 g canned white beans, drained', '500 g frozen peas', '1 litre vegetable stock'])
      expect(minutesToSoften(lineOf(text), SHELF, false)).toBeNull();
  });
});

test.each([
  ['carrots, in 2 cm dice', 2],
  ['carrots, in 1 inch chunks', 2.54],
  ['carrots, diced', 1],
  ['carrots, finely diced', 0.6],
  ['carrots', null],
])('%s: %s cm', (text, cm) => {
  const { cut, prep } = lineOf(`500 g ${text}`);
  expect(cutCm({ cut, prep, text })).toEqual(cm === null ? null : expect.closeTo(cm, 1));
});

describe('a pot of carrots in large pieces and courgettes', () => {
  const { recipe } = readRecipe(
    'Carrot and courgette\nServes 4\n\nIngredients\n500 g carrots, in 3 cm pieces\n300 g courgettes, sliced\n900 ml water\n\nMethod\n1. Add the carrots, the courgettes and the water and simmer for 12 minutes.\n2. Blend.',
    { measures: 'metric' },
    SHELF,
  );
  test('is held up by the carrot, and told how small it would have to be', () => {
    const slow = slowPotOf(recipe, SHELF);
    expect(slow?.pieces.map(({ name }) => name)).toEqual(['carrot', 'courgette']);
    const words = slow && slowestWords(slow);
    expect(words).toMatch(
      /^The carrot in pieces of 3 cm holds the pot up: some \d+ min until soft, the rest some \d+\. Cut at 1 cm it takes some 16\./,
    );
    expect(words).toMatch(/The step says 12: the largest piece decides, not the clock\.$/);
  });
  test('has it among what to mind in its plan', () => {
    const plan = planOf(
      {
        soups: [{ recipe, servings: 4 }],
        kitchen: { cooks: 1, rings: 4, ovens: 1, blenderJarMl: 0, potDiameterCm: 24 },
        serveAt: '2027-03-08T12:00:00Z',
      },
      SHELF,
    );
    expect('notes' in plan && plan.notes.some(({ code, message }) => code === 'plan.slowest' && /carrot/.test(message))).toBe(true);
  });
  test('says nothing where all are soft together and in time', () => {
    const even = readRecipe(
      'Carrot\nServes 4\n\nIngredients\n500 g carrots, diced\n300 g celeriac, diced\n900 ml water\n\nMethod\n1. Add the carrots, the celeriac and the water and simmer for 20 minutes.\n2. Blend.',
      { measures: 'metric' },
      SHELF,
    ).recipe;
    const slow = slowPotOf(even, SHELF);
    expect(slow && slowestWords(slow)).toBeNull();
  });
});
