/** The soup the day after: thicker and flatter when it was cold. How much liquid to have ready when it is heated again (estimate). */
import type { BodyHelp } from '../texture/help.ts';

export interface Tomorrow {
  /** Liquid for one portion that brings it back to today's body; 0 where cold sets nothing in it. */
  mlAPortion: number;
  /** What it is when cold. */
  word: BodyHelp['word'];
}

const TO_FIVE = 5;

/** `portionMl` of the soup as `help` knows it today. */
export function tomorrowOf({ index, chilled }: Pick<BodyHelp, 'index' | 'chilled'>, portionMl: number): Tomorrow {
  const ml = index > 0 ? portionMl * (chilled.index / index - 1) : 0;
  return { mlAPortion: Math.max(0, Math.round(ml / TO_FIVE) * TO_FIVE), word: chilled.word };
}
