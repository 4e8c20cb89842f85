/** Content claims at their boundaries, the rule cited beside each (from memory of the rules). */
import { describe, expect, test } from '@jest/globals';
import { analyse } from '../analysis/analysis.ts';
import { SHELF } from '../food/shelf.ts';
import { line, soup } from '../test/soup.ts';
import { NUTRIENTS, type Nutrient } from '../vocabulary/nutrient.ts';
import { type ClaimFigures, claimsOf, lessThanOriginal } from './claims.ts';
import type { RegimeId } from './regime.ts';

const exactly = (value: number) => ({ value, low: value, high: value, atLeast: false });
/** A bowl that is the reference amount, with these figures; energy 100 kcal and nothing else unless said. */
function bowl(figures: Partial<Record<Nutrient, number>>, servingGrams = 245, servingMl = 240): ClaimFigures {
  const perServing = Object.fromEntries(NUTRIENTS.map((key) => [key, exactly(figures[key] ?? (key === 'energyKcal' ? 100 : 0))]));
  return { perServing: perServing as ClaimFigures['perServing'], servingGrams, servingMl };
}
const claim = (regime: RegimeId, id: string, figures: ClaimFigures) => claimsOf(regime, figures).find((one) => one.id === id);
const supported = (regime: RegimeId, id: string, figures: ClaimFigures) => claim(regime, id, figures)?.supported;

describe('US, per 245 g', () => {
  test.each([
    // 101.60(b)
    ['calorieFree', { energyKcal: 4.9 }, 'yes'],
    ['calorieFree', { energyKcal: 5 }, 'no'],
    ['lowCalorie', { energyKcal: 40 }, 'yes'],
    ['lowCalorie', { energyKcal: 40.1 }, 'no'],
    // 101.60(c)(1)
    ['sugarFree', { sugarsG: 0.49 }, 'yes'],
    ['sugarFree', { sugarsG: 0.5 }, 'no'],
    // 101.61(b)
    ['sodiumFree', { sodiumMg: 4.9 }, 'yes'],
    ['sodiumFree', { sodiumMg: 5 }, 'no'],
    ['veryLowSodium', { sodiumMg: 35 }, 'yes'],
    ['veryLowSodium', { sodiumMg: 35.1 }, 'no'],
    ['lowSodium', { sodiumMg: 140 }, 'yes'],
    ['lowSodium', { sodiumMg: 140.1 }, 'no'],
    // 101.62(b)
    ['fatFree', { fatG: 0.49 }, 'yes'],
    ['fatFree', { fatG: 0.5 }, 'no'],
    ['lowFat', { fatG: 3 }, 'yes'],
    ['lowFat', { fatG: 3.1 }, 'no'],
    // 101.62(c): 1 g and 15 % of the energy
    ['lowSaturatedFat', { saturatedFatG: 1 }, 'yes'],
    ['lowSaturatedFat', { saturatedFatG: 1.01, energyKcal: 500 }, 'no'],
    ['lowSaturatedFat', { saturatedFatG: 0.9, energyKcal: 50 }, 'no'],
    ['saturatedFatFree', { saturatedFatG: 0.4, transFatG: 0.4 }, 'yes'],
    ['saturatedFatFree', { saturatedFatG: 0.4, transFatG: 0.5 }, 'no'],
    // 101.62(d)
    ['cholesterolFree', { cholesterolMg: 1.9, saturatedFatG: 2 }, 'yes'],
    ['cholesterolFree', { cholesterolMg: 0, saturatedFatG: 2.1 }, 'no'],
    ['lowCholesterol', { cholesterolMg: 20, saturatedFatG: 2 }, 'yes'],
    ['lowCholesterol', { cholesterolMg: 20.1 }, 'no'],
    // 101.54: 28 g of fibre a day, 10 to 19 and 20 %
    ['goodSource:fibreG', { fibreG: 2.8 }, 'yes'],
    ['goodSource:fibreG', { fibreG: 2.79 }, 'no'],
    ['goodSource:fibreG', { fibreG: 5.6 }, 'no'],
    ['high:fibreG', { fibreG: 5.6 }, 'yes'],
    ['high:potassiumMg', { potassiumMg: 939 }, 'no'],
    ['high:potassiumMg', { potassiumMg: 940 }, 'yes'],
  ] as const)('%s of %j: %s', (id, figures, expected) => {
    expect(supported('us', id, bowl(figures))).toBe(expected);
  });
  test("'free' holds for the serving too, 'low' for the reference amount alone", () => {
    const twice = bowl({ sodiumMg: 8, fatG: 5.8 }, 490, 480);
    expect([supported('us', 'sodiumFree', twice), supported('us', 'veryLowSodium', twice), supported('us', 'lowFat', twice)]).toEqual([
      'no',
      'yes',
      'yes',
    ]);
  });
  test.each([
    ['fatG', 13],
    ['saturatedFatG', 4],
    ['cholesterolMg', 60],
    ['sodiumMg', 480],
  ] as const)('a claim points to %s above %d, 101.13(h)(1)', (key, level) => {
    const beside = (value: number) => claim('us', 'goodSource:calciumMg', bowl({ calciumMg: 200, [key]: value }))?.disclose ?? [];
    expect([beside(level).length, beside(level + 0.1).length]).toEqual([0, 1]);
  });
  test('a fibre claim states the fat unless it is low, 101.54(d)', () => {
    expect(claim('us', 'high:fibreG', bowl({ fibreG: 6, fatG: 3 }))?.disclose).toBeUndefined();
    expect(claim('us', 'high:fibreG', bowl({ fibreG: 6, fatG: 4 }))?.disclose).toEqual(['contains 4.0 g total fat per serving']);
  });
  test('there is no protein claim: its quality would have to be corrected, 101.9(c)(7)', () => {
    expect(claimsOf('us', bowl({ proteinG: 30 })).filter(({ id }) => id.includes('protein'))).toEqual([]);
  });
});

