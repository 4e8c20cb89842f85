/** Preparations that were made, as SQLite stores them. */
import type { Knex } from 'knex';
import type { Keep } from '../../core/batch/entry.ts';
import type { Preparation } from '../../core/vocabulary/recipe.ts';
import { readable } from './packed.ts';

export interface KeptLot {
  id: string;
  preparationId: string;
  /** As it was when it was made, with the days it says that it keeps. */
  preparation: Preparation;
  keepDays: number | null;
  madeOn: string;
  keep: Keep;
  grams: number;
}

interface MadeRow {
  id: string;
  preparation_id: string;
  document: string;
  made_on: string;
  keep: Keep;
  grams: number;
  created_at: string;
}
interface TakenRow {
  id: string;
  made_id: string;
  grams: number;
  taken_at: string;
}

type Document = Pick<KeptLot, 'preparation' | 'keepDays'>;

/** A row that cannot be read stays in the file and in no list. */
const toLot = ({ id, preparation_id, document, made_on, keep, grams }: MadeRow): KeptLot[] => {
  const read = readable<Document>(document);
  return read === null ? [] : [{ id, preparationId: preparation_id, ...read, madeOn: made_on, keep, grams }];
};

export const madeReader = (db: Knex) => ({
  async all(): Promise<KeptLot[]> {
    return (await db<MadeRow>('made').orderBy(['made_on', 'id'])).flatMap(toLot);
  },
  async one(id: string): Promise<KeptLot | null> {
    const row = await db<MadeRow>('made').where({ id }).first();
    return row ? (toLot(row)[0] ?? null) : null;
  },
  async taken(): Promise<Map<string, number>> {
    const sums = new Map<string, number>();
    for (const { made_id, grams } of await db<TakenRow>('made_taken')) sums.set(made_id, (sums.get(made_id) ?? 0) + grams);
    return sums;
  },
  async wasTaken(id: string): Promise<boolean> {
    return (await db<TakenRow>('made_taken').where({ id }).first()) !== undefined;
  },
});

export const madeWriter = (trx: Knex.Transaction) => ({
  ...madeReader(trx),
  async add({ id, preparationId, preparation, keepDays, madeOn, keep, grams }: KeptLot, now: string): Promise<void> {
    await trx<MadeRow>('made').insert({
      id,
      preparation_id: preparationId,
      document: JSON.stringify({ preparation, keepDays }),
      made_on: madeOn,
      keep,
      grams,
      created_at: now,
    });
  },
  async take(id: string, madeId: string, grams: number, now: string): Promise<void> {
    await trx<TakenRow>('made_taken').insert({ id, made_id: madeId, grams, taken_at: now });
  },
  async putBack(id: string): Promise<boolean> {
    return (await trx<TakenRow>('made_taken').where({ id }).delete()) > 0;
  },
});
