import { useMemo } from 'react';
import { againstNeeds } from '../../../core/group/day.ts';
import { rankNotes } from '../../../core/notes/rank.ts';
import type { RegimeId } from '../../../core/regime/regime.ts';
import type { Kitchen } from '../../kitchen/kitchen.ts';
import { Notice } from '../../ui/state.tsx';
import type { AnalysedPot } from './DayPots.tsx';
import type { Seated } from './useSeats.ts';

interface Props {
  pots: readonly AnalysedPot[];
  seats: readonly Seated[];
  regime: RegimeId;
  core: Kitchen;
}

/** What has to be seen to before the first bowl goes out: packs to read, bowls to test, cautions of each pot. */
export function BeforeService({ pots, seats, regime, core }: Props) {
  const labels = useMemo(() => {
    const byFood = new Map<string, { name: string; lookFor: Set<string>; pots: number[] }>();
    for (const { number, recipe, analysis } of pots)
      for (const { foodId, name, lookFor } of core.labelWorklist(recipe, regime, core.shelf, analysis.diets)) {
        if (lookFor.length === 0 && foodId !== null) continue;
        const row = byFood.get(foodId ?? name) ?? { name, lookFor: new Set<string>(), pots: [] };
        for (const { label } of lookFor) row.lookFor.add(label);
        row.pots.push(number);
        byFood.set(foodId ?? name, row);
      }
    return [...byFood.values()];
  }, [pots, regime, core]);
  const waiting = seats.map(({ guest, analysis }) => ({ seat: guest.seat, ...againstNeeds(guest, analysis) }));
  const besides = waiting.filter(({ beside }) => beside.length > 0);
  const wrong = waiting.filter(({ breaks }) => breaks.length > 0);
  const unread = waiting.filter(({ open }) => open.length > 0);
  const present = useMemo(() => seats.map(({ guest }) => guest), [seats]);
  const textures = present.filter(({ needs }) => needs.smooth || needs.body !== undefined);
  const cautions = useMemo(() => {
    const told = new Map<string, number[]>();
    for (const { number, analysis, seats: own } of pots) {
      const needs = present.filter(({ seat }) => own.includes(seat)).map((guest) => guest.needs);
      const asked = {
        allergens: needs.flatMap((one) => one.allergens ?? []),
        diets: needs.flatMap((one) => one.diets ?? []),
        smooth: needs.some((one) => one.smooth),
      };
      for (const { message } of rankNotes(analysis.notes, asked).first) told.set(message, [...(told.get(message) ?? []), number]);
    }
    return [...told];
  }, [pots, present]);
  return (
    <section aria-label="Before service" className="grid gap-4 rounded-xl border border-line bg-card p-3 md:grid-cols-2">
      <div className="break-inside-avoid">
        <h2 className="text-lg">{labels.length === 0 ? 'No label left to read' : 'Packs to read before service'}</h2>
        {wrong.length > 0 && (
          <Notice tone="breaks">
            Not to be served: {wrong.map(({ seat, breaks }) => `the pot of ${seat} has what ${seat} must not have (${breaks.join(', ')})`).join('; ')}
            . Work the day out again.
          </Notice>
        )}
        {besides.length > 0 && (
          <Notice tone="breaks">
            Not beside the bowl: {besides.map(({ seat, beside }) => `what stands beside ${seat} has, or may have, ${beside.join(', ')}`).join('; ')}.
            Set another thing there.
          </Notice>
        )}
        {unread.length > 0 && (
          <Notice tone="check">
            No bowl goes out before its label is read to: {unread.map(({ seat, open }) => `${seat} (${open.join(', ')})`).join('; ')}.
          </Notice>
        )}
        <ul>
          {labels.map(({ name, lookFor, pots: numbers }) => (
            <li key={name}>
              <span aria-hidden>☐ </span>
              {name}
              {lookFor.size > 0 && `: ${[...lookFor].join(', ')}`} <span className="text-kale-soft">(pot {[...new Set(numbers)].join(', ')})</span>
            </li>
          ))}
        </ul>
      </div>
      <div className="break-inside-avoid">
        <h2 className="text-lg">{textures.length === 0 ? 'No texture was asked for' : 'Bowls to test'}</h2>
        <ul>
          {textures.map(({ seat, needs }) => (
            <li key={seat}>
              <span aria-hidden>☐ </span>
              {seat}: {needs.smooth ? 'smooth, nothing in pieces' : 'as thick as asked'}; test the bowl as it is served (flow, drip, tilt). No level
              follows from a calculation.
            </li>
          ))}
        </ul>
      </div>
      <div className="md:col-span-2">
        <h2 className="text-lg">Cautions</h2>
        <ul className="list-disc pl-5 text-sm">
          {cautions.map(([message, numbers]) => (
            <li key={message}>
              {message} <span className="text-kale-soft">(pot {numbers.join(', ')})</span>
            </li>
          ))}
          <li>
            A clean blender, ladle and spoon for each pot, the strictest first. Worked out from the ingredients: your own procedure and the local code
            decide.
          </li>
        </ul>
      </div>
    </section>
  );
}