describe('EU, per 100 ml by the stricter condition', () => {
  // A bowl of 100 g and 100 ml: figures are per 100 of both.
  const hundred = (figures: Partial<Record<Nutrient, number>>) => bowl(figures, 100, 100);
  test.each([
    ['energyFree', { energyKcal: 4 }, 'yes'],
    ['energyFree', { energyKcal: 4.1 }, 'no'],
    ['lowEnergy', { energyKcal: 20 }, 'yes'],
    ['lowEnergy', { energyKcal: 20.1 }, 'no'],
    ['fatFree', { fatG: 0.5 }, 'yes'],
    ['lowFat', { fatG: 1.5 }, 'yes'],
    ['lowFat', { fatG: 1.6 }, 'no'],
    ['lowSaturatedFat', { saturatedFatG: 0.5, transFatG: 0.25 }, 'yes'],
    ['lowSaturatedFat', { saturatedFatG: 0.5, transFatG: 0.26 }, 'no'],
    ['lowSaturatedFat', { saturatedFatG: 0.7, energyKcal: 60 }, 'no'],
    ['saturatedFatFree', { saturatedFatG: 0.1 }, 'yes'],
    ['lowSugars', { sugarsG: 2.5 }, 'yes'],
    ['sugarsFree', { sugarsG: 0.51 }, 'no'],
    ['lowSodium', { sodiumMg: 120 }, 'yes'],
    ['lowSodium', { sodiumMg: 121 }, 'no'],
    ['veryLowSodium', { sodiumMg: 40 }, 'yes'],
    ['sodiumFree', { sodiumMg: 5 }, 'yes'],
    ['sourceOfFibre', { fibreG: 3, energyKcal: 1000 }, 'yes'],
    ['sourceOfFibre', { fibreG: 1.5 }, 'yes'],
    ['sourceOfFibre', { fibreG: 1.49 }, 'no'],
    ['highFibre', { fibreG: 3 }, 'yes'],
    ['highFibre', { fibreG: 2.9 }, 'no'],
    ['sourceOfProtein', { proteinG: 3 }, 'yes'],
    ['sourceOfProtein', { proteinG: 2.9 }, 'no'],
    ['highProtein', { proteinG: 5 }, 'yes'],
    ['source:calciumMg', { calciumMg: 120 }, 'yes'],
    ['source:calciumMg', { calciumMg: 119 }, 'no'],
    ['high:calciumMg', { calciumMg: 240 }, 'yes'],
  ] as const)('%s of %j: %s', (id, figures, expected) => {
    expect(supported('eu', id, hundred(figures))).toBe(expected);
  });
  test('low sodium differs by regime: the same bowl is low here and not in the US', () => {
    const same = bowl({ sodiumMg: 250 }, 245, 240);
    expect([supported('us', 'lowSodium', same), supported('eu', 'lowSodium', same), supported('uk', 'lowSodium', same)]).toEqual([
      'no',
      'yes',
      'yes',
    ]);
  });
});

