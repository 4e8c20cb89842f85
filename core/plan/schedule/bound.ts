/** What no schedule can beat. */
import { headsOf, type Job, type Problem, tailsOf } from './problem.ts';

/**
 * Minutes that every schedule takes at least: the longest chain; and, for each resource, the work of jobs that cannot start before h and
 * leave at least q after them, shared out over what there is of it (the interval bound of one machine, for several alike).
 */
export function lowerBound({ jobs, capacity }: Problem): number {
  const heads = headsOf(jobs);
  const tails = tailsOf(jobs);
  let bound = Math.max(0, ...jobs.map((_, at) => (heads[at] as number) + (tails[at] as number)));
  capacity.forEach((units, resource) => {
    const takers = jobs.flatMap(({ uses, minutes }, at) => {
      const taken = uses[resource] as number;
      return taken > 0 ? [{ head: heads[at] as number, rest: (tails[at] as number) - minutes, work: minutes * taken }] : [];
    });
    for (const { head } of takers)
      for (const { rest } of takers) {
        const work = takers.reduce((sum, job) => (job.head >= head && job.rest >= rest ? sum + job.work : sum), 0);
        if (work > 0) bound = Math.max(bound, head + Math.ceil(work / units) + rest);
      }
  });
  return bound;
}

/** Whether every job can be done at all: no job takes more of a resource than there is. */
export const isPossible = ({ jobs, capacity }: Problem): boolean =>
  jobs.every(({ uses }: Job) => uses.every((units, resource) => units <= (capacity[resource] as number)));
