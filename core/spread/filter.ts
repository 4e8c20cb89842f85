/** Points of a spread that are wanted: without an allergen, with a swap, within bounds of its two measures. */
import { type AllergenRules, covers, factsOf } from '../allergen/board.ts';
import { REGIMES } from '../regime/regime.ts';
import { item } from '../swap/solver/linear.ts';
import { ALLERGENS, type AllergenId } from '../vocabulary/allergens.ts';
import type { Food } from '../vocabulary/food.ts';
import { countedLines } from '../vocabulary/recipe.ts';
import type { Spread } from './spread.ts';

export interface SpreadFilter {
  /** None of these in the pot, as far as the rows know; a label may say more. */
  without?: readonly AllergenId[];
  /** 'line:swap' of swaps that must be in it; 'line:' where the line must stay. */
  withSwaps?: readonly string[];
  x?: readonly [number, number];
  y?: readonly [number, number];
}

/** Of every slot and option, the allergens its foods hold, and of what is in no slot. */
interface Holds {
  always: ReadonlySet<AllergenId>;
  options: ReadonlySet<AllergenId>[][];
}

const known = new WeakMap<Spread, Holds>();

function holdsOf(spread: Spread): Holds {
  const before = known.get(spread);
  if (before) return before;
  const { judge, model } = spread;
  const { terms } = judge.asked;
  const rules: AllergenRules = {
    coconutIsTreeNut: terms.coconutIsTreeNut ?? false,
    chestnutIsTreeNut: terms.chestnutIsTreeNut ?? false,
    oatsHoldGluten: REGIMES[terms.regime ?? 'us'].oatsHoldGluten,
  };
  const of = (foods: readonly (Food | null | undefined)[]) =>
    new Set(foods.flatMap((food) => (food ? factsOf(food, rules).contains.flatMap(({ allergen }) => covers(allergen, rules)) : [])));
  const inSlots = new Set(model.slots.map(({ line }) => line.id));
  const rest = countedLines(judge.start.recipe).filter(({ id, stage }) => !inSlots.has(id) && stage !== 'plate');
  const holds: Holds = {
    always: of(rest.map(({ foodId }) => judge.shelf.food(foodId ?? ''))),
    options: model.slots.map(({ food, options }) =>
      options.map(({ swap, parts }) => of(swap ? parts.flatMap(({ foods }) => foods.map(([one]) => one)) : [food])),
    ),
  };
  known.set(spread, holds);
  return holds;
}

/** Allergens that some points hold and others do not, and how many are without. */
export function partingAllergens(spread: Spread): { id: AllergenId; without: number }[] {
  const { always } = holdsOf(spread);
  return ALLERGENS.flatMap((id) => {
    if (always.has(id)) return [];
    const without = pointsWhere(spread, { without: [id] }).length;
    return without > 0 && without < spread.points.length ? [{ id, without }] : [];
  });
}

export function pointsWhere(spread: Spread, { without = [], withSwaps = [], x, y }: SpreadFilter): number[] {
  const { model, points, values, axes } = spread;
  const { always, options } = holdsOf(spread);
  if (without.some((id) => always.has(id))) return [];
  // Per slot, the options that pass: a point is looked at by its numbers alone.
  const passes = model.slots.map(({ line, food, options: list }, slot) => {
    const id = food === null ? '' : line.id;
    const wanted = withSwaps.filter(
      (key) => key.slice(0, key.lastIndexOf(':')) === id && (food !== null || list.some(({ swap }) => key === `:${swap?.id}`)),
    );
    return list.map(
      ({ swap }, at) => !without.some((one) => options[slot]?.[at]?.has(one)) && wanted.every((key) => key === `${id}:${swap?.id ?? ''}`),
    );
  });
  const within = (bounds: readonly [number, number] | undefined, value: number) => bounds === undefined || (value >= bounds[0] && value <= bounds[1]);
  const [ofX, ofY] = axes.map(({ key }) => values.get(key) ?? []) as [number[], number[]];
  return points.flatMap(({ picked }, at) =>
    within(x, item(ofX, at)) && within(y, item(ofY, at)) && picked.every((option, slot) => passes[slot]?.[option]) ? [at] : [],
  );
}
