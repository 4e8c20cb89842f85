/** Reads the ingredients text of a package: allergens, origins, additives. Phrases are matched whole, the longest first. */

import type { AllergenId, DietId } from '../vocabulary/allergens.ts';
import type { AllergenDoubt, AllergenFact, Food, FoodFlag } from '../vocabulary/food.ts';
import type { Origin } from '../vocabulary/origin.ts';
import { INGREDIENT_WORDS, type IngredientWord } from './data/ingredientWords.ts';

export interface IngredientsRead {
  contains: AllergenFact[];
  checks: AllergenDoubt[];
  mayContain: AllergenDoubt[];
  origins: Origin[];
  dietChecks: Food['dietChecks'];
  flags: FoodFlag[];
}

const PHRASES: ReadonlyMap<string, IngredientWord> = new Map(
  INGREDIENT_WORDS.flatMap((entry) => entry.words.split(', ').map((phrase) => [phrase, entry] as const)),
);
const LONGEST = Math.max(...[...PHRASES.keys()].map((phrase) => phrase.split(' ').length));
/**
 * The pack warns, up to the end of the sentence. 'Made in' is a warning only of a place that handles something: pasta made
 * in a country of durum wheat and egg holds both.
 */
const WARNING =
  /\b(?:may (?:also )?contain|traces? of|not suitable for|(?:made|produced|packed|manufactured|prepared) (?:in|on) (?:a|an|the same|shared)\s[^.;\n,]*?\b(?:handles?|processes|uses|that|which|as|with)\b)[^.;\n]*/gi;

/** What is printed: facts for what is named, doubts for what is not named closely enough, and what the maker warns of. */
export function readIngredients(text: string): IngredientsRead {
  const warnings = text.match(WARNING) ?? [];
  const own = wordsIn(text.replace(WARNING, ' . '));
  const warned = wordsIn(warnings.join(' . '));
  const contains = new Map<AllergenId, AllergenFact>();
  const checks = new Map<AllergenId, AllergenDoubt>();
  for (const { phrase, entry } of own) {
    for (const allergen of entry.contains ?? []) if (!contains.has(allergen)) contains.set(allergen, { allergen, via: [phrase] });
    for (const [allergen, why] of entry.checks ?? []) if (!checks.has(allergen)) checks.set(allergen, { allergen, why: `${phrase}: ${why}` });
  }
  const may = new Map<AllergenId, AllergenDoubt>();
  for (const { phrase, entry } of warned)
    for (const allergen of entry.contains ?? []) may.set(allergen, { allergen, why: `the pack warns of ${phrase}` });
  const not = <T extends { allergen: AllergenId }>(list: Iterable<T>, ...known: ReadonlyMap<AllergenId, unknown>[]) =>
    [...list].filter(({ allergen }) => !known.some((map) => map.has(allergen)));
  const diets = new Map<DietId, string>();
  for (const { phrase, entry } of own) for (const [diet, why] of entry.diets ?? []) if (!diets.has(diet)) diets.set(diet, `${phrase}: ${why}`);
  return {
    dietChecks: [...diets].map(([diet, why]) => ({ diet, why })),
    contains: [...contains.values()],
    checks: not(checks.values(), contains),
    mayContain: not(may.values(), contains),
    origins: [...new Set(own.flatMap(({ entry }) => entry.origin ?? []))],
    flags: [...new Set(own.flatMap(({ entry }) => entry.flag ?? []))],
  };
}

function wordsIn(text: string): { phrase: string; entry: IngredientWord }[] {
  // Punctuation parts phrases; accents stay, since both spellings are listed.
  const found: { phrase: string; entry: IngredientWord }[] = [];
  for (const part of text.toLowerCase().split(/[^\p{L}\p{N}\s'-]+/u)) {
    const tokens = part.split(/[\s'-]+/).filter(Boolean);
    for (let at = 0; at < tokens.length; ) {
      let length = Math.min(LONGEST, tokens.length - at);
      for (; length > 0; length -= 1) {
        const phrase = tokens.slice(at, at + length).join(' ');
        const entry = PHRASES.get(phrase) ?? PHRASES.get(phrase.replace(/s$/, ''));
        if (!entry) continue;
        found.push({ phrase, entry });
        break;
      }
      at += Math.max(1, length);
    }
  }
  return found;
}
