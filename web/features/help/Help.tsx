import { CircleHelp } from 'lucide-react';
import { lazy, Suspense } from 'react';
import { useLetter } from '../../kitchen/letterKeys.ts';
import { useHelp, useWalk } from './store.ts';

const HelpDialog = lazy(async () => ({ default: (await import('./HelpDialog.tsx')).HelpDialog }));
const Walk = lazy(async () => ({ default: (await import('./Walk.tsx')).Walk }));

/** The way to help from every screen: its sign in the head, and '?'. What it shows comes when it is asked for. */
export function Help() {
  const { open, setOpen } = useHelp();
  const isWalking = useWalk(({ at }) => at !== null);
  useLetter('?', () => setOpen(true), { enabled: !open, byCharacter: true });
  return (
    <>
      <button
        type="button"
        aria-label="Help: keys and words"
        className="ml-auto inline-flex min-h-7 min-w-7 shrink-0 items-center justify-center rounded text-oat hover:bg-kale-soft"
        onClick={() => setOpen(true)}
      >
        <CircleHelp size={18} aria-hidden />
      </button>
      <Suspense>
        {open && <HelpDialog />}
        {isWalking && <Walk />}
      </Suspense>
    </>
  );
}
