/**
 * European Union: Regulation (EU) No 1169/2011 and (EC) No 1924/2006. Label figures per 100 g, rounded after the Commission's guidance on
 * tolerances of 2012 (table 4); reference values of Annex XIII parts A and B. Soup is neither clearly solid nor liquid in the annex of
 * claims: the stricter of the two conditions is asked, per 100 ml. All from memory; have every claim confirmed.
 */
import type { AllergenId } from '../vocabulary/allergens.ts';
import { type Nutrient, nutrientName } from '../vocabulary/nutrient.ts';
import { type ClaimBook, type ClaimRule, type Criterion, of, SAT_TRANS } from './claimRules.ts';
import { figures, type LabelFigure, type LabelRules, linesOf, nearest, type Round, say } from './label.ts';
import type { Factors, RegimeRules } from './types.ts';

// Annex XIV.
const KCAL: Factors = [
  ['proteinG', 4],
  ['fatG', 9],
  ['availableCarbohydrateG', 4],
  ['fibreG', 2],
  ['alcoholG', 7],
];
const KJ: Factors = [
  ['proteinG', 17],
  ['fatG', 37],
  ['availableCarbohydrateG', 17],
  ['fibreG', 8],
  ['alcoholG', 29],
];
export const EU_ENERGY = {
  kcal: KCAL,
  kj: KJ,
  source: 'Regulation (EU) No 1169/2011, Annex XIV',
  words: 'protein and available carbohydrate 4, fat 9, fibre 2, alcohol 7 kcal/g',
} as const;

/** Annex II: the fourteen, nuts by name. */
export const EU_ALLERGENS = [
  'gluten', 'wheat', 'crustacean', 'egg', 'fish', 'peanut', 'soy', 'milk', 'almond', 'hazelnut', 'walnut', 'cashew', 'pecan', 'brazilNut',
  'pistachio', 'macadamia', 'celery', 'mustard', 'sesame', 'sulphite', 'lupin', 'mollusc', 'treeNut',
] as const satisfies readonly AllergenId[];

/** Part A of Annex XIII. Folic acid is compared with dietary folate equivalents, which the law does not speak of. */
export const NRV = {
  vitaminARaeUg: 800, vitaminDUg: 5, vitaminEMg: 12, vitaminKUg: 75, vitaminCMg: 80, thiaminMg: 1.1, riboflavinMg: 1.4, niacinMg: 16,
  vitaminB6Mg: 1.4, folateDfeUg: 200, vitaminB12Ug: 2.5, potassiumMg: 2000, calciumMg: 800, phosphorusMg: 700, magnesiumMg: 375, ironMg: 14,
  zincMg: 10, copperMg: 1, manganeseMg: 2, seleniumUg: 55, iodineUg: 150,
} as const satisfies Partial<Record<Nutrient, number>>;

/** Part B of Annex XIII: reference intakes of an average adult (8400 kJ / 2000 kcal). */
export const REFERENCE_INTAKES = {
  energyKj: 8400, energyKcal: 2000, fatG: 70, saturatedFatG: 20, availableCarbohydrateG: 260, sugarsG: 90, proteinG: 50, saltG: 6,
} as const satisfies Partial<Record<Nutrient, number>>;

const grams: Round = (x) => (x <= 0.5 ? { value: 0, text: '<0.5 g' } : x < 10 ? say(nearest(x, 0.1), 'g', 1) : say(nearest(x, 1), 'g'));
const saturates: Round = (x) => (x <= 0.1 ? { value: 0, text: '<0.1 g' } : x < 10 ? say(nearest(x, 0.1), 'g', 1) : say(nearest(x, 1), 'g'));
const salt: Round = (x) => (x <= 0.0125 ? { value: 0, text: '<0.01 g' } : x < 1 ? say(nearest(x, 0.01), 'g', 2) : say(nearest(x, 0.1), 'g', 1));

