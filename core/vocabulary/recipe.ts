/** A soup as the kitchen writes it: lines with edible grams, steps with their heat. Grams decide; words never do. */

import type { System } from '../quantity/units.ts';

export const STAGES = ['base', 'simmer', 'blend', 'finish', 'bowl', 'plate'] as const;
export type Stage = (typeof STAGES)[number];
export const STAGE_LABELS = {
  base: 'Base',
  simmer: 'Simmer',
  blend: 'Blend',
  finish: 'Finish',
  bowl: 'In the bowl',
  plate: 'On the plate',
} as const satisfies Record<Stage, string>;

export const EATEN = ['all', 'strained', 'removed', 'drained', 'rendered'] as const;
export type Eaten = (typeof EATEN)[number];

export const METHODS = ['none', 'sweat', 'brown', 'roast', 'bake', 'fry', 'boil', 'simmer', 'steam', 'pressure', 'soak', 'blend'] as const;
export type Method = (typeof METHODS)[number];

export const LIDS = ['on', 'ajar', 'off'] as const;
export type Lid = (typeof LIDS)[number];

/** Edible grams as they enter the pot or bowl; low to high is the central 95 % interval. */
export interface Grams {
  best: number;
  low: number;
  high: number;
}

export interface Amount {
  min: number;
  max: number;
  unit: string;
}

export interface Line {
  id: string;
  stage: Stage;
  text: string;
  foodId: string | null;
  grams: Grams | null;
  amount?: Amount | undefined;
  prep?: string | undefined;
  /** How it is cut: a word ('diced'), or the size of a piece in cm. */
  cut?: string | number | undefined;
  eaten?: Eaten | undefined;
  /** The share that stays in the soup of what `eaten` takes away; of the whole line when all is eaten. */
  eatenShare?: number | undefined;
  perBowl?: boolean | undefined;
  optional?: boolean | undefined;
  partOf?: string | undefined;
  choiceOf?: string | undefined;
  chosen?: boolean | undefined;
  replaces?: string | undefined;
  /** A preparation of this recipe that the grams are of; then it names no food of the shelf. */
  preparationId?: string | undefined;
}

export interface Step {
  id: string;
  stage: Stage;
  text: string;
  method?: Method | undefined;
  minutes?: { min: number; max: number } | undefined;
  handsOn?: boolean | undefined;
  lid?: Lid | undefined;
  uses?: string[] | undefined;
  doneWhen?: string | undefined;
  /** Where the text speaks of its lines; worked out, and nothing of it is lost with it. */
  mentions?: Mention[] | undefined;
}

export interface Mention {
  /** UTF-16 offsets into the step's text. */
  from: number;
  to: number;
  lineId: string;
  /** Share of the line that enters here, 0 to 1, where the words say one. */
  share?: number | undefined;
}

/** A small recipe of the house that soups take grams of: a stock, a swirl, crumbs. */
export interface Preparation {
  id: string;
  name: string;
  lines: Line[];
  steps: Step[];
  /** What it comes to, g; worked out where it is not weighed. */
  yieldGrams?: number | undefined;
  /** The lot it is taken from, and since when that stands in the cold; a day, YYYY-MM-DD. */
  lotId?: string | undefined;
  madeOn?: string | undefined;
}

/** The lines and steps before any swap, and the work that came with those made since: what the method is written from, and put back from. */
export interface AsWritten {
  lines: Line[];
  steps: Step[];
  works: { lineId: string; text: string; when: 'before' | 'blend' | 'finish' }[];
}

export interface Recipe {
  id?: string | undefined;
  title: string;
  /** The spoons and cups its text speaks of. */
  measures?: System | undefined;
  servings?: number | undefined;
  servingGrams?: number | undefined;
  measuredYieldGrams?: number | undefined;
  /** A volume the text says it makes, ml, where it names no bowls. */
  yieldMl?: number | undefined;
  /** Lines of the text that were not understood, until they are settled: with one, nothing is told as absent. */
  unread?: string[] | undefined;
  /** What the text says of allergens in words of its own: 'Contains: milk', 'made in a kitchen that handles nuts'. */
  statements?: string[] | undefined;
  /** What the text claims of the soup, in its own words: for a sheet to answer, never taken at its word. */
  claims?: string[] | undefined;
  pot?: { diameterCm?: number | undefined; depthCm?: number | undefined; ringKw?: number | undefined } | undefined;
  lines: Line[];
  steps: Step[];
  preparations?: Preparation[] | undefined;
  asWritten?: AsWritten | undefined;
}

