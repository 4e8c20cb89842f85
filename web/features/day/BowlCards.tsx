import { CircleAlert } from 'lucide-react';
import { againstNeeds } from '../../../core/group/day.ts';
import { ALLERGEN_LABELS } from '../../../core/vocabulary/allergens.ts';
import { figure } from '../../kitchen/format.ts';
import type { Seated } from './useSeats.ts';

/** A card for each seat: which bowl, from which pot, what stands beside it, what its label still has to tell. Never a name, never a diagnosis. */
export function BowlCards({ date, seats }: { date: string; seats: readonly Seated[] }) {
  return (
    <section aria-label="Bowl cards" className="grid grid-cols-1 gap-2 sm:grid-cols-2 print:grid-cols-2">
      {seats.map(({ guest, pot, analysis, plate }) => {
        const { seat, bowls = 1 } = guest;
        const { breaks, open, beside } = againstNeeds(guest, analysis);
        const onPlate = analysis.allergens
          .filter(({ scopes }) => scopes.plate === 'contains' && scopes.bowl !== 'contains')
          .map(({ id }) => ALLERGEN_LABELS[id].toLowerCase());
        const of = (state: 'contains' | 'check') =>
          analysis.allergens.filter((one) => one.state === state).map(({ id }) => ALLERGEN_LABELS[id].toLowerCase());
        return (
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
            {beside.length > 0 && (
              <p className="flex items-center gap-1 border-2 border-kale p-1 font-semibold">
                <CircleAlert size={16} aria-hidden /> Not what stands beside it: {beside.join(', ')}
              </p>
            )}
            {plate.beside.length > 0 && (
              <p className="text-sm">
                Beside: {plate.beside.map(({ name, grams }) => `${grams === null ? '' : `${figure(grams)} g `}${name.toLowerCase()}`).join('; ')}
                {onPlate.length > 0 && (
                  <>
                    , with <strong>{onPlate.join(', ')}</strong>
                  </>
                )}
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
          </article>
        );
      })}
    </section>
  );
}
