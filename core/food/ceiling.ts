/**
 * The most a food may hold of what no table gives for it: the most that any food of its kind on the shelf is known to hold. A pinch whose
 * figure is not known is bounded by its own weight, and need not stop a plan.
 */
import type { Regime } from '../regime/regime.ts';
import type { Category } from '../vocabulary/category.ts';
import { NUTRIENT_INDEX, NUTRIENTS, type Nutrient } from '../vocabulary/nutrient.ts';
import type { Shelf } from './shelf.ts';

type Ceilings = ReadonlyMap<Category, Float64Array>;

const known = new WeakMap<Shelf, Map<string, Ceilings>>();

/** Of 100 g, in the nutrient's unit; infinite where no food of the kind has a figure. */
export function ceilingPer100g(category: Category, nutrient: Nutrient, shelf: Shelf, regime: Regime): number {
  const byRegime = known.get(shelf) ?? new Map<string, Ceilings>();
  known.set(shelf, byRegime);
  const ceilings = byRegime.get(regime.id) ?? ceilingsOf(shelf, regime);
  byRegime.set(regime.id, ceilings);
  return ceilings.get(category)?.[NUTRIENT_INDEX[nutrient]] ?? Number.POSITIVE_INFINITY;
}

function ceilingsOf(shelf: Shelf, regime: Regime): Ceilings {
  const ceilings = new Map<Category, Float64Array>();
  const isKnown = new Map<Category, Set<Nutrient>>();
  for (const food of shelf.foods) {
    const { value, unknown } = shelf.figures(food, regime);
    const most = ceilings.get(food.category) ?? new Float64Array(NUTRIENTS.length);
    const told = isKnown.get(food.category) ?? new Set<Nutrient>();
    for (const nutrient of NUTRIENTS)
      if (!unknown.includes(nutrient)) {
        const at = NUTRIENT_INDEX[nutrient];
        most[at] = Math.max(most[at] as number, value[at] as number);
        told.add(nutrient);
      }
    ceilings.set(food.category, most);
    isKnown.set(food.category, told);
  }
  for (const [category, most] of ceilings)
    for (const nutrient of NUTRIENTS) if (!isKnown.get(category)?.has(nutrient)) most[NUTRIENT_INDEX[nutrient]] = Number.POSITIVE_INFINITY;
  return ceilings;
}
