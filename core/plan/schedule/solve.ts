/**
 * The shortest schedule. Lists of priorities are tried first, forwards and backwards in turn (serial generation with justification);
 * then, where the jobs are few, a depth-first search over starts that never go back in time proves what is best or betters it.
 */
import { isPossible, lowerBound } from './bound.ts';
import { followersOf, headsOf, horizonOf, inOrder, type Job, Occupied, type Problem, reversed, type Schedule, tailsOf } from './problem.ts';

export interface Solved extends Schedule {
  /** No schedule is shorter than this. */
  bound: number;
  optimal: boolean;
}

const LISTS = 60;
/** Places looked at by the search before it says how near it is; of a large lunch fewer, since each costs more and proves less. */
const MOST_NODES = 60_000;
const MOST_WORK = 1.2e7;
const nodesFor = (jobs: number): number => Math.min(MOST_NODES, Math.round(MOST_WORK / (jobs * jobs)));

export function solve(problem: Problem, mostNodes = nodesFor(problem.jobs.length)): Solved {
  if (!isPossible(problem)) throw new RangeError('a job takes more of a resource than there is');
  if (problem.jobs.length === 0) return { starts: [], makespan: 0, bound: 0, optimal: true };
  const bound = lowerBound(problem);
  let best = byLists(problem, bound);
  if (best.makespan === bound) return { ...best, bound, optimal: true };
  const searched = search(problem, best, bound, mostNodes);
  best = searched.best;
  return { ...best, bound: searched.isWhole ? best.makespan : bound, optimal: searched.isWhole || best.makespan === bound };
}

/** The same schedule with everything as late as it can be: from the hour of serving backwards. */
export function fromTheEnd(problem: Problem, { starts, makespan }: Schedule): Schedule {
  const { jobs } = problem;
  const ends = jobs.map(({ minutes }, at) => (starts[at] as number) + minutes);
  return mirrored(
    problem,
    serial(reversed(problem), (at) => ends[at] as number),
    makespan,
  );
}

/** A schedule of the backwards kitchen, turned round. */
function mirrored({ jobs }: Problem, back: Schedule, most: number): Schedule {
  const starts = jobs.map(({ minutes }, at) => back.makespan - (back.starts[at] as number) - minutes);
  const first = Math.min(...starts);
  // Backwards from its ends no schedule gets longer (justification: Valls, Ballestin and Quintanilla 2005, from memory).
  return { starts: starts.map((start) => start - first), makespan: Math.min(most, back.makespan - first) };
}

/** Jobs one by one, the highest priority among those that may start, each at the first minute it fits. */
function serial({ jobs, capacity }: Problem, priority: (job: number) => number): Schedule {
  const occupied = new Occupied(capacity, horizonOf(jobs));
  const left = jobs.map(({ after }) => after.length);
  const next = followersOf(jobs);
  const ready = new Array<number>(jobs.length).fill(0);
  const starts = new Array<number>(jobs.length).fill(0);
  const open = left.flatMap((count, at) => (count === 0 ? [at] : []));
  while (open.length > 0) {
    let pick = 0;
    for (let at = 1; at < open.length; at++) if (priority(open[at] as number) > priority(open[pick] as number)) pick = at;
    const [job] = open.splice(pick, 1) as [number];
    const start = occupied.earliest(jobs[job] as Job, ready[job] as number);
    occupied.put(jobs[job] as Job, start);
    starts[job] = start;
    const end = start + (jobs[job] as Job).minutes;
    for (const follower of next[job] as number[]) {
      ready[follower] = Math.max(ready[follower] as number, end);
      if (--(left[follower] as number) === 0) open.push(follower);
    }
  }
  return { starts, makespan: Math.max(...jobs.map(({ minutes }, at) => (starts[at] as number) + minutes)) };
}

