/**
 * A food of the kitchen's own, from its package: what is printed, turned to 100 g, with an interval of what the printed
 * figure may stand for: its rounding and the tolerance the law allows it.
 *
 * US: rounding by 21 CFR 101.9(c); 101.9(g)(4), (5): fats, sodium, sugars, cholesterol and energy up to 120 % of the
 * label, protein, fibre, vitamins and minerals down to 80 %. The side the law leaves open is taken as a fifth too (estimate).
 * EU: Commission guidance on tolerances (2012), tables 1 and 2: rounding and tolerance by size of the figure, per 100 g.
 */

import { Z95 } from '../statistics/normal.ts';
import { ALLERGENS } from '../vocabulary/allergens.ts';
import type { Category } from '../vocabulary/category.ts';
import type { Food } from '../vocabulary/food.ts';
import type { StoredNutrient } from '../vocabulary/nutrient.ts';
import { readIngredients } from './ingredients.ts';

export const LABEL_FORMS = ['us', 'eu'] as const;
export type LabelForm = (typeof LABEL_FORMS)[number];

/** What a label prints. Carbohydrate is total on a US label and available on an EU one; salt is printed in the EU. */
export const LABEL_KEYS = [
  'energyKcal',
  'fatG',
  'saturatedFatG',
  'transFatG',
  'cholesterolMg',
  'sodiumMg',
  'saltG',
  'carbohydrateG',
  'fibreG',
  'sugarsG',
  'addedSugarsG',
  'proteinG',
  'potassiumMg',
  'phosphorusMg',
  'calciumMg',
  'ironMg',
  'vitaminDUg',
] as const;
export type LabelKey = (typeof LABEL_KEYS)[number];

export interface LabelEntry {
  name: string;
  /** Other words the kitchen writes for it. */
  aliases: string[];
  category: Category;
  form: LabelForm;
  /** The figures are printed for this many grams; 100 on most EU labels. */
  perGrams: number;
  figures: Partial<Record<LabelKey, number>>;
  /** As printed; null when it was not copied, and then every allergen has to be checked. */
  ingredients: string | null;
  /** Day the label was read, YYYY-MM-DD. */
  date: string;
  /** The kitchen food it is used as: it has that one's swaps, taste and household measures. */
  like?: string | undefined;
  /** Grams of a millilitre, for what is poured. */
  gramsPerMl?: number | undefined;
}

/** Half of the last digit printed, per serving: 21 CFR 101.9(c); what is below the first step may be printed as 0. */
function usRounding(key: LabelKey, printed: number): readonly [below: number, above: number] {
  const half = (step: number): readonly [number, number] => [step / 2, step / 2];
  if (key === 'energyKcal') return printed === 0 ? [0, 5] : printed <= 50 ? half(5) : half(10);
  if (key === 'fatG' || key === 'saturatedFatG' || key === 'transFatG') return printed === 0 ? [0, 0.5] : printed < 5 ? half(0.5) : half(1);
  if (key === 'cholesterolMg') return printed === 0 ? [0, 2] : half(5);
  if (key === 'sodiumMg') return printed === 0 ? [0, 5] : printed <= 140 ? half(5) : half(10);
  if (key === 'potassiumMg' || key === 'calciumMg' || key === 'phosphorusMg') return half(10);
  if (key === 'ironMg' || key === 'vitaminDUg') return half(0.1);
  return printed === 0 ? [0, 0.5] : half(1);
}
const US_TOLERANCE = 0.2;

/** Tolerances of the guidance of 2012, table 2, per 100 g: up to each limit, the amount or the share that may be off. */
type Band = readonly [upTo: number, off: number, kind: 'g' | 'share'];
const EU_TOLERANCE: Partial<Record<LabelKey, readonly Band[]>> = {
  fatG: [
    [10, 1.5, 'g'],
    [40, 0.2, 'share'],
    [Number.POSITIVE_INFINITY, 8, 'g'],
  ],
  saturatedFatG: [
    [4, 0.8, 'g'],
    [Number.POSITIVE_INFINITY, 0.2, 'share'],
  ],
  carbohydrateG: [
    [10, 2, 'g'],
    [40, 0.2, 'share'],
    [Number.POSITIVE_INFINITY, 8, 'g'],
  ],
  sugarsG: [
    [10, 2, 'g'],
    [40, 0.2, 'share'],
    [Number.POSITIVE_INFINITY, 8, 'g'],
  ],
  proteinG: [
    [10, 2, 'g'],
    [40, 0.2, 'share'],
    [Number.POSITIVE_INFINITY, 8, 'g'],
  ],
  fibreG: [
    [10, 2, 'g'],
    [40, 0.2, 'share'],
    [Number.POSITIVE_INFINITY, 8, 'g'],
  ],
  saltG: [
    [1.25, 0.375, 'g'],
    [Number.POSITIVE_INFINITY, 0.2, 'share'],
  ],
  sodiumMg: [
    [500, 150, 'g'],
    [Number.POSITIVE_INFINITY, 0.2, 'share'],
  ],
};
/** Vitamins and minerals of an EU label may be off by this share each way (guidance of 2012: +45 and -35 %, minerals). */
const EU_MINERAL = { below: 0.35, above: 0.45 } as const;

