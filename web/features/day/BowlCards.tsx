import { CircleAlert } from 'lucide-react';
import { againstNeeds } from '../../../core/group/day.ts';
import { ALLERGEN_LABELS } from '../../../core/vocabulary/allergens.ts';
import { figure } from '../../kitchen/format.ts';
import type { AnalysedPot } from './DayPots.tsx';
import type { Present } from './useDayPlan.ts';

/** A card for each seat: which bowl, from which pot, what is in it, what its label still has to tell. Never a name, never a diagnosis. */
export function BowlCards({ date, pots, present }: { date: string; pots: readonly AnalysedPot[]; present: readonly Present[] }) {
  return (
    <section aria-label="Bowl cards" className="grid grid-cols-1 gap-2 sm:grid-cols-2 print:grid-cols-2">
      {present.flatMap((guest) => {
        const { seat, bowls = 1 } = guest;
        const pot = pots.find(({ seats }) => seats.includes(seat));
        if (!pot) return [];
        const { analysis } = pot;
        const { breaks, open } = againstNeeds(guest, analysis);
        const of = (state: 'contains' | 'check') =>
          analysis.allergens.filter((one) => one.state === state).map(({ id }) => ALLERGEN_LABELS[id].toLowerCase());
        return [
          <article
            key={seat}
            aria-label={`Card of ${seat}`}
            className="flex flex-col gap-1 rounded-lg border-2 border-kale bg-white p-3 break-inside-avoid"
          >
            <p className="flex items-baseline justify-between">
              <strong className="text-3xl">{seat}</strong>
              <span>
                pot {pot.number}
                {bowls !== 1 && `, ${figure(bowls)} bowls`}
              </span>
            </p>
            <p className="font-title text-xl">{pot.title}</p>
            {breaks.length > 0 && (
              <p className="flex items-center gap-1 border-2 border-kale p-1 font-semibold">
                <CircleAlert size={16} aria-hidden /> Not for this seat: {breaks.join(', ')}
              </p>
            )}
            {open.length > 0 && (
              <p className="flex items-center gap-1 font-semibold">
                <CircleAlert size={16} aria-hidden /> Read the label first: {open.join(', ')}
              </p>
            )}
            <p className="text-sm">
              {of('contains').length > 0 ? (
                <>
                  Contains <strong>{of('contains').join(', ')}</strong>
                </>
              ) : (
                'No allergen shown by the ingredients'
              )}
              {of('check').length > 0 && `. By the label: ${of('check').join(', ')}`}
            </p>
            <p className="text-sm">
              {figure(analysis.perServing.energyKcal.value)} kcal, protein {figure(analysis.perServing.proteinG.value)} g, sodium{' '}
              {figure(analysis.perServing.sodiumMg.value)} mg; {date}
            </p>
          </article>,
        ];
      })}
    </section>
  );
}
