import { useState } from 'react';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { REGIMES } from '../../../core/regime/regime.ts';
import { NUTRIENT_LABELS } from '../../../core/vocabulary/nutrient.ts';
import { figure, withUnit } from '../../kitchen/format.ts';
import type { Kitchen } from '../../kitchen/kitchen.ts';
import { Button } from '../../ui/button.tsx';
import { Field, Select } from '../../ui/field.tsx';
import { NumberInput, type Typed } from '../../ui/numberInput.tsx';
import { Notice } from '../../ui/state.tsx';
import { say } from '../../ui/toast.ts';
import { type BowlNow, bowlNow, outside } from './bowlNow.ts';
import type { BatchLive } from './useBatchLive.ts';

/** A pinch between thumb and two fingers, where the cook has weighed none of the own, g (common practice: 0.3 to 2). */
const USUAL_PINCH_G = 0.4;
export const usePinch = create<{ grams: number | null; set: (grams: number | null) => void }>()(
  persist((set) => ({ grams: null, set: (grams) => set({ grams }) }), { name: 'kind-ladle:pinch:1' }),
);

const KINDS = {
  salt: { label: 'salt', foodId: 'salt' },
  acid: { label: 'lemon juice', foodId: 'lemon-juice' },
  vinegar: { label: 'vinegar', foodId: 'wine-vinegar' },
  sweet: { label: 'sugar', foodId: 'sugar' },
  water: { label: 'water', foodId: 'water' },
} as const;
type Kind = keyof typeof KINDS;
const UNITS = { g: 'grams', pinch: 'my pinches', tsp: 'teaspoons', tbsp: 'tablespoons' } as const;
type Unit = keyof typeof UNITS;
const SPOON_ML = { tsp: 5, tbsp: 15 } as const;

