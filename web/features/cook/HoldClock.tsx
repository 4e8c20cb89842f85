import { useMemo } from 'react';
import type { Kitchen } from '../../kitchen/kitchen.ts';
import { Notice } from '../../ui/state.tsx';
import type { BowlNow } from './bowlNow.ts';
import type { BatchLive } from './useBatchLive.ts';
import { useClock } from './useClock.ts';

interface Props {
  at: number;
  live: BatchLive;
  now: BowlNow;
  core: Kitchen;
}

const MS = 60_000;

/** While the soup waits off the heat or on low: since when, how long, and what that asks for. */
export function HoldClock({
  at,
  live: { entries },
  now: {
    recipe,
    analysis: { regime },
  },
  core,
}: Props) {
  const clock = useClock();
  const doneAt = useMemo(
    () => new Map(core.ofKind(core.standing(entries), 'step').map(({ stepId, at: when }) => [stepId, Date.parse(when)])),
    [core, entries],
  );
  const waiting = useMemo(() => core.waitingAt(recipe, at, doneAt), [core, recipe, at, doneAt]);
  if (!waiting) return null;
  const minutes = Math.max(0, Math.floor((clock - waiting.since) / MS));
  const { isLong, message } = core.holdWords(waiting, minutes, regime);
  return (
    <Notice tone={isLong ? 'breaks' : 'check'}>
      <strong>
        {waiting.kind === 'low' ? 'On low since' : 'Off the heat since'}{' '}
        {new Date(waiting.since).toLocaleTimeString(undefined, { hour: '2-digit', minute: '2-digit' })}.
      </strong>{' '}
      {message}
    </Notice>
  );
}
