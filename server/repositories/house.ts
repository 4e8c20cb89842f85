/** The larder and the saved views of the list of soups, as SQLite stores them. */
import type { Knex } from 'knex';
import type { LarderEntry, SavedView } from '../../contract/types.ts';

/** The food's name is the shelf's. */
export type KeptInLarder = Omit<LarderEntry, 'name'>;

interface LarderRow {
  id: string;
  food_id: string;
  grams: number;
  use_by: string | null;
  note: string;
  revision: number;
  updated_at: string;
}

const toEntry = ({ id, food_id, grams, use_by, note, revision, updated_at }: LarderRow): KeptInLarder => ({
  id,
  foodId: food_id,
  grams,
  useBy: use_by,
  note,
  revision,
  updatedAt: updated_at,
});

export const houseReader = (db: Knex) => ({
  /** What is to be used first before the rest. */
  async larder(): Promise<KeptInLarder[]> {
    return (await db<LarderRow>('larder').orderByRaw("coalesce(use_by, '9999'), food_id, id")).map(toEntry);
  },
  async larderEntry(id: string): Promise<KeptInLarder | null> {
    const row = await db<LarderRow>('larder').where({ id }).first();
    return row ? toEntry(row) : null;
  },
  async views(): Promise<SavedView[]> {
    return db('views').select('id', 'name', 'query').orderBy(['created_at', 'id']);
  },
});

export const houseWriter = (trx: Knex.Transaction) => ({
  ...houseReader(trx),
  async putLarder({ id, foodId, grams, useBy, note, revision, updatedAt }: KeptInLarder): Promise<void> {
    const row: LarderRow = { id, food_id: foodId, grams, use_by: useBy, note, revision, updated_at: updatedAt };
    await trx<LarderRow>('larder').insert(row).onConflict('id').merge();
  },
  async dropLarder(id: string): Promise<boolean> {
    return (await trx<LarderRow>('larder').where({ id }).delete()) > 0;
  },
  async addView({ id, name, query }: SavedView, now: string): Promise<void> {
    await trx('views').insert({ id, name, query, created_at: now });
  },
  async dropView(id: string): Promise<boolean> {
    return (await trx('views').where({ id }).delete()) > 0;
  },
});
