/** What a front says, as a colleague would: its two ends, where it bends, and what one measure costs in the other on either side. */
import { figure } from '../vocabulary/figure.ts';
import type { Measure } from './measures.ts';

export interface Told {
  axes: readonly [Measure, Measure];
  /** Of the points of the front, from the best in x to the best in y. */
  x: readonly number[];
  y: readonly number[];
  /** Points in all. */
  points: number;
  /** A need that was asked has no way at all, or nothing was found at the amounts that were looked at. */
  unmeetable: boolean;
}

/** How far from the straight line a front has to bend for it to be said, of its whole range. */
const BENDS = 0.1;
/** What is had for less than this share of the range is had for hardly anything. */
const NEXT_TO_NOTHING = 0.05;
/** A rate is a rate where it moves by more than this of the range. */
const FLAT = 0.02;

/** Places of a front that read otherwise than their neighbours: of those that show the same figure, the one that is best in the other measure. */
export function readable(x: readonly number[], y: readonly number[]): number[] {
  const tops: number[] = [];
  for (let at = 0; at < x.length; at += 1) {
    const last = tops.at(-1);
    if (last !== undefined && figure(y[last] as number) === figure(y[at] as number)) continue;
    if (last !== undefined && figure(x[last] as number) === figure(x[at] as number)) tops.pop();
    tops.push(at);
  }
  return tops;
}

export function sentenceOf({ axes: [mx, my], x: everyX, y: everyY, points, unmeetable }: Told): string {
  const places = readable(everyX, everyY);
  const [x, y] = [places.map((at) => everyX[at] as number), places.map((at) => everyY[at] as number)];
  if (points === 0)
    return unmeetable
      ? 'No combination of swaps meets the needs: one of them has no way here at all.'
      : 'None of the combinations looked at keeps every need. Other amounts may: have it worked out on the bench, which says what clashes.';
  const last = x.length - 1;
  const [x0, y0, x1, y1] = [x[0] as number, y[0] as number, x[last] as number, y[last] as number];
  const [best, ofY] = [`${most(mx)} ${said(mx, x0)}`, said(my, y0)];
  if (last === 0)
    return points === 1
      ? `One combination keeps the needs: ${said(mx, x0)} ${mx.name}, ${ofY} ${my.name} a bowl.`
      : `One combination is the best in both: ${best}, ${most(my)} ${ofY}, a bowl.`;
  const ends = `${capital(most(mx))} is ${said(mx, x0)} a bowl, with ${ofY} ${my.name}; ${most(my)} ${said(my, y1)}, with ${said(mx, x1)} ${mx.name}.`;
  const bend = bendOf(x, y);
  const range = Math.abs(x1 - x0);
  if (bend === null) return `${ends} Between them ${rate(mx, my, x1 - x0, y1 - y0, range)}.`;
  const [bx, by] = [x[bend] as number, y[bend] as number];
  const [before, beyond] = [rate(mx, my, bx - x0, by - y0, range), rate(mx, my, x1 - bx, y1 - by, range)];
  return `${ends} As far as ${said(my, by)} ${my.name}, at ${said(mx, bx)} ${mx.name}, ${before}; beyond, ${beyond}.`;
}

const said = ({ unit }: Measure, value: number): string => (unit ? `${figure(value)} ${unit}` : figure(value));
const most = ({ better, name }: Measure): string => (better === 'low' ? `least ${name}` : `most ${name}`);
const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** 'a g of protein costs about 25 mg sodium', or what is had for hardly anything of the `range` of the front. */
function rate(mx: Measure, my: Measure, dx: number, dy: number, range: number): string {
  if (Math.abs(dx) < NEXT_TO_NOTHING * range) return `${my.name} ${my.better === 'high' ? 'is gained' : 'is saved'} at hardly any ${mx.name}`;
  // By tens or hundreds where one would be a trifle.
  const step = 10 ** Math.max(0, Math.floor(Math.log10(Math.abs(dy)) - 0.3));
  const of = my.unit ? `${figure(step)} ${my.unit} of ${my.name}` : `${figure(step)} of ${my.name}`;
  const price = said(mx, (Math.abs(dx) / Math.max(Math.abs(dy), 1e-9)) * step);
  return `${of} ${my.better === 'high' ? 'more' : 'less'} ${mx.better === 'low' ? 'costs' : 'takes away'} about ${price} ${mx.name}`;
}

/** The point furthest from the line between the ends, on the side that is better; null where the front is nearly straight. */
function bendOf(x: readonly number[], y: readonly number[]): number | null {
  const last = x.length - 1;
  const [rx, ry] = [(x[last] as number) - (x[0] as number), (y[last] as number) - (y[0] as number)];
  if (Math.abs(rx) < FLAT * Math.abs(x[last] as number) || Math.abs(ry) < FLAT * Math.abs(y[last] as number)) return null;
  let bend: number | null = null;
  let furthest = BENDS;
  for (let i = 1; i < last; i += 1) {
    // Along a straight front a point has the same share of both ranges.
    const off = ((y[i] as number) - (y[0] as number)) / ry - ((x[i] as number) - (x[0] as number)) / rx;
    if (off > furthest) [bend, furthest] = [i, off];
  }
  return bend;
}
