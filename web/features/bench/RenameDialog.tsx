import { type FormEvent, useState } from 'react';
import type { SoupSummary } from '../../../contract/types.ts';
import { useChangeSoup } from '../../api/queries.ts';
import { Button } from '../../ui/button.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { Field, Input } from '../../ui/field.tsx';
import { Notice } from '../../ui/state.tsx';
import { say } from '../../ui/toast.ts';
import { useBench } from './store.ts';

/** What the soup is called; its versions keep the names they were given. */
export function RenameDialog({ soup, open, onOpenChange }: { soup: SoupSummary; open: boolean; onOpenChange: (open: boolean) => void }) {
  return (
    <Dialog open={open} onOpenChange={onOpenChange} title="What is this soup called?">
      {open && <RenameForm soup={soup} onDone={() => onOpenChange(false)} />}
    </Dialog>
  );
}

function RenameForm({ soup, onDone }: { soup: SoupSummary; onDone: () => void }) {
  const [title, setTitle] = useState(soup.title);
  const change = useChangeSoup();
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const next = title.trim();
    if (next === '' || next === soup.title) return onDone();
    change.mutate(
      { id: soup.id, revision: soup.revision, title: next },
      {
        onSuccess: () => {
          // The plans go by what a soup is called.
          const { recipe, putRecipe } = useBench.getState();
          putRecipe({ ...recipe, title: next });
          say(`It is called ${next} now.`);
          onDone();
        },
      },
    );
  };
  return (
    <form onSubmit={submit} className="flex flex-col gap-3">
      <Field label="Title">
        <Input value={title} maxLength={200} onChange={(event) => setTitle(event.target.value)} />
      </Field>
      {change.isError && <Notice tone="breaks">{change.error.message}</Notice>}
      <Button kind="main" type="submit" disabled={change.isPending || title.trim() === ''}>
        Rename
      </Button>
    </form>
  );
}
