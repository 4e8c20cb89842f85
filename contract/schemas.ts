/** The bodies the API takes, as Joi schemas. Wrong shapes are 400, wrong values 422; see check.ts. */

import Joi from 'joi';
import { type EntryKind, KEEPS } from '../core/batch/entry.ts';
import { LABEL_FORMS, LABEL_KEYS } from '../core/food/label.ts';
import { MARKETS } from '../core/food/market.ts';
import { PIN_FLAGS, PIN_STATES } from '../core/food/pins.ts';
import { SALT_BAND_IDS } from '../core/food/seasoning.ts';
import { CHILLS } from '../core/plan/chill.ts';
import { TAGS } from '../core/plan/lesson.ts';
import { AIRS } from '../core/plan/slab.ts';
import { isDay } from '../core/quantity/day.ts';
import { SYSTEMS } from '../core/quantity/units.ts';
import { REGIME_IDS } from '../core/regime/regime.ts';
import { FAMILY_IDS, SCHOOLS } from '../core/school/data/schools.ts';
import { MEASURE_KEYS, MOST_SENT } from '../core/spread/measures.ts';
import { ALLERGENS, DIETS } from '../core/vocabulary/allergens.ts';
import { BLENDER_KINDS } from '../core/vocabulary/blender.ts';
import { CATEGORIES } from '../core/vocabulary/category.ts';
import { NUTRIENTS } from '../core/vocabulary/nutrient.ts';
import { EATEN, LIDS, MAX_LINES, MAX_PREPARATIONS, MAX_STEPS, METHODS, STAGES } from '../core/vocabulary/recipe.ts';

export const MEASURES = ['auto', ...SYSTEMS] as const;
/** No kitchen weighs more than this into one pot; keeps every sum finite. */
const MOST_GRAMS = 1e7;
const MOST_MINUTES = 100_000;
const MOST_YIELD_ML = 1e7;

export const id = Joi.string().min(1).max(100);
const words = Joi.string().allow('').max(5000);
/** Less than a millionth is no weight and no share of a kitchen, and sums run away on it; nothing at all is 0. */
const LEAST = 1e-6;
const noneOrSome = (most: number) =>
  Joi.number()
    .min(0)
    .max(most)
    .custom((value: number, helpers) => (value > 0 && value < LEAST ? helpers.error('number.min', { limit: LEAST }) : value));
const grams = noneOrSome(MOST_GRAMS);
/** The least a kitchen can mean: below it figures of one bowl run away. */
const servings = Joi.number().min(0.1).max(1e6);
const wholeGrams = Joi.number().min(1).max(MOST_GRAMS);
const centimetres = Joi.number().min(1).max(1000);
/** A day of the calendar, not only of its shape. */
export const day = Joi.string()
  .custom((value: string, helpers) => (isDay(value) ? value : helpers.error('day')), 'a day')
  .messages({ day: '{{#label}} must be a day of the calendar, as 2026-11-27' });
export const oneOf = (values: readonly string[]) => Joi.string().valid(...values);

export const line = Joi.object({
  id: id.required(),
  stage: oneOf(STAGES).required(),
  text: words.required(),
  foodId: id.allow(null).required(),
  grams: Joi.object({ best: grams.required(), low: grams.required(), high: grams.required() }).allow(null).required(),
  amount: Joi.object({ min: Joi.number().min(0).required(), max: Joi.number().min(0).required(), unit: words.required() }),
  prep: words,
  cut: Joi.alternatives(Joi.string().max(100), Joi.number().min(0.1).max(50)),
  eaten: oneOf(EATEN),
  eatenShare: noneOrSome(1),
  perBowl: Joi.boolean(),
  optional: Joi.boolean(),
  partOf: id,
  choiceOf: id,
  chosen: Joi.boolean(),
  replaces: id,
  preparationId: id,
});

/** No text is longer. */
const MOST_OFFSET = 100_000;
const step = Joi.object({
  id: id.required(),
  stage: oneOf(STAGES).required(),
  text: words.required(),
  method: oneOf(METHODS),
  minutes: Joi.object({ min: Joi.number().min(0).max(MOST_MINUTES).required(), max: Joi.number().min(0).max(MOST_MINUTES).required() }),
  handsOn: Joi.boolean(),
  lid: oneOf(LIDS),
  uses: Joi.array().items(id).max(MAX_LINES),
  doneWhen: words,
  mentions: Joi.array()
    .items(
      Joi.object({
        from: Joi.number().integer().min(0).max(MOST_OFFSET).required(),
        to: Joi.number().integer().min(0).max(MOST_OFFSET).required(),
        lineId: id.required(),
        share: Joi.number().min(0).max(1),
      }),
    )
    .max(MAX_LINES),
});

