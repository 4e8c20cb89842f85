import { useState } from 'react';
import type { Entry } from '../../../core/batch/entry.ts';
import { ALLERGEN_LABELS, DIET_LABELS } from '../../../core/vocabulary/allergens.ts';
import type { Line } from '../../../core/vocabulary/recipe.ts';
import { FoodPicker } from '../../kitchen/FoodPicker.tsx';
import { figure } from '../../kitchen/format.ts';
import type { Kitchen } from '../../kitchen/kitchen.ts';
import { Button } from '../../ui/button.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { Field } from '../../ui/field.tsx';
import { NumberInput, type Typed } from '../../ui/numberInput.tsx';
import { Notice, State } from '../../ui/state.tsx';
import { say } from '../../ui/toast.ts';
import { TakeReading } from '../devices/TakeReading.tsx';
import { type BowlNow, bowlNow, worsened } from './bowlNow.ts';
import type { BatchLive } from './useBatchLive.ts';

interface Props {
  line: Line;
  live: BatchLive;
  now: BowlNow;
  core: Kitchen;
}

/** A line to have ready: what it should weigh, what it did, and another food in its place where that one is not there. */
export function LineReady({ line, live, now, core }: Props) {
  const [changing, setChanging] = useState(false);
  const name = line.foodId === null ? line.text : (core.shelf.food(line.foodId)?.name ?? line.text);
  const weighed = core.ofKind(core.standing(live.entries), 'weighed').findLast(({ lineId }) => lineId === line.id);
  const asked = live.batch.recipe.lines.find(({ id }) => id === line.id)?.grams?.best ?? line.grams?.best;
  return (
    <li className="flex flex-wrap items-center gap-x-3 gap-y-1 border-t border-line/60 py-1.5 first:border-0">
      <span className="min-w-40 flex-1">
        <span className="font-semibold">
          {asked === undefined ? 'to taste' : core.formatGrams(asked)}
          {line.perBowl ? ' a bowl' : ''}
        </span>{' '}
        {name}
        {line.id.startsWith('instead-') && (
          <>
            {' '}
            <State tone="plain">put in instead</State>
          </>
        )}
        {weighed && Math.abs(weighed.grams - (asked ?? 0)) > 0.5 && <span className="text-kale-soft"> (weighed {figure(weighed.grams)} g)</span>}
      </span>
      <Weighed name={name} grams={weighed?.grams ?? null} onWeighed={(grams) => live.write({ kind: 'weighed', lineId: line.id, grams })} />
      <Button kind="chip" className="min-h-11" aria-label={`Not there or something else: ${name}`} onClick={() => setChanging(true)}>
        other
      </Button>
      <Exchange open={changing} onClose={() => setChanging(false)} line={line} name={name} live={live} now={now} core={core} />
    </li>
  );
}

function Weighed({ name, grams, onWeighed }: { name: string; grams: number | null; onWeighed: (grams: number) => void }) {
  return (
    <span className="flex items-center gap-1">
      <NumberInput
        late
        className="min-h-11 w-24 text-right"
        aria-label={`Weighed, grams of ${name}`}
        placeholder="weighed"
        value={grams}
        min={0.01}
        max={1_000_000}
        onValue={(value) => typeof value === 'number' && onWeighed(value)}
      />
      g
      <TakeReading kind="scale" what={`grams of ${name}`} onTake={onWeighed} />
    </span>
  );
}

