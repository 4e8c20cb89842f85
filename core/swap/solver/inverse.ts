/** Dense linear algebra of the simplex: a square inverse, row by row, kept up to date pivot by pivot. */
import { at } from './linear.ts';

/** out = costs . inverse, a price for every row. */
export function priceRows(out: Float64Array, costs: Float64Array, inverse: Float64Array, size: number): void {
  out.fill(0);
  for (let i = 0; i < size; i += 1) {
    const cost = at(costs, i);
    if (cost !== 0) addRow(out, 0, cost, inverse, i * size, size);
  }
}

/** Prices after a pivot: the entering column's reduced cost times its new row is all that changes. */
export const carryPrices = (prices: Float64Array, gain: number, inverse: Float64Array, row: number, size: number): void =>
  addRow(prices, 0, gain, inverse, row * size, size);

/** out = inverse . vector, nothing below zero. */
export function times(out: Float64Array, inverse: Float64Array, vector: Float64Array, size: number): void {
  for (let i = 0; i < size; i += 1) {
    let sum = 0;
    for (let j = 0; j < size; j += 1) sum += (inverse[i * size + j] as number) * (vector[j] as number);
    out[i] = Math.max(0, sum);
  }
}

/** The column whose effect is `entering` takes the place of the one in row `leave`, in the values and in the inverse. */
export function pivot(values: Float64Array, entering: Float64Array, inverse: Float64Array, leave: number, size: number): void {
  const step = at(values, leave) / at(entering, leave);
  const pivotRow = leave * size;
  const scale = 1 / at(entering, leave);
  for (let j = pivotRow; j < pivotRow + size; j += 1) inverse[j] = at(inverse, j) * scale;
  for (let i = 0; i < size; i += 1) {
    const factor = at(entering, i);
    if (i === leave || factor === 0) continue;
    values[i] = Math.max(at(values, i) - step * factor, 0);
    addRow(inverse, i * size, -factor, inverse, pivotRow, size);
  }
  values[leave] = step;
}

/** Gauss-Jordan with partial pivoting; the basis of a simplex is never singular. */
export function inverted(matrix: Float64Array, size: number): Float64Array {
  const inverse = new Float64Array(size * size);
  for (let i = 0; i < size; i += 1) inverse[i * size + i] = 1;
  for (let column = 0; column < size; column += 1) {
    const row = steepestRow(matrix, column, size);
    for (const m of [matrix, inverse]) {
      if (row !== column) swapRows(m, row * size, column * size, size);
    }
    const scale = 1 / at(matrix, column * size + column);
    for (const m of [matrix, inverse]) for (let j = column * size; j < (column + 1) * size; j += 1) m[j] = at(m, j) * scale;
    for (let i = 0; i < size; i += 1) {
      const factor = at(matrix, i * size + column);
      if (i === column || factor === 0) continue;
      for (const m of [matrix, inverse]) addRow(m, i * size, -factor, m, column * size, size);
    }
  }
  return inverse;
}

/** The row at or below the diagonal with the greatest entry in the column. */
function steepestRow(matrix: Float64Array, column: number, size: number): number {
  let best = column;
  for (let i = column + 1; i < size; i += 1) if (Math.abs(at(matrix, i * size + column)) > Math.abs(at(matrix, best * size + column))) best = i;
  return best;
}

function swapRows(matrix: Float64Array, one: number, other: number, size: number): void {
  const held = matrix.slice(one, one + size);
  matrix.copyWithin(one, other, other + size);
  matrix.set(held, other);
}

/** size entries of `out` from `to` on, plus factor times those of `vector` from `from` on. */
function addRow(out: Float64Array, to: number, factor: number, vector: Float64Array, from: number, size: number): void {
  for (let j = 0; j < size; j += 1) out[to + j] = (out[to + j] as number) + factor * (vector[from + j] as number);
}
