/** What a food that stands on no shelf could hold, told by the words it goes by. */
import type { Declares } from '../allergen/board.ts';
import type { Shelf } from '../food/shelf.ts';
import type { AllergenId, DietId } from '../vocabulary/allergens.ts';
import { readLine } from './line.ts';
import { matchFood, wordTokens } from './match.ts';
import { UNKNOWN_KINDS, type UnknownKind } from './unknownKinds.ts';
import { OPPOSITES } from './words.ts';

const BY_NOUN: ReadonlyMap<string, UnknownKind> = new Map(UNKNOWN_KINDS.flatMap((row) => row.nouns.split(', ').map((noun) => [noun, row] as const)));
/** What is joined or stuffed is more than its last word; in more words than this no one names a food. */
const JOINED = /\b(?:and|or|with|in|of|on|from|stuffed|filled|coated)\b|[/&+]/i;
const MOST_WORDS = 5;
const MOST_READ = 200;

/** What an unknown food could hold: the kind its last word tells, with all that its other words could mean; undefined where anything may be in it. */
export function unknownKind(text: string, shelf: Shelf): { kind: string; could: ReadonlySet<AllergenId>; diets: ReadonlySet<DietId> } | undefined {
  const { food } = readLine(text.slice(0, MOST_READ));
  const tokens = wordTokens(food);
  const last = BY_NOUN.get(tokens.at(-1) ?? '');
  if (!last || tokens.length > MOST_WORDS || JOINED.test(food) || tokens.some((token) => OPPOSITES.has(token))) return undefined;
  const could = new Set(last.could);
  const diets = new Set(last.diets);
  for (const token of tokens.slice(0, -1)) {
    const other = BY_NOUN.get(token);
    for (const id of other?.could ?? []) could.add(id);
    for (const id of other?.diets ?? []) diets.add(id);
    const match = matchFood(token, shelf);
    const named = match.kind === 'food' ? shelf.food(match.foodId) : undefined;
    for (const { allergen } of [...(named?.contains ?? []), ...(named?.checks ?? [])]) could.add(allergen);
  }
  return { kind: last.kind, could, diets };
}

const kinds = new WeakMap<Shelf, Map<string, Declares | null>>();
const MOST_KEPT = 500;

/** An unknown food as the board takes it: everything its kind could hold is to be looked up; null where that is all there is. */
export function declaresOfUnknown(text: string, shelf: Shelf): Declares | null {
  let known = kinds.get(shelf);
  if (!known || known.size > MOST_KEPT) kinds.set(shelf, (known = new Map()));
  let declares = known.get(text);
  if (declares === undefined) known.set(text, (declares = declare(text, shelf)));
  return declares;
}

function declare(text: string, shelf: Shelf): Declares | null {
  const found = unknownKind(text, shelf);
  if (!found) return null;
  const why = `it is not known which food this is: ${found.kind} may hold it`;
  return {
    name: text,
    contains: [],
    checks: [...found.could].map((allergen) => ({ allergen, why })),
    mayContain: [],
    origins: [],
    dietChecks: [...found.diets].map((diet) => ({ diet, why })),
  };
}
