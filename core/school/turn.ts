/** A soup done another way: lines that go, come and weigh otherwise, the method written for them; a soup of its own, with nothing swapped in it. */
import { analyse } from '../analysis/analysis.ts';
import type { Shelf } from '../food/shelf.ts';
import { namedLine, type Work } from '../method/entry.ts';
import { listed } from '../method/text.ts';
import { methodAgainst, writtenOf } from '../swap/steps.ts';
import { countedLines, type Line, type Recipe, type Stage, type Step, settleGroups } from '../vocabulary/recipe.ts';
import type { Part } from './parts.ts';
import type { Soup } from './types.ts';

export interface Put {
  /** The line in whose place it goes; none for what stood nowhere. */
  of?: string;
  foods: readonly { foodId: string; grams: number; stage: Stage; perBowl?: boolean }[];
  works: readonly Work[];
}

export interface Turn {
  gone?: readonly string[];
  /** Lines by id, their best grams. */
  weigh?: ReadonlyMap<string, number>;
  put?: readonly Put[];
}

const WEIGHED = 0.01;

export function turned(recipe: Recipe, { gone = [], weigh = new Map(), put = [] }: Turn, shelf: Shelf): Recipe {
  const out = new Set([...gone, ...put.flatMap(({ of }) => of ?? [])]);
  const from = firstFree(recipe);
  const comes = put.flatMap(({ of, foods }, nth) =>
    foods.map(({ foodId, grams, stage, perBowl }, at): Line & { replaces: string } => ({
      id: `way-${from + nth}-${at + 1}`,
      stage,
      text: `${Number(grams.toPrecision(3))} g ${shelf.food(foodId)?.name ?? foodId}`,
      foodId,
      grams: { best: grams, low: grams * (1 - WEIGHED), high: grams * (1 + WEIGHED) },
      replaces: of ?? `way-${from + nth}`,
      ...(perBowl ? { perBowl } : {}),
    })),
  );
  // A choice that is settled otherwise is none any more.
  const settled = new Set(recipe.lines.flatMap(({ id, choiceOf }) => (choiceOf !== undefined && out.has(id) ? [choiceOf] : [])));
  // A divided line whose part goes no longer equals its parts: it goes, and its other parts stay.
  const divided = new Set(recipe.lines.flatMap(({ id, partOf }) => (partOf !== undefined && (out.has(id) || weigh.has(id)) ? [partOf] : [])));
  const lines = [
    ...recipe.lines.flatMap((line): Line[] => {
      if (divided.has(line.id) || (line.choiceOf !== undefined && settled.has(line.choiceOf) && !out.has(line.id))) return [];
      if (out.has(line.id)) return comes.filter(({ replaces }) => replaces === line.id);
      const grams = weigh.get(line.id);
      const was = line.grams?.best ?? 0;
      const { partOf, ...whole } = line;
      const own: Line = partOf !== undefined && divided.has(partOf) ? whole : line;
      return grams === undefined || was === 0
        ? [own]
        : [{ ...own, grams: { best: grams, low: ((line.grams?.low ?? was) * grams) / was, high: ((line.grams?.high ?? was) * grams) / was } }];
    }),
    ...comes.filter(({ replaces }) => !recipe.lines.some(({ id }) => id === replaces)),
  ];
  const written = writtenOf(recipe);
  const works = put.flatMap(({ of, works: own }, nth) => own.map(({ text, when }) => ({ lineId: of ?? `way-${from + nth}`, text, when })));
  const steps =
    recipe.steps.length === 0
      ? []
      : methodAgainst(recipe, { ...recipe, lines, asWritten: { ...written, works: [...written.works, ...works] } }, shelf);
  return fresh(settleGroups({ ...recipe, lines, steps }));
}

/** Ways done one after another keep their lines apart. */
const firstFree = ({ lines }: Recipe): number => 1 + Math.max(0, ...lines.map(({ id }) => Number(/^way-(\d+)-/.exec(id)?.[1] ?? 0)));

/** A soup of its own: its steps are as they are written, and nothing in it stands for anything else. */
export function fresh({ asWritten: _, servingGrams: __, ...recipe }: Recipe): Recipe {
  const there = new Set(recipe.lines.map(({ id }) => id));
  return {
    ...recipe,
    lines: recipe.lines.map(({ replaces: ___, ...line }) => line),
    steps: recipe.steps.map(({ mentions: ____, ...step }) => ({ ...step, ...(step.uses ? { uses: step.uses.filter((id) => there.has(id)) } : {}) })),
  };
}

/** Steps with one of them another, or more, in its place. */
export const stepsWith = (steps: readonly Step[], old: Step, next: readonly Step[]): Step[] =>
  steps.flatMap((step) => (step.id === old.id ? next : [step]));

export const namesOf = (parts: readonly Part[], shelf: Shelf): string =>
  listed([...new Set(parts.map(({ line }) => `the ${namedLine(line, shelf)}`))]);

/** A line in grams and in words a hand can weigh. */
export const grams = (value: number): string =>
  `${value >= 100 ? Math.round(value / 5) * 5 : value >= 10 ? Math.round(value) : Number(value.toFixed(1))} g`;

/** The body index of a soup. */
export const bodyOf = (recipe: Recipe, { shelf, options }: Pick<Soup, 'shelf' | 'options'>): number => analyse(recipe, options, shelf).body.index;

const ROUNDS = 18;
/** Near enough in body for a spoon not to tell. */
export const SAME_BODY = 0.01;

/**
 * The least amount between 0 and `most` with which the soup has this body; null where it has not, however much there is. The body grows
 * with the amount.
 */
export function amountFor(body: number, most: number, made: (amount: number) => Recipe, soup: Pick<Soup, 'shelf' | 'options'>): number | null {
  if (bodyOf(made(most), soup) < body - SAME_BODY) return null;
  let [low, high] = [0, most];
  for (let round = 0; round < ROUNDS && high - low > most * 1e-3; round++) {
    const middle = (low + high) / 2;
    if (bodyOf(made(middle), soup) < body) low = middle;
    else high = middle;
  }
  return high;
}

/** The pot's grams of what is poured and cooked, without toppings. */
export const potGrams = (recipe: Recipe): number =>
  countedLines(recipe).reduce((sum, { stage, grams: own }) => sum + (stage === 'bowl' || stage === 'plate' ? 0 : (own?.best ?? 0)), 0);
