/**
 * Content claims: what figures a soup must have before the words may be thought of. From memory of the rules named
 * beside each; have every one confirmed. No health claim is here, no 'healthy', and no comparison with one's own recipe.
 *
 * US: per reference amount customarily consumed, 245 g of soup (21 CFR 101.12(b)); 'free' also per labelled serving.
 * EU and UK: annex of Regulation (EC) No 1924/2006. Soup is neither clearly solid nor liquid there: the stricter of the
 * two conditions is asked, per 100 ml, and reported as such.
 */
import type { Nutrient } from '../../vocabulary/nutrient.ts';

/** Of what amount the figure is taken. */
export type Basis = 'reference' | 'serving' | '100ml' | '100g';

export interface Criterion {
  /** Summed; 'saturated plus trans' has two. */
  nutrients: readonly Nutrient[];
  basis: Basis;
  /** 'below' is strict, 'most' and 'least' hold their bound. */
  is: 'below' | 'most' | 'least';
  limit: number;
  /** The figure is these kcal per gram of the nutrients as a per cent of the energy. */
  ofEnergy?: number;
  /** The figure is per 100 kcal of the same amount. */
  perKcal?: true;
}

export interface ClaimRule {
  id: string;
  regime: 'us' | 'eu';
  words: string;
  /** All of one row must hold; one row must hold whole. */
  any: readonly (readonly Criterion[])[];
  source: string;
}

const of = (nutrients: Nutrient | readonly Nutrient[], basis: Basis, is: Criterion['is'], limit: number): Criterion => ({
  nutrients: typeof nutrients === 'string' ? [nutrients] : nutrients, basis, is, limit,
});
const free = (nutrients: Nutrient | readonly Nutrient[], limit: number): Criterion[] => [of(nutrients, 'reference', 'below', limit), of(nutrients, 'serving', 'below', limit)];
const SAT_TRANS = ['saturatedFatG', 'transFatG'] as const;

const US: readonly ClaimRule[] = [
  { id: 'calorieFree', regime: 'us', words: 'calorie free', any: [free('energyKcal', 5)], source: '21 CFR 101.60(b)(1)' },
  { id: 'lowCalorie', regime: 'us', words: 'low calorie', any: [[of('energyKcal', 'reference', 'most', 40)]], source: '21 CFR 101.60(b)(2)' },
  { id: 'sugarFree', regime: 'us', words: 'sugar free', any: [free('sugarsG', 0.5)], source: '21 CFR 101.60(c)(1)' },
  { id: 'sodiumFree', regime: 'us', words: 'sodium free', any: [free('sodiumMg', 5)], source: '21 CFR 101.61(b)(1)' },
  { id: 'veryLowSodium', regime: 'us', words: 'very low sodium', any: [[of('sodiumMg', 'reference', 'most', 35)]], source: '21 CFR 101.61(b)(2)' },
  { id: 'lowSodium', regime: 'us', words: 'low sodium', any: [[of('sodiumMg', 'reference', 'most', 140)]], source: '21 CFR 101.61(b)(4)' },
  { id: 'fatFree', regime: 'us', words: 'fat free', any: [free('fatG', 0.5)], source: '21 CFR 101.62(b)(1)' },
  { id: 'lowFat', regime: 'us', words: 'low fat', any: [[of('fatG', 'reference', 'most', 3)]], source: '21 CFR 101.62(b)(2)' },
  { id: 'saturatedFatFree', regime: 'us', words: 'saturated fat free', any: [[...free('saturatedFatG', 0.5), ...free('transFatG', 0.5)]], source: '21 CFR 101.62(c)(1)' },
  { id: 'lowSaturatedFat', regime: 'us', words: 'low in saturated fat', any: [[of('saturatedFatG', 'reference', 'most', 1), { ...of('saturatedFatG', 'reference', 'most', 15), ofEnergy: 9 }]], source: '21 CFR 101.62(c)(2)' },
  { id: 'cholesterolFree', regime: 'us', words: 'cholesterol free', any: [[...free('cholesterolMg', 2), of('saturatedFatG', 'reference', 'most', 2)]], source: '21 CFR 101.62(d)(1)' },
  { id: 'lowCholesterol', regime: 'us', words: 'low cholesterol', any: [[of('cholesterolMg', 'reference', 'most', 20), of('saturatedFatG', 'reference', 'most', 2)]], source: '21 CFR 101.62(d)(2)' },
];

