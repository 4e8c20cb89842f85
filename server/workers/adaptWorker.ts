import { parentPort } from 'node:worker_threads';
import { type OnShelf, SHELF } from '../../core/food/shelf.ts';
import { type AdaptRequest, adapt } from '../../core/swap/adapt.ts';
import type { AdaptReply } from './adapter.ts';

parentPort?.on('message', ({ id, request, kitchen }: { id: number; request: AdaptRequest; kitchen: OnShelf }) => {
  const send = (reply: AdaptReply) => parentPort?.postMessage(reply);
  try {
    SHELF.setOwn(kitchen.own);
    SHELF.setPins(kitchen.pins);
    send({ id, result: adapt(request, SHELF, { now: () => performance.now() }) });
  } catch (error) {
    send({ id, failure: error instanceof Error ? (error.stack ?? error.message) : String(error) });
  }
});
