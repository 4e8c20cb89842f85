/** What was pasted: our own JSON, JSON-LD, HTML, a table, Markdown or plain text; and where its title, lines and steps are. */

import type { Shelf } from '../food/shelf.ts';
import { fromCsv } from '../formats/csv.ts';
import { STAGES, type Stage } from '../vocabulary/recipe.ts';
import { uncoded } from './formats/coded.ts';
import { looksLikeHtml, readHtml } from './formats/html.ts';
import { sectionsOfJsonLd } from './formats/jsonLd.ts';
import { looksScanned, unscanned } from './formats/scanned.ts';
import { flattenPipes, flattenSheets, tableRows } from './formats/table.ts';
import { readLine, type WrittenLine } from './line.ts';
import { matchFood } from './match.ts';
import { runningText } from './running.ts';
import { findSections } from './sections.ts';
import { severalOf } from './several.ts';
import type { Named } from './telling.ts';
import { type Accounted, noSections, type Sections, type TextLine } from './textSections.ts';

/** Longer lines name no ingredients. */
const MOST_READ = 120;

export type Source =
  | { kind: 'own'; value: Record<string, unknown> }
  | { kind: 'text'; sections: Sections; prose: boolean; named: Named[]; made?: string[]; spoken?: true };

export function sourceOf(text: string, shelf: Shelf): Source {
  const json = parsed(text);
  if (json !== undefined) {
    const own = ownRecipe(json);
    if (own) return { kind: 'own', value: own };
    const sections = sectionsOfJsonLd(json, text);
    if (sections) return { kind: 'text', sections, prose: false, named: [] };
  }
  // Before HTML: a text in our own table may hold a tag.
  const own = fromCsv(text.trimStart());
  if (own) return { kind: 'own', value: own };
  if (looksLikeHtml(text)) {
    const html = readHtml(text);
    for (const script of html.jsonLd) {
      const value = parsed(script);
      const sections = value === undefined ? null : sectionsOfJsonLd(value, text);
      if (sections && sections.ingredients.length > 0) return { kind: 'text', sections, prose: false, named: [] };
    }
    return { kind: 'text', ...ofText(html.text, shelf) };
  }
  const rows = tableRows(text);
  if (rows) {
    const ingredients = rows.map(
      ({ text: row, at, stage }): TextLine => ({
        text: row,
        at,
        ...((STAGES as readonly string[]).includes(stage ?? '') ? { stage: stage as Stage } : {}),
      }),
    );
    return { kind: 'text', sections: { ...noSections(), ingredients }, prose: false, named: [] };
  }
  const plain = uncoded(looksScanned(text) ? unscanned(text) : text);
  return { kind: 'text', ...ofText(flattenPipes(flattenSheets(plain)), shelf) };
}

/** Lines where there are lines; running text where it is told in sentences. */
function ofText(text: string, shelf: Shelf): Omit<Extract<Source, { kind: 'text' }>, 'kind'> {
  // Asked of the same words at several places of the walk.
  const asked = new Map<string, boolean>();
  const isFood = (words: string): boolean => {
    let known = asked.get(words);
    if (known === undefined)
      asked.set(
        words,
        (known =
          matchFood(words, shelf).kind !== 'none' ||
          (words.length < MOST_READ && (isKnown(readLine(words), shelf) || severalOf(readLine(words), shelf) !== null))),
      );
    return known;
  };
  const sections = findSections(text, isFood);
  if (!isRunning(sections)) return { sections, prose: false, named: [] };
  const told = sections.account.filter(
    ({ kind, furniture, text: line }) =>
      kind !== 'yield' && kind !== 'heading' && (kind !== 'title' || line.length > LONG) && (furniture === undefined || furniture === 'story'),
  );
  const running = runningText(
    told.map(({ text: line, at }) => ({ text: line.replace(NUMBERS, ''), at })),
    shelf,
  );
  if (running.ingredients.length <= sections.ingredients.filter(({ text: line }) => line.length < LONG).length)
    return { sections, prose: false, named: [] };
  const account = sections.account.map((line): Accounted => {
    if (!told.some(({ at }) => at === line.at)) return line;
    return running.talk.has(line.at)
      ? { at: line.at, text: line.text, kind: 'furniture', furniture: 'talk' }
      : { at: line.at, text: line.text, kind: 'step' };
  });
  const named = sections.account.some(({ kind, text: line }) => kind === 'title' && line.length <= LONG);
  return {
    sections: {
      ...sections,
      title: named ? sections.title : (titleOfProse(text) ?? sections.title),
      ingredients: running.ingredients,
      steps: running.steps,
      account,
    },
    prose: true,
    named: running.named,
    ...(running.made.length > 0 ? { made: running.made } : {}),
    ...(running.spoken ? { spoken: true } : {}),
  };
}

