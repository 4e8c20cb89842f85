/** What can be said to one change of a plan: not this one, or only this one. */
import type { Shelf } from '../food/shelf.ts';
import type { Category } from '../vocabulary/category.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import type { Needs } from './needs.ts';
import type { Change, Plan } from './plan.ts';
import { putBack, takeOut } from './steps.ts';

/** Goes along with what is brought in, and is not what is refused. */
const ALONG: ReadonlySet<Category> = new Set<Category>(['water', 'fat', 'salt', 'acid', 'spice', 'herb']);

/** The needs with one change of a plan refused: its food is not to come, or the line is to stay as it is. */
export function needsWithout({ lineId, from, to }: Change, needs: Needs, shelf: Shelf): Needs {
  const brought = to.map(({ foodId }) => foodId).filter((id) => id !== from?.foodId);
  const main = brought.filter((id) => !ALONG.has(shelf.food(id)?.category ?? 'salt'));
  const refused = main.length > 0 ? main : brought;
  if (refused.length > 0) return { ...needs, avoidFoods: [...new Set([...(needs.avoidFoods ?? []), ...refused])] };
  return lineId === null ? needs : { ...needs, keepLines: [...new Set([...(needs.keepLines ?? []), lineId])] };
}

/** The soup of a plan with every other change of it put back. */
export function onlyChange(plan: Plan, change: Change, original: Recipe, shelf: Shelf): Recipe {
  const order = original.lines.map(({ id }) => id);
  return plan.changes.reduce((recipe, other) => {
    if (other === change) return recipe;
    const line = original.lines.find(({ id }) => id === other.lineId);
    // What was added stands in the place of nothing: it is taken out again.
    return line ? putBack(recipe, line, shelf, order) : other.to.reduce((left, { lineId }) => takeOut(left, lineId), recipe);
  }, plan.recipe);
}
