/** Plans, batches and portions over HTTP. */

import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { BatchBody, BatchSummary, NewBatch, Portions } from '../../contract/types.ts';
import type { Learnt, LearntSoftening } from '../../core/batch/learnt.ts';
import type { Chill } from '../../core/plan/chill.ts';
import type { Class } from '../../core/plan/lesson.ts';
import type { PlanReply } from '../../core/plan/plan.ts';
import type { Kitchen } from '../../core/plan/tasks.ts';
import type { Recipe } from '../../core/vocabulary/recipe.ts';
import { ask } from './client.ts';

export interface PlanAsked {
  soups: { recipe: Recipe; servings: number; follows?: number[]; ahead?: Chill }[];
  kitchen: Kitchen;
  serveAt: string;
  regime: string;
  pins?: { task: string; minutesBefore: number }[];
  lesson?: Class;
}

/** The plan of what is asked; the last one stays while another comes. */
export const usePlan = (asked: PlanAsked | null) =>
  useQuery({
    queryKey: ['plan', asked],
    queryFn: ({ signal }) => ask<PlanReply>('POST', '/api/plan', asked, signal),
    enabled: asked !== null,
    placeholderData: keepPreviousData,
    retry: false,
    refetchOnWindowFocus: false,
  });

const keys = { batches: ['batches'] as const, batch: (id: string) => ['batch', id] as const, portions: ['portions'] as const };

export const useBatches = () =>
  useQuery({
    queryKey: keys.batches,
    queryFn: ({ signal }) => ask<{ batches: BatchSummary[] }>('GET', '/api/batches', undefined, signal).then(({ batches }) => batches),
  });

/** How this kitchen's pots boil away and what softens in them, against the estimate, by its own batches. */
export const useLearnt = () =>
  useQuery({
    queryKey: ['learnt'],
    queryFn: ({ signal }) => ask<{ evaporation: Learnt | null; softening: LearntSoftening[] }>('GET', '/api/batches/learnt', undefined, signal),
  });

export const usePortions = () =>
  useQuery({
    queryKey: keys.portions,
    queryFn: ({ signal }) => ask<{ portions: Portions[] }>('GET', '/api/portions', undefined, signal).then(({ portions }) => portions),
  });

export const batchKey = keys.batch;
export const useBatch = (id: string | null) =>
  useQuery({
    queryKey: keys.batch(id ?? ''),
    queryFn: ({ signal }) => ask<BatchBody>('GET', `/api/batches/${id}`, undefined, signal),
    enabled: id !== null,
    // A page without a network goes on with what its browser kept.
    networkMode: 'always',
    retry: 1,
  });

export function useBeginBatch() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (batch: NewBatch) => ask<Pick<BatchBody, 'id' | 'recipe' | 'startedAt'>>('POST', '/api/batches', batch),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.batches }),
  });
}

/** Takes portions out, or puts back what was taken by mistake. */
export function useTakePortions() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (asked: { entryId: string; takeId: string; count: number } | { putBack: string }) =>
      'putBack' in asked
        ? ask<{ portions: Portions[] }>('DELETE', `/api/portions/taken/${asked.putBack}`, {})
        : ask<{ portions: Portions[] }>('POST', `/api/portions/${asked.entryId}/take`, { id: asked.takeId, count: asked.count }),
    onSuccess: ({ portions }) => client.setQueryData(keys.portions, portions),
  });
}
