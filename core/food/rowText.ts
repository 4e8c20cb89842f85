/** A food row as text, the same for the same row: what a kept version's rows are stored and compared by. */
import type { Food } from '../vocabulary/food.ts';

/** Sets of keys are kept as lists. */
const setsAsLists = (_: string, value: unknown): unknown => (value instanceof Set ? [...value] : value);

export const rowText = (food: Food): string => JSON.stringify(food, setsAsLists);
