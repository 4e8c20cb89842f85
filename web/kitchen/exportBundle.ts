/** What writes recipes out; fetched when something is to be written. */

export { toJson, toJsonLd, toMarkdown } from '../../core/export/formats.ts';
export { sheetText } from '../../core/export/sheet.ts';
export { toCsv } from '../../core/formats/csv.ts';
