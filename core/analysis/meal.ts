/** What of a main meal is still lacking in what is eaten. */
import type { Nutrient } from '../vocabulary/nutrient.ts';
import type { NutrientFigures } from './analysis.ts';

/** What a light main meal is asked to bring: common practice of teaching kitchens, no source. Whoever eats by a plan of their own has other figures. */
export const MEAL_TARGETS = { energyKcal: 450, proteinG: 20, fibreG: 8 } as const satisfies Partial<Record<Nutrient, number>>;
const WORDS = { energyKcal: ['energy', 'kcal'], proteinG: ['protein', 'g'], fibreG: ['fibre', 'g'] } as const;

export interface Lack {
  nutrient: keyof typeof MEAL_TARGETS;
  have: number;
  target: number;
  message: string;
}

/** What is still lacking of a main meal in what is eaten. */
export function lacksOf(served: NutrientFigures): Lack[] {
  const targets = Object.entries(MEAL_TARGETS) as [keyof typeof MEAL_TARGETS, number][];
  return targets.flatMap(([nutrient, target]) => {
    const have = served[nutrient].value;
    const [name, unit] = WORDS[nutrient];
    return have >= target
      ? []
      : [
          {
            nutrient,
            have,
            target,
            message: `${name} ${Math.round(have)} of the ${target} ${unit} a main meal brings${served[nutrient].atLeast ? ', or more' : ''}`,
          },
        ];
  });
}
