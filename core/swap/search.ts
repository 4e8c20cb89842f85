/**
 * Best-first branch and bound over the choices. A node is a set of allowed options in every slot; its bound is that of
 * the relaxation (relax.ts), where options may be mixed. A mixture is split at the slot it mixes most; a bound that
 * mixes nothing is a set of choices, the best of its node, and its node is then parted around it for the next best.
 * Sets of choices come out in the order of their objective, which is the proof.
 */
import type { Amounts } from './amounts.ts';
import type { Model, Option } from './model.ts';
import { type Basis, relaxation } from './relax.ts';

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

/** What the caller made of a set of choices: `taken` ones rule out all that only add changes to them. */
export type Verdict = 'taken' | 'dropped' | 'stop';

/**
 * Calls `visit` with sets of choices, best first, until it says stop, they are exhausted, or `expired` says so. Choices
 * that make every change of a taken set and more are never visited: they are that plan plus a whim.
 */
export function search(model: Model, visit: (leaf: Leaf) => Verdict, expired: () => boolean, order: Order = 'best'): SearchEnd {
  const crowded = model.slots.find(({ options }) => options.length > MOST_OPTIONS);
  if (crowded) throw new RangeError(`a line has at most ${MOST_OPTIONS} options, got ${crowded.options.length} for ${crowded.line.id}`);
  const { solve } = relaxation(model);
  const heap = new Heap(order === 'best' ? before : deeper);
  const taken: Changes[] = [];
  heap.push({ bound: 0, depth: 0, from: null, allowed: Int32Array.from(model.slots, ({ options }) => 2 ** options.length - 1) });
  for (let node = heap.pop(); node; node = heap.pop()) {
    if (expired()) return { timedOut: true, bound: node.bound };
    const { bound, depth, leaf, from } = node;
    const split = (parts: readonly Part[]) => {
      for (const part of parts) heap.push({ ...part, from, depth: depth + 1 });
    };
    const covering = taken.find((changes) => covers(node as Node, changes));
    if (covering) {
      split(without(node, covering));
      continue;
    }
    if (leaf) {
      const verdict = visit(leaf);
      if (verdict === 'stop') return { timedOut: false, bound };
      const changes = changesOf(model, leaf.picked);
      if (verdict === 'taken') taken.push(changes);
      split(without(node, verdict === 'taken' ? changes : everyPick(leaf.picked)));
      continue;
    }
    const relaxed = solve(node.allowed, from);
    if (!relaxed) continue;
    const raised = Math.max(bound, relaxed.bound);
    const picked = Int32Array.from(relaxed.weights, (weights) => weights.indexOf(Math.max(...weights)));
    const mixed = mostMixed(relaxed.weights, picked);
    if (mixed >= 0) {
      for (const allowed of halves(node.allowed, mixed, picked[mixed] as number))
        heap.push({ bound: raised, allowed, from: relaxed.end, depth: depth + 1 });
      continue;
    }
    const choice = model.slots.map(({ options }, slot) => options[picked[slot] as number] as Option);
    const amounts = { grams: relaxed.grams.flat(), value: relaxed.bound };
    heap.push({
      bound: raised,
      allowed: node.allowed,
      from: relaxed.end,
      depth: depth + 1,
      leaf: { choice, amounts, picked, raises: relaxed.raises },
    });
  }
  return { timedOut: false, bound: Number.POSITIVE_INFINITY };
}

/** Slots with the option picked in each. */
type Changes = readonly (readonly [slot: number, option: number])[];

const everyPick = (picked: Int32Array): Changes => [...picked].map((option, slot) => [slot, option] as const);
const changesOf = (model: Model, picked: Int32Array): Changes =>
  everyPick(picked).filter(([slot, option]) => model.slots[slot]?.options[option]?.swap !== null);

/** True when everything in the node, or its one leaf, makes all these changes. */
const covers = ({ allowed, leaf }: Node, changes: Changes): boolean =>
  changes.every(([slot, option]) => (leaf ? leaf.picked[slot] === option : allowed[slot] === 1 << option));

/** The slot whose mixture is furthest from one option; -1 when every slot has one. */
function mostMixed(weights: readonly Float64Array[], picked: Int32Array): number {
  let slot = -1;
  let most = WHOLE;
  weights.forEach((own, index) => {
    const off = 1 - (own[picked[index] as number] as number);
    if (off > most) {
      most = off;
      slot = index;
    }
  });
  return slot;
}

type Part = Pick<Node, 'allowed' | 'bound'>;

/** One node with the option alone in its slot, one without it. */
function halves(allowed: Int32Array, slot: number, option: number): Int32Array[] {
  const only = Int32Array.from(allowed);
  only[slot] = 1 << option;
  const others = Int32Array.from(allowed);
  others[slot] = (allowed[slot] as number) & ~(1 << option);
  return [only, others];
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
