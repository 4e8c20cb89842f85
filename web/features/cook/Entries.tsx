import { useState } from 'react';
import type { Entry } from '../../../core/batch/entry.ts';
import { figure } from '../../kitchen/format.ts';
import type { Kitchen } from '../../kitchen/kitchen.ts';
import { Button } from '../../ui/button.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { Field, Input } from '../../ui/field.tsx';
import type { BatchLive } from './useBatchLive.ts';

/** An entry in a sentence. */
export function entryWords(entry: Entry, { batch }: Pick<BatchLive, 'batch'>, core: Kitchen): string {
  const lineName = (id: string) => {
    const line = batch.recipe.lines.find((one) => one.id === id);
    return line ? (line.foodId === null ? line.text : (core.shelf.food(line.foodId)?.name ?? line.text)) : 'a line of this batch';
  };
  const foodName = (id: string) => core.shelf.food(id)?.name ?? id;
  switch (entry.kind) {
    case 'step': {
      const at = batch.recipe.steps.findIndex(({ id }) => id === entry.stepId);
      return `step ${at + 1} done${entry.note ? `. ${entry.note}` : ''}`;
    }
    case 'weighed':
      return `${lineName(entry.lineId)} weighed: ${figure(entry.grams)} g`;
    case 'added':
      return `${figure(entry.grams)} g of ${foodName(entry.foodId)} added${entry.text ? ` (${entry.text})` : ''}`;
    case 'instead':
      return `${figure(entry.grams)} g of ${foodName(entry.foodId)} instead of ${lineName(entry.lineId)}`;
    case 'left':
      return `${lineName(entry.lineId)} left out`;
    case 'reading':
      return `read: ${entry.celsius === undefined ? `${figure(entry.grams ?? 0)} g` : `${figure(entry.celsius)} °C`}`;
    case 'tasting':
      return `tasted${entry.seat ? ` by ${entry.seat}` : ''}: ${entry.text}`;
    case 'flow':
      return `flow test: ${figure(entry.mlLeft)} ml left after ten seconds${entry.celsius === undefined ? '' : ` at ${figure(entry.celsius)} °C`}`;
    case 'yield':
      return `the pot weighed: ${figure(entry.grams)} g`;
    case 'poured':
      return `${figure(entry.bowls)} bowls poured, ${figure(entry.leftGrams)} g left in the pot`;
    case 'cooling':
      return `cooling: ${figure(entry.celsius)} °C`;
    case 'portioned':
      return `${entry.count} portions of ${figure(entry.grams)} g ${entry.keep}`;
    case 'note':
      return entry.text;
    case 'struck':
      return `struck: ${entry.why}`;
  }
}

/** Everything that was written, in the order it happened; a mistake is struck with a reason and stays readable. */
export function Entries({ live, core }: { live: BatchLive; core: Kitchen }) {
  const [striking, setStriking] = useState<Entry | null>(null);
  const [why, setWhy] = useState('');
  const standing = new Set(core.standing(live.entries).map(({ id }) => id));
  const sorted = [...live.entries].sort((a, b) => Date.parse(b.at) - Date.parse(a.at));
  return (
    <section aria-label="What was written" className="rounded-xl border border-line bg-card p-3">
      <h2 className="text-lg">What was written</h2>
      {sorted.length === 0 && <p className="text-kale-soft">Nothing yet.</p>}
      <ul>
        {sorted.map((entry) => (
          <li key={entry.id} className="flex items-start gap-3 border-t border-line/60 py-1 first:border-0">
            <time className="w-14 shrink-0 text-kale-soft" dateTime={entry.at}>
              {new Date(entry.at).toLocaleTimeString(undefined, { hour: '2-digit', minute: '2-digit' })}
            </time>
            <span className="min-w-0 flex-1">
              {standing.has(entry.id) ? (
                entryWords(entry, live, core)
              ) : (
                <s className="text-kale-soft">
                  <span className="sr-only">struck: </span>
                  {entryWords(entry, live, core)}
                </s>
              )}
            </span>
            {standing.has(entry.id) && (
              <Button kind="chip" aria-label={`Strike: ${entryWords(entry, live, core)}`} onClick={() => setStriking(entry)}>
                strike
              </Button>
            )}
          </li>
        ))}
      </ul>
      <Dialog
        open={striking !== null}
        onOpenChange={(open) => !open && setStriking(null)}
        title="Strike an entry"
        description="It stays readable, and counts no more."
      >
        <form
          className="flex flex-col gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            if (!striking || why.trim() === '') return;
            live.write({ kind: 'struck', entry: striking.id, why: why.trim() });
            setStriking(null);
            setWhy('');
          }}
        >
          <p>{striking && entryWords(striking, live, core)}</p>
          <Field label="Why">
            <Input autoFocus value={why} maxLength={500} onChange={(event) => setWhy(event.target.value)} />
          </Field>
          <Button type="submit" kind="main" className="self-end" disabled={why.trim() === ''}>
            Strike it
          </Button>
        </form>
      </Dialog>
    </section>
  );
}
