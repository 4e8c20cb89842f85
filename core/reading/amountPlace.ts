/** Where a written line has its amount: before the food, behind it with or without a mark, in brackets; and the line with the amount in front. */
import { type Range, readRange } from '../quantity/amount.ts';
import { OF_ONE, unitOf } from '../quantity/units.ts';

/** What stands before a line of a list and is none of it: bullets, boxes, letters, numbers before an amount, pictures. */
const LEAD =
  /^(?:\s*(?:\*(?!\*)|[-•–—·▢☐□✓✔◦▪▫‣●○➤➢→▶+]|\[[ xX]?\]|\(?[a-z]\)|\d{1,2}[.)](?=\s+\(?[\d½¼¾⅓⅔])|\p{Extended_Pictographic}(?:\uFE0F|\u200D|\p{Extended_Pictographic})*)(?=\s|\S))+\s*/u;
const MARKS = /\*\*|__|`|^#+\s*|(?<=^|\s)_(?=\S)|(?<=\S)_(?=\s|[,.]|$)/g;
const STRUCK = /~~[^~]{0,80}~~\s*/g;
export const ABOUT =
  /^(?:about|approximately|approx\.?|roughly|around|some(?=\s+\d)|generous|scant|heaped|heaping|rounded|level|up to|another|additional|a further|circa|ca\.|c\.(?=\s*\d)|just (?:over|under)|nearly|almost|at least|a good(?=\s+\d)|[~≈±])\s*/i;
const OPTIONAL_LEAD = /^(?:optional(?:ly)?|in addition|also|plus)\s*[:,-]\s*/i;

/** A line without bullet and marks of typesetting; what was struck out is gone. */
export const withoutLead = (line: string): string =>
  line.length > MOST_READ ? `${bareLead(line.slice(0, MOST_READ))}${line.slice(MOST_READ)}` : bareLead(line).trimEnd();
const bareLead = (text: string): string =>
  text
    .replace(STRUCK, '')
    .replace(/\bS\s?&\s?P\b/g, 'salt and pepper')
    .replace(/(?:\s*\.{2,}\s*|\s+)\b(?:TT|AN)$/, ', to taste')
    .replace(MARKS, '')
    .replace(LEAD, '')
    .trimStart();
export const isBulleted = (line: string): boolean => LEAD.test(line.slice(0, MOST_READ)) && !/^\s*\d/.test(line);
/** Without what stands before a number: 'about', 'optional:', a bracket around the whole. */
export const bareAmount = (text: string): string => {
  const open = /^\((.+)\)$/.exec(text)?.[1] ?? text;
  return open.replace(OPTIONAL_LEAD, '').replace(ABOUT, '').replace(ABOUT, '');
};
const SIZE = String.raw`\d+(?:[.,]\d+)?\s?(?:g|kg|ml|l|oz|lb)`;
const HOLDER = '(?:tins?|cans?|cartons?|packs?|packets?|jars?|bags?|blocks?)';
const LOOSE = '(?:pinch|dash|handful|bunch|sprig|splash|drizzle|knob|squeeze)(?:es|s)?';
const BEHIND_FOOD: readonly (readonly [RegExp, string])[] = [
  // 'Butter beans 2 x 400 g tins, drained'.
  [new RegExp(String.raw`^(\p{L}[^\d(]{1,60}?)[\s,:.–-]+(\d{1,2})\s*[x×]\s*(${SIZE})\s*(${HOLDER})?(?![\p{L}\d])(.*)$`, 'iu'), '$2 x $3 $4 $1$5'],
  // 'Coconut milk 1 tin 400ml'.
  [new RegExp(String.raw`^(\p{L}[^\d(]{1,60}?)[\s,:.–-]+(\d{1,2})\s*(${HOLDER})\s*(?:of\s*)?\(?(${SIZE})\)?\s*$`, 'iu'), '$2 x $4 $3 $1'],
  // 'White pepper ........ pinch', 'basil, a big bunch'.
  [
    new RegExp(
      String.raw`^(\p{L}[^\d(]{1,60}?)(?:\s*\.{2,}\s*|[\s,:]+(?=an?\s|one\s|1\s|big\s|small\s|large\s|good\s))(?:an?\s+|one\s+|1\s+)?((?:(?:big|small|large|good)\s+)?${LOOSE})\s*$`,
      'iu',
    ),
    '1 $2 $1',
  ],
  // 'Dill: a few sprigs'.
  [/^(\p{L}[^\d(]{1,40}?)[\s,:]+(a few|a couple of|some)\s+(sprigs|leaves|stalks)\s*$/iu, '$2 $3 $1'],
  // 'Thyme pinch'.
  [/^(\p{L}[\p{L} ,'’-]{1,40}?)\s+(pinch|dash|sprig|sprigs|handful)\s*$/iu, '1 $2 $1'],
];
/** A container, its number or a loose measure behind the food, put before it: the number would else be taken for another's. */
export const holderFirst = (text: string): string => {
  for (const [said, put] of BEHIND_FOOD) if (said.test(text)) return text.replace(said, put).replace(/\s{2,}/g, ' ');
  return text;
};
export const saysOptional = (text: string): boolean => /^optional/i.test(text);

const NUMBER = String.raw`(?:\d+\s+\d\s*[/⁄]\s*\d+|\d+\s*[/⁄]\s*\d+|\d*\s?[¼½¾⅓⅔⅛⅜⅝⅞]|\d+(?:[.,]\d+)?)`;
const WORDS = 'half|one|two|three|four|five|six|seven|eight|nine|ten|twelve';
/** A number behind a word, and what may follow it. Never after 'of' ('juice of 1 lemon'), before a per cent sign, or a size of a tin or a cut. */
const INSIDE = new RegExp(
  String.raw`(?<=[\p{L})%'’".!?:,;(–—×=-]|\bx)(?:\s*(?:[:=,;–—×(.]|-(?!\d)|\.{2,}|\bx\b|\bx(?=\d))\s*|\s+)((?:(?:about|approx\.?|some|ca\.|another)\s+)?(?:${NUMBER}|(?<=[:,;(–—-]\s*)(?:${WORDS})|an?(?=\s+(?:small |big |good |large )?(?:pinch|handful|dash|splash|knob|bunch|drizzle|glug|squeeze|sprig|few)))(?:\s*(?:-|–|to)\s*${NUMBER})?)(?=$|[\s,;:.)(\p{L}-])(?!\s*(?:%|per cent|°|C\b|F\b|(?:cm|mm|inch|in)\b[\s-]*(?:cubes?|pieces?|dice|slices?|rounds?|thick|lengths?|strips?|chunks?)))`,
  'giu',
);
/** No ingredient is written in more characters. */
const MOST_READ = 300;
const OF_BEFORE = /\b(?:of|from|into|in|for|about (?:a|an))\s*\(?\s*$/i;

export interface Placed {
  /** Number with its unit, as written. */
  amount: string;
  food: string;
  /** What follows the amount. */
  after: string;
}

/** The amount behind the food: 'Ghee 2 tbsp', 'Leeks, trimmed - 2 (about 300 g)', 'olive oil (3 tbsp)', 'Leeks ..... 400 g'. */
export function amountBehind(text: string): Placed | null {
  if (text.length > MOST_READ) return null;
  let best: { placed: Placed; rank: number } | null = null;
  for (const found of text.matchAll(INSIDE)) {
    const at = found.index;
    const food = text.slice(0, at).replace(/[\s.:;,–—×=(-]+$/u, '');
    if (!/\p{L}{2}/u.test(food) || food.length > 80 || OF_BEFORE.test(food)) continue;
    const number = found[1] as string;
    const inBracket = text.slice(0, at + found[0].length).lastIndexOf('(') > text.slice(0, at + found[0].length).lastIndexOf(')');
    const numberEnd = at + found[0].length;
    const behind = text.slice(numberEnd);
    const word = /^\s*-?\s*(?:fl\.?\s*oz\b\.?|[A-Za-z]+\b\.?)/u.exec(behind);
    const name = word?.[0].replace(/^\s*-?\s*/, '') ?? '';
    const unit = /^fl/i.test(name) ? unitOf('floz') : (unitOf(name.replace(/\.$/, '')) ?? unitOf(name));
    const sized = /^\s*(?:small|medium|large|big|lg|med)\b\.?/i.exec(behind);
    const ends = /^\s*(?:$|[,;:.()–—]|-\s|(?:ripe|whole|level|heaped|fresh|dried)\b)/i.exec(behind);
    if (!unit && !sized && !ends) continue;
    const taken = unit ? (word as RegExpExecArray)[0].length : sized ? sized[0].length : 0;
    const rank = (inBracket ? 0 : 4) + (unit ? (unit.kind === 'count' ? 1 : 2) : sized ? 1 : 0);
    if (best && rank <= best.rank) continue;
    const closed = inBracket ? food.replace(/\s*\($/, '') : food;
    best = {
      rank,
      placed: {
        amount: `${number.replace(ABOUT, '')} ${behind.slice(0, taken).trim()}`.trim(),
        food: closed,
        after: behind
          .slice(taken)
          .replace(inBracket ? ')' : /^$/, ' ')
          .replace(/^[\s,;:–—-]+/u, '')
          .trim(),
      },
    };
  }
  return best?.placed ?? null;
}

/** 'white part of 3 leeks', 'shells of 500 g prawns', 'leaves from 1 bunch of mint': the part goes behind. */
const PART_OF =
  /^(?:the\s+)?((?:pale\s+)?(?:white|green|light green)(?:\s+(?:and (?:pale )?(?:light )?green))?(?:\s+parts?)?(?:\s+only)?|whites|leaves|flesh|heads and shells|shells and heads|shells|stalks|meat|picked meat|kernels|florets|seeds|hearts?)\s+(?:of|from|cut from)\s+(?=(?:about\s+)?(?:\d|[½¼¾]|an?\s|one\s|two\s|three\s|four\s))/i;

/** The line as it would be written with its amount first. */
export function amountFirst(text: string): string {
  const part = PART_OF.exec(text);
  if (part) return `${text.slice(part[0].length)}, ${part[1]}`;
  if (readRange(text) || oneOf(text)) return text;
  const placed = amountBehind(text);
  if (!placed) return text;
  // 'Butter - 1 tbsp + 1 tsp': the second amount belongs to the first.
  const more = /^(?:\+|plus|and|&)\s*(?:\d|[¼½¾⅓⅔])\S*\s*[A-Za-z]+\.?(?=$|[\s,;])/iu.exec(placed.after);
  const amount = more ? `${placed.amount} ${more[0]}` : placed.amount;
  const rest = more ? placed.after.slice(more[0].length).replace(/^[\s,;]+/, '') : placed.after;
  const [name = '', ...remarks] = placed.food.split(/\s*,\s*/);
  const after = [...remarks, rest].filter(Boolean);
  const brackets = after.filter((one) => one.startsWith('('));
  const others = after.filter((one) => !one.startsWith('('));
  return `${amount} ${name}${brackets.length > 0 ? ` ${brackets.join(' ')}` : ''}${others.length > 0 ? `, ${others.join(', ')}` : ''}`;
}

/** 'pinch of saffron', 'dollop of cream': one of them. */
export function oneOf(text: string): { range: Range; rest: string } | null {
  const word = /^(?:(?:good|big|large|small|generous|fresh|little|wee|healthy|tiny)\s+)?([A-Za-z]+)(?:\s+of\s+|\s+(?=\p{L}))/iu.exec(text);
  const unit = word ? unitOf((word[1] as string).toLowerCase()) : undefined;
  return word && unit && OF_ONE.has(unit.name) && (/\bof\s$/i.test(word[0]) || OF_ONE_BARE.has(unit.name))
    ? { range: { min: 1, max: 1 }, rest: text }
    : null;
}
/** Measures that stand before a food without 'of': 'pinch salt'. */
const OF_ONE_BARE: ReadonlySet<string> = new Set(['pinch', 'dash', 'handful', 'knob', 'bunch', 'splash', 'drizzle', 'glug', 'squeeze', 'dollop']);

/** Whether a line, bullet and all, begins with an amount. An article alone is one only before a measure. */
export function startsWithAmount(line: string): boolean {
  const text = bareAmount(withoutLead(line));
  if (oneOf(text)) return true;
  const number = readRange(text);
  if (!number) return false;
  if (!/^(?:an?)\s/i.test(text) || /^a (?:few|couple|dozen|half|third|quarter)\b/i.test(text)) return true;
  return number.rest.split(/\s+/, 3).some((word) => unitOf(word.replace(/[.,]$/, '')) !== undefined);
}
