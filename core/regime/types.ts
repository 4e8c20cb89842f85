/** What a regime is: one country's way of counting. One file each (us.ts, eu.ts ...); no value crosses from one to another. */
import type { AllergenId } from '../vocabulary/allergens.ts';
import type { Nutrient } from '../vocabulary/nutrient.ts';
import type { ClaimBook } from './claimRules.ts';
import type { LabelRules } from './label.ts';

/** Energy per gram of each energy-yielding nutrient. */
export type Factors = readonly (readonly [Nutrient, number])[];

/** Temperatures and times of keeping food, degrees Celsius and minutes. A figure the regime does not have is left out, never borrowed. */
export interface Keeping {
  hotHoldC: number;
  coldHoldC: number;
  /** Cooling in stages, each from a temperature down to another within so many minutes. */
  cooling: readonly CoolingStage[];
  /** Of food made cold, from ingredients at room temperature; left out where the regime names no figure. */
  coolingOfColdFood?: { toC: number; withinMin: number };
  /** Reheating right through. */
  reheat: { celsius: number; minutes: number };
  /** At the centre when it is cooked. */
  core: { poultry: string; mince: string; fish: string };
  /** The same as a number of days, the day it is made counted as the first. */
  mostDays?: number;
  /** How long what is made may be kept cold, in words; left out where the regime names no number. */
  keptDays?: string;
  source: string;
}

/** A stage that begins where the one before it ends counts from there; one that begins at the first one's heat counts from that. */
export interface CoolingStage {
  fromC: number;
  toC: number;
  withinMin: number;
}

export interface RegimeRules {
  name: string;
  energy: { kcal: Factors; kj: Factors; source: string; words: string };
  declaredAllergens: readonly AllergenId[];
  /** Whether oats are a gluten cereal by law. */
  oatsHoldGluten: boolean;
  /** Inulin counts as fibre beside what the recalled table's method sees. */
  inulinIsFibre: boolean;
  label: LabelRules;
  claims: ClaimBook;
  keeping: Keeping;
}
