/** Needs in the words of the people who ask for them. */
import { describe, expect, test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import type { Needs } from './needs.ts';
import { sayNeeds } from './sayNeeds.ts';

const said = (text: string, needs: Needs = {}) => sayNeeds(text, needs, SHELF);
const most = (nutrient: string, max: number, per = 'serving') => ({ nutrient, per, max });

describe('what is understood', () => {
  test('a whole prescription in one breath', () => {
    expect(said('no milk, no nuts, at most 400 mg sodium, at least 10 g protein, same body')).toEqual({
      needs: {
        allergens: ['milk'],
        diets: ['nutFree'],
        limits: [most('sodiumMg', 400), { nutrient: 'proteinG', per: 'serving', min: 10 }],
        body: 'same',
      },
      unread: [],
    });
  });
  test.each([
    ['sodium to 400 mg', most('sodiumMg', 400)],
    ['sodium below 400', most('sodiumMg', 400)],
    ['<= 0.4 g sodium', most('sodiumMg', 400)],
    ['no more than 3 g of saturated fat', most('saturatedFatG', 3)],
    ['up to 140 mg sodium per 100 g', most('sodiumMg', 140, '100g')],
    ['at most 1,5 g salt', most('saltG', 1.5)],
    ['at most 250 kcal', most('energyKcal', 250)],
    ['under 1200 kJ energy', most('energyKj', 1200)],
    ['vitamin k up to 80 mcg', most('vitaminKUg', 80)],
    ['protein from 10 g', { nutrient: 'proteinG', per: 'serving', min: 10 }],
    ['≥ 5 g fibre', { nutrient: 'fibreG', per: 'serving', min: 5 }],
    ['10 to 15 g carbs', { nutrient: 'carbohydrateG', per: 'serving', min: 10, max: 15 }],
    ['between 200 and 300 mg potassium', { nutrient: 'potassiumMg', per: 'serving', min: 200, max: 300 }],
  ])('%s', (text, limit) => {
    expect(said(text)).toEqual({ needs: { limits: [limit] }, unread: [] });
  });
  test.each([
    ['no milk and eggs', { allergens: ['milk', 'egg'] }],
    ['no onion or garlic', { diets: ['noOnionGarlic'] }],
    ['no shellfish', { allergens: ['crustacean', 'mollusc'] }],
    ['Vegan; smooth', { diets: ['vegan'], smooth: true }],
    ['without tree nuts\nno pork', { allergens: ['treeNut'], diets: ['noPork'] }],
    ['no potato', { avoidFoods: ['potato'] }],
    ['keep the leek', { keepFoods: ['leek'] }],
    ['the same thickness', { body: 'same' }],
  ])('%s', (text, needs) => {
    expect(said(text)).toEqual({ needs, unread: [] });
  });
  test('no pulses is every pulse on the shelf', () => {
    const { avoidFoods = [] } = said('no pulses').needs;
    expect(avoidFoods).toEqual(expect.arrayContaining(['white-beans-canned-drained', 'chickpeas-cooked', 'lentils-red-dry']));
    expect(avoidFoods.every((id) => SHELF.food(id)?.category === 'pulse')).toBe(true);
  });
});

describe('what was asked before', () => {
  test('is joined, and asked twice is asked once', () => {
    expect(said('no milk, no egg', { allergens: ['milk'], smooth: true }).needs).toEqual({ allergens: ['milk', 'egg'], smooth: true });
  });
  test('a bound said anew takes the place of the old one and leaves the other end', () => {
    const before: Needs = { limits: [{ nutrient: 'sodiumMg', per: 'serving', min: 100, max: 600 }] };
    expect(said('at most 400 mg sodium', before).needs.limits).toEqual([{ nutrient: 'sodiumMg', per: 'serving', min: 100, max: 400 }]);
    expect(said('at most 50 mg sodium', before).needs.limits).toEqual([most('sodiumMg', 50)]);
  });
});

describe('what is not understood', () => {
  test.each([
    ['no milk, less of everything', ['less of everything']],
    ['at most 400 mg happiness', ['at most 400 mg happiness']],
    ['at most 4 kcal sodium', ['at most 4 kcal sodium']],
    ['no unobtainium', ['no unobtainium']],
    ['15 to 10 g carbs', ['15 to 10 g carbs']],
    ['constructor', ['constructor']],
    ['no toString', ['no toString']],
  ])('%s comes back as written', (text, unread) => {
    expect(said(text).unread).toEqual(unread);
  });
  test('an empty line asks nothing', () => {
    expect(said(' , ')).toEqual({ needs: {}, unread: [] });
  });
});
