/** The environment, read once. */
import { existsSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';

export interface Config {
  port: number;
  host: string;
  /** SQLite file, or ':memory:'. */
  databasePath: string;
  /** Folder of the built web application; null serves the API alone. */
  webRoot: string | null;
  /** Scripts of the threads that adapt and read. */
  workers: { adapt: string; read: string; sheet: string; plan: string; pots: string; spread: string; practice: string };
  loadDemo: boolean;
  /** Where the kitchen's wall clock stands: an IANA name. */
  zone: string;
  log: boolean;
}

/** What is wrong with the environment, in a sentence. */
export class ConfigProblem extends Error {
  constructor(message: string) {
    super(message);
    this.name = 'ConfigProblem';
  }
}

const DEFAULT_PORT = 4310;

/** Throws a ConfigProblem. What was built lies beside the server's own script, from wherever it is started. */
export function readConfig(env: NodeJS.ProcessEnv): Config {
  const port = env.PORT === undefined ? DEFAULT_PORT : /^\d+$/.test(env.PORT) ? Number(env.PORT) : Number.NaN;
  if (!Number.isInteger(port) || port > 65_535) throw new ConfigProblem(`PORT must be a whole number from 0 to 65535, got '${env.PORT}'.`);
  const here = dirname(fileURLToPath(import.meta.url));
  const webRoot = join(here, '..', 'web');
  if (!existsSync(join(webRoot, 'index.html'))) throw new ConfigProblem(`The screens are not built: ${webRoot} is missing. Run npm run build.`);
  return {
    port,
    host: '127.0.0.1',
    databasePath: resolve(env.KIND_LADLE_DB ?? 'data/kind-ladle.sqlite'),
    webRoot,
    workers: {
      adapt: join(here, 'adaptWorker.js'),
      read: join(here, 'readWorker.js'),
      sheet: join(here, 'sheetWorker.js'),
      plan: join(here, 'planWorker.js'),
      pots: join(here, 'potsWorker.js'),
      spread: join(here, 'spreadWorker.js'),
      practice: join(here, 'practiceWorker.js'),
    },
    loadDemo: env.KIND_LADLE_DEMO === '1',
    zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
    log: true,
  };
}
