/**
 * Best-first search over the choices, with the small linear programme at the leaves. Every node carries a lower bound:
 * the cost of choices made and forced, plus how far each function must move whatever is chosen below. A popped leaf is
 * therefore the next best of all, and the order of leaves is a proof.
 */
import { type Amounts, bestAmounts } from './amounts.ts';
import type { Model, Option, Slot } from './model.ts';

export interface Leaf {
  choice: readonly Option[];
  amounts: Amounts;
}

interface Node {
  bound: number;
  depth: number;
  choice: readonly Option[];
  /** Reach of each trait from the base and the choices so far. */
  low: Float64Array;
  high: Float64Array;
  cost: number;
  leaf?: Amounts;
}

export interface SearchEnd {
  /** True when the search was cut short by its deadline. */
  timedOut: boolean;
  /** Nothing not yet reported can be better than this. */
  bound: number;
}

const SOFT_PRICE = 200;
const SLACK = 1e-7;

/** Calls `visit` with leaves, best first, until it returns false, the choices are exhausted, or `expired` says so. */
export function search(model: Model, visit: (leaf: Leaf) => boolean, expired: () => boolean): SearchEnd {
  const ranges = model.slots.map(({ options }) => options.map(rangeOf));
  const rest = suffixes(model.slots, ranges, model.base.length);
  const heap = new Heap();
  const root: Node = { bound: 0, depth: 0, choice: [], low: Float64Array.from(model.base), high: Float64Array.from(model.base), cost: 0 };
  const bound = boundOf(model, root, rest);
  if (bound < Number.POSITIVE_INFINITY) heap.push({ ...root, bound });
  for (let node = heap.pop(); node; node = heap.pop()) {
    if (expired()) return { timedOut: true, bound: node.bound };
    if (node.leaf) {
      if (!visit({ choice: node.choice, amounts: node.leaf })) return { timedOut: false, bound: node.bound };
      continue;
    }
    if (node.depth === model.slots.length) {
      const leaf = bestAmounts(model, node.choice);
      if (leaf) heap.push({ ...node, bound: Math.max(node.bound, leaf.value), leaf });
      continue;
    }
    const slot = model.slots[node.depth] as Slot;
    slot.options.forEach((option, index) => {
      const { low, high } = (ranges[(node as Node).depth] as Range[])[index] as Range;
      const child: Node = {
        bound: 0,
        depth: (node as Node).depth + 1,
        choice: [...(node as Node).choice, option],
        low: add((node as Node).low, low),
        high: add((node as Node).high, high),
        cost: (node as Node).cost + option.cost,
      };
      const childBound = boundOf(model, child, rest);
      if (childBound < Number.POSITIVE_INFINITY) heap.push({ ...child, bound: Math.max(childBound, (node as Node).bound) });
    });
  }
  return { timedOut: false, bound: Number.POSITIVE_INFINITY };
}

interface Range {
  low: Float64Array;
  high: Float64Array;
}

/** Least and most of each trait an option can give. */
function rangeOf({ fixed, parts }: Option): Range {
  const low = Float64Array.from(fixed);
  const high = Float64Array.from(fixed);
  for (const { perGram, least, most } of parts) {
    for (let t = 0; t < low.length; t += 1) {
      const per = perGram[t] as number;
      low[t] = (low[t] as number) + per * (per >= 0 ? least : most);
      high[t] = (high[t] as number) + per * (per >= 0 ? most : least);
    }
  }
  return { low, high };
}

interface Suffix extends Range {
  cost: number;
}

/** For each depth, the reach and least cost of all slots from there on. */
function suffixes(slots: readonly Slot[], ranges: readonly (readonly Range[])[], size: number): Suffix[] {
  const suffix: Suffix[] = new Array(slots.length + 1);
  suffix[slots.length] = { low: new Float64Array(size), high: new Float64Array(size), cost: 0 };
  for (let depth = slots.length - 1; depth >= 0; depth -= 1) {
    const after = suffix[depth + 1] as Suffix;
    const options = ranges[depth] as readonly Range[];
    const low = after.low.map((value, t) => value + Math.min(...options.map((range) => range.low[t] as number)));
    const high = after.high.map((value, t) => value + Math.max(...options.map((range) => range.high[t] as number)));
    suffix[depth] = { low, high, cost: after.cost + Math.min(...(slots[depth] as Slot).options.map(({ cost }) => cost)) };
  }
  return suffix;
}

const add = (a: Float64Array, b: Float64Array): Float64Array => a.map((value, t) => value + (b[t] as number));

/** Infinite when a hard row cannot be kept whatever is chosen below. */
function boundOf(model: Model, { depth, low, high, cost }: Node, rest: readonly Suffix[]): number {
  const below = rest[depth] as Suffix;
  let bound = cost + below.cost;
  for (const { at, weight } of model.terms) {
    const original = model.original[at] as number;
    const least = (low[at] as number) + (below.low[at] as number);
    const most = (high[at] as number) + (below.high[at] as number);
    bound += weight * Math.max(0, least - original, original - most);
  }
  for (const { coefficients, bound: limit, soft } of model.rows) {
    let least = 0;
    for (let t = 0; t < coefficients.length; t += 1) {
      const factor = coefficients[t] as number;
      if (factor > 0) least += factor * ((low[t] as number) + (below.low[t] as number));
      else if (factor < 0) least += factor * ((high[t] as number) + (below.high[t] as number));
    }
    if (least > limit + SLACK) {
      if (!soft) return Number.POSITIVE_INFINITY;
      bound += SOFT_PRICE * (least - limit - SLACK);
    }
  }
  return bound;
}

/** A binary heap of nodes by bound; leaves before inner nodes of one bound. */
class Heap {
  private readonly nodes: Node[] = [];

  push(node: Node): void {
    const { nodes } = this;
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
    const { nodes } = this;
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

const before = (a: Node, b: Node): boolean => a.bound < b.bound || (a.bound === b.bound && (a.leaf !== undefined || a.depth > b.depth));
