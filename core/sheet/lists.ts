/** What to weigh out, by the moment it is used; and what to buy, by where it stands in a shop. */
import { openPreparations } from '../bowl/preparation.ts';
import { kitchenMeasure } from '../food/measure.ts';
import type { Shelf } from '../food/shelf.ts';
import type { Category } from '../vocabulary/category.ts';
import type { Food } from '../vocabulary/food.ts';
import { countedLines, type Recipe, STAGES, type Stage } from '../vocabulary/recipe.ts';
import { gramsOf } from './ingredients.ts';

export interface WeighedOut {
  stage: Stage;
  items: { lineId: string; name: string; grams: number | null; measure: string; prep?: string }[];
}

/** Lines by the stage they go in at, in the order of the pot; what is said of one bowl, for all of them. */
export function weighOut(recipe: Recipe, shelf: Shelf): WeighedOut[] {
  const lines = countedLines(recipe);
  return STAGES.flatMap((stage) => {
    const items = lines
      .filter((line) => line.stage === stage)
      .map((line) => {
        const food = line.foodId === null ? undefined : shelf.food(line.foodId);
        const grams = gramsOf(line, recipe.servings);
        return {
          lineId: line.id,
          name: food?.name ?? line.text,
          grams,
          measure: grams !== null && food ? kitchenMeasure(food, grams) : '',
          ...(line.prep ? { prep: line.prep } : {}),
        };
      });
    return items.length > 0 ? [{ stage, items }] : [];
  });
}

export const IN_LARDER = 'in the larder already';
export const AISLES = [
  'vegetables and fruit',
  'dairy and eggs',
  'meat and fish',
  'bread',
  'cans and dry goods',
  'oils, sauces and spices',
  'frozen',
  'drinks',
  'else',
  IN_LARDER,
] as const;
export type Aisle = (typeof AISLES)[number];

const AISLE_OF: Readonly<Partial<Record<Category, Aisle>>> = {
  vegetable: 'vegetables and fruit',
  root: 'vegetables and fruit',
  leaf: 'vegetables and fruit',
  allium: 'vegetables and fruit',
  mushroom: 'vegetables and fruit',
  fruit: 'vegetables and fruit',
  herb: 'vegetables and fruit',
  dairy: 'dairy and eggs',
  egg: 'dairy and eggs',
  meat: 'meat and fish',
  poultry: 'meat and fish',
  fish: 'meat and fish',
  shellfish: 'meat and fish',
  bread: 'bread',
  pulse: 'cans and dry goods',
  grain: 'cans and dry goods',
  starch: 'cans and dry goods',
  'nut-seed': 'cans and dry goods',
  'plant-cream': 'cans and dry goods',
  broth: 'cans and dry goods',
  sweetener: 'cans and dry goods',
  fat: 'oils, sauces and spices',
  sauce: 'oils, sauces and spices',
  acid: 'oils, sauces and spices',
  spice: 'oils, sauces and spices',
  salt: 'oils, sauces and spices',
  alcohol: 'drinks',
};
const PACKS = ['can', 'carton', 'package', 'block', 'jar', 'bunch', 'head', 'each'] as const;

export interface ToBuy {
  foodId: string | null;
  name: string;
  /** As bought: with peel and trimmings. Of what is in the larder already, what is taken from there. */
  grams: number | null;
  /** Packs or pieces, rounded up, where the food comes in them; and what they weigh, g. */
  packs?: string;
  packGrams?: number;
  /** Grams that the larder gives besides. */
  fromLarder?: number;
}

/** Grams as bought that stand in the larder, by food. */
export type Stock = ReadonlyMap<string, number>;
const EMPTY_LARDER: Stock = new Map();

/** One line a food, over the soups and what they take of preparations, less what the larder has; water comes from the tap. */
export function shoppingList(
  written: Recipe | readonly Recipe[],
  ofKitchen: Shelf,
  larder: Stock = EMPTY_LARDER,
): { aisle: Aisle; items: ToBuy[] }[] {
  const rows = new Map<string, { food: Food | undefined; item: ToBuy }>();
  const soups = [written].flat().map((one) => openPreparations(one, ofKitchen));
  const lines = soups.flatMap(({ recipe, shelf }, soup) => countedLines(recipe).map((line) => ({ line, soup, servings: recipe.servings, shelf })));
  for (const { line, soup, servings, shelf } of lines) {
    const food = line.foodId === null ? undefined : shelf.food(line.foodId);
    if (food?.category === 'water') continue;
    const own = gramsOf(line, servings);
    const grams = own === null ? null : own / (food?.edibleShare || 1);
    // A line without a food is its own in each soup.
    const key = line.foodId ?? `${soup} ${line.id}`;
    const known = rows.get(key)?.item;
    if (known) known.grams = known.grams === null || grams === null ? null : known.grams + grams;
    else rows.set(key, { food, item: { foodId: line.foodId, name: food?.name ?? line.text, grams } });
  }
  const had = new Set<ToBuy>();
  for (const { food, item } of rows.values()) {
    const stock = larder.get(item.foodId ?? '') ?? 0;
    if (stock > 0 && (item.grams === null || item.grams <= stock)) {
      had.add(item);
      continue;
    }
    if (stock > 0 && item.grams !== null) {
      item.fromLarder = stock;
      item.grams -= stock;
    }
    if (food && item.grams !== null) Object.assign(item, packsOf(food, item.grams));
  }
  const shelfOf = ({ food, item }: { food: Food | undefined; item: ToBuy }): Aisle => (had.has(item) ? IN_LARDER : aisleOf(food));
  return AISLES.flatMap((aisle) => {
    const items = [...rows.values()].filter((row) => shelfOf(row) === aisle).map(({ item }) => item);
    return items.length > 0 ? [{ aisle, items: items.sort((a, b) => a.name.localeCompare(b.name)) }] : [];
  });
}

const aisleOf = (food: Food | undefined): Aisle =>
  !food ? 'else' : /\bfrozen\b/i.test(food.name) ? 'frozen' : food.state === 'canned' ? 'cans and dry goods' : (AISLE_OF[food.category] ?? 'else');

/** Whole packs or pieces that hold at least so much. A hair over a pack is a pack. */
function packsOf(food: Food, grams: number): Pick<ToBuy, 'packs' | 'packGrams'> {
  const pack = PACKS.map((measure) => food.portions.find((portion) => portion.measure === measure)).find((portion) => portion !== undefined);
  if (!pack || pack.grams < LEAST_PACK_G) return {};
  // A portion is edible grams; what is bought has its peel.
  const whole = pack.measure === 'each' || pack.measure === 'head' || pack.measure === 'bunch' ? pack.grams / (food.edibleShare || 1) : pack.grams;
  const count = Math.ceil(grams / whole - HAIR);
  const packs = pack.measure === 'each' ? `${count}` : `${count} ${pack.measure}${count === 1 ? '' : pack.measure === 'bunch' ? 'es' : 's'}`;
  return { packs, packGrams: count * whole };
}
/** What weighs less is bought by the spoon: nobody buys eleven cloves. */
const LEAST_PACK_G = 20;
const HAIR = 0.05;
