/** The lines of a recipe by the words its steps call them, while some of them are exchanged. */
import type { Shelf } from '../food/shelf.ts';
import { tokensOf } from '../reading/match.ts';
import type { Category } from '../vocabulary/category.ts';
import type { Line, Step } from '../vocabulary/recipe.ts';
import { type Exchange, namedLine } from './entry.ts';
import { BUTTERY } from './heated.ts';
import { PLURAL } from './leftovers.ts';
import { FLESH, mentionsOf, type Span, type Spoken, spokenIn } from './mention.ts';
import { listed } from './text.ts';

/** What is added goes by no name in the steps. */
const UNSPOKEN: Spoken = { heads: new Set(), own: new Set(), last: new Set() };

const DETERMINER = /^(?:the|a|an|all|half|some|most|of|remaining|rest|both)$/;

export class SpokenLines {
  /** Lines that are exchanged. */
  readonly changed: ReadonlySet<string>;
  readonly all: ReadonlyMap<string, Spoken>;
  /** The words of the lines that stay. */
  readonly staying: readonly Spoken[];
  readonly original: readonly Line[];
  readonly shelf: Shelf;
  private readonly exchanges: readonly Exchange[];

  constructor(steps: readonly Step[], original: readonly Line[], exchanges: readonly Exchange[], shelf: Shelf) {
    this.original = original;
    this.shelf = shelf;
    this.exchanges = exchanges;
    this.changed = new Set(exchanges.map(({ line }) => line.id));
    this.all = spokenIn(steps, original, shelf);
    this.staying = original.filter(({ id }) => !this.changed.has(id)).map((line) => this.of(line));
  }

  of({ id }: Pick<Line, 'id'>): Spoken {
    return this.all.get(id) ?? UNSPOKEN;
  }

  /** What is in the pot after the exchanges. */
  remaining(): Line[] {
    return [...this.original.filter(({ id }) => !this.changed.has(id)), ...this.exchanges.flatMap(({ lines }) => lines)];
  }

  kindOf({ foodId }: Line): Category | undefined {
    return this.shelf.food(foodId ?? '')?.category;
  }

  isNamed(text: string, line: Pick<Line, 'id'>): boolean {
    return this.all.has(line.id) && mentionsOf(text, this.of(line), []).length > 0;
  }

  /** Every place that speaks of a line, and not of another of its kind. */
  mentions(text: string, line: Line): Span[] {
    const spans = mentionsOf(text, this.of(line), this.staying, this.rivalsOf(line));
    const wordsAt = ({ from, to }: Span) => tokensOf(text.slice(from, to)).filter((token) => !DETERMINER.test(token));
    if (!spans.some((span) => wordsAt(span).length > 1)) return spans;
    // 'The cream cheese, sour cream and cheese': the bare cheese is the other one.
    const others = this.original.filter(
      ({ id, foodId, partOf }) => id !== line.id && id !== line.partOf && partOf !== line.id && foodId !== line.foodId,
    );
    const isOther = (token: string) => others.some((other) => this.of(other).last.has(token) && this.isNamed(text, other));
    return spans.filter((span) => {
      const [word, ...more] = wordsAt(span);
      return more.length > 0 || word === undefined || !isOther(word);
    });
  }

  /** 'The onion' of a step that uses the onion is not the green onions that go on top. */
  isOfAnother(said: string, line: Line, { uses = [] }: Step): boolean {
    const tokens = tokensOf(said).filter((token) => !DETERMINER.test(token));
    const own = this.of(line);
    return this.original.some((other) => {
      const isPart = other.partOf !== undefined || line.partOf !== undefined;
      if (other.id === line.id || (isPart && other.foodId === line.foodId) || !uses.includes(other.id)) return false;
      const { heads, own: words } = this.of(other);
      return tokens.some((token) => heads.has(token) && own.heads.has(token)) && !tokens.some((token) => own.own.has(token) && !words.has(token));
    });
  }

  rivalsOf({ id, foodId }: Line): Spoken[] {
    return this.original.filter((other) => other.id !== id && other.foodId !== foodId).map((other) => this.of(other));
  }

  /** Whether what comes for a part of a line is what comes for another part of it: 'the rest of the cheese' is the rest of one thing. */
  isShared({ line, lines }: Exchange): boolean {
    const foods = (list: readonly Line[]) => list.map(({ foodId }) => foodId).join();
    return (
      line.partOf === undefined ||
      this.exchanges.some((other) => other.line.id !== line.id && other.line.partOf === line.partOf && foods(other.lines) === foods(lines))
    );
  }

  /** Whether no other flesh stays in the pot: 'the meat' is what was exchanged. */
  isOnlyFlesh({ id }: Line): boolean {
    const isFlesh = (line: Line) => FLESH.has(this.kindOf(line) ?? 'water');
    const brings = (lineId: string) => this.exchanges.some(({ line, lines }) => line.id === lineId && lines.some(isFlesh));
    return !this.original.some((other) => other.id !== id && isFlesh(other) && (!this.changed.has(other.id) || brings(other.id)));
  }

  /** The foods of lines in words, each once. */
  readonly each = (lines: readonly Line[]): string => listed([...new Set(lines.map((one) => `the ${namedLine(one, this.shelf)}`))]);

  /** How lines are put in. */
  verbFor(lines: readonly Line[]): string {
    if (lines.every(({ foodId }) => BUTTERY.test(foodId ?? ''))) return 'Melt';
    return lines.every((line) => this.kindOf(line) === 'fat') ? 'Warm' : 'Add';
  }

  /** Whether words begin with the name of a line: another thing that is put in, and not another thing that is done. */
  readonly isThing = (words: string): boolean => {
    const [first, second] = tokensOf(words.trim().split(/\s+/, 3).join(' '));
    return [...this.all.values()].some(
      ({ heads, own }) => (first !== undefined && (heads.has(first) || own.has(first))) || (second !== undefined && heads.has(second)),
    );
  };

  /** 'Add the cheeses' speaks of all of them: where one is exchanged, each goes by its name. */
  groupsNamed({ text, uses = [] }: Step): string {
    const used = this.original.filter(({ id, partOf }) => uses.includes(id) && partOf === undefined);
    return text.replace(PLURAL, (all: string, _lead: string, word: string, at: number) => {
      const token = tokensOf(word).join(' ');
      const group = used.filter((line) => this.of(line).heads.has(token));
      const [first] = group;
      const isGroup =
        first !== undefined &&
        new Set(group.map(({ foodId }) => foodId)).size > 1 &&
        group.every((line) => this.kindOf(line) === this.kindOf(first)) &&
        group.some(({ id }) => this.changed.has(id)) &&
        // 'The double cream and the sour cream' are named one by one.
        !group.some((line) => mentionsOf(text, this.of(line), [], this.rivalsOf(line)).some(({ from, to }) => to <= at || from >= at + all.length));
      return isGroup ? this.each(group) : all;
    });
  }
}
