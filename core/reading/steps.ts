/**
 * What the steps say: stage, method, minutes, lid, when it is done, which lines each uses, and what is taken out.
 * A step is read clause by clause, since 'blend until smooth, stir in the cream' changes stage on the way.
 */
import type { Shelf } from '../food/shelf.ts';
import { readRange } from '../quantity/amount.ts';
import { CATEGORY_ROWS, type Category, isOf } from '../vocabulary/category.ts';
import { type Eaten, type Line, MAX_STEPS, type Method, type Stage, type Step } from '../vocabulary/recipe.ts';
import { tokensOf } from './match.ts';
import type { TextLine } from './sections.ts';
import { METHODS, methodRow, verbsThat } from './verbs.ts';

const COOK = /\b(cook|stir over)\b/i;
const SERVE =
  /\b(serve|garnish|top (?:with|each)|topped|swirl|scatter|sprinkle|spoon over|ladle|drizzle over|into (?:each|the|warm|warmed) bowls?|each bowl|on top)\b/i;
const SERVE_WITH = /\b(?:serve[sd]?\b.*\bwith|on the side|alongside|pass)\b/i;
const TAKE_OUT = /\b(take out|remove|discard|fish out|lift out|pick out|throw away)\b/i;
const KEPT = /\b(set aside|reserve|save|keep warm|drain on|slotted spoon|for the top)\b/i;
const BACK = /\b(?:back (?:in|into|to)|return)\b/i;
const POUR_OFF = /\b(pour|drain|spoon) off\b.*\bfat\b/i;
const STRAIN = /\b(strain|sieve)\b.*\b(bones?|solids)\b|\bstrain out\b/i;
const DRAIN = /^(?:then\s+)?drain\b(?!\s+off)/i;
const EVERYTHING = /\b(everything|all (?:of )?(?:the )?(?:ingredients|vegetables)|all together)\b/i;
const ORDER: Readonly<Record<Stage, number>> = { base: 0, simmer: 1, blend: 2, finish: 3, bowl: 4, plate: 5 };
const ADVERB = String.raw`(?:(?:then|now|next|gradually|slowly|gently|finally|carefully|meanwhile|when \w+,?)\s+)*`;
const ADDS = new RegExp(String.raw`^${ADVERB}(?:${verbsThat('adds')})\b`, 'i');
/** A clause that begins with a verb of its own ends the list of what is added. */
const STARTS = new RegExp(String.raw`^(?:${verbsThat('ends')})\b`, 'i');
/** What is done to a food before it goes anywhere. */
const PREPARES = new RegExp(String.raw`^(?:${verbsThat('prepares')})\b(?!.*\b(?:pot|pan|oven)\b)`, 'i');
const MIXES = new RegExp(String.raw`^(?:${verbsThat('mixes')})\b`, 'i');
const SEASON = /\b(season|taste|adjust)\b/i;

export interface Mention {
  lineId: string;
  stage: Stage;
  stepIndex: number;
  clause: string;
}

export interface ReadSteps {
  steps: Step[];
  stages: Map<string, Stage>;
  eaten: Map<string, Eaten>;
  /** Every time a clause speaks of a line, in order. */
  mentions: Mention[];
  clauses: { text: string; stage: Stage; stepIndex: number }[];
  heads: ReadonlyMap<string, ReadonlySet<string>>;
}

