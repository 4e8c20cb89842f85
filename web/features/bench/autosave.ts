/** Autosave of the soup on the bench: subscribes to its keeper and hands it every edit. The keeper does the rest. */
import { useEffect, useState, useSyncExternalStore } from 'react';
import type { DraftBody } from '../../../contract/types.ts';
import { ApiProblem, ask } from '../../api/client.ts';
import { saveDraft } from '../../api/queries.ts';
import { type Clash, DraftKeeper, type KeeperState, type Ports } from './draftKeeper.ts';
import { keepHistory, restoreHistory } from './history.ts';
import type { DraftContent } from './merge.ts';
import { useBench } from './store.ts';

export interface Autosave {
  /** The draft of this soup is on the bench; what lay there before is gone. */
  opened: boolean;
  state: KeeperState;
  clash: Clash | null;
  why: string | null;
  settle: (side: 'mine' | 'theirs') => void;
}

const channel = new BroadcastChannel('kind-ladle:drafts');
channel.onmessage = ({ data }: MessageEvent<string>) => void keepers.get(data)?.otherTabSaved();

const ports: Ports = {
  async save(soupId, draft) {
    try {
      return { kind: 'saved', draft: await saveDraft(soupId, draft) };
    } catch (error) {
      if (!(error instanceof ApiProblem)) return { kind: 'lost' };
      const { code, status, detail, current } = error.problem;
      if (code === 'revision.stale') return { kind: 'stale', current: current as DraftBody };
      return status >= 500 ? { kind: 'lost' } : { kind: 'refused', why: detail };
    }
  },
  fetch: (soupId) => ask<DraftBody>('GET', `/api/soups/${soupId}/draft`).catch(() => null),
  store: {
    read: (key) => localStorage.getItem(key),
    write: (key, value) => {
      try {
        localStorage.setItem(key, value);
      } catch {
        // A full store loses the copy only: the server still gets the draft.
      }
    },
    remove: (key) => localStorage.removeItem(key),
  },
  later: (work, ms) => {
    const timer = setTimeout(work, ms);
    return () => clearTimeout(timer);
  },
  announce: (soupId) => channel.postMessage(soupId),
};

/** Keepers of this page by soup. One that still has work when its soup is left stays until it is done, and is found again. */
const keepers = new Map<string, DraftKeeper>();

function keeperOf(soupId: string, draft: DraftBody): DraftKeeper {
  const known = keepers.get(soupId);
  if (known && (known.isDirty || known.state !== 'clean')) return known;
  const keeper = new DraftKeeper(soupId, draft, ports);
  keepers.set(soupId, keeper);
  return keeper;
}

const CLEAN: Pick<Autosave, 'state' | 'clash' | 'why'> = { state: 'clean', clash: null, why: null };

/** Opens the draft on the bench once it is there. A soup that is left is saved at once. */
export function useAutosave(soupId: string, draft: DraftBody | undefined): Autosave {
  const [keeper, setKeeper] = useState<DraftKeeper | null>(null);
  const [opened, setOpened] = useState(false);
  // Only the first draft opens the bench: later ones are the query's own business.
  useEffect(() => {
    if (draft) setKeeper((now) => now ?? keeperOf(soupId, draft));
  }, [soupId, draft]);

  useEffect(() => {
    if (!keeper) return;
    const bench = useBench.getState();
    const show = (content: DraftContent) => useBench.getState().takeMerged(content);
    keeper.attach(show);
    bench.open(soupId, keeper.content);
    restoreHistory(soupId, keeper.content);
    const hidden = () => keepHistory(soupId);
    window.addEventListener('pagehide', hidden);
    setOpened(true);
    const stop = useBench.subscribe((now) => {
      if (now.soupId === soupId) keeper.edited(now);
    });
    return () => {
      stop();
      window.removeEventListener('pagehide', hidden);
      keepHistory(soupId);
      keeper.leave();
    };
  }, [soupId, keeper]);

  const snapshot = useSyncExternalStore(
    (changed) => keeper?.subscribe(changed) ?? (() => undefined),
    () => (keeper ? `${keeper.state} ${keeper.clash !== null}` : ''),
  );
  const { state, clash, why } = keeper && snapshot ? keeper : CLEAN;
  return { opened, state, clash, why, settle: (side) => keeper?.settle(side) };
}
