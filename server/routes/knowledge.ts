/** Labels the kitchen has read, and the words it was taught. */
import { Router } from 'express';
import { checkBody } from '../../contract/check.ts';
import { phraseSchema, pinSchema } from '../../contract/schemas.ts';
import type { LabelPin } from '../../core/food/pins.ts';
import type { Context } from '../context.ts';
import { notAllowed, route } from '../http.ts';

export const knowledgeRoutes = ({ knowledge }: Context): Router =>
  Router()
    .get(
      '/pins',
      route(async () => ({ pins: await knowledge.pins() })),
    )
    .all('/pins', notAllowed('GET'))
    .put(
      '/pins/:foodId',
      route(({ params, body }) => {
        const { revision, ...pin } = checkBody<Omit<LabelPin, 'foodId'> & { revision: number }>(pinSchema, body);
        return knowledge.pin({ ...pin, foodId: String(params.foodId) }, revision);
      }),
    )
    .delete(
      '/pins/:foodId',
      route(async ({ params }) => {
        await knowledge.unpin(String(params.foodId));
        return { pins: await knowledge.pins() };
      }),
    )
    .all('/pins/:foodId', notAllowed('PUT', 'DELETE'))
    .get(
      '/phrases',
      route(async () => ({ phrases: await knowledge.phrases() })),
    )
    .put(
      '/phrases',
      route(async ({ body }) => {
        const { text, foodId } = checkBody<{ text: string; foodId: string | null }>(phraseSchema, body);
        return { phrases: await knowledge.teach(text, foodId) };
      }),
    )
    .all('/phrases', notAllowed('GET', 'PUT'));
