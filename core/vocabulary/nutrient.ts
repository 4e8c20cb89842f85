/**
 * Nutrients: one row each, with everything the rooms and screens need to know of it. Keys carry their unit. Every nutrient stands in every
 * analysis, in the order of the rows. To add one: a row here, and its figures in the food rows; a regime that declares it names it in its
 * own file. Lists elsewhere are derived; a hole does not compile.
 */

/** Which class of error its composition values have. */
export type ErrorClass = 'water' | 'macro' | 'mineral' | 'vitamin';
/** Foods in which a nutrient cannot be, so that 0 is a fact and not a gap: nature, no source. */
export type NeverIn = 'plant' | 'rawPlant' | 'flesh' | 'egg' | 'milk' | 'oil' | 'whole' | 'undrunk' | 'greenPlant' | 'fatless';
/** How it goes when a solid is strained out or fat is poured off. */
export type Leaves = 'fat' | 'salt' | 'dissolves';

export interface NutrientRow {
  label: string;
  unit: 'kcal' | 'kJ' | 'g' | 'mg' | 'µg';
  error: ErrorClass;
  /** Computed from other nutrients by the rules of a regime; no composition row stores it. */
  derived?: true;
  /** A column of the embedded open table is carried over one to one. */
  openTable?: true;
  never?: readonly NeverIn[];
  leaves?: Leaves;
  /** Its place among the figures a limit can be set on, in the tables of a bowl, in Compare, in the bowl panel, in what a swap moves. */
  limit?: number;
  table?: number;
  compare?: number;
  bowl?: number;
  effect?: number;
  /** Its place among what a plan says it loses, whether asked or not. */
  loss?: number;
  /** A rise of at least this much a bowl is said, asked or not (judgement, no source). */
  rise?: number;
  /** The words people ask for it with, separated by commas; lower case. */
  words?: string;
}

