/**
 * Running text: prose, a letter, what a cook tells while cooking, what was dictated. Every food that is mentioned is found and has a
 * role; those put in become ingredients, with the amount before them or behind, told again at the end, or corrected on the way.
 */
import type { Shelf } from '../food/shelf.ts';
import { readRange } from '../quantity/amount.ts';
import { inDigits } from '../quantity/spokenNumbers.ts';
import { unitOf } from '../quantity/units.ts';
import { methodOf, minutesIn } from './clauses.ts';
import { readLine } from './line.ts';
import { nameAt, wordsOfFood, wordTokens } from './match.ts';
import {
  CORRECTS,
  IN_HAND,
  leftOutBefore,
  MORE,
  OTHER_DAY,
  PART,
  PUT_IN,
  PUTS,
  RECAPS,
  type Role,
  type SaidRole,
  saidRole,
  segmentsForRole,
  TAKEN_BACK,
  turnsBack,
} from './roles.ts';
import type { TextLine } from './sections.ts';
import { PREPARES, TELLING } from './verbs.ts';
import { DESCRIPTORS, MAKES_ANOTHER, MODIFIERS, SLIPS } from './words.ts';
import { bowlsSaid } from './yield.ts';

/** A food the text names that is not in the pot. */
export interface Named {
  /** As the text has it. */
  text: string;
  foodId: string | null;
  role: Exclude<Role, 'put'>;
  textLine: number;
}

export interface Running {
  ingredients: TextLine[];
  steps: TextLine[];
  named: Named[];
  /** Lines of the text from which nothing was taken. */
  talk: ReadonlySet<number>;
  /** It was spoken: every line should be checked. */
  spoken: boolean;
}

interface Sentence {
  text: string;
  at: number;
}

interface Mention {
  /** Offsets of the food's words, with what describes them, into the segment. */
  from: number;
  to: number;
  phrase: string;
  key: string;
  foodId: string | null;
  /** 'Leek soup', 'cream of asparagus': a dish and no ingredient. */
  dish: boolean;
  /** Amount before it, as written, and where it begins. */
  left: string | null;
  leftFrom: number;
}

interface Put {
  key: string;
  phrase: string;
  foodId: string | null;
  left: string | null;
  right: string | null;
  /** 'Once they were trimmed': the weight is of what goes in. */
  prepared: boolean;
  perBowl: boolean;
  at: number;
}

const STAMP = /^\s*\[?\(?\d{1,2}:\d{2}(?::\d{2})?\)?\]?\s*/;
/** '800g' is a number and a measure. */
const GLUED = /(?<=\d)(?=(?:kg|g|ml|cl|dl|l|oz|lbs?|tbsp|tsp)\b)/gi;
const FILLERS =
  /\b(?:um+|uh+|erm?|you know|i guess|i suppose|kind of|sort of|sort've|okay|ok|alright|all right|right then|basically|literally)\b,?/gi;
const REPEATED = /(?<=^|\s)(\p{L}\S*(?:\s+\S+){0,3}|\d\S*(?:\s+\p{L}\S*){1,3})[\s,]+\1(?=[\s,.]|$)/giu;
const FIRST_PERSON = /\b(?:i['’]m|i['’]ve|i['’]ll|gonna|y['’]all|we['’]re|let['’]s|lets|hello|welcome|today)\b/gi;
const MARKERS =
  /\s+(?=(?:so then|and then|then|so|now|next|meanwhile|while that['’]?s|after that|on the top|on top|to serve|method|right so|oh|it serves|it makes|that makes|i['’]m putting|i['’]m going|and i['’]m|add|simmer|blend|stir in|pour)\s)/gi;
/** Words between two full stops, above which a text has no punctuation to speak of. */
const RUN_ON = 45;
const MOST_TEXT = 60_000;

/** Sentences of a text, with the line each stands on; run-on speech at the words that lead on. */
export function sentencesOf(lines: readonly TextLine[]): Sentence[] {
  const text = lines.map((line) => line.text).join(' ');
  const ends = text.match(/[.!?](?=\s|$)/g)?.length ?? 0;
  const runOn = text.split(/\s+/).length / (ends + 1) > RUN_ON;
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
const plain = (text: string): string => {
  const once = inDigits(
    text
      .replace(GLUED, ' ')
      .replace(STAMP, '')
      .replace(FILLERS, ' ')
      .replace(/^\s*[QA]:\s*/, ''),
  ).replace(/\s+/g, ' ');
  return once.replace(REPEATED, '$1').replace(REPEATED, '$1').trim();
};

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
      steps.push({ text: spoken ? reading.told : text, at });
      used.add(at);
    }
    if (took) used.add(at);
  }
  return {
    ingredients: reading.puts.map(asLine),
    steps,
    named: reading.named,
    talk: new Set(lines.map(({ at }) => at).filter((at) => !used.has(at))),
    spoken,
  };
}

