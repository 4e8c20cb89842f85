/**
 * The relaxation that bounds a set of choices: in every slot any mixture of its allowed options.
 *
 * An option is a box of amounts with a convex cost, so the hull of a slot's options is the hull of their corners: each
 * part at its least, usual or most. The columns are those corners; the rows are the terms of the objective (with a way
 * down and a way up), the limits (with slack, and excess at a price, so that there is always a start), and one row per
 * slot that says its mixture adds to one. There are far too many corners to write down, but the best of an option is
 * found part by part, so columns are made when they are wanted (column generation: Dantzig and Wolfe 1960).
 *
 * Revised simplex with a dense inverse of some forty rows. Forbidding an option changes only its price, so a smaller
 * node begins where its parent ended. With one option in every slot it solves the amounts of a plan.
 */
import { carryPrices, inverted, pivot, priceRows, times } from './inverse.ts';
import type { Model, Option, Term } from './model.ts';

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

export interface Relaxation {
  /** Null when no allowed mixture keeps the hard rows. `allowed` holds a bit per option, slot by slot. */
  solve(allowed: Int32Array, from: Basis | null): Relaxed | null;
}

/** Price of violating a soft row by as much as its own bound; above anything closeness can buy. */
export const SOFT_PRICE = 200;
/** An excess over a hard row costs this; a forbidden option in the mixture still more. */
const HARD_PRICE = 1e5;
const FORBIDDEN = 1e7;
const EPSILON = 1e-9;
/** Reduced costs carry the rounding of prices up to FORBIDDEN. */
const OPTIMAL = 1e-8;
const BLAND_AFTER = 500;
const MOST_PIVOTS = 5000;
const REFACTOR_AFTER = 120;
/** Slots looked at before an entering column is taken. */
const LOOK = 2;

/** A column of the basis: a unit column of a shared row (slot -1), or a corner of an option. */
interface Column {
  row: number;
  sign: 1 | -1;
  slot: number;
  option: number;
  grams: Float64Array;
  /** Entries in the shared rows; a unit column has only `sign` in its row. */
  values: Float64Array;
  cost: number;
  /** For the fixed order of Bland's rule. */
  key: number;
}

export interface Basis {
  columns: Column[];
  inverse: Float64Array;
  /** Pivots since the inverse was made anew. */
  age: number;
}

/** An option as the rows see it. */
interface FlatOption {
  cost: number;
  parts: number;
  /** Shared rows. */
  stride: number;
  /** What is fixed, then one gram of each part, in the shared rows. */
  data: Float64Array;
  /** Three levels a part, the last repeated where there are fewer, and what each costs. */
  levels: Float64Array;
  levelCosts: Float64Array;
  key: number;
}

const NO_GRAMS = new Float64Array(0);

