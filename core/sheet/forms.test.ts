/** The why beside a step, what to weigh out and what to buy. Common practice, no source. */
import { describe, expect, test } from '@jest/globals';
import { analyse } from '../analysis/analysis.ts';
import { SHELF } from '../food/shelf.ts';
import { readRecipe } from '../reading/read.ts';
import { line, soup } from '../test/soup.ts';
import type { Blender } from '../vocabulary/blender.ts';
import { WHYS } from './data/whys.ts';
import { shoppingList, weighOut } from './lists.ts';
import { toolsOf } from './tools.ts';
import { whysOf } from './whys.ts';

const POTATO = `Potato and leek soup
Serves 4

40 g butter
2 leeks
500 g potatoes, peeled
1 litre vegetable stock
1 bay leaf
100 ml double cream
chives, to scatter

Sweat the leeks in the butter 8 minutes without colour.
Add the potatoes, stock and bay, cover and simmer until a knife slides in, 20 minutes.
Take out the bay and blend until smooth.
Stir in the cream and warm it, season with salt. Scatter chives.`;
const potato = () => readRecipe(POTATO, { measures: 'metric' }, SHELF).recipe;
const idsBeside = (recipe = potato()) => whysOf(recipe, SHELF).map(({ whys }) => whys.map(({ id }) => id));

describe('the why beside a step', () => {
  test('is about what is done there and what is in the pot', () => {
    const all = idsBeside().flat();
    expect(all).toEqual(expect.arrayContaining(['sweat', 'onionsFirst', 'knife', 'potatoBrief', 'blendHot', 'creamOff', 'saltEnd']));
  });
  test('milk that simmers along is not told to wait for the end', () => {
    const text = POTATO.replace('1 litre vegetable stock', '1 litre whole milk').replace('potatoes, stock and bay', 'potatoes, milk and bay');
    const [, second = []] = idsBeside(readRecipe(text, { measures: 'metric' }, SHELF).recipe);
    expect(second).toContain('milkSimmer');
    expect(second).not.toContain('creamOff');
  });
  test('each reason stands once, three at most beside a step', () => {
    const all = idsBeside();
    expect(new Set(all.flat()).size).toBe(all.flat().length);
    for (const beside of all) expect(beside.length).toBeLessThanOrEqual(3);
  });
  test.each([
    ['flour', '40 g plain flour'],
    ['fish', '300 g cod'],
    ['miso', '2 tbsp miso'],
  ])('nothing is said of %s where there is none', (_, added) => {
    const without = idsBeside().flat();
    const ids = { flour: ['roux', 'rouxLiquid', 'starchBoil'], fish: ['fishLate'], miso: ['misoOff'] }[_] as string[];
    expect(without.filter((id) => ids.includes(id))).toEqual([]);
    const recipe = readRecipe(
      POTATO.replace('40 g butter', `40 g butter\n${added}`).replace(
        'Scatter',
        `Stir in the ${added.split(' ').at(-1)}. Simmer, whisking the flour in. Scatter`,
      ),
      { measures: 'metric' },
      SHELF,
    ).recipe;
    expect(
      idsBeside(recipe)
        .flat()
        .some((id) => ids.includes(id)),
    ).toBe(true);
  });
  test('every row says why and what goes wrong otherwise, in a sentence each', () => {
    expect(WHYS.length).toBeGreaterThanOrEqual(40);
    expect(new Set(WHYS.map(({ id }) => id)).size).toBe(WHYS.length);
    for (const { id, why, otherwise } of WHYS) {
      expect([id, /^[A-Z].*\.$/.test(why), /^[A-Z].*\.$/.test(otherwise)]).toEqual([id, true, true]);
      expect([id, /\bsafe\b|free from/i.test(why + otherwise)]).toEqual([id, false]);
    }
  });
  test('every food a row names is one that the shelf has', () => {
    const begins = (food: string) => SHELF.foods.some(({ id }) => id === food || id.startsWith(`${food}-`) || id.startsWith(`${food}s`));
    expect(WHYS.flatMap(({ id, foods = [] }) => foods.filter((food) => !begins(food)).map((food) => `${id}: ${food}`))).toEqual([]);
  });
});

describe('weighing out', () => {
  test('goes by the moment of use, with every line once', () => {
    const recipe = potato();
    const lists = weighOut(recipe, SHELF);
    expect(lists.map(({ stage }) => stage)).toEqual(['base', 'simmer', 'finish', 'bowl']);
    expect(lists.flatMap(({ items }) => items.map(({ lineId }) => lineId)).sort()).toEqual(recipe.lines.map(({ id }) => id).sort());
  });
  test('what goes on each bowl is weighed for all of them', () => {
    const recipe = { ...soup([line('l1', 'carrot', 400), line('l2', 'almonds', 10, { stage: 'bowl', perBowl: true })]), servings: 6 };
    expect(weighOut(recipe, SHELF).at(-1)?.items[0]?.grams).toBe(60);
  });
  test('what nobody weighed stays without a figure', () => {
    const chives = weighOut(potato(), SHELF).at(-1)?.items[0];
    expect(chives).toMatchObject({ name: 'Chives', grams: null, measure: '' });
  });
});

