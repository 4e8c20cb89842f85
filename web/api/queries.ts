/** The one query layer over server state. */
import { useInfiniteQuery, useMutation, useQueries, useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useMemo } from 'react';
import type {
  DraftBody,
  FlowTest,
  FoodUse,
  KitchenPreset,
  Measures,
  NewFlowTest,
  NewVersion,
  PhraseBody,
  Settings,
  SoupList,
  SoupQuery,
  SoupSummary,
  VersionBody,
} from '../../contract/types.ts';
import type { Price, PriceList } from '../../core/bowl/cost.ts';
import type { Doubt } from '../../core/reading/doubts.ts';
import type { Named } from '../../core/reading/telling.ts';
import type { Accounted } from '../../core/reading/textSections.ts';
import type { Needs } from '../../core/swap/needs.ts';
import type { Recipe } from '../../core/vocabulary/recipe.ts';
import { ask } from './client.ts';

export interface ReadReply {
  recipe: Recipe;
  measures: Exclude<Measures, 'auto'>;
  doubts: Doubt[];
  unread: { textLine: number; text: string }[];
  named: Named[];
  account: Accounted[];
}

export interface FoodHit {
  id: string;
  name: string;
  category: string;
  source: { kind: string; ref: string };
  score: number;
}

const keys = {
  soups: ['soups'] as const,
  soup: (id: string) => ['soup', id] as const,
  draft: (id: string) => ['draft', id] as const,
  versions: (id: string) => ['versions', id] as const,
  settings: ['settings'] as const,
  prices: ['prices'] as const,
  presets: ['presets'] as const,
  flowTests: (id: string) => ['flowTests', id] as const,
};

/** What the address of the list asks for. */
export interface SoupsAsked extends Pick<SoupQuery, 'q' | 'checks' | 'archived' | 'sort'> {
  /** Needs in words; empty for none. */
  said: string;
  /** A food that soups are known by; empty for any. */
  main: string;
  larder: boolean;
}

/** The soups in pages, sorted and filtered on the server. */
export const useSoups = ({ q, said, main, larder, checks, archived, sort }: SoupsAsked) =>
  useInfiniteQuery({
    queryKey: [...keys.soups, q, said, main, larder, checks, archived, sort],
    initialPageParam: '',
    queryFn: ({ pageParam, signal }) => {
      const asked = new URLSearchParams({
        sort,
        ...(q ? { q } : {}),
        ...(said ? { for: said } : {}),
        ...(main ? { main } : {}),
        ...(larder ? { larder: '1' } : {}),
        ...(checks ? { checks: '1' } : {}),
        ...(archived ? { archived: '1' } : {}),
        ...(pageParam ? { after: pageParam } : {}),
      });
      return ask<SoupList>('GET', `/api/soups?${asked}`, undefined, signal);
    },
    getNextPageParam: ({ next }) => next,
    placeholderData: (last) => last,
  });
export const useSoup = (id: string) =>
  useQuery({ queryKey: keys.soup(id), queryFn: ({ signal }) => ask<SoupSummary>('GET', `/api/soups/${id}`, undefined, signal) });
export const useDraft = (id: string) =>
  useQuery({
    queryKey: keys.draft(id),
    queryFn: ({ signal }) => ask<DraftBody>('GET', `/api/soups/${id}/draft`, undefined, signal),
    staleTime: 0,
    gcTime: 0,
    refetchOnWindowFocus: false,
  });
/** With no soup chosen yet, nothing is asked. */
export const useVersions = (id: string) =>
  useQuery({
    queryKey: keys.versions(id),
    enabled: id !== '',
    queryFn: ({ signal }) => ask<{ versions: VersionBody[]; unreadable?: number[] }>('GET', `/api/soups/${id}/versions`, undefined, signal),
  });
