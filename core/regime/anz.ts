/**
 * Australia and New Zealand: Food Standards Code. Figures per serving and per 100 g by Standard 1.2.8 and Schedule 12, energy in kilojoules
 * first, at most three significant figures; claims by Standard 1.2.7 and Schedule 4, soup judged as a liquid, per 100 ml; sources per
 * serving. From memory; have every figure and claim confirmed.
 */
import { type Nutrient, nutrientName } from '../vocabulary/nutrient.ts';
import { type ClaimRule, of, SAT_TRANS } from './claimRules.ts';
import { type DeclaredLines, declared, type LabelFigures, nearest, type Round, say } from './label.ts';
import type { Factors, RegimeRules } from './types.ts';
import { KJ_PER_KCAL } from './us.ts';

// Schedule 11: kilojoules are the rule; kilocalories are kJ / 4.184 there.
const KJ: Factors = [
  ['proteinG', 17],
  ['fatG', 37],
  ['availableCarbohydrateG', 17],
  ['fibreG', 8],
  ['alcoholG', 29],
];
const KCAL: Factors = KJ.map(([key, factor]) => [key, factor / KJ_PER_KCAL] as const);

/** Daily intakes of Schedule 12; of a serving, and they may be left out. */
const DAILY_INTAKES = { energyKj: 8700, proteinG: 50, fatG: 70, saturatedFatG: 24, availableCarbohydrateG: 310, sugarsG: 90, sodiumMg: 2300, fibreG: 30 } as const satisfies Partial<Record<Nutrient, number>>;
/** Recommended intakes of Schedule 1 that sources are measured by. */
const INTAKES = { calciumMg: 800, ironMg: 12, magnesiumMg: 320, zincMg: 12, phosphorusMg: 1000, vitaminARaeUg: 750, vitaminCMg: 40, vitaminDUg: 10, folateDfeUg: 200, vitaminB12Ug: 2 } as const satisfies Partial<Record<Nutrient, number>>;

/** At most three significant figures; grams to a tenth, other units whole; what is under the least amount may be said so. */
const rounded =
  (unit: string, least: number, step: number): Round =>
  (x) => {
    if (x > 0 && x < least) return { value: least, text: `less than ${least} ${unit}` };
    const digits = x >= 1000 ? Number(x.toPrecision(3)) : nearest(x, x >= 100 ? 1 : step);
    return say(digits, unit);
  };
const LINES: readonly (readonly [Nutrient, Round])[] = [
  ['energyKj', rounded('kJ', 40, 1)],
  ['proteinG', rounded('g', 1, 0.1)],
  ['fatG', rounded('g', 1, 0.1)],
  ['saturatedFatG', rounded('g', 1, 0.1)],
  ['availableCarbohydrateG', rounded('g', 1, 0.1)],
  ['sugarsG', rounded('g', 1, 0.1)],
  ['fibreG', rounded('g', 1, 0.1)],
  ['sodiumMg', rounded('mg', 5, 1)],
];

function lines({ perServing, per100g }: LabelFigures): DeclaredLines {
  const table: DeclaredLines = {};
  for (const [key, round] of LINES) {
    const serving = perServing(key);
    const daily = (DAILY_INTAKES as Partial<Record<Nutrient, number>>)[key];
    const ofServing = {
      ...declared(serving, round),
      ...(serving.atLeast || daily === undefined ? {} : { percentDaily: nearest((serving.value / daily) * 100, 1) }),
    };
    table[key] = { ...ofServing, perServing: ofServing, per100g: declared(per100g(key), round) };
  }
  return table;
}

