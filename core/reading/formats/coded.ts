/** Production sheets that number their foods and speak of them by number: '102   Onion, diced   400   g', 'Sweat 102 in 101'. */

const ROW = /^\s*(\d{2,5}[A-Z]?)\s{2,}(\p{L}.*?)\s{2,}(\d[\d.,/ ]*)\s{1,}(\p{L}{1,12}\.?)\s*$/u;
const HEADING = /^\s*(?:code|no\.?|item|ref\.?|id)\s{2,}\S.*$/i;
/** Fewer rows are no sheet. */
const LEAST_ROWS = 3;

/** The text with each row as a line of a list, and in the steps the foods for their numbers; any other text as it is. */
export function uncoded(text: string): string {
  const lines = text.split('\n');
  const rows = new Map(lines.flatMap((line, at) => (ROW.test(line) ? [[at, ROW.exec(line) as RegExpExecArray] as const] : [])));
  if (rows.size < LEAST_ROWS) return text;
  const names = new Map([...rows.values()].map(([, code, name]) => [code as string, (name as string).replace(/,.*$/, '').toLowerCase()]));
  const spoken = new RegExp(`(?<![\\d.])(?:${[...names.keys()].join('|')})(?![\\d°]|[.,]\\d|\\s*(?:°|C\\b|F\\b|g\\b|ml\\b|min))`, 'g');
  return lines
    .map((line, at) => {
      const row = rows.get(at);
      if (row) return `${(row[3] as string).trim()} ${row[4]} ${row[2]}`;
      if (HEADING.test(line)) return '';
      return line.replace(spoken, (code) => names.get(code) ?? code);
    })
    .join('\n');
}
