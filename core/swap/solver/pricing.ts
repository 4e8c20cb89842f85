/** Which column enters the basis: the best corner of an option is found part by part, since its parts do not touch. */
import type { Column, Columns, FlatOption } from './columns.ts';
import { at, bitsAt, item } from './linear.ts';

/** Reduced costs carry the rounding of prices up to those of forbidden options. */
const OPTIMAL = 1e-8;
/** Slots looked at before an entering column is taken. */
const LOOK = 2;

/** A column and by how much one unit of it lowers the objective (below zero). */
export interface Entrant {
  column: Column;
  gain: number;
}

/** The key of every slot, and what it costs. */
export interface Keys {
  columns: readonly Column[];
  costs: Float64Array;
}

export class Pricing {
  private readonly columns: Columns;
  /** The slot where the last look ended. */
  private cursor = -1;
  /** Of every option as last seen; a look that finds nothing to enter has seen all that are allowed. */
  private readonly reducedCosts: readonly Float64Array[];

  constructor(columns: Columns) {
    this.columns = columns;
    this.reducedCosts = columns.slots.map((options) => new Float64Array(options.length));
  }

  /** The column that would lower the objective most, of those looked at; with `first`, the first that would at all. */
  entrant(prices: Float64Array, keys: Keys, allowed: Int32Array, first: boolean): Entrant | null {
    const unit = this.bestUnit(prices, first);
    if (unit && first) return unit;
    return this.bestCorner(prices, keys, allowed, first, unit?.gain ?? -OPTIMAL) ?? unit;
  }

  /** Reduced costs at the optimum: no corner of an allowed option costs less than this more than the mixture. */
  raises(): Float64Array[] {
    return this.reducedCosts.map((own) => own.map((reduced) => Math.max(0, reduced)));
  }

  private bestUnit(prices: Float64Array, first: boolean): Entrant | null {
    const { size, down, up } = this.columns;
    let gain = -OPTIMAL;
    let column: Column | null = null;
    for (let i = 0; i < size; i += 1) {
      const lower = item(down, i);
      const raise = item(up, i);
      if (lower.cost - at(prices, i) < gain) {
        gain = lower.cost - at(prices, i);
        column = lower;
      }
      if (raise.cost + at(prices, i) < gain && !(first && column)) {
        gain = raise.cost + at(prices, i);
        column = raise;
      }
      if (first && column) break;
    }
    return column && { column, gain };
  }

  /** Partial pricing: the slots in turn, from where the last look ended, until some have been seen and one will do. */
  private bestCorner(prices: Float64Array, keys: Keys, allowed: Int32Array, first: boolean, above: number): Entrant | null {
    const { slots } = this.columns;
    let gain = above;
    let best = -1;
    let bestSlot = -1;
    for (let seen = 0; seen < slots.length; seen += 1) {
      if (best >= 0 && seen >= LOOK) break;
      this.cursor = this.cursor + 1 < slots.length ? this.cursor + 1 : 0;
      const slot = this.cursor;
      const options = item(slots, slot);
      const reducedCosts = item(this.reducedCosts, slot);
      const bits = bitsAt(allowed, slot);
      const key = item(keys.columns, slot);
      // What one of the slot costs: its key, less what that does in the rows.
      const own = at(keys.costs, slot) - priced(prices, key.values, 0, prices.length);
      for (let option = 0; option < options.length; option += 1) {
        if (((bits >> option) & 1) === 0) continue;
        const reduced = leastReducedCost(prices, options[option] as FlatOption) - own;
        reducedCosts[option] = reduced;
        if (reduced >= gain) continue;
        gain = reduced;
        best = option;
        bestSlot = slot;
        if (first) return { column: this.cheapest(prices, bestSlot, best), gain };
      }
    }
    return best >= 0 ? { column: this.cheapest(prices, bestSlot, best), gain } : null;
  }

  private cheapest(prices: Float64Array, slot: number, option: number): Column {
    return this.columns.corner(slot, option, (flat, part) => cheapestLevel(prices, flat, part));
  }
}

/** prices . data, from `from` on. */
function priced(prices: Float64Array, data: Float64Array, from: number, stride: number): number {
  let sum = 0;
  for (let i = 0; i < stride; i += 1) sum += (prices[i] as number) * (data[from + i] as number);
  return sum;
}

/** The least reduced cost of any corner of an option. The innermost of all loops: it reads its vectors itself. */
function leastReducedCost(prices: Float64Array, { cost, parts, stride, data, levels, levelCosts }: FlatOption): number {
  let sum = cost - priced(prices, data, 0, stride);
  for (let p = 0, from = stride, l = 0; p < parts; p += 1, from += stride, l += 3) {
    const slope = priced(prices, data, from, stride);
    const least = (levelCosts[l] as number) - slope * (levels[l] as number);
    const usual = (levelCosts[l + 1] as number) - slope * (levels[l + 1] as number);
    const most = (levelCosts[l + 2] as number) - slope * (levels[l + 2] as number);
    sum += Math.min(least, usual, most);
  }
  return sum;
}

/** Which level of a part is the cheapest at these prices. */
function cheapestLevel(prices: Float64Array, { data, stride, levels, levelCosts }: FlatOption, part: number): number {
  const slope = priced(prices, data, (part + 1) * stride, stride);
  const costAt = (level: number) => at(levelCosts, 3 * part + level) - slope * at(levels, 3 * part + level);
  let best = 0;
  for (let level = 1; level < 3; level += 1) if (costAt(level) < costAt(best)) best = level;
  return best;
}
