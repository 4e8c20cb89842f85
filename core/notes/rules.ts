/**
 * Cautions as data: when they are shown, how loudly, what they say and why it is so. They defer to the local food code
 * and to licensed practice; none of them says that a soup is safe.
 */

import type { CountedLine } from '../allergen/board.ts';
import type { Bowl } from '../bowl/pot.ts';
import type { RegimeId } from '../regime/regime.ts';
import type { AllergenId } from '../vocabulary/allergens.ts';
import type { Food } from '../vocabulary/food.ts';
import type { Nutrient } from '../vocabulary/nutrient.ts';
import type { Method, Recipe } from '../vocabulary/recipe.ts';
import { CAUTIONS, type Caution, type LineWhen, type Severity } from './data/cautions.ts';

export interface Note {
  code: string;
  severity: Severity;
  message: string;
  /** What the message names besides its own words, so that it can be said anew in today's, or in another tongue. */
  params?: { what: string };
  lineIds: string[];
  stepIds?: string[];
  source: string;
}

export interface NoteContext {
  recipe: Recipe;
  lines: readonly CountedLine[];
  bowl: Bowl;
  regime: RegimeId;
  /** The known part of a figure in one bowl. */
  perBowl: (nutrient: Nutrient) => number;
}

interface Finding {
  lineIds?: string[];
  stepIds?: string[];
  /** Put in the place of {what} in the message. */
  what?: string;
}

export interface NoteRule {
  code: string;
  severity: Severity;
  message: string;
  source: string;
  /** `met` are the lines that meet each registered condition. */
  when: (context: NoteContext, met: ReadonlyMap<number, string[]>) => Finding | null;
}

/** A condition on lines, in the part that is of the food, asked once for each food, and the part that is of the line. */
interface LineTest {
  ofFood: ((food: Food) => boolean) | null;
  ofLine: (line: CountedLine['line']) => boolean;
}

const LINE_TESTS: LineTest[] = [];

/** The place of the condition among all of them. */
function register({ foods, categories, states, flags, origins, contains, stages, text, leastGrams = 0 }: LineWhen): number {
  const ids = foods && new Set(foods);
  const allergens = contains && new Set<AllergenId>(contains);
  const anyFood = !foods && !categories && !states && !flags && !origins && !contains;
  LINE_TESTS.push({
    ofFood: anyFood
      ? null
      : (food) =>
          (!ids || ids.has(food.id) || (food.like !== undefined && ids.has(food.like))) &&
          (!categories || categories.includes(food.category)) &&
          (!states || states.includes(food.state)) &&
          (!flags || flags.some((flag) => food.flags.includes(flag))) &&
          (!origins || origins.some((origin) => food.origins.includes(origin))) &&
          (!allergens || food.contains.some(({ allergen }) => allergens.has(allergen))),
    ofLine: (line) => (line.grams?.best ?? 0) >= leastGrams && (!stages || stages.includes(line.stage)) && (!text || text.test(line.text)),
  });
  return LINE_TESTS.length - 1;
}

const some = (lineIds: string[]): Finding | null => (lineIds.length > 0 ? { lineIds } : null);
const linesWhere = (context: NoteContext, test: (counted: CountedLine) => boolean): string[] => context.lines.filter(test).map(({ line }) => line.id);
/** Lines that meet a condition on their food, asked once of each food. */
const met = (condition: LineWhen): NoteRule['when'] => {
  const at = register(condition);
  return (_, lines) => some(lines.get(at) ?? []);
};
const stepsBy = (context: NoteContext, ...methods: Method[]): string[] =>
  context.recipe.steps.filter(({ method }) => method !== undefined && methods.includes(method)).map(({ id }) => id);
const COMMON = 'common practice, no source';

/** Where a bowl of soup lies in a kitchen that serves it (common practice). */
/** A pot weighs this share of what went in, less steam: long uncovered boiling and what stays in the blender included (common practice). */
const LIKELY_YIELD = { least: 0.5, most: 1.3 } as const;
const BOWL_ML = { least: 100, most: 600 } as const;
/** Above this a bowl matters to someone on a steady intake of vitamin K: a fifth of the daily value of 120 ug is passed many times over (common practice). */
const VITAMIN_K_UG = 100;

