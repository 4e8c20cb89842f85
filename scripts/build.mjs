// Builds the web application with Vite and the server and its workers with esbuild; packages stay outside the bundle.
import { spawnSync } from 'node:child_process';
import { rmSync } from 'node:fs';
import { build } from 'esbuild';

rmSync('dist', { recursive: true, force: true });
await build({
  entryPoints: {
    main: 'server/main.ts',
    adaptWorker: 'server/workers/adaptWorker.ts',
    readWorker: 'server/workers/readWorker.ts',
    sheetWorker: 'server/workers/sheetWorker.ts',
    planWorker: 'server/workers/planWorker.ts',
    potsWorker: 'server/workers/potsWorker.ts',
    spreadWorker: 'server/workers/spreadWorker.ts',
    practiceWorker: 'server/workers/practiceWorker.ts',
  },
  outdir: 'dist/server',
  bundle: true,
  platform: 'node',
  target: 'node20',
  format: 'esm',
  packages: 'external',
  logLevel: 'warning',
  sourcemap: true,
});
if (!process.argv.includes('--server-only')) {
  const vite = spawnSync(process.execPath, ['node_modules/vite/bin/vite.js', 'build', '--logLevel', 'warn'], { stdio: 'inherit' });
  if (vite.status !== 0) process.exit(vite.status ?? 1);
}
