/**
 * A class of so many minutes: who does what they can do, what has to stand ready made, and what does not fit. Tasks have tags, learners
 * have what they cannot; common practice of teaching kitchens, no source.
 */
import { solve } from './schedule/solve.ts';
import { RESOURCES, type Task, usesOf } from './tasks.ts';

export const TAGS = ['knife', 'hot', 'heavy', 'standing', 'fine', 'wet'] as const;
export type Tag = (typeof TAGS)[number];

export interface Learner {
  /** A seat code, never a name. */
  seat: string;
  cannot: readonly Tag[];
}

export interface Class {
  minutes: number;
  /** Places to work at: no more hands than these at once. */
  stations: number;
  learners: readonly Learner[];
}

export interface Lesson {
  /** By learner, in the order of the plan; what nobody can stands with the teacher. */
  work: { seat: string; tasks: { id: string; label: string; tags: Tag[]; minutes: number }[]; minutes: number }[];
  /** Made before the class, so that the rest fits. */
  ready: { id: string; label: string; minutes: number; grams: number }[];
  /** Minutes the class takes then. */
  takes: number;
  fits: boolean;
  /** What would make it fit, where it does not. */
  would: string[];
}

/** The teacher's place in the list of work. */
export const TEACHER = 'teacher';

const SAYS: readonly (readonly [Tag, RegExp])[] = [
  ['knife', /\b(?:make ready|chop|cut|slice|dice|peel|halve|quarter|trim|shred|mince|carve)\b/i],
  ['hot', /\b(?:hot|boil|fry|brown|roast|oven|simmer|sweat|toast|pour off)\b/i],
  ['heavy', /\b(?:drain|strain|lift|pour|tip|tray|into the jar|ladle)\b/i],
  ['fine', /\b(?:pick|zest|pinch|string|pod|crumble|decorate|garnish|scatter|swirl)\b/i],
  ['wet', /\b(?:wash|rinse|drain|soak|scrub)\b/i],
];
const HEAVY_GRAMS = 2500;

/** What a task asks of whoever does it. `potGrams`: the pot, which is heavy from some kilograms on. */
export function tagsOf(task: Pick<Task, 'label' | 'resources' | 'minutes' | 'handsOn'>, potGrams: number): Tag[] {
  const tags = new Set<Tag>(SAYS.flatMap(([tag, says]) => (says.test(task.label) ? [tag] : [])));
  if (task.resources.some((resource) => resource === 'ring' || resource === 'oven')) tags.add('hot');
  if (task.resources.includes('blender')) {
    tags.add('hot');
    tags.add('heavy');
  }
  if (tags.has('heavy') && potGrams < HEAVY_GRAMS && !task.resources.includes('blender')) tags.delete('heavy');
  if (task.handsOn && task.minutes >= 5 && !tags.has('knife')) tags.add('standing');
  return TAGS.filter((tag) => tags.has(tag));
}

