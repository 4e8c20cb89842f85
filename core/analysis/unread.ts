/** Text that nobody understood, and a pot with nothing in it, as lines of the board: what is not read can hold anything. */
import type { CountedLine } from '../allergen/board.ts';
import type { Recipe } from '../vocabulary/recipe.ts';

/** Ids of what was not read, beside those of the lines; a line of the recipe never begins so. */
const UNREAD_ID = 'unread:';
export const isUnreadId = (lineId: string): boolean => lineId.startsWith(UNREAD_ID);

const hides = (id: string, text: string): CountedLine => ({ line: { id, stage: 'simmer', text, foodId: null, grams: null }, food: null });

/** The counted lines with what hides beside them. */
export function withUnread(recipe: Recipe, counted: readonly CountedLine[]): readonly CountedLine[] {
  const unread = (recipe.unread ?? []).map((text, index) => hides(`${UNREAD_ID}${index + 1}`, text));
  const holds = counted.some(({ line }) => line.stage !== 'plate' && line.eaten !== 'removed' && (line.grams === null || line.grams.high > 0));
  if (!holds) unread.push(hides(`${UNREAD_ID}pot`, 'Nothing is in the pot'));
  return unread.length > 0 ? [...counted, ...unread] : counted;
}
