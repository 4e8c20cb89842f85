/** What a food that stands on no shelf could hold, told by the words it goes by. */
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
