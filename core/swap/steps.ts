/** Steps after a swap: what they use now, what they say of it, the work that comes with it; and the way back. */
import { type Line, type Recipe, type Step, settleGroups } from '../vocabulary/recipe.ts';
import type { SwapWork } from './data/swaps.ts';

interface Rewriting {
  /** New line ids for a replaced line; undefined for one that stays. A line that moves to another stage leaves its steps. */
  idsFor: (lineId: string) => string[] | undefined;
  /** What a step that speaks of a replaced line has to say beside its own words. */
  noteFor: (lineId: string) => string | undefined;
  works: readonly { work: SwapWork; lineIds: string[]; line: Line }[];
}

/** Steps use the new lines and say what has changed; the work of a swap becomes steps of its own. No steps, none made. */
export function rewriteSteps(steps: readonly Step[], { idsFor, noteFor, works }: Rewriting): Step[] {
  if (steps.length === 0) return [];
  const pointed = steps.map((step): Step => {
    const notes = (step.uses ?? []).map(noteFor).filter((note) => note !== undefined);
    return notes.length === 0 ? step : { ...step, text: step.text + notes.join(''), uses: (step.uses ?? []).flatMap((id) => idsFor(id) ?? [id]) };
  });
  const made = workSteps(steps, works);
  const of = (when: SwapWork['when']) => made.filter((entry) => entry.when === when).map(({ step }) => step);
  const blendAt = indexOr(
    pointed.length,
    pointed.findIndex(({ method }) => method === 'blend'),
  );
  const serveAt = Math.max(
    blendAt,
    indexOr(
      pointed.length,
      pointed.findIndex(({ stage }) => stage === 'bowl' || stage === 'plate'),
    ),
  );
  return [
    ...of('before'),
    ...pointed.slice(0, blendAt),
    ...of('blend'),
    ...pointed.slice(blendAt, serveAt),
    ...of('finish'),
    ...pointed.slice(serveAt),
  ];
}

const indexOr = (otherwise: number, index: number): number => (index < 0 ? otherwise : index);

/** One step for each different piece of work. */
function workSteps(steps: readonly Step[], works: Rewriting['works']): { step: Step; when: SwapWork['when'] }[] {
  const ids = new Set(steps.map(({ id }) => id));
  const texts = new Set(steps.map(({ text }) => text));
  return works.flatMap(({ work, line }, index) => {
    if (texts.has(work.text)) return [];
    texts.add(work.text);
    let id = `swap-${line.id}-${index + 1}`;
    while (ids.has(id)) id = `${id}'`;
    ids.add(id);
    const stage = work.when === 'before' ? 'base' : line.stage === 'bowl' ? 'bowl' : 'finish';
    return [{ when: work.when, step: { id, stage, text: work.text, handsOn: work.when !== 'before' } }];
  });
}

/** What a step that speaks of a replaced line has to say beside its own words. */
export const note = (original: Line, now: string): string => ` [instead of '${original.text}': ${now || 'leave it out'}]`;

/**
 * The original line in the place of those that replaced it, steps as they were before that swap. A line that was taken
 * out goes back after the one it followed in `order`, the ids of the original recipe.
 */
export function putBack(recipe: Recipe, original: Line, order: readonly string[] = []): Recipe {
  const gone = new Set(recipe.lines.filter(({ replaces }) => replaces === original.id).map(({ id }) => id));
  const at = recipe.lines.findIndex(({ id }) => gone.has(id));
  const lines = recipe.lines.filter(({ id }) => !gone.has(id));
  lines.splice(at < 0 ? placeIn(lines, original.id, order) : at, 0, original);
  const start = note(original, '\n').split('\n')[0] as string;
  const steps = recipe.steps
    .filter(({ id }) => !id.startsWith(`swap-${original.id}-`))
    .map((step): Step => {
      const from = step.text.indexOf(start);
      if (from < 0) return step;
      const text = step.text.slice(0, from) + step.text.slice(step.text.indexOf(']', from) + 1);
      return { ...step, text, uses: [original.id, ...(step.uses ?? []).filter((id) => !gone.has(id))] };
    });
  return { ...recipe, lines, steps };
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
