/** Does a bowl make a meal: what it gives of each kind of food, what a plate still lacks, and what could stand beside it. */
import { type AnalyseOptions, type Analysis, analyse } from '../analysis/analysis.ts';
import { openPreparations } from '../bowl/preparation.ts';
import type { Shelf } from '../food/shelf.ts';
import type { Needs } from '../swap/needs.ts';
import { judgeNeeds } from '../swap/verdict.ts';
import { type Category, isOf } from '../vocabulary/category.ts';
import type { Nutrient } from '../vocabulary/nutrient.ts';
import { countedLines, type Line, type Recipe } from '../vocabulary/recipe.ts';
import { SIDES, type Side } from './data/sides.ts';

export const FOOD_GROUPS = ['vegetables', 'fruit', 'pulses', 'dairy', 'grain', 'protein'] as const;
export type FoodGroup = (typeof FOOD_GROUPS)[number];

/** One portion, g as they go in (UK '5 a day' and food group guides, from memory; the house's own measure comes before it). */
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
}

export interface SideOffer {
  id: string;
  name: string;
  foods: { foodId: string; name: string; grams: number }[];
  /** Of bowl and side together. */
  plate: Record<'energyKcal' | 'proteinG' | 'fibreG' | 'saturatedFatG' | 'sodiumMg', number>;
}

export interface Meal {
  groups: GroupShare[];
  /** What one bowl, with what stands beside it already, still lacks; empty where it makes a meal. */
  lacks: { nutrient: Nutrient; have: number; target: number; message: string }[];
  /** At most three, each of which every need that was asked would bear. */
  sides: SideOffer[];
}

/** What a main meal is asked to bring where nobody says otherwise (common practice of dietitians: a third of the day, from memory). */
export const MEAL_TARGETS = { energyKcal: 450, proteinG: 20, fibreG: 8 } as const satisfies Partial<Record<Nutrient, number>>;
const MOST_SIDES = 3;
const WORDS = { energyKcal: ['energy', 'kcal'], proteinG: ['protein', 'g'], fibreG: ['fibre', 'g'] } as const;

export function mealOf(recipe: Recipe, analysis: Analysis, needs: Needs, options: AnalyseOptions, shelf: Shelf): Meal {
  const served = analysis.plateServing ?? analysis.perServing;
  const targets = Object.entries(MEAL_TARGETS) as [keyof typeof MEAL_TARGETS, number][];
  const lacks = targets.flatMap(([nutrient, target]) => {
    const have = served[nutrient].value;
    const [name, unit] = WORDS[nutrient];
    return have >= target
      ? []
      : [
          {
            nutrient,
            have,
            target,
            message: `${name} ${Math.round(have)} of the ${target} ${unit} a main meal brings${served[nutrient].atLeast ? ', or more' : ''}`,
          },
        ];
  });
  return { groups: groupsOf(recipe, analysis, shelf), lacks, sides: lacks.length === 0 ? [] : sidesFor(recipe, needs, options, shelf) };
}

function groupsOf(written: Recipe, analysis: Analysis, ofKitchen: Shelf): GroupShare[] {
  const { recipe, shelf } = openPreparations(written, ofKitchen);
  const grams = new Map<FoodGroup, number>();
  for (const line of countedLines(recipe)) {
    const food = line.foodId === null ? undefined : shelf.food(line.foodId);
    const counted = food && line.eaten !== 'removed' && line.eaten !== 'strained' ? groupOf(food.category, food.id, food.state) : null;
    if (!counted || !line.grams) continue;
    const bowl = line.perBowl ? line.grams.best : line.grams.best / analysis.servings;
    grams.set(counted.group, (grams.get(counted.group) ?? 0) + bowl * counted.by);
  }
  return FOOD_GROUPS.flatMap((group) => {
    const own = grams.get(group) ?? 0;
    return own < 1 ? [] : [{ group, grams: own, portions: own / PORTION_GRAMS[group] }];
  });
}

/** The sides that bring most of what is lacking, of those that break nothing that was asked, by the whole analysis with them on the plate. */
function sidesFor(recipe: Recipe, needs: Needs, options: AnalyseOptions, shelf: Shelf): SideOffer[] {
  const broken = new Set(brokenBy(recipe, analyse(recipe, options, shelf), needs, shelf));
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
    const of = (nutrient: keyof SideOffer['plate']) => figures[nutrient].value;
    const plate = {
      energyKcal: of('energyKcal'),
      proteinG: of('proteinG'),
      fibreG: of('fibreG'),
      saturatedFatG: of('saturatedFatG'),
      sodiumMg: of('sodiumMg'),
    };
    const foods = side.foods.map(([foodId, grams]) => ({ foodId, name: shelf.food(foodId)?.name ?? foodId, grams }));
    return [{ id: side.id, name: side.name, foods, plate }];
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
