/** What could be cooked of a soup, looked at off the interface thread: the whole of it stays here, and what is shown is asked of it. */
import type { OnShelf } from '../../core/food/shelf.ts';
import { SHELF, shelfWith } from '../../core/food/shelf.ts';
import { partingAllergens, pointsWhere, type SpreadFilter } from '../../core/spread/filter.ts';
import { fewOf } from '../../core/spread/front.ts';
import { type Choice, choicesOf, type Effect, effectsOf, frontAmong } from '../../core/spread/look.ts';
import type { Measure, MeasureKey } from '../../core/spread/measures.ts';
import { readable } from '../../core/spread/sentence.ts';
import { atLeastOf, type Spread, type SpreadRequest, spreadOf } from '../../core/spread/spread.ts';
import { type Written, writePoint } from '../../core/spread/write.ts';
import type { AllergenId } from '../../core/vocabulary/allergens.ts';

export type SpreadAsk =
  | { ask: 'look'; id: number; request: SpreadRequest; kitchen: OnShelf }
  | { ask: 'view'; id: number; filter: SpreadFilter }
  | { ask: 'write'; id: number; point: number };

/** What stays the same whatever is shown of it. */
export interface Looked {
  axes: readonly [Measure, Measure];
  measures: readonly Measure[];
  combinations: number;
  looked: number;
  total: number;
  allergens: { id: AllergenId; without: number }[];
  effects: Partial<Record<MeasureKey, Effect[]>>;
  leftOut: Spread['leftOut'];
  /** Every swap that some point has. */
  swaps: { key: string; lineId: string | null; lineText: string; name: string }[];
}

export interface PointRow {
  point: number;
  values: Partial<Record<MeasureKey, number>>;
  choices: Choice[];
  /** Of these there is at least what is told. */
  atLeast: MeasureKey[];
  /** A plan of the search. */
  isPlan: boolean;
}

export interface View {
  /** Points that pass the filter, and those of them that are drawn. */
  passing: number;
  drawn: PointRow[];
  front: PointRow[];
  sentence: string;
}

export type SpreadReply =
  | { id: number; share: number }
  | { id: number; looked: Looked }
  | { id: number; view: View }
  | { id: number; written: Written; point: number }
  | { id: number; failure: string };

/** A canvas draws these in a frame. */
const MOST_DRAWN = 3000;
const MOST_FRONT = 40;

let spread: Spread | null = null;

self.onmessage = ({ data }: MessageEvent<SpreadAsk>) => {
  const reply = (message: SpreadReply) => self.postMessage(message);
  const { id } = data;
  try {
    if (data.ask === 'look') {
      const run = spreadOf(data.request, shelfWith(SHELF, data.kitchen), { now: () => performance.now() });
      let step = run.next();
      while (!step.done) {
        reply({ id, share: step.value });
        step = run.next();
      }
      spread = step.value;
      reply({ id, looked: lookedOf(spread) });
    } else if (spread && data.ask === 'view') reply({ id, view: viewOf(spread, data.filter) });
    else if (spread && data.ask === 'write') reply({ id, written: writePoint(spread, data.point), point: data.point });
  } catch (error) {
    reply({ id, failure: error instanceof Error ? error.message : String(error) });
  }
};

function lookedOf(of: Spread): Looked {
  const { axes, measures, counted, looked, points, leftOut, model, ways } = of;
  return {
    axes,
    measures,
    combinations: counted.all,
    looked,
    total: points.length,
    allergens: partingAllergens(of),
    effects: Object.fromEntries(axes.map(({ key }) => [key, effectsOf(of, key)])),
    leftOut,
    swaps: ways.flatMap(({ slot, changes }) => {
      const at = model.slots[slot];
      const lineId = at?.food ? at.line.id : null;
      return changes.map(({ option }) => ({
        key: `${lineId ?? ''}:${option.swap?.id ?? ''}`,
        lineId,
        lineText: at?.line.text ?? '',
        name: option.swap?.name ?? '',
      }));
    }),
  };
}

function viewOf(of: Spread, filter: SpreadFilter): View {
  const passing = pointsWhere(of, filter);
  const { front: whole, sentence } = frontAmong(of, passing);
  const [x, y] = of.axes.map(({ key }) => whole.map((point) => of.values.get(key)?.[point] as number)) as [number[], number[]];
  const front = readable(x, y).map((place) => whole[place] as number);
  const plans = new Set(of.plans);
  const row = (point: number): PointRow => ({
    point,
    values: Object.fromEntries([...of.values].map(([key, values]) => [key, values[point] as number])),
    choices: choicesOf(of, point),
    atLeast: atLeastOf(of, point),
    isPlan: plans.has(point),
  });
  const shown = new Set([...front, ...passing.filter((point) => plans.has(point))]);
  const step = Math.max(1, Math.ceil(passing.length / MOST_DRAWN));
  for (let at = 0; at < passing.length; at += step) shown.add(passing[at] as number);
  return { passing: passing.length, drawn: [...shown].map(row), front: fewOf(front, MOST_FRONT).map(row), sentence };
}
