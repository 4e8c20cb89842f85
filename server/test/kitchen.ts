/** A real kitchen for tests: the real app over HTTP on a fresh SQLite, with the search in this thread. */
import type { AddressInfo } from 'node:net';
import { potsFor } from '../../core/group/pots.ts';
import { planOf } from '../../core/plan/plan.ts';
import { marked, roundOf } from '../../core/practice/rounds.ts';
import { readRecipe } from '../../core/reading/read.ts';
import { sheetOf } from '../../core/sheet/sheet.ts';
import { lookedAt, replyOf } from '../../core/spread/look.ts';
import { spreadOf } from '../../core/spread/spread.ts';
import { adapt } from '../../core/swap/adapt.ts';
import { makeApp } from '../app.ts';
import { type Context, makeContext } from '../context.ts';
import { KEEP_ALIVE_MS } from '../http.ts';
import type { HeavyWork } from '../services/heavyWork.ts';
import type { Clock } from '../services/kitchen.ts';
import type { KitchenShelf } from '../services/shelf.ts';

export interface Reply {
  status: number;
  type: string;
  // biome-ignore lint/suspicious/noExplicitAny: a test reads whatever the server sent
  body: any;
  headers: Headers;
}

export interface TestKitchen {
  context: Context;
  url: string;
  get(path: string, headers?: Record<string, string>): Promise<Reply>;
  send(method: string, path: string, body: unknown, headers?: Record<string, string>): Promise<Reply>;
  close(): Promise<void>;
}

const inThread = (shelf: KitchenShelf): HeavyWork => ({
  adapt: async (request) => adapt(request, shelf.now(), { now: () => performance.now() }),
  read: async (text, options) => readRecipe(text, options, shelf.now()),
  sheet: async (request, options) => sheetOf(request, shelf.now(), options),
  plan: async (request) => planOf(request, shelf.now()),
  pots: async (request) => potsFor(request, shelf.now(), () => performance.now()),
  spread: async (request) => replyOf(lookedAt(spreadOf(request, shelf.now(), { now: () => performance.now(), most: 2000 })), request.most),
  round: async (asked) => roundOf(asked),
  marked: async (asked, answer) => marked(asked, answer),
  close: async () => {},
});

interface Parts {
  heavy?: HeavyWork;
  databasePath?: string;
  clock?: Clock;
  zone?: string;
}

export async function openKitchen({ heavy, databasePath, clock, zone }: Parts = {}): Promise<TestKitchen> {
  const context = await makeContext(
    {
      port: 0,
      host: '127.0.0.1',
      databasePath: databasePath ?? ':memory:',
      webRoot: null,
      workers: { adapt: '', read: '', sheet: '', plan: '', pots: '', spread: '', practice: '' },
      loadDemo: false,
      zone: zone ?? 'UTC',
      log: false,
    },
    { heavy: heavy ? () => heavy : inThread, ...(clock ? { clock } : {}) },
  );
  const server = makeApp(context).listen(0, '127.0.0.1');
  server.keepAliveTimeout = KEEP_ALIVE_MS;
  await new Promise((resolve) => server.once('listening', resolve));
  const url = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  const ask = async (method: string, path: string, init: RequestInit): Promise<Reply> => {
    const response = await fetch(url + path, { method, ...init });
    const text = await response.text();
    const type = response.headers.get('content-type') ?? '';
    return { status: response.status, type, body: type.includes('json') ? JSON.parse(text) : text, headers: response.headers };
  };
  return {
    context,
    url,
    get: (path, headers) => ask('GET', path, headers ? { headers } : {}),
    send: (method, path, body, headers) =>
      ask(method, path, {
        body: typeof body === 'string' ? body : JSON.stringify(body),
        headers: { 'content-type': 'application/json', ...headers },
      }),
    async close() {
      server.closeAllConnections();
      await new Promise((resolve) => server.close(resolve));
      await context.close();
    },
  };
}

/** Leek and potato cream, four bowls. */
export const SOUP = {
  title: 'Leek and potato cream',
  servings: 4,
  steps: [],
  lines: [
    { id: 'leek', stage: 'base', text: '300 g leeks', foodId: 'leek', grams: { best: 300, low: 297, high: 303 } },
    { id: 'potato', stage: 'base', text: '400 g potatoes', foodId: 'potato', grams: { best: 400, low: 396, high: 404 } },
    { id: 'stock', stage: 'simmer', text: '800 ml chicken stock', foodId: 'chicken-broth', grams: { best: 811, low: 730, high: 892 } },
    { id: 'cream', stage: 'finish', text: '150 ml double cream', foodId: 'cream-double', grams: { best: 149, low: 134, high: 164 } },
  ],
};