describe('a claim is judged on the whole interval', () => {
  const between = (low: number, value: number, high: number, atLeast = false): ClaimFigures => {
    const one = bowl({});
    return { ...one, perServing: { ...one.perServing, sodiumMg: { value, low, high, atLeast } } };
  };
  test.each([
    [between(100, 120, 139), 'yes'],
    [between(100, 120, 141), 'cannotTell'],
    [between(141, 160, 180), 'no'],
    [between(100, 120, 139, true), 'cannotTell'],
    [between(141, 160, 180, true), 'no'],
  ] as const)('%#: %s', (figures, expected) => {
    expect(supported('us', 'lowSodium', figures)).toBe(expected);
  });
  test('a lower bound proves a minimum and never disproves it', () => {
    const figures = bowl({});
    const fibre = (low: number, atLeast: boolean) =>
      supported('us', 'high:fibreG', { ...figures, perServing: { ...figures.perServing, fibreG: { value: low, low, high: low, atLeast } } });
    expect([fibre(6, true), fibre(1, true), fibre(1, false)]).toEqual(['yes', 'cannotTell', 'no']);
  });
});

test('a leek and potato soup in water: what its figures would support in both regimes', () => {
  const recipe = soup([line('leek', 'leek', 400), line('potato', 'potato', 400), line('water', 'water', 1200)], { servings: 8 });
  const ids = (regime: 'us' | 'eu') =>
    analyse(recipe, { regime }, SHELF)
      .claims.filter((one) => one.supported === 'yes')
      .map(({ id }) => id);
  expect(ids('us')).toEqual(expect.arrayContaining(['veryLowSodium', 'fatFree', 'lowSaturatedFat', 'cholesterolFree']));
  expect(ids('eu')).toEqual(expect.arrayContaining(['veryLowSodium', 'fatFree']));
});

describe('less than the original', () => {
  const about = (value: number, error: number) => ({ value, low: value - error, high: value + error, atLeast: false });
  test('is said in whole per cent, rounded down, and never as a claim', () => {
    const less = lessThanOriginal('sodiumMg', about(600, 10), about(395, 10));
    expect(less).toEqual({ nutrient: 'sodiumMg', percent: 34, words: '34 % less sodium than the original' });
  });
  test('is about, where the two intervals meet', () => {
    expect(lessThanOriginal('sodiumMg', about(600, 100), about(500, 100))?.words).toMatch(/^about 16 %/);
  });
  test('is nothing of more, of as much, or of an unknown', () => {
    expect(lessThanOriginal('sodiumMg', about(600, 1), about(600, 1))).toBeNull();
    expect(lessThanOriginal('sodiumMg', about(600, 1), about(700, 1))).toBeNull();
    expect(lessThanOriginal('sodiumMg', about(600, 1), { ...about(300, 1), atLeast: true })).toBeNull();
  });
});

test('EU vitamin A is judged in retinol equivalents, in which carotene counts twice what activity equivalents give it', () => {
  // 1169/2011 Annex XIII: 800 µg RE; 15 % in 100 g are 120 µg. Carotene / 6 against / 12 (from memory).
  expect(supported('eu', 'source:vitaminARaeUg', bowl({ vitaminARaeUg: 200, betaCaroteneUg: 2400 }))).toBe('yes');
  expect(supported('eu', 'source:vitaminARaeUg', bowl({ vitaminARaeUg: 200 }))).toBe('no');
  expect(claim('uk', 'source:vitaminARaeUg', bowl({ vitaminARaeUg: 240, betaCaroteneUg: 2880 }))?.figure).toBeCloseTo((480 / 245) * 100, 6);
});
