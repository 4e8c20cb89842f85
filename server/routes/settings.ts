import { Router } from 'express';
import { checkBody } from '../../contract/check.ts';
import { settingsSchema } from '../../contract/schemas.ts';
import type { Settings } from '../../contract/types.ts';
import type { Context } from '../context.ts';
import { notAllowed, route } from '../http.ts';

export const settingsRoutes = ({ kitchen }: Context): Router =>
  Router()
    .get(
      '/settings',
      route(() => kitchen.settings()),
    )
    .put(
      '/settings',
      route(({ body }) => kitchen.saveSettings(checkBody<Settings>(settingsSchema, body))),
    )
    .all('/settings', notAllowed('GET', 'PUT'));
