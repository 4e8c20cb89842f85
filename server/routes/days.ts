/** Lunches by their day, over HTTP. */
import { Router } from 'express';
import { checkBody, checkRecipe } from '../../contract/check.ts';
import { Problem } from '../../contract/problems.ts';
import { daySchema } from '../../contract/tableSchemas.ts';
import type { NewDay } from '../../contract/types.ts';
import { seatFault } from '../../core/group/seat.ts';
import { dayAfter, isDay } from '../../core/quantity/day.ts';
import type { Context } from '../context.ts';
import { notAllowed, route } from '../http.ts';
import { checkSides } from './groups.ts';

/** Days that are asked for at once. */
const MOST_DAYS = 62;

function dayOf(text: unknown, what: string): string {
  if (typeof text === 'string' && isDay(text)) return text;
  throw new Problem('query.invalid', `${what} is a day like 2027-03-08.`);
}

/** Seats are seats here as everywhere. */
function checkSeats({ away, eats, beside = {}, together, worked }: NewDay): void {
  const seats = [
    ...away.map((seat, at) => [`/away/${at}`, seat] as const),
    ...Object.keys(eats).map((seat) => [`/eats/${seat}`, seat] as const),
    ...Object.keys(beside).map((seat) => [`/beside/${seat}`, seat] as const),
    ...together.flatMap((set, at) => set.map((seat, place) => [`/together/${at}/${place}`, seat] as const)),
    ...(worked?.pots ?? []).flatMap(({ seats: list }, at) => list.map((seat, place) => [`/worked/pots/${at}/seats/${place}`, seat] as const)),
    ...(worked?.unserved ?? []).map(({ seat }, at) => [`/worked/unserved/${at}/seat`, seat] as const),
  ];
  const faults = seats.flatMap(([path, seat]) => {
    const message = seatFault(seat);
    return message === null ? [] : [{ path, code: 'group.seat' as const, message }];
  });
  const [first] = faults;
  if (first) throw new Problem('group.seat', `${first.path}: ${first.message}`, { errors: faults });
}

export const dayRoutes = ({ days, shelf }: Context): Router => {
  const knows = (id: string) => shelf.now().food(id) !== undefined;
  return Router()
    .get(
      '/days',
      route(async ({ query }) => {
        const from = dayOf(query.from, 'from');
        const to = dayOf(query.to, 'to');
        if (to > dayAfter(from, MOST_DAYS)) throw new Problem('query.invalid', `No more than ${MOST_DAYS} days are told at once.`);
        return { days: await days.between(from, to) };
      }),
    )
    .all('/days', notAllowed('GET'))
    .get(
      '/days/:date',
      route(({ params }) => days.one(dayOf(params.date, 'The date'))),
    )
    .put(
      '/days/:date',
      route(({ params, body }) => {
        const date = dayOf(params.date, 'The date');
        const day = checkBody<NewDay & { revision: number }>(daySchema, body);
        checkSeats(day);
        for (const [seat, sides] of Object.entries(day.beside ?? {})) checkSides(sides, knows, `/beside/${seat}`);
        day.worked?.pots.forEach(({ recipe, beside = [] }, at) => {
          checkRecipe(recipe, knows, `/worked/pots/${at}/recipe`);
          beside.forEach(({ lines }, place) => {
            if (lines.length > 0) checkRecipe({ title: 'beside', lines, steps: [] }, knows, `/worked/pots/${at}/beside/${place}`);
          });
        });
        return days.change(date, day);
      }),
    )
    .all('/days/:date', notAllowed('GET', 'PUT'));
};