/** Reads the steps against the lines; which words may speak of a line is decided by `headWords`. */
export function readSteps(texts: readonly TextLine[], lines: readonly Line[], shelf: Shelf): ReadSteps {
  const heads = new Map(lines.map((line) => [line.id, headWords(line, shelf)]));
  const byId = new Map(lines.map((line) => [line.id, line]));
  const categoryOf = (id: string): Category | undefined => shelf.food(byId.get(id)?.foodId ?? '')?.category;
  const index = byWord(heads);
  const stages = new Map<string, Stage>();
  const eaten = new Map<string, Eaten>();
  const mentions: Mention[] = [];
  const read: ReadSteps['clauses'] = [];
  let now: Stage = 'base';
  let takenOut: string[] = [];
  const segments = texts.flatMap(({ text }) => segmentsOf(text)).slice(0, MAX_STEPS);
  const steps = segments.map((text, place): Step => {
    const uses: string[] = [];
    let method: Method | undefined;
    let stage: Stage | null = null;
    const clauses = clausesOf(text);
    const following = clausesOf(segments[place + 1] ?? '').slice(0, 2);
    let adding = false;
    clauses.forEach(({ text: clause, sentence }, at) => {
      const found = methodOf(clause, now);
      const mentioned = EVERYTHING.test(clause) ? lines.map(({ id }) => id).filter((id) => !stages.has(id)) : linesIn(clause, index, lines);
      now = nextStage(now, found, clause, sentence);
      // 'Add the stock and simmer', 'mix the cream and swirl it into each bowl': it goes in where the sentence leads.
      adding = ADDS.test(clause) || (adding && !sentence && !found && !STARTS.test(clause));
      const here = adding && !found && minutesIn(clause) === null ? comingStage([...clauses, ...following], at, now) : now;
      if (here !== now && here !== 'bowl') now = here;
      if (now === 'base' && adding && mentioned.some((id) => pours(byId.get(id), categoryOf(id)))) now = 'simmer';
      const clauseStage = here === 'bowl' ? 'bowl' : now;
      if (TAKE_OUT.test(clause) && !KEPT.test(clause)) {
        takenOut = mentioned.filter((id) => stages.has(id));
        for (const id of takenOut) eaten.set(id, 'removed');
      } else if (BACK.test(clause)) for (const id of takenOut) if (categoryOf(id) !== 'herb') eaten.delete(id);
      if (POUR_OFF.test(clause)) for (const id of [...uses, ...mentioned]) if (isFatty(byId.get(id), shelf)) eaten.set(id, 'rendered');
      if (STRAIN.test(clause)) for (const id of mentioned) eaten.set(id, 'strained');
      // Water that goes in afterwards is not the water that was thrown away.
      if (adding) for (const id of mentioned) if (categoryOf(id) === 'water') eaten.delete(id);
      if (DRAIN.test(clause) && (method === 'boil' || method === 'simmer')) drainCooked(uses, categoryOf, eaten);
      method ??= found;
      if (found || mentioned.length > 0) stage ??= clauseStage;
      read.push({ text: clause, stage: clauseStage, stepIndex: place });
      for (const id of mentioned) {
        const placed = clauseStage === 'bowl' && SERVE_WITH.test(clause) && categoryOf(id) === 'bread' ? 'plate' : clauseStage;
        mentions.push({ lineId: id, stage: placed, stepIndex: place, clause });
        if (!stages.has(id) && !PREPARES.test(clause)) stages.set(id, placed);
        if (!uses.includes(id)) uses.push(id);
      }
    });
    const minutes = minutesIn(text);
    const doneWhen = /\buntil\s+([^.,;]+)/i.exec(text)?.[1]?.trim();
    const lid = lidIn(text);
    return {
      id: `s${place + 1}`,
      stage: stage ?? now,
      text,
      ...(method ? { method } : {}),
      ...(minutes ? { minutes } : {}),
      handsOn: !method || !methodRow(method)?.unattended,
      ...(lid ? { lid } : {}),
      ...(uses.length > 0 ? { uses } : {}),
      ...(doneWhen ? { doneWhen } : {}),
    };
  });
  return { steps, stages, eaten, mentions, clauses: read, heads };
}

/** The cooking liquid is thrown away: what was boiled is drained, and a line of water with it is gone. */
function drainCooked(uses: readonly string[], categoryOf: (id: string) => Category | undefined, eaten: Map<string, Eaten>): void {
  for (const id of uses) {
    const category = categoryOf(id);
    if (category === 'water') eaten.set(id, 'removed');
    else if (isOf(category, 'drains')) eaten.set(id, 'drained');
  }
}

/** A liquid in a quantity that makes a soup of the base. */
const pours = (line: Line | undefined, category: Category | undefined): boolean =>
  (isOf(category, 'liquid') || (category === 'dairy' && (line?.grams?.best ?? 0) >= 200)) && (line?.grams?.best ?? 500) >= 200;

/** Where the sentence leads, or the next one when it begins with a method: 'Add the beets. Cover and simmer.' */
function comingStage(clauses: readonly Clause[], from: number, now: Stage): Stage {
  let beyond = false;
  // 'Mix the cream and horseradish and swirl' never sees the pot; 'stir in the milk and serve' does.
  const mixed = MIXES.test((clauses[from] as Clause).text);
  for (let at = from + 1; at < clauses.length; at += 1) {
    const { text: clause, sentence } = clauses[at] as Clause;
    if (sentence && (beyond || ADDS.test(clause))) return now;
    beyond ||= sentence;
    if (!beyond && SERVE.test(clause)) return mixed ? 'bowl' : now;
    const method = methodOf(clause, now);
    if (method && !(beyond && method === 'blend')) return nextStage(now, method, '', false);
    if (method || minutesIn(clause)) return now;
  }
  return now;
}

