/**
 * Which food a phrase names. Foods are matched whole, never by substrings: 'butternut' is not butter, 'coconut milk' is
 * not milk, 'peanut butter' is nothing the shelf has. The longest written name that stands in the phrase wins; whatever
 * is left must be words about the food and not another food.
 */

import { OPEN_ROW } from '../food/openTable.ts';
import type { Shelf } from '../food/shelf.ts';
import { type WordTable, wordTable } from '../quantity/wordTable.ts';
import type { Food } from '../vocabulary/food.ts';
import { inOurWords } from './kitchenWords.ts';
import { AMBIGUOUS, DESCRIPTORS, HOLLOW, MAKES_ANOTHER, MODIFIERS, OPPOSITES } from './words.ts';

export type Match =
  | { kind: 'food'; foodId: string }
  /** Matched, but a word that changes a food has no row of its own. */
  | { kind: 'modified'; foodId: string; word: string }
  | { kind: 'ambiguous'; foodIds: readonly string[]; word: string }
  | { kind: 'none'; unknown: readonly string[] };

interface Name {
  tokens: readonly string[];
  foodId: string;
  kitchen: boolean;
}

const IRREGULAR: WordTable<string> = wordTable({
  leaves: 'leaf',
  loaves: 'loaf',
  halves: 'half',
  potatoes: 'potato',
  tomatoes: 'tomato',
  radishes: 'radish',
  anchovies: 'anchovy',
  peaches: 'peach',
  bunches: 'bunch',
  spinach: 'spinach',
  // 'Turnip greens' are not green turnips.
  greens: 'greens',
  molasses: 'molasses',
  asparagus: 'asparagus',
  hummus: 'hummus',
  couscous: 'couscous',
  watercress: 'watercress',
  swiss: 'swiss',
  cress: 'cress',
  haricots: 'haricot',
});

/** 'onions' and 'onion' are one word. Enough for the foods of soups; a stemmer would join too much. */
export function singular(word: string): string {
  const irregular = IRREGULAR.get(word);
  if (irregular !== undefined) return irregular;
  if (word.length > 4 && word.endsWith('ies')) return `${word.slice(0, -3)}y`;
  return word.length > 3 && word.endsWith('s') && !word.endsWith('ss') && !word.endsWith('us') ? word.slice(0, -1) : word;
}

const fold = (text: string): string => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();

