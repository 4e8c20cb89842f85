/** Where a step speaks of a line: the words, with what stands before them as a part of the phrase. */
import type { Shelf } from '../food/shelf.ts';
import { alsoCalled, FISHES_OUT, headWords, otherNames, wordsSaid } from '../reading/heads.ts';
import { tokensOf, wordsOfFood } from '../reading/match.ts';
import { CATEGORY_ROWS, type Category } from '../vocabulary/category.ts';
import type { Line, Step } from '../vocabulary/recipe.ts';

export interface Span {
  /** UTF-16 offsets into the text. */
  from: number;
  to: number;
}

export interface Spoken {
  heads: ReadonlySet<string>;
  own: ReadonlySet<string>;
  /** Words that end a name of it: 'broth' of the chicken broth, and not 'chicken'. */
  last: ReadonlySet<string>;
}

const JOINS = new Set([
  'and',
  'or',
  'of',
  'with',
  'in',
  'the',
  'to',
  'until',
  'for',
  'then',
  'plus',
  'a',
  'an',
  'cut',
  'into',
  'on',
  'off',
  'taste',
  'serve',
  'serving',
  'more',
  'garnish',
]);

/** A dish of chicken thighs is spoken of as the chicken. */
export const FLESH: ReadonlySet<Category> = new Set<Category>(['meat', 'poultry', 'fish', 'shellfish']);

/** The words each line goes by in the steps; a part goes by its whole's, and a line they never name by the name of its food. */
export function spokenIn(steps: readonly Step[], lines: readonly Line[], shelf: Shelf): Map<string, Spoken> {
  const byId = new Map(lines.map((line) => [line.id, line]));
  const wholes = lines.map((line) => ({ ...line, text: byId.get(line.partOf ?? '')?.text ?? line.text }));
  const spoken = new Map(wholes.map((line) => [line.id, spokenOf(line, shelf)]));
  const heads = new Map([...spoken].map(([id, one]) => [id, one.heads] as const));
  const said = wordsSaid(steps.map(({ text }) => text));
  for (const line of wholes) {
    const names = otherNames(line, heads, said, shelf);
    const own = spoken.get(line.id) as Spoken;
    if (names.length > 0) spoken.set(line.id, { heads: new Set([...own.heads, ...names]), own: own.own, last: new Set([...own.last, ...names]) });
  }
  return spoken;
}

/** Parts that steps keep for the top and call by no other name. */
const PARTS_OF: Readonly<Record<string, readonly string[]>> = { asparagus: ['tip', 'spear'], broccoli: ['floret'], cauliflower: ['floret'] };

/** The words a line goes by in the steps. */
export function spokenOf(line: Line, shelf: Shelf): Spoken {
  const food = shelf.food(line.foodId ?? '');
  const parts = PARTS_OF[line.foodId ?? ''] ?? [];
  const heads = new Set([...headWords(line, shelf), ...parts].filter((word) => word !== 'season' && word !== 'liquid'));
  const ends = new Set(food ? wordsOfFood(food).names.flatMap((name) => name.at(-1) ?? []) : heads);
  // 'Cooked chicken, shredded' is spoken of as the chicken, though its food is a breast.
  const saysEnd = [...heads].some((head) => ends.has(head));
  const last = new Set([
    ...(saysEnd && !(food && FLESH.has(food.category)) ? ends : [...ends, ...heads]),
    ...alsoCalled(line.foodId),
    ...parts,
    ...(food ? (CATEGORY_ROWS[food.category].called?.split(', ') ?? []) : []),
  ]);
  return {
    heads,
    last,
    own: new Set([...tokensOf(line.text.slice(0, 200)), ...tokensOf(food?.name ?? '')].filter((token) => !JOINS.has(token) && !/^\d/.test(token))),
  };
}

