/** What is weighed out before the pot is lit: each thing in the container it goes in from, in the order of their moments. */
import { kitchenMeasure } from '../food/measure.ts';
import type { Shelf } from '../food/shelf.ts';
import { withMentions } from '../method/mentions.ts';
import { CATEGORY_ROWS, type Category } from '../vocabulary/category.ts';
import type { Food } from '../vocabulary/food.ts';
import { countedLines, type Line, type Recipe, type Step } from '../vocabulary/recipe.ts';
import { linesIn } from './flow.ts';

/** Raw meat, fish and egg stand apart from what is eaten as it is. */
export const CONTAINERS = ['jug', 'bowl', 'dish', 'apart'] as const;
export type ContainerKind = (typeof CONTAINERS)[number];

export interface WeighedItem {
  lineId: string;
  name: string;
  /** Null where no weight is said. */
  grams: number | null;
  measure: string;
  prep?: string;
  /** This much of its line; all of it where nothing is said. */
  share?: number;
}

export interface Container {
  number: number;
  kind: ContainerKind;
  /** The step it goes in with; null for what no step tells of. */
  stepId: string | null;
  items: WeighedItem[];
}

/** A spoon or two of something dry: with others of its moment in one small dish. */
const SMALL_GRAMS = 20;
const SMALL_KINDS: ReadonlySet<Category> = new Set<Category>(['spice', 'herb', 'salt']);
const RAW: ReadonlySet<Category> = new Set<Category>(['meat', 'poultry', 'fish', 'shellfish', 'egg']);
const POURED: ReadonlySet<Category> = new Set<Category>(['broth', 'water', 'plant-cream', 'alcohol', 'acid']);

function kindOf(food: Food | undefined, grams: number | null): ContainerKind {
  if (!food) return 'bowl';
  if (RAW.has(food.category) && food.state === 'raw') return 'apart';
  // What nobody has weighed is small where its kind is.
  if (grams === null ? SMALL_KINDS.has(food.category) : grams < SMALL_GRAMS) return 'dish';
  const isLiquid =
    POURED.has(food.category) || CATEGORY_ROWS[food.category].liquid || isPouredDairy(food) || (food.category === 'fat' && /oil/.test(food.id));
  return isLiquid ? 'jug' : 'bowl';
}

const isPouredDairy = ({ category, id }: Food): boolean =>
  category === 'dairy' && /^(?:milk|cream|half-and-half|buttermilk|kefir)/.test(id) && !/cheese|powder/.test(id);

export function containersOf(written: Recipe, shelf: Shelf): Container[] {
  const recipe = { ...written, steps: withMentions(written.steps, written.lines, shelf) };
  const lines = countedLines(recipe).filter(({ foodId }) => shelf.food(foodId ?? '')?.category !== 'water' || foodId === null);
  const water = countedLines(recipe).filter((line) => !lines.includes(line));
  const moments: { stepId: string | null; items: { line: Line; share: number }[] }[] = [];
  const given = new Map<string, number>();
  for (const step of recipe.steps) {
    const items = inOrderOf(step).flatMap((id) => {
      const line = [...lines, ...water].find((one) => one.id === id);
      const left = 1 - (given.get(id) ?? 0);
      if (!line || left <= 0.01) return [];
      const share = Math.min(left, sharesIn(step, id) ?? left);
      given.set(id, (given.get(id) ?? 0) + share);
      return [{ line, share }];
    });
    if (items.length > 0) moments.push({ stepId: step.id, items });
  }
  // What the words leave over goes in with the last of it.
  for (const [id, share] of given) {
    const last = moments.flatMap(({ items }) => items).findLast(({ line }) => line.id === id);
    if (last && share < 0.99) last.share += 1 - share;
  }
  const untold = [...lines, ...water].filter(({ id }) => !given.has(id));
  if (untold.length > 0) moments.push({ stepId: null, items: untold.map((line) => ({ line, share: 1 })) });
  let number = 0;
  return moments.flatMap(({ stepId, items }) => {
    const told = items.map(({ line, share }) => itemOf(line, share, recipe, shelf));
    return groupsOf(told).map(({ kind, items: own }): Container => ({ number: ++number, kind, stepId, items: own }));
  });
}

/** The lines of a step in the order its words have them. */
function inOrderOf(step: Step): string[] {
  const at = (id: string) => step.mentions?.find(({ lineId }) => lineId === id)?.from ?? Number.POSITIVE_INFINITY;
  return linesIn(step).sort((a, b) => Math.min(at(a), 1e9) - Math.min(at(b), 1e9));
}

/** What a step says it takes of a line; undefined where it says no part. */
function sharesIn({ mentions = [] }: Step, lineId: string): number | undefined {
  const said = mentions.filter((mention) => mention.lineId === lineId && mention.share !== undefined);
  return said.length > 0
    ? Math.min(
        1,
        said.reduce((sum, { share }) => sum + (share ?? 0), 0),
      )
    : undefined;
}

function itemOf(line: Line, share: number, { servings = 1 }: Recipe, shelf: Shelf): WeighedItem & { kind: ContainerKind } {
  const food = line.foodId === null ? undefined : shelf.food(line.foodId);
  const grams = line.grams ? line.grams.best * (line.perBowl ? servings : 1) * share : null;
  return {
    lineId: line.id,
    name: food?.name ?? line.text,
    grams,
    measure: grams !== null && food ? countable(kitchenMeasure(food, grams)) : '',
    ...(line.prep ? { prep: line.prep } : {}),
    ...(share < 0.99 ? { share } : {}),
    kind: kindOf(food, grams),
  };
}

/** Nobody counts ninety spears: a number of pieces is told as long as it can be counted out. */
const countable = (measure: string): string =>
  /^\d+/.test(measure) && Number.parseInt(measure, 10) > MOST_COUNTED && !/[a-z]{3}/i.test(measure) ? '' : measure;
const MOST_COUNTED = 24;

/** Of one moment: solids in one bowl, small dry things in one dish, every liquid and every raw thing by itself. */
function groupsOf(items: readonly (WeighedItem & { kind: ContainerKind })[]): { kind: ContainerKind; items: WeighedItem[] }[] {
  const groups: { kind: ContainerKind; items: WeighedItem[] }[] = [];
  for (const { kind, ...item } of items) {
    const shared = kind === 'bowl' || kind === 'dish' ? groups.find((group) => group.kind === kind) : undefined;
    if (shared) shared.items.push(item);
    else groups.push({ kind, items: [item] });
  }
  return groups;
}
