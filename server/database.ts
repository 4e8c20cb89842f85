import { mkdirSync } from 'node:fs';
import { dirname } from 'node:path';
import knexFactory, { type Knex } from 'knex';
import { migrationSource } from './migrations/index.ts';

/** Opens the file, creates it when new, and brings its schema up to date. WAL, foreign keys and full sync are on. */
export async function openDatabase(path: string): Promise<Knex> {
  if (path !== ':memory:') mkdirSync(dirname(path), { recursive: true });
  const knex = knexFactory({
    client: 'better-sqlite3',
    connection: { filename: path },
    useNullAsDefault: true,
    pool: {
      min: 1,
      max: 1,
      afterCreate(connection: { pragma(sql: string): unknown }, done: (error: Error | null, connection: unknown) => void) {
        for (const pragma of ['journal_mode = WAL', 'foreign_keys = ON', 'synchronous = FULL', 'busy_timeout = 5000']) connection.pragma(pragma);
        done(null, connection);
      },
    },
  });
  await knex.migrate.latest({ migrationSource });
  return knex;
}