const pot = Joi.object({ diameterCm: centimetres, depthCm: centimetres, ringKw: Joi.number().min(0.01).max(1000) });

// The counts of lines and steps are checked with the recipe's meaning, so that they carry a code of their own.
export const recipeSchema = Joi.object({
  id,
  title: Joi.string().min(1).max(500).required(),
  measures: oneOf(SYSTEMS),
  servings,
  servingGrams: wholeGrams,
  measuredYieldGrams: wholeGrams,
  yieldMl: Joi.number().min(1).max(MOST_YIELD_ML),
  unread: Joi.array().items(words).max(MAX_LINES),
  statements: Joi.array().items(words).max(MAX_LINES),
  claims: Joi.array().items(words).max(MAX_LINES),
  pot,
  lines: Joi.array().items(line).required(),
  steps: Joi.array().items(step).required(),
  asWritten: Joi.object({
    lines: Joi.array().items(line).max(MAX_LINES).required(),
    steps: Joi.array().items(step).max(MAX_STEPS).required(),
    works: Joi.array()
      .items(Joi.object({ lineId: id.required(), text: words.required(), when: oneOf(['before', 'blend', 'finish']).required() }))
      .max(MAX_LINES)
      .required(),
  }),
  preparations: Joi.array()
    .max(MAX_PREPARATIONS)
    .items(
      Joi.object({
        id: id.required(),
        name: Joi.string().min(1).max(200).required(),
        lines: Joi.array().items(line).max(MAX_LINES).required(),
        steps: Joi.array().items(step).max(MAX_STEPS).required(),
        yieldGrams: wholeGrams,
        lotId: id,
        madeOn: day,
      }),
    ),
});

/** Of one kind of need. */
const MOST_ASKED = 100;
const blenderSchema = Joi.object({ kind: oneOf(BLENDER_KINDS).required(), sieve: Joi.boolean(), jarMl: Joi.number().min(100).max(20_000) });
const rules = { regime: oneOf(REGIME_IDS), coconutIsTreeNut: Joi.boolean(), chestnutIsTreeNut: Joi.boolean(), blender: blenderSchema };
const weight = Joi.number().min(0).max(1000);

export const needsSchema = Joi.object({
  ...rules,
  allergens: Joi.array().items(oneOf(ALLERGENS)).max(MOST_ASKED),
  diets: Joi.array().items(oneOf(DIETS)).max(MOST_ASKED),
  limits: Joi.array()
    .max(40)
    .items(
      Joi.object({
        nutrient: oneOf(NUTRIENTS).required(),
        per: oneOf(['serving', '100g']).required(),
        min: Joi.number().min(0),
        max: Joi.number().min(0),
      }),
    ),
  body: Joi.alternatives().conditional(Joi.string(), {
    // biome-ignore lint/suspicious/noThenProperty: Joi's own word for a branch
    then: Joi.string().valid('same'),
    otherwise: Joi.object({ min: Joi.number().min(0).max(1), max: Joi.number().min(0).max(1) }),
  }),
  smooth: Joi.boolean(),
  keepLines: Joi.array().items(id).max(MAX_LINES),
  keepFoods: Joi.array().items(id).max(MAX_LINES),
  avoidFoods: Joi.array().items(id).max(MAX_LINES),
  useFirst: Joi.array().items(id).max(MAX_LINES),
  checks: oneOf(['asIs', 'avoid', 'allow']),
  margin: Joi.number().min(0.5).max(0.99),
  scope: Joi.string().valid('bowl', 'plate'),
  weights: Joi.object({ closeness: weight, changes: weight, work: weight, cost: weight, flavour: weight, wholeFoods: weight }),
});

export const spreadSchema = Joi.object({
  recipe: recipeSchema.required(),
  needs: needsSchema.required(),
  measures: Joi.array().length(2).unique().items(oneOf(MEASURE_KEYS)),
  most: Joi.number().integer().min(1).max(MOST_SENT),
});
export const analyseSchema = Joi.object({ recipe: recipeSchema.required(), ...rules, saltBand: oneOf(SALT_BAND_IDS) });
export const sheetSchema = Joi.object({ recipe: recipeSchema.required(), needs: needsSchema, regime: oneOf(REGIME_IDS), original: recipeSchema });
/** An instant, ISO 8601 with its clock: '2027-03-06T18:30:00.000Z'. */
const instant = Joi.string()
  .max(40)
  .custom((value: string, helpers) =>
    /^\d{4}-\d\d-\d\dT\d\d:\d\d/.test(value) && !Number.isNaN(Date.parse(value)) ? value : helpers.error('instant'),
  )
  .messages({ instant: 'is no time: write it as 2027-03-06T18:30:00Z' });
