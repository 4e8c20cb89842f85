/**
 * Everything that could be cooked of a soup for its needs: every combination of the swaps that have a reason, each swap at the amounts that
 * suit it by itself and the pot filled up with its own liquid, as far as it keeps the needs; and with them the plans of the search at their own
 * amounts. Measures are sums in the one model, which the analysis of the written soup agrees with.
 */
import type { Analysis, NutrientFigures } from '../analysis/analysis.ts';
import { type PriceList, pricePerGram } from '../bowl/cost.ts';
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
import type { Recipe } from '../vocabulary/recipe.ts';
import { type Counted, countOf, level, type Picks, reachOf, sample } from './combine.ts';
import { isNutrientMeasure, type Measure, type MeasureKey, measuresFor, traitOf, usualMeasures } from './measures.ts';
import { type Filler, openBy, openKey, type Way, type Ways, type WaysOf, waysOf } from './ways.ts';

export interface SpreadRequest {
  recipe: Recipe;
  needs: Needs;
  measures?: readonly [MeasureKey, MeasureKey] | undefined;
  prices?: PriceList | undefined;
}

/** One combination: the option of every slot. */
export interface Point {
  picked: readonly number[];
  /** Grams of every part, where they are others than the ways have: a plan of the search. */
  grams?: readonly number[];
  /** Grams of the soup's own liquid, where it fills the pot. */
  poured?: number;
}

export interface Spread {
  judge: Judge;
  model: Model;
  ways: readonly Ways[];
  leftOut: WaysOf['leftOut'];
  open: WaysOf['open'];
  /** Measures that a line of the soup itself leaves open. */
  alwaysOpen: readonly MeasureKey[];
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
  const served = servedFigures(analysis, needs.scope);
  const isOpen = openBy({
    measures: measures.map(({ key }) => key),
    inBowl: (nutrient) => served[nutrient].value,
    servings: analysis.servings,
    shelf,
    regime: REGIMES[needs.regime ?? 'us'],
    priceOf: prices && pricePerGram(prices, shelf),
  });
  const drawn = axes.map(({ key }) => key);
  const { ways, fillers, leftOut, open } = waysOf(model, dearLines(recipe, shelf), drawn, isOpen);
  const alwaysOpen = measures.flatMap(({ key }) => (isOpenIn(key, served, analysis.cost) ? [key] : []));
  const lines = ways.filter(({ keep, changes }) => keep === null || changes.length > 0);
  const counted = countOf(lines);
  const spread = new Gathering(model, lines, fillers, measures);
  const told = { judge, model, ways, leftOut, open, alwaysOpen, measures, axes, counted };
  const hasGap = (picked: readonly number[]) => picked.some((index, slot) => open.get(openKey(slot, index))?.some((key) => drawn.includes(key)));
  if (model.unmeetable.size > 0) return { ...told, looked: 0, ...spread.all() };
  const end = now() + PLAN_MS;
  let found = 0;
  search(
    model,
    (leaf) => {
      // A plan whose figure has a gap would stand too well; where every way has it, it is told of the figure.
      if (leftOut.length === 0 || !hasGap(spread.pickedOf(leaf))) spread.plan(leaf);
      return (found += 1) < PLANS ? 'taken' : 'stop';
    },
    () => now() > end,
  );
  const reach = reachOf(counted, most);
  const toLook = Math.min(counted.all, most);
  let looked = 0;
  const look = (picks: Picks) => {
    spread.put(picks);
    looked += 1;
  };
  for (let changes = 0; changes < reach.whole; changes += 1) for (const _ of level(lines, changes, look)) yield looked / toLook;
  if (reach.sampled > 0) for (const _ of sample(lines, reach.whole, reach.sampled, look, seed)) yield looked / toLook;
  return { ...told, looked, ...spread.all() };
}

const isOpenIn = (key: MeasureKey, served: NutrientFigures, cost: Analysis['cost']): boolean =>
  isNutrientMeasure(key) ? served[key].atLeast === true : key === 'cost' && (cost?.unpricedLineIds.length ?? 0) > 0;

