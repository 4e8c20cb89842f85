/** Who eats, and the pots that serve them. */
import type { Analysis } from '../analysis/analysis.ts';
import type { RegimeId } from '../regime/regime.ts';
import type { NeedRef, Needs } from '../swap/needs.ts';
import type { Line, Recipe, Stage } from '../vocabulary/recipe.ts';

/** A food that stands beside a bowl, edible grams. */
export interface Beside {
  foodId: string;
  grams: number;
}

export interface Guest {
  seat: string;
  needs: Needs;
  bowls?: number | undefined;
  /** What this guest has beside the bowl; as the soup has it where nothing is said, nothing where it is empty. */
  sides?: readonly Beside[] | undefined;
  /** ISO days on which the guest comes; every day where none is said. */
  days?: readonly string[] | undefined;
}

export interface PotsRequest {
  recipe: Recipe;
  regime?: RegimeId | undefined;
  guests: readonly Guest[];
  mostPots?: number | undefined;
  /** Seats that are to eat from one pot, set by set. */
  together?: readonly (readonly string[])[] | undefined;
  timeLimitMs?: number | undefined;
}

/** How far the pots are: each set of needs by itself, who shares with whom, how late they part. */
export interface PotsProgress {
  phase: 'alone' | 'sharing' | 'parting';
  /** Questions put so far; of how many, where that is known. */
  asked: number;
  of?: number;
}

export interface PotChange {
  lineId: string | null;
  from: { foodId: string | null; grams: number } | null;
  to: { lineId: string; foodId: string | null; grams: number }[];
}

export interface Pot {
  seats: string[];
  bowls: number;
  /** For its own bowls. */
  recipe: Recipe;
  analysis: Analysis;
  /** Against the original, for its own bowls. */
  changes: PotChange[];
  /** The stage at which it leaves the shared base; null where it leaves none. */
  splitAt: Stage | null;
  /** Pots of one kettle differ in what goes on top and beside only. */
  kettle: number;
  /** Guests with sides of their own: what stands beside their bowl, as their needs let it. */
  beside: { seats: string[]; lines: Line[]; changes: PotChange[] }[];
}

export interface PotsReply {
  pots: Pot[];
  /** What every pot has alike, and the last stage of it. */
  base: { lineIds: string[]; stage: Stage | null };
  unserved: { seat: string; clash: { needs: NeedRef[]; why: string } }[];
  /** No fewer kettles do. */
  optimal: boolean;
  bound: number;
  /** Places of the pots in the order of work: the strictest first. */
  order: number[];
  explains: string[];
}
