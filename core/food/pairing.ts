/** One food out of the rows of two tables: the row that decides, what it lacks from the other, and where they disagree. */
import { Z95 } from '../statistics/normal.ts';
import type { Food } from '../vocabulary/food.ts';
import type { StoredNutrient } from '../vocabulary/nutrient.ts';
import type { TablePair } from './data/pairs.ts';
import { classError } from './errors.ts';

/** Limited figures, and what a difference has to exceed to be one: g and mg per 100 g (estimate: rounding and plot). */
const LIMITED_FLOOR = {
  proteinG: 1,
  fatG: 1,
  saturatedFatG: 0.5,
  carbohydrateG: 2,
  fibreG: 1,
  sugarsG: 1,
  sodiumMg: 20,
  potassiumMg: 60,
  calciumMg: 30,
  phosphorusMg: 30,
  cholesterolMg: 5,
} as const satisfies Partial<Record<StoredNutrient, number>>;
/** Two tables differ when one figure is more than this many times the other (science of the bowl, section 3). */
const APART = 2;
/** Relative standard deviation of a borrowed figure: other varieties, other soils (estimate, from the pairs themselves). */
const BORROWED_ERROR = 0.3;
/** Soil and variety decide these by a factor of ten: a gap is better than the other table's figure. */
const NOT_LENT: ReadonlySet<StoredNutrient> = new Set([
  'vitaminARaeUg',
  'betaCaroteneUg',
  'vitaminKUg',
  'seleniumUg',
  'iodineUg',
  'vitaminDUg',
  'oxalateMg',
]);

/** The kitchen's food with the figures of the row that decides. Names, portions, allergens and flags are its own. */
export function paired(kitchen: Food, open: Food, { use }: TablePair): Food {
  const [main, other] = use === 'open' ? [open, kitchen] : [kitchen, open];
  const per100g = { ...main.per100g };
  const spread: Partial<Record<StoredNutrient, readonly [number, number]>> = { ...main.spread };
  const borrowed = new Set<StoredNutrient>();
  const zeroByNature = new Set(main.zeroByNature);
  for (const [key, value] of Object.entries(other.per100g) as [StoredNutrient, number][]) {
    if (per100g[key] !== undefined || NOT_LENT.has(key)) continue;
    per100g[key] = value;
    if (other.zeroByNature.has(key)) zeroByNature.add(key);
    else {
      borrowed.add(key);
      const own = classError(other.source.kind, key, value);
      const [below, above] = other.spread[key] ?? [own, own];
      spread[key] = [Math.max(below, value * BORROWED_ERROR), Math.max(above, value * BORROWED_ERROR)];
    }
  }
  const apart = new Set<StoredNutrient>();
  for (const [key, floor] of Object.entries(LIMITED_FLOOR) as [StoredNutrient, number][]) {
    const [one, two] = [main.per100g[key], other.per100g[key]];
    if (one === undefined || two === undefined) continue;
    if (Math.max(one, two) <= APART * Math.min(one, two) || Math.abs(one - two) < floor) continue;
    apart.add(key);
    const own = classError(main.source.kind, key, one);
    const [below, above] = spread[key] ?? [own, own];
    spread[key] = [Math.max(below, (one - two) / Z95), Math.max(above, (two - one) / Z95)];
  }
  const { tableKcal, ashG } = main;
  const { tableKcal: _, ashG: __, ...rest } = kitchen;
  return {
    ...rest,
    aliases: [...new Set([...kitchen.aliases, ...open.aliases])],
    source: main.source,
    per100g,
    spread,
    zeroByNature,
    ...(tableKcal === undefined ? {} : { tableKcal }),
    ...(ashG === undefined ? {} : { ashG }),
    borrowed,
    other: { source: other.source, per100g: other.per100g },
    apart,
  };
}
