/** Who shares with whom, held against every colouring of the conflicts: kettles are colours, and a conflict is a pair that cannot share. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import loadHighs from 'highs';
import { partition } from './partition.ts';

interface Seat {
  id: number;
  bowls: number;
}
type Conflicts = ReadonlySet<string>;

const pair = (a: number, b: number): string => `${Math.min(a, b)} ${Math.max(a, b)}`;
const tableOf = (most: number, least = 1) =>
  fc.integer({ min: least, max: most }).chain((count) =>
    fc.record({
      seats: fc
        .array(fc.integer({ min: 1, max: 3 }), { minLength: count, maxLength: count })
        .map((list) => list.map((bowls, id): Seat => ({ id, bowls }))),
      conflicts: fc
        .array(fc.tuple(fc.nat(count - 1), fc.nat(count - 1)), { maxLength: count * 2 })
        .map((pairs): Conflicts => new Set(pairs.filter(([a, b]) => a !== b).map(([a, b]) => pair(a, b)))),
    }),
  );
const sharing = (conflicts: Conflicts, isOver = () => false) => ({
  kettleOf: (sets: readonly Seat[]) =>
    isOver() || sets.some((a) => sets.some((b) => conflicts.has(pair(a.id, b.id)))) ? null : { sets: [...sets], distance: sets.length - 1 },
  isOver,
});

/** The fewest colours, by trying every one. */
function fewestColours(seats: readonly Seat[], conflicts: Conflicts): number {
  let best = seats.length;
  const go = (at: number, colours: number[][]) => {
    if (colours.length >= best) return;
    if (at === seats.length) {
      best = colours.length;
      return;
    }
    for (const colour of colours)
      if (!colour.some((other) => conflicts.has(pair(other, at)))) {
        colour.push(at);
        go(at + 1, colours);
        colour.pop();
      }
    go(at + 1, [...colours.map((colour) => [...colour]), [at]]);
  };
  go(0, []);
  return best;
}

/** Every way of parting the seats into blocks. */
function partitions(count: number): number[][][] {
  let all: number[][][] = [[]];
  for (let at = 0; at < count; at += 1)
    all = all.flatMap((blocks) => [
      ...blocks.map((_, place) => blocks.map((block, one) => (one === place ? [...block, at] : block))),
      [...blocks, [at]],
    ]);
  return all;
}

/** The fewest colours as an integer programme, colours used in their order. */
const highs = await loadHighs({});
function coloursByHighs(seats: readonly Seat[], conflicts: Conflicts): number {
  const count = seats.length;
  const all = Array.from({ length: count }, (_, at) => at);
  const rows = [
    ...all.map((i) =>
      all
        .map((k) => `x${i}_${k}`)
        .join(' + ')
        .concat(' = 1'),
    ),
    ...all.flatMap((k) => all.map((i) => `x${i}_${k} - y${k} <= 0`)),
    ...[...conflicts].flatMap((key) =>
      all.map(
        (k) =>
          `${key
            .split(' ')
            .map((i) => `x${i}_${k}`)
            .join(' + ')} - y${k} <= 0`,
      ),
    ),
    ...all.slice(1).map((k) => `y${k} - y${k - 1} <= 0`),
  ];
  const binaries = all.flatMap((k) => [`y${k}`, ...all.map((i) => `x${i}_${k}`)]);
  const programme = `Minimize\n obj: ${all.map((k) => `y${k}`).join(' + ')}\nSubject To\n${rows.map((row, at) => ` c${at}: ${row}`).join('\n')}\nBinary\n ${binaries.join('\n ')}\nEnd`;
  const solution = highs.solve(programme, {});
  if (solution.Status !== 'Optimal') throw new Error(solution.Status);
  return Math.round(solution.ObjectiveValue);
}

