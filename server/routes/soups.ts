import { Router } from 'express';
import { checkBody, checkNeeds, checkRecipe } from '../../contract/check.ts';
import { draftSchema, newSoupSchema, newVersionSchema, patchSoupSchema } from '../../contract/schemas.ts';
import type { DraftBody, NewVersion } from '../../contract/types.ts';
import type { Recipe } from '../../core/vocabulary/recipe.ts';
import type { Context } from '../context.ts';
import { notAllowed, route } from '../http.ts';

export const soupsRoutes = ({ kitchen, shelf }: Context): Router => {
  const knows = (id: string) => shelf.now().food(id) !== undefined;
  return Router()
    .get(
      '/soups',
      route(async () => ({ soups: await kitchen.soups() })),
    )
    .post(
      '/soups',
      route(({ body }) => {
        const { title, recipe } = checkBody<{ title: string; recipe: Recipe }>(newSoupSchema, body);
        checkRecipe(recipe, knows);
        return kitchen.addSoup(title.trim(), recipe);
      }, 201),
    )
    .all('/soups', notAllowed('GET', 'POST'))
    .get(
      '/soups/:id',
      route(({ params }) => kitchen.soup(String(params.id))),
    )
    .patch(
      '/soups/:id',
      route(({ params, body }) =>
        kitchen.changeSoup(String(params.id), checkBody<{ title?: string; archived?: boolean; revision: number }>(patchSoupSchema, body)),
      ),
    )
    .all('/soups/:id', notAllowed('GET', 'PATCH'))
    .get(
      '/soups/:id/draft',
      route(({ params }) => kitchen.draft(String(params.id))),
    )
    .put(
      '/soups/:id/draft',
      route(({ params, body }) => {
        const draft = checkBody<DraftBody>(draftSchema, body);
        checkRecipe(draft.recipe, knows);
        checkNeeds(draft.needs, draft.recipe, knows);
        return kitchen.saveDraft(String(params.id), draft);
      }),
    )
    .all('/soups/:id/draft', notAllowed('GET', 'PUT'))
    .get(
      '/soups/:id/versions',
      route(async ({ params }) => ({ versions: await kitchen.versions(String(params.id)) })),
    )
    .post(
      '/soups/:id/versions',
      route(({ params, body }) => {
        const version = checkBody<NewVersion>(newVersionSchema, body);
        checkRecipe(version.recipe, knows);
        checkNeeds(version.needs, version.recipe, knows);
        return kitchen.keepVersion(String(params.id), version);
      }, 201),
    )
    .all('/soups/:id/versions', notAllowed('GET', 'POST'))
    .get(
      '/soups/:id/versions/:key',
      route(({ params }) => kitchen.version(String(params.id), String(params.key))),
    )
    .all('/soups/:id/versions/:key', notAllowed('GET'));
};
