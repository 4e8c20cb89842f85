/**
 * What the steps say: stage, method, minutes, lid, when it is done, which lines each uses, and what is taken out.
 * A step is read clause by clause, since 'blend until smooth, stir in the cream' changes stage on the way; and with an eye on what is
 * still to come: nothing is served while the pot is yet to simmer.
 */
import type { Shelf } from '../food/shelf.ts';
import { type Category, isOf } from '../vocabulary/category.ts';
import { type Eaten, type Lid, type Line, MAX_STEPS, type Method, type Stage, type Step } from '../vocabulary/recipe.ts';
import { type Clause, clausesOf, isNoun, lidIn, methodMinutes, methodOf, minutesIn, segmentsOf } from './clauses.ts';
import { joinItems, speakersOf, wordsSaid } from './heads.ts';
import { inPoachingWater, onlyOnTop, putInAfterAll, type Said } from './ownVessel.ts';
import { KEPT, takeAway } from './takeAway.ts';
import type { TextLine } from './textSections.ts';
import { ADDS, ENDS, MIXES, methodRow, PREPARES } from './verbs.ts';
import type { Placed, Pot } from './walk.ts';

const SERVE =
  /\b(serves (?:\d+|two|three|four|five|six|eight|ten|twelve) with\b|serve[sd]?(?!\s+(?:\d|one|two|three|four|five|six|eight|ten|twelve)\b)|to serve|(?:on|at) service|at the pass|garnish|top (?:with|each)|topped|swirl(?:ed|ing)?|scatter(?:ed|ing)?|sprinkl(?:e|ed|ing)|spoon over|ladle(?! of\b|ful)|drizzle over|into (?:each|the|warm|warmed) (?:bowls?|cups?|plates?|mugs?)|(?:each|every|over each|in each|on each) (?:bowl|plate|cup|portion|serving|mug)|per bowl|a bowl\b|on (?:the )?top|over the top|float|on the side|alongside)\b/i;
/** Bread is on the bowl where a clause puts it there. */
const PUT_ON =
  /\b(?:top(?:s|ped)?|float\w*|scatter\w*|sprinkl\w*|crumbl\w*|garnish\w*|over|lay|on (?:the )?top|in(?:to)? (?:each|every|the|warm\w*) (?:bowls?|cups?|mugs?))\b/i;
