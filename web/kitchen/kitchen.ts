/**
 * The kitchen of this page: the computing core with the food rows, fetched when first needed (it is most of what the browser has to
 * load), and the shelf as this kitchen has it: own foods, labels read, on the day it is. Another label read is another kitchen value, so
 * whatever names it is worked out anew.
 */
import { queryOptions, useMutation, useQuery, useQueryClient, useSuspenseQueries } from '@tanstack/react-query';
import { use, useEffect, useState, useSyncExternalStore } from 'react';
import type { OwnFoodBody, PinBody } from '../../contract/types.ts';
import { MARKETS, type Market, marketOf } from '../../core/food/market.ts';
import type { Shelf } from '../../core/food/shelf.ts';
import { kitchenDay } from '../../core/quantity/day.ts';
import { ask, LostServer } from '../api/client.ts';
import { useSettings } from '../api/queries.ts';

export type Core = typeof import('./coreBundle.ts');
/** The core's own functions, and the shelf they are given. */
export type Kitchen = Core & { shelf: Shelf; aside: readonly { id: string; name: string; why: string }[] };

let loading: Promise<Core> | null = null;
let arrived: Core | null = null;

function loadCore(): Promise<Core> {
  loading ??= import('./coreBundle.ts').then(
    (core) => {
      arrived = core;
      return core;
    },
    (error: unknown) => {
      loading = null;
      throw error;
    },
  );
  return loading;
}

/** What the server says; the copy kept in this browser when it does not answer. */
const fetchedOrKept =
  <T>(path: string, key: string, list: string) =>
  async ({ signal }: { signal: AbortSignal }): Promise<T[]> => {
    try {
      const reply = await ask<Record<string, T[]>>('GET', path, undefined, signal);
      const found = reply[list] ?? [];
      localStorage.setItem(key, JSON.stringify(found));
      return found;
    } catch (error) {
      const kept = error instanceof LostServer ? localStorage.getItem(key) : null;
      if (kept === null) throw error;
      return JSON.parse(kept);
    }
  };

const ownFoodsQuery = queryOptions({
  queryKey: ['ownFoods'],
  queryFn: fetchedOrKept<OwnFoodBody>('/api/own-foods', 'kind-ladle.own-foods', 'foods'),
  staleTime: 0,
});
const pinsQuery = queryOptions({ queryKey: ['pins'], queryFn: fetchedOrKept<PinBody>('/api/pins', 'kind-ladle.label-pins', 'pins'), staleTime: 0 });

export const useOwnFoods = () => useQuery(ownFoodsQuery);
export const usePins = () => useQuery(pinsQuery);

const MINUTE_MS = 60_000;
let asked = { minute: Number.NaN, day: '' };
/** Read off the calendar once a minute: every part of a screen asks, at every paint. */
const today = (): string => {
  const minute = Math.floor(Date.now() / MINUTE_MS);
  if (minute !== asked.minute) asked = { minute, day: kitchenDay(new Date(), Intl.DateTimeFormat().resolvedOptions().timeZone) };
  return asked.day;
};
/** Asked again every minute, so that a page left open over midnight looks at its labels on the new day. */
const everyMinute = (changed: () => void) => {
  const timer = setInterval(changed, MINUTE_MS);
  return () => clearInterval(timer);
};
/** The day it is in this kitchen. */
export const useToday = (): string => useSyncExternalStore(everyMinute, today);

let last: { parts: readonly unknown[]; kitchen: Kitchen } | null = null;

/** One value for one state of the kitchen, whoever asks for it. */
function kitchenOf(core: Core, foods: readonly OwnFoodBody[], pins: readonly PinBody[], day: string, market: Market | undefined): Kitchen {
  const parts = [core, foods, pins, day, market];
  if (last?.parts.every((part, at) => part === parts[at])) return last.kitchen;
  const { own, aside } = core.ownFoodsOf(foods, core.SHELF);
  const kitchen = { ...core, shelf: core.shelfWith(core.SHELF, { own, pins, day, market }), aside };
  last = { parts, kitchen };
  return kitchen;
}

const MARKET_KEY = 'kind-ladle.market';

/** Where this house buys; undefined where that is the base every kitchen starts from, so that its shelf stays one value. */
function useMarket(): Market | undefined {
  const { data } = useSettings();
  const said = data && marketOf(data);
  useEffect(() => {
    if (said) localStorage.setItem(MARKET_KEY, said);
  }, [said]);
  // Before the server has spoken, and while it is lost, as it was last time.
  const market = said ?? MARKETS.find((one) => one === localStorage.getItem(MARKET_KEY));
  return market === 'us' ? undefined : market;
}

/** Suspends until the core and what the kitchen has on its shelf are there. */
export function useKitchen(): Kitchen {
  const core = use(loadCore());
  const [{ data: foods }, { data: pins }] = useSuspenseQueries({ queries: [ownFoodsQuery, pinsQuery] });
  return kitchenOf(core, foods, pins, useToday(), useMarket());
}

/** The kitchen once it is there, null before; for screens that can be read without it. */
export function useKitchenSoon(): Kitchen | null {
  const [core, setCore] = useState(arrived);
  useEffect(() => {
    let wanted = true;
    loadCore().then(
      (loaded) => wanted && setCore(loaded),
      () => undefined,
    );
    return () => {
      wanted = false;
    };
  }, []);
  const { data: foods } = useOwnFoods();
  const { data: pins } = usePins();
  const day = useToday();
  const market = useMarket();
  return core && foods && pins ? kitchenOf(core, foods, pins, day, market) : null;
}

/** Adds an own food, or changes the one of the id. The shelf of this page has it when this is done. */
export function useSaveOwnFood() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (food: Omit<OwnFoodBody, 'updatedAt' | 'id' | 'revision'> & { id?: string; revision?: number }) =>
      food.id === undefined
        ? ask<OwnFoodBody>('POST', '/api/own-foods', food.entry)
        : ask<OwnFoodBody>('PUT', `/api/own-foods/${food.id}`, { entry: food.entry, retired: food.retired, revision: food.revision }),
    onSuccess: () => client.refetchQueries({ queryKey: ownFoodsQuery.queryKey }),
  });
}

export function useSavePin() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ foodId, ...pin }: Omit<PinBody, 'updatedAt'>) => ask<PinBody>('PUT', `/api/pins/${encodeURIComponent(foodId)}`, pin),
    onSuccess: () => client.refetchQueries({ queryKey: pinsQuery.queryKey }),
  });
}

export function useDropPin() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (foodId: string) => ask<{ pins: PinBody[] }>('DELETE', `/api/pins/${encodeURIComponent(foodId)}`, {}),
    onSuccess: () => client.refetchQueries({ queryKey: pinsQuery.queryKey }),
  });
}
