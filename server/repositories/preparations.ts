/** Preparations of the house as SQLite stores them. */
import type { Knex } from 'knex';
import type { PreparationBody } from '../../contract/types.ts';
import { readable } from './packed.ts';

interface PreparationRow {
  id: string;
  name: string;
  document: string;
  revision: number;
  created_at: string;
  updated_at: string;
}

type Document = Omit<PreparationBody, 'id' | 'name' | 'revision' | 'updatedAt'>;

/** A row that cannot be read stays in the file and in no list. */
const toBody = ({ id, name, document, revision, updated_at }: PreparationRow): PreparationBody[] => {
  const read = readable<Document>(document);
  return read === null ? [] : [{ id, name, ...read, revision, updatedAt: updated_at }];
};

export const preparationReader = (db: Knex) => ({
  async all(): Promise<PreparationBody[]> {
    return (await db<PreparationRow>('preparations').orderBy(['name', 'id'])).flatMap(toBody);
  },
  async one(id: string): Promise<PreparationBody | null> {
    const row = await db<PreparationRow>('preparations').where({ id }).first();
    return row ? (toBody(row)[0] ?? null) : null;
  },
});

export const preparationWriter = (trx: Knex.Transaction) => ({
  ...preparationReader(trx),
  async put({ id, name, revision, ...document }: Omit<PreparationBody, 'updatedAt'>, now: string): Promise<void> {
    const changes = { name, document: JSON.stringify(document), revision, updated_at: now };
    await trx<PreparationRow>('preparations')
      .insert({ id, ...changes, created_at: now })
      .onConflict('id')
      .merge(changes);
  },
  async drop(id: string): Promise<boolean> {
    return (await trx<PreparationRow>('preparations').where({ id }).delete()) > 0;
  },
});
