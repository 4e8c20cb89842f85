/** Practice over HTTP. */
import { Router } from 'express';
import { checkBody } from '../../contract/check.ts';
import { Problem } from '../../contract/problems.ts';
import { answerSchema, roundSchema } from '../../contract/tableSchemas.ts';
import { seatFault } from '../../core/group/seat.ts';
import { askedBy } from '../../core/practice/seeds.ts';
import type { RoundAsked } from '../../core/practice/types.ts';
import type { Context } from '../context.ts';
import { notAllowed, route } from '../http.ts';

/** A learner is a code like a seat, and nothing by which somebody could be known. */
function checkLearner(code: string, path: string): void {
  const fault = seatFault(code);
  if (fault) throw new Problem('group.seat', `${path}: ${fault}`, { errors: [{ path, code: 'group.seat', message: fault }] });
}

export const practiceRoutes = ({ practice, heavy }: Context): Router =>
  Router()
    .post(
      '/practice/rounds',
      route(({ body }, left) => heavy.round(checkBody<RoundAsked>(roundSchema, body), left)),
    )
    .all('/practice/rounds', notAllowed('POST'))
    .post(
      '/practice/rounds/:id/answer',
      route(async ({ params, body }, left) => {
        const id = String(params.id);
        const asked = askedBy(id);
        if (!asked) throw new Problem('round.unknown', `No round has the id ${id}.`);
        const { answer, learner } = checkBody<{ answer: unknown; learner?: string }>(answerSchema, body);
        if (learner !== undefined) checkLearner(learner, '/learner');
        const marked = await heavy.marked(asked, answer, left);
        if ('wanted' in marked)
          throw new Problem('answer.unread', `The answer to this round is ${marked.wanted}.`, {
            errors: [{ path: '/answer', code: 'answer.unread', message: `Give ${marked.wanted}.` }],
          });
        const { topic: _, ...told } = marked;
        return learner === undefined ? told : { ...told, due: await practice.keep(learner, id, marked) };
      }),
    )
    .all('/practice/rounds/:id/answer', notAllowed('POST'))
    .get(
      '/practice/learners',
      route(() => practice.all()),
    )
    .all('/practice/learners', notAllowed('GET'))
    .get(
      '/practice/learners/:code',
      route(({ params }) => practice.learner(String(params.code))),
    )
    .delete(
      '/practice/learners/:code',
      route(async ({ params }) => {
        await practice.forget(String(params.code));
        return { gone: true };
      }),
    )
    .all('/practice/learners/:code', notAllowed('GET', 'DELETE'));
