/**
 * United States: 21 CFR 101. Label figures per serving by 101.9(c), daily values of (c)(8)(iv) and (c)(9) as amended 2016, per cent by
 * (d)(7)(ii) and (c)(8)(iii); increments of vitamins and minerals after FDA guidance. Content claims per reference amount customarily
 * consumed, 245 g of soup (101.12(b)); 'free' also per labelled serving. Allergens: FALCPA and the FASTER Act. All from memory; have every
 * claim confirmed. No health claim is here, no 'healthy', and no comparison with one's own recipe.
 */
import { type Nutrient, nutrientName } from '../vocabulary/nutrient.ts';
import { both, type ClaimRule, of } from './claimRules.ts';
import { linesOf, nearest, type Round, say, toStep } from './label.ts';
import type { Factors, RegimeRules } from './types.ts';

// 21 CFR 101.9(c)(1)(i)(B): 4, 4 and 9 kcal per gram of protein, total carbohydrate and fat; alcohol 7 by custom.
export const ATWATER_KCAL: Factors = [
  ['proteinG', 4],
  ['fatG', 9],
  ['carbohydrateG', 4],
  ['alcoholG', 7],
];
export const KJ_PER_KCAL = 4.184;
export const ATWATER_KJ: Factors = ATWATER_KCAL.map(([key, factor]) => [key, factor * KJ_PER_KCAL] as const);

export const DAILY_VALUES = {
  fatG: 78, saturatedFatG: 20, cholesterolMg: 300, sodiumMg: 2300, carbohydrateG: 275, fibreG: 28, addedSugarsG: 50, proteinG: 50,
  vitaminDUg: 20, calciumMg: 1300, ironMg: 18, potassiumMg: 4700, vitaminARaeUg: 900, vitaminCMg: 90, vitaminEMg: 15, vitaminKUg: 120,
  thiaminMg: 1.2, riboflavinMg: 1.3, niacinMg: 16, vitaminB6Mg: 1.7, folateDfeUg: 400, vitaminB12Ug: 2.4, phosphorusMg: 1250, iodineUg: 150,
  magnesiumMg: 420, zincMg: 11, seleniumUg: 55, copperMg: 0.9, manganeseMg: 2.3,
} as const satisfies Partial<Record<Nutrient, number>>;

// 101.9(c)(1)
const energy: Round = (x) => say(x < 5 ? 0 : x <= 50 ? nearest(x, 5) : nearest(x, 10), 'kcal');
// (c)(2)
const fat: Round = (x) => say(x < 0.5 ? 0 : x < 5 ? nearest(x, 0.5) : nearest(x, 1), 'g');
// (c)(3)
const cholesterol: Round = (x) => (x < 2 ? say(0, 'mg') : x <= 5 ? { value: 5, text: 'less than 5 mg' } : say(nearest(x, 5), 'mg'));
// (c)(4)
const sodium: Round = (x) => say(x < 5 ? 0 : x <= 140 ? nearest(x, 5) : nearest(x, 10), 'mg');
// (c)(6), (c)(7)
const grams: Round = (x) => (x < 0.5 ? say(0, 'g') : x < 1 ? { value: 1, text: 'less than 1 g' } : say(nearest(x, 1), 'g'));

const MANDATORY: readonly (readonly [Nutrient, Round])[] = [
  ['energyKcal', energy],
  ['fatG', fat],
  ['saturatedFatG', fat],
  ['transFatG', fat],
  ['cholesterolMg', cholesterol],
  ['sodiumMg', sodium],
  ['carbohydrateG', grams],
  ['fibreG', grams],
  ['sugarsG', grams],
  ['addedSugarsG', grams],
  ['proteinG', grams],
  ['vitaminDUg', toStep(0.1, 'µg')],
  ['calciumMg', toStep(10, 'mg')],
  ['ironMg', toStep(0.1, 'mg')],
  ['potassiumMg', toStep(10, 'mg')],
];
/** 101.9(c)(8)(ii); increments after FDA guidance, from memory. */
const VOLUNTARY: readonly (readonly [Nutrient, Round])[] = [
  ['vitaminARaeUg', toStep(10, 'µg')],
  ['vitaminCMg', toStep(1, 'mg')],
  ['vitaminEMg', toStep(0.1, 'mg')],
  ['vitaminKUg', toStep(1, 'µg')],
  ['thiaminMg', toStep(0.1, 'mg')],
  ['riboflavinMg', toStep(0.1, 'mg')],
  ['niacinMg', toStep(0.1, 'mg')],
  ['vitaminB6Mg', toStep(0.1, 'mg')],
  ['folateDfeUg', toStep(10, 'µg')],
  ['vitaminB12Ug', toStep(0.1, 'µg')],
  ['phosphorusMg', toStep(10, 'mg')],
  ['iodineUg', toStep(1, 'µg')],
  ['magnesiumMg', toStep(5, 'mg')],
  ['zincMg', toStep(0.1, 'mg')],
  ['seleniumUg', toStep(1, 'µg')],
  ['copperMg', toStep(0.1, 'mg')],
  ['manganeseMg', toStep(0.1, 'mg')],
];

