/**
 * The method rewritten for what is in the pot now: plain sentences, every line entering once, no food ordered that is gone. A pure
 * function of the steps as they were written, their lines, what stands in the place of each, and the work that comes with it.
 */
import type { Shelf } from '../food/shelf.ts';
import type { Line, Step } from '../vocabulary/recipe.ts';
import { BESIDE, besideOf, mainOf, namesOf, sharedOut, warmedForTheTop } from './calledNow.ts';
import { cookedWith, isCut } from './cutting.ts';
import { type Draft, Drafts, isNothing } from './drafts.ts';
import { apart, type Entry, type Exchange, entryOf, isGentle, isLate, isOnlyWeighed, isSame } from './entry.ts';
import { withoutFlesh } from './flesh.ts';
import { boilsAt, keepFromBoiling, sentenceAround } from './gently.ts';
import { dropItsFat, dropItsShells, dropWholes } from './goneWith.ts';
import { BUTTERY, heated } from './heated.ts';
import { EGG_MIXTURE, exceptBefore, KEPT_FOR_TOP, MELTS, removeExcepted, UNTIL_MELTED } from './leftovers.ts';
import { mentionsOf, QUANTITY, type Span } from './mention.ts';
import { parted, servedApart } from './parted.ts';
import { placeWorks } from './place.ts';
import { SpokenLines } from './spokenLines.ts';
import { onceEach, removeAt, replaceAt, sentenceBefore, tidied } from './text.ts';

export function rewriteMethod(steps: readonly Step[], original: readonly Line[], exchanges: readonly Exchange[], shelf: Shelf): Step[] {
  if (steps.length === 0) return [];
  const rewriting = new Rewriting(steps, original, exchanges, shelf);
  for (const exchange of exchanges.flatMap(apart)) rewriting.exchange(exchange);
  rewriting.dropWholes(exchanges);
  return rewriting.written();
}

/** The first part of a step's text. */
const EARLY = 0.4;
/** Words that stand for lines without naming them. */
const WHOLESALE = /\b(?:everything|all|rest|vegetables|ingredients|liquid)\b/i;
const TAKEN_OUT = /\b(?:lift|take|remove|discard|scoop|pull|fish|set)\w*\b[^.;]*$/i;
/** What stands before a name: 'the remaining', 'all of the', '250 g of the'. */
const DETERMINES = new RegExp(
  String.raw`^(?:(?:all|half|some|most|both)\s+(?:of\s+)?)?(?:(?:the|an?|your|my|our|this|that|these|those)\b)?\s*(?:remaining\s+)?${QUANTITY}?`,
  'i',
);
const A_PART = /^(?:a little|a few|a splash|a ladle|some|half|most|part|(?:the |a )?(?:rest|remaining|remainder|other half|third|quarter))\b/i;
/** One exchange on its way through the steps. */
interface Passage {
  exchange: Exchange;
  entry: Entry;
  inPlace: boolean;
  /** The words that stand in the place of the old ones. */
  names: string;
  /** The words for it when it is spoken of again: without the fat and the spice. */
  main: string;
  /** The words with the new weight, where only that changes. */
  words: string | null;
  /** The first step that used the old line. */
  first: number;
  /** Its fat and its spice: not told yet where it was cut, they are where it is cooked. */
  beside: string;
  owesBeside: boolean;
  /** Its foods are in some sentence already. */
  placed: boolean;
  /** The old line was put in or cooked before the step at hand, and not only peeled or cut: raw it is not returned, but put in and cooked. */
  isSpokenOf: boolean;
  /** How the steps call what is used before it is blended in. */
  back: string | null;
  /** The sentence went from the front of its step: what comes in its place goes before the rest. */
  early: boolean;
}

class Rewriting {
  private readonly drafts: Drafts;
  private readonly lines: SpokenLines;
  private readonly said = new Set<string>();
  /** What stands in the place of something, by the words and the step it stands in. */
  private readonly placed: { draft: Draft; words: string; lines: readonly Line[]; partOf: string | undefined }[] = [];

