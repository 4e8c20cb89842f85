/** Preparations of the house, as the server keeps them. */
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { PreparationBody } from '../../contract/types.ts';
import { ask } from './client.ts';

const KEY = ['preparations'] as const;

export type PreparationInput = Omit<PreparationBody, 'id' | 'revision' | 'updatedAt'>;

export const usePreparations = (enabled = true) =>
  useQuery({
    queryKey: KEY,
    enabled,
    queryFn: ({ signal }) =>
      ask<{ preparations: PreparationBody[] }>('GET', '/api/preparations', undefined, signal).then(({ preparations }) => preparations),
  });

/** Without `kept` it is new. */
export function useSavePreparation() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ kept, preparation }: { kept: PreparationBody | undefined; preparation: PreparationInput }) =>
      kept === undefined
        ? ask<PreparationBody>('POST', '/api/preparations', preparation)
        : ask<PreparationBody>('PUT', `/api/preparations/${kept.id}`, { ...preparation, revision: kept.revision }),
    onSettled: () => client.invalidateQueries({ queryKey: KEY }),
  });
}

export function useDropPreparation() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => ask('DELETE', `/api/preparations/${id}`, {}),
    onSettled: () => client.invalidateQueries({ queryKey: KEY }),
  });
}
