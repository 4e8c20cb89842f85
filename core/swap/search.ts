/**
 * Best-first branch and bound over the choices. A node is a set of allowed options in every slot; its bound is that of
 * the relaxation (solver/simplex.ts), where options may be mixed. A mixture is split at one of the slots it mixes; a bound that
 * mixes nothing is a set of choices, the best of its node, and its node is then parted around it for the next best.
 * Sets of choices come out in the order of their objective, which is the proof.
 */
import TinyQueue from 'tinyqueue';
import type { Amounts } from './amounts.ts';
import { MOST_OPTIONS, type Model, type Option } from './model.ts';
import type { Basis } from './solver/columns.ts';
import { at, bitsAt, heaviest, item } from './solver/linear.ts';
import { Relaxation, type Relaxed } from './solver/simplex.ts';

export interface Leaf {
  choice: readonly Option[];
  amounts: Amounts;
}

interface Node {
  bound: number;
  /** A bit per allowed option, slot by slot. */
  allowed: Int32Array;
  /** How many times the whole was parted to come here. */
  depth: number;
  /** Where the relaxation of the node it was split from ended. */
  from: Basis | null;
  /** Its own relaxation, where it was looked at before it was chosen. */
  relaxed?: Relaxed;
  /** The best choices of the node, once they are known. */
  leaf?: Leaf & { picked: Int32Array; raises: Float64Array[] };
}

export interface SearchEnd {
  /** True when the search was cut short by its deadline. */
  timedOut: boolean;
  /** Nothing not yet reported can be better than this. */
  bound: number;
}

/** A mixture within this of one option is that option. */
const WHOLE = 1e-6;

/** 'best' comes out in the order of the objective; 'any' dives for the first set of choices that keeps the rows. */
export type Order = 'best' | 'any';

export interface SearchOptions {
  order?: Order;
  /** Nothing above this is wanted. */
  within?: number;
}

/** Slots with the option picked in each. */
export type Changes = readonly (readonly [slot: number, option: number])[];

/** What the caller made of a set of choices: `taken` ones rule out all that only add changes to them, and so do changes that are `never` made together. */
export type Verdict = 'taken' | 'dropped' | 'stop' | { never: Changes };

/**
 * How far above the bound of the whole a sweep looks, in the unit of the objective. What costs more is left out, and
 * with it every option that would: a near sweep is quick, and when it does not find enough a wider one follows.
 */
const REACHES = [0.5, 1, 1.8, Number.POSITIVE_INFINITY] as const;
/** The same where rows may be missed at SOFT_PRICE. */
const SOFT_REACHES = [1, 4, 20, Number.POSITIVE_INFINITY] as const;

/**
 * Calls `visit` with sets of choices, best first, until it says stop, they are exhausted, or `expired` says so. Choices
 * that make every change of a taken set and more are never visited: they are that plan plus a whim.
 */
export function search(
  model: Model,
  visit: (leaf: Leaf) => Verdict,
  expired: () => boolean,
  { order = 'best', within = Number.POSITIVE_INFINITY }: SearchOptions = {},
): SearchEnd {
  const crowded = model.slots.find(({ options }) => options.length > MOST_OPTIONS);
  if (crowded) throw new RangeError(`a line has at most ${MOST_OPTIONS} options, got ${crowded.options.length} for ${crowded.line.id}`);
  const relaxed = new Relaxation(model);
  const whole = Int32Array.from(model.slots, ({ options }) => 2 ** options.length - 1);
  const root = relaxed.solve(whole, null);
  if (!root) return { timedOut: false, bound: Number.POSITIVE_INFINITY };
  // A wider sweep comes past the same choices again: what was said of them stands.
  const said = new Map<string, Verdict>();
  const ask = (leaf: Leaf & { picked: Int32Array }): Verdict => {
    const key = leaf.picked.join();
    const verdict = said.get(key) ?? visit(leaf);
    said.set(key, verdict);
    return verdict;
  };
  for (const reach of reachesFor(model, order)) {
    const end = sweep(model, relaxed, { root: whole, from: root.end, reach: Math.min(root.bound + reach, within), ask, expired, order });
    if (!end.cut || end.stopped || end.timedOut || root.bound + reach >= within) return { timedOut: end.timedOut, bound: end.bound };
  }
  return { timedOut: false, bound: Number.POSITIVE_INFINITY };
}

interface Sweep {
  root: Int32Array;
  from: Basis;
  /** Nothing above this is looked at. */
  reach: number;
  ask: (leaf: Leaf & { picked: Int32Array }) => Verdict;
  expired: () => boolean;
  order: Order;
}

/** A dive takes the first it comes to; what a row is missed by has a price of another size than closeness has. */
function reachesFor({ rows }: Model, order: Order): readonly number[] {
  if (order === 'any') return [Number.POSITIVE_INFINITY];
  return rows.some(({ soft }) => soft) ? SOFT_REACHES : REACHES;
}

interface SweepEnd extends SearchEnd {
  /** Something lay beyond reach. */
  cut: boolean;
  stopped: boolean;
}

