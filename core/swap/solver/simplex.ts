/**
 * The relaxation that bounds a set of choices: in every slot any mixture of its allowed options.
 *
 * There are far too many corners to write down (columns.ts), but the best of an option is found part by part
 * (pricing.ts), so columns are made when they are wanted (column generation: Dantzig and Wolfe 1960).
 *
 * Revised simplex with a dense inverse of some forty rows. Forbidding an option changes only its price, so a smaller
 * node begins where its parent ended. With one option in every slot it solves the amounts of a plan.
 */
import type { Model } from '../model.ts';
import { type Basis, type Column, Columns, HARD_PRICE } from './columns.ts';
import { carryPrices, inverted, pivot, priceRows, times } from './inverse.ts';
import { at, bitsAt, heaviest, item } from './linear.ts';
import { Pricing } from './pricing.ts';

export interface Relaxed {
  /** A lower bound on the objective of every allowed set of choices; exact when one option of every slot is allowed. */
  bound: number;
  /** Per slot, how much of the mixture is of each option. */
  weights: Float64Array[];
  /** Per slot, grams of each part of its heaviest option. */
  grams: number[][];
  /** Where the search of a part of this node begins. */
  end: Basis;
  /** Per slot and allowed option, by how much at least the bound rises when the slot has that option alone. */
  raises: Float64Array[];
}

/** An option that is not allowed costs this more. */
const FORBIDDEN = 1e7;
const EPSILON = 1e-9;
const BLAND_AFTER = 500;
const MOST_PIVOTS = 5000;
const REFACTOR_AFTER = 120;
/** Prices carried along no further than this are exact to far below what an entering column must gain. */
const CARRIED_FAR = 25;

export class Relaxation {
  private readonly columns: Columns;
  private readonly pricing: Pricing;

  constructor(model: Model) {
    this.columns = new Columns(model);
    this.pricing = new Pricing(this.columns);
  }

  /**
   * Null when no allowed mixture keeps the hard rows. `allowed` holds a bit per option, slot by slot.
   * @throws RangeError when it does not end in MOST_PIVOTS, or has no bound: a fault of the model.
   */
  solve(allowed: Int32Array, from: Basis | null): Relaxed | null {
    if (allowed.some((bits) => bits === 0)) return null;
    const simplex = new Simplex(this.columns, this.pricing, allowed, from ?? this.columns.start(allowed));
    simplex.run();
    return simplex.outcome();
  }
}

/** One run: a basis, its values and the prices of its rows, from where it began to where nothing enters. */
class Simplex {
  private readonly columns: Columns;
  private readonly pricing: Pricing;
  private readonly allowed: Int32Array;
  private readonly basis: Column[];
  private inverse: Float64Array;
  private age: number;
  private readonly values: Float64Array;
  private readonly costs: Float64Array;
  private readonly prices: Float64Array;
  /** What one unit of the entering column takes from each basic one. */
  private readonly entering: Float64Array;

  constructor(columns: Columns, pricing: Pricing, allowed: Int32Array, start: Basis) {
    const { size } = columns;
    this.columns = columns;
    this.pricing = pricing;
    this.allowed = allowed;
    this.basis = [...start.columns];
    const worn = start.age > REFACTOR_AFTER;
    this.inverse = worn ? this.madeAnew() : Float64Array.from(start.inverse);
    this.age = worn ? 0 : start.age;
    this.values = new Float64Array(size);
    this.prices = new Float64Array(size);
    this.entering = new Float64Array(size);
    times(this.values, this.inverse, columns.right, size);
    this.costs = Float64Array.from(this.basis, (column) => this.costOf(column));
  }

  run(): void {
    const { size } = this.columns;
    // True when the prices have to be worked out from the basis and not from the last ones.
    let stale = true;
    let carried = 0;
    for (let count = 0; ; count += 1) {
      if (count > MOST_PIVOTS) throw new RangeError(`no bound after ${MOST_PIVOTS} pivots`);
      if (this.age > REFACTOR_AFTER) {
        this.inverse = this.madeAnew();
        this.age = 0;
        times(this.values, this.inverse, this.columns.right, size);
        stale = true;
      }
      const first = count >= BLAND_AFTER;
      if (stale) {
        priceRows(this.prices, this.costs, this.inverse, size);
        carried = 0;
      }
      let entrant = this.pricing.entrant(this.prices, this.allowed, first);
      if (!entrant && carried > CARRIED_FAR) {
        // Nothing enters at prices that were carried along far: the last word is that of exact ones.
        priceRows(this.prices, this.costs, this.inverse, size);
        entrant = this.pricing.entrant(this.prices, this.allowed, first);
      }
      if (!entrant) return;
      stale = false;
      carried += 1;
      const leave = this.leaving(entrant.column, first);
      pivot(this.values, this.entering, this.inverse, leave, size);
      this.basis[leave] = entrant.column;
      this.costs[leave] = this.costOf(entrant.column);
      this.age += 1;
      carryPrices(this.prices, entrant.gain, this.inverse, leave, size);
    }
  }

