/** Groups of guests over HTTP. */
import { Router } from 'express';
import { ANY_SOUP, checkBody, checkNeeds, checkRecipe } from '../../contract/check.ts';
import { Problem } from '../../contract/problems.ts';
import { changeGroupSchema, groupSchema, potsSchema } from '../../contract/tableSchemas.ts';
import type { NewGroup } from '../../contract/types.ts';
import type { Shelf } from '../../core/food/shelf.ts';
import { seatFault } from '../../core/group/seat.ts';
import type { Beside, PotsRequest } from '../../core/group/types.ts';
import type { Context } from '../context.ts';
import { notAllowed, route } from '../http.ts';

/** Seats are seats, each stands once, and what is needed can be asked of any soup. */
function checkGuests(guests: NewGroup['guests'], shelf: Shelf): void {
  checkSeats(guests);
  guests.forEach(({ needs, sides }, at) => {
    checkNeeds(needs, ANY_SOUP, shelf, `/guests/${at}/needs`);
    checkSides(sides, (id) => shelf.food(id) !== undefined, `/guests/${at}/sides`);
  });
}

/** What stands beside a bowl are foods of the shelf. */
export function checkSides(sides: readonly Beside[] | undefined, knows: (id: string) => boolean, at: string): void {
  const errors = (sides ?? []).flatMap(({ foodId }, place) =>
    knows(foodId) ? [] : [{ path: `${at}/${place}/foodId`, code: 'recipe.unknownFood' as const, message: `No food has the id ${foodId}.` }],
  );
  const [first] = errors;
  if (first) throw new Problem('recipe.unknownFood', `${first.path}: ${first.message}`, { errors });
}

/** Codes, each once. */
function checkSeats(guests: readonly { seat: string }[]): void {
  const faults = guests.flatMap(({ seat }, at) => {
    const fault = seatFault(seat) ?? (guests.findIndex((one) => one.seat === seat) < at ? 'the seat stands twice' : null);
    return fault === null ? [] : [{ path: `/guests/${at}/seat`, code: 'group.seat' as const, message: fault }];
  });
  const [first] = faults;
  if (first) throw new Problem('group.seat', `${first.path}: ${first.message}`, { errors: faults });
}

export const groupRoutes = ({ groups, shelf, heavy }: Context): Router => {
  const knows = (id: string) => shelf.now().food(id) !== undefined;
  return Router()
    .get(
      '/groups',
      route(async () => ({ groups: await groups.all() })),
    )
    .post(
      '/groups',
      route(({ body }) => {
        const group = checkBody<NewGroup>(groupSchema, body);
        checkGuests(group.guests, shelf.now());
        return groups.add(group);
      }, 201),
    )
    .all('/groups', notAllowed('GET', 'POST'))
    .get(
      '/groups/:id',
      route(({ params }) => groups.one(String(params.id))),
    )
    .put(
      '/groups/:id',
      route(({ params, body }) => {
        const group = checkBody<NewGroup & { revision: number }>(changeGroupSchema, body);
        checkGuests(group.guests, shelf.now());
        return groups.change(String(params.id), group);
      }),
    )
    .delete(
      '/groups/:id',
      route(async ({ params }) => {
        await groups.drop(String(params.id));
        return { gone: true };
      }),
    )
    .all('/groups/:id', notAllowed('GET', 'PUT', 'DELETE'))
    .post(
      '/pots',
      route(({ body }, left) => {
        const request = checkBody<PotsRequest>(potsSchema, body);
        checkRecipe(request.recipe, knows);
        checkSeats(request.guests);
        request.guests.forEach(({ needs, sides }, at) => {
          checkNeeds(needs, request.recipe, shelf.now(), `/guests/${at}/needs`);
          checkSides(sides, knows, `/guests/${at}/sides`);
        });
        return heavy.pots(request, left);
      }),
    )
    .all('/pots', notAllowed('POST'));
};
