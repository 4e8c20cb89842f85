/** Search over the shelf by what people type: names and the words they use for foods, forgiving a slip. */
import MiniSearch from 'minisearch';
import type { Food } from '../vocabulary/food.ts';
import { OPEN_ROW } from './openTable.ts';
import type { Shelf } from './shelf.ts';

export interface FoodHit {
  food: Food;
  /** Higher is better; compares hits of one query only. */
  score: number;
}

/** A recalled kitchen row is what people mean more often than a row of the open table. */
const KITCHEN_ROW = 1.5;
const EXACT_NAME = 5;
/** The first letter of a further word: it says nothing yet, and starts a word of half the shelf. */
const WORD_BEGUN = /(?<=\S)\s+\p{L}$/u;

const indexes = new WeakMap<Shelf['foods'], MiniSearch<{ id: string; name: string; aliases: string }>>();

function indexOf(shelf: Shelf): MiniSearch<{ id: string; name: string; aliases: string }> {
  let index = indexes.get(shelf.foods);
  if (!index) {
    index = new MiniSearch({
      fields: ['name', 'aliases'],
      searchOptions: { boost: { name: 2 }, prefix: true, fuzzy: (term) => (term.length > 3 ? 0.2 : false) },
    });
    index.addAll(shelf.foods.map(({ id, name, aliases }) => ({ id, name, aliases: aliases.join(' | ') })));
    indexes.set(shelf.foods, index);
  }
  return index;
}

/** Best first, then by id; `words` says whether a food must answer to all of the query's words. An empty query lists the shelf by id. */
export function searchFoods(shelf: Shelf, query: string, limit: number, words: 'any' | 'all' = 'any'): FoodHit[] {
  const text = query.trim().toLowerCase();
  const byScoreThenId = (a: FoodHit, b: FoodHit) => b.score - a.score || (a.food.id < b.food.id ? -1 : 1);
  if (text === '')
    return shelf.foods
      .map((food) => ({ food, score: 0 }))
      .sort(byScoreThenId)
      .slice(0, limit);
  const hits = indexOf(shelf)
    .search(text.replace(WORD_BEGUN, ''), words === 'all' ? { combineWith: 'AND' } : {})
    .map(({ id, score }) => {
      const food = shelf.food(id as string) as Food;
      const exact = food.name.toLowerCase() === text || food.aliases.includes(text);
      return { food, score: score * (food.id.startsWith(OPEN_ROW) ? 1 : KITCHEN_ROW) * (exact ? EXACT_NAME : 1) };
    });
  return hits.sort(byScoreThenId).slice(0, limit);
}
