/** A food as the API and the food screen show it: figures per 100 g with their intervals, energy by US factors. */
import { NUTRIENT_INDEX, NUTRIENTS, type Nutrient } from '../nutrient.ts';
import { Z95 } from '../nutrition/kernel.ts';
import { REGIMES } from '../nutrition/regime.ts';
import { bodyMlPerGram } from '../texture/body.ts';
import type { Shelf } from './shelf.ts';
import type { AllergenDoubt, Food, Portion, Source } from './types.ts';

export interface FoodRecord {
  id: string;
  name: string;
  aliases: readonly string[];
  category: string;
  source: Source;
  /** An absent key is unknown. */
  per100g: Partial<Record<Nutrient, { value: number; low?: number; high?: number }>>;
  portions: readonly Portion[];
  densityGPerMl?: number;
  edibleShare: number;
  contains: readonly string[];
  checks: readonly AllergenDoubt[];
  mayContain: readonly AllergenDoubt[];
  origins: readonly string[];
  roles: readonly string[];
}

export function foodRecord(food: Food, shelf: Shelf): FoodRecord {
  const figures = shelf.figures(food, REGIMES.us);
  const unknown = new Set(figures.unknown);
  const per100g: FoodRecord['per100g'] = {};
  for (const key of NUTRIENTS) {
    if (unknown.has(key)) continue;
    const at = NUTRIENT_INDEX[key];
    const value = figures.value[at] as number;
    const low = Math.max(0, value - Z95 * (figures.below[at] as number));
    const high = value + Z95 * (figures.above[at] as number);
    per100g[key] = low === value && high === value ? { value } : { value, low, high };
  }
  return {
    id: food.id,
    name: food.name,
    aliases: food.aliases,
    category: food.category,
    source: food.source,
    per100g,
    portions: food.portions,
    ...(food.densityGPerMl === undefined ? {} : { densityGPerMl: food.densityGPerMl }),
    edibleShare: food.edibleShare,
    contains: food.contains.map(({ allergen }) => allergen),
    checks: food.checks,
    mayContain: food.mayContain,
    origins: food.origins,
    roles: rolesOf(food),
  };
}

/** Grams per 100 g from which a food gives a pot fat, protein, sugar (common practice); salt from 300 mg sodium; body from half its weight in gel. */
function rolesOf(food: Food): string[] {
  const n = food.per100g;
  const roles: [string, boolean][] = [
    ['fat', (n.fatG ?? 0) >= 10],
    ['protein', (n.proteinG ?? 0) >= 7],
    ['sweet', (n.sugarsG ?? 0) >= 10],
    ['salt', (n.sodiumMg ?? 0) >= 300],
    ['acid', food.flags.includes('acidic')],
    ['body', bodyMlPerGram(food) >= 0.5],
    ['water', (n.waterG ?? 0) >= 85],
  ];
  return roles.filter(([, has]) => has).map(([role]) => role);
}
