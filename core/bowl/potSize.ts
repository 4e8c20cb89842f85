/** How large a pot a soup wants. */

/** A pot is filled to this share of its brim at most, so that it can be stirred and blended (common practice, no source). */
const FULL = 0.75;
const HALF_LITRE_ML = 500;

/** Litres of the least pot for so much soup, ml, in half litres. */
export const leastPotLitres = (potMl: number): number => Math.ceil(potMl / FULL / HALF_LITRE_ML) / 2;
