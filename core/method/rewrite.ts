/**
 * The method rewritten for what is in the pot now: plain sentences, every line entering once, no food ordered that is gone. A pure
 * function of the steps as they were written, their lines, what stands in the place of each, and the work that comes with it.
 */
import type { Shelf } from '../food/shelf.ts';
import { tokensOf } from '../reading/match.ts';
import type { Category } from '../vocabulary/category.ts';
import type { Line, Step } from '../vocabulary/recipe.ts';
import { type Draft, Drafts, isNothing } from './drafts.ts';
import { apart, type Entry, type Exchange, entryOf, isGentle, isLate, isOnlyWeighed, isSame, namedLine, speaksOf, type Work } from './entry.ts';
import { withoutFlesh } from './flesh.ts';
import { BUTTERY, heated } from './heated.ts';
import {
  EGG_MIXTURE,
  exceptBefore,
  FATTY,
  IN_ITS_FAT,
  ITS_BONE,
  ITS_FAT,
  KEPT_FOR_TOP,
  LIQUOR,
  MELTS,
  MOST_SPOKEN,
  OUT_OF_SHELLS,
  PLURAL,
  removeExcepted,
  UNTIL_MELTED,
} from './leftovers.ts';
import { FLESH, mentionsOf, QUANTITY, type Span, type Spoken, spokenIn } from './mention.ts';
import { parted, servedApart } from './parted.ts';
import { placeWorks } from './place.ts';
import { listed, onceEach, removeAt, replaceAt, sentenceBefore, tidied } from './text.ts';

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
const WHOLESALE = /\b(?:everything|all|rest|vegetables|ingredients)\b/i;
const TAKEN_OUT = /\b(?:lift|take|remove|discard|scoop|pull|fish|set)\w*\b[^.;]*$/i;
/** What stands before a name: 'the remaining', 'all of the', '250 g of the'. */
const DETERMINES = new RegExp(
  String.raw`^(?:(?:all|half|some|most|both)\s+(?:of\s+)?)?(?:(?:the|an?|your|my|our|this|that|these|those)\b)?\s*(?:remaining\s+)?${QUANTITY}?`,
  'i',
);
const A_PART = /^(?:a little|a few|a splash|a ladle|some|half|most|part|(?:the |a )?(?:rest|remaining|remainder|other half|third|quarter))\b/i;
/** What is added goes by no name in the steps. */
const UNSPOKEN: Spoken = { heads: new Set(), own: new Set(), last: new Set() };

/** One exchange on its way through the steps. */
interface Passage {
  exchange: Exchange;
  entry: Entry;
  spoken: Spoken;
  inPlace: boolean;
  /** The words that stand in the place of the old ones. */
  names: string;
  /** The words for it when it is spoken of again: without the fat and the spice. */
  main: string;
  /** The words with the new weight, where only that changes. */
  words: string | null;
  /** The first step that used the old line. */
  first: number;
  /** Its foods are in some sentence already. */
  placed: boolean;
  /** The old line was named before the step at hand. */
  isSpokenOf: boolean;
  /** How the steps call what is used before it is blended in. */
  back: string | null;
  /** The sentence went from the front of its step: what comes in its place goes before the rest. */
  early: boolean;
}

class Rewriting {
  private readonly drafts: Drafts;
  private readonly changed: ReadonlySet<string>;
  private readonly spoken: ReadonlyMap<string, Spoken>;
  private readonly staying: readonly Spoken[];
  private readonly said = new Set<string>();
  /** What stands in the place of something, by the words and the step it stands in. */
  private readonly placed: { draft: Draft; words: string; lines: readonly Line[]; partOf: string | undefined }[] = [];

