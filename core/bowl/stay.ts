/**
 * The share of each nutrient of a line that ends in the soup: what `eaten` leaves times what heat leaves.
 * Arrays are laid out by NUTRIENT_INDEX and shared between lines that go the same way, so they must not be written to.
 */

import { Z95 } from '../statistics/normal.ts';
import { CATEGORY_ROWS } from '../vocabulary/category.ts';
import type { Food } from '../vocabulary/food.ts';
import { NUTRIENT_COUNT, NUTRIENT_INDEX, nutrientsWhere, type StoredNutrient } from '../vocabulary/nutrient.ts';
import type { Line } from '../vocabulary/recipe.ts';
import {
  ALCOHOL_LEFT,
  DRAINED_KEEPS,
  EXTRACTION,
  RENDERED_KEEPS,
  RETENTION,
  RETENTION_ERROR,
  type RetentionRow,
  SHARE_ERROR,
} from './data/retention.ts';
import type { Heat } from './heat.ts';

export interface Stay {
  /** Share of each nutrient. */
  nutrients: Float64Array;
  /** One standard deviation of each share: heat and extraction are known by a class of foods and not by this one. */
  errors: Float64Array;
  /** Share of the grams. */
  grams: number;
  /** Of this one line: it hangs on a figure of the recipe or on the food, and nothing is to be kept by it. */
  own?: true;
}

const WHOLE: Stay = { nutrients: new Float64Array(NUTRIENT_COUNT).fill(1), errors: new Float64Array(NUTRIENT_COUNT), grams: 1 };
const NOTHING: Stay = { nutrients: new Float64Array(NUTRIENT_COUNT), errors: new Float64Array(NUTRIENT_COUNT), grams: 0 };
const FAT_KEYS = nutrientsWhere(({ leaves }) => leaves === 'fat');
const EXTRACTED = {
  salt: nutrientsWhere(({ leaves }) => leaves === 'salt'),
  dissolves: nutrientsWhere(({ leaves }) => leaves === 'dissolves'),
} as const;

/** Linear between the rows of ALCOHOL_LEFT, level after the last. */
export function alcoholLeft(minutes: number): number {
  const last = ALCOHOL_LEFT.at(-1) as readonly [number, number];
  if (minutes >= last[0]) return last[1];
  const at = ALCOHOL_LEFT.findIndex(([limit]) => limit > minutes);
  const [m0, s0] = ALCOHOL_LEFT[at - 1] as readonly [number, number];
  const [m1, s1] = ALCOHOL_LEFT[at] as readonly [number, number];
  return s0 + ((s1 - s0) * (minutes - m0)) / (m1 - m0);
}

type Eaten = NonNullable<Line['eaten']>;
/** Stays that hang on no figure of a recipe or a food, by how it is eaten: as many as there are ways of eating and of heating, and no more. */
type SharedStays = Partial<Record<Eaten, Stay>>;
const unheated: SharedStays = {};

/** The stay of one line. Derived nutrients are not set here: they follow their parts (figuresAfter). */
export function stayOf(line: Line, food: Food, heat: Heat): Stay {
  if (line.eaten === 'removed') return NOTHING;
  const retention = retentionOf(food, heat);
  const alcohol = (food.per100g.alcoholG ?? 0) > 0 && line.stage !== 'bowl' && line.stage !== 'plate' ? alcoholLeft(heat.wetMinutes) : 1;
  const alreadyDrained = line.eaten === 'drained' && food.flags.includes('drained');
  const eaten = alreadyDrained ? 'all' : (line.eaten ?? 'all');
  if (eaten === 'all' && line.eatenShare === undefined && !retention && alcohol === 1) return WHOLE;
  const make = () => build({ ...line, eaten }, food, retention?.row, alcohol);
  if (line.eatenShare !== undefined || alcohol !== 1 || eaten === 'rendered') return { ...make(), own: true };
  const shared = retention?.stays ?? unheated;
  return (shared[eaten] ??= make());
}

