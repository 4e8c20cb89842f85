import { type Request, Router } from 'express';
import { checkBody, checkNeeds, checkRecipe } from '../../contract/check.ts';
import { Problem } from '../../contract/problems.ts';
import { draftSchema, newSoupSchema, newVersionSchema, patchSoupSchema } from '../../contract/schemas.ts';
import { type DraftBody, type NewVersion, SOUP_SORTS, type SoupQuery, type SoupSort } from '../../contract/types.ts';
import type { Needs } from '../../core/swap/needs.ts';
import { ALLERGENS, type AllergenId } from '../../core/vocabulary/allergens.ts';
import type { Recipe } from '../../core/vocabulary/recipe.ts';
import type { Context } from '../context.ts';
import { notAllowed, route } from '../http.ts';

const DEFAULT_LIMIT = 100;
const MOST = 200;

/** What is asked of the list, from the address. Throws a 400 Problem. */
function soupQuery(query: Request['query']): SoupQuery {
  const text = (key: string): string | undefined => {
    const value = query[key];
    if (value === undefined) return undefined;
    if (typeof value !== 'string' || value.length > 500) throw new Problem('query.invalid', `${key} must be given once, in at most 500 characters.`);
    return value;
  };
  const limit = Number(text('limit') ?? DEFAULT_LIMIT);
  if (!Number.isInteger(limit) || limit < 1 || limit > MOST) throw new Problem('query.invalid', `limit must be a whole number from 1 to ${MOST}.`);
  const sort = text('sort') ?? 'updated';
  if (!(SOUP_SORTS as readonly string[]).includes(sort)) throw new Problem('query.invalid', `sort must be one of ${SOUP_SORTS.join(', ')}.`);
  const without = (text('without') ?? '').split(',').filter(Boolean);
  const unknown = without.find((id) => !(ALLERGENS as readonly string[]).includes(id));
  if (unknown !== undefined) throw new Problem('query.invalid', `without names allergens; ${unknown} is none.`);
  const after = text('after');
  return {
    q: text('q') ?? '',
    without: without as AllergenId[],
    checks: text('checks') === '1',
    archived: text('archived') === '1',
    limit,
    sort: sort as SoupSort,
    ...(after === undefined ? {} : { after }),
  };
}

export const soupsRoutes = ({ kitchen, shelf }: Context): Router => {
  const knows = (id: string) => shelf.now().food(id) !== undefined;
  return Router()
    .get(
      '/soups',
      route(({ query }) => kitchen.soups(soupQuery(query))),
    )
    .post(
      '/soups',
      route(({ body }) => {
        const { title, recipe, needs } = checkBody<{ title: string; recipe: Recipe; needs?: Needs }>(newSoupSchema, body);
        checkRecipe(recipe, knows);
        if (needs) checkNeeds(needs, recipe, knows);
        return kitchen.addSoup(title.trim(), recipe, needs);
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
      route(({ params }) => kitchen.versions(String(params.id))),
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
