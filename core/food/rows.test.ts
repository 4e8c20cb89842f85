/** Every row is read against what must hold of any food: energy of its macronutrients, proximates that add up, parts within wholes. */

import { describe, expect, test } from '@jest/globals';
import { CATEGORIES } from '../vocabulary/category.ts';
import type { Food } from '../vocabulary/food.ts';
import { TABLE_PAIRS } from './data/pairs.ts';
import { recalledFoods, SHELF } from './shelf.ts';

/** The recalled rows as they stand, before the open table is asked. */
const curated = recalledFoods();
const open = SHELF.foods.filter(({ id }) => id.startsWith('ifct-'));
const of = (food: Food, key: keyof Food['per100g']) => food.per100g[key] ?? 0;

/** Rows whose table energy uses other factors than 4/9/4 and those of its class, with the reason. */
const ENERGY_EXCEPTIONS: Record<string, string> = {
  'cider-vinegar': 'energy is mostly of acetic acid',
  'wine-vinegar': 'energy is mostly of acetic acid',
  'white-vinegar': 'energy is mostly of acetic acid',
  'balsamic-vinegar': 'a fifth of the energy is of acetic acid',
  'rice-vinegar': 'energy is mostly of acetic acid',
  mustard: 'specific factors for mustard seed',
  'soy-sauce': 'the table does not count the alcohol of brewing',
  'soy-sauce-reduced-sodium': 'the table does not count the alcohol of brewing',
  tamari: 'the table does not count the alcohol of brewing',
  capers: 'the table counts no fibre',
  'thickener-gum': 'the package counts fibre at 2 kcal/g',
  'dill-dried': 'specific factors for dried leaves, fibre not counted',
  allspice: 'specific factors for spices, fibre not counted',
  'kelp-dried': 'the table counts little of the fibre of seaweed',
};
/** Their energy is computed in the table with specific factors, so it lies between fibre at 0 and fibre at 4 kcal/g. */
const FIBRE_COUNTED_LOW = new Set(['herb', 'spice', 'mushroom']);

/** Specific factors, kcal/g of protein, fat and total carbohydrate: Merrill and Watt, USDA Agriculture Handbook 74 (1973), table 13, from memory. */
const VEGETABLE = [2.44, 8.37, 3.57] as const;
const FRUIT = [3.36, 8.37, 3.6] as const;
const CITRUS = [3.36, 8.37, 2.7] as const;
const SPECIFIC: Record<string, readonly [number, number, number]> = {
  vegetable: VEGETABLE,
  leaf: VEGETABLE,
  allium: VEGETABLE,
  root: VEGETABLE,
  fruit: FRUIT,
  'lemon-juice': CITRUS,
  'lime-juice': CITRUS,
  'lemon-zest': CITRUS,
  'tomato-paste': VEGETABLE,
  ketchup: VEGETABLE,
  horseradish: VEGETABLE,
};

test('the shelf holds 542 open-table rows and at least 330 recalled kitchen foods', () => {
  expect(open).toHaveLength(542);
  expect(curated.length).toBeGreaterThanOrEqual(330);
});

test('no id, and no written name, stands for two foods of the shelf', () => {
  const names = new Map<string, string>();
  for (const food of SHELF.foods) {
    for (const alias of food.aliases) {
      expect([alias, names.get(alias) ?? food.id]).toEqual([alias, food.id]);
      names.set(alias, food.id);
    }
  }
});

