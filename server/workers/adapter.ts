/** Runs adaptation searches one at a time in a worker thread, off the event loop. A full queue refuses. */
import { Worker } from 'node:worker_threads';
import { Problem } from '../../contract/problems.ts';
import type { OnShelf } from '../../core/food/shelf.ts';
import type { AdaptRequest, AdaptResult } from '../../core/swap/adapt.ts';

export interface Adapter {
  /** `left` fires when nobody waits for the answer any more. */
  run(request: AdaptRequest, left?: AbortSignal): Promise<AdaptResult>;
  close(): Promise<void>;
}

export type AdaptReply = { id: number; result: AdaptResult } | { id: number; failure: string };

interface Waiting {
  request: AdaptRequest;
  resolve: (result: AdaptResult) => void;
  reject: (error: Error) => void;
}

const MOST_WAITING = 16;

/** `kitchen` is what this kitchen has put on its shelf: the worker's shelf is not this one. */
export function workerAdapter(path: string, kitchen: () => OnShelf = () => ({ own: [], pins: [], day: '' })): Adapter {
  const waiting = new Map<number, Waiting>();
  let worker: Worker | null = null;
  let closed = false;
  let next = 1;

  const failAll = (error: Error) => {
    for (const { reject } of waiting.values()) reject(error);
    waiting.clear();
    worker = null;
  };
  /** A search nobody waits for is ended; those that waited behind it begin again in a new worker. */
  const giveUp = (id: number) => {
    const gone = waiting.get(id);
    if (!gone) return;
    const running = waiting.keys().next().value === id;
    waiting.delete(id);
    gone.reject(new Problem('server.busy', 'The search was given up.'));
    if (!running) return;
    worker?.removeAllListeners();
    void worker?.terminate();
    worker = waiting.size > 0 ? start() : null;
    for (const [next, { request }] of waiting) worker?.postMessage({ id: next, request, kitchen: kitchen() });
  };
  const start = (): Worker => {
    const started = new Worker(path);
    started.unref();
    started.on('message', (reply: AdaptReply) => {
      const caller = waiting.get(reply.id);
      waiting.delete(reply.id);
      if ('result' in reply) caller?.resolve(reply.result);
      else caller?.reject(new Error(reply.failure));
    });
    started.on('error', failAll);
    started.on('exit', () => failAll(new Problem('server.busy', 'The search stopped. Try again.')));
    return started;
  };

  return {
    run(request, left) {
      if (closed || waiting.size >= MOST_WAITING)
        return Promise.reject(new Problem('server.busy', closed ? 'The kitchen is closing.' : 'Other searches are waiting. Try again shortly.'));
      worker ??= start();
      const id = next++;
      return new Promise((resolve, reject) => {
        waiting.set(id, { request, resolve, reject });
        left?.addEventListener('abort', () => giveUp(id), { once: true });
        worker?.postMessage({ id, request, kitchen: kitchen() });
      });
    },
    async close() {
      closed = true;
      await worker?.terminate();
    },
  };
}
