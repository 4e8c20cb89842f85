/** The kitchen's own foods as SQLite stores them. */
import type { Knex } from 'knex';
import type { OwnFoodBody } from '../../contract/types.ts';
import { readable } from './packed.ts';

interface OwnFoodRow {
  id: string;
  entry: string;
  retired: number;
  revision: number;
  created_at: string;
  updated_at: string;
}

const toBody = ({ id, entry, retired, revision, updated_at }: OwnFoodRow): OwnFoodBody => ({
  id,
  entry: JSON.parse(entry),
  retired: retired === 1,
  revision,
  updatedAt: updated_at,
});

export const ownFoodReader = (db: Knex) => ({
  async all(): Promise<OwnFoodBody[]> {
    // A row whose entry is no JSON says nothing of a food; it stays in the file and on no shelf.
    return (await db<OwnFoodRow>('own_foods').orderBy(['created_at', 'id'])).filter(({ entry }) => readable(entry) !== null).map(toBody);
  },
  async one(id: string): Promise<OwnFoodBody | null> {
    const row = await db<OwnFoodRow>('own_foods').where({ id }).first();
    return row ? toBody(row) : null;
  },
});

export const ownFoodWriter = (trx: Knex.Transaction) => ({
  ...ownFoodReader(trx),
  async put({ id, entry, retired, revision }: Omit<OwnFoodBody, 'updatedAt'>, now: string): Promise<void> {
    const changes = { entry: JSON.stringify(entry), retired: retired ? 1 : 0, revision, updated_at: now };
    await trx<OwnFoodRow>('own_foods')
      .insert({ id, ...changes, created_at: now })
      .onConflict('id')
      .merge(changes);
  },
});
