/** A plan backwards from the hour of serving: who does what when, on what, and what the kitchen cannot do. */
import { analyse } from '../analysis/analysis.ts';
import { STIR_LINE } from '../bowl/potSize.ts';
import type { Shelf } from '../food/shelf.ts';
import { withMentions } from '../method/mentions.ts';
import { coolingWords, REGIMES, type RegimeId } from '../regime/regime.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import { type Chill, type Chilled, chillOf } from './chill.ts';
import { claimedMinutes } from './claimed.ts';
import { linesIn } from './flow.ts';
import { holdsOf, holdWords } from './holds.ts';
import { type Class, type Lesson, lessonOf } from './lesson.ts';
import { scale } from './scale.ts';
import { headsOf } from './schedule/problem.ts';
import { fromTheEnd, solve } from './schedule/solve.ts';
import { type Container, minutesTo } from './slab.ts';
import { slowestWords, slowPotOf } from './softening.ts';
import { type Batches, type Kitchen, RESOURCES, type Resource, type Task, tasksOf, usesOf } from './tasks.ts';

export interface PlannedSoup {
  recipe: Recipe;
  servings: number;
  /** Places of soups that have to be over before it, a base that several pots are made of. */
  follows?: readonly number[] | undefined;
  /** It is made ahead: at the hour of the plan it is portioned and cold, and not served. */
  ahead?: Chill | undefined;
}

export interface PlanRequest {
  soups: readonly PlannedSoup[];
  kitchen: Kitchen;
  /** An instant, ISO 8601. */
  serveAt: string;
  regime?: RegimeId | undefined;
  /** Tasks that are to be over so many minutes before serving. */
  pins?: readonly { task: string; minutesBefore: number }[] | undefined;
  /** It is cooked by a class: who does what, what stands ready. */
  lesson?: Class | undefined;
}

export interface PlannedTask {
  id: string;
  stepId?: string;
  /** The place of its soup, where there are several. */
  soup?: number;
  label: string;
  /** Minutes from the plan's start. */
  start: number;
  end: number;
  handsOn: boolean;
  resources: Resource[];
  /** Of trays, how many. */
  trays?: number;
  /** Nobody said how long it takes. */
  assumed?: boolean;
  /** It was asked to be over this early. */
  pinned?: boolean;
}

export interface PlanNote {
  code: string;
  message: string;
  soup?: number;
  stepIds?: string[];
}

export interface CoolingPlan {
  /** What is kept of the soup is spread so, and is expected at the end of the first stage after so many minutes. */
  container: Container;
  toCelsius: number;
  minutes: number | null;
  message: string;
}

export interface PlanReply {
  tasks: PlannedTask[];
  startAt: string;
  makespanMin: number;
  /** No plan in this kitchen is shorter. */
  bound: number;
  optimal: boolean;
  batches: Batches | null;
  /** By soup, where there are several. */
  batchesOf?: (Batches | null)[];
  cooling: CoolingPlan | null;
  lesson?: Lesson;
  notes: PlanNote[];
}

/** What the kitchen has none of though a step needs it: the plan is refused. */
export interface CannotCook {
  path: string;
  message: string;
}

/** A usual pot is this deep for its width (estimate; common practice, no source). */
const DEPTH_OF_WIDTH = 0.6;
const MS = 60_000;
/** Where the house has not counted them, trays hold nothing up. */
const MANY_TRAYS = 1000;

interface Prepared {
  tasks: Task[];
  batches: Batches | null;
  potMl: number;
  /** Grams of what each step takes. */
  gramsByStep: ReadonlyMap<string, number>;
  /** Where it is made ahead. */
  chilled: Chilled | null;
  notes: PlanNote[];
}

/** Steps of the hour it is served, which a soup made ahead has not got yet. */
const isAtServing = ({ stage }: Recipe['steps'][number]): boolean => stage === 'bowl' || stage === 'plate';

