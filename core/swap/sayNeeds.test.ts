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
      understood: [],
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
    expect(said(text)).toEqual({ needs: { limits: [limit] }, unread: [], understood: [] });
  });
  test.each([
    ['no milk and eggs', { allergens: ['milk', 'egg'] }],
    ['no onion or garlic', { diets: ['noOnionGarlic'] }],
    ['no shellfish', { allergens: ['crustacean', 'mollusc'] }],
    ['Vegan; smooth', { diets: ['vegan'], smooth: true }],
    ['without tree nuts\nno pork', { allergens: ['treeNut'], diets: ['noPork'] }],
    ['plant-based, pureed', { diets: ['vegan'], smooth: true }],
    ['no seafood', { allergens: ['fish', 'crustacean', 'mollusc'] }],
    ['keep the leek', { keepFoods: ['leek'] }],
    ['the same thickness', { body: 'same' }],
  ])('%s', (text, needs) => {
    expect(said(text)).toEqual({ needs, unread: [], understood: [] });
  });
  test('no pulses is every pulse on the shelf', () => {
    const { avoidFoods = [] } = said('no pulses').needs;
    expect(avoidFoods).toEqual(expect.arrayContaining(['white-beans-canned-drained', 'chickpeas-cooked', 'lentils-red-dry']));
    expect(avoidFoods.every((id) => SHELF.food(id)?.category === 'pulse')).toBe(true);
  });
});

describe('a family is every food of it, dried and canned and in what is usually made with it', () => {
  test.each([
    ['no mushrooms', ['mushrooms', 'mushrooms-dried', 'porcini-dried', 'mushroom-broth', 'condensed-mushroom-soup'], ['cauliflower']],
    ['no tomatoes', ['tomato', 'tomato-paste', 'ketchup', 'tomatoes-canned', 'salsa'], ['red-pepper']],
    ['no chilli', ['chilli-red', 'cayenne', 'curry-paste-red', 'harissa', 'sambal'], ['black-pepper', 'red-pepper']],
    ['mild', ['chilli-red', 'curry-paste-green'], ['ginger']],
    [
      'no cream',
      ['cream-heavy', 'half-and-half', 'creme-fraiche', 'sour-cream'],
      ['milk-whole', 'oat-cream', 'cream-cheese', 'coconut-yogurt', 'coconut-cream'],
    ],
    ['no butter', ['butter-salted', 'butter-unsalted', 'ghee'], ['buttermilk', 'peanut-butter', 'lima-beans-dry', 'butternut-squash']],
    ['no seeds', ['sesame-seeds', 'tahini', 'pumpkin-seeds', 'flaxseed'], ['rapeseed-oil', 'coriander-seed', 'lupin-flour', 'celery-salt']],
    ['no potatoes', ['potato', 'potato-starch', 'instant-mash', 'gnocchi'], ['sweet-potato']],
    ['no starch', ['cornstarch', 'arrowroot', 'tapioca-starch'], ['flour-wheat']],
    ['no added sugar', ['sugar', 'honey', 'ketchup'], ['carrot']],
    ['no honey', ['honey'], ['sugar']],
    ['no smoked or cured meat', ['bacon-raw', 'ham-hock', 'chorizo', 'smoked-sausage'], ['chicken-breast-raw', 'smoked-haddock']],
    ['no pepper', ['black-pepper', 'white-pepper'], ['red-pepper']],
    ['no corn', ['sweetcorn-frozen', 'cornmeal', 'hominy'], ['acorn-squash', 'corned-beef']],
    ['no spinach', ['spinach', 'spinach-frozen'], ['chard']],
  ])('%s', (text, without, but) => {
    const { needs, unread } = said(text);
    expect(unread).toEqual([]);
    expect(needs.avoidFoods).toEqual(expect.arrayContaining(without));
    expect(but.filter((id) => needs.avoidFoods?.includes(id))).toEqual([]);
  });
  test('how many foods a word stands for is told', () => {
    expect(said('no mushrooms').understood[0]).toMatch(/^no mushrooms: \d+ foods, in every form/);
  });
});

describe('against the soup as it is', () => {
  const now: Record<string, number> = {
    saturatedFatG: 9,
    energyKcal: 300,
    sodiumMg: 800,
    fibreG: 2,
    fatG: 20,
    availableCarbohydrateG: 24,
    carbohydrateG: 26,
  };
  const asked = (text: string, needs: Needs = {}) => sayNeeds(text, needs, SHELF, (nutrient) => now[nutrient] ?? 0);
  test.each([
    ['half the saturated fat', { nutrient: 'saturatedFatG', per: 'serving', max: 4.5 }],
    ['a third less energy', { nutrient: 'energyKcal', per: 'serving', max: 200 }],
    ['40 % less fat', { nutrient: 'fatG', per: 'serving', max: 12 }],
    ['cut the sodium by half', { nutrient: 'sodiumMg', per: 'serving', max: 400 }],
    // Regulation (EC) 1924/2006, annex, from memory: reduced is 30 % less, of sodium 25 %; increased 30 % more.
    ['less sodium', { nutrient: 'sodiumMg', per: 'serving', max: 600 }],
    ['more fibre', { nutrient: 'fibreG', per: 'serving', min: 2.6 }],
    ['lighter', { nutrient: 'energyKcal', per: 'serving', max: 210 }],
    ['a quarter more fibre', { nutrient: 'fibreG', per: 'serving', min: 2.5 }],
  ])('%s', (text, limit) => {
    expect(asked(text)).toMatchObject({ needs: { limits: [limit] }, unread: [] });
    expect(asked(text).understood).toHaveLength(1);
  });
  test('what was made of it is shown with the figure now', () => {
    expect(asked('half the saturated fat').understood).toEqual(['half the saturated fat: at most 4.5 g saturated fat a bowl, half of 9 g now']);
  });
  test('low goes by the claim of the regime', () => {
    expect(asked('low sodium').needs.limits).toEqual([{ nutrient: 'sodiumMg', per: 'serving', max: 140 }]);
    expect(asked('low sodium', { regime: 'eu' }).needs.limits).toEqual([{ nutrient: 'sodiumMg', per: '100g', max: 120 }]);
    expect(asked('low fat', { regime: 'eu' }).needs.limits).toEqual([{ nutrient: 'fatG', per: '100g', max: 1.5 }]);
    expect(asked('low lactose').needs.limits).toEqual([{ nutrient: 'lactoseG', per: '100g', max: 1 }]);
  });
  test('without the soup nothing is guessed', () => {
    expect(said('half the saturated fat').unread).toEqual(['half the saturated fat']);
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
    expect(said(' , ')).toEqual({ needs: {}, unread: [], understood: [] });
  });
});
