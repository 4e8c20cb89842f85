/** A text in sentences; what was spoken without its time, its fillers and what was said twice. */
import { inDigits } from '../quantity/spokenNumbers.ts';
import type { TextLine } from './textSections.ts';

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
      .split(/(?<=(?<!\b(?:c|ca|approx))[.!?…])["'’)]?\s+(?=["'‘(]?[\p{L}\d½¼¾])|\n/u)
      .flatMap((sentence) => (runOn ? sentence.split(MARKERS) : [sentence]))
      .map((sentence) => ({ text: sentence.trim(), at }))
      .filter((sentence) => /\p{L}/u.test(sentence.text)),
  );
}

const NUMBER = String.raw`(?:\d+(?:\.\d+)?|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)`;
const KINDS = '(?:chicken|beef|fish|ham|turkey|lamb|veg|vegetable|mushroom)';
/** What speech and letters put in an order of their own, in the order a list has. */
const REWORDED: readonly (readonly [RegExp, string])[] = [
  // '8 tubs @ 350ml' is what it fills; '10m' are minutes; toms are tomatoes.
  [/\b(\d{1,4})\s?(?:tubs?|pots|jars|containers|boxes)\s?(?:@|at|of|x)\s?(\d{1,5}\s?ml)\b(?=\s*(?:[.;!]|$))/gi, 'makes $1 portions'],
  [/\b(\d{1,3})m\b/g, '$1 minutes'],
  [/\btoms\b/gi, 'tomatoes'],
  // 'Yesterday we did parsnip today it is mushroom'.
  [/\s+(?=today (?:it['’]?s|it is|we['’]?re|we are|i['’]?m)\b)/gi, '\n'],
  // Stock is made with something, and no list goes on behind it.
  [
    /\b(stock|broth)\s+made\s+(?:up\s+)?(?:with|from)\s+(?:bouillon|(?:stock |bouillon )?(?:powder|concentrate|granules|cubes?))\b(?:\s*\([^()]*\))?/gi,
    '$1',
  ],
  // 'Serves eight one kilo of carrots': a number behind the bowls begins the next thing.
  [new RegExp(String.raw`\b((?:serves|feeds)\s+${NUMBER})\s+(?=(?:${NUMBER}|an?|half)\s+(?!people|portions|bowls|hungry)\p{L})`, 'giu'), '$1\n'],
  // 'A quarter pint of milk and the same of single cream'.
  [/\b((?:an?\s+)?(?:\d[\d./]{0,6}|half|quarter)\s?\p{L}{1,20})(\s+of\s+[\p{L} ]{2,30}?)\s+and\s+the same (?:amount )?of\b/giu, '$1$2 and $1 of'],
  // 'Make that 1.2 kilos and one litre of stock': what was corrected ends there.
  [/\b(make (?:that|it) \d+(?:\.\d+)?\s*(?:kilos?|kg|g|grams?|ml|litres?|l)?)\s+and\s+(?=(?:\d|an?|one|two|three|four|half)\b)/gi, '$1, then '],
  // 'Eight hundred ml of stock, chicken or veg'.
  [new RegExp(String.raw`\b(stock|broth),?\s+(${KINDS}\s+or\s+${KINDS})\b`, 'gi'), '$2 $1'],
  // 'Some milk maybe 200 ml'.
  [/\b(?:some|a bit of|a little)\s+(\p{L}+)\s+(?:maybe|about|say|around|perhaps)\s+(\d+(?:\.\d+)?\s*(?:ml|g|kg|l|litres?|grams?))\b/giu, '$2 of $1'],
  // 'Enough cold water to cover - we use 2.5 litres'.
  [
    /\benough\s+(?:(cold|hot|boiling)\s+)?(water|stock|broth|milk)\s+to cover\s*[-–—,(:]\s*(?:we|i|about|say|that['’]?s|it takes)\s*(?:use|need|take|is)?\s*(?:about\s+)?(\d+(?:\.\d+)?\s*(?:litres?|l|ml|pints?|cups?|quarts?))\b/gi,
    '$3 of $1 $2 to cover',
  ],
  // 'Stock made with one cube': the make of it, and no list goes on behind.
  [
    new RegExp(
      String.raw`\b(stock|broth|bouillon)\s+made\s+(?:up\s+)?(?:with|from)\s+(?:${NUMBER}|an?)\s+(?:stock\s+|bouillon\s+)?(?:cubes?|pots?|sachets?)\b`,
      'gi',
    ),
    '$1',
  ],
];

/** Where no stop is spoken, a comma before what goes on: a written sentence has its own. */
const WITHOUT_STOPS: readonly (readonly [RegExp, string])[] = [
  // 'Mushrooms 750 grams sliced one onion': what is done to them ends there.
  [
    /(\d\s*(?:g|grams?|kg|kilos?|ml|litres?)\s+(?:finely |roughly |thinly )?(?:sliced|chopped|diced|peeled|grated|cubed))\s+(?=(?:\d|an?|one|two|three|four|five|six|half)\s)/gi,
    '$1, ',
  ],
  // 'Leave some chunky 200 ml of double cream'.
  [
    /(?=\s\d)(?<=\b(?!and|add|of|with|about|in|the|to|then|plus|or|another|roughly|around|say|is|it|by|that|maybe|just|are|get|take|have|use|put|need|got|than|till|until|from|for|at|some|a)\p{L}{3,20})\s(?=\d{1,5}(?:\.\d{1,3})?\s?(?:ml|g|grams?|kilos?|kg|litres?)\s+of\s)/giu,
    ', ',
  ],
];

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
  const rows = isRunOn([{ text: once, at: 0 }]) ? [...REWORDED, ...WITHOUT_STOPS] : REWORDED;
  const set = rows.reduce((said, [pattern, words]) => said.replace(pattern, words), once);
  return set.replace(REPEATED, '$1').replace(REPEATED, '$1').trim();
};
