import { type Request, Router } from 'express';
import { Problem } from '../../contract/problems.ts';
import { foodRecord } from '../../core/analysis/foodRecord.ts';
import { searchFoods } from '../../core/food/search.ts';
import type { Context } from '../context.ts';
import { notAllowed, route } from '../http.ts';

const DEFAULT_LIMIT = 20;
const MOST = 100;

function limitOf({ query }: Request): number {
  if (query.limit === undefined) return DEFAULT_LIMIT;
  const limit = Number(query.limit);
  if (!Number.isInteger(limit) || limit < 1 || limit > MOST) throw new Problem('query.invalid', `limit must be a whole number from 1 to ${MOST}.`);
  return limit;
}

export const foodRoutes = ({ shelf, kitchen }: Context): Router =>
  Router()
    .get(
      '/foods',
      route((request) => {
        const query = typeof request.query.q === 'string' ? request.query.q : '';
        return {
          foods: searchFoods(shelf.now(), query, limitOf(request)).map(({ food, score }) => ({
            id: food.id,
            name: food.name,
            category: food.category,
            source: food.source,
            score,
          })),
        };
      }),
    )
    .all('/foods', notAllowed('GET'))
    .get(
      '/foods/:id',
      route(({ params }) => {
        const food = shelf.now().food(String(params.id));
        if (!food) throw new Problem('notFound', `There is no food ${params.id}.`);
        return foodRecord(food, shelf.now());
      }),
    )
    .all('/foods/:id', notAllowed('GET'))
    .get(
      '/foods/:id/uses',
      route(async ({ params }) => {
        if (!shelf.now().food(String(params.id))) throw new Problem('notFound', `There is no food ${params.id}.`);
        return { soups: await kitchen.usesOf(String(params.id)) };
      }),
    )
    .all('/foods/:id/uses', notAllowed('GET'));