/** The table itself leaves more or less for ash than the salts weigh, or the row is an estimate that names its ash. */
const ASH_EXCEPTIONS: Readonly<Record<string, string>> = {
  'goat-cheese-soft': 'the table dropped its carbohydrate after the water was measured',
  'plant-cheese': 'packages: water is a guess',
  tahini: 'the table gives 5 g',
  'cashews-roasted': 'the table gives 3.95 g',
  'bread-gluten-free': 'packages: water is a guess',
  'stock-powder-low-salt': 'packages: salts of potassium, ammonium and acids are not all counted',
  'coconut-oil': 'the table gives 99.06 g of fat and counts no more',
  'chicken-stewed': 'the analyses of the table add up to 100.8 g',
  'haddock-raw': 'the analyses of the table add up to 100.1 g',
  'salmon-smoked': 'ash of an older, saltier sample in the table',
  'sun-dried-tomatoes': 'salted or not: its ash is of the salted',
  'yeast-extract': 'two releases in one row',
  sunchoke: 'the table gives 2.54 g',
  'millet-dry': 'the table gives 3.25 g',
  'halibut-raw': 'the analyses of the table add up to 101.4 g',
  'mackerel-raw': 'the analyses of the table add up to 97.4 g',
  'szechuan-pepper': 'the row of black pepper: volatile oil and resin',
  'thyme-dried': 'the table gives 11.7 g: leaves with sand',
  'black-pepper': 'the parts of the table leave 10 g: volatile oil and resin',
  'white-pepper': 'the parts of the table leave 7 g: volatile oil and resin',
};

describe.each(curated.map((food) => [food.id, food] as const))('%s', (id, food) => {
  test('has the table energy of its macronutrients within 12 % or 8 kcal', () => {
    const energy = 4 * of(food, 'proteinG') + 9 * of(food, 'fatG') + 4 * of(food, 'carbohydrateG') + 7 * of(food, 'alcoholG');
    const table = food.tableKcal as number;
    const margin = Math.max(8, table * 0.12);
    const least = FIBRE_COUNTED_LOW.has(food.category) ? energy - 4 * of(food, 'fibreG') : energy;
    const [protein, fat, carbohydrate] = SPECIFIC[id] ?? SPECIFIC[food.category] ?? [4, 9, 4];
    const specific = protein * of(food, 'proteinG') + fat * of(food, 'fatG') + carbohydrate * of(food, 'carbohydrateG');
    const general = table >= least - margin && table <= energy + margin;
    const within = general || Math.abs(table - specific) <= margin || id in ENERGY_EXCEPTIONS;
    expect({ within, energy, specific, table }).toMatchObject({ within: true });
  });

  test('has proximates that leave room for the ash and no more', () => {
    const sum = of(food, 'waterG') + of(food, 'proteinG') + of(food, 'fatG') + of(food, 'carbohydrateG') + of(food, 'alcoholG') + (food.ashG ?? 0);
    // Ash not given: minerals are below 10 g in all but salt and stock powder. Organic acids of vinegar are about 5 g.
    const acids = id.endsWith('vinegar') ? 5.2 : 0;
    expect(sum + acids).toBeLessThanOrEqual(101.5);
    expect(sum + acids).toBeGreaterThanOrEqual(food.ashG === undefined ? 89.5 : 97);
  });

  test('leaves for ash about what the salts of its minerals weigh', () => {
    if (id in ASH_EXCEPTIONS || id.endsWith('vinegar')) return;
    const sum = of(food, 'waterG') + of(food, 'proteinG') + of(food, 'fatG') + of(food, 'carbohydrateG') + of(food, 'alcoholG');
    // Sodium as chloride, the others about as their oxides and phosphates: common practice, no source.
    const salts = (2.54 * of(food, 'sodiumMg') + 1.6 * of(food, 'potassiumMg') + 2 * of(food, 'calciumMg') + 2 * of(food, 'phosphorusMg')) / 1000;
    const oils = food.category === 'spice' || food.category === 'herb' ? 3 : 0;
    expect(100 - sum).toBeLessThanOrEqual(1.25 * salts + 0.9 + oils);
    expect(100 - sum).toBeGreaterThanOrEqual(0.5 * salts - 0.5);
  });

  test('has no part larger than its whole, and the limited figures it should have', () => {
    expect(of(food, 'saturatedFatG') + of(food, 'monoFatG') + of(food, 'polyFatG')).toBeLessThanOrEqual(of(food, 'fatG') * 1.02 + 0.3);
    expect(of(food, 'fibreG')).toBeLessThanOrEqual(of(food, 'carbohydrateG') + 0.05);
    expect(of(food, 'sugarsG')).toBeLessThanOrEqual(of(food, 'carbohydrateG') + 0.3);
    for (const key of [
      'proteinG',
      'fatG',
      'saturatedFatG',
      'carbohydrateG',
      'fibreG',
      'sodiumMg',
      'potassiumMg',
      'calciumMg',
      'phosphorusMg',
      'cholesterolMg',
    ] as const) {
      expect([key, typeof food.per100g[key]]).toEqual([key, 'number']);
    }
  });

  test('has portions whose low, best and high run upwards, and a range that holds its value', () => {
    expect(CATEGORIES).toContain(food.category);
    for (const { low, grams, high } of food.portions) expect(low <= grams && grams <= high && low > 0).toBe(true);
    for (const [key, [below, above]] of Object.entries(food.spread)) expect([key, below >= 0 && above >= 0]).toEqual([key, true]);
  });
});

