/** Preparations that were made here and stand in the cold, over HTTP. */
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { Made, NewMade } from '../../contract/types.ts';
import { ask } from './client.ts';

const KEY = ['made'] as const;

export const useMade = (enabled = true) =>
  useQuery({
    queryKey: KEY,
    enabled,
    queryFn: ({ signal }) => ask<{ made: Made[] }>('GET', '/api/made', undefined, signal).then(({ made }) => made),
  });

/** Puts a lot by, takes grams of one, or puts back what was taken by mistake. */
export function useChangeMade() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (asked: { preparationId: string; made: NewMade } | { lotId: string; takeId: string; grams: number } | { putBack: string }) => {
      if ('putBack' in asked) return ask<{ made: Made[] }>('DELETE', `/api/made/taken/${asked.putBack}`, {});
      return 'made' in asked
        ? ask<{ made: Made[] }>('POST', `/api/preparations/${asked.preparationId}/made`, asked.made)
        : ask<{ made: Made[] }>('POST', `/api/made/${asked.lotId}/take`, { id: asked.takeId, grams: asked.grams });
    },
    onSuccess: ({ made }) => client.setQueryData(KEY, made),
  });
}
