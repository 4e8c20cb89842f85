import { useState } from 'react';
import { useKeepVersion } from '../../api/queries.ts';
import { Button } from '../../ui/button.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { Field, Input } from '../../ui/field.tsx';
import { Notice } from '../../ui/state.tsx';
import { say } from '../../ui/toast.tsx';
import { useBench } from './store.ts';

/** Names the version and says why; what is kept never changes again. */
export function KeepDialog({
  soupId,
  open,
  onOpenChange,
  suggestion,
}: {
  soupId: string;
  open: boolean;
  onOpenChange: (open: boolean) => void;
  suggestion: string;
}) {
  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      title="Keep as version"
      description="The recipe, its needs and its figures are kept as they stand now and never change."
    >
      <Form soupId={soupId} suggestion={suggestion} onDone={() => onOpenChange(false)} />
    </Dialog>
  );
}

function Form({ soupId, suggestion, onDone }: { soupId: string; suggestion: string; onDone: () => void }) {
  const keep = useKeepVersion(soupId);
  const [name, setName] = useState(suggestion);
  const [reason, setReason] = useState('');
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        const { recipe, needs } = useBench.getState();
        keep.mutate(
          { name: name.trim(), reason, recipe, needs },
          {
            onSuccess: ({ number }) => {
              say(`Kept as version ${number}.`);
              onDone();
            },
          },
        );
      }}
    >
      <Field label="Name">
        <Input autoFocus required value={name} onChange={(event) => setName(event.target.value)} onFocus={(event) => event.target.select()} />
      </Field>
      <Field label="Why">
        <Input value={reason} onChange={(event) => setReason(event.target.value)} placeholder="for table B, after tasting ..." />
      </Field>
      {keep.isError && <Notice tone="breaks">{keep.error.message} The draft is safe; try again.</Notice>}
      <Button type="submit" kind="main" disabled={name.trim() === '' || keep.isPending}>
        Keep
      </Button>
    </form>
  );
}
