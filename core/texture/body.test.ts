import { describe, expect, test } from '@jest/globals';
import type { Entry } from '../bowl/entries.ts';
import { SHELF } from '../food/shelf.ts';
import { bowlOf, line, soup, step } from '../test/soup.ts';
import type { Food } from '../vocabulary/food.ts';
import { bodyMlBlended, bodyMlPerGram, bodyOf, bodyWord, relativeThickness, releasedShare } from './body.ts';

const body = (recipe: ReturnType<typeof soup>) => bowlOf(recipe).body;
const CUP_OF_MILK = 244;
const TABLESPOON = { flour: 7.8, butter: 14.2 };
const whiteSauce = (spoons: number) =>
  soup(
    [
      line('milk', 'milk-whole', CUP_OF_MILK),
      line('flour', 'flour-wheat', TABLESPOON.flour * spoons),
      line('butter', 'butter-salted', TABLESPOON.butter * spoons),
    ],
    { servings: 1 },
  );
const blended = step('b', { stage: 'blend', method: 'blend', text: 'Blend.' });

describe('the white-sauce ladder: 1, 2, 3 tablespoons of flour a cup (common practice, no source)', () => {
  test.each([
    [1, 0.25],
    [2, 0.44],
    [3, 0.6],
  ])('%d a cup is about %d', (spoons, index) => {
    expect(Math.abs(body(whiteSauce(spoons)).index - index)).toBeLessThan(0.02);
  });
  test('reads thin to thick', () => {
    expect([1, 2, 3].map((spoons) => body(whiteSauce(spoons)).word)).toEqual(['light cream', 'cream', 'thick']);
  });
});

/** Grams in the pot and millilitres of liquid, all of it blended. */
const pureed = (foods: Record<string, number>, liquidMl: number) =>
  body(soup([...Object.entries(foods).map(([id, grams]) => line(id, id, grams)), line('liquid', 'water', liquidMl)], { steps: [blended] }));

describe('what cooks call soups of so much liquid a gram (common practice, no source)', () => {
  const ROOTS = pureed({ carrot: 400, parsnip: 300, celeriac: 300 }, 1900);
  const AT_LEAST_CREAM: readonly (readonly [said: string, soup: ReturnType<typeof pureed>])[] = [
    ['squash barely covered', pureed({ 'butternut-squash': 1000 }, 600)],
    ['squash at 0.7 ml a gram', pureed({ 'butternut-squash': 1000 }, 700)],
    ['squash at 1.1 ml a gram', pureed({ 'butternut-squash': 1000 }, 1100)],
    ['broccoli at 1.1 ml a gram', pureed({ broccoli: 500 }, 550)],
    ['broccoli at 1.7 ml a gram', pureed({ broccoli: 500 }, 850)],
    ['a can of tomatoes with a can of white beans', pureed({ 'tomatoes-canned': 411, 'white-beans-canned-drained': 255, onion: 100 }, 240)],
    ['parsley and potato', pureed({ parsley: 100, potato: 400, onion: 100 }, 900)],
    ['cauliflower, its own weight of liquid', pureed({ cauliflower: 600 }, 600)],
  ];
  test.each([
    ['two cups of squash to two litres', pureed({ 'butternut-squash': 280 }, 2000)],
    ['a little broccoli in broth', pureed({ broccoli: 200, onion: 100 }, 1200)],
  ])('%s is thinner than roots at 1.9 ml a gram', (_said, thin) => {
    expect(thin.index).toBeLessThan(ROOTS.index);
    expect(['broth', 'thin']).toContain(thin.word);
  });
  test.each(AT_LEAST_CREAM)('%s is thicker than those roots, and a cream at least', (_said, thick) => {
    expect(thick.index).toBeGreaterThan(ROOTS.index);
    expect(['cream', 'thick']).toContain(thick.word);
  });
  test('roast tomatoes with a third of their weight of broth are no broth', () => {
    expect(pureed({ tomato: 1365 }, 507).word).toBe('light cream');
  });
  test('a white almond soup can be poured', () => {
    expect(pureed({ 'almonds-blanched': 200, 'bread-white': 120 }, 800).word).toBe('thick');
  });
  test('mushrooms in twice their weight of stock want something that binds', () => {
    expect(pureed({ mushrooms: 485, onion: 110 }, 1014).word).toBe('thin');
  });
  test('less liquid is thicker, whatever the vegetable', () => {
    for (const id of ['carrot', 'leek', 'courgette', 'peas-frozen', 'spinach', 'beetroot', 'sweet-potato', 'celery'])
      expect([id, pureed({ [id]: 500 }, 400).index > pureed({ [id]: 500 }, 600).index]).toEqual([id, true]);
  });
});

