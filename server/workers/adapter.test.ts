/** The queue before the search: one at a time, given up when nobody waits, refused when full. */
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, describe, expect, test } from '@jest/globals';
import type { AdaptRequest, AdaptResult } from '../../core/swap/adapt.ts';
import { type Adapter, workerAdapter } from './adapter.ts';

/** Stands in for the search: 'slow' never ends, 'fail' throws, anything else is answered with its own title. */
const WORKER = `
import { parentPort } from 'node:worker_threads';
parentPort.on('message', ({ id, request }) => {
  if (request.recipe.title === 'slow') for (;;);
  if (request.recipe.title === 'fail') return parentPort.postMessage({ id, failure: 'no such soup' });
  parentPort.postMessage({ id, result: { original: request.recipe.title, plans: [] } });
});
`;
const path = join(mkdtempSync(join(tmpdir(), 'kind-ladle-worker-')), 'worker.mjs');
writeFileSync(path, WORKER);
const ask = (title: string): AdaptRequest => ({ recipe: { title, lines: [], steps: [] }, needs: {} });
const titleOf = (result: AdaptResult) => result.original as unknown as string;

let adapter: Adapter;
afterEach(() => adapter.close());

describe('the queue', () => {
  test('answers one after the other', async () => {
    adapter = workerAdapter(path);
    expect((await Promise.all([adapter.run(ask('one')), adapter.run(ask('two'))])).map(titleOf)).toEqual(['one', 'two']);
  });
  test('says what went wrong and goes on', async () => {
    adapter = workerAdapter(path);
    await expect(adapter.run(ask('fail'))).rejects.toThrow('no such soup');
    expect(titleOf(await adapter.run(ask('after')))).toBe('after');
  });
  test('ends a search nobody waits for, and those behind it are still answered', async () => {
    adapter = workerAdapter(path);
    const left = new AbortController();
    const slow = adapter.run(ask('slow'), left.signal);
    const behind = adapter.run(ask('behind'));
    left.abort();
    await expect(slow).rejects.toThrow('given up');
    expect(titleOf(await behind)).toBe('behind');
  });
  test('takes one that still waits out of the queue without disturbing the one that runs', async () => {
    adapter = workerAdapter(path);
    const left = new AbortController();
    const first = adapter.run(ask('first'));
    const second = adapter.run(ask('second'), left.signal);
    left.abort();
    await expect(second).rejects.toThrow('given up');
    expect(titleOf(await first)).toBe('first');
  });
  test('refuses when sixteen wait, and when it is closing', async () => {
    adapter = workerAdapter(path);
    const waiting = Array.from({ length: 16 }, () => adapter.run(ask('slow')).catch((error: Error) => error.message));
    await expect(adapter.run(ask('one more'))).rejects.toMatchObject({ code: 'server.busy' });
    await adapter.close();
    await Promise.all(waiting);
    await expect(adapter.run(ask('late'))).rejects.toMatchObject({ code: 'server.busy' });
  });
});
