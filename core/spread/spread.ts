/**
 * Everything that could be cooked of a soup for its needs: every combination of the swaps that have a reason, each swap at the amounts that
 * suit it by itself and the pot filled up with its own liquid, as far as it keeps the needs; and with them the plans of the search at their own
 * amounts. Measures are sums in the one model, which the analysis of the written soup agrees with.
 */
import type { PriceList } from '../bowl/cost.ts';
import { openPreparations } from '../bowl/preparation.ts';
import type { Shelf } from '../food/shelf.ts';
import { REGIMES } from '../regime/regime.ts';
import { closeness, FEASIBLE, traitsAt } from '../swap/amounts.ts';
import { dearLines } from '../swap/fit.ts';
import { Judge } from '../swap/judge.ts';
import type { Model } from '../swap/model.ts';
import { askedOf, type NeedOf } from '../swap/need.ts';
import type { Needs } from '../swap/needs.ts';
import { VOLUME_KEEPS } from '../swap/objective.ts';
import { servedFigures } from '../swap/scope.ts';
import { type Leaf, search } from '../swap/search.ts';
import { addScaled, at, dot, item } from '../swap/solver/linear.ts';
import type { Nutrient } from '../vocabulary/nutrient.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import { type Counted, countOf, level, type Picks, reachOf, sample } from './combine.ts';
import { isNutrientMeasure, type Measure, type MeasureKey, measuresFor, traitOf, usualMeasures } from './measures.ts';
import { type Filler, openBy, type Ways, type WaysOf, waysOf } from './ways.ts';

export interface SpreadRequest {
  recipe: Recipe;
  needs: Needs;
  measures?: readonly [MeasureKey, MeasureKey] | undefined;
  prices?: PriceList | undefined;
}

/** One combination: the option of every slot, and the grams of their parts. */
export interface Point {
  picked: readonly number[];
  grams: readonly number[];
}

export interface Spread {
  judge: Judge;
  model: Model;
  ways: readonly Ways[];
  leftOut: WaysOf['leftOut'];
  measures: readonly Measure[];
  /** The two it is drawn by. */
  axes: readonly [Measure, Measure];
  counted: Counted;
  /** So many combinations were looked at; of those not, none is known. */
  looked: number;
  points: Point[];
  /** Of every point by measure. */
  values: ReadonlyMap<MeasureKey, number[]>;
  /** Points that are plans of the search, at its amounts. */
  plans: readonly number[];
}

/** Combinations looked at; more are sampled. */
export const MOST_LOOKED = 300_000;
/** Told after so many. */
const CHUNK = 20_000;
const PLANS = 10;
const PLAN_MS = 2000;
/** How far a figure is to move for a change of it to be shown that no need asks for. */
const WISHED = 0.4;

export interface SpreadTools {
  now: () => number;
  most?: number;
  seed?: number;
}

/** Yields the share that is done, and returns the spread. */
export function* spreadOf(request: SpreadRequest, ofKitchen: Shelf, { now, most = MOST_LOOKED, seed = 1 }: SpreadTools): Generator<number, Spread> {
  const { recipe, shelf } = openPreparations(request.recipe, ofKitchen);
  const { needs, prices } = request;
  const drawnBy = request.measures ?? usualMeasures(needs);
  const measures = measuresFor(needs, drawnBy, prices !== undefined);
  const axes = [item(measures, 0), item(measures, drawnBy[0] === drawnBy[1] ? 0 : 1)] as const;
  const judge = judgeOf({ recipe, needs, measures, axes, prices }, shelf);
  const model = judge.model(judge.asked.needs, new Set());
  const { analysis } = judge.start;
  const drawn = axes.flatMap(({ key }): Nutrient[] => (isNutrientMeasure(key) ? [key] : []));
  const served = servedFigures(analysis, needs.scope);
  const isOpen = openBy(drawn, (nutrient) => served[nutrient].value, analysis.servings, shelf, REGIMES[needs.regime ?? 'us']);
  const { ways, fillers, leftOut } = waysOf(model, dearLines(recipe, shelf), isOpen);
  const lines = ways.filter(({ keep, changes }) => keep === null || changes.length > 0);
  const counted = countOf(lines);
  const spread = new Gathering(model, lines, fillers, measures);
  const told = { judge, model, ways, leftOut, measures, axes, counted };
  if (model.unmeetable.size > 0) return { ...told, looked: 0, ...spread.all() };
  const end = now() + PLAN_MS;
  let found = 0;
  search(
    model,
    (leaf) => {
      spread.plan(leaf);
      return (found += 1) < PLANS ? 'taken' : 'stop';
    },
    () => now() > end,
  );
  const reach = reachOf(counted, most);
  const toLook = Math.min(counted.all, most);
  let looked = 0;
  const levels = [
    ...Array.from({ length: reach.whole }, (_, changes) => level(lines, changes)),
    ...(reach.sampled > 0 ? [sample(lines, reach.whole, reach.sampled, seed)] : []),
  ];
  for (const combinations of levels)
    for (const picks of combinations) {
      spread.put(picks);
      looked += 1;
      if (looked % CHUNK === 0) yield looked / toLook;
    }
  return { ...told, looked, ...spread.all() };
}

interface ToJudge {
  recipe: Recipe;
  needs: Needs;
  measures: readonly Measure[];
  axes: readonly Measure[];
  prices: PriceList | undefined;
}

