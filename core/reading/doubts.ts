/** Doubts: what the text leaves open, with each reading and what it does to one bowl. Ordered by consequence. */
import type { Shelf } from '../food/shelf.ts';
import { REGIMES } from '../regime/regime.ts';
import type { Nutrient } from '../vocabulary/nutrient.ts';
import { NUTRIENT_INDEX } from '../vocabulary/nutrient.ts';

export const DOUBT_CODES = [
  'food.unmatched',
  'food.ambiguous',
  'food.modified',
  'food.slip',
  'choice',
  'above',
  'ounce',
  'disagree',
  'drained',
  'asBought',
  'amount.unknown',
  'amount.toTaste',
  'amount.vague',
  'amount.cover',
  'list.step',
  'line.unused',
  'step.unlisted',
  'liquid.ratio',
  'bowls.implausible',
  'time.short',
  'temperature.scale',
  'claim.keptOut',
  'level.keptOut',
  'label.checked',
  'servings.missing',
  'servings.range',
  'measures.unclear',
  'lines.none',
] as const;
export type DoubtCode = (typeof DOUBT_CODES)[number];

export const CONSEQUENCE_KEYS = [
  'energyKcal',
  'saturatedFatG',
  'sodiumMg',
  'potassiumMg',
  'carbohydrateG',
  'proteinG',
] as const satisfies readonly Nutrient[];
export type PerServing = Partial<Record<(typeof CONSEQUENCE_KEYS)[number], number>>;

export interface DoubtReading {
  label: string;
  grams: number;
  foodId?: string;
  /** What this line gives one bowl, so read. */
  perServing: PerServing;
}

export interface Doubt {
  code: DoubtCode;
  lineId: string | null;
  /** Place in the pasted text, from 0. */
  textLine: number | null;
  message: string;
  readings?: DoubtReading[];
}

/** One bowl's worth of each figure that weighs as much as another (common practice: a tenth of a day's label values). */
export const CONSEQUENCE_WEIGHT: Readonly<Record<keyof PerServing, number>> = {
  energyKcal: 200,
  saturatedFatG: 2,
  sodiumMg: 230,
  potassiumMg: 470,
  carbohydrateG: 27,
  proteinG: 5,
};
/** Doubts whose consequence has no number: an unmatched food hides allergens; a missing bowl count scales everything. */
const FIXED: Partial<Record<DoubtCode, number>> = {
  'lines.none': 1000,
  'food.unmatched': 500,
  'servings.missing': 50,
  'step.unlisted': 40,
  'line.unused': 4,
  'liquid.ratio': 3,
  'label.checked': 3,
  'level.keptOut': 2.5,
  'bowls.implausible': 20,
  'time.short': 0.5,
  'temperature.scale': 0.6,
  'claim.keptOut': 0.4,
  choice: 10,
  'amount.unknown': 5,
  'servings.range': 3,
  'amount.toTaste': 2,
  'measures.unclear': 1,
};

export function readingOf(label: string, foodId: string, grams: number, servings: number, shelf: Shelf): DoubtReading {
  const food = shelf.food(foodId);
  const perServing: PerServing = {};
  if (food) {
    const { value } = shelf.figures(food, REGIMES.us);
    for (const key of CONSEQUENCE_KEYS) perServing[key] = Number((((value[NUTRIENT_INDEX[key]] as number) * grams) / 100 / servings).toPrecision(3));
  }
  return { label, grams, foodId, perServing };
}

/** How far the readings of a doubt lie apart, in tenths of a day. */
export function consequence({ code, readings }: Doubt): number {
  const fixed = FIXED[code] ?? 0;
  if (!readings || readings.length < 2) return fixed;
  return (
    fixed +
    CONSEQUENCE_KEYS.reduce((sum, key) => {
      const values = readings.map(({ perServing }) => perServing[key] ?? 0);
      return sum + (Math.max(...values) - Math.min(...values)) / CONSEQUENCE_WEIGHT[key];
    }, 0)
  );
}

export const byConsequence = (doubts: readonly Doubt[]): Doubt[] =>
  doubts
    .map((doubt) => ({ doubt, weight: consequence(doubt) }))
    .sort((a, b) => b.weight - a.weight)
    .map(({ doubt }) => doubt);
