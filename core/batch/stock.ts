/** Portions that were put by: how long they keep by a regime, and which are past it. */
import { dayAfter } from '../quantity/day.ts';
import type { RegimeId } from '../regime/regime.ts';
import { REGIMES } from '../regime/regime.ts';
import type { Keep } from './entry.ts';

/** Where a regime names no number of days, the day it is made counted as the first (common practice, no source). */
const USUAL_DAYS = 3;
/** For its taste, not for safety (common practice: two to three months). */
const FROZEN_DAYS = 90;

/** The last day of use, 'YYYY-MM-DD'. The day of making is the first; `keptDays` of the house or the recipe counts where it is fewer. */
export function lastDayOf(madeOn: string, keep: Keep, regime: RegimeId, keptDays?: number): string {
  const days = keep === 'frozen' ? FROZEN_DAYS : Math.min(REGIMES[regime].keeping.mostDays ?? USUAL_DAYS, keptDays ?? Number.POSITIVE_INFINITY);
  return dayAfter(madeOn, days - 1);
}