const EU: readonly ClaimRule[] = [
  { id: 'energyFree', regime: 'eu', words: 'energy-free', any: [[of('energyKcal', '100ml', 'most', 4)]], source: '1924/2006, annex, energy-free' },
  { id: 'lowEnergy', regime: 'eu', words: 'low energy', any: [[of('energyKcal', '100ml', 'most', 20)]], source: '1924/2006, annex, low energy (liquids)' },
  { id: 'fatFree', regime: 'eu', words: 'fat-free', any: [[of('fatG', '100ml', 'most', 0.5)]], source: '1924/2006, annex, fat-free' },
  { id: 'lowFat', regime: 'eu', words: 'low fat', any: [[of('fatG', '100ml', 'most', 1.5)]], source: '1924/2006, annex, low fat (liquids)' },
  { id: 'saturatedFatFree', regime: 'eu', words: 'saturated fat-free', any: [[of(SAT_TRANS, '100ml', 'most', 0.1)]], source: '1924/2006, annex, saturated fat-free' },
  { id: 'lowSaturatedFat', regime: 'eu', words: 'low saturated fat', any: [[of(SAT_TRANS, '100ml', 'most', 0.75), { ...of(SAT_TRANS, '100ml', 'most', 10), ofEnergy: 9 }]], source: '1924/2006, annex, low saturated fat (liquids)' },
  { id: 'sugarsFree', regime: 'eu', words: 'sugars-free', any: [[of('sugarsG', '100ml', 'most', 0.5)]], source: '1924/2006, annex, sugars-free' },
  { id: 'lowSugars', regime: 'eu', words: 'low sugars', any: [[of('sugarsG', '100ml', 'most', 2.5)]], source: '1924/2006, annex, low sugars (liquids)' },
  { id: 'sodiumFree', regime: 'eu', words: 'sodium-free', any: [[of('sodiumMg', '100ml', 'most', 5)]], source: '1924/2006, annex, sodium-free' },
  { id: 'veryLowSodium', regime: 'eu', words: 'very low sodium', any: [[of('sodiumMg', '100ml', 'most', 40)]], source: '1924/2006, annex, very low sodium' },
  { id: 'lowSodium', regime: 'eu', words: 'low sodium', any: [[of('sodiumMg', '100ml', 'most', 120)]], source: '1924/2006, annex, low sodium' },
  { id: 'sourceOfFibre', regime: 'eu', words: 'source of fibre', any: [[of('fibreG', '100g', 'least', 3)], [{ ...of('fibreG', '100g', 'least', 1.5), perKcal: true }]], source: '1924/2006, annex, source of fibre' },
  { id: 'highFibre', regime: 'eu', words: 'high fibre', any: [[of('fibreG', '100g', 'least', 6)], [{ ...of('fibreG', '100g', 'least', 3), perKcal: true }]], source: '1924/2006, annex, high fibre' },
  { id: 'sourceOfProtein', regime: 'eu', words: 'source of protein', any: [[{ ...of('proteinG', '100g', 'least', 12), ofEnergy: 4 }]], source: '1924/2006, annex, source of protein' },
  { id: 'highProtein', regime: 'eu', words: 'high protein', any: [[{ ...of('proteinG', '100g', 'least', 20), ofEnergy: 4 }]], source: '1924/2006, annex, high protein' },
];

/** Claims of 'good source' (10 to 19 % of the daily value) and 'high' (20 % and more) are made of these, 21 CFR 101.54(b), (c); protein is left out: its quality would have to be corrected, 101.9(c)(7). */
export const US_SOURCES = ['fibreG', 'calciumMg', 'ironMg', 'potassiumMg', 'magnesiumMg', 'zincMg', 'vitaminARaeUg', 'vitaminCMg', 'vitaminDUg', 'folateDfeUg', 'vitaminB12Ug', 'vitaminKUg'] as const satisfies readonly Nutrient[];
/** 'Source of' and 'high' vitamin or mineral: 15 and 30 % of the reference value in 100 g or ml, 1924/2006 annex with 1169/2011 Annex XIII. */
export const EU_SOURCES = ['calciumMg', 'ironMg', 'potassiumMg', 'magnesiumMg', 'zincMg', 'phosphorusMg', 'vitaminARaeUg', 'vitaminCMg', 'vitaminDUg', 'folateDfeUg', 'vitaminB12Ug', 'vitaminKUg'] as const satisfies readonly Nutrient[];

export const CLAIM_RULES: readonly ClaimRule[] = [...US, ...EU];

/** Above any of these, per reference amount or per serving, a US claim must point to it: 21 CFR 101.13(h)(1). */
export const DISCLOSURE = { fatG: 13, saturatedFatG: 4, cholesterolMg: 60, sodiumMg: 480 } as const satisfies Partial<Record<Nutrient, number>>;
