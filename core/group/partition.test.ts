/** Who shares with whom, held against every colouring of the conflicts: kettles are colours, and a conflict is a pair that cannot share. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
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

describe('kettles', () => {
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
