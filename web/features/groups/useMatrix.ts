import { useEffect, useState } from 'react';
import type { MatrixAsked, MatrixReply } from '../../workers/matrix.worker.ts';

/** The rows as far as they are worked out; begun anew whenever what is asked is another value. */
export function useMatrix(asked: MatrixAsked): ReadonlyMap<string, MatrixReply> {
  const [done, setDone] = useState<ReadonlyMap<string, MatrixReply>>(new Map());
  useEffect(() => {
    setDone(new Map());
    if (asked.rows.length === 0) return;
    const worker = new Worker(new URL('../../workers/matrix.worker.ts', import.meta.url), { type: 'module' });
    worker.onmessage = ({ data }: MessageEvent<MatrixReply>) => setDone((now) => new Map(now).set(data.key, data));
    worker.onerror = () =>
      setDone(new Map(asked.rows.map(({ key }) => [key, { key, failure: 'It could not be worked out: open the screen again.' }] as const)));
    worker.postMessage(asked);
    return () => worker.terminate();
  }, [asked]);
  return done;
}
