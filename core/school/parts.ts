/** What a soup is made of, as the schools of a kitchen see it. */
import type { Shelf } from '../food/shelf.ts';
import { linesIn } from '../plan/flow.ts';
import { foodsOfKind, type Kind } from '../swap/data/kinds.ts';
import { dearLines } from '../swap/fit.ts';
import { CATEGORY_ROWS, type Category } from '../vocabulary/category.ts';
import type { Food } from '../vocabulary/food.ts';
import { countedLines, type Line, type Method, type Recipe, type Step } from '../vocabulary/recipe.ts';

export interface Part {
  line: Line;
  food: Food;
  /** Best grams of the whole pot. */
  grams: number;
}

export interface Parts {
  /** Weighed foods of the pot: what goes on top and beside is no part. */
  pot: Part[];
  /** By the school of thickening they are of: what can go without the soup being another. */
  thickeners: { school: string; part: Part }[];
  /** Schools that what the soup is called after, or mostly made of, is of. */
  ownThickening: ReadonlySet<string>;
  vegetables: Part[];
  /** The heaviest of them. */
  main: Part | undefined;
  liquids: Part[];
  fats: Part[];
  spices: Part[];
  garlic: Part[];
  acids: Part[];
  salts: Part[];
  creams: Part[];
  /** Steps that cook vegetables before the liquid, the one that simmers them, and those that blend. */
  base: Step[];
  simmer: Step | undefined;
  blends: Step[];
}

const BASE: ReadonlySet<Method> = new Set<Method>(['sweat', 'brown', 'fry', 'roast', 'bake']);
const SIMMERS: ReadonlySet<Method> = new Set<Method>(['simmer', 'boil', 'pressure', 'steam']);

const THICKENS: readonly (readonly [school: string, foods: ReadonlySet<string>])[] = (
  [
    ['roux', ['wheatFlour']],
    ['slurry', ['slurry']],
    ['pulses', ['pulse', 'dryPulse']],
    ['nuts', ['nuts', 'nutButter']],
    ['bread', ['bread']],
    ['cheese', ['meltingCheese', 'hardCheese', 'softCheese', 'sharpCheese']],
  ] as const satisfies readonly (readonly [string, readonly Kind[]])[]
).map(([school, kinds]) => [school, new Set(foodsOfKind(...kinds))] as const);
const CREAMS = new Set(foodsOfKind('cream', 'sourCream', 'yogurt', 'coconut', 'plantCream', 'plantSour'));
const PEPPER = /pepper$/;

function thickens({ food, line }: Part, hasCreamStep: boolean): string | null {
  if (/^potato(?:-|$)/.test(food.id) && food.category !== 'starch') return 'potato';
  if (food.id === 'egg-yolk') return 'yolk';
  const found = THICKENS.find(([, foods]) => foods.has(food.like ?? food.id))?.[0] ?? null;
  return found === 'roux' && line.stage === 'finish' && hasCreamStep ? 'cream-flour' : found;
}

export function partsOf(recipe: Recipe, shelf: Shelf): Parts {
  const pot = countedLines(recipe).flatMap((line): Part[] => {
    const food = line.foodId === null ? undefined : shelf.food(line.foodId);
    const inPot = line.stage !== 'bowl' && line.stage !== 'plate' && line.eaten !== 'removed';
    return food && inPot && line.grams && line.grams.best > 0 && !line.perBowl ? [{ line, food, grams: line.grams.best }] : [];
  });
  const of = (...categories: Category[]) => pot.filter(({ food }) => categories.includes(food.category));
  const dear = dearLines(recipe, shelf);
  const garlic = pot.filter(({ food }) => /^garlic/.test(food.id) && food.category !== 'spice');
  const vegetables = pot.filter(({ food }) => CATEGORY_ROWS[food.category].vegetable && !/^garlic/.test(food.id));
  const main = [...vegetables].sort((a, b) => b.grams - a.grams)[0];
  const creams = pot.filter(({ food }) => CREAMS.has(food.id));
  const all = pot.flatMap((part) => {
    const school = thickens(part, creams.length > 0);
    return school ? [{ school, part }] : [];
  });
  const liquids = pot.filter(({ food }) => CATEGORY_ROWS[food.category].liquid).sort((a, b) => b.grams - a.grams);
  const isDear = ({ part: { line } }: (typeof all)[number]) => dear.has(line.id) || line.id === main?.line.id;
  const ids = new Set(vegetables.map(({ line }) => line.id));
  const { steps } = recipe;
  const blends = steps.filter(({ method }) => method === 'blend');
  const firstBlend = blends[0] ? steps.indexOf(blends[0]) : steps.length;
  const early = steps.slice(0, firstBlend);
  const usesVegetables = (step: Step) => linesIn(step).some((id) => ids.has(id));
  return {
    pot,
    thickeners: all.filter((one) => !isDear(one)),
    ownThickening: new Set(all.filter(isDear).map(({ school }) => school)),
    vegetables,
    main,
    liquids,
    fats: of('fat').concat(pot.filter(({ food }) => /^(?:butter|ghee)/.test(food.id) && food.category !== 'fat')),
    spices: of('spice').filter(({ food }) => !PEPPER.test(food.id)),
    garlic,
    acids: of('acid'),
    salts: of('salt'),
    creams,
    base: early.filter((step) => BASE.has(step.method ?? 'none') && usesVegetables(step)),
    simmer: theSimmer(early, new Set(liquids.map(({ line }) => line.id))),
    blends,
  };
}

/** The step in which the liquid comes and the vegetables soften: not the one that boils the wine down. */
function theSimmer(early: readonly Step[], liquids: ReadonlySet<string>): Step | undefined {
  const all = early.filter(({ method }) => SIMMERS.has(method ?? 'none'));
  return all.find((step) => linesIn(step).some((id) => liquids.has(id))) ?? all.sort((a, b) => (b.minutes?.max ?? 0) - (a.minutes?.max ?? 0))[0];
}
