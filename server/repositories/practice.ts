/** Answers and what comes back, as SQLite stores them. */
import type { Knex } from 'knex';
import type { DueRound, GivenAnswer } from '../../contract/types.ts';
import type { Boxed } from '../../core/practice/repeat.ts';

interface AnswerRow {
  id?: number;
  learner: string;
  round: string;
  topic: string;
  right: number | boolean;
  day: string;
  at: string;
}

interface DueRow extends Boxed {
  learner: string;
  round: string;
  topic: string;
}

const toAnswer = ({ round, topic, right, day, at }: AnswerRow): GivenAnswer => ({ round, topic, right: Boolean(right), day, at });
const toDue = ({ round, topic, box, due }: DueRow): DueRound => ({ round, topic, box, due });

export const practiceReader = (db: Knex) => ({
  async answers(learner: string, most: number): Promise<GivenAnswer[]> {
    return (await db<AnswerRow>('practice_answers').where({ learner }).orderBy('id', 'desc').limit(most)).map(toAnswer);
  },
  async due(learner: string): Promise<DueRound[]> {
    return (await db<DueRow>('practice_due').where({ learner }).orderBy(['due', 'round'])).map(toDue);
  },
  async boxOf(learner: string, round: string): Promise<Boxed | null> {
    return (await db<DueRow>('practice_due').where({ learner, round }).first('box', 'due')) ?? null;
  },
  /** Every learner with what the class view tells. */
  async learners(today: string): Promise<{ code: string; answers: number; lastAt: string; toSeeAgain: number; dueNow: number }[]> {
    const given: { learner: string; answers: number; lastAt: string }[] = await db('practice_answers')
      .select('learner', db.raw('count(*) as answers'), db.raw('max(at) as lastAt'))
      .groupBy('learner')
      .orderBy('learner');
    const again: { learner: string; toSeeAgain: number; dueNow: number }[] = await db('practice_due')
      .select('learner', db.raw('count(*) as toSeeAgain'), db.raw('sum(case when due <= ? then 1 else 0 end) as dueNow', [today]))
      .groupBy('learner');
    const byCode = new Map(again.map((row) => [row.learner, row]));
    return given.map(({ learner, answers, lastAt }) => ({
      code: learner,
      answers,
      lastAt,
      toSeeAgain: byCode.get(learner)?.toSeeAgain ?? 0,
      dueNow: byCode.get(learner)?.dueNow ?? 0,
    }));
  },
  /** What the class misses: topics by how many learners have them to see again. */
  async missed(): Promise<{ topic: string; learners: number }[]> {
    return await db('practice_due')
      .select('topic', db.raw('count(distinct learner) as learners'))
      .groupBy('topic')
      .orderBy([{ column: 'learners', order: 'desc' }, 'topic']);
  },
});

export const practiceWriter = (trx: Knex.Transaction) => ({
  ...practiceReader(trx),
  async put(learner: string, answer: GivenAnswer): Promise<void> {
    await trx<AnswerRow>('practice_answers').insert({ learner, ...answer });
  },
  async box(learner: string, round: string, topic: string, boxed: Boxed | null): Promise<void> {
    if (boxed === null) await trx<DueRow>('practice_due').where({ learner, round }).delete();
    else
      await trx<DueRow>('practice_due')
        .insert({ learner, round, topic, ...boxed })
        .onConflict(['learner', 'round'])
        .merge({ ...boxed });
  },
  async forget(learner: string): Promise<boolean> {
    const gone = await trx<AnswerRow>('practice_answers').where({ learner }).delete();
    await trx<DueRow>('practice_due').where({ learner }).delete();
    return gone > 0;
  },
});
