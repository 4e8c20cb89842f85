/**
 * Vectors of the model and the solver: what is indexed here is known to be there. One function for each kind of list, since an engine
 * learns per function what it is given, and one that is given every kind is slow in the innermost loops.
 */

export const at = (vector: Float64Array, i: number): number => vector[i] as number;
export const bitsAt = (bits: Int32Array, i: number): number => bits[i] as number;
export const item = <T>(list: readonly T[], i: number): T => list[i] as T;

export function dot(one: Float64Array, other: Float64Array): number {
  let sum = 0;
  for (let i = 0; i < one.length; i += 1) sum += at(one, i) * at(other, i);
  return sum;
}

/** out += factor . vector */
export function addScaled(out: Float64Array, factor: number, vector: Float64Array): void {
  for (let i = 0; i < out.length; i += 1) out[i] = at(out, i) + factor * at(vector, i);
}

/** The place of the greatest entry, the first of equals; -1 of none. */
export function heaviest(vector: Float64Array): number {
  let best = vector.length > 0 ? 0 : -1;
  for (let i = 1; i < vector.length; i += 1) if (at(vector, i) > at(vector, best)) best = i;
  return best;
}
