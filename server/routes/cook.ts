/** The work in the kitchen that is computed and not stored: a plan, other bowls, what a log of cooling says. */
import { Router } from 'express';
import { checkBody, checkRecipe } from '../../contract/check.ts';
import { Problem } from '../../contract/problems.ts';
import { coolingSchema, planSchema, scaleSchema } from '../../contract/schemas.ts';
import type { Chill } from '../../core/plan/chill.ts';
import { type CoolingRequest, coolingOf } from '../../core/plan/cooling.ts';
import type { PlanRequest } from '../../core/plan/plan.ts';
import { scale } from '../../core/plan/scale.ts';
import type { Recipe } from '../../core/vocabulary/recipe.ts';
import type { Context } from '../context.ts';
import { notAllowed, route } from '../http.ts';

type PlanBody = Omit<PlanRequest, 'soups'> &
  ({ recipe: Recipe; servings: number; ahead?: Chill; soups?: never } | { recipe?: never; soups: PlanRequest['soups'] });

/** A soup follows soups that stand before it, so that none waits for itself. */
function checkFollows(follows: readonly number[] = [], at: number): void {
  const errors = follows.flatMap((other, place) =>
    other < at ? [] : [{ path: `/soups/${at}/follows/${place}`, code: 'plan.cannot' as const, message: 'A soup follows one that stands before it.' }],
  );
  const [first] = errors;
  if (first) throw new Problem('plan.cannot', `${first.path}: ${first.message}`, { errors });
}

export const cookRoutes = ({ shelf, heavy }: Context): Router => {
  const knows = (id: string) => shelf.now().food(id) !== undefined;
  return Router()
    .post(
      '/plan',
      route(async ({ body }, left) => {
        const asked = checkBody<PlanBody>(planSchema, body);
        const { kitchen, serveAt, regime, pins, lesson } = asked;
        const soups: PlanRequest['soups'] = asked.recipe ? [{ recipe: asked.recipe, servings: asked.servings, ahead: asked.ahead }] : asked.soups;
        soups.forEach(({ recipe, follows }, at) => {
          checkRecipe(recipe, knows, asked.recipe ? '/recipe' : `/soups/${at}/recipe`);
          checkFollows(follows, at);
        });
        const plan = await heavy.plan(
          { soups, kitchen, serveAt, ...(regime ? { regime } : {}), ...(pins ? { pins } : {}), ...(lesson ? { lesson } : {}) },
          left,
        );
        if ('path' in plan)
          throw new Problem('plan.cannot', plan.message, { errors: [{ path: plan.path, code: 'plan.cannot', message: plan.message }] });
        return plan;
      }),
    )
    .all('/plan', notAllowed('POST'))
    .post(
      '/scale',
      route(async ({ body }) => {
        const { recipe, servings, pot } = checkBody<{ recipe: Recipe; servings: number; pot?: Recipe['pot'] }>(scaleSchema, body);
        checkRecipe(recipe, knows);
        return scale(recipe, servings, shelf.now(), pot ?? recipe.pot);
      }),
    )
    .all('/scale', notAllowed('POST'))
    .post(
      '/cooling',
      route(async ({ body }) => coolingOf(checkBody<CoolingRequest>(coolingSchema, body))),
    )
    .all('/cooling', notAllowed('POST'));
};
