/** The Express application: API under /api, the built web application beside it, strict headers on both. */
import { randomBytes } from 'node:crypto';
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import express, { type Express, type RequestHandler, type Response } from 'express';
import helmet from 'helmet';
import { openApi } from '../contract/openapi.ts';
import type { Context } from './context.ts';
import { jsonOnly, loopbackOnly, notAllowed, notFound, route, sendProblem } from './http.ts';
import { batchRoutes } from './routes/batches.ts';
import { bookRoutes } from './routes/book.ts';
import { cookRoutes } from './routes/cook.ts';
import { dayRoutes } from './routes/days.ts';
import { deviceRoutes } from './routes/devices.ts';
import { foodRoutes } from './routes/foods.ts';
import { groupRoutes } from './routes/groups.ts';
import { healthRoutes } from './routes/health.ts';
import { houseRoutes } from './routes/house.ts';
import { knowledgeRoutes } from './routes/knowledge.ts';
import { ownFoodRoutes } from './routes/ownFoods.ts';
import { practiceRoutes } from './routes/practice.ts';
import { preparationRoutes } from './routes/preparations.ts';
import { settingsRoutes } from './routes/settings.ts';
import { soupRoutes } from './routes/soup.ts';
import { soupsRoutes } from './routes/soups.ts';

const MOST_BYTES = 1_000_000;
/** Stands in index.html where the nonce of each response is put. */
const NONCE_MARK = '__CSP_NONCE__';

export function makeApp(context: Context): Express {
  const app = express();
  app.disable('x-powered-by');
  app.set('query parser', 'simple');
  app.use(loopbackOnly);
  app.use((_request, response, next) => {
    response.locals.nonce = randomBytes(16).toString('base64');
    next();
  });
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'self'"],
          scriptSrc: ["'self'"],
          baseUri: ["'none'"],
          objectSrc: ["'none'"],
          frameAncestors: ["'none'"],
          formAction: ["'self'"],
          imgSrc: ["'self'", 'data:'],
          styleSrc: ["'self'", (_request, response) => `'nonce-${(response as Response).locals.nonce}'`],
        },
      },
      strictTransportSecurity: false,
      xFrameOptions: { action: 'deny' },
    }),
  );
  app.use('/api', apiRoutes(context));
  if (context.config.webRoot && existsSync(context.config.webRoot)) app.use(webApp(context.config.webRoot));
  app.use(notFound);
  app.use(sendProblem(context.log));
  return app;
}

function apiRoutes(context: Context): RequestHandler {
  const api = express.Router();
  api.use(jsonOnly);
  api.use(express.json({ limit: MOST_BYTES, strict: false, reviver: refusePrototype }));
  api.use(async (_request, _response, next) => {
    await context.knowledge.freshen();
    next();
  });
  for (const routes of [
    healthRoutes,
    foodRoutes,
    ownFoodRoutes,
    knowledgeRoutes,
    soupRoutes,
    cookRoutes,
    batchRoutes,
    deviceRoutes,
    groupRoutes,
    dayRoutes,
    practiceRoutes,
    soupsRoutes,
    bookRoutes,
    houseRoutes,
    preparationRoutes,
    settingsRoutes,
  ])
    api.use(routes(context));
  api.get('/openapi.json', route(openApi));
  api.all('/openapi.json', notAllowed('GET'));
  api.use(notFound);
  return api;
}

/** A key that would reach an object's prototype is no JSON of ours. */
function refusePrototype(key: string, value: unknown): unknown {
  if (key === '__proto__') throw new SyntaxError('__proto__ is not a key');
  return value;
}

function webApp(root: string): RequestHandler {
  const web = express.Router();
  const page = readFileSync(join(root, 'index.html'), 'utf8');
  const sendPage: RequestHandler = (_request, response) => {
    response.set('Cache-Control', 'no-store').type('html').send(page.replaceAll(NONCE_MARK, response.locals.nonce));
  };
  web.get(['/', '/index.html'], sendPage);
  web.use('/assets', express.static(join(root, 'assets'), { immutable: true, maxAge: '365d' }));
  web.use(express.static(root, { index: false }));
  // Any other address without a file ending is a screen; the page itself says when there is none.
  web.get(/^\/(?!api(?:\/|$)|assets\/)[^.]*$/, sendPage);
  return web;
}
