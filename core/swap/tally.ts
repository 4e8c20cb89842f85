/** The one count of needs, and its words. */
import type { NeedState, NeedVerdict } from './verdict.ts';

/** Needs by how they stand: the one count that header, cards, lists and versions tell. */
export interface Tally {
  asked: number;
  /** Met, or likely met. */
  met: number;
  /** Only a label or a figure that is not known can tell. */
  toCheck: number;
  broken: number;
}

export function tallyOf(verdicts: readonly NeedVerdict[]): Tally {
  const of = (...states: NeedState[]) => verdicts.filter(({ state }) => states.includes(state)).length;
  return { asked: verdicts.length, met: of('meets', 'likely'), toCheck: of('cannotTell'), broken: of('breaks') };
}

/** '1 of 3 met, 1 to check'. */
export const tallyWords = ({ asked, met, toCheck }: Tally): string => `${met} of ${asked} met${toCheck > 0 ? `, ${toCheck} to check` : ''}`;
