/**
 * The nutrient kernel: the sum over lines of grams x figures, with its first-order interval.
 *
 *   bowl_k = sum_i  w_i m_i n_ik / 100
 *
 * (mixed-recipe method of INFOODS/FAO and EuroFIR; n_ik already carries what stays, see stay.ts).
 * Errors: amounts are independent, save parts of one parent, which move together; composition errors of one food are
 * fully correlated over its lines; a common relative error of the yield moves every pot line. Variances are kept
 * apart below and above the best value, since kitchen amounts are skewed. low..high is the central 95 %.
 */

import type { Figures } from '../food/figures.ts';
import { Z95 } from '../statistics/normal.ts';
import { NUTRIENT_COUNT, NUTRIENT_INDEX } from '../vocabulary/nutrient.ts';

export interface KernelLine {
  figures: Figures;
  /** Same number, same food: composition errors are shared. */
  food: number;
  /** Grams that reach one bowl, with one standard deviation each side. */
  grams: number;
  below: number;
  above: number;
  /** Same number (>= 0), same parent: amount errors are shared. -1 for a line of its own. */
  parent: number;
}

export interface Sums {
  value: Float64Array;
  low: Float64Array;
  high: Float64Array;
}

const SALT = NUTRIENT_INDEX.saltG;
const SODIUM = NUTRIENT_INDEX.sodiumMg;
const N = NUTRIENT_COUNT;

/** Sums the lines. `yieldError` is the relative standard deviation shared by all of them. */
export function sumLines(lines: readonly KernelLine[], yieldError = 0): Sums {
  const value = new Float64Array(N);
  const low = new Float64Array(N);
  const high = new Float64Array(N);
  const ordered = standTogether(lines) ? lines : [...lines].sort((a, b) => a.food - b.food);
  let start = 0;
  while (start < ordered.length) {
    let end = start + 1;
    const first = ordered[start] as KernelLine;
    while (end < ordered.length && (ordered[end] as KernelLine).food === first.food) end += 1;
    if (end === start + 1) addAlone(first, value, low, high);
    else addShared(ordered, start, end, value, low, high);
    start = end;
  }
  addParents(lines, low, high);
  for (let k = 0; k < N; k += 1) {
    const v = value[k] as number;
    const common = (v * yieldError) ** 2;
    low[k] = Math.max(0, v - Z95 * Math.sqrt((low[k] as number) + common));
    high[k] = v + Z95 * Math.sqrt((high[k] as number) + common);
  }
  // The same figure in another unit: rounding must not let them drift apart.
  value[SALT] = (value[SODIUM] as number) * 0.0025;
  return { value, low, high };
}

/** True where lines of one food stand next to each other: foods are numbered as they come, so they do unless one comes back. */
function standTogether(lines: readonly KernelLine[]): boolean {
  for (let i = 1; i < lines.length; i += 1) if ((lines[i] as KernelLine).food < (lines[i - 1] as KernelLine).food) return false;
  return true;
}

/** One line of a food that stands nowhere else: its variances go straight into `low` and `high`. */
function addAlone({ figures, grams, below, above, parent }: KernelLine, value: Float64Array, low: Float64Array, high: Float64Array): void {
  const m = grams / 100;
  const amountBelow = parent < 0 ? (below / 100) ** 2 : 0;
  const amountAbove = parent < 0 ? (above / 100) ** 2 : 0;
  const { value: n, below: nBelow, above: nAbove } = figures;
  for (let k = 0; k < N; k += 1) {
    const x = n[k] as number;
    const down = m * (nBelow[k] as number);
    const up = m * (nAbove[k] as number);
    value[k] = (value[k] as number) + m * x;
    low[k] = (low[k] as number) + down * down + amountBelow * x * x;
    high[k] = (high[k] as number) + up * up + amountAbove * x * x;
  }
}

/** Lines of one food: composition errors add up before they are squared. */
function addShared(lines: readonly KernelLine[], start: number, end: number, value: Float64Array, low: Float64Array, high: Float64Array): void {
  for (let k = 0; k < N; k += 1) {
    let down = 0;
    let up = 0;
    for (let i = start; i < end; i += 1) {
      const { figures, grams, below, above, parent } = lines[i] as KernelLine;
      const x = figures.value[k] as number;
      const m = grams / 100;
      value[k] = (value[k] as number) + m * x;
      down += m * (figures.below[k] as number);
      up += m * (figures.above[k] as number);
      if (parent < 0) {
        low[k] = (low[k] as number) + ((below / 100) * x) ** 2;
        high[k] = (high[k] as number) + ((above / 100) * x) ** 2;
      }
    }
    low[k] = (low[k] as number) + down * down;
    high[k] = (high[k] as number) + up * up;
  }
}

/** Parts of one parent: their amount errors add up before they are squared. */
function addParents(lines: readonly KernelLine[], low: Float64Array, high: Float64Array): void {
  const families = new Map<number, KernelLine[]>();
  for (const line of lines) if (line.parent >= 0) families.set(line.parent, [...(families.get(line.parent) ?? []), line]);
  for (const parts of families.values()) {
    for (let k = 0; k < N; k += 1) {
      let down = 0;
      let up = 0;
      for (const { figures, below, above } of parts) {
        down += (below / 100) * (figures.value[k] as number);
        up += (above / 100) * (figures.value[k] as number);
      }
      low[k] = (low[k] as number) + down * down;
      high[k] = (high[k] as number) + up * up;
    }
  }
}
