/** The method of a recipe with swaps in it, always written anew from the steps before any of them; and the way back. */

import type { Shelf } from '../food/shelf.ts';
import { isOtherwise } from '../method/edits.ts';
import type { Exchange } from '../method/entry.ts';
import { rewriteMethod } from '../method/rewrite.ts';
import { type AsWritten, type Line, type Recipe, type Step, settleGroups } from '../vocabulary/recipe.ts';

/** What a recipe was before its swaps; itself where it has none. */
export const writtenOf = ({ asWritten, lines, steps }: Recipe): AsWritten => asWritten ?? { lines, steps, works: [] };

/** What stands in the place of each line that is gone; a line nothing replaces was taken out. Parts of a divided line go by themselves. */
function exchangesOf({ lines: before, works }: AsWritten, now: readonly Line[]): Exchange[] {
  const there = new Set(now.map(({ id }) => id));
  const known = new Set(before.map(({ id }) => id));
  const added = [...new Set(now.flatMap(({ replaces }) => (replaces !== undefined && !known.has(replaces) ? [replaces] : [])))];
  const parents = new Set(before.flatMap(({ partOf }) => partOf ?? []));
  const gone = before.filter(({ id }) => !there.has(id) && !parents.has(id));
  return [...gone, ...added.map(placeOfAdded)].map((line) => ({
    line,
    lines: now.filter(({ replaces }) => replaces === line.id),
    works: works.filter(({ lineId }) => lineId === line.id),
  }));
}

/** The method of `recipe` by what was written before; lines edited in their place count as exchanged too. */
export function methodAgainst(original: Recipe, recipe: Recipe, shelf: Shelf): Step[] {
  const written = { ...writtenOf(original), works: recipe.asWritten?.works ?? [] };
  const now = new Map(recipe.lines.map((line) => [line.id, line]));
  const edited = written.lines.flatMap((line): Exchange[] => {
    const there = now.get(line.id);
    return there && isOtherwise(line, there) ? [{ line, lines: [there], works: [] }] : [];
  });
  const exchanges = [...exchangesOf(written, recipe.lines), ...edited];
  return exchanges.length === 0 ? written.steps : rewriteMethod(written.steps, written.lines, exchanges, shelf);
}

/** What is added stands in the place of a line that never was. */
const placeOfAdded = (id: string): Line => ({ id, stage: 'finish', text: '', foodId: null, grams: null });

/** The steps of `written` for the lines of now. */
export function methodOf(written: AsWritten, now: readonly Line[], shelf: Shelf): Step[] {
  const exchanges = exchangesOf(written, now);
  return exchanges.length === 0 ? written.steps : rewriteMethod(written.steps, written.lines, exchanges, shelf);
}

/**
 * The original line in the place of those that replaced it, steps as they would be without that swap. A line that was taken out goes back
 * after the one it followed in `order`, the ids of the original recipe.
 */
export function putBack(recipe: Recipe, original: Line, shelf: Shelf, order: readonly string[] = []): Recipe {
  const gone = new Set(recipe.lines.filter(({ replaces }) => replaces === original.id).map(({ id }) => id));
  const at = recipe.lines.findIndex(({ id }) => gone.has(id));
  const lines = recipe.lines.filter(({ id }) => !gone.has(id));
  lines.splice(at < 0 ? placeIn(lines, original.id, order) : at, 0, original);
  const { asWritten, ...plain } = recipe;
  if (!asWritten) return { ...recipe, lines, steps: withoutNote(recipe.steps, original, gone) };
  const written = { ...asWritten, works: asWritten.works.filter(({ lineId }) => lineId !== original.id) };
  const steps = methodOf(written, lines, shelf);
  return { ...plain, lines, steps, ...(lines.some(({ replaces }) => replaces !== undefined) ? { asWritten: written } : {}) };
}

/** Recipes kept by an earlier release carry what changed in brackets behind the old words: those of this line go, and it is used again. */
function withoutNote(steps: readonly Step[], original: Line, gone: ReadonlySet<string>): Step[] {
  const note = ` [instead of '${original.text}': `;
  return steps
    .filter(({ id }) => !id.startsWith(`swap-${original.id}-`))
    .map((step): Step => {
      const from = step.text.indexOf(note);
      if (from < 0) return step;
      const text = step.text.slice(0, from) + step.text.slice(step.text.indexOf(']', from) + 1);
      return { ...step, text, uses: [original.id, ...(step.uses ?? []).filter((id) => !gone.has(id))] };
    });
}

/** After the nearest line before it in the order that is still there; at the end when the order does not know it. */
function placeIn(lines: readonly Line[], id: string, order: readonly string[]): number {
  const before = order.slice(0, Math.max(0, order.indexOf(id)));
  if (!order.includes(id)) return lines.length;
  for (const earlier of before.reverse()) {
    const at = lines.findIndex((line) => line.id === earlier);
    if (at >= 0) return at + 1;
  }
  return 0;
}

/** The recipe without a line; steps no longer use it. A whole that was divided goes with its parts, a choice with its alternatives. */
export function takeOut(recipe: Recipe, lineId: string): Recipe {
  const choice = recipe.lines.find(({ id, chosen }) => id === lineId && chosen)?.choiceOf;
  const gone = new Set(
    recipe.lines
      .filter(({ id, partOf, choiceOf }) => id === lineId || partOf === lineId || (choice !== undefined && choiceOf === choice))
      .map(({ id }) => id),
  );
  const steps = recipe.steps.map(
    (step): Step => (step.uses?.some((id) => gone.has(id)) ? { ...step, uses: step.uses.filter((id) => !gone.has(id)) } : step),
  );
  return settleGroups({ ...recipe, lines: recipe.lines.filter(({ id }) => !gone.has(id)), steps });
}
