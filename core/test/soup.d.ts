/** Soups for tests, said in few words. */
import { type AnalyseOptions, type Analysis } from '../analysis/analysis.ts';
import type { Line, Recipe, Step } from '../vocabulary/recipe.ts';
/** A line of a known weight. */
export declare const line: (id: string, foodId: string | null, grams: number | null, more?: Partial<Line>) => Line;
export declare const step: (id: string, more?: Partial<Step>) => Step;
export declare const soup: (lines: Line[], more?: Partial<Recipe>) => Recipe;
export declare const bowlOf: (recipe: Recipe, options?: AnalyseOptions) => Analysis;
export declare const allergen: (analysis: Analysis, id: string) => import("../allergen/board.ts").AllergenVerdict;
export declare const diet: (analysis: Analysis, id: string) => import("../allergen/diets.ts").DietVerdict;
/** Mulberry32: a small seeded generator, so that a failing case can be run again. */
export declare function seeded(seed: number): () => number;
