/**
 * Preparations made in the house: a stock, a swirl, a glaze, crumbs. Each is a small recipe of its own, worked out into a food with
 * figures per 100 g of what it yields; a soup takes grams of it. What is over is not eaten, and what it holds is told with its path.
 */
import type { Shelf } from '../food/shelf.ts';
import { REGIMES } from '../regime/regime.ts';
import { Z95 } from '../statistics/normal.ts';
import { ALLERGENS, DIETS } from '../vocabulary/allergens.ts';
import type { Category } from '../vocabulary/category.ts';
import type { Food, FoodFlag } from '../vocabulary/food.ts';
import { NUTRIENT_INDEX, NUTRIENT_ROWS, NUTRIENTS, type StoredNutrient } from '../vocabulary/nutrient.ts';
import { countedLines, type Line, type Preparation, type Recipe } from '../vocabulary/recipe.ts';
import { contentsOf, type Entry, entriesOf, kernelLines, waterLost } from './entries.ts';
import { sumLines } from './kernel.ts';
import { resolveBowl } from './pot.ts';

/** Ids of foods that are preparations begin so; they stand on no shelf but that of their soup. */
export const PREPARED = 'prep:';
const STORED = NUTRIENTS.filter((key): key is StoredNutrient => !('derived' in NUTRIENT_ROWS[key]));
const WHY = 'in the preparation, not known which food it is';
const CARRIED: readonly FoodFlag[] = ['potassiumChloride', 'phosphate', 'acidic', 'splitsWhenBoiled'];

const worked = new WeakMap<Preparation, WeakMap<Shelf, Food>>();

/** The recipe with its preparations as foods of its lines, and a shelf that knows them. Without preparations both come back as they are. */
export function openPreparations(recipe: Recipe, shelf: Shelf): { recipe: Recipe; shelf: Shelf } {
  const { preparations } = recipe;
  if (!preparations || preparations.length === 0) return { recipe, shelf };
  const foods = new Map<string, Food>();
  const holding: Shelf = { ...shelf, food: (id) => foods.get(id) ?? shelf.food(id), unpinned: (id) => foods.get(id) ?? shelf.unpinned(id) };
  for (const one of inOrder(preparations)) foods.set(PREPARED + one.id, remembered(one, shelf, holding, one.lines.some(usesAnother)));
  return { recipe: { ...recipe, lines: recipe.lines.map(opened) }, shelf: holding };
}

const usesAnother = ({ preparationId }: Line): boolean => preparationId !== undefined;
const opened = (line: Line): Line => (line.preparationId === undefined ? line : { ...line, foodId: PREPARED + line.preparationId });

/** The recipe as it is kept: a line of a preparation names no food of the shelf. */
export const closePreparations = (recipe: Recipe): Recipe =>
  recipe.lines.some(({ foodId }) => foodId?.startsWith(PREPARED))
    ? { ...recipe, lines: recipe.lines.map((line) => (line.foodId?.startsWith(PREPARED) ? { ...line, foodId: null } : line)) }
    : recipe;

/** What others are made of comes first; what turns in a circle is left as it stands, and `recipeFaults` has said it. */
function inOrder(preparations: readonly Preparation[]): Preparation[] {
  const byId = new Map(preparations.map((one) => [one.id, one]));
  const out: Preparation[] = [];
  const on = new Set<string>();
  const visit = (one: Preparation) => {
    if (on.has(one.id)) return;
    on.add(one.id);
    for (const { preparationId } of one.lines) {
      const other = preparationId === undefined ? undefined : byId.get(preparationId);
      if (other) visit(other);
    }
    out.push(one);
  };
  for (const one of preparations) visit(one);
  return out;
}

/** Worked out once for each preparation and shelf; one that takes another is worked out with it. */
function remembered(one: Preparation, shelf: Shelf, holding: Shelf, nested: boolean): Food {
  if (nested) return preparedFood(one, holding);
  let byShelf = worked.get(one);
  if (!byShelf) worked.set(one, (byShelf = new WeakMap()));
  let food = byShelf.get(shelf);
  if (!food) byShelf.set(shelf, (food = preparedFood(one, shelf)));
  return food;
}