const SERVE_WITH = /\b(?:serve[sd]?\b.*\bwith|on the side|alongside|pass|on the plate|with it)\b/i;
/** What is only shown or said of a food puts it nowhere. */
const SHOWS =
  /\b(?:show (?:you|ye)|have (?:here|it here)|here (?:is|are)|look at|i['’]ve (?:the|my|got) (?!.*\b(?:in|into|with)\b)|this is|these are|weighed)\b/i;
const REHEATS = /\b(?:reheat\w*|leftovers?|freez\w*|keeps?|next day)\b/i;
const ORDER: Readonly<Record<Stage, number>> = { base: 0, simmer: 1, blend: 2, finish: 3, bowl: 4, plate: 5 };
const SEASON = /\b(season|taste|adjust)\b/i;
/** Dry seasonings go where the pot is; what is poured makes a soup of it. */
const DRY: ReadonlySet<Category> = new Set(['starch', 'spice', 'salt', 'sauce', 'alcohol']);
const POT_METHODS: ReadonlySet<Method> = new Set(['blend', 'simmer', 'boil', 'pressure', 'steam']);

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

const NO_PARTS: ReadonlyMap<string, string> = new Map();

/** Reads the steps against the lines; which words may speak of a line is decided in heads.ts. `parts` are the headings lines stand under. */
export function readSteps(
  texts: readonly TextLine[],
  lines: readonly Line[],
  shelf: Shelf,
  parts: ReadonlyMap<string, string> = NO_PARTS,
): ReadSteps {
  const speakers = speakersOf(lines, parts, shelf, wordsSaid(texts.map(({ text }) => text)));
  const byId = new Map(lines.map((line) => [line.id, line]));
  const categoryOf = (id: string): Category | undefined => shelf.food(byId.get(id)?.foodId ?? '')?.category;
  const stages = new Map<string, Stage>();
  const eaten = new Map<string, Eaten>();
  const mentions: Mention[] = [];
  const said: Said[] = [];
  const read: ReadSteps['clauses'] = [];
  const segments = texts.flatMap(({ text }) => segmentsOf(text)).slice(0, MAX_STEPS);
  const clauses = placedClauses(segments);
  const { lastPot, lastBlend } = comingMethods(clauses);
  const addedAt = lastAdded(clauses, speakers.linesIn, (id) => isOf(categoryOf(id), 'vegetable'));
  const pot: Pot = { now: 'base', wet: false, cooked: false, adding: false, takenOut: [], takingOut: false };
  const done = segments.map(() => ({ uses: [] as string[], method: undefined as Method | undefined, stage: null as Stage | null }));

  const never = () => false;
  const named = new Map<string, number>();
  clauses.forEach(({ text }, at) => {
    for (const id of speakers.linesIn(text, never)) named.set(id, at);
  });
  const pouring = clauses.map(({ text }) => speakers.linesIn(text, never).some((id) => pours(byId.get(id), categoryOf(id))) && !PREPARES.test(text));
  let before: readonly string[] = [];
  // What was only cut so far, until a clause puts it somewhere.
  const onBoard = new Set<string>();
  const twins = twinsOf(lines);
  clauses.forEach((clause, at) => {
    const step = done[clause.step] as (typeof done)[number];
    const willPour = pouring[at] === true && COOKS_IN.test(clause.text);
    const found = isNoun(clause, clause.whole) ? undefined : methodOf(clause.text, pot.wet || willPour);
    // 'Put everything in' leaves out what a later clause puts in by name.
    const isOpen = (id: string) => !stages.has(id) && (addedAt.get(id) ?? -1) <= at;
    const spoken = speakers.linesIn(clause.text, isOpen);
    // 'Till all the liquid is gone' puts in no stock: what stands behind 'until' is there, or is not meant.
    const until = UNTIL.test(clause.text) ? new Set(speakers.linesIn(clause.text.replace(UNTIL, ' '), isOpen)) : null;
    const mentioned = until ? spoken.filter((id) => until.has(id) || stages.has(id)) : spoken;
    if (isNewPan(clause.text, found, pot, mentioned, (id) => (FATS_OF_MILK.test(byId.get(id)?.foodId ?? '') ? 'fat' : categoryOf(id)), at, lastPot))
      pot.wet = false;
    pot.now = nextStage(pot, found, clause, at, lastPot, lastBlend);
    // 'Add the stock and simmer', 'mix the cream and swirl it into each bowl': it goes in where the sentence leads.
    pot.adding =
      ADDS.test(clause.text) ||
      (clause.sentence && LIST_IN.test(clause.whole)) ||
      (pot.adding && !clause.sentence && !found && !ENDS.test(clause.text));
    const seasons = pot.now === 'base' && !pot.wet && mentioned.length > 0 && mentioned.every((id) => DRY.has(categoryOf(id) as Category));
    // 'Put in the cassava, stock and stalks': a liquid later in the same list makes a pot of it.
    if (clause.sentence && !found && !pot.adding && mentioned.length > 0 && at < lastPot && isFriedList(clauses, at)) pot.now = 'base';
    if (pot.adding && pot.now === 'base' && !pot.wet && !seasons && !found && mentioned.length > 0 && poursIntoList(clauses, at, pouring))
      pot.now = 'simmer';
    const here = pot.adding && !found && !seasons && minutesIn(clause.text) === null ? comingStage(clauses, at, pot, lastPot, lastBlend) : pot.now;
    if (here !== pot.now && here !== 'bowl') pot.now = here;
    if (mentioned.some((id) => pours(byId.get(id), categoryOf(id))) && !PREPARES.test(clause.text) && !SHOWS.test(clause.text)) {
      pot.wet = true;
      if (
        pot.now === 'base' &&
        !(found && methodRow(found)?.stage === 'base') &&
        !/\b(?:another|separate|small) (?:pan|pot|saucepan)\b|\bkeep (?:it )?(?:hot|warm)\b/i.test(clause.text)
      )
        pot.now = 'simmer';
    }
    const stage = here === 'bowl' ? 'bowl' : pot.now;
    takeAway(clause, mentioned, step, { pot, stages, eaten, lines, byId, categoryOf, shelf, before, toCome: (id) => (named.get(id) ?? -1) > at });
    if (mentioned.length > 0) before = mentioned.slice(-1);
    step.method ??= found;
    if (found && found !== 'blend' && found !== 'soak') pot.cooked = true;
    if (found || mentioned.length > 0) step.stage ??= stage;
    read.push({ text: clause.text, stage, stepIndex: clause.step });
    // 'Peel the apple, chop the onion. Steam both in butter.'
    if (found && onBoard.size > 0 && (THEM.test(clause.text) || !mentioned.some((id) => isOf(categoryOf(id), 'solid'))))
      for (const id of onBoard) {
        if (!stages.has(id) && !((named.get(id) as number) > at)) stages.set(id, stage);
        onBoard.delete(id);
      }
    const reserved = KEPT.test(clause.text.replace(ASIDES, ' ')) && /\b(?:top|garnish|serving|serve|end|later)\b/i.test(clause.whole);
    for (const id of spoken) {
      const twin = twins.get(id);
      if (
        twin !== undefined &&
        spoken.includes(twin.other) &&
        twin.onTop !== (stage === 'bowl' && (AGAIN.test(clause.text) || stages.has(twin.other)))
      )
        continue;
      if (!mentioned.includes(id)) {
        if (!step.uses.includes(id)) step.uses.push(id);
        continue;
      }
      const isBeside = stage === 'bowl' && categoryOf(id) === 'bread' && (SERVE_WITH.test(clause.text) || !PUT_ON.test(clause.text));
      const placed = isBeside ? 'plate' : stage;
      said.push({ lineId: id, stage: placed, at });
      mentions.push({ lineId: id, stage: placed, stepIndex: clause.step, clause: clause.text });
      if ((!clause.sentence && MADE_OF.test(clause.text)) || (SEEDS_OUT.test(clause.text) && categoryOf(id) === 'nut-seed')) continue;
      if (!stages.has(id) && !SHOWS.test(clause.text) && !PREPARES.test(clause.text) && !reserved && (found || !PUT_ASIDE.test(clause.text)))
        stages.set(id, placed);
      if (PREPARES.test(clause.text) && !stages.has(id)) onBoard.add(id);
      if (!step.uses.includes(id)) step.uses.push(id);
    }
  });
  for (const id of onlyOnTop(said, clauses, categoryOf, (text) => speakers.linesIn(text, never))) stages.set(id, 'bowl');
  for (const id of putInAfterAll(said, clauses)) if (stages.get(id) === 'bowl') stages.set(id, 'finish');
  for (const id of inPoachingWater(said, clauses, categoryOf)) eaten.set(id, 'removed');
  fatsToTheFrying(lines, categoryOf, clauses, stages, speakers.linesIn);
  let lidNow: Lid | null = null;
  const steps = segments.map((text, place): Step => {
    const { uses, method, stage } = done[place] as (typeof done)[number];
    const minutes = methodMinutes(text, method);
    const doneWhen = /\buntil\s+([^.,;]+)/i.exec(text)?.[1]?.trim();
    // A lid holds until one takes it off; to add something one does.
    const said = lidIn(text);
    const lid = said ?? (lidNow !== null && method && POT_METHODS.has(method) && method !== 'blend' && !ADDS.test(text) ? lidNow : null);
    lidNow = ADDS.test(text) && said === null ? null : (lid ?? lidNow);
    const before = done.slice(0, place).findLast((one) => one.stage !== null)?.stage ?? 'base';
    return {
      id: `s${place + 1}`,
      stage: stage ?? before,
      text,
      ...(method ? { method } : {}),
      ...(minutes ? { minutes } : {}),
      handsOn: !method || !methodRow(method)?.unattended,
      ...(lid ? { lid } : {}),
      ...(uses.length > 0 ? { uses } : {}),
      ...(doneWhen ? { doneWhen } : {}),
    };
  });
  return { steps, stages, eaten, mentions, clauses: read, heads: speakers.heads };
}

/** '1 cup cheddar, plus more for serving' is two lines of one food: which goes in, and which on top. */
function twinsOf(lines: readonly Line[]): ReadonlyMap<string, { other: string; onTop: boolean }> {
  const twins = new Map<string, { other: string; onTop: boolean }>();
  for (const line of lines) {
    if (line.foodId === null || !TO_SERVE_WITH.test(line.text)) continue;
    const other = lines.find((one) => one.foodId === line.foodId && one.id !== line.id && !TO_SERVE_WITH.test(one.text));
    if (!other) continue;
    twins.set(line.id, { other: other.id, onTop: true });
    twins.set(other.id, { other: line.id, onTop: false });
  }
  return twins;
}
const TO_SERVE_WITH = /^(?!.*\b(?:plus|extra|and more)\b).*\b(?:for|to)\s+(?:serv(?:e|ing)|garnish(?:ing)?|the top|topping)\s*$/i;
const AGAIN = /\b(?:more|extra|additional|remaining)\b/i;

function placedClauses(segments: readonly string[]): Placed[] {
  const clauses = segments.flatMap((text, step) =>
    clausesOf(joinItems(text)).map((clause) => ({ ...clause, text: clause.text.replace(YET_TO_COME, ''), step })),
  );
  const sentences: string[] = [];
  const sentenceOf = clauses.map((clause) => {
    if (clause.sentence || sentences.length === 0) sentences.push(clause.text);
    else sentences[sentences.length - 1] += `, ${clause.text}`;
    return sentences.length - 1;
  });
  return clauses.map((clause, at) => ({
    ...clause,
    whole: sentences[sentenceOf[at] as number] as string,
    following: sentences[(sentenceOf[at] as number) + 1] ?? '',
  }));
}

/** 'Blend this before the fish goes in' puts no fish in. */
const YET_TO_COME = /\bbefore\s+(?:adding|you (?:add|put|stir)|(?:the|any) [^,.;]{1,40}? (?:goes?|comes?|are|is|get) (?:in|added|put)\b)[^,.;]*/gi;
/** 'The natural kind, just peanuts and salt': what a food is made of. */
const MADE_OF = /^(?:just|only|nothing but|made (?:of|from|with))\s+(?!(?:a|an|\d|until|before|enough)\b)[\p{L} ]+$/iu;
/** 'Scoop out the seeds' of a squash puts no seeds anywhere. */
const SEEDS_OUT = /\b(?:remov|scoop|scrap|tak|discard|throw)\w*\b.*\bseeds?\b|\bseeds?\b.*\b(?:out|removed|away|discarded)\b/i;
/** 'A decilitre of cream to finish.' */
const TO_FINISH = /\bto finish\b(?!\s+(?:the|this|it)\b)/i;
/** What a clause waits for. */
const UNTIL = /\b(?:until|till)\b[^,;.]*/i;
/** 'Cook in 400 ml of water': the pot is wet from the first. */
const COOKS_IN = /\bcook(?:s|ed|ing)?\b.*\b(?:in|with)\b|\blid on (?:\w+ ){0,4}for\b/i;
/** 'Sweet potato, tomatoes and stock in': a list with no verb. */
const LIST_IN = /^[^.:;]*\p{L} in\s*(?:,|$)/iu;
/** What is said aside of the top moves no pot: '(keep back some for a ring on each bowl)'. */
const ASIDES = /\([^()]*\)/g;
const RUNS_IN =
  /\b(?:little by little|bit by bit|in a (?:\w+ )?(?:stream|thread|trickle)|with the (?:motor|machine|blender)|(?:motor|machine|blender) (?:still )?running|drop by drop)\b/i;
const THEM = /\b(?:both|them|these|those|all of (?:it|them)|it all)\b/i;
/** Put away for later, it is in no pot yet. */
const PUT_ASIDE = /\b(?:put|set|leave|keep)\b.*\b(?:aside|to one side|in the fridge)\b/i;

/** The last clauses that cook the soup and that blend it. */
function comingMethods(clauses: readonly Placed[]): { lastPot: number; lastBlend: number } {
  let lastPot = -1;
  let lastBlend = -1;
  clauses.forEach((clause, at) => {
    const { text } = clause;
    const method = isNoun(clause, clause.whole) ? undefined : methodOf(text, true);
    if (!method || !POT_METHODS.has(method) || REHEATS.test(text)) return;
    if (lastBlend >= 0 && method !== 'blend' && !minutesIn(text)) return;
    lastPot = at;
    if (method === 'blend') lastBlend = at;
  });
  return { lastPot, lastBlend };
}

/** The last clause that puts each line in by its own name. */
function lastAdded(
  clauses: readonly Placed[],
  linesIn: (clause: string, open: (id: string) => boolean) => string[],
  isVegetable: (id: string) => boolean,
): ReadonlyMap<string, number> {
  const never = () => false;
  const at = new Map<string, number>();
  let adding = false;
  clauses.forEach(({ text, sentence }, index) => {
    adding = ADDS.test(text) || SERVE.test(text) || SEASON.test(text) || GOES_IN.test(text) || (adding && !sentence && !ENDS.test(text));
    // A vegetable that is served on top once more was in with the rest.
    const served = SERVE.test(text) && !ADDS.test(text);
    if (adding) for (const id of linesIn(text.replace(COMES_BACK, ' '), never)) if (!(served && isVegetable(id))) at.set(id, index);
  });
  return at;
}
/** 'Stir the meat back in with the peas': the meat was in before. */
const COMES_BACK = /\breturn(?:ed|ing)?\s+(?:(?!with\b|and\b)[^,.;])*|\b(?:stir|put|add|tip|drop|slide)\w*\s+(?:(?!with\b|and\b)[^,.;])*?\bback\b/gi;
const GOES_IN = /\b(?:go(?:es)? in|in (?:it|they) go|on the side|for the side)\b/i;

/** A pan that is begun anew: 'make a roux', 'melt the butter in a clean pan' after the stock was made. */
function isNewPan(
  text: string,
  found: Method | undefined,
  pot: Pot,
  mentioned: readonly string[],
  categoryOf: (id: string) => Category | undefined,
  at: number,
  lastPot: number,
): boolean {
  const melts = mentioned.length > 0 && mentioned.every((id) => categoryOf(id) === 'fat') && /\b(?:melt|heat|warm)\b/i.test(text);
  if (!pot.wet || at > lastPot || !(melts || (found && methodRow(found)?.stage === 'base'))) return false;
  if (melts) pot.now = 'base';
  return !mentioned.some((id) => isOf(categoryOf(id), 'liquid'));
}

function nextStage(
  { now, cooked }: Pot,
  method: Method | undefined,
  { text, sentence }: Clause,
  at: number,
  lastPot: number,
  lastBlend: number,
): Stage {
  if (SERVE.test(text.replace(ASIDES, ' ')) && at >= lastPot && !(method && POT_METHODS.has(method))) return 'bowl';
  const stage = method && methodRow(method)?.stage;
  if (!stage) {
    if (TO_FINISH.test(text) && at > lastPot && ORDER[now] < ORDER.finish) return 'finish';
    // What runs in while the blender turns is blended.
    if (now === 'blend' && !sentence && RUNS_IN.test(text)) return now;
    // What is done after the blender finishes the soup; words of a list that goes on do not end it.
    if (now === 'blend' && at > lastBlend) return sentence || ADDS.test(text) || SEASON.test(text) ? 'finish' : now;
    return now === 'simmer' && at > lastPot && lastPot >= 0 && sentence && ADDS.test(text) ? 'finish' : now;
  }
  if (ORDER[now] <= ORDER.simmer) return stage === 'base' && now === 'simmer' && at > lastPot ? 'bowl' : stage;
  if (at < lastBlend || !cooked) return stage;
  if (stage === 'base' && at > lastPot) return 'bowl';
  return ORDER[stage] >= ORDER[now] ? stage : now === 'blend' && stage === 'simmer' ? 'finish' : now;
}

/** Where the sentence leads, or the next one when it begins with a method: 'Add the beets. Cover and simmer.' */
function comingStage(clauses: readonly Placed[], from: number, pot: Pot, lastPot: number, lastBlend: number): Stage {
  const { now } = pot;
  let beyond = false;
  // 'Mix the cream and horseradish and swirl' never sees the pot; 'stir in the milk and serve' does.
  const mixed = MIXES.test((clauses[from] as Clause).text);
  for (let at = from + 1; at < clauses.length && at < from + MOST_AHEAD; at += 1) {
    const clause = clauses[at] as Placed;
    if (clause.sentence && (beyond || ADDS.test(clause.text))) return now;
    beyond ||= clause.sentence;
    if (!beyond && SERVE.test(clause.text) && at >= lastPot) return mixed ? 'bowl' : now;
    const method = isNoun(clause, clause.whole) ? undefined : methodOf(clause.text, pot.wet || now !== 'base');
    // What is fried in a sentence of its own does not lead the pot.
    if (beyond && method && methodRow(method)?.stage === 'base' && now !== 'base') return now;
    if (method && !(beyond && method === 'blend')) return nextStage(pot, method, { text: '', sentence: false }, at, lastPot, lastBlend);
    if (method || minutesIn(clause.text)) return now;
  }
  return now;
}
const MOST_AHEAD = 12;

/** A bare further item of the list that a clause begins is a liquid. */
function poursIntoList(clauses: readonly Placed[], from: number, pouring: readonly boolean[]): boolean {
  for (let at = from + 1; at < clauses.length && at < from + MOST_AHEAD; at += 1) {
    const { text, sentence } = clauses[at] as Placed;
    if (sentence || ADDS.test(text) || ENDS.test(text) || minutesIn(text) !== null || /^(?:then|and then|gradually|slowly)\b/i.test(text))
      return false;
    if (pouring[at]) return true;
    if (methodOf(text, false)) return false;
  }
  return false;
}

/** 'Oil, one onion, one carrot, all chopped, sweat ten minutes': names alone, and what is done to them at the end of the sentence. */
function isFriedList(clauses: readonly Placed[], from: number): boolean {
  for (let at = from; at < clauses.length && at < from + MOST_AHEAD; at += 1) {
    const { text, sentence } = clauses[at] as Placed;
    if (at > from && sentence) return false;
    const method = methodOf(text, false);
    if (method) return at > from && methodRow(method)?.stage === 'base' && !/\b(?:cook|heat)/i.test(text);
    if (ADDS.test(text) || ENDS.test(text) || PREPARES.test(text) || SERVE.test(text) || minutesIn(text) !== null) return false;
  }
  return false;
}

/** A liquid in a quantity that makes a soup of the base. */
const pours = (line: Line | undefined, category: Category | undefined): boolean =>
  !FATS_OF_MILK.test(line?.foodId ?? '') &&
  (isOf(category, 'liquid') || ((category === 'dairy' || category === 'plant-cream') && (line?.grams?.best ?? 0) >= 200)) &&
  (line?.grams?.best ?? 500) >= 200;

const FATS_OF_MILK = /^butter-|^butter$|^ghee/;

/** 'Fry the onion. Add everything else': a fat that no step names was what it was fried in. */
function fatsToTheFrying(
  lines: readonly Line[],
  categoryOf: (id: string) => Category | undefined,
  clauses: readonly Placed[],
  stages: Map<string, Stage>,
  linesIn: (clause: string, open: (id: string) => boolean) => string[],
): void {
  const fries = clauses.some(({ text }) => {
    const method = methodOf(text, false);
    return method !== undefined && methodRow(method)?.stage === 'base' && method !== 'soak';
  });
  if (!fries) return;
  const never = () => false;
  const named = new Set(clauses.flatMap(({ text }) => linesIn(text, never)));
  for (const { id } of lines) if (categoryOf(id) === 'fat' && !named.has(id) && stages.get(id) !== 'bowl') stages.set(id, 'base');
}
