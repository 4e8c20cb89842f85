import { type FormEvent, useState } from 'react';
import { Button } from '../../ui/button.tsx';
import { Field, Input } from '../../ui/field.tsx';
import { Notice } from '../../ui/state.tsx';

interface NameFormProps {
  suggested: string;
  failed: string | undefined;
  onName: (name: string) => void;
  onLeave: () => void;
}

/** A name for what is asked of the list now. */
export function NameForm({ suggested, failed, onName, onLeave }: NameFormProps) {
  const [name, setName] = useState(suggested);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (name.trim() !== '') onName(name.trim());
  };
  return (
    <form
      aria-label="Keep this view"
      onSubmit={submit}
      onKeyDown={(event) => {
        if (event.key === 'Escape') onLeave();
      }}
      className="flex flex-wrap items-end gap-2"
    >
      <Field label="Name of the view">
        <Input autoFocus value={name} maxLength={100} onChange={(event) => setName(event.target.value)} />
      </Field>
      <Button type="submit" disabled={name.trim() === ''}>
        Keep
      </Button>
      <Button kind="quiet" onClick={onLeave}>
        Leave
      </Button>
      {failed && <Notice tone="breaks">{failed}</Notice>}
    </form>
  );
}