export const MAX_PREPARATIONS = 20;
export const MAX_LINES = 500;
export const MAX_STEPS = 200;

/** What is wrong with a recipe, where, and how to mend it. `path` is a JSON Pointer below the recipe. */
export interface Fault {
  path: string;
  code: string;
  message: string;
}

/** Parts may miss their parent by half a per cent or a gram, whichever is more. */
const PARTS_SHARE = 0.005;
const PARTS_GRAMS = 1;

/** Everything in a well-formed recipe that cannot be so. Empty when the recipe can be analysed. */
export function recipeFaults(recipe: Recipe, knowsFood: (id: string) => boolean): Fault[] {
  const { lines, steps } = recipe;
  if (lines.length === 0)
    return [{ path: '/lines', code: 'recipe.tooManyLines', message: `A recipe has 1 to ${MAX_LINES} lines; this one has none. Add one.` }];
  if (lines.length > MAX_LINES)
    return [
      { path: '/lines', code: 'recipe.tooManyLines', message: `A recipe has 1 to ${MAX_LINES} lines; this one has ${lines.length}. Split it.` },
    ];
  if (steps.length > MAX_STEPS)
    return [
      { path: '/steps', code: 'recipe.tooManyLines', message: `A recipe has at most ${MAX_STEPS} steps; this one has ${steps.length}. Join some.` },
    ];
  return [
    ...idFaults(recipe),
    ...lineFaults(recipe, knowsFood),
    ...partFaults(recipe),
    ...choiceFaults(recipe),
    ...stepFaults(recipe),
    ...preparationFaults(recipe, knowsFood),
  ];
}

function idFaults(recipe: Recipe): Fault[] {
  const faults: Fault[] = [];
  for (const list of ['lines', 'steps'] as const) {
    const seen = new Set<string>();
    recipe[list].forEach(({ id }, index) => {
      if (seen.has(id))
        faults.push({
          path: `/${list}/${index}/id`,
          code: 'recipe.duplicateId',
          message: `The id ${id} stands twice. Give each of the ${list} its own.`,
        });
      seen.add(id);
    });
  }
  return faults;
}

function lineFaults(recipe: Recipe, knowsFood: (id: string) => boolean): Fault[] {
  const faults: Fault[] = [];
  recipe.lines.forEach((line, index) => {
    const path = `/lines/${index}`;
    if (line.foodId !== null && !knowsFood(line.foodId))
      faults.push({
        path: `${path}/foodId`,
        code: 'recipe.unknownFood',
        message: `No food has the id ${line.foodId}. Look it up in /api/foods, or send null.`,
      });
    if (line.grams && !(line.grams.low <= line.grams.best && line.grams.best <= line.grams.high))
      faults.push({ path: `${path}/grams`, code: 'grams.order', message: 'Grams must run low <= best <= high.' });
    if (line.amount && line.amount.min > line.amount.max)
      faults.push({ path: `${path}/amount`, code: 'amount.order', message: 'The amount must run min <= max.' });
    if (line.perBowl && line.stage !== 'bowl' && line.stage !== 'plate')
      faults.push({ path: `${path}/perBowl`, code: 'recipe.perBowlStage', message: 'Only lines in the bowl or on the plate can be given per bowl.' });
  });
  return faults;
}