interface Retention {
  row: RetentionRow;
  stays: SharedStays;
}

function retentionOf(food: Food, { kinds, way }: Heat): Retention | null {
  const group = CATEGORY_ROWS[food.category].heat;
  if (!group || (food.state !== 'raw' && food.state !== 'dry')) return null;
  if (kinds.length === 0) return null;
  let byWay = retentions.get(group);
  if (!byWay) retentions.set(group, (byWay = new Map()));
  let retention = byWay.get(way);
  if (!retention) byWay.set(way, (retention = { row: harshest(kinds.map((kind) => RETENTION[group][kind])), stays: {} }));
  return retention;
}

const retentions = new Map<string, Map<string, Retention>>();

/** A table's factor is for a whole cooking: of several kinds of heat the one that leaves least counts, once. */
function harshest(rows: readonly RetentionRow[]): RetentionRow {
  const least: RetentionRow = {};
  for (const row of rows) for (const [key, share] of Object.entries(row) as [StoredNutrient, number][]) least[key] = Math.min(least[key] ?? 1, share);
  return least;
}

function build(line: Line, food: Food, retention: RetentionRow | undefined, alcohol: number): Stay {
  const nutrients = new Float64Array(NUTRIENT_COUNT).fill(1);
  const errors = new Float64Array(NUTRIENT_COUNT);
  const times = (row: RetentionRow) => {
    for (const [key, share] of Object.entries(row) as [StoredNutrient, number][])
      nutrients[NUTRIENT_INDEX[key]] = (nutrients[NUTRIENT_INDEX[key]] as number) * share;
  };
  let grams = 1;
  switch (line.eaten ?? 'all') {
    case 'all':
      grams = line.eatenShare ?? 1;
      nutrients.fill(grams);
      break;
    case 'strained':
      grams = 0;
      nutrients.fill(line.eatenShare ?? EXTRACTION.other);
      if (line.eatenShare === undefined)
        for (const kind of ['salt', 'dissolves'] as const) for (const key of EXTRACTED[kind]) nutrients[NUTRIENT_INDEX[key]] = EXTRACTION[kind];
      if (line.eatenShare === undefined) errors.set(nutrients.map((share) => Math.min(SHARE_ERROR.strained, share) / Z95));
      break;
    case 'drained':
      times(line.eatenShare === undefined ? DRAINED_KEEPS : Object.fromEntries(Object.keys(DRAINED_KEEPS).map((key) => [key, line.eatenShare])));
      if (line.eatenShare === undefined)
        for (const key of Object.keys(DRAINED_KEEPS) as StoredNutrient[]) errors[NUTRIENT_INDEX[key]] = SHARE_ERROR.drained / Z95;
      break;
    case 'rendered': {
      const keeps = line.eatenShare ?? RENDERED_KEEPS;
      times(Object.fromEntries(FAT_KEYS.map((key) => [key, keeps])));
      if (line.eatenShare === undefined) for (const key of FAT_KEYS) errors[NUTRIENT_INDEX[key]] = SHARE_ERROR.rendered / Z95;
      grams = 1 - ((food.per100g.fatG ?? 0) / 100) * (1 - keeps);
      break;
    }
    case 'removed':
      return NOTHING;
  }
  if (retention) {
    // What is already a share of the whole is scaled with its error; the factor's own error is added in squares.
    for (const [key, share] of Object.entries(retention) as [StoredNutrient, number][]) {
      const at = NUTRIENT_INDEX[key];
      errors[at] = Math.hypot((errors[at] as number) * share, ((nutrients[at] as number) * RETENTION_ERROR) / Z95);
    }
    times(retention);
  }
  nutrients[NUTRIENT_INDEX.alcoholG] = (nutrients[NUTRIENT_INDEX.alcoholG] as number) * alcohol;
  return { nutrients, errors, grams };
}
