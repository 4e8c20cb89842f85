/**
 * Six whole soups against published food values, the arithmetic written out. Written before the code that must match.
 *
 * Values per 100 g: 'SR' is the USDA National Nutrient Database for Standard Reference, Legacy release, recalled from
 * memory, NDB number beside each line; 'IFCT' is Indian Food Composition Tables 2017, row code beside each line, read
 * from the packaged table. Energy is 4/9/4 on protein, fat and total carbohydrate (21 CFR 101.9(c)(1)(i)(B)).
 * Minerals and macronutrients stay in the pot (retention 1), so a bowl is the plain sum divided by the bowls.
 */
import { describe, expect, test } from '@jest/globals';
import { analyse } from '../analysis/analysis.ts';
import { SHELF } from '../food/shelf.ts';
import type { Recipe } from '../vocabulary/recipe.ts';

const pot = (servings: number, ...lines: [foodId: string, grams: number, stage?: 'base' | 'bowl'][]): Recipe => ({
  title: 'a published soup',
  servings,
  steps: [],
  lines: lines.map(([foodId, grams, stage], index) => ({
    id: `l${index + 1}`,
    stage: stage ?? 'base',
    text: foodId,
    foodId,
    grams: { best: grams, low: grams, high: grams },
  })),
});
const bowlOf = (recipe: Recipe) => analyse(recipe, { regime: 'us' }, SHELF).perServing;

