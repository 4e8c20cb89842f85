/** A lunch of four soups, sixty tasks, on one hob: how long its plan takes, and how near it is to the bound. */
import type { Job } from '../../core/plan/schedule/problem.ts';
import { fromTheEnd, solve } from '../../core/plan/schedule/solve.ts';
import type { Measure } from './measure.ts';

/** Hands, rings, oven, blender. */
const CAPACITY = [2, 4, 1, 1];
const KINDS = [
  [1, 1, 0, 0],
  [0, 1, 0, 0],
  [0, 0, 1, 0],
  [1, 0, 0, 1],
  [1, 0, 0, 0],
  [0, 0, 0, 0],
] as const;

function lunch(random: () => number): Job[] {
  return Array.from({ length: 60 }, (_, at): Job => {
    const first = at - (at % 15);
    return {
      minutes: 2 + Math.floor(random() * 25),
      uses: KINDS[Math.floor(random() * KINDS.length)] as readonly number[],
      after: at === first ? [] : [random() < 0.7 ? at - 1 : first + Math.floor(random() * (at - first))],
    };
  });
}

export function lunchMeasure(random: () => number): Measure {
  let worst = 0;
  let optimal = 0;
  const samples = Array.from({ length: 40 }, () => {
    const problem = { jobs: lunch(random), capacity: CAPACITY };
    const start = performance.now();
    const solved = solve(problem);
    fromTheEnd(problem, solved);
    worst = Math.max(worst, solved.makespan / solved.bound - 1);
    optimal += solved.optimal ? 1 : 0;
    return performance.now() - start;
  });
  return {
    name: 'the plan of a lunch of four soups, 60 tasks',
    goal: 300,
    unit: 'ms',
    samples,
    extra: `${optimal} of ${samples.length} proven shortest, the rest at most ${(worst * 100).toFixed(1)} % above their bound`,
  };
}
