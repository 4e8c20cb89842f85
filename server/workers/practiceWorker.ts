import { marked, type RoundMarked, roundOf } from '../../core/practice/rounds.ts';
import type { NoAnswer, Round, RoundAsked } from '../../core/practice/types.ts';
import type { Handed } from './pool.ts';

export interface PracticeTask {
  asked: RoundAsked;
  /** Left out where the round itself is wanted. */
  given?: { answer: unknown };
}

export default function run({ task: { asked, given }, begun }: Handed<PracticeTask>): Round | RoundMarked | NoAnswer {
  begun.postMessage('begun');
  return given ? marked(asked, given.answer) : roundOf(asked);
}
