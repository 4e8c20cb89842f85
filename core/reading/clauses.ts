/** A written step taken apart: clauses, sentences, steps of one method each; and what a clause says of minutes and the lid. */
import { readRange } from '../quantity/amount.ts';
import { inDigits } from '../quantity/spokenNumbers.ts';
import type { Lid, Method } from '../vocabulary/recipe.ts';
import { ADDS, METHODS, methodRow, WAITS } from './verbs.ts';

export interface Clause {
  text: string;
  /** It begins a sentence. */
  sentence: boolean;
}

const BREAK =
  /(?<!\b(?:c|ca|approx))[.]\s+(?:and\s+)?(?:then\s+)?|[;!?]\s+(?:and\s+)?(?:then\s+)?|,\s+(?:and\s+)?(?:then\s+)?|\s+(?:and then|so then|then)\s+|\s+and\s+(?=(?:simmer|boil|blend|pur[eé]e|liquidi[sz]e|blitz|whizz?|stir|add|serve|return|season|top|swirl|sieve|strain|cook|whisk|pour|bring|heat|fry|sweat|roast|discard|throw|mix|reduce|cover|scatter|finish|warm|drain|blended|stirred|softened|cooked|pushed|poured|spoon (?:the|some|over|a)|drizzle|dollop|ladle|sprinkle|crumble (?:the|over|some)|garnish|float|fold|tip (?:in|the)|transfer|squeeze (?:in|the|over))\b)/gi;

/** Where clauses end; a bracket is of the clause it stands in. */
const breaksOf = (text: string): RegExpExecArray[] => {
  const inside = [...text.matchAll(/\([^()]{0,200}\)/g)].map(({ 0: { length }, index }) => ({ from: index, to: index + length }));
  return [...text.matchAll(BREAK)].filter(({ index }) => !inside.some(({ from, to }) => index > from && index < to));
};

export function clausesOf(text: string): Clause[] {
  const clauses: Clause[] = [];
  let begin = 0;
  let sentence = true;
  for (const found of breaksOf(text)) {
    const clause = text.slice(begin, found.index).trim();
    if (clause) clauses.push({ text: clause, sentence });
    sentence = /^[.!?]/.test(found[0]);
    begin = found.index + found[0].length;
  }
  const last = text.slice(begin).trim();
  if (last) clauses.push({ text: last, sentence });
  return clauses.map((clause, at) =>
    ofFlour(clause, clauses[at - 1]?.text ?? '') ? { ...clause, text: clause.text.replace(/^blend/i, 'stir') } : clause,
  );
}

/** 'Add the flour; blend' stirs it in: a spoon's work, and no jar's. */
const ofFlour = ({ text, sentence }: Clause, before: string): boolean =>
  !sentence && /^blend\b(?! until smooth)/i.test(text) && /\b(?:flour|cornflour|corn ?starch)$/i.test(before);

/** 'Tip in the tomatoes, purée and stock': the purée of a list is no verb; in 'heat through, puree, and strain' it is one. `whole` is its sentence. */
export const isNoun = ({ text, sentence }: Clause, whole: string): boolean =>
  !sentence && /^(?:the |tomato )*pur[eé]e(?: and\b.*)?$/i.test(text) && !HEATS_FIRST.test(whole) && !INTO_BLENDER.test(whole);
/** 'Transfer two cups to a blender and puree.' */
const INTO_BLENDER = /\b(?:blender|processor|liquidi[sz]er)\b/i;
const HEATS_FIRST = /^\s*(?:then\s+)?(?:heat|simmer|cook|cool|warm|boil|leave|let|remove|take)\b/i;