export const scaleSchema = Joi.object({ recipe: recipeSchema.required(), servings: servings.required(), pot });
const kitchenSchema = Joi.object({
  cooks: Joi.number().integer().min(1).max(20).required(),
  rings: Joi.number().integer().min(0).max(20).required(),
  ovens: Joi.number().integer().min(0).max(20).required(),
  blenderJarMl: Joi.number().min(0).max(100_000).required(),
  potDiameterCm: Joi.number().min(1).max(200).required(),
  ringKw: Joi.number().min(0.01).max(1000),
  trays: Joi.number().integer().min(0).max(100),
  coldBaths: Joi.number().integer().min(0).max(20),
  readyCut: Joi.alternatives(Joi.boolean(), Joi.array().max(MAX_LINES).items(id)),
});
/** Soups of one lunch. */
const MOST_SOUPS = 12;
export const planSchema = Joi.object({
  recipe: recipeSchema,
  servings,
  ahead: oneOf(CHILLS),
  soups: Joi.array()
    .min(1)
    .max(MOST_SOUPS)
    .items(
      Joi.object({
        recipe: recipeSchema.required(),
        servings: servings.required(),
        ahead: oneOf(CHILLS),
        follows: Joi.array().max(MOST_SOUPS).items(Joi.number().integer().min(0).max(MOST_SOUPS)),
      }),
    ),
  kitchen: kitchenSchema.required(),
  serveAt: instant.required(),
  regime: oneOf(REGIME_IDS),
  pins: Joi.array()
    .max(100)
    .items(Joi.object({ task: id.required(), minutesBefore: Joi.number().min(0).max(MOST_MINUTES).required() })),
  lesson: Joi.object({
    minutes: Joi.number().min(1).max(1440).required(),
    stations: Joi.number().integer().min(1).max(50).required(),
    learners: Joi.array()
      .max(50)
      .items(Joi.object({ seat: Joi.string().min(1).max(10).required(), cannot: Joi.array().items(oneOf(TAGS)).max(10).required() }))
      .required(),
  }),
})
  .xor('recipe', 'soups')
  .with('recipe', 'servings')
  .without('soups', 'ahead');
const celsius = Joi.number().min(-50).max(200);
const container = Joi.object({ depthCm: Joi.number().min(0.5).max(100).required(), covered: Joi.boolean().required(), air: oneOf(AIRS).required() });
export const coolingSchema = Joi.object({
  regime: oneOf(REGIME_IDS).required(),
  readings: Joi.array()
    .max(1000)
    .items(Joi.object({ minutes: Joi.number().min(0).max(100_000).required(), celsius: celsius.required() }))
    .required(),
  container,
  from: celsius,
});
export const methodSchema = Joi.object({ original: recipeSchema.required(), recipe: recipeSchema.required() });

export const adaptSchema = Joi.object({
  recipe: recipeSchema.required(),
  needs: needsSchema.required(),
  plans: Joi.number().integer().min(1).max(10),
  timeLimitMs: Joi.number().min(1).max(60_000),
});
/** A recipe, or a small book of them, in characters. */
export const MOST_TEXT = 200_000;
export const readSchema = Joi.object({ text: Joi.string().allow('').max(MOST_TEXT).required(), measures: oneOf(MEASURES) });

