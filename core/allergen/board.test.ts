import { describe, expect, test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import { allergen, bowlOf, diet, line, soup } from '../test/soup.ts';

const of = (...foods: string[]) => bowlOf(soup(foods.map((foodId, index) => line(`l${index}`, foodId, 100))));

describe('traps of names: what is not an allergen', () => {
  test.each([
    ['butternut-squash', 'milk'],
    ['butternut-squash', 'treeNut'],
    ['coconut-milk', 'milk'],
    ['coconut-milk', 'treeNut'],
    ['cashews-raw', 'milk'],
    ['nutmeg', 'treeNut'],
    ['mushrooms', 'chestnut'],
    ['ifct-F016', 'chestnut'],
    ['chestnuts-roasted', 'treeNut'],
    ['coconut-oil', 'treeNut'],
    ['cornstarch', 'gluten'],
    ['chickpea-flour', 'wheat'],
    ['black-pepper', 'mustard'],
    ['garlic', 'celery'],
    ['ifct-G023', 'treeNut'],
    ['coriander-leaf', 'celery'],
    ['parsnip', 'celery'],
    ['potato', 'gluten'],
    ['rice-flour', 'gluten'],
    ['sunflower-seeds', 'treeNut'],
    ['pumpkin-seeds', 'treeNut'],
    ['ifct-H012', 'treeNut'],
    ['sweetcorn', 'gluten'],
    ['oat-drink', 'milk'],
    ['silken-tofu', 'milk'],
    ['olive-oil', 'soy'],
  ])('%s shows no %s', (foodId, id) => {
    expect(allergen(of(foodId), id).state).toBe('absent');
  });
});

describe('what is a fact of the food', () => {
  test.each([
    ['cream-double', 'milk'],
    ['butter-unsalted', 'milk'],
    ['ifct-T013', 'milk'],
    ['celeriac', 'celery'],
    ['ifct-D037', 'celery'],
    ['flour-wheat', 'wheat'],
    ['flour-wheat', 'gluten'],
    ['ifct-A004', 'gluten'],
    ['ifct-A022', 'wheat'],
    ['miso', 'soy'],
    ['soy-sauce', 'wheat'],
    ['soy-sauce', 'gluten'],
    ['mustard', 'mustard'],
    ['ifct-H013', 'mustard'],
    ['worcestershire-sauce', 'fish'],
    ['fish-sauce', 'fish'],
    ['anchovies-canned', 'fish'],
    ['prawns-raw', 'crustacean'],
    ['ifct-S008', 'crustacean'],
    ['ifct-Q006', 'mollusc'],
    ['ifct-R004', 'mollusc'],
    ['tahini', 'sesame'],
    ['almond-drink', 'treeNut'],
    ['hazelnuts', 'treeNut'],
    ['ifct-H018', 'pistachio'],
    ['ifct-H012', 'peanut'],
    ['egg-yolk', 'egg'],
    ['coconut-cream', 'coconut'],
    ['chestnuts-roasted', 'chestnut'],
    ['bread-white', 'gluten'],
    ['croutons', 'wheat'],
  ])('%s contains %s', (foodId, id) => {
    expect(allergen(of(foodId), id).state).toBe('contains');
  });
  test('barley holds gluten and no wheat', () => {
    expect(allergen(of('ifct-A004'), 'wheat').state).toBe('absent');
  });
});

describe('what only the label tells', () => {
  test.each([
    ['vegetable-broth', 'celery'],
    ['chicken-stock-powder', 'gluten'],
    ['vegetable-stock-powder', 'milk'],
    ['miso', 'gluten'],
    ['curry-powder', 'mustard'],
    ['white-wine', 'sulphite'],
    ['oats-rolled', 'gluten'],
    ['plant-spread', 'milk'],
    ['ifct-G019', 'wheat'],
    ['bacon-raw', 'sulphite'],
    ['oat-cream', 'gluten'],
    ['mustard', 'wheat'],
    ['coconut-milk', 'sulphite'],
    ['ifct-E058', 'sulphite'],
  ])('%s has to be checked for %s', (foodId, id) => {
    expect(allergen(of(foodId), id).state).toBe('check');
  });
});

describe('tree nuts by the settings', () => {
  const soupOf = soup([line('coconut', 'coconut-milk', 100), line('chestnut', 'chestnuts-roasted', 100)]);
  test.each([
    [false, false, 'absent'],
    [true, false, 'contains'],
    [false, true, 'contains'],
  ] as const)('coconut %s, chestnut %s: %s', (coconutIsTreeNut, chestnutIsTreeNut, state) => {
    expect(allergen(bowlOf(soupOf, { coconutIsTreeNut, chestnutIsTreeNut }), 'treeNut').state).toBe(state);
  });
  test('a nut names itself and the tree nuts, each with its path', () => {
    const analysis = of('cashews-raw');
    expect(allergen(analysis, 'cashew').because[0]?.path).toEqual(['Cashews, raw', 'cashew']);
    expect(allergen(analysis, 'treeNut').because[0]?.path).toEqual(['Cashews, raw', 'cashew', 'tree nuts']);
  });
});

describe('what a regime makes one declare', () => {
  const declared = (regime: 'us' | 'eu' | 'ca' | 'anz', id: string) => allergen(bowlOf(soup([line('w', 'water', 1)]), { regime }), id).declared;
  test.each([
    ['us', 'sesame', true],
    ['us', 'celery', false],
    ['us', 'gluten', false],
    ['us', 'mollusc', false],
    ['us', 'mustard', false],
    ['eu', 'celery', true],
    ['eu', 'lupin', true],
    ['eu', 'pineNut', false],
    ['eu', 'coconut', false],
    ['eu', 'gluten', true],
    ['ca', 'mustard', true],
    ['ca', 'celery', false],
    ['ca', 'pineNut', true],
    ['anz', 'lupin', true],
    ['anz', 'mustard', false],
    ['anz', 'celery', false],
  ] as const)('%s: %s %s', (regime, id, is) => {
    expect(declared(regime, id)).toBe(is);
  });
});

describe('diets', () => {
  test.each([
    ['honey', 'vegan', 'breaks'],
    ['honey', 'vegetarian', 'fits'],
    ['egg', 'vegan', 'breaks'],
    ['egg', 'vegetarian', 'fits'],
    ['parmesan', 'vegetarian', 'breaks'],
    ['cheddar', 'vegetarian', 'check'],
    ['cream-heavy', 'vegetarian', 'check'],
    ['white-wine', 'vegan', 'check'],
    ['white-wine', 'noAlcohol', 'breaks'],
    ['sugar', 'vegan', 'check'],
    ['chicken-broth', 'vegetarian', 'breaks'],
    ['chicken-broth', 'noMeat', 'breaks'],
    ['chicken-broth', 'noPork', 'fits'],
    ['bacon-raw', 'noPork', 'breaks'],
    ['ifct-O050', 'noPork', 'breaks'],
    ['ifct-O027', 'noPork', 'fits'],
    ['worcestershire-sauce', 'vegetarian', 'breaks'],
    ['worcestershire-sauce', 'noFish', 'breaks'],
    ['prawns-raw', 'noFish', 'breaks'],
    ['fish-stock', 'noMeat', 'fits'],
    ['onion', 'noOnionGarlic', 'breaks'],
    ['chives', 'noOnionGarlic', 'breaks'],
    ['vegetable-broth', 'noOnionGarlic', 'check'],
    ['celery', 'noOnionGarlic', 'fits'],
    ['almonds', 'nutFree', 'breaks'],
    ['ifct-H012', 'nutFree', 'breaks'],
    ['coconut-milk', 'nutFree', 'fits'],
    ['miso', 'glutenFree', 'check'],
    ['soy-sauce', 'glutenFree', 'breaks'],
    ['soy-sauce', 'noAlcohol', 'check'],
    ['butter-salted', 'dairyFree', 'breaks'],
    ['vegetable-broth', 'dairyFree', 'check'],
    ['leek', 'vegan', 'fits'],
    ['water', 'vegan', 'fits'],
  ])('%s: %s %s', (foodId, id, state) => {
    expect(diet(of(foodId), id).state).toBe(state);
  });
  test('one swap from vegan: the stock', () => {
    expect(diet(of('leek', 'potato', 'chicken-broth'), 'vegan').fewestChanges.bowl).toEqual({ count: 1, lineIds: ['l2'] });
  });
  test('a bowl that contains names its breaker before its checks', () => {
    const { state, because } = allergen(of('vegetable-broth', 'cream-heavy'), 'milk');
    expect(state).toBe('contains');
    expect(because.map(({ lineId, state: own }) => [lineId, own])).toEqual([
      ['l1', 'contains'],
      ['l0', 'check'],
    ]);
  });
});

test('every allergen fact of the shelf is of a food whose origin agrees', () => {
  for (const food of SHELF.foods) {
    const holds = (id: string) => food.contains.some((fact) => fact.allergen === id);
    if (food.origins.includes('dairy')) expect([food.id, holds('milk')]).toEqual([food.id, true]);
    if (food.origins.includes('egg')) expect([food.id, holds('egg')]).toEqual([food.id, true]);
    if (food.origins.includes('fish')) expect([food.id, holds('fish')]).toEqual([food.id, true]);
    if (food.origins.includes('crustacean')) expect([food.id, holds('crustacean')]).toEqual([food.id, true]);
    if (holds('wheat')) expect([food.id, holds('gluten')]).toEqual([food.id, true]);
  }
});

describe('oats are a gluten cereal where the law says so', () => {
  // Regulation (EU) 1169/2011, Annex II no. 1, and its like in the UK, Canada and Standard 1.2.3; 21 CFR 101.91 leaves oats out of the gluten grains.
  test.each([
    ['us', 'check'],
    ['eu', 'contains'],
    ['uk', 'contains'],
    ['ca', 'contains'],
    ['anz', 'contains'],
  ] as const)('%s: %s', (regime, state) => {
    expect(allergen(bowlOf(soup([line('l1', 'oats-rolled', 50)]), { regime }), 'gluten').state).toBe(state);
  });
});
