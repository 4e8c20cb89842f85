/** Practice over HTTP: rounds, how answers are marked, learners by code. */
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { ClassBody, LearnerBody } from '../../contract/types.ts';
import type { Marked, Round, RoundAsked } from '../../core/practice/types.ts';
import { ask } from './client.ts';

const PRACTICE = ['practice'] as const;

export const useRound = (asked: RoundAsked) =>
  useQuery({
    queryKey: [...PRACTICE, 'round', asked.kind, asked.level, asked.seed],
    queryFn: ({ signal }) => ask<Round>('POST', '/api/practice/rounds', asked, signal),
    // The same seed is the same round.
    staleTime: Number.POSITIVE_INFINITY,
  });

export interface MarkedReply extends Marked {
  /** The day it comes back, null where it does not; left out where nobody's code was given. */
  due?: string | null;
}

export function useMark() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ id, answer, learner }: { id: string; answer: unknown; learner: string }) =>
      ask<MarkedReply>('POST', `/api/practice/rounds/${id}/answer`, { answer, ...(learner === '' ? {} : { learner }) }),
    onSuccess: () => client.invalidateQueries({ queryKey: [...PRACTICE, 'learners'] }),
  });
}

export const useLearner = (code: string) =>
  useQuery({
    queryKey: [...PRACTICE, 'learners', code],
    enabled: code !== '',
    queryFn: ({ signal }) => ask<LearnerBody>('GET', `/api/practice/learners/${encodeURIComponent(code)}`, undefined, signal),
  });

export const useClass = () =>
  useQuery({ queryKey: [...PRACTICE, 'learners', ''], queryFn: ({ signal }) => ask<ClassBody>('GET', '/api/practice/learners', undefined, signal) });

export const fetchLearner = (code: string) => ask<LearnerBody>('GET', `/api/practice/learners/${encodeURIComponent(code)}`);

export function useForgetLearner() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (code: string) => ask('DELETE', `/api/practice/learners/${encodeURIComponent(code)}`, {}),
    onSettled: () => client.invalidateQueries({ queryKey: [...PRACTICE, 'learners'] }),
  });
}
