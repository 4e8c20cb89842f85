/** Takes an ingredient line apart: amount, unit, container size, size word, food words, and what follows the food. */
import { readRange } from '../quantity/amount.ts';
import { CONTAINERS, SIZES, type Size, type Unit, unitOf } from '../quantity/units.ts';
import { type WordTable, wordTable } from '../quantity/wordTable.ts';
import { ABOUT, amountFirst, bareAmount, holderFirst, oneOf, saysOptional, withoutLead } from './amountPlace.ts';
import { filledIn, type WrittenAmount } from './grams.ts';
import { BEFORE_UNIT, DESCRIPTORS, OPTIONAL, TO_TASTE } from './words.ts';

export interface WrittenLine {
  text: string;
  amount: WrittenAmount;
  /** The words that name the food. */
  food: string;
  toTaste: boolean;
  optional: boolean;
}

const MOST_READ = 400;

type Sized = NonNullable<WrittenAmount['each']>;

const CM_PER_INCH = 2.54;
const emptyAmount = (): WrittenAmount => ({ range: null, unit: null, size: null, each: null, aside: null, plus: null, filled: null, after: '' });

/** '400 g', '15-oz', '13.5 fl oz' at the start of a text. */
function readSize(text: string): { size: Sized; rest: string } | null {
  const number = readRange(text.replace(/^[~≈]\s*/, ''));
  if (!number) return null;
  const unit = takeUnit(number.rest.replace(/^-\s*/, ''));
  if (!unit || unit.unit.kind === 'count') return null;
  return { size: { range: number.range, unit: unit.unit }, rest: unit.rest };
}

function takeUnit(text: string): { unit: Unit; rest: string } | null {
  const fluid = /^(?:fl\.?[\s-]*oz\.?|fluid[\s-]ounces?)(?=$|[\s,.)\-/])\.?/i.exec(text);
  if (fluid) return { unit: unitOf('floz') as Unit, rest: text.slice(fluid[0].length).trimStart() };
  const word = /^([A-Za-z]+)\.?(?=$|[\s,()\-/;])/.exec(text);
  const unit = word ? unitOf(word[1] as string) : undefined;
  return word && unit ? { unit, rest: text.slice(word[0].length).trimStart() } : null;
}

/** 'Croutons + chives for topping': where nothing is counted a plus is an 'and'. */
const plusAsAnd = (text: string): string => (/^\p{L}[^\d½¼¾⅓⅔]*$/u.test(text) ? text.replace(/\s\+\s(?=\p{L})/gu, ' and ') : text);