/** Negated words are no method: 'without browning', 'do not boil', 'never let it boil'. */
const NEGATED =
  /\b(?:without|never|not|no(?= colou?r)|do not|don['’]t|no need to|rather than|instead of|off the)\s+(?:let(?:ting)? (?:it|them|the \w+)\s+|the\s+)?(?:\w+\s+)?(?:boil\w*|brown\w*|simmer\w*|fry\w*|blend\w*|pur[eé]e\w*|colou?r\w*)/gi;

/** 'Once we blend it you won't know' blends nothing yet. */
const ANOTHER_TIME = /\b(?:once|when|before|if) (?:we|you|i)\b[^,.;]{0,60}/gi;

/** 'Cook the butter until brown' browns nothing. */
const UNTIL_BROWN = /\b(?:until|till)\s+(?:(?:it|they|just|well|nicely|lightly|golden)\s+(?:is\s+|are\s+)?)?(?:golden[ -])?brown(?:ed)?\b/gi;

const MACHINE = '(?:blender|processor|liquidi[sz]er|jug|jar|pan|pot|saucepan|machine|mixer|goblet|batches|kettle|bowl|container|thermomix)';
/**
 * Blended with a spoon and not with a blender: 'stirring until blended', 'stir well to blend', 'to blend the flavours', 'blend the flour with
 * the milk', 'blend in the cream'. Nothing is pureed by it, nor by what is only offered.
 */
const BY_HAND = new RegExp(
  [
    String.raw`\b(?:until|till)\s+(?:(?:it|they|all|well|just|fully|evenly|thoroughly|completely|smoothly|smooth|is|are|and|everything|the\s+\w+)\s+){0,4}blended\b`,
    String.raw`\b(?:stir|whisk|mix|toss|swirl|beat)\w*\b[^.;]{0,30}\bto\s+blend\b`,
    String.raw`\bflavou?rs?\s+(?:to\s+|have\s+|can\s+)?blend\w*|\bblend\w*\s+(?:the\s+|all\s+the\s+)?flavou?rs?\b`,
    String.raw`\bblend\w*\s+(?:together\s+)?(?:in\s+)?(?:the\s+|\d[\d/.]*\s*\w+\s+(?:of\s+)?)?(?:corn\s?(?:flour|starch)|flour|arrowroot|potato\s+(?:starch|flour)|rice\s+flour|egg\s+yolks?|yolks|butter\s+and\s+flour)\b[^,.;]*`,
    // What could be done: 'nice blended too', 'can be pureed', 'blend if you like'.
    String.raw`\b(?:nice|good|lovely|delicious|great|fine)\s+(?:when\s+)?(?:blended|pur[eé]ed)\b`,
    String.raw`\b(?:can|could|may|might)\s+(?:also\s+)?(?:be\s+)?(?:blend|pur[eé]e|blitz|liquidi[sz]e)\w*`,
    String.raw`\b(?:blend|pur[eé]e|blitz|liquidi[sz]e|whizz)\w*\b(?:(?!\b(?:strain|sieve|pass|thin|add|season|serve|top|with)\b)[^.;]){0,40}\bif\s+(?:liked|desired|preferred|wanted|you\s+(?:like|prefer|wish|want|fancy))\b`,
    String.raw`\bblend\w*\s+in\s+(?:the|a|an|your|remaining|rest)\s+(?!(?:[\w-]+\s+){0,2}${MACHINE}\b)`,
  ].join('|'),
  'gi',
);

/** 'Simmer 40 minutes, until very soft' sweats nothing; in a dry pan it does. */
const UNTIL_SOFT = /\b(?:until|till)\s+(?:[\p{L}-]+\s+){0,5}?soft(?:ened)?\b/giu;

/** The method a clause names; what is only cooked is sweated in a dry pot and simmered in a wet one. */
export function methodOf(clause: string, wet: boolean): Method | undefined {
  const told = clause.replace(NEGATED, ' ').replace(BY_HAND, ' ').replace(ANOTHER_TIME, ' ').replace(UNTIL_BROWN, ' ');
  const text = wet ? told.replace(UNTIL_SOFT, ' ') : told;
  const found = METHODS.find(({ said }) => said.test(text))?.method;
  if (found === 'simmer' && !wet && SOFT.test(text)) return 'sweat';
  if (
    found ||
    !(COOK.test(text) || (minutesIn(text) !== null && !WAITS.test(text) && (GOES_ON.test(text) || text.trim().split(/\s+/).length < MOST_BARE)))
  )
    return found;
  return wet ? 'simmer' : 'sweat';
}
/** 'Leave it twenty minutes', 'that goes for ten', or no more than the minutes: what is on the heat goes on. */
const GOES_ON =
  /\b(?:leave (?:it|that|them)|let (?:it|that|them) (?:go|bubble|cook)|goes?|going|tip away|lid on|heat (?:down|up)|cover(?:ed)?|simmering)\b/i;
const MOST_BARE = 6;
const COOK = /\b(?:cook(?:s|ed|ing)?|stir over|bring to)\b/i;
/** Said of a pot with nothing but fat in it, these are no simmering. */
const SOFT = /\b(?:cook(?:s|ed|ing)? (?:very )?gently|bubbl\w*|stew\w*)\b/i;

/** A written step as one or more steps of one method each: 'Simmer 20 minutes. Blend.' is two. */
export function segmentsOf(text: string): string[] {
  const breaks = breaksOf(text);
  const starts = [0, ...breaks.map((found) => found.index + found[0].length)];
  const segments: string[] = [];
  let begin = 0;
  // Where the sentence at hand began.
  let spoken = 0;
  let method: Method | undefined;
  // Where 'add the stock' began, when a method follows it: what is added goes with what is done to it next.
  let adding: number | null = null;
  starts.forEach((start, index) => {
    const clause = text.slice(start, starts[index + 1] ?? text.length);
    const sentence = index === 0 || /^[.!?]/.test(breaks[index - 1]?.[0] ?? '');
    if (sentence) spoken = start;
    const bare = clause.replace(/[\s,;.]+(?:and\s*)?$/i, '').trim();
    // 'Fry till the water is gone, 12 minutes': the minutes are the frying's.
    const isOfTheSame = !sentence && method !== undefined && ONLY_MINUTES.test(bare);
    const stirs = index > 0 && ofFlour({ text: bare, sentence }, text.slice(starts[index - 1] ?? 0, start).replace(/[\s,;.]+$/, ''));
    const found =
      isOfTheSame || isNoun({ text: bare, sentence }, text.slice(spoken))
        ? undefined
        : methodOf(stirs ? clause.replace(/^\s*blend/i, 'stir') : clause, method !== undefined && methodRow(method)?.stage === 'simmer');
    if (sentence) adding = null;
    if (found && method && found !== method) {
      segments.push(text.slice(begin, adding ?? start));
      begin = adding ?? start;
    }
    if (found || minutesIn(clause)) adding = null;
    else if (method && (ADDS.test(clause) || sentence)) adding ??= start;
    method = found ?? method;
  });
  segments.push(text.slice(begin));
  return segments
    .map((segment) =>
      capitalised(
        segment
          .trim()
          .replace(/(?:[\s,;]|\b(?:and|then))+$/i, ENDS_WITH)
          .trim(),
      ),
    )
    .filter(Boolean);
}

const ONLY_MINUTES =
  /^(?:for |about |around |some |maybe )*[\d½¼¾][\d½¼¾.,]*(?:\s?(?:-|–|to|or)\s?\d+)?\s?(?:minutes?|mins?|hours?|hrs?)(?: or so)?$/i;

/** What was cut off in the middle of a sentence ends like one. */
const ENDS_WITH = '.';
const capitalised = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

const SMALL_NUMBER = 'one|two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen';
const MINUTES = new RegExp(
  String.raw`(?<![\d.,])((?:\d{1,4}\s?[½¼¾]|\d{1,4}\s+\d\/\d|\d{1,4}(?:[.,]\d{1,3})?|[½¼¾]|half an|an?|${SMALL_NUMBER})\s*(?:(?:-|–|to|or)\s*(?:\d{1,4}(?:[.,]\d{1,3})?|${SMALL_NUMBER})\s*)?)\s*-?\s*(hours?|hrs?|h|minutes?|mins?|min)\b`,
  'gi',
);

/** Minutes that lie inside others ('the peas for the last 5', 'stirring every 5'): they make nothing longer where others are said. */
const INSIDE = /(?:\b(?:last|final|every)(?: few| couple of)?\s*|\beach\s+)$/i;
const BEFORE_END = /^\s*(?:before|from) (?:the end|it is done|it's done|they are done|serving|the time is up)/i;

/** All the minutes a step states, added up; those inside others count only where they stand alone. */
export function minutesIn(text: string): { min: number; max: number } | null {
  const found: { min: number; max: number; inside: boolean }[] = [];
  const said = inDigits(text)
    .replace(/\b(?:a\s+)?quarter of an hour/gi, '15 minutes')
    .replace(/\bthree[\s-]quarters of an hour|\b3\/4 hour/gi, '45 minutes')
    // 'Simmer 15\'' on a kitchen card, '1 h 30'; never 5'10" of anything.
    .replace(/(?<![\d.,/])(\d{1,3})\s?['\u2032](?![\d'"\u2033\p{L}])/gu, '$1 minutes')
    .replace(/\b(\d{1,2})\s?h\s?(\d{2})(?!\s*(?:min|m\b|\d|\u00b0))\b/g, '$1 h $2 minutes');
  for (const { 0: all, 1: number, 2: unit, index } of said.matchAll(MINUTES)) {
    const range = readRange((number as string).trim())?.range;
    if (!range) continue;
    const factor = (unit as string).toLowerCase().startsWith('h') ? 60 : 1;
    const inside = INSIDE.test(said.slice(0, index)) || BEFORE_END.test(said.slice(index + all.length));
    found.push({ min: range.min * factor, max: range.max * factor, inside });
  }
  const own = found.filter(({ inside }) => !inside);
  const counted = own.length > 0 ? own : found;
  return counted.length > 0 ? counted.reduce((sum, { min, max }) => ({ min: sum.min + min, max: sum.max + max }), { min: 0, max: 0 }) : null;
}

const OF_THE_POT = /\b(?:the\s+)?(?:last|final)\s+(?:[\d½¼¾]+|half an|an?)\s*(?:minutes?|mins?|hours?|hrs?)\b/gi;

/** The minutes of a step's own method: those of a wait ('chill 2 hours', 'let it cool 10 minutes') are not the blender's. */
export function methodMinutes(text: string, method: Method | undefined): { min: number; max: number } | null {
  const own = clausesOf(text).filter((clause) => !WAITS.test(clause.text));
  const said = method && own.length > 0 ? own.map((clause) => clause.text).join('. ') : text;
  // 'Blend half of it. Stir in the cheese for the last 30 minutes': those are the pot's.
  return minutesIn(method === 'blend' ? said.replace(OF_THE_POT, ' ') : said);
}

/** What a step says of the lid; an 'uncover' behind a 'cover' holds. */
export function lidIn(text: string): Lid | null {
  if (/\b(lid ajar|lid (?:slightly )?(?:tilted|off centre|askew)|partly covered|partially covered|half[- ]covered|half on)\b/i.test(text))
    return 'ajar';
  if (/\b(uncovered|without a lid|lid off|take off the lid|remove the lid|uncover)\b/i.test(text)) return 'off';
  return /\b(lid on|covered|cover(?! (?:with|the \w+ with) (?:the |\d|[\w ]*(?:water|stock|broth)))|with the lid|with a lid|under a lid|put the lid)\b/i.test(
    text,
  )
    ? 'on'
    : null;
}
