/** The kitchen's file: opened for this server alone, copied before its schema is brought up to date. */
import { accessSync, constants, existsSync, mkdirSync, statSync } from 'node:fs';
import { dirname } from 'node:path';
import knexFactory, { type Knex } from 'knex';
import { MIGRATIONS, migrationSource } from './migrations/index.ts';

/** The file cannot be used, in one plain sentence with the mend. */
export class DatabaseProblem extends Error {
  constructor(message: string) {
    super(message);
    this.name = 'DatabaseProblem';
  }
}

const LOCK_WAIT_MS = 1500;

/**
 * Opens the file, creates it when new, and brings its schema up to date. WAL, foreign keys and full sync are on. The file is locked for
 * as long as the server runs: two servers would each keep a shelf of their own and show different allergens. The lock ends with the
 * process, however it ends. Throws a DatabaseProblem when the file cannot be used.
 */
export async function openDatabase(path: string): Promise<Knex> {
  const isNew = path === ':memory:' || !existsSync(path);
  if (path !== ':memory:') prepare(path);
  const knex = knexFactory({
    client: 'better-sqlite3',
    connection: { filename: path },
    useNullAsDefault: true,
    // What fails is thrown and told once; Knex would say it on its own beside.
    log: { warn() {}, error() {}, deprecate() {}, debug() {} },
    pool: {
      min: 1,
      max: 1,
      afterCreate(
        connection: { pragma(sql: string): unknown; exec(sql: string): unknown },
        done: (error: Error | null, connection: unknown) => void,
      ) {
        try {
          connection.pragma(`busy_timeout = ${LOCK_WAIT_MS}`);
          connection.pragma('locking_mode = EXCLUSIVE');
          for (const pragma of ['journal_mode = WAL', 'foreign_keys = ON', 'synchronous = FULL']) connection.pragma(pragma);
          // In this mode the first write takes the lock, and it is never given back.
          connection.exec('begin immediate; commit');
          done(null, connection);
        } catch (error) {
          done(error as Error, connection);
        }
      },
    },
  });
  try {
    await bringUpToDate(knex, path, isNew);
    return knex;
  } catch (error) {
    await knex.destroy();
    throw explained(error, path);
  }
}

function prepare(path: string): void {
  try {
    mkdirSync(dirname(path), { recursive: true });
    if (!existsSync(path)) {
      accessSync(dirname(path), constants.W_OK);
      return;
    }
    if (statSync(path).isDirectory()) throw new DatabaseProblem(`${path} is a folder. Set KIND_LADLE_DB to a file.`);
    accessSync(path, constants.R_OK | constants.W_OK);
  } catch (error) {
    if (error instanceof DatabaseProblem) throw error;
    throw new DatabaseProblem(`${path} cannot be written: ${(error as Error).message}. Set KIND_LADLE_DB to a file that can.`);
  }
}

async function bringUpToDate(knex: Knex, path: string, isNew: boolean): Promise<void> {
  await knex.raw('select 1');
  const ran: { name: string }[] = (await knex.schema.hasTable('knex_migrations')) ? await knex('knex_migrations').select('name') : [];
  if (ran.length > MIGRATIONS.length)
    throw new DatabaseProblem(
      `${path} was written by a later version of this program (schema ${ran.length}; this one knows ${MIGRATIONS.length}). Start the later one.`,
    );
  if (!isNew && ran.length > 0 && ran.length < MIGRATIONS.length) await copyBeside(knex, `${path}.schema-${ran.length}`);
  await knex.migrate.latest({ migrationSource });
}

/** A copy of the file as it was before its schema changes; one that is there already is kept. */
async function copyBeside(knex: Knex, copy: string): Promise<void> {
  if (!existsSync(copy)) await knex.raw('vacuum into ?', [copy]);
}

/** What SQLite says, as a sentence with the mend. */
function explained(error: unknown, path: string): unknown {
  const code = String((error as { code?: string }).code ?? '');
  if (code.startsWith('SQLITE_BUSY') || code.startsWith('SQLITE_LOCKED'))
    return new DatabaseProblem(`Another kitchen server is using ${path}. Stop it, or set KIND_LADLE_DB to another file.`);
  if (code.startsWith('SQLITE_NOTADB')) return new DatabaseProblem(`${path} is no database of this program. Set KIND_LADLE_DB to another file.`);
  if (code.startsWith('SQLITE_CORRUPT'))
    return new DatabaseProblem(`${path} is damaged. Put a copy of it in its place, or set KIND_LADLE_DB to another file.`);
  if (code.startsWith('SQLITE_READONLY') || code.startsWith('SQLITE_CANTOPEN'))
    return new DatabaseProblem(`${path} cannot be written. Set KIND_LADLE_DB to a file that can.`);
  if (code.startsWith('SQLITE_FULL')) return new DatabaseProblem(`The disk of ${path} is full. Make room and start again.`);
  return error;
}
