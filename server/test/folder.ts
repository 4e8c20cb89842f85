/** Folders for a test's own files, gone behind it. */
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll } from '@jest/globals';

/** A new folder; it and what is in it are taken away after the tests of the file. Call it outside of any test. */
export function folderForTests(name: string): string {
  const folder = mkdtempSync(join(tmpdir(), `kind-ladle-${name}-`));
  afterAll(() => {
    rmSync(folder, { recursive: true, force: true });
  });
  return folder;
}
