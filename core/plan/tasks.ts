/** A method as tasks of a kitchen: what each step takes, and what no recipe says: heat the oven, come to the boil, cool before the jar. */
import { mlPer100g } from '../bowl/pot.ts';
import type { Shelf } from '../food/shelf.ts';
import { calledInSteps } from '../method/entry.ts';
import { minutesIn } from '../reading/clauses.ts';
import { countedLines, type Line, type Method, type Recipe, type Step } from '../vocabulary/recipe.ts';
import {
  BOARD,
  COLD_C,
  HOT_C,
  JAR_FILL,
  JAR_MIN,
  KETTLE_ML,
  KETTLE_W,
  LEAST_BOARD_MIN,
  LEAST_HEATED_G,
  PREHEAT_MIN,
  RING_EFFICIENCY,
  SOAK_MIN,
  SOUP_HEAT,
  TRAY_GRAMS,
  USUAL,
  USUAL_RING_KW,
  VENT_MIN,
  WAITING,
} from './data/minutes.ts';
import { isInOven, linesIn, PREHEATS, stepsBefore } from './flow.ts';

export const RESOURCES = ['cook', 'ring', 'oven', 'blender', 'tray', 'bath'] as const;
export type Resource = (typeof RESOURCES)[number];

export interface Kitchen {
  cooks: number;
  rings: number;
  ovens: number;
  /** 0 where soup is blended in the pot. */
  blenderJarMl: number;
  potDiameterCm: number;
  ringKw?: number | undefined;
  /** Oven trays of 53 x 32.5 cm; as many as are wanted where nothing is said. */
  trays?: number | undefined;
  /** Pots that stand in ice water at once; 1 where nothing is said. */
  coldBaths?: number | undefined;
  /** What comes ready cut, by the ids of its lines, or everything: no time is planned for the board. */
  readyCut?: boolean | readonly string[] | undefined;
}

export interface Task {
  id: string;
  stepId?: string;
  label: string;
  minutes: number;
  handsOn: boolean;
  resources: readonly Resource[];
  /** Of trays it may take several. */
  trays?: number;
  /** Places in the list of tasks. */
  after: number[];
  /** Nobody said how long: the usual time of such work. */
  assumed: boolean;
}

export interface Batches {
  count: number;
  mlEach: number;
}

export interface Worked {
  tasks: Task[];
  /** How the jar is filled; null where nothing is blended in one. */
  batches: Batches | null;
}

const RING: ReadonlySet<Method> = new Set<Method>(['sweat', 'brown', 'fry', 'boil', 'simmer', 'steam', 'pressure']);
const isOnRing = (step: Step): boolean => RING.has(step.method ?? 'none') || (step.method === 'roast' && !isInOven(step));
const BOILS: ReadonlySet<Method> = new Set<Method>(['boil', 'simmer', 'pressure']);
const COOLS = /\b(?:cool|off the (?:heat|ring|boil)|stand|rest|chill|lukewarm|lid off|open)\b/i;
const HOT = /\b(?:hot|boiling|warm(?:ed)?|simmering|kettle)\b/i;
/** In a step the word has to stand before its liquid: 'keep simmering' and 'serve hot' heat nothing. */
const HOT_LIQUID =
  /\b(?:hot|boiling|warm(?:ed)?|simmering)\s+(?:[\p{L}-]+\s+){0,3}?(?:stock|broth|bouillon|fond|water|milk|liquid|cream)s?\b|\bkettle\b/iu;
/** Taken to the boil by the words themselves, so that the minutes said are after it. */
const LIQUID = /^(?:broth|water|dairy|plant-cream|juice|drink)$/;

/** A pot of a kitchen or none, a jar or a stick: the words of the step decide before the kitchen does. */
const IN_THE_POT = /\b(?:stick blender|hand blender|immersion|in the pot|masher|mash)\b/i;

export function minutesOf(step: Step): { minutes: number; assumed: boolean } {
  if (step.minutes) return { minutes: step.minutes.max, assumed: false };
  const said = minutesIn(step.text);
  if (said) return { minutes: said.max, assumed: false };
  const method = step.method ?? 'none';
  const waits = method === 'none' || method === 'soak' ? WAITING.find(({ says }) => says.test(step.text)) : undefined;
  return { minutes: waits?.minutes ?? USUAL[method].minutes, assumed: true };
}

const isHandsOn = (step: Step): boolean =>
  step.handsOn ?? ((step.method ?? 'none') === 'none' ? !COOLS.test(step.text) : USUAL[step.method ?? 'none'].handsOn);