  constructor(
    steps: readonly Step[],
    private readonly original: readonly Line[],
    exchanges: readonly Exchange[],
    private readonly shelf: Shelf,
  ) {
    this.changed = new Set(exchanges.map(({ line }) => line.id));
    this.spoken = spokenIn(steps, original, shelf);
    this.staying = original.filter(({ id }) => !this.changed.has(id)).map(({ id }) => this.spoken.get(id) as Spoken);
    // Something may have to come between the blender and what is stirred in after it.
    const comesBetween = exchanges.some((exchange) => BETWEEN.has(entryOf(exchange)) && !(exchange.works.some(isGentle) && isLate(exchange.line)));
    const lastAt = Math.max(...steps.map(({ method }, at) => (method === 'blend' ? at : -1)), -1);
    const onTop = new Set(original.flatMap(({ id, stage }) => (stage === 'bowl' ? [id] : [])));
    const isLast = (at: number) => at === steps.length - 1 || (lastAt >= 0 && at >= lastAt);
    const apart = (step: Step, at: number) =>
      parted(step, this.spoken, onTop).flatMap((part) => (isLast(at) ? servedApart(part, this.spoken, onTop) : [part]));
    const named = steps.map((step) => ({ ...step, text: this.groupsNamed(step) }));
    this.drafts = new Drafts(comesBetween ? named.flatMap(apart) : named);
  }

  /** 'Add the cheeses' speaks of all of them: where one is exchanged, each goes by its name. */
  private groupsNamed({ text, uses = [] }: Step): string {
    const used = this.original.filter(({ id, partOf }) => uses.includes(id) && partOf === undefined);
    const kindOf = ({ foodId }: Line) => this.shelf.food(foodId ?? '')?.category;
    return text.replace(PLURAL, (all: string, _lead: string, word: string, at: number) => {
      const token = tokensOf(word).join(' ');
      const group = used.filter(({ id }) => this.spoken.get(id)?.heads.has(token));
      const [first] = group;
      const isGroup =
        first !== undefined &&
        new Set(group.map(({ foodId }) => foodId)).size > 1 &&
        group.every((line) => kindOf(line) === kindOf(first)) &&
        group.some(({ id }) => this.changed.has(id)) &&
        // 'The double cream and the sour cream' are named one by one.
        !group.some((line) =>
          mentionsOf(text, this.spoken.get(line.id) as Spoken, [], this.rivalsOf(line)).some(({ from, to }) => to <= at || from >= at + all.length),
        );
      return isGroup ? this.each(group) : all;
    });
  }

  written(): Step[] {
    return this.drafts.written().map((step) => ({ ...step, text: onceEach(step.text) }));
  }

  exchange(written: Exchange): void {
    const { list } = this.drafts;
    const asked = this.warmedForTheTop(written);
    this.dropItsShells(asked);
    const isGently = this.isGentlyPut(asked);
    const exchange = isGently ? { ...asked, works: asked.works.filter((work) => !isGentle(work)) } : asked;
    const entry = this.entryIn(exchange);
    const passage: Passage = {
      exchange,
      entry,
      spoken: this.spoken.get(exchange.line.id) ?? UNSPOKEN,
      inPlace: IN_PLACE.has(entry) && exchange.lines.length > 0,
      names: this.namesOf(exchange, entry),
      main: this.mainOf(exchange, entry),
      words: null,
      first: list.findIndex(({ uses }) => uses.includes(exchange.line.id)),
      placed: false,
      isSpokenOf: false,
      back: null,
      early: false,
    };
    list.forEach((draft, at) => {
      this.through(draft, at, passage);
    });
    const { first, early, back, placed } = passage;
    const entered = IN_PLACE.has(entry) && (placed || first >= 0);
    this.dropItsFat(exchange);
    if (isGently && exchange.line.stage !== 'bowl') this.keepFromBoiling(first, passage.main);
    const { drafts, shelf, said } = this;
    placeWorks({ exchange, entry, entered, back, first: early && first >= 0 ? first - 1 : first, drafts, said, each: this.each, shelf });
  }

