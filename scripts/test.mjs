// Lint, types, Jest, Playwright, on a fresh clone too; the last line, alone, is `N passed, N failed`.
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { installPackages, run } from './setup.mjs';

const CHROMIUM = '/usr/bin/chromium';
const only = process.argv.slice(2);
const wants = (part) => only.length === 0 || only.includes(part);
let passed = 0;
let failed = 0;

installPackages();
mkdirSync('.cache', { recursive: true });
if (wants('lint')) step('lint', ['node_modules/@biomejs/biome/bin/biome', 'check', '--error-on-warnings', '.']);
if (wants('types')) step('types', ['node_modules/typescript/bin/tsc', '-b']);
if (wants('unit')) jest();
if (wants('e2e')) stories();
console.log(`${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);

/** One check that passes or fails as a whole. */
function step(name, args) {
  console.log(`\n== ${name}`);
  if (run(process.execPath, args) === 0) passed += 1;
  else failed += 1;
}

function jest() {
  console.log('\n== unit and HTTP tests');
  const report = '.cache/jest-report.json';
  rmSync(report, { force: true });
  run(process.execPath, [
    '--experimental-vm-modules',
    '--disable-warning=ExperimentalWarning',
    'node_modules/jest/bin/jest.js',
    '--json',
    `--outputFile=${report}`,
    '--reporters=default',
  ]);
  if (!existsSync(report)) return void (failed += 1);
  const { numPassedTests, numFailedTests, numRuntimeErrorTestSuites } = JSON.parse(readFileSync(report, 'utf8'));
  passed += numPassedTests;
  failed += numFailedTests + numRuntimeErrorTestSuites;
}

function stories() {
  console.log('\n== browser stories');
  if (!findChromium()) {
    console.error(`no ${CHROMIUM}: install Debian's package chromium, or run as root to have it installed`);
    return void (failed += 1);
  }
  if (run(process.execPath, ['scripts/build.mjs']) !== 0) return void (failed += 1);
  const report = 'test-results/report.json';
  rmSync(report, { force: true });
  run(process.execPath, ['node_modules/@playwright/test/cli.js', 'test']);
  if (!existsSync(report)) return void (failed += 1);
  const { stats, errors } = JSON.parse(readFileSync(report, 'utf8'));
  passed += stats.expected;
  failed += stats.unexpected + stats.flaky + errors.length;
}

/** Debian's Chromium; as root, installs the package when it is missing. */
function findChromium() {
  if (existsSync(CHROMIUM)) return true;
  if (process.getuid?.() !== 0 || spawnSync('which', ['apt-get']).status !== 0) return false;
  console.log('installing chromium ...');
  run('apt-get', ['update', '-qq']);
  return run('apt-get', ['install', '-y', '-qq', 'chromium']) === 0 && existsSync(CHROMIUM);
}
