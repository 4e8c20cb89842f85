/** The soup as it was really cooked: the recipe of the batch with what was weighed, added, put in instead and left out. */
import { analyse } from '../analysis/analysis.ts';
import type { Shelf } from '../food/shelf.ts';
import { type Grams, type Line, type Recipe, settleGroups } from '../vocabulary/recipe.ts';
import { type Entry, ofKind, standing } from './entry.ts';

/** What a scale in the kitchen is out by. */
const SCALE = 0.01;
const onScale = (best: number): Grams => ({ best, low: best * (1 - SCALE), high: best * (1 + SCALE) });

/** Pure: the same entries give the same soup, in whatever order they arrived. Foods the shelf does not know keep their id as a name. */
export function actualRecipe(recipe: Recipe, entries: readonly Entry[], shelf: Shelf): Recipe {
  const noted = standing(entries);
  let { lines, steps, measuredYieldGrams } = recipe;
  const nameOf = (foodId: string): string => shelf.food(foodId)?.name ?? foodId;
  for (const entry of noted) {
    if (entry.kind === 'weighed') lines = lines.map((line) => (line.id === entry.lineId ? { ...line, grams: onScale(entry.grams) } : line));
    else if (entry.kind === 'left') lines = lines.filter(({ id }) => id !== entry.lineId);
    else if (entry.kind === 'added') {
      const { id, foodId, grams, stage = 'finish', text } = entry;
      lines = [...lines, { id: `added-${id}`, stage, text: text ?? `${nameOf(foodId)}, added`, foodId, grams: onScale(grams) }];
      // What goes in after the pot was weighed is in it too.
      if (measuredYieldGrams !== undefined && stage !== 'bowl' && stage !== 'plate') measuredYieldGrams += grams;
    } else if (entry.kind === 'instead') {
      const old = lines.find(({ id }) => id === entry.lineId);
      if (!old) continue;
      const next = insteadOf(old, entry, nameOf(entry.foodId));
      lines = lines.map((line) => (line === old ? next : line));
      steps = steps.map((step) =>
        step.uses?.includes(old.id) ? { ...step, uses: step.uses.map((id) => (id === old.id ? next.id : id)), mentions: undefined } : step,
      );
    } else if (entry.kind === 'yield') measuredYieldGrams = entry.grams;
  }
  const { asWritten: _, measuredYieldGrams: __, ...rest } = recipe;
  const cooked = settleGroups({ ...rest, lines, steps, ...(measuredYieldGrams === undefined ? {} : { measuredYieldGrams }) });
  const poured = ofKind(noted, 'poured').at(-1);
  return poured ? asPoured(cooked, poured, shelf) : cooked;
}

/** A bowl is what was really poured: the pot without what was left, by the bowls; what is left are so many bowls more. */
function asPoured(recipe: Recipe, { bowls, leftGrams }: Pick<Extract<Entry, { kind: 'poured' }>, 'bowls' | 'leftGrams'>, shelf: Shelf): Recipe {
  const pot = recipe.measuredYieldGrams ?? analyse(recipe, {}, shelf).potGrams;
  if (leftGrams >= pot) return recipe;
  const { servingGrams: _, ...rest } = recipe;
  return { ...rest, servings: (bowls * pot) / (pot - leftGrams) };
}

/** It stands where the old one stood; how it is cut, and what was eaten of the old one, goes with that. */
function insteadOf(
  { id, stage, perBowl, partOf, choiceOf, chosen }: Line,
  { id: entry, foodId, grams, text }: Extract<Entry, { kind: 'instead' }>,
  name: string,
): Line {
  return {
    id: `instead-${entry}`,
    stage,
    text: text ?? name,
    foodId,
    grams: onScale(grams),
    replaces: id,
    ...(perBowl ? { perBowl } : {}),
    ...(partOf === undefined ? {} : { partOf }),
    ...(choiceOf === undefined ? {} : { choiceOf, chosen }),
  };
}

export interface EntryFault {
  path: string;
  message: string;
}

/** What an entry names that is not there: a line, a step, a food, an entry. `before` are those that came before it. */
export function entryFaults(entry: Entry, recipe: Recipe, before: readonly Entry[], shelf: Shelf): EntryFault[] {
  const lineIds = new Set([
    ...recipe.lines.map(({ id }) => id),
    ...before.flatMap(({ kind, id }) => (kind === 'added' ? [`added-${id}`] : kind === 'instead' ? [`instead-${id}`] : [])),
  ]);
  const faults: EntryFault[] = [];
  if ('lineId' in entry && !lineIds.has(entry.lineId)) faults.push({ path: '/lineId', message: `the batch has no line ${entry.lineId}` });
  if ('foodId' in entry && !shelf.food(entry.foodId)) faults.push({ path: '/foodId', message: `there is no food ${entry.foodId}` });
  if (entry.kind === 'step' && !recipe.steps.some(({ id }) => id === entry.stepId))
    faults.push({ path: '/stepId', message: `the batch has no step ${entry.stepId}` });
  if (entry.kind === 'struck' && !before.some(({ id }) => id === entry.entry))
    faults.push({ path: '/entry', message: `the batch has no entry ${entry.entry}` });
  if (entry.kind === 'reading' && entry.celsius === undefined && entry.grams === undefined)
    faults.push({ path: '/celsius', message: 'a reading is of degrees or of grams' });
  return faults;
}