/** One pass over everything within reach. */
const sweep = (model: Model, relaxation: Relaxation, input: Sweep): SweepEnd => new Sweeping(model, relaxation, input).run();

class Sweeping {
  private readonly model: Model;
  private readonly relaxation: Relaxation;
  private readonly input: Sweep;
  private readonly queue: TinyQueue<Node>;
  /** Changes that are no more made together. */
  private readonly ruledOut: Changes[] = [];
  /** How much parting a slot at an option lifted the bound, where it was tried (pseudo-costs, after Benichou et al. 1971). */
  private readonly rises = new Map<number, number>();
  private cut = false;

  constructor(model: Model, relaxation: Relaxation, input: Sweep) {
    this.model = model;
    this.relaxation = relaxation;
    this.input = input;
    this.queue = new TinyQueue<Node>([], input.order === 'best' ? byBound : byDepth);
  }

  run(): SweepEnd {
    const { root, from, expired } = this.input;
    this.queue.push({ bound: 0, depth: 0, from, allowed: root });
    for (let node = this.queue.pop(); node; node = this.queue.pop()) {
      if (expired()) return { timedOut: true, bound: node.bound, cut: this.cut, stopped: false };
      const covering = this.ruledOut.find((changes) => covers(node as Node, changes));
      if (covering) this.split(node, covering);
      else if (!node.leaf) this.look(node);
      else if (this.asked(node, node.leaf) === 'stop') return { timedOut: false, bound: node.bound, cut: this.cut, stopped: true };
    }
    return { timedOut: false, bound: Number.POSITIVE_INFINITY, cut: this.cut, stopped: false };
  }

  private push(node: Node): void {
    if (node.bound > this.input.reach) this.cut = true;
    else this.queue.push(node);
  }

  /** The node less everything that makes all these changes. */
  private split(node: Node, changes: Changes): void {
    for (const part of without(node, changes)) this.push({ ...part, from: node.from, depth: node.depth + 1 });
  }

  private asked(node: Node, leaf: NonNullable<Node['leaf']>): Verdict {
    const verdict = this.input.ask(leaf);
    if (verdict === 'stop') return verdict;
    const ruledOut = verdict === 'dropped' ? null : verdict === 'taken' ? changesOf(this.model, leaf.picked) : verdict.never;
    if (ruledOut) this.ruledOut.push(ruledOut);
    this.split(node, ruledOut ?? everyPick(leaf.picked));
    return verdict;
  }

  /** Bounds the node, and parts it at a slot that is mixed; one that mixes nothing is a set of choices. */
  private look(node: Node): void {
    const { reach, order } = this.input;
    const relaxed = node.relaxed ?? this.relaxation.solve(node.allowed, node.from);
    if (!relaxed) return;
    const bound = Math.max(node.bound, relaxed.bound);
    const depth = node.depth + 1;
    const { allowed, cut } = withinReach(node.allowed, relaxed, reach);
    this.cut ||= cut;
    const picked = Int32Array.from(relaxed.weights, heaviest);
    const mixed = this.candidates(slotsToSplit(this.model, relaxed.weights, picked), picked, order);
    if (mixed.length === 0) {
      const choice = this.model.slots.map(({ options }, slot) => item(options, bitsAt(picked, slot)));
      const amounts = { grams: relaxed.grams.flat(), value: relaxed.bound };
      this.push({ bound, allowed, from: relaxed.end, depth, leaf: { choice, amounts, picked, raises: relaxed.raises } });
      return;
    }
    for (const half of order === 'any'
      ? halves(allowed, item(mixed, 0), bitsAt(picked, item(mixed, 0)))
      : this.steepest(mixed, allowed, picked, relaxed))
      this.push({ ...half, bound: Math.max(bound, half.relaxed?.bound ?? 0), from: relaxed.end, depth });
  }

  /** Of the slots that could be split the few that are tried: the one that lifted the bound most so far, and one of which nothing is known. */
  private candidates(slots: readonly number[], picked: Int32Array, order: Order): readonly number[] {
    if (order === 'any') return slots.slice(0, 1);
    const few = slots.slice(0, LOOKED_AT).map((slot) => ({ slot, rise: this.rises.get(riseKey(slot, picked)) }));
    const unknown = few.filter(({ rise }) => rise === undefined);
    const known = few.filter(({ rise }) => rise !== undefined).sort((a, b) => (b.rise as number) - (a.rise as number));
    return [...known.slice(0, 1), ...unknown].slice(0, TRIED).map(({ slot }) => slot);
  }

  /** Of several slots to part a node at, the halves of the one that lie highest (strong branching); halves that hold nothing are gone. */
  private steepest(slots: readonly number[], allowed: Int32Array, picked: Int32Array, { bound, end }: Relaxed): Half[] {
    const { reach } = this.input;
    let best: Half[] = [];
    let most = Number.NEGATIVE_INFINITY;
    for (const slot of slots) {
      const way = halves(allowed, slot, bitsAt(picked, slot)).map((half) => ({ ...half, relaxed: this.relaxation.solve(half.allowed, end) }));
      const rises = way.map(({ relaxed }) => Math.min(relaxed?.bound ?? reach, reach) - bound);
      const rise = LESSER_COUNTS * Math.min(...rises) + Math.max(...rises);
      const key = riseKey(slot, picked);
      const before = this.rises.get(key);
      this.rises.set(key, before === undefined ? rise : before + (rise - before) * LATEST_COUNTS);
      if (rise > most) [best, most] = [way.flatMap(({ allowed: part, relaxed }) => (relaxed ? [{ allowed: part, relaxed }] : [])), rise];
    }
    return best;
  }
}

