/** The larder, saved views, and the soups that came with the program. */
import { Router } from 'express';
import { checkBody } from '../../contract/check.ts';
import { changeLarderSchema, demoSchema, larderSchema, viewSchema } from '../../contract/schemas.ts';
import type { NewLarderEntry, SavedView } from '../../contract/types.ts';
import type { Context } from '../context.ts';
import { addDemoBatches } from '../demo/batches.ts';
import { addDemo } from '../demo/load.ts';
import { notAllowed, route } from '../http.ts';

export const houseRoutes = ({ house, kitchen, book, shelf, batches }: Context): Router => {
  const gone = async (work: Promise<void>) => {
    await work;
    return { gone: true };
  };
  return Router()
    .get(
      '/larder',
      route(async () => ({ larder: await house.larder() })),
    )
    .post(
      '/larder',
      route(async ({ body }) => ({ larder: await house.addToLarder(checkBody<{ entries: NewLarderEntry[] }>(larderSchema, body).entries) }), 201),
    )
    .all('/larder', notAllowed('GET', 'POST'))
    .put(
      '/larder/:id',
      route(({ params, body }) => house.changeLarder(String(params.id), checkBody<NewLarderEntry & { revision: number }>(changeLarderSchema, body))),
    )
    .delete(
      '/larder/:id',
      route(({ params }) => gone(house.dropLarder(String(params.id)))),
    )
    .all('/larder/:id', notAllowed('PUT', 'DELETE'))
    .get(
      '/views',
      route(async () => ({ views: await house.views() })),
    )
    .post(
      '/views',
      route(({ body }) => house.addView(checkBody<Omit<SavedView, 'id'>>(viewSchema, body)), 201),
    )
    .all('/views', notAllowed('GET', 'POST'))
    .delete(
      '/views/:id',
      route(({ params }) => gone(house.dropView(String(params.id)))),
    )
    .all('/views/:id', notAllowed('DELETE'))
    .get(
      '/demo',
      route(() => kitchen.demo()),
    )
    .put(
      '/demo',
      route(async ({ body }) => {
        const { shown } = checkBody<{ shown: boolean }>(demoSchema, body);
        const now = await kitchen.demo();
        if (shown && now.shown + now.hidden === 0) {
          await addDemo(kitchen, book, shelf.base);
          await addDemoBatches(kitchen, batches, new Date());
          return kitchen.demo();
        }
        return kitchen.showDemo(shown);
      }),
    )
    .all('/demo', notAllowed('GET', 'PUT'));
};
