// What demo and test do first: install the packages when the lock has changed since the last time.
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';

const STAMP = '.cache/installed-lock';

export function run(command, args, options = {}) {
  const { status, error } = spawnSync(command, args, { stdio: 'inherit', ...options });
  if (error) throw error;
  return status ?? 1;
}

export function installPackages() {
  const lock = createHash('sha256').update(readFileSync('package-lock.json')).digest('hex');
  if (existsSync('node_modules') && existsSync(STAMP) && readFileSync(STAMP, 'utf8') === lock) return;
  console.log('installing packages (compiling SQLite can take three minutes) ...');
  if (run('npm', ['ci', '--no-audit', '--no-fund']) !== 0) {
    console.error('npm ci failed; see above');
    process.exit(1);
  }
  mkdirSync('.cache', { recursive: true });
  writeFileSync(STAMP, lock);
}
