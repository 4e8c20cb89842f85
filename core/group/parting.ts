/** Pots that share a base for as long as what goes in suits all of them. */
import type { Needs } from '../swap/needs.ts';
import type { Plan } from '../swap/plan.ts';
import { type Recipe, STAGES, type Stage } from '../vocabulary/recipe.ts';
import { differAt } from './differ.ts';
import { type Asking, belowOf, dressed, grown, inThePot, type Kettle, keeping } from './kettle.ts';
import { mergeNeeds } from './merge.ts';

const ALTERNATIVES = 4;
/** One question of how late pots can part: what takes longer is nearly always not to be had, ms. */
const MOST_PARTING_MS = 400;
export const stageAt = (stage: Stage): number => STAGES.indexOf(stage);
export const BOWL = stageAt('bowl');

/** The same kettles with a shared base that is left as late as their needs allow: tried from the bowl back to the simmer. */
export function splitLate(kettles: readonly Kettle[], recipe: Recipe, asking: Asking): Kettle[] {
  if (kettles.length < 2) return [...kettles];
  const bare = inThePot(recipe);
  const merged = kettles.map(({ sets }) => mergeNeeds(sets.map(belowOf)));
  if (merged.some((needs) => needs === null)) return [...kettles];
  const sources = [
    recipe,
    ...kettles.map(({ bowls }) => bowls[0] as Recipe),
    ...merged.flatMap((needs) => asking.plans(bare, needs as Needs, ALTERNATIVES).map((plan) => plan.recipe)),
  ].map(inThePot);
  const tried = new Set<string>();
  for (let stage = BOWL; stage >= 1; stage--)
    for (const from of sources) {
      const held = from.lines.filter((line) => stageAt(line.stage) < stage);
      // What was put in later and is now put in earlier, or the other way, is no base.
      const moved = held.some((line) => {
        const was = recipe.lines.find(({ id }) => id === (line.replaces ?? line.id));
        return !was || stageAt(was.stage) >= stage;
      });
      const key = `${stage} ${JSON.stringify(held.map(({ foodId, grams }) => [foodId, grams?.best]))}`;
      if (held.length === 0 || moved || tried.has(key)) continue;
      tried.add(key);
      const trunk = grown(from, recipe, [...held, ...bare.lines.filter((line) => stageAt(line.stage) >= stage)], asking.shelf);
      const pots: Plan[] = [];
      for (const needs of merged) {
        const asked = keeping(needs as Needs, held, trunk);
        const plan = asked
          ? asking.plans(trunk, asked, ALTERNATIVES, MOST_PARTING_MS).find(({ recipe: own }) => leavesAt(own, trunk) >= stage)
          : undefined;
        // One that cannot leave so late is enough.
        if (!plan) break;
        pots.push(plan);
      }
      if (pots.length < merged.length) continue;
      const bowls = pots.map((plan, at) => dressed((kettles[at] as Kettle).sets, plan.recipe, asking));
      if (bowls.some((list) => list === null)) continue;
      return kettles.map((kettle, at) => ({ ...kettle, bowls: bowls[at] as Recipe[] }));
    }
  return [...kettles];
}

export const leavesAt = (a: Recipe, b: Recipe): number => {
  const stage = differAt(a, b);
  return stage === null ? STAGES.length : stageAt(stage);
};
