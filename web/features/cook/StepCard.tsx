import { Timer as TimerIcon } from 'lucide-react';
import { useState } from 'react';
import { countedLines } from '../../../core/vocabulary/recipe.ts';
import { figure } from '../../kitchen/format.ts';
import type { Kitchen } from '../../kitchen/kitchen.ts';
import { Button } from '../../ui/button.tsx';
import { Field, Input } from '../../ui/field.tsx';
import { Notice } from '../../ui/state.tsx';
import type { BowlNow } from './bowlNow.ts';
import { LineReady } from './LineReady.tsx';
import { useTimers } from './timers.ts';
import type { BatchLive } from './useBatchLive.ts';

interface Props {
  at: number;
  live: BatchLive;
  now: BowlNow;
  core: Kitchen;
  onDone: () => void;
}

const LOUD = { danger: 0, caution: 1, tip: 2 } as const;
const MOST_CAUTIONS = 3;

/** One step, large: what to have ready, what to do, what to watch for, and the gate before what is for good. */
export function StepCard({ at, live, now, core, onDone }: Props) {
  const { recipe, analysis } = now;
  const step = recipe.steps[at];
  const [ticked, setTicked] = useState<ReadonlySet<string>>(new Set());
  const [why, setWhy] = useState('');
  const start = useTimers(({ start: begin }) => begin);
  if (!step) return null;
  const ids = new Set(core.linesIn(step));
  const earlier = new Set(recipe.steps.slice(0, at).flatMap((one) => core.linesIn(one)));
  const lines = countedLines(recipe).filter(({ id }) => ids.has(id) && !earlier.has(id));
  const cautions = analysis.notes
    .filter(({ severity, stepIds = [], lineIds }) => severity !== 'tip' && (stepIds.includes(step.id) || lineIds.some((id) => ids.has(id))))
    .sort((a, b) => LOUD[a.severity] - LOUD[b.severity])
    .slice(0, MOST_CAUTIONS);
  const gate = core.gateBefore(recipe, at, core.shelf);
  const open = gate?.checks.filter((check) => !ticked.has(check)) ?? [];
  const { minutes } = step;
  const finish = () => {
    const note = open.length > 0 ? `Passed over before ${gate?.before}: ${open.join('; ')}. ${why.trim()}` : undefined;
    live.write({ kind: 'step', stepId: step.id, ...(note ? { note } : {}) });
    onDone();
  };
  return (
    <article aria-label={`Step ${at + 1} of ${recipe.steps.length}`} className="flex flex-col gap-3 rounded-xl border border-line bg-card p-4">
      <p className="text-kale-soft">
        Step {at + 1} of {recipe.steps.length}
      </p>
      {lines.length > 0 && (
        <section aria-label="Have ready">
          <h2 className="text-sm tracking-wide uppercase">Have ready</h2>
          <ul className="text-lg">
            {lines.map((line) => (
              <LineReady key={line.id} line={line} live={live} now={now} core={core} />
            ))}
          </ul>
        </section>
      )}
      <p className="text-2xl leading-snug">{step.text}</p>
      {step.doneWhen && (
        <p className="text-lg">
          <strong>Done when:</strong> {step.doneWhen}
        </p>
      )}
      {cautions.map(({ code, severity, message }) => (
        <Notice key={code} tone={severity === 'danger' ? 'breaks' : 'check'}>
          {message}
        </Notice>
      ))}
      {minutes && (
        <div className="flex flex-wrap gap-2">
          {[...new Set([minutes.min, minutes.max])].map((count) => (
            <Button
              key={count}
              className="min-h-11 text-lg"
              onClick={() => start({ batchId: live.batch.id, label: step.text.slice(0, 40), minutes: count }, Date.now())}
            >
              <TimerIcon size={20} aria-hidden /> {figure(count)} minutes
            </Button>
          ))}
        </div>
      )}
      {gate && gate.checks.length > 0 && (
        <fieldset className="rounded-md border-2 border-kale p-3">
          <legend className="px-1 font-semibold">Before {gate.before}</legend>
          {gate.checks.map((check) => (
            <label key={check} className="flex min-h-11 items-center gap-3 text-lg">
              <input
                type="checkbox"
                className="size-6 shrink-0"
                checked={ticked.has(check)}
                onChange={(event) =>
                  setTicked(event.target.checked ? new Set([...ticked, check]) : new Set([...ticked].filter((one) => one !== check)))
                }
              />
              {check}
            </label>
          ))}
          {open.length > 0 && (
            <Field className="mt-1" label="Not all of it holds? A word on why it goes on all the same, for the record">
              <Input className="min-h-11" value={why} maxLength={500} onChange={(event) => setWhy(event.target.value)} />
            </Field>
          )}
        </fieldset>
      )}
      <Button kind="main" className="min-h-14 text-xl" disabled={open.length > 0 && why.trim() === ''} onClick={finish}>
        Done, next step
      </Button>
    </article>
  );
}
