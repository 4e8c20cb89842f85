/** Amounts in running text: before a food, behind it, and of what no shelf knows. */
import { readRange } from '../quantity/amount.ts';
import { unitOf } from '../quantity/units.ts';
import { readLine } from './line.ts';
import { wordTokens } from './match.ts';
import { CORRECTS } from './roles.ts';
import { DESCRIPTORS, MODIFIERS } from './words.ts';

/** A word of a segment, with its place. */
export interface Word {
  text: string;
  from: number;
  to: number;
  tokens: string[];
}

export interface Behind {
  text: string;
  corrects: boolean;
  /** 'make that three': a number that takes the measure that was said. */
  bare: boolean;
}

export const NUM = String.raw`(?:(?<![\p{L}\d])(?:\d+(?:[.,]\d+)?(?:\s*[/⁄]\s*\d+)?(?:\s+\d\/\d)?|[½¼¾⅓⅔]|half(?: an?)?|an?|the (?=whole|entire)|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|a few|a couple of|a couple)(?![\p{L}]))`;
const AMOUNT = new RegExp(
  String.raw`\b(${NUM}(?:\s*(?:-|–|to|or)\s*${NUM})?)\s*-?\s*((?:(?:whole|entire|big|small|large|little|level|heaped|good|generous|\d+(?:\.\d+)?[\s-]*(?:ounce|oz|gram|g|ml))\s+)*)([\p{L}]+)?`,
  'giu',
);
const NOT_AMOUNT =
  /^(?:minutes?|mins?|min|hours?|hrs?|seconds?|degrees?|°|c|f|times?|people|persons?|portions?|servings?|bowls?|cm|inch(?:es)?|days?|nights?|weeks?|years?|percent|side|sides|bit|lot|little|while|good|time|word|thing|second|minute|moment|shop|knife|pan|pot|big)$/i;
/** What may stand between a food and its amount: no verb that leads on. */
const LEADS_ON = /\b(?:then|while|until|till|for|blend|simmer|add|pour|with|into|over|use|lid|oven|heat|serve|stir|meanwhile|goes? in|minutes)\b/i;

/** The amount behind a food: 'olive oil, one tablespoon', 'broccoli, that's about a pound', 'no make that three'. */
export function amountBehindFood(behind: string, has: boolean): Behind | null {
  for (const found of behind.matchAll(AMOUNT)) {
    const [all, number, sizes, word = ''] = found as unknown as [string, string, string, string | undefined];
    const glue = behind.slice(0, found.index);
    if (glue.length > MOST_GLUE || /[.!?]/.test(glue)) return null;
    const corrects = CORRECTS.test(glue);
    if (!corrects && LEADS_ON.test(glue)) return null;
    if (NOT_AMOUNT.test(word)) continue;
    const unit = unitOf(word);
    const after = behind.slice(found.index + all.length);
    if (unit && unit.name !== 'inch') {
      if (/^\s+of\s+(?!it|that|them|those|this)/i.test(after)) continue;
      // A count behind a count says nothing new, unless it corrects.
      if (has && unit.kind === 'count' && !corrects) continue;
      return { text: `${number.replace(/^the\s*$/i, '1')} ${sizes}${word}`.replace(/\b(?:whole|entire) /gi, ''), corrects, bare: false };
    }
    if (/^an?$|^half/i.test(number)) continue;
    if (corrects || (!has && (/^of$/i.test(word) ? /^\s*them\b/i.test(after) : word === '' && glue.trim().length < 4)))
      return { text: number, corrects, bare: true };
  }
  return null;
}
/** No more stands between a food and its amount. */
const MOST_GLUE = 68;

/** More than an article: a number, or a measure. */
export const isMeasured = (left: string): boolean =>
  /\d|[½¼¾⅓⅔]|\b(?:one|two|three|four|five|six|seven|eight|nine|ten|half)\b/i.test(left) ||
  left.split(/\s+/).some((word) => /^\p{L}{2,}$/u.test(word) && unitOf(word) !== undefined);

const MOST_LEFT = 9;
const BEGINS =
  /^(?:\d|[½¼¾⅓⅔]|(?:an?|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|half|dozen|couple|quarter|some|few|several|knob|pinch|handful|splash|glug|drizzle|dollop|bunch|glass|squeeze|slosh|juice|zest|litre|liter|pint|cup|tin|can|carton|spoon|teaspoon|tablespoon|the)\b)/i;

