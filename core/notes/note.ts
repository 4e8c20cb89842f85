/** A caution as it is told, what it is decided by, and a rule that decides. */
import type { CountedLine } from '../allergen/board.ts';
import type { Bowl } from '../bowl/pot.ts';
import type { RegimeId } from '../regime/regime.ts';
import type { Blender } from '../vocabulary/blender.ts';
import type { Nutrient } from '../vocabulary/nutrient.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import type { Concern, Severity } from './data/cautions.ts';

export interface Note {
  code: string;
  severity: Severity;
  message: string;
  /** What the message names besides its own words, so that it can be said anew in today's, or in another tongue. */
  params?: { what: string };
  lineIds: string[];
  stepIds?: string[];
  source: string;
}

export interface NoteContext {
  recipe: Recipe;
  lines: readonly CountedLine[];
  bowl: Bowl;
  regime: RegimeId;
  /** What the kitchen blends with, where that is known. */
  blender?: Blender | undefined;
  /** The known part of a figure in one bowl. */
  perBowl: (nutrient: Nutrient) => number;
}

export interface Finding {
  lineIds?: string[];
  stepIds?: string[];
  /** Put in the place of {what} in the message. */
  what?: string;
}

export interface NoteRule {
  code: string;
  severity: Severity;
  message: string;
  source: string;
  /** Needs that bring it to the fore. */
  concerns?: readonly Concern[];
  /** The registered condition without whose lines it is never told: it is not even asked then. */
  needs?: number | undefined;
  /** `met` are the lines that meet each registered condition. */
  when: (context: NoteContext, met: ReadonlyMap<number, string[]>) => Finding | null;
}
