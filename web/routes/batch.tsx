import { Suspense, useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import { ladled, ladleWords } from '../../core/plan/ladles.ts';
import type { Tomorrow } from '../../core/plan/tomorrow.ts';
import { REGIMES } from '../../core/regime/regime.ts';
import { useKeepVersion, useSettings } from '../api/queries.ts';
import { Against } from '../features/cook/Against.tsx';
import { bowlNow } from '../features/cook/bowlNow.ts';
import { CoolingLog } from '../features/cook/CoolingLog.tsx';
import { Entries } from '../features/cook/Entries.tsx';
import { Kept } from '../features/cook/Kept.tsx';
import { type BatchLive, useBatchLive } from '../features/cook/useBatchLive.ts';
import { figure } from '../kitchen/format.ts';
import { useKitchen } from '../kitchen/kitchen.ts';
import { Button } from '../ui/button.tsx';
import { Field, Input, Select } from '../ui/field.tsx';
import { NumberInput, type Typed } from '../ui/numberInput.tsx';
import { ScreenTitle } from '../ui/screen.tsx';
import { Failed, Notice, Waiting } from '../ui/state.tsx';
import { say } from '../ui/toast.ts';

/** One batch: what was written, the bowl that came of it, its cooling, and what was put by. */
export function BatchScreen() {
  const { id = '' } = useParams();
  const live = useBatchLive(id);
  if (live === null) return <Waiting>Fetching the batch ...</Waiting>;
  if (live instanceof Error) return <Failed error={live} />;
  return (
    <Suspense fallback={<Waiting>Fetching the foods ...</Waiting>}>
      <BatchView live={live} />
    </Suspense>
  );
}

function BatchView({ live }: { live: BatchLive }) {
  const core = useKitchen();
  const settings = useSettings();
  const { batch, entries } = live;
  const now = useMemo(() => bowlNow(batch, entries, core), [batch, entries, core]);
  const keep = useKeepVersion(batch.soupId);
  const help = core.bodyHelp(core.entriesOf(now.recipe, REGIMES[now.analysis.regime], core.shelf), now.analysis.potMl, core.blendedShare(now.recipe));
  return (
    <div className="mx-auto flex w-full max-w-6xl flex-col gap-3 p-6 max-sm:p-3">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <ScreenTitle>{`Batch of ${batch.recipe.title}`}</ScreenTitle>
        <h1 className="font-title text-3xl">{batch.recipe.title}</h1>
        <span className="text-kale-soft">
          {figure(batch.recipe.servings ?? 0)} bowls, begun{' '}
          {new Date(batch.startedAt).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' })}
        </span>
        <span className="ml-auto flex flex-wrap items-center gap-3">
          <Kept live={live} />
          <Link
            to={`/soups/${batch.soupId}/cook?batch=${batch.id}`}
            className="inline-flex min-h-7 items-center rounded-md border border-kale-soft bg-card px-3 hover:bg-oat-deep"
          >
            To the stove
          </Link>
          <Button
            disabled={keep.isPending}
            onClick={() =>
              keep.mutate(
                {
                  name: `As cooked ${new Date(batch.startedAt).toLocaleDateString()}`,
                  reason: `What was really cooked in the batch of ${new Date(batch.startedAt).toLocaleString()}.`,
                  recipe: now.recipe,
                  needs: batch.needs,
                },
                { onSuccess: ({ number }) => say(`Kept as version ${number}.`) },
              )
            }
          >
            Keep as version
          </Button>
        </span>
      </div>
      {keep.error && <Notice tone="breaks">{keep.error.message}</Notice>}
      <div className="grid items-start gap-3 lg:grid-cols-2">
        <div className="flex flex-col gap-3">
          <Against live={live} now={now} core={core} />
          <CoolingLog live={live} core={core} regime={batch.needs.regime ?? settings.data?.regime ?? 'us'} />
        </div>
        <div className="flex flex-col gap-3">
          <Weigh live={live} expected={now.analysis.potGrams} />
          <Pour live={live} bowlMl={now.analysis.servingMl} ladlesMl={settings.data?.ladlesMl ?? NO_LADLES} />
          <PutBy live={live} bowlGrams={now.analysis.servingGrams} tomorrow={core.tomorrowOf(help, now.analysis.servingMl)} />
          <Tests live={live} />
          <Entries live={live} core={core} />
        </div>
      </div>
    </div>
  );
}

function Weigh({ live, expected }: { live: BatchLive; expected: number }) {
  const [grams, setGrams] = useState<Typed>(null);
  return (
    <form
      aria-label="The pot"
      className="flex flex-wrap items-end gap-3 rounded-xl border border-line bg-card p-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (typeof grams !== 'number') return;
        live.write({ kind: 'yield', grams });
        setGrams(null);
      }}
    >
      <h2 className="basis-full text-lg">The pot weighed</h2>
      <Field label="Grams, without the pot itself">
        <NumberInput className="min-h-11 w-32" value={grams} min={1} max={1_000_000} onValue={setGrams} />
      </Field>
      <Button type="submit" className="min-h-11" disabled={typeof grams !== 'number'}>
        Note it
      </Button>
      <p className="basis-full text-sm text-kale-soft">
        Reckoned: {figure(expected)} g. What it weighs decides what a bowl and what 100 g hold; toppings are not in it.
      </p>
    </form>
  );
}

const NO_LADLES: readonly number[] = [];

