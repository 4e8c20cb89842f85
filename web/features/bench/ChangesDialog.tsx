import { differenceOf } from '../../../core/analysis/diff.ts';
import { Button } from '../../ui/button.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { Input } from '../../ui/field.tsx';
import { changedLineId, Difference, lineChangeText } from './Difference.tsx';
import { useBench } from './store.ts';
import { type BenchView, lineName } from './view.ts';

/** Every change since the original with room for a word on it, and the whole difference. */
export function ChangesDialog({ view, open, onOpenChange }: { view: BenchView; open: boolean; onOpenChange: (open: boolean) => void }) {
  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      wide
      title="What changed and why"
      description="Notes are saved with the draft and kept with the version."
    >
      {open && <Changes view={view} onDone={() => onOpenChange(false)} />}
    </Dialog>
  );
}

function Changes({ view, onDone }: { view: BenchView; onDone: () => void }) {
  const notes = useBench((state) => state.notes);
  const noteChange = useBench((state) => state.noteChange);
  const difference = differenceOf(view.original, view);
  const nameOf = lineName(view.core);
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        onDone();
      }}
    >
      <ul className="flex flex-col gap-1.5">
        {difference.lines.map((change) => {
          const id = changedLineId(change);
          const text = lineChangeText(change, nameOf);
          return (
            <li key={`${change.kind}-${id}`} className="grid gap-2 sm:grid-cols-2">
              <span>{text}</span>
              <Input
                aria-label={`Note on: ${text}`}
                placeholder="why, how it tasted ..."
                defaultValue={notes?.[id] ?? ''}
                onBlur={(event) => {
                  if (event.target.value.trim() !== (notes?.[id] ?? '')) noteChange(id, event.target.value);
                }}
              />
            </li>
          );
        })}
      </ul>
      <Difference difference={{ ...difference, lines: [] }} nameOf={nameOf} />
      <Button type="submit" kind="main" className="self-start">
        Done
      </Button>
    </form>
  );
}
