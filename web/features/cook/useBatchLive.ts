/** A batch as it stands here: what the server has, what is still on its way, and what other cooks write meanwhile. */
import { useQueryClient } from '@tanstack/react-query';
import { get, set } from 'idb-keyval';
import { useCallback, useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import type { BatchBody } from '../../../contract/types.ts';
import type { Entry } from '../../../core/batch/entry.ts';
import { ApiProblem, ask } from '../../api/client.ts';
import { batchKey, useBatch } from '../../api/cook.ts';
import { EntryKeeper, type EntryPorts, type EntryState } from './entryKeeper.ts';

/** An entry without what every entry has. */
export type NewEntry = Entry extends infer E ? (E extends Entry ? Omit<E, 'id' | 'at' | 'by'> : never) : never;

const queueKey = (batchId: string) => `kind-ladle:entries:${batchId}`;
const bodyKey = (batchId: string) => `kind-ladle:batch:${batchId}`;

const ports: EntryPorts = {
  async send(batchId, entries) {
    try {
      await ask('POST', `/api/batches/${batchId}/entries`, { entries });
      return { kind: 'kept' };
    } catch (error) {
      if (!(error instanceof ApiProblem) || error.problem.status >= 500) return { kind: 'lost' };
      return { kind: 'refused', why: error.problem.detail };
    }
  },
  store: {
    read: async (batchId) => (await get<Entry[]>(queueKey(batchId))) ?? [],
    write: (batchId, entries) => set(queueKey(batchId), entries),
  },
  later: (work, ms) => {
    const timer = setTimeout(work, ms);
    return () => clearTimeout(timer);
  },
};

const keepers = new Map<string, EntryKeeper>();
function keeperOf(batchId: string): EntryKeeper {
  const known = keepers.get(batchId);
  if (known) return known;
  const keeper = new EntryKeeper(batchId, ports);
  keepers.set(batchId, keeper);
  void keeper.open();
  return keeper;
}

export interface BatchLive {
  batch: BatchBody;
  /** Those of the server and those on their way, once each. */
  entries: readonly Entry[];
  state: EntryState;
  /** How many the server has not yet. */
  waiting: number;
  refused: EntryKeeper['refused'];
  write: (...entries: NewEntry[]) => Entry[];
  letGo: (id: string) => void;
}

/** Null while it is fetched, an error where there is none to be had. */
export function useBatchLive(batchId: string): BatchLive | Error | null {
  const client = useQueryClient();
  const { data, error } = useBatch(batchId);
  const [copy, setCopy] = useState<BatchBody | null>(null);
  const keeper = keeperOf(batchId);
  const subscribe = useCallback((changed: () => void) => keeper.subscribe(changed), [keeper]);
  const queue = useSyncExternalStore(subscribe, () => keeper.queue);
  const state = useSyncExternalStore(subscribe, () => keeper.state);
  const refused = useSyncExternalStore(subscribe, () => keeper.refused);

  // A page that is opened while the server is away goes on with what this browser saw last.
  useEffect(() => {
    if (data) void set(bodyKey(batchId), data).catch(() => undefined);
    else if (error)
      get<BatchBody>(bodyKey(batchId)).then(
        (kept) => setCopy(kept ?? null),
        () => undefined,
      );
  }, [batchId, data, error]);

  useEffect(() => {
    const source = new EventSource(`/api/batches/${batchId}/stream`);
    source.addEventListener('entries', ({ data: text }: MessageEvent<string>) => {
      const { entries } = JSON.parse(text) as { entries: Entry[] };
      client.setQueryData<BatchBody>(batchKey(batchId), (before) => {
        if (!before) return before;
        const known = new Set(before.entries.map(({ id }) => id));
        const fresh = entries.filter(({ id }) => !known.has(id));
        return fresh.length === 0 ? before : { ...before, entries: [...before.entries, ...fresh], revision: before.revision + fresh.length };
      });
    });
    // The line is open again: whatever waited can go.
    source.onopen = () => keeper.tryNow();
    const back = () => keeper.tryNow();
    window.addEventListener('online', back);
    return () => {
      source.close();
      window.removeEventListener('online', back);
    };
  }, [batchId, client, keeper]);

  const batch = data ?? copy;
  const entries = useMemo(() => {
    const known = new Set(batch?.entries.map(({ id }) => id));
    return batch ? [...batch.entries, ...queue.filter(({ id }) => !known.has(id))] : [];
  }, [batch, queue]);
  const write = useCallback(
    (...fresh: NewEntry[]) => {
      const at = new Date().toISOString();
      const written = fresh.map((entry) => ({ ...entry, id: crypto.randomUUID(), at }) as Entry);
      keeper.add(...written);
      return written;
    },
    [keeper],
  );
  const letGo = useCallback((id: string) => keeper.letGo(id), [keeper]);
  if (!batch) return error ?? null;
  return { batch, entries, state, waiting: queue.length, refused, write, letGo };
}
