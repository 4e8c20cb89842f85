/**
 * The form of a recalled row. The rows stand in the files beside this one, a food group each,
 * and are turned into foods by ../shelf.ts.
 *
 * `f` holds the thirteen figures people limit, per 100 g edible, in this order:
 *   kcal (the table's own, a check only), water g, protein g, fat g, saturated g, carbohydrate g (total, by difference,
 *   fibre included), fibre g, sugars g, sodium mg, potassium mg, calcium mg, phosphorus mg, cholesterol mg.
 * A null is unknown. `more` holds what else is recalled with confidence.
 * `range` gives low and high (central 95 %) where the make varies more than the class error of a recalled row.
 */

import type { AllergenId, DietId } from '../../vocabulary/allergens.ts';
import type { Category } from '../../vocabulary/category.ts';
import type { FoodFlag, FoodState, StarchKind } from '../../vocabulary/food.ts';
import type { StoredNutrient } from '../../vocabulary/nutrient.ts';
import type { Origin } from '../../vocabulary/origin.ts';

export const LIMITED = [
  'waterG', 'proteinG', 'fatG', 'saturatedFatG', 'carbohydrateG', 'fibreG', 'sugarsG', 'sodiumMg', 'potassiumMg',
  'calciumMg', 'phosphorusMg', 'cholesterolMg',
] as const satisfies readonly StoredNutrient[];

export type Figure = number | null;
export type Thirteen = readonly [
  kcal: number, water: Figure, protein: Figure, fat: Figure, saturated: Figure, carbohydrate: Figure, fibre: Figure,
  sugars: Figure, sodium: Figure, potassium: Figure, calcium: Figure, phosphorus: Figure, cholesterol: Figure,
];

export interface FoodRow {
  id: string;
  name: string;
  /** What people write for it, separated by commas. */
  aliases: string;
  category: Category;
  state: FoodState;
  /** NDB number of the USDA Standard Reference row it is recalled from, where sure. */
  ndb?: string;
  /** Where it is recalled from, when that is not the Standard Reference. */
  from?: string;
  f: Thirteen;
  ash?: number;
  alcohol?: number;
  more?: Partial<Record<StoredNutrient, number>>;
  range?: Partial<Record<StoredNutrient, readonly [low: number, high: number]>>;
  /** Grams in a US cup (236.588 ml) as the kitchen fills it. */
  cup?: number;
  /** Part of the cup weight by which fillings differ; 0.05 for pourable foods when left out. */
  cupVaries?: number;
  /** True when the cup weight is the density of the food itself and not of a heap of pieces. */
  pourable?: boolean;
  /** Other household measures: name, grams, low, high. */
  each?: readonly (readonly [measure: string, grams: number, low: number, high: number])[];
  edible?: number;
  contains?: readonly (AllergenId | readonly [AllergenId, ...string[]])[];
  checks?: readonly (readonly [AllergenId, string])[];
  may?: readonly (readonly [AllergenId, string])[];
  origins?: readonly Origin[];
  dietChecks?: readonly (readonly [DietId, string])[];
  flags?: readonly FoodFlag[];
  starchKind?: StarchKind;
  fatForm?: 'dispersed' | 'free';
}
