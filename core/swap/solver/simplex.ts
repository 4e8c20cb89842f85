/**
 * The relaxation that bounds a set of choices: in every slot any mixture of its allowed options.
 *
 * There are far too many corners to write down (columns.ts), but the best of an option is found part by part
 * (pricing.ts), so columns are made when they are wanted (column generation: Dantzig and Wolfe 1960).
 *
 * Revised simplex with a dense inverse of some thirty rows. Forbidding an option changes only its price, so a smaller
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

/**
 * One run: a basis, its values and the prices of its rows, from where it began to where nothing enters. The mixtures that add to one are no
 * rows of it (generalised upper bounds: Dantzig and Van Slyke 1967): of each slot one basic corner is the key and makes up what the others
 * leave, so that the inverse is of the rows alone. A working corner stands in it less its key.
 */
class Simplex {
  private readonly columns: Columns;
  private readonly pricing: Pricing;
  private readonly allowed: Int32Array;
  private readonly working: Column[];
  private readonly keys: { columns: Column[]; costs: Float64Array };
  private inverse: Float64Array;
  private age: number;
  private readonly values: Float64Array;
  private readonly keyValues: Float64Array;
  private readonly prices: Float64Array;
  /** What one unit of the entering column takes from each working column, and from each key. */
  private readonly entering: Float64Array;
  private readonly fromKeys: Float64Array;
  private readonly difference: Float64Array;

  constructor(columns: Columns, pricing: Pricing, allowed: Int32Array, start: Basis) {
    const { size } = columns;
    this.columns = columns;
    this.pricing = pricing;
    this.allowed = allowed;
    this.working = [...start.working];
    const keys = [...start.keys];
    this.keys = { columns: keys, costs: Float64Array.from(keys, (column) => this.costOf(column)) };
    const worn = start.age > REFACTOR_AFTER;
    this.inverse = worn ? this.madeAnew() : Float64Array.from(start.inverse);
    this.age = worn ? 0 : start.age;
    this.values = new Float64Array(size);
    this.keyValues = new Float64Array(keys.length);
    this.prices = new Float64Array(size);
    this.entering = new Float64Array(size);
    this.fromKeys = new Float64Array(keys.length);
    this.difference = new Float64Array(size);
    this.valuesAnew();
  }

  run(): void {
    // True when the prices have to be worked out from the basis and not from the last ones.
    let stale = true;
    let carried = 0;
    for (let count = 0; ; count += 1) {
      if (count > MOST_PIVOTS) throw new RangeError(`no bound after ${MOST_PIVOTS} pivots`);
      if (this.age > REFACTOR_AFTER) {
        this.inverse = this.madeAnew();
        this.age = 0;
        this.valuesAnew();
        stale = true;
      }
      const first = count >= BLAND_AFTER;
      if (stale) {
        this.pricesAnew();
        carried = 0;
      }
      let entrant = this.pricing.entrant(this.prices, this.keys, this.allowed, first);
      if (!entrant && carried > CARRIED_FAR) {
        // Nothing enters at prices that were carried along far: the last word is that of exact ones.
        this.pricesAnew();
        carried = 0;
        entrant = this.pricing.entrant(this.prices, this.keys, this.allowed, first);
      }
      if (!entrant) return;
      stale = false;
      carried += 1;
      this.effectOf(entrant.column);
      this.enter(entrant.column, this.leaving(first), entrant.gain);
    }
  }

  /** Null when what is left of forbidden options or of excess over hard rows says that nothing allowed keeps the rows. */
  outcome(): Relaxed | null {
    let bound = 0;
    for (const [columns, values] of [
      [this.working, this.values],
      [this.keys.columns, this.keyValues],
    ] as const) {
      for (let i = 0; i < columns.length; i += 1) {
        const column = item(columns, i);
        const value = at(values, i);
        const broken = !this.allows(column) || (column.slot < 0 && column.cost === HARD_PRICE);
        if (broken && value > 1e-7) return null;
        bound += value * (broken ? 0 : column.cost);
      }
    }
    const weights = this.weights();
    const end = { working: this.working, keys: this.keys.columns, inverse: this.inverse, age: this.age };
    return { bound, weights, grams: weights.map((own, slot) => this.gramsOf(slot, own)), end, raises: this.pricing.raises() };
  }

