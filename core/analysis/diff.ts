/** What is different between two versions of a soup, as someone reads it: lines, steps, figures, allergens. */
import type { AllergenState } from '../allergen/board.ts';
import type { AllergenId } from '../vocabulary/allergens.ts';
import { NUTRIENTS, type Nutrient } from '../vocabulary/nutrient.ts';
import { countedLines, type Line, type Recipe, type Step } from '../vocabulary/recipe.ts';
import { type KeptAnalysis, NOT_KNOWN, type NotKnown } from './snapshot.ts';

export interface Version {
  recipe: Recipe;
  /** Today's, or as it was kept. */
  analysis: KeptAnalysis;
}

export type LineChange =
  | { kind: 'out'; before: Line }
  | { kind: 'in'; after: Line }
  | { kind: 'swapped'; before: Line; after: Line[] }
  | { kind: 'amount'; before: Line; after: Line }
  | { kind: 'food'; before: Line; after: Line }
  | { kind: 'stage'; before: Line; after: Line };

export type StepChange = { kind: 'out'; before: Step } | { kind: 'in'; after: Step } | { kind: 'changed'; before: Step; after: Step };

export interface FigureChange {
  nutrient: Nutrient;
  before: number;
  after: number;
  /** Either is a lower bound. */
  atLeast: boolean;
}

export interface Difference {
  servings: { before: number; after: number } | null;
  lines: LineChange[];
  steps: StepChange[];
  figures: FigureChange[];
  body: { before: number; after: number } | null;
  allergens: { id: AllergenId; before: AllergenState | NotKnown; after: AllergenState | NotKnown }[];
}

/** A figure that moves by less than this share of itself is the same to a kitchen (judgement, no source). */
const SAME_FIGURE = 0.02;
const SAME_GRAMS = 0.005;
const SAME_BODY = 0.005;

export function differenceOf(before: Version, after: Version): Difference {
  return {
    servings: before.analysis.servings === after.analysis.servings ? null : { before: before.analysis.servings, after: after.analysis.servings },
    lines: lineChanges(before.recipe, after.recipe),
    steps: stepChanges(before.recipe.steps, after.recipe.steps),
    figures: figureChanges(before.analysis, after.analysis),
    body:
      Math.abs(before.analysis.body.index - after.analysis.body.index) < SAME_BODY
        ? null
        : { before: before.analysis.body.index, after: after.analysis.body.index },
    allergens: after.analysis.allergens.flatMap(({ id, state }) => {
      const was = before.analysis.allergens.find((one) => one.id === id)?.state ?? NOT_KNOWN;
      return was === state ? [] : [{ id, before: was, after: state }];
    }),
  };
}

/** Whether two are the same soup: lines, amounts, steps and bowls. */
export const isSameSoup = (before: Recipe, after: Recipe): boolean =>
  before.servings === after.servings &&
  before.servingGrams === after.servingGrams &&
  lineChanges(before, after).length === 0 &&
  stepChanges(before.steps, after.steps).length === 0;

const sameGrams = (a: Line['grams'], b: Line['grams']): boolean =>
  a && b ? Math.abs(a.best - b.best) <= SAME_GRAMS * Math.max(a.best, b.best) : a === b;

function lineChanges(before: Recipe, after: Recipe): LineChange[] {
  const old = countedLines(before);
  const now = countedLines(after);
  const swappedIn = new Set<string>();
  const changes = old.flatMap((line): LineChange[] => {
    const same = now.find(({ id }) => id === line.id);
    if (!same) {
      const instead = now.filter(({ replaces, id }) => replaces === line.id && !old.some((other) => other.id === id));
      for (const { id } of instead) swappedIn.add(id);
      return [instead.length > 0 ? { kind: 'swapped', before: line, after: instead } : { kind: 'out', before: line }];
    }
    if (same.foodId !== line.foodId) return [{ kind: 'food', before: line, after: same }];
    if (!sameGrams(line.grams, same.grams)) return [{ kind: 'amount', before: line, after: same }];
    return same.stage === line.stage ? [] : [{ kind: 'stage', before: line, after: same }];
  });
  const fresh = now.filter(({ id }) => !swappedIn.has(id) && !old.some((line) => line.id === id));
  return [...changes, ...fresh.map((line): LineChange => ({ kind: 'in', after: line }))];
}

function stepChanges(before: readonly Step[], after: readonly Step[]): StepChange[] {
  const said = ({ text, method, minutes, lid }: Step) => JSON.stringify([text, method, minutes, lid]);
  const old = before.flatMap((step): StepChange[] => {
    const same = after.find(({ id }) => id === step.id);
    if (!same) return [{ kind: 'out', before: step }];
    return said(same) === said(step) ? [] : [{ kind: 'changed', before: step, after: same }];
  });
  return [...old, ...after.filter(({ id }) => !before.some((step) => step.id === id)).map((step): StepChange => ({ kind: 'in', after: step }))];
}

function figureChanges(before: KeptAnalysis, after: KeptAnalysis): FigureChange[] {
  return NUTRIENTS.flatMap((nutrient) => {
    const was = before.perServing[nutrient];
    const is = after.perServing[nutrient];
    // What one of them never worked out is not compared.
    if (was.notKnown || is.notKnown) return [];
    const moved = Math.abs(is.value - was.value) / Math.max(was.value, is.value, 1e-9);
    return moved > SAME_FIGURE ? [{ nutrient, before: was.value, after: is.value, atLeast: was.atLeast || is.atLeast }] : [];
  });
}