export function relaxation(model: Model): Relaxation {
  const terms = model.terms.length;
  const shared = terms + model.rows.length;
  const size = shared + model.slots.length;
  const slots = flatten(model);
  const right = new Float64Array(size).fill(1);
  model.terms.forEach(({ at, weight }, i) => {
    right[i] = weight * ((model.original[at] as number) - (model.base[at] as number));
  });
  model.rows.forEach((row, i) => {
    right[terms + i] = row.bound - product(row.coefficients, model.base);
  });
  // Price of the unit column that lowers a shared row's left side (plus) and of the one that raises it (minus).
  const plusPrice = new Float64Array(shared);
  const minusPrice = new Float64Array(shared);
  model.terms.forEach(({ onlyMore }, i) => {
    plusPrice[i] = onlyMore ? 0 : 1;
    minusPrice[i] = 1;
  });
  model.rows.forEach(({ soft }, i) => {
    minusPrice[terms + i] = soft ? SOFT_PRICE : HARD_PRICE;
  });
  const units = [1, -1].map((sign) =>
    Array.from({ length: shared }, (_, row): Column => {
      const cost = (sign === 1 ? plusPrice : minusPrice)[row] as number;
      return { row, sign: sign as 1 | -1, slot: -1, option: -1, grams: NO_GRAMS, values: NO_GRAMS, cost, key: 2 * row + (sign < 0 ? 1 : 0) };
    }),
  ) as [Column[], Column[]];

  const cornerOf = (slot: number, option: number, levelOf: (option: FlatOption, p: number) => number): Column => {
    const flat = (slots[slot] as FlatOption[])[option] as FlatOption;
    const values = flat.data.slice(0, shared);
    const grams = new Float64Array(flat.parts);
    let { cost } = flat;
    let key = 0;
    for (let p = 0; p < flat.parts; p += 1) {
      const at = levelOf(flat, p);
      const amount = flat.levels[3 * p + at] as number;
      grams[p] = amount;
      cost += flat.levelCosts[3 * p + at] as number;
      key = key * 3 + at;
      for (let i = 0; i < shared; i += 1) values[i] = (values[i] as number) + amount * (flat.data[(p + 1) * shared + i] as number);
    }
    return { row: shared + slot, sign: 1, slot, option, grams, values, cost, key: flat.key + key };
  };

  /** A basis to begin with: the first allowed option of every slot at its usual amounts, and what evens that out. */
  const cold = (allowed: Int32Array): Basis => {
    const corners = slots.map((options, slot) => {
      const first = options.findIndex((_, option) => ((allowed[slot] as number) >> option) & 1);
      return cornerOf(slot, first, () => 1);
    });
    const inverse = new Float64Array(size * size);
    const columns: Column[] = [];
    for (let i = 0; i < shared; i += 1) {
      let left = right[i] as number;
      for (const { values } of corners) left -= values[i] as number;
      const sign = left < 0 ? -1 : 1;
      columns.push((sign === 1 ? units[0] : units[1])[i] as Column);
      inverse[i * size + i] = sign;
      corners.forEach(({ values }, slot) => {
        inverse[i * size + shared + slot] = -sign * (values[i] as number);
      });
    }
    corners.forEach((corner, slot) => {
      columns.push(corner);
      inverse[(shared + slot) * size + shared + slot] = 1;
    });
    return { columns, inverse, age: 0 };
  };

  const refactor = (columns: readonly Column[]): Float64Array => {
    const matrix = new Float64Array(size * size);
    columns.forEach((column, j) => {
      matrix[column.row * size + j] = column.sign;
      for (let i = 0; i < column.values.length; i += 1) matrix[i * size + j] = column.values[i] as number;
    });
    return inverted(matrix, size);
  };

  const prices = new Float64Array(size);
  const entering = new Float64Array(size);
  let cursor = -1;
  /** Of every option as last seen; a look that finds nothing to enter has seen all that are allowed. */
  const reducedCosts = slots.map((options) => new Float64Array(options.length));
  /** Reduced cost of the column that was last chosen to enter. */
  let gain = 0;

  return {
    solve(allowed, from) {
      for (let slot = 0; slot < slots.length; slot += 1) if ((allowed[slot] as number) === 0) return null;
      const allows = ({ slot, option }: Column) => slot < 0 || (((allowed[slot] as number) >> option) & 1) === 1;
      const start = from ?? cold(allowed);
      const columns = [...start.columns];
      let inverse = start.age > REFACTOR_AFTER ? refactor(columns) : Float64Array.from(start.inverse);
      let age = start.age > REFACTOR_AFTER ? 0 : start.age;
      const values = new Float64Array(size);
      times(values, inverse, right, size);
      const costOf = (column: Column) => column.cost + (allows(column) ? 0 : FORBIDDEN);
      const costs = Float64Array.from(columns, costOf);
      // True when the prices have to be worked out from the basis and not from the last ones.
      let stale = true;

      for (let count = 0; ; count += 1) {
        if (count > MOST_PIVOTS) throw new RangeError(`no bound after ${MOST_PIVOTS} pivots`);
        if (age > REFACTOR_AFTER) {
          inverse = refactor(columns);
          age = 0;
          times(values, inverse, right, size);
          stale = true;
        }
        if (stale) priceRows(prices, costs, inverse, size);
        let column = entrant(allowed, count >= BLAND_AFTER);
        if (!column && !stale) {
          // Nothing enters at the prices that were carried along: the last word is that of exact ones.
          priceRows(prices, costs, inverse, size);
          column = entrant(allowed, count >= BLAND_AFTER);
        }
        if (!column) break;
        stale = false;
        effect(entering, column, inverse, size);
        let leave = -1;
        let least = Number.POSITIVE_INFINITY;
        for (let i = 0; i < size; i += 1) {
          const slope = entering[i] as number;
          if (slope <= EPSILON) continue;
          const ratio = (values[i] as number) / slope;
          const tie = ratio < least + EPSILON && leave >= 0;
          if (ratio < least - EPSILON || (tie && prefer(columns[i] as Column, columns[leave] as Column, slope, entering[leave] as number, count))) {
            least = Math.min(least, ratio);
            leave = i;
          }
        }
        if (leave < 0) throw new RangeError('the relaxation is unbounded');
        pivot(values, entering, inverse, leave, size);
        columns[leave] = column;
        costs[leave] = costOf(column);
        age += 1;
        carryPrices(prices, gain, inverse, leave, size);
      }

      let bound = 0;
      for (let i = 0; i < size; i += 1) {
        const column = columns[i] as Column;
        const value = values[i] as number;
        const broken = !allows(column) || (column.slot < 0 && column.cost === HARD_PRICE);
        if (broken && value > 1e-7) return null;
        bound += value * (broken ? 0 : column.cost);
      }
      return { bound, ...mixture(columns, values), end: { columns, inverse, age }, raises: raises() };
    },
  };

  /** The column that would lower the objective most; with `first`, the first that would at all. */
  function entrant(allowed: Int32Array, first: boolean): Column | null {
    let most = -OPTIMAL;
    let unit: Column | null = null;
    let best = -1;
    let bestSlot = -1;
    for (let i = 0; i < shared; i += 1) {
      const price = prices[i] as number;
      const up = (plusPrice[i] as number) - price;
      const down = (minusPrice[i] as number) + price;
      if (up < most) {
        most = up;
        gain = up;
        unit = units[0][i] as Column;
        if (first) return unit;
      }
      if (down < most) {
        most = down;
        gain = down;
        unit = units[1][i] as Column;
        if (first) return unit;
      }
    }
    // Partial pricing: the slots in turn, from where the last look ended, until some have been seen and one will do.
    for (let seen = 0; seen < slots.length; seen += 1) {
      if (best >= 0 && seen >= LOOK) break;
      cursor = cursor + 1 < slots.length ? cursor + 1 : 0;
      const slot = cursor;
      const options = slots[slot] as FlatOption[];
      const bits = allowed[slot] as number;
      const own = prices[shared + slot] as number;
      for (let option = 0; option < options.length; option += 1) {
        if (((bits >> option) & 1) === 0) continue;
        const reduced = bestCorner(prices, options[option] as FlatOption) - own;
        (reducedCosts[slot] as Float64Array)[option] = reduced;
        if (reduced < most) {
          most = reduced;
          gain = reduced;
          best = option;
          bestSlot = slot;
          unit = null;
          if (first) return cheapest(bestSlot, best);
        }
      }
    }
    return unit ?? (best >= 0 ? cheapest(bestSlot, best) : null);
  }

  /** Reduced costs at the optimum: no corner of an allowed option costs less than this more than the mixture. */
  function raises(): Float64Array[] {
    return reducedCosts.map((own) => own.map((reduced) => Math.max(0, reduced)));
  }

  function cheapest(slot: number, option: number): Column {
    const { stride, data, levels, levelCosts } = (slots[slot] as FlatOption[])[option] as FlatOption;
    return cornerOf(slot, option, (_, p) => levelAt(prices, data, (p + 1) * stride, levels, levelCosts, p));
  }

  function mixture(columns: readonly Column[], values: Float64Array): Pick<Relaxed, 'weights' | 'grams'> {
    const weights = slots.map((options) => new Float64Array(options.length));
    columns.forEach(({ slot, option }, i) => {
      if (slot >= 0) (weights[slot] as Float64Array)[option] = ((weights[slot] as Float64Array)[option] as number) + (values[i] as number);
    });
    const grams = weights.map((own, slot) => {
      const heaviest = own.indexOf(Math.max(...own));
      const total = own[heaviest] as number;
      const sums = new Array<number>(slots[slot]?.[heaviest]?.parts ?? 0).fill(0);
      columns.forEach((column, i) => {
        if (column.slot === slot && column.option === heaviest)
          for (let p = 0; p < sums.length; p += 1) sums[p] = (sums[p] as number) + ((values[i] as number) / total) * (column.grams[p] as number);
      });
      return sums;
    });
    return { weights, grams };
  }
}

