/** A food as the API and the food screen show it: figures per 100 g with their intervals, energy by US factors. */

import { TABLE_PAIRS } from '../food/data/pairs.ts';
import type { Shelf } from '../food/shelf.ts';
import { REGIMES } from '../regime/regime.ts';
import { Z95 } from '../statistics/normal.ts';
import { bodyMlPerGram } from '../texture/body.ts';
import type { AllergenDoubt, Food, FoodFlag, FoodState, Portion, Source, SourceKind } from '../vocabulary/food.ts';
import { NUTRIENT_INDEX, NUTRIENTS, type Nutrient, type StoredNutrient } from '../vocabulary/nutrient.ts';

export interface RecordFigure {
  value: number;
  low?: number;
  high?: number;
  /** The same food in the other table. */
  other?: { value: number; source: string };
  /** The two differ by more than twice: the one worse for a limit decides. */
  apart?: true;
  /** Taken from the other table, since this row has no figure. */
  borrowed?: true;
}

export interface FoodRecord {
  id: string;
  name: string;
  aliases: readonly string[];
  /** Of a composite: what most makes are made of. */
  usual?: string;
  category: string;
  source: Source;
  /** An absent key is unknown. */
  per100g: Partial<Record<Nutrient, RecordFigure>>;
  state: FoodState;
  flags: readonly FoodFlag[];
  dietChecks: Food['dietChecks'];
  /** Which of two tables' rows these figures are, and why; absent where the food stands in one only. */
  tables?: { use: SourceKind; other: Source; reason: string };
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
    per100g[key] = { value, ...(low === value && high === value ? {} : { low, high }), ...otherTable(food, key) };
  }
  return {
    id: food.id,
    name: food.name,
    aliases: food.aliases,
    ...(food.usual === undefined ? {} : { usual: food.usual }),
    category: food.category,
    source: food.source,
    per100g,
    state: food.state,
    flags: food.flags,
    dietChecks: food.dietChecks,
    ...(food.other ? { tables: { use: food.source.kind, other: food.other.source, reason: PAIRS.get(food.id)?.reason ?? '' } } : {}),
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

function otherTable({ other, apart, borrowed }: Food, key: Nutrient): Pick<RecordFigure, 'other' | 'apart' | 'borrowed'> {
  const stored = key as StoredNutrient;
  if (borrowed?.has(stored)) return { borrowed: true };
  const value = other?.per100g[stored];
  if (!other || value === undefined) return {};
  return { other: { value, source: other.source.ref }, ...(apart?.has(stored) ? { apart: true } : {}) };
}

const PAIRS = new Map(TABLE_PAIRS.map((pair) => [pair.id, pair]));

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
