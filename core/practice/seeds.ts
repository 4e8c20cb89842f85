/** Rounds by their name: kind, level and seed. */
import { LEVELS, type Level, ROUND_KINDS, type RoundAsked } from './types.ts';

export const MOST_SEED = 2 ** 31 - 1;

export const idOf = ({ kind, level, seed }: RoundAsked): string => `${kind}-${level}-${seed}`;

/** What an id asks for; undefined where it is none. */
export function askedBy(id: string): RoundAsked | undefined {
  const [, kind, level, seed] = /^([a-z]+)-([1-3])-(\d{1,10})$/.exec(id) ?? [];
  const found = ROUND_KINDS.find((one) => one === kind);
  const at = LEVELS.find((one) => one === Number(level)) as Level | undefined;
  return found && at && Number(seed) <= MOST_SEED ? { kind: found, level: at, seed: Number(seed) } : undefined;
}
