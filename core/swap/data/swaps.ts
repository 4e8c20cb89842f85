/** The swap catalogue: what can take the place of a line, food by food and kind by kind, and what can be done with any line. */
import type { Food } from '../../vocabulary/food.ts';
import { FOOD_SWAPS } from './foodSwaps.ts';
import { KIND_SWAPS } from './kindSwaps.ts';
import { leversFor } from './levers.ts';
import type { Swap } from './swap.ts';

export type { Swap, SwapPart, SwapWork } from './swap.ts';

export const SWAPS: readonly Swap[] = [...FOOD_SWAPS, ...KIND_SWAPS];

const byFood = new Map<string, Swap[]>();
for (const swap of SWAPS) for (const id of swap.replaces) byFood.set(id, [...(byFood.get(id) ?? []), swap]);

/** Rows of the catalogue for a food; an own food has those of the food it is used as. */
export const rowsFor = ({ id, like }: Pick<Food, 'id' | 'like'>): readonly Swap[] => [
  ...(byFood.get(id) ?? []),
  ...(like === undefined || like === id ? [] : (byFood.get(like) ?? []).filter((swap) => !swap.replaces.includes(id))),
];

/** Everything that can be done with a line of this food. */
export const swapsFor = (food: Food): Swap[] => [...rowsFor(food), ...leversFor(food)];
