/** What a soup must meet: allergens, diets, limits, body, and what the cook will not touch. */

import type { RegimeId } from '../regime/regime.ts';
import type { AllergenId, DietId } from '../vocabulary/allergens.ts';
import type { Blender } from '../vocabulary/blender.ts';
import type { Nutrient } from '../vocabulary/nutrient.ts';
import type { Fault, Recipe } from '../vocabulary/recipe.ts';

export interface Limit {
  nutrient: Nutrient;
  per: 'serving' | '100g';
  min?: number | undefined;
  max?: number | undefined;
}

export interface Weights {
  closeness: number;
  changes: number;
  work: number;
  cost: number;
  flavour: number;
  wholeFoods: number;
}

export interface Needs {
  regime?: RegimeId | undefined;
  allergens?: AllergenId[] | undefined;
  diets?: DietId[] | undefined;
  coconutIsTreeNut?: boolean | undefined;
  chestnutIsTreeNut?: boolean | undefined;
  limits?: Limit[] | undefined;
  body?: 'same' | { min?: number | undefined; max?: number | undefined } | undefined;
  smooth?: boolean | undefined;
  keepLines?: string[] | undefined;
  keepFoods?: string[] | undefined;
  avoidFoods?: string[] | undefined;
  /** Foods of the larder to be used first: a wish. A change that brings one in costs a plan less, and nothing is judged by it. */
  useFirst?: string[] | undefined;
  /** What the kitchen blends with: it decides what smooth asks for and what a cream of nuts costs. */
  blender?: Blender | undefined;
  checks?: 'asIs' | 'avoid' | 'allow' | undefined;
  margin?: number | undefined;
  /** Of what allergens, diets and limits speak: the bowl (default), or the plate with what is beside it. */
  scope?: 'bowl' | 'plate' | undefined;
  weights?: Partial<Weights> | undefined;
}

/** Names one need. `index` is its place in the list of its kind, `id` the allergen, diet, line or food. */
export interface NeedRef {
  kind: 'allergen' | 'diet' | 'limit' | 'body' | 'smooth' | 'keep' | 'avoid';
  id?: string;
  index?: number;
}

/** Contradictions and names of nothing. Paths are JSON Pointers below the needs. */
export function needsFaults(needs: Needs, recipe: Recipe, knowsFood: (id: string) => boolean): Fault[] {
  const faults: Fault[] = [];
  needs.limits?.forEach(({ min, max }, index) => {
    if (min === undefined && max === undefined)
      faults.push({ path: `/limits/${index}`, code: 'needs.limitEmpty', message: 'Give the limit a minimum, a maximum or both.' });
    if (min !== undefined && max !== undefined && min > max)
      faults.push({ path: `/limits/${index}`, code: 'needs.limitOrder', message: `The minimum ${min} is above the maximum ${max}.` });
  });
  if (typeof needs.body === 'object' && needs.body.min !== undefined && needs.body.max !== undefined && needs.body.min > needs.body.max) {
    faults.push({ path: '/body', code: 'needs.limitOrder', message: `The least body ${needs.body.min} is above the most, ${needs.body.max}.` });
  }
  const lineIds = new Set(recipe.lines.map(({ id }) => id));
  needs.keepLines?.forEach((id, index) => {
    if (!lineIds.has(id)) faults.push({ path: `/keepLines/${index}`, code: 'needs.unknownLine', message: `No line has the id ${id}.` });
  });
  for (const list of ['keepFoods', 'avoidFoods', 'useFirst'] as const) {
    needs[list]?.forEach((id, index) => {
      if (!knowsFood(id)) faults.push({ path: `/${list}/${index}`, code: 'needs.unknownFood', message: `No food has the id ${id}.` });
    });
  }
  return faults;
}
