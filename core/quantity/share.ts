/** A share as a cook says it: 'two thirds', 'a fifth'. */
const SHARES: readonly (readonly [number, string])[] = [
  [0.1, 'a tenth'],
  [0.2, 'a fifth'],
  [0.25, 'a quarter'],
  [1 / 3, 'a third'],
  [0.4, 'two fifths'],
  [0.5, 'half'],
  [0.6, 'three fifths'],
  [2 / 3, 'two thirds'],
  [0.75, 'three quarters'],
  [0.8, 'four fifths'],
  [0.9, 'nine tenths'],
];
const HARDLY = 0.075;
const WHOLE = 0.95;

/** Null below what anyone would name. */
export function shareWords(share: number): string | null {
  if (share < HARDLY) return null;
  if (share >= WHOLE) return share >= 0.995 ? 'all' : 'nearly all';
  return SHARES.reduce((near, one) => (Math.abs(one[0] - share) < Math.abs(near[0] - share) ? one : near))[1];
}
