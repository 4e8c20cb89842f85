/** US label rounding at its boundaries, 21 CFR 101.9(c), paragraph beside each; EU after the Commission guidance of 2012. */
import { describe, expect, test } from '@jest/globals';
import type { Nutrient } from '../vocabulary/nutrient.ts';
import { declaredFigures } from './declared.ts';
import { usPercentDaily } from './us.ts';

const us = (key: Nutrient, value: number, atLeast = false) =>
  declaredFigures(
    'us',
    (asked) => (asked === key ? { value, atLeast } : { value: 0, atLeast: false }),
    () => ({ value: 0, atLeast: false }),
  ).us?.[key];
const eu = (key: Nutrient, value: number) =>
  declaredFigures(
    'eu',
    () => ({ value: 0, atLeast: false }),
    (asked) => (asked === key ? { value, atLeast: false } : { value: 0, atLeast: false }),
  ).eu?.[key];

describe('US', () => {
  test.each([
    ['energyKcal', 4.9, '0 kcal', '(c)(1)'],
    ['energyKcal', 5, '5 kcal', '(c)(1)'],
    ['energyKcal', 47.4, '45 kcal', '(c)(1)'],
    ['energyKcal', 50, '50 kcal', '(c)(1)'],
    ['energyKcal', 54.9, '50 kcal', '(c)(1)'],
    ['energyKcal', 55, '60 kcal', '(c)(1)'],
    ['fatG', 0.49, '0 g', '(c)(2)'],
    ['fatG', 0.5, '0.5 g', '(c)(2)'],
    ['fatG', 4.74, '4.5 g', '(c)(2)'],
    ['fatG', 4.76, '5 g', '(c)(2)'],
    ['fatG', 5.4, '5 g', '(c)(2)'],
    ['saturatedFatG', 2.3, '2.5 g', '(c)(2)(i)'],
    ['cholesterolMg', 1.9, '0 mg', '(c)(3)'],
    ['cholesterolMg', 2, 'less than 5 mg', '(c)(3)'],
    ['cholesterolMg', 5, 'less than 5 mg', '(c)(3)'],
    ['cholesterolMg', 7.6, '10 mg', '(c)(3)'],
    ['sodiumMg', 4.9, '0 mg', '(c)(4)'],
    ['sodiumMg', 5, '5 mg', '(c)(4)'],
    ['sodiumMg', 138, '140 mg', '(c)(4)'],
    ['sodiumMg', 140, '140 mg', '(c)(4)'],
    ['sodiumMg', 144.9, '140 mg', '(c)(4)'],
    ['sodiumMg', 146, '150 mg', '(c)(4)'],
    ['carbohydrateG', 0.49, '0 g', '(c)(6)'],
    ['carbohydrateG', 0.9, 'less than 1 g', '(c)(6)'],
    ['carbohydrateG', 1.4, '1 g', '(c)(6)'],
    ['fibreG', 0.99, 'less than 1 g', '(c)(6)(i)'],
    ['sugarsG', 12.5, '13 g', '(c)(6)(ii)'],
    ['proteinG', 0.5, 'less than 1 g', '(c)(7)'],
    ['vitaminDUg', 0.26, '0.3 µg', 'FDA guidance'],
    ['calciumMg', 44, '40 mg', 'FDA guidance'],
    ['ironMg', 1.24, '1.2 mg', 'FDA guidance'],
    ['potassiumMg', 226, '230 mg', 'FDA guidance'],
  ] as const)('%s of %d is declared %s %s', (key, value, text, _paragraph) => {
    expect(us(key, value)?.text).toBe(text);
  });
  test('a figure that is only a lower bound says at least', () => {
    expect(us('sodiumMg', 300, true)?.text).toBe('at least 300 mg');
  });
  test.each([
    // (d)(7)(ii): nearest whole per cent.
    ['sodiumMg', 575, 25],
    ['fatG', 12, 15],
    ['saturatedFatG', 7.5, 38],
    ['carbohydrateG', 27.5, 10],
    ['fibreG', 2.8, 10],
    ['cholesterolMg', 100, 33],
    // (c)(8)(iii): 2 to 10 %, 5 to 50 %, 10 above; below 2 % may be 0.
    ['calciumMg', 20, 0],
    ['calciumMg', 65, 6],
    ['calciumMg', 195, 15],
    ['calciumMg', 740, 60],
    ['ironMg', 1.8, 10],
    ['potassiumMg', 470, 10],
  ] as const)('%s of %d is %d %% of the daily value', (key, amount, percent) => {
    expect(usPercentDaily(key, amount)).toBe(percent);
  });
  test('sugars and protein have no per cent: none is set, and protein wants its quality corrected', () => {
    expect(usPercentDaily('sugarsG', 20)).toBeUndefined();
    expect(usPercentDaily('proteinG', 20)).toBeUndefined();
  });
});

