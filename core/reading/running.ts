/**
 * Running text: prose, a letter, what a cook tells while cooking, what was dictated. Every food that is mentioned is found and has a
 * role; those put in become ingredients, with the amount before them or behind, told again at the end, or corrected on the way.
 */
import type { Shelf } from '../food/shelf.ts';
import { methodOf, minutesIn } from './clauses.ts';
import { mentionsIn } from './mentions.ts';
import { FIRST_PERSON, isRunOn, MOST_TEXT, plain, RUN_ON, STAMP, sentencesOf } from './sentences.ts';
import { type Named, type Put, Telling } from './telling.ts';
import type { TextLine } from './textSections.ts';
import { PREPARES, TELLING } from './verbs.ts';

export interface Running {
  ingredients: TextLine[];
  steps: TextLine[];
  named: Named[];
  /** What the text says a bought or baked food is made with: 'cornbread: made with buttermilk and two eggs'. */
  made: string[];
  /** Lines of the text from which nothing was taken. */
  talk: ReadonlySet<number>;
  /** It was spoken: every line should be checked. */
  spoken: boolean;
}

export function runningText(lines: readonly TextLine[], shelf: Shelf): Running {
  const stamped = lines.filter(({ text }) => STAMP.test(text)).length > 2;
  const whole = lines
    .map(({ text }) => text)
    .join(' ')
    .slice(0, MOST_TEXT);
  const said = lines.map(({ text, at }) => ({ text: plain(text), at }));
  const sentences = sentencesOf(said);
  const spoken =
    stamped ||
    (whole.match(FIRST_PERSON)?.length ?? 0) > 2 ||
    /\b(?:um+|uh+)\b/i.test(whole) ||
    sentences.length < whole.split(/\s+/).length / RUN_ON;
  const reading = new Telling(shelf, spoken);
  const runOn = isRunOn(said);
  const steps: TextLine[] = [];
  const used = new Set<number>();
  for (const { text, at } of sentences) {
    const took = reading.sentence(text, at);
    if (
      !reading.recap &&
      (took || (reading.doing && (spoken ? cooks(text) : TELLS.test(text)))) &&
      !SAYS_YIELD.test(text) &&
      !isListing(text, shelf)
    ) {
      // Of what is spoken, only what is done here: what one could boil boils nothing.
      const told = spoken ? reading.told : text;
      steps.push({ text: runOn ? withCommas(told, shelf) : told, at });
      used.add(at);
    }
    if (took) used.add(at);
  }
  return {
    ingredients: reading.puts.map(asLine),
    steps,
    named: reading.named,
    made: reading.made(),
    talk: new Set(lines.map(({ at }) => at).filter((at) => !used.has(at))),
    spoken,
  };
}

/** Run-on speech with a comma before each food it goes on to: 'blend it all down, squeeze of lemon, salt if it wants it'. */
function withCommas(told: string, shelf: Shelf): string {
  const starts = mentionsIn(told, shelf)
    .map(({ left, leftFrom, from }) => (left === null ? from : leftFrom))
    .filter((start) => start > 0 && !LEADS_ON.test(told.slice(0, start)));
  return starts.reduceRight((text, start) => `${text.slice(0, start).trimEnd()}, ${text.slice(start)}`, told);
}
const LEADS_ON = new RegExp(
  String.raw`(?:[,.;:]|\b(?:and|or|in|into|of|with|plus|to|over|for|on|from|the|a|an|some|its?|no|not|my|your|this|that|all|than|by|as|is|are|${TELLING}))\s*$`,
  'i',
);

/** A method or a time: told, and done. */
const cooks = (text: string): boolean => methodOf(text, true) !== undefined || minutesIn(text) !== null || /\b(?:lid|heat)\b/i.test(text);
const TELLS = new RegExp(
  String.raw`\b(?:${TELLING}|goes in|in the pot|lid on|lid off|blended|simmers?|minutes?|top|(?:goes|put|passed?) through)\b`,
  'i',
);
/** 'You want three leeks, two pounds of potatoes and a cup of cream': a list that is spoken, before anything is done. */
const isListing = (text: string, shelf: Shelf): boolean =>
  !DOES.test(text.replace(DOES_NOTHING, ' ')) && mentionsIn(text, shelf).filter(({ left }) => left !== null).length >= LEAST_LISTED;
const LEAST_LISTED = 3;
/** 'A litre of boiling water', 'no need to soak': nothing is done yet. */
const DOES_NOTHING = /\bboiling\s+(?:water|stock)\b|\bno need to \w+|\([^()]*\)/gi;
const DOES = new RegExp(
  String.raw`\b(?:${TELLING.split('|')
    .filter(
      (verb) =>
        !PREPARES.test(verb) &&
        !/^(?:serve|thin|top|set|core|turn|beat|let|whip|cut|when|once|then|now|next|leave|brown|crisp|make|place|working|cool)$/.test(verb),
    )
    .join('|')}|go|in the pot|into)(?:e?d|p?ed|s|es|ing)?\b`,
  'i',
);
const SAYS_YIELD =
  /^(?:[\p{L}'’&, -]{3,50}\s)?(?:serves|feeds) \w+\.?$|^(?:it |that |this )?(?:serves|makes|enough for|for \w+ people|feeds)\b[^.]{0,40}$/iu;

function asLine({ phrase, left, right, prepared, perBowl, at }: Put): TextLine {
  const food = prepared ? `prepared ${phrase}` : phrase;
  const text = left && right ? `${left} ${food} (${right})` : left ? `${left} ${food}` : right ? `${right} ${food}` : food;
  return { text: text.replace(/\s+/g, ' ').trim(), at, ...(perBowl ? { perBowl } : {}) };
}