/** Per cent to the nearest whole, (d)(7)(ii); what is not here follows (c)(8)(iii). Protein's wants its quality corrected, (c)(7): none. */
const WHOLE_PERCENT = new Set<Nutrient>(['fatG', 'saturatedFatG', 'cholesterolMg', 'sodiumMg', 'carbohydrateG', 'fibreG', 'addedSugarsG']);
/** (f)(1): 'less than 1 g' is insignificant too in these. */
const UNDER_A_GRAM = new Set<Nutrient>(['carbohydrateG', 'fibreG', 'proteinG']);

/** Per cent of the daily value: nearest whole for most, in steps of 2, 5 and 10 for vitamins and minerals. */
export function usPercentDaily(key: Nutrient, amount: number): number | undefined {
  const daily = (DAILY_VALUES as Partial<Record<Nutrient, number>>)[key];
  if (daily === undefined || key === 'proteinG') return undefined;
  const percent = (amount / daily) * 100;
  if (WHOLE_PERCENT.has(key)) return nearest(percent, 1);
  if (percent < 2) return 0;
  return percent <= 10 ? nearest(percent, 2) : percent <= 50 ? nearest(percent, 5) : nearest(percent, 10);
}

const CLAIMS: readonly ClaimRule[] = [
  { id: 'calorieFree', words: 'calorie free', any: [both('energyKcal', 'below', 5)], source: '21 CFR 101.60(b)(1)' },
  { id: 'lowCalorie', words: 'low calorie', any: [[of('energyKcal', 'reference', 'most', 40)]], source: '21 CFR 101.60(b)(2)' },
  { id: 'sugarFree', words: 'sugar free', any: [both('sugarsG', 'below', 0.5)], source: '21 CFR 101.60(c)(1)' },
  { id: 'sodiumFree', words: 'sodium free', any: [both('sodiumMg', 'below', 5)], source: '21 CFR 101.61(b)(1)' },
  { id: 'veryLowSodium', words: 'very low sodium', any: [[of('sodiumMg', 'reference', 'most', 35)]], source: '21 CFR 101.61(b)(2)' },
  { id: 'lowSodium', words: 'low sodium', any: [[of('sodiumMg', 'reference', 'most', 140)]], source: '21 CFR 101.61(b)(4)' },
  { id: 'fatFree', words: 'fat free', any: [both('fatG', 'below', 0.5)], source: '21 CFR 101.62(b)(1)' },
  { id: 'lowFat', words: 'low fat', any: [[of('fatG', 'reference', 'most', 3)]], source: '21 CFR 101.62(b)(2)' },
  { id: 'saturatedFatFree', words: 'saturated fat free', any: [[...both('saturatedFatG', 'below', 0.5), ...both('transFatG', 'below', 0.5)]], source: '21 CFR 101.62(c)(1)' },
  { id: 'lowSaturatedFat', words: 'low in saturated fat', any: [[of('saturatedFatG', 'reference', 'most', 1), { ...of('saturatedFatG', 'reference', 'most', 15), ofEnergy: 9 }]], source: '21 CFR 101.62(c)(2)' },
  { id: 'cholesterolFree', words: 'cholesterol free', any: [[...both('cholesterolMg', 'below', 2), of('saturatedFatG', 'reference', 'most', 2)]], source: '21 CFR 101.62(d)(1)' },
  { id: 'lowCholesterol', words: 'low cholesterol', any: [[of('cholesterolMg', 'reference', 'most', 20), of('saturatedFatG', 'reference', 'most', 2)]], source: '21 CFR 101.62(d)(2)' },
];

