/**
 * What can be done about the body of a pot with a ladle in the hand: thin it, hold liquid back, blend a part only, sieve,
 * chill. Thinning is one-way, so holding back is said first. Everything rests on the body index (an estimate): it gives
 * an amount to begin with, and the spoon decides. It is never a level for someone with a swallowing difficulty.
 */
import type { Entry } from '../bowl/entries.ts';
import { isOf } from '../vocabulary/category.ts';
import type { Food } from '../vocabulary/food.ts';
import { BODY_WORDS, type BodyWord, bodyMlBlended, bodyOf } from './body.ts';

export interface BodyHelp {
  index: number;
  word: BodyWord;
  /** Liquid that thins it one step, and what it is then; null for a broth. */
  thin: { ml: number; word: BodyWord } | null;
  /** Liquid to hold back for one step thicker; null where the pot has not that much, or nothing is thicker. */
  holdBack: { ml: number; word: BodyWord } | null;
  /** When only half of it is blended; null where nothing is blended or nothing is left to be blended. */
  halfBlended: { index: number; word: BodyWord } | null;
  /** At fridge temperature. */
  chilled: { index: number; word: BodyWord };
}

/** No more than this share of a pot can be held back and leave a soup (common practice). */
const MOST_HELD_BACK = 0.4;
/** A step ends this far inside the next word, so that it is felt (estimate). */
const INSIDE = 0.03;
/** Starch and the fat of dairy set when cold: body they give counts this much more (estimate). */
const SETS_COLD = 1.3;
const TO_TEN = 10;

/** What a cook pours at a time before stirring and tasting again, as a share of the pot (common practice, no source). */
const SPLASH = 0.05;

const roundedUp = (ml: number): number => Math.ceil(ml / TO_TEN - 1e-9) * TO_TEN;

/** A splash of liquid for a pot of `potMl`, ml: less than a step of body, so that none goes too far. */
export const splashMl = (potMl: number): number => roundedUp(potMl * SPLASH);

/** `entries` as analysis.ts gives them; toppings are no part of the pot. */
export function bodyHelp(entries: readonly Entry[], potMl: number, blended: number): BodyHelp {
  const bodyMl = (share: number, times?: (food: Food) => number) => bodyMlBlended(entries, share, times);
  const now = bodyOf(bodyMl(blended), potMl);
  const at = BODY_WORDS.findIndex(([, word]) => word === now.word);
  const below = BODY_WORDS[at - 1];
  const above = BODY_WORDS[at + 1];
  const half = blended > 0.5 ? bodyOf(bodyMl(0.5), potMl) : null;
  // The swollen millilitres stay the same; only the liquid about them changes.
  const thinTo = below ? Math.max(below[0] - INSIDE, below[0] / 2) : 0;
  const thickenTo = BODY_WORDS[at]?.[0] ?? 1;
  const held = above ? potMl * (1 - now.index / (thickenTo + INSIDE / 3)) : Number.POSITIVE_INFINITY;
  return {
    ...now,
    thin: below && now.index > 0 ? { ml: roundedUp(potMl * (now.index / thinTo - 1)), word: below[1] } : null,
    holdBack: above && held > 0 && held <= potMl * MOST_HELD_BACK ? { ml: roundedUp(held), word: above[1] } : null,
    halfBlended: half && half.index < now.index * 0.98 ? half : null,
    chilled: bodyOf(bodyMl(blended, whenCold), potMl),
  };
}

const whenCold = ({ category }: Food): number => (isOf(category, 'setsCold') ? SETS_COLD : 1);
