/** The larder, saved views, main foods, names of versions, copies, and the soups that came with the program. */
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { DemoHouse, DraftBody, LarderEntry, NewLarderEntry, SavedView, SoupSummary, VersionBody, VersionSummary } from '../../contract/types.ts';
import { ask } from './client.ts';

const LARDER = ['larder'] as const;
const VIEWS = ['views'] as const;
const DEMO = ['demo'] as const;
const MAINS = ['mains'] as const;
/** Lists and single soups of the query layer. */
const SOUPS = ['soups'] as const;

export const useLarder = () =>
  useQuery({
    queryKey: LARDER,
    queryFn: ({ signal }) => ask<{ larder: LarderEntry[] }>('GET', '/api/larder', undefined, signal).then(({ larder }) => larder),
  });

/** What of the larder changes what the list of soups uses of it. */
function useLarderChange<T, R>(mutationFn: (what: T) => Promise<R>) {
  const client = useQueryClient();
  return useMutation({
    mutationFn,
    onSettled: () => Promise.all([client.invalidateQueries({ queryKey: LARDER }), client.invalidateQueries({ queryKey: SOUPS })]),
  });
}

export const useAddToLarder = () =>
  useLarderChange((entries: readonly NewLarderEntry[]) => ask<{ larder: LarderEntry[] }>('POST', '/api/larder', { entries }));
export const useChangeLarder = () =>
  useLarderChange(({ id, name: _name, updatedAt: _at, ...entry }: LarderEntry) => ask<LarderEntry>('PUT', `/api/larder/${id}`, entry));
export const useDropLarder = () => useLarderChange((id: string) => ask('DELETE', `/api/larder/${id}`, {}));

export const useViews = () =>
  useQuery({
    queryKey: VIEWS,
    queryFn: ({ signal }) => ask<{ views: SavedView[] }>('GET', '/api/views', undefined, signal).then(({ views }) => views),
  });

export function useAddView() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (view: Omit<SavedView, 'id'>) => ask<SavedView>('POST', '/api/views', view),
    onSettled: () => client.invalidateQueries({ queryKey: VIEWS }),
  });
}

export function useDropView() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => ask('DELETE', `/api/views/${id}`, {}),
    onSettled: () => client.invalidateQueries({ queryKey: VIEWS }),
  });
}

export const useMainFoods = () =>
  useQuery({
    queryKey: MAINS,
    queryFn: ({ signal }) =>
      ask<{ foods: { foodId: string; name: string; soups: number }[] }>('GET', '/api/soups/mains', undefined, signal).then(({ foods }) => foods),
  });

export const useDemoHouse = () => useQuery({ queryKey: DEMO, queryFn: ({ signal }) => ask<DemoHouse>('GET', '/api/demo', undefined, signal) });

/** Puts the soups that came with the program away, or brings them (back). */
export function useShowDemo() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (shown: boolean) => ask<DemoHouse>('PUT', '/api/demo', { shown }),
    onSettled: () => Promise.all([DEMO, SOUPS, MAINS].map((queryKey) => client.invalidateQueries({ queryKey }))),
  });
}

export interface NewLabel {
  soupId: string;
  version: VersionSummary;
  name: string;
  archived: boolean;
}

export function useLabelVersion() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ soupId, version, name, archived }: NewLabel) =>
      ask<VersionSummary>('PUT', `/api/soups/${soupId}/versions/${version.number}/label`, { name, archived, revision: version.labelRevision ?? 1 }),
    onSettled: (_label, _error, { soupId }) =>
      Promise.all([SOUPS, ['soup', soupId], ['versions', soupId]].map((queryKey) => client.invalidateQueries({ queryKey }))),
  });
}

/** A soup of its own, of a kept version, or of the draft where none is named; what it was copied from is its first version. */
export function useCopySoup() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: async ({ soup, number }: { soup: SoupSummary; number: number | undefined }) => {
      const from =
        number === undefined
          ? await ask<DraftBody>('GET', `/api/soups/${soup.id}/draft`)
          : await ask<VersionBody>('GET', `/api/soups/${soup.id}/versions/${number}`);
      const title = `${soup.title} (copy)`;
      const recipe = { ...from.recipe, title };
      const copy = await ask<SoupSummary>('POST', '/api/soups', { title, recipe, needs: from.needs });
      const reason = `Copied from ${soup.title}${'name' in from ? `, version ${from.number}, ${from.name}` : ', its draft'}.`;
      await ask('POST', `/api/soups/${copy.id}/versions`, { name: 'As copied', reason, recipe, needs: from.needs });
      return copy;
    },
    onSuccess: () => client.invalidateQueries({ queryKey: SOUPS }),
  });
}
