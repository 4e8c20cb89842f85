/** Which portions are taken out of the cold for a lunch, and when: the oldest day first, frozen ones with time to thaw in the fridge. */
import { dayAfter } from '../quantity/day.ts';
import type { Keep } from './entry.ts';

export interface Portioned {
  id: string;
  title: string;
  keep: Keep;
  left: number;
  /** Of one portion. */
  grams: number;
  useBy: string;
  past: boolean;
}

export interface TakeOut {
  /** The day it comes out of the freezer into the fridge; the day itself for what is chilled. */
  on: string;
  /** In the evening of that day, or the morning. */
  when: 'evening' | 'morning';
  id: string;
  title: string;
  keep: Keep;
  count: number;
  grams: number;
}

export interface ThawPlan {
  takes: TakeOut[];
  /** Portions that are not there. */
  missing: number;
}

/** A fridge thaws some 2 kg in a day and a night (USDA: 24 hours for each 4 to 5 pounds; from memory): a larger block comes out earlier. */
const GRAMS_A_NIGHT = 1000;
const GRAMS_A_DAY = 2000;

/** Days before in whose evening a block of so many grams comes out. */
export const nightsFor = (grams: number): number => (grams <= GRAMS_A_NIGHT ? 1 : 1 + Math.ceil((grams - GRAMS_A_NIGHT) / GRAMS_A_DAY));

/**
 * So many portions for a day: what is chilled first, since its days run, then what was frozen first. What is past its day, or will be by then,
 * is not taken. Only what can still thaw by then counts.
 */
export function thawPlan(stock: readonly Portioned[], wanted: number, day: string, today: string): ThawPlan {
  const usable = stock
    .filter(
      ({ past, useBy, left, keep, grams }) => !past && left > 0 && useBy >= day && (keep === 'chilled' || dayAfter(day, -nightsFor(grams)) >= today),
    )
    .sort((a, b) => rank(a) - rank(b) || (a.useBy < b.useBy ? -1 : a.useBy > b.useBy ? 1 : 0));
  let missing = wanted;
  const takes = usable.flatMap((one): TakeOut[] => {
    const count = Math.min(missing, one.left);
    if (count === 0) return [];
    missing -= count;
    const { id, title, keep, grams } = one;
    return [
      keep === 'chilled'
        ? { on: day, when: 'morning', id, title, keep, count, grams }
        : { on: dayAfter(day, -nightsFor(grams)), when: 'evening', id, title, keep, count, grams },
    ];
  });
  return { takes: takes.sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0)), missing };
}

const rank = ({ keep }: Portioned): number => (keep === 'chilled' ? 0 : 1);
