/** Doubts: what the text leaves open, with each reading and what it does to one bowl. Ordered by consequence. */
import type { Shelf } from '../food/shelf.ts';
import { REGIMES } from '../regime/regime.ts';
import type { Nutrient } from '../vocabulary/nutrient.ts';
import { NUTRIENT_INDEX } from '../vocabulary/nutrient.ts';

/** What an answer to a doubt is: a food, an amount, a number of bowls, where a line goes in or that it is left out, one of the readings it lists; or there is nothing to settle. */
export type SettledBy = 'food' | 'grams' | 'bowls' | 'reading' | 'place' | 'told';

export interface DoubtRow {
  /**
   * Tenths of a day it weighs besides what its readings lie apart: where the consequence has no number, since an unmatched
   * food hides allergens and a missing bowl count scales everything. Ours (estimate), after what goes wrong in a bowl.
   */
  weight: number;
  tone: 'breaks' | 'check' | 'plain';
  /** In the order they are offered. */
  settledBy: readonly SettledBy[];
}

const row = (weight: number, tone: DoubtRow['tone'], ...settledBy: SettledBy[]): DoubtRow => ({ weight, tone, settledBy });

/** One row for every doubt. */
export const DOUBTS = {
  'lines.none': row(1000, 'check', 'reading'),
  'text.unread': row(400, 'check', 'reading'),
  'food.unmatched': row(500, 'breaks', 'food', 'grams'),
  'food.ambiguous': row(0, 'check', 'reading', 'food', 'grams'),
  'food.modified': row(0, 'check', 'reading', 'food', 'grams'),
  'food.make': row(0, 'check', 'reading', 'food'),
  'food.slip': row(1, 'check', 'reading', 'food', 'grams'),
  choice: row(10, 'check', 'reading'),
  above: row(0, 'check', 'reading'),
  ounce: row(0, 'check', 'reading'),
  disagree: row(0, 'check', 'reading'),
  asBought: row(0, 'check', 'reading'),
  'amount.unknown': row(5, 'check', 'reading', 'grams'),
  'amount.toTaste': row(2, 'check', 'reading', 'grams'),
  'amount.shared': row(3, 'check', 'grams'),
  'amount.vague': row(0, 'check', 'reading', 'grams'),
  'amount.cover': row(0, 'check', 'reading', 'grams'),
  'list.step': row(0, 'check', 'reading'),
  'line.unused': row(4, 'check', 'place'),
  'step.unlisted': row(40, 'check', 'place', 'grams'),
  'liquid.ratio': row(3, 'plain', 'told'),
  'bowls.implausible': row(20, 'check', 'reading'),
  'time.short': row(0.5, 'plain', 'told'),
  'temperature.scale': row(0.6, 'plain', 'told'),
  'claim.keptOut': row(0.4, 'plain', 'told'),
  'level.keptOut': row(2.5, 'plain', 'told'),
  'label.checked': row(3, 'plain', 'told'),
  'label.read': row(0.3, 'plain', 'told'),
  'text.spoken': row(60, 'check', 'told'),
  'servings.missing': row(50, 'check', 'bowls'),
  'servings.range': row(3, 'check', 'bowls'),
  'servings.volume': row(20, 'check', 'bowls'),
  'measures.unclear': row(1, 'check', 'reading'),
} as const satisfies Record<string, DoubtRow>;

export type DoubtCode = keyof typeof DOUBTS;

/** Whether anything is to be settled about it, by anything or by the one thing asked about. */
export const isSettledBy = ({ code }: Pick<Doubt, 'code'>, by: SettledBy): boolean => (DOUBTS[code].settledBy as readonly SettledBy[]).includes(by);
export const isOnlyTold = (doubt: Pick<Doubt, 'code'>): boolean => isSettledBy(doubt, 'told');

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
  const fixed = DOUBTS[code].weight;
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