  private allows({ slot, option }: Column): boolean {
    return slot < 0 || ((bitsAt(this.allowed, slot) >> option) & 1) === 1;
  }

  private costOf(column: Column): number {
    return column.cost + (this.allows(column) ? 0 : FORBIDDEN);
  }

  /** The column as it stands in the basis, less the key of its slot, into `out`. */
  private lessKey(column: Column, out: Float64Array): void {
    if (column.slot < 0) {
      out.fill(0);
      out[column.row] = column.sign;
      return;
    }
    const key = item(this.keys.columns, column.slot);
    for (let i = 0; i < out.length; i += 1) out[i] = at(column.values, i) - at(key.values, i);
  }

  private madeAnew(): Float64Array {
    const { size } = this.columns;
    const matrix = new Float64Array(size * size);
    const column = new Float64Array(size);
    this.working.forEach((own, j) => {
      this.lessKey(own, column);
      for (let i = 0; i < size; i += 1) matrix[i * size + j] = at(column, i);
    });
    return inverted(matrix, size);
  }

  private valuesAnew(): void {
    const { size, right } = this.columns;
    const left = Float64Array.from(right);
    for (const { values } of this.keys.columns) for (let i = 0; i < size; i += 1) left[i] = at(left, i) - at(values, i);
    times(this.values, this.inverse, left, size);
    this.keyValues.fill(1);
    this.working.forEach(({ slot }, i) => {
      if (slot >= 0) this.keyValues[slot] = Math.max(0, at(this.keyValues, slot) - at(this.values, i));
    });
  }

  private pricesAnew(): void {
    const costs = Float64Array.from(this.working, (column) => this.costOf(column) - (column.slot < 0 ? 0 : at(this.keys.costs, column.slot)));
    priceRows(this.prices, costs, this.inverse, this.columns.size);
  }

  private effectOf(column: Column): void {
    const { entering, fromKeys, inverse, difference, working } = this;
    const { size } = this.columns;
    this.lessKey(column, difference);
    fromKeys.fill(0);
    if (column.slot >= 0) fromKeys[column.slot] = 1;
    for (let i = 0; i < size; i += 1) {
      const from = i * size;
      let sum = 0;
      for (let k = 0; k < size; k += 1) sum += (inverse[from + k] as number) * (difference[k] as number);
      entering[i] = sum;
      const { slot } = item(working, i);
      if (slot >= 0) fromKeys[slot] = at(fromKeys, slot) - sum;
    }
  }

  /** What gives way, the first to come to nothing: a row of the working columns, or past them a slot whose key it is. */
  private leaving(bland: boolean): number {
    const { size } = this.columns;
    let leave = -1;
    let least = Number.POSITIVE_INFINITY;
    let steepest = 0;
    for (let i = 0; i < size + this.keyValues.length; i += 1) {
      const slope = i < size ? at(this.entering, i) : at(this.fromKeys, i - size);
      if (slope <= EPSILON) continue;
      const ratio = (i < size ? at(this.values, i) : at(this.keyValues, i - size)) / slope;
      // Of rows that tie, the larger pivot is the steadier one; in a long run Bland's order guards against cycling.
      const tied = ratio < least + EPSILON && leave >= 0;
      const preferred = tied && (bland ? this.columnAt(i).key < this.columnAt(leave).key : slope > steepest);
      if (ratio >= least - EPSILON && !preferred) continue;
      least = Math.min(least, ratio);
      leave = i;
      steepest = slope;
    }
    if (leave < 0) throw new RangeError('the relaxation is unbounded');
    return leave;
  }