describe('shopping', () => {
  const bought = (recipe = potato()) => shoppingList(recipe, SHELF).flatMap(({ aisle, items }) => items.map((item) => ({ aisle, ...item })));
  test('is by aisle, and of what is bought with its peel', () => {
    const potatoes = bought().find(({ name }) => name === 'Potato');
    expect(potatoes?.aisle).toBe('vegetables and fruit');
    // 500 g with their peel, less on the scale.
    expect(potatoes?.grams).toBeCloseTo(500, 6);
    expect(potato().lines.find(({ foodId }) => foodId === 'potato')?.grams?.best).toBeLessThan(500);
    expect(bought().find(({ name }) => /cream/i.test(name))?.aisle).toBe('dairy and eggs');
  });
  test('rounds packs and pieces up, never down', () => {
    const recipe = soup([line('l1', 'tomatoes-canned', 410), line('l2', 'leek', 200)]);
    const tomatoes = bought(recipe).find(({ foodId }) => foodId === 'tomatoes-canned');
    const can = SHELF.food('tomatoes-canned')?.portions.find(({ measure }) => measure === 'can')?.grams ?? 400;
    expect(tomatoes?.packs).toBe(`${Math.ceil(410 / can - 0.05)} ${Math.ceil(410 / can - 0.05) === 1 ? 'can' : 'cans'}`);
    expect(Number(bought(recipe).find(({ foodId }) => foodId === 'leek')?.packs)).toBeGreaterThanOrEqual(2);
  });
  test('water is not bought, and one food is one line', () => {
    const recipe = soup([line('l1', 'carrot', 400), line('l2', 'carrot', 100), line('l3', 'water', 900)]);
    expect(bought(recipe).map(({ name }) => name)).toEqual(['Carrot']);
  });
  test('a line without a food is still on the list', () => {
    expect(bought(soup([line('l1', 'carrot', 400), line('l2', null, 5, { text: 'zorbel' })])).at(-1)).toMatchObject({
      name: 'zorbel',
      aisle: 'else',
    });
  });
});

describe('shopping with a larder', () => {
  const recipe = soup([line('l1', 'carrot', 400), line('l2', 'leek', 200), line('l3', 'salt', null as unknown as number, { grams: null })]);
  const listed = (larder: Map<string, number>) => shoppingList(recipe, SHELF, larder);
  const asBought = (foodId: string) =>
    listed(new Map())
      .flatMap(({ items }) => items)
      .find((item) => item.foodId === foodId)?.grams as number;
  test('what is there is not bought, and said to be there', () => {
    const rows = listed(new Map([['carrot', 2000]]));
    expect(rows.at(-1)).toMatchObject({ aisle: 'in the larder already', items: [{ foodId: 'carrot' }] });
    expect(rows.at(-1)?.items[0]?.grams).toBeCloseTo(asBought('carrot'), 6);
  });
  test('what is there in part is bought for the rest, and the packs are those of the rest', () => {
    const leek = listed(new Map([['leek', 100]]))
      .flatMap(({ items }) => items)
      .find(({ foodId }) => foodId === 'leek');
    expect(leek?.fromLarder).toBe(100);
    expect(leek?.grams).toBeCloseTo(asBought('leek') - 100, 6);
    expect(leek?.packGrams).toBeGreaterThanOrEqual((leek?.grams ?? 0) * 0.95);
  });
  test('salt to taste that stands there is not bought either', () => {
    expect(listed(new Map([['salt', 500]])).at(-1)).toMatchObject({ aisle: 'in the larder already', items: [{ foodId: 'salt', grams: null }] });
  });
});

describe('what stands ready', () => {
  const ready = (recipe = potato(), ...more: [blender?: Blender]) =>
    new Map(toolsOf(recipe, analyse(recipe, {}, SHELF), SHELF, ...more).map(({ station, tools }) => [station, tools.join('; ')]));
  test('is what the steps, the lines and the pot ask for, in the order of the work', () => {
    const stations = ready();
    expect([...stations.keys()]).toEqual(['scales', 'board', 'stove', 'blender', 'pass']);
    expect(stations.get('board')).toContain('peeler');
    expect(stations.get('board')).not.toContain('raw meat');
    // A litre and three quarters of soup want a pot of two and a half at least.
    expect(stations.get('stove')).toMatch(/pot of (?:2|2\.5|3) litres or more/);
    expect(stations.get('blender')).toMatch(/^blender; towel for the lid/);
  });
  test('raw meat has a board and a knife of its own, and a thermometer', () => {
    const chicken = readRecipe(POTATO.replace('2 leeks', '2 leeks\n300 g chicken breast, diced'), { measures: 'metric' }, SHELF).recipe;
    expect(ready(chicken).get('board')).toContain('raw meat and fish');
    expect(ready(chicken).get('stove')).toContain('probe thermometer');
  });
  test('a jug that is smaller than the pot is filled more than once', () => {
    expect(ready(potato(), { kind: 'jug', jarMl: 1000 }).get('blender')).toMatch(/a jug blender, in [2-9] batches/);
  });
  test('what is only stirred needs no stove', () => {
    const cold = soup([line('c', 'cucumber', 500), line('y', 'yogurt-whole', 300)], { steps: [] });
    expect(ready(cold).has('stove')).toBe(false);
  });
});
