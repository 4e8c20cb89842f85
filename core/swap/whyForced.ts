/** What a change is for: the needs that break when it is undone and the rest of the plan stays. */
import { brokenNeeds, traitsAt } from './amounts.ts';
import type { Judge } from './judge.ts';
import type { Model, Option, Row, Slot } from './model.ts';
import type { Need } from './need.ts';
import { carries, fillsUp, isLastStep, isOver } from './reasons.ts';
import { servedFigures } from './scope.ts';
import type { Leaf } from './search.ts';
import { entersAfterBlending, isPieceOnTop } from './smooth.ts';
import { item } from './solver/linear.ts';

/** Per slot of the model, the needs that force its change; none where the line is kept. */
export const whyForced = (judge: Judge, needs: readonly Need[], model: Model, leaf: Leaf): Need[][] =>
  model.slots.map((slot, index) => {
    if (!item(leaf.choice, index).swap) return [];
    const keep = slot.options.find(({ swap }) => swap === null);
    const forcing = keep ? reckoned(needs, model, leaf, index, keep, slot) : needs.filter((need) => isDecidedBy(judge, need, slot));
    return needs.filter((need) => forcing.includes(need));
  });

/** Whether each change of a line that may stay carries its share of what some need is over, and nothing is changed for a pinch. */
export function everyChangeCarries(model: Model, leaf: Leaf): boolean {
  const done = traitsAt(model, leaf.choice, leaf.amounts.grams);
  return model.slots.every((slot, index) => {
    const option = item(leaf.choice, index);
    const keep = slot.options.find(({ swap }) => swap === null);
    if (!option.swap || !keep || fillsUp(option)) return true;
    const undone = traitsWithout(model, leaf, index, keep);
    return model.rows.some((row) => row.need !== null && carries(row, model.original, done, undone, isLastStep(slot, option)));
  });
}

const traitsWithout = (model: Model, leaf: Leaf, slot: number, keep: Option): Float64Array =>
  traitsAt(
    model,
    leaf.choice.map((option, index) => (index === slot ? keep : option)),
    leaf.amounts.grams.filter((_, part) => slotOfPart(leaf.choice, part) !== slot),
  );

/** A line that may stay breaks no need by what is in it: only what is reckoned can. */
function reckoned(needs: readonly Need[], model: Model, leaf: Leaf, slot: number, keep: Option, own: Slot): readonly Need[] {
  const option = item(leaf.choice, slot);
  const done = traitsAt(model, leaf.choice, leaf.amounts.grams);
  const undone = traitsWithout(model, leaf, slot, keep);
  const speaksFor = (row: Row) => row.need !== null && carries(row, model.original, done, undone, isLastStep(own, option));
  // The soup's own liquid makes room or fills up: it is for no need but what was over and it carries.
  if (fillsUp(option)) return model.rows.flatMap((row) => (row.need && isOver(row, model.original) && speaksFor(row) ? [row.need] : []));
  const carried = model.rows.flatMap((row) => (row.need && speaksFor(row) ? [row.need] : []));
  if (carried.length > 0) return carried;
  const choice = leaf.choice.map((option, index) => (index === slot ? keep : option));
  const grams = leaf.amounts.grams.filter((_, part) => slotOfPart(leaf.choice, part) !== slot);
  const broken = brokenNeeds(model, choice, grams);
  return broken.length > 0 ? broken : needs.filter(({ kind }) => kind === 'limit' || kind === 'body');
}

/** Whether a line that may not stay is among what decides the need. */
function isDecidedBy({ start: { analysis, recipe }, asked: { terms }, shelf }: Judge, need: Need, { line, food }: Slot): boolean {
  const has = (because: readonly { lineId: string }[] | undefined) => because?.some(({ lineId }) => lineId === line.id) ?? false;
  switch (need.kind) {
    case 'smooth':
      return entersAfterBlending(line, recipe, shelf) && isPieceOnTop(line, food?.category, recipe.steps);
    case 'avoid':
      return need.foodId === food?.id;
    case 'limit':
      return has(servedFigures(analysis, terms.scope)[need.limit.nutrient].missing);
    case 'allergen':
      return has(analysis.allergens.find(({ id }) => id === need.id)?.because);
    case 'diet':
      return has(analysis.diets.find(({ id }) => id === need.id)?.because);
    default:
      return false;
  }
}

function slotOfPart(choice: readonly Option[], part: number): number {
  let seen = 0;
  return choice.findIndex(({ parts }) => (seen += parts.length) > part);
}
