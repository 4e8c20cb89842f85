import { CloudOff, CloudUpload } from 'lucide-react';
import { Button } from '../../ui/button.tsx';
import { Notice } from '../../ui/state.tsx';
import type { BatchLive } from './useBatchLive.ts';

/** Whether what was written is with the server; what it did not take stands here until somebody lets it go. */
export function Kept({ live: { state, waiting, refused, letGo } }: { live: BatchLive }) {
  return (
    <>
      <p role="status" className="flex items-center gap-1.5 text-sm text-kale-soft">
        {state === 'offline' && (
          <>
            <CloudOff size={16} aria-hidden /> the server does not answer: {waiting} {waiting === 1 ? 'entry is' : 'entries are'} kept in this
            browser, tried again
          </>
        )}
        {state === 'sending' && (
          <>
            <CloudUpload size={16} aria-hidden /> writing ...
          </>
        )}
        {state === 'clean' && 'all written down'}
      </p>
      {refused.map(({ entry, why }) => (
        <Notice key={entry.id} tone="breaks">
          Not taken by the server: {entry.kind}. {why}{' '}
          <Button kind="chip" onClick={() => letGo(entry.id)}>
            Let it go
          </Button>
        </Notice>
      ))}
    </>
  );
}
