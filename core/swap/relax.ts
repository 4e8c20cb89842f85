/**
 * The relaxation that bounds a set of choices: in every slot any mixture of the corners of its allowed options.
 *
 * An option is a box of amounts, so the hull of a slot's options is the hull of their corners; a column per corner and
 * one row per slot that says the mixture adds to one. The objective's absolute values are rows with a way up and a way
 * down; every limit has a slack and, at a price, an excess, so that there is always a start and no first phase.
 * Dense simplex on about forty rows and a few hundred columns.
 */
import { SOFT_PRICE } from './amounts.ts';
import type { Model, Option } from './model.ts';

export interface Relaxed {
  /** A lower bound on the objective of every allowed set of choices. */
  bound: number;
  /** Per slot, how much of the mixture is of each option. */
  weights: number[][];
  /** Per slot, its heaviest corner: where the search of a part of this node begins. */
  corners: Int32Array;
}

export interface Relaxation {
  /** Null when no allowed mixture keeps the hard rows. `allowed` holds a bit per option, slot by slot. */
  solve(allowed: Int32Array, corners: Int32Array | null): Relaxed | null;
}

/** An excess over a hard row costs this; far above anything closeness can buy. */
const HARD_PRICE = 1e5;
const EPSILON = 1e-9;
const BLAND_AFTER = 400;
const MOST_PIVOTS = 5000;

/** A corner of an option's box, as it stands in the rows of the terms and of the limits. */
interface Column {
  option: number;
  /** Its place among the corners of its slot. */
  corner: number;
  cost: number;
  values: Float64Array;
}

function cornersOf(option: Option): Float64Array[] {
  return option.parts.reduce<Float64Array[]>(
    (corners, { perGram, least, most }) =>
      corners.flatMap((corner) =>
        (most > least ? [least, most] : [least]).map((grams) => corner.map((value, t) => value + grams * (perGram[t] as number))),
      ),
    [option.fixed],
  );
}

export function relaxation(model: Model): Relaxation {
  const terms = model.terms.length;
  const limits = model.rows.length;
  const shared = terms + limits;
  const slots = model.slots.map(({ options }): Column[] =>
    options
      .flatMap((option, index) => cornersOf(option).map((traits) => columnOf(model, traits, index, option.cost)))
      .map((column, corner) => ({ ...column, corner })),
  );
  const rightHand = Float64Array.from([
    ...model.terms.map(({ at, weight }) => weight * ((model.original[at] as number) - (model.base[at] as number))),
    ...model.rows.map(({ coefficients, bound }) => bound - product(coefficients, model.base)),
  ]);
  const excessPrices = model.rows.map(({ soft }) => (soft ? SOFT_PRICE : HARD_PRICE));

  return {
    solve(allowed, hint) {
      const open = slots.map((columns, slot) => columns.filter(({ option }) => ((allowed[slot] as number) >> option) & 1));
      if (open.some((columns) => columns.length === 0)) return null;
      // A slot with one corner left is no choice: it goes to the right-hand side. The others begin where a larger node ended.
      const starts = open.map((columns, slot) => columns.find(({ corner }) => corner === hint?.[slot]) ?? (columns[0] as Column));
      const mixing = open.flatMap((columns, slot) => (columns.length > 1 ? [slot] : []));
      const movers = mixing.flatMap((slot, row) =>
        (open[slot] as Column[])
          .filter((column) => column !== starts[slot])
          .map((column) => ({ column, start: starts[slot] as Column, row: shared + row })),
      );
      const rows = shared + mixing.length;
      // movers | one start per mixing slot | down, up per term | slack, excess per limit | right-hand side
      const startAt = movers.length;
      const downAt = startAt + mixing.length;
      const upAt = downAt + terms;
      const slackAt = upAt + terms;
      const excessAt = slackAt + limits;
      const last = excessAt + limits;
      const width = last + 1;
      const tableau = new Float64Array(rows * width);
      const objective = new Float64Array(width);
      const basis = new Int32Array(rows);

      movers.forEach(({ column, start, row }, j) => {
        for (let i = 0; i < shared; i += 1) tableau[i * width + j] = (column.values[i] as number) - (start.values[i] as number);
        tableau[row * width + j] = 1;
        objective[j] = column.cost - start.cost;
      });
      mixing.forEach((_, row) => {
        const i = shared + row;
        tableau[i * width + startAt + row] = 1;
        tableau[i * width + last] = 1;
        basis[i] = startAt + row;
      });
      for (let i = 0; i < shared; i += 1) {
        const term = i < terms;
        const plus = term ? downAt + i : slackAt + i - terms;
        const minus = term ? upAt + i : excessAt + i - terms;
        const minusPrice = term ? 1 : (excessPrices[i - terms] as number);
        tableau[i * width + plus] = 1;
        tableau[i * width + minus] = -1;
        objective[plus] = term ? 1 : 0;
        objective[minus] = minusPrice;
        let right = rightHand[i] as number;
        for (const start of starts) right -= start.values[i] as number;
        tableau[i * width + last] = right;
        const negative = right < 0;
        if (negative) for (let j = 0; j < width; j += 1) tableau[i * width + j] = -(tableau[i * width + j] as number);
        basis[i] = negative ? minus : plus;
        const price = negative ? minusPrice : term ? 1 : 0;
        if (price !== 0) for (let j = 0; j < width; j += 1) objective[j] = (objective[j] as number) - price * (tableau[i * width + j] as number);
      }
      optimise(tableau, objective, basis, rows, width);

      const weights = model.slots.map(({ options }) => new Array<number>(options.length).fill(0));
      const corners = new Int32Array(model.slots.length);
      const heaviest = new Float64Array(model.slots.length).fill(-1);
      const give = (slot: number, { option, corner }: Column, weight: number) => {
        const own = weights[slot] as number[];
        own[option] = (own[option] as number) + weight;
        if (weight > (heaviest[slot] as number)) {
          heaviest[slot] = weight;
          corners[slot] = corner;
        }
      };
      starts.forEach((start, slot) => {
        if (!mixing.includes(slot)) give(slot, start, 1);
      });
      for (let i = 0; i < rows; i += 1) {
        const column = basis[i] as number;
        const value = tableau[i * width + last] as number;
        const mover = movers[column];
        if (mover) give(mixing[mover.row - shared] as number, mover.column, value);
        else if (column < downAt) give(mixing[column - startAt] as number, starts[mixing[column - startAt] as number] as Column, value);
        else if (column >= excessAt && column < last && excessPrices[column - excessAt] === HARD_PRICE && value > 1e-7) return null;
      }
      return { bound: starts.reduce((sum, { cost }) => sum + cost, 0) - (objective[last] as number), weights, corners };
    },
  };
}