  /** What goes on a bowl with its oil and its spice is warmed in them first: nobody serves shards of oil. */
  private warmedForTheTop(exchange: Exchange): Exchange {
    const { line, lines, works } = exchange;
    const kindOf = ({ foodId }: Line) => this.shelf.food(foodId ?? '')?.category ?? 'meat';
    const [fats, spices] = [lines.filter((one) => kindOf(one) === 'fat'), lines.filter((one) => kindOf(one) === 'spice')];
    const main = lines.filter((one) => !BESIDE.has(kindOf(one)));
    if (line.stage !== 'bowl' || entryOf(exchange) !== 'stead' || fats.length === 0 || main.length === 0) return exchange;
    const spiced = spices.length > 0 ? ` with ${this.each(spices)}` : '';
    return { ...exchange, works: [{ text: `Warm ${this.each(main)} in ${this.each(fats)}${spiced} for a minute.`, when: 'before' }, ...works] };
  }

  /** What is browned first is put in where the old one was stirred back in. */
  private entryIn(exchange: Exchange): Entry {
    const entry = entryOf(exchange);
    const kind = this.shelf.food(exchange.line.foodId ?? '')?.category;
    const isOnlyWater = exchange.lines.length > 0 && exchange.lines.every(({ foodId }) => foodId === 'water');
    // Water in the place of a cream goes in with the liquid.
    if (entry === 'stead' && isOnlyWater && isLate(exchange.line) && kind !== 'broth' && kind !== 'water') return 'pour';
    // Oil and spice are only warmed.
    const isFood = exchange.lines.some(({ foodId }) => !BESIDE.has(this.shelf.food(foodId ?? '')?.category ?? 'meat'));
    return entry === 'base' && isFood && (this.comesBack(exchange.line.id) || this.isPutInAt(exchange.line.id) !== null) ? 'ready' : entry;
  }

  /** The step in which what was browned in a pan of its own goes into the pot; null where it stays where it is. */
  private isPutInAt(lineId: string): number | null {
    const spoken = this.spoken.get(lineId);
    const { list } = this.drafts;
    const first = this.firstUse(lineId);
    if (!spoken || first < 0 || !OWN_PAN.test(list[first]?.text ?? '')) return null;
    const at = list.findIndex(({ text }, place) => place > first && PUT_IN.test(text) && mentionsOf(text, spoken, this.staying).length > 0);
    return at < 0 ? null : at;
  }

  private comesBack(lineId: string): boolean {
    const spoken = this.spoken.get(lineId);
    const { list, lastBlend } = this.drafts;
    return (
      spoken !== undefined &&
      lastBlend >= 0 &&
      list.some(({ text }, at) => at >= lastBlend && mentionsOf(at === lastBlend ? afterBlending(text) : text, spoken, this.staying).length > 0)
    );
  }

  /** Whether what must not boil can stand where the old one stood. */
  private isGentlyPut(exchange: Exchange): boolean {
    const { line, works } = exchange;
    const spoken = this.spoken.get(line.id);
    if (!spoken || entryOf(exchange) !== 'own' || !works.some(isGentle) || !(isLate(line) || line.stage === 'blend')) return false;
    const text = this.drafts.list.find(({ uses }) => uses.includes(line.id))?.text ?? '';
    const [span] = mentionsOf(text, spoken, this.staying);
    return span !== undefined && !BOILS.test(sentenceAround(text, span.from));
  }

  /** What is done to the whole of a line all parts of which are gone: 'steam the mussels open; take the meat from the shells'. */
  dropWholes(exchanges: readonly Exchange[]): void {
    const isGone = ({ id }: Line) => exchanges.some(({ line, lines }) => line.id === id && !lines.some(({ foodId }) => foodId === line.foodId));
    for (const whole of this.original) {
      const parts = this.original.filter(({ partOf }) => partOf === whole.id);
      if (parts.length === 0 || !parts.every(isGone)) continue;
      const spoken = this.spoken.get(whole.id) as Spoken;
      for (const draft of this.drafts.list) {
        draft.text = draft.text.replace(LIQUOR, (all, name: string, liquor: string) =>
          spoken.heads.has(tokensOf(name).join(' ')) ? `the ${liquor}` : all,
        );
        if (draft.uses.includes(whole.id)) {
          const before = draft.text;
          for (let span = mentionsOf(draft.text, spoken, [])[0], n = 0; span && n < MOST_SPOKEN; span = mentionsOf(draft.text, spoken, [])[0], n += 1)
            draft.text = removeAt(draft.text, span, this.isThing);
          draft.text = tidied(draft.text.replace(OUT_OF_SHELLS, ''));
          draft.uses = draft.uses.filter((id) => id !== whole.id);
          this.takeAlong(draft, before);
        }
      }
    }
  }

