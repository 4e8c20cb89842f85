/**
 * A small linear programme: minimise c x subject to A x <= b, 0 <= x. Dense two-phase simplex with Bland's rule as a
 * guard against cycling. Meant for a few dozen rows and columns, solved thousands of times a second.
 */
export interface LinearProgramme {
  cost: readonly number[];
  rows: readonly (readonly number[])[];
  rhs: readonly number[];
}

export interface Solution {
  x: Float64Array;
  value: number;
}

const EPSILON = 1e-9;
const BLAND_AFTER = 60;
const MOST_PIVOTS = 2000;

/** The optimum, or null when no x satisfies every row. The programme must be bounded below. */
export function solve({ cost, rows, rhs }: LinearProgramme): Solution | null {
  const n = cost.length;
  const m = rows.length;
  const negative = rhs.map((b) => b < 0);
  const artificials = negative.filter(Boolean).length;
  const width = n + m + artificials + 1;
  const tableau: Float64Array[] = [];
  const basis = new Int32Array(m);
  let nextArtificial = n + m;
  rows.forEach((row, i) => {
    const line = new Float64Array(width);
    const sign = negative[i] ? -1 : 1;
    for (let j = 0; j < n; j += 1) line[j] = sign * (row[j] as number);
    line[n + i] = sign;
    line[width - 1] = sign * (rhs[i] as number);
    if (negative[i]) {
      line[nextArtificial] = 1;
      basis[i] = nextArtificial++;
    } else basis[i] = n + i;
    tableau.push(line);
  });

  if (artificials > 0) {
    const phaseOne = new Float64Array(width);
    for (let j = n + m; j < width - 1; j += 1) phaseOne[j] = 1;
    reduce(phaseOne, tableau, basis);
    pivotToOptimum(tableau, basis, phaseOne, width - 1);
    if (-(phaseOne[width - 1] as number) > 1e-7) return null;
    driveOut(tableau, basis, n + m);
  }
  const objective = new Float64Array(width);
  for (let j = 0; j < n; j += 1) objective[j] = cost[j] as number;
  reduce(objective, tableau, basis);
  pivotToOptimum(tableau, basis, objective, n + m);
  const x = new Float64Array(n);
  basis.forEach((column, i) => {
    if (column < n) x[column] = Math.max(0, (tableau[i] as Float64Array)[width - 1] as number);
  });
  return { x, value: -(objective[width - 1] as number) };
}

/** Writes the objective in terms of the non-basic columns. */
function reduce(objective: Float64Array, tableau: readonly Float64Array[], basis: Int32Array): void {
  tableau.forEach((line, i) => {
    const factor = objective[basis[i] as number] as number;
    if (factor !== 0) for (let j = 0; j < objective.length; j += 1) objective[j] = (objective[j] as number) - factor * (line[j] as number);
  });
}

/** Pivots until no allowed column (below `columns`) improves the objective. */
function pivotToOptimum(tableau: readonly Float64Array[], basis: Int32Array, objective: Float64Array, columns: number): void {
  const last = objective.length - 1;
  for (let count = 0; count < MOST_PIVOTS; count += 1) {
    let enter = -1;
    let most = -EPSILON;
    for (let j = 0; j < columns; j += 1) {
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
    for (let i = 0; i < tableau.length; i += 1) {
      const line = tableau[i] as Float64Array;
      const slope = line[enter] as number;
      if (slope <= EPSILON) continue;
      const ratio = (line[last] as number) / slope;
      if (ratio < least - EPSILON || (ratio < least + EPSILON && leave >= 0 && (basis[i] as number) < (basis[leave] as number))) {
        least = ratio;
        leave = i;
      }
    }
    if (leave < 0) throw new RangeError('the linear programme is unbounded');
    pivot(tableau, basis, objective, leave, enter);
  }
  throw new RangeError(`no optimum after ${MOST_PIVOTS} pivots`);
}

function pivot(tableau: readonly Float64Array[], basis: Int32Array, objective: Float64Array, row: number, column: number): void {
  const line = tableau[row] as Float64Array;
  const scale = 1 / (line[column] as number);
  for (let j = 0; j < line.length; j += 1) line[j] = (line[j] as number) * scale;
  for (const other of tableau) if (other !== line) subtract(other, line, column);
  subtract(objective, line, column);
  basis[row] = column;
}

function subtract(target: Float64Array, line: Float64Array, column: number): void {
  const factor = target[column] as number;
  if (factor === 0) return;
  for (let j = 0; j < target.length; j += 1) target[j] = (target[j] as number) - factor * (line[j] as number);
}

/** Artificial columns left in the basis at zero are exchanged for real ones, so that phase two cannot raise them. */
function driveOut(tableau: readonly Float64Array[], basis: Int32Array, real: number): void {
  tableau.forEach((line, i) => {
    if ((basis[i] as number) < real) return;
    const column = line.findIndex((value, j) => j < real && Math.abs(value) > EPSILON);
    if (column >= 0) pivot(tableau, basis, new Float64Array(line.length), i, column);
    else line.fill(0);
  });
}
