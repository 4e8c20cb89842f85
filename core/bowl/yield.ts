/**
 * How much is in the pot, measured: on a scale with its tare, or by a stick in a straight pot. What the stick reads holds
 * air from the blender and is lighter hot, so it is turned to what a cold scale would show.
 */
import { SOUP_DENSITY } from './pot.ts';

export interface Measured {
  grams: number;
  /** Central 95 %. */
  low: number;
  high: number;
}

/** A kitchen scale is out by this much (science of the bowl, section 1). */
const SCALE_ERROR = 0.01;
/** Volume share of air in a soup fresh from the blender: 5 to 15 % (science of the bowl, section 2; estimate). */
const BLENDED_AIR = { share: 0.1, low: 0.05, high: 0.15 } as const;
/** A hot soup is 2 to 3 % lighter than a cold one (science of the bowl, section 2; estimate). */
const HOT_LIGHTER = { share: 0.025, low: 0.02, high: 0.03 } as const;
/** How well a depth and a width are read from the side of a pot, centimetres (estimate). */
const STICK_CM = 0.5;

/** The soup of a pot on a scale. Throws a RangeError when the empty pot weighs as much as the full one. */
export function potOnScale(fullGrams: number, tareGrams: number): Measured {
  const grams = fullGrams - tareGrams;
  if (!(grams > 0) || tareGrams < 0) throw new RangeError(`the pot with soup must weigh more than the empty pot: ${fullGrams} g and ${tareGrams} g`);
  // Both readings are of one scale, so its error goes with the difference.
  return { grams, low: grams * (1 - SCALE_ERROR), high: grams * (1 + SCALE_ERROR) };
}

export interface Dipped {
  diameterCm: number;
  depthCm: number;
  hot: boolean;
  /** Air not yet risen. */
  justBlended: boolean;
  /** Of the soup cold and still, grams a millilitre. */
  gramsPerMl?: number | undefined;
}

/** The soup of a straight-sided pot by its depth. Throws a RangeError for what is no pot. */
export function potByStick({ diameterCm, depthCm, hot, justBlended, gramsPerMl = SOUP_DENSITY }: Dipped): Measured {
  if (!(diameterCm > 0) || !(depthCm > 0)) throw new RangeError(`a pot has a width and a depth: ${diameterCm} cm and ${depthCm} cm`);
  const ml = (Math.PI / 4) * diameterCm ** 2 * depthCm;
  const air = justBlended ? BLENDED_AIR : { share: 0, low: 0, high: 0 };
  const heat = hot ? HOT_LIGHTER : { share: 0, low: 0, high: 0 };
  const grams = ml * (1 - air.share) * (1 - heat.share) * gramsPerMl;
  // Relative, and small enough to be added in squares: twice the width, the depth, air and heat.
  const off = Math.hypot((2 * STICK_CM) / diameterCm, STICK_CM / depthCm, (air.high - air.low) / 2 / (1 - air.share), (heat.high - heat.low) / 2);
  return { grams, low: grams * Math.max(0, 1 - off), high: grams * (1 + off) };
}

/** Bowls of a volume that a ladle of still soup fills, as grams each. */
export const bowlGrams = (ml: number, gramsPerMl: number, hot: boolean): number => ml * gramsPerMl * (hot ? 1 - HOT_LIGHTER.share : 1);
