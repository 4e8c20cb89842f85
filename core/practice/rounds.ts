/** Rounds of practice by kind, level and seed: the same three are the same round, for a class and for its marking. */
import { Chance } from './chance.ts';
import { caution } from './kinds/caution.ts';
import { estimate } from './kinds/estimate.ts';
import { find } from './kinds/find.ts';
import { label } from './kinds/label.ts';
import { rank } from './kinds/rank.ts';
import { swap } from './kinds/swap.ts';
import { idOf, MOST_SEED } from './seeds.ts';
import { soupBy } from './soup.ts';
import { type Kind, type Made, type Maker, type Marked, type NoAnswer, ROUND_KINDS, type Round, type RoundAsked } from './types.ts';

const MAKERS: Readonly<Record<Kind, Maker>> = { find, rank, swap, caution, label, estimate };
/** Soups looked at for a round that can be asked without doubt; the rarest kind wants a dozen. */
const MOST_SOUPS = 400;

/** A round with its marking: for one answer it is made anew, for many it is made once. */
export function made({ kind, level, seed }: RoundAsked): Made {
  // Kinds and levels of one seed are rounds of their own.
  const chance = new Chance((seed * 18 + ROUND_KINDS.indexOf(kind) * 3 + level) % MOST_SEED);
  for (let tries = 0; tries < MOST_SOUPS; tries += 1) {
    const round = MAKERS[kind](level, soupBy(chance), chance);
    if (round) return round;
  }
  throw new Error(`No round of ${kind} at level ${level} was found for seed ${seed}.`);
}

export function roundOf(asked: RoundAsked): Round {
  const { mark: _, topic: __, ...round } = made(asked);
  return { id: idOf(asked), kind: asked.kind, level: asked.level, ...round };
}

/** How an answer was marked, and what the round was about. */
export type RoundMarked = Marked & { topic: string };

export function marked(asked: RoundAsked, answer: unknown): RoundMarked | NoAnswer {
  const { topic, mark } = made(asked);
  const result = mark(answer);
  return 'wanted' in result ? result : { ...result, topic };
}