function nextStage(now: Stage, method: Method | undefined, clause: string, sentence: boolean): Stage {
  if (SERVE.test(clause)) return 'bowl';
  const stage = method && methodRow(method)?.stage;
  // What is done after the blender finishes the soup; words of a list that goes on do not end it.
  if (now === 'blend' && !stage) return sentence || ADDS.test(clause) || SEASON.test(clause) ? 'finish' : now;
  if (!stage) return now;
  if (ORDER[now] <= ORDER.simmer) return stage;
  return ORDER[stage] >= ORDER[now] ? stage : now === 'blend' && stage === 'simmer' ? 'finish' : now;
}

function methodOf(clause: string, now: Stage): Method | undefined {
  const found = METHODS.find(({ said }) => said.test(clause))?.method;
  if (found || !COOK.test(clause)) return found;
  return now === 'base' ? 'sweat' : now === 'simmer' ? 'simmer' : undefined;
}

interface Clause {
  text: string;
  /** It begins a sentence. */
  sentence: boolean;
}

const BREAK =
  /[.;,!]\s+(?:and\s+)?(?:then\s+)?|\s+(?:and then|then)\s+|\s+and\s+(?=(?:simmer|boil|blend|pur[eé]e|liquidi[sz]e|blitz|stir|add|serve|return|season|top|swirl|sieve|cook|whisk|pour|bring|heat|fry|roast|discard|mix|reduce|cover|scatter|finish|warm|drain)\b)/gi;

function clausesOf(text: string): Clause[] {
  const clauses: Clause[] = [];
  let begin = 0;
  let sentence = true;
  for (const found of text.matchAll(BREAK)) {
    const clause = text.slice(begin, found.index).trim();
    if (clause) clauses.push({ text: clause, sentence });
    sentence = /^[.!]/.test(found[0]);
    begin = found.index + found[0].length;
  }
  const last = text.slice(begin).trim();
  if (last) clauses.push({ text: last, sentence });
  return clauses;
}

/** A written step as one or more steps of one method each: 'Simmer 20 minutes. Blend.' is two. */
function segmentsOf(text: string): string[] {
  const breaks = [...text.matchAll(BREAK)];
  const starts = [0, ...breaks.map((found) => found.index + found[0].length)];
  const segments: string[] = [];
  let begin = 0;
  let method: Method | undefined;
  // Where 'add the stock' began, when a method follows it: what is added goes with what is done to it next.
  let adding: number | null = null;
  starts.forEach((start, index) => {
    const clause = text.slice(start, starts[index + 1] ?? text.length);
    const sentence = index === 0 || /^[.!]/.test(breaks[index - 1]?.[0] ?? '');
    const found = methodOf(clause, method && methodRow(method)?.stage === 'simmer' ? 'simmer' : 'base');
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
          .replace(/(?:[,;]|\band(?: then)?|\bthen)$/i, '')
          .trim(),
      ),
    )
    .filter(Boolean);
}

const capitalised = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** No line of ingredients is longer. */
const MOST_READ = 400;

/** The words of a line without its parentheses and what follows the food. */
const ownWords = (text: string): string[] =>
  tokensOf(
    text
      .slice(0, MOST_READ)
      .replace(/\([^()]*\)/g, ' ')
      .replace(/[,;].*$/, ''),
  );

/** Last words of a line's food and of the line itself: 'double cream' is spoken of as 'the cream'. */
export function headWords(line: Line, shelf: Shelf): ReadonlySet<string> {
  const food = line.foodId === null ? undefined : shelf.food(line.foodId);
  const words = new Set<string>();
  const own = ownWords(line.text);
  const everywhere = tokensOf(line.text.slice(0, MOST_READ));
  for (const alias of [...(food?.aliases ?? []), food?.name.replace(/,.*$/, '') ?? '']) {
    const tokens = tokensOf(alias);
    const last = tokens.at(-1);
    if (last && (own.includes(last) || (own.length < 3 && everywhere.includes(last)))) words.add(last);
    if (tokens.length > 1 && tokens[0] && own.includes(tokens[0])) words.add(tokens[0]);
  }
  for (const word of food ? (CATEGORY_ROWS[food.category].called?.split(', ') ?? []) : []) words.add(word);
  for (const word of food ? (ALSO_CALLED[food.id] ?? []) : []) words.add(word);
  if (food && tokensOf(food.name).includes('cheese')) words.add('cheese');
  if (food && (food.category === 'salt' || food.id.endsWith('pepper'))) words.add('season');
  if (words.size === 0) for (const token of own.slice(-2)) words.add(token);
  for (const vague of VAGUE) words.delete(vague);
  return words;
}

