/** Preparations of the house: kept once, taken by many soups. A soup holds its own copy; changing one here changes no soup. Knows no HTTP. */
import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { Problem } from '../../contract/problems.ts';
import type { PreparationBody } from '../../contract/types.ts';
import { preparationReader, preparationWriter } from '../repositories/preparations.ts';
import type { Clock } from './kitchen.ts';

export type NewPreparation = Omit<PreparationBody, 'id' | 'revision' | 'updatedAt'>;

export interface Preparations {
  all(): Promise<PreparationBody[]>;
  one(id: string): Promise<PreparationBody>;
  add(preparation: NewPreparation): Promise<PreparationBody>;
  change(id: string, preparation: NewPreparation & { revision: number }): Promise<PreparationBody>;
  drop(id: string): Promise<void>;
}

const missing = (id: string) => new Problem('notFound', `There is no preparation ${id}.`);

export function makePreparations(db: Knex, clock: Clock): Preparations {
  const read = preparationReader(db);
  const put = (id: string, next: (current: PreparationBody | null) => Omit<PreparationBody, 'updatedAt' | 'id'>): Promise<PreparationBody> =>
    db.transaction(async (trx) => {
      const writer = preparationWriter(trx);
      await writer.put({ id, ...next(await writer.one(id)) }, clock().toISOString());
      return (await writer.one(id)) as PreparationBody;
    });
  return {
    all: () => read.all(),
    async one(id) {
      const found = await read.one(id);
      if (!found) throw missing(id);
      return found;
    },
    add: (preparation) => put(randomUUID(), () => ({ ...preparation, revision: 1 })),
    change: (id, { revision, ...preparation }) =>
      put(id, (current) => {
        if (!current) throw missing(id);
        if (current.revision !== revision)
          throw new Problem('revision.stale', `You changed revision ${revision}; revision ${current.revision} has been saved since.`, { current });
        return { ...preparation, revision: revision + 1 };
      }),
    async drop(id) {
      if (!(await db.transaction((trx) => preparationWriter(trx).drop(id)))) throw missing(id);
    },
  };
}
