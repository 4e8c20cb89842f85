/** What is cooked of the pots of a soup: the base they share once, and each kettle from where it parts. */
import { countedLines, type Line, type Recipe, STAGES } from '../vocabulary/recipe.ts';
import { differAt } from './differ.ts';
import { withLines } from './plate.ts';

/** A pot of a day, as far as cooking it goes. */
interface Cooked {
  number: number;
  bowls: number;
  recipe: Recipe;
  kettle?: number | undefined;
}

export interface Run {
  recipe: Recipe;
  servings: number;
  /** The pots that are cooked by it. */
  pots: number[];
  /** Runs by their place that have to be over first. */
  follows: number[];
  isBase: boolean;
}

const stageAt = (stage: Line['stage']): number => STAGES.indexOf(stage);

/** `pots` are of one soup; `from` is the place of the first run among all that are planned together. */
export function runsOf(pots: readonly Cooked[], from = 0): Run[] {
  const kettles = new Map<number, Cooked[]>();
  // Without a word of its kettle a pot is cooked by itself.
  pots.forEach((pot, at) => {
    const key = pot.kettle ?? -1 - at;
    kettles.set(key, [...(kettles.get(key) ?? []), pot]);
  });
  const wholes = [...kettles.values()].map(wholeOf);
  const [first, ...others] = wholes;
  if (!first) return [];
  const until = Math.min(
    ...others.flatMap((other, at) => [first, ...others.slice(0, at)].map((one) => partsAt(one.recipe, other.recipe))),
    STAGES.length,
  );
  const early = first.recipe.steps.filter(({ stage }) => stageAt(stage) < until);
  if (others.length === 0 || early.length === 0) return wholes;
  const servings = wholes.reduce((sum, whole) => sum + whole.servings, 0);
  const base: Run = {
    recipe: scaled(
      withLines(
        { ...first.recipe, steps: early },
        first.recipe.lines.filter(({ stage }) => stageAt(stage) < until),
      ),
      servings,
    ),
    servings,
    pots: wholes.flatMap((whole) => whole.pots),
    follows: [],
    isBase: true,
  };
  // The lines of the base stay in each pot, since it is they that are blended and heated on; they are cut and cooked no more.
  const rest = wholes.map(
    (whole): Run => ({
      ...whole,
      recipe: { ...whole.recipe, steps: whole.recipe.steps.filter(({ stage }) => stageAt(stage) >= until) },
      follows: [from],
    }),
  );
  const apart = rest.filter(({ recipe }) => recipe.steps.length > 0);
  return [{ ...base, isBase: apart.length > 0 }, ...apart];
}

const partsAt = (a: Recipe, b: Recipe): number => {
  const stage = differAt(a, b);
  return stage === null ? STAGES.length : stageAt(stage);
};

/** All bowls of one kettle, by the pot with most to do. */
function wholeOf(pots: readonly Cooked[]): Run {
  const [most] = [...pots].sort((a, b) => b.recipe.steps.length - a.recipe.steps.length);
  const servings = pots.reduce((sum, { bowls }) => sum + bowls, 0);
  return { recipe: scaled((most as Cooked).recipe, servings), servings, pots: pots.map(({ number }) => number), follows: [], isBase: false };
}

/** Pots of one kettle are one pot: so many bowls of it are so many times as much. */
function scaled(recipe: Recipe, servings: number): Recipe {
  const by = servings / (recipe.servings ?? servings);
  const times = ({ best, low, high }: NonNullable<Line['grams']>) => ({ best: best * by, low: low * by, high: high * by });
  const { measuredYieldGrams: _, servingGrams: __, yieldMl: ___, ...rest } = recipe;
  const counted = new Set(countedLines(recipe).map(({ id }) => id));
  return {
    ...rest,
    servings,
    lines: recipe.lines.map((line) => (line.perBowl || !line.grams || !counted.has(line.id) ? line : { ...line, grams: times(line.grams) })),
  };
}
