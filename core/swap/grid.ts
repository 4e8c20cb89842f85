/**
 * The best of all combinations of a few grid points for each part. They are walked in the terms and rows themselves,
 * what is sure so far carried along: there are many and each must be cheap.
 */
import { FEASIBLE } from './amounts.ts';
import type { Model, Part } from './model.ts';
import { projection, pullOf, SOFT_PRICE } from './solver/columns.ts';
import { addScaled, at, item } from './solver/linear.ts';

/** Above any cost of amounts that break nothing. */
const BROKEN = 1e9;
const HARD = Number.POSITIVE_INFINITY;

export class Grid {
  private readonly parts: readonly Part[];
  private readonly candidates: readonly (readonly number[])[];
  private readonly terms: number;
  /** Per part, what one gram adds to every term and row. */
  private readonly slopes: readonly Float64Array[];
  /** Terms off the original, rows over their bounds, with none of the parts. */
  private readonly nothing: Float64Array;
  /** What a step above each term costs, and what one below. */
  private readonly above: Float64Array;
  private readonly below: Float64Array;
  /** Per row, the price of being over its bound. */
  private readonly prices: Float64Array;

  /** `nothing` are the traits of the pot with none of the parts in it. */
  constructor(model: Model, parts: readonly Part[], candidates: readonly (readonly number[])[], nothing: Float64Array) {
    const { terms, rows, original } = model;
    const inRows = projection(model);
    this.parts = parts;
    this.candidates = candidates;
    this.terms = terms.length;
    this.slopes = parts.map(({ perGram }) => inRows(perGram));
    this.nothing = inRows(nothing);
    const goal = [...terms.map(({ at: trait, weight }) => weight * at(original, trait)), ...rows.map(({ bound }) => bound)];
    addScaled(this.nothing, -1, Float64Array.from(goal));
    this.above = Float64Array.from(terms, ({ side }) => Number(side !== 'less'));
    this.below = Float64Array.from(terms, ({ side }) => Number(side !== 'more'));
    this.prices = Float64Array.from(rows, ({ soft }) => (soft ? SOFT_PRICE : HARD));
  }

  /** Grams of each part; null when every combination breaks a hard row. `about` are the amounts to begin near. */
  best(about: readonly number[]): number[] | null {
    if (this.candidates.some((list) => list.length === 0)) return null;
    return this.descend(about) ?? this.walk();
  }

  /**
   * From the nearest grid point, one part at a time to whichever of its candidates is best, until none helps. Null when
   * that ends with a hard row broken: then every combination has to be tried.
   */
  private descend(about: readonly number[]): number[] | null {
    const { candidates, slopes } = this;
    const chosen = candidates.map((list, p) => nearest(list, item(about, p)));
    const values = Float64Array.from(this.nothing);
    const move = (p: number, to: number) => {
      addScaled(values, to - item(chosen, p), item(slopes, p));
      chosen[p] = to;
    };
    chosen.forEach((amount, p) => {
      addScaled(values, amount, item(slopes, p));
    });
    let cost = this.costOf(values, chosen);
    for (let moved = true; moved; ) {
      moved = false;
      for (const [p, list] of candidates.entries()) {
        let best = item(chosen, p);
        for (const candidate of list) {
          move(p, candidate);
          const now = this.costOf(values, chosen);
          if (now >= cost - 1e-12) continue;
          cost = now;
          best = candidate;
          moved = true;
        }
        move(p, best);
      }
    }
    return cost < BROKEN ? chosen : null;
  }

  private costOf(values: Float64Array, chosen: readonly number[]): number {
    const broken = this.brokenBy(values);
    if (broken > FEASIBLE) return BROKEN * (1 + broken);
    return this.costInRows(values) + chosen.reduce((sum, amount, p) => sum + pullOf(item(this.parts, p), amount), 0);
  }

  private walk(): number[] | null {
    const { candidates, slopes, parts } = this;
    // What sways a hard row most is settled first: then a row that cannot be kept is seen early.
    const sway = candidates.map((list, p) => (Math.max(...list) - Math.min(...list)) * this.steepest(item(slopes, p)));
    const order = [...candidates.keys()].sort((a, b) => item(sway, b) - item(sway, a));
    const lowest = this.lowestRest(order);
    const carried = [this.nothing, ...candidates.map(() => new Float64Array(this.nothing.length))];
    const chosen = candidates.map(() => 0);
    let found: number[] | null = null;
    let least = Number.POSITIVE_INFINITY;
    const go = (depth: number, pulls: number) => {
      const now = item(carried, depth);
      if (pulls >= least || this.breaksWhatever(now, item(lowest, depth))) return;
      const p = order[depth];
      if (p === undefined) {
        const value = this.costInRows(now) + pulls;
        if (value < least) [least, found] = [value, [...chosen]];
        return;
      }
      const slope = item(slopes, p);
      const next = item(carried, depth + 1);
      for (const candidate of item(candidates, p)) {
        chosen[p] = candidate;
        for (let i = 0; i < next.length; i += 1) next[i] = at(now, i) + candidate * at(slope, i);
        go(depth + 1, pulls + pullOf(item(parts, p), candidate));
      }
    };
    go(0, 0);
    return found;
  }

  /** The steepest hard row of a part. */
  private steepest(slope: Float64Array): number {
    let steepest = 0;
    for (let i = this.terms; i < slope.length; i += 1) if (this.isHard(i)) steepest = Math.max(steepest, Math.abs(at(slope, i)));
    return steepest;
  }

  /** In the order they are settled, the least that a part and those after it can add to every row. */
  private lowestRest(order: readonly number[]): Float64Array[] {
    const rest = [...order.map(() => 0), 0].map(() => new Float64Array(this.nothing.length));
    for (let depth = order.length - 1; depth >= 0; depth -= 1) {
      const p = item(order, depth);
      const grams = item(this.candidates, p);
      const slope = item(this.slopes, p);
      const after = item(rest, depth + 1);
      item(rest, depth).forEach((_, i, own) => {
        own[i] = at(after, i) + Math.min(...grams.map((amount) => amount * at(slope, i)));
      });
    }
    return rest;
  }

  /** True when some hard row is broken whatever the parts still to come do. */
  private breaksWhatever(values: Float64Array, rest: Float64Array): boolean {
    for (let i = this.terms; i < values.length; i += 1) if (at(values, i) + at(rest, i) > FEASIBLE && this.isHard(i)) return true;
    return false;
  }

  private isHard(row: number): boolean {
    return at(this.prices, row - this.terms) === HARD;
  }

  /** By how much the hard rows are broken, together. */
  private brokenBy(values: Float64Array): number {
    let sum = 0;
    for (let i = this.terms; i < values.length; i += 1) if (at(values, i) > FEASIBLE && this.isHard(i)) sum += at(values, i);
    return sum;
  }

  /** The terms off the original and the price of every soft row that is broken. */
  private costInRows(values: Float64Array): number {
    const { terms, above, below, prices } = this;
    let sum = 0;
    for (let i = 0; i < terms; i += 1) {
      const off = at(values, i);
      sum += off > 0 ? off * at(above, i) : -off * at(below, i);
    }
    for (let i = terms; i < values.length; i += 1) if (at(values, i) > FEASIBLE && !this.isHard(i)) sum += at(prices, i - terms) * at(values, i);
    return sum;
  }
}

const nearest = (list: readonly number[], to: number): number => list.reduce((near, one) => (Math.abs(one - to) < Math.abs(near - to) ? one : near));