/** A method or a time: told, and done. */
const cooks = (text: string): boolean => methodOf(text, true) !== undefined || minutesIn(text) !== null || /\b(?:lid|heat)\b/i.test(text);
const TELLS = new RegExp(String.raw`\b(?:${TELLING}|goes in|in the pot|lid on|lid off|blended|simmers?|minutes?|top)\b`, 'i');
/** 'You want three leeks, two pounds of potatoes and a cup of cream': a list that is spoken, before anything is done. */
const isListing = (text: string, shelf: Shelf): boolean =>
  !DOES.test(text) && mentionsIn(text, shelf).filter(({ left }) => left !== null).length >= LEAST_LISTED;
const LEAST_LISTED = 3;
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
const BEGINS_TO_DO = new RegExp(String.raw`^(?:${TELLING})\b`, 'i');
const SAYS_YIELD = /^(?:it |that |this )?(?:serves|makes|enough for|for \w+ people|feeds)\b[^.]{0,40}$/i;

function asLine({ phrase, left, right, prepared, perBowl, at }: Put): TextLine {
  const food = prepared ? `prepared ${phrase}` : phrase;
  const text = left && right ? `${left} ${food} (${right})` : left ? `${left} ${food}` : right ? `${right} ${food}` : food;
  return { text: text.replace(/\s+/g, ' ').trim(), at, ...(perBowl ? { perBowl } : {}) };
}

/** Walks the sentences of one text. */
class Telling {
  readonly puts: Put[] = [];
  readonly named: Named[] = [];
  recap = false;
  /** The last sentence was of what is done here and now. */
  doing = true;
  /** What of it is done, without what is only talked about. */
  told = '';
  private last: Put | null = null;
  private lastUnit = 'g';
  /** Sentences that may still belong to what another cook does. */
  private tale = 0;

  constructor(
    private readonly shelf: Shelf,
    private readonly spoken: boolean,
  ) {}

  /** True when something of the sentence went into the pot, or was said of what did. */
  sentence(sentence: string, at: number): boolean {
    if (RECAPS.test(sentence)) this.recap = true;
    let took = false;
    let tale = false;
    let doing = false;
    const told: string[] = [];
    const inHand = IN_HAND.test(sentence) || BEGINS_TO_DO.test(sentence);
    if (inHand) this.tale = 0;
    for (const segment of segmentsForRole(sentence)) {
      const own = saidRole(segment);
      const back = own.role !== 'put' && turnsBack(segment) && !/\?/.test(segment);
      const said: SaidRole = TAKEN_BACK.test(sentence)
        ? { ...PUT_IN, role: 'left' }
        : OTHER_DAY.test(segment) && own.role === 'put'
          ? { ...PUT_IN, role: 'other', from: otherDayFrom(segment) }
          : back
            ? PUT_IN
            : own.role === 'put' && this.tale > 0
              ? { ...PUT_IN, role: 'other', weak: true }
              : own;
      const here = this.segment(segment, said, inHand || back, sentence, at);
      took ||= here;
      tale ||= said.tale && !took;
      doing ||= said.role === 'put' || said.from > 0;
      if (here || said.role === 'put') told.push(segment);
      else if (said.from > 0) told.push(segment.slice(0, said.from));
    }
    this.doing = doing;
    this.told = told.join(', ').trim() || sentence;
    // What follows a tale goes on with it, until the pot is in hand again.
    this.tale = this.recap || took ? 0 : tale ? MOST_TALE : Math.max(0, this.tale - 1);
    if (bowlsSaid(sentence)) this.last = null;
    return took;
  }

  private segment(segment: string, { role, weak, from }: SaidRole, inHand: boolean, sentence: string, at: number): boolean {
    const mentions = mentionsIn(segment, this.shelf);
    let took = false;
    if (role !== 'left' && mentions.length === 0) took = this.amountAlone(segment) || took;
    const unknown = role === 'put' ? unknownIn(segment, mentions) : [];
    const takeUnknown = (before: number) => {
      while (unknown[0] && unknown[0].from < before) {
        const { text: said } = unknown.shift() as { text: string };
        const text = ofTheFruit(said, this.last?.phrase);
        this.puts.push({ key: text, phrase: text, foodId: null, left: null, right: null, prepared: false, perBowl: false, at });
        took = true;
      }
    };
    mentions.forEach((mention, index) => {
      takeUnknown(mention.from);
      const end = mentions[index + 1]?.leftFrom ?? segment.length;
      const before = segment.slice(index === 0 ? 0 : (mentions[index - 1] as Mention).to, mention.leftFrom);
      took =
        this.mention(mention, {
          segment,
          before,
          behind: segment.slice(mention.to, end),
          role: mention.from < from ? 'put' : role,
          weak,
          inHand,
          sentence,
          at,
        }) || took;
    });
    takeUnknown(segment.length + 1);
    return took;
  }

