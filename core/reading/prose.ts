/**
 * Ingredients named only in prose, with their amounts in the sentences: 'Melt 50 g butter in a big pan', or a list spoken
 * without line breaks. What has an amount and is a food, or is weighed, becomes an ingredient; foods that are only named come last.
 */
import { readRange } from '../quantity/amount.ts';
import { readLine, type WrittenLine } from './line.ts';
import type { IsFood, TextLine } from './sections.ts';

/** After these words another thing begins. */
const STOP =
  /\s*(?:,|;|:|\()\s*|\s+(?:with|in|into|until|till|for|over|then|and|to|from|while|through|on|at|plus|together|by|off|onto|before|after|along|about|little)\s+/i;
const NOT_FOOD =
  /^(?:minutes?|mins?|min|hours?|hrs?|h|seconds?|degrees?|°|c|f|times?|people|persons?|portions?|servings?|bowls?|cm|mm|inch(?:es)?|batch(?:es)?|more|or so|bit|few|little|lot|days?|night|side|third of it|half of it)\b/i;
const LOOKS_LIKE_AMOUNT = /^(?:\d|[½¼¾⅓⅔⅛]|(?:an?|one|two|three|four|five|six|seven|eight|nine|ten|twelve|half|dozen|couple|quarter|some)\b)/i;
const MOST_SHRUNK = 4;
/** No ingredient is said in more words; no clause that names one has more. */
const MOST_WORDS = 14;
const MOST_IN_CHUNK = 80;

/** Sentences of a text, with the line each stands on. */
export function sentencesOf(lines: readonly TextLine[]): TextLine[] {
  return lines.flatMap(({ text, at }) =>
    text
      .split(/(?<=[.!?])\s+(?=\p{L}|\d)|\n/u)
      .map((sentence) => ({ text: sentence.trim(), at }))
      .filter((sentence) => sentence.text !== ''),
  );
}

/** The ingredients of prose, as phrases that start with their amount. */
export function ingredientsOfProse(lines: readonly TextLine[], names: Names): TextLine[] {
  return sentencesOf(lines).flatMap(({ text, at }) => phrasesOf(text, names).map((phrase) => ({ text: phrase, at })));
}

/** What words can name: one food, or several in one line. */
export interface Names {
  food: IsFood;
  several: (line: WrittenLine) => boolean;
}

function phrasesOf(sentence: string, names: Names): string[] {
  const found: string[] = [];
  const chunks = sentence
    .replace(/[.!?]+$/, '')
    .replace(/\bhalf and half\b/gi, 'half-and-half')
    .replace(/\b(\p{L}+ed|cut) and (\p{L}+ed|thinly \p{L}+ed)\b/giu, '$1 $2')
    .replace(/\b(salt|sea salt) and (black |white |ground |cayenne )?pepper\b/gi, '$1 & $2pepper')
    .split(STOP);
  for (const chunk of chunks) {
    const words = chunk.trim().split(/\s+/, MOST_IN_CHUNK);
    for (let start = 0; start < words.length; start += 1) {
      if (!LOOKS_LIKE_AMOUNT.test(words[start] as string)) continue;
      const phrase = longestIngredient(words.slice(start, start + MOST_WORDS), names);
      if (!phrase) continue;
      found.push(phrase.text);
      start += phrase.words - 1;
    }
  }
  return found;
}

function longestIngredient(words: readonly string[], names: Names): { text: string; words: number } | null {
  const number = readRange(words.join(' '));
  if (!number || NOT_FOOD.test(number.rest) || number.rest === '') return null;
  for (let drop = 0; drop <= MOST_SHRUNK && words.length - drop >= 2; drop += 1) {
    const text = words.slice(0, words.length - drop).join(' ');
    // 'chicken or vegetable stock' is not cut to chicken.
    if (/^(?:or|\/)$/i.test(words[words.length - drop] ?? '')) continue;
    const written = readLine(text);
    if (written.amount.range && written.food !== '' && (names.food(written.food) || names.several(written)))
      return { text, words: words.length - drop };
  }
  const whole = readLine(words.join(' '));
  const measured = whole.amount.unit?.kind === 'mass' || (whole.amount.unit?.kind === 'volume' && /\bof\b/.test(words.join(' ')));
  return measured && whole.food !== '' && words.length <= 7 ? { text: words.join(' '), words: words.length } : null;
}

/** What a spoken or written text calls itself: its first short sentence, or the words before 'soup'. */
export function titleOfProse(text: string): string | null {
  const first = /^[^.!?\n]{3,80}(?=[.!?\n])/.exec(text.trim())?.[0];
  const named = /\b((?:[\p{L}'’&-]+\s+){0,4}(?:soup|chowder|bisque|velout[eé]|cream of \p{L}+|broth))\b/iu.exec(text)?.[1];
  const title =
    first && !/\d/.test(first) && !/^(?:ok(?:ay)?|so|um|right|well)\b/i.test(first)
      ? first
      : named?.replace(/^(?:(?:ok(?:ay)?|so|this|is|a|the|my|for|um|it'?s)\s+)+/i, '');
  return title ? title.charAt(0).toUpperCase() + title.slice(1) : null;
}
