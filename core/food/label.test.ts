/** Foods from packages: per serving and per 100 g, what a printed figure may stand for, and what the ingredients say. */

import { describe, expect, test } from '@jest/globals';
import { analyse } from '../analysis/analysis.ts';
import { Z95 } from '../statistics/normal.ts';
import { line, soup } from '../test/soup.ts';
import { ALLERGENS } from '../vocabulary/allergens.ts';
import { INGREDIENT_WORDS } from './data/ingredientWords.ts';
import { readIngredients } from './ingredients.ts';
import { energyDoubt, type LabelEntry, labelFaults, labelFood } from './label.ts';
import { ownFoodsOf } from './ownFoods.ts';
import { type OwnFood, SHELF, shelfWith } from './shelf.ts';

const label = (more: Partial<LabelEntry>): LabelEntry => ({
  name: 'House stock paste',
  aliases: ['stock paste of the house'],
  category: 'broth',
  form: 'us',
  perGrams: 30,
  figures: {},
  ingredients: 'water, salt',
  date: '2026-03-02',
  ...more,
});
const kitchenWith = (own: OwnFood[]) => shelfWith(SHELF, { own, pins: [], day: '2026-03-02' });
const intervalOf = (entry: LabelEntry, key: 'sodiumMg' | 'fatG' | 'saturatedFatG' | 'proteinG' | 'carbohydrateG' | 'fibreG' | 'calciumMg') => {
  const food = labelFood('own-1', entry);
  const value = food.per100g[key] as number;
  const [below, above] = food.spread[key] as readonly [number, number];
  return [value - Z95 * below, value, value + Z95 * above].map((x) => Number(x.toFixed(3)));
};

describe('a US label, per serving', () => {
  test('comes to 100 g, and its interval is rounding and the fifth of 101.9(g)', () => {
    // 390 mg a serving of 30 g is printed to the nearest 10: 385 to 395, then down and up a fifth.
    expect(intervalOf(label({ figures: { sodiumMg: 390 } }), 'sodiumMg')).toEqual(
      [(385 * 0.8) / 0.3, 1300, (395 * 1.2) / 0.3].map((x) => Number(x.toFixed(3))),
    );
    expect(intervalOf(label({ figures: { fatG: 2.5 } }), 'fatG')).toEqual([6, 8.333, 11]);
  });
  test('a printed 0 may be anything that rounds to it', () => {
    expect(intervalOf(label({ figures: { fatG: 0 } }), 'fatG')).toEqual([0, 0, 2]);
    expect(intervalOf(label({ figures: { sodiumMg: 0 } }), 'sodiumMg')).toEqual([0, 0, 20]);
  });
});

test('the salt of a paste is no water', () => {
  // 9 g of sodium in 100 g is some 23 g of salt (sodium x 2.54): with 40 g of the rest, 36 g are left.
  const food = labelFood('own-1', label({ perGrams: 100, figures: { sodiumMg: 9000, fatG: 10, proteinG: 10, carbohydrateG: 20 } }));
  expect(food.per100g.waterG).toBeCloseTo(100 - 40 - 22.86 - 1, 1);
});