function prepare({ recipe, servings, ahead }: PlannedSoup, kitchen: Kitchen, regime: RegimeId, shelf: Shelf, soup: number | undefined): Prepared {
  const of = soup === undefined ? {} : { soup };
  // The words of the steps and what comes to the boil are those of the bowls that are asked.
  const isAsked = analyse(recipe, {}, shelf).servings === servings;
  const { recipe: asked, notes: changes } = isAsked ? { recipe, notes: [] } : scale(recipe, servings, shelf);
  const worded = withMentions(asked.steps, asked.lines, shelf);
  const named = { ...asked, steps: ahead ? worded.filter((step) => !isAtServing(step)) : worded };
  const { potMl } = analyse(asked, {}, shelf);
  const { tasks, batches } = tasksOf(named, kitchen, potMl, shelf, soup === undefined ? '' : `${soup}-`);
  const chilled = ahead ? chillOf(ahead, potMl, servings, kitchen, REGIMES[regime]) : null;
  if (chilled) putAway(tasks, chilled, soup === undefined ? '' : `${soup}-`);
  const assumed = tasks.filter((task) => task.assumed && task.stepId !== undefined);
  const notes: PlanNote[] = changes.map(({ code, message }) => ({ ...of, code, message }));
  if (chilled?.tooFew) notes.push({ ...of, code: 'plan.trays', message: chilled.tooFew });
  const served = ahead ? worded.filter(isAtServing) : [];
  if (served.length > 0)
    notes.push({
      ...of,
      code: 'plan.atServing',
      stepIds: served.map(({ id }) => id),
      message: `Left for the hour it is served: ${served.map(({ text }) => `'${short(text)}'`).join(', ')}.`,
    });
  if (chilled && soup !== undefined) notes.push({ ...of, code: 'plan.chill', message: chilled.message });
  if (recipe.steps.length === 0) notes.push({ ...of, code: 'plan.noSteps', message: 'The recipe has no steps: nothing of it can be planned.' });
  if (assumed.length > 0)
    notes.push({
      ...of,
      code: 'plan.assumed',
      stepIds: assumed.flatMap(({ stepId }) => stepId ?? []),
      message: `No time is said for ${assumed.map(({ label, minutes }) => `'${short(label)}' (${minutes} min assumed)`).join(', ')}: usual times stand in, write your own.`,
    });
  const slow = slowPotOf(named, shelf);
  const slowest = slow && slowestWords(slow);
  if (slowest) notes.push({ ...of, code: 'plan.slowest', message: slowest, stepIds: [slow.stepId] });
  const brim = (Math.PI / 4) * kitchen.potDiameterCm ** 2 * (recipe.pot?.depthCm ?? kitchen.potDiameterCm * DEPTH_OF_WIDTH);
  if (potMl > brim * STIR_LINE)
    notes.push({
      ...of,
      code: 'plan.pot',
      message: `${litres(potMl)} may not fit a pot of ${kitchen.potDiameterCm} cm (some ${litres(brim)} to the brim, and room to stir): take a larger pot, or cook it in two.`,
    });
  const weights = new Map(named.lines.map(({ id, grams }) => [id, grams?.best ?? 0]));
  const gramsByStep = new Map(named.steps.map((step) => [step.id, linesIn(step).reduce((sum, id) => sum + (weights.get(id) ?? 0), 0)]));
  return { tasks, batches, potMl, gramsByStep, chilled, notes };
}

/** The cooling and the portioning behind everything else of the soup, one after the other. */
function putAway(tasks: Task[], chilled: Chilled, prefix: string): void {
  const waited = new Set(tasks.flatMap(({ after }) => after));
  let after = tasks.flatMap((_, at) => (waited.has(at) ? [] : [at]));
  for (const task of chilled.tasks) after = [tasks.push({ ...task, id: `${prefix}${task.id}`, after }) - 1];
}

