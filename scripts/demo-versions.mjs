// Rewrites server/demo/versions.json: the program's own plans for the tables of the demo house. Read them as a cook before they are kept.
import { mkdirSync, writeFileSync } from 'node:fs';
import { build } from 'esbuild';

mkdirSync('.cache', { recursive: true });
await build({
  stdin: {
    contents: "export { SHELF } from './core/food/shelf.ts'; export { plannedVersions } from './server/demo/planned.ts';",
    resolveDir: process.cwd(),
    loader: 'ts',
  },
  bundle: true,
  platform: 'node',
  format: 'esm',
  packages: 'external',
  outfile: '.cache/demo-versions.mjs',
  logLevel: 'error',
});
const { SHELF, plannedVersions } = await import(new URL('../.cache/demo-versions.mjs', import.meta.url).href);
const versions = plannedVersions(SHELF, () => performance.now());
writeFileSync('server/demo/versions.json', `${JSON.stringify(versions)}\n`);
console.log(versions.map(({ title, recipe }) => `${title}: ${recipe.steps.map(({ text }) => text).join(' / ')}`).join('\n'));