/** Left out, or another food in its place: what that brings to those who eat it stands in front of everything else. */
function Exchange({ open, onClose, line, name, live, now, core }: Props & { open: boolean; onClose: () => void; name: string }) {
  const [choosing, setChoosing] = useState(false);
  const [food, setFood] = useState<{ id: string; name: string } | null>(null);
  const [grams, setGrams] = useState<Typed>(line.grams?.best ?? null);
  const [sure, setSure] = useState(false);
  const [proposed, setProposed] = useState<number | null>(null);
  const entry: Entry | null =
    food && typeof grams === 'number' && grams > 0
      ? { id: 'next', at: new Date().toISOString(), kind: 'instead', lineId: line.id, foodId: food.id, grams }
      : null;
  const next = entry ? bowlNow(live.batch, [...live.entries, entry], core) : null;
  const worse = next
    ? worsened(live.batch.needs, now.analysis, next.analysis, { allergen: (id) => ALLERGEN_LABELS[id], diet: (id) => DIET_LABELS[id] })
    : [];
  const brings = next
    ? next.analysis.allergens.filter(
        ({ id, state }) => state === 'contains' && now.analysis.allergens.find((one) => one.id === id)?.state !== 'contains',
      )
    : [];
  const close = () => {
    setFood(null);
    setSure(false);
    onClose();
  };
  return (
    <Dialog open={open} onOpenChange={(is) => !is && close()} title={name} description="What is there instead, or nothing.">
      <div className="flex flex-col gap-3">
        {worse.length > 0 && (
          <div role="alert">
            <Notice tone="breaks">
              <strong className="block text-lg">This batch was asked for without it.</strong>
              {worse.map((words) => (
                <span key={words} className="block text-lg font-semibold">
                  {words}
                </span>
              ))}
              <label className="mt-2 flex items-center gap-2">
                <input type="checkbox" className="size-6" checked={sure} onChange={(event) => setSure(event.target.checked)} /> I have told those who
                eat it, or it is for others
              </label>
            </Notice>
          </div>
        )}
        <div className="flex flex-wrap items-end gap-3">
          <Button className="min-h-11" onClick={() => setChoosing(true)}>
            {food ? food.name : 'Choose what is there ...'}
          </Button>
          {food && (
            <Field label={proposed === null ? 'Grams' : `Grams (${figure(proposed)} do the same work)`}>
              <NumberInput className="min-h-11 w-28" value={grams} min={0.01} max={1_000_000} onValue={setGrams} />
            </Field>
          )}
        </div>
        {brings.length > 0 && worse.length === 0 && (
          <Notice tone="check">It brings in {brings.map(({ id }) => ALLERGEN_LABELS[id]).join(', ')}: tell the table.</Notice>
        )}
        {next && (
          <p>
            One bowl: sodium {figure(now.analysis.perServing.sodiumMg.value)} › {figure(next.analysis.perServing.sodiumMg.value)} mg, energy{' '}
            {figure(now.analysis.perServing.energyKcal.value)} › {figure(next.analysis.perServing.energyKcal.value)} kcal, body{' '}
            {now.analysis.body.word} › {next.analysis.body.word}
          </p>
        )}
        <div className="flex flex-wrap justify-end gap-2">
          <Button
            className="min-h-11"
            onClick={() => {
              live.write({ kind: 'left', lineId: line.id });
              say(`${name} is left out of this batch.`);
              close();
            }}
          >
            Leave it out
          </Button>
          <Button
            kind="main"
            className="min-h-11"
            disabled={!entry || (worse.length > 0 && !sure)}
            onClick={() => {
              if (!food || typeof grams !== 'number') return;
              if (worse.length > 0)
                live.write(
                  { kind: 'instead', lineId: line.id, foodId: food.id, grams },
                  { kind: 'note', text: `${food.name} in spite of: ${worse.join('; ')}` },
                );
              else live.write({ kind: 'instead', lineId: line.id, foodId: food.id, grams });
              say(`${food.name} instead of ${name}.`);
              close();
            }}
          >
            Put it in instead
          </Button>
        </div>
      </div>
      <FoodPicker
        line={choosing ? name : null}
        query=""
        onClose={() => setChoosing(false)}
        onPick={({ id, name: picked }) => {
          setChoosing(false);
          setFood({ id, name: picked });
          // What the swap model would weigh for the same work; where it knows none, the grams of what is missing.
          const swap = core
            .swapsForLine(now.recipe, { ...live.batch.needs, limits: undefined }, line.id, now, core.shelf)
            .find(({ recipe }) => recipe.lines.some((one) => one.replaces === line.id && one.foodId === id));
          const weight = swap?.recipe.lines.find((one) => one.replaces === line.id && one.foodId === id)?.grams?.best ?? null;
          setProposed(weight);
          setGrams(weight ?? line.grams?.best ?? null);
        }}
      />
    </Dialog>
  );
}
