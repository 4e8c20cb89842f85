/** What the larder gives: by food, of what has not passed its day. */
import type { LarderEntry } from '../../../contract/types.ts';

export const isPast = ({ useBy }: Pick<LarderEntry, 'useBy'>, today: string): boolean => useBy !== null && useBy < today;

/** Grams as bought, by food. */
export function stockOf(larder: readonly LarderEntry[], today: string): ReadonlyMap<string, number> {
  const stock = new Map<string, number>();
  for (const entry of larder) if (!isPast(entry, today)) stock.set(entry.foodId, (stock.get(entry.foodId) ?? 0) + entry.grams);
  return stock;
}

/** Ids of foods a plan may be asked to use first. */
export const foodsToUse = (larder: readonly LarderEntry[], today: string): string[] => [...stockOf(larder, today).keys()];
