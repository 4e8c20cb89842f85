/** Lines that name several foods: 'salt and pepper', 'butter or oil', 'chicken, vegetable or mushroom stock', '1/2 cup flour or 1/4 cup cornstarch'. */
import type { Shelf } from '../food/shelf.ts';
import { readLine, type WrittenLine } from './line.ts';
import { matchFood } from './match.ts';
import { HOLLOW } from './words.ts';

export interface Several {
  lines: WrittenLine[];
  joined: 'and' | 'or';
  /** One amount was written for all of them. */
  shared?: true;
}

const MOST = 6;
const AN_AMOUNT = String.raw`(?=(?:\d|[½¼¾⅓⅔]|an?\s|one\s|two\s|half\s))`;
const AMOUNTS_APART: readonly (readonly [RegExp, Several['joined']])[] = [
  [new RegExp(String.raw`\s*,?\s+or\s+${AN_AMOUNT}`, 'i'), 'or'],
  [new RegExp(String.raw`\s*,?\s+(?:\+|&|and|plus)\s+${AN_AMOUNT}|\s*,\s+${AN_AMOUNT}`, 'i'), 'and'],
];
/** Longer lines are no line of ingredients. */
const MOST_READ = 400;

/** The foods of one line; null when it names one. */
export function severalOf(written: WrittenLine, shelf: Shelf): Several | null {
  const is = (words: string) => matchFood(words, shelf).kind !== 'none';
  if (written.text.length > MOST_READ) return null;
  return (
    zestAndJuice(written) ??
    bracketChoice(written, is) ??
    eachOf(written, is) ??
    looseOf(written, is) ??
    mirepoixOf(written) ??
    stuckWith(written) ??
    madeUpWith(written, is) ??
    amountsApart(written, is) ??
    amountsBehind(written, is) ??
    joinedFoods(written, shelf, is)
  );
}

/** 'zest and juice of 1 lemon', '1 lemon, zested and juiced'. */
function zestAndJuice({ text }: WrittenLine): Several | null {
  const of =
    /^(?:finely\s+)?(?:grated\s+)?(?:zest|rind|juice)\s+(?:and|&|plus)\s+(?:zest|rind|juice)\s+of\s+(.+)$/i.exec(text)?.[1] ??
    /^(.+?),?\s+(?:zest(?:ed)?|juiced?)\s+and\s+(?:zest(?:ed)?|juiced?)$/i.exec(text)?.[1];
  if (!of) return null;
  return { lines: [readLine(`zest of ${of}`), readLine(`juice of ${of}`)].map((line) => ({ ...line, text })), joined: 'and' };
}

/** '1 tsp each cumin and turmeric', 'a handful each of parsley and dill': the amount is of every one. */
function eachOf({ text, optional, toTaste }: WrittenLine, is: (words: string) => boolean): Several | null {
  const found = /^([^()]{1,40}?|[^()]{0,40}\([^()]*\)[^()]{0,20}?)\s+each\s*(?:of\s+)?[:,]?\s*(.+)$/i.exec(text);
  if (!found) return null;
  const [, amount, list] = found as unknown as [string, string, string];
  const foods = list.split(/\s*,\s*(?:and\s+)?|\s+(?:and|&|\+|y|e|et|und)\s+/i).filter(Boolean);
  if (foods.length < 2 || foods.length > MOST) return null;
  const lines = foods.map((food) => readLine(`${amount} ${food}`));
  return lines.every(({ food, amount: one }) => one.range !== null && is(food))
    ? { lines: lines.map((line) => ({ ...line, text, optional, toTaste })), joined: 'and' }
    : null;
}

/** 'An onion stuck with 2 cloves': the onion, and the cloves in it. */
function stuckWith({ text, optional }: WrittenLine): Several | null {
  const found =
    /^(.*?\bonions?\b.*?),?\s+(?:stuck|studded|pierced|spiked|piqu\S+)\s+with\s+((?:\d+|an?|one|two|three|four|some|a few)?\s*(?:whole\s+)?cloves?\b.*)$/i.exec(
      text,
    );
  if (!found) return null;
  const cloves = (found[2] as string).replace(/\bcloves?\b/i, 'whole cloves').replace(/\bwhole whole\b/, 'whole');
  return { lines: [readLine(found[1] as string), readLine(cloves)].map((line) => ({ ...line, text, optional })), joined: 'and' };
}

/** Onion, carrot and celery, two to one to one (common practice, no source). */
const MIREPOIX = [
  ['onion', 0.5],
  ['carrot', 0.25],
  ['celery', 0.25],
] as const;
function mirepoixOf({ text, amount, food, optional, toTaste }: WrittenLine): Several | null {
  if (!/^(?:(?:fine|small|medium|large|brunoise|diced|chopped)\s+)*(?:mire?poix|soffritto)$/i.test(food.trim())) return null;
  const share = (of: number) => (amount.range ? { min: amount.range.min * of, max: amount.range.max * of } : null);
  const lines = MIREPOIX.map(([name, of]) => ({ ...readLine(name), text, optional, toTaste, amount: { ...amount, range: share(of) } }));
  return { lines, joined: 'and' };
}