describe('kettles', () => {
  test('of twelve and more needs are as few as HiGHS finds, on 30 tables', () => {
    fc.assert(
      fc.property(tableOf(14, 12), ({ seats, conflicts }) => {
        expect(partition(seats, sharing(conflicts)).kettles).toHaveLength(coloursByHighs(seats, conflicts));
      }),
      { numRuns: 30, seed: 16 },
    );
  });

  test('are, of the fewest, those nearest to the original, each bowl counted: by trying every way of parting them', () => {
    const weighed = tableOf(6).chain((table) =>
      fc
        .array(fc.integer({ min: 1, max: 9 }), { minLength: table.seats.length ** 2, maxLength: table.seats.length ** 2 })
        .map((weights) => ({ ...table, weights })),
    );
    fc.assert(
      fc.property(weighed, ({ seats, conflicts, weights }) => {
        // More needs are never nearer: the furthest of any two, and a little for each.
        const far = (a: number, b: number) => weights[Math.min(a, b) * seats.length + Math.max(a, b)] as number;
        const distance = (ids: readonly number[]) => Math.max(...ids.flatMap((a) => ids.map((b) => far(a, b)))) + 0.5 * ids.length;
        const clash = (ids: readonly number[]) => ids.some((a) => ids.some((b) => conflicts.has(pair(a, b))));
        const bowls = (ids: readonly number[]) => ids.reduce((sum, id) => sum + (seats[id]?.bowls ?? 0), 0);
        const cost = (blocks: readonly (readonly number[])[]) => blocks.reduce((sum, ids) => sum + bowls(ids) * distance(ids), 0);
        const possible = partitions(seats.length).filter((blocks) => !blocks.some(clash));
        const fewest = Math.min(...possible.map(({ length }) => length));
        const least = Math.min(...possible.filter(({ length }) => length === fewest).map(cost));
        const { kettles } = partition(seats, {
          kettleOf: (sets) => (clash(sets.map(({ id }) => id)) ? null : { sets: [...sets], distance: distance(sets.map(({ id }) => id)) }),
          isOver: () => false,
        });
        expect(kettles).toHaveLength(fewest);
        expect(cost(kettles.map(({ sets }) => sets.map(({ id }) => id)))).toBeCloseTo(least, 6);
      }),
      { numRuns: 300, seed: 16 },
    );
  });

  test('are as few as the fewest colours of the conflicts', () => {
    fc.assert(
      fc.property(tableOf(7), ({ seats, conflicts }) => {
        const { kettles, optimal, bound } = partition(seats, sharing(conflicts));
        expect(kettles).toHaveLength(fewestColours(seats, conflicts));
        expect({ optimal, bound }).toEqual({ optimal: true, bound: kettles.length });
      }),
      { numRuns: 300, seed: 16 },
    );
  });

  test('of more needs than can be tried in every way serve everybody once, and claim no more than is so', () => {
    fc.assert(
      fc.property(tableOf(18, 15), ({ seats, conflicts }) => {
        const { kettles, left, bound, optimal } = partition(seats, sharing(conflicts));
        expect([...kettles.flatMap(({ sets }) => sets), ...left].map(({ id }) => id).sort((a, b) => a - b)).toEqual(seats.map(({ id }) => id));
        expect(left).toEqual([]);
        const fewest = fewestColours(seats, conflicts);
        expect(bound).toBeLessThanOrEqual(fewest);
        expect(kettles.length).toBeGreaterThanOrEqual(fewest);
        if (optimal) expect(kettles.length).toBe(fewest);
      }),
      { numRuns: 60, seed: 16 },
    );
  });

  test('that are out of time prove no more than is so, and lose nobody', () => {
    fc.assert(
      fc.property(tableOf(8), fc.nat(40), ({ seats, conflicts }, asks) => {
        let asked = 0;
        const late = sharing(conflicts, () => asked > asks);
        const { kettles, left, bound, optimal } = partition(seats, {
          ...late,
          // What was found before the time was up is remembered: everybody alone.
          kettleOf: (sets) => {
            asked += 1;
            return sets.length === 1 ? { sets: [...sets], distance: 0 } : late.kettleOf(sets);
          },
        });
        expect([...kettles.flatMap(({ sets }) => sets), ...left]).toHaveLength(seats.length);
        const fewest = fewestColours(seats, conflicts);
        expect(bound).toBeLessThanOrEqual(fewest);
        if (optimal) expect(kettles).toHaveLength(fewest);
      }),
      { numRuns: 200, seed: 16 },
    );
  });
});
