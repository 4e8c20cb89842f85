/** Reads numbers as cooks write them: 1 1/2, ½, 2-3, a dozen, 'two to three', 1,5. Numbers themselves are a package's work. */
import { numericQuantity } from 'numeric-quantity';

export interface Range {
  min: number;
  max: number;
}

const WORDS: Readonly<Record<string, number>> = {
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
  dozen: 12,
  half: 0.5,
  quarter: 0.25,
};

const NUMBER = String.raw`(?:\d+\s+\d+\s*[/⁄]\s*\d+|\d+\s*[/⁄]\s*\d+|\d*\s?[¼½¾⅐⅑⅒⅓⅔⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞]|\d+(?:[.,]\d+)?|\.\d+)`;
const LEADING = new RegExp(String.raw`^(${NUMBER})(?:\s*(?:-|–|—|to|or)\s*(${NUMBER}))?`, 'iu');
const LEADING_WORDS = new RegExp(
  String.raw`^(half an?|${Object.keys(WORDS).join('|')})(?:\s+(?:to|or)\s+(${Object.keys(WORDS).join('|')}))?\b(?!-)`,
  'iu',
);

/** `1,5` is one and a half, `1,200` twelve hundred. */
const plain = (text: string): string => (/^\d{1,3},\d{3}$/.test(text) ? text.replace(',', '') : text.replace(',', '.').replace('⁄', '/'));

/** The number the text starts with and what follows it; null when it starts with none. */
export function readRange(text: string): { range: Range; rest: string } | null {
  const digits = LEADING.exec(text);
  if (digits) {
    const min = numericQuantity(plain(digits[1] as string));
    const max = digits[2] === undefined ? min : numericQuantity(plain(digits[2]));
    if (!Number.isFinite(min) || !Number.isFinite(max)) return null;
    return { range: { min: Math.min(min, max), max: Math.max(min, max) }, rest: text.slice(digits[0].length).trimStart() };
  }
  const words = LEADING_WORDS.exec(text);
  if (!words) return null;
  const first = (words[1] as string).toLowerCase();
  const min = first.startsWith('half') ? 0.5 : (WORDS[first] as number);
  const max = words[2] === undefined ? min : (WORDS[words[2].toLowerCase()] as number);
  return { range: { min, max }, rest: text.slice(words[0].length).trimStart() };
}

export const midpoint = ({ min, max }: Range): number => (min + max) / 2;
