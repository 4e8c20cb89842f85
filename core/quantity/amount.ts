/** Reads numbers as cooks write them: 1 1/2, ½, 2-3, a dozen, 'two to three', 1,5. Numbers themselves are a package's work. */

import { numericQuantity } from 'numeric-quantity';
import { type WordTable, wordTable } from './wordTable.ts';

export interface Range {
  min: number;
  max: number;
}

const WORDS: WordTable<number> = wordTable({
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  fifteen: 15,
  twenty: 20,
  thirty: 30,
  forty: 40,
  dozen: 12,
  half: 0.5,
  quarter: 0.25,
});

const NUMBER = String.raw`(?:\d+\s+\d+\s*[/⁄]\s*\d+|\d+\s*[/⁄]\s*\d+|\d*\s?[¼½¾⅐⅑⅒⅓⅔⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞]|\d+(?:[.,]\d+)?|\.\d+)`;
const LEADING = new RegExp(String.raw`^(${NUMBER})(?:\s*(?:-|–|—|to|or)\s*(${NUMBER}))?`, 'iu');
/** 'a dozen', 'half a dozen', 'two dozen', 'a couple of', 'a few', 'several'. */
const LOOSE: readonly (readonly [RegExp, number, number])[] = [
  [/^half a dozen\b/i, 6, 6],
  [/^two dozen\b/i, 24, 24],
  [/^(?:a|one) dozen\b/i, 12, 12],
  [/^a couple(?: of)?\b/i, 2, 2],
  [/^a few\b/i, 2, 4],
  [/^several\b/i, 3, 5],
  [/^(?:three quarters|three-quarters) (?:of )?an?\b/i, 0.75, 0.75],
  [/^a quarter (?:of )?(?:an? )?/i, 0.25, 0.25],
  [/^(?:a|one) third (?:of )?(?:an? )?/i, 1 / 3, 1 / 3],
  [/^two thirds (?:of )?(?:an? )?/i, 2 / 3, 2 / 3],
  [/^one and a half\b/i, 1.5, 1.5],
  [/^two and a half\b/i, 2.5, 2.5],
  [/^(?:half (?:of )?(?:an?|the)|(?:a|one) half)\b(?: of)?/i, 0.5, 0.5],
];
const LEADING_WORDS = new RegExp(
  String.raw`^(half an?|${[...WORDS.keys()].join('|')})(?:\s+(?:to|or)\s+(${[...WORDS.keys()].join('|')}))?\b(?!-)`,
  'iu',
);

/** `1,5` is one and a half, `1,200` twelve hundred. */
const plain = (text: string): string => (/^\d{1,3},\d{3}$/.test(text) ? text.replace(',', '') : text.replace(',', '.').replace('⁄', '/'));

const MIXED = /^\d+-(?:1\/[2-8]|[23]\/[3-8]|[57]\/8|[½¼¾⅓⅔⅛⅜⅝⅞])\s*$/;

/** The number the text starts with and what follows it; null when it starts with none. */
export function readRange(text: string): { range: Range; rest: string } | null {
  const digits = LEADING.exec(text);
  if (digits) {
    const min = numericQuantity(plain(digits[1] as string));
    const max = digits[2] === undefined ? min : numericQuantity(plain(digits[2]));
    if (!Number.isFinite(min) || !Number.isFinite(max)) return null;
    // '1-1/2 oz' of an institution's card is one and a half, and no range down to a half.
    if (MIXED.test(digits[0])) return { range: { min: min + max, max: min + max }, rest: text.slice(digits[0].length).trimStart() };
    return { range: { min: Math.min(min, max), max: Math.max(min, max) }, rest: text.slice(digits[0].length).trimStart() };
  }
  for (const [pattern, min, max] of LOOSE) {
    const loose = pattern.exec(text);
    if (loose) return { range: { min, max }, rest: text.slice(loose[0].length).trimStart() };
  }
  const words = LEADING_WORDS.exec(text);
  if (!words) return null;
  const first = (words[1] as string).toLowerCase();
  const min = first.startsWith('half') ? 0.5 : (WORDS.get(first) as number);
  const max = words[2] === undefined ? min : (WORDS.get(words[2].toLowerCase()) as number);
  return { range: { min, max }, rest: text.slice(words[0].length).trimStart() };
}

export const midpoint = ({ min, max }: Range): number => (min + max) / 2;
