import { type FormEvent, useState } from 'react';
import type { PreparationBody } from '../../../contract/types.ts';
import type { Keep } from '../../../core/batch/entry.ts';
import { useChangeMade } from '../../api/made.ts';
import { useToday } from '../../kitchen/kitchen.ts';
import { Button } from '../../ui/button.tsx';
import { Field, Input, Select } from '../../ui/field.tsx';
import { NumberInput, type Typed } from '../../ui/numberInput.tsx';
import { Notice } from '../../ui/state.tsx';
import { say } from '../../ui/toast.ts';

const MOST_GRAMS = 1e6;

/** It was made: so much of it goes into the cold, with its day, and is offered to the next soup. */
export function MadeToday({ preparation: { id, name, yieldGrams } }: { preparation: PreparationBody }) {
  const today = useToday();
  const change = useChangeMade();
  const [grams, setGrams] = useState<Typed>(yieldGrams ?? null);
  const [keep, setKeep] = useState<Keep>('chilled');
  const [madeOn, setMadeOn] = useState(today);
  const ready = typeof grams === 'number' && grams > 0 && madeOn !== '';
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (!ready) return;
    change.mutate(
      { preparationId: id, made: { id: crypto.randomUUID(), grams, keep, madeOn } },
      { onSuccess: () => say(`${name} is put by. A soup that cooks in a stock is offered it on its bench.`) },
    );
  };
  return (
    <form aria-label="Made" onSubmit={submit} className="flex flex-wrap items-end gap-3 rounded-xl border border-line bg-oat p-3">
      <h3 className="basis-full text-lg">It was made</h3>
      <Field label="Grams put by">
        <NumberInput className="w-28" value={grams} min={1} max={MOST_GRAMS} onValue={setGrams} />
      </Field>
      <Field label="Into">
        <Select value={keep} onChange={(event) => setKeep(event.target.value as Keep)}>
          <option value="chilled">the fridge</option>
          <option value="frozen">the freezer</option>
        </Select>
      </Field>
      <Field label="Made on">
        <Input type="date" value={madeOn} max={today} onChange={(event) => setMadeOn(event.target.value)} />
      </Field>
      <Button type="submit" disabled={!ready || change.isPending}>
        Put it by
      </Button>
      {change.error && <Notice tone="breaks">{change.error.message}</Notice>}
    </form>
  );
}