describe('an EU label, per 100 g', () => {
  const eu = (figures: LabelEntry['figures']) => label({ form: 'eu', perGrams: 100, figures });
  // Commission guidance on tolerances (2012), from memory.
  test.each([
    ['fatG', { fatG: 8 }, [6.5, 8, 9.5]],
    ['fatG', { fatG: 20 }, [16, 20, 24]],
    ['fatG', { fatG: 50 }, [42, 50, 58]],
    ['saturatedFatG', { saturatedFatG: 3 }, [2.2, 3, 3.8]],
    ['proteinG', { proteinG: 1 }, [0, 1, 3]],
    ['proteinG', { proteinG: 20 }, [16, 20, 24]],
    ['sodiumMg', { saltG: 1 }, [250, 400, 550]],
    ['sodiumMg', { saltG: 2 }, [640, 800, 960]],
    ['calciumMg', { calciumMg: 120 }, [78, 120, 174]],
  ] as const)('%s of %j lies in %j', (key, figures, expected) => {
    expect(intervalOf(eu(figures), key)).toEqual(expected);
  });
  test('carbohydrate is printed without fibre and kept with it', () => {
    expect(intervalOf(eu({ carbohydrateG: 12, fibreG: 3 }), 'carbohydrateG')[1]).toBe(15);
  });
  test('without fibre the total is unknown, and a soup says at least', () => {
    const shelf = kitchenWith([{ food: labelFood('own-1', eu({ carbohydrateG: 12, fatG: 3, proteinG: 2, saltG: 1 })), retired: false }]);
    const { perServing } = analyse(soup([line('paste', 'own-1', 100)]), {}, shelf);
    expect(perServing.carbohydrateG.atLeast).toBe(true);
    expect(perServing.carbohydrateG.missing).toEqual([{ lineId: 'paste', foodId: 'own-1' }]);
    expect(perServing.fatG.atLeast).toBe(false);
  });
});

describe('the ingredients', () => {
  const ids = (text: string, what: 'contains' | 'checks' | 'mayContain' = 'contains') =>
    readIngredients(text)
      [what].map(({ allergen }) => allergen)
      .sort();
  test.each([
    ['Water, whey powder, sodium caseinate', ['milk']],
    ['coconut milk (coconut extract, water), guar gum', ['coconut']],
    ['cocoa butter, sugar', []],
    ['wheatflour, palm oil', ['gluten', 'wheat']],
    ['barley malt extract', ['gluten']],
    ['salt, celery seed, mustard flour', ['celery', 'mustard']],
    ['anchovies (fish), salt', ['fish']],
    ['soy sauce (water, soybeans, wheat, salt)', ['gluten', 'soy', 'wheat']],
    ['peanut butter', ['peanut']],
    ['almond milk', ['almond']],
    ['vegan cheese (water, coconut oil, starch), plant butter', ['coconut']],
    ['oyster mushrooms, butternut squash, nutmeg, water chestnuts, buckwheat', []],
    ['preservative: sodium metabisulphite', ['sulphite']],
    ['crème fraîche, potatoes', ['milk']],
    ['eggs', ['egg']],
    ['eggplant', []],
  ])('%s', (text, expected) => {
    expect(ids(text)).toEqual(expected);
  });
  test('what is not named closely enough has to be checked', () => {
    expect(ids('modified starch, spices, lecithin', 'checks')).toEqual(['celery', 'egg', 'gluten', 'mustard', 'soy', 'wheat']);
  });
  test('a warning is a warning and no ingredient', () => {
    const read = readIngredients('Salt, yeast extract. May contain traces of milk, celery and egg.');
    expect(read.contains).toEqual([]);
    expect(read.mayContain.map(({ allergen }) => allergen).sort()).toEqual(['celery', 'egg', 'milk']);
  });
  test('a place that handles something is a warning, a country is none', () => {
    expect(ids('Pasta made in Italy of durum wheat, eggs')).toEqual(['egg', 'gluten', 'wheat']);
    const handled = readIngredients('Salt. Made in a kitchen that handles nuts and sesame.');
    expect([handled.contains, handled.mayContain.map(({ allergen }) => allergen).sort()]).toEqual([[], ['sesame', 'treeNut']]);
  });
  test('one and many read alike, and what is printed as free of something is not that thing', () => {
    expect(ids('scallops, sardines, cockles')).toEqual(['fish', 'mollusc']);
    expect(ids('gluten-free oat flour')).toEqual([]);
  });
  test('wine is alcohol and open to fining, cheese is open to rennet, flavourings to anything', () => {
    const read = readIngredients('cheese, white wine, natural flavouring');
    expect(read.origins).toContain('alcohol');
    expect(read.dietChecks.map(({ diet }) => diet).sort()).toEqual(['noOnionGarlic', 'vegan', 'vegetarian']);
    expect(labelFood('own-1', label({ ingredients: 'white wine, salt' })).zeroByNature.has('alcoholG')).toBe(false);
  });
  test('no phrase stands for two things', () => {
    const phrases = INGREDIENT_WORDS.flatMap(({ words }) => words.split(', '));
    expect(phrases.filter((phrase, at) => phrases.indexOf(phrase) !== at)).toEqual([]);
  });
  test('what the kidney has to know of is flagged', () => {
    expect(readIngredients('salt substitute (potassium chloride), E451').flags.sort()).toEqual(['phosphate', 'potassiumChloride']);
    expect(readIngredients('sodium chloride').flags).toEqual([]);
  });
  test('not copied from the pack, every allergen and diet has to be checked', () => {
    const food = labelFood('own-1', label({ ingredients: null }));
    expect(food.checks).toHaveLength(ALLERGENS.length);
    expect(food.dietChecks.map(({ diet }) => diet)).toContain('vegan');
  });
});

