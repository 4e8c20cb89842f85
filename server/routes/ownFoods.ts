/** Foods of the kitchen's own, from their labels. */
import { Router } from 'express';
import { checkBody, checkLabel } from '../../contract/check.ts';
import { changeOwnFoodSchema, labelSchema } from '../../contract/schemas.ts';
import type { LabelEntry } from '../../core/food/label.ts';
import type { Context } from '../context.ts';
import { notAllowed, route } from '../http.ts';

export const ownFoodRoutes = ({ ownFoods }: Context): Router =>
  Router()
    .get(
      '/own-foods',
      route(async () => ({ foods: await ownFoods.all() })),
    )
    .post(
      '/own-foods',
      route(({ body }) => {
        const entry = checkBody<LabelEntry>(labelSchema, body);
        checkLabel(entry, '');
        return ownFoods.add(entry);
      }, 201),
    )
    .all('/own-foods', notAllowed('GET', 'POST'))
    .put(
      '/own-foods/:id',
      route(({ params, body }) => {
        const change = checkBody<{ entry: LabelEntry; retired: boolean; revision: number }>(changeOwnFoodSchema, body);
        checkLabel(change.entry, '/entry');
        return ownFoods.change(String(params.id), change);
      }),
    )
    .all('/own-foods/:id', notAllowed('PUT'));
