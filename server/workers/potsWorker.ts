import { type OnShelf, SHELF, shelfWith } from '../../core/food/shelf.ts';
import { potsFor } from '../../core/group/pots.ts';
import type { PotsReply, PotsRequest } from '../../core/group/types.ts';
import type { Handed } from './pool.ts';

export interface PotsTask {
  request: PotsRequest;
  kitchen: OnShelf;
}

export default function run({ task: { request, kitchen }, begun }: Handed<PotsTask>): PotsReply {
  begun.postMessage('begun');
  return potsFor(request, shelfWith(SHELF, kitchen), () => performance.now());
}
