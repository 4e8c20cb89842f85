import type { NewDay } from '../../../contract/types.ts';
import type { SeatPlate } from '../../../core/group/seatPlate.ts';
import type { Beside } from '../../../core/group/types.ts';
import { figure } from '../../kitchen/format.ts';
import type { Kitchen } from '../../kitchen/kitchen.ts';
import { Button } from '../../ui/button.tsx';
import { State, type Tone } from '../../ui/state.tsx';
import { Table } from '../../ui/table.tsx';
import { BesideToday } from './BesideToday.tsx';
import type { Seated } from './useSeats.ts';

interface Props {
  seats: readonly Seated[];
  beside: NonNullable<NewDay['beside']>;
  core: Kitchen;
  onBeside: (beside: Record<string, Beside[]>) => unknown;
}

type Row = SeatPlate & { pot: number; own: boolean; scope: 'bowl' | 'plate' };
const TONE: Record<Row['stands']['state'], Tone> = { fits: 'meets', check: 'check', breaks: 'breaks' };

const MISSING = { energyKcal: 'kcal', proteinG: 'g protein', fibreG: 'g fibre' } as const;
const missingWords = ({ nutrient, have, target }: SeatPlate['lacks'][number]) => `${Math.max(1, Math.round(target - have))} ${MISSING[nutrient]}`;

/** Each seat's plate: bowls, what stands beside, what it comes to, and whether it makes a meal. */
export function Plates({ seats, beside, core, onBeside }: Props) {
  const rows = seats.map(
    ({ guest, pot, plate }): Row => ({ ...plate, pot: pot.number, own: guest.seat in beside, scope: guest.needs.scope ?? 'bowl' }),
  );
  if (rows.length === 0) return null;
  const meals = rows.filter(({ lacks }) => lacks.length === 0).length;
  const usual = ({ seat }: Row) => onBeside(Object.fromEntries(Object.entries(beside).filter(([other]) => other !== seat)));
  const of = (nutrient: 'energyKcal' | 'proteinG' | 'fibreG' | 'sodiumMg') => ({
    cell: ({ figures }: Row) => `${figures[nutrient].atLeast ? 'at least ' : ''}${figure(figures[nutrient].value)}`,
    isFigure: true,
    className: 'pl-4',
    headClass: 'pl-4',
  });
  return (
    <section aria-label="Plates" className="overflow-x-auto rounded-xl border border-line bg-card p-3">
      <h2 className="text-lg">
        The plates: {meals} of {rows.length} make a main meal
      </h2>
      <p className="text-sm text-kale-soft">
        All bowls of a seat with one plate of what stands beside. A light main meal is taken to bring 450 kcal, 20 g protein and 8 g fibre (common
        practice); whoever eats by a plan of their own has other figures.
      </p>
      <Table
        caption="Each seat's plate"
        columns={[
          { head: 'Seat', cell: ({ seat, bowls }: Row) => `${seat}${bowls === 1 ? '' : `, ${figure(bowls)} bowls`}`, isHead: true },
          { head: 'Pot', cell: ({ pot }: Row) => pot, className: 'pr-4', headClass: 'pr-4' },
          {
            head: 'Beside',
            cell: (row: Row) => (
              <span className="flex flex-wrap items-center gap-x-2">
                {row.beside.length === 0
                  ? 'nothing'
                  : row.beside.map(({ name, grams }) => `${grams === null ? '' : `${figure(grams)} g `}${name}`).join('; ')}
                {row.toTaste.length > 0 && <span className="text-kale-soft">by taste: {row.toTaste.join(', ')}</span>}
                <BesideToday seat={row.seat} core={core} onSides={(sides) => onBeside({ ...beside, [row.seat]: sides })} />
                {row.own && (
                  <Button kind="chip" className="print:hidden" aria-label={`Beside ${row.seat} as usual`} onClick={() => usual(row)}>
                    as usual
                  </Button>
                )}
              </span>
            ),
          },
          { head: 'kcal', ...of('energyKcal') },
          { head: 'Protein, g', ...of('proteinG') },
          { head: 'Fibre, g', ...of('fibreG') },
          { head: 'Sodium, mg', ...of('sodiumMg') },
          {
            head: 'By what is needed',
            cell: ({ stands, over, scope }: Row) => (
              <span className="flex flex-col items-start gap-0.5">
                <State tone={TONE[stands.state]}>
                  {scope}: {stands.state}
                </State>
                {stands.plate && <State tone={TONE[stands.plate.state]}>with the plate: {stands.plate.state}</State>}
                {stands.plate?.reasons.map(({ need, because }) => (
                  <span key={need} className="text-kale-soft">
                    {need}
                    {because.length > 0 && `: ${because.join('; ')}`}
                  </span>
                ))}
                {over.map((words) => (
                  <span key={words} className="text-beet">
                    {words}
                  </span>
                ))}
              </span>
            ),
            className: 'pl-4',
            headClass: 'pl-4',
          },
          {
            head: 'A main meal',
            cell: ({ lacks }: Row) => (lacks.length === 0 ? 'yes' : `lacks ${lacks.map(missingWords).join(', ')}`),
            className: 'pl-4',
            headClass: 'pl-4',
          },
        ]}
        rows={rows}
        keyOf={({ seat }) => seat}
      />
    </section>
  );
}
