/** Our own JSON, as it is exported: taken field by field, so that nothing of a strange file reaches the recipe but what a recipe has. */
import { SYSTEMS } from '../quantity/units.ts';
import {
  EATEN,
  type Grams,
  LIDS,
  type Line,
  MAX_PREPARATIONS,
  MAX_STEPS,
  METHODS,
  type Preparation,
  type Recipe,
  STAGES,
  type Step,
} from '../vocabulary/recipe.ts';

type Json = Record<string, unknown>;

const object = (value: unknown): Json => (typeof value === 'object' && value !== null && !Array.isArray(value) ? (value as Json) : {});
const text = (value: unknown): string | undefined => (typeof value === 'string' ? value : undefined);
const positive = (value: unknown): number | undefined => (typeof value === 'number' && Number.isFinite(value) && value > 0 ? value : undefined);
const flag = (value: unknown): boolean | undefined => (typeof value === 'boolean' ? value : undefined);
const one = <T extends string>(value: unknown, of: readonly T[]): T | undefined => of.find((candidate) => candidate === value);
const share = (value: unknown): number | undefined => (typeof value === 'number' && value >= 0 && value <= 1 ? value : undefined);

function grams(value: unknown): Grams | null {
  const { best, low, high } = object(value);
  const all = [best, low, high].every((part) => typeof part === 'number' && Number.isFinite(part) && part >= 0);
  return all && (low as number) <= (best as number) && (best as number) <= (high as number)
    ? { best: best as number, low: low as number, high: high as number }
    : null;
}

function range(value: unknown): { min: number; max: number } | undefined {
  const { min, max } = object(value);
  return typeof min === 'number' && typeof max === 'number' && min >= 0 && max >= min ? { min, max } : undefined;
}

/** Drops keys without a value, so that an optional key is left out. */
const kept = <T extends object>(value: T): T => Object.fromEntries(Object.entries(value).filter(([, part]) => part !== undefined)) as T;

function line(value: unknown, index: number): Line {
  const it = object(value);
  const amount = range(it.amount);
  const unit = text(object(it.amount).unit);
  return kept<Line>({
    id: text(it.id) || `l${index + 1}`,
    stage: one(it.stage, STAGES) ?? 'simmer',
    text: text(it.text) ?? '',
    foodId: text(it.foodId) ?? null,
    grams: grams(it.grams),
    amount: amount && unit !== undefined ? { ...amount, unit } : undefined,
    prep: text(it.prep),
    cut: text(it.cut) ?? positive(it.cut),
    eaten: one(it.eaten, EATEN),
    eatenShare: share(it.eatenShare),
    perBowl: flag(it.perBowl),
    optional: flag(it.optional),
    partOf: text(it.partOf),
    choiceOf: text(it.choiceOf),
    chosen: flag(it.chosen),
    replaces: text(it.replaces),
    preparationId: text(it.preparationId),
  });
}

function step(value: unknown, index: number): Step {
  const it = object(value);
  return kept<Step>({
    id: text(it.id) || `s${index + 1}`,
    stage: one(it.stage, STAGES) ?? 'simmer',
    text: text(it.text) ?? '',
    method: one(it.method, METHODS),
    minutes: range(it.minutes),
    handsOn: flag(it.handsOn),
    lid: one(it.lid, LIDS),
    uses: Array.isArray(it.uses) ? it.uses.filter((id): id is string => typeof id === 'string') : undefined,
    doneWhen: text(it.doneWhen),
  });
}

/** The recipe in a value that has `lines`. Ids that stand twice are renumbered; steps use only lines that are there. */
export function recipeOfJson(value: Json): Recipe {
  const lines = (value.lines as unknown[]).map(line);
  const seen = new Set<string>();
  for (const [index, it] of lines.entries()) {
    if (seen.has(it.id)) it.id = `l${index + 1}-again`;
    seen.add(it.id);
  }
  const steps = (Array.isArray(value.steps) ? value.steps : []).slice(0, MAX_STEPS).map(step);
  for (const it of steps) if (it.uses) it.uses = it.uses.filter((id) => seen.has(id));
  const pot = object(value.pot);
  const preparations = (Array.isArray(value.preparations) ? value.preparations : []).slice(0, MAX_PREPARATIONS).flatMap((it): Preparation[] => {
    const { id, name, yieldGrams, lines: own, steps: ownSteps } = object(it);
    return typeof id === 'string' && Array.isArray(own)
      ? [
          kept<Preparation>({
            id,
            name: text(name)?.trim() || 'A preparation',
            lines: own.map(line),
            steps: (Array.isArray(ownSteps) ? ownSteps : []).slice(0, MAX_STEPS).map(step),
            yieldGrams: positive(yieldGrams),
          }),
        ]
      : [];
  });
  const known = new Set(preparations.map(({ id }) => id));
  for (const it of [...lines, ...preparations.flatMap((one) => one.lines)])
    if (it.preparationId !== undefined && !known.has(it.preparationId)) delete it.preparationId;
  return kept<Recipe>({
    title: text(value.title)?.trim() || 'Untitled soup',
    measures: one(value.measures, SYSTEMS),
    servings: positive(value.servings),
    servingGrams: positive(value.servingGrams),
    measuredYieldGrams: positive(value.measuredYieldGrams),
    pot:
      value.pot === undefined
        ? undefined
        : kept({ diameterCm: positive(pot.diameterCm), depthCm: positive(pot.depthCm), ringKw: positive(pot.ringKw) }),
    lines,
    steps,
    preparations: preparations.length > 0 ? preparations : undefined,
  });
}