  constructor(steps: readonly Step[], original: readonly Line[], exchanges: readonly Exchange[], shelf: Shelf) {
    this.lines = new SpokenLines(steps, original, exchanges, shelf);
    // Something may have to come between the blender and what is stirred in after it.
    const comesBetween = exchanges.some((exchange) => BETWEEN.has(entryOf(exchange)) && !(exchange.works.some(isGentle) && isLate(exchange.line)));
    const lastAt = Math.max(...steps.map(({ method }, at) => (method === 'blend' ? at : -1)), -1);
    const onTop = new Set(original.flatMap(({ id, stage }) => (stage === 'bowl' ? [id] : [])));
    const isLast = (at: number) => at === steps.length - 1 || (lastAt >= 0 && at >= lastAt);
    const apart = (step: Step, at: number) =>
      parted(step, this.lines.all, onTop).flatMap((part) => (isLast(at) ? servedApart(part, this.lines.all, onTop) : [part]));
    const named = steps.map((step) => ({ ...step, text: this.lines.groupsNamed(step) }));
    this.drafts = new Drafts(comesBetween ? named.flatMap(apart) : named);
  }

  dropWholes(exchanges: readonly Exchange[]): void {
    dropWholes(this.drafts, exchanges, this.lines, (draft, before) => this.takeAlong(draft, before));
  }

  written(): Step[] {
    const stays = this.lines.remaining().some(({ foodId }) => MELTS.test(foodId ?? '') && !BUTTERY.test(foodId ?? ''));
    const said = (text: string) => onceEach(stays ? text : tidied(text.replace(STIRRED_UNTIL_MELTED, '')));
    return this.drafts.written().map((step) => ({ ...step, text: said(step.text) }));
  }

  exchange(written: Exchange): void {
    const { list } = this.drafts;
    const asked = warmedForTheTop(written, entryOf(written) === 'stead', this.lines);
    dropItsShells(this.drafts, asked, this.lines);
    const isGently = this.isGentlyPut(asked);
    const exchange = isGently ? { ...asked, works: asked.works.filter((work) => !isGentle(work)) } : asked;
    const entry = this.entryIn(exchange);
    const passage: Passage = {
      exchange,
      entry,
      inPlace: IN_PLACE.has(entry) && exchange.lines.length > 0,
      names: namesOf(exchange, entry, this.lines),
      main: mainOf(exchange, entry, this.lines),
      words: null,
      first: list.findIndex(({ uses }) => uses.includes(exchange.line.id)),
      beside: '',
      owesBeside: false,
      placed: false,
      isSpokenOf: false,
      back: null,
      early: false,
    };
    if (passage.main !== passage.names) passage.beside = besideOf(exchange, passage.names, this.lines);
    list.forEach((draft, at) => {
      this.through(draft, at, passage);
    });
    const { first, early, back, placed } = passage;
    const entered = IN_PLACE.has(entry) && (placed || first >= 0);
    dropItsFat(this.drafts, exchange, this.lines);
    if (isGently && exchange.line.stage !== 'bowl') keepFromBoiling(list[first], passage.main);
    const { drafts, said } = this;
    const { each, shelf } = this.lines;
    placeWorks({ exchange, entry, entered, back, first: early && first >= 0 ? first - 1 : first, drafts, said, each, shelf });
  }

  /** What is browned first is put in where the old one was stirred back in. */
  private entryIn(exchange: Exchange): Entry {
    const entry = entryOf(exchange);
    const kind = this.lines.kindOf(exchange.line);
    const isOnlyWater = exchange.lines.length > 0 && exchange.lines.every(({ foodId }) => foodId === 'water');
    // Water in the place of a cream goes in with the liquid.
    if (entry === 'stead' && isOnlyWater && isLate(exchange.line) && kind !== 'broth' && kind !== 'water') return 'pour';
    // Oil and spice are only warmed.
    const isFood = exchange.lines.some((one) => !BESIDE.has(this.lines.kindOf(one) ?? 'meat'));
    return entry === 'base' && isFood && (this.comesBack(exchange.line) || this.putInAt(exchange.line) !== null) ? 'ready' : entry;
  }

  /** The step in which what was browned in a pan of its own goes into the pot; null where it stays where it is. */
  private putInAt(line: Line): number | null {
    const { list } = this.drafts;
    const first = this.firstUse(line.id);
    if (first < 0 || !OWN_PAN.test(list[first]?.text ?? '')) return null;
    const at = list.findIndex(({ text }, place) => place > first && PUT_IN.test(text) && this.isSpokenOf(text, line));
    return at < 0 ? null : at;
  }

