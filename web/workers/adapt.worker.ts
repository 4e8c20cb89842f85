/** The search, off the interface thread. */
import { type OnShelf, SHELF, shelfWith } from '../../core/food/shelf.ts';
import { type AdaptRequest, type AdaptResult, adapt } from '../../core/swap/adapt.ts';
import type { Plan } from '../../core/swap/plan.ts';

export type WorkerReply = { id: number; result: AdaptResult } | { id: number; plan: Plan } | { id: number; failure: string };

self.onmessage = ({ data: { id, request, kitchen } }: MessageEvent<{ id: number; request: AdaptRequest; kitchen: OnShelf }>) => {
  const reply = (message: WorkerReply) => self.postMessage(message);
  try {
    reply({ id, result: adapt(request, shelfWith(SHELF, kitchen), { now: () => performance.now(), onPlan: (plan) => reply({ id, plan }) }) });
  } catch (error) {
    reply({ id, failure: error instanceof Error ? error.message : String(error) });
  }
};