interface Interval {
  value: number;
  low: number;
  high: number;
}

function usInterval(key: LabelKey, printed: number, toHundred: number): Interval {
  const [below, above] = usRounding(key, printed);
  const low = Math.max(0, printed - below) * (1 - US_TOLERANCE);
  const high = (printed + above) * (1 + US_TOLERANCE);
  return { value: printed * toHundred, low: low * toHundred, high: high * toHundred };
}

function euInterval(key: LabelKey, printed: number, toHundred: number): Interval {
  const value = printed * toHundred;
  const bands = EU_TOLERANCE[key];
  if (!bands) return { value, low: value * (1 - EU_MINERAL.below), high: value * (1 + EU_MINERAL.above) };
  const [, off, kind] = bands.find(([upTo]) => value < upTo) as Band;
  const by = kind === 'g' ? off : value * off;
  return { value, low: Math.max(0, value - by), high: value + by };
}

/** The food of a label. `id` is the kitchen's own; `like` the food of the shelf it is used as. */
export function labelFood(id: string, entry: LabelEntry, like?: Food): Food {
  const { form, perGrams, figures } = entry;
  const toHundred = 100 / perGrams;
  const interval = form === 'us' ? usInterval : euInterval;
  const per100g: Partial<Record<StoredNutrient, number>> = {};
  const spread: Partial<Record<StoredNutrient, readonly [number, number]>> = {};
  const put = (key: StoredNutrient, { value, low, high }: Interval) => {
    per100g[key] = value;
    spread[key] = [(value - low) / Z95, (high - value) / Z95];
  };
  for (const key of LABEL_KEYS) {
    const printed = figures[key];
    if (printed === undefined || key === 'energyKcal' || key === 'saltG' || (key === 'carbohydrateG' && form === 'eu')) continue;
    put(key, interval(key, printed, toHundred));
  }
  if (figures.sodiumMg === undefined && figures.saltG !== undefined) {
    // Salt is sodium x 2.5 (1169/2011, Annex I): g to mg.
    const { value, low, high } = interval('saltG', figures.saltG, toHundred);
    put('sodiumMg', { value: value * 400, low: low * 400, high: high * 400 });
  }
  if (form === 'eu' && figures.carbohydrateG !== undefined && figures.fibreG !== undefined) {
    // Printed carbohydrate is available there; the row holds total.
    const available = interval('carbohydrateG', figures.carbohydrateG, toHundred);
    const fibre = interval('fibreG', figures.fibreG, toHundred);
    const off = (side: 'low' | 'high') => Math.hypot(available[side] - available.value, fibre[side] - fibre.value);
    const value = available.value + fibre.value;
    put('carbohydrateG', { value, low: Math.max(0, value - off('low')), high: value + off('high') });
  }
  const { fatG, proteinG, carbohydrateG } = per100g;
  if (fatG !== undefined && proteinG !== undefined && carbohydrateG !== undefined) {
    // What is not on the label is mostly water: by difference, with the salt (sodium x 2.54) and a gram of other ash (estimate).
    const ash = 1 + ((per100g.sodiumMg ?? 0) * 2.54) / 1000;
    const water = Math.max(0, 100 - ash - fatG - proteinG - carbohydrateG);
    per100g.waterG = water;
    spread.waterG = [Math.min(water, 4) / Z95, 4 / Z95];
  }
  const read = entry.ingredients === null ? null : readIngredients(entry.ingredients);
  const zeroByNature = new Set<StoredNutrient>();
  if (read && !read.origins.includes('alcohol')) {
    per100g.alcoholG = 0;
    zeroByNature.add('alcoholG');
  }
  return {
    id,
    name: entry.name,
    aliases: entry.aliases,
    category: entry.category,
    state: 'processed',
    source: { kind: 'label', ref: `label read on ${entry.date}` },
    per100g,
    spread,
    zeroByNature,
    ...(figures.energyKcal === undefined ? {} : { tableKcal: figures.energyKcal * toHundred }),
    ...((entry.gramsPerMl ?? like?.densityGPerMl) === undefined ? {} : { densityGPerMl: (entry.gramsPerMl ?? like?.densityGPerMl) as number }),
    edibleShare: 1,
    portions: [
      ...cupOf(entry),
      ...(entry.gramsPerMl === undefined ? (like?.portions ?? []) : (like?.portions.filter(({ measure }) => measure !== 'cup') ?? [])),
    ],
    contains: read?.contains ?? [],
    checks: read?.checks ?? ALLERGENS.map((allergen) => ({ allergen, why: 'the ingredients were not copied from the pack' })),
    mayContain: read?.mayContain ?? [],
    origins: read ? ['plant', ...read.origins] : ['plant'],
    dietChecks: read
      ? read.dietChecks
      : (['vegan', 'vegetarian', 'noPork', 'noMeat', 'noFish', 'noAlcohol', 'noOnionGarlic'] as const).map((diet) => ({
          diet,
          why: 'the ingredients were not copied from the pack',
        })),
    flags: read?.flags ?? [],
    starchKind: like?.starchKind ?? 'blended',
    fatForm: like?.fatForm ?? (entry.category === 'fat' ? 'free' : 'dispersed'),
    ...(like ? { like: like.id } : {}),
  };
}