  private comesBack(line: Line): boolean {
    const { list, lastBlend } = this.drafts;
    return lastBlend >= 0 && list.some(({ text }, at) => at >= lastBlend && this.isSpokenOf(at === lastBlend ? afterBlending(text) : text, line));
  }

  private isSpokenOf(text: string, line: Line): boolean {
    return mentionsOf(text, this.lines.of(line), this.lines.staying).length > 0;
  }

  /** Whether what must not boil can stand where the old one stood. */
  private isGentlyPut(exchange: Exchange): boolean {
    const { line, works } = exchange;
    if (entryOf(exchange) !== 'own' || !works.some(isGentle) || !(isLate(line) || line.stage === 'blend')) return false;
    const text = this.drafts.list.find(({ uses }) => uses.includes(line.id))?.text ?? '';
    const [span] = mentionsOf(text, this.lines.of(line), this.lines.staying);
    return span !== undefined && !boilsAt(text, span.from);
  }

  private through(draft: Draft, at: number, passage: Passage): void {
    const { exchange, entry, inPlace, first } = passage;
    const { lastBlend } = this.drafts;
    if (inPlace && this.isSaidByOtherPart(draft, exchange)) {
      draft.uses = draft.uses.flatMap((id) => (id !== exchange.line.id ? [id] : exchange.lines.map((one) => one.id)));
      passage.placed = true;
      return;
    }
    const before = draft.text;
    const blendsIn = entry === 'early' && isSame(exchange);
    // A part of a line is spoken of where it goes in, the other parts where they do.
    const isElsewhere = exchange.line.partOf !== undefined && !draft.uses.includes(exchange.line.id);
    const used = draft.uses.includes(exchange.line.id);
    // 'Everything but the ham' puts in a line that is used here, and speaks of one that is not.
    const said = isElsewhere
      ? []
      : this.ofItsPart(draft, exchange, this.lines.mentions(before, exchange.line)).filter(
          (span) => !this.isPlacedAt(draft, span) && !(!used && this.lines.isOfAnother(before.slice(span.from, span.to), exchange.line, draft.step)),
        );
    const isOnlyExcepted = used && said.every((span) => exceptBefore(before, span));
    const found = isOnlyExcepted ? [] : said;
    // What is blended in stays in what is done with it before; only the sentences behind the blender lose it.
    const comesBack = entry === 'ready' && this.comesBack(exchange.line);
    const putInAt = entry === 'ready' && !comesBack ? this.putInAt(exchange.line) : null;
    const isAfter = ({ from }: Span) => (putInAt !== null ? at >= putInAt : at > lastBlend || (at === lastBlend && from > lastBlending(before)));
    const spans = blendsIn ? found.filter(isAfter) : found;
    // Of what comes back only the coming back is left.
    const returns = comesBack || putInAt !== null;
    if (blendsIn && spans[0] && passage.isSpokenOf) passage.back = before.slice(spans[0].from, spans[0].to).replace(DETERMINES, 'the ');
    passage.isSpokenOf ||= found.some((span) => !isAfter(span) && !isOnlyPrepared(before, span));
    if (at === first && spans[0] && spans[0].from < before.length * EARLY && !inPlace) passage.early = true;
    if (used) {
      const stays = (inPlace && !(returns && at < (putInAt ?? lastBlend))) || (blendsIn && at < lastBlend);
      draft.uses = draft.uses.flatMap((id) => (id !== exchange.line.id ? [id] : stays ? exchange.lines.map((one) => one.id) : []));
      if (inPlace && !returns && spans.length === 0 && !passage.placed && first === at && !WHOLESALE.test(draft.text)) {
        addTo(draft, passage.names);
        passage.placed = true;
      }
    }
    if (blendsIn && found.length > 0 && spans.length === 0) draft.text = draft.text.replace(KEPT_FOR_TOP, '');
    if (spans.length === 0) return;
    // 'Soak the bread in a little of the water': the weight of all of it stands where all of it goes in.
    const whole = spans.findIndex(({ from, to }) => exchange.line.partOf !== undefined || !A_PART.test(before.slice(from, to)));
    const told = this.toldInFull(draft, at, spans, passage);
    for (const [nth, span] of [...spans.entries()].reverse()) {
      // 'Shred the meat of the hock' went whole with its hock.
      if (draft.text.slice(span.from, span.to) !== before.slice(span.from, span.to)) continue;
      if (inPlace && (!returns || isAfter(span))) this.replace(draft, span, passage, { isFirst: nth === told, isWhole: nth === whole, before });
      else draft.text = removeExcepted(draft.text, span) ?? removeAt(draft.text, span, this.lines.isThing);
    }
    // 'Everything but the turkey' puts no turkey in.
    if (inPlace && !spans.every((span) => exceptBefore(before, span))) {
      draft.text = heated(draft.text, exchange, passage.names, this.lines.shelf);
      for (const names of new Set([passage.names, passage.main]))
        draft.text = withoutFlesh(draft.text, exchange, names, this.lines.isOnlyFlesh(exchange.line), this.lines.shelf);
      passage.placed = true;
      this.placed.push({ draft, words: passage.words ?? passage.main, lines: exchange.lines, partOf: exchange.line.partOf });
    }
    if (!this.melts(draft, exchange)) draft.text = draft.text.replace(UNTIL_MELTED, (_, more?: string) => (more ? ' until ' : ''));
    if (!inPlace && this.lines.kindOf(exchange.line) === 'egg' && BEATEN.test(before)) draft.text = tidied(draft.text.replace(EGG_MIXTURE, ''));
    if (!inPlace || returns) this.takeAlong(draft, before);
    if (used && first === at && isNothing(draft.text)) draft.uses = draft.uses.filter((id) => id !== exchange.line.id);
  }

