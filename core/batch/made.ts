/** Preparations that were made here and stand in the cold: which soup can take them, and what of the days of the soup they decide. */
import { preparedFood } from '../bowl/preparation.ts';
import type { Shelf } from '../food/shelf.ts';
import { dayAfter } from '../quantity/day.ts';
import { CATEGORY_ROWS } from '../vocabulary/category.ts';
import { countedLines, type Line, type Preparation, type Recipe, settleGroups } from '../vocabulary/recipe.ts';
import type { Keep } from './entry.ts';

/** One lot as it was made: the preparation as it was on that day. */
export interface Lot {
  id: string;
  preparation: Preparation;
  madeOn: string;
  keep: Keep;
  /** Grams that are left. */
  left: number;
}

/** Lines a stock of the house can be poured in the place of: what a soup is cooked in. Nothing else stands for another food by itself. */
export function standsFor({ preparation }: Pick<Lot, 'preparation'>, recipe: Recipe, shelf: Shelf): Line[] {
  if (preparedFood(preparation, shelf).category !== 'broth') return [];
  return countedLines(recipe)
    .filter(({ foodId, grams, stage, perBowl }) => {
      const food = foodId === null ? undefined : shelf.food(foodId);
      return food !== undefined && CATEGORY_ROWS[food.category].liquid === true && grams !== null && !perBowl && stage !== 'plate';
    })
    .sort((a, b) => (b.grams?.best ?? 0) - (a.grams?.best ?? 0));
}

/** The soup with a lot in the place of a line, weight for weight; what the lot lacks stays of what was there. */
export function withLot(recipe: Recipe, line: Line, lot: Lot): Recipe {
  const wanted = line.grams?.best ?? 0;
  const taken = Math.min(wanted, lot.left);
  const of = (share: number) => line.grams && { best: line.grams.best * share, low: line.grams.low * share, high: line.grams.high * share };
  const ids = new Set(recipe.lines.map(({ id }) => id));
  let rest = `${line.id}-rest`;
  while (ids.has(rest)) rest = `${rest}'`;
  const { preparation } = lot;
  const own: Line = { ...line, foodId: null, text: preparation.name, preparationId: preparation.id, grams: of(wanted > 0 ? taken / wanted : 0) };
  const left: Line[] = wanted - taken > 1 ? [{ ...line, id: rest, grams: of(1 - taken / wanted) }] : [];
  const others = (recipe.preparations ?? []).filter(({ id }) => id !== preparation.id);
  return settleGroups({
    ...recipe,
    preparations: [...others, { ...preparation, lotId: lot.id, ...(lot.keep === 'chilled' ? { madeOn: lot.madeOn } : {}) }],
    lines: recipe.lines.flatMap((one) => (one.id === line.id ? [own, ...left] : [one])),
    steps: recipe.steps.map((step) =>
      step.uses?.includes(line.id)
        ? { ...step, uses: step.uses.flatMap((id) => (id === line.id ? [id, ...left.map((one) => one.id)] : [id])) }
        : step,
    ),
  });
}

/**
 * The day a soup counts from: that of the oldest thing from the cold that is in it. Freezing stops the clock and does not set it back (FDA Food
 * Code 3-501.17, from memory): the day a frozen lot was made is the first of its days, the day it goes into the pot at least the second.
 */
export function oldestDay({ preparations = [], lines }: Pick<Recipe, 'preparations' | 'lines'>, day: string): string {
  const own = preparations
    .filter(({ id }) => lines.some(({ preparationId }) => preparationId === id))
    .map(({ lotId, madeOn }) => madeOn ?? (lotId === undefined ? day : dayAfter(day, -1)));
  return [day, ...own].sort()[0] as string;
}

/** Grams of each lot that a soup takes. */
export function gramsOfLots({ preparations = [], lines }: Pick<Recipe, 'preparations' | 'lines'>): Map<string, number> {
  const taken = new Map<string, number>();
  for (const { id, lotId } of preparations) {
    const grams = lines.reduce((sum, line) => sum + (line.preparationId === id ? (line.grams?.best ?? 0) : 0), 0);
    if (lotId !== undefined && grams > 0) taken.set(lotId, (taken.get(lotId) ?? 0) + grams);
  }
  return taken;
}