export const NOTE_RULES: readonly NoteRule[] = [
  {
    code: 'food.unmatched',
    severity: 'danger',
    source: COMMON,
    message: 'No food is chosen for {what}. Every figure is at least what is shown, and every allergen it could hold has to be checked.',
    when: ({ lines }) => {
      const open = lines.filter(({ food }) => !food);
      return open.length > 0 ? { lineIds: open.map(({ line }) => line.id), what: open.map(({ line }) => `'${line.text}'`).join(', ') } : null;
    },
  },
  {
    code: 'grams.unknown',
    severity: 'caution',
    source: COMMON,
    message: 'No amount is known for {what}: it counts for allergens, and every figure is at least what is shown. Weigh it.',
    when: ({ lines }) => {
      const open = lines.filter(({ line, food }) => food && line.grams === null);
      return open.length > 0 ? { lineIds: open.map(({ line }) => line.id), what: open.map(({ line }) => `'${line.text}'`).join(', ') } : null;
    },
  },
  {
    code: 'bowl.assumed',
    severity: 'tip',
    source: '21 CFR 101.9(b)(5)(viii): a cup is 240 ml',
    message: 'The number of bowls is not given: a bowl of 240 ml is assumed. Say how many bowls, or weigh one.',
    when: ({ bowl }) => (bowl.how === 'assumed' ? {} : null),
  },
  {
    code: 'bowl.conflict',
    severity: 'tip',
    source: COMMON,
    message: 'Bowls are given by count and by weight; the count decides.',
    when: ({ bowl }) => (bowl.conflict ? {} : null),
  },
  {
    code: 'bowl.unusual',
    severity: 'caution',
    source: COMMON,
    message: 'One bowl comes to {what} ml, outside 100 to 600 ml. Check the number of bowls and the amounts.',
    when: ({ bowl }) => (bowl.servingMl < BOWL_ML.least || bowl.servingMl > BOWL_ML.most ? { what: String(Math.round(bowl.servingMl)) } : null),
  },
  {
    code: 'yield.unlikely',
    severity: 'caution',
    source: COMMON,
    message: 'The weighed pot is {what} of what went in less steam. Look at the scale and its unit: 2 is two grams, 2000 two kilograms.',
    when: ({ bowl: { yieldRatio } }) =>
      yieldRatio < LIKELY_YIELD.least || yieldRatio > LIKELY_YIELD.most ? { what: `${Number((yieldRatio * 100).toPrecision(2))} %` } : null,
  },
  {
    code: 'steps.assumed',
    severity: 'tip',
    source: COMMON,
    message: 'No steps are given: heat losses are those of 30 minutes at a covered simmer, without evaporation.',
    when: ({ recipe }) => (recipe.steps.length === 0 ? {} : null),
  },
  {
    code: 'eaten.alreadyDrained',
    severity: 'tip',
    source: 'Duyff, Mount and Jones 2011, on canned beans',
    message: 'This food is already counted as drained; nothing is taken off a second time.',
    when: (context) => some(linesWhere(context, ({ line, food }) => line.eaten === 'drained' && (food?.flags.includes('drained') ?? false))),
  },
  {
    code: 'beans.boilHard',
    severity: 'danger',
    source: 'FDA Bad Bug Book, phytohaemagglutinin',
    message:
      'Dry kidney-type beans: soak 5 hours or more in the fridge, throw the water away, boil hard for 30 minutes, then simmer. Never from raw in a slow cooker.',
    when: met({ flags: ['rawKidneyBean'] }),
  },
  {
    code: 'salt.potassiumChloride',
    severity: 'caution',
    source: COMMON,
    message: 'Reduced-sodium stocks often hold potassium chloride. Read the pack before serving someone on a potassium limit.',
    when: met({ flags: ['potassiumChloride'] }),
  },
  {
    code: 'additive.phosphate',
    severity: 'caution',
    source: COMMON,
    message:
      'Phosphate additives are common in this food and are absorbed far more than the phosphorus counted here. Look for phosphates on the pack for a kidney diet.',
    when: met({ flags: ['phosphate'] }),
  },
  {
    code: 'dairy.splits',
    severity: 'caution',
    source: COMMON,
    message: 'This splits when it boils or meets acid: temper it with hot soup and finish off the boil.',
    when: met({ flags: ['splitsWhenBoiled'] }),
  },
  {
    code: 'egg.finish',
    severity: 'danger',
    source: 'FDA Food Code 3-401.11 and 3-801.11 (memory)',
    message: 'An egg finish: use pasteurised egg, or hold the soup at 71 to 74 C, for anyone young, old, pregnant or with weak immunity.',
    when: met({ categories: ['egg'], stages: ['finish', 'bowl'] }),
  },
  {
    code: 'bay.takeOut',
    severity: 'caution',
    source: COMMON,
    message: 'Take the bay leaf out before blending: the fragments are hard and sharp.',
    when: (context) => {
      const lineIds = linesWhere(context, ({ food }) => food?.id === 'bay-leaf');
      const stepIds = stepsBy(context, 'blend');
      return lineIds.length > 0 && (stepIds.length > 0 || context.recipe.steps.length === 0) ? { lineIds, stepIds } : null;
    },
  },
  {
    code: 'blend.hot',
    severity: 'caution',
    source: COMMON,
    message:
      'Blending hot: fill a jar at most half, open the vent under a folded cloth, start slow; or cool first. Blend an allergen-free batch before the others.',
    when: (context) => {
      const stepIds = stepsBy(context, 'blend');
      return stepIds.length > 0 ? { stepIds } : null;
    },
  },
  {
    code: 'greens.vitaminK',
    severity: 'caution',
    source: COMMON,
    message: 'A bowl carries {what} µg of vitamin K. Someone on warfarin needs a steady intake, not none: tell the dietitian.',
    when: ({ perBowl }) => (perBowl('vitaminKUg') >= VITAMIN_K_UG ? { what: String(Math.round(perBowl('vitaminKUg'))) } : null),
  },
  {
    code: 'alcohol.stays',
    severity: 'caution',
    source: 'USDA Table of Nutrient Retention Factors, Release 6 (memory)',
    message: 'Alcohol does not all boil away: 40 % is left after 15 minutes at a simmer, 5 % after two and a half hours.',
    when: met({ origins: ['alcohol'] }),
  },
  {
    code: 'honey.infants',
    severity: 'danger',
    source: 'FDA Bad Bug Book, Clostridium botulinum (memory)',
    message: 'Honey is not for a child under 12 months, cooked or not.',
    when: met({ origins: ['honey'] }),
  },
  {
    code: 'line.optional',
    severity: 'tip',
    source: COMMON,
    message: 'Optional lines are counted in. Leave them out to see the soup without them.',
    when: (context) => some(linesWhere(context, ({ line }) => line.optional === true)),
  },
];