describe('ordering', () => {
  const potatoes = (steps: ReturnType<typeof step>[]) => soup([line('potato', 'potato', 480), line('water', 'water', 1000)], { steps });
  test('potato blended is thicker than half blended, and that than left in pieces', () => {
    const [all, half, none] = [[blended], [{ ...blended, text: 'Blend half.' }], [step('s', { method: 'simmer' })]].map(
      (steps) => body(potatoes(steps)).index,
    ) as [number, number, number];
    expect(all > half && half > none).toBe(true);
  });
  test('480 g of potato to the litre is a cream (common practice: 460 to 500 g)', () => {
    expect(body(potatoes([blended])).word).toBe('cream');
  });
  test('cream is thicker than milk, and oil in place of butter gives the pot nothing', () => {
    const with_ = (foodId: string) => body(soup([line('x', foodId, 200), line('water', 'water', 800)])).index;
    expect(with_('cream-heavy')).toBeGreaterThan(with_('milk-whole'));
    expect(with_('olive-oil')).toBe(0);
    expect(with_('butter-salted')).toBeGreaterThan(0);
  });
  test('cornstarch thickens as flour does at about half the weight (common practice)', () => {
    const thick = (foodId: string, grams: number) => body(soup([line('x', foodId, grams), line('water', 'water', 1000)])).index;
    const ratio = thick('cornstarch', 20) / thick('flour-wheat', 40);
    expect(ratio).toBeGreaterThan(0.85);
    expect(ratio).toBeLessThan(1.15);
  });
  test('a topping does not thicken the pot', () => {
    expect(body(soup([line('water', 'water', 1000), line('sour', 'sour-cream', 100, { stage: 'bowl' })])).index).toBe(0);
  });
});

test('the index never passes what the water can swell', () => {
  expect(body(soup([line('starch', 'cornstarch', 900), line('water', 'water', 100)])).index).toBeLessThanOrEqual(0.95);
});

test.each([
  [0, 'broth'],
  [0.119, 'broth'],
  [0.12, 'thin'],
  [0.22, 'light cream'],
  [0.35, 'cream'],
  [0.5, 'thick'],
  [0.62, 'stands on the spoon'],
  [0.95, 'stands on the spoon'],
] as const)('%d reads %s', (index, word) => {
  expect(bodyWord(index)).toBe(word);
});

