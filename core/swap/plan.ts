/** Turns a set of choices and amounts into a recipe, and says of each change what forced it and what it brings in. */

import type { Analysis } from '../analysis/analysis.ts';
import { kitchenMeasure } from '../food/measure.ts';
import type { Shelf } from '../food/shelf.ts';
import type { AllergenId } from '../vocabulary/allergens.ts';
import { CATEGORY_ROWS } from '../vocabulary/category.ts';
import type { Food } from '../vocabulary/food.ts';
import type { Nutrient } from '../vocabulary/nutrient.ts';
import { type Line, type Recipe, settleGroups } from '../vocabulary/recipe.ts';
import type { SwapWork } from './data/swaps.ts';
import { LOSS, LOSSES, RISE, RISES } from './data/watched.ts';
import { type Model, type Part, placeOf } from './model.ts';
import type { NeedRef } from './needs.ts';
import type { Leaf } from './search.ts';
import { note, rewriteSteps } from './steps.ts';
import type { NeedVerdict } from './verdict.ts';

export interface ChangeTo {
  lineId: string;
  foodId: string;
  grams: number;
  measure: string;
}

export interface Change {
  lineId: string;
  swapId: string;
  name: string;
  from: { foodId: string; grams: number };
  to: ChangeTo[];
  why: NeedRef[];
  work: string[];
  cautions: string[];
  note: string;
  adds: { allergens: AllergenId[] };
}

export interface Plan {
  changes: Change[];
  recipe: Recipe;
  analysis: Analysis;
  /** Objective of the continuous model; 0 is the original. */
  distance: number;
  optimal: boolean;
  bound?: number;
  meets: NeedVerdict[];
  misses: NeedRef[];
  /** Nutrients a bowl loses by a fifth or more, asked about or not. */
  loses?: Shift[];
  /** Watched figures that rise. */
  rises?: Shift[];
  /** Nutrients that go with what is taken out, by an amount nobody here knows. */
  losesUnknown?: Nutrient[];
}

/** Weighed to the gram on a scale. */
const WEIGHED = 0.01;

export interface Draft {
  recipe: Recipe;
  /** Per slot of the model, the ids of the lines that replace it; null where it is kept. */
  replaced: (ChangeTo[] | null)[];
}

const grammes = (best: number): { best: number; low: number; high: number } => ({ best, low: best * (1 - WEIGHED), high: best * (1 + WEIGHED) });

/** The recipe with every swapped line replaced by its new lines, steps pointing at them, bowls fixed. */
export function writeRecipe(original: Recipe, analysis: Analysis, model: Model, leaf: Leaf, amounts: readonly number[]): Draft {
  const replaced: (ChangeTo[] | null)[] = [];
  const newLines = new Map<string, Line[]>();
  const movedLines = new Set<string>();
  const works: { work: SwapWork; lineIds: string[]; line: Line }[] = [];
  const ids = new Set(original.lines.map(({ id }) => id));
  let part = 0;
  model.slots.forEach((slot, index) => {
    const { swap, parts } = leaf.choice[index] as (typeof leaf.choice)[number];
    if (!swap) {
      replaced.push(null);
      return;
    }
    const gramsOfFood = new Map<Food, number>();
    for (const { foods } of parts) {
      const total = amounts[part++] as number;
      for (const [food, share] of foods) gramsOfFood.set(food, (gramsOfFood.get(food) ?? 0) + total * share);
    }
    const to = [...gramsOfFood]
      .map(([food, total]) => ({ food, grams: Number(total.toFixed(4)) }))
      .filter(({ grams }) => grams > 0)
      .map(
        ({ food, grams }, at): ChangeTo => ({ lineId: freshId(slot.line.id, at, ids), foodId: food.id, grams, measure: kitchenMeasure(food, grams) }),
      );
    replaced.push(to);
    const { stage, moved } = placeOf(swap, slot.line);
    newLines.set(
      slot.line.id,
      to.map((change) => lineFor(slot.line, change, stage, parts)),
    );
    if (moved) movedLines.add(slot.line.id);
    for (const work of swap.steps) works.push({ work, lineIds: to.map(({ lineId }) => lineId), line: slot.line });
  });
  if (newLines.size === 0) return { recipe: original, replaced };
  // A whole whose part is another food now is no whole any more.
  const parted = new Set(original.lines.flatMap(({ id, partOf }) => (partOf !== undefined && newLines.has(id) ? [partOf] : [])));
  const lines = original.lines.flatMap((line) => (parted.has(line.id) ? [] : (newLines.get(line.id) ?? [line])));
  const { servingGrams: _, ...kept } = original;
  const change = gramsOf(lines) - gramsOf(original.lines);
  return {
    recipe: settleGroups({
      ...kept,
      servings: analysis.servings,
      lines,
      steps: rewriteSteps(original.steps, {
        idsFor: (id) => (movedLines.has(id) ? [] : newLines.get(id)?.map((line) => line.id)),
        noteFor: (id) => {
          const line = original.lines.find((one) => one.id === id);
          const now = newLines.get(id);
          return line && now ? note(line, now.map(({ text }) => text).join(', ')) : undefined;
        },
        works,
      }),
      ...(original.measuredYieldGrams === undefined ? {} : { measuredYieldGrams: Math.max(1, original.measuredYieldGrams + change) }),
    }),
    replaced,
  };
}

