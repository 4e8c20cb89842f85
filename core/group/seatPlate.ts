/** What a guest has before them: bowls, what stands beside, what is put on at the table, and whether it makes a meal. */
import type { Analysis, NutrientFigures } from '../analysis/analysis.ts';
import { type Lack, lacksOf } from '../analysis/meal.ts';
import type { Shelf } from '../food/shelf.ts';
import type { Needs } from '../swap/needs.ts';
import { withUnit } from '../vocabulary/figure.ts';
import { nutrientName } from '../vocabulary/nutrient.ts';
import { countedLines, type Recipe } from '../vocabulary/recipe.ts';
import type { Cell } from './columns.ts';
import { eatenOf } from './eaten.ts';
import { bowlAndPlate } from './matrix.ts';
import type { Guest } from './types.ts';

export interface SeatPlate {
  seat: string;
  bowls: number;
  /** What stands beside the bowl, one plate of it. */
  beside: { foodId: string | null; name: string; grams: number | null }[];
  /** What is put on by taste at the table: of no weight, so counted in no figure. */
  toTaste: string[];
  /** Of all bowls and one plate. */
  figures: NutrientFigures;
  /** The bowl by the guest's needs, with what the plate breaks that the bowl keeps. */
  stands: Cell;
  /** What all of it lacks of a main meal; empty where it makes one. */
  lacks: Lack[];
  /** Limits that one bowl keeps and all that this guest eats does not. */
  over: string[];
}

/** `recipe` is as it is served at this seat, `analysis` its own. */
export function seatPlate(guest: Pick<Guest, 'seat' | 'needs' | 'bowls'>, recipe: Recipe, analysis: Analysis, shelf: Shelf): SeatPlate {
  const { seat, needs, bowls = 1 } = guest;
  const figures = eatenOf(analysis, bowls);
  const nameOf = ({ foodId, text }: Recipe['lines'][number]) => (foodId === null ? undefined : shelf.food(foodId)?.name) ?? text;
  const lines = countedLines(recipe);
  return {
    seat,
    bowls,
    beside: lines
      .filter(({ stage }) => stage === 'plate')
      .map((line) => ({ foodId: line.foodId, name: nameOf(line), grams: line.grams?.best ?? null })),
    toTaste: lines.filter(({ stage, grams }) => stage === 'bowl' && grams === null).map(nameOf),
    figures,
    stands: bowlAndPlate(needs, recipe, analysis, shelf),
    lacks: lacksOf(figures),
    over: overBy(needs, bowls, analysis, figures),
  };
}

/** A limit is of one bowl; who eats more than one is told what that comes to. */
function overBy({ limits = [] }: Needs, bowls: number, { perServing }: Analysis, figures: NutrientFigures): string[] {
  if (bowls <= 1) return [];
  return limits.flatMap(({ nutrient, per, max }) =>
    per === 'serving' && max !== undefined && perServing[nutrient].value <= max && figures[nutrient].value > max
      ? [
          `${bowls} bowls come to ${withUnit(nutrient, figures[nutrient].value)} ${nutrientName(nutrient)}, over the ${withUnit(nutrient, max)} of one`,
        ]
      : [],
  );
}
