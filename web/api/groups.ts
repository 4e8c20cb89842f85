/** Groups of guests and the pots that serve them, over HTTP. */
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { GroupBody, NewGroup } from '../../contract/types.ts';
import type { AdaptResult } from '../../core/swap/adapt.ts';
import type { Needs } from '../../core/swap/needs.ts';
import type { Recipe } from '../../core/vocabulary/recipe.ts';
import { ask } from './client.ts';

const GROUPS = ['groups'] as const;

export const useGroups = () =>
  useQuery({
    queryKey: GROUPS,
    queryFn: ({ signal }) => ask<{ groups: GroupBody[] }>('GET', '/api/groups', undefined, signal).then(({ groups }) => groups),
  });

/** Without an id it is added; with one it is changed. */
export function useSaveGroup() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ id, revision, ...group }: NewGroup & { id?: string; revision?: number }) =>
      id === undefined ? ask<GroupBody>('POST', '/api/groups', group) : ask<GroupBody>('PUT', `/api/groups/${id}`, { ...group, revision }),
    onSettled: () => client.invalidateQueries({ queryKey: GROUPS }),
  });
}

export function useDropGroup() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => ask('DELETE', `/api/groups/${id}`, {}),
    onSettled: () => client.invalidateQueries({ queryKey: GROUPS }),
  });
}

/** The closest soup that does for some needs. */
export const useNearest = () =>
  useMutation({
    mutationFn: ({ recipe, needs }: { recipe: Recipe; needs: Needs }) =>
      ask<AdaptResult>('POST', '/api/adapt', { recipe, needs, plans: 1, timeLimitMs: 10_000 }),
  });
