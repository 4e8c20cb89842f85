/** Dense linear algebra of the simplex in relax.ts: a square inverse, row by row, kept up to date pivot by pivot. */

/** out = costs . inverse, a price for every row. */
export function priceRows(out: Float64Array, costs: Float64Array, inverse: Float64Array, size: number): void {
  out.fill(0);
  for (let i = 0; i < size; i += 1) {
    const cost = costs[i] as number;
    if (cost === 0) continue;
    const at = i * size;
    for (let j = 0; j < size; j += 1) out[j] = (out[j] as number) + cost * (inverse[at + j] as number);
  }
}

/** Prices after a pivot: the entering column's reduced cost times its new row is all that changes. */
export function carryPrices(prices: Float64Array, gain: number, inverse: Float64Array, row: number, size: number): void {
  const at = row * size;
  for (let j = 0; j < size; j += 1) prices[j] = (prices[j] as number) + gain * (inverse[at + j] as number);
}

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
  const step = (values[leave] as number) / (entering[leave] as number);
  const pivotRow = leave * size;
  const scale = 1 / (entering[leave] as number);
  for (let j = 0; j < size; j += 1) inverse[pivotRow + j] = (inverse[pivotRow + j] as number) * scale;
  for (let i = 0; i < size; i += 1) {
    const factor = entering[i] as number;
    if (i === leave || factor === 0) continue;
    const left = (values[i] as number) - step * factor;
    values[i] = Math.max(left, 0);
    const row = i * size;
    for (let j = 0; j < size; j += 1) inverse[row + j] = (inverse[row + j] as number) - factor * (inverse[pivotRow + j] as number);
  }
  values[leave] = step;
}

/** Gauss-Jordan with partial pivoting; the basis of a simplex is never singular. */
export function inverted(matrix: Float64Array, size: number): Float64Array {
  const inverse = new Float64Array(size * size);
  for (let i = 0; i < size; i += 1) inverse[i * size + i] = 1;
  for (let column = 0; column < size; column += 1) {
    let pivot = column;
    for (let i = column + 1; i < size; i += 1)
      if (Math.abs(matrix[i * size + column] as number) > Math.abs(matrix[pivot * size + column] as number)) pivot = i;
    if (pivot !== column)
      for (const m of [matrix, inverse])
        for (let j = 0; j < size; j += 1) {
          const held = m[column * size + j] as number;
          m[column * size + j] = m[pivot * size + j] as number;
          m[pivot * size + j] = held;
        }
    const scale = 1 / (matrix[column * size + column] as number);
    for (const m of [matrix, inverse]) for (let j = 0; j < size; j += 1) m[column * size + j] = (m[column * size + j] as number) * scale;
    for (let i = 0; i < size; i += 1) {
      const factor = matrix[i * size + column] as number;
      if (i === column || factor === 0) continue;
      for (const m of [matrix, inverse])
        for (let j = 0; j < size; j += 1) m[i * size + j] = (m[i * size + j] as number) - factor * (m[column * size + j] as number);
    }
  }
  return inverse;
}