const gramsOf = (lines: readonly Line[]): number =>
  lines.reduce((sum, { grams, stage }) => sum + (stage === 'bowl' || stage === 'plate' ? 0 : (grams?.best ?? 0)), 0);

function freshId(lineId: string, index: number, ids: Set<string>): string {
  let id = `${lineId}.${index + 1}`;
  while (ids.has(id)) id = `${id}'`;
  ids.add(id);
  return id;
}

function lineFor(line: Line, { lineId, foodId, grams }: ChangeTo, stage: Line['stage'], parts: readonly Part[]): Line {
  const part = parts.find(({ foods }) => foods.some(([food]) => food.id === foodId));
  const food = part?.foods.find(([candidate]) => candidate.id === foodId)?.[0];
  return {
    id: lineId,
    stage,
    text: `${Number(grams.toPrecision(4))} g ${food?.name ?? foodId}`,
    foodId,
    grams: grammes(grams),
    replaces: line.id,
    ...(part?.eaten ? { eaten: part.eaten.how, eatenShare: part.eaten.share } : {}),
    ...(line.perBowl ? { perBowl: true } : {}),
    ...(line.choiceOf === undefined ? {} : { choiceOf: line.choiceOf, chosen: line.chosen ?? false }),
  };
}

/** What each change is for and what it brings in. `forcing` gives, per slot, the needs that break when it is undone. */
export function describeChanges(
  model: Model,
  leaf: Leaf,
  draft: Draft,
  analyses: { before: Analysis; after: Analysis },
  forcing: readonly NeedRef[][],
  shelf: Shelf,
): Change[] {
  const before = new Map(analyses.before.allergens.map(({ id, state }) => [id, state]));
  const rank = { contains: 3, check: 2, mayContain: 1, absent: 0 } as const;
  return model.slots.flatMap((slot, index): Change[] => {
    const { swap } = leaf.choice[index] as (typeof leaf.choice)[number];
    const to = draft.replaced[index];
    if (!swap || !to) return [];
    const allergens = analyses.after.allergens
      .filter(
        ({ id, state, because }) =>
          rank[state] > rank[before.get(id) ?? 'absent'] && because.some(({ lineId }) => to.some((change) => change.lineId === lineId)),
      )
      .map(({ id }) => id);
    const flags = to.some(({ foodId }) => shelf.food(foodId)?.flags.includes('potassiumChloride'))
      ? ['May hold potassium chloride: read the pack before serving someone on a potassium limit.']
      : [];
    return [
      {
        lineId: slot.line.id,
        swapId: swap.id,
        name: swap.name,
        from: { foodId: slot.food.id, grams: slot.line.grams?.best ?? 0 },
        to,
        why: forcing[index] ?? [],
        work: swap.steps.map(({ text }) => text),
        cautions: [...swap.cautions, ...flags],
        note: swap.note,
        adds: { allergens },
      },
    ];
  });
}

export interface Shift {
  nutrient: Nutrient;
  from: number;
  to: number;
}

/** Known falls only: where either soup leaves a nutrient open, nothing is said. */
export function lossesOf(before: Analysis, after: Analysis): Shift[] {
  return LOSSES.flatMap((nutrient) => {
    const from = before.perServing[nutrient];
    const to = after.perServing[nutrient];
    return !to.atLeast && from.value > 0 && to.value < from.value * LOSS ? [{ nutrient, from: from.value, to: to.value }] : [];
  });
}

/** What there is more of that is watched. What is known of the new soup is enough: more can only come on top. */
export function risesOf(before: Analysis, after: Analysis): Shift[] {
  return RISES.flatMap(({ nutrient, least }) => {
    const from = before.perServing[nutrient];
    const to = after.perServing[nutrient].value;
    return !from.atLeast && to > from.value * RISE && to - from.value >= least ? [{ nutrient, from: from.value, to }] : [];
  });
}

/** Nutrients that go with a kind of food that leaves the pot, though the tables do not know by how much. */
export function unknownLosses(changes: readonly Change[], before: Analysis, after: Analysis, shelf: Shelf): Nutrient[] {
  const category = (foodId: string) => shelf.food(foodId)?.category;
  const counted = changes.flatMap(({ from, to }) => {
    const kind = category(from.foodId);
    return kind && !to.some(({ foodId }) => category(foodId) === kind) ? (CATEGORY_ROWS[kind].countedOn ?? []) : [];
  });
  return [...new Set(counted)].filter((nutrient) => before.perServing[nutrient].atLeast || after.perServing[nutrient].atLeast);
}
