/**
 * Best-first branch and bound over the choices. A node is a set of allowed options in every slot; its bound is that of
 * the relaxation (relax.ts), where options may be mixed. A mixture is split at one of the slots it mixes; a bound that
 * mixes nothing is a set of choices, the best of its node, and its node is then parted around it for the next best.
 * Sets of choices come out in the order of their objective, which is the proof.
 */
import type { Amounts } from './amounts.ts';
import type { Model, Option, Slot } from './model.ts';
import { type Basis, type Relaxation, type Relaxed, relaxation } from './relax.ts';

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
/** Options of a slot are bits of one number. */
const MOST_OPTIONS = 30;

/** 'best' comes out in the order of the objective; 'any' dives for the first set of choices that keeps the rows. */
export type Order = 'best' | 'any';

export interface SearchOptions {
  order?: Order;
  /** Nothing above this is wanted. */
  within?: number;
}

/** What the caller made of a set of choices: `taken` ones rule out all that only add changes to them. */
export type Verdict = 'taken' | 'dropped' | 'stop';

/**
 * How far above the bound of the whole a sweep looks, in the unit of the objective. What costs more is left out, and
 * with it every option that would: a near sweep is quick, and when it does not find enough a wider one follows.
 */
const REACHES = [0.4, 0.6, 0.85, 1.2, 1.8, Number.POSITIVE_INFINITY] as const;
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
  const relaxed = relaxation(model);
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

/** One pass over everything within reach. `cut` is true when something lay beyond it. */
function sweep(
  model: Model,
  { solve }: Relaxation,
  { root, from, reach, ask, expired, order }: Sweep,
): SearchEnd & { cut: boolean; stopped: boolean } {
  const heap = new Heap(order === 'best' ? before : deeper);
  const taken: Changes[] = [];
  let cut = false;
  const push = (node: Node) => {
    if (node.bound > reach) cut = true;
    else heap.push(node);
  };
  heap.push({ bound: 0, depth: 0, from, allowed: root });
  for (let node = heap.pop(); node; node = heap.pop()) {
    if (expired()) return { timedOut: true, bound: node.bound, cut, stopped: false };
    const { bound, depth, leaf } = node;
    const split = (parts: readonly Part[]) => {
      for (const part of parts) push({ ...part, from: (node as Node).from, depth: depth + 1 });
    };
    const covering = taken.find((changes) => covers(node as Node, changes));
    if (covering) {
      split(without(node, covering));
      continue;
    }
    if (leaf) {
      const verdict = ask(leaf);
      if (verdict === 'stop') return { timedOut: false, bound, cut, stopped: true };
      const changes = changesOf(model, leaf.picked);
      if (verdict === 'taken') taken.push(changes);
      split(without(node, verdict === 'taken' ? changes : everyPick(leaf.picked)));
      continue;
    }
    const relaxed = node.relaxed ?? solve(node.allowed, node.from);
    if (!relaxed) continue;
    const raised = Math.max(bound, relaxed.bound);
    const { allowed, cut: options } = withinReach(node.allowed, relaxed, reach);
    cut ||= options;
    const picked = Int32Array.from(relaxed.weights, (weights) => weights.indexOf(Math.max(...weights)));
    const mixed = slotsToSplit(model, relaxed.weights, picked).slice(0, order === 'best' ? LOOKED_AT : 1);
    if (mixed.length > 0) {
      const ways = mixed.map((slot) => halves(allowed, slot, picked[slot] as number));
      for (const half of ways.length === 1 ? (ways[0] as Half[]) : steepest(ways, solve, relaxed.end, reach))
        push({ ...half, bound: Math.max(raised, half.relaxed?.bound ?? 0), from: relaxed.end, depth: depth + 1 });
      continue;
    }
    const choice = model.slots.map(({ options }, slot) => options[picked[slot] as number] as Option);
    const amounts = { grams: relaxed.grams.flat(), value: relaxed.bound };
    push({ bound: raised, allowed, from: relaxed.end, depth: depth + 1, leaf: { choice, amounts, picked, raises: relaxed.raises } });
  }
  return { timedOut: false, bound: Number.POSITIVE_INFINITY, cut, stopped: false };
}

/** The options left when those that alone would lift the bound out of reach are dropped (reduced-cost fixing). */
function withinReach(allowed: Int32Array, { bound, raises }: Relaxed, reach: number): { allowed: Int32Array; cut: boolean } {
  if (reach === Number.POSITIVE_INFINITY) return { allowed, cut: false };
  let cut = false;
  const left = Int32Array.from(allowed, (bits, slot) => {
    let kept = bits;
    (raises[slot] as Float64Array).forEach((raise, option) => {
      if (bound + raise > reach && (bits >> option) & 1) kept &= ~(1 << option);
    });
    cut ||= kept !== bits;
    return kept;
  });
  return { allowed: left, cut };
}

/** Slots with the option picked in each. */
type Changes = readonly (readonly [slot: number, option: number])[];

const everyPick = (picked: Int32Array): Changes => [...picked].map((option, slot) => [slot, option] as const);
const changesOf = (model: Model, picked: Int32Array): Changes =>
  everyPick(picked).filter(([slot, option]) => model.slots[slot]?.options[option]?.swap !== null);

