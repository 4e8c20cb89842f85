/** Practice: rounds are made and marked from their id alone; what a learner missed is kept by code and comes back. Knows no HTTP. */
import type { Knex } from 'knex';
import { Problem } from '../../contract/problems.ts';
import type { ClassBody, LearnerBody } from '../../contract/types.ts';
import { boxAfter } from '../../core/practice/repeat.ts';
import type { RoundMarked } from '../../core/practice/rounds.ts';
import { kitchenDay } from '../../core/quantity/day.ts';
import { practiceReader, practiceWriter } from '../repositories/practice.ts';
import type { Clock } from './kitchen.ts';

export interface Practice {
  /** Keeps how an answer was marked, and says when the round comes back, if it does. */
  keep(learner: string, round: string, marked: RoundMarked): Promise<string | null>;
  learner(code: string): Promise<LearnerBody>;
  all(): Promise<ClassBody>;
  forget(code: string): Promise<void>;
}

/** Answers told of one learner; all of them are kept. */
const MOST_TOLD = 500;

export const makePractice = (db: Knex, clock: Clock, zone: string): Practice => ({
  keep: (learner, round, { topic, right }) =>
    db.transaction(async (trx) => {
      const write = practiceWriter(trx);
      const now = clock();
      const today = kitchenDay(now, zone);
      await write.put(learner, { round, topic, right, day: today, at: now.toISOString() });
      const next = boxAfter(await write.boxOf(learner, round), right, today);
      await write.box(learner, round, topic, next);
      return next?.due ?? null;
    }),
  async learner(code) {
    const read = practiceReader(db);
    const today = kitchenDay(clock(), zone);
    return { code, today, answers: await read.answers(code, MOST_TOLD), due: await read.due(code) };
  },
  async all() {
    const read = practiceReader(db);
    const today = kitchenDay(clock(), zone);
    return { today, learners: await read.learners(today), missed: await read.missed() };
  },
  async forget(code) {
    const gone = await db.transaction((trx) => practiceWriter(trx).forget(code));
    if (!gone) throw new Problem('learner.unknown', `No learner has the code ${code}.`);
  },
});
