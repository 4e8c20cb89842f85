import { type OnShelf, SHELF, shelfWith } from '../../core/food/shelf.ts';
import { lookedAt, replyOf, type SpreadReply } from '../../core/spread/look.ts';
import { type SpreadRequest, spreadOf } from '../../core/spread/spread.ts';
import type { Handed } from './pool.ts';

export interface SpreadTask {
  request: SpreadRequest & { most?: number | undefined };
  kitchen: OnShelf;
}

export default function run({ task: { request, kitchen }, begun }: Handed<SpreadTask>): SpreadReply {
  begun.postMessage('begun');
  return replyOf(lookedAt(spreadOf(request, shelfWith(SHELF, kitchen), { now: () => performance.now() })), request.most);
}
