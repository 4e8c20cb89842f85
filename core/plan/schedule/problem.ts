/**
 * A small kitchen as a scheduling problem: jobs of whole minutes that take hands, rings, ovens and come after others; the shortest time in
 * which all are done (resource-constrained project scheduling). Knows nothing of soup.
 */
export interface Job {
  /** Whole minutes, at least 1. */
  minutes: number;
  /** Units of each resource it takes from its start to its end. */
  uses: readonly number[];
  /** Jobs that are over before it starts. */
  after: readonly number[];
}

export interface Problem {
  jobs: readonly Job[];
  /** Units there are of each resource. */
  capacity: readonly number[];
}

export interface Schedule {
  /** Minutes from the start of the first job. */
  starts: readonly number[];
  makespan: number;
}

/** Minutes that must pass before each job starts, by what comes before it alone. Throws where jobs wait for each other. */
export function headsOf(jobs: readonly Job[]): number[] {
  const heads = new Array<number>(jobs.length).fill(0);
  for (const at of inOrder(jobs)) {
    const { after } = jobs[at] as Job;
    heads[at] = Math.max(0, ...after.map((before) => (heads[before] as number) + (jobs[before] as Job).minutes));
  }
  return heads;
}

/** Minutes from the start of each job to the end of all, by what comes after it alone; its own among them. */
export function tailsOf(jobs: readonly Job[]): number[] {
  const next = followersOf(jobs);
  const tails = new Array<number>(jobs.length).fill(0);
  for (const at of [...inOrder(jobs)].reverse())
    tails[at] = (jobs[at] as Job).minutes + Math.max(0, ...(next[at] as number[]).map((after) => tails[after] as number));
  return tails;
}

export function followersOf(jobs: readonly Job[]): number[][] {
  const next: number[][] = jobs.map(() => []);
  jobs.forEach(({ after }, at) => {
    for (const before of after) (next[before] as number[]).push(at);
  });
  return next;
}

/** Every job after those it waits for. */
export function inOrder(jobs: readonly Job[]): number[] {
  const left = jobs.map(({ after }) => new Set(after).size);
  const next = followersOf(jobs.map((job) => ({ ...job, after: [...new Set(job.after)] })));
  const order = left.flatMap((count, at) => (count === 0 ? [at] : []));
  for (const at of order) for (const follower of next[at] as number[]) if (--(left[follower] as number) === 0) order.push(follower);
  if (order.length < jobs.length) throw new RangeError('jobs wait for each other');
  return order;
}

/** The same kitchen, backwards: what came last comes first. */
export const reversed = ({ jobs, capacity }: Problem): Problem => {
  const next = followersOf(jobs);
  return { capacity, jobs: jobs.map((job, at) => ({ ...job, after: next[at] as number[] })) };
};

/** What is in use of each resource, minute by minute. */
export class Occupied {
  private readonly used: Int16Array[];

  constructor(
    private readonly capacity: readonly number[],
    horizon: number,
  ) {
    this.used = capacity.map(() => new Int16Array(horizon + 1));
  }

  /** The first minute from `ready` on at which the job fits. */
  earliest({ minutes, uses }: Job, ready: number): number {
    let start = ready;
    for (let resource = 0; resource < uses.length; resource++) {
      const units = uses[resource] as number;
      if (units === 0) continue;
      const room = (this.capacity[resource] as number) - units;
      const used = this.used[resource] as Int16Array;
      for (let minute = start; minute < start + minutes; minute++) {
        if ((used[minute] as number) <= room) continue;
        start = minute + 1;
        // What was tried before has to be tried again from here.
        resource = -1;
        break;
      }
    }
    return start;
  }

  put({ minutes, uses }: Job, start: number, sign: 1 | -1 = 1): void {
    for (let resource = 0; resource < uses.length; resource++) {
      const units = (uses[resource] as number) * sign;
      if (units === 0) continue;
      const used = this.used[resource] as Int16Array;
      for (let minute = start; minute < start + minutes; minute++) used[minute] = (used[minute] as number) + units;
    }
  }
}

export const horizonOf = (jobs: readonly Job[]): number => jobs.reduce((sum, { minutes }) => sum + minutes, 0);