/** One name in three words; as long as it was, so that every place in the text stays. */
const HALF_AND_HALF = /\bhalf (?:and|&) half\b/gi;
const WORD = /[\p{L}][\p{L}'’-]*/gu;
/** '250 g of the', 'two cloves of', '1 1/2 cups of the'. */
export const QUANTITY = String.raw`(?:(?:(?:\d+\s+)?[\d½¼¾⅓⅔][\d./½¼¾⅓⅔]*|an?|one|two|three|four|five|six|eight|ten|twelve)\s*(?:(?:good|small|large|big|heaped)\s+)?(?:g|kg|ml|l|lit(?:re|er)s?|pints?|quarts?|oz|ounces?|lbs?|pounds?|cups?|tablespoons?|tbsp|teaspoons?|tsp|cloves?|stalks?|sticks?|ribs?|sprigs?|heads?|cans?|tins?|slices?|rashers?)\s+(?:of\s+)?(?:the\s+)?|(?:\d+\s+)?[\d½¼¾⅓⅔][\d./½¼¾⅓⅔]*\s+(?:of\s+)?(?:the\s+)?)`;
const BEFORE = new RegExp(
  String.raw`(?<![A-Za-z\u00c0-\u024f])(?:(?:(?:all|half|most|some|both|a little|a few|the rest|rest|remaining|remainder|other half)(?:\s+of)?\s+)?(?:(?:the|an?|some|your|my|our|its|their|this|that|these|those)\b)?\s*${QUANTITY}?)$`,
  'i',
);
const DESCRIBES =
  /^(?:remaining|reserved|soft|softened|cold|hot|warm|fresh|chopped|grated|sliced|diced|drained|soaked|cooked|double|single|heavy|plain|dried|smoked|other|rest|melted|beaten|flaked|shredded|pulled|crumbled|prepared|raw|whole|small|large)$/i;
/** 'In a pot, warm coconut oil': what begins a clause and can be done to a food is done to it. */
const isDone = (text: string, at: number, word: string): boolean =>
  /^warm$/i.test(word) && /(?:^|[,;.]\s*|\b(?:and|then)\s+)$/i.test(text.slice(0, at));

const ITS = /^(?:its|their|it)$/;
const COMES_OUT = /^(?:oil|fat|juice|liquid|water)$/;
/** Words behind the head that make it another thing: 'butter beans', 'cream cheese'. */
const NOT_BEFORE =
  /^\s+(?:soup|cheese|beans?|squash|sauce|powder|oil|stock|broth|juice|flour|paste|paper|butter|milk|cream|drink|leaves|seeds?|zest|peel|rinds?|bones?|hocks?|cobs?)\b/i;

/**
 * Every place of the text that speaks of the line, from left to right. `others` are lines that stay and share words with it, `rivals` all
 * that do: 'the diced ham' is no hock where a line of diced ham is there.
 */
export function mentionsOf(written: string, spoken: Spoken, others: readonly Spoken[], rivals: readonly Spoken[] = others): Span[] {
  const text = written.replace(HALF_AND_HALF, (said) => (said.includes('&') ? 'half-n-half' : 'half-and-half')).replace(FISHES_OUT, 'lift');
  const spans: Span[] = [];
  const words = [...text.matchAll(WORD)].map((found) => ({
    from: found.index,
    to: found.index + found[0].length,
    token: tokensOf(found[0]).join(' '),
  }));
  words.forEach(({ from, to: wordEnd, token }, at) => {
    if (!spoken.heads.has(token)) return;
    // 'Goat cheese', 'hazelnut oil': the name goes on.
    let end = spoken.last.has(token) ? at : -1;
    for (
      let next = at + 1;
      words[next] && /^[\s-]$/.test(text.slice(words[next - 1]?.to, words[next]?.from)) && spoken.own.has(words[next]?.token ?? '');
      next += 1
    )
      if (spoken.last.has(words[next]?.token ?? '')) end = next;
    if (end < 0) return;
    const to = words[end]?.to ?? wordEnd;
    const behind = text.slice(to);
    const next = NOT_BEFORE.exec(behind);
    if (next && !spoken.own.has(tokensOf(next[0])[0] ?? '')) return;
    // The words before it that describe this line, and no other.
    let first = at;
    while (first > 0 && text.slice(words[first - 1]?.to, words[first]?.from).trim() === '') {
      const before = words[first - 1] as (typeof words)[number];
      const said = text.slice(before.from, before.to);
      if (!spoken.own.has(before.token) && (!DESCRIBES.test(said) || isDone(text, before.from, said))) break;
      first -= 1;
    }
    const start = words[first]?.from ?? from;
    const described = words.slice(Math.max(0, first), at).map((one) => one.token);
    const before = words[first - 1]?.token ?? '';
    // 'The chorizo and its oil' is none of the bottle.
    if (ITS.test(before) && COMES_OUT.test(token)) return;
    const shared = others.filter(({ heads }) => heads.has(token));
    const sharing = rivals.filter(({ heads }) => heads.has(token));
    // 'The double cream' is not 'the sour cream' where both are there; a bare word is the one that is spoken of.
    if (sharing.some(({ own }) => own.has(before) && !spoken.own.has(before))) return;
    if (shared.length > 0 && described.length === 0 && shared.some(({ own }) => [...own].some((word) => word === before))) return;
    if (rivals.some(({ heads, own }) => heads.has(token) && described.some((word) => own.has(word) && !spoken.own.has(word)))) return;
    const lead = BEFORE.exec(text.slice(0, start));
    const open = lead ? start - lead[0].length : start;
    const skip = /^\s*/.exec(text.slice(open, start))?.[0].length ?? 0;
    const last = spans.at(-1);
    if (last && open + skip < last.to) {
      // 'A stick of celery' is one name.
      if (/^\s+of\s+(?:the\s+)?$/.test(text.slice(last.to, start))) last.to = to;
      return;
    }
    spans.push({ from: open + skip, to });
  });
  return spans;
}