/** Of rows that tie, the larger pivot is the steadier one; in a long run Bland's order guards against cycling. */
const prefer = (one: Column, other: Column, slope: number, otherSlope: number, count: number): boolean =>
  count >= BLAND_AFTER ? one.key < other.key : slope > otherSlope;

/** Options of every slot as the rows see them. */
function flatten(model: Model): FlatOption[][] {
  let key = 2 * (model.terms.length + model.rows.length);
  const { terms } = model;
  // Rows speak of one or two traits.
  const rows = model.rows.map(({ coefficients }) =>
    [...coefficients.keys()].filter((t) => coefficients[t] !== 0).map((t) => [t, coefficients[t] as number] as const),
  );
  const inRows = (traits: Float64Array): Float64Array => {
    const out = new Float64Array(terms.length + rows.length);
    for (let i = 0; i < terms.length; i += 1) out[i] = (terms[i] as Term).weight * (traits[(terms[i] as Term).at] as number);
    for (let i = 0; i < rows.length; i += 1)
      for (const [t, factor] of rows[i] as (typeof rows)[number])
        out[terms.length + i] = (out[terms.length + i] as number) + factor * (traits[t] as number);
    return out;
  };
  return model.slots.map(({ options }) =>
    options.map((option: Option): FlatOption => {
      const count = option.parts.length;
      const levels = option.parts.flatMap(({ least, most, usual, pull }) => {
        const between = usual !== null && pull > 0 && usual > least && usual < most;
        return between ? [least, usual, most] : [least, most, most];
      });
      const costs = levels.map((grams, at) => {
        const { usual, pull } = option.parts[Math.floor(at / 3)] as Option['parts'][number];
        return usual === null ? 0 : pull * Math.abs(grams - usual);
      });
      const rows = [option.fixed, ...option.parts.map(({ perGram }) => perGram)].map(inRows);
      const stride = rows[0]?.length ?? 0;
      const data = new Float64Array(stride * (count + 1));
      rows.forEach((row, at) => {
        data.set(row, at * stride);
      });
      const flat = { cost: option.cost, parts: count, stride, data, levels: Float64Array.from(levels), levelCosts: Float64Array.from(costs), key };
      key += 3 ** count;
      return flat;
    }),
  );
}