describe('an insignificant amount, 101.9(f)(1)', () => {
  test.each([
    ['fatG', 0.49, true],
    ['fatG', 0.5, undefined],
    ['carbohydrateG', 0.9, true],
    ['fibreG', 0.99, true],
    ['proteinG', 1, undefined],
    ['sugarsG', 0.9, undefined],
    ['sodiumMg', 4.9, true],
    ['cholesterolMg', 2, undefined],
  ] as const)('%s of %d: %p', (key, value, expected) => {
    expect(us(key, value)?.insignificant).toBe(expected);
  });
  test('is never said of a lower bound', () => {
    expect(us('fatG', 0.2, true)?.insignificant).toBeUndefined();
  });
  test('and a lower bound has no per cent', () => {
    expect([us('calciumMg', 300, true)?.percentDaily, us('calciumMg', 300)?.percentDaily]).toEqual([undefined, 25]);
  });
});

describe('per cent in the EU is of the reference intake or the nutrient reference value, Annex XIII', () => {
  test.each([
    ['energyKj', 420, 5],
    ['saltG', 0.6, 10],
    ['fatG', 7, 10],
    ['calciumMg', 240, 30],
    ['fibreG', 5, undefined],
  ] as const)('%s of %d is %p %%', (key, value, percent) => {
    expect(eu(key, value)?.percentDaily).toBe(percent);
  });
  test('a vitamin or mineral is declared from 15 % of it in 100 g', () => {
    expect([eu('calciumMg', 115)?.text, eu('calciumMg', 120)?.text]).toEqual([undefined, '120 mg']);
  });
});

describe('a regime whose rules are not here', () => {});

describe('EU, per 100 g', () => {
  test.each([
    ['energyKcal', 61.4, '61 kcal'],
    ['energyKj', 257.6, '258 kJ'],
    ['fatG', 0.5, '<0.5 g'],
    ['fatG', 0.51, '0.5 g'],
    ['fatG', 0.56, '0.6 g'],
    ['fatG', 10, '10 g'],
    ['saturatedFatG', 0.1, '<0.1 g'],
    ['saturatedFatG', 0.11, '0.1 g'],
    ['saltG', 0.0125, '<0.01 g'],
    ['saltG', 1, '1.0 g'],
    ['saltG', 1.25, '1.3 g'],
    ['starchG', 4.25, '4.3 g'],
    ['calciumMg', 123.4, '123 mg'],
    ['calciumMg', 1234, '1230 mg'],
    ['ironMg', 2.149, '2.1 mg'],
    ['vitaminDUg', 0.755, '0.76 µg'],
    ['fatG', 9.96, '10.0 g'],
    ['fatG', 12.4, '12 g'],
    ['saturatedFatG', 0.09, '<0.1 g'],
    ['saturatedFatG', 1.26, '1.3 g'],
    ['saltG', 0.012, '<0.01 g'],
    ['saltG', 0.0126, '0.01 g'],
    ['saltG', 0.666, '0.67 g'],
    ['saltG', 1.04, '1.0 g'],
    ['proteinG', 1.96, '2.0 g'],
    ['fibreG', 0.3, '<0.5 g'],
  ] as const)('%s of %d is declared %s', (key, value, text) => {
    expect(eu(key, value)?.text).toBe(text);
  });
});

test('vitamin A is retinol equivalents on an EU label: carotene counts a sixth and not a twelfth', () => {
  const carrot = (key: Nutrient) => ({ value: key === 'vitaminARaeUg' ? 690 : key === 'betaCaroteneUg' ? 8285 : 0, atLeast: false });
  expect(declaredFigures('eu', carrot, carrot).eu?.vitaminARaeUg?.value).toBeCloseTo(1380, -1);
  expect(declaredFigures('us', carrot, carrot).us?.vitaminARaeUg?.text).toBe('690 µg');
});
