// A fresh clone to a running kitchen: installs, builds, migrates, loads the demo into a new file, serves.
import { installPackages, run } from './setup.mjs';

installPackages();
console.log('building ...');
if (run(process.execPath, ['scripts/build.mjs']) !== 0) process.exit(1);
process.env.KIND_LADLE_DEMO = '1';
await import('../dist/server/main.js');
