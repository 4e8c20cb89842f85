/** Tables of ingredients: comma, semicolon or tab separated, and pipes. Each row becomes an ingredient line. */
import Papa from 'papaparse';

const COLUMNS = {
  amount: /^(?:amount|qty|quantity|how much|number|measure)$/i,
  unit: /^(?:unit|units|measure)$/i,
  food: /^(?:ingredients?|food|item|name|what)$/i,
  note: /^(?:notes?|prep|preparation|remarks?|form|details?)$/i,
  stage: /^(?:stage|part|section)$/i,
} as const;
type Column = keyof typeof COLUMNS;

export interface TableRow {
  text: string;
  at: number;
  stage?: string;
}

const PIPE_ROW = /^\s*\|.*\|\s*$/;
const PIPE_RULE = /^\s*\|[\s:|-]+\|\s*$/;

/** Rows of a table with a heading that names its columns; null when the cells are no table of ingredients. */
function rowsOf(cells: readonly (readonly string[])[], at: (row: number) => number): TableRow[] | null {
  const heading = cells[0]?.map((cell) => cell.trim()) ?? [];
  const place = (column: Column) => heading.findIndex((cell) => COLUMNS[column].test(cell));
  const [amount, food, note, stage] = [place('amount'), place('food'), place('note'), place('stage')];
  const unit = heading.findIndex((cell, i) => i !== amount && COLUMNS.unit.test(cell));
  if (food < 0) return null;
  return cells.slice(1).flatMap((row, index) => {
    const cell = (column: number) => (column < 0 ? '' : (row[column] ?? '').trim());
    if (cell(food) === '') return [];
    const text = `${[cell(amount), cell(unit), cell(food)].filter(Boolean).join(' ')}${cell(note) ? `, ${cell(note)}` : ''}`;
    return [{ text, at: at(index + 1), ...(cell(stage) ? { stage: cell(stage).toLowerCase() } : {}) }];
  });
}