/** `tasks` of one soup, `capacity` of the kitchen by RESOURCES, its cooks left out: the stations decide. */
export function lessonOf(
  tasks: readonly Task[],
  capacity: readonly number[],
  { minutes, stations, learners }: Class,
  potGrams: number,
  gramsOf: (task: Task) => number = () => 0,
): Lesson {
  const hands = Math.max(1, Math.min(stations, learners.length + 1));
  const spanOf = (made: ReadonlySet<number>): number => {
    const places = tasks.flatMap((_, at) => (made.has(at) ? [] : [at]));
    const jobs = places.map((at) => {
      const { minutes: takes, after } = tasks[at] as Task;
      return {
        minutes: takes,
        uses: usesOf(tasks[at] as Task),
        after: after.flatMap((one) => (made.has(one) ? [] : [places.indexOf(one)])),
      };
    });
    return solve({ jobs, capacity: RESOURCES.map((resource, at) => (resource === 'cook' ? hands : (capacity[at] as number))) }).makespan;
  };
  const made = new Set<number>();
  let takes = spanOf(made);
  // The least of the class's own work is made before, with what comes before it; where nothing is enough by itself, what helps most.
  while (takes > minutes) {
    const groups = candidates(tasks, made).map((group) => ({ group, span: spanOf(new Set([...made, ...group])), missed: missedBy(tasks, group) }));
    const enough = groups.filter(({ span }) => span <= minutes).sort((a, b) => a.missed - b.missed || a.group.length - b.group.length);
    const best = enough[0] ?? groups.sort((a, b) => a.span - b.span || a.missed - b.missed)[0];
    if (!best || best.span >= takes) break;
    for (const at of best.group) made.add(at);
    takes = best.span;
  }
  const fits = takes <= minutes;
  return {
    work: shared(tasks, made, learners, potGrams),
    ready: [...made]
      .sort((a, b) => a - b)
      .map((at) => {
        const task = tasks[at] as Task;
        return { id: task.id, label: task.label, minutes: task.minutes, grams: gramsOf(task) };
      }),
    takes,
    fits,
    would: fits
      ? []
      : [`it takes ${takes} minutes however much of it stands ready: a class of ${takes} minutes, fewer bowls, or a soup of shorter steps`],
  };
}

/** Minutes of hands-on work that a class does not see. */
const missedBy = (tasks: readonly Task[], group: readonly number[]): number =>
  group.reduce((sum, at) => sum + ((tasks[at] as Task).handsOn ? (tasks[at] as Task).minutes : 0), 0);

/** Groups that can be made before: a task with everything before it. */
function candidates(tasks: readonly Task[], made: ReadonlySet<number>): number[][] {
  const followed = new Set(tasks.flatMap(({ after }) => after));
  return tasks.flatMap((_, at) => {
    if (made.has(at) || !followed.has(at)) return [];
    const group = new Set<number>();
    const take = (one: number) => {
      if (made.has(one) || group.has(one)) return;
      group.add(one);
      for (const before of (tasks[one] as Task).after) take(before);
    };
    take(at);
    return [[...group]];
  });
}

/** Hands-on work shared out: the hardest to place first, each to whoever can do it and has least to do. */
function shared(tasks: readonly Task[], made: ReadonlySet<number>, learners: readonly Learner[], potGrams: number): Lesson['work'] {
  const work = new Map<string, Lesson['work'][number]>(
    [...learners.map(({ seat }) => seat), TEACHER].map((seat) => [seat, { seat, tasks: [], minutes: 0 }]),
  );
  const todo = tasks
    .map((task, place) => ({ task, place, tags: tagsOf(task, potGrams) }))
    .filter(({ place, task }) => !made.has(place) && (task.handsOn || task.stepId !== undefined));
  const able = (tags: readonly Tag[]) => learners.filter(({ cannot }) => !tags.some((tag) => cannot.includes(tag)));
  const order = [...todo].sort((a, b) => able(a.tags).length - able(b.tags).length || b.task.minutes - a.task.minutes);
  const placed = new Map<number, string>();
  for (const { task, place, tags } of order) {
    const loads = able(tags).map(({ seat }) => work.get(seat) as Lesson['work'][number]);
    const whose = loads.sort((a, b) => a.minutes - b.minutes || a.tasks.length - b.tasks.length)[0] ?? (work.get(TEACHER) as Lesson['work'][number]);
    // What cooks by itself only has to be begun and watched.
    whose.minutes += task.handsOn ? task.minutes : WATCHED_MIN;
    placed.set(place, whose.seat);
    whose.tasks.push({ id: task.id, label: task.label, tags, minutes: task.minutes });
  }
  const at = new Map(todo.map(({ task, place }) => [task.id, place]));
  return [...work.values()]
    .map((one) => ({ ...one, tasks: one.tasks.sort((a, b) => (at.get(a.id) as number) - (at.get(b.id) as number)) }))
    .filter(({ seat, tasks: own }) => seat !== TEACHER || own.length > 0);
}
const WATCHED_MIN = 2;
