/** Where the bowl that was cooked parts from the one that was planned, each difference by the entry that made it. */
import type { AnalyseOptions } from '../analysis/analysis.ts';
import { analyse } from '../analysis/analysis.ts';
import type { Shelf } from '../food/shelf.ts';
import type { Nutrient } from '../vocabulary/nutrient.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import { actualRecipe } from './actual.ts';
import { type Entry, standing } from './entry.ts';

export interface Traced {
  entryId: string;
  /** What this entry added to one bowl of each nutrient asked for; in order of the entries, each upon those before it. */
  change: Partial<Record<Nutrient, number>>;
}

/** Entries that only tell change nothing and are left out. */
const CHANGES = new Set<Entry['kind']>(['weighed', 'added', 'instead', 'left', 'yield', 'poured']);

export function traced(recipe: Recipe, entries: readonly Entry[], nutrients: readonly Nutrient[], options: AnalyseOptions, shelf: Shelf): Traced[] {
  const noted = standing(entries);
  const bowl = (upTo: number) => analyse(actualRecipe(recipe, noted.slice(0, upTo), shelf), options, shelf).perServing;
  let before = bowl(0);
  return noted.flatMap((entry, at) => {
    if (!CHANGES.has(entry.kind)) return [];
    const now = bowl(at + 1);
    const change = Object.fromEntries(nutrients.map((nutrient) => [nutrient, now[nutrient].value - before[nutrient].value]));
    before = now;
    return [{ entryId: entry.id, change }];
  });
}