function byLists(problem: Problem, bound: number): Schedule {
  const tails = tailsOf(problem.jobs);
  const { jobs } = problem;
  let seed = 1;
  // A multiplicative generator of the smallest kind: the same kitchen gives the same plan.
  const chance = () => {
    seed = (seed * 48_271) % 2_147_483_647;
    return seed / 2_147_483_647;
  };
  let best: Schedule | null = null;
  for (let list = 0; list < LISTS; list++) {
    const noise = jobs.map(() => (list === 0 ? 0 : chance() * 0.6));
    let schedule = serial(problem, (at) => (tails[at] as number) * (1 + (noise[at] as number)));
    schedule = fromTheEnd(problem, schedule);
    const late = schedule.starts;
    schedule = serial(problem, (at) => -(late[at] as number));
    if (!best || schedule.makespan < best.makespan) best = schedule;
    if (best.makespan === bound) break;
  }
  return best as Schedule;
}

interface Searched {
  best: Schedule;
  /** Nothing was left unlooked at. */
  isWhole: boolean;
}

/** Every schedule is the list of its jobs by their starts: only such lists are made, and left where they can no longer be better. */
function search({ jobs, capacity }: Problem, first: Schedule, bound: number, mostNodes: number): Searched {
  const order = inOrder(jobs);
  const tails = tailsOf(jobs);
  const rest = tails.map((tail, at) => tail - (jobs[at] as Job).minutes);
  const occupied = new Occupied(capacity, horizonOf(jobs) * 2);
  const starts = new Array<number>(jobs.length).fill(-1);
  const heads = headsOf(jobs);
  let best = first;
  let nodes = 0;
  const endOf = (at: number) => (starts[at] as number) + (jobs[at] as Job).minutes;

  /** What the jobs that are left take at least, none of them before `now`. */
  const least = (now: number): number => {
    const from = [...heads];
    let most = 0;
    for (const at of order) {
      if ((starts[at] as number) >= 0) continue;
      const { after } = jobs[at] as Job;
      let head = now;
      for (const before of after)
        head = Math.max(head, (starts[before] as number) >= 0 ? endOf(before) : (from[before] as number) + (jobs[before] as Job).minutes);
      from[at] = head;
      most = Math.max(most, head + (tails[at] as number));
    }
    for (let resource = 0; resource < capacity.length; resource++) {
      let work = 0;
      let head = Number.POSITIVE_INFINITY;
      let tail = Number.POSITIVE_INFINITY;
      for (const at of order) {
        const units = (jobs[at] as Job).uses[resource] as number;
        if ((starts[at] as number) >= 0 || units === 0) continue;
        work += units * (jobs[at] as Job).minutes;
        head = Math.min(head, from[at] as number);
        tail = Math.min(tail, rest[at] as number);
      }
      if (work > 0) most = Math.max(most, head + Math.ceil(work / (capacity[resource] as number)) + tail);
    }
    return most;
  };

  const go = (done: number, lastStart: number, lastJob: number): boolean => {
    if (done === jobs.length) {
      const makespan = Math.max(...jobs.map((_, at) => endOf(at)));
      if (makespan < best.makespan) best = { starts: [...starts], makespan };
      return true;
    }
    if (++nodes > mostNodes) return false;
    if (least(lastStart) >= best.makespan) return true;
    const open = order.flatMap((at) => {
      const { after } = jobs[at] as Job;
      if ((starts[at] as number) >= 0 || after.some((before) => (starts[before] as number) < 0)) return [];
      const ready = Math.max(lastStart, ...after.map(endOf));
      return [{ at, start: occupied.earliest(jobs[at] as Job, ready) }];
    });
    open.sort((a, b) => a.start - b.start || (tails[b.at] as number) - (tails[a.at] as number));
    for (const { at, start } of open) {
      // Two that start in one minute are taken in one order only.
      if (start === lastStart && at < lastJob) continue;
      if (start + (tails[at] as number) >= best.makespan) continue;
      starts[at] = start;
      occupied.put(jobs[at] as Job, start);
      const whole = go(done + 1, start, at);
      occupied.put(jobs[at] as Job, start, -1);
      starts[at] = -1;
      if (!whole) return false;
      if (best.makespan === bound) return true;
    }
    return true;
  };
  const isWhole = go(0, 0, -1);
  return { best, isWhole };
}
