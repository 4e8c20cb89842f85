/** Does a bowl make a meal: what it gives of each kind of food, what a plate still lacks, and what could stand beside it. */
import { type AnalyseOptions, type Analysis, analyse } from '../analysis/analysis.ts';
import { type Lack, lacksOf, MEAL_TARGETS } from '../analysis/meal.ts';
import type { Shelf } from '../food/shelf.ts';
import type { Needs } from '../swap/needs.ts';
import { judgeNeeds } from '../swap/verdict.ts';
import { type Category, isOf } from '../vocabulary/category.ts';
import { countedLines, type Line, type Preparation, type Recipe } from '../vocabulary/recipe.ts';
import { SIDES, type Side } from './data/sides.ts';

export const FOOD_GROUPS = ['vegetables', 'fruit', 'pulses', 'dairy', 'grain', 'protein'] as const;
export type FoodGroup = (typeof FOOD_GROUPS)[number];

/** One portion, g as they go in: vegetables, fruit and pulses after the UK's '5 a day', the rest after common food group guides; from memory. */
export const PORTION_GRAMS: Readonly<Record<FoodGroup, number>> = { vegetables: 80, fruit: 80, pulses: 80, dairy: 200, grain: 40, protein: 70 };
/** Dry pulses weigh so many times as much when they are cooked (science of the bowl, section 2). */
const DRY_PULSE = 2.5;
/** Cheese counts for so many times its weight of milk (30 g for a glass of 200 ml). */
const CHEESE = 6.7;

function groupOf(category: Category, id: string, state: string): { group: FoodGroup; by: number } | null {
  if (category === 'pulse') return { group: 'pulses', by: state === 'dry' ? DRY_PULSE : 1 };
  if (category === 'fruit') return { group: 'fruit', by: 1 };
  // A potato is counted with bread and grain, in its weight of them.
  if (/^(?:potato|sweet-potato|cassava|taro|plantain|yam)/.test(id)) return { group: 'grain', by: 0.3 };
  if (isOf(category, 'vegetable')) return { group: 'vegetables', by: 1 };
  if (category === 'grain' || category === 'bread') return { group: 'grain', by: 1 };
  if (category === 'dairy')
    return /^(?:butter|ghee|cream|sour-cream|creme|mascarpone)/.test(id)
      ? null
      : {
          group: 'dairy',
          by: /cheddar|parmesan|grana|gruyere|emmental|gouda|brie|blue|feta|mozzarella|pecorino|provolone|jack|cheese/.test(id) ? CHEESE : 1,
        };
  if (category === 'meat' || category === 'poultry' || category === 'fish' || category === 'shellfish' || category === 'egg')
    return { group: 'protein', by: 1 };
  return null;
}

export interface GroupShare {
  group: FoodGroup;
  /** In one bowl, as the food is counted. */
  grams: number;
  portions: number;
  /** A line of the group is not weighed, or a preparation holds some of it: there is more. */
  atLeast: boolean;
}

export interface SideOffer {
  id: string;
  name: string;
  foods: { foodId: string; name: string; grams: number }[];
  /** Of bowl and side together. */
  plate: Record<'energyKcal' | 'proteinG' | 'fibreG' | 'saturatedFatG' | 'sodiumMg', number>;
  /** One of these is a lower bound, since something in the bowl is not known. */
  atLeast: boolean;
}

export interface Meal {
  groups: GroupShare[];
  /** What one bowl, with what stands beside it already, still lacks; empty where it makes a meal. */
  lacks: Lack[];
  /** At most three, each of which every need that was asked would bear. */
  sides: SideOffer[];
}

const MOST_SIDES = 3;
const SHOWN = ['energyKcal', 'proteinG', 'fibreG', 'saturatedFatG', 'sodiumMg'] as const;

export function mealOf(recipe: Recipe, analysis: Analysis, needs: Needs, options: AnalyseOptions, shelf: Shelf): Meal {
  const lacks = lacksOf(analysis.plateServing ?? analysis.perServing);
  return { groups: groupsOf(recipe, analysis, shelf), lacks, sides: lacks.length === 0 ? [] : sidesFor(recipe, analysis, needs, options, shelf) };
}