/** Columns of a kitchen's production sheet: what goes in before what is bought, the weight before the measure, the first yield before the scaled one. */
const EDIBLE = /^(?:ep|edible|net|ready|trimmed)\b/i;
const BOUGHT = /^(?:ap|as purchased|gross|bought|raw)\b/i;
const WEIGHT = /^(?:weights?|wt\.?|grams?|g|kg|lbs?\.?|pounds?)$/i;
const MEASURE = /^(?:measures?|volume|vol\.?|cups?|household measures?)$/i;
/** What stands in a column of amounts: a number, or one with its unit. */
const AMOUNT_CELL = /^(?:\d|[½¼¾⅓⅔⅛])[\d.,½¼¾⅓⅔⅛/ -]*(?:(?:\p{L}|#)[\p{L}\d.,½¼¾/# -]*)?$/u;
const LOOSE_AFTER = /^(?:to taste|as needed|as required|q\.?\s?s\.?)$/i;
const LOOSE_BEFORE = /^(?:an?|some|few)\b.{0,14}$|^(?:pinch|handful|sprig|bunch)$/i;
const BARE_NUMBER = /^[\d.,½¼¾/ ]+$/;

/** The cells of a row parted by tabs or by upright strokes; null for a line that is no row. */
function cellsOf(line: string): string[] | null {
  if (line.includes('\t')) return line.split('\t').map((cell) => cell.trim());
  return line.includes('|')
    ? line
        .replace(/^\s*\||\|\s*$/g, '')
        .split('|')
        .map((cell) => cell.trim())
    : null;
}

/** Tables parted by tabs or strokes inside a text, with a heading that names the ingredient and its amounts; other lines are left. */
export function flattenSheets(text: string): string {
  const lines = text.split('\n');
  const headAt = lines.findIndex((line) => cellsOf(line)?.some((cell) => COLUMNS.food.test(cell)));
  if (headAt < 0) return text;
  const heading = cellsOf(lines[headAt] as string) as string[];
  const food = heading.findLastIndex((cell) => COLUMNS.food.test(cell));
  const unit = heading.findIndex((cell, i) => COLUMNS.unit.test(cell) && !MEASURE.test(heading[i] as string));
  const note = heading.findIndex((cell) => COLUMNS.note.test(cell));
  const edible = heading.findIndex((cell) => EDIBLE.test(cell));
  const isMeasure = (cell: string) => MEASURE.test(cell);
  const named = [
    edible,
    heading.findIndex((cell, i) => i !== unit && !isMeasure(cell) && COLUMNS.amount.test(cell)),
    heading.findIndex((cell) => BOUGHT.test(cell)),
    heading.findIndex((cell) => WEIGHT.test(cell)),
    heading.findIndex(isMeasure),
  ].filter((at) => at >= 0);
  if (named.length === 0) return text;
  return lines
    .map((line, at) => {
      const cells = at < headAt ? null : cellsOf(line);
      if (at === headAt) return '';
      const cell = (column: number) => cells?.[column] ?? '';
      if (!cells || cells.length < 2 || cell(food) === '') return line;
      if (cells.every((one) => /^[\s:-]*$/.test(one))) return '';
      const from = named.find((column) => cell(column) !== '');
      if (from === undefined) return `- ${cell(food)}`;
      if (LOOSE_AFTER.test(cell(from))) return `- ${cell(food)}, ${cell(from)}`;
      if (!AMOUNT_CELL.test(cell(from)) && !LOOSE_BEFORE.test(cell(from))) return line;
      const amount = BARE_NUMBER.test(cell(from)) ? plainNumber(cell(from), heading[from] as string, unit >= 0) : cell(from);
      const remarks = [cell(note), from === edible ? 'prepared weight' : ''].filter(Boolean);
      return `- ${[amount, BARE_NUMBER.test(cell(from)) ? cell(unit) : '', cell(food)].filter(Boolean).join(' ')}${remarks.length > 0 ? `, ${remarks.join(', ')}` : ''}`;
    })
    .join('\n');
}

/** '1.500' of a scale is one and a half; a bare number under 'kg' or 'g' takes its unit from there. */
function plainNumber(said: string, heading: string, hasUnit: boolean): string {
  const number = said
    .replace(/^(\d+)[.,](\d{3})$/, '$1.$2')
    .replace(/0+$/, (zeros, _offset, whole: string) => (whole.includes('.') ? '' : zeros))
    .replace(/\.$/, '');
  const unit = hasUnit ? null : /^(?:grams?|g|kg|lbs?|pounds?|cups?)\b/i.exec(heading);
  return unit ? `${number} ${unit[0].toLowerCase()}` : number;
}

/** A text that is a separated table as a whole. */
export function tableRows(text: string): TableRow[] | null {
  const first = text.trimStart().split('\n', 1)[0] ?? '';
  if (!/[,;\t]/.test(first) || !first.split(/[,;\t]/).some((cell) => COLUMNS.food.test(cell.replace(/"/g, '').trim()))) return null;
  const parsed = Papa.parse<string[]>(text.trim(), { skipEmptyLines: true });
  return rowsOf(parsed.data, (row) => row);
}

/** Pipe tables inside a text, turned into plain ingredient lines where they stand; other lines are left. */
export function flattenPipes(text: string): string {
  const lines = text.split('\n');
  const out: string[] = [];
  for (let i = 0; i < lines.length; i += 1) {
    const start = i;
    while (i < lines.length && PIPE_ROW.test(lines[i] as string)) i += 1;
    if (i === start) {
      out.push(lines[i] as string);
      continue;
    }
    const block = lines.slice(start, i).filter((line) => !PIPE_RULE.test(line));
    const cells = block.map((line) =>
      line
        .trim()
        .slice(1, -1)
        .split(/(?<!\\)\|/)
        .map((cell) => cell.replace(/\\\|/g, '|').trim()),
    );
    const rows = rowsOf(cells, (row) => row);
    out.push(...(rows ? rows.map((row) => `- ${row.text}`) : cells.map((row) => `- ${row.filter(Boolean).join(' ')}`)));
    // Line numbers of what follows stay what they were.
    while (out.length < i) out.push('');
    i -= 1;
  }
  return out.join('\n');
}
