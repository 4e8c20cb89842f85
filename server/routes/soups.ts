import { type Request, Router } from 'express';
import { ANY_SOUP, checkBody, checkNeeds, checkRecipe } from '../../contract/check.ts';
import { Problem } from '../../contract/problems.ts';
import { draftSchema, needsSchema, newSoupSchema, newVersionSchema, patchSoupSchema, versionLabelSchema } from '../../contract/schemas.ts';
import { type DraftBody, type NewVersion, SOUP_SORTS, type SoupQuery, type SoupSort } from '../../contract/types.ts';
import type { Shelf } from '../../core/food/shelf.ts';
import { notForLists } from '../../core/swap/facts.ts';
import type { Needs } from '../../core/swap/needs.ts';
import { ALLERGENS, type AllergenId } from '../../core/vocabulary/allergens.ts';
import type { Recipe } from '../../core/vocabulary/recipe.ts';
import type { Context } from '../context.ts';
import { notAllowed, route } from '../http.ts';

const DEFAULT_LIMIT = 100;
const MOST = 200;

/** Needs are an object, and may name every food of a family. */
const MOST_NEEDS = 20_000;

/** What is asked of the list, from the address. Throws a 400 or 422 Problem. */
function soupQuery(query: Request['query'], shelf: Shelf): SoupQuery {
  const text = (key: string, most = 500): string | undefined => {
    const value = query[key];
    if (value === undefined) return undefined;
    if (typeof value !== 'string' || value.length > most)
      throw new Problem('query.invalid', `${key} must be given once, in at most ${most} characters.`);
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
  const needs = askedNeeds(text('needs', MOST_NEEDS), shelf);
  const said = text('for', 1000)?.trim();
  if (needs && said) throw new Problem('query.invalid', 'Give needs, or for with the needs in words, not both.');
  const mainFood = text('main');
  return {
    q: text('q') ?? '',
    without: without as AllergenId[],
    checks: text('checks') === '1',
    archived: text('archived') === '1',
    ...(needs ? { needs } : {}),
    ...(said ? { said } : {}),
    ...(mainFood === undefined ? {} : { mainFood }),
    larder: text('larder') === '1',
    limit,
    sort: sort as SoupSort,
    ...(after === undefined ? {} : { after }),
  };
}

/** `{}` asks nothing. */
function askedNeeds(text: string | undefined, shelf: Shelf): Needs | undefined {
  if (text === undefined) return undefined;
  let body: unknown;
  try {
    body = JSON.parse(text);
  } catch {
    throw new Problem('query.invalid', 'needs must be an object of needs, in JSON.');
  }
  const needs = checkBody<Needs>(needsSchema, body);
  checkNeeds(needs, ANY_SOUP, shelf);
  const unasked = notForLists(needs);
  if (unasked.length > 0)
    throw new Problem('query.invalid', `A list of soups cannot be asked for ${unasked.join(', ')}: it speaks of one soup. Leave it out of needs.`);
  return needs;
}

export const soupsRoutes = ({ kitchen, shelf }: Context): Router => {
  const knows = (id: string) => shelf.now().food(id) !== undefined;
  return Router()
    .get(
      '/soups',
      route(({ query }) => kitchen.soups(soupQuery(query, shelf.now()))),
    )
    .post(
      '/soups',
      route(({ body }) => {
        const { title, recipe, needs } = checkBody<{ title: string; recipe: Recipe; needs?: Needs }>(newSoupSchema, body);
        checkRecipe(recipe, knows);
        if (needs) checkNeeds(needs, recipe, shelf.now());
        return kitchen.addSoup(title.trim(), recipe, needs);
      }, 201),
    )
    .all('/soups', notAllowed('GET', 'POST'))
    .get(
      '/soups/mains',
      route(async () => ({ foods: await kitchen.mainFoods() })),
    )
    .all('/soups/mains', notAllowed('GET'))
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
        checkNeeds(draft.needs, draft.recipe, shelf.now());
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
        checkNeeds(version.needs, version.recipe, shelf.now());
        return kitchen.keepVersion(String(params.id), version);
      }, 201),
    )
    .all('/soups/:id/versions', notAllowed('GET', 'POST'))
    .get(
      '/soups/:id/versions/:key',
      route(({ params }) => kitchen.version(String(params.id), String(params.key))),
    )
    .all('/soups/:id/versions/:key', notAllowed('GET'))
    .put(
      '/soups/:id/versions/:key/label',
      route(({ params, body }) =>
        kitchen.labelVersion(
          String(params.id),
          String(params.key),
          checkBody<{ name: string; archived: boolean; revision: number }>(versionLabelSchema, body),
        ),
      ),
    )
    .all('/soups/:id/versions/:key/label', notAllowed('PUT'));
};
