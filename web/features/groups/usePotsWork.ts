/** The fewest pots worked out in a worker of their own, with news of how far it is, and to be given up. */
import { useCallback, useEffect, useRef, useState } from 'react';
import type { PotsProgress, PotsReply } from '../../../core/group/types.ts';
import type { PotsAsked, PotsTold } from '../../workers/pots.worker.ts';

/** Nobody waits for it any more. */
export class GivenUp extends Error {}

export interface PotsWork {
  progress: PotsProgress | null;
  /** One question at a time: another one gives up the first. Rejects with `GivenUp` where it was. */
  ask: (asked: PotsAsked) => Promise<PotsReply>;
  giveUp: () => void;
}

export function usePotsWork(): PotsWork {
  const [progress, setProgress] = useState<PotsProgress | null>(null);
  const stop = useRef<() => void>(() => undefined);
  const giveUp = useCallback(() => stop.current(), []);
  const ask = useCallback((asked: PotsAsked) => {
    stop.current();
    return new Promise<PotsReply>((done, failed) => {
      const worker = new Worker(new URL('../../workers/pots.worker.ts', import.meta.url), { type: 'module' });
      const over = (end: () => void) => {
        worker.terminate();
        stop.current = () => undefined;
        setProgress(null);
        end();
      };
      stop.current = () => over(() => failed(new GivenUp('The pots were given up.')));
      worker.onmessage = ({ data }: MessageEvent<PotsTold>) => {
        if ('progress' in data) setProgress(data.progress);
        else if ('reply' in data) over(() => done(data.reply));
        else over(() => failed(new Error(data.failure)));
      };
      worker.onerror = () => over(() => failed(new Error('The pots could not be worked out: open the screen again.')));
      setProgress({ phase: 'alone', asked: 0 });
      worker.postMessage(asked);
    });
  }, []);
  // Who leaves the screen waits no more.
  useEffect(() => () => stop.current(), []);
  return { progress, ask, giveUp };
}

export function progressWords({ phase, asked, of }: PotsProgress): string {
  if (phase === 'parting') return 'Looking how late they can part ...';
  return phase === 'alone'
    ? `Asking what each needs by itself${of ? `, ${Math.min(asked + 1, of)} of ${of}` : ''} ...`
    : `Asking who can eat from one pot, ${asked + 1} ${asked === 0 ? 'question' : 'questions'} so far ...`;
}