/** The least reduced cost of any corner of an option: part by part, since they do not touch. */
function bestCorner(prices: Float64Array, { cost, parts, stride, data, levels, levelCosts }: FlatOption): number {
  let sum = cost;
  for (let i = 0; i < stride; i += 1) sum -= (prices[i] as number) * (data[i] as number);
  for (let p = 0, at = stride; p < parts; p += 1, at += stride) {
    let slope = 0;
    for (let i = 0; i < stride; i += 1) slope += (prices[i] as number) * (data[at + i] as number);
    const l = 3 * p;
    const least = (levelCosts[l] as number) - slope * (levels[l] as number);
    const usual = (levelCosts[l + 1] as number) - slope * (levels[l + 1] as number);
    const most = (levelCosts[l + 2] as number) - slope * (levels[l + 2] as number);
    sum += least < usual ? Math.min(least, most) : Math.min(usual, most);
  }
  return sum;
}

/** Which level of a part is the cheapest at these prices. */
function levelAt(prices: Float64Array, data: Float64Array, at: number, levels: Float64Array, levelCosts: Float64Array, p: number): number {
  let slope = 0;
  const stride = data.length === 0 ? 0 : at / (p + 1);
  for (let i = 0; i < stride; i += 1) slope += (prices[i] as number) * (data[at + i] as number);
  let best = 0;
  for (let l = 1; l < 3; l += 1) {
    const cost = (levelCosts[3 * p + l] as number) - slope * (levels[3 * p + l] as number);
    if (cost < (levelCosts[3 * p + best] as number) - slope * (levels[3 * p + best] as number)) best = l;
  }
  return best;
}

/** What one unit of a column takes from each basic one. */
function effect(out: Float64Array, { row, sign, values }: Column, inverse: Float64Array, size: number): void {
  const count = values.length;
  for (let i = 0; i < size; i += 1) {
    const at = i * size;
    let sum = (inverse[at + row] as number) * sign;
    for (let k = 0; k < count; k += 1) sum += (inverse[at + k] as number) * (values[k] as number);
    out[i] = sum;
  }
}

const product = (coefficients: Float64Array, traits: Float64Array): number =>
  coefficients.reduce((sum, factor, t) => sum + factor * (traits[t] as number), 0);
