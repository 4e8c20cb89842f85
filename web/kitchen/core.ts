/** The computing core with the food rows, fetched when first needed: it is most of what the browser has to load. */
import { use, useEffect, useState } from 'react';

const load = () => import('./coreBundle.ts');
export type Core = Awaited<ReturnType<typeof load>>;
let loading: Promise<Core> | null = null;
let arrived: Core | null = null;

export function loadCore(): Promise<Core> {
  loading ??= load().then((core) => {
    arrived = core;
    return core;
  });
  return loading;
}

/** Suspends until the core is there. */
export const useCore = (): Core => use(loadCore());

/** The core once it is there, null before; for screens that can be read without it. */
export function useCoreSoon(): Core | null {
  const [core, setCore] = useState(arrived);
  useEffect(() => {
    let wanted = true;
    loadCore().then((loaded) => wanted && setCore(loaded));
    return () => {
      wanted = false;
    };
  }, []);
  return core;
}
