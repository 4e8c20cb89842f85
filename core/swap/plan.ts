/** A plan, and what is said of its changes: what forced each, what it brings in, and what the bowl loses by them. */

import type { Analysis } from '../analysis/analysis.ts';
import type { Shelf } from '../food/shelf.ts';
import type { AllergenId } from '../vocabulary/allergens.ts';
import { type Blender, blenderRow } from '../vocabulary/blender.ts';
import { CATEGORY_ROWS } from '../vocabulary/category.ts';
import type { Nutrient } from '../vocabulary/nutrient.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import { LOSS, LOSSES, RISE, RISES } from './data/watched.ts';
import type { Model } from './model.ts';
import type { NeedRef } from './needs.ts';
import type { Said } from './says.ts';
import type { Leaf } from './search.ts';
import { isHardNut } from './slots.ts';
import { item } from './solver/linear.ts';
import type { NeedVerdict } from './verdict.ts';

export interface ChangeTo {
  lineId: string;
  foodId: string;
  grams: number;
  measure: string;
}

export interface Change {
  /** Null where something is added that stands in the place of nothing; then `from` is null too. */
  lineId: string | null;
  swapId: string;
  name: string;
  from: { foodId: string; grams: number } | null;
  to: ChangeTo[];
  why: NeedRef[];
  work: string[];
  cautions: string[];
  note: string;
  adds: { allergens: AllergenId[] };
  /** Swaps a table could not tell from this one. */
  alternatives?: string[];
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
  /** What to tell the table, and the salt that went. */
  says?: Said[];
}

/** How far a limit would have to give way for the others to be met. */
export interface Relaxation {
  need: NeedRef;
  /** The bound at which the other needs can be met, in the unit of the limit. */
  to: number;
  distance: number;
}

/** The same pot ladled into bowls of another size. */
export interface BowlSize {
  servings: number;
  servingMl: number;
  /** Of the closest soup that meets everything in such a bowl; 0 when nothing else has to change. */
  distance: number;
}

export interface AdaptResult {
  original: Analysis;
  plans: Plan[];
  /** `others` are further sets that cannot be met together; `gaps` lines the catalogue knows no way for: a gap of ours, and not a truth about the soup. */
  clash?: { needs: NeedRef[]; others?: NeedRef[][]; nearest: Plan | null; relax: Relaxation[]; gaps?: { lineId: string; needs: NeedRef[] }[] };
  /** The size of bowl with which it could be done: with a clash at all, else without any swap. */
  bowl?: BowlSize;
  timedOut?: boolean;
}

/** What each change is for and what it brings in. `forcing` gives, per slot, the needs that break when it is undone. */
export function describeChanges(
  model: Model,
  leaf: Leaf,
  { replaced }: { replaced: readonly (ChangeTo[] | null)[] },
  analyses: { before: Analysis; after: Analysis },
  forcing: readonly NeedRef[][],
  shelf: Shelf,
  blender?: Blender,
): Change[] {
  const before = new Map(analyses.before.allergens.map(({ id, state }) => [id, state]));
  const rank = { contains: 3, check: 2, mayContain: 1, absent: 0 } as const;
  return model.slots.flatMap((slot, index): Change[] => {
    const { swap, alternatives } = item(leaf.choice, index);
    const to = replaced[index];
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
    const { nutsSay } = blender ? blenderRow(blender.kind) : {};
    const ground = nutsSay && to.some(({ foodId }) => isHardNut(shelf.food(foodId))) ? [nutsSay] : [];
    return [
      {
        lineId: slot.food ? slot.line.id : null,
        swapId: swap.id,
        name: swap.name,
        from: slot.food && { foodId: slot.food.id, grams: slot.line.grams?.best ?? 0 },
        to,
        why: forcing[index] ?? [],
        work: swap.steps.map(({ text }) => text),
        cautions: [...swap.cautions, ...flags, ...ground],
        note: swap.note,
        adds: { allergens },
        ...(alternatives ? { alternatives: [...alternatives] } : {}),
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
    const kind = from && category(from.foodId);
    return kind && !to.some(({ foodId }) => category(foodId) === kind) ? (CATEGORY_ROWS[kind].countedOn ?? []) : [];
  });
  return [...new Set(counted)].filter((nutrient) => before.perServing[nutrient].atLeast || after.perServing[nutrient].atLeast);
}
