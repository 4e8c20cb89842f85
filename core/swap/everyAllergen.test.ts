/**
 * No allergen is forgotten: a missed row would say 'absent'. Each has a food that holds it, a word a pack prints for it, a word people ask
 * without it, and a regime that makes one declare it or a setting that counts it.
 */
import { describe, expect, test } from '@jest/globals';
import { INGREDIENT_WORDS } from '../food/data/ingredientWords.ts';
import { readIngredients } from '../food/ingredients.ts';
import { SHELF } from '../food/shelf.ts';
import { REGIME_IDS, REGIMES } from '../regime/regime.ts';
import { ALLERGEN_WORDS, ALLERGENS, DIETS, dietRow, SINGLE_TREE_NUTS } from '../vocabulary/allergens.ts';
import { CATEGORIES } from '../vocabulary/category.ts';
import { NUTRIENT_ROWS, NUTRIENTS } from '../vocabulary/nutrient.ts';
import { NO_WORDS, NUTRIENT_WORDS, PHRASES } from './data/needWords.ts';
import { sayNeeds } from './sayNeeds.ts';

/** Not in the eight nuts of 1169/2011, and counted by settings or declared elsewhere: nothing else may be missing. */
const BY_SETTING = ['coconut', 'chestnut'];

describe.each(ALLERGENS)('%s', (id) => {
  test('is held by a food of the shelf, or to be looked up on one', () => {
    const kinds = id === 'treeNut' ? SINGLE_TREE_NUTS : [id];
    expect(SHELF.foods.some(({ contains, checks }) => [...contains, ...checks].some(({ allergen }) => kinds.includes(allergen)))).toBe(true);
  });
  test('is read on a pack', () => {
    const entry = INGREDIENT_WORDS.find(({ contains }) => contains?.includes(id));
    const word = entry?.words.split(', ')[0] ?? '';
    expect(readIngredients(`water, ${word}, salt`).contains.map(({ allergen }) => allergen)).toContain(id);
  });
  test('is asked for by each of its words', () => {
    const words = ALLERGEN_WORDS.find(([one]) => one === id)?.[1] ?? [];
    expect(words.length).toBeGreaterThan(0);
    for (const word of words) expect(sayNeeds(`no ${word}`, {}, SHELF).needs.allergens ?? []).toContain(id);
  });
  test('is declared by some regime, or counted by a setting', () => {
    const declared = REGIME_IDS.some((regime) => REGIMES[regime].declaredAllergens.includes(id));
    expect(declared || BY_SETTING.includes(id)).toBe(true);
  });
});

test('every diet can be asked for in words, and is broken by something', () => {
  for (const id of DIETS) {
    const { asked, askedWithout, origins, allergens } = dietRow(id);
    expect([id, (asked ?? askedWithout ?? '').length > 0, origins.length + allergens.length > 0]).toEqual([id, true, true]);
  }
});

test('no word is claimed by two rows of one table', () => {
  const words = NUTRIENTS.flatMap((key) => NUTRIENT_ROWS[key].words?.split(', ') ?? []);
  expect(new Set(words).size).toBe(words.length);
  expect(NUTRIENT_WORDS.size).toBe(words.length);
  const phrases = DIETS.flatMap((id) => dietRow(id).asked?.split(', ') ?? []);
  expect(new Set(phrases).size).toBe(phrases.length);
  expect([...PHRASES.keys()].filter((phrase) => NO_WORDS.has(phrase))).toEqual([]);
});

test('every kind of food is on the shelf', () => {
  expect(CATEGORIES.filter((category) => !SHELF.foods.some((food) => food.category === category))).toEqual([]);
});
