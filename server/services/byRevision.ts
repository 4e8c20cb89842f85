/** Things of the house that are changed by revision: a change of one that has been saved since is refused, and told what stands there. */
import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { Problem } from '../../contract/problems.ts';
import type { Clock } from './kitchen.ts';

interface Revised {
  id: string;
  revision: number;
  updatedAt: string;
}

interface Reader<Body> {
  all(): Promise<Body[]>;
  one(id: string): Promise<Body | null>;
}

interface Writer<Body> extends Reader<Body> {
  put(body: Omit<Body, 'updatedAt'>, now: string): Promise<void>;
  drop(id: string): Promise<boolean>;
}

export interface ByRevision<Body, New> {
  all(): Promise<Body[]>;
  one(id: string): Promise<Body>;
  add(value: New): Promise<Body>;
  /** Throws `revision.stale` with what has been saved since. */
  change(id: string, value: New & { revision: number }): Promise<Body>;
  drop(id: string): Promise<void>;
}

/** `what` is its name in a sentence. Each write is one transaction. */
export function keptByRevision<Body extends Revised, New extends object>(
  what: string,
  db: Knex,
  clock: Clock,
  { reader, writer }: { reader: (db: Knex) => Reader<Body>; writer: (trx: Knex.Transaction) => Writer<Body> },
): ByRevision<Body, New> {
  const read = reader(db);
  const missing = (id: string) => new Problem('notFound', `There is no ${what} ${id}.`);
  const put = (id: string, next: (current: Body | null) => object): Promise<Body> =>
    db.transaction(async (trx) => {
      const writing = writer(trx);
      await writing.put({ id, ...next(await writing.one(id)) } as Omit<Body, 'updatedAt'>, clock().toISOString());
      return (await writing.one(id)) as Body;
    });
  return {
    all: () => read.all(),
    async one(id) {
      const found = await read.one(id);
      if (!found) throw missing(id);
      return found;
    },
    add: (value) => put(randomUUID(), () => ({ ...value, revision: 1 })),
    change: (id, { revision, ...value }) =>
      put(id, (current) => {
        if (!current) throw missing(id);
        if (current.revision !== revision)
          throw new Problem('revision.stale', `You changed revision ${revision}; revision ${current.revision} has been saved since.`, { current });
        return { ...value, revision: revision + 1 };
      }),
    async drop(id) {
      if (!(await db.transaction((trx) => writer(trx).drop(id)))) throw missing(id);
    },
  };
}