const CUP_ML = 236.588;

/** A cup of what is poured, by the density given with the label. */
function cupOf({ gramsPerMl }: LabelEntry): Food['portions'] {
  if (gramsPerMl === undefined) return [];
  const grams = CUP_ML * gramsPerMl;
  return [{ measure: 'cup', grams, low: grams * 0.95, high: grams * 1.05, source: 'the density given with the label' }];
}

/** Of the energy printed and that of the printed macronutrients, by how much they differ; null where it cannot be told. */
export function energyDoubt({ form, figures }: LabelEntry): { printed: number; reckoned: number } | null {
  const { energyKcal, fatG, carbohydrateG, proteinG, fibreG = 0 } = figures;
  if (energyKcal === undefined || fatG === undefined || carbohydrateG === undefined || proteinG === undefined) return null;
  const reckoned = 9 * fatG + 4 * proteinG + 4 * carbohydrateG + (form === 'eu' ? 2 * fibreG : 0);
  // Rounding of the parts and fibre counted low explain this much.
  const room = Math.max(12, 0.15 * reckoned) + (form === 'us' ? 4 * fibreG : 0);
  return Math.abs(reckoned - energyKcal) > room ? { printed: energyKcal, reckoned } : null;
}

export interface LabelFault {
  key: LabelKey;
  message: string;
}

/** Rounding lets a part be printed a little larger than its whole: by one step of a gram. */
const STEP_G = 1;

/** Parts that are larger than what they are part of, with how to mend it. */
export function labelFaults({ form, perGrams, figures }: LabelEntry): LabelFault[] {
  const faults: LabelFault[] = [];
  const within = (part: LabelKey, whole: LabelKey) => {
    const [one, all] = [figures[part], figures[whole]];
    if (one !== undefined && all !== undefined && one > all + STEP_G)
      faults.push({ key: part, message: `${one} g cannot be more than the ${all} g it is part of: look at the label again.` });
  };
  within('saturatedFatG', 'fatG');
  within('transFatG', 'fatG');
  within('sugarsG', 'carbohydrateG');
  within('addedSugarsG', 'sugarsG');
  if (form === 'us') within('fibreG', 'carbohydrateG');
  const { fatG = 0, proteinG = 0, carbohydrateG = 0, fibreG = 0 } = figures;
  const sum = fatG + proteinG + carbohydrateG + (form === 'eu' ? fibreG : 0);
  if (sum > perGrams * 1.02 + 3 * STEP_G)
    faults.push({ key: 'carbohydrateG', message: `fat, carbohydrate and protein come to ${sum} g of ${perGrams} g: is the serving size right?` });
  return faults;
}
