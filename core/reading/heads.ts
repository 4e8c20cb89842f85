/** Which words of a step may speak of which line: 'the cream' of the double cream, 'the stock', 'the vegetables'. */
import type { Shelf } from '../food/shelf.ts';
import { unitOf } from '../quantity/units.ts';
import { CATEGORY_ROWS, type Category, isOf } from '../vocabulary/category.ts';
import type { Food } from '../vocabulary/food.ts';
import type { Line } from '../vocabulary/recipe.ts';
import { tokensOf, wordsOfFood } from './match.ts';

/** No line of ingredients is longer. */
const MOST_READ = 400;

/** The words of a line without its parentheses and what follows the food; 'boneless, skinless chicken thighs' begins before it. */
function ownWords(text: string, food: Food | undefined): string[] {
  const [first = [], ...more] = text
    .slice(0, MOST_READ)
    .replace(/\([^()]*\)/g, ' ')
    .split(/[,;]/)
    .map(tokensOf);
  if (!food || more.length === 0) return first;
  const ends = new Set(wordsOfFood(food).names.map((name) => name.at(-1)));
  const names = (tokens: readonly string[]) => tokens.some((token) => ends.has(token));
  return names(first) ? first : (more.find(names) ?? first);
}

/** Last words of a line's food and of the line itself: 'double cream' is spoken of as 'the cream'. */
export function headWords(line: Line, shelf: Shelf): ReadonlySet<string> {
  const food = line.foodId === null ? undefined : shelf.food(line.foodId);
  const words = new Set<string>();
  const own = ownWords(line.text, food);
  const everywhere = tokensOf(line.text.slice(0, MOST_READ));
  for (const tokens of food ? wordsOfFood(food).names : []) {
    const last = tokens.at(-1);
    if (last && (own.includes(last) || (own.length < 3 && everywhere.includes(last)))) words.add(last);
    if (tokens.length > 1 && tokens[0] && own.includes(tokens[0])) words.add(tokens[0]);
  }
  // A line in another kitchen's words is spoken of in ours.
  if (food && words.size === 0) {
    for (const said of own) if (/\p{L}{3}/u.test(said) && !unitOf(said)) words.add(said);
    for (const alias of [food.name.replace(/[,(].*$/, ''), ...food.aliases.slice(0, 2)]) words.add(tokensOf(alias).at(-1) ?? '');
  }
  for (const word of food ? (CATEGORY_ROWS[food.category].called?.split(', ') ?? []) : []) words.add(word);
  for (const word of alsoCalled(line.foodId)) words.add(word);
  if (food && wordsOfFood(food).all.has('cheese') && /\bcheese\b/i.test(food.name)) words.add('cheese');
  if (food && (food.category === 'salt' || food.id.endsWith('pepper'))) words.add('season');
  if (words.size === 0) for (const token of own.slice(-2)) words.add(token);
  // 'Corn, kernels cut off': the steps speak of the kernels.
  for (const part of PARTS_EATEN) if (everywhere.includes(part)) words.add(part);
  for (const vague of VAGUE) words.delete(vague);
  return words;
}

const PARTS_EATEN = ['kernel', 'floret', 'spear'] as const;
const ALSO_CALLED: Readonly<Record<string, readonly string[]>> = {
  'bay-leaf': ['bay'],
  'butternut-squash': ['squash', 'pumpkin'],
  pumpkin: ['squash'],
  beetroot: ['beet'],
  cheddar: ['cheese'],
  gruyere: ['cheese'],
  parmesan: ['cheese'],
  'ham-hock': ['ham', 'hock', 'meat'],
  courgette: ['zucchini', 'courgette'],
  aubergine: ['eggplant', 'aubergine'],
  leek: ['leek', 'white'],
  'split-peas-dry': ['pea'],
  'coriander-leaf': ['cilantro', 'coriander'],
  'spring-onion': ['scallion'],
  'chili-powder-blend': ['chilli', 'chili', 'chile'],
  'egg-yolk': ['yolk'],
  beer: ['beer', 'lager', 'ale'],
  'italian-seasoning': ['bouquet'],
  stout: ['beer', 'stout'],
};
/** What the steps call a food beside its names and the name of its kind. */
export const alsoCalled = (foodId: string | null): readonly string[] => ALSO_CALLED[foodId ?? ''] ?? [];
const VAGUE = new Set(
  (
    'fresh white red green dried dry canned ground raw whole sweet black hot cold double single heavy light unsalted salted large small medium frozen extra plain smoked cooked free ' +
    'chopped diced crushed sliced peeled grated shredded minced cubed cherry plum baby young ripe new soft hard strong mild ' +
    'cup teaspoon tablespoon pound ounce head stalk clove bunch piece can tin half leaf sea dark brown yellow root powder juice soup top serve bowl part oz g ml kg'
  ).split(' '),
);

/** 'Fish out the bay leaf' speaks of no fish. */
export const FISHES_OUT =
  /(?<!\b(?:the|an?|your|our|this|that|of|and|white|smoked|poached|raw|cooked) )\bfish(?=\s+(?:out\b|(?:it|them)\s+out\b|(?:the|any|all|your)\s+(?:[\w-]+\s+){1,3}out\b))/gi;

/** Words for whole groups of lines, by the kinds they stand for. */
const GROUPS: readonly (readonly [RegExp, (category: Category) => boolean])[] = [
  [/\b(?:vegetables|veggies|veg|aromatics)\b/i, (category) => isOf(category, 'vegetable')],
  [/\bspices\b/i, (category) => category === 'spice'],
  [/\bherbs\b/i, (category) => category === 'herb'],
  [/\bseasonings\b/i, (category) => category === 'spice' || category === 'herb' || category === 'salt'],
  [/\b(?:nuts|seeds|nuts and seeds)\b/i, (category) => category === 'nut-seed'],
  [/\b(?:fats?|oils?)\b/i, (category) => category === 'fat'],
];
const EVERYTHING =
  /\b(?:(?<!\binto )(?<!\bin )everything|all (?:of )?(?:the )?(?:ingredients|rest|other)|all together|all (?=in(?:to)? (?:the |a )?(?:blender|pot|pan))|(?:the |all )?(?:other|remaining|rest of the|left) ingredients|the lot|all the above|the rest|the others)\b/i;
/** 'She labels everything' puts nothing anywhere. */
const PUT_ALL =
  /^(?:and |then )*(?:everything|all|the rest)\b|\b(?:add|put|place|combine|throw|tip|goes?|in|into|blend|boil|simmer|cook|process|whiz\w*|whirl|blitz|liquid\w*|pur[eé]e|soften|fry|roast|stir|mix|cover|bring|together|sweat|serve|scatter|top|finish)/i;
const EXCEPT = /\b(?:except(?: for)?|but(?: for| not)?|apart from|other than|excluding|save|minus)\b/i;
/** 'Until everything is soft' puts nothing in. */
const UNTIL_ALL = /\b(?:until|till|so that|when|once)\b[^,;.]*/gi;
/** 'Blend half of the beetroots and put them to the others': the other half. */
const OTHER_PART = /\b(?:half|some|most|part|a third|two thirds)\b.*\bthe others?\b/i;
/** '300 g of the rest' speaks of one line: 'the rest of the cream'. */
const REST_OF_ONE = /\b(?:the )?(?:rest|other half|remaining|remainder) (?:of )?(?:the )?(?!ingredients|vegetables|veg\b|spices|herbs|of\b)\p{L}+/iu;
/** 'Items 9, 11 and 12' is one mention: no clause ends inside it. */
export const joinItems = (text: string): string => text.replace(ITEMS, (all) => all.replace(/\s*,\s*/g, ' and '));
const ITEMS = /\bitems?\s+((?:\d+(?:\s*(?:,|and|&|to|-|–)\s*)?)+)/gi;

export interface Speakers {
  heads: ReadonlyMap<string, ReadonlySet<string>>;
  /** Lines a clause speaks of, in the order of the recipe. `open` are those nothing has spoken of yet. */
  linesIn: (clause: string, open: (id: string) => boolean) => string[];
}

/**
 * What the steps call a line by the name of its food, where they use none of its own words: a chardonnay is 'the wine'. `heads` are the
 * words of all lines, `said` the words of the steps; a name that another line bears is not taken.
 */
export function otherNames(line: Line, heads: ReadonlyMap<string, ReadonlySet<string>>, said: ReadonlySet<string>, shelf: Shelf): string[] {
  const food = line.foodId === null ? undefined : shelf.food(line.foodId);
  if (!food || [...(heads.get(line.id) ?? [])].some((word) => said.has(word))) return [];
  const isTaken = (word: string) => [...heads].some(([id, words]) => id !== line.id && words.has(word));
  const names = wordsOfFood(food).names.flatMap((tokens) => tokens.at(-1) ?? []);
  return [...new Set(names)].filter((word) => said.has(word) && !VAGUE.has(word) && !isTaken(word));
}
export const wordsSaid = (texts: readonly string[]): ReadonlySet<string> => new Set(texts.flatMap((text) => wordsOf(text.slice(0, MOST_SAID))));
const MOST_SAID = 2000;

/** Who speaks of the lines; `parts` are the headings they stand under. */
export function speakersOf(
  lines: readonly Line[],
  parts: ReadonlyMap<string, string>,
  shelf: Shelf,
  said: ReadonlySet<string> = new Set(),
): Speakers {
  const heads = new Map(lines.map((line) => [line.id, headWords(line, shelf)]));
  for (const line of lines) {
    const names = otherNames(line, heads, said, shelf);
    if (names.length > 0) heads.set(line.id, new Set([...(heads.get(line.id) ?? []), ...names]));
  }
  // Bread under 'For the crumb' is spoken of as the crumbs.
  for (const line of lines) {
    const shape = BREAD_SHAPES.filter((word) => tokensOf(parts.get(line.id) ?? '').includes(word));
    if (shape.length > 0 && shelf.food(line.foodId ?? '')?.category === 'bread')
      heads.set(line.id, new Set([...(heads.get(line.id) ?? []), ...shape]));
  }
  const index = new Map<string, number[]>();
  lines.forEach((line, at) => {
    for (const word of heads.get(line.id) as ReadonlySet<string>) {
      const places = index.get(word);
      if (places) places.push(at);
      else index.set(word, [at]);
    }
  });
  const own = lines.map((line) => ownOf(line, shelf));
  const category = lines.map(({ foodId }) => (foodId ? shelf.food(foodId)?.category : undefined));
  const partWords = new Map(
    [...new Set(parts.values())].map((part) => [
      part,
      tokensOf(part).filter((word) => !/^(?:for|the|to|in|on|a|and|of|soup|ingredient)$/.test(word)),
    ]),
  );
  const pairsIn = new Map<string, number[]>();
  own.forEach(({ pairs }, at) => {
    for (const pair of pairs) pairsIn.set(pair, [...(pairsIn.get(pair) ?? []), at]);
  });
  // A clause is asked about several times while the steps are walked.
  const known = new Map<string, ReadonlySet<number>>();
  const named = (clause: string): Set<number> => {
    let places = known.get(clause);
    if (!places) known.set(clause, (places = namedIn(clause)));
    return new Set(places);
  };
  const namedIn = (clause: string): Set<number> => {
    const tokens = wordsOf(clause);
    const places = new Set(tokens.flatMap((token, at) => nearest(index.get(token) ?? NOWHERE, tokens, at, own, pairsIn)));
    return withoutStockOf(clause, places, category, lines, heads);
  };
  const linesIn = (written: string, open: (id: string) => boolean): string[] => {
    const clause = written.replace(FISHES_OUT, 'lift');
    const put = clause.replace(UNTIL_ALL, ' ');
    const everything = EVERYTHING.test(put) && PUT_ALL.test(put) && !REST_OF_ONE.test(put) && !OTHER_PART.test(put);
    const [said = clause, left = ''] = everything ? clause.split(EXCEPT, 2) : [clause];
    const places = named(said);
    if (everything) {
      const kept = left === '' ? new Set<number>() : named(left);
      const part = partNamed(said, partWords);
      lines.forEach((line, at) => {
        if (part !== null && parts.get(line.id) !== part) return;
        if (open(line.id) && !kept.has(at)) places.add(at);
      });
      for (const at of kept) places.delete(at);
    } else {
      for (const [words, is] of GROUPS)
        if (words.test(said))
          category.forEach((kind, at) => {
            if (kind && is(kind) && open((lines[at] as Line).id)) places.add(at);
          });
      const part = /\bingredients\b/i.test(said) ? partNamed(said, partWords) : null;
      if (part !== null)
        lines.forEach((line, at) => {
          if (parts.get(line.id) === part && open(line.id)) places.add(at);
        });
    }
    for (const [, numbers] of said.matchAll(ITEMS)) for (const at of itemNumbers(numbers as string)) if (at < lines.length) places.add(at);
    return [...places].sort((a, b) => a - b).map((at) => (lines[at] as Line).id);
  };
  return { heads, linesIn };
}

/**
 * Of several lines a word could speak of, those that share the words about it: 'the thick coconut milk', '20 g butter', 'lime leaves'.
 * Where two words beside each other stand so in one line only, no other is meant: 'peanut butter' speaks of no peanuts.
 */
function nearest(
  places: readonly number[],
  tokens: readonly string[],
  at: number,
  own: readonly Words[],
  pairsIn: ReadonlyMap<string, readonly number[]>,
): readonly number[] {
  if (places.length === 0) return places;
  const after = tokens[at + 1];
  const pair = after === undefined ? null : `${tokens[at]} ${after}`;
  const named = pair === null ? NOWHERE : (pairsIn.get(pair) ?? NOWHERE);
  const paired = named.length > 0 ? places.filter((place) => named.includes(place)) : places;
  if (paired.length < 2) return paired;
  const before = [tokens[at - 1], tokens[at - 2], tokens[at - 3]];
  // 'The stock and chicken': what stands before 'and' is another thing.
  const joined = before.findIndex((token) => token !== undefined && JOINS.test(token));
  for (const beside of [...(joined < 0 ? before : before.slice(0, joined)), after]) {
    const sharing = beside === undefined || SMALL_WORD.test(beside) ? [] : paired.filter((place) => own[place]?.words.has(beside));
    if (sharing.length > 0 && sharing.length < paired.length) return sharing;
  }
  // 'The apples' are the apples, and not the apple juice.
  const whole = paired.filter((place) => own[place]?.names.has(tokens[at] as string));
  return whole.length > 0 && tokens[at] !== 'pepper' ? whole : paired;
}

const JOINS = /^(?:and|or|with|plus|then)$/;
const SMALL_WORD = /^(?:the|an?|of|in|on|and|or|with|for|to|from|till|until|it|half|rest)$/;

interface Words {
  words: ReadonlySet<string>;
  /** Words that stand beside each other in the name of the food. */
  pairs: ReadonlySet<string>;
  /** The names of the food that are one word. */
  names: ReadonlySet<string>;
}
const ownOf = ({ text, foodId }: Line, shelf: Shelf): Words => {
  const food = foodId === null ? undefined : shelf.food(foodId);
  const tokens = ownWords(text, food);
  return {
    words: new Set(tokens),
    pairs: new Set(tokens.slice(1).map((token, at) => `${tokens[at]} ${token}`)),
    names: new Set((food ? wordsOfFood(food).names : []).filter(({ length }) => length === 1).map(([word]) => word as string)),
  };
};

const NOWHERE: readonly number[] = [];
const BREAD_SHAPES = ['crumb', 'crouton', 'toast', 'crust'];

/** 'Adjust the seasoning' seasons, and names what does: the salt and the pepper of the list. */
const SEASONING = /\b(?:adjust|check|correct|taste for)\s+(?:the\s+)?seasonings?\b/gi;
/** 'Fish out the lemongrass' catches no fish. */
const FISHED_OUT = /\bfish(?:ed|es|ing)?\s+(?:(?:it|them|the\s+\p{L}+)\s+)?out\b/giu;
const wordsOf = (clause: string): string[] =>
  tokensOf(clause.replace(SEASONING, 'season').replace(FISHED_OUT, (all) => all.replace(/\bfish\w*/i, 'lift'))).flatMap((token) =>
    token.includes('-') ? [token, ...token.split('-')] : [token],
  );

function partNamed(clause: string, partWords: ReadonlyMap<string, readonly string[]>): string | null {
  const tokens = wordsOf(clause);
  for (const [part, words] of partWords) if (words.some((word) => tokens.includes(word))) return part;
  return null;
}

function itemNumbers(text: string): number[] {
  const numbers: number[] = [];
  let last: number | null = null;
  for (const [token] of text.matchAll(/\d+|to|-|–/gi)) {
    if (/^\d/.test(token)) {
      const at = Number(token) - 1;
      if (last !== null) for (let between = last + 1; between < at && between < 500; between += 1) numbers.push(between);
      numbers.push(at);
      last = null;
    } else last = numbers.at(-1) ?? null;
  }
  return numbers;
}

/** 'Fish stock' speaks of the stock and not of the fish; 'lift out the chicken' of the chicken and not of its stock. */
function withoutStockOf(
  clause: string,
  places: Set<number>,
  category: readonly (Category | undefined)[],
  lines: readonly Line[],
  heads: ReadonlyMap<string, ReadonlySet<string>>,
): Set<number> {
  const spokenStock = /\b(?:stock|broth|bouillon|liquid|sauce)\b/i.test(clause);
  const animals = new Set(wordsOf(clause.replace(/\b\p{L}+[ -](?=(?:stock|sauce|broth|bouillon|juice)\b)/giu, ' ')));
  const words = new Set(wordsOf(clause));
  const headsAt = (at: number): string[] => [...(heads.get((lines[at] as Line).id) ?? [])];
  const out = new Set<number>();
  for (const at of places) {
    const kind = category[at];
    const own = headsAt(at);
    const flesh = kind === 'meat' || kind === 'poultry' || kind === 'fish' || kind === 'shellfish';
    if (flesh && spokenStock && !own.some((word) => animals.has(word))) continue;
    const others = [...places].filter((other) => other !== at && category[other] !== 'broth');
    // 'Add the clam juice and potatoes': a word no other line goes by speaks of it.
    const isOwn = own.some(
      (word) => words.has(word) && word !== 'vegetable' && word !== 'veg' && !others.some((other) => headsAt(other).includes(word)),
    );
    if (kind === 'broth' && !spokenStock && others.length > 0 && !isOwn) continue;
    out.add(at);
  }
  return out;
}
