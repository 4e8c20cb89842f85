import { useMemo } from 'react';
import { Link } from 'react-router';
import type { DayBody, DayPot, GroupBody } from '../../../contract/types.ts';
import { asSeated, type Eaten, type GuestWeek, WEEK_FIGURES, weekOf } from '../../../core/group/day.ts';
import { shoppingList } from '../../../core/sheet/lists.ts';
import { nutrientName, nutrientUnit } from '../../../core/vocabulary/nutrient.ts';
import { useLarder } from '../../api/house.ts';
import { figure } from '../../kitchen/format.ts';
import { type Kitchen, useToday } from '../../kitchen/kitchen.ts';
import { State } from '../../ui/state.tsx';
import { Table } from '../../ui/table.tsx';
import { stockOf } from '../larder/stock.ts';
import { Aisles } from '../sheet/Aisles.tsx';
import { toBuy } from './toBuy.ts';

type Row = GuestWeek & { group: string };

interface Props {
  dates: readonly string[];
  days: readonly DayBody[];
  groups: readonly GroupBody[];
  core: Kitchen;
}

const weekday = (date: string) => new Date(`${date}T12:00:00`).toLocaleDateString(undefined, { weekday: 'short', day: 'numeric', month: 'short' });

/** Of a pot what its guests ate: those with sides of their own have another plate than the others. */
function eatenFrom(date: string, { title, seats, recipe, regime, beside = [] }: DayPot, core: Kitchen): Eaten[] {
  const own = beside.flatMap((one) => one.seats);
  const tables = [seats.filter((seat) => !own.includes(seat)), ...beside.map((one) => one.seats)].filter((table) => table.length > 0);
  return tables.map((table) => {
    const served = core.asServed({ recipe, beside }, table[0] as string);
    const { perServing, plateServing } = core.analyse(served, { regime: regime ?? 'us' }, core.shelf);
    return { date, title, seats: table, perServing, ...(plateServing ? { plateServing } : {}) };
  });
}

/** A week at a glance: what is cooked each day, what each guest gets over it, how often the limits of each were kept; and one list to shop from. */
export function WeekTable({ dates, days, groups, core }: Props) {
  const { data: larder = [] } = useLarder();
  const today = useToday();
  const worked = useMemo(() => days.filter((day) => day.worked !== null), [days]);
  // A seat is a guest of its group: A1 of another table is somebody else.
  const rows = useMemo(
    () =>
      groups.flatMap((group) => {
        const own = worked.filter(({ groupId }) => groupId === group.id);
        const eaten = own.flatMap(({ date, worked: done }) => (done?.pots ?? []).flatMap((pot) => eatenFrom(date, pot, core)));
        return weekOf(asSeated(group.guests, group.scope), eaten)
          .filter((row) => row.days.length > 0)
          .map((row) => ({ ...row, group: group.name }));
      }),
    [groups, worked, core],
  );
  const many = new Set(rows.map(({ group }) => group)).size > 1;
  const recipes = useMemo(() => worked.filter(({ date }) => date >= today).flatMap(({ worked: done }) => toBuy(done?.pots ?? [])), [worked, today]);
  const aisles = useMemo(() => shoppingList(recipes, core.shelf, stockOf(larder, today)), [recipes, core, larder, today]);
  return (
    <div className="flex flex-col gap-4">
      <ul aria-label="The days" className="grid gap-2 sm:grid-cols-4 lg:grid-cols-7">
        {dates.map((date) => {
          const day = days.find((one) => one.date === date);
          const titles = [...new Set((day?.worked?.pots ?? []).map(({ title }) => title))];
          return (
            <li key={date} className="flex flex-col rounded-xl border border-line bg-card p-2 text-sm">
              <Link className="underline" to={`/day/${date}`}>
                {weekday(date)}
              </Link>
              {titles.length > 0 ? (
                titles.map((title) => <span key={title}>{title}</span>)
              ) : (
                <span className="text-kale-soft">{day && day.soups.length > 0 ? 'not worked out' : 'nothing yet'}</span>
              )}
              {day?.worked && (
                <span className="text-kale-soft">
                  {day.worked.pots.length} {day.worked.pots.length === 1 ? 'pot' : 'pots'},{' '}
                  {figure(day.worked.pots.reduce((sum, { bowls }) => sum + bowls, 0))} bowls
                </span>
              )}
            </li>
          );
        })}
      </ul>
      {rows.length > 0 && (
        <section aria-label="Guests over the week" className="overflow-x-auto rounded-xl border border-line bg-card p-3">
          <Table
            caption="What each guest gets from these lunches, with what stands beside the bowls"
            captionShown
            columns={[
              { head: 'Seat', cell: ({ seat, group }: Row) => (many ? `${seat}, ${group}` : seat), isHead: true },
              { head: 'Lunches', cell: ({ days: own }: Row) => own.length, isFigure: true },
              ...WEEK_FIGURES.map((key) => ({
                head: `${nutrientName(key)}, ${nutrientUnit(key)}`,
                cell: ({ totals, atLeast }: Row) => `${atLeast.includes(key) ? 'at least ' : ''}${figure(totals[key])}`,
                isFigure: true,
                className: 'pl-4',
                headClass: 'pl-4',
              })),
              {
                head: 'Limits by the bowl',
                cell: ({ limits }: Row) => (
                  <span className="flex flex-wrap gap-1">
                    {limits.map(({ nutrient, max, min, kept, open, of }) => (
                      <State key={`${nutrient} ${max ?? ''} ${min ?? ''}`} tone={kept === of ? 'meets' : kept + open === of ? 'check' : 'breaks'}>
                        {nutrientName(nutrient)} {max === undefined ? `from ${min}` : `to ${max}`} {nutrientUnit(nutrient)}: kept {kept} of {of}
                        {open > 0 && `, ${open} not known`}
                      </State>
                    ))}
                  </span>
                ),
                className: 'pl-4',
                headClass: 'pl-4',
              },
            ]}
            rows={rows}
            keyOf={({ seat, group }) => `${group} ${seat}`}
          />
        </section>
      )}
      {recipes.length > 0 && (
        <section aria-label="Shopping list" className="rounded-xl border border-line bg-card p-3">
          <h2 className="text-xl">One list for these days, from today on</h2>
          <Aisles aisles={aisles} />
        </section>
      )}
    </div>
  );
}