const LINES: readonly (readonly [Nutrient, Round])[] = [
  ['energyKj', (x) => say(nearest(x, 1), 'kJ')],
  ['energyKcal', (x) => say(nearest(x, 1), 'kcal')],
  ['fatG', grams],
  ['saturatedFatG', saturates],
  ['monoFatG', saturates],
  ['polyFatG', saturates],
  ['availableCarbohydrateG', grams],
  ['sugarsG', grams],
  ['starchG', grams],
  ['fibreG', grams],
  ['proteinG', grams],
  ['saltG', salt],
];
/** Vitamins and minerals: three significant figures for those the guidance names, two for the rest. */
const MICRO: readonly (readonly [Nutrient, Round])[] = [
  ['vitaminARaeUg', figures(3, 'µg')],
  ['folateDfeUg', figures(3, 'µg')],
  ['calciumMg', figures(3, 'mg')],
  ['phosphorusMg', figures(3, 'mg')],
  ['magnesiumMg', figures(3, 'mg')],
  ['iodineUg', figures(3, 'µg')],
  ['potassiumMg', figures(3, 'mg')],
  ['vitaminDUg', figures(2, 'µg')],
  ['vitaminEMg', figures(2, 'mg')],
  ['vitaminKUg', figures(2, 'µg')],
  ['vitaminCMg', figures(2, 'mg')],
  ['thiaminMg', figures(2, 'mg')],
  ['riboflavinMg', figures(2, 'mg')],
  ['niacinMg', figures(2, 'mg')],
  ['vitaminB6Mg', figures(2, 'mg')],
  ['vitaminB12Ug', figures(2, 'µg')],
  ['ironMg', figures(2, 'mg')],
  ['zincMg', figures(2, 'mg')],
  ['copperMg', figures(2, 'mg')],
  ['manganeseMg', figures(2, 'mg')],
  ['seleniumUg', figures(2, 'µg')],
];
/** Article 30(2). */
const SUPPLEMENTS: readonly Nutrient[] = ['monoFatG', 'polyFatG', 'starchG'];
/** A vitamin or mineral is declared from this per cent of its reference value in 100 g (Annex XIII, part A, point 2). */
const SIGNIFICANT = 15;

const percentOf = (key: Nutrient, amount: number): number | undefined => {
  const reference = (REFERENCE_INTAKES as Partial<Record<Nutrient, number>>)[key] ?? (NRV as Partial<Record<Nutrient, number>>)[key];
  return reference === undefined ? undefined : nearest((amount / reference) * 100, 1);
};

/**
 * Vitamin A as EU tables and labels count it, retinol equivalents: beta-carotene / 6 where activity equivalents have / 12
 * (science of the bowl, section 2; from memory). The other carotenoids are small here and left as they are.
 */
const CAROTENE_MORE = 1 / 12;
function retinolEquivalents(figureOf: (key: Nutrient) => LabelFigure): LabelFigure {
  const activity = figureOf('vitaminARaeUg');
  const carotene = figureOf('betaCaroteneUg');
  return { value: activity.value + carotene.value * CAROTENE_MORE, atLeast: activity.atLeast || carotene.atLeast };
}

/** Figures of 100 g with vitamin A as the label counts it. */
const ofLabel = (per100g: (key: Nutrient) => LabelFigure) => (key: Nutrient) => (key === 'vitaminARaeUg' ? retinolEquivalents(per100g) : per100g(key));

export const EU_LABEL: LabelRules = {
  key: 'eu',
  words: 'Per 100 g, rounded as EU and UK labels are (guidance of 2012).',
  // 1169/2011 Article 32(5), from memory.
  mandatory: ['Reference intake of an average adult (8 400 kJ/2 000 kcal).'],
  lines: ({ per100g }) => {
    const figureOf = ofLabel(per100g);
    const significant = MICRO.filter(([key]) => (percentOf(key, figureOf(key).value) ?? 0) >= SIGNIFICANT);
    return linesOf([...LINES, ...significant], figureOf, percentOf);
  },
  countedAs: { vitaminARaeUg: 'Vitamin A (retinol equivalents)' },
  every: ({ per100g }) => linesOf([...LINES, ...MICRO], ofLabel(per100g), percentOf),
  voluntary: { nutrients: [...SUPPLEMENTS, ...MICRO.map(([nutrient]) => nutrient)], fromPercent: SIGNIFICANT },
};

