/** Cautions that look at more than a row of the data can say: at the pot, the number of bowls, the order of the steps, what is hidden. */
import type { CountedLine } from '../allergen/board.ts';
import { ALLERGEN_LABELS, type AllergenId, SINGLE_TREE_NUTS } from '../vocabulary/allergens.ts';
import { batchesOf, blenderRow } from '../vocabulary/blender.ts';
import type { Food } from '../vocabulary/food.ts';
import type { Stage, Step } from '../vocabulary/recipe.ts';
import { register } from './conditions.ts';
import type { LineWhen } from './data/cautions.ts';
import type { Finding, NoteContext, NoteRule } from './note.ts';
import { stepsWhere } from './steps.ts';

const some = (lineIds: string[]): Finding | null => (lineIds.length > 0 ? { lineIds } : null);
const linesWhere = (context: NoteContext, test: (counted: CountedLine) => boolean): string[] => context.lines.filter(test).map(({ line }) => line.id);
/** Lines that meet a condition on their food, asked once of each food. */
const met = (condition: LineWhen): Pick<NoteRule, 'needs' | 'when'> => {
  const needs = register(condition);
  return { needs, when: (_, lines) => some(lines.get(needs) ?? []) };
};
const COMMON = 'common practice, no source';

/** Where the jar is not known. */
const MORE_THAN_A_JAR_ML = 3000;
const HEATS: ReadonlySet<string> = new Set(['sweat', 'brown', 'roast', 'bake', 'fry', 'boil', 'simmer', 'steam', 'pressure']);
const COLD = /\bblend(?:ed)? (?:it )?cold\b|\bonce (?:it has |completely )?(?:cooled|cold)\b|\bwhen (?:it is )?cold\b/i;
const heats = ({ method }: Step): boolean => method !== undefined && HEATS.has(method);

const blending = stepsWhere(({ method }) => method === 'blend');
const blendingHot = stepsWhere(({ method, text }, at, steps) => method === 'blend' && !COLD.test(text) && steps.slice(0, at).some(heats));
const heatedAsPuree = stepsWhere(
  ({ method }, at, steps) => (method === 'simmer' || method === 'boil') && steps.slice(0, at).some((before) => before.method === 'blend'),
);
const heating = stepsWhere(heats);
const madeCold = stepsWhere(({ text }) => /\b(?:chill\w*|cold|fridge|refrigerat\w*|iced?)\b/i.test(text));
const inSteps = (stepIds: readonly string[]): Finding | null => (stepIds.length > 0 ? { stepIds: [...stepIds] } : null);

const HIDDEN_STAGES: ReadonlySet<Stage> = new Set<Stage>(['base', 'simmer', 'blend']);
/** What nobody expects in a cream soup, beside the milk and the vegetable it is called after. */
const HIDDEN: ReadonlySet<AllergenId> = new Set<AllergenId>([
  ...SINGLE_TREE_NUTS,
  ...([
    'treeNut',
    'peanut',
    'soy',
    'sesame',
    'mustard',
    'lupin',
    'coconut',
    'chestnut',
    'celery',
    'fish',
    'crustacean',
    'mollusc',
    'egg',
    'gluten',
  ] as const),
]);

const hiddenInFood = new WeakMap<Food, readonly string[]>();

/** The names of what a food hides in a puree. */
function hiddenIn(food: Food): readonly string[] {
  let hidden = hiddenInFood.get(food);
  if (!hidden) hiddenInFood.set(food, (hidden = hiddenNames(food)));
  return hidden;
}