describe('a label copied wrong', () => {
  test.each([
    [{ fatG: 2, saturatedFatG: 5 }, 'saturatedFatG'],
    [{ carbohydrateG: 4, sugarsG: 9 }, 'sugarsG'],
    [{ fatG: 20, carbohydrateG: 12, proteinG: 8 }, 'carbohydrateG'],
  ] as const)('%j is refused at %s', (figures, key) => {
    expect(labelFaults(label({ figures })).map((fault) => fault.key)).toEqual([key]);
  });
  test('a gram of rounding is no fault', () => {
    expect(labelFaults(label({ figures: { fatG: 2, saturatedFatG: 2.5 } }))).toEqual([]);
  });
  test('energy that its parts do not explain is questioned, and energy that they do is not', () => {
    expect(energyDoubt(label({ figures: { energyKcal: 200, fatG: 2, carbohydrateG: 3, proteinG: 1 } }))).toMatchObject({
      printed: 200,
      reckoned: 34,
    });
    expect(energyDoubt(label({ figures: { energyKcal: 35, fatG: 2, carbohydrateG: 3, proteinG: 1 } }))).toBeNull();
  });
});

describe('the shelf of a kitchen', () => {
  const own = labelFood('own-1', label({ figures: { sodiumMg: 390, fatG: 1, carbohydrateG: 2, proteinG: 1 } }));
  test('offers its own foods, and keeps a retired one for the soups that have it', () => {
    const shelf = kitchenWith([{ food: own, retired: false }]);
    expect(shelf.foods[0]).toBe(own);
    const later = kitchenWith([{ food: own, retired: true }]);
    expect(later.foods).not.toContain(own);
    expect(later.food('own-1')).toBe(own);
  });
  test('refuses an id that is taken', () => {
    expect(() => kitchenWith([{ food: { ...own, id: 'leek' }, retired: false }])).toThrow('twice');
  });
  test('leaves the shelf it was made from as it was', () => {
    kitchenWith([{ food: own, retired: false }]);
    expect(SHELF.food('own-1')).toBeUndefined();
    expect(SHELF.own).toEqual([]);
  });
  test('puts a row that cannot be worked out aside, and keeps the others', () => {
    const kept = [
      { id: 'own-1', entry: label({ perGrams: 1e-320, form: 'eu' as const, figures: { energyKcal: 50, fatG: 1 } }), retired: false },
      { id: 'own-2', entry: label({ figures: { fatG: 1 } }), retired: false },
      { id: 'own-3', entry: null as unknown as LabelEntry, retired: false },
    ];
    const { own: read, aside } = ownFoodsOf(kept, SHELF);
    expect(read.map(({ food }) => food.id)).toEqual(['own-2']);
    expect(aside.map(({ id }) => id)).toEqual(['own-1', 'own-3']);
    expect(aside[1]?.name).toBe('own-3');
  });
  test('says in its provenance that a figure is from a label', () => {
    const shelf = kitchenWith([{ food: own, retired: false }]);
    expect(analyse(soup([line('paste', 'own-1', 50)]), {}, shelf).provenance.label).toBe(1);
  });
});
