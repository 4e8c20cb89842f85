// A kitchen of 5,000 soups over HTTP: its list, its search, a steady load, and what a version adds to the file.

import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { listKeys } from './listKeys.mjs';

const SOUPS = 5000;
const AT_ONCE = 16;
const VERSIONS = 40;
const LOAD_PER_SECOND = 100;
const LOAD_SECONDS = 10;
const ROOTS = ['celeriac', 'parsnip', 'carrot', 'leek', 'cauliflower', 'pumpkin', 'beetroot', 'fennel', 'turnip', 'potato'];
const WITH = ['apple', 'thyme', 'ginger', 'orange', 'mustard', 'sage', 'dill', 'cumin', 'lemon', 'chive'];

/** Measures as bench.mjs reports them. */
export async function kitchenMeasures() {
  const folder = mkdtempSync(`${tmpdir()}/kind-ladle-bench-`);
  const database = `${folder}/kitchen.sqlite`;
  const server = spawn(process.execPath, ['dist/server/main.js'], {
    env: { ...process.env, PORT: '0', KIND_LADLE_DEMO: '1', KIND_LADLE_DB: database },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  try {
    const url = await new Promise((resolve) => server.stdout.on('data', (data) => resolve(/http:\S+/.exec(data.toString())?.[0])));
    const ask = async (method, path, body) => {
      const reply = await fetch(url + path, { method, headers: { 'content-type': 'application/json' }, body: body && JSON.stringify(body) });
      const text = await reply.text();
      if (!reply.ok) throw new Error(`${method} ${path}: ${reply.status} ${text.slice(0, 200)}`);
      return JSON.parse(text);
    };
    const { soups } = await ask('GET', '/api/soups');
    const { recipe } = await ask('GET', `/api/soups/${soups[0].id}/versions/1`);
    await fill(ask, recipe);
    const sizes = await versionGrowth(ask, recipe, soups[0].id, database);
    const list = await timed(100, () => ask('GET', '/api/soups?limit=50'));
    const search = await timed(100, (i) => ask('GET', `/api/soups?limit=50&q=${ROOTS[i % 10]}%20${WITH[(i * 7) % 10]}`));
    const said = ['no milk', 'at most 400 mg sodium', 'vegan, at least 3 g protein', 'no celery, at most 250 kcal'];
    const guests = await timed(40, (i) => ask('GET', `/api/soups?limit=50&checks=1&for=${encodeURIComponent(said[i % said.length])}`));
    const keys = await listKeys(url, SOUPS);
    const load = await steadyLoad(ask, recipe, soups[0].id);
    return [
      { name: `first page of ${SOUPS} soups`, goal: 20, unit: 'ms', samples: list },
      { name: `search in ${SOUPS} soups`, goal: 20, unit: 'ms', samples: search },
      { name: `which of ${SOUPS} soups do for a guest`, goal: 20, unit: 'ms', samples: guests },
      keys,
      {
        ...load,
        name: `${LOAD_PER_SECOND} mixed requests a second with lists, ${LOAD_SECONDS} s`,
        unit: 'ms',
        extra: `99 % ${percentile(load.samples, 0.99).toPrecision(3)} ms, goal 30`,
      },
      { name: 'what a kept version adds to the file', goal: 25, unit: 'kB', samples: [sizes], extra: `${VERSIONS} versions, each of another amount` },
    ];
  } finally {
    server.kill();
    rmSync(folder, { recursive: true, force: true });
  }
}

const percentile = (samples, share) => [...samples].sort((a, b) => a - b)[Math.min(samples.length - 1, Math.floor(share * samples.length))];

async function timed(count, act) {
  const samples = [];
  for (let i = -10; i < count; i += 1) {
    const start = performance.now();
    await act(Math.abs(i));
    if (i >= 0) samples.push(performance.now() - start);
  }
  return samples;
}

async function fill(ask, recipe) {
  for (let made = 0; made < SOUPS; made += AT_ONCE)
    await Promise.all(
      Array.from({ length: Math.min(AT_ONCE, SOUPS - made) }, async (_, i) => {
        const at = made + i;
        const title = `${ROOTS[at % 10]} and ${WITH[Math.floor(at / 10) % 10]} cream ${at}`;
        const own = { ...recipe, title };
        const { id } = await ask('POST', '/api/soups', { title, recipe: own });
        await ask('POST', `/api/soups/${id}/versions`, { name: 'As written', reason: '', recipe: own, needs: {} });
      }),
    );
}

/** kB of the database and its log a version. */
async function versionGrowth(ask, recipe, id, database) {
  const size = () => [database, `${database}-wal`].reduce((sum, path) => sum + (statSync(path, { throwIfNoEntry: false })?.size ?? 0), 0);
  const keep = (i) =>
    ask('POST', `/api/soups/${id}/versions`, {
      name: `v${i}`,
      reason: '',
      needs: {},
      recipe: {
        ...recipe,
        lines: recipe.lines.map((line, at) => (at === 0 && line.grams ? { ...line, grams: { best: 500 + i, low: 495 + i, high: 505 + i } } : line)),
      },
    });
  await keep(0);
  const before = size();
  for (let i = 1; i <= VERSIONS; i += 1) await keep(i);
  return (size() - before) / VERSIONS / 1000;
}

/** Requests begin at their time, however long others take. */
async function steadyLoad(ask, recipe, id) {
  const mix = [
    () => ask('GET', '/api/soups?limit=50'),
    () => ask('POST', '/api/analyse', { recipe }),
    (i) => ask('GET', `/api/soups?limit=50&q=${ROOTS[i % 10]}`),
    () => ask('GET', `/api/soups/${id}`),
    () => ask('GET', `/api/soups/${id}/draft`),
    () => ask('GET', '/api/settings'),
  ];
  const samples = [];
  const running = [];
  const start = performance.now();
  for (let i = 0; i < LOAD_PER_SECOND * LOAD_SECONDS; i += 1) {
    const due = start + (i * 1000) / LOAD_PER_SECOND;
    const wait = due - performance.now();
    if (wait > 0) await new Promise((resolve) => setTimeout(resolve, wait));
    const began = performance.now();
    running.push(mix[i % mix.length](i).then(() => samples.push(performance.now() - began)));
  }
  await Promise.all(running);
  return { samples };
}
