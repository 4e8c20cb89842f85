/**
 * Monte Carlo over a bowl: what its figures may be, by drawing the amounts, the compositions and the yield. It shares
 * the model of the kernel and not its approximation: amounts multiply compositions, and nothing is negative.
 *
 * Every error is a two-piece normal about the best value, half the chance on each side. Amounts of lines are independent,
 * save parts of one parent; one draw of a food's composition serves all its lines; the yield moves them all. The normals
 * come from a table of equally likely steps, so a draw costs one random number and a look-up.
 */

import { normalQuantile } from '../statistics/normal.ts';
import type { KernelLine } from './kernel.ts';

export interface DrawRequest {
  lines: readonly KernelLine[];
  /** Relative standard deviation of the yield, shared by all lines. */
  yieldError: number;
  /** Places of the nutrients asked for, by NUTRIENT_INDEX. */
  nutrients: readonly number[];
  draws: number;
  /** Same seed, same draws. */
  seed: number;
}

/** Per nutrient asked, one value a draw, in the order they were drawn: nutrients of one draw belong together. */
export type Draws = readonly Float64Array[];

const STEPS = 1 << 14;
let table: Float64Array | null = null;

/** Standard normal quantiles at the middle of STEPS equally likely steps, scaled to a variance of one. */
function normals(): Float64Array {
  if (table) return table;
  const built = new Float64Array(STEPS);
  let squares = 0;
  for (let i = 0; i < STEPS; i += 1) {
    const z = normalQuantile((i + 0.5) / STEPS);
    built[i] = z;
    squares += z * z;
  }
  const scale = Math.sqrt(STEPS / squares);
  table = built.map((z) => z * scale);
  return table;
}

/** Xorshift, 32 bits (Marsaglia 2003). */
function randomBits(seed: number): () => number {
  let x = seed | 0 || 0x9e3779b9;
  return () => {
    x ^= x << 13;
    x ^= x >>> 17;
    x ^= x << 5;
    return x >>> 0;
  };
}

export function drawBowls({ lines, yieldError, nutrients, draws, seed }: DrawRequest): Draws {
  const normal = normals();
  const bits = randomBits(seed);
  const next = () => normal[bits() >>> 18] as number;
  const foods = numbered(lines.map(({ food }) => food));
  // Parts of one parent share a draw of their amount; every other line has its own.
  const amounts = numbered(lines.map(({ parent }, i) => (parent < 0 ? -1 - i : parent)));
  const z = new Float64Array(amounts.count);
  const grams = new Float64Array(foods.count);
  const figures = foods.first.map((at) => (lines[at] as KernelLine).figures);
  // Composition by nutrient, and by food within it: value and error each side.
  const composition = nutrients.map((k) => ({
    value: Float64Array.from(figures, ({ value }) => value[k] as number),
    below: Float64Array.from(figures, ({ below }) => below[k] as number),
    above: Float64Array.from(figures, ({ above }) => above[k] as number),
  }));
  const out = nutrients.map(() => new Float64Array(draws));
  for (let draw = 0; draw < draws; draw += 1) {
    for (let i = 0; i < z.length; i += 1) z[i] = next();
    grams.fill(0);
    const scale = yieldError > 0 ? Math.max(0, 1 + yieldError * next()) : 1;
    for (let i = 0; i < lines.length; i += 1) {
      const line = lines[i] as KernelLine;
      const at = z[amounts.of[i] as number] as number;
      const own = line.grams + at * (at < 0 ? line.below : line.above);
      const food = foods.of[i] as number;
      grams[food] = (grams[food] as number) + Math.max(own, 0) * scale;
    }
    for (let n = 0; n < composition.length; n += 1) {
      const { value, below, above } = composition[n] as (typeof composition)[number];
      let sum = 0;
      for (let f = 0; f < foods.count; f += 1) {
        const down = below[f] as number;
        const up = above[f] as number;
        let per100 = value[f] as number;
        if (down > 0 || up > 0) {
          const e = next();
          per100 += e * (e < 0 ? down : up);
        }
        if (per100 > 0) sum += (grams[f] as number) * per100;
      }
      (out[n] as Float64Array)[draw] = sum / 100;
    }
  }
  return out;
}

interface Numbered {
  count: number;
  /** Number of each entry. */
  of: Int32Array;
  /** First entry of each number. */
  first: number[];
}

function numbered(keys: readonly number[]): Numbered {
  const numbers = new Map<number, number>();
  const first: number[] = [];
  const of = Int32Array.from(keys, (key, at) => {
    let number = numbers.get(key);
    if (number === undefined) {
      number = numbers.size;
      numbers.set(key, number);
      first.push(at);
    }
    return number;
  });
  return { count: numbers.size, of, first };
}

export interface Spread {
  mean: number;
  sd: number;
  /** Central 95 %. */
  low: number;
  median: number;
  high: number;
  /** Equal bins from the least to the most drawn, with how many draws fell in each. */
  bins: { from: number; to: number; count: number }[];
}

/** Describes one nutrient's draws. Throws a RangeError without any. */
export function spreadOf(values: Float64Array, bins = 24): Spread {
  if (values.length === 0) throw new RangeError('no draws to describe');
  const sorted = Float64Array.from(values).sort();
  const at = (share: number) => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] as number;
  const mean = sorted.reduce((sum, x) => sum + x, 0) / sorted.length;
  const sd = Math.sqrt(sorted.reduce((sum, x) => sum + (x - mean) ** 2, 0) / sorted.length);
  const least = sorted[0] as number;
  const most = sorted[sorted.length - 1] as number;
  const width = (most - least) / bins || 1;
  const counts = new Array<number>(bins).fill(0);
  for (const x of sorted) {
    const bin = Math.min(bins - 1, Math.floor((x - least) / width));
    counts[bin] = (counts[bin] as number) + 1;
  }
  return {
    mean,
    sd,
    low: at(0.025),
    median: at(0.5),
    high: at(0.975),
    bins: counts.map((count, i) => ({ from: least + i * width, to: least + (i + 1) * width, count })),
  };
}

/** Share of the draws within the bounds; a figure that is only a lower bound has none. */
export const chanceWithin = (values: Float64Array, { min = Number.NEGATIVE_INFINITY, max = Number.POSITIVE_INFINITY }): number =>
  values.reduce((count, x) => count + (x >= min && x <= max ? 1 : 0), 0) / values.length;
