/** The versions of the demo as the program plans them; versions.json keeps them, so that a start need not search. */
import type { Shelf } from '../../core/food/shelf.ts';
import { readRecipe } from '../../core/reading/read.ts';
import { adapt } from '../../core/swap/adapt.ts';
import type { Recipe } from '../../core/vocabulary/recipe.ts';
import { DEMO_SOUPS } from './soups.ts';
import { FOR_TABLES } from './tables.ts';

export interface Planned {
  title: string;
  recipe: Recipe;
}

/** Throws a RangeError where a soup has no plan for its table. */
export function plannedVersions(shelf: Shelf, now: () => number): Planned[] {
  const soups = new Map(DEMO_SOUPS.map((text) => readRecipe(text, { measures: 'metric' }, shelf).recipe).map((recipe) => [recipe.title, recipe]));
  return FOR_TABLES.map(({ title, needs, plan }) => {
    const recipe = soups.get(title);
    const found = recipe && adapt({ recipe, needs, plans: 5 }, shelf, { now }).plans[plan];
    if (!found) throw new RangeError(`no plan for ${title}`);
    return { title, recipe: found.recipe };
  });
}
