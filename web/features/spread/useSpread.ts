/** A spread looked at in a worker of its own: progress, cancel, what is shown of it, and a point written out as a soup. */
import { useCallback, useEffect, useRef, useState } from 'react';
import type { OnShelf } from '../../../core/food/shelf.ts';
import type { SpreadFilter } from '../../../core/spread/filter.ts';
import type { SpreadRequest } from '../../../core/spread/spread.ts';
import type { Written } from '../../../core/spread/write.ts';
import type { Looked, SpreadAsk, SpreadReply, View } from '../../workers/spread.worker.ts';

export type Looking =
  | { state: 'working'; share: number }
  | { state: 'cancelled' }
  | { state: 'failed'; message: string }
  | { state: 'done'; looked: Looked };

export interface Seen {
  looking: Looking;
  view: View | null;
  /** The filter that the view answers. */
  cancel: () => void;
  again: () => void;
  write: (point: number) => Promise<Written>;
}

/** Begun anew whenever what is asked is another value; the filter is asked of what was looked at. */
export function useSpread(asked: { request: SpreadRequest; kitchen: OnShelf }, filter: SpreadFilter): Seen {
  const [looking, setLooking] = useState<Looking>({ state: 'working', share: 0 });
  const [view, setView] = useState<View | null>(null);
  const [turn, setTurn] = useState(0);
  const worker = useRef<Worker | null>(null);
  const asking = useRef(0);
  const waiting = useRef(new Map<number, { done: (written: Written) => void; failed: (error: Error) => void }>());

  const post = useCallback((ask: (id: number) => SpreadAsk): number => {
    asking.current += 1;
    worker.current?.postMessage(ask(asking.current));
    return asking.current;
  }, []);

  // biome-ignore lint/correctness/useExhaustiveDependencies: asked again by the turn
  useEffect(() => {
    setLooking({ state: 'working', share: 0 });
    setView(null);
    const own = new Worker(new URL('../../workers/spread.worker.ts', import.meta.url), { type: 'module' });
    worker.current = own;
    own.onmessage = ({ data }: MessageEvent<SpreadReply>) => {
      if ('share' in data) setLooking({ state: 'working', share: data.share });
      else if ('looked' in data) setLooking({ state: 'done', looked: data.looked });
      else if ('view' in data) setView(data.view);
      else if ('written' in data) waiting.current.get(data.id)?.done(data.written);
      else {
        waiting.current.get(data.id)?.failed(new Error(data.failure));
        if (!waiting.current.has(data.id)) setLooking({ state: 'failed', message: data.failure });
      }
    };
    own.onerror = () => setLooking({ state: 'failed', message: 'It could not be looked at: open the screen again.' });
    post((id) => ({ ask: 'look', id, request: asked.request, kitchen: asked.kitchen }));
    return () => {
      own.terminate();
      worker.current = null;
    };
  }, [asked, post, turn]);

  const isDone = looking.state === 'done';
  useEffect(() => {
    if (isDone) post((id) => ({ ask: 'view', id, filter }));
  }, [isDone, filter, post]);

  const cancel = useCallback(() => {
    worker.current?.terminate();
    worker.current = null;
    setLooking({ state: 'cancelled' });
  }, []);
  const again = useCallback(() => setTurn((now) => now + 1), []);
  const write = useCallback(
    (point: number) =>
      new Promise<Written>((done, failed) => {
        const id = post((own) => ({ ask: 'write', id: own, point }));
        waiting.current.set(id, { done, failed });
      }),
    [post],
  );
  return { looking, view, cancel, again, write };
}