  /** A stock of the shells of what is gone is not made: where it was poured in goes the water it would have been made with. */
  private dropItsShells({ line, lines }: Exchange): void {
    const isShellfish = ({ foodId }: Line) => this.shelf.food(foodId ?? '')?.category === 'shellfish';
    if (!isShellfish(line) || lines.some(isShellfish)) return;
    const { list } = this.drafts;
    const own = [...(this.spoken.get(line.id)?.heads ?? [])].map((head) => `${head}s?`).join('|');
    const stock = new RegExp(`\\b(?:the\\s+)?(?:${own || 'shellfish'}|shell|shellfish)\\s+(?:stock|broth|liquor)\\b`, 'i');
    for (const [at, draft] of list.entries()) {
      const before = draft.text;
      draft.text = tidied(before.replace(SHELL_STOCK, ''));
      if (draft.text === tidied(before)) continue;
      if (mentionsOf(draft.text, this.spoken.get(line.id) as Spoken, []).length === 0) draft.uses = draft.uses.filter((id) => id !== line.id);
      const isLost = (one: Line) =>
        draft.uses.includes(one.id) && one.id !== line.id && mentionsOf(draft.text, this.spoken.get(one.id) as Spoken, []).length === 0;
      const poured = this.original.filter((one) => isLost(one) && LIQUIDS.has(this.shelf.food(one.foodId ?? '')?.category ?? 'meat'));
      const later = list.find(({ text }, next) => next > at && stock.test(text));
      if (poured.length === 0) continue;
      if (!later) this.addTo(draft, this.each(poured));
      else {
        later.text = later.text.replace(stock, this.each(poured));
        later.uses.push(...poured.map(({ id }) => id));
        draft.uses = draft.uses.filter((id) => !poured.some((one) => one.id === id));
      }
    }
  }

  /** Fat of bacon that is no longer fried is neither kept nor poured off. */
  private dropItsFat(exchange: Exchange): void {
    const isMeat = ({ foodId }: Line) => FATTY.has(this.shelf.food(foodId ?? '')?.category ?? 'water');
    if (
      !isMeat(exchange.line) ||
      isSame(exchange) ||
      this.original.some((line) => line.id !== exchange.line.id && !this.changed.has(line.id) && isMeat(line))
    )
      return;
    for (const draft of this.drafts.list)
      draft.text = tidied(
        draft.text
          .replace(ITS_FAT, (all) => (/^,?\s+(?:and|then)\b/.test(all) ? '. ' : ''))
          .replace(ITS_BONE, '')
          .replace(IN_ITS_FAT, (all) => (/^I/.test(all) ? 'In the pot' : 'in the pot')),
      );
  }

  private isEgg({ line }: Exchange): boolean {
    return this.shelf.food(line.foodId ?? '')?.category === 'egg';
  }

  /** Whether no other flesh stays in the pot: 'the meat' is what was exchanged. */
  private isOnlyFlesh({ line }: Exchange): boolean {
    return !this.original.some(
      (other) => other.id !== line.id && !this.changed.has(other.id) && FLESH.has(this.shelf.food(other.foodId ?? '')?.category ?? 'water'),
    );
  }

  private keepFromBoiling(at: number, names: string): void {
    const draft = this.drafts.list[at];
    const from = draft?.text.toLowerCase().indexOf(names.toLowerCase()) ?? -1;
    if (!draft || from < 0 || GENTLY.test(draft.text)) return;
    const end = from + sentenceAround(draft.text.slice(from), 0).length;
    draft.text = `${draft.text.slice(0, end).replace(/[\s.;]*$/, '.')} Do not let it boil.${draft.text.slice(end)}`;
  }

  private readonly each = (lines: readonly Line[]): string => listed([...new Set(lines.map((one) => `the ${namedLine(one, this.shelf)}`))]);