  /** Which of the places is the first to name all that comes: where it goes in, and not where it is only cut. -1 where none is. */
  private toldInFull(draft: Draft, at: number, spans: readonly Span[], passage: Passage): number {
    if (at !== passage.first && !passage.owesBeside) return -1;
    const cooked = passage.beside === '' ? 0 : spans.findIndex((span) => !isCut(draft.text, span));
    const isLater = () => this.drafts.list.some(({ text }, place) => place > at && this.isSpokenOf(text, passage.exchange.line));
    passage.owesBeside = cooked < 0 && isLater();
    return cooked < 0 && !passage.owesBeside ? 0 : cooked;
  }

  /** 'Most of the cream ... the rest of it': where both parts of a line are one step's, its words are written anew once. */
  private isSaidByOtherPart(draft: Draft, { line, lines }: Exchange): boolean {
    const foods = (list: readonly Line[]) => list.map(({ foodId }) => foodId).join();
    return (
      line.partOf !== undefined &&
      draft.uses.includes(line.id) &&
      this.placed.some((one) => one.draft === draft && one.partOf === line.partOf && foods(one.lines) === foods(lines))
    );
  }

  /** Whether something that melts is still put in where the old line was; true where that did not melt. */
  private melts({ text }: Draft, { line, lines }: Exchange): boolean {
    const others = this.lines.original.filter((other) => other.id !== line.id && MELTS.test(other.foodId ?? '') && this.lines.isNamed(text, other));
    return !MELTS.test(line.foodId ?? '') || others.length > 0 || lines.some(({ foodId }) => MELTS.test(foodId ?? ''));
  }

  /** Of the same food, hands need the new weight once, where it goes in; its words stay. */
  private replace(
    draft: Draft,
    span: Span,
    passage: Passage,
    { isFirst, isWhole, before }: { isFirst: boolean; isWhole: boolean; before: string },
  ): void {
    const { exchange, names, main } = passage;
    // What is only treated before keeps its words.
    if (isSame(exchange) && !isOnlyWeighed(exchange)) return;
    if (!isOnlyWeighed(exchange)) {
      const around = `${before.slice(0, span.from)}|${before.slice(span.to)}`;
      const later = isFirst && passage.beside !== '' && isCut(draft.text, span) ? cookedWith(draft.text, span.to, passage.beside) : null;
      if (later !== null) draft.text = later;
      const plain = this.wordsAt(draft.text, span, isFirst && later === null ? names : main, exchange);
      const words = this.lines.isShared(exchange) ? sharedOut(draft.text.slice(span.from, span.to), plain) : plain;
      draft.text = this.isThere(around, words, exchange)
        ? removeAt(draft.text, span, this.lines.isThing)
        : withoutShards(replaceAt(draft.text, span, words), words);
      return;
    }
    if (!isWhole || passage.words !== null || TAKEN_OUT.test(sentenceBefore(draft.text, span.from))) return;
    const words = draft.text.slice(span.from, span.to).replace(DETERMINES, '');
    const grams = Number((exchange.lines[0]?.grams?.best ?? 0).toPrecision(3));
    passage.words = `${grams} g ${words}`;
    draft.text = replaceAt(draft.text, span, passage.words);
  }

