/** 'Work it out for me': runs the search in a worker; a new question, a change of the soup or Cancel ends the last. */
import { useCallback, useEffect, useRef, useState } from 'react';
import type { Recipe } from '../../../core/recipe.ts';
import type { AdaptResult } from '../../../core/swap/adapt.ts';
import type { Needs } from '../../../core/swap/needs.ts';
import type { WorkerReply } from '../../workers/adapt.worker.ts';

export type Search = { state: 'idle' } | { state: 'working' } | { state: 'done'; result: AdaptResult } | { state: 'failed'; message: string };

const PLANS = 5;
const TIME_LIMIT_MS = 15_000;

export function usePlans() {
  const [search, setSearch] = useState<Search>({ state: 'idle' });
  const worker = useRef<Worker | null>(null);
  const asked = useRef(0);

  const stop = useCallback(() => {
    asked.current += 1;
    setSearch((now) => {
      // A running search is not asked to stop: its worker is let go and a new one made when needed.
      if (now.state === 'working') {
        worker.current?.terminate();
        worker.current = null;
      }
      return { state: 'idle' };
    });
  }, []);
  useEffect(() => () => worker.current?.terminate(), []);

  const start = useCallback((recipe: Recipe, needs: Needs) => {
    worker.current ??= new Worker(new URL('../../workers/adapt.worker.ts', import.meta.url), { type: 'module' });
    const id = ++asked.current;
    worker.current.onmessage = ({ data }: MessageEvent<WorkerReply>) => {
      if (data.id !== asked.current) return;
      setSearch('result' in data ? { state: 'done', result: data.result } : { state: 'failed', message: data.failure });
    };
    worker.current.onerror = () => {
      worker.current = null;
      setSearch({ state: 'failed', message: 'The search could not be started.' });
    };
    setSearch({ state: 'working' });
    worker.current.postMessage({ id, request: { recipe, needs, plans: PLANS, timeLimitMs: TIME_LIMIT_MS } });
  }, []);

  return { search, start, stop };
}
