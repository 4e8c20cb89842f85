import { pressed, useLetterKeys } from '../../kitchen/letterKeys.ts';
import { Dialog } from '../../ui/dialog.tsx';

const KEYS: readonly (readonly [key: string, does: string])[] = [
  ['↑ ↓', 'line up, line down'],
  ['Enter', 'edit the amount of the line; Enter keeps it, Escape leaves it'],
  ['Delete', 'take the line out'],
];
/** Those that are one letter, figure or sign. */
const LETTERS: readonly (readonly [key: string, does: string])[] = [
  ['s', 'to the swaps'],
  ['1 to 9', 'use that swap, or take that plan'],
  ['w', 'work it out for me; Escape goes back'],
  ['n', 'add a need'],
  ['m', 'the method, to read and to reword'],
  ['u', 'undo'],
  ['Shift + u', 'redo'],
  ['k', 'keep as version'],
  ['?', 'this list'],
];

export function KeysDialog({ open, onOpenChange }: { open: boolean; onOpenChange: (open: boolean) => void }) {
  const { mode } = useLetterKeys();
  const keys = [...KEYS, ...(mode === 'off' ? [] : LETTERS.map(([key, does]) => [pressed(mode, key), does] as const))];
  return (
    <Dialog open={open} onOpenChange={onOpenChange} title="Keys on the bench">
      <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
        {keys.map(([key, does]) => (
          <div key={key} className="contents">
            <dt>
              <kbd className="rounded border border-line bg-oat px-1.5">{key}</kbd>
            </dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
      <p className="mt-3 text-sm text-kale-soft">
        {mode === 'off' ? 'Keys of one letter are off. ' : ''}Settings say whether letters and figures work by themselves, with Alt, or not at all.
      </p>
    </Dialog>
  );
}
