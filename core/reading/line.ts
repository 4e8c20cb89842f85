/** Takes an ingredient line apart: amount, unit, container size, size word, food words, and what follows the food. */
import { readRange } from '../quantity/amount.ts';
import { CONTAINERS, SIZES, type Size, type Unit, unitOf } from '../quantity/units.ts';
import type { WrittenAmount } from './grams.ts';
import { OPTIONAL, TO_TASTE } from './words.ts';

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

const BULLET = /^\s*(?:[-*•–—]|\[ ?\])\s+/u;
/** '400 g', '15-oz', '13.5 fl oz' at the start of a text. */
function readSize(text: string): { size: Sized; rest: string } | null {
  const number = readRange(text);
  if (!number) return null;
  const rest = number.rest.replace(/^-\s*/, '');
  const unit = takeUnit(rest);
  if (!unit || unit.unit.kind === 'count') return null;
  return { size: { range: number.range, unit: unit.unit }, rest: unit.rest };
}

function takeUnit(text: string): { unit: Unit; rest: string } | null {
  const fluid = /^(?:fl\.?\s*oz\.?|fluid ounces?)(?=$|[\s,.)\-/])\.?/i.exec(text);
  if (fluid) return { unit: unitOf('floz') as Unit, rest: text.slice(fluid[0].length).trimStart() };
  const word = /^([A-Za-z]+)\.?(?=$|[\s,()\-/])/.exec(text);
  const unit = word ? unitOf(word[1] as string) : undefined;
  return word && unit ? { unit, rest: text.slice(word[0].length).trimStart() } : null;
}

/** A line as it stands in a list, bullet and all. */
export function readLine(raw: string): WrittenLine {
  const text = raw.replace(BULLET, '').trim();
  const amount: WrittenAmount = { range: null, unit: null, size: null, each: null, aside: null, after: '' };
  // No ingredient is named in more words than this; the rest is kept and not searched.
  let rest = text.slice(0, MOST_READ).replace(/^(about|approximately|approx\.?|roughly|around|generous|scant|heaped|heaping|level)\s+/i, '');

  const juice = /^(?:the\s+)?(?:juice|zest|zest and juice)\s+of\s+/i.exec(rest);
  if (juice) rest = `${rest.slice(juice[0].length)} juice`;

  const number = readRange(rest);
  if (number) {
    amount.range = number.range;
    rest = number.rest;
    rest = takeContainer(rest, amount);
  }
  rest = takeSizeWord(rest, amount);
  if (number && !amount.unit) {
    const unit = takeUnit(rest.replace(/^-\s*/, ''));
    // 'leaf' and 'clove' can also be words of the food; a unit must be followed by one.
    if (unit && unit.rest.replace(/^of\s+/i, '') !== '') {
      amount.unit = unit.unit;
      rest = unit.rest;
    }
  }
  if (amount.unit && CONTAINERS.has(amount.unit.name) && !amount.each) rest = takeParenthesis(rest, amount, 'each');
  rest = takeParenthesis(rest, amount, 'aside');
  rest = takeSizeWord(rest.replace(/^of\s+/i, ''), amount);

  const comma = /^([^,(;]*?)\s*(?:[,;(]|\s-\s|\s–\s)(.*)$/.exec(rest);
  const food = comma ? (comma[1] as string) : rest;
  amount.after = comma ? (comma[2] as string) : '';
  const trailing = trailingUnit(food, amount);
  return { text, amount, food: trailing, toTaste: TO_TASTE.test(text), optional: OPTIONAL.test(text) };
}

/** '(15 oz) cans', '15-oz can', 'x 400 g tins', 'can (15 oz)'. */
function takeContainer(text: string, amount: WrittenAmount): string {
  let rest = text.replace(/^[x×]\s*/i, '');
  const multiplied = rest !== text;
  const inside = /^\(\s*([^)]*)\)\s*/.exec(rest);
  const size = readSize(inside ? (inside[1] as string) : rest);
  const after = size ? (inside ? rest.slice(inside[0].length) : size.rest.replace(/^-\s*/, '')) : '';
  const container = size ? takeUnit(after) : null;
  if (size && container && container.unit.kind === 'count' && CONTAINERS.has(container.unit.name)) {
    amount.each = size.size;
    amount.unit = container.unit;
    return container.rest;
  }
  if (size && multiplied) {
    amount.each = size.size;
    return after;
  }
  // '400 g tin of tomatoes': the number was the size, and there is one tin.
  const unit = takeUnit(rest.replace(/^-\s*/, ''));
  const behind = unit ? takeUnit(unit.rest) : null;
  if (unit && behind && unit.unit.kind !== 'count' && behind.unit.kind === 'count' && CONTAINERS.has(behind.unit.name) && amount.range) {
    amount.each = { range: amount.range, unit: unit.unit };
    amount.range = { min: 1, max: 1 };
    amount.unit = behind.unit;
    rest = behind.rest;
  }
  return rest;
}

function takeParenthesis(text: string, amount: WrittenAmount, into: 'each' | 'aside'): string {
  const inside = /^\(\s*(?:about\s+)?([^)]*)\)\s*/.exec(text);
  const size = inside ? readSize(inside[1] as string) : null;
  if (!inside || !size) return text;
  amount[into] = size.size;
  return text.slice(inside[0].length);
}

function takeSizeWord(text: string, amount: WrittenAmount): string {
  const word = /^([A-Za-z]+)[\s-]+/.exec(text);
  const size = word ? (SIZES as readonly string[]).indexOf((word[1] as string).toLowerCase()) : -1;
  if (size < 0 || !word) return text;
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
