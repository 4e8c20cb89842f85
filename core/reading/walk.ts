/** What the walk through the steps carries along: each clause in its place, and where the pot is. */
import type { Stage } from '../vocabulary/recipe.ts';
import type { Clause } from './clauses.ts';

export interface Placed extends Clause {
  step: number;
  /** The whole sentence, and the one that follows. */
  whole: string;
  following: string;
}

/** Where the pot is while the steps are walked. */
export interface Pot {
  now: Stage;
  /** A liquid has gone in. */
  wet: boolean;
  /** Something has been cooked, and not only blended raw. */
  cooked: boolean;
  adding: boolean;
  takenOut: string[];
  /** The clause takes out, and what the list goes on with is taken out too. */
  takingOut: boolean;
}
