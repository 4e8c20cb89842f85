/**
 * The yield and bowl resolver: what is in the pot, how much leaves as steam, how many bowls that makes.
 *
 * Volume from composition, each component at its own density at 20 C, added up (Choi and Okos 1986, from memory):
 * water 0.997, protein 1.330, fat 0.926, carbohydrate 1.599, fibre 1.311, ash 2.424 g/ml. Foods of unknown composition
 * count at the density of soup.
 */
import type { Food } from '../vocabulary/food.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import type { Evaporation } from './heat.ts';

/** 245 g = 240 ml: measured density of a cream soup (science of the bowl, section 2; estimate). */
export const SOUP_DENSITY = 1.02;
/** A bowl when the recipe says nothing: one US cup by label rules, 21 CFR 101.9(b)(5)(viii). */
export const ASSUMED_BOWL_ML = 240;

const DENSITY = { water: 0.997, protein: 1.33, fat: 0.926, carbohydrate: 1.599, fibre: 1.311, ash: 2.424 } as const;

const volumes = new WeakMap<Food, number>();

/** Millilitres of 100 g of a food, pores and gaps left out. */
export function mlPer100g(food: Food): number {
  let ml = volumes.get(food);
  if (ml === undefined) volumes.set(food, (ml = volumeFromComposition(food)));
  return ml;
}

function volumeFromComposition({ per100g: n }: Food): number {
  const { waterG, proteinG, fatG, carbohydrateG } = n;
  if (waterG === undefined || proteinG === undefined || fatG === undefined || carbohydrateG === undefined) return 100 / SOUP_DENSITY;
  const fibreG = Math.min(n.fibreG ?? 0, carbohydrateG);
  const rest = Math.max(0, 100 - waterG - proteinG - fatG - carbohydrateG);
  return (
    waterG / DENSITY.water +
    proteinG / DENSITY.protein +
    fatG / DENSITY.fat +
    (carbohydrateG - fibreG) / DENSITY.carbohydrate +
    fibreG / DENSITY.fibre +
    rest / DENSITY.ash
  );
}

export interface PotContents {
  /** Grams and millilitres put in that stay, before evaporation. */
  grams: number;
  ml: number;
  /** Grams and millilitres of toppings in one bowl, lines given for the whole batch left out. */
  toppingGramsPerBowl: number;
  toppingMlPerBowl: number;
  /** Toppings given for the whole batch. */
  toppingGramsShared: number;
  toppingMlShared: number;
}

export interface Bowl {
  servings: number;
  servingGrams: number;
  servingMl: number;
  potGrams: number;
  potMl: number;
  evaporatedGrams: number;
  batchGrams: number;
  /** Relative standard deviation of the number of bowls; 0 when they were counted. */
  error: number;
  how: 'counted' | 'weighed' | 'assumed';
  conflict: boolean;
  /** A measured yield over what the model has in the pot; 1 without a measured one. */
  yieldRatio: number;
}

/** Bowls by count, else by grams, else of 240 ml. A measured yield wins over the model. */
export function resolveBowl(recipe: Recipe, contents: PotContents, steam: Evaporation): Bowl {
  const measured = recipe.measuredYieldGrams;
  const potGrams = measured ?? Math.max(0, contents.grams - steam.grams);
  const modelMl = Math.max(0, contents.ml - steam.grams / DENSITY.water);
  const modelGrams = Math.max(1e-9, contents.grams - steam.grams);
  const potMl = measured === undefined ? modelMl : modelMl > 0 ? (measured * modelMl) / modelGrams : measured / SOUP_DENSITY;
  const yieldError = measured === undefined && potGrams > 0 ? steam.sd / potGrams : 0;
  const { servings, how } = countBowls(recipe, potGrams, potMl);
  const servingGrams = potGrams / servings + contents.toppingGramsPerBowl + contents.toppingGramsShared / servings;
  return {
    servings,
    how,
    servingGrams,
    servingMl: potMl / servings + contents.toppingMlPerBowl + contents.toppingMlShared / servings,
    potGrams,
    potMl,
    evaporatedGrams: measured === undefined ? steam.grams : Math.max(0, contents.grams - measured),
    batchGrams: servingGrams * servings,
    error: how === 'counted' ? 0 : yieldError,
    conflict: recipe.servings !== undefined && recipe.servingGrams !== undefined,
    yieldRatio: measured === undefined ? 1 : measured / modelGrams,
  };
}

/** A pot of less than this, in grams or millilitres, is empty: no kitchen weighs it, and nothing is divided by it. */
export const EMPTY = 1e-6;

function countBowls(recipe: Recipe, potGrams: number, potMl: number): Pick<Bowl, 'servings' | 'how'> {
  if (recipe.servings !== undefined) return { servings: recipe.servings, how: 'counted' };
  if (recipe.servingGrams !== undefined && potGrams > EMPTY) return { servings: potGrams / recipe.servingGrams, how: 'weighed' };
  // An empty pot is still one bowl, so that nothing is divided by zero.
  return { servings: potMl > EMPTY ? potMl / ASSUMED_BOWL_ML : 1, how: 'assumed' };
}
