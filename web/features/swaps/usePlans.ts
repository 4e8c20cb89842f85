/**
 * 'Work it out for me': runs the search in a worker. Plans are shown as they are found, each the closest of all that are
 * left; Cancel ends the search and leaves what is there. A new question or a change of the soup ends the last.
 */
import { useCallback, useEffect, useRef, useState } from 'react';
import type { PriceList } from '../../../core/bowl/cost.ts';
import type { OnShelf } from '../../../core/food/shelf.ts';
import type { AdaptResult } from '../../../core/swap/adapt.ts';
import type { Needs } from '../../../core/swap/needs.ts';
import type { Plan } from '../../../core/swap/plan.ts';
import type { Recipe } from '../../../core/vocabulary/recipe.ts';
import type { WorkerReply } from '../../workers/adapt.worker.ts';

/** What was asked: a plan answers this soup and these needs and no other. */
interface Asked {
  recipe: Recipe;
  needs: Needs;
}

export type Search =
  | { state: 'idle' }
  | ((
      | { state: 'working'; plans: Plan[] }
      | { state: 'cancelled'; plans: Plan[] }
      | { state: 'done'; result: AdaptResult }
      | { state: 'failed'; message: string }
    ) &
      Asked);

/** Plans that can be looked at and taken, whatever the search is doing. */
export function plansOf(search: Search): readonly Plan[] {
  if (search.state === 'done') return search.result.plans;
  return search.state === 'working' || search.state === 'cancelled' ? search.plans : [];
}

export const PLAN_COUNTS = [3, 5, 10] as const;
const TIME_LIMIT_MS = 15_000;

export function usePlans() {
  const [search, setSearch] = useState<Search>({ state: 'idle' });
  const worker = useRef<Worker | null>(null);
  const asked = useRef(0);

  // A running search is not asked to stop: its worker is let go and a new one made when needed.
  const letGo = useCallback(() => {
    worker.current?.terminate();
    worker.current = null;
  }, []);
  const stop = useCallback(() => {
    asked.current += 1;
    setSearch((now) => {
      if (now.state === 'working') letGo();
      return { state: 'idle' };
    });
  }, [letGo]);
  const cancel = useCallback(() => {
    asked.current += 1;
    letGo();
    setSearch((now) => (now.state === 'working' ? { ...now, state: 'cancelled' } : now));
  }, [letGo]);
  useEffect(() => letGo, [letGo]);

  const start = useCallback((recipe: Recipe, needs: Needs, prices: PriceList | undefined, plans: number, kitchen: OnShelf) => {
    worker.current ??= new Worker(new URL('../../workers/adapt.worker.ts', import.meta.url), { type: 'module' });
    const id = ++asked.current;
    const asking = { recipe, needs };
    worker.current.onmessage = ({ data }: MessageEvent<WorkerReply>) => {
      if (data.id !== asked.current) return;
      if ('plan' in data) setSearch((now) => (now.state === 'working' ? { ...now, plans: [...now.plans, data.plan] } : now));
      else setSearch('result' in data ? { state: 'done', result: data.result, ...asking } : { state: 'failed', message: data.failure, ...asking });
    };
    worker.current.onerror = () => {
      worker.current = null;
      setSearch({ state: 'failed', message: 'The search could not be started.', ...asking });
    };
    setSearch({ state: 'working', plans: [], ...asking });
    worker.current.postMessage({ id, request: { recipe, needs, prices, plans, timeLimitMs: TIME_LIMIT_MS }, kitchen });
  }, []);

  return { search, start, stop, cancel };
}