export const revision = Joi.number().integer().min(1);
/** By the id of the line that was changed. */
const notes = Joi.object().pattern(Joi.string().max(200), words).max(500);
/** Something other than white space. */
const title = Joi.string().pattern(/\S/).max(500);
export const newSoupSchema = Joi.object({ title: title.required(), recipe: recipeSchema.required(), needs: needsSchema });
export const patchSoupSchema = Joi.object({ title, archived: Joi.boolean(), revision: revision.required() });
export const draftSchema = Joi.object({
  recipe: recipeSchema.required(),
  needs: needsSchema.required(),
  basedOn: id.allow(null).required(),
  revision: revision.required(),
  notes,
});
export const newVersionSchema = Joi.object({
  name: Joi.string().pattern(/\S/).max(200).required(),
  reason: words.required(),
  recipe: recipeSchema.required(),
  needs: needsSchema.required(),
  notes,
});
/** ISO 4217 in letters. */
const currency = Joi.string().pattern(/^[A-Z]{3}$/, 'currency');
export const settingsSchema = Joi.object({
  regime: oneOf(REGIME_IDS).required(),
  coconutIsTreeNut: Joi.boolean().required(),
  chestnutIsTreeNut: Joi.boolean().required(),
  measures: oneOf(MEASURES).required(),
  show: oneOf(['grams', 'kitchen']).required(),
  potDiameterCm: Joi.number().min(1).max(200).required(),
  potDepthCm: Joi.number().min(1).max(200).allow(null),
  ringKw: Joi.number().min(0.01).max(100).allow(null).required(),
  cooks: Joi.number().integer().min(1).max(20),
  rings: Joi.number().integer().min(0).max(20),
  ovens: Joi.number().integer().min(0).max(20),
  trays: Joi.number().integer().min(0).max(100).allow(null),
  coldBaths: Joi.number().integer().min(0).max(20),
  bowlMl: Joi.number().min(50).max(2000).required(),
  ladlesMl: Joi.array().max(6).items(Joi.number().min(10).max(2000)),
  keptDays: Joi.number().integer().min(1).max(14).allow(null),
  currency: currency.required(),
  saltBand: oneOf(SALT_BAND_IDS),
  blender: blenderSchema,
  market: oneOf(MARKETS),
  ways: Joi.object(Object.fromEntries(FAMILY_IDS.map((family) => [family, oneOf(SCHOOLS[family].schools.map((school) => school.id))]))),
  revision: revision.required(),
});

export const priceSchema = Joi.object({
  perKg: Joi.number().min(0).max(1e6).required(),
  currency: currency.required(),
  date: day.required(),
});
const ofPreparation = {
  name: Joi.string().pattern(/\S/).max(200).required(),
  recipe: recipeSchema.required(),
  yieldGrams: wholeGrams,
  doseGrams: Joi.number().min(0.1).max(MOST_GRAMS),
  keepDays: Joi.number().integer().min(1).max(365),
};
export const preparationSchema = Joi.object(ofPreparation);
export const changePreparationSchema = Joi.object({ ...ofPreparation, revision: revision.required() });
export const presetSchema = Joi.object({
  name: Joi.string().pattern(/\S/).max(100).required(),
  needs: needsSchema.required(),
  caution: words.required(),
});
export const flowTestSchema = Joi.object({
  mlLeft: Joi.number().min(0).max(10).required(),
  temperatureC: Joi.number().min(-5).max(100).required(),
  heldMinutes: Joi.number().min(0).max(MOST_MINUTES).required(),
  forkDrip: oneOf(['runsThrough', 'dripsSlowly', 'sitsInAPile']),
  spoonTilt: oneOf(['runsOff', 'slidesOff', 'sticks']),
  liquidSeparates: Joi.boolean(),
  note: words.required(),
});

/** Ingredients are as long as a package is. */
const MOST_INGREDIENTS = 5000;
export const labelSchema = Joi.object({
  name: Joi.string().pattern(/\S/).max(200).required(),
  aliases: Joi.array().items(Joi.string().pattern(/\S/).max(200)).max(40).required(),
  category: oneOf(CATEGORIES).required(),
  form: oneOf(LABEL_FORMS).required(),
  perGrams: Joi.number().min(0.1).max(5000).required(),
  figures: Joi.object(Object.fromEntries(LABEL_KEYS.map((key) => [key, Joi.number().min(0).max(100_000)]))).required(),
  ingredients: Joi.string().allow('').max(MOST_INGREDIENTS).allow(null).required(),
  date: day.required(),
  like: id,
  gramsPerMl: Joi.number().min(0.2).max(3),
});
export const changeOwnFoodSchema = Joi.object({ entry: labelSchema.required(), retired: Joi.boolean().required(), revision: revision.required() });

export const pinSchema = Joi.object({
  allergens: Joi.array()
    .items(Joi.object({ allergen: oneOf(ALLERGENS).required(), state: oneOf(PIN_STATES).required() }))
    .max(ALLERGENS.length)
    .required(),
  diets: Joi.array().items(oneOf(DIETS)).max(DIETS.length).required(),
  flags: Joi.array()
    .items(Joi.object({ flag: oneOf(PIN_FLAGS).required(), present: Joi.boolean().required() }))
    .max(PIN_FLAGS.length)
    .required(),
  readOn: day.required(),
  lookAgainOn: day.required(),
  product: Joi.string().pattern(/\S/).max(200).required(),
  revision: Joi.number().integer().min(0).required(),
});
export const phraseSchema = Joi.object({ text: Joi.string().pattern(/\S/).max(400).required(), foodId: id.allow(null).required() });

