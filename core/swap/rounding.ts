/** Amounts of the continuous model on the grid a kitchen weighs on, so that every hard row is kept and the cost is least. */
import { type Amounts, bestAmounts, traitsAt } from './amounts.ts';
import { Grid } from './grid.ts';
import { type Model, type Option, type Part, partsOf } from './model.ts';
import { item } from './solver/linear.ts';

/** Grid on which a kitchen weighs: tenths of a gram for a pinch, half grams, grams, fives, tens. */
export function gridStep(grams: number): number {
  if (grams < 1) return 0.1;
  if (grams < 5) return 0.5;
  if (grams < 20) return 1;
  return grams < 100 ? 5 : 10;
}

/** Combinations of grid points that are looked at. */
const MOST_TRIED = 4096;
/** And when nothing else keeps the needs. */
const MOST_LAST = 32_768;
/** A coarse kitchen grid first; finer ones only where the needs leave no room for it. The last is a good scale's. */
const FINER = [1, 0.2, 0.02] as const;
const FINEST = 0.02;
const MOST_TURNS = 40;

/**
 * The amounts on the measure grid that keep every hard row and cost least: each part goes to one of the grid points
 * about its optimum. Null when not even the finest grid keeps the rows.
 */
export function roundAmounts(model: Model, choice: readonly Option[], amounts: Amounts): number[] | null {
  for (const finer of FINER) {
    const found = roundTogether(model, choice, amounts, finer) ?? (finer < 1 ? roundInTurn(model, choice, amounts, finer) : null);
    if (found) return found;
  }
  // A sliver between the needs: every point about the optimum that a good scale can weigh, before it is given up.
  return roundTogether(model, choice, amounts, FINEST, MOST_LAST);
}

function roundTogether(model: Model, choice: readonly Option[], { grams }: Amounts, finer: number, most = MOST_TRIED): number[] | null {
  const parts = partsOf(choice);
  const reach = [4, 2].find((steps) => (finer === FINEST || steps === 2) && (2 * steps) ** parts.length <= most) ?? 1;
  const candidates = grams.map((best, p) => gridAbout(best, item(parts, p), reach, gridStep(best) * finer));
  const nothing = traitsAt(model, choice, new Array<number>(parts.length).fill(0));
  return new Grid(model, parts, candidates, nothing).best(grams);
}

/**
 * Where the rows leave only a sliver: one part after another goes to a grid point and the rest is solved again around
 * it, so that the later parts make up for the earlier ones. Null when that finds nothing in MOST_TURNS solutions.
 */
function roundInTurn(model: Model, choice: readonly Option[], { grams: start }: Amounts, finer: number): number[] | null {
  const parts = partsOf(choice);
  const fixed: (number | null)[] = start.map(() => null);
  const order = start.map((_, part) => part).sort((a, b) => gridStep(item(start, b)) - gridStep(item(start, a)));
  let turns = 0;
  const dive = (depth: number, grams: readonly number[]): number[] | null => {
    const part = order[depth];
    if (part === undefined) return fixed as number[];
    const best = item(grams, part);
    const points = gridAbout(best, item(parts, part), 1, gridStep(best) * finer);
    for (const point of points.sort((a, b) => Math.abs(a - best) - Math.abs(b - best))) {
      turns += 1;
      if (turns > MOST_TURNS) return null;
      fixed[part] = point;
      const rest = bestAmounts(model, withFixed(choice, fixed));
      const found = rest && dive(depth + 1, rest.grams);
      if (found) return found;
    }
    fixed[part] = null;
    return null;
  };
  return dive(0, start);
}

/** The choices with the amounts of some parts settled. */
function withFixed(choice: readonly Option[], fixed: readonly (number | null)[]): Option[] {
  let next = 0;
  return choice.map((option) => ({
    ...option,
    parts: option.parts.map((part) => {
      const grams = fixed[next++] ?? null;
      return grams === null ? part : { ...part, least: grams, most: grams };
    }),
  }));
}

/** Grid points within `reach` steps of the optimum. */
function gridAbout(best: number, { least, most }: Part, reach: number, step: number): number[] {
  const floor = Math.floor(best / step + 1e-9) * step;
  const points: number[] = [];
  for (let k = 1 - reach; k <= reach; k += 1) {
    const point = Number((floor + k * step).toFixed(6));
    // None of what is the point of a swap is no swap.
    if (point >= 0 && (point > 0 || least === 0) && point >= least - step && point <= most + step) points.push(point);
  }
  return points;
}