/** The kept versions of several soups, by soup; null until every answer is there. Soups that gave none are left out. */
export const useVersionsOf = (soupIds: readonly string[]): ReadonlyMap<string, VersionBody[]> | null =>
  useQueries({
    queries: soupIds.map((id) => ({
      queryKey: keys.versions(id),
      queryFn: ({ signal }: { signal: AbortSignal }) =>
        ask<{ versions: VersionBody[]; unreadable?: number[] }>('GET', `/api/soups/${id}/versions`, undefined, signal),
    })),
    combine: useCallback(
      (results: readonly { isPending: boolean; data?: { versions: VersionBody[] } | undefined }[]) =>
        results.some(({ isPending }) => isPending)
          ? null
          : new Map(results.flatMap(({ data }, at) => (data ? [[soupIds[at] ?? '', data.versions] as const] : []))),
      [soupIds],
    ),
  });
/** Kept versions of other soups, each with its soup's title; those that are not there are left out. */
export const useOtherVersions = (others: readonly { soupId: string; number: number }[]) =>
  useQueries({
    queries: others.map(({ soupId, number }) => ({
      queryKey: ['version', soupId, number],
      queryFn: async ({ signal }: { signal: AbortSignal }) => {
        const [soup, version] = await Promise.all([
          ask<SoupSummary>('GET', `/api/soups/${soupId}`, undefined, signal),
          ask<VersionBody>('GET', `/api/soups/${soupId}/versions/${number}`, undefined, signal),
        ]);
        return { ...version, soupId, soupTitle: soup.title };
      },
    })),
    combine: (results) => results.flatMap(({ data }) => data ?? []),
  });
export const useSettings = () =>
  useQuery({ queryKey: keys.settings, queryFn: ({ signal }) => ask<Settings>('GET', '/api/settings', undefined, signal) });

export const useReading = (text: string, measures: Measures) =>
  useQuery({
    queryKey: ['reading', text, measures],
    queryFn: ({ signal }) => ask<ReadReply>('POST', '/api/read', { text, measures }, signal),
    enabled: text.trim() !== '',
    placeholderData: (last) => last,
    staleTime: Number.POSITIVE_INFINITY,
    refetchOnWindowFocus: false,
  });

export const usePhrases = () =>
  useQuery({
    queryKey: ['phrases'],
    queryFn: ({ signal }) => ask<{ phrases: PhraseBody[] }>('GET', '/api/phrases', undefined, signal).then(({ phrases }) => phrases),
  });

/** Teaches the words of a line, or forgets them with a food of null. What is read afterwards knows it. */
export function useTeach() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (taught: { text: string; foodId: string | null }) => ask<{ phrases: PhraseBody[] }>('PUT', '/api/phrases', taught),
    onSuccess: () => Promise.all([client.invalidateQueries({ queryKey: ['phrases'] }), client.invalidateQueries({ queryKey: ['reading'] })]),
  });
}

export const useFoodUses = (foodId: string) =>
  useQuery({
    queryKey: ['foodUses', foodId],
    queryFn: ({ signal }) =>
      ask<{ soups: FoodUse[] }>('GET', `/api/foods/${encodeURIComponent(foodId)}/uses`, undefined, signal).then(({ soups }) => soups),
    staleTime: 0,
  });

export const useFoodSearch = (query: string) =>
  useQuery({
    queryKey: ['foods', query],
    queryFn: ({ signal }) =>
      ask<{ foods: FoodHit[] }>('GET', `/api/foods?q=${encodeURIComponent(query)}&limit=12`, undefined, signal).then(({ foods }) => foods),
    enabled: query.trim().length > 1,
    placeholderData: (last) => last,
  });

export const saveDraft = (id: string, draft: DraftBody) => ask<DraftBody>('PUT', `/api/soups/${id}/draft`, draft);

/** A new soup, with the recipe as read kept as its first version: what everything later is compared with. */
export function useAddSoup() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: async ({ recipe, needs }: { recipe: Recipe; needs: Needs }) => {
      const soup = await ask<SoupSummary>('POST', '/api/soups', { title: recipe.title, recipe, needs });
      await ask('POST', `/api/soups/${soup.id}/versions`, { name: 'As read', reason: 'The recipe before any change.', recipe, needs });
      return soup;
    },
    onSuccess: () => client.invalidateQueries({ queryKey: keys.soups }),
  });
}

