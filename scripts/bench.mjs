// Medians and 95th percentiles of what has to be fast; inputs differ at every iteration, the machine is named.

import { readdirSync, readFileSync } from 'node:fs';
import { cpus } from 'node:os';
import { gzipSync } from 'node:zlib';
import { build } from 'esbuild';
import { editMeasures } from './bench/edits.mjs';
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

for (const measure of await editMeasures()) report(measure);
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
