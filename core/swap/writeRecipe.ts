/** A set of choices and amounts as a recipe: lines replaced, steps pointing at them, bowls fixed. */
import type { Analysis } from '../analysis/analysis.ts';
import { kitchenMeasure } from '../food/measure.ts';
import type { Shelf } from '../food/shelf.ts';
import type { Food } from '../vocabulary/food.ts';
import { type Line, type Recipe, settleGroups } from '../vocabulary/recipe.ts';
import type { SwapWork } from './data/swap.ts';
import type { Model, Option, Part, Slot } from './model.ts';
import type { ChangeTo } from './plan.ts';
import type { Leaf } from './search.ts';
import { placeOf } from './slots.ts';
import { item } from './solver/linear.ts';
import { methodOf, writtenOf } from './steps.ts';

/** Weighed to the gram on a scale. */
const WEIGHED = 0.01;

export interface Draft {
  recipe: Recipe;
  /** Per slot of the model, the lines that replace it; null where it is kept. */
  replaced: (ChangeTo[] | null)[];
}

/** A line, and what comes in its place. */
interface Replacement {
  line: Line;
  to: ChangeTo[];
  lines: Line[];
  /** The new lines go to another stage than the old one's, and so are in none of its steps. */
  moved: boolean;
  works: readonly SwapWork[];
}

/** The recipe with every swapped line replaced by its new lines. `amounts` are the grams of each part, slot by slot. */
export function writeRecipe(original: Recipe, analysis: Analysis, model: Model, leaf: Leaf, amounts: readonly number[], shelf: Shelf): Draft {
  const ids = new Set(original.lines.map(({ id }) => id));
  let part = 0;
  const replacements = model.slots.map((slot, index) => {
    const option = item(leaf.choice, index);
    const grams = amounts.slice(part, part + option.parts.length);
    part += option.parts.length;
    return replacementOf(slot, option, grams, ids);
  });
  const replaced = replacements.map((replacement) => replacement?.to ?? null);
  const made = new Map(replacements.flatMap((one) => (one ? [[one.line.id, one] as const] : [])));
  return { recipe: made.size === 0 ? original : withReplacements(original, analysis.servings, made, shelf), replaced };
}

function replacementOf({ line }: Slot, { swap, parts }: Option, amounts: readonly number[], ids: Set<string>): Replacement | null {
  if (!swap) return null;
  const gramsOfFood = new Map<Food, number>();
  parts.forEach(({ foods }, part) => {
    for (const [food, share] of foods) gramsOfFood.set(food, (gramsOfFood.get(food) ?? 0) + item(amounts, part) * share);
  });
  const to = [...gramsOfFood]
    .map(([food, total]) => ({ food, grams: Number(total.toFixed(4)) }))
    .filter(({ grams }) => grams > 0)
    .map(({ food, grams }, index): ChangeTo => {
      return { lineId: freshId(line.id, index, ids), foodId: food.id, grams, measure: kitchenMeasure(food, grams) };
    });
  const { stage, moved } = placeOf(swap, line);
  return { line, to, lines: to.map((change) => lineFor(line, change, stage, parts)), moved, works: swap.steps };
}

function withReplacements(original: Recipe, servings: number, made: ReadonlyMap<string, Replacement>, shelf: Shelf): Recipe {
  // A divided line whose part was swapped no longer equals its parts: it goes, and its other parts stay.
  const divided = new Set(original.lines.flatMap(({ id, partOf }) => (partOf !== undefined && made.has(id) ? [partOf] : [])));
  const own = new Set(original.lines.map(({ id }) => id));
  const lines = [
    ...original.lines.flatMap((line) => (divided.has(line.id) ? [] : (made.get(line.id)?.lines ?? [line]))),
    ...[...made].flatMap(([id, { lines: added }]) => (own.has(id) ? [] : added)),
  ];
  const { servingGrams: _, ...kept } = original;
  const change = gramsOf(lines) - gramsOf(original.lines);
  const before = writtenOf(original);
  const swapped = new Set([...made.values()].map(({ line }) => rootOf(line)));
  const asWritten = {
    ...before,
    works: [
      ...before.works.filter(({ lineId }) => !swapped.has(lineId)),
      ...[...made.values()].flatMap(({ line, works }) => works.map(({ text, when }) => ({ lineId: rootOf(line), text, when }))),
    ],
  };
  const steps = methodOf(asWritten, lines, shelf);
  const measured = original.measuredYieldGrams;
  return settleGroups({
    ...kept,
    servings,
    lines,
    steps,
    ...(steps.length > 0 ? { asWritten } : {}),
    ...(measured === undefined ? {} : { measuredYieldGrams: Math.max(1, measured + change) }),
  });
}

/** The line of the text that a line stands for, over however many swaps. */
const rootOf = ({ id, replaces }: Line): string => replaces ?? id;

const gramsOf = (lines: readonly Line[]): number =>
  lines.reduce((sum, { grams, stage }) => sum + (stage === 'bowl' || stage === 'plate' ? 0 : (grams?.best ?? 0)), 0);

function freshId(lineId: string, index: number, ids: Set<string>): string {
  let id = `${lineId}.${index + 1}`;
  while (ids.has(id)) id = `${id}'`;
  ids.add(id);
  return id;
}

const weighed = (best: number): { best: number; low: number; high: number } => ({ best, low: best * (1 - WEIGHED), high: best * (1 + WEIGHED) });

function lineFor(line: Line, { lineId, foodId, grams }: ChangeTo, stage: Line['stage'], parts: readonly Part[]): Line {
  const part = parts.find(({ foods }) => foods.some(([food]) => food.id === foodId));
  const food = part?.foods.find(([candidate]) => candidate.id === foodId)?.[0];
  return {
    id: lineId,
    stage,
    text: `${Number(grams.toPrecision(4))} g ${food?.name ?? foodId}`,
    foodId,
    grams: weighed(grams),
    replaces: rootOf(line),
    ...(part?.eaten ? { eaten: part.eaten.how, eatenShare: part.eaten.share } : {}),
    ...(line.perBowl ? { perBowl: true } : {}),
    ...(line.choiceOf === undefined ? {} : { choiceOf: line.choiceOf, chosen: line.chosen ?? false }),
  };
}
