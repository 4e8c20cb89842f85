/** A kitchen's own foods as they were kept, worked out into foods of the shelf; one that cannot be is put aside and said. */
import { type LabelEntry, labelFood } from './label.ts';
import type { OwnFood, Shelf } from './shelf.ts';

export interface KeptOwnFood {
  id: string;
  entry: LabelEntry;
  retired: boolean;
}

export interface OwnFoodsRead {
  own: OwnFood[];
  /** Rows that could not be worked out: the food is not on the shelf, and lines with it have to be given another. */
  aside: { id: string; name: string; why: string }[];
}

/** `base` is the shelf without own foods: an own food is used like one of its. */
export function ownFoodsOf(kept: readonly KeptOwnFood[], base: Shelf): OwnFoodsRead {
  const read: OwnFoodsRead = { own: [], aside: [] };
  for (const { id, entry, retired } of kept) {
    try {
      read.own.push({ food: labelFood(id, entry, entry.like === undefined ? undefined : base.food(entry.like)), retired });
    } catch (error) {
      const name = typeof entry?.name === 'string' ? entry.name : id;
      read.aside.push({ id, name, why: error instanceof Error ? error.message : String(error) });
    }
  }
  return read;
}
