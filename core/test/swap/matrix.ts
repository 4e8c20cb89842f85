/**
 * The catalogue laid out as slot x direction: for each line a cream soup has, the swaps that take it towards each need.
 * Amounts are the usual ones; what is judged is one bowl.
 */
import { covers } from '../../allergen/board.ts';
import { dietsOfFood } from '../../allergen/diets.ts';
import type { Shelf } from '../../food/shelf.ts';
import { REGIMES } from '../../regime/regime.ts';
import { type Swap, type SwapPart, swapsFor } from '../../swap/data/swaps.ts';
import type { AllergenId, DietId } from '../../vocabulary/allergens.ts';
import type { Food } from '../../vocabulary/food.ts';
import { NUTRIENT_INDEX, type Nutrient } from '../../vocabulary/nutrient.ts';
import { DIRECTIONS, type Direction, MATRIX_SLOTS, type MatrixSlot } from './matrixTable.ts';

export interface Cell {
  slot: string;
  direction: string;
  /** False where the line has nothing to do with the direction. */
  asked: boolean;
  swapIds: string[];
}

/** Fewer than this is no choice. */
export const ENOUGH = 3;

const RULES = { coconutIsTreeNut: false, chestnutIsTreeNut: false, oatsHoldGluten: false };

/** Grams of each food of a swap for one gram of the line: the usual amounts, else the middle of what may be. */
export function usualAmounts(parts: readonly SwapPart[]): (readonly [foodId: string, grams: number])[] {
  return parts.flatMap(({ foods, least, most, usual }) => foods.map(([foodId, share]) => [foodId, share * (usual ?? (least + most) / 2)] as const));
}

const figure = (food: Food, nutrient: Nutrient, shelf: Shelf): number =>
  (shelf.figures(food, REGIMES.us).value[NUTRIENT_INDEX[nutrient]] as number) / 100;

/** What stays of a nutrient where the food is leached or rendered: the share the swap itself names. */
function kept(part: SwapPart, nutrient: Nutrient): number {
  if (!part.eaten) return 1;
  const leached = part.eaten.how === 'drained' && (nutrient === 'potassiumMg' || nutrient === 'sodiumMg');
  const rendered = part.eaten.how === 'rendered' && /[fF]atG$/.test(nutrient);
  return leached || rendered ? part.eaten.share : 1;
}

/** A nutrient of one bowl, of the line and of the swap in its place. */
function inBowl(slot: MatrixSlot, swap: Swap, nutrient: Nutrient, shelf: Shelf): { before: number; after: number } {
  const foodOf = (id: string) => shelf.food(id) as Food;
  const after = swap.parts.reduce(
    (sum, part) =>
      sum + usualAmounts([part]).reduce((own, [id, grams]) => own + grams * figure(foodOf(id), nutrient, shelf) * kept(part, nutrient), 0),
    0,
  );
  return { before: slot.grams * figure(foodOf(slot.foodId), nutrient, shelf), after: slot.grams * after };
}

const holdsAllergen = (food: Food, ids: readonly AllergenId[]): boolean =>
  food.contains.some(({ allergen }) => covers(allergen, RULES).some((id) => ids.includes(id)));
const breaksDiet = (food: Food, id: DietId): boolean =>
  dietsOfFood(food, RULES)
    .get(id)
    ?.some(({ state }) => state === 'breaks') ?? false;

function breaks(food: Food, direction: Extract<Direction, { kind: 'without' }>): boolean {
  return (
    holdsAllergen(food, direction.allergens ?? []) ||
    (direction.diets ?? []).some((id) => breaksDiet(food, id)) ||
    (direction.category !== undefined && food.category === direction.category)
  );
}

function cellOf(slot: MatrixSlot, direction: Direction, shelf: Shelf): Cell {
  const food = shelf.food(slot.foodId) as Food;
  const swaps = swapsFor(food);
  const cell = (asked: boolean, usable: (swap: Swap) => boolean): Cell => ({
    slot: slot.name,
    direction: direction.name,
    asked,
    swapIds: asked ? swaps.filter(usable).map(({ id }) => id) : [],
  });
  switch (direction.kind) {
    case 'without':
      return cell(breaks(food, direction), ({ parts }) => usualAmounts(parts).every(([id]) => !breaks(shelf.food(id) as Food, direction)));
    case 'less': {
      const now = slot.grams * figure(food, direction.nutrient, shelf);
      return cell(now >= direction.worth, (swap) => inBowl(slot, swap, direction.nutrient, shelf).after <= 0.8 * now);
    }
    case 'more':
      return cell(slot.enriches?.some((name) => name === direction.name) ?? false, (swap) => {
        const { before, after } = inBowl(slot, swap, direction.nutrient, shelf);
        return after - before >= direction.worth;
      });
    case 'smoother':
      return cell(slot.pieces ?? false, ({ parts, steps }) => {
        const solid = usualAmounts(parts).some(([id, grams]) => grams > 0.1 && direction.rough.includes((shelf.food(id) as Food).category));
        return !solid || steps.some(({ text }) => /until smooth|sieve/i.test(text));
      });
  }
}

export const swapMatrix = (shelf: Shelf): Cell[] => MATRIX_SLOTS.flatMap((slot) => DIRECTIONS.map((direction) => cellOf(slot, direction, shelf)));

/** The cells in which there is nothing to look for, by direction. */
export function emptyCells(cells: readonly Cell[]): string[] {
  return DIRECTIONS.map(({ name, kind }) => {
    const slots = cells.filter(({ direction, asked }) => direction === name && !asked).map(({ slot }) => slot);
    const why = { without: 'holds none', less: 'holds little of it', more: 'no place to bring it in', smoother: 'has no pieces' }[kind];
    return `${name}, ${why}: ${slots.join(', ')}`;
  });
}

/** The matrix as text: how many swaps in each cell, a dot where the line has nothing to do with the direction. */
export function matrixText(cells: readonly Cell[]): string {
  const width = Math.max(...MATRIX_SLOTS.map(({ name }) => name.length));
  const heads = DIRECTIONS.map(({ name }) => name);
  const row = (name: string, entries: readonly string[]) =>
    `${name.padEnd(width)} ${entries.map((entry, at) => entry.padStart((heads[at] as string).length + 1)).join('')}`;
  return [
    row('', heads),
    ...MATRIX_SLOTS.map(({ name }) =>
      row(
        name,
        heads.map((head) => {
          const found = cells.find(({ slot, direction }) => slot === name && direction === head);
          return found?.asked ? String(found.swapIds.length) : '.';
        }),
      ),
    ),
  ].join('\n');
}
