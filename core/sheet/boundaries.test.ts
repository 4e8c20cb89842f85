/**
 * Either side of the steps of rounding and of claims, on the sheet. Rounding: United States, 21 CFR 101.9(c); European Union, guidance on
 * tolerances of 2012, section 6; Canada, Table of Daily Values and rounding of the Food and Drug Regulations B.01.401; Australia and New
 * Zealand, Standard 1.2.8. Claims: 21 CFR 101.60 to 101.62; Regulation (EC) 1924/2006, annex; all from memory.
 */
import { describe, expect, test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import type { RegimeId } from '../regime/regime.ts';
import { line, soup } from '../test/soup.ts';
import type { Nutrient } from '../vocabulary/nutrient.ts';
import { sheetOf } from './sheet.ts';

const BOWL_G = 240;
/** What gives a nutrient alone, or as good as. */
const GIVES: Partial<Record<Nutrient, string>> = {
  sodiumMg: 'salt',
  saltG: 'salt',
  fatG: 'rapeseed-oil',
  saturatedFatG: 'coconut-oil',
  sugarsG: 'sugar',
  energyKcal: 'sugar',
  energyKj: 'sugar',
  carbohydrateG: 'sugar',
};

/** A bowl of water with so many grams of a food in it. */
const bowl = (foodId: string, grams: number) =>
  soup([line('water', 'water', BOWL_G - grams), line('food', foodId, grams)], { servings: 1, steps: [] });
const sheet = (foodId: string, grams: number, regime: RegimeId) => sheetOf({ recipe: bowl(foodId, grams), regime }, SHELF);

/** The sheet of a bowl that holds so much of the nutrient: what it takes is found between none and a hundred grams. */
function holding(nutrient: Nutrient, amount: number, regime: RegimeId, per: 'perServing' | 'per100g' = 'perServing') {
  const foodId = GIVES[nutrient] as string;
  const at = (grams: number) => sheet(foodId, grams, regime).figures.find((one) => one.nutrient === nutrient)?.[per].value as number;
  const [none, some] = [at(0.001), at(50)];
  const grams = 0.001 + ((amount - none) / (some - none)) * 49.999;
  return sheet(foodId, grams, regime);
}
const text = (nutrient: Nutrient, amount: number, regime: RegimeId, per: 'perServing' | 'per100g' = 'perServing') =>
  holding(nutrient, amount, regime, per).figures.find((one) => one.nutrient === nutrient)?.[per].text;

describe('rounding on the sheet', () => {
  test.each<[RegimeId, Nutrient, number, string]>([
    ['us', 'energyKcal', 4.9, '0 kcal'],
    ['us', 'energyKcal', 5.1, '5 kcal'],
    ['us', 'energyKcal', 47.4, '45 kcal'],
    ['us', 'energyKcal', 47.6, '50 kcal'],
    ['us', 'energyKcal', 54.9, '50 kcal'],
    ['us', 'energyKcal', 55.1, '60 kcal'],
    ['us', 'fatG', 0.49, '0 g'],
    ['us', 'fatG', 0.51, '0.5 g'],
    ['us', 'fatG', 4.7, '4.5 g'],
    ['us', 'fatG', 4.8, '5 g'],
    ['us', 'fatG', 5.4, '5 g'],
    ['us', 'fatG', 5.6, '6 g'],
    ['us', 'sodiumMg', 12.4, '10 mg'],
    ['us', 'sodiumMg', 12.6, '15 mg'],
    ['us', 'sodiumMg', 137, '135 mg'],
    ['us', 'sodiumMg', 138, '140 mg'],
    ['us', 'sodiumMg', 144, '140 mg'],
    ['us', 'sodiumMg', 146, '150 mg'],
    ['us', 'sugarsG', 0.49, '0 g'],
    ['us', 'sugarsG', 1.6, '2 g'],
    ['ca', 'sodiumMg', 138, '140 mg'],
    ['ca', 'sodiumMg', 146, '150 mg'],
    ['ca', 'fatG', 0.74, '0.5 g'],
    ['ca', 'fatG', 0.76, '1 g'],
    ['ca', 'fatG', 5.4, '5 g'],
    ['ca', 'energyKcal', 47.6, '50 kcal'],
    ['anz', 'energyKj', 39, 'less than 40 kJ'],
    ['anz', 'energyKj', 41, '41 kJ'],
    ['anz', 'fatG', 0.99, 'less than 1 g'],
    ['anz', 'fatG', 1.04, '1 g'],
  ])('%s: %s of %d a bowl reads %s', (regime, nutrient, amount, words) => {
    expect(text(nutrient, amount, regime)).toBe(words);
  });
  test.each<[RegimeId, Nutrient, number, string]>([
    ['eu', 'fatG', 0.49, '<0.5 g'],
    ['eu', 'fatG', 0.54, '0.5 g'],
    ['eu', 'fatG', 9.94, '9.9 g'],
    ['eu', 'fatG', 10.4, '10 g'],
    ['eu', 'fatG', 10.6, '11 g'],
    ['eu', 'saturatedFatG', 0.09, '<0.1 g'],
    ['eu', 'saturatedFatG', 0.16, '0.2 g'],
    ['eu', 'sugarsG', 0.49, '<0.5 g'],
    ['eu', 'sugarsG', 9.96, '10.0 g'],
    ['eu', 'saltG', 0.0124, '<0.01 g'],
    ['eu', 'saltG', 0.986, '0.99 g'],
    ['eu', 'saltG', 1.04, '1.0 g'],
    ['eu', 'saltG', 1.06, '1.1 g'],
    ['uk', 'fatG', 9.94, '9.9 g'],
    ['uk', 'saltG', 1.06, '1.1 g'],
    ['anz', 'sodiumMg', 4.9, 'less than 5 mg'],
    ['anz', 'sodiumMg', 5.4, '5 mg'],
  ])('%s: %s of %d in 100 g reads %s', (regime, nutrient, amount, words) => {
    expect(text(nutrient, amount, regime, 'per100g')).toBe(words);
  });
});

describe('claims on the sheet', () => {
  // What is not borne out is not on the sheet.
  const claim = (id: string, nutrient: Nutrient, amount: number, regime: RegimeId, per: 'perServing' | 'per100g' = 'perServing') =>
    holding(nutrient, amount, regime, per).claims.find((one) => one.id === id)?.supported ?? 'no';
  // The reference amount of soup is 245 g, this bowl 240: limits of a labelled serving and of the reference amount are both kept.
  test.each<[RegimeId, string, Nutrient, number, string, 'perServing' | 'per100g']>([
    ['us', 'lowSodium', 'sodiumMg', 110, 'yes', 'perServing'],
    // Its best figure is below the limit of 140, its range is not.
    ['us', 'lowSodium', 'sodiumMg', 130, 'cannotTell', 'perServing'],
    ['us', 'lowSodium', 'sodiumMg', 170, 'no', 'perServing'],
    ['us', 'lowFat', 'fatG', 2.8, 'yes', 'perServing'],
    ['us', 'lowFat', 'fatG', 3.6, 'no', 'perServing'],
    ['us', 'lowCalorie', 'energyKcal', 37, 'yes', 'perServing'],
    ['us', 'lowCalorie', 'energyKcal', 46, 'no', 'perServing'],
    ['eu', 'lowFat', 'fatG', 1.4, 'yes', 'per100g'],
    ['eu', 'lowFat', 'fatG', 3.1, 'no', 'per100g'],
    ['eu', 'lowSugars', 'sugarsG', 2.3, 'yes', 'per100g'],
    ['eu', 'lowSugars', 'sugarsG', 5.1, 'no', 'per100g'],
    ['ca', 'lowSodium', 'sodiumMg', 110, 'yes', 'perServing'],
    // Its best figure is below the limit of 140, its range is not.
    ['ca', 'lowSodium', 'sodiumMg', 130, 'cannotTell', 'perServing'],
    ['ca', 'lowSodium', 'sodiumMg', 170, 'no', 'perServing'],
    ['anz', 'lowSodium', 'sodiumMg', 110, 'yes', 'per100g'],
    ['anz', 'lowSodium', 'sodiumMg', 125, 'no', 'per100g'],
  ])('%s: %s with %s of %d is %s (%s)', (regime, id, nutrient, amount, answer, per) => {
    expect(claim(id, nutrient, amount, regime, per)).toBe(answer);
  });
});
