/** The why beside each step of a handout: what is true of its words and of what is in this pot. */
import type { Shelf } from '../food/shelf.ts';
import { countedLines, type Recipe, type Step } from '../vocabulary/recipe.ts';
import { WHYS, type Why } from './data/whys.ts';

export interface TaughtStep {
  step: Step;
  whys: Pick<Why, 'id' | 'why' | 'otherwise' | 'differs'>[];
}

/** More beside one step are read by nobody. */
const MOST_WHYS = 3;

/** Each reason once, beside the first step it is true of: foods that a row names have to go in there, or be in already where nothing is named. */
export function whysOf(recipe: Recipe, shelf: Shelf): TaughtStep[] {
  const ids = new Map(countedLines(recipe).map(({ id, foodId }) => [id, foodId ?? '']));
  const said = new Set<string>();
  const inPot = new Set<string>();
  return recipe.steps.map((step) => {
    const here = (step.uses ?? []).map((id) => ids.get(id) ?? '');
    for (const id of here) inPot.add(id);
    const spoken = here.length > 0 ? here : [...inPot];
    const isThere = (row: Why, among: readonly string[]) =>
      row.foods === undefined || row.foods.some((food) => among.some((id) => isOf(id, food, shelf)));
    // What is true of this food comes before what is true of any.
    const whys = WHYS.filter(
      (row) =>
        !said.has(row.id) &&
        (row.stages?.includes(step.stage) ?? true) &&
        row.said.test(step.text) &&
        isThere(row, STAYS.has(row.id) ? [...inPot] : spoken),
    )
      .sort((a, b) => Number(a.foods === undefined) - Number(b.foods === undefined))
      .slice(0, MOST_WHYS);
    for (const { id } of whys) said.add(id);
    return { step, whys: whys.map(({ id, why, otherwise, differs }) => ({ id, why, otherwise, ...(differs ? { differs } : {}) })) };
  });
}

/** Reasons about what is in the pot from before: the blender meets potato that went in long ago. */
const STAYS: ReadonlySet<string> = new Set(['potatoBrief', 'starchBoil', 'bayOut', 'boilPulses', 'acidPulses', 'greenShort', 'reduceWine']);

/** 'cream' is every cream and no 'cream-cheese'-like accident of letters: the id begins with the word, and ends or goes on with a dash. */
const isOf = (foodId: string, food: string, shelf: Shelf): boolean =>
  (foodId === food || foodId.startsWith(`${food}-`) || (foodId.startsWith(food) && foodId.slice(food.length).startsWith('s'))) &&
  shelf.food(foodId) !== undefined;