describe('six soups computed by hand', () => {
  test('leek and potato with double the butter, four bowls (SR)', () => {
    const bowl = bowlOf(pot(4, ['leek', 300], ['potato', 500], ['butter-salted', 40], ['water', 800], ['salt', 6]));
    //             leek 11246     potato 11352    butter 01001   salt 02047
    const protein = (3.0 * 1.5 + 5.0 * 2.02 + 0.4 * 0.85) / 4;
    const fat = (3.0 * 0.3 + 5.0 * 0.09 + 0.4 * 81.11) / 4;
    const carbohydrate = (3.0 * 14.15 + 5.0 * 17.47 + 0.4 * 0.06) / 4;
    const sodium = (3.0 * 20 + 5.0 * 6 + 0.4 * 643 + 8.0 * 4 + 0.06 * 38758) / 4;
    const potassium = (3.0 * 180 + 5.0 * 421 + 0.4 * 24 + 0.06 * 8) / 4;
    expect(bowl.proteinG.value).toBeCloseTo(protein, 3);
    expect(bowl.fatG.value).toBeCloseTo(fat, 3);
    expect(bowl.carbohydrateG.value).toBeCloseTo(carbohydrate, 3);
    expect(bowl.energyKcal.value).toBeCloseTo(4 * protein + 9 * fat + 4 * carbohydrate, 2);
    expect(bowl.sodiumMg.value).toBeCloseTo(sodium, 1);
    expect(bowl.potassiumMg.value).toBeCloseTo(potassium, 1);
  });

  test('celeriac and apple with heavy cream, six bowls (SR)', () => {
    const bowl = bowlOf(pot(6, ['celeriac', 900], ['apple', 200], ['onion', 220], ['butter-unsalted', 50], ['cream-heavy', 200], ['water', 1000]));
    //           celeriac 11141  apple 09003   onion 11282   butter 01145  cream 01053
    const fat = (9.0 * 0.3 + 2.0 * 0.17 + 2.2 * 0.1 + 0.5 * 81.11 + 2.0 * 36.08) / 6;
    const saturated = (9.0 * 0.079 + 2.0 * 0.028 + 2.2 * 0.042 + 0.5 * 50.49 + 2.0 * 23.03) / 6;
    const fibre = (9.0 * 1.8 + 2.0 * 2.4 + 2.2 * 1.7) / 6;
    const sugars = (9.0 * 1.6 + 2.0 * 10.39 + 2.2 * 4.24 + 0.5 * 0.06 + 2.0 * 2.92) / 6;
    const cholesterol = (0.5 * 215 + 2.0 * 113) / 6;
    const phosphorus = (9.0 * 115 + 2.0 * 11 + 2.2 * 29 + 0.5 * 24 + 2.0 * 58) / 6;
    expect(bowl.fatG.value).toBeCloseTo(fat, 3);
    expect(bowl.saturatedFatG.value).toBeCloseTo(saturated, 3);
    expect(bowl.fibreG.value).toBeCloseTo(fibre, 3);
    expect(bowl.sugarsG.value).toBeCloseTo(sugars, 3);
    expect(bowl.cholesterolMg.value).toBeCloseTo(cholesterol, 2);
    expect(bowl.phosphorusMg.value).toBeCloseTo(phosphorus, 1);
  });

  test('thick white sauce soup of flour, butter and milk, three bowls (SR)', () => {
    const bowl = bowlOf(pot(3, ['flour-wheat', 23.4], ['butter-salted', 42.6], ['milk-whole', 732], ['salt', 3], ['white-pepper', 0.5]));
    //              flour 20081     butter 01001    milk 01077
    const protein = (0.234 * 10.33 + 0.426 * 0.85 + 7.32 * 3.15 + 0.005 * 10.4) / 3;
    const carbohydrate = (0.234 * 76.31 + 0.426 * 0.06 + 7.32 * 4.8 + 0.005 * 68.61) / 3;
    const fibre = (0.234 * 2.7 + 0.005 * 26.2) / 3;
    const calcium = (0.234 * 15 + 0.426 * 24 + 7.32 * 113 + 0.03 * 24 + 0.005 * 265) / 3;
    expect(bowl.proteinG.value).toBeCloseTo(protein, 3);
    expect(bowl.carbohydrateG.value).toBeCloseTo(carbohydrate, 3);
    expect(bowl.availableCarbohydrateG.value).toBeCloseTo(carbohydrate - fibre, 3);
    expect(bowl.calciumMg.value).toBeCloseTo(calcium, 1);
  });

  test('green pea and ham with a spoon of cream in each of five bowls: the topping is added after division (SR)', () => {
    const recipe = pot(5, ['peas-frozen', 600], ['ham', 150], ['onion', 110], ['chicken-broth', 900], ['cream-heavy', 15, 'bowl']);
    const lines = recipe.lines.map((line) => (line.stage === 'bowl' ? { ...line, perBowl: true } : line));
    const bowl = bowlOf({ ...recipe, lines });
    //              peas 11312   ham 10136     onion        broth           cream, one bowl
    const protein = (6.0 * 5.22 + 1.5 * 22.62 + 1.1 * 1.1 + 9.0 * 0.64) / 5 + 0.15 * 2.84;
    const fat = (6.0 * 0.4 + 1.5 * 9.02 + 1.1 * 0.1 + 9.0 * 0.21) / 5 + 0.15 * 36.08;
    const sodium = (6.0 * 108 + 1.5 * 1500 + 1.1 * 4 + 9.0 * 371) / 5 + 0.15 * 27;
    expect(bowl.proteinG.value).toBeCloseTo(protein, 3);
    expect(bowl.fatG.value).toBeCloseTo(fat, 3);
    expect(bowl.sodiumMg.value).toBeCloseTo(sodium, 1);
    expect(bowl.saltG.value).toBeCloseTo((sodium * 2.5) / 1000, 3);
  });

  test('dry pea, carrot and onion, eight bowls (IFCT 2017)', () => {
    const bowl = bowlOf(pot(8, ['ifct-B017', 450], ['ifct-F002', 300], ['ifct-G017', 200], ['ifct-T012', 30], ['water', 2500]));
    //              peas, dry B017          carrot F002            onion G017            sunflower oil T012
    const protein = (4.5 * 20.43 + 3.0 * 0.95 + 2.0 * 1.5) / 8;
    const fat = (4.5 * 1.89 + 3.0 * 0.47 + 2.0 * 0.24 + 0.3 * 100) / 8;
    const fibre = (4.5 * 17.01 + 3.0 * 4.18 + 2.0 * 2.45) / 8;
    const potassium = (4.5 * 922 + 3.0 * 273 + 2.0 * 171) / 8;
    expect(bowl.proteinG.value).toBeCloseTo(protein, 2);
    expect(bowl.fatG.value).toBeCloseTo(fat, 2);
    expect(bowl.fibreG.value).toBeCloseTo(fibre, 2);
    expect(bowl.potassiumMg.value).toBeCloseTo(potassium, 0);
  });

  test('lentil and tomato with mustard seed, six bowls, energy in the European factors (IFCT 2017)', () => {
    const recipe = pot(6, ['ifct-B013', 300], ['ifct-D075', 500], ['ifct-G017', 150], ['ifct-H013', 5], ['ifct-T012', 20], ['water', 1500]);
    const bowl = analyse(recipe, { regime: 'eu' }, SHELF).perServing;
    //              lentil dal B013   tomato D075   onion G017   mustard H013   oil T012
    const protein = 3.0 * 24.35 + 5.0 * 0.76 + 1.5 * 1.5 + 0.05 * 19.51;
    const fat = 3.0 * 0.75 + 5.0 * 0.25 + 1.5 * 0.24 + 0.05 * 40.19 + 0.2 * 100;
    const available = 3.0 * 52.53 + 5.0 * 3.2 + 1.5 * 9.56 + 0.05 * 16.8;
    const fibre = 3.0 * 10.43 + 5.0 * 1.58 + 1.5 * 2.45 + 0.05 * 14.1;
    // Regulation (EU) 1169/2011, Annex XIV: protein 4, fat 9, available carbohydrate 4, fibre 2 kcal/g.
    expect(bowl.energyKcal.value).toBeCloseTo((4 * protein + 9 * fat + 4 * available + 2 * fibre) / 6, 1);
    expect(bowl.energyKj.value).toBeCloseTo((17 * protein + 37 * fat + 17 * available + 8 * fibre) / 6, 0);
    expect(bowl.availableCarbohydrateG.value).toBeCloseTo(available / 6, 2);
  });
});

