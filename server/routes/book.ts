/** Prices, the kitchen's own presets, flow tests. */
import { Router } from 'express';
import { ANY_SOUP, checkBody, checkNeeds } from '../../contract/check.ts';
import { flowTestSchema, presetSchema, priceSchema } from '../../contract/schemas.ts';
import type { KitchenPreset, NewFlowTest } from '../../contract/types.ts';
import type { Price } from '../../core/bowl/cost.ts';
import type { Context } from '../context.ts';
import { notAllowed, route } from '../http.ts';

export const bookRoutes = ({ book, shelf }: Context): Router => {
  const checkedPreset = (body: unknown): Omit<KitchenPreset, 'id'> => {
    const preset = checkBody<Omit<KitchenPreset, 'id'>>(presetSchema, body);
    checkNeeds(preset.needs, ANY_SOUP, shelf.now());
    return preset;
  };
  const gone = async (work: Promise<void>) => {
    await work;
    return { gone: true };
  };
  return Router()
    .get(
      '/prices',
      route(async () => ({ prices: await book.prices() })),
    )
    .all('/prices', notAllowed('GET'))
    .put(
      '/prices/:foodId',
      route(({ params, body }) => book.putPrice({ foodId: String(params.foodId), ...checkBody<Omit<Price, 'foodId'>>(priceSchema, body) })),
    )
    .delete(
      '/prices/:foodId',
      route(({ params }) => gone(book.dropPrice(String(params.foodId)))),
    )
    .all('/prices/:foodId', notAllowed('PUT', 'DELETE'))
    .get(
      '/presets',
      route(async () => ({ presets: await book.presets() })),
    )
    .post(
      '/presets',
      route(({ body }) => book.addPreset(checkedPreset(body)), 201),
    )
    .all('/presets', notAllowed('GET', 'POST'))
    .put(
      '/presets/:id',
      route(({ params, body }) => book.changePreset({ id: String(params.id), ...checkedPreset(body) })),
    )
    .delete(
      '/presets/:id',
      route(({ params }) => gone(book.dropPreset(String(params.id)))),
    )
    .all('/presets/:id', notAllowed('PUT', 'DELETE'))
    .get(
      '/soups/:id/flow-tests',
      route(async ({ params }) => ({ flowTests: await book.flowTests(String(params.id)) })),
    )
    .post(
      '/soups/:id/flow-tests',
      route(({ params, body }) => book.addFlowTest(String(params.id), checkBody<NewFlowTest>(flowTestSchema, body)), 201),
    )
    .all('/soups/:id/flow-tests', notAllowed('GET', 'POST'));
};
