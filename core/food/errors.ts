/**
 * Class errors: the relative standard deviation of one composition value when its row gives none of its own.
 * Source: estimate, set from the spread between national tables for common vegetables, dairy and meats; to be
 * recalibrated when a second blind pass over the rows exists. Water and energy-yielding nutrients vary least,
 * vitamins most.
 */

import type { SourceKind } from '../vocabulary/food.ts';
import { ERROR_CLASS, type ErrorClass, type StoredNutrient } from '../vocabulary/nutrient.ts';

const RELATIVE_ERROR = {
  measured: { water: 0.02, macro: 0.1, mineral: 0.15, vitamin: 0.25 },
  recalled: { water: 0.01, macro: 0.08, mineral: 0.12, vitamin: 0.25 },
  label: { water: 0.03, macro: 0.1, mineral: 0.1, vitamin: 0.15 },
  imported: { water: 0.01, macro: 0.06, mineral: 0.1, vitamin: 0.2 },
} as const satisfies Record<SourceKind, Record<ErrorClass, number>>;

/** One standard deviation of `value`, in the unit of the nutrient. */
export function classError(kind: SourceKind, key: StoredNutrient, value: number): number {
  return value * RELATIVE_ERROR[kind][ERROR_CLASS[key]];
}
