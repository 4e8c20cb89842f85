import { Plus } from 'lucide-react';
import { type FormEvent, useState } from 'react';
import { Link } from 'react-router';
import type { LarderEntry, NewLarderEntry } from '../../contract/types.ts';
import { useAddToLarder, useChangeLarder, useDropLarder, useLarder } from '../api/house.ts';
import { isPast } from '../features/larder/stock.ts';
import { dayWords } from '../kitchen/dayWords.ts';
import { FoodPicker } from '../kitchen/FoodPicker.tsx';
import { figure } from '../kitchen/format.ts';
import { useToday } from '../kitchen/kitchen.ts';
import { Button } from '../ui/button.tsx';
import { Field, Input } from '../ui/field.tsx';
import { focusHeading } from '../ui/focus.ts';
import { NumberInput, type Typed } from '../ui/numberInput.tsx';
import { ScreenTitle } from '../ui/screen.tsx';
import { Notice, State, Waiting } from '../ui/state.tsx';
import { Table, type TableColumn } from '../ui/table.tsx';
import { say } from '../ui/toast.ts';

/** Days before its day on which an entry is told as soon to be used. */
const SOON_DAYS = 3;
const MOST_GRAMS = 1e6;
const DAY_MS = 86_400_000;

/** What stands in the larder, what is to be used first before the rest. */
export function Larder() {
  const larder = useLarder();
  const today = useToday();
  const [changing, setChanging] = useState<string | null>(null);
  const [adding, setAdding] = useState(false);
  const change = useChangeLarder();
  const add = useAddToLarder();
  const drop = useDropLarder();
  if (larder.isPending) return <Waiting>Opening the larder ...</Waiting>;
  const entries = larder.data ?? [];
  const takeOut = (entry: LarderEntry) =>
    drop.mutate(entry.id, {
      onSuccess: () => {
        say(`${entry.name} is taken out.`, { label: 'Put it back', act: () => add.mutate([newOf(entry)]) });
        focusHeading();
      },
    });
  const failure = larder.error ?? change.error ?? add.error ?? drop.error;
  const columns: TableColumn<LarderEntry>[] = [
    {
      head: 'Food',
      isHead: true,
      className: 'py-1.5',
      cell: ({ foodId, name, note }) => (
        <>
          <Link className="underline decoration-line underline-offset-4" to={`/foods/${foodId}`}>
            {name}
          </Link>
          {note && <span className="block text-sm text-kale-soft">{note}</span>}
        </>
      ),
    },
    { head: 'Grams as bought', isFigure: true, className: 'py-1.5 pr-8', headClass: 'pr-8', cell: ({ grams }) => figure(grams) },
    { head: 'Use by', className: 'py-1.5', cell: (entry) => <UseBy entry={entry} today={today} /> },
    {
      head: '',
      className: 'py-1 text-right whitespace-nowrap',
      cell: (entry) => (
        <>
          <Button kind="chip" aria-label={`Change ${entry.name}`} onClick={() => setChanging(entry.id)}>
            Change
          </Button>{' '}
          <Button kind="chip" aria-label={`Take out ${entry.name}`} onClick={() => takeOut(entry)}>
            Used up
          </Button>
        </>
      ),
    },
  ];
  const inHand = entries.find(({ id }) => id === changing);
  return (
    <div className="mx-auto flex w-full max-w-4xl flex-col gap-4 p-4 sm:p-6">
      <div className="flex flex-wrap items-center gap-3">
        <ScreenTitle>Larder</ScreenTitle>
        <h1 className="mr-auto font-title text-3xl">Larder</h1>
        {entries.length > 0 && (
          <Link className="underline" to="/soups?larder=1">
            Soups that use it
          </Link>
        )}
        <Button kind="main" onClick={() => setAdding(true)}>
          <Plus size={16} aria-hidden /> Put something in
        </Button>
      </div>
      {failure && <Notice tone="breaks">{failure.message}</Notice>}
      {adding && (
        <EntryForm entry={null} onDone={() => setAdding(false)} onSave={(entry) => add.mutate([entry], { onSuccess: () => setAdding(false) })} />
      )}
      {entries.length === 0 && !adding ? (
        <p className="rounded-xl border border-dashed border-kale-soft p-8 text-center text-kale-soft">
          Nothing is noted here. What you put in is left off shopping lists, finds soups that use it, and can be asked of a plan to be used first.
          Bought goods come in from a soup's shopping list too.
        </p>
      ) : (
        entries.length > 0 && (
          <section className="rounded-xl border border-line bg-card p-3">
            <Table caption="In the larder" columns={columns} rows={entries} keyOf={({ id }) => id} className="w-full" />
          </section>
        )
      )}
      {inHand && (
        <EntryForm
          key={`${inHand.id} ${inHand.revision}`}
          entry={inHand}
          onDone={() => setChanging(null)}
          onSave={(entry) => change.mutate({ ...inHand, ...entry }, { onSuccess: () => setChanging(null) })}
        />
      )}
      <p className="text-sm text-kale-soft">
        A day is what the pack says or what you wrote. Past a use-by day food is thrown away, however it looks; the local code decides.
      </p>
    </div>
  );
}

