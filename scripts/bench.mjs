// Medians and 95th percentiles of what has to be fast; inputs differ at every iteration, the machine is named.

import { readdirSync, readFileSync } from 'node:fs';
import { cpus } from 'node:os';
import { gzipSync } from 'node:zlib';
import { build } from 'esbuild';
import { kitchenMeasures } from './bench/server.mjs';
import { installPackages, run } from './setup.mjs';

installPackages();
await build({
  entryPoints: ['scripts/bench/kitchen.ts'],
  outfile: '.cache/bench.mjs',
  bundle: true,
  platform: 'node',
  format: 'esm',
  packages: 'external',
  logLevel: 'error',
});
if (run(process.execPath, ['scripts/build.mjs']) !== 0) process.exit(1);
const { measures } = await import('../.cache/bench.mjs');

console.log(`\nmachine: ${cpus()[0]?.model.trim()}, ${cpus().length} cores, Node ${process.version}\n`);
for (const measure of measures()) report(measure);

function report({ name, goal, goal95, unit, samples, extra }) {
  const sorted = [...samples].sort((a, b) => a - b);
  const at = (share) => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))];
  const p95 = (x) => (goal95 === undefined ? '' : x <= goal95 ? ` (goal ${goal95} met)` : ` (goal ${goal95} MISSED)`);
  const say = (x) => `${x.toPrecision(3)} ${unit}`;
  const verdict =
    goal === undefined
      ? ''
      : at(0.5) <= goal
        ? `, goal ${goal} ${unit} met`
        : `, goal ${goal} ${unit} MISSED by ${(at(0.5) / goal).toFixed(2)} times`;
  console.log(`${name}: median ${say(at(0.5))}, 95 % ${say(at(0.95))}${p95(at(0.95))}, ${samples.length} runs${verdict}${extra ? `; ${extra}` : ''}`);
}

report(await edits());
for (const measure of await kitchenMeasures()) report(measure);

// What a browser loads until Soups can be used: the page's own script, what it imports at once, and the style sheet.
const assets = 'dist/web/assets/';
const page = readFileSync('dist/web/index.html', 'utf8');
const first = new Set([...page.matchAll(/assets\/([\w.-]+\.(?:js|css))/g)].map(([, file]) => file));
for (const file of first) {
  if (file.endsWith('.js'))
    for (const [, other] of readFileSync(assets + file, 'utf8').matchAll(/(?:^|[;\s}])import\s*(?:[\w*{}\s,$]+from)?\s*["']\.\/([\w.-]+\.js)["']/g))
      first.add(other);
}
const gzipped = (files) => files.reduce((sum, file) => sum + gzipSync(readFileSync(assets + file)).length, 0);
const all = readdirSync(assets);
const kB = (bytes) => `${(bytes / 1000).toFixed(1)} kB`;
const until = gzipped([...first]);
console.log(
  `JS and CSS until Soups can be used: ${kB(until)} gzipped, goal 130 kB ${until <= 130_000 ? 'met' : 'MISSED'} (${[...first].join(', ')})`,
);
console.log(
  `food rows: ${kB(gzipped(all.filter((file) => file.startsWith('foods-'))))} gzipped; fonts: ${kB(all.filter((file) => file.endsWith('.woff2')).reduce((sum, file) => sum + readFileSync(assets + file).length, 0))}`,
);

/** A bench edit in the real browser: from the key that keeps an amount to the paint that shows the bowl's new figure. */
async function edits() {
  const { chromium } = await import('@playwright/test');
  const { spawn } = await import('node:child_process');
  const { mkdtempSync, rmSync } = await import('node:fs');
  const { tmpdir } = await import('node:os');
  const folder = mkdtempSync(`${tmpdir()}/kind-ladle-bench-`);
  const database = `${folder}/kitchen.sqlite`;
  const server = spawn(process.execPath, ['dist/server/main.js'], {
    env: { ...process.env, PORT: '0', KIND_LADLE_DEMO: '1', KIND_LADLE_DB: database },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const url = await new Promise((resolve) => server.stdout.on('data', (data) => resolve(/http:\S+/.exec(data.toString())?.[0])));
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
  });
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.goto(`${url}/soups`);
    await page.getByRole('link', { name: 'Celeriac and apple cream' }).click();
    await page.getByRole('region', { name: 'Pot' }).waitFor();
    const samples = await page.evaluate(async (count) => {
      const wait = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
      const bowl = document.querySelector('[aria-label="One bowl"]');
      const taken = [];
      for (let edit = 0; edit < count; edit += 1) {
        document.querySelector('[aria-label^="Amount of Celeriac"]').click();
        await wait(30);
        const input = document.querySelector('[aria-label="Grams of Celeriac"]');
        Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(input, String(1000 + ((edit * 37) % 500)));
        input.dispatchEvent(new Event('input', { bubbles: true }));
        await wait(30);
        const painted = new Promise((resolve) => {
          const observer = new MutationObserver(() => {
            observer.disconnect();
            // The frame that shows the change has been handed over when the task after it runs.
            requestAnimationFrame(() => {
              const { port1, port2 } = new MessageChannel();
              port1.onmessage = () => resolve(performance.now());
              port2.postMessage(null);
            });
          });
          observer.observe(bowl, { subtree: true, childList: true, characterData: true });
        });
        const start = performance.now();
        input.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', code: 'Enter', bubbles: true }));
        taken.push((await painted) - start);
        await wait(150);
      }
      return taken;
    }, 200);
    return {
      name: 'bench edit, from the key to the paint of the new figure',
      goal: 16.7,
      goal95: 16.7,
      unit: 'ms',
      samples,
    };
  } finally {
    await browser.close();
    server.kill();
    rmSync(folder, { recursive: true, force: true });
  }
}
