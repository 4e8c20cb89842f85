import { useEffect, useSyncExternalStore } from 'react';

const EVERY_MS = 500;
const listeners = new Set<() => void>();
let worker: Worker | null = null;
let now = Date.now();

function tick() {
  now = Date.now();
  for (const listener of listeners) listener();
}

/** A clock that goes on while the page is hidden. */
const subscribe = (listener: () => void) => {
  listeners.add(listener);
  if (!worker) {
    worker = new Worker(new URL('../../workers/tick.worker.ts', import.meta.url), { type: 'module' });
    worker.onmessage = tick;
    worker.postMessage(EVERY_MS);
  }
  return () => {
    listeners.delete(listener);
    if (listeners.size > 0) return;
    worker?.terminate();
    worker = null;
  };
};

/** Milliseconds, twice a second. */
export const useClock = (): number => useSyncExternalStore(subscribe, () => now);

/** Keeps the screen from going dark while it is open; where the browser knows how. */
export function useWake(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | null = null;
    const hold = () => {
      if (document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return;
      navigator.wakeLock.request('screen').then(
        (held) => {
          lock = held;
        },
        () => undefined,
      );
    };
    hold();
    document.addEventListener('visibilitychange', hold);
    return () => {
      document.removeEventListener('visibilitychange', hold);
      void lock?.release();
    };
  }, []);
}