/** Taste and adjust: what goes in, and what it makes of the bowl before it does. */
export function Adjust({ live, now, core }: { live: BatchLive; now: BowlNow; core: Kitchen }) {
  const [kind, setKind] = useState<Kind>('salt');
  const [unit, setUnit] = useState<Unit>('pinch');
  const [amount, setAmount] = useState<Typed>(1);
  const pinch = usePinch();
  const food = core.shelf.food(KINDS[kind].foodId);
  const grams = gramsOf(amount, unit, pinch.grams ?? USUAL_PINCH_G, food?.densityGPerMl ?? (kind === 'salt' ? 1.2 : kind === 'sweet' ? 0.85 : 1));
  const limits = live.batch.needs.limits ?? [];
  const next =
    grams > 0 && food
      ? bowlNow(live.batch, [...live.entries, { id: 'next', at: new Date().toISOString(), kind: 'added', foodId: food.id, grams }], core)
      : null;
  const watched = [...new Set(['sodiumMg' as const, ...limits.map(({ nutrient }) => nutrient)])];
  const broken = next ? limits.filter((limit) => outside(limit, per(next, limit)) && !outside(limit, per(now, limit))) : [];
  const help = core.bodyHelp(core.entriesOf(now.recipe, REGIMES[now.analysis.regime], core.shelf), now.analysis.potMl, core.blendedShare(now.recipe));
  const splash = core.splashMl(now.analysis.potMl);
  const thin = (ml: number, text: string) => {
    live.write({ kind: 'added', foodId: 'water', grams: ml, text });
    say(`${figure(ml)} ml of water noted.`);
  };
  const put = () => {
    if (!food || grams <= 0) return;
    live.write({
      kind: 'added',
      foodId: food.id,
      grams: Number(grams.toFixed(2)),
      text: `${KINDS[kind].label}, ${figure(amount ?? 0)} ${UNITS[unit]}`,
    });
    say(`${figure(grams)} g of ${KINDS[kind].label} noted.`);
  };
  return (
    <section aria-label="Taste and adjust" className="flex flex-col gap-2 rounded-xl border border-line bg-card p-3">
      <h2 className="text-lg">Taste and adjust</h2>
      <div className="flex flex-wrap items-end gap-2">
        <Field label="What goes in">
          <Select className="min-h-11" value={kind} onChange={(event) => setKind(event.target.value as Kind)}>
            {(Object.keys(KINDS) as Kind[])
              .filter((one) => core.shelf.food(KINDS[one].foodId))
              .map((one) => (
                <option key={one} value={one}>
                  {KINDS[one].label}
                </option>
              ))}
          </Select>
        </Field>
        <Field label="How much">
          <NumberInput className="min-h-11 w-20" value={amount} min={0} max={100_000} onValue={setAmount} />
        </Field>
        <Field label="in">
          <Select className="min-h-11" value={unit} onChange={(event) => setUnit(event.target.value as Unit)}>
            {(Object.keys(UNITS) as Unit[]).map((one) => (
              <option key={one} value={one}>
                {UNITS[one]}
              </option>
            ))}
          </Select>
        </Field>
        <Button kind="main" className="min-h-11" disabled={grams <= 0} onClick={put}>
          It is in
        </Button>
      </div>
      {broken.length > 0 && next && (
        <Notice tone="breaks">
          {broken.map((limit) => (
            <span key={`${limit.nutrient} ${limit.per}`} className="block font-semibold">
              With it a bowl has {withUnit(limit.nutrient, per(next, limit))} of {NUTRIENT_LABELS[limit.nutrient].toLowerCase()}: over its limit of{' '}
              {withUnit(limit.nutrient, limit.max ?? limit.min ?? 0)}.
            </span>
          ))}
        </Notice>
      )}
      <dl className="grid grid-cols-[1fr_auto] gap-x-3" aria-live="polite">
        {watched.map((nutrient) => {
          const limit = limits.find((one) => one.nutrient === nutrient);
          const value = now.analysis.perServing[nutrient].value;
          const after = next?.analysis.perServing[nutrient].value ?? value;
          return (
            <div key={nutrient} className="contents">
              <dt>
                {NUTRIENT_LABELS[nutrient]}, one bowl
                {limit && <span className="text-kale-soft"> ({limitWords(limit.min, limit.max)})</span>}
              </dt>
              <dd className="text-right tabular-nums">
                <strong>{withUnit(nutrient, value)}</strong>
                {Math.abs(after - value) > 0.5 && ` › ${withUnit(nutrient, after)}`}
              </dd>
            </div>
          );
        })}
        <dt>salt in the pot</dt>
        <dd className="text-right tabular-nums">
          {now.analysis.saltPercent.toFixed(2)} %{next && ` › ${next.analysis.saltPercent.toFixed(2)} %`}
        </dd>
      </dl>
      {unit === 'pinch' && (
        <div className="flex flex-wrap items-end gap-2 text-sm">
          <Field label={pinch.grams === null ? `My pinch, g (not weighed: ${USUAL_PINCH_G} is taken)` : 'My pinch, g'}>
            <NumberInput late className="w-20" value={pinch.grams} min={0.05} max={5} onValue={(grams) => grams !== undefined && pinch.set(grams)} />
          </Field>
          <span className="pb-1 text-kale-soft">Weigh ten of them once, and divide by ten.</span>
        </div>
      )}
      {help.thin && (
        <p className="flex flex-wrap items-center gap-2">
          {splash < help.thin.ml && (
            <Button className="min-h-11" onClick={() => thin(splash, 'a splash of water')}>
              A splash: {figure(splash)} ml of water
            </Button>
          )}
          <Button className="min-h-11" onClick={() => thin(help.thin?.ml ?? 0, 'water, one step thinner')}>
            One step thinner: {figure(help.thin.ml)} ml of water
          </Button>
          <span className="text-sm text-kale-soft">
            now {now.analysis.body.word}, one step on {help.thin.word}; stir and taste between, it cannot be taken out again
          </span>
        </p>
      )}
    </section>
  );
}

const per = ({ analysis }: BowlNow, { nutrient, per: of }: { nutrient: keyof BowlNow['analysis']['perServing']; per: 'serving' | '100g' }): number =>
  (of === 'serving' ? analysis.perServing : analysis.per100g)[nutrient].value;

const limitWords = (min: number | undefined, max: number | undefined): string =>
  [min === undefined ? '' : `from ${figure(min)}`, max === undefined ? '' : `at most ${figure(max)}`].filter(Boolean).join(', ');

function gramsOf(amount: Typed, unit: Unit, pinchGrams: number, gramsPerMl: number): number {
  if (typeof amount !== 'number' || !(amount > 0)) return 0;
  if (unit === 'g') return amount;
  return unit === 'pinch' ? amount * pinchGrams : amount * SPOON_ML[unit] * gramsPerMl;
}
