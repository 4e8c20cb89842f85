/** Days: one lunch each, changed by revision; a day nobody has planned is empty and has revision 0. Knows no HTTP. */
import type { Knex } from 'knex';
import { Problem } from '../../contract/problems.ts';
import type { DayBody, NewDay } from '../../contract/types.ts';
import { dayReader, dayWriter } from '../repositories/days.ts';
import type { Clock } from './kitchen.ts';

export interface Days {
  between(from: string, to: string): Promise<DayBody[]>;
  one(date: string): Promise<DayBody>;
  /** Throws `revision.stale` with what has been saved since. */
  change(date: string, day: NewDay & { revision: number }): Promise<DayBody>;
}

const emptyDay = (date: string): DayBody => ({
  date,
  groupId: null,
  away: [],
  soups: [],
  eats: {},
  together: [],
  serveAt: '12:30',
  worked: null,
  revision: 0,
  updatedAt: '',
});

export const makeDays = (db: Knex, clock: Clock): Days => ({
  between: (from, to) => dayReader(db).between(from, to),
  one: async (date) => (await dayReader(db).one(date)) ?? emptyDay(date),
  change: (date, { revision, ...day }) =>
    db.transaction(async (trx) => {
      const write = dayWriter(trx);
      const current = (await write.one(date)) ?? emptyDay(date);
      if (current.revision !== revision) throw new Problem('revision.stale', 'This day has been saved since it was opened.', { current });
      await write.put(date, day, revision + 1, clock().toISOString());
      return (await write.one(date)) as DayBody;
    }),
});
