/** The schools of one soup as they are worked out, family by family; begun anew whenever what is asked is another value. */
import { useEffect, useState } from 'react';
import type { Housed } from '../../../core/school/schools.ts';
import type { FamilyRow, Measured } from '../../../core/school/types.ts';
import type { SchoolsAsked, SchoolsTold } from '../../workers/school.worker.ts';

export interface Schools {
  families: readonly FamilyRow[];
  asIs: Measured | null;
  housed: Housed | null;
  failure: string | null;
}

const NOTHING: Schools = { families: [], asIs: null, housed: null, failure: null };

export function useSchools(asked: SchoolsAsked): Schools {
  const [told, setTold] = useState(NOTHING);
  useEffect(() => {
    setTold(NOTHING);
    const worker = new Worker(new URL('../../workers/school.worker.ts', import.meta.url), { type: 'module' });
    worker.onmessage = ({ data }: MessageEvent<SchoolsTold>) =>
      setTold((now) => {
        if ('family' in data) return { ...now, families: [...now.families, data.family] };
        return 'failure' in data ? { ...now, failure: data.failure } : { ...now, asIs: data.asIs, housed: data.housed };
      });
    worker.onerror = () => setTold({ ...NOTHING, failure: 'It could not be worked out: open the screen again.' });
    worker.postMessage(asked);
    return () => worker.terminate();
  }, [asked]);
  return told;
}
