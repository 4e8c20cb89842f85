import { type OnShelf, SHELF, shelfWith } from '../../core/food/shelf.ts';
import { type AdaptRequest, type AdaptResult, adapt } from '../../core/swap/adapt.ts';
import type { Handed } from './pool.ts';

export interface AdaptTask {
  request: AdaptRequest;
  kitchen: OnShelf;
  /** When the answer has to be there, in ms since the epoch: what the task waited is not searched. */
  due: number;
}

const LEAST_MS = 50;

export default function run({ task: { request, kitchen, due }, begun }: Handed<AdaptTask>): AdaptResult {
  begun.postMessage('begun');
  const timeLimitMs = Math.max(LEAST_MS, due - Date.now());
  return adapt({ ...request, timeLimitMs }, shelfWith(SHELF, kitchen), { now: () => performance.now() });
}
