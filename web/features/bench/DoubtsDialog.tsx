import type { Doubt } from '../../../core/reading/doubts.ts';
import { Dialog } from '../../ui/dialog.tsx';
import { useBench } from './store.ts';

interface Props {
  doubts: readonly Doubt[];
  open: boolean;
  onOpenChange: (open: boolean) => void;
}

/** What this soup still leaves open, by consequence; each leads to its line. */
export function DoubtsDialog({ doubts, open, onOpenChange }: Props) {
  const go = (lineId: string) => {
    onOpenChange(false);
    useBench.getState().select(lineId);
    // When the dialog is gone and has given its focus back.
    setTimeout(() => document.querySelector<HTMLElement>('[data-line] [aria-pressed="true"]')?.focus(), 50);
  };
  return (
    <Dialog open={open} onOpenChange={onOpenChange} title="Doubts">
      {doubts.length === 0 && <p>Nothing is open: every line has a food and an amount, and the steps name them all.</p>}
      <ul className="flex flex-col gap-2">
        {doubts.map(({ code, lineId, message }) => (
          <li key={`${code}-${lineId ?? message}`} className="flex items-start justify-between gap-3 rounded-lg border border-line px-3 py-2">
            <p>{message}</p>
            {lineId !== null && (
              <button type="button" className="min-h-6 shrink-0 underline" onClick={() => go(lineId)}>
                to the line
              </button>
            )}
          </li>
        ))}
      </ul>
    </Dialog>
  );
}