function groupsOf(recipe: Recipe, analysis: Analysis, shelf: Shelf): GroupShare[] {
  const grams = new Map<FoodGroup, number>();
  const open = new Set<FoodGroup>();
  for (const line of eatenLines(recipe)) {
    // How much of a preparation's vegetables reach a bowl is not worked out: what it holds is told as more.
    for (const group of heldBy(line, recipe.preparations ?? [], shelf)) open.add(group);
    const counted = groupOfLine(line, shelf);
    if (!counted) continue;
    if (!line.grams) open.add(counted.group);
    const best = (line.grams?.best ?? 0) / (line.perBowl ? 1 : analysis.servings);
    grams.set(counted.group, (grams.get(counted.group) ?? 0) + best * counted.by);
  }
  return FOOD_GROUPS.flatMap((group) => {
    const own = grams.get(group) ?? 0;
    const atLeast = open.has(group);
    return own < 1 && !atLeast ? [] : [{ group, grams: own, portions: own / PORTION_GRAMS[group], atLeast }];
  });
}

const eatenLines = (recipe: Pick<Recipe, 'lines'>): Line[] => countedLines(recipe).filter(({ eaten }) => eaten !== 'removed' && eaten !== 'strained');

function groupOfLine({ foodId }: Line, shelf: Shelf): ReturnType<typeof groupOf> {
  const food = foodId === null ? undefined : shelf.food(foodId);
  return food ? groupOf(food.category, food.id, food.state) : null;
}

function heldBy({ preparationId }: Line, all: readonly Preparation[], shelf: Shelf): FoodGroup[] {
  const one = all.find(({ id }) => id === preparationId);
  return one ? eatenLines(one).flatMap((line) => groupOfLine(line, shelf)?.group ?? []) : [];
}

/** The sides that bring most of what is lacking, of those that break nothing that was asked, by the whole analysis with them on the plate. */
function sidesFor(recipe: Recipe, own: Analysis, needs: Needs, options: AnalyseOptions, shelf: Shelf): SideOffer[] {
  const broken = new Set(brokenBy(recipe, own, needs, shelf));
  const offers = SIDES.flatMap((side) => {
    const lines = linesOf(side, shelf);
    if (!lines) return [];
    // What it holds itself, whatever the soup holds; and what the plate comes to with it.
    const alone: Recipe = { title: side.name, servings: 1, lines: lines.map((line) => ({ ...line, stage: 'simmer' })), steps: [] };
    const { limits: _, body: __, smooth: ___, ...kinds } = needs;
    if (brokenBy(alone, analyse(alone, options, shelf), kinds, shelf).length > 0) return [];
    const beside: Recipe = { ...recipe, lines: [...recipe.lines, ...lines] };
    const analysis = analyse(beside, options, shelf);
    if (brokenBy(beside, analysis, needs, shelf).some((need) => !broken.has(need))) return [];
    const figures = analysis.plateServing ?? analysis.perServing;
    const plate = Object.fromEntries(SHOWN.map((nutrient) => [nutrient, figures[nutrient].value])) as SideOffer['plate'];
    const foods = side.foods.map(([foodId, grams]) => ({ foodId, name: shelf.food(foodId)?.name ?? foodId, grams }));
    const atLeast = SHOWN.some((nutrient) => figures[nutrient].atLeast);
    return [{ id: side.id, name: side.name, foods, plate, atLeast }];
  });
  const reached = ({ plate }: SideOffer) =>
    2 * Math.min(1, plate.proteinG / MEAL_TARGETS.proteinG) +
    Math.min(1, plate.energyKcal / MEAL_TARGETS.energyKcal) +
    Math.min(1, plate.fibreG / MEAL_TARGETS.fibreG);
  // Among those that bring as much, the one with less salt.
  const best = offers.sort((a, b) => reached(b) - reached(a) || a.plate.sodiumMg - b.plate.sodiumMg);
  // Beans of three kinds are one thing to a table.
  const kinds = new Set<string>();
  return best
    .filter(({ foods }) => {
      const kind = shelf.food(foods[0]?.foodId ?? '')?.category ?? '';
      return !kinds.has(kind) && kinds.add(kind);
    })
    .slice(0, MOST_SIDES);
}

/** Needs, by kind and place, that a plate breaks or of which nothing can be told. */
const brokenBy = (recipe: Recipe, analysis: Analysis, needs: Needs, shelf: Shelf): string[] =>
  judgeNeeds({ ...needs, scope: 'plate' }, { recipe, analysis, original: { recipe, analysis }, shelf })
    .filter(({ state }) => state === 'breaks' || state === 'cannotTell')
    .map(({ need }) => JSON.stringify(need));

function linesOf({ id, foods }: Side, shelf: Shelf): Line[] | null {
  if (foods.some(([foodId]) => !shelf.food(foodId))) return null;
  return foods.map(
    ([foodId, grams]): Line => ({
      id: `side-${id}-${foodId}`,
      stage: 'plate',
      text: shelf.food(foodId)?.name ?? foodId,
      foodId,
      grams: { best: grams, low: grams, high: grams },
      perBowl: true,
    }),
  );
}
