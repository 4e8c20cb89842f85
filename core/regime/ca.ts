/**
 * Canada: Food and Drug Regulations as amended 2016, table to B.01.401 for the figures of one serving, table following B.01.513 for claims,
 * per reference amount (250 ml of soup) and per serving. From memory; have every figure and claim confirmed.
 */
import { type Nutrient, nutrientName } from '../vocabulary/nutrient.ts';
import { both, type ClaimRule, type Criterion, SAT_TRANS } from './claimRules.ts';
import { type LabelFigures, linesOf, nearest, type Round, say } from './label.ts';
import type { RegimeRules } from './types.ts';
import { ATWATER_KCAL, ATWATER_KJ } from './us.ts';

/** Daily values shown in per cent. Saturated and trans fat have one together, 20 g. Protein, energy and total carbohydrate have none. */
const DAILY_VALUES = { fatG: 75, fibreG: 28, sugarsG: 100, sodiumMg: 2300, potassiumMg: 3400, calciumMg: 1300, ironMg: 18 } as const satisfies Partial<Record<Nutrient, number>>;
const SATURATED_WITH_TRANS_G = 20;
/** Reference values of the sources below: vitamin and mineral daily values of 2016. */
const SOURCE_VALUES = {
  calciumMg: 1300, ironMg: 18, potassiumMg: 3400, magnesiumMg: 420, zincMg: 11, phosphorusMg: 1250, vitaminARaeUg: 900, vitaminCMg: 90,
  vitaminDUg: 20, folateDfeUg: 400, vitaminB12Ug: 2.4, vitaminKUg: 120,
} as const satisfies Partial<Record<Nutrient, number>>;

/** Below its first step an amount is nought only where the food may be called free of it; else to the nearest tenth or unit. */
const orNought = (free: boolean, x: number, step: number): number => (free ? 0 : nearest(x, step));

// Items 2 to 7, 9 to 12.
const energy = (free: boolean): Round => (x) => say(x < 5 ? orNought(free, x, 1) : nearest(x, x <= 50 ? 5 : 10), 'kcal');
const fat = (free: boolean): Round => (x) => say(x < 0.5 ? orNought(free, x, 0.1) : nearest(x, x <= 5 ? 0.5 : 1), 'g');
const sodium = (free: boolean): Round => (x) => say(x < 5 ? orNought(free, x, 1) : nearest(x, x <= 140 ? 5 : 10), 'mg');
const cholesterol: Round = (x) => say(x < 2 ? 0 : nearest(x, 5), 'mg');
const grams: Round = (x) => say(x < 0.5 ? 0 : nearest(x, 1), 'g');
const protein: Round = (x) => say(nearest(x, x < 0.5 ? 0.1 : 1), 'g');
// Items 13 to 15.
const mineral: Round = (x) => say(x < 5 ? 0 : nearest(x, x < 50 ? 10 : x <= 250 ? 25 : 50), 'mg');
const iron: Round = (x) => say(x < 0.05 ? 0 : nearest(x, x < 0.5 ? 0.1 : x <= 2.5 ? 0.25 : 0.5), 'mg');

function lines({ perServing, supports }: LabelFigures) {
  const free = { saturated: supports('saturatedFatFree'), trans: supports('transFatFree') };
  const rules: readonly (readonly [Nutrient, Round])[] = [
    ['energyKcal', energy(supports('energyFree'))],
    ['fatG', fat(supports('fatFree') && free.saturated && free.trans)],
    ['saturatedFatG', fat(free.saturated)],
    ['transFatG', fat(free.trans)],
    ['carbohydrateG', grams],
    ['fibreG', grams],
    ['sugarsG', grams],
    ['proteinG', protein],
    ['cholesterolMg', cholesterol],
    ['sodiumMg', sodium(supports('sodiumFree'))],
    ['potassiumMg', mineral],
    ['calciumMg', mineral],
    ['ironMg', iron],
  ];
  return linesOf(rules, perServing, (key, amount) => percentOf(key, amount, perServing));
}

function percentOf(key: Nutrient, amount: number, perServing: LabelFigures['perServing']): number | undefined {
  if (key === 'saturatedFatG') {
    const trans = perServing('transFatG');
    return trans.atLeast ? undefined : nearest(((amount + trans.value) / SATURATED_WITH_TRANS_G) * 100, 1);
  }
  const daily = (DAILY_VALUES as Partial<Record<Nutrient, number>>)[key];
  return daily === undefined ? undefined : nearest((amount / daily) * 100, 1);
}

const TABLE = 'Food and Drug Regulations, table following B.01.513';
/** Low in saturated fatty acids: with trans at most 2 g and 15 % of the energy. */
const lowSaturated: Criterion[] = [...both(SAT_TRANS, 'most', 2), ...both(SAT_TRANS, 'most', 15).map((one) => ({ ...one, ofEnergy: 9 }))];