// The order of the contract: energy, macronutrients, minerals, vitamins, and what is watched beside them.
const ROWS = {
  energyKcal: { label: 'Energy', unit: 'kcal', error: 'macro', derived: true, limit: 7, table: 1, compare: 1, effect: 4, words: 'energy, calories' },
  energyKj: { label: 'Energy', unit: 'kJ', error: 'macro', derived: true },
  waterG: { label: 'Water', unit: 'g', error: 'water', openTable: true, never: ['oil'] },
  proteinG: {
    label: 'Protein',
    unit: 'g',
    error: 'macro',
    openTable: true,
    never: ['oil'],
    limit: 6,
    table: 2,
    compare: 2,
    bowl: 1,
    effect: 3,
    loss: 1,
    words: 'protein',
  },
  fatG: { label: 'Fat', unit: 'g', error: 'macro', openTable: true, leaves: 'fat', limit: 3, table: 3, compare: 3, bowl: 2, words: 'fat, total fat' },
  saturatedFatG: {
    label: 'Saturated fat',
    unit: 'g',
    error: 'macro',
    openTable: true,
    leaves: 'fat',
    limit: 2,
    table: 4,
    compare: 4,
    bowl: 3,
    effect: 1,
    rise: 0.5,
    words: 'saturated fat, sat fat, saturates',
  },
  transFatG: { label: 'Trans fat', unit: 'g', error: 'macro', openTable: true, never: ['rawPlant', 'fatless'], leaves: 'fat' },
  monoFatG: { label: 'Monounsaturated fat', unit: 'g', error: 'macro', never: ['fatless'], openTable: true, leaves: 'fat' },
  polyFatG: { label: 'Polyunsaturated fat', unit: 'g', error: 'macro', never: ['fatless'], openTable: true, leaves: 'fat' },
  cholesterolMg: {
    label: 'Cholesterol',
    unit: 'mg',
    error: 'macro',
    openTable: true,
    never: ['plant'],
    leaves: 'fat',
    limit: 13,
    table: 14,
    compare: 12,
    words: 'cholesterol',
  },
  carbohydrateG: {
    label: 'Carbohydrate, total',
    unit: 'g',
    error: 'macro',
    never: ['oil'],
    limit: 8,
    table: 5,
    compare: 5,
    bowl: 4,
    effect: 7,
    words: 'carbohydrate, carbohydrates, carbs',
  },
  availableCarbohydrateG: {
    label: 'Carbohydrate, available',
    unit: 'g',
    error: 'macro',
    derived: true,
    limit: 9,
    table: 6,
    rise: 4,
    words: 'available carbohydrate, net carbs',
  },
  fibreG: {
    label: 'Fibre',
    unit: 'g',
    error: 'macro',
    openTable: true,
    never: ['flesh', 'egg', 'milk', 'oil'],
    limit: 11,
    table: 7,
    compare: 6,
    bowl: 5,
    effect: 6,
    loss: 8,
    words: 'fibre, fiber',
  },
  sugarsG: {
    label: 'Sugars',
    unit: 'g',
    error: 'macro',
    openTable: true,
    never: ['flesh', 'oil'],
    leaves: 'dissolves',
    limit: 10,
    table: 8,
    compare: 7,
    rise: 2,
    words: 'sugar, sugars',
  },
  addedSugarsG: { label: 'Added sugars', unit: 'g', error: 'macro', never: ['whole'], leaves: 'dissolves' },
  starchG: { label: 'Starch', unit: 'g', error: 'macro', openTable: true, never: ['flesh', 'egg', 'milk', 'oil'] },
  sodiumMg: {
    label: 'Sodium',
    unit: 'mg',
    error: 'mineral',
    openTable: true,
    never: ['oil'],
    leaves: 'salt',
    limit: 1,
    table: 9,
    compare: 8,
    bowl: 6,
    effect: 2,
    rise: 40,
    words: 'sodium',
  },
  saltG: { label: 'Salt', unit: 'g', error: 'mineral', derived: true, limit: 22, words: 'salt' },
  potassiumMg: {
    label: 'Potassium',
    unit: 'mg',
    error: 'mineral',
    openTable: true,
    never: ['oil'],
    leaves: 'salt',
    limit: 4,
    table: 10,
    compare: 9,
    bowl: 7,
    effect: 5,
    rise: 60,
    words: 'potassium',
  },
  calciumMg: {
    label: 'Calcium',
    unit: 'mg',
    error: 'mineral',
    openTable: true,
    never: ['oil'],
    limit: 12,
    table: 11,
    compare: 11,
    loss: 2,
    words: 'calcium',
  },
  ironMg: { label: 'Iron', unit: 'mg', error: 'mineral', openTable: true, limit: 14, table: 13, loss: 6, words: 'iron' },
  magnesiumMg: {
    label: 'Magnesium',
    unit: 'mg',
    error: 'mineral',
    openTable: true,
    never: ['oil'],
    leaves: 'dissolves',
    limit: 20,
    words: 'magnesium',
  },
  phosphorusMg: {
    label: 'Phosphorus',
    unit: 'mg',
    error: 'mineral',
    openTable: true,
    never: ['oil'],
    leaves: 'dissolves',
    limit: 5,
    table: 12,
    compare: 10,
    rise: 30,
    words: 'phosphorus, phosphate',
  },
  zincMg: { label: 'Zinc', unit: 'mg', error: 'mineral', openTable: true, never: ['oil'], limit: 21, loss: 7, words: 'zinc' },
  copperMg: { label: 'Copper', unit: 'mg', error: 'mineral', openTable: true },
  manganeseMg: { label: 'Manganese', unit: 'mg', error: 'mineral', openTable: true },
  seleniumUg: { label: 'Selenium', unit: 'µg', error: 'mineral', openTable: true },
  iodineUg: { label: 'Iodine', unit: 'µg', error: 'mineral', loss: 3 },
  vitaminARaeUg: { label: 'Vitamin A (RAE)', unit: 'µg', error: 'vitamin', loss: 9 },
  betaCaroteneUg: { label: 'Beta-carotene', unit: 'µg', error: 'vitamin', openTable: true, never: ['flesh', 'egg'] },
  vitaminCMg: {
    label: 'Vitamin C',
    unit: 'mg',
    error: 'vitamin',
    openTable: true,
    never: ['oil'],
    leaves: 'dissolves',
    limit: 19,
    words: 'vitamin c',
  },
  vitaminDUg: { label: 'Vitamin D', unit: 'µg', error: 'vitamin', never: ['greenPlant'], limit: 16, loss: 5, words: 'vitamin d' },
  vitaminEMg: { label: 'Vitamin E', unit: 'mg', error: 'vitamin', openTable: true },
  vitaminKUg: { label: 'Vitamin K', unit: 'µg', error: 'vitamin', openTable: true, limit: 15, words: 'vitamin k' },
  thiaminMg: { label: 'Thiamin', unit: 'mg', error: 'vitamin', openTable: true, leaves: 'dissolves' },
  riboflavinMg: { label: 'Riboflavin', unit: 'mg', error: 'vitamin', openTable: true, leaves: 'dissolves', loss: 10 },
  niacinMg: { label: 'Niacin', unit: 'mg', error: 'vitamin', openTable: true, leaves: 'dissolves' },
  vitaminB6Mg: { label: 'Vitamin B6', unit: 'mg', error: 'vitamin', openTable: true, leaves: 'dissolves' },
  folateDfeUg: { label: 'Folate (DFE)', unit: 'µg', error: 'vitamin', leaves: 'dissolves', limit: 18, words: 'folate' },
  vitaminB12Ug: { label: 'Vitamin B12', unit: 'µg', error: 'vitamin', never: ['plant'], limit: 17, loss: 4, words: 'vitamin b12' },
  alcoholG: { label: 'Alcohol', unit: 'g', error: 'macro', never: ['undrunk'], leaves: 'dissolves' },
  oxalateMg: { label: 'Oxalate', unit: 'mg', error: 'mineral', openTable: true, never: ['flesh', 'egg', 'oil'] },
  lactoseG: { label: 'Lactose', unit: 'g', error: 'macro', never: ['plant', 'oil', 'flesh', 'egg'], limit: 20, words: 'lactose' },
} as const satisfies Record<string, NutrientRow>;

