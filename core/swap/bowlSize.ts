/** The size of bowl as a lever like a swap: the same pot ladled into smaller or larger ones. */
import { findPlans } from './findPlans.ts';
import type { Judge } from './judge.ts';
import { type Need, ofKind } from './need.ts';
import type { BowlSize } from './plan.ts';

/** Bowls a kitchen would think of, as shares of the one asked for, the nearest first. */
const SMALLER_BOWLS = [0.9, 0.8, 0.75, 0.66, 0.6, 0.5] as const;
const LARGER_BOWLS = [1.1, 1.25, 1.5] as const;
/** Less than this of a bowl is no bowl of soup any more. */
const LEAST_SHARE = 0.5;
/** Millilitres, as ladles go. */
const LADLE_STEP = 10;

const bowlOf = ({ original: { analysis } }: Judge, distance: number): BowlSize => ({
  servings: analysis.servings,
  servingMl: analysis.servingMl,
  distance,
});

/** The bowl nearest to the one asked for in which everything can be met, when the clash is about what one bowl holds. */
export function bowlThatDoes(judge: Judge, clash: readonly Need[]): BowlSize | null {
  const perBowl = ofKind(clash, 'limit').flatMap(({ limit }) => (limit.per === 'serving' ? [limit] : []));
  const sizes = [
    ...(perBowl.some(({ max }) => max !== undefined) ? SMALLER_BOWLS : []),
    ...(perBowl.some(({ min }) => min !== undefined) ? LARGER_BOWLS : []),
  ];
  for (const share of sizes) {
    if (judge.expired()) return null;
    const resized = judge.inBowls(share);
    const { needs } = resized.asked;
    if (findPlans(resized, needs, 1, { order: 'any' }).plans.length === 0) continue;
    const [closest] = findPlans(resized, needs, 1).plans;
    return closest ? bowlOf(resized, closest.distance) : null;
  }
  return null;
}

/** The largest smaller bowl in which the soup as it is meets everything; null when it does already, or no bowl helps. */
export function bowlAlone(judge: Judge): BowlSize | null {
  const { recipe, analysis } = judge.original;
  const failing = judge.failing(judge.standings(judge.original));
  const shares = failing.map((need) => {
    if (need.kind !== 'limit' || need.limit.per !== 'serving' || need.limit.max === undefined) return 0;
    const { cautious, value } = analysis.perServing[need.limit.nutrient];
    return need.limit.max / (cautious?.high ?? value);
  });
  const share = Math.min(...shares);
  if (failing.length === 0 || recipe.lines.length === 0 || !(share >= LEAST_SHARE)) return null;
  const size = (Math.floor((analysis.servingMl * share) / LADLE_STEP) * LADLE_STEP) / analysis.servingMl;
  const resized = judge.inBowls(size);
  return resized.failing(resized.standings(resized.original)).length === 0 ? bowlOf(resized, 0) : null;
}
