/** Amounts in written words taken times something: '600 g leeks' thrice is '1800 g leeks', '1 ½ cups' twice '3 cups'. Times, heats and sizes stay. */
import pluralize from 'pluralize';
import { asFraction } from '../food/measure.ts';
import { readRange } from '../quantity/amount.ts';
import { type System, type Unit, unitOf } from '../quantity/units.ts';

/** One amount in a text: where it stands, what it counts. */
export interface AmountAt {
  from: number;
  to: number;
  min: number;
  max: number;
  /** The unit as it is written, 'g'; '' for what is counted in pieces. */
  word: string;
  unit: Unit | null;
}

const NUMBER_AT = /(?<![\p{L}\d.,/])(?:\d|[¼½¾⅓⅔⅛])/gu;
/** What follows a number and makes it no amount. */
const NO_AMOUNT =
  /^\s*(?:-\s*)?(?:°|º|%|degrees?\b|deg\b|c\b(?! of)|f\b|minutes?\b|mins?\b|hours?\b|hrs?\b|h\b|seconds?\b|secs?\b|days?\b|nights?\b|weeks?\b|times?\b|cm\b|mm\b|inch(?:es)?\b|bowls?\b|people\b|servings?\b|portions?\b|kw\b|watts?\b)/i;
/** 'Gas 6', 'step 2', 'at 220': a number that is no amount. */
const NAMED_BEFORE = /\b(?:gas(?: mark)?|mark|step|at|to|part|no\.?|number|level)\s*$/i;
/** Of one bowl, which is of the same size in any pot. */
const EACH = /^[^.;,]{0,40}\b(?:each|(?:a|per|to each|in each|into each) (?:bowl|serving|portion|person))\b/i;

/** Amounts as they stand; what is said of one bowl is none. */
export function amountsIn(text: string): AmountAt[] {
  const found: AmountAt[] = [];
  for (const { index } of text.matchAll(NUMBER_AT)) {
    if (index < (found.at(-1)?.to ?? 0)) continue;
    const read = readRange(text.slice(index));
    if (!read || NAMED_BEFORE.test(text.slice(0, index))) continue;
    const at = text.length - read.rest.length;
    if (NO_AMOUNT.test(read.rest)) continue;
    const word = /^(?:fl\.? ?oz|[\p{L}]+\.?)/u.exec(read.rest)?.[0] ?? '';
    const unit = unitOf(word.replace(/^fl\.? ?oz$/i, 'floz')) ?? null;
    const end = unit ? at + word.length : index + text.slice(index, at).trimEnd().length;
    if (EACH.test(text.slice(end))) continue;
    found.push({ from: index, to: end, ...read.range, word: unit ? word : '', unit });
  }
  return found;
}

const isMeasured = ({ unit }: AmountAt): boolean => unit !== null && unit.kind !== 'count';

/** A weight or a volume in the words of a scale: as fine as a cook weighs. */
export function weighed(value: number): number {
  const step = value >= 2000 ? 10 : value >= 500 ? 5 : value >= 100 ? 1 : value >= 20 ? 0.5 : value >= 1 ? 0.1 : 0.01;
  return Number((Math.round(value / step) * step).toFixed(2));
}

/** Tablespoons and more of what was written in teaspoons, cups of what was in tablespoons, where they are whole quarters. */
function inLargerSpoons(value: number, unit: Unit, system: System): { value: number; name: string } | null {
  if (unit.kind !== 'volume') return null;
  if (unit.name === 'teaspoon' && system !== 'au' && value >= 3)
    return inLargerSpoons(value / 3, { ...unit, name: 'tablespoon' }, system) ?? { value: value / 3, name: 'tablespoon' };
  if (unit.name === 'tablespoon' && system === 'us' && value >= 8) return { value: value / 16, name: 'cup' };
  return null;
}

function written(value: number, amount: AmountAt, system: System): string {
  const { unit, word } = amount;
  if (!unit) return asFraction(value);
  const larger = inLargerSpoons(value, unit, system);
  if (larger) return `${asFraction(larger.value)} ${larger.name}${larger.value > 1 ? 's' : ''}`;
  const glued = /^(?:g|kg|ml|l|cl|dl)$/i.test(word);
  if (glued) {
    const inGrams = unit.kind === 'mass' ? unit.grams : unit.kind === 'volume' ? unit.ml.metric : 1;
    const rounded = Number((weighed(value * inGrams) / inGrams).toFixed(2));
    return `${rounded} ${word}`;
  }
  const said = asFraction(value) === '0' ? Number(value.toFixed(2)).toString() : asFraction(value);
  return `${said} ${plural(word, value)}`;
}

const plural = (word: string, value: number): string =>
  word.length < 3 || word.endsWith('.') ? word : value > 1.01 ? pluralize.plural(word) : pluralize.singular(word);

/** The noun that is counted: 'bay leaf' of 'bay leaf, torn'; none behind a bracket. */
const COUNTED = /^(\s+(?:[\p{L}'-]+\s+)*?)([\p{L}'-]+)(?=\s*(?:[,;.(]|$|\s(?:of|in|with|for|from|and|or|to)\b))/u;
/** One becomes several, or several one. */
function counted(rest: string, was: number, now: number): string {
  if (was > 1.01 === now > 1.01) return rest;
  return rest.replace(COUNTED, (_, before: string, noun: string) => `${before}${now > 1.01 ? pluralize.plural(noun) : pluralize.singular(noun)}`);
}

/** The text with each amount taken times what `by` says of it; 1 or null leaves it as it is written. */
export function scaledWords(text: string, by: (amount: AmountAt) => number | null, system: System): string {
  const amounts = amountsIn(text);
  let result = '';
  let done = 0;
  amounts.forEach((amount, at) => {
    const factor = by(amount);
    const before = amounts[at - 1];
    // '1 can (400 g)', '2 x 400 g cans': the pack stays as large as it is, and there are more of them.
    const isPack =
      before !== undefined &&
      isMeasured(amount) &&
      !isMeasured(before) &&
      /^\s*(?:[x×]|[\p{L} ]{0,14}\(|-?\s*$)/iu.test(text.slice(before.to, amount.from));
    if (factor === null || factor === 1 || isPack) return;
    const low = written(amount.min * factor, amount, system);
    const high = written(amount.max * factor, amount, system);
    const words = amount.min === amount.max || low === high ? high : `${low.replace(/ \S+$/, (word) => (amount.unit ? '' : word))} to ${high}`;
    result += text.slice(done, amount.from) + words;
    done = amount.to;
    if (amount.unit) return;
    const next = amounts[at + 1]?.from ?? text.length;
    const rest = text.slice(done, next);
    result += counted(rest, amount.max, amount.max * factor);
    done = next;
  });
  return result + text.slice(done);
}
