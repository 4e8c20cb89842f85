import type { OnShelf } from '../../core/food/shelf.ts';
import { SHELF, shelfWith } from '../../core/food/shelf.ts';
import { type CannotCook, type PlanReply, type PlanRequest, planOf } from '../../core/plan/plan.ts';
import type { Handed } from './pool.ts';

export interface PlanTask {
  request: PlanRequest;
  kitchen: OnShelf;
}

export default function run({ task: { request, kitchen }, begun }: Handed<PlanTask>): PlanReply | CannotCook {
  begun.postMessage('begun');
  return planOf(request, shelfWith(SHELF, kitchen));
}