function partFaults(recipe: Recipe): Fault[] {
  const faults: Fault[] = [];
  const indexOf = new Map(recipe.lines.map((line, index) => [line.id, index]));
  const parts = new Map<number, Line[]>();
  recipe.lines.forEach((line, index) => {
    if (line.partOf === undefined) return;
    const at = indexOf.get(line.partOf);
    if (at === undefined || at === index)
      faults.push({ path: `/lines/${index}/partOf`, code: 'recipe.unknownParent', message: `No other line has the id ${line.partOf}.` });
    else if (recipe.lines[at]?.partOf !== undefined)
      faults.push({ path: `/lines/${index}/partOf`, code: 'recipe.partOfPart', message: 'A part cannot be divided again. Divide the whole.' });
    else parts.set(at, [...(parts.get(at) ?? []), line]);
  });
  for (const [at, children] of parts) {
    const whole = recipe.lines[at]?.grams?.best;
    if (whole === undefined || children.some((child) => child.grams === null)) continue;
    const sum = children.reduce((total, child) => total + (child.grams?.best ?? 0), 0);
    if (Math.abs(sum - whole) > Math.max(PARTS_GRAMS, whole * PARTS_SHARE)) {
      faults.push({
        path: `/lines/${at}`,
        code: 'recipe.partsDoNotAddUp',
        message: `The parts of ${recipe.lines[at]?.text} come to ${round(sum)} g, the whole to ${round(whole)} g. Make them agree.`,
      });
    }
  }
  return faults;
}

function choiceFaults(recipe: Recipe): Fault[] {
  const groups = new Map<string, { first: number; chosen: number }>();
  recipe.lines.forEach((line, index) => {
    if (line.choiceOf === undefined) return;
    const group = groups.get(line.choiceOf) ?? { first: index, chosen: 0 };
    groups.set(line.choiceOf, { first: group.first, chosen: group.chosen + (line.chosen ? 1 : 0) });
  });
  return [...groups]
    .filter(([, group]) => group.chosen !== 1)
    .map(([name, group]) => ({
      path: `/lines/${group.first}/choiceOf`,
      code: 'recipe.choiceNotOne',
      message: `Exactly one line of the choice ${name} must be chosen; ${group.chosen} are.`,
    }));
}

function preparationFaults(recipe: Recipe, knowsFood: (id: string) => boolean): Fault[] {
  const preparations = recipe.preparations ?? [];
  const faults: Fault[] = [];
  const byId = new Map(preparations.map((one) => [one.id, one]));
  preparations.forEach((one, index) => {
    if (byId.get(one.id) !== one)
      faults.push({
        path: `/preparations/${index}/id`,
        code: 'recipe.duplicateId',
        message: `The id ${one.id} stands twice. Give each preparation its own.`,
      });
    if (one.lines.length === 0)
      faults.push({
        path: `/preparations/${index}/lines`,
        code: 'recipe.emptyPreparation',
        message: `${one.name} has no lines. Add what it is made of.`,
      });
    const inside = recipeFaults({ title: one.name, lines: one.lines, steps: one.steps, preparations: [] }, knowsFood).filter(
      ({ code }) => code !== 'recipe.unknownPreparation' && code !== 'recipe.tooManyLines',
    );
    faults.push(...inside.map((fault) => ({ ...fault, path: `/preparations/${index}${fault.path}` })));
    faults.push(...linesOfPreparations(one.lines, `/preparations/${index}`, byId));
    if (turns(one, byId))
      faults.push({
        path: `/preparations/${index}`,
        code: 'recipe.preparationInItself',
        message: `${one.name} is made of itself. Take it out of its own lines.`,
      });
  });
  return [...faults, ...linesOfPreparations(recipe.lines, '', byId)];
}

const linesOfPreparations = (lines: readonly Line[], at: string, byId: ReadonlyMap<string, Preparation>): Fault[] =>
  lines.flatMap(({ preparationId, foodId }, index): Fault[] => {
    if (preparationId === undefined) return [];
    if (!byId.has(preparationId))
      return [
        {
          path: `${at}/lines/${index}/preparationId`,
          code: 'recipe.unknownPreparation',
          message: `No preparation of this recipe has the id ${preparationId}.`,
        },
      ];
    return foodId === null
      ? []
      : [
          {
            path: `${at}/lines/${index}/foodId`,
            code: 'recipe.foodAndPreparation',
            message: 'A line is of a food or of a preparation, not of both. Send foodId null.',
          },
        ];
  });

