/** A method in the cook's own words: one step reworded, added or left out, with what it says read anew. */
import type { Shelf } from '../food/shelf.ts';
import { MAX_STEPS, type Recipe, type Step } from '../vocabulary/recipe.ts';
import { readSteps } from './steps.ts';

/** The step with these words, and what they say of method, minutes, lid and lines. It stays at its stage. */
function reworded({ id, stage }: Step, text: string, { lines }: Recipe, shelf: Shelf): Step {
  const parents = new Set(lines.flatMap(({ partOf }) => partOf ?? []));
  const { steps } = readSteps(
    [{ text, at: 0 }],
    lines.filter((line) => !parents.has(line.id) && line.chosen !== false),
    shelf,
  );
  const lead = steps.find(({ method }) => method !== undefined) ?? steps[0];
  const minutes = steps.flatMap((step) => step.minutes ?? []);
  const uses = [...new Set(steps.flatMap((step) => step.uses ?? []))];
  const said = {
    ...(lead?.method ? { method: lead.method } : {}),
    ...(minutes.length > 0 ? { minutes: minutes.reduce((sum, one) => ({ min: sum.min + one.min, max: sum.max + one.max })) } : {}),
    handsOn: steps.length === 0 || steps.some(({ handsOn }) => handsOn),
    ...(lead?.lid ? { lid: lead.lid } : {}),
    ...(uses.length > 0 ? { uses } : {}),
    ...(lead?.doneWhen ? { doneWhen: lead.doneWhen } : {}),
  };
  return { id, stage, text, ...said };
}

/**
 * The steps of the recipe, changed. What the method is written from changes with it where no swap has touched that step; else the
 * method as it stands is what later swaps are written from, so that typed words are never written over.
 */
function withSteps(recipe: Recipe, steps: readonly Step[], changed: Step | undefined, shelf: Shelf): Recipe {
  const { asWritten, ...rest } = recipe;
  const before = recipe.steps.find(({ id }) => id === changed?.id);
  const written = asWritten?.steps.find(({ id }) => id === changed?.id);
  if (!asWritten || !changed || !before || !written || written.text !== before.text) return { ...rest, steps: [...steps] };
  const own = reworded(written, changed.text, { ...recipe, lines: asWritten.lines }, shelf);
  return { ...rest, steps: [...steps], asWritten: { ...asWritten, steps: asWritten.steps.map((step) => (step.id === own.id ? own : step)) } };
}

/** Empty words change nothing. */
export function rewordStep(recipe: Recipe, stepId: string, text: string, shelf: Shelf): Recipe {
  const words = text.trim();
  const step = recipe.steps.find(({ id }) => id === stepId);
  if (!step || words === '' || words === step.text) return recipe;
  const own = reworded(step, words, recipe, shelf);
  return withSteps(
    recipe,
    recipe.steps.map((one) => (one.id === stepId ? own : one)),
    own,
    shelf,
  );
}

/** A new step behind another, at its stage; at the end where there is none of that id. */
export function addStep(recipe: Recipe, afterId: string | null, text: string, shelf: Shelf): Recipe {
  const words = text.trim();
  if (words === '' || recipe.steps.length >= MAX_STEPS) return recipe;
  const at = recipe.steps.findIndex(({ id }) => id === afterId);
  const place = at < 0 ? recipe.steps.length : at + 1;
  const ids = new Set([...recipe.steps, ...(recipe.asWritten?.steps ?? [])].map(({ id }) => id));
  let number = recipe.steps.length + 1;
  while (ids.has(`s${number}`)) number += 1;
  const own = reworded({ id: `s${number}`, stage: recipe.steps[place - 1]?.stage ?? 'base', text: words }, words, recipe, shelf);
  return withSteps(recipe, recipe.steps.toSpliced(place, 0, own), undefined, shelf);
}

export function withoutStep(recipe: Recipe, stepId: string): Recipe {
  const { asWritten, ...rest } = recipe;
  const steps = recipe.steps.filter(({ id }) => id !== stepId);
  if (!asWritten) return { ...rest, steps };
  const now = recipe.steps.find(({ id }) => id === stepId);
  const untouched = asWritten.steps.some(({ id, text }) => id === stepId && text === now?.text);
  return untouched ? { ...rest, steps, asWritten: { ...asWritten, steps: asWritten.steps.filter(({ id }) => id !== stepId) } } : { ...rest, steps };
}
