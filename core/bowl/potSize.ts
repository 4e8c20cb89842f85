/** How large a pot a soup wants, and how much the one at hand holds. */
import type { Recipe } from '../vocabulary/recipe.ts';

/** A pot is filled to this share of its brim at most, so that it can be stirred and blended (common practice, no source). */
export const STIR_LINE = 0.75;
const HALF_LITRE_ML = 500;

/** Litres of the least pot for so much soup, ml, in half litres. */
export const leastPotLitres = (potMl: number): number => Math.ceil(potMl / STIR_LINE / HALF_LITRE_ML) / 2;

/** Millilitres of a round pot to its brim; null where its width or its depth is not known. */
export const brimMl = ({ pot }: Pick<Recipe, 'pot'>): number | null =>
  pot?.diameterCm && pot.depthCm ? (Math.PI / 4) * pot.diameterCm ** 2 * pot.depthCm : null;