  private columnAt(i: number): Column {
    const { size } = this.columns;
    return i < size ? item(this.working, i) : item(this.keys.columns, i - size);
  }

  private enter(column: Column, leave: number, gain: number): void {
    const { size } = this.columns;
    this.age += 1;
    if (leave < size) {
      this.moveKeys(at(this.values, leave) / at(this.entering, leave));
      this.pivotAt(leave, column, gain);
      return;
    }
    const slot = leave - size;
    const step = at(this.keyValues, slot) / at(this.fromKeys, slot);
    const row = this.working.findIndex((one) => one.slot === slot);
    this.moveKeys(step);
    if (row < 0) {
      // The slot has no other corner in the basis: the new one is its key, and the rows stand as they are priced.
      for (let i = 0; i < size; i += 1) this.values[i] = Math.max(0, at(this.values, i) - step * at(this.entering, i));
      this.setKey(slot, column);
      this.keyValues[slot] = step;
      return;
    }
    this.changeKey(slot, row, step);
    this.pivotAt(row, column, gain);
  }

  private moveKeys(step: number): void {
    for (let slot = 0; slot < this.keyValues.length; slot += 1) {
      const slope = at(this.fromKeys, slot);
      if (slope !== 0) this.keyValues[slot] = Math.max(0, at(this.keyValues, slot) - step * slope);
    }
  }

  private setKey(slot: number, column: Column): void {
    this.keys.columns[slot] = column;
    this.keys.costs[slot] = this.costOf(column);
  }

  /** The corner in `row` becomes the key of its slot, and the old key, which is about to leave, stands in its row. */
  private changeKey(slot: number, row: number, step: number): void {
    const { inverse, working, values, entering } = this;
    const { size } = this.columns;
    const to = row * size;
    for (let j = 0; j < size; j += 1) inverse[to + j] = -at(inverse, to + j);
    for (let i = 0; i < size; i += 1) {
      if (i === row || item(working, i).slot !== slot) continue;
      for (let j = 0; j < size; j += 1) inverse[to + j] = at(inverse, to + j) - at(inverse, i * size + j);
    }
    const old = item(this.keys.columns, slot);
    this.setKey(slot, item(working, row));
    this.keyValues[slot] = Math.max(0, at(values, row) - step * at(entering, row));
    working[row] = old;
    entering[row] = at(this.fromKeys, slot);
    values[row] = step * at(entering, row);
  }

  private pivotAt(row: number, column: Column, gain: number): void {
    const { size } = this.columns;
    pivot(this.values, this.entering, this.inverse, row, size);
    this.working[row] = column;
    carryPrices(this.prices, gain, this.inverse, row, size);
  }

  private weights(): Float64Array[] {
    const weights = this.columns.slots.map((options) => new Float64Array(options.length));
    this.eachCorner(({ slot, option }, value) => {
      const own = item(weights, slot);
      own[option] = at(own, option) + value;
    });
    return weights;
  }

  private eachCorner(visit: (column: Column, value: number) => void): void {
    this.working.forEach((column, i) => {
      if (column.slot >= 0) visit(column, at(this.values, i));
    });
    this.keys.columns.forEach((column, slot) => {
      visit(column, at(this.keyValues, slot));
    });
  }

  /** Of the slot's heaviest option, the grams of its parts: the corners in the basis, mixed. */
  private gramsOf(slot: number, weights: Float64Array): number[] {
    const option = heaviest(weights);
    const sums = new Array<number>(item(item(this.columns.slots, slot), option).parts).fill(0);
    this.eachCorner((column, value) => {
      if (column.slot !== slot || column.option !== option) return;
      const share = value / at(weights, option);
      for (let p = 0; p < sums.length; p += 1) sums[p] = item(sums, p) + share * at(column.grams, p);
    });
    return sums;
  }
}