/** Whether a preparation leads back to itself. */
function turns(start: Preparation, byId: ReadonlyMap<string, Preparation>): boolean {
  const seen = new Set<string>();
  const next = [start];
  while (next.length > 0) {
    for (const { preparationId } of (next.pop() as Preparation).lines) {
      const other = preparationId === undefined ? undefined : byId.get(preparationId);
      if (!other || seen.has(other.id)) continue;
      if (other.id === start.id) return true;
      seen.add(other.id);
      next.push(other);
    }
  }
  return false;
}

function stepFaults(recipe: Recipe): Fault[] {
  const ids = new Set(recipe.lines.map((line) => line.id));
  const faults: Fault[] = [];
  recipe.steps.forEach((step, index) => {
    if (step.minutes && step.minutes.min > step.minutes.max)
      faults.push({ path: `/steps/${index}/minutes`, code: 'minutes.order', message: 'Minutes must run min <= max.' });
    step.uses?.forEach((id, use) => {
      if (!ids.has(id)) faults.push({ path: `/steps/${index}/uses/${use}`, code: 'recipe.unknownLine', message: `No line has the id ${id}.` });
    });
  });
  return faults;
}

const round = (grams: number): number => Math.round(grams * 10) / 10;

/** The lines that count: parents of parts and alternatives not chosen do not. */
/** Every food a recipe hangs on, those of its preparations too, each once. */
export const foodIdsOf = ({ lines, preparations = [] }: Pick<Recipe, 'lines' | 'preparations'>): string[] => [
  ...new Set([...lines, ...preparations.flatMap((one) => one.lines)].flatMap(({ foodId }) => foodId ?? [])),
];

export function countedLines(recipe: Pick<Recipe, 'lines'>): Line[] {
  const parents = new Set(recipe.lines.map((line) => line.partOf).filter((id) => id !== undefined));
  return recipe.lines.filter((line) => !parents.has(line.id) && (line.choiceOf === undefined || line.chosen === true));
}

/**
 * The recipe after a change that may have parted what belonged together. Parts that no longer add up to their whole stand on
 * their own, and the whole goes; a choice of which not exactly one is taken is no choice any more: what is taken stays, the
 * rest goes. Steps no longer use what is gone. A recipe in which nothing is parted comes back as it was.
 */
export function settleGroups(recipe: Recipe): Recipe {
  const gone = new Set<string>();
  const freed = new Set<string>();
  const families = new Map<string, Line[]>();
  const choices = new Map<string, Line[]>();
  const join = (groups: Map<string, Line[]>, key: string, line: Line) => groups.set(key, [...(groups.get(key) ?? []), line]);
  for (const line of recipe.lines) {
    if (line.partOf !== undefined) join(families, line.partOf, line);
    if (line.choiceOf !== undefined) join(choices, line.choiceOf, line);
  }
  for (const [parentId, parts] of families) {
    const parent = recipe.lines.find(({ id }) => id === parentId);
    const sum = parts.reduce((total, { grams }) => total + (grams?.best ?? 0), 0);
    const whole = parent?.grams?.best ?? 0;
    const unweighed = !parent?.grams || parts.some(({ grams }) => grams === null);
    if (parent && (unweighed || Math.abs(sum - whole) <= Math.max(PARTS_GRAMS, whole * PARTS_SHARE))) continue;
    gone.add(parentId);
    for (const { id } of parts) freed.add(id);
  }
  for (const options of choices.values()) {
    const taken = options.filter(({ chosen }) => chosen === true);
    if (taken.length === 1 && options.length > 1) continue;
    for (const option of options) if (taken.length > 0 && option.chosen !== true) gone.add(option.id);
    for (const { id } of options) freed.add(id);
  }
  if (gone.size === 0 && freed.size === 0) return recipe;
  return {
    ...recipe,
    lines: recipe.lines
      .filter(({ id }) => !gone.has(id))
      .map((line): Line => {
        if (!freed.has(line.id)) return line;
        const { partOf: _, choiceOf: __, chosen: ___, ...free } = line;
        return free;
      }),
    steps: recipe.steps.map((step) => (step.uses?.some((id) => gone.has(id)) ? { ...step, uses: step.uses.filter((id) => !gone.has(id)) } : step)),
  };
}
