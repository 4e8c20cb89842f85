/** What is computed from a recipe and not stored: reading, analysing, adapting. */
import { Router } from 'express';
import { checkBody, checkNeeds, checkRecipe } from '../../contract/check.ts';
import { Problem } from '../../contract/problems.ts';
import { adaptSchema, analyseSchema, methodSchema, readSchema, sheetSchema, spreadSchema } from '../../contract/schemas.ts';
import type { Measures } from '../../contract/types.ts';
import { type AnalyseOptions, analyse } from '../../core/analysis/analysis.ts';
import { editsOf, methodFaults } from '../../core/method/edits.ts';
import { withMentions } from '../../core/method/mentions.ts';
import type { SheetRequest } from '../../core/sheet/sheet.ts';
import type { SpreadRequest } from '../../core/spread/spread.ts';
import type { AdaptRequest } from '../../core/swap/adapt.ts';
import { methodAgainst } from '../../core/swap/steps.ts';
import { MAX_LINES, type Recipe } from '../../core/vocabulary/recipe.ts';
import type { Context } from '../context.ts';
import { notAllowed, route } from '../http.ts';

export const soupRoutes = ({ shelf, heavy, book, knowledge }: Context): Router => {
  const knows = (id: string) => shelf.now().food(id) !== undefined;
  return Router()
    .post(
      '/read',
      route(async ({ body }, left) => {
        const { text, measures } = checkBody<{ text: string; measures?: Measures }>(readSchema, body);
        if (text.trim() === '')
          throw new Problem('read.empty', 'There is no text to read. Paste a recipe.', {
            errors: [{ path: '/text', code: 'read.empty', message: 'Paste a recipe.' }],
          });
        const reading = await heavy.read(text, { measures: measures ?? 'auto', phrases: await knowledge.taught() }, left);
        if (reading.recipe.lines.length > MAX_LINES)
          throw new Problem('recipe.tooManyLines', `The text has more than ${MAX_LINES} ingredient lines. Read it in parts.`, {
            errors: [{ path: '/text', code: 'recipe.tooManyLines', message: 'Read it in parts.' }],
          });
        return { ...reading, recipe: { ...reading.recipe, steps: withMentions(reading.recipe.steps, reading.recipe.lines, shelf.now()) } };
      }),
    )
    .all('/read', notAllowed('POST'))
    .post(
      '/analyse',
      route(async ({ body }) => {
        const { recipe, ...options } = checkBody<{ recipe: Recipe } & AnalyseOptions>(analyseSchema, body);
        checkRecipe(recipe, knows);
        return analyse(recipe, { ...options, prices: await book.priceList() }, shelf.now());
      }),
    )
    .all('/analyse', notAllowed('POST'))
    .post(
      '/adapt',
      route(async ({ body }, left) => {
        const request = checkBody<AdaptRequest>(adaptSchema, body);
        checkRecipe(request.recipe, knows);
        checkNeeds(request.needs, request.recipe, shelf.now());
        return heavy.adapt({ ...request, prices: await book.priceList() }, left);
      }),
    )
    .all('/adapt', notAllowed('POST'))
    .post(
      '/spread',
      route(async ({ body }, left) => {
        const request = checkBody<SpreadRequest & { most?: number }>(spreadSchema, body);
        checkRecipe(request.recipe, knows);
        checkNeeds(request.needs, request.recipe, shelf.now());
        const prices = await book.priceList();
        if (request.measures?.includes('cost') && !prices)
          throw new Problem('spread.noPrices', 'Cost needs prices: put some in under Settings, or choose another measure.', {
            errors: [{ path: '/measures', code: 'spread.noPrices', message: 'This kitchen has no prices.' }],
          });
        return heavy.spread({ ...request, ...(prices ? { prices } : {}) }, left);
      }),
    )
    .all('/spread', notAllowed('POST'))
    .post(
      '/method',
      route(async ({ body }) => {
        const { original, recipe } = checkBody<{ original: Recipe; recipe: Recipe }>(methodSchema, body);
        checkRecipe(original, knows, '/original');
        checkRecipe(recipe, knows);
        const here = shelf.now();
        const steps = methodAgainst(original, recipe, here);
        return {
          steps: withMentions(steps, recipe.lines, here),
          edits: editsOf(original.steps, steps),
          faults: methodFaults({ ...recipe, steps }, original.steps),
        };
      }),
    )
    .all('/method', notAllowed('POST'))
    .post(
      '/sheet',
      route(async ({ body }, left) => {
        const request = checkBody<SheetRequest>(sheetSchema, body);
        checkRecipe(request.recipe, knows);
        if (request.original) checkRecipe(request.original, knows, '/original');
        if (request.needs) checkNeeds(request.needs, request.recipe, shelf.now());
        return heavy.sheet(request, { prices: await book.priceList() }, left);
      }),
    )
    .all('/sheet', notAllowed('POST'));
};
