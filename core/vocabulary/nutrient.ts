/**
 * The nutrients Kind Ladle speaks of. Each key carries its unit: G grams, Mg milligrams,
 * Ug micrograms, Kcal and Kj energy. Amounts are per 100 g edible food, per pot or per bowl,
 * as the place says.
 */
export const NUTRIENTS = [
  'energyKcal',
  'energyKj',
  'waterG',
  'proteinG',
  'fatG',
  'saturatedFatG',
  'transFatG',
  'monoFatG',
  'polyFatG',
  'cholesterolMg',
  'carbohydrateG',
  'availableCarbohydrateG',
  'fibreG',
  'sugarsG',
  'addedSugarsG',
  'starchG',
  'sodiumMg',
  'saltG',
  'potassiumMg',
  'calciumMg',
  'ironMg',
  'magnesiumMg',
  'phosphorusMg',
  'zincMg',
  'copperMg',
  'manganeseMg',
  'seleniumUg',
  'iodineUg',
  'vitaminARaeUg',
  'betaCaroteneUg',
  'vitaminCMg',
  'vitaminDUg',
  'vitaminEMg',
  'vitaminKUg',
  'thiaminMg',
  'riboflavinMg',
  'niacinMg',
  'vitaminB6Mg',
  'folateDfeUg',
  'vitaminB12Ug',
  'alcoholG',
  'oxalateMg',
] as const;

export type Nutrient = (typeof NUTRIENTS)[number];

/** Computed from other nutrients by the rules of a regime; no composition row stores them. */
export const DERIVED_NUTRIENTS = ['energyKcal', 'energyKj', 'availableCarbohydrateG', 'saltG'] as const satisfies readonly Nutrient[];
export type DerivedNutrient = (typeof DERIVED_NUTRIENTS)[number];
export type StoredNutrient = Exclude<Nutrient, DerivedNutrient>;

export const NUTRIENT_COUNT = NUTRIENTS.length;

/** Place of each nutrient in the dense arrays of the calculation. */
export const NUTRIENT_INDEX = Object.fromEntries(NUTRIENTS.map((key, index) => [key, index])) as Record<Nutrient, number>;

export const NUTRIENT_LABELS = {
  energyKcal: 'Energy',
  energyKj: 'Energy',
  waterG: 'Water',
  proteinG: 'Protein',
  fatG: 'Fat',
  saturatedFatG: 'Saturated fat',
  transFatG: 'Trans fat',
  monoFatG: 'Monounsaturated fat',
  polyFatG: 'Polyunsaturated fat',
  cholesterolMg: 'Cholesterol',
  carbohydrateG: 'Carbohydrate, total',
  availableCarbohydrateG: 'Carbohydrate, available',
  fibreG: 'Fibre',
  sugarsG: 'Sugars',
  addedSugarsG: 'Added sugars',
  starchG: 'Starch',
  sodiumMg: 'Sodium',
  saltG: 'Salt',
  potassiumMg: 'Potassium',
  calciumMg: 'Calcium',
  ironMg: 'Iron',
  magnesiumMg: 'Magnesium',
  phosphorusMg: 'Phosphorus',
  zincMg: 'Zinc',
  copperMg: 'Copper',
  manganeseMg: 'Manganese',
  seleniumUg: 'Selenium',
  iodineUg: 'Iodine',
  vitaminARaeUg: 'Vitamin A (RAE)',
  betaCaroteneUg: 'Beta-carotene',
  vitaminCMg: 'Vitamin C',
  vitaminDUg: 'Vitamin D',
  vitaminEMg: 'Vitamin E',
  vitaminKUg: 'Vitamin K',
  thiaminMg: 'Thiamin',
  riboflavinMg: 'Riboflavin',
  niacinMg: 'Niacin',
  vitaminB6Mg: 'Vitamin B6',
  folateDfeUg: 'Folate (DFE)',
  vitaminB12Ug: 'Vitamin B12',
  alcoholG: 'Alcohol',
  oxalateMg: 'Oxalate',
} as const satisfies Record<Nutrient, string>;

/** The unit written after a figure, read off the key's own suffix. */
export function nutrientUnit(key: Nutrient): 'kcal' | 'kJ' | 'g' | 'mg' | 'µg' {
  if (key === 'energyKcal') return 'kcal';
  if (key === 'energyKj') return 'kJ';
  if (key.endsWith('Mg')) return 'mg';
  return key.endsWith('Ug') ? 'µg' : 'g';
}

/** The label as it stands in a sentence: 'vitamin A (RAE)', 'saturated fat'. */
export const nutrientName = (key: Nutrient): string => {
  const label = NUTRIENT_LABELS[key];
  return label.charAt(0).toLowerCase() + label.slice(1);
};