/** The first word of the amount before a food; null where there is none. The longest that reads as an amount of this food alone. */
export function amountBefore(segment: string, words: readonly Word[], free: number, first: number, phrase: string): number | null {
  const own = new Set(words.slice(first).flatMap(({ tokens }) => tokens));
  for (let start = Math.max(free, first - MOST_LEFT); start < first; start += 1) {
    const word = words[start] as Word;
    if (!BEGINS.test(word.text)) continue;
    if (/^the$/i.test(word.text) || (/^squeeze$/i.test(word.text) && /^(?:the|in|it)$/i.test(words[start + 1]?.text ?? ''))) continue;
    const left = segment.slice(word.from, (words[first] as Word).from);
    if (/[.;:!?]/.test(left.replace(/\d\.\d/g, '')) || /,\s/.test(left.replace(/,\s*(?=(?:\p{L}+ed|chopped|fresh|ripe|big|small|large)\b)/giu, '')))
      continue;
    const { amount, food } = readLine(`${left}${phrase}`);
    if (!amount.range || food === '') continue;
    const strangers = wordTokens(food).filter(
      (token) => !own.has(token) && !/^(?:zest|juice|rind|peel)$/.test(token) && !DESCRIPTORS.has(token) && !MODIFIERS.has(token),
    );
    if (strangers.length > MOST_STRANGERS) continue;
    if (/\s(?:with|in|on|into|for|that|it|until|till|at)\s/i.test(left) || startsAgain(words, start, first)) continue;
    // 'Twenty minutes, stock' is no amount of stock.
    if (/\b(?:minutes?|mins?|hours?|degrees|bowls?|people|servings)\b/i.test(left)) continue;
    if (
      readRange(left) === null &&
      !/^(?:knob|pinch|handful|splash|glug|drizzle|dollop|bunch|glass|squeeze|slosh|juice|zest|some|few|litre|liter|pint|cup|tin|can|carton|spoon|teaspoon|tablespoon)/i.test(
        left,
      )
    )
      continue;
    return start;
  }
  return null;
}

/** 'Two tablespoons a tablespoon of sugar': the first is of what came before. */
const startsAgain = (words: readonly Word[], start: number, first: number): boolean =>
  words
    .slice(start + 1, first)
    .some(({ text }, i) => /^(?:an?|one|two|three|four|five|six|half)$/i.test(text) && unitOf((words[start + i] as Word).text) !== undefined);

/** 'A litre of game stock': one word nobody knows may stand before the food. */
const MOST_STRANGERS = 1;
const MOST_UNKNOWN = 4;
const STOPS = /^(?:in|into|over|until|till|for|and|then|to|with|at|on|from|while|or|which|that|so|but|by|when|off|as|it|them|is|was|i|you|we)$/i;

/** Measured things that no shelf knows: '100 ml of Madeira', 'a glass of vermouth'. */
export function unknownIn(segment: string, mentions: readonly { to: number; leftFrom: number }[]): { text: string; from: number }[] {
  const taken = (from: number, to: number) => mentions.some((mention) => from < mention.to && to > mention.leftFrom);
  const out: { text: string; from: number }[] = [];
  for (const found of segment.matchAll(AMOUNT)) {
    const unit = unitOf(found[3] ?? '');
    if (!unit || unit.name === 'inch' || NOT_AMOUNT.test(found[3] ?? '')) continue;
    const end = found.index + found[0].length;
    const of = /^\s+of\s+(?:the\s+|a\s+|very\s+|some\s+)*/i.exec(segment.slice(end));
    if (!of && unit.kind !== 'mass') continue;
    const rest = segment.slice(end + (of?.[0].length ?? 0)).trimStart();
    const words: string[] = [];
    for (const word of rest.split(/\s+/, MOST_UNKNOWN + 1)) {
      const bare = word.replace(/[,.;:!?)]+$/, '');
      if (bare === '' || STOPS.test(bare) || words.length === MOST_UNKNOWN || !/^[\p{L}-]+$/u.test(bare)) break;
      words.push(bare);
      if (bare !== word) break;
    }
    const whole = `${found[0]}${of?.[0] ?? ' '}${words.join(' ')}`;
    if (
      words.length === 0 ||
      /^(?:it|that|them|those|this|time|the|after|before|once|each|all|plus|more|less|can|tin|package|pack|box|bag|one|bottle|carton|if|about|maybe|something|or|slaked|whisked|mixed|dissolved|stirred|sliced|chopped|diced|peeled|grated|cubed|soaked|drained|rinsed|melted|finely|roughly|thinly)$/i.test(
        words[0] as string,
      ) ||
      taken(found.index, found.index + whole.length)
    )
      continue;
    out.push({ text: whole.trim(), from: found.index });
  }
  return out;
}