const product = (coefficients: Float64Array, traits: Float64Array): number =>
  coefficients.reduce((sum, factor, t) => sum + factor * (traits[t] as number), 0);

const columnOf = (model: Model, traits: Float64Array, option: number, cost: number): Omit<Column, 'corner'> => ({
  option,
  cost,
  values: Float64Array.from([
    ...model.terms.map(({ at, weight }) => weight * (traits[at] as number)),
    ...model.rows.map(({ coefficients }) => product(coefficients, traits)),
  ]),
});

function optimise(tableau: Float64Array, objective: Float64Array, basis: Int32Array, rows: number, width: number): void {
  const last = width - 1;
  for (let count = 0; count < MOST_PIVOTS; count += 1) {
    let enter = -1;
    let most = -EPSILON;
    for (let j = 0; j < last; j += 1) {
      const gain = objective[j] as number;
      if (gain < most) {
        enter = j;
        if (count >= BLAND_AFTER) break;
        most = gain;
      }
    }
    if (enter < 0) return;
    let leave = -1;
    let least = Number.POSITIVE_INFINITY;
    for (let i = 0; i < rows; i += 1) {
      const slope = tableau[i * width + enter] as number;
      if (slope <= EPSILON) continue;
      const ratio = (tableau[i * width + last] as number) / slope;
      if (ratio < least - EPSILON || (ratio < least + EPSILON && leave >= 0 && (basis[i] as number) < (basis[leave] as number))) {
        least = ratio;
        leave = i;
      }
    }
    if (leave < 0) throw new RangeError('the relaxation is unbounded');
    const scale = 1 / (tableau[leave * width + enter] as number);
    for (let j = 0; j < width; j += 1) tableau[leave * width + j] = (tableau[leave * width + j] as number) * scale;
    for (let i = 0; i < rows; i += 1) if (i !== leave) subtract(tableau, i * width, leave * width, width, tableau[i * width + enter] as number);
    const price = objective[enter] as number;
    for (let j = 0; j < width; j += 1) objective[j] = (objective[j] as number) - price * (tableau[leave * width + j] as number);
    basis[leave] = enter;
  }
  throw new RangeError(`no optimum of the relaxation after ${MOST_PIVOTS} pivots`);
}

function subtract(tableau: Float64Array, target: number, source: number, width: number, factor: number): void {
  if (factor === 0) return;
  for (let j = 0; j < width; j += 1) tableau[target + j] = (tableau[target + j] as number) - factor * (tableau[source + j] as number);
}