const litres = (ml: number): string => `${Number((ml / 1000).toFixed(1))} litres`;
const short = (text: string): string => (text.length > 40 ? `${text.slice(0, 38).trimEnd()} ...` : text);
const LACKING: Readonly<Record<Resource, { path: string; words: string }>> = {
  cook: { path: '/kitchen/cooks', words: 'nobody to cook' },
  ring: { path: '/kitchen/rings', words: 'no ring' },
  oven: { path: '/kitchen/ovens', words: 'no oven' },
  blender: { path: '/kitchen/blenderJarMl', words: 'no blender' },
  tray: { path: '/kitchen/trays', words: 'no tray' },
  bath: { path: '/kitchen/coldBaths', words: 'nowhere to stand a pot in ice water' },
};

/** Throws nothing for a kitchen that lacks what a step needs: it names it. */
export function planOf({ soups, kitchen, serveAt, regime = 'us', pins = [], lesson }: PlanRequest, shelf: Shelf): PlanReply | CannotCook {
  const many = soups.length > 1;
  const prepared = soups.map((soup, at) => prepare(soup, kitchen, regime, shelf, many ? at : undefined));
  const capacity = [kitchen.cooks, kitchen.rings, kitchen.ovens, 1, kitchen.trays ?? MANY_TRAYS, kitchen.coldBaths ?? 1];
  const all = prepared.flatMap(({ tasks }, soup) => tasks.map((task) => ({ task, soup })));
  const offsets = prepared.map((_, at) => prepared.slice(0, at).reduce((sum, { tasks }) => sum + tasks.length, 0));
  for (const { task } of all)
    for (const resource of task.resources)
      if ((capacity[RESOURCES.indexOf(resource)] as number) < 1)
        return {
          path: LACKING[resource].path,
          message: `'${short(task.label)}' needs what this kitchen has not: ${LACKING[resource].words}. Change the step, or the kitchen.`,
        };
  const jobs = all.map(({ task, soup }) => ({
    minutes: task.minutes,
    uses: usesOf(task),
    after: [
      ...task.after.map((at) => at + (offsets[soup] as number)),
      ...(isBegun(task, (prepared[soup] as Prepared).tasks)
        ? (soups[soup]?.follows ?? []).flatMap((other) => endsOf(prepared[other], offsets[other] ?? 0))
        : []),
    ],
  }));
  // A task that is to be over early is followed by a wait that takes nobody and nothing.
  const waits = pins.flatMap(({ task, minutesBefore }) => {
    const at = all.findIndex((one) => one.task.id === task);
    return at < 0 || minutesBefore < 1 ? [] : [{ minutes: Math.round(minutesBefore), uses: RESOURCES.map(() => 0), after: [at] }];
  });
  const problem = { capacity, jobs: [...jobs, ...waits] };
  const solved = solve(problem);
  const late = fromTheEnd(problem, solved);
  const tasks = all
    .map(
      ({ task, soup }, at): PlannedTask => ({
        id: task.id,
        ...(task.stepId === undefined ? {} : { stepId: task.stepId }),
        ...(many ? { soup } : {}),
        label: task.label,
        start: late.starts[at] as number,
        end: (late.starts[at] as number) + task.minutes,
        handsOn: task.handsOn,
        resources: [...task.resources],
        ...(task.resources.includes('tray') && task.trays !== undefined ? { trays: task.trays } : {}),
        ...(task.assumed ? { assumed: true } : {}),
        ...(pins.some((pin) => pin.task === task.id) ? { pinned: true } : {}),
      }),
    )
    .sort((a, b) => a.start - b.start || a.end - b.end);
  const served = Date.parse(serveAt);
  return {
    tasks,
    startAt: new Date(served - late.makespan * MS).toISOString(),
    makespanMin: late.makespan,
    bound: Math.min(solved.bound, late.makespan),
    optimal: solved.optimal,
    batches: prepared.find(({ batches }) => batches)?.batches ?? null,
    ...(many ? { batchesOf: prepared.map(({ batches }) => batches) } : {}),
    cooling: coolingFor(prepared, regime),
    ...(lesson ? { lesson: lessonFor(lesson, prepared, all, offsets, capacity) } : {}),
    notes: [
      ...prepared.flatMap(({ notes }) => notes),
      ...soups.flatMap(({ recipe }, soup) => claimNote(recipe, prepared[soup] as Prepared, kitchen.cooks, many ? soup : undefined)),
      ...soups.flatMap(({ recipe }, soup) => holdNotes(recipe, tasks, late.makespan, regime, many ? soup : undefined)),
      ...jarNotes(prepared, kitchen, many),
      ...(pins.length > 0 ? pinNotes(pins, tasks, late.makespan, solve({ capacity, jobs }).makespan) : []),
      ...(solved.optimal
        ? []
        : [
            {
              code: 'plan.bound',
              message: `No plan here is shorter than ${solved.bound} minutes; whether there is one between that and ${late.makespan} was not looked through.`,
            },
          ]),
    ],
  };
}

