/** Our own CSV: a recipe whole as one table, written and read back. */
import Papa from 'papaparse';
import type { Line, Recipe, Step } from '../vocabulary/recipe.ts';

export const CSV_COLUMNS = [
  'kind',
  'id',
  'stage',
  'text',
  'foodId',
  'grams',
  'low',
  'high',
  'eaten',
  'eatenShare',
  'perBowl',
  'optional',
  'partOf',
  'choiceOf',
  'chosen',
  'cut',
  'method',
  'minutesMin',
  'minutesMax',
  'handsOn',
  'lid',
  'uses',
  'doneWhen',
] as const;
type Cells = Partial<Record<(typeof CSV_COLUMNS)[number], string | number | boolean>>;

/** A cell that a spreadsheet would take for a formula starts with an apostrophe. */
export const guarded = (value: string): string => (/^'*[=+\-@\t\r\n|%＝＋－＠]/.test(value) ? `'${value}` : value);
export const unguarded = (value: string): string => (/^''*[=+\-@\t\r\n|%＝＋－＠]/.test(value) ? value.slice(1) : value);

export function toCsv(recipe: Recipe): string {
  const rows: Cells[] = [
    { kind: 'title', text: recipe.title },
    ...(recipe.measures === undefined ? [] : [{ kind: 'measures', text: recipe.measures }]),
    ...(recipe.servings === undefined ? [] : [{ kind: 'servings', text: recipe.servings }]),
    ...recipe.lines.map(lineCells),
    ...recipe.steps.map(stepCells),
  ];
  const data = rows.map((row) => CSV_COLUMNS.map((column) => guarded(String(row[column] ?? ''))));
  return `${Papa.unparse({ fields: [...CSV_COLUMNS], data }, { newline: '\n' })}\n`;
}

const lineCells = ({ grams, foodId, id, stage, text, eaten, eatenShare, perBowl, optional, partOf, choiceOf, chosen, cut }: Line): Cells => ({
  kind: 'line',
  id,
  stage,
  text,
  foodId: foodId ?? '',
  ...(grams ? { grams: grams.best, low: grams.low, high: grams.high } : {}),
  ...present({ eaten, eatenShare, perBowl, optional, partOf, choiceOf, chosen, cut }),
});
const stepCells = ({ id, stage, text, method, minutes, handsOn, lid, uses, doneWhen }: Step): Cells => ({
  kind: 'step',
  id,
  stage,
  text,
  ...(minutes ? { minutesMin: minutes.min, minutesMax: minutes.max } : {}),
  ...present({ method, handsOn, lid, doneWhen, uses: uses?.map(spaced).join(' ') }),
});
/** Ids stand between spaces, so theirs are written otherwise. */
const spaced = (id: string): string => id.replaceAll('%', '%25').replaceAll(' ', '%20');
const unspaced = (id: string): string => id.replaceAll('%20', ' ').replaceAll('%25', '%');
const present = <T extends Cells>(cells: { [K in keyof T]: T[K] | undefined }): Cells =>
  Object.fromEntries(Object.entries(cells).filter(([, value]) => value !== undefined)) as Cells;

/** A size in cm is a number, a way of cutting a word. */
const cut = (text: string | undefined): string | number | undefined => (text !== undefined && /^\d+(?:\.\d+)?$/.test(text) ? Number(text) : text);

/** Our own CSV as the value our own JSON would be; null when the table is another. */
export function fromCsv(text: string): Record<string, unknown> | null {
  if (!/^\ufeff?"?kind"?,"?id"?,"?stage"?,/.test(text)) return null;
  const { data } = Papa.parse<Record<string, string>>(text.replace(/^\ufeff/, ''), { header: true, skipEmptyLines: true });
  const value = { lines: [] as unknown[], steps: [] as unknown[] } as Record<string, unknown> & { lines: unknown[]; steps: unknown[] };
  for (const row of data) {
    const cell = (column: (typeof CSV_COLUMNS)[number]): string | undefined => (row[column] ? unguarded(row[column]) : undefined);
    const number = (column: (typeof CSV_COLUMNS)[number]) => (cell(column) === undefined ? undefined : Number(cell(column)));
    const truth = (column: (typeof CSV_COLUMNS)[number]) => (cell(column) === undefined ? undefined : cell(column) === 'true');
    const common = { id: cell('id'), stage: cell('stage'), text: cell('text') ?? '' };
    if (row.kind === 'title') value.title = cell('text');
    else if (row.kind === 'measures') value.measures = cell('text');
    else if (row.kind === 'servings') value.servings = number('text');
    else if (row.kind === 'line')
      value.lines.push({
        ...common,
        foodId: cell('foodId') ?? null,
        grams: number('grams') === undefined ? null : { best: number('grams'), low: number('low'), high: number('high') },
        eaten: cell('eaten'),
        eatenShare: number('eatenShare'),
        perBowl: truth('perBowl'),
        optional: truth('optional'),
        partOf: cell('partOf'),
        choiceOf: cell('choiceOf'),
        chosen: truth('chosen'),
        cut: cut(cell('cut')),
      });
    else if (row.kind === 'step')
      value.steps.push({
        ...common,
        method: cell('method'),
        minutes: number('minutesMin') === undefined ? undefined : { min: number('minutesMin'), max: number('minutesMax') },
        handsOn: truth('handsOn'),
        lid: cell('lid'),
        uses: cell('uses')?.split(' ').map(unspaced),
        doneWhen: cell('doneWhen'),
      });
  }
  return value;
}