/** A change has its reason here where a need has one for it, or where it moves one of the two figures that are drawn. */
function judgeOf({ recipe, needs, measures, axes, prices }: ToJudge, shelf: Shelf): Judge {
  const asked = askedOf(needs);
  const input = { recipe, asked, shelf, prices, expired: () => false };
  const served = servedFigures(new Judge(input).start.analysis, needs.scope);
  const reasons = axes.flatMap(({ key, better }): NeedOf<'limit'>[] => {
    if (!isNutrientMeasure(key) || !(served[key].value > 0)) return [];
    const bound = better === 'low' ? { max: served[key].value * (1 - WISHED) } : { min: served[key].value * (1 + WISHED) };
    return [{ kind: 'limit', limit: { nutrient: key, per: 'serving', ...bound } }];
  });
  return new Judge({ ...input, beside: { also: measures.flatMap(({ key }) => traitOf(key) ?? []), reasons } });
}

/** The points as they are found. */
class Gathering {
  private readonly model: Model;
  private readonly lines: readonly Ways[];
  private readonly fillers: readonly Filler[];
  private readonly measures: readonly Measure[];
  private readonly potMl: number;
  private readonly volume: number;
  private readonly keys = new Set<string>();
  private readonly points: Point[] = [];
  private readonly values: Map<MeasureKey, number[]>;
  private readonly base: Float64Array;
  private plans = 0;
  private readonly placeOfTrait: Map<MeasureKey, number>;

  constructor(model: Model, lines: readonly Ways[], fillers: readonly Filler[], measures: readonly Measure[]) {
    this.model = model;
    this.lines = lines;
    this.fillers = fillers;
    this.measures = measures;
    this.potMl = model.traits.indexOf('potMl');
    this.volume = at(model.original, this.potMl);
    this.values = new Map(measures.map(({ key }) => [key, []]));
    this.placeOfTrait = new Map(measures.flatMap(({ key }) => (traitOf(key) ? [[key, model.traits.indexOf(traitOf(key) as never)] as const] : [])));
    // Lines with nothing to choose stand in the pot all the time.
    this.base = Float64Array.from(model.base);
    model.slots.forEach(({ own }, slot) => {
      if (!lines.some((line) => line.slot === slot)) addScaled(this.base, 1, own);
    });
  }

  /** A plan of the search, at its own amounts. */
  plan({ choice, amounts }: Leaf): void {
    const traits = traitsAt(this.model, choice, amounts.grams);
    const picked = choice.map((option, slot) => item(this.model.slots, slot).options.indexOf(option));
    const work = choice.reduce((sum, { swap }) => sum + (swap?.work ?? 0), 0);
    if (this.add(picked, amounts.grams, traits, amounts.value, work)) this.plans += 1;
  }

  /** A combination, where the pot can be filled so that it keeps every need. */
  put(picks: Picks): void {
    const traits = Float64Array.from(this.base);
    let cost = 0;
    let work = 0;
    for (const way of picks) {
      addScaled(traits, 1, way.traits);
      cost += way.cost;
      work += way.work;
    }
    const pour = this.filled(picks, traits);
    if (!pour) return;
    const picked = new Array<number>(this.model.slots.length).fill(0);
    const gramsOf = new Map<number, readonly number[]>();
    picks.forEach(({ index, grams }, line) => {
      const { slot } = item(this.lines, line);
      picked[slot] = index;
      gramsOf.set(slot, grams);
    });
    if (pour.filler) {
      picked[pour.filler.slot] = pour.index;
      gramsOf.set(pour.filler.slot, [pour.grams]);
      cost += pour.cost;
    }
    const grams = picked.flatMap((_, slot) => gramsOf.get(slot) ?? []);
    const off = picked.every((index, slot) => item(item(this.model.slots, slot).options, index).swap === null) ? 0 : closeness(this.model, traits);
    this.add(picked, grams, traits, off + cost, work);
  }

  /** Nothing poured, the pot as full as before, or as far off as it may be: the first that keeps every row. `traits` end with what is poured. */
  private filled(picks: Picks, traits: Float64Array): { filler: Filler | null; index: number; grams: number; cost: number } | null {
    const { model, potMl, volume } = this;
    const keeps = () => model.rows.every(({ coefficients, bound }) => dot(coefficients, traits) <= bound + FEASIBLE);
    if (keeps()) return { filler: null, index: 0, grams: 0, cost: 0 };
    const filler = this.fillers.find(({ slot }) => {
      const line = this.lines.findIndex((ways) => ways.slot === slot);
      return line < 0 || item(picks, line).option.swap === null;
    });
    if (!filler) return null;
    const before = Float64Array.from(traits);
    for (const share of FILLED) {
      const by = volume * share - at(before, potMl);
      const pour = by > 0 ? filler.more : filler.less;
      if (!pour) continue;
      const [index, option, part] = pour;
      const grams = Math.min(part.most, Math.max(part.least, filler.grams + by / at(part.perGram, potMl)));
      traits.set(before);
      addScaled(traits, -1, filler.own);
      addScaled(traits, grams, part.perGram);
      if (keeps()) return { filler, index, grams, cost: option.cost };
    }
    return null;
  }

  private add(picked: readonly number[], grams: readonly number[], traits: Float64Array, distance: number, work: number): boolean {
    const key = picked.join();
    if (this.keys.has(key)) return false;
    this.keys.add(key);
    this.points.push({ picked, grams });
    for (const { key: measure } of this.measures) {
      const place = this.placeOfTrait.get(measure);
      this.values.get(measure)?.push(place === undefined ? (measure === 'work' ? work : distance) : at(traits, place));
    }
    return true;
  }

  all() {
    return { points: this.points, values: this.values, plans: Array.from({ length: this.plans }, (_, index) => index) };
  }
}

/** Of the pot's volume: as full as before, then fuller and emptier by what it may be. */
const FILLED = [1, 1 + VOLUME_KEEPS * 0.9, 1 - VOLUME_KEEPS * 0.9] as const;