  /** Null when what is left of forbidden options or of excess over hard rows says that nothing allowed keeps the rows. */
  outcome(): Relaxed | null {
    let bound = 0;
    for (let i = 0; i < this.basis.length; i += 1) {
      const column = item(this.basis, i);
      const value = at(this.values, i);
      const broken = !this.allows(column) || (column.slot < 0 && column.cost === HARD_PRICE);
      if (broken && value > 1e-7) return null;
      bound += value * (broken ? 0 : column.cost);
    }
    const weights = this.weights();
    const end = { columns: this.basis, inverse: this.inverse, age: this.age };
    return { bound, weights, grams: weights.map((own, slot) => this.gramsOf(slot, own)), end, raises: this.pricing.raises() };
  }

  private allows({ slot, option }: Column): boolean {
    return slot < 0 || ((bitsAt(this.allowed, slot) >> option) & 1) === 1;
  }

  private costOf(column: Column): number {
    return column.cost + (this.allows(column) ? 0 : FORBIDDEN);
  }

  private madeAnew(): Float64Array {
    const { size } = this.columns;
    const matrix = new Float64Array(size * size);
    this.basis.forEach((column, j) => {
      matrix[column.row * size + j] = column.sign;
      for (let i = 0; i < column.values.length; i += 1) matrix[i * size + j] = at(column.values, i);
    });
    return inverted(matrix, size);
  }

  /** The row whose column gives way: the first to come to nothing. */
  private leaving(column: Column, bland: boolean): number {
    const { values, entering, basis } = this;
    this.effectOf(column);
    let leave = -1;
    let least = Number.POSITIVE_INFINITY;
    for (let i = 0; i < entering.length; i += 1) {
      const slope = at(entering, i);
      if (slope <= EPSILON) continue;
      const ratio = at(values, i) / slope;
      // Of rows that tie, the larger pivot is the steadier one; in a long run Bland's order guards against cycling.
      const tied = ratio < least + EPSILON && leave >= 0;
      const preferred = tied && (bland ? item(basis, i).key < item(basis, leave).key : slope > at(entering, leave));
      if (ratio >= least - EPSILON && !preferred) continue;
      least = Math.min(least, ratio);
      leave = i;
    }
    if (leave < 0) throw new RangeError('the relaxation is unbounded');
    return leave;
  }

  private effectOf({ row, sign, values }: Column): void {
    const { entering, inverse } = this;
    const { size } = this.columns;
    for (let i = 0; i < size; i += 1) {
      const from = i * size;
      let sum = at(inverse, from + row) * sign;
      for (let k = 0; k < values.length; k += 1) sum += (inverse[from + k] as number) * (values[k] as number);
      entering[i] = sum;
    }
  }

  private weights(): Float64Array[] {
    const weights = this.columns.slots.map((options) => new Float64Array(options.length));
    this.basis.forEach(({ slot, option }, i) => {
      if (slot < 0) return;
      const own = item(weights, slot);
      own[option] = at(own, option) + at(this.values, i);
    });
    return weights;
  }

  /** Of the slot's heaviest option, the grams of its parts: the corners in the basis, mixed. */
  private gramsOf(slot: number, weights: Float64Array): number[] {
    const option = heaviest(weights);
    const sums = new Array<number>(item(item(this.columns.slots, slot), option).parts).fill(0);
    this.basis.forEach((column, i) => {
      if (column.slot !== slot || column.option !== option) return;
      const share = at(this.values, i) / at(weights, option);
      for (let p = 0; p < sums.length; p += 1) sums[p] = item(sums, p) + share * at(column.grams, p);
    });
    return sums;
  }
}
