/** The queue before long work: one at a time, given up when nobody waits, refused when full, ended when its time is up. */
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { afterEach, describe, expect, test } from '@jest/globals';
import { folderForTests } from '../test/folder.ts';
import { type Pool, workerPool } from './pool.ts';

/** Stands in for the search: 'slow' never ends, 'fail' throws, anything else is answered with itself. */
const WORKER = `
export default function run({ task, begun }) {
  begun.postMessage('begun');
  if (task === 'slow') for (;;);
  if (task === 'fail') throw new Error('no such soup');
  return task;
}
`;
const folder = folderForTests('worker');
const path = join(folder, 'worker.mjs');
writeFileSync(path, WORKER);

let pool: Pool<string, string>;
afterEach(() => pool.close());
const open = (deadlineMs?: number) => {
  const late = { code: 'read.tooLong' as const, detail: 'too long' };
  pool = workerPool({ path, mostWaiting: 16, ...(deadlineMs === undefined ? {} : { deadlineMs, late }) });
};

describe('the queue', () => {
  test('answers one after the other', async () => {
    open();
    expect(await Promise.all([pool.run('one'), pool.run('two')])).toEqual(['one', 'two']);
  });
  test('says what went wrong and goes on', async () => {
    open();
    await expect(pool.run('fail')).rejects.toThrow('no such soup');
    expect(await pool.run('after')).toBe('after');
  });
  test('ends work nobody waits for, and what stood behind it is still done', async () => {
    open();
    const left = new AbortController();
    const slow = pool.run('slow', left.signal);
    const behind = pool.run('behind');
    left.abort();
    await expect(slow).rejects.toMatchObject({ code: 'server.busy' });
    expect(await behind).toBe('behind');
  });
  test('does what stood behind work that had begun and was ended', async () => {
    open(50);
    // A thread that is up, so that 'slow' has begun when it is ended and 'behind' waits for its place.
    await pool.run('warm');
    const slow = pool.run('slow');
    const behind = pool.run('behind');
    await expect(slow).rejects.toMatchObject({ code: 'read.tooLong' });
    expect(await behind).toBe('behind');
  });
  test('takes what still waits out of the queue without disturbing what runs', async () => {
    open();
    const left = new AbortController();
    const first = pool.run('first');
    const second = pool.run('second', left.signal);
    left.abort();
    await expect(second).rejects.toMatchObject({ code: 'server.busy' });
    expect(await first).toBe('first');
  });
  test('ends work that takes longer than its deadline, says so, and goes on', async () => {
    open(50);
    await expect(pool.run('slow')).rejects.toMatchObject({ code: 'read.tooLong' });
    expect(await pool.run('after')).toBe('after');
  });
  test('refuses when it is full, and answers all who wait when it closes', async () => {
    open();
    const waiting = Array.from({ length: 16 }, () => pool.run('slow').catch((error: { code: string }) => error.code));
    await expect(pool.run('one more')).rejects.toMatchObject({ code: 'server.busy' });
    await pool.close();
    expect(new Set(await Promise.all(waiting))).toEqual(new Set(['server.busy']));
    await expect(pool.run('late')).rejects.toMatchObject({ code: 'server.busy' });
  });
});
