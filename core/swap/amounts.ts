/** The amounts below one set of choices: a small linear programme, its optimum, and its rounding to measures. */
import type { Model, Option, Part, Row } from './model.ts';
import { relaxation, SOFT_PRICE } from './relax.ts';

export interface Amounts {
  /** Grams of each part, slot by slot. */
  grams: number[];
  /** Objective with the cost of the choices. */
  value: number;
}

const FEASIBLE = 1e-7;

const partsOf = (choice: readonly Option[]): Part[] => choice.flatMap(({ parts }) => parts);

/** Traits of the pot with these choices at these amounts. */
export function traitsAt(model: Model, choice: readonly Option[], grams: readonly number[]): Float64Array {
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

/** Needs, by their place in needRefs, whose rows these choices break at these amounts. */
export function brokenNeeds(model: Model, choice: readonly Option[], grams: readonly number[]): number[] {
  const traits = traitsAt(model, choice, grams);
  return model.rows.flatMap((row) => (row.need !== null && dot(row, traits) > row.bound + FEASIBLE ? [row.need] : []));
}

const constantCost = (choice: readonly Option[]): number => choice.reduce((sum, { cost }) => sum + cost, 0);

/** The objective of a plan, what it violates left out; exactly 0 for the original. */
export function distanceAt(model: Model, choice: readonly Option[], grams: readonly number[]): number {
  if (choice.every(({ swap }) => swap === null)) return 0;
  const pulls = partsOf(choice).reduce((sum, part, p) => sum + pullOf(part, grams[p] as number), 0);
  return closeness(model, traitsAt(model, choice, grams)) + pulls + constantCost(choice);
}

function closeness({ terms, original }: Model, traits: Float64Array): number {
  let sum = 0;
  for (const { at, weight, onlyMore } of terms) {
    const off = (traits[at] as number) - (original[at] as number);
    if (off > 0 || !onlyMore) sum += weight * Math.abs(off);
  }
  return sum;
}

const pullOf = ({ usual, pull }: Part, grams: number): number => (usual === null ? 0 : pull * Math.abs(grams - usual));

/** The best amounts for these choices, or null when no amounts meet the hard rows. */
export function bestAmounts(model: Model, choice: readonly Option[]): Amounts | null {
  const alone: Model = { ...model, slots: model.slots.map((slot, index) => ({ ...slot, options: [choice[index] as Option] })) };
  const relaxed = relaxation(alone).solve(new Int32Array(choice.length).fill(1), null);
  return relaxed && { grams: relaxed.grams.flat(), value: relaxed.bound };
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
const FINEST = 0.02;

/**
 * The amounts on the measure grid that keep every hard row and cost least: each part goes to one of the grid points
 * about its optimum. Null when not even the finest grid keeps the rows.
 */
export function roundAmounts(model: Model, choice: readonly Option[], amounts: Amounts): number[] | null {
  for (const finer of FINER) {
    const found = roundOn(model, choice, amounts, finer) ?? (finer < 1 ? roundInTurn(model, choice, amounts, finer) : null);
    if (found) return found;
  }
  return null;
}

const MOST_TURNS = 40;

/**
 * Where the rows leave only a sliver: one part after another goes to a grid point and the rest is solved again around
 * it, so that the later parts make up for the earlier ones. Null when that finds nothing in MOST_TURNS solutions.
 */
function roundInTurn(model: Model, choice: readonly Option[], { grams: start }: Amounts, finer: number): number[] | null {
  const parts = partsOf(choice);
  const fixed: (number | null)[] = start.map(() => null);
  const order = start.map((_, part) => part).sort((a, b) => gridStep(start[b] as number) - gridStep(start[a] as number));
  let turns = 0;
  const dive = (depth: number, grams: readonly number[]): number[] | null => {
    const part = order[depth];
    if (part === undefined) return fixed as number[];
    const best = grams[part] as number;
    for (const point of gridAbout(best, parts[part] as Part, 1, gridStep(best) * finer).sort((a, b) => Math.abs(a - best) - Math.abs(b - best))) {
      if ((turns += 1) > MOST_TURNS) return null;
      fixed[part] = point;
      const rest = bestAmounts(model, withFixed(choice, fixed));
      const found = rest && dive(depth + 1, rest.grams);
      if (found) return found;
    }
    fixed[part] = null;
    return null;
  };
  return dive(0, start);
}

/** The choices with the amounts of some parts settled. */
function withFixed(choice: readonly Option[], fixed: readonly (number | null)[]): Option[] {
  let at = 0;
  return choice.map((option) => ({
    ...option,
    parts: option.parts.map((part) => {
      const grams = fixed[at++] ?? null;
      return grams === null ? part : { ...part, least: grams, most: grams };
    }),
  }));
}

function roundOn(model: Model, choice: readonly Option[], { grams }: Amounts, finer: number): number[] | null {
  const parts = partsOf(choice);
  const reach = [4, 2].find((steps) => (finer === FINEST || steps === 2) && (2 * steps) ** parts.length <= MOST_TRIED) ?? 1;
  const candidates = grams.map((best, p) => gridAbout(best, parts[p] as Part, reach, gridStep(best) * finer));
  // Walked part by part in the terms and rows themselves, what is sure so far carried along: leaves are many and must be cheap.
  const { terms, rows } = model;
  const size = terms.length + rows.length;
  const inRows = (traits: Float64Array, minus: number): Float64Array =>
    Float64Array.from([
      ...terms.map(({ at, weight }) => weight * ((traits[at] as number) - minus * (model.original[at] as number))),
      ...rows.map((row) => dot(row, traits) - minus * row.bound),
    ]);
  const slopes = parts.map(({ perGram }) => inRows(perGram, 0));
  const carried = Array.from({ length: parts.length + 1 }, () => new Float64Array(size));
  (carried[0] as Float64Array).set(inRows(traitsAt(model, choice, new Array<number>(parts.length).fill(0)), 1));
  const onlyMore = Uint8Array.from(terms, (term) => Number(term.onlyMore));
  const prices = Float64Array.from(rows, ({ soft }) => (soft ? SOFT_PRICE : Number.POSITIVE_INFINITY));
  const near = descend(candidates, grams, carried[0] as Float64Array, slopes, (values, chosen) => {
    const broken = brokenBy(values, terms.length, prices);
    const pulls = chosen.reduce((sum, amount, p) => sum + pullOf(parts[p] as Part, amount), 0);
    return broken > FEASIBLE ? BROKEN * (1 + broken) : costInRows(values, onlyMore, prices) + pulls;
  });
  if (near) return near;
  const chosen = new Array<number>(parts.length).fill(0);
  // What sways a hard row most is settled first: then a row that cannot be kept is seen early.
  const sway = candidates.map((list, p) => (Math.max(...list) - Math.min(...list)) * most(slopes[p] as Float64Array, terms.length, prices));
  const order = [...parts.keys()].sort((a, b) => (sway[b] as number) - (sway[a] as number));
  const lowest = lowestRest(order, candidates, slopes, size);
  let found: number[] | null = null;
  let least = Number.POSITIVE_INFINITY;
  const walk = (depth: number, pulls: number) => {
    const now = carried[depth] as Float64Array;
    if (pulls >= least || hopeless(now, lowest[depth] as Float64Array, terms.length, prices)) return;
    const p = order[depth];
    if (p === undefined) {
      const value = costInRows(now, onlyMore, prices) + pulls;
      if (value < least) {
        least = value;
        found = [...chosen];
      }
      return;
    }
    const part = parts[p] as Part;
    const slope = slopes[p] as Float64Array;
    const next = carried[depth + 1] as Float64Array;
    for (const candidate of candidates[p] as number[]) {
      chosen[p] = candidate;
      for (let i = 0; i < size; i += 1) next[i] = (now[i] as number) + candidate * (slope[i] as number);
      walk(depth + 1, pulls + pullOf(part, candidate));
    }
  };
  walk(0, 0);
  return found;
}

/** Above any cost of amounts that break nothing. */
const BROKEN = 1e9;

/**
 * From the nearest grid point, one part at a time to whichever of its candidates is best, until none helps. Null when
 * that ends with a hard row broken: then every combination has to be tried.
 */
function descend(
  candidates: readonly (readonly number[])[],
  grams: readonly number[],
  start: Float64Array,
  slopes: readonly Float64Array[],
  costOf: (values: Float64Array, chosen: readonly number[]) => number,
): number[] | null {
  if (candidates.some((list) => list.length === 0)) return null;
  const chosen = candidates.map((list, p) =>
    list.reduce((near, one) => (Math.abs(one - (grams[p] as number)) < Math.abs(near - (grams[p] as number)) ? one : near)),
  );
  const values = Float64Array.from(start);
  const move = (p: number, by: number) => {
    const slope = slopes[p] as Float64Array;
    for (let i = 0; i < values.length; i += 1) values[i] = (values[i] as number) + by * (slope[i] as number);
  };
  chosen.forEach((amount, p) => {
    move(p, amount);
  });
  let cost = costOf(values, chosen);
  for (let moved = true; moved; ) {
    moved = false;
    candidates.forEach((list, p) => {
      const stay = chosen[p] as number;
      let best = stay;
      for (const candidate of list) {
        const from = chosen[p] as number;
        move(p, candidate - from);
        chosen[p] = candidate;
        const now = costOf(values, chosen);
        if (now < cost - 1e-12) {
          cost = now;
          best = candidate;
          moved = true;
        }
      }
      move(p, best - (chosen[p] as number));
      chosen[p] = best;
    });
  }
  return cost < BROKEN ? chosen : null;
}

/** The steepest hard row of a part. */
function most(slope: Float64Array, terms: number, prices: Float64Array): number {
  let steepest = 0;
  for (let i = terms; i < slope.length; i += 1)
    if (prices[i - terms] === Number.POSITIVE_INFINITY) steepest = Math.max(steepest, Math.abs(slope[i] as number));
  return steepest;
}

/** In the order they are settled, the least that a part and those after it can add to every row. */
function lowestRest(
  order: readonly number[],
  candidates: readonly (readonly number[])[],
  slopes: readonly Float64Array[],
  size: number,
): Float64Array[] {
  const rest = Array.from({ length: order.length + 1 }, () => new Float64Array(size));
  for (let depth = order.length - 1; depth >= 0; depth -= 1) {
    const p = order[depth] as number;
    for (let i = 0; i < size; i += 1)
      (rest[depth] as Float64Array)[i] =
        ((rest[depth + 1] as Float64Array)[i] as number) +
        Math.min(...(candidates[p] as readonly number[]).map((grams) => grams * ((slopes[p] as Float64Array)[i] as number)));
  }
  return rest;
}

/** True when some hard row is broken whatever the parts still to come do. */
function hopeless(values: Float64Array, rest: Float64Array, terms: number, prices: Float64Array): boolean {
  for (let i = terms; i < values.length; i += 1)
    if ((values[i] as number) + (rest[i] as number) > FEASIBLE && prices[i - terms] === Number.POSITIVE_INFINITY) return true;
  return false;
}

/** By how much the hard rows are broken, together. */
function brokenBy(values: Float64Array, terms: number, prices: Float64Array): number {
  let sum = 0;
  for (let i = terms; i < values.length; i += 1)
    if ((values[i] as number) > FEASIBLE && prices[i - terms] === Number.POSITIVE_INFINITY) sum += values[i] as number;
  return sum;
}

/** The terms off the original and the price of every soft row that is broken. */
function costInRows(values: Float64Array, onlyMore: Uint8Array, prices: Float64Array): number {
  const terms = onlyMore.length;
  let sum = 0;
  for (let i = 0; i < terms; i += 1) {
    const off = values[i] as number;
    if (off > 0) sum += off;
    else if (onlyMore[i] === 0) sum -= off;
  }
  for (let i = terms; i < values.length; i += 1)
    if ((values[i] as number) > FEASIBLE && prices[i - terms] !== Number.POSITIVE_INFINITY)
      sum += (prices[i - terms] as number) * (values[i] as number);
  return sum;
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
