/** One soup the way of each school, family by family, off the interface thread. */
import { type OnShelf, SHELF, shelfWith } from '../../core/food/shelf.ts';
import { type Housed, inHouseWays, sideBySide } from '../../core/school/schools.ts';
import type { FamilyRow, Measured, SchoolsRequest } from '../../core/school/types.ts';

export interface SchoolsAsked {
  request: SchoolsRequest;
  kitchen: OnShelf;
}

export type SchoolsTold = { family: FamilyRow } | { asIs: Measured; housed: Housed } | { failure: string };

self.onmessage = ({ data: { request, kitchen } }: MessageEvent<SchoolsAsked>) => {
  const tell = (told: SchoolsTold) => self.postMessage(told);
  try {
    const shelf = shelfWith(SHELF, kitchen);
    const run = sideBySide(request, shelf);
    let next = run.next();
    while (!next.done) {
      tell({ family: next.value });
      next = run.next();
    }
    tell({ asIs: next.value.asIs, housed: inHouseWays(request.recipe, request.house ?? {}, request, shelf) });
  } catch (error) {
    tell({ failure: error instanceof Error ? error.message : String(error) });
  }
};