const S4 = 'Standard 1.2.7, Schedule 4, S4-3';
const CLAIMS: readonly ClaimRule[] = [
  { id: 'lowEnergy', words: 'low in energy', any: [[of('energyKj', '100ml', 'most', 80)]], source: `${S4}, energy, low (liquid)` },
  { id: 'lowFat', words: 'low in fat', any: [[of('fatG', '100ml', 'most', 1.5)]], source: `${S4}, fat, low (liquid)` },
  { id: 'lowSaturatedFat', words: 'low in saturated fatty acids', any: [[of(SAT_TRANS, '100ml', 'most', 0.75)]], source: `${S4}, saturated fatty acids, low (liquid)` },
  { id: 'lowCholesterol', words: 'low in cholesterol', any: [[of('cholesterolMg', '100ml', 'most', 10), of(SAT_TRANS, '100ml', 'most', 0.75)]], source: `${S4}, cholesterol, low (liquid)` },
  { id: 'lowSugars', words: 'low in sugars', any: [[of('sugarsG', '100ml', 'most', 2.5)]], source: `${S4}, sugar, low (liquid)` },
  { id: 'lowSodium', words: 'low in salt or sodium', any: [[of('sodiumMg', '100ml', 'most', 120)]], source: `${S4}, salt or sodium, low` },
  { id: 'source:fibreG', words: 'source of dietary fibre', any: [[of('fibreG', 'serving', 'least', 2)]], source: `${S4}, dietary fibre` },
  { id: 'good:fibreG', words: 'good source of dietary fibre', any: [[of('fibreG', 'serving', 'least', 4)]], source: `${S4}, dietary fibre, good` },
  { id: 'excellent:fibreG', words: 'excellent source of dietary fibre', any: [[of('fibreG', 'serving', 'least', 7)]], source: `${S4}, dietary fibre, excellent` },
  { id: 'source:proteinG', words: 'source of protein', any: [[of('proteinG', 'serving', 'least', 5)]], source: `${S4}, protein` },
  { id: 'good:proteinG', words: 'good source of protein', any: [[of('proteinG', 'serving', 'least', 10)]], source: `${S4}, protein, good` },
];

/** Source and good source of a vitamin or mineral: 10 and 25 % of the recommended intake in a serving. */
const sources = (): ClaimRule[] =>
  (Object.keys(INTAKES) as (keyof typeof INTAKES)[]).flatMap((key) =>
    (
      [
        ['source', 'source of', 10],
        ['good', 'good source of', 25],
      ] as const
    ).map(([level, words, percent]) => ({
      id: `${level}:${key}`,
      words: `${words} ${nutrientName(key)}`,
      any: [[of(key, 'serving', 'least', (INTAKES[key] * percent) / 100)]],
      source: `${S4}, vitamin or mineral`,
    })),
  );

export const anz = {
  name: 'Australia and New Zealand',
  energy: { kcal: KCAL, kj: KJ, source: 'Standard 1.2.8 and Schedule 11 (memory)', words: 'protein and available carbohydrate 17, fat 37, fibre 8, alcohol 29 kJ/g' },
  oatsHoldGluten: true,
  inulinIsFibre: true,
  declaredAllergens: [
    'milk', 'egg', 'fish', 'crustacean', 'mollusc', 'treeNut', 'almond', 'cashew', 'hazelnut', 'walnut', 'pecan', 'brazilNut', 'pistachio',
    'macadamia', 'pineNut', 'peanut', 'wheat', 'gluten', 'soy', 'sesame', 'lupin', 'sulphite',
  ],
  label: { key: 'anz', words: 'One bowl and 100 g, as labels of Australia and New Zealand are (Standard 1.2.8; from memory).', mandatory: ['All quantities are averages. Percentage daily intakes are based on an average adult diet of 8 700 kJ.'], lines },
  claims: { reference: null, rules: [...CLAIMS, ...sources()], reducedByPercent: 25 },
  keeping: {
    hotHoldC: 60,
    coldHoldC: 5,
    cooling: [
      { fromC: 60, toC: 21, withinMin: 120 },
      { fromC: 21, toC: 5, withinMin: 240 },
    ],
    reheat: { celsius: 60, minutes: 0 },
    core: { poultry: 'commonly 75 C', mince: 'commonly 75 C', fish: 'commonly 63 C' },
    source: 'Standard 3.2.2 (memory)',
  },
} as const satisfies RegimeRules;
