/**
 * Autosave: every change goes at once to this browser's own store, and shortly after to the server under the revision
 * it was made on. A lost server is tried again; a save by someone else in between is merged; nothing typed is lost.
 */
import { useCallback, useEffect, useRef, useState } from 'react';
import type { DraftBody } from '../../../contract/types.ts';
import { ApiProblem } from '../../api/client.ts';
import { saveDraft } from '../../api/queries.ts';
import { type Conflict, type DraftContent, mergeDrafts } from './merge.ts';
import { useBench } from './store.ts';

const SAVE_AFTER_MS = 500;
const TRY_AGAIN_MS = 2500;
const FORMAT = 1;

interface Backup {
  format: typeof FORMAT;
  content: DraftContent;
  base: DraftBody;
}

const key = (soupId: string) => `kind-ladle:draft:${soupId}`;

function readBackup(soupId: string): Backup | null {
  try {
    const backup = JSON.parse(localStorage.getItem(key(soupId)) ?? 'null') as Backup | null;
    return backup?.format === FORMAT ? backup : null;
  } catch {
    return null;
  }
}

export type SaveState = 'saved' | 'saving' | 'offline' | 'conflict';

export interface Clash {
  conflicts: Conflict[];
  mine: DraftContent;
  theirs: DraftBody;
}

export interface Autosave {
  state: SaveState;
  clash: Clash | null;
  /** Settles a clash: my side is on the bench already; theirs goes there on request, mine stays in undo. */
  settle: (side: 'mine' | 'theirs') => void;
}

const contentOf = ({ recipe, needs, notes }: DraftContent): DraftContent => ({ recipe, needs, ...(notes ? { notes } : {}) });
/** As the server takes it: without a key that holds nothing. */
const sentOf = ({ notes, ...rest }: DraftContent) => ({ ...rest, ...(notes && Object.keys(notes).length > 0 ? { notes } : {}) });

export function useAutosave(soupId: string, draft: DraftBody | undefined): Autosave {
  const base = useRef<DraftBody | null>(null);
  const timer = useRef<ReturnType<typeof setTimeout> | null>(null);
  const busy = useRef(false);
  const [state, setState] = useState<SaveState>('saved');
  const [clash, setClash] = useState<Clash | null>(null);
  const channel = useRef<BroadcastChannel | null>(null);

  const isDirty = useCallback(() => {
    const { recipe, needs, notes } = useBench.getState();
    return base.current !== null && (recipe !== base.current.recipe || needs !== base.current.needs || notes !== base.current.notes);
  }, []);

  const meet = useCallback((theirs: DraftBody) => {
    const mine = contentOf(useBench.getState());
    const { merged, conflicts } = mergeDrafts(contentOf(base.current as DraftBody), mine, contentOf(theirs));
    base.current = theirs;
    useBench.getState().takeMerged(merged);
    if (conflicts.length > 0) {
      setClash({ conflicts, mine, theirs });
      setState('conflict');
      return false;
    }
    return true;
  }, []);

  const save = useCallback(async () => {
    if (busy.current || !base.current || !isDirty()) return;
    busy.current = true;
    setState('saving');
    const sent = contentOf(useBench.getState());
    let again: number | null = null;
    try {
      const saved = await saveDraft(soupId, { ...sentOf(sent), basedOn: base.current.basedOn, revision: base.current.revision });
      const { notes, ...rest } = sent;
      base.current = { ...saved, ...rest, ...(notes ? { notes } : {}) };
      if (isDirty()) again = SAVE_AFTER_MS;
      else localStorage.removeItem(key(soupId));
      setState('saved');
      channel.current?.postMessage(saved.revision);
    } catch (error) {
      if (error instanceof ApiProblem && error.problem.code === 'revision.stale') {
        if (meet(error.problem.current as DraftBody)) again = 0;
      } else {
        setState('offline');
        again = TRY_AGAIN_MS;
      }
    }
    busy.current = false;
    if (again !== null) timer.current = setTimeout(save, again);
  }, [soupId, meet, isDirty]);

  // Opens the draft: this browser's own unsaved work first, joined with what the server has.
  useEffect(() => {
    if (!draft || base.current) return;
    const backup = readBackup(soupId);
    base.current = backup ? backup.base : draft;
    useBench.getState().open(soupId, contentOf(backup ? backup.content : draft));
    if (backup && backup.base.revision !== draft.revision) meet(draft);
    if (backup) void save();
  }, [soupId, draft, meet, save]);

  useEffect(
    () =>
      useBench.subscribe((now, before) => {
        if (now.soupId !== soupId || !base.current || (now.recipe === before.recipe && now.needs === before.needs && now.notes === before.notes))
          return;
        if (!isDirty()) return;
        localStorage.setItem(key(soupId), JSON.stringify({ format: FORMAT, content: contentOf(now), base: base.current } satisfies Backup));
        if (timer.current) clearTimeout(timer.current);
        timer.current = setTimeout(save, SAVE_AFTER_MS);
      }),
    [soupId, save, isDirty],
  );

  // Another tab saved: an idle bench takes its work; a busy one meets it at its own next save.
  useEffect(() => {
    const opened = new BroadcastChannel(key(soupId));
    channel.current = opened;
    opened.onmessage = async () => {
      if (isDirty()) return;
      const response = await fetch(`/api/soups/${soupId}/draft`).catch(() => null);
      if (!response?.ok || isDirty()) return;
      const theirs = (await response.json()) as DraftBody;
      base.current = theirs;
      useBench.getState().takeMerged(contentOf(theirs));
    };
    return () => {
      opened.close();
      if (timer.current) clearTimeout(timer.current);
    };
  }, [soupId, isDirty]);

  const settle = (side: 'mine' | 'theirs') => {
    if (clash && side === 'theirs') useBench.getState().takeMerged(contentOf(clash.theirs));
    setClash(null);
    setState('saved');
    if (isDirty()) void save();
  };
  return { state, clash, settle };
}
