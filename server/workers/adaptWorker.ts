import { parentPort } from 'node:worker_threads';
import { type OnShelf, SHELF, shelfWith } from '../../core/food/shelf.ts';
import { type AdaptRequest, adapt } from '../../core/swap/adapt.ts';
import type { AdaptReply } from './adapter.ts';

parentPort?.on('message', ({ id, request, kitchen }: { id: number; request: AdaptRequest; kitchen: OnShelf }) => {
  const send = (reply: AdaptReply) => parentPort?.postMessage(reply);
  try {
    send({ id, result: adapt(request, shelfWith(SHELF, kitchen), { now: () => performance.now() }) });
  } catch (error) {
    send({ id, failure: error instanceof Error ? (error.stack ?? error.message) : String(error) });
  }
});
