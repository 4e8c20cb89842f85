/** The form of the written-out readings the reader is scored against. */
export type Measures = 'us' | 'metric' | 'imperial' | 'au';

/** Measures, the line as written, the food expected, edible grams of it (of the first where there are several). */
export type LineRow = readonly [measures: Measures, text: string, food: string | null, grams: number | null];

/** Food, edible grams for the pot (per pot also for toppings), stage; a null is not judged. */
export type ExpectedLine = readonly [food: string, grams: number | null, stage: string | null];

export interface RecipeRow {
  id: string;
  measures: Measures;
  servings?: number;
  text: string;
  lines: readonly ExpectedLine[];
}