const CLAIMS: readonly ClaimRule[] = [
  { id: 'energyFree', words: 'energy-free', any: [[of('energyKcal', '100ml', 'most', 4)]], source: '1924/2006, annex, energy-free' },
  { id: 'lowEnergy', words: 'low energy', any: [[of('energyKcal', '100ml', 'most', 20)]], source: '1924/2006, annex, low energy (liquids)' },
  { id: 'fatFree', words: 'fat-free', any: [[of('fatG', '100ml', 'most', 0.5)]], source: '1924/2006, annex, fat-free' },
  { id: 'lowFat', words: 'low fat', any: [[of('fatG', '100ml', 'most', 1.5)]], source: '1924/2006, annex, low fat (liquids)' },
  { id: 'saturatedFatFree', words: 'saturated fat-free', any: [[of(SAT_TRANS, '100ml', 'most', 0.1)]], source: '1924/2006, annex, saturated fat-free' },
  { id: 'lowSaturatedFat', words: 'low saturated fat', any: [[of(SAT_TRANS, '100ml', 'most', 0.75), { ...of(SAT_TRANS, '100ml', 'most', 10), ofEnergy: 9 }]], source: '1924/2006, annex, low saturated fat (liquids)' },
  { id: 'sugarsFree', words: 'sugars-free', any: [[of('sugarsG', '100ml', 'most', 0.5)]], source: '1924/2006, annex, sugars-free' },
  { id: 'lowSugars', words: 'low sugars', any: [[of('sugarsG', '100ml', 'most', 2.5)]], source: '1924/2006, annex, low sugars (liquids)' },
  { id: 'sodiumFree', words: 'sodium-free', any: [[of('sodiumMg', '100ml', 'most', 5)]], source: '1924/2006, annex, sodium-free' },
  { id: 'veryLowSodium', words: 'very low sodium', any: [[of('sodiumMg', '100ml', 'most', 40)]], source: '1924/2006, annex, very low sodium' },
  { id: 'lowSodium', words: 'low sodium', any: [[of('sodiumMg', '100ml', 'most', 120)]], source: '1924/2006, annex, low sodium' },
  { id: 'sourceOfFibre', words: 'source of fibre', any: [[of('fibreG', '100g', 'least', 3)], [{ ...of('fibreG', '100g', 'least', 1.5), perKcal: true }]], source: '1924/2006, annex, source of fibre' },
  { id: 'highFibre', words: 'high fibre', any: [[of('fibreG', '100g', 'least', 6)], [{ ...of('fibreG', '100g', 'least', 3), perKcal: true }]], source: '1924/2006, annex, high fibre' },
  { id: 'sourceOfProtein', words: 'source of protein', any: [[{ ...of('proteinG', '100g', 'least', 12), ofEnergy: 4 }]], source: '1924/2006, annex, source of protein' },
  { id: 'highProtein', words: 'high protein', any: [[{ ...of('proteinG', '100g', 'least', 20), ofEnergy: 4 }]], source: '1924/2006, annex, high protein' },
];

/** Vitamin A is judged in the unit its reference value is in, retinol equivalents. */
const withCarotene = (criterion: Criterion): Criterion =>
  criterion.nutrients.includes('vitaminARaeUg') ? { ...criterion, also: ['betaCaroteneUg', CAROTENE_MORE] } : criterion;

/** 'Source of' and 'high' vitamin or mineral: 15 and 30 % of the reference value in 100 g or ml, 1924/2006 annex with 1169/2011 Annex XIII. */
const SOURCES = ['calciumMg', 'ironMg', 'potassiumMg', 'magnesiumMg', 'zincMg', 'phosphorusMg', 'vitaminARaeUg', 'vitaminCMg', 'vitaminDUg', 'folateDfeUg', 'vitaminB12Ug', 'vitaminKUg'] as const;
const sources = (): ClaimRule[] =>
  SOURCES.flatMap((key) => {
    const name = nutrientName(key);
    // The stricter of 100 g and 100 ml is the one with less in it.
    const both = (percent: number) => (['100g', '100ml'] as const).map((basis) => withCarotene(of(key, basis, 'least', (NRV[key] * percent) / 100)));
    return [
      { id: `source:${key}`, words: `source of ${name}`, any: [both(15)], source: '1924/2006, annex, source of vitamins or minerals' },
      { id: `high:${key}`, words: `high ${name}`, any: [both(30)], source: '1924/2006, annex, high vitamins or minerals' },
    ];
  });

export const EU_CLAIMS: ClaimBook = { reference: null, rules: [...CLAIMS, ...sources()], reducedByPercent: 30 };

export const eu = {
  name: 'European Union',
  energy: EU_ENERGY,
  oatsHoldGluten: true,
  inulinIsFibre: true,
  declaredAllergens: EU_ALLERGENS,
  label: EU_LABEL,
  claims: EU_CLAIMS,
  keeping: {
    hotHoldC: 63,
    coldHoldC: 5,
    cooling: [],
    reheat: { celsius: 75, minutes: 0 },
    core: { poultry: 'commonly 75 C', mince: 'commonly 75 C', fish: 'commonly 63 C' },
    source: 'common practice of member states; 852/2004 names no figure for cooling (memory): follow the national code',
  },
} as const satisfies RegimeRules;
