/** Schedules against brute force, and whatever the kitchen: nobody at two stoves, nothing before its time. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { lowerBound } from './bound.ts';
import { horizonOf, type Job, type Problem, type Schedule } from './problem.ts';
import { fromTheEnd, solve } from './solve.ts';

const kitchen = (most: { jobs: number; minutes: number }): fc.Arbitrary<Problem> =>
  fc.tuple(fc.integer({ min: 1, max: 2 }), fc.integer({ min: 1, max: 2 }), fc.integer({ min: 1, max: most.jobs })).chain(([cooks, rings, count]) =>
    fc
      .tuple(
        ...Array.from({ length: count }, (_, at) =>
          fc.record({
            minutes: fc.integer({ min: 1, max: most.minutes }),
            uses: fc.constantFrom([0, 0, 0], [1, 0, 0], [1, 1, 0], [0, 1, 0], [1, 0, 1]),
            after: at === 0 ? fc.constant<number[]>([]) : fc.uniqueArray(fc.integer({ min: 0, max: at - 1 }), { maxLength: 2 }),
          }),
        ),
      )
      .map((jobs): Problem => ({ jobs: jobs as Job[], capacity: [cooks, rings, 1] })),
  );

/** Whether nothing starts too early and nothing is used twice; read off minute by minute, by no code of the solver's. */
function faultsOf({ jobs, capacity }: Problem, { starts, makespan }: Schedule): string[] {
  const faults: string[] = [];
  jobs.forEach(({ after, minutes }, at) => {
    const start = starts[at] as number;
    for (const before of after)
      if ((starts[before] as number) + (jobs[before] as Job).minutes > start) faults.push(`${at} starts before ${before} is over`);
    if (start < 0 || start + minutes > makespan) faults.push(`${at} is outside the plan`);
  });
  for (let minute = 0; minute < makespan; minute++)
    capacity.forEach((units, resource) => {
      const used = jobs.reduce((sum, { minutes, uses }, at) => {
        const start = starts[at] as number;
        return start <= minute && minute < start + minutes ? sum + (uses[resource] as number) : sum;
      }, 0);
      if (used > units) faults.push(`minute ${minute}: ${used} of ${units}`);
    });
  return faults;
}

/** Every start of every job is tried, minute by minute. */
function bruteForce({ jobs, capacity }: Problem): number {
  let best = horizonOf(jobs);
  const starts: number[] = [];
  const go = (at: number, end: number) => {
    if (end >= best && at > 0 && end > best) return;
    if (at === jobs.length) {
      best = Math.min(best, end);
      return;
    }
    const job = jobs[at] as Job;
    const ready = Math.max(0, ...job.after.map((before) => (starts[before] as number) + (jobs[before] as Job).minutes));
    for (let start = ready; start + job.minutes <= best; start++) {
      const fits = capacity.every((units, resource) => {
        for (let minute = start; minute < start + job.minutes; minute++) {
          let used = job.uses[resource] as number;
          for (let other = 0; other < at; other++) {
            const began = starts[other] as number;
            if (began <= minute && minute < began + (jobs[other] as Job).minutes) used += (jobs[other] as Job).uses[resource] as number;
          }
          if (used > units) return false;
        }
        return true;
      });
      if (!fits) continue;
      starts[at] = start;
      go(at + 1, Math.max(end, start + job.minutes));
      starts.length = at;
    }
  };
  go(0, 0);
  return best;
}

const RUNS = Number(process.env.KIND_LADLE_RUNS ?? 1);

describe('a schedule', () => {
  test('is as short as trying every start of every job finds, and says that it is', () => {
    fc.assert(
      fc.property(kitchen({ jobs: 5, minutes: 4 }), (problem) => {
        const solved = solve(problem);
        expect(solved.makespan).toBe(bruteForce(problem));
        expect(solved.optimal).toBe(true);
      }),
      { numRuns: 200 * RUNS, seed: 20 },
    );
  });

  test('uses nothing twice and starts nothing before its time, forwards and from the hour of serving', () => {
    fc.assert(
      fc.property(kitchen({ jobs: 24, minutes: 30 }), (problem) => {
        const solved = solve(problem, 300);
        expect(faultsOf(problem, solved)).toEqual([]);
        const late = fromTheEnd(problem, solved);
        expect(faultsOf(problem, late)).toEqual([]);
        expect(late.makespan).toBeLessThanOrEqual(solved.makespan);
        expect(lowerBound(problem)).toBeLessThanOrEqual(solved.bound);
        expect(solved.bound).toBeLessThanOrEqual(late.makespan);
      }),
      { numRuns: 300 * RUNS, seed: 21 },
    );
  });

  test('two pans of ten minutes on one ring take twenty, on two ten, and with one pair of hands twenty again', () => {
    const pan: Job = { minutes: 10, uses: [1, 1], after: [] };
    expect(solve({ jobs: [pan, pan], capacity: [2, 1] }).makespan).toBe(20);
    expect(solve({ jobs: [pan, pan], capacity: [2, 2] }).makespan).toBe(10);
    expect(solve({ jobs: [pan, pan], capacity: [1, 2] }).makespan).toBe(20);
  });

  test('a topping is fried while the pot simmers, and not before it has to be', () => {
    // Sweat 10, simmer 25, blend 5; crumbs 8 beside them; serve 3.
    const jobs: Job[] = [
      { minutes: 10, uses: [1, 1], after: [] },
      { minutes: 25, uses: [0, 1], after: [0] },
      { minutes: 5, uses: [1, 0], after: [1] },
      { minutes: 8, uses: [1, 1], after: [] },
      { minutes: 3, uses: [1, 0], after: [2, 3] },
    ];
    const problem = { jobs, capacity: [1, 2] };
    const solved = solve(problem);
    expect(solved).toMatchObject({ makespan: 43, bound: 43, optimal: true });
    expect(fromTheEnd(problem, solved).starts[3]).toBe(27);
  });

  test('what takes more than there is cannot be planned, nor what waits for itself', () => {
    expect(() => solve({ jobs: [{ minutes: 1, uses: [1], after: [] }], capacity: [0] })).toThrow(/more of a resource/);
    expect(() =>
      solve({
        jobs: [
          { minutes: 1, uses: [0], after: [1] },
          { minutes: 1, uses: [0], after: [0] },
        ],
        capacity: [1],
      }),
    ).toThrow(/wait for each other/);
  });
});
