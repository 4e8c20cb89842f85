/** The ingredients of a soup in descending weight as they are mixed, composites opened as far as they are known. */
import { openPreparations } from '../bowl/preparation.ts';
import type { Shelf } from '../food/shelf.ts';
import { REGIMES, type RegimeId } from '../regime/regime.ts';
import type { AllergenId } from '../vocabulary/allergens.ts';
import { countedLines, type Line, type Recipe } from '../vocabulary/recipe.ts';

export interface SheetIngredient {
  text: string;
  /** Of the whole pot; null where nobody weighed it. */
  grams: number | null;
  /** Held for certain. */
  allergens: AllergenId[];
  /** Held by some makes: the label says. */
  checks: AllergenId[];
  /** What it is usually made of, where it is made of more than itself. */
  usual?: string;
  /** Beside the pot: on the bowl or on the plate. */
  where?: 'bowl' | 'plate';
}

export function sheetIngredients(written: Recipe, regime: RegimeId, ofKitchen: Shelf): SheetIngredient[] {
  const { recipe, shelf } = openPreparations(written, ofKitchen);
  const declared = new Set<AllergenId>(REGIMES[regime].declaredAllergens);
  const rows = new Map<string, SheetIngredient>();
  for (const line of countedLines(recipe)) {
    const where = line.stage === 'bowl' || line.stage === 'plate' ? line.stage : undefined;
    const key = `${line.foodId ?? `line ${line.id}`} ${where ?? ''} ${line.eaten === 'removed'}`;
    const grams = gramsOf(line, recipe.servings);
    const known = rows.get(key);
    if (known) known.grams = known.grams === null || grams === null ? null : known.grams + grams;
    else rows.set(key, { ...nameOf(line, shelf, declared), grams, ...(where ? { where } : {}) });
  }
  const order = { pot: 0, bowl: 1, plate: 2 } as const;
  return [...rows.values()].sort(
    (a, b) => order[a.where ?? 'pot'] - order[b.where ?? 'pot'] || (b.grams ?? -1) - (a.grams ?? -1) || a.text.localeCompare(b.text),
  );
}

/** As it goes in, edible grams; what is said of one bowl, for all of them. */
export function gramsOf({ grams, perBowl }: Line, servings = 1): number | null {
  if (!grams) return null;
  return perBowl ? grams.best * servings : grams.best;
}

function nameOf(line: Line, shelf: Shelf, declared: ReadonlySet<AllergenId>): Omit<SheetIngredient, 'grams' | 'where'> {
  const food = line.foodId === null ? undefined : shelf.food(line.foodId);
  if (!food) return { text: `${line.text} (no food chosen)`, allergens: [], checks: [] };
  const only = (ids: readonly AllergenId[]) => [...new Set(ids)].filter((id) => declared.has(id));
  const allergens = only(food.contains.map(({ allergen }) => allergen));
  const checks = only(food.checks.map(({ allergen }) => allergen)).filter((id) => !allergens.includes(id));
  const taken = line.eaten === 'removed' ? ', taken out before serving' : '';
  return { text: `${food.name}${taken}`, allergens, checks, ...(food.usual ? { usual: food.usual } : {}) };
}
