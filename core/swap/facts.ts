/** What a soup answers needs with, small enough to be kept beside every version and asked of thousands at once. */
import type { Analysis } from '../analysis/analysis.ts';
import type { Shelf } from '../food/shelf.ts';
import type { RegimeId } from '../regime/regime.ts';
import type { AllergenId, DietId } from '../vocabulary/allergens.ts';
import { NUTRIENTS, type Nutrient } from '../vocabulary/nutrient.ts';
import { countedLines, type Recipe } from '../vocabulary/recipe.ts';
import { dearLines } from './fit.ts';
import type { Needs } from './needs.ts';
import { type SaidNeeds, sayNeeds } from './sayNeeds.ts';
import { unknownOf } from './unknowns.ts';

/** One figure of a bowl, in the nutrient's unit. */
export interface FigureFact {
  nutrient: Nutrient;
  low: number;
  high: number;
  /** Where two tables differ by more than twice, the lower of them; else the best value. A minimum is judged on it. */
  least: number;
  /** Likewise the higher; a maximum is judged on it. */
  most: number;
  /** Something that is not known adds to it. */
  atLeast: boolean;
  /** The most it can come to with what is not known of the soup; null where nothing bounds that. */
  ceiling: number | null;
}

/** What a soup answers needs of the bowl with. */
export interface SoupFacts {
  bowlGrams: number;
  bodyIndex: number;
  /** Whether it has a line whose food is not known. */
  unknownFood: boolean;
  /** The heaviest of the foods the soup is known by; null where it has none. */
  mainFoodId: string | null;
  foodIds: readonly string[];
  /** Allergens that are in it, and those only a label can tell. What is in neither list is shown by nothing. */
  contains: readonly AllergenId[];
  checks: readonly AllergenId[];
  breaks: readonly DietId[];
  dietChecks: readonly DietId[];
  figures: readonly FigureFact[];
}

export function factsOf(recipe: Recipe, analysis: Analysis, shelf: Shelf): SoupFacts {
  const lines = countedLines(recipe);
  const dear = dearLines(recipe, shelf);
  const main = lines
    .filter(({ id, foodId }) => foodId !== null && dear.has(id))
    .sort((one, other) => (other.grams?.best ?? 0) - (one.grams?.best ?? 0))[0];
  const ids = <Id extends string>(rows: readonly { id: Id; state: string }[], ...states: string[]): Id[] =>
    rows.filter(({ state }) => states.includes(state)).map(({ id }) => id);
  return {
    bowlGrams: analysis.servingGrams,
    bodyIndex: analysis.body.index,
    unknownFood: lines.some(({ foodId }) => foodId === null),
    mainFoodId: main?.foodId ?? null,
    foodIds: [...new Set(lines.flatMap(({ foodId }) => foodId ?? []))],
    contains: ids(analysis.allergens, 'contains'),
    checks: ids(analysis.allergens, 'check', 'mayContain'),
    breaks: ids(analysis.diets, 'breaks'),
    dietChecks: ids(analysis.diets, 'check'),
    figures: NUTRIENTS.map((nutrient) => {
      const { value, low, high, atLeast, cautious } = analysis.perServing[nutrient];
      const most = cautious?.high ?? value;
      const unknown = atLeast ? unknownOf(recipe, analysis, nutrient, shelf) : null;
      const ceiling = unknown === null ? most : unknown.open.length > 0 ? null : most + unknown.most;
      return { nutrient, low, high, least: cautious?.low ?? value, most, atLeast, ceiling };
    }),
  };
}

/** Needs that a list of soups cannot be asked: they speak of one soup and its lines. The contract's keys, in its order, with their words. */
const OF_ONE_SOUP = [
  ['body', 'same body', ({ body }) => body === 'same'],
  ['smooth', 'smooth', ({ smooth }) => smooth === true],
  ['keepLines', 'keep a line', ({ keepLines }) => (keepLines?.length ?? 0) > 0],
  // The facts are of the bowl: cheese on toast beside it would not be seen.
  ['scope', 'on the plate', ({ scope }) => scope === 'plate'],
  ['keepFoods', 'keep a food', ({ keepFoods }) => (keepFoods?.length ?? 0) > 0],
] as const satisfies readonly (readonly [keyof Needs, string, (needs: Needs) => boolean])[];

export const notForLists = (needs: Needs): string[] => OF_ONE_SOUP.filter(([, , isAsked]) => isAsked(needs)).map(([key]) => key);

/** Needs as they are said of a list of soups. What speaks of one soup comes back as not understood. `regime` decides what 'low in salt' is. */
export function sayOfList(text: string, shelf: Shelf, regime: RegimeId): SaidNeeds {
  const { needs, understood, unread } = sayNeeds(text, { regime }, shelf);
  return { needs, understood, unread: [...unread, ...OF_ONE_SOUP.filter(([, , isAsked]) => isAsked(needs)).map(([, words]) => words)] };
}
