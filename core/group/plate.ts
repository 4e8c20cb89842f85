/** What stands beside the bowl at a seat: the soup's own sides, or those of the guest. */
import type { Shelf } from '../food/shelf.ts';
import type { Line, Recipe } from '../vocabulary/recipe.ts';
import type { Beside } from './types.ts';

/** Sides of one guest. */
export const MOST_BESIDE = 8;
export const MOST_BESIDE_GRAMS = 1000;

/** Below the bowl all of a kettle is alike; on top and beside, each seat has its own. */
export const isAtTheSeat = ({ stage }: Pick<Line, 'stage'>): boolean => stage === 'bowl' || stage === 'plate';

/** The recipe with these of its lines: steps speak of lines that are there, and one that only sets out what is gone goes with it. */
export function withLines(recipe: Recipe, lines: Line[]): Recipe {
  const there = new Set(lines.map(({ id }) => id));
  const beside = new Set(recipe.lines.filter(({ stage }) => stage === 'plate').map(({ id }) => id));
  const serves = ({ uses = [] }: Recipe['steps'][number]) => uses.length === 0 || uses.some((id) => there.has(id) || !beside.has(id));
  return {
    ...recipe,
    lines,
    steps: recipe.steps
      .filter(serves)
      .map(({ mentions: _, ...step }) => ({ ...step, ...(step.uses ? { uses: step.uses.filter((id) => there.has(id)) } : {}) })),
  };
}

/** The soup as it is served to a guest: with sides of its own these stand beside the bowl, and the soup's do not. */
export function servedTo(recipe: Recipe, sides: readonly Beside[] | undefined, shelf: Shelf): Recipe {
  if (sides === undefined) return recipe;
  const beside = sides.map(({ foodId, grams }, at): Line => {
    const name = shelf.food(foodId)?.name ?? foodId;
    return { id: `beside-${at + 1}`, stage: 'plate', text: name, foodId, grams: { best: grams, low: grams, high: grams }, perBowl: true };
  });
  return withLines(recipe, [...recipe.lines.filter(({ stage }) => stage !== 'plate'), ...beside]);
}
