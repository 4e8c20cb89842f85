/** Portions that were put by: how long they keep by a regime, and which are past it. */
import { dayAfter } from '../quantity/day.ts';
import type { RegimeId } from '../regime/regime.ts';
import { REGIMES } from '../regime/regime.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import type { Keep } from './entry.ts';

/** Where a regime names no number of days, the day it is made counted as the first (common practice, no source). */
const USUAL_DAYS = 3;
/** For its taste, not for safety (common practice: two to three months). */
const FROZEN_DAYS = 90;

/** Who sets the day: the regime, or what is common where it names none; the house; the recipe's own words; taste, for what is frozen. */
export const DAY_SETTERS = ['regime', 'common', 'house', 'text', 'taste'] as const;
export type DaySetter = (typeof DAY_SETTERS)[number];

export interface UseBy {
  /** The last day of use, YYYY-MM-DD. The day of making is the first. */
  day: string;
  by: DaySetter;
}

/** Days that the house and the recipe allow, where they say so. */
export interface AllowedDays {
  house?: number | null | undefined;
  text?: number | null | undefined;
}

/** The strictest of the regime, the house and the recipe decides, and it is said which. */
export function keepsUntil(madeOn: string, keep: Keep, regime: RegimeId, { house, text }: AllowedDays = {}): UseBy {
  if (keep === 'frozen') return { day: dayAfter(madeOn, FROZEN_DAYS - 1), by: 'taste' };
  const { mostDays } = REGIMES[regime].keeping;
  const all: { days: number; by: DaySetter }[] = [
    mostDays === undefined ? { days: USUAL_DAYS, by: 'common' } : { days: mostDays, by: 'regime' },
    ...(house ? [{ days: house, by: 'house' as const }] : []),
    ...(text ? [{ days: text, by: 'text' as const }] : []),
  ];
  const strictest = all.reduce((least, one) => (one.days < least.days ? one : least));
  return { day: dayAfter(madeOn, strictest.days - 1), by: strictest.by };
}

export const lastDayOf = (madeOn: string, keep: Keep, regime: RegimeId, allowed?: AllowedDays): string =>
  keepsUntil(madeOn, keep, regime, allowed).day;

const KEEPS_FOR =
  /\b(?:keeps?|kept|stores?|stored|use(?:d)?(?: it)?(?: up)?|eat(?:en)?(?: it)?|lasts?)\b[^.;]{0,40}?\b(?:for |within |up to )?(?:(\d{1,2}|one|two|three|four|five|six|seven)(?: ?(?:-|to|or) ?(\d{1,2}|two|three|four|five|six|seven))?) days?\b/i;
const SPOKEN: Readonly<Record<string, number>> = { one: 1, two: 2, three: 3, four: 4, five: 5, six: 6, seven: 7 };

/** How many days the recipe says it keeps in the cold, the fewer of a range; null where it says nothing. A freezer is another matter. */
export function daysInText({ steps }: Pick<Recipe, 'steps'>): number | null {
  const said = steps.flatMap(({ text }) => {
    const [words, first] = /\bfreez|\bfrozen\b/i.test(text) ? [] : (KEEPS_FOR.exec(text) ?? []);
    return words && first ? [SPOKEN[first.toLowerCase()] ?? Number(first)] : [];
  });
  return said.length > 0 ? Math.max(1, Math.min(...said)) : null;
}