/** A preparation as a food: figures per 100 g of its yield with their interval, allergens and diets with the path through it. */
export function preparedFood(preparation: Preparation, shelf: Shelf): Food {
  const recipe: Recipe = {
    title: preparation.name,
    servings: 1,
    lines: preparation.lines.map((line) => opened(line.stage === 'plate' ? { ...line, stage: 'bowl' } : line)),
    steps: preparation.steps,
    ...(preparation.yieldGrams === undefined ? {} : { measuredYieldGrams: preparation.yieldGrams }),
  };
  const entries = entriesOf(recipe, REGIMES.us, shelf);
  const bowl = resolveBowl(recipe, contentsOf(entries), waterLost(recipe, entries));
  const { value, low, high } = sumLines(kernelLines(entries, bowl, recipe), bowl.error);
  const to100 = 100 / Math.max(bowl.servingGrams, 1);
  const per100g: Partial<Record<StoredNutrient, number>> = {};
  const spread: Partial<Record<StoredNutrient, readonly [number, number]>> = {};
  for (const key of STORED) {
    const at = NUTRIENT_INDEX[key];
    const best = (value[at] as number) * to100;
    per100g[key] = best;
    spread[key] = [(best - (low[at] as number) * to100) / Z95, ((high[at] as number) * to100 - best) / Z95];
  }
  const water = entries.some(({ figures }) => figures === null) ? undefined : waterLeft(per100g);
  if (water !== undefined) per100g.waterG = water;
  return {
    id: PREPARED + preparation.id,
    name: preparation.name,
    aliases: [],
    ...kindOf(per100g, entries),
    state: 'processed',
    source: { kind: 'recalled', ref: 'worked out from its own lines' },
    per100g,
    spread,
    zeroByNature: new Set(),
    atLeast: openIn(entries),
    edibleShare: 1,
    portions: [],
    ...whatItHolds(entries),
    flags: CARRIED.filter((flag) => entries.some(({ food }) => food?.flags.includes(flag))),
    starchKind: 'blended',
  };
}

/** What steamed away was water: what 100 g hold besides the rest (ash about as the salt in it, and a gram). */
function waterLeft({ proteinG = 0, fatG = 0, carbohydrateG = 0, alcoholG = 0, sodiumMg = 0 }: Partial<Record<StoredNutrient, number>>): number {
  return Math.max(0, 100 - proteinG - fatG - carbohydrateG - alcoholG - (sodiumMg * 2.54) / 1000 - 0.5);
}

/** Figures that are only a lower bound, because a line is not known or not weighed. */
function openIn(entries: readonly Entry[]): ReadonlySet<StoredNutrient> {
  const open = new Set<StoredNutrient>();
  for (const { line, figures } of entries) {
    if (line.eaten === 'removed') continue;
    if (!figures || !line.grams) return new Set(STORED);
    if (line.grams.high > 0) for (const key of figures.unknown) if (STORED.includes(key as StoredNutrient)) open.add(key as StoredNutrient);
  }
  return open;
}

/** A thin one is a stock, a fat one an oil, what is between is a sauce. */
function kindOf(
  { waterG = 0, fatG = 0 }: Partial<Record<StoredNutrient, number>>,
  entries: readonly Entry[],
): Pick<Food, 'category' | 'fatForm' | 'densityGPerMl'> {
  const category: Category = waterG > WATERY ? 'broth' : fatG > FAT ? 'fat' : 'sauce';
  const { grams, ml } = contentsOf(entries);
  return { category, fatForm: category === 'fat' ? 'free' : 'dispersed', ...(ml > 0 ? { densityGPerMl: grams / ml } : {}) };
}
const WATERY = 90;
const FAT = 60;

function whatItHolds(entries: readonly Entry[]): Pick<Food, 'contains' | 'checks' | 'mayContain' | 'origins' | 'dietChecks'> {
  const foods = entries.flatMap(({ food }) => food ?? []);
  const unknown = entries.some(({ food }) => food === null);
  return {
    contains: foods.flatMap(({ name, contains }) => contains.map(({ allergen, via }) => ({ allergen, via: [name, ...via] }))),
    checks: [...foods.flatMap(({ checks }) => checks), ...(unknown ? ALLERGENS.map((allergen) => ({ allergen, why: WHY })) : [])],
    mayContain: foods.flatMap(({ mayContain }) => mayContain),
    origins: [...new Set(foods.flatMap(({ origins }) => origins))],
    dietChecks: [...foods.flatMap(({ dietChecks }) => dietChecks), ...(unknown ? DIETS.map((diet) => ({ diet, why: WHY })) : [])],
  };
}

/** The preparations a recipe takes something of. */
export const preparationsUsed = (recipe: Recipe): ReadonlySet<string> =>
  new Set(countedLines(recipe).flatMap(({ preparationId }) => preparationId ?? []));