/** `potMl`: the soup as it is blended. `prefix` keeps the tasks of several soups apart. */
export function tasksOf(recipe: Recipe, kitchen: Kitchen, potMl: number, shelf: Shelf, prefix = ''): Worked {
  const { steps } = recipe;
  const before = stepsBefore(recipe);
  const tasks: Task[] = [];
  /** By step, the task that ends it. */
  const place: number[] = [];
  const put = (task: Omit<Task, 'id'>, name: string): number => tasks.push({ ...task, id: `${prefix}${name}` }) - 1;
  const byId = new Map(countedLines(recipe).map((line) => [line.id, line]));
  let oven: number | null = null;
  let batches: Batches | null = null;
  const isWarm: boolean[] = [];
  const cut = new Set<string>();
  const soaked = new Set<string>();
  const heated = new Set<string>();
  const ready = new Set(Array.isArray(kitchen.readyCut) ? (kitchen.readyCut as readonly string[]) : []);
  steps.forEach((step, at) => {
    const method = step.method ?? 'none';
    const after = (before[at] as number[]).map((one) => place[one] as number);
    const { minutes, assumed } = minutesOf(step);
    const isPreheat = method === 'none' && PREHEATS.test(step.text) && linesIn(step).length === 0;
    const wasWarm = (before[at] as number[]).some((one) => isWarm[one]);
    if (isPreheat) {
      oven = put(
        {
          stepId: step.id,
          label: step.text,
          minutes: Math.max(minutesIn(step.text)?.max ?? 0, PREHEAT_MIN),
          handsOn: false,
          resources: ['oven'],
          after,
          assumed: true,
        },
        step.id,
      );
      isWarm[at] = false;
      place[at] = oven;
      return;
    }
    const soak = soakWork(step, steps, byId, soaked, shelf);
    if (soak) after.push(put(soak, `soak-${step.id}`));
    const heating = heatingWork(step, byId, heated, kitchen, recipe, shelf);
    if (heating) after.push(put(heating, `heat-${step.id}`));
    const board = kitchen.readyCut === true || isBoard(step) ? null : boardWork(step, byId, cut, shelf, ready);
    if (board) after.push(put(board, `cut-${step.id}`));
    const own: Omit<Task, 'id'> = { stepId: step.id, label: step.text, minutes, handsOn: isHandsOn(step), resources: [], after, assumed };
    const resources: Resource[] = own.handsOn ? ['cook'] : [];
    if (isOnRing(step)) resources.push('ring');
    if (isInOven(step)) {
      oven ??= put({ label: 'Heat the oven', minutes: PREHEAT_MIN, handsOn: false, resources: ['oven'], after: [], assumed: true }, 'oven');
      if (!after.includes(oven)) own.after = [...after, oven];
      resources.push('oven');
      if (kitchen.trays !== undefined) {
        resources.push('tray');
        onTrays(own, gramsIn(step, byId), kitchen.trays);
      }
    }
    if (BOILS.has(method)) {
      const boils = toTheBoil(step, recipe, byId, kitchen, shelf, wasWarm);
      own.minutes += boils;
      if (boils > 0) own.label = `${step.text.replace(/[.\s]*$/, '')} (some ${Math.round(boils)} min to the boil first)`;
    }
    if (method === 'blend') {
      resources.push('blender');
      const isJar = kitchen.blenderJarMl > 0 && !IN_THE_POT.test(step.text);
      if (isJar) {
        const all = batchesIn(kitchen.blenderJarMl, blendedMl(recipe, at, potMl, byId, shelf));
        batches ??= all;
        own.minutes = Math.max(own.minutes, all.count * JAR_MIN);
        if (all.count > 1) own.label = `${step.text.replace(/[.\s]*$/, '')}, in ${all.count} fillings of ${Math.round(all.mlEach)} ml`;
        const cooled = (before[at] as number[]).some((one) => isCooling(steps[one] as Step)) || COOLS.test(step.text);
        if (wasWarm && !cooled)
          own.after = [
            put(
              { label: 'Off the heat, lid off: cool before the jar', minutes: VENT_MIN, handsOn: false, resources: [], after, assumed: true },
              `vent-${step.id}`,
            ),
          ];
      }
    }
    isWarm[at] = isOnRing(step) || isInOven(step) || (wasWarm && !/\b(?:chill|fridge|cold)\b/i.test(step.text));
    place[at] = put({ ...own, minutes: Math.max(1, Math.ceil(own.minutes - 1e-9)), resources }, step.id);
  });
  return { tasks, batches };
}

