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

/** Columns of a kitchen's production sheet: what goes in before what is bought, the first yield before the scaled one. */
const EDIBLE = /^(?:ep|edible|net|ready|trimmed)\b/i;
const BOUGHT = /^(?:ap|as purchased|gross|bought|raw)\b/i;

/** Tab-separated tables inside a text, with a heading that names the ingredient; other lines are left. */
export function flattenTabs(text: string): string {
  const lines = text.split('\n');
  const headAt = lines.findIndex((line) => line.includes('\t') && line.split('\t').some((cell) => COLUMNS.food.test(cell.trim())));
  if (headAt < 0) return text;
  const heading = (lines[headAt] as string).split('\t').map((cell) => cell.trim());
  // A table that names its amount is read as such where it stands alone.
  const food = heading.findLastIndex((cell) => COLUMNS.food.test(cell));
  const unit = heading.findIndex((cell) => COLUMNS.unit.test(cell));
  const note = heading.findIndex((cell) => COLUMNS.note.test(cell));
  const edible = heading.findIndex((cell) => EDIBLE.test(cell));
  const named = [
    edible,
    heading.findIndex((cell, i) => i !== unit && COLUMNS.amount.test(cell)),
    heading.findIndex((cell) => BOUGHT.test(cell)),
  ].find((at) => at >= 0);
  if (named === undefined) return text;
  return lines
    .map((line, at) => {
      if (at <= headAt || !line.includes('\t')) return at === headAt ? '' : line;
      const cell = (column: number) => (column < 0 ? '' : (line.split('\t')[column] ?? '').trim());
      if (cell(food) === '' || !/^[\d.,½¼¾/ ]+$/.test(cell(named))) return line;
      const amount = cell(named)
        .replace(/^(\d+)[.,](\d{3})$/, '$1.$2')
        .replace(/0+$/, (zeros, _offset, whole: string) => (whole.includes('.') ? '' : zeros))
        .replace(/\.$/, '');
      const remarks = [cell(note), named === edible ? 'prepared weight' : ''].filter(Boolean);
      return `- ${[amount, cell(unit), cell(food)].filter(Boolean).join(' ')}${remarks.length > 0 ? `, ${remarks.join(', ')}` : ''}`;
    })
    .join('\n');
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
