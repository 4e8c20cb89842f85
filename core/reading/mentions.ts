/** The foods that a segment of running text names, each with what describes it and the amount before it. */
import type { Shelf } from '../food/shelf.ts';
import { amountBefore, isMeasured, type Word } from './amountsAbout.ts';
import { nameAt, wordTokens } from './match.ts';
import { DESCRIPTORS, MAKES_ANOTHER, MODIFIERS, SLIPS } from './words.ts';

export interface Mention {
  /** Offsets of the food's words, with what describes them, into the segment. */
  from: number;
  to: number;
  phrase: string;
  key: string;
  foodId: string | null;
  /** 'Leek soup', 'cream of asparagus': a dish and no ingredient. */
  dish: boolean;
  /** Amount before it, as written, and where it begins. */
  left: string | null;
  leftFrom: number;
}

const NOT_FOODS = new Set([
  'heat',
  'soup',
  'ice',
  'date',
  'dash',
  'nut',
  'chip',
  'dish',
  'base',
  'cob',
  'game',
  'spice',
  'herb',
  'vegetable',
  'fruit',
  'meat',
  'starch',
  'spread',
  'drink',
  'fat',
  'crisp',
  'sweet',
  'hot',
]);
const DISHES =
  /^\s*(?:(?:and|&|,|with)\s+)?(?:[\p{L}-]+\s+){0,2}(?:soup|bisque|chowder|velout[eé]|potage|pie|cake|salad|curry|stew|sandwich|pudding|risotto|tart|puree soup)\b|^\s*ones\b|^\s*(?:[\p{L}-]+\s+)?one(?=\s+(?:this|is|today|that|you|we|i|he|she|they|from|for)\b|[.,!]|$)/iu;