/** 'A pinch of salt and pepper', 'dash of garlic powder & black pepper': as loose as it is said, the measure is of each. */
function looseOf({ text, optional, toTaste }: WrittenLine, is: (words: string) => boolean): Several | null {
  const found = /^((?:(?:an?|one|two|\d|some|good|big|small)\s+)*(?:pinch|dash|splash|shake|grating|twist|drizzle)(?:es|s)?)\s+(?:of\s+)?(.+)$/i.exec(
    text,
  );
  if (!found) return null;
  const [, amount, list] = found as unknown as [string, string, string];
  const foods = list.split(/\s*,\s*(?:and\s+)?|\s+(?:and|&|\+)\s+/i).filter(Boolean);
  if (foods.length < 2 || foods.length > MOST || is(list)) return null;
  const lines = foods.map((food) => readLine(`${amount} ${food}`));
  return lines.every(({ food }) => is(food)) ? { lines: lines.map((line) => ({ ...line, text, optional, toTaste })), joined: 'and' } : null;
}

/** '1 tsp bouillon powder dissolved in 500 ml water': the liquid is a line of its own. */
function madeUpWith({ text }: WrittenLine, is: (words: string) => boolean): Several | null {
  const found =
    /^(.+?),?\s+(?:mixed|crumbled|dissolved|slaked|whisked|made up|combined|stirred|blended|thinned)\s+(?:with|in|into|to)\s+(.+)$/i.exec(text) ??
    CUBE_IN.exec(text);
  if (!found) return null;
  const lines = [readLine(found[1] as string), readLine(found[2] as string)];
  return lines.every(({ food, amount }) => amount.range !== null && is(food))
    ? { lines: lines.map((line) => ({ ...line, text })), joined: 'and' }
    : null;
}

/** '1 stock cube in 1.5 litres boiling water': both go in. */
const CUBE_IN =
  /^(.+?\b(?:cubes?|powder|granules|bouillon|stock pots?|concentrate|paste|base))\s+(?:in|\+|and|with)\s+(?=\d|[½¼¾]|an?\s|half\s)(.+)$/i;

/** 'X or N units Y': each has its own amount; 'X + N units Y' are two. */
function amountsApart(written: WrittenLine, is: (words: string) => boolean): Several | null {
  for (const [pattern, joined] of AMOUNTS_APART) {
    const parts = written.text.split(pattern);
    if (parts.length < 2 || parts.length > MOST) continue;
    const lines = parts.map((part, index) => (index === 0 ? readLine(part) : fullLine(part, parts[0] as string, is)));
    const foods = new Set(lines.map(({ food }) => food.toLowerCase()));
    if (foods.size === lines.length && lines.every(({ food, amount }) => amount.range !== null && food !== '' && is(food)))
      return { lines: lines.map((line) => ({ ...line, text: written.text })), joined };
  }
  return null;
}

/** 'Thyme 4 sprigs, bay 1', 'bouillon powder 60 g + water 3.5 l': each with its amount behind it. */
function amountsBehind({ text }: WrittenLine, is: (words: string) => boolean): Several | null {
  const parts = text.split(/\s*(?:,|\+|&|(?<=\s)(?:and|plus)(?=\s))\s*(?=\p{L}[^,+&]*\d)/u);
  if (parts.length < 2 || parts.length > MOST || parts.some((part) => !/^\p{L}[\p{L}\s-]*\s(?:x\s?)?\d/u.test(part))) return null;
  const lines = parts.map(readLine);
  const foods = new Set(lines.map(({ food }) => food.toLowerCase()));
  return foods.size === lines.length && lines.every(({ food, amount }) => amount.range !== null && food !== '' && is(food))
    ? { lines: lines.map((line) => ({ ...line, text })), joined: 'and' }
    : null;
}

/** Salt, spices and herbs are written side by side without a word between; 'prawn crackers' are no prawns. */
const isSeasoning = (word: string, shelf: Shelf): boolean => {
  const match = matchFood(word, shelf);
  const category = match.kind === 'food' ? shelf.food(match.foodId)?.category : undefined;
  return category === 'salt' || category === 'spice' || category === 'herb';
};

/** '1 cup coconut milk (or heavy cream)', '2 tbsp butter (or 1 tbsp oil)': a choice. */
function bracketChoice({ text }: WrittenLine, is: (words: string) => boolean): Several | null {
  const found = /^(.*?)\s*\(\s*(?:or|alternatively)\s+([^()]{2,60})\)(.*)$/i.exec(text);
  if (!found) return null;
  const first = readLine(`${found[1]}${found[3]}`);
  const other = readLine(found[2] as string);
  const noun = first.food.trim().split(/\s+/).at(-1) ?? '';
  const second = is(other.food) ? other : readLine(`${found[2]} ${noun}`);
  if (!is(first.food) || !is(second.food) || first.food.toLowerCase() === second.food.toLowerCase()) return null;
  const amount = second.amount.range ? second.amount : { ...first.amount, after: second.amount.after };
  return { lines: [first, { ...second, amount }].map((line) => ({ ...line, text })), joined: 'or' };
}

