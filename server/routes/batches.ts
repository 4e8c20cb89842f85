/** Batches over HTTP: begun, written down, read, and listened to. Entries are only ever added. */
import { type RequestHandler, Router } from 'express';
import { checkBody, checkRecipe } from '../../contract/check.ts';
import { entriesSchema, newBatchSchema, takeSchema } from '../../contract/schemas.ts';
import type { NewBatch } from '../../contract/types.ts';
import type { Entry } from '../../core/batch/entry.ts';
import type { Context } from '../context.ts';
import { notAllowed, route } from '../http.ts';

export const batchRoutes = ({ batches, shelf, streams }: Context): Router => {
  const knows = (id: string) => shelf.now().food(id) !== undefined;
  const stream: RequestHandler = async ({ params, headers, query }, response) => {
    const id = String(params.id);
    const seen = Number(headers['last-event-id'] ?? query.after ?? 0);
    let sent = Number.isInteger(seen) && seen >= 0 ? seen : 0;
    const waiting: { entries: Entry[]; revision: number }[] = [];
    let tell = (news: { entries: Entry[]; revision: number }) => {
      waiting.push(news);
    };
    // Listening begins before the entries are read, so that none is missed between.
    const stop = batches.listen(id, (news) => tell(news));
    try {
      const before = await batches.entriesAfter(id, sent);
      const open = streams.start(response, stop);
      open.send('entries', before, before.revision);
      sent = before.revision;
      tell = (news) => {
        if (news.revision <= sent) return;
        sent = news.revision;
        open.send('entries', news, news.revision);
      };
      for (const news of waiting) tell(news);
    } catch (error) {
      stop();
      throw error;
    }
  };
  return Router()
    .get(
      '/batches',
      route(async () => ({ batches: await batches.all() })),
    )
    .post(
      '/batches',
      route(({ body }) => {
        const batch = checkBody<NewBatch>(newBatchSchema, body);
        if (batch.recipe) checkRecipe(batch.recipe, knows);
        return batches.begin(batch);
      }, 201),
    )
    .all('/batches', notAllowed('GET', 'POST'))
    .get(
      '/batches/learnt',
      route(() => batches.learnt()),
    )
    .all('/batches/learnt', notAllowed('GET'))
    .get(
      '/batches/:id',
      route(({ params }) => batches.one(String(params.id))),
    )
    .all('/batches/:id', notAllowed('GET'))
    .post(
      '/batches/:id/entries',
      route(({ params, body }) => batches.write(String(params.id), checkBody<{ entries: Entry[] }>(entriesSchema, body).entries)),
    )
    .all('/batches/:id/entries', notAllowed('POST'))
    .all('/batches/:id/entries/:entry', notAllowed())
    .get('/batches/:id/stream', stream)
    .all('/batches/:id/stream', notAllowed('GET'))
    .get(
      '/portions',
      route(async () => ({ portions: await batches.portions() })),
    )
    .all('/portions', notAllowed('GET'))
    .delete(
      '/portions/taken/:id',
      route(async ({ params }) => ({ portions: await batches.putBack(String(params.id)) })),
    )
    .all('/portions/taken/:id', notAllowed('DELETE'))
    .post(
      '/portions/:id/take',
      route(async ({ params, body }) => ({
        portions: await batches.take(String(params.id), checkBody<{ id: string; count: number }>(takeSchema, body)),
      })),
    )
    .all('/portions/:id/take', notAllowed('POST'));
};
