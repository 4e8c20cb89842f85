/**
 * A food's figures as the calculation wants them: dense arrays by NUTRIENT_INDEX, per 100 g, with standard deviations,
 * and with the derived nutrients (energy, available carbohydrate, salt) of one regime.
 */

import type { Regime } from '../regime/regime.ts';
import { Z95 } from '../statistics/normal.ts';
import type { Food } from '../vocabulary/food.ts';
import { NUTRIENT_COUNT, NUTRIENT_INDEX, NUTRIENTS, type Nutrient, type StoredNutrient } from '../vocabulary/nutrient.ts';
import { classError } from './errors.ts';

export interface Figures {
  /** What is known; 0 where nothing is, see `unknown`. A derived figure with an unknown part is a lower bound. */
  value: Float64Array;
  /** Standard deviations below and above. */
  below: Float64Array;
  above: Float64Array;
  /** Nutrients whose value is only a lower bound, in the order of NUTRIENTS. */
  unknown: readonly Nutrient[];
  /** Where two tables differ by more than twice: the place and the other table's figure. Salt follows sodium. */
  apart: readonly (readonly [at: number, other: number])[];
}

type Parts = readonly (readonly [Nutrient, number])[];
const AVAILABLE: Parts = [
  ['carbohydrateG', 1],
  ['fibreG', -1],
];
// Salt is sodium x 2.5 (Regulation (EU) No 1169/2011, Annex I): mg to g.
const SALT: Parts = [['sodiumMg', 0.0025]];

/** The figures of a food as its row stands. */
export function figuresOf(food: Food, regime: Regime): Figures {
  const figures = { value: new Float64Array(NUTRIENT_COUNT), below: new Float64Array(NUTRIENT_COUNT), above: new Float64Array(NUTRIENT_COUNT) };
  const unknown = new Set<Nutrient>(NUTRIENTS);
  for (const [key, value] of Object.entries(food.per100g) as [StoredNutrient, number][]) {
    const at = NUTRIENT_INDEX[key];
    if (!food.atLeast?.has(key)) unknown.delete(key);
    figures.value[at] = value;
    if (food.zeroByNature.has(key)) continue;
    const [below, above] = food.spread[key] ?? classSpread(food, key, value);
    figures.below[at] = below;
    figures.above[at] = key.endsWith('G') ? Math.min(above, roomAbove(value)) : above;
  }
  if (food.inulinG && regime.inulinIsFibre && !unknown.has('fibreG')) addFibre(figures, food.inulinG);
  derive(figures, unknown, regime);
  return { ...figures, unknown: NUTRIENTS.filter((key) => unknown.has(key)), apart: apartOf(food) };
}

/** What the table's method does not see of fibre. */
function addFibre(
  { value, below, above }: Pick<Figures, 'value' | 'below' | 'above'>,
  [inulin, less, more]: readonly [number, number, number],
): void {
  const at = NUTRIENT_INDEX.fibreG;
  value[at] = (value[at] as number) + inulin;
  below[at] = Math.hypot(below[at] as number, less);
  above[at] = Math.hypot(above[at] as number, more);
}

/** From this share of a food on it is nearly pure, and known as well as what is missing from it. */
const NEARLY_PURE = 90;

/** Nothing is more than 100 g of 100 g. */
const roomAbove = (value: number): number => Math.max(0, 100 - value) / Z95;

/** The class error of a value; what is nearly pure is known better than its class. */
function classSpread({ source }: Food, key: StoredNutrient, value: number): readonly [below: number, above: number] {
  const error = classError(source.kind, key, value);
  if (!key.endsWith('G')) return [error, error];
  return [value > NEARLY_PURE ? Math.min(error, Math.max(2 * roomAbove(value), value * 0.005)) : error, error];
}

const NOT_APART: Figures['apart'] = [];

function apartOf({ apart, other }: Food): Figures['apart'] {
  if (!apart || !other || apart.size === 0) return NOT_APART;
  return [...apart].flatMap((key): [number, number][] => {
    const figure = other.per100g[key] as number;
    return key === 'sodiumMg'
      ? [
          [NUTRIENT_INDEX.sodiumMg, figure],
          [NUTRIENT_INDEX.saltG, figure * 0.0025],
        ]
      : [[NUTRIENT_INDEX[key], figure]];
  });
}

/** The share of each nutrient that stays, with one standard deviation of it. */
export interface Shares {
  nutrients: Float64Array;
  errors: Float64Array;
}

/** The figures of 100 g that went in, after each nutrient kept only its share; derived nutrients follow their parts. */
export function figuresAfter(figures: Figures, { nutrients: shares, errors }: Shares, regime: Regime): Figures {
  const scaled = {
    value: figures.value.map((x, at) => x * (shares[at] as number)),
    below: figures.below.map((x, at) => Math.hypot(x * (shares[at] as number), (figures.value[at] as number) * (errors[at] as number))),
    above: figures.above.map((x, at) => Math.hypot(x * (shares[at] as number), (figures.value[at] as number) * (errors[at] as number))),
  };
  const unknown = new Set(figures.unknown);
  derive(scaled, unknown, regime);
  const shareOf = (at: number) => shares[at === NUTRIENT_INDEX.saltG ? NUTRIENT_INDEX.sodiumMg : at] as number;
  const apart = figures.apart.length === 0 ? NOT_APART : figures.apart.map(([at, other]) => [at, other * shareOf(at)] as const);
  return { ...scaled, unknown: figures.unknown, apart };
}

function derive(figures: Omit<Figures, 'unknown' | 'apart'>, unknown: Set<Nutrient>, regime: Regime): void {
  const put = (into: Nutrient, parts: Parts) => {
    const at = NUTRIENT_INDEX[into];
    figures.value[at] = Math.max(
      0,
      parts.reduce((sum, [key, factor]) => sum + factor * (figures.value[NUTRIENT_INDEX[key]] as number), 0),
    );
    for (const side of ['below', 'above'] as const) {
      figures[side][at] = Math.sqrt(parts.reduce((sum, [key, factor]) => sum + (factor * (figures[side][NUTRIENT_INDEX[key]] as number)) ** 2, 0));
    }
    if (parts.some(([key]) => unknown.has(key))) unknown.add(into);
    else unknown.delete(into);
  };
  put('availableCarbohydrateG', AVAILABLE);
  // A carbohydrate less an unknown fibre is no lower bound: nothing is known of the difference.
  if (unknown.has('availableCarbohydrateG')) figures.value[NUTRIENT_INDEX.availableCarbohydrateG] = 0;
  put('saltG', SALT);
  put('energyKcal', regime.energy.kcal);
  put('energyKj', regime.energy.kj);
}
