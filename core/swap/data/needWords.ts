/** The words people ask with, and the need each stands for. Lower case; plural and spelling variants are written out. */
import { type WordTable, wordTable } from '../../quantity/wordTable.ts';
import type { AllergenId, DietId } from '../../vocabulary/allergens.ts';
import { NUTRIENT_ROWS, NUTRIENTS, type Nutrient } from '../../vocabulary/nutrient.ts';

export type Asked = { allergens: readonly AllergenId[] } | { diets: readonly DietId[] } | { pulses: true } | { smooth: true };

/** After 'no' or 'without'. A food that is not here is looked up on the shelf. */
export const NO_WORDS: WordTable<Asked> = wordTable({
  milk: { allergens: ['milk'] },
  dairy: { allergens: ['milk'] },
  egg: { allergens: ['egg'] },
  eggs: { allergens: ['egg'] },
  fish: { allergens: ['fish'] },
  crustaceans: { allergens: ['crustacean'] },
  molluscs: { allergens: ['mollusc'] },
  shellfish: { allergens: ['crustacean', 'mollusc'] },
  'fish or shellfish': { diets: ['noFish'] },
  nuts: { diets: ['nutFree'] },
  nut: { diets: ['nutFree'] },
  'tree nuts': { allergens: ['treeNut'] },
  peanut: { allergens: ['peanut'] },
  peanuts: { allergens: ['peanut'] },
  wheat: { allergens: ['wheat'] },
  gluten: { allergens: ['gluten'] },
  'gluten ingredient': { diets: ['glutenFree'] },
  soy: { allergens: ['soy'] },
  soya: { allergens: ['soy'] },
  sesame: { allergens: ['sesame'] },
  celery: { allergens: ['celery'] },
  mustard: { allergens: ['mustard'] },
  sulphites: { allergens: ['sulphite'] },
  sulfites: { allergens: ['sulphite'] },
  lupin: { allergens: ['lupin'] },
  coconut: { allergens: ['coconut'] },
  chestnut: { allergens: ['chestnut'] },
  chestnuts: { allergens: ['chestnut'] },
  almond: { allergens: ['almond'] },
  almonds: { allergens: ['almond'] },
  cashew: { allergens: ['cashew'] },
  cashews: { allergens: ['cashew'] },
  hazelnut: { allergens: ['hazelnut'] },
  hazelnuts: { allergens: ['hazelnut'] },
  walnut: { allergens: ['walnut'] },
  walnuts: { allergens: ['walnut'] },
  meat: { diets: ['noMeat'] },
  pork: { diets: ['noPork'] },
  alcohol: { diets: ['noAlcohol'] },
  onion: { diets: ['noOnionGarlic'] },
  garlic: { diets: ['noOnionGarlic'] },
  'onion or garlic': { diets: ['noOnionGarlic'] },
  'onion and garlic': { diets: ['noOnionGarlic'] },
  'onions or garlic': { diets: ['noOnionGarlic'] },
  pulses: { pulses: true },
  pulse: { pulses: true },
  beans: { pulses: true },
  legumes: { pulses: true },
  pieces: { smooth: true },
  lumps: { smooth: true },
  bits: { smooth: true },
});

/** A whole phrase. */
export const PHRASES: WordTable<Asked> = wordTable({
  vegan: { diets: ['vegan'] },
  vegetarian: { diets: ['vegetarian'] },
  'dairy-free': { diets: ['dairyFree'] },
  'dairy free': { diets: ['dairyFree'] },
  'gluten-free': { diets: ['glutenFree'] },
  'gluten free': { diets: ['glutenFree'] },
  'nut-free': { diets: ['nutFree'] },
  'nut free': { diets: ['nutFree'] },
  smooth: { smooth: true },
  sieved: { smooth: true },
});

export const NUTRIENT_WORDS: WordTable<Nutrient> = new Map(
  NUTRIENTS.flatMap((key) => NUTRIENT_ROWS[key].words?.split(', ').map((word) => [word, key] as const) ?? []),
);

/** What a unit is of the unit the key ends in. */
export const UNIT_GRAMS: WordTable<number> = wordTable({ g: 1, gram: 1, grams: 1, mg: 1e-3, µg: 1e-6, ug: 1e-6, mcg: 1e-6 });