/** Measures of which a point has at least what is told: something of it is not known. */
export function atLeastOf({ points, open, alwaysOpen }: Pick<Spread, 'points' | 'open' | 'alwaysOpen'>, point: number): MeasureKey[] {
  const { picked } = item(points, point);
  return [...new Set([...alwaysOpen, ...picked.flatMap((index, slot) => open.get(openKey(slot, index)) ?? [])])];
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
  private readonly potMl: number;
  private readonly volume: number;
  private readonly points: Point[] = [];
  private readonly values: Map<MeasureKey, number[]>;
  /** Of every measure, its values and where the model has it; null of what no trait tells. */
  private readonly told: readonly { key: MeasureKey; into: number[]; at: number | null }[];
  private readonly planKeys = new Set<string>();
  private readonly planSums = new Set<number>();
  /** Traits of the pot with the first so many lines as they were picked last: from where two combinations differ on they are summed anew. */
  private readonly sums: Float64Array[];
  private readonly costs: Float64Array;
  private readonly works: Float64Array;
  private last: Way[] = [];
  private readonly traits: Float64Array;

  constructor(model: Model, lines: readonly Ways[], fillers: readonly Filler[], measures: readonly Measure[]) {
    this.model = model;
    this.lines = lines;
    this.fillers = fillers;
    this.potMl = model.traits.indexOf('potMl');
    this.volume = at(model.original, this.potMl);
    this.values = new Map(measures.map(({ key }) => [key, []]));
    this.told = measures.map(({ key }) => {
      const trait = traitOf(key);
      return { key, into: this.values.get(key) as number[], at: trait === null ? null : model.traits.indexOf(trait) };
    });
    this.sums = Array.from({ length: lines.length + 1 }, () => new Float64Array(model.traits.length));
    this.costs = new Float64Array(lines.length + 1);
    this.works = new Float64Array(lines.length + 1);
    this.traits = new Float64Array(model.traits.length);
    // Lines with nothing to choose stand in the pot all the time.
    const base = item(this.sums, 0);
    base.set(model.base);
    model.slots.forEach(({ own }, slot) => {
      if (!lines.some((line) => line.slot === slot)) addScaled(base, 1, own);
    });
  }

  pickedOf({ choice }: Leaf): number[] {
    return choice.map((option, slot) => item(this.model.slots, slot).options.indexOf(option));
  }

  /** A plan of the search, at its own amounts. */
  plan(leaf: Leaf): void {
    const { choice, amounts } = leaf;
    const traits = traitsAt(this.model, choice, amounts.grams);
    const picked = this.pickedOf(leaf);
    const key = picked.join();
    if (this.planKeys.has(key)) return;
    this.planKeys.add(key);
    this.planSums.add(sumOf(picked));
    const work = choice.reduce((sum, { swap }) => sum + (swap?.work ?? 0), 0);
    this.add({ picked, grams: amounts.grams }, traits, amounts.value, work);
  }

  /** A combination, where the pot can be filled so that it keeps every need. */
  put(picks: Picks): void {
    this.sum(picks);
    const { traits, model, lines } = this;
    const pour = this.filled(picks);
    if (!pour) return;
    const picked = new Array<number>(model.slots.length).fill(0);
    let changed = pour.filler !== null;
    for (let line = 0; line < lines.length; line += 1) {
      const { index, option } = item(picks, line);
      picked[item(lines, line).slot] = index;
      changed ||= option.swap !== null;
    }
    if (pour.filler) picked[pour.filler.slot] = pour.index;
    // No combination is put twice; a plan of the search may be one of them.
    if (this.planSums.has(sumOf(picked)) && this.planKeys.has(picked.join())) return;
    const off = changed ? closeness(model, traits) : 0;
    this.add(
      pour.filler ? { picked, poured: pour.grams } : { picked },
      traits,
      off + at(this.costs, lines.length) + pour.cost,
      at(this.works, lines.length),
    );
  }

  private sum(picks: Picks): void {
    const { last, sums, costs, works, lines } = this;
    let from = 0;
    while (from < last.length && last[from] === picks[from]) from += 1;
    for (let line = from; line < lines.length; line += 1) {
      const way = item(picks, line);
      const next = item(sums, line + 1);
      next.set(item(sums, line));
      addScaled(next, 1, way.traits);
      costs[line + 1] = at(costs, line) + way.cost;
      works[line + 1] = at(works, line) + way.work;
      last[line] = way;
    }
    this.traits.set(item(sums, lines.length));
  }

  private keeps(): boolean {
    for (const { coefficients, bound } of this.model.rows) if (dot(coefficients, this.traits) > bound + FEASIBLE) return false;
    return true;
  }

  /** Nothing poured, the pot as full as before, or as far off as it may be: the first that keeps every row. The traits end with what is poured. */
  private filled(picks: Picks): Pour | null {
    const { potMl, volume, traits, lines } = this;
    if (this.keeps()) return NOTHING_POURED;
    const filler = this.fillers.find(({ slot }) => {
      const line = lines.findIndex((ways) => ways.slot === slot);
      return line < 0 || item(picks, line).option.swap === null;
    });
    if (!filler) return null;
    const before = item(this.sums, lines.length);
    for (const share of FILLED) {
      const by = volume * share - at(before, potMl);
      const pour = by > 0 ? filler.more : filler.less;
      if (!pour) continue;
      const [index, option, part] = pour;
      const grams = Math.min(part.most, Math.max(part.least, filler.grams + by / at(part.perGram, potMl)));
      traits.set(before);
      addScaled(traits, -1, filler.own);
      addScaled(traits, grams, part.perGram);
      if (this.keeps()) return { filler, index, grams, cost: option.cost };
    }
    return null;
  }

  private add(point: Point, traits: Float64Array, distance: number, work: number): void {
    this.points.push(point);
    for (const { key, into, at: trait } of this.told) into.push(trait === null ? (key === 'work' ? work : distance) : at(traits, trait));
  }

  all() {
    return { points: this.points, values: this.values, plans: Array.from({ length: this.planKeys.size }, (_, index) => index) };
  }
}

/** Alike for what is alike: what differs is looked at whole. */
const sumOf = (picked: readonly number[]): number => picked.reduce((sum, index) => (Math.imul(sum, 31) + index) | 0, 0);

interface Pour {
  filler: Filler | null;
  index: number;
  grams: number;
  cost: number;
}
const NOTHING_POURED: Pour = { filler: null, index: 0, grams: 0, cost: 0 };

/** Of the pot's volume: as full as before, then fuller and emptier by what it may be. */
const FILLED = [1, 1 + VOLUME_KEEPS * 0.9, 1 - VOLUME_KEEPS * 0.9] as const;
