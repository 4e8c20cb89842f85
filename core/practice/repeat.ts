/**
 * What was missed comes back: boxes after S. Leitner, So lernt man lernen (1972). A round that was missed comes the next day, and then after
 * twice as many days each time it is known; when it is known after the last box it has been learnt.
 */
import { dayAfter } from '../quantity/day.ts';

/** Days until a round comes back, box by box. */
export const BOXES = [1, 2, 4, 8, 16] as const;

export interface Boxed {
  /** From 1. */
  box: number;
  /** YYYY-MM-DD. */
  due: string;
}

/** Where a round goes after an answer given on a day; null where it need not come back. */
export function boxAfter(before: Boxed | null, right: boolean, today: string): Boxed | null {
  if (!right) return { box: 1, due: dayAfter(today, BOXES[0]) };
  if (before === null) return null;
  // Known before its day: the day stands, and nothing is learnt faster by it.
  if (before.due > today) return before;
  const box = before.box + 1;
  const days = BOXES[box - 1];
  return days === undefined ? null : { box, due: dayAfter(today, days) };
}