  /** What is blended with its water and its lemon goes in as one thing; what its own work puts into the pot is not put in again. */
  private namesOf({ lines, works }: Exchange, entry: Entry): string {
    const main = lines.find((one) => isMade(one, works, entry) && one.foodId !== 'water') ?? lines[0];
    if (entry === 'made' && main) return `the blended ${namedLine(main, this.shelf)}`;
    if (entry === 'ready' && main) return `the ${namedLine(main, this.shelf)}`;
    const isPut = (one: Line) =>
      one.foodId !== 'water' &&
      // 'Leave the tofu in the lemon and salt': the tofu goes in.
      works.some(
        ({ text, when }) =>
          (/\binto the pot\b/i.test(text) || (when === 'before' && one !== lines[0] && /\bleave it in\b/i.test(text))) && speaksOf(text, one),
      );
    const put = lines.filter((one) => !isPut(one) || lines.length === 1);
    return this.each(put.length > 0 ? put : lines);
  }

  private mainOf(exchange: Exchange, entry: Entry): string {
    const main = exchange.lines.filter(({ foodId }) => !BESIDE.has(this.shelf.food(foodId ?? '')?.category ?? 'meat'));
    return entry === 'made' || main.length === 0 ? this.namesOf(exchange, entry) : this.each(main);
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
      : mentionsOf(before, passage.spoken, this.staying, this.rivalsOf(exchange.line)).filter((span) => !this.isPlacedAt(draft, span));
    const isOnlyExcepted = used && said.every((span) => exceptBefore(before, span));
    const found = isOnlyExcepted ? [] : said;
    // What is blended in stays in what is done with it before; only the sentences behind the blender lose it.
    const putInAt = entry === 'ready' && !this.comesBack(exchange.line.id) ? this.isPutInAt(exchange.line.id) : null;
    const isAfter = ({ from }: Span) => (putInAt !== null ? at >= putInAt : at > lastBlend || (at === lastBlend && from > lastBlending(before)));
    const spans = blendsIn ? found.filter(isAfter) : found;
    // Of what comes back only the coming back is left.
    const returns = entry === 'ready' && (putInAt !== null || this.comesBack(exchange.line.id));
    if (blendsIn && spans[0] && passage.isSpokenOf) passage.back = before.slice(spans[0].from, spans[0].to).replace(DETERMINES, 'the ');
    passage.isSpokenOf ||= found.length > 0;
    if (at === first && spans[0] && spans[0].from < before.length * EARLY && !inPlace) passage.early = true;
    if (used) {
      const stays = (inPlace && !(returns && at < (putInAt ?? lastBlend))) || (blendsIn && at < lastBlend);
      draft.uses = draft.uses.flatMap((id) => (id !== exchange.line.id ? [id] : stays ? exchange.lines.map((one) => one.id) : []));
      if (inPlace && !returns && spans.length === 0 && !passage.placed && first === at && !WHOLESALE.test(draft.text)) {
        this.addTo(draft, passage.names);
        passage.placed = true;
      }
    }
    if (blendsIn && found.length > 0 && spans.length === 0) draft.text = draft.text.replace(KEPT_FOR_TOP, '');
    if (spans.length === 0) return;
    // 'Soak the bread in a little of the water': the weight of all of it stands where all of it goes in.
    const whole = spans.findIndex(({ from, to }) => exchange.line.partOf !== undefined || !A_PART.test(before.slice(from, to)));
    for (const [nth, span] of [...spans.entries()].reverse()) {
      // 'Shred the meat of the hock' went whole with its hock.
      if (draft.text.slice(span.from, span.to) !== before.slice(span.from, span.to)) continue;
      if (inPlace && (!returns || isAfter(span)))
        this.replace(draft, span, passage, { isFirst: at === first && nth === 0, isWhole: nth === whole, before });
      else draft.text = removeExcepted(draft.text, span) ?? removeAt(draft.text, span, this.isThing);
    }
    // 'Everything but the turkey' puts no turkey in.
    if (inPlace && !spans.every((span) => exceptBefore(before, span))) {
      draft.text = heated(draft.text, exchange, passage.names, this.shelf);
      for (const names of new Set([passage.names, passage.main]))
        draft.text = withoutFlesh(draft.text, exchange, names, this.isOnlyFlesh(exchange), this.shelf);
      passage.placed = true;
      this.placed.push({ draft, words: passage.words ?? passage.main, lines: exchange.lines, partOf: exchange.line.partOf });
    }
    if (!this.melts(draft, exchange)) draft.text = draft.text.replace(UNTIL_MELTED, (_, more?: string) => (more ? ' until ' : ''));
    if (!inPlace && this.isEgg(exchange)) draft.text = tidied(draft.text.replace(EGG_MIXTURE, ''));
    if (!inPlace || returns) this.takeAlong(draft, before);
    if (used && first === at && isNothing(draft.text)) draft.uses = draft.uses.filter((id) => id !== exchange.line.id);
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
    const isNamed = ({ id }: Line) => mentionsOf(text, this.spoken.get(id) as Spoken, []).length > 0;
    const others = this.original.filter((other) => other.id !== line.id && MELTS.test(other.foodId ?? '') && isNamed(other));
    return !MELTS.test(line.foodId ?? '') || others.length > 0 || lines.some(({ foodId }) => MELTS.test(foodId ?? ''));
  }

