/** What a text tells, sentence by sentence: which foods are put in, with what amount, and which are only named. */
import type { Shelf } from '../food/shelf.ts';
import { amountBehindFood, type Behind, isMeasured, NUM, unknownIn } from './amountsAbout.ts';
import { wordsOfFood } from './match.ts';
import { type Mention, mentionsIn } from './mentions.ts';
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
import { TELLING } from './verbs.ts';
import { bowlsSaid } from './yield.ts';

/** A food the text names that is not in the pot. */
export interface Named {
  /** As the text has it. */
  text: string;
  foodId: string | null;
  role: Exclude<Role, 'put'>;
  textLine: number;
}

export interface Put {
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

const BEGINS_TO_DO = new RegExp(String.raw`^(?:${TELLING})\b`, 'i');
/** Walks the sentences of one text. */
export class Telling {
  readonly puts: Put[] = [];
  readonly named: Named[] = [];
  recap = false;
  /** The last sentence was of what is done here and now. */
  doing = true;
  /** What of it is done, without what is only talked about. */
  told = '';
  private last: Put | null = null;
  private readonly madeWith: { mention: Mention; of: string }[] = [];
  private lastUnit = 'g';
  /** Sentences that may still belong to what another cook does. */
  private tale = 0;

  constructor(
    private readonly shelf: Shelf,
    private readonly spoken: boolean,
  ) {}

  /** What foods that are in are made with. */
  made(): string[] {
    return this.madeWith.flatMap(({ mention, of }) => {
      const put = this.puts.find((one) => isSame(one, mention, this.shelf));
      return put ? [`${put.phrase}: made with ${of}`] : [];
    });
  }

  /** The sentence without what it says a food in it is made with, which is no food of the pot. */
  private withoutMade(sentence: string, at: number): string {
    return sentence.replace(MADE_WITH, (all: string, of: string, offset: number) => {
      const inside = mentionsIn(of, this.shelf);
      const mention = mentionsIn(sentence.slice(0, offset), this.shelf).findLast(({ dish }) => !dish);
      if (!mention || inside.length === 0) return all;
      this.madeWith.push({ mention, of });
      for (const one of inside) this.name(one, 'told', at);
      return '';
    });
  }

  /** True when something of the sentence went into the pot, or was said of what did. */
  sentence(whole: string, at: number): boolean {
    const sentence = this.withoutMade(whole, at);
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
    // 'It made eleven tubs of 300 ml' weighs nothing that went in.
    if (role !== 'left' && mentions.length === 0 && !bowlsSaid(sentence)) took = this.amountAlone(segment) || took;
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
    if (mention.dish || (mention.left === null && CALLED.test(mention.phrase) && SPOKEN_TO.test(behind))) return false;
    const right = amountBehindFood(behind, mention.left !== null);
    // 'Till the peas have gone', 'put the ham back': nothing is put in that was not.
    if (mention.left === null && right === null && (UNTIL.test(segment.slice(0, mention.from)) || /^\s*back\b/i.test(behind))) {
      if (!this.puts.some((put) => isSame(put, mention, this.shelf))) this.name(mention, 'told', at);
      return false;
    }
    const own = (mention.left !== null && isMeasured(mention.left)) || (right !== null && !right.bare);
    const role: Role = leftOutBefore(`${before}${mention.left ?? ''}`) ? 'left' : said.weak && own ? 'put' : said.role;
    // 'Blend the peas' speaks of the split peas that are in.
    // So does 'water and bouillon' of the vegan bouillon.
    const isBareStock = LIQUIDS.has(mention.key);
    const spokenOfAgain = mention.left === null && right === null && (isBareStock || /\bthe\s*$/i.test(before) || /^\s+(?:back )?in\b/i.test(behind));
    const isFlesh =
      mention.left === null && right === null && !mention.key.includes(' ') && FLESH.has(this.shelf.food(mention.foodId ?? '')?.category ?? 'other');
    const isOfFlesh = (put: Put) =>
      isFlesh && headOf(put.key) === headOf(mention.key) && FLESH.has(this.shelf.food(put.foodId ?? '')?.category ?? 'other');
    const same = this.puts.find(
      (put) => isSame(put, mention, this.shelf) || isOfFlesh(put) || (spokenOfAgain && headOf(put.key) === headOf(mention.key)),
    );
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
    // '... 2 litres water, salt 2 tsp, parsley.': the last of a list that is written on.
    const listed = /,\s*$/.test(before) && /^\s*(?:[.,;)]|$)/.test(behind) && (segment.match(/\d+/g)?.length ?? 0) >= LEAST_COUNTED;
    if (!measured && !listed && !this.recap && !PUTS.test(segment) && segment.split(/\s+/).length > MOST_FRAGMENT) {
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

/** 'That's made with buttermilk', 'it's got two eggs in it'. */
const MADE_WITH =
  /,?\s*(?:and\s+)?\b(?:(?:that|which|it|they|this)(?:['’]s|['’]re|\s+is|\s+are|\s+was|\s+were)?\s+(?:made|baked)\s+(?:of|with|from)\s+|(?:it|they|that|which)(?:['’]s|['’]ve|\s+has|\s+have)\s+(?:got\s+)?(?=[^,.;]{1,80}\bin (?:it|them)\b))([^,.;]{1,80}?)(?:\s+in (?:it|them))?(?=[,.;]|$)/gi;
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
/** Amounts in a segment that make it a list. */
/** 'Stir in the chicken' speaks of the cooked chicken. */
const FLESH: ReadonlySet<string> = new Set(['meat', 'poultry', 'fish', 'shellfish']);
const LEAST_COUNTED = 3;
const MOST_TALE = 2;
/** No one counts so many pieces into a soup. */
const LEAST_BARE = 50;
const MOST_BEHIND = 48;
const PER_BOWL = /\b(?:each(?! other)|apiece|per (?:bowl|person|head|portion)|(?:a|each|every) bowl|for each (?:bowl|person)|on each|one each)\b/i;

/** 'And honey, you have got to have cornbread': somebody is called so, and nothing is put in. */
const CALLED = /^(?:honey|sugar|pumpkin|sweet pea|dumpling|peach)$/i;
const SPOKEN_TO = /^\s*,\s*(?:you|i|we|let|don['’]t|it|that|this|listen|believe|trust)\b/i;

function isSame(put: Put, mention: Mention, shelf: Shelf): boolean {
  if (put.key === mention.key) return true;
  if (put.foodId !== null && put.foodId === mention.foodId) return true;
  // 'The stock' is the vegetable stock; 'vegetable stock' is the stock that was named before.
  const generic = put.foodId === null ? put : mention.foodId === null ? mention : null;
  const other = generic === put ? mention : put;
  if (!generic || other.foodId === null) return false;
  const head = headOf(generic.key);
  // Chilli powder is not the coriander powder before it: a name of its own is no short form.
  const words = generic.key.split(' ');
  if (words.length > 1 && !words.every((word) => other.key.split(' ').includes(word))) return false;
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
