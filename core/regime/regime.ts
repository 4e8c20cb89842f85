/**
 * A regime is one country's way of counting: energy factors, what its label calls carbohydrate, which allergens it
 * makes one declare. No value crosses from one regime to another; what a regime does not implement is refused.
 */
import type { AllergenId } from '../vocabulary/allergens.ts';
import type { Nutrient } from '../vocabulary/nutrient.ts';

export const REGIME_IDS = ['us', 'eu', 'uk', 'ca', 'anz'] as const;
export type RegimeId = (typeof REGIME_IDS)[number];

type Factors = readonly (readonly [Nutrient, number])[];

export interface Regime {
  id: RegimeId;
  name: string;
  /** Energy per gram of each energy-yielding nutrient. */
  energy: { kcal: Factors; kj: Factors; source: string; words: string };
  declaredAllergens: readonly AllergenId[];
  /** Rounded label figures exist for this regime. */
  declares: 'us' | 'eu' | null;
}

// 21 CFR 101.9(c)(1)(i)(B): 4, 4 and 9 kcal per gram of protein, total carbohydrate and fat; alcohol 7 by custom.
const US_KCAL: Factors = [
  ['proteinG', 4],
  ['fatG', 9],
  ['carbohydrateG', 4],
  ['alcoholG', 7],
];
const KJ_PER_KCAL = 4.184;
const IN_KJ: Factors = US_KCAL.map(([key, factor]) => [key, factor * KJ_PER_KCAL] as const);
// Regulation (EU) No 1169/2011, Annex XIV.
const EU_KCAL: Factors = [
  ['proteinG', 4],
  ['fatG', 9],
  ['availableCarbohydrateG', 4],
  ['fibreG', 2],
  ['alcoholG', 7],
];
const EU_KJ: Factors = [
  ['proteinG', 17],
  ['fatG', 37],
  ['availableCarbohydrateG', 17],
  ['fibreG', 8],
  ['alcoholG', 29],
];
// Food Standards Code, Standard 1.2.8 and Schedule 11 (memory): kJ are the rule; kcal are kJ / 4.184 there.
const ANZ_KJ: Factors = [
  ['proteinG', 17],
  ['fatG', 37],
  ['availableCarbohydrateG', 17],
  ['fibreG', 8],
  ['alcoholG', 29],
];
const ANZ_KCAL: Factors = ANZ_KJ.map(([key, factor]) => [key, factor / KJ_PER_KCAL] as const);

const EU_FOURTEEN = [
  'gluten',
  'wheat',
  'crustacean',
  'egg',
  'fish',
  'peanut',
  'soy',
  'milk',
  'almond',
  'hazelnut',
  'walnut',
  'cashew',
  'pecan',
  'brazilNut',
  'pistachio',
  'macadamia',
  'celery',
  'mustard',
  'sesame',
  'sulphite',
  'lupin',
  'mollusc',
] as const satisfies readonly AllergenId[];

/** Declared allergens: FALCPA and the FASTER Act (us); Annex II of 1169/2011 (eu, uk); Canadian and Australia/New Zealand lists from memory. */
export const REGIMES = {
  us: {
    id: 'us',
    name: 'United States',
    energy: { kcal: US_KCAL, kj: IN_KJ, source: '21 CFR 101.9(c)(1)(i)(B)', words: 'protein and total carbohydrate 4, fat 9, alcohol 7 kcal/g' },
    declares: 'us',
    declaredAllergens: [
      'milk',
      'egg',
      'fish',
      'crustacean',
      'treeNut',
      'almond',
      'cashew',
      'hazelnut',
      'walnut',
      'pecan',
      'brazilNut',
      'pistachio',
      'macadamia',
      'pineNut',
      'peanut',
      'wheat',
      'soy',
      'sesame',
      'sulphite',
    ],
  },
  eu: {
    id: 'eu',
    name: 'European Union',
    energy: {
      kcal: EU_KCAL,
      kj: EU_KJ,
      source: 'Regulation (EU) No 1169/2011, Annex XIV',
      words: 'protein and available carbohydrate 4, fat 9, fibre 2, alcohol 7 kcal/g',
    },
    declares: 'eu',
    declaredAllergens: [...EU_FOURTEEN, 'treeNut'],
  },
  uk: {
    id: 'uk',
    name: 'United Kingdom',
    energy: {
      kcal: EU_KCAL,
      kj: EU_KJ,
      source: 'retained Regulation 1169/2011, Annex XIV',
      words: 'protein and available carbohydrate 4, fat 9, fibre 2, alcohol 7 kcal/g',
    },
    declares: 'eu',
    declaredAllergens: [...EU_FOURTEEN, 'treeNut'],
  },
  ca: {
    id: 'ca',
    name: 'Canada',
    energy: {
      kcal: US_KCAL,
      kj: IN_KJ,
      source: 'Food and Drug Regulations, Atwater 4/9/4 and 7 (memory)',
      words: 'protein and total carbohydrate 4, fat 9, alcohol 7 kcal/g',
    },
    declares: null,
    declaredAllergens: [
      'milk',
      'egg',
      'fish',
      'crustacean',
      'mollusc',
      'treeNut',
      'almond',
      'cashew',
      'hazelnut',
      'walnut',
      'pecan',
      'brazilNut',
      'pistachio',
      'macadamia',
      'pineNut',
      'peanut',
      'wheat',
      'gluten',
      'soy',
      'sesame',
      'mustard',
      'sulphite',
    ],
  },
  anz: {
    id: 'anz',
    name: 'Australia and New Zealand',
    energy: {
      kcal: ANZ_KCAL,
      kj: ANZ_KJ,
      source: 'Standard 1.2.8 and Schedule 11 (memory)',
      words: 'protein and available carbohydrate 17, fat 37, fibre 8, alcohol 29 kJ/g',
    },
    declares: null,
    declaredAllergens: [
      'milk',
      'egg',
      'fish',
      'crustacean',
      'mollusc',
      'treeNut',
      'almond',
      'cashew',
      'hazelnut',
      'walnut',
      'pecan',
      'brazilNut',
      'pistachio',
      'macadamia',
      'pineNut',
      'peanut',
      'wheat',
      'gluten',
      'soy',
      'sesame',
      'lupin',
      'sulphite',
    ],
  },
} as const satisfies Record<RegimeId, Regime>;