function joinedFoods(written: WrittenLine, shelf: Shelf, is: (words: string) => boolean): Several | null {
  const { food, amount } = written;
  const certain = (words: string) => matchFood(words, shelf).kind === 'food';
  const shared = sharedAmount(written, certain);
  if (shared) return shared;
  const choice = /\s+or\s+|\s*\/\s*(?=\p{L})/iu;
  // A list of foods without an amount goes on over its commas: 'salt, pepper and nutmeg'.
  const whole = !amount.range && amount.after ? `${food}, ${amount.after}` : food;
  const source =
    (choice.test(food) || choice.test(` ${amount.after}`)) && amount.after && /^[\p{L}\s-]+(?:,|\s+or\s)/iu.test(amount.after) && !certain(food)
      ? `${food}, ${amount.after}`
      : whole;
  for (const listed of source === food ? [food] : [source, food]) {
    if (!choice.test(listed) || (certain(food) && !choice.test(food))) continue;
    const parts = listed.split(/\s*,\s*(?:or\s+)?|\s+or\s+|\s*\/\s*/i).filter(Boolean);
    const last = parts.at(-1)?.split(' ').at(-1) ?? '';
    // 'chicken or vegetable stock': the last word belongs to all of them, 'light chicken' too.
    const belongs = (part: string, noun: string) => certain(`${part} ${noun}`) || (HOLLOW.has(noun.toLowerCase()) && is(`${part} ${noun}`));
    const named = parts.map((part, i) => (i < parts.length - 1 && belongs(part, last) && is(parts.at(-1) as string) ? `${part} ${last}` : part));
    const foods = named.every(is) ? named : parts;
    if (foods.length > 1 && foods.length <= MOST && foods.every(is) && (certain(foods[0] as string) || foods.length === 2))
      return { lines: foods.map((one) => ({ ...written, food: one, amount: listed === food ? amount : { ...amount, after: '' } })), joined: 'or' };
  }
  if (amount.range) return null;
  const partsOf = (source: string) =>
    source
      .split(/\s*,\s*(?:and\s+)?|\s+(?:and|&|\+|y|e|et|und)\s+/i)
      .filter((part) => part.trim() !== '' && !/^(?:to taste|as needed|for serving|to serve|optional|if .*|to season)$/i.test(part.trim()));
  // 'salt pepper': two foods and no word between them.
  const words = food.split(/\s+/);
  if (partsOf(whole).length === 1 && !is(food) && words.length === 2 && words.every((word) => certain(word) && isSeasoning(word, shelf)))
    return { lines: words.map((one) => ({ ...written, food: one, amount: { ...amount, after: '' } })), joined: 'and' };
  // A remark behind a comma or in brackets is no food of the list.
  const parts = [whole, food].map(partsOf).find((found) => found.length >= 2 && found.length <= MOST && found.every(is));
  if (!parts) return null;
  return { lines: parts.map((one) => ({ ...written, food: one, amount: { ...amount, after: '' } })), joined: 'and' };
}

/** '1 lb carrots and swede, mixed': one amount of several foods, in even parts that may be any. */
function sharedAmount(written: WrittenLine, certain: (words: string) => boolean): Several | null {
  const { amount, food, text } = written;
  if (!amount.range || !amount.unit || amount.unit.kind === 'count' || certain(food)) return null;
  const parts = food
    .replace(/^(?:mixed|a mix(?:ture)? of)\s+/i, '')
    .split(/\s*,\s*(?:and\s+)?|\s+(?:and|&)\s+/i)
    .filter(Boolean);
  if (parts.length < 2 || parts.length > MOST) return null;
  const last = parts.at(-1)?.split(' ').at(-1) ?? '';
  const named = parts.map((part, i) => (i < parts.length - 1 && !certain(part) && certain(`${part} ${last}`) ? `${part} ${last}` : part));
  if (!named.every(certain)) return null;
  const share = (value: number) => value / parts.length;
  return {
    lines: named.map((one) => ({
      ...written,
      text,
      food: one,
      amount: { ...amount, aside: null, range: { min: share(amount.range?.min ?? 0), max: share(amount.range?.max ?? 0) } },
    })),
    joined: 'and',
    shared: true,
  };
}

/** 'fresh thyme or 1 teaspoon dried': the second is dried thyme. */
function fullLine(part: string, first: string, is: (words: string) => boolean): WrittenLine {
  const line = readLine(part);
  if (is(line.food) || !/^(?:dried|dry|fresh|frozen|canned|tinned|ground|powdered)$/i.test(line.food.trim())) return line;
  const noun = readLine(first).food.trim().split(/\s+/).at(-1) ?? '';
  return readLine(`${part} ${noun}`);
}