export type Nutrient = keyof typeof ROWS;
export type DerivedNutrient = { [K in Nutrient]: (typeof ROWS)[K] extends { derived: true } ? K : never }[Nutrient];
export type StoredNutrient = Exclude<Nutrient, DerivedNutrient>;

export const NUTRIENT_ROWS: Readonly<Record<Nutrient, NutrientRow>> = ROWS;
export const NUTRIENTS = Object.keys(ROWS) as readonly Nutrient[];
export const NUTRIENT_COUNT = NUTRIENTS.length;

/** Place of each nutrient in the dense arrays of the calculation. */
export const NUTRIENT_INDEX = Object.fromEntries(NUTRIENTS.map((key, index) => [key, index])) as Record<Nutrient, number>;

const column = <K extends keyof NutrientRow>(key: K) =>
  Object.fromEntries(NUTRIENTS.map((one) => [one, NUTRIENT_ROWS[one][key]])) as Record<Nutrient, NutrientRow[K]>;

export const NUTRIENT_LABELS = column('label') as Record<Nutrient, string>;
export const ERROR_CLASS = column('error') as Record<Nutrient, ErrorClass>;

/** Nutrients whose row meets a condition. */
export const nutrientsWhere = (test: (row: NutrientRow, key: Nutrient) => boolean): readonly Nutrient[] =>
  NUTRIENTS.filter((key) => test(NUTRIENT_ROWS[key], key));
/** Nutrients that have a place of this kind, in its order. */
export const nutrientsBy = (place: 'limit' | 'table' | 'compare' | 'bowl' | 'effect' | 'loss'): readonly Nutrient[] =>
  nutrientsWhere((row) => row[place] !== undefined).toSorted((a, b) => (NUTRIENT_ROWS[a][place] ?? 0) - (NUTRIENT_ROWS[b][place] ?? 0));
/** Stored nutrients that cannot be in foods of this kind. */
export const neverIn = (kind: NeverIn): readonly StoredNutrient[] =>
  nutrientsWhere((row) => row.never?.includes(kind) ?? false) as readonly StoredNutrient[];

/** The unit written after a figure. */
export const nutrientUnit = (key: Nutrient): NutrientRow['unit'] => NUTRIENT_ROWS[key].unit;

/** The label as it stands in a sentence: 'vitamin A (RAE)', 'saturated fat', 'available carbohydrate'. */
export const nutrientName = (key: Nutrient): string => {
  const [name = '', which] = NUTRIENT_LABELS[key].split(', ');
  const inWords = name.charAt(0).toLowerCase() + name.slice(1);
  return which === undefined ? inWords : `${which} ${inWords}`;
};
