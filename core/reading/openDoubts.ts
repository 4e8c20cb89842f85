/** What a recipe on the bench still leaves open: foods nobody knows, amounts nobody weighed, lines no step names, a pot that cannot be. */
import type { Shelf } from '../food/shelf.ts';
import { countedLines, type Line, type Preparation, type Recipe } from '../vocabulary/recipe.ts';
import { byConsequence, type Doubt, isOnlyTold } from './doubts.ts';
import { wholeDoubts } from './wholeDoubts.ts';

/** What follows from a food nobody knows; a sheet says it once for all. */
export const FIGURES_AT_LEAST = ' Every figure is at least what is shown.';

export function openDoubts(recipe: Recipe, shelf: Shelf): Doubt[] {
  const doubts: Doubt[] = [];
  for (const text of recipe.unread ?? [])
    doubts.push({ code: 'text.unread', lineId: null, textLine: null, message: `'${text}' was not understood: nothing is told as absent.` });
  for (const line of countedLines(recipe)) {
    const own = doubtOf(line, shelf);
    if (own) doubts.push({ ...own, lineId: line.id, textLine: null });
    for (const within of withinPreparation(line, recipe.preparations ?? [], shelf)) doubts.push({ ...within, lineId: line.id, textLine: null });
  }
  const whole = wholeDoubts(recipe, undefined, shelf, () => 0).filter((doubt) => !isOnlyTold(doubt));
  return byConsequence([...doubts, ...whole]);
}

/** An amount that may be two and a half times its least, by as much as matters in a pot, g (estimate). */
const WIDE = 2.5;
const WORTH_G = 5;

type OfLine = Pick<Doubt, 'code' | 'message'>;

function doubtOf({ foodId, preparationId, grams, text }: Line, shelf: Shelf): OfLine | null {
  if (foodId === null && preparationId === undefined)
    return { code: 'food.unmatched', message: `No food is chosen for '${text}'.${FIGURES_AT_LEAST}` };
  if (grams === null) {
    const name = foodId === null ? undefined : shelf.food(foodId)?.name;
    return { code: 'amount.unknown', message: `It is not known how much ${name ?? text} goes in: '${text}'. Weigh it.` };
  }
  if (grams.best > 0 && grams.high > WIDE * grams.low && grams.high - grams.low > WORTH_G)
    return {
      code: 'amount.vague',
      message: `'${text}' is read as ${Math.round(grams.best)} g, anything from ${Math.round(grams.low)} to ${Math.round(grams.high)} g. Weigh it.`,
    };
  return null;
}

/** What is open in the preparation a line takes something of, and in what that is made of. */
function withinPreparation({ preparationId }: Line, all: readonly Preparation[], shelf: Shelf, path: readonly string[] = []): OfLine[] {
  const one = all.find(({ id }) => id === preparationId);
  if (!one || path.includes(one.id)) return [];
  return countedLines(one).flatMap((line) => {
    const own = doubtOf(line, shelf);
    const named = own && own.code !== 'amount.vague' ? [{ ...own, message: `In ${one.name}: ${own.message}` }] : [];
    return [...named, ...withinPreparation(line, all, shelf, [...path, one.id])];
  });
}
