/**
 * What a plan says of the bowl whether asked or not: nutrients that a swap loses, figures that are worse when they rise,
 * and what goes with a whole kind of food though the tables seldom know it. Thresholds are judgements, no source.
 */
import type { Category } from '../../vocabulary/food.ts';
import type { Nutrient } from '../../vocabulary/nutrient.ts';

/** A fall to this share of the original is said. */
export const LOSS = 0.8;
export const LOSSES: readonly Nutrient[] = ['proteinG', 'calciumMg', 'iodineUg', 'vitaminB12Ug', 'vitaminDUg', 'ironMg', 'zincMg', 'fibreG', 'vitaminARaeUg', 'riboflavinMg'];

/** A rise to this share of the original is said, when it is of at least so much a bowl. */
export const RISE = 1.15;
export const RISES: readonly { nutrient: Nutrient; least: number }[] = [
  { nutrient: 'sodiumMg', least: 40 },
  { nutrient: 'saturatedFatG', least: 0.5 },
  { nutrient: 'sugarsG', least: 2 },
  { nutrient: 'availableCarbohydrateG', least: 4 },
  { nutrient: 'potassiumMg', least: 60 },
  { nutrient: 'phosphorusMg', least: 30 },
];

/** What people count on a food for: common practice of dietitians, no source. */
export const COUNTED_ON: Partial<Record<Category, readonly Nutrient[]>> = {
  dairy: ['calciumMg', 'iodineUg', 'vitaminB12Ug', 'vitaminDUg'],
  egg: ['vitaminB12Ug', 'vitaminDUg'],
  meat: ['ironMg', 'zincMg', 'vitaminB12Ug'],
  poultry: ['ironMg', 'zincMg', 'vitaminB12Ug'],
  fish: ['iodineUg', 'vitaminB12Ug', 'vitaminDUg'],
};