  private rivalsOf({ id, foodId }: Line): Spoken[] {
    return this.original.filter((other) => other.id !== id && other.foodId !== foodId).map((other) => this.spoken.get(other.id) as Spoken);
  }

  private addTo(draft: Draft, names: string, verb = 'Add'): void {
    const text = draft.text.replace(/\s*$/, '');
    draft.text = `${isNothing(text) ? '' : `${text} `}${verb} ${names}.`;
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
      const words = sharedOut(draft.text.slice(span.from, span.to), this.wordsAt(draft.text, span, isFirst ? names : main, exchange));
      draft.text = this.isThere(around, words, exchange) ? removeAt(draft.text, span, this.isThing) : replaceAt(draft.text, span, words);
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
    const same = this.original.filter(({ id, foodId }) => !this.changed.has(id) && foodId === lines[0]?.foodId);
    return lines.length === 1 && same.some(({ id }) => mentionsOf(around, this.spoken.get(id) as Spoken, []).length > 0);
  }

  /** 'The water and the bouillon', or 'the water, the bouillon' where more of the list follows. */
  private wordsAt(text: string, { to }: Span, names: string, { lines }: Exchange): string {
    const more = /^,?\s+and\s+/.exec(text.slice(to));
    return lines.length > 1 && more && this.isThing(text.slice(to + more[0].length)) ? names.replace(/ and (?!.* and )/, ', ') : names;
  }