const gramsIn = (step: Step, byId: ReadonlyMap<string, Line>): number => linesIn(step).reduce((sum, id) => sum + (byId.get(id)?.grams?.best ?? 0), 0);

/** As many trays as one layer wants; where there are fewer, in turns of the oven. */
function onTrays(task: Omit<Task, 'id'>, grams: number, trays: number): void {
  const wanted = Math.max(1, Math.ceil(grams / TRAY_GRAMS - 1e-9));
  const turns = Math.ceil(wanted / Math.max(1, trays));
  task.trays = Math.min(wanted, Math.max(1, trays));
  if (turns < 2) return;
  task.minutes *= turns;
  task.label = `${task.label.replace(/[.\s]*$/, '')}, in ${turns} turns of the oven`;
}

/** Units of each of RESOURCES a task takes. */
export const usesOf = ({ resources, trays = 1 }: Pick<Task, 'resources' | 'trays'>): number[] =>
  RESOURCES.map((resource) => (resources.includes(resource) ? (resource === 'tray' ? trays : 1) : 0));

/** Dry kidney-type beans that no step soaks are soaked the day before: FDA Bad Bug Book, 5 hours or more, the water thrown away. Null where none is. */
function soakWork(step: Step, steps: readonly Step[], byId: ReadonlyMap<string, Line>, soaked: Set<string>, shelf: Shelf): Omit<Task, 'id'> | null {
  const names = linesIn(step).flatMap((id) => {
    const food = shelf.food(byId.get(id)?.foodId ?? '');
    if (!food?.flags.includes('rawKidneyBean') || soaked.has(id)) return [];
    soaked.add(id);
    const isSaid =
      steps.some((one) => (one.method === 'soak' || SOAKS.test(one.text)) && linesIn(one).includes(id)) || SOAKS.test(byId.get(id)?.text ?? '');
    return isSaid ? [] : [calledInSteps(food)];
  });
  if (names.length === 0) return null;
  return {
    label: `Soak the ${names.join(' and the ')} in the fridge, 5 hours or overnight; throw the water away`,
    minutes: SOAK_MIN,
    handsOn: false,
    resources: [],
    after: [],
    assumed: true,
  };
}
const SOAKS = /\bsoak/i;

/** A step that is itself the work of the board. */
const isBoard = (step: Step): boolean =>
  (step.method ?? 'none') === 'none' && BOARD.some(({ says }) => says.test(step.text.split(/\s+/).slice(0, 4).join(' ')));

/** Peeling and cutting what a step takes first, as its lines say it is cut; null where nothing has to be. */
function boardWork(step: Step, byId: ReadonlyMap<string, Line>, cut: Set<string>, shelf: Shelf, ready: ReadonlySet<string>): Omit<Task, 'id'> | null {
  const lines = linesIn(step).flatMap((id) => (cut.has(id) ? [] : (byId.get(id) ?? [])));
  let minutes = 0;
  const names: string[] = [];
  for (const line of lines) {
    cut.add(line.id);
    const food = shelf.food(line.foodId ?? '');
    const own = ready.has(line.id) ? 0 : boardMinutes(line, shelf);
    if (own === 0) continue;
    minutes += own;
    names.push((food?.name ?? line.text).split(',')[0]?.toLowerCase() ?? '');
  }
  if (names.length === 0) return null;
  return {
    label: `Make ready: ${names.join(', ')}`,
    minutes: Math.max(LEAST_BOARD_MIN, Math.ceil(minutes)),
    handsOn: true,
    resources: ['cook'],
    after: [],
    assumed: true,
  };
}

/** Minutes one cook has a line on the board; none of what comes ready or is not cut. */
export function boardMinutes(line: Line, shelf: Shelf): number {
  const food = shelf.food(line.foodId ?? '');
  if (!line.grams || (food && food.state !== 'raw')) return 0;
  const said = `${line.text} ${line.prep ?? ''} ${typeof line.cut === 'string' ? line.cut : ''}`;
  if (READY.test(said)) return 0;
  return (BOARD.filter(({ says }) => says.test(said)).reduce((sum, row) => sum + row.perKg, 0) * line.grams.best) / 1000;
}
const READY = /\b(?:ready[- ](?:cut|chopped|peeled|prepared)|frozen|tinned|canned|from a (?:jar|tin|can))\b/i;

const isCooling = (step: Step): boolean => (step.method ?? 'none') === 'none' && COOLS.test(step.text) && minutesOf(step).minutes >= 5;