/** True when everything in the node, or its one leaf, makes all these changes. */
const covers = ({ allowed, leaf }: Node, changes: Changes): boolean =>
  changes.every(([slot, option]) => (leaf ? leaf.picked[slot] === option : allowed[slot] === 1 << option));

/** Of two slots as mixed as each other, this much more cost between what is mixed counts as much as the mixing itself. */
const EVEN_COST = 0.05;
/** Slots that are tried before one is split. */
const LOOKED_AT = 2;
/** What the lesser rise of two halves counts against the greater: the search goes on where the bound is low. */
const LESSER_COUNTS = 5;

/**
 * The slots that could be split, best first: well mixed, and of options whose own costs differ, for those are underpaid
 * in a mixture and the bound rises most when it ends. None when every slot has one option.
 */
function slotsToSplit(model: Model, weights: readonly Float64Array[], picked: Int32Array): number[] {
  const mixed = weights.flatMap((own, slot) => {
    const heaviest = picked[slot] as number;
    const weight = own[heaviest] as number;
    const rest = 1 - weight;
    if (rest <= WHOLE) return [];
    const { options } = model.slots[slot] as Slot;
    const costOfRest = own.reduce((sum, share, option) => sum + (option === heaviest ? 0 : share * (options[option] as Option).cost), 0) / rest;
    return [{ slot, score: Math.min(weight, rest) * (Math.abs(costOfRest - (options[heaviest] as Option).cost) + EVEN_COST) }];
  });
  return mixed.sort((one, other) => other.score - one.score).map(({ slot }) => slot);
}

interface Half {
  allowed: Int32Array;
  relaxed?: Relaxed;
}

/** Of several ways to part a node, the one whose halves lie highest (strong branching); halves that hold nothing are gone. */
function steepest(ways: readonly Half[][], solve: Relaxation['solve'], from: Basis, reach: number): Half[] {
  let best: Half[] = [];
  let most = Number.NEGATIVE_INFINITY;
  for (const way of ways) {
    const solved = way.flatMap(({ allowed }) => {
      const relaxed = solve(allowed, from);
      return relaxed ? [{ allowed, relaxed }] : [];
    });
    const bounds = way.map((_, at) => Math.min(solved[at]?.relaxed.bound ?? reach, reach));
    const rise = LESSER_COUNTS * Math.min(...bounds) + Math.max(...bounds);
    if (rise > most) [best, most] = [solved, rise];
  }
  return best;
}

type Part = Pick<Node, 'allowed' | 'bound'>;

/** One node with the option alone in its slot, one without it. */
function halves(allowed: Int32Array, slot: number, option: number): Half[] {
  const only = Int32Array.from(allowed);
  only[slot] = 1 << option;
  const others = Int32Array.from(allowed);
  others[slot] = (allowed[slot] as number) & ~(1 << option);
  return [{ allowed: only }, { allowed: others }];
}

/** The node less everything that makes all these changes, as nodes that do not overlap (after Murty 1968). */
function without({ allowed, bound, leaf }: Node, changes: Changes): Part[] {
  const parts: Part[] = [];
  const fixed = Int32Array.from(allowed);
  for (const [slot, option] of changes) {
    const others = (allowed[slot] as number) & ~(1 << option);
    if (others !== 0) {
      const part = Int32Array.from(fixed);
      part[slot] = others;
      const raise = leaf ? leastOf(leaf.raises[slot] as Float64Array, others) : 0;
      parts.push({ allowed: part, bound: bound + raise });
    }
    fixed[slot] = (allowed[slot] as number) & (1 << option);
  }
  return parts;
}

/** The least of the entries whose bit is set. */
const leastOf = (raises: Float64Array, bits: number): number =>
  raises.reduce((least, raise, option) => (((bits >> option) & 1) === 1 && raise < least ? raise : least), Number.POSITIVE_INFINITY);

/** A binary heap of nodes by bound; of one bound, finished ones first. */
class Heap {
  private readonly nodes: Node[] = [];
  private readonly before: (a: Node, b: Node) => boolean;

  constructor(order: (a: Node, b: Node) => boolean) {
    this.before = order;
  }

  push(node: Node): void {
    const { nodes, before } = this;
    let at = nodes.push(node) - 1;
    while (at > 0) {
      const parent = (at - 1) >> 1;
      if (!before(node, nodes[parent] as Node)) break;
      nodes[at] = nodes[parent] as Node;
      at = parent;
    }
    nodes[at] = node;
  }

  pop(): Node | undefined {
    const { nodes, before } = this;
    const top = nodes[0];
    const last = nodes.pop();
    if (!top || !last || nodes.length === 0) return top;
    let at = 0;
    for (;;) {
      let child = 2 * at + 1;
      if (child >= nodes.length) break;
      if (child + 1 < nodes.length && before(nodes[child + 1] as Node, nodes[child] as Node)) child += 1;
      if (!before(nodes[child] as Node, last)) break;
      nodes[at] = nodes[child] as Node;
      at = child;
    }
    nodes[at] = last;
    return top;
  }
}

const before = (a: Node, b: Node): boolean => a.bound < b.bound || (a.bound === b.bound && a.leaf !== undefined && b.leaf === undefined);
const deeper = (a: Node, b: Node): boolean => a.depth > b.depth || (a.depth === b.depth && a.bound < b.bound);
