/** What stands beside a bowl, in words: '60 g wholemeal bread; 30 g cheddar', 'two slices of rye bread', 'nothing'. */
import type { Shelf } from '../food/shelf.ts';
import type { System } from '../quantity/units.ts';
import { chooseFood } from '../reading/chooseFood.ts';
import { weigh } from '../reading/grams.ts';
import { readLine } from '../reading/line.ts';
import type { Food } from '../vocabulary/food.ts';
import { MOST_BESIDE, MOST_BESIDE_GRAMS } from './plate.ts';
import type { Beside } from './types.ts';

export interface SaidBeside {
  sides: Beside[];
  /** Pieces that name no food, or no amount of it, as written. */
  unread: string[];
}

const NOTHING = /^(?:nothing|none|no sides?|-)$/i;
const WEIGHED = /^(\d+(?:[.,]\d+)?)\s*g\s+(?:of\s+)?(.+)$/i;

export function sayBeside(text: string, system: System, shelf: Shelf): SaidBeside {
  const sides: Beside[] = [];
  const unread: string[] = [];
  const pieces = text
    .split(/[;\n]/)
    .map((piece) => piece.trim())
    .filter(Boolean);
  if (pieces.length === 1 && NOTHING.test(pieces[0] as string)) return { sides, unread };
  for (const piece of pieces) {
    const side = byName(piece, shelf) ?? byLine(piece, system, shelf);
    if (side && sides.length < MOST_BESIDE && side.grams <= MOST_BESIDE_GRAMS) sides.push(side);
    else unread.push(piece);
  }
  return { sides, unread };
}

/** The words that read back as the same sides. */
export const besideWords = (sides: readonly Beside[], shelf: Shelf): string =>
  sides.length === 0
    ? 'nothing'
    : sides.map(({ foodId, grams }) => `${Number(grams.toFixed(1))} g ${(shelf.food(foodId)?.name ?? foodId).toLowerCase()}`).join('; ');

function byName(piece: string, shelf: Shelf): Beside | null {
  const found = WEIGHED.exec(piece);
  if (!found) return null;
  const name = (found[2] as string).toLowerCase();
  const food = shelf.foods.find((one) => one.name.toLowerCase() === name || one.id === name);
  const grams = Number((found[1] as string).replace(',', '.'));
  return food && grams > 0 ? { foodId: food.id, grams } : null;
}

/** As a line of a recipe is read; a food that is only guessed at is none. */
function byLine(piece: string, system: System, shelf: Shelf): Beside | null {
  const written = readLine(piece);
  const context = { shelf, system, bowls: 1, doubts: [], phrases: new Map<string, string>() };
  const line = { id: 'beside', stage: 'plate', text: piece, foodId: null, grams: null } as const;
  const food: Food | null = chooseFood(written, line, { lineId: line.id, textLine: 0 }, context);
  const grams = food && weigh(written.amount, food, system, written.food)?.grams.best;
  return food && grams ? { foodId: food.id, grams: Math.round(grams * 10) / 10 } : null;
}