  /** What another swap has put there, or what was there of the same food, is said once. */
  private isThere(around: string, words: string, { lines }: Exchange): boolean {
    const there = around.toLowerCase();
    if (there.includes(words.toLowerCase())) return true;
    // 'The yeast extract, the water' is 'the yeast extract and the water'.
    const each = words.toLowerCase().split(/, | and /);
    if (each.length > 1 && each.every((one) => there.includes(one))) return true;
    const { original, changed } = this.lines;
    const same = original.filter(({ id, foodId }) => !changed.has(id) && foodId === lines[0]?.foodId);
    return lines.length === 1 && same.some((line) => this.lines.isNamed(around, line));
  }

  /** 'The water and the bouillon', or 'the water, the bouillon' where more of the list follows. */
  private wordsAt(text: string, { to }: Span, names: string, { lines }: Exchange): string {
    const more = /^,?\s+and\s+/.exec(text.slice(to));
    return lines.length > 1 && more && this.lines.isThing(text.slice(to + more[0].length)) ? names.replace(/ and (?!.* and )/, ', ') : names;
  }

  /** What a sentence took along when it went is put in by one of its own. */
  private takeAlong(draft: Draft, before: string): void {
    const { original, changed, all, each } = this.lines;
    const isNamed = (text: string, id: string) => this.lines.isNamed(text, { id });
    const lost = draft.uses.filter((id) => all.has(id) && isNamed(before, id) && !isNamed(draft.text, id));
    const others = this.drafts.list.filter((one) => one !== draft);
    const ours = original.filter(
      ({ id }) => lost.includes(id) && !changed.has(id) && !others.some(({ uses, text }) => uses.includes(id) && isNamed(text, id)),
    );
    const wasIn = ({ id, eaten }: Line) => eaten === 'removed' && TAKEN_OUT.test(before) && this.drafts.list.indexOf(draft) > this.firstUse(id);
    const [out, ins] = [ours.filter(wasIn), ours.filter((line) => !wasIn(line))];
    if (out.length > 0) addTo(draft, each(out), 'Take out');
    // The oil a topping was to be fried in goes with its topping, and the vinegar of the water the eggs were poached in with the eggs.
    const wanted = ins.filter(
      (line) => (line.stage !== 'bowl' || this.lines.kindOf(line) !== 'fat') && !(line.eaten === 'removed' && !this.isTakenOut(line)),
    );
    const [beside, inPot] = [wanted.filter(({ stage }) => stage === 'plate'), wanted.filter(({ stage }) => stage !== 'plate')];
    if (inPot.length > 0) addTo(draft, each(inPot), this.lines.verbFor(inPot));
    if (beside.length > 0) addTo(draft, each(beside), 'Serve with');
    const has = (text: string, words: string) => text.toLowerCase().includes(words.toLowerCase());
    // 'A ladle of the hot broth' goes with its eggs: the broth is in the pot already.
    for (const { words, lines } of this.placed.filter((one) => one.draft === draft && has(before, one.words) && !has(draft.text, one.words)))
      if (!this.isPlacedBefore(draft, lines)) addTo(draft, words, this.lines.verbFor(lines));
  }