/** 'Good source' (10 to 19 % of the daily value) and 'high' (20 % and more), 101.54(b), (c); protein is left out: its quality would have to be corrected, 101.9(c)(7). */
const SOURCES = ['fibreG', 'calciumMg', 'ironMg', 'potassiumMg', 'magnesiumMg', 'zincMg', 'vitaminARaeUg', 'vitaminCMg', 'vitaminDUg', 'folateDfeUg', 'vitaminB12Ug', 'vitaminKUg'] as const;
const sources = (): ClaimRule[] =>
  SOURCES.flatMap((key) => {
    const at = (percent: number) => (DAILY_VALUES[key] * percent) / 100;
    const least = (percent: number) => of(key, 'reference', 'least', at(percent));
    return [
      { id: `goodSource:${key}`, words: `good source of ${nutrientName(key)}`, any: [[least(10), of(key, 'reference', 'below', at(20))]], source: '21 CFR 101.54(c)' },
      { id: `high:${key}`, words: `high in ${nutrientName(key)}`, any: [[least(20)]], source: '21 CFR 101.54(b)' },
    ];
  });

/** Reference amount customarily consumed of soup, 101.12(b), g. */
export const US_REFERENCE_GRAMS = 245;

export const us = {
  name: 'United States',
  energy: { kcal: ATWATER_KCAL, kj: ATWATER_KJ, source: '21 CFR 101.9(c)(1)(i)(B)', words: 'protein and total carbohydrate 4, fat 9, alcohol 7 kcal/g' },
  oatsHoldGluten: false,
  inulinIsFibre: false,
  declaredAllergens: [
    'milk', 'egg', 'fish', 'crustacean', 'treeNut', 'almond', 'cashew', 'hazelnut', 'walnut', 'pecan', 'brazilNut', 'pistachio', 'macadamia',
    'pineNut', 'peanut', 'wheat', 'soy', 'sesame', 'sulphite',
  ],
  label: {
    key: 'us',
    words: 'One bowl, rounded as US labels are (21 CFR 101.9).',
    // 101.9(d)(9), from memory.
    mandatory: [
      'The % Daily Value (DV) tells you how much a nutrient in a serving of food contributes to a daily diet. 2,000 calories a day is used for general nutrition advice.',
    ],
    lines: ({ perServing }) =>
      linesOf([...MANDATORY, ...VOLUNTARY], perServing, usPercentDaily, (key, { value, text }) => value === 0 || (UNDER_A_GRAM.has(key) && text === 'less than 1 g')),
    // FDA's guide to the per cents: 5 and less is little, from memory.
    voluntary: { nutrients: VOLUNTARY.map(([nutrient]) => nutrient), fromPercent: 5 },
  },
  claims: {
    reference: { grams: US_REFERENCE_GRAMS },
    rules: [...CLAIMS, ...sources()],
    // 101.13(j), from memory.
    reducedByPercent: 25,
    // 101.13(h)(1); 101.54(d).
    beside: { disclose: { fatG: 13, saturatedFatG: 4, cholesterolMg: 60, sodiumMg: 480 }, fibreStatesFatAbove: 3 },
  },
  keeping: {
    hotHoldC: 57,
    coldHoldC: 5,
    cooling: [
      { fromC: 57, toC: 21, withinMin: 120 },
      { fromC: 57, toC: 5, withinMin: 360 },
    ],
    coolingOfColdFood: { toC: 5, withinMin: 240 },
    reheat: { celsius: 74, minutes: 0.25 },
    core: { poultry: '74 C', mince: '68 C for 17 seconds', fish: '63 C' },
    mostDays: 7,
    keptDays: '7 days at most, the day of making counted as the first',
    source: 'FDA Food Code 3-401.11, 3-403.11, 3-501.14, 3-501.16, 3-501.17 (memory)',
  },
} as const satisfies RegimeRules;
