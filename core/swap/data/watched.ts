/**
 * What a plan says of the bowl whether asked or not: nutrients that a swap loses, figures that are worse when they rise,
 * (what goes with a whole kind of food though the tables seldom know it: vocabulary/category.ts). Thresholds are judgements, no source.
 */
import { NUTRIENT_ROWS, type Nutrient, nutrientsBy, nutrientsWhere } from '../../vocabulary/nutrient.ts';

/** A fall to this share of the original is said. */
export const LOSS = 0.8;
export const LOSSES: readonly Nutrient[] = nutrientsBy('loss');

/** A rise to this share of the original is said, when it is of at least so much a bowl. */
export const RISE = 1.15;
export const RISES: readonly { nutrient: Nutrient; least: number }[] = nutrientsWhere(({ rise }) => rise !== undefined).map((nutrient) => ({
  nutrient,
  least: NUTRIENT_ROWS[nutrient].rise as number,
}));
