/** Scores the reader against readings written by hand: food, grams within a tenth, stage; and where it says that it doubts. */
import { SHELF } from '../food/shelf.ts';
import { type Reading, readRecipe } from '../reading/read.ts';
import type { Line } from '../vocabulary/recipe.ts';
import type { LineRow, RecipeRow } from './reading/row.ts';

const TOLERANCE = 0.1;
/** Doubts that say no more than that the text has no amount, or what is bought and eaten: not that the reader is unsure of its reading. */
const OF_THE_TEXT = new Set(['amount.toTaste', 'asBought', 'choice', 'servings.missing', 'food.make']);

export interface Scored {
  text: string;
  /** Food and grams as written by hand. */
  right: boolean;
  /** A doubt stands on the line. */
  doubted: boolean;
  /** A doubt that asks about the reading and not about what the text leaves out. */
  unsure: boolean;
  stageRight: boolean | null;
  got: string;
  want: string;
}

const close = (got: number | null | undefined, want: number | null): boolean =>
  want === null || (got != null && Math.abs(got - want) <= want * TOLERANCE);
const answers = (line: Line | undefined, foods: string | null): boolean =>
  line !== undefined && (foods === null ? line.foodId === null : foods.split(' or ').includes(line.foodId ?? ''));
const show = (line: Line | undefined): string => (line ? `${line.foodId} ${line.grams?.best ?? '-'} ${line.stage}` : 'no line');

const score = (
  reading: Reading,
  line: Line | undefined,
  rights: { right: boolean; stageRight: boolean | null },
  text: string,
  got: string,
  want: string,
): Scored => {
  const doubts = reading.doubts.filter(({ lineId }) => lineId !== null && lineId === line?.id);
  return { text, ...rights, doubted: doubts.length > 0, unsure: doubts.some(({ code }) => !OF_THE_TEXT.has(code)), got, want };
};

export function scoreLine([measures, text, food, grams]: LineRow): Scored {
  const reading = readRecipe(`A soup\nServes 4\n\nIngredients\n${text}\n\nMethod\n1. Simmer 20 minutes.\n2. Blend.`, { measures }, SHELF);
  const lines = reading.recipe.lines.filter((line) => line.partOf === undefined);
  const foods = food === null ? [null] : food.split(/ [/+] /);
  const choice = food?.includes(' / ') ?? false;
  const right =
    lines.length === foods.length &&
    foods.every((one, i) => answers(lines[i], one)) &&
    (food?.includes(' + ') || close(lines[0]?.grams?.best, grams)) &&
    (!choice || lines.every((line) => line.choiceOf !== undefined));
  return score(reading, lines[0], { right, stageRight: null }, text, lines.map(show).join(' ; '), `${food} ${grams}`);
}

export interface ScoredRecipe {
  id: string;
  reading: Reading;
  lines: Scored[];
  servingsRight: boolean;
  /** Lines the reader made that nobody wrote down. */
  extra: string[];
}

export function scoreRecipe(row: RecipeRow): ScoredRecipe {
  const reading = readRecipe(row.text, { measures: row.measures }, SHELF);
  const free = reading.recipe.lines.filter((line) => line.partOf === undefined);
  const lines = row.lines.map(([food, grams, stage]): Scored => {
    const at = free.findIndex((line) => answers(line, food) && close(line.grams?.best, grams));
    const found = at >= 0 ? at : free.findIndex((line) => answers(line, food));
    const line = found >= 0 ? free.splice(found, 1)[0] : undefined;
    const parts = reading.recipe.lines.filter(({ partOf }) => partOf === line?.id);
    const stages = parts.length > 0 ? parts.map((part) => part.stage) : [line?.stage];
    const grown = line?.perBowl && line.grams ? line.grams.best * (reading.recipe.servings ?? 1) : line?.grams?.best;
    return score(
      reading,
      line,
      { right: answers(line, food) && close(grown, grams), stageRight: stage === null ? null : stages.every((one) => one === stage) },
      `${row.id}: ${food}`,
      show(line),
      `${food} ${grams} ${stage}`,
    );
  });
  return { id: row.id, reading, lines, servingsRight: (reading.recipe.servings ?? null) === (row.servings ?? null), extra: free.map(show) };
}