  /** What a sentence took along when it went is put in by one of its own. */
  private takeAlong(draft: Draft, before: string): void {
    const isNamed = (text: string, id: string) => mentionsOf(text, this.spoken.get(id) as Spoken, []).length > 0;
    const lost = draft.uses.filter((id) => this.spoken.has(id) && isNamed(before, id) && !isNamed(draft.text, id));
    const others = this.drafts.list.filter((one) => one !== draft);
    const ours = this.original.filter(
      ({ id }) => lost.includes(id) && !this.changed.has(id) && !others.some(({ uses, text }) => uses.includes(id) && isNamed(text, id)),
    );
    const wasIn = ({ id, eaten }: Line) => eaten === 'removed' && TAKEN_OUT.test(before) && this.drafts.list.indexOf(draft) > this.firstUse(id);
    const [out, ins] = [ours.filter(wasIn), ours.filter((line) => !wasIn(line))];
    if (out.length > 0) this.addTo(draft, this.each(out), 'Take out');
    // The oil a topping was to be fried in goes with its topping.
    const wanted = ins.filter(({ stage, foodId }) => stage !== 'bowl' || this.shelf.food(foodId ?? '')?.category !== 'fat');
    if (wanted.length > 0) this.addTo(draft, this.each(wanted), this.verbFor(wanted));
    const has = (text: string, words: string) => text.toLowerCase().includes(words.toLowerCase());
    // 'A ladle of the hot broth' goes with its eggs: the broth is in the pot already.
    for (const { words, lines } of this.placed.filter((one) => one.draft === draft && has(before, one.words) && !has(draft.text, one.words)))
      if (!this.isPlacedBefore(draft, lines)) this.addTo(draft, words, this.verbFor(lines));
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

  private firstUse(lineId: string): number {
    return this.drafts.list.findIndex(({ uses }) => uses.includes(lineId));
  }

  private verbFor(lines: readonly Line[]): string {
    return lines.every(({ foodId }) => BUTTERY.test(foodId ?? ''))
      ? 'Melt'
      : lines.every(({ foodId }) => this.shelf.food(foodId ?? '')?.category === 'fat')
        ? 'Warm'
        : 'Add';
  }

  /** Whether words begin with the name of a line: another thing that is put in, and not another thing that is done. */
  private readonly isThing = (words: string): boolean => {
    const [first, second] = tokensOf(words.trim().split(/\s+/, 3).join(' '));
    return [...this.spoken.values()].some(
      ({ heads, own }) => (first !== undefined && (heads.has(first) || own.has(first))) || (second !== undefined && heads.has(second)),
    );
  };
}

const OWN_PAN = /\b(?:skillet|frying pan|(?:separate|small|another|second) (?:\w+ )?pan)\b/i;
const PUT_IN = /\b(?:put|add|place|return|transfer|tip)\b/i;
/** A sentence that cooks shells for their stock. */
const SHELL_STOCK =
  /(?<=^|[.!]\s+)[^.!]*\b(?:simmer|boil|cover|roast|toast|fry|saut\w+|brown|cook)\b[^.!]*\bshells\b[^.!]*(?:[.!](?=\s|$)|$)|(?<=^|[.!]\s+)[^.!]*\bshells\b[^.!]*\b(?:simmer|boil|stock)\b[^.!]*(?:[.!](?=\s|$)|$)/gi;
const LIQUIDS: ReadonlySet<Category> = new Set<Category>(['water', 'broth']);
/** Goes along with another food, and is not named twice. */
const BESIDE: ReadonlySet<Category> = new Set<Category>(['fat', 'spice', 'acid', 'salt', 'water', 'herb']);
const IN_PLACE: ReadonlySet<Entry> = new Set<Entry>(['stead', 'made', 'ready']);
const BETWEEN: ReadonlySet<Entry> = new Set<Entry>(['slake', 'own', 'blend']);

/** 'Half the stock' is half the water, 'the remaining cream' the remaining oat cream. */
function sharedOut(said: string, names: string): string {
  const share =
    /^(?:(?:half|most|some|all|both|a little|a few|the rest|rest|the other half)(?:\s+of)?\s+(?=the\b)|the\s+remaining\s+|remaining\s+)/i.exec(
      said,
    )?.[0];
  if (!share) return names;
  return /remaining/i.test(share) ? share + names.replace(/^the\s+/, '') : share + names;
}

const BOILS = /\b(?:simmer|(?<!off the |without |not |not let it |n't |never )boil|bring|bubbl)\w*/i;
const GENTLY = /\boff the (?:heat|boil)|\bnot (?:let it )?boil/i;
/** The sentence a place stands in. */
const sentenceAround = (text: string, at: number): string => {
  const from = Math.max(text.lastIndexOf('. ', at) + 2, text.lastIndexOf('; ', at) + 2, 0);
  const end = text.slice(at).search(/[.;!](?=\s|$)/);
  return text.slice(from === 1 ? 0 : from, end < 0 ? text.length : at + end + 1);
};
const afterBlending = (text: string): string => text.slice(lastBlending(text) + 1);

/** Where the last blending is told. */
const lastBlending = (text: string): number =>
  Math.max(-1, ...[...text.matchAll(/\b(?:blend|blitz|pur[e\u00e9]e|liquidi[sz]e|mash|whizz|sieve)\w*/gi)].map(({ index }) => index));

const isMade = (line: Line, works: readonly Work[], entry: Entry): boolean =>
  works.some(({ text, when }) => (when !== 'before' || entry === 'ready') && speaksOf(text, line));
