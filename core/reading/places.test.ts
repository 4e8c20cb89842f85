/** Where each line enters the soup, by the words of the steps. Every row is a way cooks write. Common practice, no source. */
import { describe, expect, test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import { readRecipe } from './read.ts';

const stagesOf = (lines: readonly string[], steps: string): Record<string, string> =>
  Object.fromEntries(
    readRecipe(`A soup\nServes 4\n\n${lines.join('\n')}\n\nMethod\n${steps}`, { measures: 'auto' }, SHELF).recipe.lines.map((line) => [
      line.foodId ?? line.text,
      line.stage,
    ]),
  );

const POT = ['2 tbsp olive oil', '1 onion', '500 g carrots', '1 litre vegetable stock'];

describe('a line stands where the steps put it', () => {
  test.each<[why: string, lines: string[], steps: string, foodId: string, stage: string]>([
    [
      'a foreign word of the list is a word of the steps',
      ['1 tsp jeera', '400 g pumpkin', '500 ml water', '2 tbsp curd'],
      'Warm a spoon of oil, crackle the jeera, add pumpkin and water and simmer 20 minutes. Blend. Off the heat whisk in the curd.',
      'cumin',
      'base',
    ],
    [
      'curd goes in where the curd is named',
      ['1 tsp jeera', '400 g pumpkin', '500 ml water', '2 tbsp curd'],
      'Crackle the jeera, add pumpkin and water and simmer 20 minutes. Blend. Off the heat whisk in the curd.',
      'yogurt-whole',
      'finish',
    ],
    [
      'until everything is soft puts nothing in',
      [...POT, '150 ml milk'],
      'Fry the onion in the oil. Add carrots and stock, boil until everything is soft. Liquidise with the milk.',
      'milk-whole',
      'blend',
    ],
    [
      'what is peeled first is fried where both are',
      ['1 apple', ...POT],
      'Peel the apple, chop the onion. Steam both in the oil until glassy. Add carrots and stock and simmer 20 minutes. Blend.',
      'apple',
      'base',
    ],
    [
      'a list with no verb that ends in the pot',
      [...POT, '400 g sweet potatoes'],
      'Fry the onion in the oil. Sweet potatoes, carrots and stock in, simmer 20 minutes. Blend.',
      'sweet-potato',
      'simmer',
    ],
    [
      'oil that runs in while the blender turns',
      ['1 kg tomatoes', '1 clove garlic', '100 ml olive oil'],
      'Blend the tomatoes and garlic at full speed for 3 minutes; pour the oil little by little until the soup shines. Chill 2 hours.',
      'olive-oil',
      'blend',
    ],
    [
      'an aside about the bowls moves no pot',
      ['400 g pumpkin', '500 ml water', '200 ml thick coconut milk', '1 tbsp lime juice'],
      'Simmer the pumpkin in the water 20 minutes. Blend. Pour in the coconut milk (keep back a spoon to draw a ring on each bowl). Add lime juice. Serve.',
      'lime-juice',
      'finish',
    ],
    [
      'the apples are not the apple juice',
      ['2 apples', '200 ml apple juice', ...POT],
      'Roast the apples and onion with the oil 40 minutes. Add carrots, stock and the juice, simmer 20 minutes. Blend.',
      'apple-juice',
      'simmer',
    ],
    [
      'blended before the fish goes in',
      [...POT, '300 g cod fillet'],
      'Fry the onion in the oil, add carrots and stock and simmer 20 minutes. Blend this before the cod goes in. Back on the heat, add the cod, 4 minutes.',
      'cod-raw',
      'finish',
    ],
    [
      'seeds that are scooped out are not the seeds on top',
      ['1 kg squash', '30 g pumpkin seeds', '1 litre stock'],
      'Halve the squash, scoop out the seeds and roast it 40 minutes. Simmer the flesh in the stock 10 minutes and blend. Scatter over the pumpkin seeds.',
      'pumpkin-seeds',
      'bowl',
    ],
    [
      'half of them, and the others, are one food and not all the rest',
      ['500 g beetroot', '400 ml water', '500 g kefir', '1 bunch dill'],
      'Cook the beetroot in the water 30 minutes. Blend half of the beetroot and put it together with the others. Mix in the kefir, then the dill.',
      'dill',
      'finish',
    ],
    [
      'what is thinned with it goes where its cream goes',
      [...POT, '60 ml sour cream, thinned with 1 tbsp milk'],
      'Fry the onion in the oil. Add carrots and stock, simmer 20 minutes. Blend. Swirl the sour cream over each bowl.',
      'milk-whole',
      'bowl',
    ],
    [
      'for drizzling is on the bowl though oil is fried in',
      [...POT, 'olive oil for drizzling'],
      'Fry the onion in the oil. Add carrots and stock, simmer 20 minutes. Blend. Drizzle with oil.',
      'olive-oil',
      'bowl',
    ],
    [
      'dried mushrooms under boiling water are soaked, not simmered',
      ['20 g dried porcini', '400 ml boiling water', '500 g mushrooms', '1 onion', '2 tbsp oil', '500 ml stock'],
      'Pour the boiling water over the porcini and leave 30 minutes. Fry the mushrooms and onion in the oil. Add the stock, simmer 20 minutes. Blend.',
      'porcini-dried',
      'base',
    ],
    [
      'butter weighed in hundreds of grams pours no more than a knob does',
      ['200 g butter', '600 g onions', '6 l stock', '1 kg potatoes'],
      'Melt the butter, sweat the onions 10 minutes. Add potatoes and stock, simmer 30 minutes. Blend.',
      'butter-salted',
      'base',
    ],
    [
      'onion is the onion and not the spring onion on top',
      ['1 onion', '4 spring onions, sliced, for top', '500 g potatoes', '1 litre water', '30 g butter'],
      'Cook onion in butter. Add potatoes and water, simmer 20 minutes. Blend. Top each cup with spring onions.',
      'spring-onion',
      'bowl',
    ],
    [
      'cream to finish is no cream to simmer',
      [...POT, '100 ml double cream'],
      'Blend nothing yet. Fry the onion in the oil. Add the carrots and the stock. Twenty minutes is enough. A decilitre of double cream to finish.',
      'cream-double',
      'finish',
    ],
  ])('%s', (_, lines, steps, foodId, stage) => {
    expect(stagesOf(lines, steps)[foodId]).toBe(stage);
  });

  test('cream whose other half is for the top is in the pot first', () => {
    const { lines } = readRecipe(
      'A soup\nServes 4\n\n500 g carrots\n1 litre stock\n200 ml cream\n\nSimmer the carrots in the stock 20 minutes. Blend. Stir in half the cream and spoon the rest of the cream over each bowl.',
      { measures: 'auto' },
      SHELF,
    ).recipe;
    const parts = lines.filter(({ partOf }) => partOf !== undefined);
    expect(parts.map(({ stage }) => stage)).toEqual(['finish', 'bowl']);
  });
});

describe('how full a spoon is', () => {
  const gramsOf = (text: string) =>
    readRecipe(`A soup\nServes 4\n\n${text}\n500 g carrots\n1 onion\n`, { measures: 'metric' }, SHELF).recipe.lines[0]?.grams;
  test.each([
    ['1 heaped tbsp plain flour', '1 tbsp plain flour', 1.5],
    ['1 heaping tablespoon white miso', '1 tablespoon white miso', 1.5],
    ['1 rounded teaspoon curry powder', '1 teaspoon curry powder', 1.25],
    ['scant cup of milk', '1 cup milk', 0.9],
    ['a heaped tablespoon of olive oil', '1 tablespoon olive oil', 1],
  ])('%s', (said, level, by) => {
    expect((gramsOf(said)?.best ?? 0) / (gramsOf(level)?.best ?? 1)).toBeCloseTo(by, 1);
  });
  test('a heap is never more certain than a level spoon', () => {
    const heaped = gramsOf('1 heaped tbsp plain flour');
    const level = gramsOf('1 tbsp plain flour');
    const width = (grams: typeof heaped) => ((grams?.high ?? 0) - (grams?.low ?? 0)) / (grams?.best ?? 1);
    expect(width(heaped)).toBeGreaterThan(width(level));
  });
  test.each([
    ['1 can water', 400],
    ['a tin and a half of water', 600],
    ['2 cans of milk', 800],
  ])('%s is poured from the can', (text, grams) => {
    expect(gramsOf(text)?.best).toBe(grams);
  });
});

describe('what a bought food is made with', () => {
  const reading = (text: string) => readRecipe(text, { measures: 'auto' }, SHELF).recipe;
  const SPOKEN =
    "Hi everybody, so today I'm making sweet potato soup. I'm putting in two tablespoons of oil and one big onion. I've got five hundred grams of sweet potatoes, and a litre of vegetable stock goes in. Let it simmer twenty minutes. Now I'm blending it. To serve I've got cornbread on the side, and it's got buttermilk and two eggs in it.";
  test('is a statement of the text and no line', () => {
    const recipe = reading(SPOKEN);
    expect(recipe.statements).toEqual([expect.stringMatching(/cornbread: made with buttermilk and (?:2|two) eggs/)]);
    expect(recipe.lines.map(({ foodId }) => foodId)).not.toContain('buttermilk');
  });
  test('of a listed food too', () => {
    expect(reading('A soup\nServes 4\n500 g carrots\n1 litre water\n4 slices soda bread, made with buttermilk\n').statements).toEqual([
      '4 slices soda bread: made with buttermilk',
    ]);
  });
  test('a choice states nothing', () => {
    expect(reading('A soup\nServes 4\n500 g carrots\n1 litre stock, made with a cube or powder\n').statements).toBeUndefined();
  });
});

describe('a scanned page', () => {
  const PAGE =
    'CREAM 0F CARR0T S0UP\nServes6\n\n5OO g carr0ts\n4Og butter\n1 0nion\nl l chicken st0ck\n15O ml single crearn\nI bay 1eaf\n\nMETH0D\nMe1t the butter, sweat the 0nion. Add carr0ts, st0ck and bay. Simmer f0r 30 minutes. Rernove the bay 1eaf, blend and stir in the crearn.\nPage l2';
  const { recipe } = readRecipe(PAGE, { measures: 'auto' }, SHELF);
  test('an m that was read as rn is an m again', () => {
    expect(recipe.lines.find(({ text }) => /single cream/.test(text))?.stage).toBe('finish');
    expect(recipe.lines.find(({ foodId }) => foodId === 'bay-leaf')?.eaten).toBe('removed');
  });
  test('corn and turnips keep their letters', () => {
    const page = PAGE.replace('1 0nion', '1 turnip\n1O0 g sweetcorn');
    expect(readRecipe(page, { measures: 'auto' }, SHELF).recipe.lines.map(({ foodId }) => foodId)).toEqual(
      expect.arrayContaining(['turnip', 'sweetcorn']),
    );
  });
  test('its page number is no step', () => {
    expect(recipe.steps.some(({ text }) => /Page/.test(text))).toBe(false);
  });
});

describe('lines as cooks write them, found in texts of the tenth sort', () => {
  const first = (text: string, measures: 'us' | 'metric' = 'metric') =>
    readRecipe(`A soup\nServes 4\n\n${text}\n500 g carrots\n1 onion\n`, { measures }, SHELF).recipe.lines[0];
  test.each<[string, string, number]>([
    ['4 cups lower-sodium vegetable broth', 'vegetable-broth-low-sodium', 960],
    ['500 g split yellow peas', 'split-peas-dry', 500],
    ['150 g smoked bacon lardons', 'bacon-cubes-raw', 150],
    // Cut thin from a roll: no rasher of bacon (common practice, no source).
    ['6 rashers pancetta, crisped, to garnish', 'bacon-cubes-raw', 72],
    ['3 leeks (trimmed weight about 450g)', 'leek', 450],
    ['200 g Greek-style natural yogurt', 'yogurt-greek-whole', 200],
    ['juice 1 lime', 'lime-juice', 30],
    ['juice ½ lemon', 'lemon-juice', 22.5],
    ['4 ice cubes', 'water', 100],
    ['2 ea Onion', 'onion', 220],
    ['550 g floury spuds', 'potato', 462],
    ['2 cups tomato juice', 'tomato-juice', 486],
    ["1 c. à soupe d'huile d'olive", 'olive-oil', 13.5],
  ])("'%s' is %s", (text, foodId, grams) => {
    const line = first(text, 'us');
    expect(line?.foodId).toBe(foodId);
    expect(line?.grams?.best).toBeGreaterThan(grams * 0.93);
    expect(line?.grams?.best).toBeLessThan(grams * 1.07);
  });
  test('bread per person is beside the soup, a slice for each', () => {
    expect(first('1 slice toasted sourdough per person')).toMatchObject({ stage: 'plate', perBowl: true });
  });
  test('what one will need, for how many', () => {
    expect(readRecipe('Leek soup\n\nYou will need (for 6):\n500 g leeks\n1 litre stock\n', { measures: 'metric' }, SHELF).recipe.servings).toBe(6);
  });
  test('spoken half and half is a cream and no word said twice', () => {
    const { lines } = readRecipe(
      "So for this soup I take a pound of mushrooms and I'm putting in four cups of beef broth. I let that simmer twenty minutes. I'm blending it. Then I'm adding a cup of half and half and some pepper. Serves six.",
      { measures: 'us' },
      SHELF,
    ).recipe;
    expect(lines.find(({ foodId }) => foodId === 'half-and-half')?.grams?.best).toBeCloseTo(242, 0);
    expect(lines.find(({ foodId }) => foodId === 'black-pepper')?.grams ?? null).toBeNull();
  });
  test.each<[why: string, lines: string[], steps: string, foodId: string, stage: string]>([
    [
      'flour blended in is stirred in',
      ['40 g butter', '30 g flour', '1 litre milk', '500 g carrots'],
      'Melt butter. Blend in flour. Gradually stir in milk, add carrots and simmer 20 minutes. Purée.',
      'flour-wheat',
      'base',
    ],
    [
      'what is kept of it does not keep it all',
      ['400 ml coconut milk', '500 g carrots', '500 ml vegetable stock'],
      'Add the carrots, coconut milk (save 2 tbsp for later) and stock. Simmer 15 minutes. Blend.',
      'coconut-milk',
      'simmer',
    ],
    [
      'till the liquid is gone puts no stock in',
      ['500 g mushrooms', '30 g butter', '1 litre beef broth'],
      'Fry the mushrooms in the butter till all the liquid is gone. Add the broth and simmer 20 minutes. Blend.',
      'beef-broth',
      'simmer',
    ],
  ])('%s', (_, lines, steps, foodId, stage) => {
    expect(stagesOf(lines, steps)[foodId]).toBe(stage);
  });
  test.each([
    ['vegetable bouillon powder 60 g + water 3.5 l', ['vegetable-stock-powder', 'water'], [60, 3500]],
    ['thyme 4 sprigs, bay 1', ['thyme-fresh', 'bay-leaf'], null],
  ] as const)('%s are two', (text, foods, grams) => {
    const { lines } = readRecipe(`A soup\nServes 4\n\nCarrots 500 g\nOnions 100 g\n${text}\n`, { measures: 'metric' }, SHELF).recipe;
    expect(lines.slice(2).map(({ foodId }) => foodId)).toEqual(foods);
    if (grams) expect(lines.slice(2).map((one) => one.grams?.best)).toEqual(grams);
  });
  test('the last of a numbered list needs no amount to be an ingredient', () => {
    const { lines, steps } = readRecipe(
      'Mushroom cream\nServes 8\n\n1) 80 g of butter\n2) 1 kg of mushrooms\n3) 1.5 l of chicken stock\n4) nutmeg, salt & pepper\n\nMethod: Fry the mushrooms in the butter. Add the stock, simmer 20 minutes. Blend and season.',
      { measures: 'metric' },
      SHELF,
    ).recipe;
    expect(lines.map(({ foodId }) => foodId)).toEqual(expect.arrayContaining(['nutmeg', 'salt', 'black-pepper']));
    expect(steps.some(({ text }) => /nutmeg/i.test(text))).toBe(false);
  });
  test('serves four is no serving, on service is', () => {
    expect(
      stagesOf(
        ['500 g carrots', '1 litre stock', 'a little nutmeg'],
        'Simmer the carrots in the stock 20 minutes. Blend, add a little nutmeg, serves four.',
      ).nutmeg,
    ).toBe('finish');
    expect(
      stagesOf(['500 g carrots', '1 litre stock', '100 g cheddar'], 'Simmer the carrots in the stock 20 minutes. Blend. Cheddar on service.').cheddar,
    ).toBe('bowl');
  });
  test('a card with its batch, portion and yield side by side is of so many bowls', () => {
    const { recipe } = readRecipe(
      'SOUP DU JOUR\nBatch: 5 L    Portion: 250 ml    Yield: 20\n\nCARROTS   3.0 KG\nVEG STK   3.5 L\nLEMON JCE   40 ML\n',
      { measures: 'metric' },
      SHELF,
    );
    expect(recipe.servings).toBe(20);
    expect(recipe.lines.map(({ foodId }) => foodId)).toEqual(['carrot', 'vegetable-broth', 'lemon-juice']);
  });
  test('a list that is spoken before anything is done puts nothing in the pot yet', () => {
    const { lines } = readRecipe(
      'Lentil soup, feeds 4. You want 250g red lentils (no need to soak), 1 litre of boiling water, an onion and a thumb of ginger. Fry the onion and ginger in a couple of tablespoons of oil til golden. Tip in lentils and water. Simmer 20 mins. Blend half.',
      { measures: 'metric' },
      SHELF,
    ).recipe;
    const stageOf = (foodId: string) => lines.find((line) => line.foodId === foodId)?.stage;
    expect([stageOf('onion'), stageOf('ginger'), stageOf('lentils-red-dry'), stageOf('water')]).toEqual(['base', 'base', 'simmer', 'simmer']);
  });
});
