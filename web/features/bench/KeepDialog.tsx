import { useState } from 'react';
import { differenceOf } from '../../../core/analysis/diff.ts';
import { useKeepVersion } from '../../api/queries.ts';
import { Button } from '../../ui/button.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { Disclosure } from '../../ui/disclosure.tsx';
import { Field, Input } from '../../ui/field.tsx';
import { Notice } from '../../ui/state.tsx';
import { say } from '../../ui/toast.ts';
import { Difference } from './Difference.tsx';
import { useBench } from './store.ts';
import { openNeeds } from './versionName.ts';
import { type BenchView, lineName } from './view.ts';

/** Names the version and says why; what is kept never changes again. */
export function KeepDialog({
  view,
  soupId,
  open,
  onOpenChange,
  suggestion,
}: {
  view: BenchView;
  soupId: string;
  open: boolean;
  onOpenChange: (open: boolean) => void;
  suggestion: string;
}) {
  const notes = useBench((state) => state.notes);
  return (
    <Dialog
      open={open}
      wide
      onOpenChange={onOpenChange}
      title="Keep as version"
      description="The recipe, its needs and its figures are kept as they stand now and never change."
    >
      {open && <OpenNeeds view={view} />}
      <Form soupId={soupId} suggestion={suggestion} onDone={() => onOpenChange(false)} />
      {open && (
        <Disclosure className="mt-3" open summary="what is different from the original">
          <div className="mt-2">
            <Difference difference={differenceOf(view.original, view)} nameOf={lineName(view.core)} notes={notes} />
          </div>
        </Disclosure>
      )}
    </Dialog>
  );
}

/** What is kept although it is not met, and what has to be looked up before it is served: said before it is named. */
function OpenNeeds({ view }: { view: BenchView }) {
  const { broken, toCheck } = openNeeds(view);
  if (broken.length + toCheck.length === 0) return null;
  return (
    <div className="mb-3">
      <Notice tone={broken.length > 0 ? 'breaks' : 'check'}>
        {broken.length > 0 && <p>Not met: {broken.join('; ')}.</p>}
        {toCheck.length > 0 && <p>To check on the label before it is served: {toCheck.join('; ')}.</p>}
      </Notice>
    </div>
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
        const { recipe, needs, notes } = useBench.getState();
        keep.mutate(
          { name: name.trim(), reason, recipe, needs, ...(notes ? { notes } : {}) },
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