  private mention(
    mention: Mention,
    said: { segment: string; before: string; behind: string; role: Role; weak: boolean; inHand: boolean; sentence: string; at: number },
  ): boolean {
    const { segment, before, behind, at } = said;
    if (mention.dish) return false;
    const right = amountBehindFood(behind, mention.left !== null);
    // 'Till the peas have gone', 'put the ham back': nothing is put in that was not.
    if (mention.left === null && right === null && (UNTIL.test(segment.slice(0, mention.from)) || /^\s*back\b/i.test(behind))) {
      if (!this.puts.some((put) => isSame(put, mention, this.shelf))) this.name(mention, 'told', at);
      return false;
    }
    const own = (mention.left !== null && isMeasured(mention.left)) || (right !== null && !right.bare);
    const role: Role = leftOutBefore(`${before}${mention.left ?? ''}`) ? 'left' : said.weak && own ? 'put' : said.role;
    // 'Blend the peas' speaks of the split peas that are in.
    const spokenOfAgain = mention.left === null && right === null && /\bthe\s*$/i.test(before);
    const same = this.puts.find((put) => isSame(put, mention, this.shelf) || (spokenOfAgain && headOf(put.key) === headOf(mention.key)));
    // The stock that was made of the water is no other.
    if (
      !same &&
      mention.left === null &&
      right === null &&
      /^(?:stock|broth)$/.test(mention.key) &&
      /\bthe\s*$/i.test(before) &&
      this.puts.some(({ foodId }) => foodId === 'water')
    ) {
      this.name(mention, 'told', at);
      return false;
    }
    if (role === 'left' && same && same.left === null && same.right === null && !said.weak && !this.recap)
      this.puts.splice(this.puts.indexOf(same), 1);
    if (role !== 'put') {
      if (!(same && this.puts.includes(same))) this.name(mention, role, at);
      return false;
    }
    const perBowl = PER_BOWL.test(behind.slice(0, MOST_BEHIND)) || PER_BOWL.test(before.slice(-20));
    const prepared = /\b(?:trimmed|peeled|cleaned|prepared|once (?:they|it))\b/i.test(segment) && right !== null;
    const put: Put = { key: mention.key, phrase: mention.phrase, foodId: mention.foodId, left: mention.left, right: null, prepared, perBowl, at };
    applyRight(put, right);
    this.carryUnit(put);
    const measured = put.left !== null || put.right !== null;
    const spokenOf = this.named.some(({ foodId, text }) => (foodId ?? text) === (mention.foodId ?? mention.phrase));
    if (same) return this.again(same, put, measured, before, right?.corrects === true || CORRECTS.test(before));
    const corrected = same ? undefined : this.corrected(put, said.sentence);
    if (corrected) return true;
    if (!measured && spokenOf && !said.inHand) return false;
    if (!measured && !this.recap && !PUTS.test(segment) && segment.split(/\s+/).length > MOST_FRAGMENT) {
      this.name(mention, 'told', at);
      return false;
    }
    return this.take(put);
  }

  /** A food of the text that is not in the pot, once. */
  private name({ phrase, foodId }: Pick<Put, 'phrase' | 'foodId'>, role: Exclude<Role, 'put'>, textLine: number): void {
    if (!this.named.some((one) => (one.foodId ?? one.text) === (foodId ?? phrase))) this.named.push({ text: phrase, foodId, role, textLine });
  }