const isKnown = (line: WrittenLine, shelf: Shelf): boolean => line.food !== '' && matchFood(line.food, shelf).kind !== 'none';
const NUMBERS = /^\s*(?:step\s*)?\d{1,2}\s*[.):]\s+(?=\p{L})/iu;
const LONG = 120;
const STAMPED = /^\s*\[?\(?\d{1,2}:\d{2}/;

/** Told in sentences: nothing is listed, or what looks listed is a small part of what is told. */
function isRunning({ account, ingredients }: Sections): boolean {
  if (account.filter(({ text }) => STAMPED.test(text)).length > 2) return true;
  if (
    account.some(
      ({ kind, text }) => kind === 'heading' && /^(?:the )?(?:ingredients?|zutaten|ingredientes|ingr[ée]dients|you(?:'ll| will)? need)/i.test(text),
    )
  )
    return ingredients.length === 0;
  const listed = ingredients.filter(({ text }) => text.length < LONG && !/[.!?]\s+\p{Lu}/u.test(text));
  const length = (lines: readonly { text: string }[]) => lines.reduce((sum, { text }) => sum + text.length, 0);
  return (
    listed.length <= 1 ||
    (listed.length < 4 && length(listed) < 0.15 * length(account)) ||
    (length(ingredients) > length(account) * 0.9 && listed.length < ingredients.length / 2)
  );
}

const WORDS_OF_TITLE = String.raw`((?:[\p{L}'’&-]+\s+){1,6}?)`;
/** Ways a text names its soup before anything is done, the surest first. */
const CALLED: readonly RegExp[] = [
  new RegExp(
    String.raw`\b(?:today['’]?s (?:soup )?is|soup today is)\s+${WORDS_OF_TITLE}(?=(?:so|and you|you|what|um|for|serves|i|we|which|it)\b|[,.])`,
    'iu',
  ),
  new RegExp(String.raw`\bfor (?:the|my|our)\s+${WORDS_OF_TITLE}(?=what (?:i|we|you) do\b)`, 'iu'),
  new RegExp(String.raw`^\s*(?:(?:ok(?:ay)?|so|right|um|well|hello|hi|everyone|this is|the)\s+)*${WORDS_OF_TITLE}(?=serves\b)`, 'iu'),
  /^\s*([^:.\d\n]{8,60}):/,
  /\b((?:(?!soup\b)[\p{L}'’&-]+\s+){1,4}(?:soup|chowder|bisque|velout[eé]|cream of \p{L}+))\b/iu,
];

/** What a spoken or written text calls itself: its first short sentence, or the words before 'soup'. */
function titleOfProse(text: string): string | null {
  const first = /^[^.!?\n]{3,80}(?=[.!?\n])/.exec(text.trim())?.[0];
  const named = CALLED.map((pattern) => pattern.exec(text)?.[1])
    .find((words) => words !== undefined)
    ?.trim();
  const title =
    first && !/\d/.test(first) && !/^(?:ok(?:ay)?|so|um|right|well|hi|hello|hey|dear|all ?right|good)\b/i.test(first)
      ? first
      : named?.replace(
          /^(?:(?:ok(?:ay)?|so|this|is|a|the|my|for|um|it'?s|title|today(?:['’]s)?(?: soup)?|we['’]?re|doing|how|i|to|going|want|wanted|make|making|made|do|be|called|about|recipe|for)\s+)+/i,
          '',
        );
  return title ? title.charAt(0).toUpperCase() + title.slice(1) : null;
}

function parsed(text: string): unknown {
  const trimmed = text.trim();
  if (!/^[[{]/.test(trimmed)) return undefined;
  try {
    return JSON.parse(trimmed);
  } catch {
    return undefined;
  }
}

/** `{title, lines, ...}`, or `{recipe: {...}}` as an export wraps it. */
function ownRecipe(value: unknown): Record<string, unknown> | null {
  if (typeof value !== 'object' || value === null) return null;
  const one = value as Record<string, unknown>;
  if (typeof one.recipe === 'object' && one.recipe !== null) return ownRecipe(one.recipe);
  return Array.isArray(one.lines) && (one.title === undefined || typeof one.title === 'string') ? one : null;
}
