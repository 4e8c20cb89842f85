/** Questions about the steps of a recipe, answered once for the same steps: plans share them, and an edit of an amount leaves them as they are. */
import type { Recipe, Step } from '../vocabulary/recipe.ts';

type Steps = Recipe['steps'];

/** The ids of the steps that pass. A test sees its step, its place and all of them, and hangs on nothing else. */
export function stepsWhere(test: (step: Step, at: number, steps: Steps) => boolean): (steps: Steps) => readonly string[] {
  const known = new WeakMap<Steps, readonly string[]>();
  return (steps) => {
    let ids = known.get(steps);
    if (!ids) known.set(steps, (ids = steps.filter(test).map(({ id }) => id)));
    return ids;
  };
}
