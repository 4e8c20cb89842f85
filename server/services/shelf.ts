/** The shelf of this kitchen as it stands: a value, replaced whole whenever something on it changes. */
import { makeShelf, type OnShelf, onShelf, type Shelf, shelfWith } from '../../core/food/shelf.ts';

export interface KitchenShelf {
  /** The shelf at this moment. */
  now(): Shelf;
  /** The foods every kitchen starts from. */
  readonly base: Shelf;
  /** Puts other own foods, labels or another day on it. Throws a RangeError, and changes nothing, when an own food takes a known id. */
  put(part: Partial<OnShelf>): void;
}

export function kitchenShelf(foods: Shelf['foods']): KitchenShelf {
  const base = makeShelf(foods);
  let shelf = base;
  return {
    now: () => shelf,
    base,
    put: (part) => {
      shelf = shelfWith(base, { ...onShelf(shelf), ...part });
    },
  };
}