const newOf = ({ foodId, grams, useBy, note }: LarderEntry): NewLarderEntry => ({ foodId, grams, useBy, note });

function UseBy({ entry, today }: { entry: LarderEntry; today: string }) {
  if (entry.useBy === null) return <span className="text-kale-soft">no day</span>;
  const days = Math.round((Date.parse(entry.useBy) - Date.parse(today)) / DAY_MS);
  const day = dayWords(entry.useBy);
  if (isPast(entry, today)) return <State tone="breaks">{day}, past</State>;
  if (days <= SOON_DAYS)
    return (
      <State tone="check">
        {day}, {days === 0 ? 'today' : days === 1 ? 'tomorrow' : `in ${days} days`}
      </State>
    );
  return <>{day}</>;
}

interface EntryFormProps {
  entry: LarderEntry | null;
  onSave: (entry: NewLarderEntry) => void;
  onDone: () => void;
}

function EntryForm({ entry, onSave, onDone }: EntryFormProps) {
  const [food, setFood] = useState(entry ? { id: entry.foodId, name: entry.name } : null);
  const [choosing, setChoosing] = useState(entry === null);
  const [grams, setGrams] = useState<Typed>(entry?.grams ?? null);
  const [useBy, setUseBy] = useState(entry?.useBy ?? '');
  const [note, setNote] = useState(entry?.note ?? '');
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (food && typeof grams === 'number') onSave({ foodId: food.id, grams, useBy: useBy === '' ? null : useBy, note: note.trim() });
  };
  return (
    <form
      aria-label={entry ? `Change ${entry.name}` : 'Put something in'}
      onSubmit={submit}
      className="flex flex-wrap items-end gap-3 rounded-xl border border-squash bg-squash-pale p-3"
    >
      <Field label="Food">
        <span>
          <Button onClick={() => setChoosing(true)}>{food ? food.name : 'Choose the food ...'}</Button>
        </span>
      </Field>
      <Field label="Grams as bought">
        <NumberInput autoFocus={entry !== null} value={grams} onValue={setGrams} min={1} max={MOST_GRAMS} className="w-28" />
      </Field>
      <Field label="Use by (may be empty)">
        <Input type="date" value={useBy} onChange={(event) => setUseBy(event.target.value)} />
      </Field>
      <Field label="Note" className="min-w-40 flex-1">
        <Input value={note} maxLength={500} onChange={(event) => setNote(event.target.value)} />
      </Field>
      <Button type="submit" kind="main" disabled={!food || typeof grams !== 'number'}>
        {entry ? 'Save' : 'Put in'}
      </Button>
      <Button kind="quiet" onClick={onDone}>
        Leave
      </Button>
      <FoodPicker
        line={choosing ? 'what is to be put in' : null}
        query={food?.name ?? ''}
        onPick={(hit) => {
          setFood({ id: hit.id, name: hit.name });
          setChoosing(false);
        }}
        onClose={() => {
          setChoosing(false);
          if (!food) onDone();
        }}
      />
    </form>
  );
}