/** Bowls really poured and what was left: they decide what a bowl was. */
function Pour({ live, bowlMl, ladlesMl }: { live: BatchLive; bowlMl: number; ladlesMl: readonly number[] }) {
  const [bowls, setBowls] = useState<Typed>(null);
  const [left, setLeft] = useState<Typed>(0);
  const ladles = ladled(bowlMl, ladlesMl);
  return (
    <form
      aria-label="Bowls poured"
      className="flex flex-wrap items-end gap-3 rounded-xl border border-line bg-card p-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (typeof bowls !== 'number' || typeof left !== 'number') return;
        live.write({ kind: 'poured', bowls, leftGrams: left });
        setBowls(null);
      }}
    >
      <h2 className="basis-full text-lg">Bowls poured</h2>
      <p className="basis-full text-sm">
        A bowl of {figure(bowlMl)} ml
        {ladles ? (
          ` is ${ladleWords(ladles)}.`
        ) : (
          <>
            : name your ladles in the{' '}
            <Link className="underline" to="/settings">
              settings
            </Link>{' '}
            to have it counted in them; stir to the bottom before each.
          </>
        )}
      </p>
      <Field label="Bowls">
        <NumberInput className="min-h-11 w-24" value={bowls} min={0.1} max={10_000} onValue={setBowls} />
      </Field>
      <Field label="Left in the pot, g">
        <NumberInput className="min-h-11 w-28" value={left} min={0} max={1_000_000} onValue={setLeft} />
      </Field>
      <Button type="submit" className="min-h-11" disabled={typeof bowls !== 'number' || typeof left !== 'number'}>
        Close the batch with it
      </Button>
    </form>
  );
}

function PutBy({ live, bowlGrams, tomorrow }: { live: BatchLive; bowlGrams: number; tomorrow: Tomorrow }) {
  const [count, setCount] = useState<Typed>(4);
  const [grams, setGrams] = useState<Typed>(Math.round(bowlGrams));
  const [keep, setKeep] = useState<'chilled' | 'frozen'>('frozen');
  return (
    <form
      aria-label="Put portions by"
      className="flex flex-wrap items-end gap-3 rounded-xl border border-line bg-card p-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (typeof count !== 'number' || typeof grams !== 'number') return;
        live.write({ kind: 'portioned', count, grams, keep });
        say(`${count} portions noted.`);
      }}
    >
      <h2 className="basis-full text-lg">Put portions by</h2>
      <Field label="Portions">
        <NumberInput className="min-h-11 w-20" value={count} min={1} max={10_000} onValue={setCount} />
      </Field>
      <Field label="Grams each">
        <NumberInput className="min-h-11 w-24" value={grams} min={1} max={100_000} onValue={setGrams} />
      </Field>
      <Field label="Kept">
        <Select className="min-h-11" value={keep} onChange={(event) => setKeep(event.target.value as 'chilled' | 'frozen')}>
          <option value="chilled">chilled</option>
          <option value="frozen">frozen</option>
        </Select>
      </Field>
      <Button type="submit" className="min-h-11" disabled={typeof count !== 'number' || typeof grams !== 'number'}>
        Put by
      </Button>
      <p className="basis-full text-sm text-kale-soft">
        Tomorrow: {tomorrow.word} when cold, and flatter in taste.{' '}
        {tomorrow.mlAPortion > 0
          ? `Have some ${tomorrow.mlAPortion} ml of water, stock or milk a portion ready when it is heated again`
          : 'It takes no more liquid'}
        : taste it again, and mind that more liquid is less of everything in a ladle. An estimate.
      </p>
      <p className="basis-full text-sm">
        <Link className="underline" to={`/soups/${live.batch.soupId}/print?v=${live.batch.version ?? 'draft'}`}>
          Labels to print
        </Link>{' '}
        ·{' '}
        <Link className="underline" to="/batches">
          everything put by
        </Link>
      </p>
    </form>
  );
}

function Tests({ live }: { live: BatchLive }) {
  const [mlLeft, setLeft] = useState<Typed>(null);
  const [celsius, setCelsius] = useState<Typed>(null);
  const [text, setText] = useState('');
  return (
    <section aria-label="Tests and notes" className="flex flex-col gap-3 rounded-xl border border-line bg-card p-3">
      <h2 className="text-lg">Tests and notes</h2>
      <form
        className="flex flex-wrap items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (typeof mlLeft !== 'number') return;
          live.write({ kind: 'flow', mlLeft, ...(typeof celsius === 'number' ? { celsius } : {}) });
          setLeft(null);
        }}
      >
        <Field label="Flow test: ml left after 10 s">
          <NumberInput className="min-h-11 w-24" value={mlLeft} min={0} max={10} onValue={setLeft} />
        </Field>
        <Field label="at °C">
          <NumberInput className="min-h-11 w-20" value={celsius} min={-5} max={100} onValue={setCelsius} />
        </Field>
        <Button type="submit" className="min-h-11" disabled={typeof mlLeft !== 'number'}>
          Note the test
        </Button>
        <p className="basis-full text-sm text-kale-soft">10 ml in a slip-tip syringe, ten seconds. No level comes of it: the professional decides.</p>
      </form>
      <form
        className="flex flex-wrap items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (text.trim() === '') return;
          live.write({ kind: 'note', text: text.trim() });
          setText('');
        }}
      >
        <Field label="A note" className="min-w-48 flex-1">
          <Input className="min-h-11" value={text} maxLength={2000} onChange={(event) => setText(event.target.value)} />
        </Field>
        <Button type="submit" className="min-h-11" disabled={text.trim() === ''}>
          Note
        </Button>
      </form>
    </section>
  );
}
