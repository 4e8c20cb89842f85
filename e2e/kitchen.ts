/** A kitchen for a story: the built server on a fresh database, a page that fails on any console message, and axe. */

import { type ChildProcess, spawn } from 'node:child_process';
import { copyFileSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { AxeBuilder } from '@axe-core/playwright';
import { test as base, expect, type Page } from '@playwright/test';

export interface Server {
  url: string;
  databasePath: string;
  /** Ends the server as a power cut would. */
  kill(): Promise<void>;
  /** Starts it again on the same port and database. */
  start(): Promise<void>;
}

async function startServer(databasePath: string, port: number, demo: boolean): Promise<{ child: ChildProcess; url: string }> {
  const child = spawn(process.execPath, ['dist/server/main.js'], {
    env: { ...process.env, PORT: String(port), KIND_LADLE_DB: databasePath, KIND_LADLE_DEMO: demo ? '1' : '' },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const url = await new Promise<string>((resolve, reject) => {
    let printed = '';
    child.stdout?.on('data', (data: Buffer) => {
      printed += data.toString();
      const ready = /ready (http:\S+)/.exec(printed);
      if (ready) resolve(ready[1] as string);
    });
    child.once('exit', (code) => reject(new Error(`the server ended with ${code}: ${printed}`)));
  });
  return { child, url };
}

const folderFor = (what: string): string => mkdtempSync(join(tmpdir(), `kind-ladle-${what}-`));

interface Fixtures {
  demo: boolean;
  refusals: RegExp | null;
  server: Server;
  quiet: string[];
}

export const test = base.extend<Fixtures, { demoKitchen: string }>({
  demo: [false, { option: true }],
  // The demo is written once; stories begin with a copy of it.
  demoKitchen: [
    // biome-ignore lint/correctness/noEmptyPattern: Playwright reads the names of what is asked for from here
    async ({}, use) => {
      const folder = folderFor('demo');
      const path = join(folder, 'kitchen.sqlite');
      const { child } = await startServer(path, 0, true);
      // Asked to end, it leaves one whole file.
      await new Promise<void>((resolve) => {
        child.once('exit', () => resolve());
        child.kill('SIGTERM');
      });
      await use(path);
      rmSync(folder, { recursive: true, force: true });
    },
    { scope: 'worker' },
  ],
  // Chromium writes a console line of its own for a request that fails; a story that provokes one names it.
  refusals: [null, { option: true }],
  server: async ({ demo, demoKitchen, page }, use) => {
    const folder = folderFor('story');
    const databasePath = join(folder, 'kitchen.sqlite');
    if (demo) copyFileSync(demoKitchen, databasePath);
    let running = await startServer(databasePath, 0, false);
    const { url } = running;
    const kill = () =>
      new Promise<void>((resolve) => {
        running.child.once('exit', () => resolve());
        running.child.kill('SIGKILL');
      });
    await use({
      url,
      databasePath,
      kill,
      start: async () => {
        running = await startServer(databasePath, Number(new URL(url).port), false);
      },
    });
    // The page goes first: what it still fetches is no failure of the server.
    await page.close();
    if (running.child.exitCode === null && running.child.signalCode === null) await kill();
    rmSync(folder, { recursive: true, force: true });
  },
  // Console messages of any kind, and page errors.
  quiet: [
    async ({ page, refusals }, use) => {
      const messages: string[] = [];
      listen(page, messages, refusals);
      await use(messages);
      expect(messages, 'console messages').toEqual([]);
    },
    { auto: true },
  ],
});

export function listen(page: Page, messages: string[], refusals: RegExp | null = null): void {
  page.on('console', (message) => {
    if (!refusals?.test(message.text())) messages.push(`${message.type()}: ${message.text()}`);
  });
  page.on('pageerror', (error) => messages.push(`page error: ${error.message}`));
}

/** axe, WCAG 2.2 A and AA and best practices, finds nothing. */
export async function expectAccessible(page: Page): Promise<void> {
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ target }) => target.join(' ')).join(' | ')}`)).toEqual([]);
}

export { expect };