/** By hand, after the formula of the index: starch x swelling + insoluble fibre x its swelling + pulse protein + dispersed fat / 0.9. */
describe('what a gram of a food gives the pot, worked by hand', () => {
  const foodOf = (id: string, per100g: Food['per100g'], more: Partial<Food> = {}): Food => ({ ...(SHELF.food(id) as Food), per100g, ...more });
  test.each([
    [
      'starch swells by its kind: free tuber starch 15',
      foodOf('potato-starch', { starchG: 80, fibreG: 0 }, { starchKind: 'tuber' }),
      (80 * 15) / 100,
    ],
    [
      'that of a vegetable inside its pulp, of which a quarter comes on top',
      foodOf('potato', { starchG: 15, fibreG: 0 }),
      (15 * 8) / 100 + 0.25 * 0.4,
    ],
    ['wheat 7.5', foodOf('flour-wheat', { starchG: 70, fibreG: 0 }, { starchKind: 'wheat' }), (70 * 7.5) / 100],
    ['maize 12', foodOf('cornstarch', { starchG: 88 }, { starchKind: 'maize' }), (88 * 12) / 100],
    [
      'a vegetable is pulp: the seven tenths of its fibre that do not dissolve, fiftyfold',
      foodOf('carrot', { starchG: 0, fibreG: 2 }),
      (2 * 0.7 * 50) / 100,
    ],
    ['no less than two fifths of its own volume', foodOf('courgette', { starchG: 0, fibreG: 0.5 }), 0.4],
    ['and no more than the whole', foodOf('kale', { starchG: 0, fibreG: 5 }), 1],
    ['fibre of what is no vegetable swells fifteenfold', foodOf('oats-rolled', { starchG: 0, fibreG: 3 }, { fatForm: 'free' }), (3 * 0.7 * 15) / 100],
    [
      'in pulses fivefold, their protein threefold',
      foodOf('white-beans-canned-drained', { starchG: 0, fibreG: 6, proteinG: 7 }),
      (6 * 0.7 * 5 + 7 * 3) / 100,
    ],
    ['of tofu the protein too', foodOf('silken-tofu', { starchG: 0, fibreG: 0, proteinG: 5 }, { fatForm: 'free' }), (5 * 3) / 100],
    ['of other foods the protein gives nothing', foodOf('chicken-breast-raw', { starchG: 0, fibreG: 0, proteinG: 22 }, { fatForm: 'free' }), 0],
    ['fat that is dispersed, by its volume', foodOf('cream-heavy', { starchG: 0, fatG: 36 }, { fatForm: 'dispersed' }), 36 / 0.9 / 100],
    ['free fat gives nothing', foodOf('cream-heavy', { starchG: 0, fatG: 36 }, { fatForm: 'free' }), 0],
  ] as const)('%s', (_words, food, ml) => {
    expect(bodyMlPerGram(food)).toBeCloseTo(ml, 12);
  });
  test('starch that no row says is what the carbohydrate leaves', () => {
    const grain = (per100g: Food['per100g']) => bodyMlPerGram(foodOf('semolina', per100g, { starchKind: 'wheat', fatForm: 'free' }));
    expect(grain({ carbohydrateG: 18, fibreG: 5, sugarsG: 5 })).toBeCloseTo(((18 - 5 - 5) * 7.5 + 5 * 0.7 * 15) / 100, 12);
    expect(grain({ carbohydrateG: 8, fibreG: 5, sugarsG: 5 })).toBeCloseTo((5 * 0.7 * 15) / 100, 12);
    expect(grain({ carbohydrateG: 18 })).toBeCloseTo((18 * 7.5) / 100, 12);
  });
  test('nothing is left over where the kind has no starch: dairy', () => {
    expect(bodyMlPerGram(foodOf('milk-whole', { carbohydrateG: 5 }, { fatForm: 'free' }))).toBe(0);
  });
  test('a food is worked out once, and each by itself', () => {
    const food = foodOf('potato', { starchG: 15 }, { starchKind: 'tuber' });
    const first = bodyMlPerGram(food);
    (food.per100g as { starchG: number }).starchG = 99;
    expect(bodyMlPerGram(food)).toBe(first);
  });
});

describe('what pieces give', () => {
  test('a piece left whole gives 15 in a hundred of what it would give blended; what dissolves gives all', () => {
    const potato = SHELF.food('potato') as Food;
    expect([0, 0.5, 1].map((share) => releasedShare(potato, share))).toEqual([0.15, 0.575, 1]);
    expect(releasedShare(SHELF.food('flour-wheat') as Food, 0)).toBe(1);
  });
});

describe('the pot', () => {
  const entry = (
    more: Partial<Entry['line']>,
    stay: Entry['stay'] = { nutrients: new Float64Array(), errors: new Float64Array(), grams: 0.5 },
  ): Entry => ({
    line: { ...line('potato', 'potato', 200), ...more },
    food: SHELF.food('potato') as Food,
    figures: null,
    stay,
  });
  const one = bodyMlPerGram(SHELF.food('potato') as Food);
  test('a line gives what stays of its grams, as far as it is blended', () => {
    expect(bodyMlBlended([entry({})], 1)).toBeCloseTo(200 * 0.5 * one, 12);
    expect(bodyMlBlended([entry({})], 0)).toBeCloseTo(200 * 0.5 * one * 0.15, 12);
    expect(bodyMlBlended([entry({})], 1, () => 2)).toBeCloseTo(2 * 200 * 0.5 * one, 12);
  });
  test('toppings, the plate, and what is not known or not weighed give nothing', () => {
    const entries = [
      entry({ stage: 'bowl' }),
      entry({ stage: 'plate' }),
      entry({ grams: null }),
      { ...entry({}), food: undefined },
      { ...entry({}), stay: undefined },
    ];
    expect(bodyMlBlended(entries as Entry[], 1)).toBe(0);
  });
  test('the index is the body in the pot, and nothing in an empty one', () => {
    expect(bodyOf(250, 1000).index).toBe(0.25);
    expect(bodyOf(0, 0)).toEqual({ index: 0, word: 'broth' });
    expect(bodyOf(990, 1000).index).toBe(0.95);
  });
  test('thickness after Krieger and Dougherty 1959 (from memory): (1 - index / 0.74) ^ -1.85', () => {
    expect(relativeThickness(0.37)).toBeCloseTo(0.5 ** -1.85, 10);
    expect(relativeThickness(0.185)).toBeCloseTo(0.75 ** -1.85, 10);
  });
});
