/** The salt a pot is still to get: its open salt lines, what brings it to the house's band, and what a bowl has then. A proposal, never counted. */
import { type Entry, entriesOf } from '../bowl/entries.ts';
import { type SaltBand, saltToBand } from '../food/seasoning.ts';
import type { Shelf } from '../food/shelf.ts';
import { REGIMES } from '../regime/regime.ts';
import { NUTRIENT_INDEX } from '../vocabulary/nutrient.ts';
import { countedLines, type Grams, type Recipe } from '../vocabulary/recipe.ts';

export interface Seasoning {
  band: SaltBand;
  /** Lines of salt without an amount; the first takes the proposal. */
  lineIds: string[];
  /** For the whole pot. */
  grams: Grams;
  words: string;
  /** What the proposal adds to one bowl. */
  sodiumMg: number;
}

const SODIUM_MG_A_GRAM = 393;

/** Null where no line of salt in the pot is open. `mostSodiumMg` is what one bowl may still take under its limit. */
export function seasoningOf(
  recipe: Recipe,
  { potGrams, servings }: { potGrams: number; servings: number },
  shelf: Shelf,
  band: SaltBand = 'common',
  mostSodiumMg = Number.POSITIVE_INFINITY,
): Seasoning | null {
  const open = countedLines(recipe).filter(
    ({ stage, foodId, grams }) =>
      grams === null && stage !== 'plate' && stage !== 'bowl' && foodId !== null && shelf.food(foodId)?.category === 'salt',
  );
  if (open.length === 0 || potGrams <= 0) return null;
  const inPot = (entry: Entry) => entry.line.stage !== 'plate' && entry.line.stage !== 'bowl';
  const sodiumMg = entriesOf(recipe, REGIMES.us, shelf)
    .filter(inPot)
    .reduce((sum, { line, figures }) => sum + ((line.grams?.best ?? 0) * (figures?.value[NUTRIENT_INDEX.sodiumMg] ?? 0)) / 100, 0);
  const { grams, words } = saltToBand(potGrams, sodiumMg, band, mostSodiumMg * servings);
  return { band, lineIds: open.map(({ id }) => id), grams, words, sodiumMg: (grams.best * SODIUM_MG_A_GRAM) / servings };
}
