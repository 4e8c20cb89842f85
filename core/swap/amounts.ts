/** The amounts below one set of choices: a small linear programme, its optimum, and its rounding to measures. */
import { solve } from './lp.ts';
import type { Model, Option, Part, Row } from './model.ts';

export interface Amounts {
  /** Grams of each part, slot by slot. */
  grams: number[];
  /** Objective with the cost of the choices. */
  value: number;
}

/** Price of violating a soft row by as much as its own bound; above anything closeness can buy. */
export const SOFT_PRICE = 200;
const FEASIBLE = 1e-7;

const partsOf = (choice: readonly Option[]): Part[] => choice.flatMap(({ parts }) => parts);

/** Traits of the pot with these choices at these amounts. */
function traitsAt(model: Model, choice: readonly Option[], grams: readonly number[]): Float64Array {
  const total = Float64Array.from(model.base);
  for (const { fixed } of choice) for (let t = 0; t < total.length; t += 1) total[t] = (total[t] as number) + (fixed[t] as number);
  partsOf(choice).forEach(({ perGram }, p) => {
    for (let t = 0; t < total.length; t += 1) total[t] = (total[t] as number) + (grams[p] as number) * (perGram[t] as number);
  });
  return total;
}

function dot({ coefficients }: Row, traits: Float64Array): number {
  let sum = 0;
  for (let t = 0; t < coefficients.length; t += 1) sum += (coefficients[t] as number) * (traits[t] as number);
  return sum;
}

const constantCost = (choice: readonly Option[]): number => choice.reduce((sum, { cost }) => sum + cost, 0);

/** The objective of a plan, what it violates left out; exactly 0 for the original. */
export function distanceAt(model: Model, choice: readonly Option[], grams: readonly number[]): number {
  return choice.every(({ swap }) => swap === null) ? 0 : closeness(model, traitsAt(model, choice, grams)) + constantCost(choice);
}

function closeness({ terms, original }: Model, traits: Float64Array): number {
  let sum = 0;
  for (const { at, weight } of terms) sum += weight * Math.abs((traits[at] as number) - (original[at] as number));
  return sum;
}

/** Closeness of these traits, with the price of soft rows they break; infinite where a hard row is broken. */
function costAt(model: Model, traits: Float64Array): number {
  let value = closeness(model, traits);
  for (const row of model.rows) {
    const over = dot(row, traits) - row.bound;
    if (over > FEASIBLE) {
      if (!row.soft) return Number.POSITIVE_INFINITY;
      value += SOFT_PRICE * over;
    }
  }
  return value;
}

/** The best amounts for these choices, or null when no amounts meet the hard rows. */
export function bestAmounts(model: Model, choice: readonly Option[]): Amounts | null {
  const parts = partsOf(choice);
  if (parts.length === 0) {
    const value = costAt(model, traitsAt(model, choice, [])) + constantCost(choice);
    return Number.isFinite(value) ? { grams: [], value } : null;
  }
  const least = parts.map((part) => part.least);
  const start = traitsAt(model, choice, least);
  const n = parts.length;
  const soft = model.rows.filter((row) => row.soft);
  const columns = n + model.terms.length + soft.length;
  const cost = new Array<number>(columns).fill(0);
  const rows: number[][] = [];
  const rhs: number[] = [];
  const push = (entries: (row: number[]) => void, bound: number) => {
    const row = new Array<number>(columns).fill(0);
    entries(row);
    rows.push(row);
    rhs.push(bound);
  };

  model.terms.forEach(({ at, weight }, index) => {
    cost[n + index] = 1;
    const off = weight * ((start[at] as number) - (model.original[at] as number));
    for (const sign of [1, -1]) {
      push((row) => {
        parts.forEach(({ perGram }, p) => {
          row[p] = sign * weight * (perGram[at] as number);
        });
        row[n + index] = -1;
      }, -sign * off);
    }
  });
  for (const constraint of model.rows) {
    push((row) => {
      parts.forEach(({ perGram }, p) => {
        row[p] = constraint.coefficients.reduce((sum, factor, t) => sum + factor * (perGram[t] as number), 0);
      });
      if (constraint.soft) row[n + model.terms.length + soft.indexOf(constraint)] = -1;
    }, constraint.bound - dot(constraint, start));
  }
  soft.forEach((_, index) => {
    cost[n + model.terms.length + index] = SOFT_PRICE;
  });
  parts.forEach((part, p) => {
    push((row) => {
      row[p] = 1;
    }, part.most - part.least);
  });

  const solution = solve({ cost, rows, rhs });
  if (!solution) return null;
  const grams = parts.map((part, p) => part.least + (solution.x[p] as number));
  return { grams, value: solution.value + constantCost(choice) };
}

/** Grid on which a kitchen weighs: half grams, grams, fives, tens. */
export function gridStep(grams: number): number {
  if (grams < 5) return 0.5;
  if (grams < 20) return 1;
  return grams < 100 ? 5 : 10;
}

const MOST_TRIED = 4096;

/** A coarse kitchen grid first; finer ones only where the needs leave no room for it. The last is a good scale's. */
const FINER = [1, 0.2, 0.02] as const;

/**
 * The amounts on the measure grid that keep every hard row and cost least: each part goes to one of the grid points
 * about its optimum. Null when not even the finest grid keeps the rows.
 */
export function roundAmounts(model: Model, choice: readonly Option[], amounts: Amounts): number[] | null {
  for (const finer of FINER) {
    const found = roundOn(model, choice, amounts, finer);
    if (found) return found;
  }
  return null;
}

function roundOn(model: Model, choice: readonly Option[], { grams }: Amounts, finer: number): number[] | null {
  const parts = partsOf(choice);
  const reach = 4 ** parts.length <= MOST_TRIED ? 2 : 1;
  const candidates = grams.map((best, p) => gridAbout(best, parts[p] as Part, reach, gridStep(best) * finer));
  // Walked part by part, the traits so far carried along: leaves are many and must be cheap.
  const size = model.base.length;
  const carried = Array.from({ length: parts.length + 1 }, () => new Float64Array(size));
  (carried[0] as Float64Array).set(traitsAt(model, choice, new Array<number>(parts.length).fill(0)));
  const chosen = new Array<number>(parts.length).fill(0);
  let found: number[] | null = null;
  let least = Number.POSITIVE_INFINITY;
  const walk = (p: number) => {
    const traits = carried[p] as Float64Array;
    if (p === parts.length) {
      const value = costAt(model, traits);
      if (value < least) {
        least = value;
        found = [...chosen];
      }
      return;
    }
    const { perGram } = parts[p] as Part;
    const next = carried[p + 1] as Float64Array;
    for (const candidate of candidates[p] as number[]) {
      chosen[p] = candidate;
      for (let t = 0; t < size; t += 1) next[t] = (traits[t] as number) + candidate * (perGram[t] as number);
      walk(p + 1);
    }
  };
  walk(0);
  return found;
}

/** Grid points within `reach` steps of the optimum. */
function gridAbout(best: number, { least, most }: Part, reach: number, step: number): number[] {
  const floor = Math.floor(best / step + 1e-9) * step;
  const points: number[] = [];
  for (let k = 1 - reach; k <= reach; k += 1) {
    const point = Number((floor + k * step).toFixed(6));
    if (point >= 0 && point >= least - step && point <= most + step) points.push(point);
  }
  return points;
}
