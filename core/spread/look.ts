/** A spread looked at by two measures: its front, what the front says, which swap moves a measure most; few enough points to send. */
import { at, item } from '../swap/solver/linear.ts';
import { fewOf, frontOf } from './front.ts';
import { isNutrientMeasure, type Measure, type MeasureKey, MOST_SENT } from './measures.ts';
import { sentenceOf } from './sentence.ts';
import { atLeastOf, type Spread } from './spread.ts';

export interface Choice {
  lineId: string | null;
  swapId: string | null;
}

export interface Effect {
  lineId: string | null;
  swapId: string;
  name: string;
  /** What the swap by itself changes in one bowl. */
  by: number;
}

export interface SpreadReply {
  points: { choices: Choice[]; measures: Partial<Record<MeasureKey, number>>; atLeast?: MeasureKey[] }[];
  /** Places among the points, from the best in the first measure to the best in the second. */
  front: number[];
  /** Combinations found that keep the needs. */
  total: number;
  /** Not every combination was looked at, or not every one found is among the points. */
  sampled: boolean;
  sentence: string;
  measures: Measure[];
  /** Combinations there are, and of them looked at. */
  combinations: number;
  looked: number;
  /** By measure, the swaps that move it most. */
  effects: Partial<Record<MeasureKey, Effect[]>>;
  /** Measures of which every point has at least as much as is told: a line of the soup leaves them open. */
  atLeast: MeasureKey[];
  leftOut: Spread['leftOut'];
}

/** Every line that has a choice, and what it is in this point; the last are what is added in the place of nothing. */
export function choicesOf({ model, points }: Pick<Spread, 'model' | 'points'>, point: number): Choice[] {
  const { picked } = item(points, point);
  return model.slots.flatMap(({ line, food, options }, slot): Choice[] => {
    const swapId = item(options, item(picked, slot)).swap?.id ?? null;
    if (food === null && swapId === null) return [];
    return [{ lineId: food === null ? null : line.id, swapId }];
  });
}

const MOST_EFFECTS = 12;
/** Of the original's figure, a move that is worth a bar. */
const MOVES = 0.01;

/** The swaps that move a measure most, each by itself, the greatest first. */
export function effectsOf({ model, ways }: Spread, key: MeasureKey): Effect[] {
  const trait = model.traits.indexOf(key as never);
  if (!isNutrientMeasure(key) || trait < 0) return [];
  const least = MOVES * Math.max(Math.abs(at(model.original, trait)), 1e-9);
  return ways
    .flatMap(({ slot, changes }) => {
      const { line, food, own } = item(model.slots, slot);
      return changes.map(
        ({ option, traits }): Effect => ({
          lineId: food === null ? null : line.id,
          swapId: option.swap?.id ?? '',
          name: option.swap?.name ?? '',
          by: at(traits, trait) - at(own, trait),
        }),
      );
    })
    .filter(({ by }) => Math.abs(by) >= least)
    .sort((a, b) => Math.abs(b.by) - Math.abs(a.by))
    .slice(0, MOST_EFFECTS);
}

/** The front of some of the points, or of all, and what it says. */
export function frontAmong(spread: Spread, among?: readonly number[]): { front: number[]; sentence: string } {
  const { axes, points, values } = spread;
  const [mx, my] = axes;
  const [allX, allY] = [mx, my].map(({ key }) => values.get(key) as number[]) as [number[], number[]];
  const [x, y] = among ? [among.map((at) => item(allX, at)), among.map((at) => item(allY, at))] : [allX, allY];
  const places = frontOf(x, y, [mx.better, my.better]);
  const sentence = sentenceOf({
    axes,
    x: places.map((place) => item(x, place)),
    y: places.map((place) => item(y, place)),
    points: among?.length ?? points.length,
    unmeetable: spread.model.unmeetable.size > 0,
  });
  return { front: among ? places.map((place) => item(among, place)) : places, sentence };
}

export function replyOf(spread: Spread, most = MOST_SENT): SpreadReply {
  const { axes, measures, points, values, plans } = spread;
  const { front: whole, sentence } = frontAmong(spread);
  const front = fewOf(whole, most);
  const sent = new Set<number>(front);
  // A thinned front may bend otherwise than the whole: what would beat it is not sent along.
  const isThin = front.length < whole.length;
  for (const plan of plans) if (sent.size < most && !isThin) sent.add(plan);
  const step = Math.max(1, Math.ceil(points.length / Math.max(1, most - sent.size)));
  if (!isThin) for (let index = 0; index < points.length && sent.size < most; index += step) sent.add(index);
  const order = [...sent].sort((a, b) => (values.get('distance')?.[a] as number) - (values.get('distance')?.[b] as number) || a - b);
  const placed = new Map(order.map((index, place) => [index, place]));
  return {
    points: order.map((index) => {
      const atLeast = atLeastOf(spread, index);
      return {
        choices: choicesOf(spread, index),
        measures: Object.fromEntries(measures.map(({ key }) => [key, Number(item(values.get(key) ?? [], index).toPrecision(9))])),
        ...(atLeast.length > 0 ? { atLeast } : {}),
      };
    }),
    front: front.map((index) => placed.get(index) as number),
    total: points.length,
    sampled: spread.looked < spread.counted.all || order.length < points.length,
    sentence,
    measures: [...measures],
    combinations: spread.counted.all,
    looked: spread.looked,
    effects: Object.fromEntries(axes.map(({ key }) => [key, effectsOf(spread, key)])),
    atLeast: [...spread.alwaysOpen],
    leftOut: spread.leftOut,
  };
}

/** For whoever has the whole of it at once. */
export function lookedAt(run: Generator<number, Spread>): Spread {
  for (;;) {
    const step = run.next();
    if (step.done) return step.value;
  }
}
