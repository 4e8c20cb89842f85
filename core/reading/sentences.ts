/** A text in sentences; what was spoken without its time, its fillers and what was said twice. */
import { inDigits } from '../quantity/spokenNumbers.ts';
import type { TextLine } from './sections.ts';

export interface Sentence {
  text: string;
  at: number;
}

export const STAMP = /^\s*\[?\(?\d{1,2}:\d{2}(?::\d{2})?\)?\]?\s*/;
/** '800g' is a number and a measure. */
const GLUED = /(?<=\d)(?=(?:kg|g|ml|cl|dl|l|oz|lbs?|tbsp|tsp)\b)/gi;
const FILLERS =
  /\b(?:um+|uh+|erm?|you know|i guess|i suppose|kind of|sort of|sort've|okay|ok|alright|all right|right then|basically|literally)\b,?/gi;
const REPEATED = /(?<=^|\s)(\p{L}\S*(?:\s+\S+){0,3}|\d\S*(?:\s+\p{L}\S*){1,3})[\s,]+\1(?=[\s,.]|$)/giu;
export const FIRST_PERSON = /\b(?:i['’]m|i['’]ve|i['’]ll|gonna|y['’]all|we['’]re|let['’]s|lets|hello|welcome|today)\b/gi;
const MARKERS =
  /\s+(?=(?:so then|and then|then|so|now|next|meanwhile|while that['’]?s|after that|on the top|on top|to serve|method|right so|oh|it serves|it makes|that makes|i['’]m putting|i['’]m going|and i['’]m|add|simmer|blend|stir in|pour)\s)/gi;
/** Words between two full stops, above which a text has no punctuation to speak of. */
export const RUN_ON = 45;
export const MOST_TEXT = 60_000;

/** Words follow on words, with hardly a full stop among them. */
export const isRunOn = (lines: readonly TextLine[]): boolean => {
  const text = lines.map((line) => line.text).join(' ');
  const ends = text.match(/[.!?](?=\s|$)/g)?.length ?? 0;
  return text.split(/\s+/).length / (ends + 1) > RUN_ON;
};

/** Sentences of a text, with the line each stands on; run-on speech at the words that lead on. */
export function sentencesOf(lines: readonly TextLine[]): Sentence[] {
  const runOn = isRunOn(lines);
  return lines.flatMap(({ text: line, at }) =>
    line
      .slice(0, MOST_TEXT)
      .split(/(?<=[.!?…])["'’)]?\s+(?=["'‘(]?[\p{L}\d½¼¾])|\n/u)
      .flatMap((sentence) => (runOn ? sentence.split(MARKERS) : [sentence]))
      .map((sentence) => ({ text: sentence.trim(), at }))
      .filter((sentence) => /\p{L}/u.test(sentence.text)),
  );
}

/** A spoken line without its time, its fillers and what was said twice; numbers in digits. */
export const plain = (text: string): string => {
  const once = inDigits(
    text
      // A cream of that name, and no word said twice.
      .replace(/\bhalf and half\b/gi, 'half-and-half')
      .replace(GLUED, ' ')
      .replace(STAMP, '')
      .replace(FILLERS, ' ')
      .replace(/^\s*[QA]:\s*/, ''),
  ).replace(/\s+/g, ' ');
  return once.replace(REPEATED, '$1').replace(REPEATED, '$1').trim();
};
