/** A real kitchen for tests: the real app over HTTP on a fresh SQLite, with the search in this thread. */
import type { AddressInfo } from 'node:net';
import { SHELF } from '../../core/food/shelf.ts';
import { adapt } from '../../core/swap/adapt.ts';
import { makeApp } from '../app.ts';
import { type Context, makeContext } from '../context.ts';
import type { Adapter } from '../workers/adapter.ts';

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

const inThread: Adapter = { run: async (request) => adapt(request, SHELF, { now: () => performance.now() }), close: async () => {} };

export async function openKitchen(parts: { adapter?: Adapter; databasePath?: string } = {}): Promise<TestKitchen> {
  const context = await makeContext(
    { port: 0, host: '127.0.0.1', databasePath: parts.databasePath ?? ':memory:', webRoot: null, workerPath: '', loadDemo: false },
    { adapter: parts.adapter ?? inThread },
  );
  const server = makeApp(context).listen(0, '127.0.0.1');
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
