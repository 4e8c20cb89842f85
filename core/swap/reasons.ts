/**
 * A change is made for a reason: an allergen, or a fair share of what a limit is over. A pinch of garlic is not taken out for its potassium.
 * The shares are a judgement of the trade (common practice, no source).
 */
import type { Nutrient } from '../vocabulary/nutrient.ts';
import { alikeTo } from './data/kinds.ts';
import type { Option, Row, Slot } from './model.ts';
import { dot, item } from './solver/linear.ts';

/** Of what is over a limit, a change carries at least this share. */
export const FAIR = 0.1;
/** Less of what is there anyway may be the small last step. */
export const LAST_STEP = 0.05;
/** Where a limit is kept and other changes may break it, a change counts that moves it by this share of the bound. */
const SWAYS = 0.04;

/** True of a swap that only takes away: less of the line, or none. */
export const isLastStep = (slot: Slot, { swap, parts }: Option): boolean =>
  swap !== null && parts.every(({ foods }) => foods.every(([food]) => food.id === slot.food?.id));

/** Stocks are not chosen for what they feed: the few grams between two makes are no reason. */
const FEEDING: ReadonlySet<Nutrient> = new Set<Nutrient>(['energyKcal', 'proteinG', 'fatG', 'fibreG']);
const isLeastOf = ({ need }: Row, nutrients: ReadonlySet<Nutrient>): boolean =>
  need?.kind === 'limit' && need.limit.min !== undefined && nutrients.has(need.limit.nutrient);

/** What an option comes to in a row at its most helpful amounts. */
const leastIn = ({ coefficients }: Row, { fixed, parts }: Option): number =>
  dot(coefficients, fixed) +
  parts.reduce((sum, { perGram, least, most }) => {
    const slope = dot(coefficients, perGram);
    return sum + Math.min(slope * least, slope * most);
  }, 0);

/** A row that is asked for, and by how much the soup as it is is over it; under where it is kept. */
interface AskedRow {
  row: Row;
  over: number;
}

/** A way to help a row: what it costs for each whole excess it takes away. */
interface Way {
  slot: Slot;
  option: Option;
  price: number;
}

/** A change that costs nothing still counts for something. */
const EVEN_FREE = 0.05;
/** A cook weighs so many lines and so many ways, of one line and of all, for each figure that is over; and so many things to add. */
const MOST = { lines: 6, ways: 16, ofLine: 6, added: 4 } as const;
/** Fewer for a figure that is kept and that other changes may break. */
const MOST_KEPT = { lines: 3, ways: 6, ofLine: 3, added: 2 } as const;
/** What other changes may put a kept figure over by, as a share of its bound. */
const SWAY = 0.2;

/**
 * The slots and options that have a reason: an allergen or the like, or a fair share of what a figure is over at a price that is worth it.
 * What must go has its reason already.
 */
export function withReasons(slots: readonly Slot[], rows: readonly Row[], original: Float64Array): Slot[] {
  const asked = rows.filter(({ need }) => need !== null).map((row): AskedRow => ({ row, over: dot(row.coefficients, original) - row.bound }));
  const isMoved = slots.some(({ forced }) => forced) || asked.some(({ over }) => over > 0);
  const alone = slots.map((slot) => ({ ...slot, options: oneOfAlike(slot.options) }));
  const kept = new Set<Option>();
  for (const one of isMoved ? asked : []) for (const { option } of worthwhile(waysFor(one, alone), one.over > 0 ? MOST : MOST_KEPT)) kept.add(option);
  return alone.flatMap((slot): Slot[] => {
    if (slot.forced) return [slot];
    const [keep] = slot.options;
    // The soup's own liquid keeps the pot full, or makes room, whatever else is changed.
    const options = slot.options.filter((option) => option === keep || kept.has(option) || (isMoved && fillsUp(option)));
    return options.length > 1 ? [{ ...slot, options }] : [];
  });
}

/** Every option of a line that may stay which helps the row by a fair share. */
function waysFor({ row, over }: AskedRow, slots: readonly Slot[]): Way[] {
  const of = over > 0 ? over : SWAY * Math.max(Math.abs(row.bound), SWAYS);
  return slots.flatMap((slot): Way[] => {
    if (slot.forced || (slot.food?.category === 'broth' && isLeastOf(row, FEEDING))) return [];
    const now = leastIn(row, item(slot.options, 0));
    return slot.options.slice(1).flatMap((option): Way[] => {
      const helps = now - leastIn(row, option);
      const fair = over > 0 ? over * (isLastStep(slot, option) ? LAST_STEP : FAIR) : SWAYS;
      return helps >= fair ? [{ slot, option, price: (option.cost + EVEN_FREE) / Math.min(1, helps / of) }] : [];
    });
  });
}

/** The cheapest ways, of so many lines and so many things to add. */
function worthwhile(ways: readonly Way[], most: { lines: number; ways: number; ofLine: number; added: number }): Way[] {
  const lines = new Set<Slot>();
  const added = new Set<Slot>();
  const taken: Way[] = [];
  for (const way of [...ways].sort((a, b) => a.price - b.price)) {
    const [seen, limit] = way.slot.food ? [lines, most.lines] : [added, most.added];
    const ofLine = taken.filter(({ slot }) => slot === way.slot).length;
    if (taken.length >= most.ways || ofLine >= most.ofLine || (!seen.has(way.slot) && seen.size >= limit)) continue;
    seen.add(way.slot);
    taken.push(way);
  }
  return taken;
}

/** Of options a table could not tell apart, the cheapest, with the names of the others. */
function oneOfAlike(options: readonly Option[]): readonly Option[] {
  const byKey = new Map<string, Option>();
  for (const option of [...options].sort((a, b) => a.cost - b.cost)) {
    const key = option.swap ? keyOf(option) : '';
    const like = byKey.get(key);
    if (!like) byKey.set(key, option);
    else if (like.swap && option.swap && option.swap.name !== like.swap.name)
      byKey.set(key, { ...like, alternatives: [...(like.alternatives ?? []), option.swap.name] });
  }
  const kept = new Map([...byKey.values()].map((option) => [option.swap?.id ?? '', option]));
  return options.flatMap((option) => kept.get(option.swap?.id ?? '') ?? []);
}

/** Its foods as a table tells them, how they are treated, and where they go in. */
const keyOf = ({ swap, parts }: Option): string =>
  [
    swap?.stage ?? '',
    ...new Set(
      parts.flatMap(({ foods, eaten, most, least }) => foods.map(([{ id }]) => `${alikeTo(id)}${eaten?.how ?? ''}${least === most ? '=' : ''}`)),
    ),
    ...(swap?.parts.length === 0 ? ['none'] : []),
    swap && /-(?:held-back|topped-up|less)$/.test(swap.id) ? swap.id : '',
  ].join('+');

export const fillsUp = ({ swap }: Option): boolean => swap !== null && /-(?:held-back|topped-up)$|^add-water$/.test(swap.id);

/** Whether the soup as it was does not keep the row. */
export const isOver = ({ coefficients, bound }: Row, original: Float64Array): boolean => dot(coefficients, original) > bound;

/** Whether an undone change, at the amounts of a plan, carries its share of what some row is over. `undone` and `done` are traits of the pot. */
export function carries(row: Row, original: Float64Array, done: Float64Array, undone: Float64Array, isLast: boolean): boolean {
  const over = dot(row.coefficients, original) - row.bound;
  const by = dot(row.coefficients, undone) - dot(row.coefficients, done);
  if (over <= 0) return dot(row.coefficients, undone) > row.bound;
  return by >= over * (isLast ? LAST_STEP : FAIR);
}
