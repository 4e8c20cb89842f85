/** What each line may become, each at the amounts that suit it by itself: from here on a combination is a sum. */
import { ceilingPer100g } from '../food/ceiling.ts';
import type { Shelf } from '../food/shelf.ts';
import type { Regime } from '../regime/regime.ts';
import { bestAmounts } from '../swap/amounts.ts';
import type { Model, Option, Part, Slot } from '../swap/model.ts';
import { fillsUp } from '../swap/reasons.ts';
import { pullOf } from '../swap/solver/columns.ts';
import { addScaled, at, item } from '../swap/solver/linear.ts';
import { isOf } from '../vocabulary/category.ts';
import type { Nutrient } from '../vocabulary/nutrient.ts';
import { isNutrientMeasure, type MeasureKey } from './measures.ts';

export interface Way {
  /** Place of the option in its slot. */
  index: number;
  option: Option;
  grams: readonly number[];
  /** Traits of what stands there then. */
  traits: Float64Array;
  /** Of the choice and of straying from what a cook would put in. */
  cost: number;
  work: number;
  /** Measures that a food of it leaves open: what is told of them is at least so much. */
  open: MeasureKey[];
}

export interface Ways {
  slot: number;
  /** What must give way has no way of staying. */
  forced: boolean;
  keep: Way | null;
  changes: readonly Way[];
}

/** The soup's own liquid, of which more or less makes up for the volume of what was changed; it can while its line is kept. */
export interface Filler {
  slot: number;
  trait: number;
  grams: number;
  /** Each with its place in the slot, and the part that is poured. */
  less: readonly [number, Option, Part] | null;
  more: readonly [number, Option, Part] | null;
  own: Float64Array;
}

export interface WaysOf {
  ways: Ways[];
  fillers: Filler[];
  /** Swaps that leave a figure open which the spread is drawn by, where the line has others. */
  leftOut: { lineId: string; swapId: string; measures: MeasureKey[] }[];
  /** By slot and option, what its foods leave open; of everything on offer. */
  open: ReadonlyMap<string, MeasureKey[]>;
}

/**
 * `isOpen` tells the measures that a way leaves open. Of a `dear` line that may stay something of its
 * kind stays: without what it is called after it is another soup.
 */
export function waysOf(
  model: Model,
  dear: ReadonlySet<string>,
  drawnBy: readonly MeasureKey[],
  isOpen: (way: Omit<Way, 'open'>, slot: Slot) => MeasureKey[],
): WaysOf {
  const leftOut: WaysOf['leftOut'] = [];
  const open = new Map<string, MeasureKey[]>();
  const ways = model.slots.map((slot, place): Ways => {
    const isSoup = (option: Option) => slot.forced || !dear.has(slot.line.id) || hasOwn(option, slot);
    const all = slot.options.flatMap((option, index) => (option.swap && !fillsUp(option) ? (wayOf(model, slot, option, index, isOpen) ?? []) : []));
    for (const way of all) open.set(openKey(place, way.index), way.open);
    const offered = all.filter(({ option }) => isSoup(option));
    const gaps = (way: Way) => way.open.filter((key) => drawnBy.includes(key));
    // A gap in a table must not look like a low figure; where every way has one, it is told of the figure instead.
    const known = offered.filter((way) => gaps(way).length === 0);
    const changes = known.length > 0 || !slot.forced ? known : offered;
    for (const way of offered)
      if (!changes.includes(way)) leftOut.push({ lineId: slot.line.id, swapId: way.option.swap?.id ?? '', measures: gaps(way) });
    const [first] = slot.options;
    return { slot: place, forced: slot.forced, keep: first?.swap === null ? wayOf(model, slot, first, 0, () => []) : null, changes };
  });
  return { ways, fillers: fillersOf(model), leftOut, open };
}

/** Some of the food itself, or another of its kind, one cheese for another; a celeriac soup of turnips is none. */
const hasOwn = ({ parts }: Option, { food }: Slot): boolean =>
  parts.some(({ foods }) => foods.some(([{ id, category }]) => id === food?.id || (category === food?.category && !isOf(category, 'vegetable'))));

/** Of what the bowl has, what a gap may hide without being told. */
const HIDES = 0.05;

export const openKey = (slot: number, option: number): string => `${slot}:${option}`;

interface Opens {
  measures: readonly MeasureKey[];
  /** Of the soup as it is, in the unit of the nutrient. */
  inBowl: (nutrient: Nutrient) => number;
  servings: number;
  shelf: Shelf;
  regime: Regime;
  priceOf: ((foodId: string) => number | undefined) | undefined;
}

/** Who tells what a way leaves open: a nutrient no table has of one of its foods, which could be more than a little of what the bowl has; a price. */
export const openBy =
  ({ measures, inBowl, servings, shelf, regime, priceOf }: Opens) =>
  ({ option: { parts }, grams }: Omit<Way, 'open'>, { line }: Slot): MeasureKey[] =>
    measures.filter((nutrient) =>
      parts.some(({ foods }, part) =>
        foods.some(([food, share]) => {
          if (nutrient === 'cost') return item(grams, part) > 0 && priceOf?.(food.id) === undefined;
          if (!isNutrientMeasure(nutrient) || !shelf.figures(food, regime).unknown.includes(nutrient)) return false;
          const inOne = (item(grams, part) * share) / (line.perBowl ? 1 : servings);
          return (inOne * ceilingPer100g(food.category, nutrient, shelf, regime)) / 100 > HIDES * inBowl(nutrient);
        }),
      ),
    );

/** Null where no amounts of it will do. */
function wayOf(model: Model, slot: Slot, option: Option, index: number, isOpen: (way: Omit<Way, 'open'>, slot: Slot) => MeasureKey[]): Way | null {
  const grams = option.parts.length === 0 ? [] : amountsAlone(model, slot, option);
  if (!grams) return null;
  const traits = Float64Array.from(option.fixed);
  option.parts.forEach(({ perGram }, part) => {
    addScaled(traits, item(grams, part), perGram);
  });
  const pulls = option.parts.reduce((sum, part, p) => sum + pullOf(part, item(grams, p)), 0);
  const way = { index, option, grams, traits, cost: option.cost + pulls, work: option.swap?.work ?? 0 };
  return { ...way, open: isOpen(way, slot) };
}

/** The amounts with which the soup stays closest when nothing else is changed; a limit it cannot keep alone it keeps as nearly as it can. */
function amountsAlone(model: Model, slot: Slot, option: Option): number[] | null {
  const base = Float64Array.from(model.original);
  addScaled(base, -1, slot.own);
  const rows = model.rows.filter(({ need }) => need !== null).map((row) => ({ ...row, soft: true }));
  return bestAmounts({ ...model, base, rows, slots: [{ ...slot, options: [option] }] }, [option])?.grams ?? null;
}

function fillersOf({ slots, traits }: Model): Filler[] {
  const trait = traits.indexOf('potMl');
  return slots.flatMap((slot, place): Filler[] => {
    const pours = slot.options.flatMap((option, index): [number, Option, Part][] =>
      fillsUp(option) && option.parts.length === 1 && at(item(option.parts, 0).perGram, trait) > 0 ? [[index, option, item(option.parts, 0)]] : [],
    );
    if (slot.options[0]?.swap !== null || pours.length === 0) return [];
    const grams = slot.food ? (slot.line.grams?.best ?? 0) : 0;
    const less = pours.find(([, , { most }]) => most < grams) ?? null;
    const more = pours.find(([, , { most }]) => most > grams) ?? null;
    return [{ slot: place, trait, grams, less, more, own: slot.own }];
  });
}
