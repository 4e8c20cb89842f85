/** The bowl as it stands in the pot, and against what it has to meet. */

import type { BatchBody } from '../../../contract/types.ts';
import type { Analysis } from '../../../core/analysis/analysis.ts';
import type { Entry } from '../../../core/batch/entry.ts';
import type { Limit, Needs } from '../../../core/swap/needs.ts';
import type { AllergenId, DietId } from '../../../core/vocabulary/allergens.ts';
import type { Recipe } from '../../../core/vocabulary/recipe.ts';
import type { Kitchen } from '../../kitchen/kitchen.ts';

export interface BowlNow {
  recipe: Recipe;
  analysis: Analysis;
}

export function bowlNow({ recipe: begun, needs }: Pick<BatchBody, 'recipe' | 'needs'>, entries: readonly Entry[], core: Kitchen): BowlNow {
  const recipe = core.actualRecipe(begun, entries, core.shelf);
  const { regime, coconutIsTreeNut, chestnutIsTreeNut } = needs;
  return {
    recipe,
    analysis: core.analyse(
      recipe,
      {
        ...(regime ? { regime } : {}),
        ...(coconutIsTreeNut === undefined ? {} : { coconutIsTreeNut }),
        ...(chestnutIsTreeNut === undefined ? {} : { chestnutIsTreeNut }),
      },
      core.shelf,
    ),
  };
}

export interface Broken {
  words: string;
  /** It was kept before. */
  isNew: boolean;
}

const RANK = { absent: 0, mayContain: 1, check: 2, contains: 3 } as const;
const DIET_RANK = { fits: 0, check: 1, breaks: 2 } as const;

/** Needs that a change breaks or puts in doubt: allergens and diets that get worse where they are asked for. */
export function worsened(
  { allergens = [], diets = [] }: Needs,
  before: Analysis,
  after: Analysis,
  names: { allergen: (id: AllergenId) => string; diet: (id: DietId) => string },
): string[] {
  const stateIn = (analysis: Analysis, id: AllergenId) => analysis.allergens.find((one) => one.id === id)?.state ?? 'check';
  const dietIn = (analysis: Analysis, id: DietId) => analysis.diets.find((one) => one.id === id)?.state ?? 'check';
  return [
    ...allergens.flatMap((id) => {
      const [was, is] = [stateIn(before, id), stateIn(after, id)];
      return RANK[is] > RANK[was]
        ? [is === 'contains' ? `it brings ${names.allergen(id)} in` : `${names.allergen(id)} has to be checked on its label`]
        : [];
    }),
    ...diets.flatMap((id) => {
      const [was, is] = [dietIn(before, id), dietIn(after, id)];
      return DIET_RANK[is] > DIET_RANK[was]
        ? [is === 'breaks' ? `it breaks '${names.diet(id)}'` : `'${names.diet(id)}' has to be checked on its label`]
        : [];
    }),
  ];
}

/** Whether a bowl is over a maximum or under a minimum, on its best figure. */
export const outside = ({ min, max }: Limit, value: number): boolean => (max !== undefined && value > max) || (min !== undefined && value < min);
