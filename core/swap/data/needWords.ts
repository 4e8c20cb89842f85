/** The words people ask with, and the need each stands for. Lower case; plural and spelling variants are written out. */
import { type WordTable, wordTable } from '../../quantity/wordTable.ts';
import { ALLERGEN_WORDS, type AllergenId, DIETS, type DietId, dietRow } from '../../vocabulary/allergens.ts';
import { NUTRIENT_ROWS, NUTRIENTS, type Nutrient } from '../../vocabulary/nutrient.ts';

export type Asked = { allergens: readonly AllergenId[] } | { diets: readonly DietId[] } | { family: string } | { smooth: true };

/** Words asked for more than one allergen, as 'shellfish', stand for all of them. */
const allergensAsked = (): [string, Asked][] => {
  const byWord = new Map<string, AllergenId[]>();
  for (const [id, words] of ALLERGEN_WORDS) for (const word of words) byWord.set(word, [...(byWord.get(word) ?? []), id]);
  return [...byWord].map(([word, allergens]) => [word, { allergens }]);
};
const dietsAsked = (key: 'asked' | 'askedWithout'): [string, Asked][] =>
  DIETS.flatMap((id) => dietRow(id)[key]?.split(', ').map((word): [string, Asked] => [word, { diets: [id] }]) ?? []);

/** After 'no' or 'without'. A food that is not here is looked up on the shelf. */
export const NO_WORDS: WordTable<Asked> = new Map<string, Asked>([
  ...allergensAsked(),
  ...dietsAsked('askedWithout'),
  ['seafood', { allergens: ['fish', 'crustacean', 'mollusc'] }],
  ...['pieces', 'lumps', 'bits'].map((word): [string, Asked] => [word, { smooth: true }]),
]);

/** A whole phrase. */
export const PHRASES: WordTable<Asked> = new Map<string, Asked>([
  ...dietsAsked('asked'),
  ...['smooth', 'sieved', 'pureed', 'puréed', 'no bits', 'smooth and sieved'].map((word): [string, Asked] => [word, { smooth: true }]),
  ...['plant-based', 'plant based', 'plants only', 'dairy and meat free'].map((word): [string, Asked] => [word, { diets: ['vegan'] }]),
  ...['mild', 'not hot', 'not spicy', 'mild spice'].map((word): [string, Asked] => [word, { family: 'chilli' }]),
  ...['no dairy', 'dairy-free', 'dairy free'].map((word): [string, Asked] => [word, { allergens: ['milk'] }]),
]);

export const NUTRIENT_WORDS: WordTable<Nutrient> = new Map(
  NUTRIENTS.flatMap((key) => NUTRIENT_ROWS[key].words?.split(', ').map((word) => [word, key] as const) ?? []),
);

/** What a unit is of the unit the key ends in. */
export const UNIT_GRAMS: WordTable<number> = wordTable({ g: 1, gram: 1, grams: 1, mg: 1e-3, µg: 1e-6, ug: 1e-6, mcg: 1e-6 });
