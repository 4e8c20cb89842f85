/**
 * Combinations of ways, one for every line: those that must be are taken first, then one change more, then two. All of them as far as a
 * look can reach; of the rest a seeded sample, every combination as likely as any other.
 */
import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { mersenne } from 'pure-rand/generator/mersenne';
import { item } from '../swap/solver/linear.ts';
import type { Way, Ways } from './ways.ts';

/** A way per slot, in the order of the slots. */
export type Picks = readonly Way[];

export interface Counted {
  /** Combinations there are. */
  all: number;
  /** Levels, by changes beyond those that must be: so many combinations in each. */
  levels: number[];
}

/** Combinations by the number of changes that nothing forces: elementary symmetric sums of what each line offers. */
export function countOf(ways: readonly Ways[]): Counted {
  let levels = [1];
  for (const { keep, changes } of ways) {
    const next = new Array<number>(levels.length + (keep ? 1 : 0)).fill(0);
    levels.forEach((count, level) => {
      if (keep) next[level] = (next[level] ?? 0) + count;
      const to = keep ? level + 1 : level;
      next[to] = (next[to] ?? 0) + count * changes.length;
    });
    levels = next;
  }
  return { all: levels.reduce((sum, count) => sum + count, 0), levels };
}

/** Levels that are looked at whole, and of how many combinations of the first level beyond a sample is drawn. */
export function reachOf({ levels }: Counted, most: number): { whole: number; sampled: number } {
  let left = most;
  let whole = 0;
  while (whole < levels.length && item(levels, whole) <= left) {
    left -= item(levels, whole);
    whole += 1;
  }
  return { whole, sampled: whole < levels.length ? left : 0 };
}

/** Lines from each place on that may stay or change: a level that can no more be reached is not walked. */
const optionalFrom = (ways: readonly Ways[]): number[] =>
  Array.from({ length: ways.length + 1 }, (_, from) => ways.slice(from).filter(({ keep, changes }) => keep && changes.length > 0).length);

/** Told of every combination of one level, in the same list each time: it is read before the next comes. Rests between the ways of the first two lines. */
export function* level(ways: readonly Ways[], changes: number, visit: (picks: Picks) => void): Generator<void> {
  const picks: Way[] = [];
  const optional = optionalFrom(ways);
  const walk = (place: number, left: number): void => {
    if (left > item(optional, place)) return;
    if (place === ways.length) {
      visit(picks);
      return;
    }
    const { keep, changes: list } = item(ways, place);
    if (keep) {
      picks[place] = keep;
      walk(place + 1, left);
      if (left === 0) return;
    }
    for (const way of list) {
      picks[place] = way;
      walk(place + 1, keep ? left - 1 : left);
    }
  };
  function* rest(place: number, left: number): Generator<void> {
    if (left > item(optional, place)) return;
    if (place === ways.length || place === RESTS) {
      walk(place, left);
      yield;
      return;
    }
    const { keep, changes: list } = item(ways, place);
    if (keep) {
      picks[place] = keep;
      yield* rest(place + 1, left);
      if (left === 0) return;
    }
    for (const way of list) {
      picks[place] = way;
      yield* rest(place + 1, keep ? left - 1 : left);
    }
  }
  yield* rest(0, changes);
}
/** Lines between whose ways a walk rests. */
const RESTS = 2;
/** Draws between which a sample rests. */
const DRAWS = 5000;

/** A seeded draw from one level, each combination as likely as any other; none twice. */
export function* sample(ways: readonly Ways[], changes: number, many: number, visit: (picks: Picks) => void, seed = 1): Generator<void> {
  // Combinations of the lines from a place on, by the changes left to make.
  const counts = ways.map((_, from) => countOf(ways.slice(from)).levels);
  counts.push([1]);
  const generator = mersenne(seed);
  const chance = () => uniformFloat64(generator);
  const seen = new Set<string>();
  const inAll = counts[0]?.[changes] ?? 0;
  // Where most of a level is drawn, draws repeat: so many tries and no more.
  for (let tries = 0; tries < 3 * many && seen.size < Math.min(many, inAll); tries += 1) {
    let left = changes;
    const picks = ways.map(({ keep, changes: list }, place): Way => {
      if (!keep) return item(list, Math.floor(chance() * list.length));
      const changed = (list.length * (counts[place + 1]?.[left - 1] ?? 0)) / (counts[place]?.[left] ?? 1);
      if (left > 0 && chance() < changed) {
        left -= 1;
        return item(list, Math.floor(chance() * list.length));
      }
      return keep;
    });
    const key = picks.map(({ index }) => index).join();
    if (seen.has(key)) continue;
    seen.add(key);
    visit(picks);
    if (seen.size % DRAWS === 0) yield;
  }
}