/** What the steps call single foods, beside their names and the name of their kind. */
const ALSO_CALLED: Readonly<Record<string, readonly string[]>> = {
  'bay-leaf': ['bay'],
  'butternut-squash': ['squash', 'pumpkin'],
  pumpkin: ['squash'],
  beetroot: ['beet'],
  cheddar: ['cheese'],
  gruyere: ['cheese'],
  parmesan: ['cheese'],
  'split-peas-dry': ['pea'],
  'coriander-leaf': ['cilantro', 'coriander'],
  'spring-onion': ['scallion'],
  'chili-powder-blend': ['chilli', 'chili', 'chile'],
};
const VAGUE = new Set(
  (
    'fresh white red green dried dry canned ground raw whole sweet black hot cold double single heavy light unsalted salted large small medium frozen extra plain smoked cooked free ' +
    'cup teaspoon tablespoon pound ounce head stalk clove bunch piece can tin half leaf sea dark brown yellow root powder juice soup top serve bowl part oz g ml kg'
  ).split(' '),
);

/** Lines by the words that may speak of them, in the order of the recipe. */
function byWord(heads: ReadonlyMap<string, ReadonlySet<string>>): ReadonlyMap<string, number[]> {
  const index = new Map<string, number[]>();
  [...heads.values()].forEach((words, at) => {
    for (const word of words) {
      const places = index.get(word);
      if (places) places.push(at);
      else index.set(word, [at]);
    }
  });
  return index;
}

function linesIn(clause: string, index: ReadonlyMap<string, number[]>, lines: readonly Line[]): string[] {
  // 'Fish stock' speaks of the stock, and not of the fish.
  const spoken = clause.replace(/\bfish[ -](?=(?:stock|sauce|broth)\b)/gi, '');
  const tokens = tokensOf(spoken).flatMap((token) => (token.includes('-') ? [token, ...token.split('-')] : [token]));
  const places = new Set(tokens.flatMap((token) => index.get(token) ?? []));
  return [...places].sort((a, b) => a - b).map((at) => (lines[at] as Line).id);
}

const isFatty = (line: Line | undefined, shelf: Shelf): boolean => {
  const food = line?.foodId ? shelf.food(line.foodId) : undefined;
  return food?.origins.includes('meat') === true && (food.per100g.fatG ?? 0) > 10;
};

const SMALL_NUMBER = 'one|two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen|twenty|thirty|forty';
const MINUTES = new RegExp(
  String.raw`(?<![\d.,])((?:\d{1,4}\s?[½¼¾]|\d{1,4}\s+\d\/\d|\d{1,4}(?:[.,]\d{1,3})?|[½¼¾]|half an|an?|${SMALL_NUMBER})\s*(?:(?:-|–|to|or)\s*(?:\d{1,4}(?:[.,]\d{1,3})?|${SMALL_NUMBER})\s*)?)\s*-?\s*(hours?|hrs?|h|minutes?|mins?|min)\b`,
  'gi',
);

/** All the minutes a step states, added up. */
export function minutesIn(text: string): { min: number; max: number } | null {
  const found: { min: number; max: number }[] = [];
  for (const [, number, unit] of text.matchAll(MINUTES)) {
    const range = readRange((number as string).trim())?.range;
    if (!range) continue;
    const factor = (unit as string).toLowerCase().startsWith('h') ? 60 : 1;
    found.push({ min: range.min * factor, max: range.max * factor });
  }
  return found.length > 0 ? found.reduce((sum, one) => ({ min: sum.min + one.min, max: sum.max + one.max })) : null;
}

function lidIn(text: string): 'on' | 'ajar' | 'off' | null {
  if (/\b(lid ajar|lid (?:slightly )?(?:tilted|off centre)|partly covered|partially covered|half[- ]covered|half on)\b/i.test(text)) return 'ajar';
  if (/\b(uncovered|without a lid|lid off)\b/i.test(text)) return 'off';
  return /\b(lid on|covered|cover|with the lid|with a lid|under a lid|put the lid)\b/i.test(text) ? 'on' : null;
}