const ofLarder = {
  foodId: id.required(),
  grams: Joi.number().min(1).max(MOST_GRAMS).required(),
  useBy: day.allow(null).required(),
  note: Joi.string().allow('').max(500).required(),
};
export const larderSchema = Joi.object({ entries: Joi.array().items(Joi.object(ofLarder)).min(1).max(200).required() });
export const changeLarderSchema = Joi.object({ ...ofLarder, revision: revision.required() });
export const viewSchema = Joi.object({ name: Joi.string().pattern(/\S/).max(100).required(), query: Joi.string().allow('').max(4000).required() });
export const demoSchema = Joi.object({ shown: Joi.boolean().required() });
export const versionLabelSchema = Joi.object({
  name: Joi.string().pattern(/\S/).max(200).required(),
  archived: Joi.boolean().required(),
  revision: revision.required(),
});

/** Of a batch, a portion, a stream of one kitchen. */
const uuid = Joi.string().guid();
export const newBatchSchema = Joi.object({
  soupId: id.required(),
  version: Joi.number().integer().min(1).allow(null).required(),
  servings: servings.required(),
  recipe: recipeSchema,
});
/** Entries sent at once; what waited for the server comes in parts. */
const MOST_ENTRIES = 200;
const someGrams = Joi.number().greater(0).max(MOST_GRAMS);
const remark = Joi.string().max(2000);
const noted = { id: uuid.required(), at: instant.required(), by: Joi.string().min(1).max(40) };
const ENTRY_SHAPES = {
  step: { stepId: id.required(), note: remark },
  weighed: { lineId: id.required(), grams: someGrams.required() },
  added: { foodId: id.required(), grams: someGrams.required(), stage: oneOf(STAGES), text: remark.min(1) },
  instead: { lineId: id.required(), foodId: id.required(), grams: someGrams.required(), text: remark.min(1) },
  left: { lineId: id.required() },
  reading: { device: id, celsius, grams: Joi.number().min(-MOST_GRAMS).max(MOST_GRAMS) },
  tasting: { seat: Joi.string().min(1).max(40), text: remark.min(1).required() },
  flow: { mlLeft: Joi.number().min(0).max(10).required(), celsius, text: remark },
  yield: { grams: someGrams.required() },
  poured: { bowls: Joi.number().min(0.1).max(10_000).required(), leftGrams: Joi.number().min(0).max(MOST_GRAMS).required() },
  cooling: { celsius: celsius.required(), container },
  portioned: { count: Joi.number().integer().min(1).max(10_000).required(), grams: someGrams.required(), keep: oneOf(KEEPS).required() },
  note: { text: remark.min(1).required() },
  struck: { entry: uuid.required(), why: remark.pattern(/\S/).required() },
} as const satisfies Record<EntryKind, Record<string, Joi.Schema>>;
const KINDS = Object.keys(ENTRY_SHAPES) as EntryKind[];
const entry = Joi.alternatives().conditional('.kind', {
  // biome-ignore lint/suspicious/noThenProperty: the word of the schema language
  switch: KINDS.map((kind) => ({ is: kind, then: Joi.object({ ...noted, kind: Joi.string().valid(kind).required(), ...ENTRY_SHAPES[kind] }) })),
  otherwise: Joi.object({ kind: oneOf(KINDS).required() }).unknown(),
});
export const entriesSchema = Joi.object({ entries: Joi.array().min(1).max(MOST_ENTRIES).items(entry).required() });

export const madeSchema = Joi.object({ id: uuid.required(), grams: someGrams.required(), keep: oneOf(KEEPS).required(), madeOn: day });
export const takeMadeSchema = Joi.object({ id: uuid.required(), grams: someGrams.required() });
export const takeSchema = Joi.object({ id: uuid.required(), count: Joi.number().integer().min(1).max(10_000).required() });

/** What a simulated device is told. */
export const deviceSchema = Joi.object({
  tare: Joi.boolean().valid(true),
  load: Joi.number().greater(0).max(100_000),
  remove: Joi.alternatives().try(Joi.boolean().valid(true), Joi.number().greater(0).max(100_000)),
  immerse: Joi.object({
    celsius: celsius.required(),
    grams: Joi.number().min(1).max(MOST_GRAMS),
    ringKw: Joi.number().min(0.01).max(100),
    container,
  }).allow(null),
  fault: Joi.string().valid('flatBattery', 'disconnected', 'overRange').allow(null),
}).min(1);
