import { ChevronLeft, ChevronRight } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { figure } from '../../kitchen/format.ts';
import { useKitchen } from '../../kitchen/kitchen.ts';
import { Button } from '../../ui/button.tsx';
import { Disclosure } from '../../ui/disclosure.tsx';
import { Field, Input } from '../../ui/field.tsx';
import { ScreenTitle } from '../../ui/screen.tsx';
import { Notice } from '../../ui/state.tsx';
import { say } from '../../ui/toast.ts';
import { Adjust } from './Adjust.tsx';
import { bowlNow } from './bowlNow.ts';
import { HoldClock } from './HoldClock.tsx';
import { Kept } from './Kept.tsx';
import { StepCard } from './StepCard.tsx';
import { TimerBar } from './TimerBar.tsx';
import type { BatchLive } from './useBatchLive.ts';
import { useWake } from './useClock.ts';
import { useStoveOffline } from './useStoveOffline.ts';
import { WeighOut } from './WeighOut.tsx';

/** At the stove: one step at a time, with what is in the pot so far. */
export function CookView({ live }: { live: BatchLive }) {
  const core = useKitchen();
  useWake();
  useStoveOffline();
  const { batch, entries } = live;
  const now = useMemo(() => bowlNow(batch, entries, core), [batch, entries, core]);
  const { steps } = now.recipe;
  const done = new Set(core.ofKind(core.standing(entries), 'step').map(({ stepId }) => stepId));
  const firstOpen = steps.findIndex(({ id }) => !done.has(id));
  const [asked, setAsked] = useState<number | null>(null);
  const at = asked ?? (firstOpen < 0 ? steps.length : firstOpen);
  const go = (to: number) => setAsked(Math.max(0, Math.min(steps.length, to)));
  const dangers = now.analysis.notes.filter(({ severity }) => severity === 'danger');
  return (
    <div className="mx-auto flex w-full max-w-6xl flex-col gap-3 p-4 max-sm:p-2">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <ScreenTitle>{`Cooking ${batch.recipe.title}`}</ScreenTitle>
        <h1 className="font-title text-2xl">{batch.recipe.title}</h1>
        <span className="text-kale-soft">{figure(batch.recipe.servings ?? 0)} bowls</span>
        <Link className="underline" to={`/batches/${batch.id}`}>
          the batch
        </Link>
        <span className="ml-auto">
          <Kept live={live} />
        </span>
      </div>
      <TimerBar batchId={batch.id} />
      <HoldClock at={at} live={live} now={now} core={core} />
      {at === 0 && dangers.length > 0 && (
        <Notice tone="breaks">
          {dangers.map(({ code, message }) => (
            <span key={code} className="block">
              {message}
            </span>
          ))}
        </Notice>
      )}
      <nav aria-label="Steps" className="flex items-center gap-2">
        <Button className="min-h-11 min-w-11" aria-label="Step before" disabled={at === 0} onClick={() => go(at - 1)}>
          <ChevronLeft size={22} aria-hidden />
        </Button>
        <ol className="flex flex-1 flex-wrap gap-1">
          {steps.map(({ id, text }, place) => (
            <li key={id}>
              <button
                type="button"
                aria-label={`Step ${place + 1}${done.has(id) ? ', done' : ''}: ${text.slice(0, 60)}`}
                aria-current={place === at ? 'step' : undefined}
                onClick={() => go(place)}
                className={`flex size-11 items-center justify-center rounded-full border-2 text-lg ${place === at ? 'border-squash bg-squash-pale font-semibold' : 'border-line bg-card'} ${done.has(id) ? 'line-through decoration-2' : ''}`}
              >
                {place + 1}
              </button>
            </li>
          ))}
        </ol>
        <Button className="min-h-11 min-w-11" aria-label="Next step" disabled={at >= steps.length} onClick={() => go(at + 1)}>
          <ChevronRight size={22} aria-hidden />
        </Button>
      </nav>
      <Disclosure summary="Weigh-out, by container and moment" lazy className="rounded-xl border border-line bg-card p-3">
        <WeighOut recipe={live.batch.recipe} core={core} keptAs={`kind-ladle.weighed.${live.batch.id}`} />
      </Disclosure>
      <div className="grid items-start gap-3 lg:grid-cols-[minmax(0,1fr)_24rem]">
        {at < steps.length ? (
          <StepCard key={steps[at]?.id} at={at} live={live} now={now} core={core} onDone={() => go(at + 1)} />
        ) : (
          <Finished live={live} />
        )}
        <div className="flex flex-col gap-3">
          <Adjust live={live} now={now} core={core} />
          <Taste live={live} />
        </div>
      </div>
    </div>
  );
}

function Taste({ live }: { live: BatchLive }) {
  const [seat, setSeat] = useState('');
  const [text, setText] = useState('');
  return (
    <form
      aria-label="How it tastes"
      className="flex flex-wrap items-end gap-2 rounded-xl border border-line bg-card p-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (text.trim() === '') return;
        live.write({ kind: 'tasting', text: text.trim(), ...(seat.trim() ? { seat: seat.trim() } : {}) });
        setText('');
        say('Noted.');
      }}
    >
      <Field label="Seat" className="w-16">
        <Input className="min-h-11 w-16" value={seat} maxLength={10} onChange={(event) => setSeat(event.target.value)} />
      </Field>
      <Field label="How it tastes" className="min-w-40 flex-1">
        <Input className="min-h-11" value={text} maxLength={1000} onChange={(event) => setText(event.target.value)} />
      </Field>
      <Button type="submit" className="min-h-11" disabled={text.trim() === ''}>
        Note
      </Button>
    </form>
  );
}

const Finished = ({ live }: { live: BatchLive }) => (
  <article className="flex flex-col gap-3 rounded-xl border border-line bg-card p-4 text-lg">
    <h2 className="font-title text-2xl">The last step is done</h2>
    <p>Weigh the pot, read its cooling, put portions by: all of it stands with the batch, and the bowl is worked out from what was really cooked.</p>
    <Link
      className="inline-flex min-h-14 items-center justify-center rounded-md border border-squash bg-squash px-4 text-xl font-semibold text-white hover:bg-kale"
      to={`/batches/${live.batch.id}`}
    >
      To the batch
    </Link>
  </article>
);