const testsOfFood = new WeakMap<Food, readonly number[]>();
/** Which conditions speak of a food at all; those of any food are in every list. */
function testsFor(food: Food | null): readonly number[] {
  const known = food ? testsOfFood.get(food) : undefined;
  if (known) return known;
  const found = LINE_TESTS.flatMap(({ ofFood }, at) => (ofFood === null || (food && ofFood(food)) ? [at] : []));
  if (food) testsOfFood.set(food, found);
  return found;
}

/** Lines by the condition they meet: one walk over the lines for all rules. */
function linesByTest(lines: readonly CountedLine[]): ReadonlyMap<number, string[]> {
  const met = new Map<number, string[]>();
  for (const { line, food } of lines)
    for (const at of testsFor(food)) {
      if (!(LINE_TESTS[at] as LineTest).ofLine(line)) continue;
      const ids = met.get(at);
      if (ids) ids.push(line.id);
      else met.set(at, [line.id]);
    }
  return met;
}

/** Steps whose words match, once for the steps of a recipe: plans share them. */
function stepTest(pattern: RegExp): (steps: Recipe['steps']) => readonly string[] {
  const known = new WeakMap<Recipe['steps'], readonly string[]>();
  return (steps) => {
    let ids = known.get(steps);
    if (!ids) known.set(steps, (ids = steps.filter(({ text }) => pattern.test(text)).map(({ id }) => id)));
    return ids;
  };
}

/** A row of the data as a rule. */
function ruleOf({ code, severity, message, source, line, also, methods, step, over, potMl }: Caution): NoteRule {
  const first = line && register(line);
  const second = also && register(also);
  const said = step && stepTest(step);
  return {
    code,
    severity,
    message,
    source,
    when: (context, met) => {
      if (potMl !== undefined && context.bowl.potMl < potMl) return null;
      const { steps } = context.recipe;
      const stepIds: string[] = [];
      if (methods) {
        stepIds.push(...stepsBy(context, ...methods));
        if (stepIds.length === 0) return null;
      }
      if (said) {
        const ids = said(steps);
        if (ids.length === 0) return null;
        stepIds.push(...ids.filter((id) => !stepIds.includes(id)));
      }
      const lineIds = first === undefined ? [] : (met.get(first) ?? []);
      if (first !== undefined && lineIds.length === 0) return null;
      const others = second === undefined ? [] : (met.get(second) ?? []).filter((id) => !lineIds.includes(id));
      if (second !== undefined && others.length === 0) return null;
      let what: string | undefined;
      if (over) {
        const value = context.perBowl(over[0]);
        if (value < over[1]) return null;
        what = String(Math.round(value));
      }
      return { lineIds: [...lineIds, ...others], ...(stepIds.length > 0 ? { stepIds } : {}), ...(what === undefined ? {} : { what }) };
    },
  };
}

/** Every rule: those of the data, and those that look at more than lines, steps and figures. */
export const ALL_RULES: readonly NoteRule[] = [...NOTE_RULES, ...CAUTIONS.map(ruleOf)];

/** The notes of a soup, dangers first. */
export function notesFor(context: NoteContext): Note[] {
  const order = { danger: 0, caution: 1, tip: 2 } as const;
  const met = linesByTest(context.lines);
  const notes: Note[] = [];
  for (const rule of ALL_RULES) {
    const found = rule.when(context, met);
    if (!found) continue;
    notes.push({
      code: rule.code,
      severity: rule.severity,
      message: rule.message.replace('{what}', found.what ?? ''),
      ...(found.what === undefined ? {} : { params: { what: found.what } }),
      lineIds: found.lineIds ?? [],
      ...(found.stepIds ? { stepIds: found.stepIds } : {}),
      source: rule.source,
    });
  }
  return notes.sort((a, b) => order[a.severity] - order[b.severity]);
}
