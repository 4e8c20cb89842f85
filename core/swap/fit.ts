/**
 * What suits this soup and what it is called after: what a cook looks at before the figures. In units of a swap's distance of flavour, added
 * to the swap's own. All of it a judgement of the trade (common practice, no source).
 */
import type { AllergenRules } from '../allergen/board.ts';
import { dietsOfFood } from '../allergen/diets.ts';
import type { Shelf } from '../food/shelf.ts';
import { calledInSteps } from '../method/entry.ts';
import { headWords } from '../reading/heads.ts';
import { tokensOf } from '../reading/match.ts';
import type { DietId } from '../vocabulary/allergens.ts';
import { type Category, isOf } from '../vocabulary/category.ts';
import type { Food } from '../vocabulary/food.ts';
import { countedLines, type Line, type Recipe } from '../vocabulary/recipe.ts';
import { LEAVES_DIET, LIKE_KINDS, NEW_ALLERGEN, OTHER_KIND, RENAL, RICH_IN_POTASSIUM, STYLES } from './data/styles.ts';
import type { Swap } from './data/swap.ts';

/** Giving up what a soup is called after, or its heaviest vegetable: it comes last. */
const OTHER_SOUP = 1.6;
/** And with nothing in its place there is hardly a soup. */
const NOTHING_INSTEAD = 0.8;
/** Another of its kind keeps a part of the name: one cheese for another. */
const SAME_KIND = 0.4;
/** What stays of a dear food when there is less of it. */
export const DEAR_STAYS = 0.45;

export class Fit {
  private readonly foods: readonly Food[];
  private readonly ids: ReadonlySet<string>;
  private readonly dear: ReadonlySet<string>;
  private readonly kept: readonly DietId[];
  private readonly rules: AllergenRules;
  private readonly shelf: Shelf;
  /** Potassium or phosphorus is limited. */
  private readonly renal: boolean;

  constructor(recipe: Recipe, shelf: Shelf, rules: AllergenRules, renal: boolean) {
    this.renal = renal;
    const lines = countedLines(recipe);
    this.shelf = shelf;
    this.rules = rules;
    this.foods = lines.flatMap(({ foodId }) => shelf.food(foodId ?? '') ?? []);
    this.ids = new Set(this.foods.map(({ id }) => id));
    this.dear = dearLines(recipe, shelf);
    const keeps = (diet: DietId) => this.foods.every((food) => !this.breaks(food, diet));
    this.kept = [...LEAVES_DIET.keys()].filter(keeps);
  }

  /** Whether the soup is called after this line, or it is the heaviest of its vegetables. */
  isDear({ id }: Line): boolean {
    return this.dear.has(id);
  }

  /** How much further off a swap is in this soup than in any; `forced` where the line may not stay. */
  extra(swap: Swap, line: Line, own: Food | null, forced: boolean): number {
    const foods = swap.parts.flatMap(({ foods: list }) => list.flatMap(([id]) => this.shelf.food(id) ?? []));
    const brought = foods.filter(({ id }) => !this.ids.has(id));
    const stays = own !== null && foods.some((food) => food.id === own.id || isOfName(food, own));
    const left = this.kept.filter((diet) => brought.some((food) => this.breaks(food, diet)));
    const had = new Set(this.foods.flatMap(({ contains }) => contains.map(({ allergen }) => allergen)));
    const isNew = brought.some(({ contains }) => contains.some(({ allergen }) => !had.has(allergen)));
    return (
      (this.isDear(line) && !stays ? OTHER_SOUP * (foods.some(({ category }) => category === own?.category) ? SAME_KIND : 1) : 0) +
      (this.isDear(line) && foods.length === 0 ? NOTHING_INSTEAD : 0) +
      Math.max(0, ...left.map((diet) => LEAVES_DIET.get(diet) ?? 0)) +
      (isNew ? NEW_ALLERGEN : 0) +
      (own && !forced && brought.some(({ category }) => category !== own.category && !LIKE_KINDS.has(category)) ? OTHER_KIND : 0) +
      (this.renal && brought.some(({ category }) => RICH_IN_POTASSIUM.has(category)) ? RENAL : 0) +
      brought.reduce((sum, food) => sum + this.strange(food), 0)
    );
  }

  private breaks(food: Food, diet: DietId): boolean {
    return (
      dietsOfFood(food, this.rules)
        .get(diet)
        ?.some(({ state }) => state === 'breaks') ?? false
    );
  }

  /** A flavour that this soup's kitchen does not know. */
  private strange({ id }: Food): number {
    const style = STYLES.find(({ brings }) => brings.test(id));
    return style && !this.foods.some((food) => style.suits.test(food.id)) ? style.cost : 0;
  }
}

/** The same under its name, boiled at home or out of a can: the soup keeps what it is called after. */
export const isOfName = (one: Food, other: Food): boolean => calledInSteps(one) === calledInSteps(other);

/** Lines the title names, and the heaviest vegetable or pulse of the pot; never a liquid or what seasons. */
export function dearLines(recipe: Recipe, shelf: Shelf): ReadonlySet<string> {
  const title = new Set(tokensOf(recipe.title));
  const lines = countedLines(recipe).flatMap((line) => {
    const food = shelf.food(line.foodId ?? '');
    return food && !isOf(food.category, 'liquid') && food.category !== 'fat' && line.eaten !== 'removed' ? [{ line, food }] : [];
  });
  const named = lines.filter(({ line }) => [...headWords(line, shelf)].some((word) => title.has(word) && !UNTELLING.has(word)));
  const heaviest = lines
    .filter(({ food }) => isOf(food.category, 'vegetable') || food.category === 'pulse')
    .sort((a, b) => (b.line.grams?.best ?? 0) - (a.line.grams?.best ?? 0))[0];
  // Fish or meat that is a quarter of what is solid is what the soup is, whatever it is called: a skink without its haddock.
  const grams = ({ line }: (typeof lines)[number]): number => line.grams?.best ?? 0;
  const flesh = lines.filter((one) => FLESH.has(one.food.category) && !SEASONING_MEAT.test(one.food.id)).sort((a, b) => grams(b) - grams(a))[0];
  const isMain =
    flesh !== undefined && grams(flesh) >= MAIN_FLESH * lines.reduce((sum, one) => sum + (isOf(one.food.category, 'solid') ? grams(one) : 0), 0);
  return new Set([...named, ...(heaviest ? [heaviest] : []), ...(isMain ? [flesh] : [])].map(({ line }) => line.id));
}

const FLESH: ReadonlySet<Category> = new Set<Category>(['meat', 'poultry', 'fish', 'shellfish']);
/** Cured meat seasons a soup, however much of it. */
const SEASONING_MEAT = /bacon|pancetta|lardon|prosciutto|chorizo|anchov/;
/** From this share of what is solid (judgement, no source). */
const MAIN_FLESH = 0.25;

/** 'Cream of leek' and 'creamed' name the manner, not the cream. */
const UNTELLING = new Set([
  'cream',
  'crema',
  'creme',
  'veloute',
  'milk',
  'soup',
  'broth',
  'stock',
  'vegetable',
  'herb',
  'spice',
  'water',
  'butter',
  'oil',
]);
