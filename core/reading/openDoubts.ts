/** What a recipe on the bench still leaves open: foods nobody knows, amounts nobody weighed, lines no step names, a pot that cannot be. */
import type { Shelf } from '../food/shelf.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import { byConsequence, type Doubt, isOnlyTold } from './doubts.ts';
import { wholeDoubts } from './wholeDoubts.ts';

export function openDoubts(recipe: Recipe, shelf: Shelf): Doubt[] {
  const parents = new Set(recipe.lines.flatMap(({ partOf }) => partOf ?? []));
  const doubts: Doubt[] = [];
  for (const text of recipe.unread ?? [])
    doubts.push({ code: 'text.unread', lineId: null, textLine: null, message: `'${text}' was not understood: nothing is told as absent.` });
  for (const line of recipe.lines) {
    if (parents.has(line.id) || line.chosen === false) continue;
    const place = { lineId: line.id, textLine: null };
    const name = line.foodId === null ? undefined : shelf.food(line.foodId)?.name;
    if (line.foodId === null && line.preparationId === undefined)
      doubts.push({ ...place, code: 'food.unmatched', message: `No food is chosen for '${line.text}'. Every figure is at least what is shown.` });
    else if (line.grams === null)
      doubts.push({ ...place, code: 'amount.unknown', message: `It is not known how much ${name ?? line.text} goes in: '${line.text}'. Weigh it.` });
    else if (line.grams.best > 0 && line.grams.high > WIDE * line.grams.low && line.grams.high - line.grams.low > WORTH_G)
      doubts.push({
        ...place,
        code: 'amount.vague',
        message: `'${line.text}' is read as ${Math.round(line.grams.best)} g, anything from ${Math.round(line.grams.low)} to ${Math.round(line.grams.high)} g. Weigh it.`,
      });
  }
  const whole = wholeDoubts(recipe, undefined, shelf, () => 0).filter((doubt) => !isOnlyTold(doubt));
  return byConsequence([...doubts, ...whole]);
}

/** An amount that may be two and a half times its least, by as much as matters in a pot, g (estimate). */
const WIDE = 2.5;
const WORTH_G = 5;
