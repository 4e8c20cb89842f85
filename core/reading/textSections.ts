/** What a text is made of, line by line, before any line of it is read. */
import type { Stage } from '../vocabulary/recipe.ts';
import type { Furniture } from './furniture.ts';
import type { Yield } from './yield.ts';

export interface TextLine {
  text: string;
  /** Place in the pasted text, counted from 0. */
  at: number;
  /** The stage its heading gives it: what stands under 'Topping' goes into the bowl. */
  stage?: Stage;
  /** Its amount is for one bowl. */
  perBowl?: boolean;
  /** The heading of its part, as written: 'For the stock'. */
  part?: string;
}

export type Kind = 'title' | 'yield' | 'heading' | 'ingredient' | 'step' | 'furniture' | 'unread';

/** What one line of the text was taken for. */
export interface Accounted {
  at: number;
  text: string;
  kind: Kind;
  furniture?: Furniture;
}

export interface Sections {
  title: string;
  made: (Yield & { at: number }) | null;
  ingredients: TextLine[];
  steps: TextLine[];
  /** Every line that is not empty, in order. */
  account: Accounted[];
  /** The total time the text claims, minutes. */
  claimedMinutes?: number;
}

export const noSections = (): Sections => ({ title: '', made: null, ingredients: [], steps: [], account: [] });

/** Whether words name a food of the shelf. */
export type IsFood = (words: string) => boolean;
