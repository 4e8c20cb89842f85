/** Days as SQLite stores them. */
import type { Knex } from 'knex';
import type { DayBody, NewDay } from '../../contract/types.ts';
import { readable } from './packed.ts';

interface DayRow {
  date: string;
  body: string;
  revision: number;
  updated_at: string;
}

/** A row that cannot be read stays in the file and in no list. */
const toBody = ({ date, body, revision, updated_at }: DayRow): DayBody[] => {
  const read = readable<NewDay>(body);
  return read === null ? [] : [{ ...read, date, revision, updatedAt: updated_at }];
};

export const dayReader = (db: Knex) => ({
  async between(from: string, to: string): Promise<DayBody[]> {
    return (await db<DayRow>('days').whereBetween('date', [from, to]).orderBy('date')).flatMap(toBody);
  },
  async one(date: string): Promise<DayBody | null> {
    const row = await db<DayRow>('days').where({ date }).first();
    return row ? (toBody(row)[0] ?? null) : null;
  },
});

export const dayWriter = (trx: Knex.Transaction) => ({
  ...dayReader(trx),
  async put(date: string, body: NewDay, revision: number, now: string): Promise<void> {
    const changes = { body: JSON.stringify(body), revision, updated_at: now };
    await trx<DayRow>('days')
      .insert({ date, ...changes })
      .onConflict('date')
      .merge(changes);
  },
});