/** The jar at most half full of hot soup, fillings alike. */
export function batchesIn(jarMl: number, potMl: number): Batches {
  const count = Math.max(1, Math.ceil(potMl / (jarMl * JAR_FILL) - 1e-9));
  return { count, mlEach: potMl / count };
}

/** What is in the pot when it is blended: the soup without what comes after. */
function blendedMl({ steps }: Recipe, at: number, potMl: number, byId: ReadonlyMap<string, Line>, shelf: Shelf): number {
  const later = new Set(steps.slice(at + 1).flatMap(linesIn));
  const earlier = new Set(steps.slice(0, at + 1).flatMap(linesIn));
  const ml = [...byId.values()]
    .filter(({ id, stage }) => later.has(id) && !earlier.has(id) && stage !== 'bowl' && stage !== 'plate')
    .reduce((sum, line) => sum + mlOf(line, shelf), 0);
  return Math.max(0, potMl - ml);
}

const mlOf = ({ grams, foodId }: Line, shelf: Shelf): number => {
  const food = foodId === null ? undefined : shelf.food(foodId);
  return ((grams?.best ?? 0) * (food ? mlPer100g(food) : 100)) / 100;
};

const isHot = (line: Line, step: Step, shelf: Shelf): boolean => {
  const isLiquid = LIQUID.test(shelf.food(line.foodId ?? '')?.category ?? '');
  return isLiquid && (HOT.test(line.text) || HOT_LIQUID.test(step.text));
};

/** What the text wants hot is made hot first: water and stock in a kettle as far as it holds, all else and more on a ring. */
function heatingWork(
  step: Step,
  byId: ReadonlyMap<string, Line>,
  heated: Set<string>,
  kitchen: Kitchen,
  recipe: Recipe,
  shelf: Shelf,
): Omit<Task, 'id'> | null {
  const lines = linesIn(step).flatMap((id) => (heated.has(id) ? [] : (byId.get(id) ?? [])));
  for (const { id } of lines) heated.add(id);
  const hot = lines.filter((line) => isHot(line, step, shelf) && (line.grams?.best ?? 0) >= LEAST_HEATED_G);
  if (hot.length === 0) return null;
  const joules = hot.reduce((sum, { grams }) => sum + (grams?.best ?? 0) * SOUP_HEAT * (100 - COLD_C), 0);
  const ml = hot.reduce((sum, line) => sum + mlOf(line, shelf), 0);
  const isKettle = ml <= KETTLE_ML && hot.every(({ foodId }) => KETTLE.test(shelf.food(foodId ?? '')?.category ?? ''));
  const watts = isKettle ? KETTLE_W : ringWatts(kitchen, recipe);
  const names = hot.map(({ foodId, text }) => {
    const food = shelf.food(foodId ?? '');
    return food ? calledInSteps(food) : text;
  });
  return {
    label: `${isKettle ? 'Boil the kettle for' : 'Heat'} the ${names.join(' and the ')}`,
    minutes: Math.max(2, Math.ceil(joules / watts / 60)),
    handsOn: false,
    resources: isKettle ? [] : ['ring'],
    after: [],
    assumed: true,
  };
}
const KETTLE = /^(?:broth|water)$/;

const ringWatts = (kitchen: Kitchen, { pot }: Recipe): number => (kitchen.ringKw ?? pot?.ringKw ?? USUAL_RING_KW) * 1000 * RING_EFFICIENCY;

/** Minutes of a ring until what goes in with this step boils; 0 where the words say that it is hot. */
function toTheBoil(step: Step, recipe: Recipe, byId: ReadonlyMap<string, Line>, kitchen: Kitchen, shelf: Shelf, isWarm: boolean): number {
  const at = recipe.steps.indexOf(step);
  const earlier = new Set(recipe.steps.slice(0, at).flatMap(linesIn));
  const lines = linesIn(step).flatMap((id) => byId.get(id) ?? []);
  const joules = lines.reduce((sum, line) => {
    if (line.eaten === 'drained' && earlier.has(line.id)) return sum;
    const from = (isWarm && earlier.has(line.id)) || isHot(line, step, shelf) ? HOT_C : COLD_C;
    return sum + (line.grams?.best ?? 0) * SOUP_HEAT * (100 - from);
  }, 0);
  const minutes = joules / ringWatts(kitchen, recipe) / 60;
  // Nobody plans by less than two minutes.
  return minutes < 2 ? 0 : minutes;
}
