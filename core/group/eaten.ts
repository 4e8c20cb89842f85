/** What is eaten of a soup at a seat, in figures. */
import type { Analysis, NutrientFigures } from '../analysis/analysis.ts';
import { NUTRIENTS, type Nutrient } from '../vocabulary/nutrient.ts';

/** So many bowls and one plate of what stands beside, figure by figure. */
export function eatenOf({ perServing, plateServing }: Pick<Analysis, 'perServing' | 'plateServing'>, bowls: number): NutrientFigures {
  const plate = plateServing ?? perServing;
  const more = bowls - 1;
  const eaten = (nutrient: Nutrient): NutrientFigures[Nutrient] => {
    const [one, all] = [perServing[nutrient], plate[nutrient]];
    return { ...all, value: all.value + more * one.value, low: all.low + more * one.low, high: all.high + more * one.high };
  };
  return Object.fromEntries(NUTRIENTS.map((nutrient) => [nutrient, eaten(nutrient)])) as NutrientFigures;
}