/** A line as it stands in a list, bullet and all. */
export function readLine(raw: string): WrittenLine {
  const text = withoutLead(raw)
    .replace(/\bs\s?[&+]\s?p\b|\bs\s?n\s?p\b/i, 'salt and pepper')
    // '4 cl garlic' of a card is cloves, and no centilitres.
    .replace(/^(\d+)\s*cl\.?\s+(?=(?:\p{L}+\s+)?garlic\b)/iu, '$1 cloves ');
  const amount = { ...emptyAmount(), filled: filledIn(text.slice(0, MOST_READ)) };
  // No ingredient is named in more words than this; the rest is kept and not searched.
  let rest = holderFirst(bareAmount(plusAsAnd(text.slice(0, MOST_READ))));
  const flags = { toTaste: TO_TASTE.test(text), optional: OPTIONAL.test(text) || saysOptional(text) };

  rest = rest
    .replace(/^(?:the\s+)?(?:finely\s+)?(?:grated\s+)?(juice|zest|rind)\s+of\s+(.+?)(?=$|[,(;])/i, (_, part, of) => `${of} ${part}`)
    .replace(
      /^(?:the\s+)?(?:finely\s+)?(?:grated\s+)?(juice|zest|rind)\s+(?=(?:\d|[½¼¾]|half|an?\b|one\b|two\b))(.+?)(?=$|[,(;])/i,
      (_, part, of) => `${of} ${part}`,
    )
    .replace(/^(an?\s+)?(pinch|dash|shake|handful|sprig|sprinkle)(?:es|s)?\s+each\s*:\s*/i, 'a $2 each of ')
    .replace(/^(.+?)['’]?s?,\s*(juice|zest|rind)(?:d)?(?:\s+only)?$/i, (_, of, part) => `${of} ${part}`)
    .replace(/^(.+?),\s*juiced$/i, (_, of) => `${of} juice`);
  rest = rest
    .replace(/^(an?|one|two|three)\s+(\p{L}+)\s+and\s+a\s+half\s+(?:of\s+)?/iu, '$1 and a half $2 ')
    .replace(/^a and a half/i, 'one and a half')
    .replace(
      /^(?:an?\s+)?(\d+(?:[.,]\d+)?)\s*-?\s*cm\s+(?:piece|knob|chunk|length|thumb)s?\s+(?:of\s+)?/i,
      (_, cm: string) => `${(Number(cm.replace(',', '.')) / CM_PER_INCH).toFixed(2)} inch `,
    )
    .replace(/^(?:an?\s+)?thumb[- ]?(?:sized?)?\s+(?:piece|knob|chunk)\s+(?:of\s+)?/i, '1 thumb ')
    .replace(/^(?:an?|one|1)\s+([\d./½¼¾]+)[\s-]*inch(?:es)?\s+(?=piece|knob|chunk|length|slice)/i, '$1-inch ');
  // '1 c. à soupe d’huile d’olive'.
  rest = rest
    .replace(/\bhuile\s+d['’]\s*olives?\b/i, 'olive oil')
    .replace(/\bc(?:uill[eè]res?)?\.?\s*[àa]\s*s(?:oupe|\.)(?:\s+d[e'’]\s*)?/i, 'tbsp ')
    .replace(/\bc(?:uill[eè]res?)?\.?\s*[àa]\s*c(?:af[eé]|\.)(?:\s+d[e'’]\s*)?/i, 'tsp ');
  // Columns of a table: '2 ea Onion'.
  rest = rest.replace(/^(\d+(?:[.,/]\d+)?)\s+(?:ea|each|no\.|units?|st[üu]ck|uds?)\.?\s+(?=\p{L})/iu, '$1 ');
  rest = amountFirst(asEaten(rest));

  const number = readRange(rest) ?? oneOf(rest);
  if (number) {
    amount.range = number.range;
    rest = takeContainer(number.rest, amount);
  }
  rest = takeParentheses(rest, amount);
  rest = takeSizeWord(rest, amount);
  if (number && !amount.unit) rest = takeCounted(rest, amount);
  if (amount.unit && amount.unit.kind !== 'count' && amount.range) rest = takePlus(rest, amount);
  rest = takeSizeWord(rest.replace(/^(?:of|the)\s+/i, ''), amount);

  const split = splitFood(rest);
  const food = split.food.replace(SERVING_TAIL, '').trim() || split.food;
  const weight = amount.aside === null && amount.range ? asideOf(split.after) : null;
  if (weight) amount.aside = weight;
  if (split.after) amount.after = [split.after, amount.after].filter(Boolean).join(', ');
  return { text, amount, food: trailingUnit(food, amount), ...flags };
}

/**
 * A production sheet weighs what is eaten (EP, 'peeled wt') or what is bought (AP): the first is prepared, and both say so in a word that is
 * no part of the food's name.
 */
const asEaten = (text: string): string =>
  text.length > MOST_SAID || !/^\p{L}/u.test(text)
    ? text
    : text
        .replace(/^(.*?),?\s\(?(?:E\.?P\b\.?|(?:peeled|trimmed|cleaned|prepared|edible|net)\s(?:wt|weight)\b)\)?\.?(?=[\s:,;-]|$)/, 'prepared $1')
        .replace(/\s\(?A\.?P\b\.?\)?(?=[\s:,;-]|$)(?!\s+flour)/, '');
/** Longer lines are no rows of a sheet. */
const MOST_SAID = 160;

/** Where and how it is served is no part of a food's name. */
const SERVING_TAIL =
  /\s+(?:on the side|at the table|alongside|(?:for|to) (?:serve|serving|finish|finishing|garnish|garnishing|top|topping|scatter|scattering|sprinkle|sprinkling|drizzle|drizzling|crumble over|season|seasoning|taste|the top|frying|greasing|dust|dusting|decorate|decoration)|per bowl|each|for each bowl|if you (?:like|want|wish)|as you (?:like|dare))$/i;
/** ', about 1.3 kg' behind the food: its weight. */
function asideOf(after: string): Sized | null {
  const said = /^(?:about|approx\.?|approximately|weighing(?: about)?|around|roughly|total(?:ling)?|some|ca\.)\s+(?=\d)/i.exec(after);
  const size = said ? readSize(after.slice(said[0].length)) : null;
  return size && size.size.unit.kind === 'mass' ? size.size : null;
}

/** The food and what follows it. Words that only describe may stand before the comma: 'chopped, peeled turnip'. */
function splitFood(text: string): { food: string; after: string } {
  const split = /^(.*?)\s*(?:[,;]|:(?=\s)|\s[-–—]\s|\s\+\s)\s*(.*)$/.exec(text);
  if (!split) return { food: text.trim(), after: '' };
  const [, head, tail] = split as unknown as [string, string, string];
  const words = head.toLowerCase().split(/\s+/);
  if (tail !== '' && words.every((word) => DESCRIPTORS.has(word))) {
    const { food, after } = splitFood(tail);
    return { food: `${head} ${food}`, after };
  }
  return { food: head.trim(), after: tail };
}

/** '(15 oz) cans', '15-oz can', 'x 400 g tins', 'can (15 oz)'. */
function takeContainer(text: string, amount: WrittenAmount): string {
  const plain = text.replace(LARGE_OF_A_SIZE, '');
  let rest = plain.replace(/^[x×]\s*/i, '');
  const multiplied = rest !== plain;
  const inside = /^\(\s*(?:about\s+)?([^)]*)\)\s*/.exec(rest);
  const size = readSize(inside ? (inside[1] as string) : rest);
  const after = size ? (inside ? rest.slice(inside[0].length) : size.rest.replace(/^-\s*/, '')) : '';
  const container = size ? takeUnit(after.replace(/^(?:small|large|big)\s+/i, '')) : null;
  if (size && container && container.unit.kind === 'count' && CONTAINERS.has(container.unit.name)) {
    amount.each = size.size;
    amount.unit = container.unit;
    return container.rest;
  }
  // '1 (2-pound) squash', '4 6-oz fillets', '2 x 400 g'.
  if (size && (multiplied || after !== '')) {
    amount.each = size.size;
    return after;
  }
  // '400 g tin of tomatoes': the number was the size, and there is one tin.
  const unit = takeUnit(rest.replace(/^-\s*/, ''));
  const behind = unit ? takeUnit(unit.rest.replace(/^-\s*/, '')) : null;
  if (unit && behind && unit.unit.kind !== 'count' && behind.unit.kind === 'count' && CONTAINERS.has(behind.unit.name) && amount.range) {
    amount.each = { range: amount.range, unit: unit.unit };
    amount.range = { min: 1, max: 1 };
    amount.unit = behind.unit;
    rest = behind.rest;
  }
  return rest;
}

/** 'Large (800 g) can', 'large can (28 oz)': how large is said in figures. */
const LARGE_OF_A_SIZE = /^(?:small|large|big)\s+(?=\(?\s*\d|(?:can|tin|jar|carton|packet|tub|bag|bottle)s?\s*\(\s*\d)/i;

/** Every parenthesis is a size, another measure of the same, or a remark. */
function takeParentheses(text: string, amount: WrittenAmount): string {
  return text
    .replace(/\(([^()]*)\)?/g, (_, inside: string) => {
      const size = readSize(
        inside
          .trim()
          .replace(/^(?:trimmed|prepared|peeled|cleaned|net|total|edible|podded|shelled)?\s*weight\s*(?:of\s+)?[:,]?\s*/i, '')
          .replace(/^(?:mine|ours|this one|it|they)\s+(?:was|were|weighed|came\s+(?:out\s+)?(?:at|to))\s+/i, '')
          .replace(ABOUT, '')
          .replace(/^(?:a|one)\s+(?=\d)/i, ''),
      );
      const taken = size !== null && /^(?:each|total|in all|weight|net|drained weight)?\s*[,;]?.*$/i.test(size.rest);
      if (!size || !taken) amount.after = [amount.after, inside.trim()].filter(Boolean).join(', ');
      else if (/^each\b/i.test(size.rest) || (amount.each === null && amount.unit && CONTAINERS.has(amount.unit.name))) amount.each ??= size.size;
      else if (CONTAINERS.has(firstUnit(text)) && amount.each === null) amount.each = size.size;
      else amount.aside ??= size.size;
      return ' ';
    })
    .replace(/\s+/g, ' ')
    .replace(/\s+([,;])/g, '$1')
    .trim();
}

const firstUnit = (text: string): string => takeUnit(text)?.unit.name ?? '';

/** The unit behind a number; words such as 'heaped' or 'frozen' may stand between: 'a chopped clove of garlic'. */
function takeCounted(text: string, amount: WrittenAmount): string {
  let rest = text.replace(/^-\s*/, '');
  let passed = '';
  for (let words = 0; words < 3; words += 1) {
    const unit = takeUnit(rest);
    // 'leaf' and 'clove' can also be words of the food; a unit must be followed by one.
    if (unit && unit.rest.replace(/^of\s+/i, '') !== '' && !/^[,;]/.test(unit.rest)) {
      amount.unit = unit.unit;
      if (unit.unit.name === 'inch') return takeSizeWord(unit.rest.replace(/^(?:piece|knob|chunk|length|thumb)s?\s+/i, ''), amount);
      return `${passed}${unit.rest.replace(/^of\s+/i, '')}`;
    }
    const word = /^([\p{L}-]+),?\s+/u.exec(rest);
    if (!word || !BEFORE_UNIT.has((word[1] as string).toLowerCase())) break;
    passed += word[0];
    rest = rest.slice(word[0].length);
  }
  return text;
}

/** '1 cup plus 2 tablespoons', '1 lb 4 oz': a second amount of the same food. */
function takePlus(whole: string, amount: WrittenAmount): string {
  // '500 g/1 lb 2 oz': the same in other measures, read past.
  const slash = /^\/\s*/.exec(whole);
  let text = whole;
  for (let size = slash ? readSize(whole.slice(slash[0].length)) : null; size; size = readSize(text)) text = size.rest.replace(/^of\s+/i, '');
  const more = /^(?:plus|and|\+|&)?\s*(?=[\d¼½¾⅐-⅞]|(?:a|one|two|three)\s)/iu.exec(text);
  const size = more ? readSize(text.slice(more[0].length)) : null;
  if (!size || size.size.unit.kind !== amount.unit?.kind) return text;
  amount.plus = size.size;
  return size.rest.replace(/^of\s+/i, '');
}

/** Sizes as they are shortened on cards. */
const SHORT_SIZES: WordTable<string> = wordTable({
  lg: 'large',
  lge: 'large',
  big: 'large',
  biggish: 'large',
  med: 'medium',
  medium: 'medium',
  sm: 'small',
  little: 'small',
  tiny: 'small',
});

function takeSizeWord(text: string, amount: WrittenAmount): string {
  const word = /^([A-Za-z]+)\.?(?:[\s-]+size[d]?)?[\s-]+/.exec(text);
  const said = word ? (word[1] as string).toLowerCase() : '';
  const size = (SIZES as readonly string[]).indexOf(SHORT_SIZES.get(said) ?? said);
  // 'Medium oatmeal' is a cut of the mill and no size.
  if (size < 0 || !word || /^oatmeal\b/i.test(text.slice(word[0].length))) return text;
  amount.size = SIZES[size] as Size;
  return text.slice(word[0].length);
}

/** '2 garlic cloves', '10 mint leaves': the measure stands behind the food. */
function trailingUnit(food: string, amount: WrittenAmount): string {
  if (!amount.range || amount.unit) return food;
  const last = /^(.+)\s+([A-Za-z]+)$/.exec(food.trim());
  const unit = last ? unitOf(last[2] as string) : undefined;
  if (!last || !unit || unit.kind !== 'count') return food;
  amount.unit = unit;
  return last[1] as string;
}