  /** 'I put single cream out, but what I've actually got is the double': the same kind of thing, corrected. */
  private corrected(put: Put, sentence: string): boolean {
    const { last } = this;
    const head = (phrase: string) => phrase.toLowerCase().split(/\s+/).at(-1);
    if (!last || head(last.phrase) !== head(put.phrase) || !(CORRECTS.test(sentence) || /^(?:it|that|this)(?:['’]s| is)\b/i.test(sentence)))
      return false;
    // What was said first is not lost: it is named, and one press puts it in.
    this.name(last, 'told', last.at);
    Object.assign(last, { key: put.key, phrase: put.phrase, foodId: put.foodId, left: put.left ?? last.left, right: put.right ?? last.right });
    return true;
  }

  /** 'Six hundred mils of milk and five hundred of the stock': the unit that was said goes on. */
  private carryUnit(put: Put): void {
    for (const side of ['left', 'right'] as const) {
      const text = put[side];
      if (text === null) continue;
      const unit = /\d\s*(g|kg|grams?|ml|l|litres?)\b/i.exec(text);
      if (unit) this.lastUnit = unit[1] as string;
      const bare = /^(\d{2,4})(?:\s+of)?(?:\s+the)?$/.exec(text.trim());
      if (bare && Number(bare[1]) >= LEAST_BARE) put[side] = `${bare[1]} ${this.lastUnit} of`;
    }
  }

  private take(put: Put): boolean {
    this.puts.push(put);
    this.last = put;
    for (let at = this.named.length - 1; at >= 0; at -= 1) {
      const { foodId, text } = this.named[at] as Named;
      if ((foodId ?? text) === (put.foodId ?? put.phrase)) this.named.splice(at, 1);
    }
    return true;
  }

  /** A food that is there already: more of it, the amount at last, a correction, or only spoken of again. */
  private again(same: Put, put: Put, measured: boolean, before: string, corrects: boolean): boolean {
    const near = `${before.slice(-30)} ${put.left ?? ''}`;
    if (measured && MORE.test(near) && !corrects && !this.recap) return this.take(put);
    this.last = same;
    if (same.foodId === null && put.foodId !== null) Object.assign(same, { foodId: put.foodId, key: put.key, phrase: put.phrase });
    if (!measured || PART.test(near)) return true;
    const had = same.left !== null || same.right !== null;
    if (put.phrase.length > same.phrase.length) same.phrase = put.phrase;
    if (!had) Object.assign(same, { left: put.left, right: put.right, prepared: put.prepared, perBowl: put.perBowl || same.perBowl });
    else if (corrects || this.recap || this.spoken) {
      const weighed = (text: string | null) => text !== null && WEIGHT.test(text);
      const counted = same.left !== null && !weighed(same.left);
      if (counted && put.left === null && weighed(put.right)) Object.assign(same, { right: put.right, prepared: put.prepared });
      else if (!(weighed(same.left) || weighed(same.right)) || weighed(put.left) || weighed(put.right) || corrects)
        Object.assign(same, { left: put.left, right: put.right, prepared: put.prepared });
    } else if (same.left !== put.left) return this.take(put);
    return true;
  }

  /** 'One can, diced', 'let's say five', 'no, three quarters of a cup' after a food: its amount. */
  private amountAlone(segment: string): boolean {
    if (!this.last) return false;
    const right = amountBehindFood(segment, this.last.left !== null || this.last.right !== null);
    if (!right) return false;
    const had = this.last.left !== null || this.last.right !== null;
    if (had && !right.corrects) return false;
    applyRight(this.last, right);
    return true;
  }
}

/** 'The zest of one lemon and two tablespoons of the juice': of the fruit that was named. */
const ofTheFruit = (text: string, last: string | undefined): string => {
  const fruit = /\b(lemon|lime|orange)s?\b/i.exec(last ?? '')?.[1];
  return fruit ? text.replace(/\bof the (juice|zest)$/i, `${fruit} $1`) : text;
};

const WEIGHT = /\d\s*(?:g|kg|grams?|kilos?|lbs?|pounds?|oz|ounces?|ml|l|litres?|liters?|cups?|tablespoons?|teaspoons?|pints?)\b/i;
const UNTIL = /\b(?:till|until|so that|so)\s+(?:the\s+|your\s+)?$/i;
/** What stands before 'last week' is of today. */
const otherDayFrom = (segment: string): number => OTHER_DAY.exec(segment)?.index ?? 0;
const MOST_FRAGMENT = 7;
const MOST_TALE = 2;
/** More than an article: a number, or a measure. */
const isMeasured = (left: string): boolean =>
  /\d|[½¼¾⅓⅔]|\b(?:one|two|three|four|five|six|seven|eight|nine|ten|half)\b/i.test(left) ||
  left.split(/\s+/).some((word) => /^\p{L}{2,}$/u.test(word) && unitOf(word) !== undefined);
/** No one counts so many pieces into a soup. */
const LEAST_BARE = 50;
const MOST_BEHIND = 48;
const PER_BOWL = /\b(?:each(?! other)|apiece|per (?:bowl|person|head|portion)|(?:a|each|every) bowl|for each (?:bowl|person)|on each|one each)\b/i;

function isSame(put: Put, mention: Mention, shelf: Shelf): boolean {
  if (put.key === mention.key) return true;
  if (put.foodId !== null && put.foodId === mention.foodId) return true;
  // 'The stock' is the vegetable stock; 'vegetable stock' is the stock that was named before.
  const generic = put.foodId === null ? put : mention.foodId === null ? mention : null;
  const other = generic === put ? mention : put;
  if (!generic || other.foodId === null) return false;
  const head = headOf(generic.key);
  const food = shelf.food(other.foodId);
  return head === headOf(other.key) || (food !== undefined && head === oneWord(wordsOfFood(food).names.at(-1)?.at(-1) ?? ''));
}

/** The last word of a key, which is in tokens. */
const headOf = (key: string): string => oneWord(key.slice(key.lastIndexOf(' ') + 1));
const oneWord = (word: string): string => LIQUIDS.get(word) ?? word;
/** One word for stock, broth and bouillon. */
const LIQUIDS: ReadonlyMap<string, string> = new Map([
  ['broth', 'stock'],
  ['bouillon', 'stock'],
  ['stock', 'stock'],
]);

interface Behind {
  text: string;
  corrects: boolean;
  /** 'make that three': a number that takes the measure that was said. */
  bare: boolean;
}

const NUM = String.raw`(?:(?<![\p{L}\d])(?:\d+(?:[.,]\d+)?(?:\s*[/⁄]\s*\d+)?(?:\s+\d\/\d)?|[½¼¾⅓⅔]|half(?: an?)?|an?|the (?=whole|entire)|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|a few|a couple of|a couple)(?![\p{L}]))`;
const AMOUNT = new RegExp(
  String.raw`\b(${NUM}(?:\s*(?:-|–|to|or)\s*${NUM})?)\s*-?\s*((?:(?:whole|entire|big|small|large|little|level|heaped|good|generous|\d+(?:\.\d+)?[\s-]*(?:ounce|oz|gram|g|ml))\s+)*)([\p{L}]+)?`,
  'giu',
);
const NOT_AMOUNT =
  /^(?:minutes?|mins?|min|hours?|hrs?|seconds?|degrees?|°|c|f|times?|people|persons?|portions?|servings?|bowls?|cm|inch(?:es)?|days?|nights?|weeks?|years?|percent|side|sides|bit|lot|little|while|good|time|word|thing|second|minute|moment|shop|knife|pan|pot|big)$/i;
/** What may stand between a food and its amount: no verb that leads on. */
const LEADS_ON = /\b(?:then|while|until|till|for|blend|simmer|add|pour|with|into|over|use|lid|oven|heat|serve|stir|meanwhile|goes? in|minutes)\b/i;

/** The amount behind a food: 'olive oil, one tablespoon', 'broccoli, that's about a pound', 'no make that three'. */
function amountBehindFood(behind: string, has: boolean): Behind | null {
  for (const found of behind.matchAll(AMOUNT)) {
    const [all, number, sizes, word = ''] = found as unknown as [string, string, string, string | undefined];
    const glue = behind.slice(0, found.index);
    if (glue.length > MOST_BEHIND + 20 || /[.!?]/.test(glue)) return null;
    const corrects = CORRECTS.test(glue);
    if (!corrects && LEADS_ON.test(glue)) return null;
    if (NOT_AMOUNT.test(word)) continue;
    const unit = unitOf(word);
    const after = behind.slice(found.index + all.length);
    if (unit && unit.name !== 'inch') {
      if (/^\s+of\s+(?!it|that|them|those|this)/i.test(after)) continue;
      // A count behind a count says nothing new, unless it corrects.
      if (has && unit.kind === 'count' && !corrects) continue;
      return { text: `${number.replace(/^the\s*$/i, '1')} ${sizes}${word}`.replace(/\b(?:whole|entire) /gi, ''), corrects, bare: false };
    }
    if (/^an?$|^half/i.test(number)) continue;
    if (corrects || (!has && (/^of$/i.test(word) ? /^\s*them\b/i.test(after) : word === '' && glue.trim().length < 4)))
      return { text: number, corrects, bare: true };
  }
  return null;
}

function applyRight(put: Put, right: Behind | null): void {
  if (!right) return;
  if (right.bare) {
    put.left = put.left === null ? right.text : put.left.replace(new RegExp(String.raw`^(?:about\s+|some\s+)?${NUM}`, 'iu'), right.text);
    return;
  }
  const loose =
    put.left !== null &&
    (/\b(?:splash|glug|slosh|drizzle|dash|handful|bit|knob|can|tin|carton|head|piece)/i.test(put.left) ||
      /^\s*(?:an?|one|two|three|four|five|six|\d+)\s*(?:small|large|big|medium)?\s*$/i.test(put.left));
  if (right.corrects || put.left === null) Object.assign(put, { left: right.text, right: null });
  else if (loose) put.right = right.text;
}

const NOT_FOODS = new Set([
  'heat',
  'soup',
  'ice',
  'date',
  'dash',
  'nut',
  'chip',
  'dish',
  'base',
  'cob',
  'game',
  'spice',
  'herb',
  'vegetable',
  'fruit',
  'meat',
  'starch',
  'spread',
  'drink',
  'fat',
  'crisp',
  'sweet',
  'hot',
]);
const DISHES =
  /^\s*(?:(?:and|&|,|with)\s+)?(?:[\p{L}-]+\s+){0,2}(?:soup|bisque|chowder|velout[eé]|potage|pie|cake|salad|curry|stew|sandwich|pudding|risotto|tart|puree soup)\b|^\s*ones\b|^\s*(?:[\p{L}-]+\s+)?one(?=\s+(?:this|is|today|that)\b|[.,!]|$)/iu;
const CREAM_OF = /\b(?:(?:cream|soup|bisque|velout[eé]|bowl) of|recipe for|this is for the|today is)\s+(?:[\p{L}-]+\s+(?:and|&)\s+)?$/iu;
const WORD = /[\p{L}\p{N}½¼¾⅓⅔%][\p{L}\p{N}'’½¼¾⅓⅔%./-]*/gu;
const MOST_LEFT = 9;
const MOST_PHRASE_LEFT = 4;

interface Word {
  text: string;
  from: number;
  to: number;
  tokens: string[];
}

/** The foods a segment names, from left to right, each with the amount before it. */
export function mentionsIn(segment: string, shelf: Shelf): Mention[] {
  const words: Word[] = [...segment.matchAll(WORD)].slice(0, 400).map((found) => {
    const text = found[0].replace(/[.,'’/-]+$/, '');
    return { text, from: found.index, to: found.index + text.length, tokens: wordTokens(text) };
  });
  const tokens = words.flatMap((word) => word.tokens);
  const starts: number[] = [];
  const wordAt: number[] = [];
  words.forEach((word, at) => {
    starts.push(wordAt.length);
    for (let i = 0; i < word.tokens.length; i += 1) wordAt.push(at);
  });
  const mentions: Mention[] = [];
  let free = 0;
  for (let at = 0; at < words.length; at += 1) {
    const found = foodAt(words, tokens, starts, wordAt, at, shelf);
    if (!found || isMeasure(words, at, segment)) continue;
    const joined = orJoined(words, tokens, starts, wordAt, found, shelf);
    const mention = mentionOf(segment, words, free, at, joined ?? found);
    if (mention) mentions.push(mention);
    at = (joined ?? found).lastWord;
    free = at + 1;
  }
  return mentions;
}

/** 'Garlic, two cloves': cloves that are counted are a measure, unless a spice stands about. */
const isMeasure = (words: readonly Word[], at: number, segment: string): boolean =>
  /^cloves?$/i.test(words[at]?.text ?? '') && !/\b(?:stud\w*|stuck|cinnamon|anise|allspice|ground|spices?|cardamom|onion with)\b/i.test(segment);

interface FoundFood {
  lastWord: number;
  foodId: string | null;
  key: string;
  slip: boolean;
}

function foodAt(
  words: readonly Word[],
  tokens: readonly string[],
  starts: readonly number[],
  wordAt: readonly number[],
  at: number,
  shelf: Shelf,
): FoundFood | null {
  const start = starts[at] as number;
  const name = nameAt(tokens, start, shelf);
  if (name) {
    const named = tokens.slice(start, start + name.length);
    if (name.length === 1 && NOT_FOODS.has(named[0] as string)) return null;
    const lastWord = wordAt[start + name.length - 1] as number;
    return { lastWord, foodId: name.foodId, key: named.join(' '), slip: false };
  }
  const heard = words[at]?.tokens[0] ?? '';
  const meant = Object.hasOwn(SLIPS, heard) ? SLIPS[heard] : undefined;
  const slip = meant ? nameAt(wordTokens(meant), 0, shelf) : null;
  return slip && meant ? { lastWord: at, foodId: slip.foodId, key: wordTokens(meant).join(' '), slip: true } : null;
}

/** 'Chicken or vegetable stock', 'butter or oil': one phrase, a choice. */
function orJoined(
  words: readonly Word[],
  tokens: readonly string[],
  starts: readonly number[],
  wordAt: readonly number[],
  found: FoundFood,
  shelf: Shelf,
): FoundFood | null {
  const or = words[found.lastWord + 1];
  if (!or || !/^or$/i.test(or.text) || found.lastWord + 2 >= words.length || or.from - (words[found.lastWord] as Word).to !== 1) return null;
  const other = foodAt(words, tokens, starts, wordAt, found.lastWord + 2, shelf);
  if (!other || other.slip) return null;
  return { lastWord: other.lastWord, foodId: null, key: `${found.key} or ${other.key}`, slip: false };
}

function mentionOf(segment: string, words: readonly Word[], free: number, at: number, found: FoundFood): Mention | null {
  let first = at;
  while (first > free && at - first < MOST_PHRASE_LEFT && describes(words[first - 1] as Word)) first -= 1;
  let last = found.lastWord;
  const next = words[last + 1];
  // 'Truffle oil', 'prawn crackers' where the shelf has only the truffle: a food nobody knows, and not the truffle.
  const unknown =
    next !== undefined &&
    next.from - (words[last] as Word).to === 1 &&
    MAKES_ANOTHER.has(next.tokens[0] ?? '') &&
    !/^(?:sweet|bitter|wild|winter|summer|shell|peel|skin|leaf|stem|root|seed|water|horse|cream|butter|milk|salad|bread|bun|roll|turkey|duck|goose|pork|beef|lamb|goat|fish|wine|sauce)$/.test(
      next.tokens[0] ?? '',
    );
  if (unknown) last += 1;
  else if (next && next.from - (words[last] as Word).to === 1 && PARTS_OF_PLANTS.test(next.text)) last += 1;
  const from = (words[first] as Word).from;
  const to = (words[last] as Word).to;
  const before = segment.slice(0, from);
  const dish =
    DISHES.test(segment.slice(to)) || CREAM_OF.test(before) || (/\bcream$/i.test(segment.slice(from, to)) && /^\s+of\s/i.test(segment.slice(to)));
  const phrase = segment.slice(from, to);
  const amount = amountBefore(segment, words, free, first, phrase);
  if (found.slip && (amount === null || !isMeasured(segment.slice((words[amount] as Word).from, from)))) return null;
  return {
    from,
    to,
    phrase,
    key: unknown ? phrase.toLowerCase() : found.key,
    foodId: unknown ? null : found.foodId,
    dish,
    left: amount !== null ? segment.slice((words[amount] as Word).from, from).trim() : null,
    leftFrom: amount !== null ? (words[amount] as Word).from : from,
  };
}

const PARTS_OF_PLANTS = /^(?:florets?|leaves|kernels|flesh|crowns?|halves|wedges|spears|tips|fillets?)$/i;
const NO_DESCRIPTION = new Set([
  'the',
  'a',
  'an',
  'and',
  'or',
  'of',
  'plus',
  'for',
  'to',
  'in',
  'at',
  'with',
  'without',
  'one',
  'two',
  'some',
  'any',
  'as',
  'if',
  'until',
  'then',
  'this',
  'that',
  'these',
  'those',
  'my',
  'our',
  'your',
  'more',
  'it',
  'its',
  'their',
  'from',
  'on',
  'off',
  'like',
  'about',
  'cut',
  'part',
  'per',
  'each',
  'few',
  'little',
  'lots',
  'plenty',
  'such',
  'very',
  'just',
  'well',
  'serve',
  'serving',
  'clove',
  'cloves',
  'bunch',
  'handful',
  'stick',
  'stalk',
  'head',
  'sprig',
  'sprigs',
  'knob',
  'can',
  'tin',
  'jar',
  'carton',
  'leaf',
  'leaves',
  'stalks',
  'inch',
  'cm',
  'mm',
]);
const describes = ({ text }: Word): boolean => {
  const word = text.toLowerCase();
  return !NO_DESCRIPTION.has(word) && !/\d/.test(word) && (DESCRIPTORS.has(word) || MODIFIERS.has(word));
};

const BEGINS =
  /^(?:\d|[½¼¾⅓⅔]|(?:an?|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|half|dozen|couple|quarter|some|few|several|knob|pinch|handful|splash|glug|drizzle|dollop|bunch|glass|squeeze|slosh|juice|zest|litre|liter|pint|cup|tin|can|carton|spoon|teaspoon|tablespoon|the)\b)/i;

/** The first word of the amount before a food; null where there is none. The longest that reads as an amount of this food alone. */
function amountBefore(segment: string, words: readonly Word[], free: number, first: number, phrase: string): number | null {
  const own = new Set(words.slice(first).flatMap(({ tokens }) => tokens));
  for (let start = Math.max(free, first - MOST_LEFT); start < first; start += 1) {
    const word = words[start] as Word;
    if (!BEGINS.test(word.text)) continue;
    if (/^the$/i.test(word.text) || (/^squeeze$/i.test(word.text) && /^(?:the|in|it)$/i.test(words[start + 1]?.text ?? ''))) continue;
    const left = segment.slice(word.from, (words[first] as Word).from);
    if (/[.;:!?]/.test(left.replace(/\d\.\d/g, '')) || /,\s/.test(left.replace(/,\s*(?=(?:\p{L}+ed|chopped|fresh|ripe|big|small|large)\b)/giu, '')))
      continue;
    const { amount, food } = readLine(`${left}${phrase}`);
    if (!amount.range || food === '') continue;
    const strangers = wordTokens(food).filter(
      (token) => !own.has(token) && !/^(?:zest|juice|rind|peel)$/.test(token) && !DESCRIPTORS.has(token) && !MODIFIERS.has(token),
    );
    if (strangers.length > MOST_STRANGERS) continue;
    if (/\s(?:with|in|on|into|for|that|it|until|till|at)\s/i.test(left) || startsAgain(words, start, first)) continue;
    // 'Twenty minutes, stock' is no amount of stock.
    if (/\b(?:minutes?|mins?|hours?|degrees|bowls?|people|servings)\b/i.test(left)) continue;
    if (
      readRange(left) === null &&
      !/^(?:knob|pinch|handful|splash|glug|drizzle|dollop|bunch|glass|squeeze|slosh|juice|zest|some|few|litre|liter|pint|cup|tin|can|carton|spoon|teaspoon|tablespoon)/i.test(
        left,
      )
    )
      continue;
    return start;
  }
  return null;
}

/** 'Two tablespoons a tablespoon of sugar': the first is of what came before. */
const startsAgain = (words: readonly Word[], start: number, first: number): boolean =>
  words
    .slice(start + 1, first)
    .some(({ text }, i) => /^(?:an?|one|two|three|four|five|six|half)$/i.test(text) && unitOf((words[start + i] as Word).text) !== undefined);

/** 'A litre of game stock': one word nobody knows may stand before the food. */
const MOST_STRANGERS = 1;
const MOST_UNKNOWN = 4;
const STOPS = /^(?:in|into|over|until|till|for|and|then|to|with|at|on|from|while|or|which|that|so|but|by|when|off|as|it|them|is|was|i|you|we)$/i;

/** Measured things that no shelf knows: '100 ml of Madeira', 'a glass of vermouth'. */
function unknownIn(segment: string, mentions: readonly Mention[]): { text: string; from: number }[] {
  const taken = (from: number, to: number) => mentions.some((mention) => from < mention.to && to > mention.leftFrom);
  const out: { text: string; from: number }[] = [];
  for (const found of segment.matchAll(AMOUNT)) {
    const unit = unitOf(found[3] ?? '');
    if (!unit || unit.name === 'inch' || NOT_AMOUNT.test(found[3] ?? '')) continue;
    const end = found.index + found[0].length;
    const of = /^\s+of\s+(?:the\s+|a\s+|very\s+|some\s+)*/i.exec(segment.slice(end));
    if (!of && unit.kind !== 'mass') continue;
    const rest = segment.slice(end + (of?.[0].length ?? 0)).trimStart();
    const words: string[] = [];
    for (const word of rest.split(/\s+/, MOST_UNKNOWN + 1)) {
      const bare = word.replace(/[,.;:!?)]+$/, '');
      if (bare === '' || STOPS.test(bare) || words.length === MOST_UNKNOWN || !/^[\p{L}-]+$/u.test(bare)) break;
      words.push(bare);
      if (bare !== word) break;
    }
    const whole = `${found[0]}${of?.[0] ?? ' '}${words.join(' ')}`;
    if (
      words.length === 0 ||
      /^(?:it|that|them|those|this|time|the|after|before|once|each|all|plus|more|less|can|tin|package|pack|box|bag|one|bottle|carton|if|about|maybe|something|or)$/i.test(
        words[0] as string,
      ) ||
      taken(found.index, found.index + whole.length)
    )
      continue;
    out.push({ text: whole.trim(), from: found.index });
  }
  return out;
}