/** Words in lower case, without accents and punctuation, singular; hyphens and per cent signs stay inside a word. */
export const tokensOf = (text: string): string[] =>
  (
    fold(text)
      .replace(/['’]s?(?![a-z])/g, '')
      .replace(/&/g, ' and ')
      .replace(/\bhalf[\s-]+(?:and|n)[\s-]+half\b/g, 'half-and-half')
      .match(/[a-z0-9%]+(?:-[a-z0-9]+)*/g) ?? []
  ).map(singular);

/** 'low-sodium' and 'low sodium', 'half-and-half' and 'half and half' read alike. */
const split = (tokens: readonly string[]): string[] => tokens.flatMap((token) => (token.includes('-') ? token.split('-').map(singular) : [token]));

interface FoodWords {
  /** Its name up to the comma and its aliases, in tokens; hyphens stay. */
  names: readonly (readonly string[])[];
  /** Every word of its name and aliases. */
  all: ReadonlySet<string>;
}
const foodWords = new WeakMap<Food, FoodWords>();

/** The words a food goes by; worked out once a food. */
export function wordsOfFood(food: Food): FoodWords {
  let words = foodWords.get(food);
  if (!words) {
    const names = [...food.aliases, food.name.replace(/,.*$/, '')].map(tokensOf);
    foodWords.set(food, (words = { names, all: new Set(split([...names.flat(), ...tokensOf(food.name)])) }));
  }
  return words;
}

const nameIndexes = new WeakMap<Shelf['foods'], Map<string, Name[]>>();

/** Names by their first token, longest first. */
function namesOf(shelf: Shelf): Map<string, Name[]> {
  let index = nameIndexes.get(shelf.foods);
  if (index) return index;
  index = new Map();
  for (const food of shelf.foods) {
    const kitchen = !food.id.startsWith(OPEN_ROW);
    for (const written of [...food.aliases, ...(kitchen || !food.name.includes(',') ? [food.name.replace(/\(.*\)/, '')] : [])]) {
      const tokens = split(tokensOf(written));
      if (tokens.length === 0) continue;
      const list = index.get(tokens[0] as string);
      const name = { tokens, foodId: food.id, kitchen };
      if (list) list.push(name);
      else index.set(tokens[0] as string, [name]);
    }
  }
  for (const list of index.values()) list.sort((a, b) => b.tokens.length - a.tokens.length || Number(b.kitchen) - Number(a.kitchen));
  nameIndexes.set(shelf.foods, index);
  return index;
}

/** The longest name of the shelf that begins at a word of running text, in tokens as `wordsOf` gives them; a word that is several foods has no id. */
export function nameAt(tokens: readonly string[], start: number, shelf: Shelf): { length: number; foodId: string | null } | null {
  const isHere = (parts: readonly string[]) => parts.every((part, i) => tokens[start + i] === part);
  const name = namesOf(shelf)
    .get(tokens[start] as string)
    ?.find(({ tokens: parts }) => isHere(parts));
  const vague = AMBIGUOUS_NAMES.find(({ tokens: parts }) => isHere(parts));
  if (vague && vague.tokens.length >= (name?.tokens.length ?? 0)) return { length: vague.tokens.length, foodId: null };
  return name ? { length: name.tokens.length, foodId: name.foodId } : null;
}

/** The tokens of one written word: 'half-and-half' is three. */
export const wordTokens = (word: string): string[] => split(tokensOf(word));

interface Found {
  name: Name;
  start: number;
}

function longestName(tokens: readonly string[], names: Map<string, Name[]>): Found | null {
  let best: Found | null = null;
  let bestRank: readonly number[] = [];
  tokens.forEach((token, start) => {
    const name = names.get(token)?.find((candidate) => candidate.tokens.every((part, i) => tokens[start + i] === part));
    if (!name) return;
    const left = tokens.filter((_, i) => i < start || i >= start + name.tokens.length);
    // Longest first; then the one that leaves no other food, then no word that changes a food; then a kitchen row; then the later, since English puts the food last.
    const strangers = left.filter((word) => !isDescriptor(word) && !MODIFIERS.has(word)).length;
    const rank = [name.tokens.length, -strangers, -left.filter((word) => MODIFIERS.has(word)).length, Number(name.kitchen), start];
    if (best && !outranks(rank, bestRank)) return;
    best = { name, start };
    bestRank = rank;
  });
  return best;
}

function outranks(a: readonly number[], b: readonly number[]): boolean {
  const at = a.findIndex((value, i) => value !== b[i]);
  return at >= 0 && (a[at] as number) > (b[at] as number);
}

const AMBIGUOUS_NAMES = Object.keys(AMBIGUOUS)
  .map((word) => ({ word, tokens: tokensOf(word) }))
  .sort((a, b) => b.tokens.length - a.tokens.length);
const OPPOSITE_TOKENS = [...OPPOSITES].map((word) => split([word]));
const descriptors = new Set([...DESCRIPTORS].map(singular));

/** The food of a phrase such as 'large leeks, white parts only'; words of cutting may stand inside its name: 'canned diced tomatoes'. */
export function matchFood(phrase: string, shelf: Shelf): Match {
  const match = matchPhrase(phrase, shelf);
  if (match.kind !== 'none') return match;
  const ours = inOurWords(phrase);
  return ours === null ? match : matchPhrase(ours, shelf);
}

function matchPhrase(phrase: string, shelf: Shelf): Match {
  const written = tokensOf(phrase);
  const tokens = split(written);
  const whole = matchTokens(tokens, shelf);
  const bare = split(written.filter((token) => !CUT.has(token) && !(token.includes('-') && DESCRIPTORS.has(token)))).filter(
    (token) => !CUT.has(token),
  );
  if (bare.length === tokens.length || bare.length === 0) return whole;
  const cut = matchTokens(bare, shelf);
  return (whole.kind === 'food' || whole.kind === 'ambiguous') && nameLength(whole, tokens, shelf) >= nameLength(cut, bare, shelf)
    ? whole
    : better(whole, cut);
}

const CUT: ReadonlySet<string> = new Set(
  'chopped diced sliced minced grated shredded crushed cubed halved quartered peeled whole fresh large small medium plain finely roughly'.split(' '),
);
const CERTAIN = { food: 2, ambiguous: 1, modified: 1, none: 0 } as const satisfies Record<Match['kind'], number>;
const better = (a: Match, b: Match): Match => (CERTAIN[b.kind] > CERTAIN[a.kind] || (b.kind === 'food' && a.kind === 'food') ? b : a);
const nameLength = (match: Match, tokens: readonly string[], shelf: Shelf): number =>
  match.kind === 'none' ? 0 : (longestName(tokens, namesOf(shelf))?.name.tokens.length ?? 0);

function matchTokens(tokens: readonly string[], shelf: Shelf): Match {
  const names = namesOf(shelf);
  const found = longestName(tokens, names);
  const opposed = OPPOSITE_TOKENS.some(
    (parts) => containsAll(tokens, parts) && !(found && (containsAll(found.name.tokens, parts) || says(parts, found, shelf))),
  );
  if (opposed) return { kind: 'none', unknown: tokens };
  const vague = AMBIGUOUS_NAMES.find(({ tokens: parts }) => containsAll(tokens, parts));
  if (vague && (!found || found.name.tokens.length < vague.tokens.length || !overlaps(found, vague.tokens, tokens))) {
    if (!found || found.name.tokens.length <= vague.tokens.length) {
      const left = tokens.filter((token) => !vague.tokens.includes(token));
      if (left.every((token) => isDescriptor(token)))
        return { kind: 'ambiguous', foodIds: AMBIGUOUS[vague.word] as readonly string[], word: vague.word };
    }
  }
  if (!found) return { kind: 'none', unknown: tokens.filter((token) => !isDescriptor(token)) };
  const left = [...tokens.slice(0, found.start), ...tokens.slice(found.start + found.name.tokens.length)];
  // 'Stilton-type blue cheese': another name of the same food says nothing new.
  const isItself = (token: string) => names.get(token)?.some((name) => name.tokens.length === 1 && name.foodId === found.name.foodId) ?? false;
  const unknown = left.filter(
    (token) => !isDescriptor(token) && !MODIFIERS.has(token) && !isItself(token) && !/^(?:gluten|free|dairy|wheat)$/.test(token),
  );
  if (unknown.length > 0)
    return isKindOf(tokens, found, unknown, shelf)
      ? { kind: 'modified', foodId: found.name.foodId, word: unknown.join(' ') }
      : { kind: 'none', unknown };
  const food = shelf.food(found.name.foodId) as Food;
  const lean = LEAN.find(({ tokens: parts }) => containsAll(tokens, parts) && !parts.every((part) => wordsOfFood(food).all.has(part)));
  if (lean && (food.per100g.fatG ?? 0) > MUCH_FAT_G) return { kind: 'modified', foodId: found.name.foodId, word: lean.word };
  const modifier = left.find((token) => MODIFIERS.has(token) && !descriptors.has(token) && !wordsOfFood(food).all.has(token));
  return modifier ? { kind: 'modified', foodId: found.name.foodId, word: modifier } : { kind: 'food', foodId: found.name.foodId };
}

/** Words of several that take the fat out of a food; one by one they say nothing: 'a fat clove', 'a free-range egg'. */
const LEAN = ['fat-free', 'reduced-fat', 'low-fat', 'half-fat', 'lower-fat'].map((word) => ({ word, tokens: split([word]) }));
/** Grams in 100 g from which it matters. */
const MUCH_FAT_G = 2;

/**
 * An unknown word left of a food is taken for a kind of it, and doubted: 'Kent pumpkin', 'Lebanese cucumber'. Not where the word makes
 * another food ('chilli crisp'), is a food itself ('prawn crackers'), or the noun alone says nothing ('hemp milk').
 */
function isKindOf(tokens: readonly string[], { name, start }: Found, unknown: readonly string[], shelf: Shelf): boolean {
  const right = tokens.slice(start + name.tokens.length);
  if (!right.every(isDescriptor) || unknown.length > MOST_UNKNOWN) return false;
  if (name.tokens.length === 1 && HOLLOW.has(name.tokens[0] as string)) return false;
  const names = namesOf(shelf);
  return unknown.every((word) => word.length > 2 && !MAKES_ANOTHER.has(word) && !names.get(word)?.some(({ tokens: own }) => own.length === 1));
}
const MOST_UNKNOWN = 2;

/** 'Gluten-free stock' is stock all the same: the word denies nothing the food is made of, and what is to be checked stays so. */
function says(parts: readonly string[], { name }: Found, shelf: Shelf): boolean {
  const denied = DENIES.get(parts.join(' '));
  const food = shelf.food(name.foodId);
  return denied !== undefined && food !== undefined && !food.contains.some(({ allergen }) => denied.includes(allergen));
}
const DENIES: ReadonlyMap<string, readonly string[]> = new Map([
  ['gluten free', ['gluten', 'wheat']],
  ['wheat free', ['wheat', 'gluten']],
  ['dairy free', ['milk']],
]);

const isDescriptor = (token: string): boolean => descriptors.has(token) || /^\d/.test(token) || token.length === 1;
const containsAll = (tokens: readonly string[], parts: readonly string[]): boolean =>
  tokens.some((_, start) => parts.every((part, i) => tokens[start + i] === part));

function overlaps({ name, start }: Found, parts: readonly string[], tokens: readonly string[]): boolean {
  const at = tokens.findIndex((_, index) => parts.every((part, i) => tokens[index + i] === part));
  return at >= start && at < start + name.tokens.length;
}
