/**
 * A change is made for a reason: an allergen, or a fair share of what a limit is over. A pinch of garlic is not taken out for its potassium.
 * The shares are a judgement of the trade (common practice, no source).
 */
import type { Nutrient } from '../vocabulary/nutrient.ts';
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

/** The same slot with the options that have a reason; what must go has one already. */
export function withReasons(slots: readonly Slot[], rows: readonly Row[], original: Float64Array): Slot[] {
  const asked = rows.filter(({ need }) => need !== null).map((row) => ({ row, over: dot(row.coefficients, original) - row.bound }));
  const anyForced = slots.some(({ forced }) => forced);
  const anyOver = asked.some(({ over }) => over > 0);
  const hasReason = (slot: Slot, option: Option, keep: Option): boolean =>
    asked.some(({ row, over }) => {
      if (slot.food?.category === 'broth' && isLeastOf(row, FEEDING)) return false;
      const helps = leastIn(row, keep) - leastIn(row, option);
      if (over > 0) return helps >= over * (isLastStep(slot, option) ? LAST_STEP : FAIR);
      return (anyForced || anyOver) && helps >= SWAYS;
    });
  return slots.flatMap((slot): Slot[] => {
    if (slot.forced) return [slot];
    const keep = item(slot.options, 0);
    // The soup's own liquid keeps the pot full, or makes room, whatever else is changed.
    const options = slot.options.filter((option) => option === keep || (fillsUp(option) ? anyForced || anyOver : hasReason(slot, option, keep)));
    return options.length > 1 ? [{ ...slot, options }] : [];
  });
}

export const fillsUp = ({ swap }: Option): boolean => swap !== null && /-(?:held-back|topped-up)$|^add-water$/.test(swap.id);

/** Whether an undone change, at the amounts of a plan, carries its share of what some row is over. `undone` and `done` are traits of the pot. */
export function carries(row: Row, original: Float64Array, done: Float64Array, undone: Float64Array, isLast: boolean): boolean {
  const over = dot(row.coefficients, original) - row.bound;
  const by = dot(row.coefficients, undone) - dot(row.coefficients, done);
  if (over <= 0) return dot(row.coefficients, undone) > row.bound;
  return by >= over * (isLast ? LAST_STEP : FAIR);
}
