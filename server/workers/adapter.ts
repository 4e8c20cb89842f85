/** Runs adaptation searches one at a time in a worker thread, off the event loop. A full queue refuses. */
import { Worker } from 'node:worker_threads';
import { Problem } from '../../contract/problems.ts';
import type { AdaptRequest, AdaptResult } from '../../core/swap/adapt.ts';

export interface Adapter {
  run(request: AdaptRequest): Promise<AdaptResult>;
  close(): Promise<void>;
}

export type AdaptReply = { id: number; result: AdaptResult } | { id: number; failure: string };

const MOST_WAITING = 16;

export function workerAdapter(path: string): Adapter {
  const waiting = new Map<number, { resolve: (result: AdaptResult) => void; reject: (error: Error) => void }>();
  let worker: Worker | null = null;
  let closed = false;
  let next = 1;

  const failAll = (error: Error) => {
    for (const { reject } of waiting.values()) reject(error);
    waiting.clear();
    worker = null;
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
    run(request) {
      if (closed || waiting.size >= MOST_WAITING)
        return Promise.reject(new Problem('server.busy', closed ? 'The kitchen is closing.' : 'Other searches are waiting. Try again shortly.'));
      worker ??= start();
      const id = next++;
      return new Promise((resolve, reject) => {
        waiting.set(id, { resolve, reject });
        worker?.postMessage({ id, request });
      });
    },
    async close() {
      closed = true;
      await worker?.terminate();
    },
  };
}