/** The first step of a soup, after no other: its board can be done before what it follows is over. */
function isBegun(task: Task, tasks: readonly Task[]): boolean {
  const hasStepBefore = (one: Task): boolean =>
    one.after.some((at) => {
      const earlier = tasks[at] as Task;
      return earlier.stepId !== undefined || hasStepBefore(earlier);
    });
  return task.stepId !== undefined && !hasStepBefore(task);
}

/** Places of the tasks of a soup that no other of its tasks waits for. */
function endsOf(prepared: Prepared | undefined, offset: number): number[] {
  const tasks = prepared?.tasks ?? [];
  const waited = new Set(tasks.flatMap(({ after }) => after));
  return tasks.flatMap((_, at) => (waited.has(at) ? [] : [at + offset]));
}

/** A total in the text that its own steps exceed, the plan's additions left out. */
function claimNote(recipe: Recipe, { tasks }: Prepared, cooks: number, soup: number | undefined): PlanNote[] {
  const claim = claimedMinutes(recipe);
  if (!claim) return [];
  const said = new Map(recipe.steps.flatMap(({ id, minutes }) => (minutes ? [[id, minutes.min] as const] : [])));
  const bare = tasks.map((task) => ({ ...task, minutes: task.stepId === undefined ? 0 : (said.get(task.stepId) ?? task.minutes), uses: [] }));
  const heads = headsOf(bare);
  const chain = Math.max(0, ...bare.map(({ minutes }, at) => (heads[at] as number) + minutes));
  const hands = bare.reduce((sum, { handsOn, minutes }) => sum + (handsOn ? minutes : 0), 0) / cooks;
  const least = Math.ceil(Math.max(chain, hands));
  if (least <= claim.minutes) return [];
  return [
    {
      ...(soup === undefined ? {} : { soup }),
      code: 'plan.claim',
      message: `The text says ${claim.minutes} minutes in all ('${short(claim.words)}'); its own steps add up to ${least} at least, before anything is cut or comes to the boil.`,
    },
  ];
}

/** The class at work on all soups, as one list of tasks. */
function lessonFor(
  asked: Class,
  prepared: readonly Prepared[],
  all: readonly { task: Task; soup: number }[],
  offsets: readonly number[],
  capacity: readonly number[],
): Lesson {
  const tasks = all.map(({ task, soup }) => ({ ...task, after: task.after.map((at) => at + (offsets[soup] as number)) }));
  const grams = new Map(
    prepared.flatMap(({ gramsByStep, tasks: own }) =>
      own.map(({ id, stepId }) => [id, stepId === undefined ? 0 : (gramsByStep.get(stepId) ?? 0)] as const),
    ),
  );
  const potGrams = Math.max(0, ...prepared.map(({ potMl }) => potMl));
  return lessonOf(tasks, capacity, asked, potGrams, ({ id }) => grams.get(id) ?? 0);
}

