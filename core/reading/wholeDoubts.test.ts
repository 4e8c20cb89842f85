/** Doubts that need the whole recipe: each has a text that raises it and a near miss that does not. */
import { describe, expect, test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import { readRecipe } from './read.ts';

const read = (text: string) => readRecipe(text, { measures: 'metric' }, SHELF);
const codes = (text: string) => read(text).doubts.map(({ code }) => code);
const soup = (lines: string[], steps: string[], head = 'Serves 4') =>
  `A soup\n${head}\n\nIngredients\n${lines.join('\n')}\n\nMethod\n${steps.map((step, i) => `${i + 1}. ${step}`).join('\n')}`;
const LINES = ['2 tbsp olive oil', '1 onion, chopped', '600 g sliced carrots', '900 ml water'];
const STEPS = ['Sweat the onion in the oil for 8 minutes.', 'Add the carrots and water and simmer for 20 minutes.', 'Blend.'];

test('a clean recipe raises none', () => {
  expect(codes(soup(LINES, STEPS))).toEqual([]);
});

const CASES: Record<string, [raises: string, nearMiss: string]> = {
  'line.unused': [
    soup([...LINES, '100 g red lentils'], STEPS),
    soup([...LINES, '100 g red lentils'], [...STEPS.slice(0, 1), 'Add the carrots, lentils and water and simmer for 20 minutes.', 'Blend.']),
  ],
  'step.unlisted': [
    soup(LINES, [...STEPS, 'Stir in the coconut milk.']),
    soup([...LINES, '200 ml coconut milk'], [...STEPS, 'Stir in the coconut milk.']),
  ],
  'time.short': [soup(LINES, STEPS, 'Serves 4\nReady in 15 minutes'), soup(LINES, STEPS, 'Serves 4\nReady in 40 minutes')],
  'liquid.ratio': [soup(['300 g sliced carrots', '2 l vegetable stock'], STEPS), soup(['1 kg sliced carrots', '1.5 l vegetable stock'], STEPS)],
  'list.step': [
    soup(
      ['1 l vegetable stock', '700 g sliced carrots'],
      ['Simmer the carrots in 1 litre of the stock for 20 minutes.', 'Blend, and thin with 300 ml of the stock.'],
    ),
    soup(
      ['1.3 l vegetable stock', '700 g sliced carrots'],
      ['Simmer the carrots in 1 litre of the stock for 20 minutes.', 'Blend, and thin with 300 ml of the stock.'],
    ),
  ],
  'bowls.implausible': [soup(LINES, STEPS, 'Serves 40'), soup(LINES, STEPS, 'Serves 6')],
  'temperature.scale': [
    soup(LINES, ['Roast the carrots at 400 for 30 minutes.', ...STEPS]),
    soup(LINES, ['Roast the carrots at 200 C for 30 minutes.', ...STEPS]),
  ],
  'amount.cover': [soup([...LINES.slice(0, 3), 'enough water to cover'], STEPS), soup([...LINES.slice(0, 3), '900 ml water'], STEPS)],
  'amount.vague': [
    soup([...LINES, 'a splash of cream'], [...STEPS, 'Stir in the cream.']),
    soup([...LINES, '2 tbsp double cream'], [...STEPS, 'Stir in the cream.']),
  ],
  'claim.keptOut': [`${soup(LINES, STEPS)}\n4. Serve: an anti-inflammatory bowl, great for detox.`, `${soup(LINES, STEPS)}\n4. Serve hot.`],
  'level.keptOut': [`${soup(LINES, STEPS)}\n4. Suits a pureed diet, level 4.`, `${soup(LINES, STEPS)}\n4. Serve pureed.`],
  'label.checked': [`${soup(LINES, STEPS)}\n4. Gluten-free and vegan.`, `${soup(LINES, STEPS)}\n4. For everyone.`],
};

describe('doubts over the whole', () => {
  test.each(Object.entries(CASES))('%s', (code, [raises, nearMiss]) => {
    expect(codes(raises)).toContain(code);
    expect(codes(nearMiss)).not.toContain(code);
  });
  test('an idle line and a food that is not listed are named', () => {
    expect(read(CASES['line.unused']?.[0] as string).doubts[0]).toMatchObject({
      code: 'line.unused',
      lineId: 'l5',
      message: expect.stringContaining('100 g red lentils'),
    });
    expect(read(CASES['step.unlisted']?.[0] as string).doubts[0]?.message).toContain('coconut milk');
  });
  test('what covers the pieces is two thirds of them, as an estimate with its range', () => {
    const { recipe } = read(soup(['900 g sliced carrots', 'water to cover'], ['Simmer the carrots in the water for 20 minutes.', 'Blend.']));
    const water = recipe.lines[1]?.grams;
    expect(water?.best).toBeCloseTo(600, 0);
    expect([water && water.low < 450, water && water.high >= 900]).toEqual([true, true]);
  });
  test('steps that disagree with the list are read as the list, with both shown per bowl', () => {
    const doubt = read(CASES['list.step']?.[0] as string).doubts.find(({ code }) => code === 'list.step');
    expect(doubt?.readings?.map(({ label, perServing }) => [label, (perServing.sodiumMg ?? 0) > 0])).toEqual([
      ['as listed', true],
      ['as the steps say', true],
    ]);
  });
  test('a claim stays out of title and steps only as a note: the recipe keeps the cook’s words and no figure', () => {
    const { recipe } = read(CASES['claim.keptOut']?.[0] as string);
    expect(recipe.title).toBe('A soup');
  });
});

describe('fat that comes out of the bacon', () => {
  const fried = (step: string) => codes(soup(['100 g bacon', ...LINES.slice(1)], [step, ...STEPS.slice(1)]));
  test('is no line of its own where a spoon of it stays in the pan', () => {
    expect(fried('Fry the bacon and pour off all but 2 tablespoons of fat. Sweat the onion in it.')).not.toContain('step.unlisted');
    expect(fried('Fry the bacon, leaving about 1 tablespoon of fat in the pan. Sweat the onion in it.')).not.toContain('step.unlisted');
  });
  test('and fat that no line lists is told', () => {
    expect(fried('Fry the bacon. Sweat the onion in 2 tablespoons of goose fat.')).toContain('step.unlisted');
  });
});

describe('divided lines', () => {
  test('parts stand at their stages and add up to their line', () => {
    const { recipe } = read(
      soup(
        ['60 ml olive oil, divided', '1 kg sliced carrots', '1 onion, chopped', '1 l vegetable stock'],
        ['Simmer the onion, carrots and stock with 2 tbsp of the oil for 20 minutes.', 'Blend.', 'Serve, drizzled with the rest of the oil.'],
      ),
    );
    const [whole, ...parts] = recipe.lines.filter(({ id, partOf }) => id === 'l1' || partOf === 'l1');
    expect(parts.map(({ stage }) => stage)).toEqual(['simmer', 'bowl']);
    expect(parts.reduce((sum, { grams }) => sum + (grams?.best ?? 0), 0)).toBeCloseTo(whole?.grams?.best ?? 0, 1);
  });
});

describe('what goes out of the pot', () => {
  const eaten = (line: string, steps: string[]) => read(soup([line, '700 g sliced carrots', '1 l water'], steps)).recipe.lines[0]?.eaten;
  test.each([
    ['2 bay leaves', ['Simmer the bay leaves and carrots in the water.', 'Take out the bay leaves.', 'Blend.'], 'removed'],
    ['6 rashers bacon', ['Fry the bacon. Pour off the fat.', 'Add carrots and water, simmer.', 'Blend.'], 'rendered'],
    [
      '6 rashers bacon',
      ['Fry the bacon. Remove the bacon with a slotted spoon and set aside.', 'Add carrots and water, simmer.', 'Blend and return the bacon.'],
      undefined,
    ],
    ['1 ham hock', ['Simmer the ham hock, carrots and water.', 'Remove the ham hock. Shred the meat and stir it back in.'], undefined],
    ['500 g potatoes', ['Boil the potatoes in salted water for 15 minutes and drain.', 'Add the carrots and water and simmer.', 'Blend.'], 'drained'],
  ])('%s: %j', (line, steps, how) => {
    expect(eaten(line, steps)).toBe(how);
  });
});

test('half of the above is the line before once more, and asked', () => {
  const { recipe, doubts } = read(soup(['40 g butter', 'half of the above', '700 g sliced carrots', '1 l vegetable stock'], STEPS));
  expect(recipe.lines[1]).toMatchObject({ foodId: 'butter-salted', grams: { best: 20, low: 0 } });
  expect(doubts.find(({ code }) => code === 'above')?.readings?.map(({ grams }) => grams)).toEqual([20, 0]);
});

describe('slips of dictation and of fingers', () => {
  test.each([
    ['2 leaks, sliced', 'leek'],
    ['2 tablespoons flower', 'flour-wheat'],
    ['1 tsp tumeric', 'turmeric'],
    ['1 litre chicken stalk', 'chicken-broth'],
    ['200 ml cream fresh', 'creme-fraiche'],
    ['1 head brocolli', 'broccoli'],
  ])('%s is read as meant, and asked', (text, foodId) => {
    const { recipe, doubts } = read(soup([text], ['Simmer.']));
    expect([recipe.lines[0]?.foodId, doubts[0]?.code]).toEqual([foodId, 'food.slip']);
  });
  test('no slip is looked for in words that are right', () => {
    expect(codes(soup(['2 beets', '1 tsp dried thyme'], ['Simmer.'])).filter((code) => code === 'food.slip')).toEqual([]);
  });
});

describe('foods without an amount', () => {
  const foodsOf = (text: string) => read(text).recipe.lines.map(({ foodId }) => foodId);
  test('at the head of a list without headings are lines like others', () => {
    expect(foodsOf('Leek soup\nbutter\nsalt and pepper\n2 leeks\n1 l water\nSimmer for 20 minutes.')).toEqual([
      'butter-salted',
      'salt',
      'black-pepper',
      'leek',
      'water',
    ]);
  });
  test('at the head of a list of which only the method has a heading', () => {
    expect(foodsOf('Leek soup\nbutter\n2 leeks\n1 l water\n\nMethod\nSimmer for 20 minutes.')).toEqual(['butter-salted', 'leek', 'water']);
  });
  test('under a heading behind the steps are lines too', () => {
    const { recipe } = read('Leek soup\n2 leeks\n1 l water\nSimmer the leeks in the water for 20 minutes.\nTo serve:\nchives\nsour cream');
    expect(recipe.lines.map(({ foodId, stage }) => [foodId, stage])).toEqual([
      ['leek', 'simmer'],
      ['water', 'simmer'],
      ['chives', 'bowl'],
      ['sour-cream', 'bowl'],
    ]);
  });
  test('fish stock in a step does not put the fish in', () => {
    const { recipe } = read(
      soup(
        ['600 g sliced potatoes', '800 ml fish stock', '200 g smoked haddock'],
        ['Simmer the potatoes in the fish stock for 15 minutes.', 'Blend.', 'Warm the haddock in the soup.'],
      ),
    );
    expect(recipe.steps[0]?.uses).toEqual(['l1', 'l2']);
  });
});
