/**
 * The columns of the relaxation. An option is a box of amounts with a convex cost, so the hull of a slot's options is the
 * hull of their corners: each part at its least, usual or most. The rows are the terms of the objective (with a way down
 * and a way up), and the limits (with slack, and excess at a price, so that there is always a start). That the mixture of a
 * slot adds to one is no row: one corner of every slot, its key, makes up what the others leave (simplex.ts).
 */
import type { Model, Option, Part } from '../model.ts';
import { at, bitsAt, item } from './linear.ts';

/** Price of violating a soft row by as much as its own bound; above anything closeness can buy. */
export const SOFT_PRICE = 200;
/** An excess over a hard row costs this; a forbidden option in the mixture still more. */
export const HARD_PRICE = 1e5;

/** A column: a unit column of a row (slot -1), or a corner of an option. */
export interface Column {
  /** Of a unit column its row and sign. */
  row: number;
  sign: 1 | -1;
  slot: number;
  option: number;
  grams: Float64Array;
  /** Entries in the rows; a unit column has only `sign` in its row. */
  values: Float64Array;
  cost: number;
  /** For the fixed order of Bland's rule. */
  key: number;
}

export interface Basis {
  /** A column for each row: unit columns, and corners beside the key of their slot. */
  working: Column[];
  /** A corner for each slot. */
  keys: Column[];
  /** Of the working columns, each less the key of its slot. */
  inverse: Float64Array;
  /** Pivots since the inverse was made anew. */
  age: number;
}

/** An option as the rows see it. */
export interface FlatOption {
  cost: number;
  parts: number;
  /** Rows. */
  stride: number;
  /** What is fixed, then one gram of each part, in the rows. */
  data: Float64Array;
  /** Three levels a part, the last repeated where there are fewer, and what each costs. */
  levels: Float64Array;
  levelCosts: Float64Array;
  key: number;
}

const NO_GRAMS = new Float64Array(0);

/** Traits as the rows see them: the weighted terms of the objective, then the limits, which speak of one or two traits. */
export function projection({ terms, rows }: Pick<Model, 'terms' | 'rows'>): (traits: Float64Array) => Float64Array {
  const entries = rows.map(({ coefficients }) =>
    [...coefficients.keys()].filter((t) => coefficients[t] !== 0).map((t) => [t, at(coefficients, t)] as const),
  );
  return (traits) => {
    const out = new Float64Array(terms.length + rows.length);
    for (let i = 0; i < terms.length; i += 1) out[i] = item(terms, i).weight * at(traits, item(terms, i).at);
    for (let i = 0; i < rows.length; i += 1) {
      let sum = 0;
      for (const [t, factor] of item(entries, i)) sum += factor * at(traits, t);
      out[terms.length + i] = sum;
    }
    return out;
  };
}

/** What straying from what a cook would put in without reckoning costs. */
export const pullOf = ({ usual, pull }: Pick<Part, 'usual' | 'pull'>, grams: number): number => (usual === null ? 0 : pull * Math.abs(grams - usual));

/** The columns of one model: those there are from the start, and corners as they are wanted. */
export class Columns {
  /** Rows. */
  readonly size: number;
  readonly slots: readonly (readonly FlatOption[])[];
  readonly right: Float64Array;
  /** Unit columns that lower a row's left side, and those that raise it. */
  readonly down: readonly Column[];
  readonly up: readonly Column[];

  constructor(model: Model) {
    const { terms, rows } = model;
    this.size = terms.length + rows.length;
    this.slots = flatten(model, 2 * this.size);
    const base = projection(model)(model.base);
    this.right = new Float64Array(this.size);
    terms.forEach(({ at: trait, weight }, i) => {
      this.right[i] = weight * (at(model.original, trait) - at(model.base, trait));
    });
    rows.forEach(({ bound }, i) => {
      this.right[terms.length + i] = bound - at(base, terms.length + i);
    });
    this.down = [...terms.map(({ side }) => (side === 'more' ? 0 : 1)), ...rows.map(() => 0)].map((cost, row) => unit(row, 1, cost));
    this.up = [...terms.map(({ side }) => (side === 'less' ? 0 : 1)), ...rows.map(({ soft }) => (soft ? SOFT_PRICE : HARD_PRICE))].map((cost, row) =>
      unit(row, -1, cost),
    );
  }

  /** The corner of an option with each part at the level that `levelOf` says: 0 least, 1 usual, 2 most. */
  corner(slot: number, option: number, levelOf: (option: FlatOption, part: number) => number): Column {
    const { size } = this;
    const flat = item(item(this.slots, slot), option);
    const values = flat.data.slice(0, size);
    const grams = new Float64Array(flat.parts);
    let { cost } = flat;
    let key = 0;
    for (let p = 0; p < flat.parts; p += 1) {
      const level = levelOf(flat, p);
      const amount = at(flat.levels, 3 * p + level);
      grams[p] = amount;
      cost += at(flat.levelCosts, 3 * p + level);
      key = key * 3 + level;
      for (let i = 0; i < size; i += 1) values[i] = at(values, i) + amount * at(flat.data, (p + 1) * size + i);
    }
    return { row: -1, sign: 1, slot, option, grams, values, cost, key: flat.key + key };
  }

  /** A basis to begin with: the first allowed option of every slot at its usual amounts, and what evens that out. */
  start(allowed: Int32Array): Basis {
    const { size } = this;
    const keys = this.slots.map((options, slot) => {
      const first = options.findIndex((_, option) => (bitsAt(allowed, slot) >> option) & 1);
      return this.corner(slot, first, () => 1);
    });
    const inverse = new Float64Array(size * size);
    const working: Column[] = [];
    for (let i = 0; i < size; i += 1) {
      let left = at(this.right, i);
      for (const { values } of keys) left -= at(values, i);
      const sign = left < 0 ? -1 : 1;
      working.push(item(sign === 1 ? this.down : this.up, i));
      inverse[i * size + i] = sign;
    }
    return { working, keys, inverse, age: 0 };
  }
}

const unit = (row: number, sign: 1 | -1, cost: number): Column => ({
  row,
  sign,
  slot: -1,
  option: -1,
  grams: NO_GRAMS,
  values: NO_GRAMS,
  cost,
  key: 2 * row + (sign < 0 ? 1 : 0),
});

/** Options of every slot as the rows see them; keys go on from `firstKey`. */
function flatten(model: Model, firstKey: number): FlatOption[][] {
  let key = firstKey;
  const inRows = projection(model);
  return model.slots.map(({ options }) =>
    options.map((option: Option): FlatOption => {
      const count = option.parts.length;
      const levels = option.parts.flatMap(({ least, most, usual, pull }) => {
        const between = usual !== null && pull > 0 && usual > least && usual < most;
        return between ? [least, usual, most] : [least, most, most];
      });
      const levelCosts = Float64Array.from(levels, (grams, level) => pullOf(item(option.parts, Math.floor(level / 3)), grams));
      const rows = [option.fixed, ...option.parts.map(({ perGram }) => perGram)].map(inRows);
      const stride = rows[0]?.length ?? 0;
      const data = new Float64Array(stride * (count + 1));
      rows.forEach((row, place) => {
        data.set(row, place * stride);
      });
      const flat = { cost: option.cost, parts: count, stride, data, levels: Float64Array.from(levels), levelCosts, key };
      key += 3 ** count;
      return flat;
    }),
  );
}
