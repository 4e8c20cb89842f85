/** Where two soups part: the first stage at which a bowl of one holds what a bowl of the other does not. */
import { countedLines, type Line, type Recipe, STAGES, type Stage } from '../vocabulary/recipe.ts';

/** Amounts a bowl that a ladle cannot tell apart, as a share and in grams of small things. */
const SAME_SHARE = 0.02;
const SAME_GRAMS = 0.3;

export const gramsABowl = ({ servings = 1 }: Recipe, { grams, perBowl }: Line): number => (grams ? grams.best / (perBowl ? 1 : servings) : 0);

function sumsOf(recipe: Recipe, stage: Stage): Map<string, number> {
  const sums = new Map<string, number>();
  for (const line of countedLines(recipe))
    if (line.stage === stage) sums.set(line.foodId ?? line.text, (sums.get(line.foodId ?? line.text) ?? 0) + gramsABowl(recipe, line));
  return sums;
}

export const isAlike = (a: number, b: number): boolean =>
  Math.abs(a - b) <= Math.max(SAME_SHARE * Math.max(a, b), Math.min(SAME_GRAMS, 0.15 * Math.max(a, b)), 1e-9);

/** Null where they are the same soup. */
export function differAt(a: Recipe, b: Recipe): Stage | null {
  return (
    STAGES.find((stage) => {
      const [one, two] = [sumsOf(a, stage), sumsOf(b, stage)];
      return [...new Set([...one.keys(), ...two.keys()])].some((food) => !isAlike(one.get(food) ?? 0, two.get(food) ?? 0));
    }) ?? null
  );
}