export function useKeepVersion(soupId: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (version: NewVersion) => ask<VersionBody>('POST', `/api/soups/${soupId}/versions`, version),
    onSuccess: () => Promise.all([keys.soups, keys.soup(soupId), keys.versions(soupId)].map((queryKey) => client.invalidateQueries({ queryKey }))),
  });
}

export const usePrices = () =>
  useQuery({
    queryKey: keys.prices,
    queryFn: ({ signal }) => ask<{ prices: Price[] }>('GET', '/api/prices', undefined, signal).then(({ prices }) => prices),
  });

/** The kitchen's prices in its currency; none while there are none. */
export function usePriceList(): PriceList | undefined {
  const { data: prices } = usePrices();
  const { data: settings } = useSettings();
  const currency = settings?.currency;
  return useMemo(() => (prices && prices.length > 0 && currency ? { currency, prices } : undefined), [prices, currency]);
}

/** A price, or null to forget it. */
export function useSavePrice() {
  const client = useQueryClient();
  return useMutation({
    scope: { id: 'prices' },
    mutationFn: ({ foodId, price }: { foodId: string; price: Omit<Price, 'foodId'> | null }) =>
      price ? ask('PUT', `/api/prices/${encodeURIComponent(foodId)}`, price) : ask('DELETE', `/api/prices/${encodeURIComponent(foodId)}`, {}),
    onSettled: () => client.invalidateQueries({ queryKey: keys.prices }),
  });
}

export const useKitchenPresets = () =>
  useQuery({
    queryKey: keys.presets,
    queryFn: ({ signal }) => ask<{ presets: KitchenPreset[] }>('GET', '/api/presets', undefined, signal).then(({ presets }) => presets),
  });

/** Without an id it is added; `drop` takes it away. */
export function useSavePreset() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ id, drop, ...preset }: Omit<KitchenPreset, 'id'> & { id?: string; drop?: boolean }) =>
      id === undefined ? ask('POST', '/api/presets', preset) : ask(drop ? 'DELETE' : 'PUT', `/api/presets/${id}`, drop ? {} : preset),
    onSettled: () => client.invalidateQueries({ queryKey: keys.presets }),
  });
}

export const useFlowTests = (soupId: string) =>
  useQuery({
    queryKey: keys.flowTests(soupId),
    queryFn: ({ signal }) =>
      ask<{ flowTests: FlowTest[] }>('GET', `/api/soups/${soupId}/flow-tests`, undefined, signal).then(({ flowTests }) => flowTests),
  });

export function useAddFlowTest(soupId: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (test: NewFlowTest) => ask<FlowTest>('POST', `/api/soups/${soupId}/flow-tests`, test),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.flowTests(soupId) }),
  });
}

export function useChangeSoup() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ id, ...changes }: { id: string; revision: number; title?: string; archived?: boolean }) =>
      ask<SoupSummary>('PATCH', `/api/soups/${id}`, changes),
    onSettled: (_soup, _error, { id }) =>
      Promise.all([client.invalidateQueries({ queryKey: keys.soups }), client.invalidateQueries({ queryKey: keys.soup(id) })]),
  });
}

/** Changes follow one another: each is made on what the last one left, and shown before it is saved. */
export function useSaveSettings() {
  const client = useQueryClient();
  const current = () => client.getQueryData<Settings>(keys.settings) as Settings;
  return useMutation({
    scope: { id: 'settings' },
    onMutate: async (changes: Partial<Settings>) => {
      const before = current();
      client.setQueryData(keys.settings, { ...before, ...changes });
      await client.cancelQueries({ queryKey: keys.settings });
      return before;
    },
    mutationFn: () => ask<Settings>('PUT', '/api/settings', current()),
    onSuccess: ({ revision }) => client.setQueryData(keys.settings, { ...current(), revision }),
    onError: (_error, changes, before) => {
      // What was asked goes back at once; what else was asked meanwhile stands.
      const back = Object.fromEntries(Object.keys(changes).map((key) => [key, before?.[key as keyof Settings]]));
      if (before) client.setQueryData(keys.settings, { ...current(), ...back });
      return client.invalidateQueries({ queryKey: keys.settings });
    },
  });
}
