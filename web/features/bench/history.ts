/**
 * Undo survives a reload and a look at another screen: the steps of a soup are put into this tab's session store when it is left, and
 * taken out again when the same draft comes back. Another draft than the one that was left has another past.
 */
import { dequal } from 'dequal';
import type { DraftContent } from './merge.ts';
import { useBench } from './store.ts';

/** Steps kept each way; some 6 kB each, well below what a session store holds. */
const MOST_STEPS = 60;
const FORMAT = 1;

interface KeptHistory {
  format: typeof FORMAT;
  present: DraftContent;
  past: Partial<DraftContent>[];
  future: Partial<DraftContent>[];
}

const historyKey = (soupId: string) => `kind-ladle:undo:${soupId}`;
const plain = (content: DraftContent): unknown => JSON.parse(JSON.stringify({ recipe: content.recipe, needs: content.needs, notes: content.notes }));

export function keepHistory(soupId: string): void {
  const { soupId: onBench, recipe, needs, notes } = useBench.getState();
  if (onBench !== soupId) return;
  const { pastStates, futureStates } = useBench.temporal.getState();
  const kept: KeptHistory = {
    format: FORMAT,
    present: { recipe, needs, notes },
    past: pastStates.slice(-MOST_STEPS),
    future: futureStates.slice(-MOST_STEPS),
  };
  try {
    sessionStorage.setItem(historyKey(soupId), JSON.stringify(kept));
  } catch {
    // Too much for the store: undo begins anew, nothing else is lost.
    sessionStorage.removeItem(historyKey(soupId));
  }
}

/** Call when `content` has just been put on the bench. */
export function restoreHistory(soupId: string, content: DraftContent): void {
  try {
    const kept = JSON.parse(sessionStorage.getItem(historyKey(soupId)) ?? 'null') as KeptHistory | null;
    if (kept?.format !== FORMAT || !dequal(plain(kept.present), plain(content))) return;
    useBench.temporal.setState({ pastStates: kept.past, futureStates: kept.future });
  } catch {
    sessionStorage.removeItem(historyKey(soupId));
  }
}