const CLAIMS: readonly ClaimRule[] = [
  { id: 'energyFree', words: 'free of energy', any: [both('energyKcal', 'below', 5)], source: `${TABLE}, item 1` },
  { id: 'lowEnergy', words: 'low in energy', any: [both('energyKcal', 'most', 40)], source: `${TABLE}, item 2` },
  { id: 'fatFree', words: 'free of fat', any: [both('fatG', 'below', 0.5)], source: `${TABLE}, item 11` },
  { id: 'lowFat', words: 'low in fat', any: [both('fatG', 'most', 3)], source: `${TABLE}, item 12` },
  { id: 'saturatedFatFree', words: 'free of saturated fatty acids', any: [[...both('saturatedFatG', 'below', 0.2), ...both('transFatG', 'below', 0.2)]], source: `${TABLE}, item 18` },
  { id: 'lowSaturatedFat', words: 'low in saturated fatty acids', any: [lowSaturated], source: `${TABLE}, item 19` },
  { id: 'transFatFree', words: 'free of trans fatty acids', any: [[...both('transFatG', 'below', 0.2), ...lowSaturated]], source: `${TABLE}, item 22` },
  { id: 'cholesterolFree', words: 'free of cholesterol', any: [[...both('cholesterolMg', 'below', 2), ...lowSaturated]], source: `${TABLE}, item 27` },
  { id: 'lowCholesterol', words: 'low in cholesterol', any: [[...both('cholesterolMg', 'most', 20), ...lowSaturated]], source: `${TABLE}, item 28` },
  { id: 'sodiumFree', words: 'free of sodium or salt', any: [both('sodiumMg', 'below', 5)], source: `${TABLE}, item 31` },
  { id: 'lowSodium', words: 'low in sodium or salt', any: [both('sodiumMg', 'most', 140)], source: `${TABLE}, item 32` },
  { id: 'sugarsFree', words: 'free of sugars', any: [[...both('sugarsG', 'below', 0.5), ...both('energyKcal', 'below', 5)]], source: `${TABLE}, item 37` },
  { id: 'source:fibreG', words: 'source of fibre', any: [both('fibreG', 'least', 2)], source: `${TABLE}, item 41` },
  { id: 'high:fibreG', words: 'high source of fibre', any: [both('fibreG', 'least', 4)], source: `${TABLE}, item 42` },
  { id: 'veryHigh:fibreG', words: 'very high source of fibre', any: [both('fibreG', 'least', 6)], source: `${TABLE}, item 43` },
];

/** Source, good and excellent source: 5, 15 and 25 % of the daily value; of vitamin C 5, 30 and 50 %. */
const LEVELS = [
  ['source', 'source of', 5, 5],
  ['good', 'good source of', 15, 30],
  ['excellent', 'excellent source of', 25, 50],
] as const;
const sources = (): ClaimRule[] =>
  (Object.keys(SOURCE_VALUES) as (keyof typeof SOURCE_VALUES)[]).flatMap((key) =>
    LEVELS.map(([level, words, percent, ofVitaminC]) => ({
      id: `${level}:${key}`,
      words: `${words} ${nutrientName(key)}`,
      any: [both(key, 'least', (SOURCE_VALUES[key] * (key === 'vitaminCMg' ? ofVitaminC : percent)) / 100)],
      source: 'Food and Drug Regulations D.01.004, D.02.002, and guidance on vitamin and mineral claims',
    })),
  );

export const ca = {
  name: 'Canada',
  energy: {
    kcal: ATWATER_KCAL,
    kj: ATWATER_KJ,
    source: 'Food and Drug Regulations, Atwater 4/9/4 and 7 (memory)',
    words: 'protein and total carbohydrate 4, fat 9, alcohol 7 kcal/g',
  },
  oatsHoldGluten: true,
  inulinIsFibre: true,
  declaredAllergens: [
    'milk', 'egg', 'fish', 'crustacean', 'mollusc', 'treeNut', 'almond', 'cashew', 'hazelnut', 'walnut', 'pecan', 'brazilNut', 'pistachio',
    'macadamia', 'pineNut', 'peanut', 'wheat', 'gluten', 'soy', 'sesame', 'mustard', 'sulphite',
  ],
  label: { key: 'ca', words: 'One bowl, rounded as Canadian labels are (Food and Drug Regulations, B.01.401; from memory).', mandatory: ['5% or less is a little, 15% or more is a lot.'], lines },
  claims: { reference: { ml: 250 }, rules: [...CLAIMS, ...sources()], reducedByPercent: 25 },
  keeping: {
    hotHoldC: 60,
    coldHoldC: 4,
    cooling: [
      { fromC: 60, toC: 20, withinMin: 120 },
      { fromC: 20, toC: 4, withinMin: 240 },
    ],
    reheat: { celsius: 74, minutes: 0.25 },
    core: { poultry: '74 C', mince: '71 C', fish: '70 C' },
    source: 'Food Retail and Food Services Code (memory)',
  },
} as const satisfies RegimeRules;
