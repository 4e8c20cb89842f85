/** What the house makes and soups take grams of. */
import { Router } from 'express';
import { checkBody, checkRecipe } from '../../contract/check.ts';
import { changePreparationSchema, madeSchema, preparationSchema, takeMadeSchema } from '../../contract/schemas.ts';
import type { NewMade } from '../../contract/types.ts';
import type { Context } from '../context.ts';
import { notAllowed, route } from '../http.ts';
import type { NewPreparation } from '../services/preparations.ts';

export const preparationRoutes = ({ preparations, made, shelf }: Context): Router => {
  const knows = (id: string) => shelf.now().food(id) !== undefined;
  return Router()
    .get(
      '/preparations',
      route(async () => ({ preparations: await preparations.all() })),
    )
    .post(
      '/preparations',
      route(({ body }) => {
        const preparation = checkBody<NewPreparation>(preparationSchema, body);
        checkRecipe(preparation.recipe, knows);
        return preparations.add(preparation);
      }, 201),
    )
    .all('/preparations', notAllowed('GET', 'POST'))
    .get(
      '/preparations/:id',
      route(({ params }) => preparations.one(String(params.id))),
    )
    .put(
      '/preparations/:id',
      route(({ params, body }) => {
        const preparation = checkBody<NewPreparation & { revision: number }>(changePreparationSchema, body);
        checkRecipe(preparation.recipe, knows);
        return preparations.change(String(params.id), preparation);
      }),
    )
    .delete(
      '/preparations/:id',
      route(async ({ params }) => {
        await preparations.drop(String(params.id));
        return { gone: true };
      }),
    )
    .all('/preparations/:id', notAllowed('GET', 'PUT', 'DELETE'))
    .post(
      '/preparations/:id/made',
      route(async ({ params, body }) => ({ made: await made.make(String(params.id), checkBody<NewMade>(madeSchema, body)) }), 201),
    )
    .all('/preparations/:id/made', notAllowed('POST'))
    .get(
      '/made',
      route(async () => ({ made: await made.all() })),
    )
    .all('/made', notAllowed('GET'))
    .delete(
      '/made/taken/:id',
      route(async ({ params }) => ({ made: await made.putBack(String(params.id)) })),
    )
    .all('/made/taken/:id', notAllowed('DELETE'))
    .post(
      '/made/:id/take',
      route(async ({ params, body }) => ({
        made: await made.take(String(params.id), checkBody<{ id: string; grams: number }>(takeMadeSchema, body)),
      })),
    )
    .all('/made/:id/take', notAllowed('POST'));
};