const CREAM_OF = /\b(?:(?:cream|soup|bisque|velout[eé]|bowl) of|recipe for|this is for the|today is)\s+(?:[\p{L}-]+\s+(?:and|&)\s+)?$/iu;
const WORD = /[\p{L}\p{N}½¼¾⅓⅔%][\p{L}\p{N}'’½¼¾⅓⅔%./-]*/gu;
const MOST_PHRASE_LEFT = 4;

/** The foods a segment names, from left to right, each with the amount before it. */
export function mentionsIn(segment: string, shelf: Shelf): Mention[] {
  const words: Word[] = [...segment.matchAll(WORD)].slice(0, 400).map((found) => {
    const text = found[0].replace(/[.,'’/-]+$/, '');
    return { text, from: found.index, to: found.index + text.length, tokens: wordTokens(text) };
  });
  const tokens = words.flatMap((word) => word.tokens);
  const starts: number[] = [];
  const wordAt: number[] = [];
  words.forEach((word, at) => {
    starts.push(wordAt.length);
    for (let i = 0; i < word.tokens.length; i += 1) wordAt.push(at);
  });
  const mentions: Mention[] = [];
  let free = 0;
  for (let at = 0; at < words.length; at += 1) {
    const found = foodAt(words, tokens, starts, wordAt, at, shelf);
    if (!found || isMeasure(words, at, segment)) continue;
    const joined = orJoined(words, tokens, starts, wordAt, found, shelf);
    const mention = mentionOf(segment, words, free, at, joined ?? found);
    if (mention) mentions.push(mention);
    at = (joined ?? found).lastWord;
    free = at + 1;
  }
  return mentions;
}

/** 'Garlic, two cloves': cloves that are counted are a measure, unless a spice stands about. */
const isMeasure = (words: readonly Word[], at: number, segment: string): boolean =>
  /^cloves?$/i.test(words[at]?.text ?? '') && !/\b(?:stud\w*|stuck|cinnamon|anise|allspice|ground|spices?|cardamom|onion with)\b/i.test(segment);

interface FoundFood {
  lastWord: number;
  foodId: string | null;
  key: string;
  slip: boolean;
}

function foodAt(
  words: readonly Word[],
  tokens: readonly string[],
  starts: readonly number[],
  wordAt: readonly number[],
  at: number,
  shelf: Shelf,
): FoundFood | null {
  const start = starts[at] as number;
  const name = nameAt(tokens, start, shelf);
  if (name) {
    const named = tokens.slice(start, start + name.length);
    if (name.length === 1 && NOT_FOODS.has(named[0] as string)) return null;
    const lastWord = wordAt[start + name.length - 1] as number;
    return { lastWord, foodId: name.foodId, key: named.join(' '), slip: false };
  }
  const heard = words[at]?.tokens[0] ?? '';
  const meant = Object.hasOwn(SLIPS, heard) ? SLIPS[heard] : undefined;
  const slip = meant ? nameAt(wordTokens(meant), 0, shelf) : null;
  return slip && meant ? { lastWord: at, foodId: slip.foodId, key: wordTokens(meant).join(' '), slip: true } : null;
}

/** 'Chicken or vegetable stock', 'butter or oil': one phrase, a choice. */
function orJoined(
  words: readonly Word[],
  tokens: readonly string[],
  starts: readonly number[],
  wordAt: readonly number[],
  found: FoundFood,
  shelf: Shelf,
): FoundFood | null {
  const or = words[found.lastWord + 1];
  if (!or || !/^or$/i.test(or.text) || found.lastWord + 2 >= words.length || or.from - (words[found.lastWord] as Word).to !== 1) return null;
  const other = foodAt(words, tokens, starts, wordAt, found.lastWord + 2, shelf);
  if (!other || other.slip) return null;
  return { lastWord: other.lastWord, foodId: null, key: `${found.key} or ${other.key}`, slip: false };
}

function mentionOf(segment: string, words: readonly Word[], free: number, at: number, found: FoundFood): Mention | null {
  let first = at;
  while (first > free && at - first < MOST_PHRASE_LEFT && describes(words[first - 1] as Word)) first -= 1;
  let last = found.lastWord;
  const next = words[last + 1];
  // 'Truffle oil', 'prawn crackers' where the shelf has only the truffle: a food nobody knows, and not the truffle.
  const unknown =
    next !== undefined &&
    next.from - (words[last] as Word).to === 1 &&
    MAKES_ANOTHER.has(next.tokens[0] ?? '') &&
    !/^(?:sweet|bitter|wild|winter|summer|shell|peel|skin|leaf|stem|root|seed|water|horse|cream|butter|milk|salad|bread|bun|roll|turkey|duck|goose|pork|beef|lamb|goat|fish|wine|sauce)$/.test(
      next.tokens[0] ?? '',
    );
  if (unknown) last += 1;
  else if (next && next.from - (words[last] as Word).to === 1 && PARTS_OF_PLANTS.test(next.text)) last += 1;
  const from = (words[first] as Word).from;
  const to = (words[last] as Word).to;
  const before = segment.slice(0, from);
  const dish =
    DISHES.test(segment.slice(to)) || CREAM_OF.test(before) || (/\bcream$/i.test(segment.slice(from, to)) && /^\s+of\s/i.test(segment.slice(to)));
  const phrase = segment.slice(from, to);
  const amount = amountBefore(segment, words, free, first, phrase);
  if (found.slip && (amount === null || !isMeasured(segment.slice((words[amount] as Word).from, from)))) return null;
  return {
    from,
    to,
    phrase,
    key: unknown ? phrase.toLowerCase() : found.key,
    foodId: unknown ? null : found.foodId,
    dish,
    left: amount !== null ? segment.slice((words[amount] as Word).from, from).trim() : null,
    leftFrom: amount !== null ? (words[amount] as Word).from : from,
  };
}

const PARTS_OF_PLANTS = /^(?:florets?|leaves|kernels|flesh|crowns?|halves|wedges|spears|tips|fillets?)$/i;
const NO_DESCRIPTION = new Set([
  'the',
  'a',
  'an',
  'and',
  'or',
  'of',
  'plus',
  'for',
  'to',
  'in',
  'at',
  'with',
  'without',
  'one',
  'two',
  'some',
  'any',
  'as',
  'if',
  'until',
  'then',
  'this',
  'that',
  'these',
  'those',
  'my',
  'our',
  'your',
  'more',
  'it',
  'its',
  'their',
  'from',
  'on',
  'off',
  'like',
  'about',
  'cut',
  'part',
  'per',
  'each',
  'few',
  'little',
  'lots',
  'plenty',
  'such',
  'very',
  'just',
  'well',
  'serve',
  'serving',
  'clove',
  'cloves',
  'bunch',
  'handful',
  'stick',
  'stalk',
  'head',
  'sprig',
  'sprigs',
  'knob',
  'can',
  'tin',
  'jar',
  'carton',
  'leaf',
  'leaves',
  'stalks',
  'inch',
  'cm',
  'mm',
]);
const describes = ({ text }: Word): boolean => {
  const word = text.toLowerCase();
  return !NO_DESCRIPTION.has(word) && !/\d/.test(word) && (DESCRIPTORS.has(word) || MODIFIERS.has(word));
};