function hiddenNames(food: Food): string[] {
  const held = food.contains.filter(({ allergen }) => HIDDEN.has(allergen)).map(({ allergen }) => ALLERGEN_LABELS[allergen]);
  return food.category === 'pulse' ? [...held, 'pulses'] : held;
}
const listed = (words: readonly string[]): string => (words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`);

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
    ...met({ flags: ['rawKidneyBean'] }),
  },
  {
    code: 'salt.potassiumChloride',
    severity: 'caution',
    source: COMMON,
    message: 'Reduced-sodium stocks often hold potassium chloride. Read the pack before serving someone on a potassium limit.',
    concerns: ['potassiumMg', 'sodiumMg'],
    ...met({ flags: ['potassiumChloride'] }),
  },
  {
    code: 'additive.phosphate',
    severity: 'caution',
    source: COMMON,
    message:
      'Phosphate additives are common in this food and are absorbed far more than the phosphorus counted here. Look for phosphates on the pack for a kidney diet.',
    concerns: ['phosphorusMg'],
    ...met({ flags: ['phosphate'] }),
  },
  {
    code: 'dairy.splits',
    severity: 'caution',
    source: COMMON,
    message: 'This splits when it boils or meets acid: temper it with hot soup and finish off the boil.',
    ...met({ flags: ['splitsWhenBoiled'] }),
  },
  {
    code: 'egg.finish',
    severity: 'danger',
    source: 'FDA Food Code 3-401.11 and 3-801.11 (memory)',
    message: 'An egg finish: use pasteurised egg, or hold the soup at 71 to 74 C, for anyone young, old, pregnant or with weak immunity.',
    ...met({ categories: ['egg'], states: ['raw'], stages: ['finish', 'bowl'] }),
  },
  {
    code: 'bay.takeOut',
    severity: 'caution',
    source: COMMON,
    message: 'Take the bay leaf out before blending: the fragments are hard and sharp.',
    when: (context) => {
      const lineIds = linesWhere(context, ({ food }) => food?.id === 'bay-leaf');
      const { steps } = context.recipe;
      const stepIds = [...blending(steps)];
      return lineIds.length > 0 && (stepIds.length > 0 || steps.length === 0) ? { lineIds, stepIds } : null;
    },
  },
  {
    code: 'blend.hot',
    severity: 'caution',
    source: COMMON,
    message:
      'Blending hot: fill a jar at most half, open the vent under a folded cloth, start slow, never in a closed cup blender; or cool first. Blend an allergen-free batch before the others.',
    when: ({ recipe: { steps } }) => inSteps(blendingHot(steps)),
  },
  {
    code: 'blend.batches',
    severity: 'tip',
    source: COMMON,
    message: '{what}, a jar filled to half at most: mix the batches in one pot before you taste and portion.',
    when: ({ recipe: { steps }, blender, bowl }) => {
      const stepIds = [...blending(steps)];
      if (stepIds.length === 0 || (blender && !blenderRow(blender.kind).jar)) return null;
      const batches = blender ? batchesOf(blender, bowl.potMl) : 1;
      if (blender?.jarMl ? batches < 2 : bowl.potMl < MORE_THAN_A_JAR_ML) return null;
      return { stepIds, what: batches > 1 ? `${batches} batches` : 'More than a jar holds' };
    },
  },
  {
    code: 'puree.spits',
    severity: 'tip',
    source: COMMON,
    message: 'A thick puree put back on the heat spits and catches: low heat, a lid ajar, stirred along the bottom, and a long spoon.',
    when: ({ recipe: { steps } }) => inSteps(heatedAsPuree(steps)),
  },
  {
    code: 'cold.sameDay',
    severity: 'caution',
    source: COMMON,
    message:
      'A cold soup meets no heat that kills germs: clean hands, washed produce, pasteurised dairy; kept at {cold} C or below from the blender to the bowl and eaten the same day.',
    when: ({ recipe: { steps } }) => (heating(steps).length > 0 ? null : inSteps(madeCold(steps))),
  },
  {
    code: 'hidden.tell',
    severity: 'caution',
    source: COMMON,
    message: 'Blended in, {what} cannot be seen or tasted for certain: tell those who eat it, by name.',
    when: (context) => {
      if (blending(context.recipe.steps).length === 0) return null;
      const hidden = context.lines.filter(({ line, food }) => food && HIDDEN_STAGES.has(line.stage) && hiddenIn(food).length > 0);
      const what = [...new Set(hidden.flatMap(({ food }) => hiddenIn(food as Food)))];
      return what.length > 0 ? { lineIds: hidden.map(({ line }) => line.id), what: listed(what) } : null;
    },
  },
  {
    code: 'greens.vitaminK',
    severity: 'caution',
    source: COMMON,
    message:
      'A bowl carries {what} µg of vitamin K, from greens, herbs, rapeseed or soy oil. Someone on warfarin needs a steady intake, not none: tell the dietitian.',
    concerns: ['vitaminKUg'],
    when: ({ perBowl }) => (perBowl('vitaminKUg') >= VITAMIN_K_UG ? { what: String(Math.round(perBowl('vitaminKUg'))) } : null),
  },
  {
    code: 'alcohol.stays',
    severity: 'caution',
    source: 'USDA Table of Nutrient Retention Factors, Release 6 (memory)',
    message: 'Alcohol does not all boil away: 40 % is left after 15 minutes at a simmer, 5 % after two and a half hours.',
    concerns: ['noAlcohol'],
    ...met({ origins: ['alcohol'] }),
  },
  {
    code: 'honey.infants',
    severity: 'danger',
    source: 'FDA Bad Bug Book, Clostridium botulinum (memory)',
    message: 'Honey is not for a child under 12 months, cooked or not.',
    ...met({ origins: ['honey'] }),
  },
  {
    code: 'line.optional',
    severity: 'tip',
    source: COMMON,
    message: 'Optional lines are counted in. Leave them out to see the soup without them.',
    when: (context) => some(linesWhere(context, ({ line }) => line.optional === true)),
  },
];
