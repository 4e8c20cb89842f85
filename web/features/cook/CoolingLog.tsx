import { useState } from 'react';
import { REGIMES, type RegimeId } from '../../../core/regime/regime.ts';
import { figure } from '../../kitchen/format.ts';
import type { Kitchen } from '../../kitchen/kitchen.ts';
import { Button } from '../../ui/button.tsx';
import { Field, Select } from '../../ui/field.tsx';
import { NumberInput, type Typed } from '../../ui/numberInput.tsx';
import { Notice, State } from '../../ui/state.tsx';
import { Tick } from '../../ui/tick.tsx';
import { TakeReading } from '../devices/TakeReading.tsx';
import { CoolingCurve } from './CoolingCurve.tsx';
import type { BatchLive } from './useBatchLive.ts';

const AIRS = { still: 'still fridge air', moving: 'moving air', iceBath: 'an ice bath, stirred' } as const;
type Air = keyof typeof AIRS;
const TONE = { passes: 'meets', fails: 'breaks', open: 'check' } as const;
const WORDS = { passes: 'passes by its readings', fails: 'fails', open: 'not over' } as const;
const MINUTE = 60_000;

/** The log of a cooling: readings by hand, the rule of the regime, and how the estimate goes on. Only readings pass. */
export function CoolingLog({ live, core, regime }: { live: BatchLive; core: Kitchen; regime: RegimeId }) {
  const [celsius, setCelsius] = useState<Typed>(null);
  const noted = core.ofKind(core.standing(live.entries), 'cooling');
  const kept = noted.findLast(({ container }) => container)?.container;
  const [depthCm, setDepth] = useState<Typed>(kept?.depthCm ?? 5);
  const [covered, setCovered] = useState(kept?.covered ?? false);
  const [air, setAir] = useState<Air>(kept?.air ?? 'still');
  const container = typeof depthCm === 'number' ? { depthCm, covered, air } : undefined;
  const start = noted[0] ? Date.parse(noted[0].at) : 0;
  const readings = noted.map(({ at, celsius: degrees }) => ({ minutes: (Date.parse(at) - start) / MINUTE, celsius: degrees }));
  // Before the first reading the estimate begins where the clock of the rule does.
  const { hotHoldC } = REGIMES[regime].keeping;
  const cooling = core.coolingOf({ regime, readings, ...(container ? { container } : {}), ...(readings.length === 0 ? { from: hotHoldC } : {}) });
  return (
    <section aria-label="Cooling" className="flex flex-col gap-2 rounded-xl border border-line bg-card p-3">
      <div className="flex flex-wrap items-center gap-2">
        <h2 className="mr-auto text-lg">Cooling</h2>
        {readings.length > 0 && <State tone={TONE[cooling.verdict]}>{WORDS[cooling.verdict]}</State>}
      </div>
      <form
        className="flex flex-wrap items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (typeof celsius !== 'number') return;
          live.write({ kind: 'cooling', celsius, ...(container ? { container } : {}) });
          setCelsius(null);
        }}
      >
        <Field label="In the middle, °C">
          <NumberInput className="min-h-11 w-24" value={celsius} min={-20} max={120} onValue={setCelsius} />
        </Field>
        <Field label="Depth, cm">
          <NumberInput className="min-h-11 w-20" value={depthCm} min={0.5} max={100} onValue={setDepth} />
        </Field>
        <Field label="It stands in">
          <Select className="min-h-11" value={air} onChange={(event) => setAir(event.target.value as Air)}>
            {(Object.keys(AIRS) as Air[]).map((one) => (
              <option key={one} value={one}>
                {AIRS[one]}
              </option>
            ))}
          </Select>
        </Field>
        <Tick checked={covered} onChange={setCovered}>
          lid on
        </Tick>
        <Button type="submit" kind="main" className="min-h-11" disabled={typeof celsius !== 'number'}>
          Note the reading
        </Button>
        <TakeReading
          kind="probe"
          what="degrees in the middle"
          onTake={(value) => live.write({ kind: 'cooling', celsius: value, ...(container ? { container } : {}) })}
        />
      </form>
      <CoolingCurve readings={readings} predicted={cooling.predicted ?? []} stages={cooling.stages} />
      {cooling.stages.length > 0 && (
        <table className="w-full max-w-xl text-sm">
          <caption className="sr-only">Stages of the rule</caption>
          <thead className="text-left text-kale-soft">
            <tr>
              <th scope="col" className="font-normal">
                stage
              </th>
              <th scope="col" className="text-right font-normal">
                allowed
              </th>
              <th scope="col" className="text-right font-normal">
                took
              </th>
              <th scope="col" className="pl-3 font-normal">
                by the readings
              </th>
            </tr>
          </thead>
          <tbody>
            {cooling.stages.map(({ from, to, withinMin, tookMin, verdict }) => (
              <tr key={`${from} ${to}`} className="border-t border-line/60">
                <th scope="row" className="text-left font-normal">
                  {from} to {to} °C
                </th>
                <td className="text-right">{withinMin} min</td>
                <td className="text-right">{tookMin === null ? '' : `${figure(tookMin)} min`}</td>
                <td className="pl-3">{readings.length > 0 && <State tone={TONE[verdict]}>{WORDS[verdict]}</State>}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {cooling.advice.map((words) => (
        <Notice key={words} tone={cooling.verdict === 'fails' ? 'breaks' : 'plain'}>
          {words}
        </Notice>
      ))}
      <p className="text-sm text-kale-soft">
        {cooling.source}. The curve is an estimate: it warns or says nothing, and only readings pass. Your local code decides.
      </p>
    </section>
  );
}
