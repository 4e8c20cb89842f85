import { useMemo } from 'react';
import { NUTRIENT_LABELS, type Nutrient } from '../../../core/vocabulary/nutrient.ts';
import { figure, withUnit } from '../../kitchen/format.ts';
import type { Kitchen } from '../../kitchen/kitchen.ts';
import { State } from '../../ui/state.tsx';
import { type BowlNow, bowlNow, outside } from './bowlNow.ts';
import { entryWords } from './Entries.tsx';
import type { BatchLive } from './useBatchLive.ts';

const SHOWN: readonly Nutrient[] = ['energyKcal', 'proteinG', 'fatG', 'saturatedFatG', 'availableCarbohydrateG', 'fibreG', 'sodiumMg', 'potassiumMg'];
/** Less of a difference is none, as a share and in its unit. */
const SAME = 0.005;
const MOST_TRACES = 3;

/** One bowl as it was planned and as it was cooked, each difference by the entries that made it. */
export function Against({ live, now, core }: { live: BatchLive; now: BowlNow; core: Kitchen }) {
  const { batch, entries } = live;
  const planned = useMemo(() => bowlNow(batch, [], core).analysis, [batch, core]);
  const limits = batch.needs.limits ?? [];
  const { regime, limits: asked } = batch.needs;
  const shown = useMemo(() => [...new Set([...SHOWN, ...(asked ?? []).map(({ nutrient }) => nutrient)])], [asked]);
  const traces = useMemo(
    () => core.traced(batch.recipe, entries, shown, regime ? { regime } : {}, core.shelf),
    [batch, entries, core, regime, shown],
  );
  const byId = new Map(entries.map((entry) => [entry.id, entry]));
  const brought = now.analysis.allergens.filter(({ id, state }) => state !== planned.allergens.find((one) => one.id === id)?.state);
  return (
    <section aria-label="Planned and cooked" className="rounded-xl border border-line bg-card p-3">
      <h2 className="text-lg">One bowl, planned and cooked</h2>
      <p className="text-kale-soft">
        {figure(now.analysis.servings)} bowls of {figure(now.analysis.servingMl)} ml, {now.analysis.body.word}; planned {figure(planned.servingMl)}{' '}
        ml, {planned.body.word}
      </p>
      <table className="w-full text-sm">
        <caption className="sr-only">One bowl, planned and cooked</caption>
        <thead className="text-left text-kale-soft">
          <tr>
            <th scope="col" className="font-normal">
              one bowl
            </th>
            <th scope="col" className="text-right font-normal">
              planned
            </th>
            <th scope="col" className="text-right font-normal">
              cooked
            </th>
            <th scope="col" className="pl-4 font-normal">
              by
            </th>
          </tr>
        </thead>
        <tbody>
          {shown.map((nutrient) => {
            const [was, is] = [planned.perServing[nutrient].value, now.analysis.perServing[nutrient].value];
            const differs = Math.abs(is - was) > SAME * Math.max(1, Math.abs(was));
            const limit = limits.find((one) => one.nutrient === nutrient && one.per === 'serving');
            const by = traces
              .flatMap(({ entryId, change }) => {
                const entry = byId.get(entryId);
                const added = change[nutrient] ?? 0;
                return entry && Math.abs(added) > SAME * Math.max(1, Math.abs(was)) ? [{ entry, added }] : [];
              })
              .sort((a, b) => Math.abs(b.added) - Math.abs(a.added))
              .slice(0, MOST_TRACES);
            return (
              <tr key={nutrient} className="border-t border-line/60 align-top">
                <th scope="row" className="text-left font-normal">
                  {NUTRIENT_LABELS[nutrient]}
                </th>
                <td className="pl-3 text-right whitespace-nowrap">{withUnit(nutrient, was)}</td>
                <td className="pl-3 text-right whitespace-nowrap">
                  {differs ? <strong>{withUnit(nutrient, is)}</strong> : withUnit(nutrient, is)}{' '}
                  {limit && outside(limit, is) && <State tone="breaks">over {figure(limit.max ?? limit.min ?? 0)}</State>}
                </td>
                <td className="pl-4 text-kale-soft">
                  {differs &&
                    by.map(({ entry, added }) => `${added > 0 ? '+' : ''}${figureSigned(added)}: ${entryWords(entry, live, core)}`).join('; ')}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      {brought.length > 0 && (
        <p className="mt-2">
          <strong>Allergens differ from the plan:</strong>{' '}
          {brought.map(({ id, state }) => `${id}: ${planned.allergens.find((one) => one.id === id)?.state ?? 'absent'} › ${state}`).join(', ')}
        </p>
      )}
    </section>
  );
}

const figureSigned = (value: number): string => (value < 0 ? `-${figure(-value)}` : figure(value));