/** Pins that are no tasks, that what follows asks earlier anyway, or that make the whole begin earlier. */
function pinNotes(pins: NonNullable<PlanRequest['pins']>, tasks: readonly PlannedTask[], makespan: number, free: number): PlanNote[] {
  const notes = pins.flatMap(({ task, minutesBefore }): PlanNote[] => {
    const found = tasks.find(({ id }) => id === task);
    if (!found) return [{ code: 'plan.pin', message: `There is no task ${task} to pin any more.` }];
    const is = makespan - found.end;
    return is > minutesBefore + 1
      ? [
          {
            code: 'plan.pin',
            message: `'${short(found.label)}' is over ${is} minutes before serving all the same: what comes after it, or whoever does it, needs that.`,
          },
        ]
      : [];
  });
  if (makespan > free) notes.push({ code: 'plan.pin', message: `What is pinned makes the whole begin ${makespan - free} minutes earlier.` });
  return notes;
}

/** How long the soup waits by this plan, from heat-off until it is heated again or served. */
function holdNotes(recipe: Recipe, tasks: readonly PlannedTask[], makespan: number, regime: RegimeId, soup: number | undefined): PlanNote[] {
  const of = (stepId: string) => tasks.filter((task) => task.stepId === stepId && (soup === undefined || task.soup === soup));
  return holdsOf(recipe).flatMap((hold): PlanNote[] => {
    const off = Math.max(...of(hold.heatedBy).map(({ end }) => end));
    const again = hold.until === null ? makespan : Math.min(...of(hold.until).map(({ start }) => start));
    if (!Number.isFinite(off) || !Number.isFinite(again) || again <= off) return [];
    const { isLong, message } = holdWords(hold, Math.round(again - off), regime);
    return [{ ...(soup === undefined ? {} : { soup }), code: isLong ? 'plan.holdLong' : 'plan.hold', message, stepIds: [hold.stepId] }];
  });
}

function jarNotes(prepared: readonly Prepared[], { blenderJarMl }: Kitchen, many: boolean): PlanNote[] {
  return prepared.flatMap(({ batches, tasks }, soup): PlanNote[] => {
    if (!batches || !tasks.some(({ resources }) => resources.includes('ring'))) return [];
    return [
      {
        ...(many ? { soup } : {}),
        code: 'plan.jar',
        message: `Hot soup: the jar of ${litres(blenderJarMl)} at most half full, ${batches.count === 1 ? 'in one filling' : `in ${batches.count} fillings`}, vent open under a folded cloth, start slow.`,
      },
    ];
  });
}

/** How what is left of it is cooled: 3 cm deep and open, in still air; the model warns and passes nothing. */
function coolingFor(prepared: readonly Prepared[], regime: RegimeId): CoolingPlan | null {
  const rules = REGIMES[regime];
  const words = coolingWords(rules);
  const [first] = rules.keeping.cooling;
  const [ahead] = prepared.flatMap(({ chilled }) => chilled ?? []);
  if (ahead && prepared.every(({ chilled }) => chilled))
    return { container: ahead.container, toCelsius: ahead.toCelsius, minutes: ahead.minutes, message: ahead.message };
  const potMl = Math.max(0, ...prepared.map(({ potMl: ml, chilled }) => (chilled ? 0 : ml)));
  if (!words || !first || potMl === 0) return null;
  const container: Container = { depthCm: 3, covered: false, air: 'still' };
  const minutes = minutesTo(container, first.fromC, first.toC);
  return {
    container,
    toCelsius: first.toC,
    minutes: minutes === null ? null : Math.round(minutes),
    message: `What is not served: ${words}. Spread 3 cm deep and open in the fridge it takes some ${Math.round(minutes ?? 0)} minutes to ${first.toC} C by the estimate; only a thermometer passes it.`,
  };
}
