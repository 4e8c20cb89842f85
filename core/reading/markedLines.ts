/** The lines of a text with the signs they bear: bullets, numbers, empty lines around them; and what such a line can be by its words alone. */
import { amountBehind, isBulleted, startsWithAmount, withoutLead } from './amountPlace.ts';
import { TELLING } from './verbs.ts';

export interface Marked {
  at: number;
  text: string;
  /** Without bullet, number and marks. */
  body: string;
  head: string;
  bulleted: boolean;
  /** A number or a letter of a step stands before it. */
  numbered: boolean;
  /** An empty line stands before it, behind it. */
  gap: boolean;
  gapAfter: boolean;
}

/** No longer line is a name, a heading or furniture. */
export const MOST_SHORT = 200;
export const MOST_HEADING = 48;
export const MOST_INGREDIENT = 90;

/** Marks that carry no text: bidirectional and zero-width marks, control characters but for the tab, what broken encoding leaves. */
// biome-ignore lint/suspicious/noControlCharactersInRegex: control characters are what is looked for
const UNSEEN = /[\u0000-\u0008\u000b-\u001f\u007f-\u009f\u2028\u2029\ufffd]|(?!\u200d)\p{Cf}/gu;
const RULE = /^(?:[-*_=~]{3,}|```.*)$/;

/** '1.', '2)', 'Step 3:', 'A', and a bare number before a sentence that tells what to do. */
const NUMBERED = new RegExp(
  String.raw`^\s*(?:(?:step\s*)?\d{1,2}\s*[.):]\s*(?=\p{L})|(?:step\s+)?\d{1,2}\s+(?=(?:${TELLING})\b.{15,}(?:[.!]|\bthe\b))|[A-H]\s+(?=(?:${TELLING})\b)(?!\p{L}+\s+of\b))`,
  'iu',
);
const VERBS = new RegExp(String.raw`\b(?:${TELLING})\b`, 'i');
export const STARTS_WITH_VERB = new RegExp(String.raw`^(?:${TELLING})\b`, 'i');
/** Verbs that no ingredient is described by. */
export const DOES = /\b(?:simmer|boil|blend|add|stir|fry|cook|sweat|pur[eé]e|season|pour|serve|soften|whisk|melt)\b/i;
const SENTENCE_SIGN =
  /\b(?:the|until|till|minutes?|mins?|hours?|into|over|it|them|in a|with a|boil|heat|smooth|soft|tender|and (?:add|blend|cook|serve|simmer|stir|season)|everything|all|bowls?|together)\b/i;

export function markedLines(text: string): Marked[] {
  const raw = text
    .replace(/\r\n?/g, '\n')
    .split('\n')
    .map((line) =>
      line
        .replace(UNSEEN, '')
        .replace(/\u00a0/g, ' ')
        .replace(/^\s*>\s?/, '')
        .trim()
        // '*Green soup*' is set in bold, and no item of a list.
        .replace(/^([*_])(?=[^*_\s])([^*_]{1,100})\1$/, '$2'),
    );
  return raw.flatMap((whole, at): Marked[] => {
    if (whole === '' || RULE.test(whole)) return [];
    const items = bulletsOf(whole);
    return items.map((line, item): Marked => {
      const head = bare(line);
      const numbered = NUMBERED.test(head);
      return {
        at,
        text: line,
        head,
        body: withoutLead(numbered ? head.replace(NUMBERED, '') : line),
        bulleted: isBulleted(line),
        numbered,
        gap: item === 0 && (at === 0 || raw[at - 1] === ''),
        gapAfter: item === items.length - 1 && (at === raw.length - 1 || raw[at + 1] === ''),
      };
    });
  });
}

/** '2 tbsp oil • 1 onion • 900 g sweet potatoes • ...': a list on one line, as it is passed on in messages. */
function bulletsOf(line: string): string[] {
  // 'Courgettes 1.5 kg / spinach 500 g / onions 3': the amounts behind the foods.
  const strokes = line.length < MOST_LISTED ? line.split(/\s+\/\s+/) : [];
  if (strokes.length >= LEAST_ITEMS && strokes.filter((part) => /\d/.test(part)).length * 2 > strokes.length) return strokes;
  const commas =
    line.length < MOST_LISTED && !/[.!?]\s+\p{L}/u.test(line) && !DOES.test(line) ? line.replace(/\.\s*$/, '').split(/,\s+(?![^()]*\))/) : [];
  if (commas.length >= LEAST_ITEMS && commas.filter((part) => AMOUNT_BEHIND.test(part)).length >= commas.length * MOSTLY) return commas;
  // A row of a table begins with its mark.
  if (!/[•·|]/.test(line) || /^\|/.test(line)) return [line];
  const parts = line.split(/\s?[•·]\s+|\s+\|\s+/);
  const counted = parts.filter((part) => /^[\d½¼¾⅓⅔]/.test(part)).length;
  return parts.length >= LEAST_ITEMS && counted * 2 >= parts.length ? parts : [line];
}
/** 'Celeriac 900g peeled weight, pears 2 ripe': each food before its own amount. */
const AMOUNT_BEHIND = /^\p{L}[\p{L}\s'’-]{1,40}?\s+(?:\d+(?:[.,]\d+)?\s?(?:g|kg|ml|l|cl|dl|oz|lb|tsp|tbsp)\b|\d+(?:\s|$))/iu;
const MOSTLY = 0.7;
const LEAST_ITEMS = 4;
const MOST_LISTED = 1000;

export const bare = (text: string): string =>
  text
    .replace(/^#+\s*/, '')
    .replace(/\*\*|__/g, '')
    .trim();

const ITEM_BREAK =
  /\s*(?:;|\s\/\s|\s[•·|]\s|,(?=\s*(?:and\s+)?(?:\(?\d|[½¼¾⅓⅔]|(?:an?|one|two|three|four|five|six|eight|half|some|salt|pepper|a few|juice|zest)\b)))\s*/iu;
/** A list on one line, at the marks that begin another amount. */
export const itemsOf = (text: string): string[] =>
  text
    .replace(/\.\s*$/, '')
    .split(ITEM_BREAK)
    .map((item) => item.replace(/^and\s+/i, '').trim())
    .filter(Boolean);

export const looksLikeIngredient = (line: Marked): boolean =>
  !line.numbered && (startsWithAmount(line.text) || line.bulleted || amountBehind(line.head) !== null) && !isImperative(line.body);
export const isImperative = (text: string): boolean => STARTS_WITH_VERB.test(text) && SENTENCE_SIGN.test(text);
/** A line that tells what to do, and no ingredient. */
export const isSentence = (line: Marked): boolean =>
  isImperative(line.body) ||
  (VERBS.test(line.body) &&
    (/[.!]$/.test(line.text) || line.text.length > 60) &&
    !((startsWithAmount(line.text) || amountBehind(line.head)) && line.text.length < MOST_INGREDIENT));
/** Two sentences, or one that goes on: no ingredient is told so. */
export const cannotBeIngredient = (line: Marked): boolean =>
  (isImperative(line.body) && !startsWithAmount(line.text)) ||
  /[.!?]\s+\p{Lu}.*\b(?:the|until|it)\b/u.test(line.body) ||
  (line.numbered && STARTS_WITH_VERB.test(line.body));

export const nextIsListed = (next: Marked | undefined): boolean =>
  next !== undefined && startsWithAmount(next.text) && !next.numbered && next.text.length < MOST_INGREDIENT;

/** '1. Wash the peas. 2. Sweat the leeks. 3. ...' on one line: a step each, where the numbers go on by one. */
export function numberedApart(text: string): string[] {
  const marks = [...text.matchAll(/(?<=[.!)]\s+)(\d{1,2})[.)]\s+(?=\p{Lu})/gu)];
  const first = Number(marks[0]?.[1]);
  if (marks.length < 2 || first > 2 || marks.some(([, number], at) => Number(number) !== first + at)) return [text];
  const starts = [0, ...marks.map(({ index }) => index)];
  return starts
    .map((start, at) =>
      text
        .slice(start, starts[at + 1])
        .replace(/^\d{1,2}[.)]\s+/, '')
        .trim(),
    )
    .filter(Boolean);
}
