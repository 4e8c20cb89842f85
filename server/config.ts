/** The environment, read once. */
import { resolve } from 'node:path';

export interface Config {
  port: number;
  host: string;
  /** SQLite file, or ':memory:'. */
  databasePath: string;
  /** Folder of the built web application; null serves the API alone. */
  webRoot: string | null;
  /** Script of the adaptation worker. */
  workerPath: string;
  loadDemo: boolean;
}

const DEFAULT_PORT = 4310;

export function readConfig(env: NodeJS.ProcessEnv): Config {
  const port = env.PORT === undefined ? DEFAULT_PORT : Number(env.PORT);
  if (!Number.isInteger(port) || port < 0 || port > 65_535) throw new RangeError(`PORT must be a whole number from 0 to 65535, got ${env.PORT}`);
  return {
    port,
    host: '127.0.0.1',
    databasePath: resolve(env.KIND_LADLE_DB ?? 'data/kind-ladle.sqlite'),
    webRoot: resolve('dist/web'),
    workerPath: resolve('dist/server/adaptWorker.js'),
    loadDemo: env.KIND_LADLE_DEMO === '1',
  };
}
