/** Where a food comes from, for diets; each with the words of a verdict. */
const ROWS = {
  plant: 'a plant',
  dairy: 'milk',
  egg: 'egg',
  meat: 'meat',
  pork: 'pork',
  poultry: 'poultry',
  fish: 'fish',
  crustacean: 'crustaceans',
  mollusc: 'molluscs',
  honey: 'honey',
  gelatine: 'gelatine',
  animalRennet: 'animal rennet',
  alcohol: 'alcohol',
  allium: 'onion family',
  mineral: 'a mineral',
} as const satisfies Record<string, string>;

export type Origin = keyof typeof ROWS;
export const ORIGIN_WORDS: Readonly<Record<Origin, string>> = ROWS;
export const ORIGINS = Object.keys(ROWS) as readonly Origin[];