  /** 'Puree one can of the beans ... add the remaining beans': each part of a line has its own places in a step that uses several of them. */
  private ofItsPart({ step, text }: Draft, exchange: Exchange, spans: Span[]): Span[] {
    const { line } = exchange;
    if (line.partOf === undefined || spans.length < 2 || this.lines.isShared(exchange)) return spans;
    const parts = this.lines.original.filter(({ id, partOf }) => partOf === line.partOf && step.uses?.includes(id));
    const place = parts.findIndex(({ id }) => id === line.id);
    if (parts.length < 2 || place < 0) return spans;
    const isLast = place === parts.length - 1;
    const rest = spans.filter(({ from, to }) => REST.test(text.slice(from, to)));
    if (rest.length > 0) return isLast ? rest : spans.filter((span) => !rest.includes(span));
    return isLast ? spans.slice(place) : spans.slice(place, place + 1);
  }

  /** Words that another exchange has put there: the yogurt of 'the soy yogurt' is no yogurt of the original. */
  private isPlacedAt({ text, ...draft }: Draft, { from, to }: Span): boolean {
    return this.placed.some(({ draft: there, words }) => {
      if (there.step.id !== draft.step.id) return false;
      for (let at = text.indexOf(words); at >= 0; at = text.indexOf(words, at + 1)) if (at <= from && to <= at + words.length) return true;
      return false;
    });
  }

  private isPlacedBefore(draft: Draft, lines: readonly Line[]): boolean {
    const { list } = this.drafts;
    return this.placed.some((one) => one.lines === lines && list.indexOf(one.draft) < list.indexOf(draft));
  }

  private isTakenOut(line: Line): boolean {
    return this.drafts.list.some(({ text }) => this.lines.mentions(text, line).some(({ from }) => TAKEN_OUT.test(sentenceBefore(text, from))));
  }

  private firstUse(lineId: string): number {
    return this.drafts.list.findIndex(({ uses }) => uses.includes(lineId));
  }
}

function addTo(draft: Draft, names: string, verb = 'Add'): void {
  const text = draft.text.replace(/\s*$/, '');
  draft.text = `${isNothing(text) ? '' : `${text} `}${verb} ${names}.`;
}

const PREPARED =
  /^\W*(?:then\s+|meanwhile,?\s+)?(?:peel|shell|devein|clean|chop|slice|dice|cut|wash|rinse|pat|season|marinate|thaw|defrost|skin|bone|trim|check|pick over|shuck)\b/i;
const COOKED = /\b(?:blanch|simmer|boil|poach|steam|cook|fry|saut|sear|brown|roast|grill|bake|soften|sweat|put|add|place|tip)\w*\b/i;
/** Peeled or cut, and not cooked in the same sentence. */
function isOnlyPrepared(text: string, { from }: Span): boolean {
  const sentence = sentenceAround(text, from);
  return PREPARED.test(sentence) && !COOKED.test(sentence);
}

/** Said of cheese by itself; with no cheese left nothing is waited for. */
const STIRRED_UNTIL_MELTED = /(?<=^|[.;]\s)stir\s+(?:gently\s+|well\s+)?until\s+(?:all\s+|just\s+)?melted(?:\s+and\s+(?:smooth|creamy))?[.;]/gi;

/** Crisp ham breaks into shards; what stands in its place does not. */
const withoutShards = (text: string, words: string): string => text.replace(`${words} shards`, words);

/** Eggs that are beaten, and with something: that is the mixture a step goes on to speak of. */
const BEATEN = /\b(?:beat|whisk|mix|temper)\w*\b[^.;]*\b(?:eggs?|yolks?)\b/i;
const REST = /\b(?:rest|remaining|remainder|other half|reserved)\b/i;
const OWN_PAN = /\b(?:skillet|frying pan|(?:separate|small|another|second) (?:\w+ )?pan)\b/i;
const PUT_IN = /\b(?:put|add|place|return|transfer|tip)\b/i;
const IN_PLACE: ReadonlySet<Entry> = new Set<Entry>(['stead', 'made', 'ready']);
const BETWEEN: ReadonlySet<Entry> = new Set<Entry>(['slake', 'own', 'blend']);

const afterBlending = (text: string): string => text.slice(lastBlending(text) + 1);

/** Where the last blending is told. */
const lastBlending = (text: string): number =>
  Math.max(-1, ...[...text.matchAll(/\b(?:blend|blitz|pur[e\u00e9]e|liquidi[sz]e|mash|whizz|sieve)\w*/gi)].map(({ index }) => index));
