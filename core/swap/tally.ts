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

export function tallyOf(all: readonly NeedVerdict[]): Tally {
  const verdicts = together(all);
  const of = (...states: NeedState[]) => verdicts.filter(({ state }) => states.includes(state)).length;
  return { asked: verdicts.length, met: of('meets', 'likely'), toCheck: of('cannotTell'), broken: of('breaks') };
}

/** More foods to avoid than this are one need together: 'no mushrooms' is twenty foods, and was said once. */
export const MOST_APART = 3;
const WORST: readonly NeedState[] = ['breaks', 'cannotTell', 'likely', 'meets'];

/** The verdicts with many avoided foods as one, the worst of them. */
export function together(verdicts: readonly NeedVerdict[]): readonly NeedVerdict[] {
  const avoided = verdicts.filter(({ need }) => need.kind === 'avoid');
  if (avoided.length <= MOST_APART) return verdicts;
  const worst = avoided.reduce((one, other) => (WORST.indexOf(other.state) < WORST.indexOf(one.state) ? other : one));
  return [...verdicts.filter(({ need }) => need.kind !== 'avoid'), worst];
}

/** '1 of 3 met, 1 to check'. */
export const tallyWords = ({ asked, met, toCheck }: Tally): string => `${met} of ${asked} met${toCheck > 0 ? `, ${toCheck} to check` : ''}`;
