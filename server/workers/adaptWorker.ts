import { parentPort } from 'node:worker_threads';
import { type OwnFood, SHELF } from '../../core/food/shelf.ts';
import { type AdaptRequest, adapt } from '../../core/swap/adapt.ts';
import type { AdaptReply } from './adapter.ts';

parentPort?.on('message', ({ id, request, own }: { id: number; request: AdaptRequest; own: readonly OwnFood[] }) => {
  const send = (reply: AdaptReply) => parentPort?.postMessage(reply);
  try {
    SHELF.setOwn(own);
    send({ id, result: adapt(request, SHELF, { now: () => performance.now() }) });
  } catch (error) {
    send({ id, failure: error instanceof Error ? (error.stack ?? error.message) : String(error) });
  }
});
