/** The taste of a whole pot, note by note, and what of it is lost or comes in between two pots (judgement of the trade; no source). */
import type { Entry } from '../bowl/entries.ts';
import { NOTE_ROWS, TASTED_NOTES, type TastedNote } from './data/flavours.ts';
import { flavourOf } from './flavour.ts';

/** Points of each note in a gram of the pot and what is on it; a food nobody knows tastes of nothing that could be told. */
export type PotFlavour = Readonly<Record<TastedNote, number>>;

export function potFlavour(entries: readonly Entry[], batchGrams: number, servings: number): PotFlavour {
  const points = Object.fromEntries(TASTED_NOTES.map((note) => [note, 0])) as Record<TastedNote, number>;
  if (batchGrams <= 0) return points;
  for (const { line, food, stay } of entries) {
    if (!food || !line.grams || line.stage === 'plate') continue;
    // What is strained off has given its taste to the liquid.
    const left = stay && line.eaten !== 'strained' ? stay.grams : 1;
    const grams = line.eaten === 'removed' ? 0 : line.grams.best * left * (line.perBowl ? servings : 1);
    const own = flavourOf(food);
    for (const note of TASTED_NOTES) points[note] += (own[note] * grams) / batchGrams;
  }
  return points;
}

export interface TasteShift {
  lost: TastedNote[];
  come: TastedNote[];
}

/** Lost is what was tasted and is there by half or less; come is what was not tasted and is now. Sweetness and what only follows it are not told. */
export function tasteShift(before: PotFlavour, after: PotFlavour): TasteShift {
  const told = TASTED_NOTES.filter((note) => note !== 'sweet');
  return {
    lost: told.filter((note) => before[note] >= NOTE_ROWS[note].tasted && after[note] <= before[note] * HALF),
    come: told.filter((note) => after[note] >= NOTE_ROWS[note].tasted && before[note] < NOTE_ROWS[note].tasted && after[note] > before[note] * TWICE),
  };
}
const HALF = 0.5;
const TWICE = 2;