/** The options left when those that alone would lift the bound out of reach are dropped (reduced-cost fixing). */
function withinReach(allowed: Int32Array, { bound, raises }: Relaxed, reach: number): { allowed: Int32Array; cut: boolean } {
  if (reach === Number.POSITIVE_INFINITY) return { allowed, cut: false };
  let cut = false;
  const left = Int32Array.from(allowed, (bits, slot) => {
    let kept = bits;
    item(raises, slot).forEach((raise, option) => {
      if (bound + raise > reach && (bits >> option) & 1) kept &= ~(1 << option);
    });
    cut ||= kept !== bits;
    return kept;
  });
  return { allowed: left, cut };
}

const everyPick = (picked: Int32Array): Changes => [...picked].map((option, slot) => [slot, option] as const);
const changesOf = (model: Model, picked: Int32Array): Changes =>
  everyPick(picked).filter(([slot, option]) => model.slots[slot]?.options[option]?.swap !== null);

/** True when everything in the node, or its one leaf, makes all these changes. */
const covers = ({ allowed, leaf }: Node, changes: Changes): boolean =>
  changes.every(([slot, option]) => (leaf ? leaf.picked[slot] === option : allowed[slot] === 1 << option));

/** Of two slots as mixed as each other, this much more cost between what is mixed counts as much as the mixing itself. */
const EVEN_COST = 0.05;
/** Slots, best first, among which those to try are chosen. */
const LOOKED_AT = 4;
/** How many of them are tried. */
const TRIED = 2;
/** What the latest rise counts against those before it. */
const LATEST_COUNTS = 0.3;
const riseKey = (slot: number, picked: Int32Array): number => slot * MOST_OPTIONS + bitsAt(picked, slot);
/** What the lesser rise of two halves counts against the greater: the search goes on where the bound is low. */
const LESSER_COUNTS = 5;

/**
 * The slots that could be split, best first: well mixed, and of options whose own costs differ, for those are underpaid
 * in a mixture and the bound rises most when it ends. None when every slot has one option.
 */
function slotsToSplit(model: Model, weights: readonly Float64Array[], picked: Int32Array): number[] {
  const mixed = weights.flatMap((own, slot) => {
    const main = bitsAt(picked, slot);
    const weight = at(own, main);
    const rest = 1 - weight;
    if (rest <= WHOLE) return [];
    const { options } = item(model.slots, slot);
    const costOfRest = own.reduce((sum, share, option) => sum + (option === main ? 0 : share * item(options, option).cost), 0) / rest;
    return [{ slot, score: Math.min(weight, rest) * (Math.abs(costOfRest - item(options, main).cost) + EVEN_COST) }];
  });
  return mixed.sort((one, other) => other.score - one.score).map(({ slot }) => slot);
}

interface Half {
  allowed: Int32Array;
  relaxed?: Relaxed;
}

type Part = Pick<Node, 'allowed' | 'bound'>;

/** One node with the option alone in its slot, one without it. */
function halves(allowed: Int32Array, slot: number, option: number): Half[] {
  const only = Int32Array.from(allowed);
  only[slot] = 1 << option;
  const others = Int32Array.from(allowed);
  others[slot] = bitsAt(allowed, slot) & ~(1 << option);
  return [{ allowed: only }, { allowed: others }];
}

/** The node less everything that makes all these changes, as nodes that do not overlap (after Murty 1968). */
function without({ allowed, bound, leaf }: Node, changes: Changes): Part[] {
  const parts: Part[] = [];
  const fixed = Int32Array.from(allowed);
  for (const [slot, option] of changes) {
    const others = bitsAt(allowed, slot) & ~(1 << option);
    if (others !== 0) {
      const part = Int32Array.from(fixed);
      part[slot] = others;
      const raise = leaf ? leastOf(item(leaf.raises, slot), others) : 0;
      parts.push({ allowed: part, bound: bound + raise });
    }
    fixed[slot] = bitsAt(allowed, slot) & (1 << option);
  }
  return parts;
}

/** The least of the entries whose bit is set. */
const leastOf = (raises: Float64Array, bits: number): number =>
  raises.reduce((least, raise, option) => (((bits >> option) & 1) === 1 && raise < least ? raise : least), Number.POSITIVE_INFINITY);

/** By bound; of one bound, finished ones first. */
const byBound = (a: Node, b: Node): number => a.bound - b.bound || Number(b.leaf !== undefined) - Number(a.leaf !== undefined);
/** The deepest first; of one depth, by bound. */
const byDepth = (a: Node, b: Node): number => b.depth - a.depth || a.bound - b.bound;
