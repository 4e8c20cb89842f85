/** Lunches by their day, over HTTP. */
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { DayBody, NewDay } from '../../contract/types.ts';
import { ask } from './client.ts';

const DAYS = ['days'] as const;

export const useDay = (date: string) =>
  useQuery({
    queryKey: [...DAYS, date],
    queryFn: ({ signal }) => ask<DayBody>('GET', `/api/days/${date}`, undefined, signal),
    refetchOnWindowFocus: false,
  });

export const useDays = (from: string, to: string) =>
  useQuery({
    queryKey: [...DAYS, from, to],
    queryFn: ({ signal }) => ask<{ days: DayBody[] }>('GET', `/api/days?from=${from}&to=${to}`, undefined, signal).then(({ days }) => days),
  });

/** Shown at once and sent one after another, each on the revision the last one left; where the server refuses, what stands there comes back. */
export function useSaveDay(date: string) {
  const client = useQueryClient();
  const key = [...DAYS, date];
  const sending = useMutation({
    scope: { id: `day ${date}` },
    // What waits to be sent is sent as it stands then, with all that was changed meanwhile.
    mutationFn: () => {
      const { date: _, updatedAt: __, ...day } = client.getQueryData<DayBody>(key) as DayBody;
      return ask<DayBody>('PUT', `/api/days/${date}`, day);
    },
    onSuccess: ({ revision, updatedAt }) => {
      client.setQueryData<DayBody>(key, (day) => day && { ...day, revision, updatedAt });
      return client.invalidateQueries({ queryKey: DAYS, predicate: ({ queryKey }) => queryKey.length > 2 });
    },
    onError: () => client.invalidateQueries({ queryKey: key }),
  });
  /** Resolves once it was sent or refused; a refusal is told by `error`. */
  const save = async (changes: Partial<NewDay>): Promise<void> => {
    client.setQueryData<DayBody>(key, (day) => day && { ...day, ...changes });
    await sending.mutateAsync().catch(() => undefined);
  };
  return { save, error: sending.error };
}
