/** A soup for a round: a seed fills the places of one of ours, and the reader reads it as it would any other. */
import { analyse } from '../analysis/analysis.ts';
import { SHELF } from '../food/shelf.ts';
import { withMentions } from '../method/mentions.ts';
import { readRecipe } from '../reading/read.ts';
import type { RegimeId } from '../regime/regime.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import type { Chance } from './chance.ts';
import { ENDINGS, PLACES, type PlaceName, PRACTICE_SOUPS, type PracticeSoup } from './data/soups.ts';
import type { SoupAtHand } from './types.ts';

const PLACE = /\$(\w+)/g;

/** The soup as text, one way chosen for each of its places. Bowls are topped last, whatever is done with the soup before. */
const TOPS = /over the bowls|Top the bowls/;

export function textOf(
  { title, servings, lines, steps: own }: PracticeSoup,
  choose: (place: PlaceName) => number,
  ending: readonly string[] = [],
): string {
  const tops = TOPS.test(own.at(-1) ?? '');
  const steps = tops ? [...own.slice(0, -1), ...ending, ...own.slice(-1)] : [...own, ...ending];
  const chosen = new Map<PlaceName, number>();
  const way = (name: string) => {
    const place = name as PlaceName;
    const at = chosen.get(place) ?? choose(place);
    chosen.set(place, at);
    return PLACES[place][at] as readonly [string, string];
  };
  const list = lines.map((line) => line.replace(PLACE, (_, name: string) => way(name)[0]));
  const method = steps.map((step, at) => `${at + 1}. ${step.replace(PLACE, (_, name: string) => way(name)[1])}`);
  return `${title}\nServes ${servings}\n\nIngredients\n${list.join('\n')}\n\nMethod\n${method.join('\n')}`;
}

export function recipeOf(text: string): Recipe {
  const { recipe } = readRecipe(text, { measures: 'metric' }, SHELF);
  return { ...recipe, steps: withMentions(recipe.steps, recipe.lines, SHELF) };
}

/** Rounds are marked by the rules of one place, and by the rows as they ship: the same for every class. */
export const REGIME = 'eu' satisfies RegimeId;

export function soupBy(chance: Chance): SoupAtHand {
  const recipe = recipeOf(textOf(chance.one(PRACTICE_SOUPS), (place) => chance.below(PLACES[place].length), chance.one(ENDINGS)));
  return { recipe, analysis: analyse(recipe, { regime: REGIME }, SHELF) };
}

const SEATS = ['A1', 'A2', 'A3', 'A4', 'B1', 'B2', 'B3', 'B4', 'C1', 'C2', 'C3'] as const;
export const seatBy = (chance: Chance): string => chance.one(SEATS);
