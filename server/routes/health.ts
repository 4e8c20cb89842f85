import { Router } from 'express';
import type { Context } from '../context.ts';
import { notAllowed, route } from '../http.ts';
import { MIGRATIONS } from '../migrations/index.ts';

export const healthRoutes = ({ shelf }: Context): Router =>
  Router()
    .get(
      '/health',
      route(() => ({ status: 'ok', foods: shelf.now().foods.length, schema: MIGRATIONS.length })),
    )
    .all('/health', notAllowed('GET'));