/** Values as printed: the Standard Reference from memory with its NDB number, the open table by its code. */
describe('single published values stand in the foods as printed', () => {
  test.each([
    ['butter-salted', 'fatG', 81.11, 'SR 01001'],
    ['butter-unsalted', 'sodiumMg', 11, 'SR 01145'],
    ['milk-whole', 'calciumMg', 113, 'SR 01077'],
    ['cream-heavy', 'fatG', 36.08, 'SR 01053'],
    ['cream-cheese', 'proteinG', 6.15, 'SR 01017'],
    ['cheddar', 'sodiumMg', 653, 'SR 01009'],
    ['parmesan', 'calciumMg', 1184, 'SR 01033'],
    ['egg-yolk', 'cholesterolMg', 1085, 'SR 01125'],
    ['egg', 'proteinG', 12.56, 'SR 01123'],
    ['salt', 'sodiumMg', 38758, 'SR 02047'],
    ['parsley', 'vitaminKUg', 1640, 'SR 11297'],
    ['celery', 'sodiumMg', 80, 'SR 11143'],
    ['celeriac', 'phosphorusMg', 115, 'SR 11141'],
    ['potato', 'potassiumMg', 421, 'SR 11352'],
    ['carrot', 'betaCaroteneUg', 8285, 'SR 11124'],
    ['spinach', 'potassiumMg', 558, 'SR 11457'],
    ['leek', 'vitaminKUg', 47, 'SR 11246'],
    ['cauliflower', 'potassiumMg', 299, 'SR 11135'],
    ['tomato-paste', 'potassiumMg', 1014, 'SR 11546'],
    ['white-beans-cooked', 'potassiumMg', 561, 'SR 16050'],
    ['white-beans-dry', 'potassiumMg', 1795, 'SR 16049'],
    ['navy-beans-cooked', 'fibreG', 10.5, 'SR 16038'],
    ['lentils-cooked', 'proteinG', 9.02, 'SR 16070'],
    ['chickpeas-cooked', 'proteinG', 8.86, 'SR 16057'],
    ['flour-wheat', 'proteinG', 10.33, 'SR 20081'],
    ['cornstarch', 'carbohydrateG', 91.27, 'SR 20027'],
    ['oats-rolled', 'proteinG', 13.15, 'SR 08120'],
    ['tahini', 'calciumMg', 426, 'SR 12166'],
    ['coconut-milk', 'saturatedFatG', 18.915, 'SR 12118'],
    ['ham', 'sodiumMg', 1500, 'SR 10136'],
    ['bacon-cooked', 'sodiumMg', 2310, 'SR 10124'],
    ['chicken-breast-raw', 'proteinG', 22.5, 'SR 05062'],
    ['fish-sauce', 'sodiumMg', 7851, 'SR 06179'],
    ['miso', 'sodiumMg', 3728, 'SR 16112'],
    ['chestnuts-roasted', 'carbohydrateG', 52.96, 'SR 12167'],
  ] as const)('%s %s: %d (%s)', (id, key, value, _source) => {
    expect(SHELF.food(id)?.per100g[key]).toBeCloseTo(value, 1);
  });
  test.each([
    ['ifct-C028', 'vitaminKUg', 322, 'IFCT 2017 C028, parsley'],
    ['ifct-F006', 'potassiumMg', 541, 'IFCT 2017 F006, potato'],
    ['ifct-B020', 'proteinG', 19.91, 'IFCT 2017 B020, red kidney bean'],
    ['ifct-D037', 'sodiumMg', 10.68, 'IFCT 2017 D037, celery'],
  ] as const)('%s %s: %d (%s)', (id, key, value, _source) => {
    expect(Math.abs((SHELF.food(id)?.per100g[key] as number) - value)).toBeLessThan(0.5);
  });
  test('the row that does not decide is kept beside the one that does', () => {
    expect(SHELF.food('cashews-raw')?.other?.per100g.phosphorusMg).toBe(593); // SR 12087, from memory
  });
});