test('at most one row in twenty is an exception to the energy check, and every exception is a row', () => {
  const ids = new Set(curated.map(({ id }) => id));
  expect(Object.keys(ENERGY_EXCEPTIONS).filter((id) => !ids.has(id))).toEqual([]);
  expect(Object.keys(ENERGY_EXCEPTIONS).length / curated.length).toBeLessThanOrEqual(0.05);
});

/** The two tables truly differ here by more than four times, with the reason. */
const TABLES_DIFFER: Readonly<Record<string, string>> = {
  'garlic calciumMg': 'soil: 181 and 20 mg, both printed',
  'apricots-dried potassiumMg': 'treated and untreated fruit: 1162 and 285 mg, both printed',
  'quinoa-dry calciumMg': 'saponins washed off or not: 47 and 198 mg, both printed',
  'mushrooms calciumMg': 'compost: 3 and 17 mg, both printed',
};

/** Varieties and soils differ, so a factor of four is what must hold for every food that stands in both tables. */
test.each(TABLE_PAIRS.map(({ id, open: code }) => [id, code] as const))('%s stands within a factor of four of IFCT %s', (id, code) => {
  const recalled = curated.find((food) => food.id === id) as Food;
  const measured = SHELF.food(`ifct-${code}`) as Food;
  const apart = (['proteinG', 'potassiumMg', 'calciumMg', 'phosphorusMg'] as const).filter((key) => {
    const [one, two] = [of(recalled, key), of(measured, key)];
    // A milligram or two is rounding.
    return Math.max(one, two) > 4 * Math.min(one, two) && Math.abs(one - two) > 6 && !(`${id} ${key}` in TABLES_DIFFER);
  });
  expect(apart).toEqual([]);
});

