/** Groups of guests as SQLite stores them. */
import type { Knex } from 'knex';
import type { GroupBody } from '../../contract/types.ts';
import type { NeedScope } from '../../core/swap/scope.ts';
import { readable } from './packed.ts';

interface GroupRow {
  id: string;
  name: string;
  guests: string;
  scope: NeedScope | null;
  revision: number;
  updated_at: string;
}

/** A row that cannot be read stays in the file and in no list. */
const toBody = ({ id, name, guests, scope, revision, updated_at }: GroupRow): GroupBody[] => {
  const read = readable<GroupBody['guests']>(guests);
  return read === null ? [] : [{ id, name, guests: read, ...(scope ? { scope } : {}), revision, updatedAt: updated_at }];
};

export const groupReader = (db: Knex) => ({
  async all(): Promise<GroupBody[]> {
    return (await db<GroupRow>('groups').orderBy(['name', 'id'])).flatMap(toBody);
  },
  async one(id: string): Promise<GroupBody | null> {
    const row = await db<GroupRow>('groups').where({ id }).first();
    return row ? (toBody(row)[0] ?? null) : null;
  },
});

export const groupWriter = (trx: Knex.Transaction) => ({
  ...groupReader(trx),
  async put({ id, name, guests, scope, revision }: Omit<GroupBody, 'updatedAt'>, now: string): Promise<void> {
    const changes = { name, guests: JSON.stringify(guests), scope: scope ?? null, revision, updated_at: now };
    await trx<GroupRow>('groups')
      .insert({ id, ...changes })
      .onConflict('id')
      .merge(changes);
  },
  async drop(id: string): Promise<boolean> {
    return (await trx<GroupRow>('groups').where({ id }).delete()) > 0;
  },
});