describe('within its group no figure stands alone', () => {
  const GROUP_KEYS = ['waterG', 'proteinG', 'fatG', 'carbohydrateG', 'fibreG', 'sodiumMg', 'potassiumMg', 'calciumMg', 'phosphorusMg'] as const;
  const FEWEST = 6;
  /** Robust standard deviations from the middle of the group, on the logarithm of the dry matter (Iglewicz and Hoaglin 1993 call 3.5 an outlier; groups here hold unlike foods). */
  const FAR = 5.5;
  /** Rounding of figures near nothing, so that a tenth of a gram is no outlier. */
  const NOTHING = 0.5;
  const ALONE: Readonly<Record<string, string>> = {
    'ghee proteinG': 'butter with its curd taken off',
    'ghee calciumMg': 'butter with its curd taken off',
    'ghee phosphorusMg': 'butter with its curd taken off',
    'edamame fatG': 'soya is an oil seed among pulses',
    'soybeans-cooked fatG': 'soya is an oil seed among pulses',
    'stock-paste fibreG': 'a paste of vegetables among clear broths',
    'mayonnaise carbohydrateG': 'oil and yolk among sauces of sugar and starch',
    'vegetable-broth-low-sodium fibreG': 'a tenth of a gram in nearly no dry matter',
    'fish-stock carbohydrateG': 'bones give none, vegetables do',
    'stock-powder-low-salt sodiumMg': 'made without salt among salted powders',
    'lemon-juice fatG': 'juice among vinegars',
    'lemon-juice fibreG': 'juice among vinegars',
    'lime-juice fibreG': 'juice among vinegars',
    'brandy calciumMg': 'distilled',
    'butter-salted phosphorusMg': 'fat with little of the milk left in it',
    'butter-unsalted phosphorusMg': 'fat with little of the milk left in it',
    'glass-noodles-dry proteinG': 'pure starch among grains',
    'avocado fatG': 'an oily fruit among sweet ones',
    'ghee waterG': 'pure fat among milk, cream and cheese',
    'fish-stock-cube waterG': 'a dry cube among ready broths',
    'meat-stock-cube waterG': 'a dry cube among ready broths',
    'pork-stock-cube waterG': 'a dry cube among ready broths',
    'mushroom-broth fibreG': 'the only clear stock with fibre',
    'salt-pork waterG': 'four fifths fat',
    'meatballs fibreG': 'the only meat with bread in it',
    'jam fibreG': 'fruit among sugars',
    'fried-onions waterG': 'dry and fried among wet sauces',
  };
  const dryMatter = (food: Food, key: (typeof GROUP_KEYS)[number]) =>
    key === 'waterG' ? of(food, key) : (of(food, key) / Math.max(1, 100 - of(food, 'waterG'))) * 100;
  const groups = new Map<string, Food[]>();
  for (const food of curated) {
    if (food.category === 'fat') continue;
    const name = `${food.category}, ${food.state}`;
    groups.set(name, [...(groups.get(name) ?? []), food]);
  }
  const found = [...groups.values()]
    .filter((list) => list.length >= FEWEST)
    .flatMap((list) =>
      GROUP_KEYS.flatMap((key) => {
        const logs = list.map((food) => Math.log(dryMatter(food, key) + NOTHING));
        const middle = (values: readonly number[]) => [...values].sort((a, b) => a - b)[values.length >> 1] as number;
        const centre = middle(logs);
        const spread = 1.4826 * (middle(logs.map((x) => Math.abs(x - centre))) + 0.15);
        return list.filter((_, at) => Math.abs((logs[at] as number) - centre) / spread > FAR).map(({ id }) => `${id} ${key}`);
      }),
    );
  test('but for those with a reason', () => {
    expect(found.filter((name) => !(name in ALONE))).toEqual([]);
  });
  test('and every reason is still wanted', () => {
    expect(Object.keys(ALONE).filter((name) => !found.includes(name))).toEqual([]);
    expect(Object.keys(ALONE).length / curated.length).toBeLessThanOrEqual(0.05);
  });
});

describe('the three-way rule for zeros of the open table', () => {
  test('cholesterol of a plant is zero by nature', () => {
    expect(SHELF.food('ifct-F006')?.per100g.cholesterolMg).toBe(0);
    expect(SHELF.food('ifct-F006')?.zeroByNature.has('cholesterolMg')).toBe(true);
  });
  test('a zero among others of its group is not detected: zero, up to the smallest of the group', () => {
    const rice = SHELF.food('ifct-A015');
    expect(rice?.per100g.betaCaroteneUg).toBe(0);
    expect(rice?.spread.betaCaroteneUg?.[1]).toBeGreaterThan(0);
  });
  test('a column that is zero in a whole group though possible is unknown', () => {
    expect(SHELF.food('ifct-O048')?.per100g.folateDfeUg).toBeUndefined();
    expect(SHELF.food('ifct-L002')?.per100g.vitaminKUg).toBeUndefined();
    expect(SHELF.food('ifct-L002')?.per100g.cholesterolMg).toBeUndefined();
    expect(SHELF.food('ifct-L002')?.per100g.vitaminARaeUg).toBeUndefined();
  });
  test('plant vitamin D of the table is not credible and is left out', () => {
    expect(SHELF.food('ifct-D075')?.per100g.vitaminDUg).toBeUndefined();
  });
  test('no row of the table claims to know its vitamin B12 unless it is a plant', () => {
    expect(SHELF.food('ifct-M001')?.per100g.vitaminB12Ug).toBeUndefined();
    expect(SHELF.food('ifct-F006')?.per100g.vitaminB12Ug).toBe(0);
  });
});

test('a food whose make may hold alcohol is not said to hold none by nature', () => {
  for (const food of curated) {
    if (food.dietChecks.some(({ diet }) => diet === 'noAlcohol')) expect([food.id, food.zeroByNature.has('alcoholG')]).toEqual([food.id, false]);
  }
});
