/**
 * The share of each nutrient of a line that ends in the soup: what `eaten` leaves times what heat leaves.
 * Arrays are laid out by NUTRIENT_INDEX and shared between lines that go the same way, so they must not be written to.
 */
import type { Food } from '../food/types.ts';
import { NUTRIENT_COUNT, NUTRIENT_INDEX, type StoredNutrient } from '../nutrient.ts';
import type { Line } from '../recipe.ts';
import { ALCOHOL_LEFT, DRAINED_KEEPS, EXTRACTION, RENDERED_KEEPS, RETENTION, RETENTION_GROUP, type RetentionRow } from './data/retention.ts';
import type { Heat } from './heat.ts';

export interface Stay {
  /** Share of each nutrient. */
  nutrients: Float64Array;
  /** Share of the grams. */
  grams: number;
}

const WHOLE: Stay = { nutrients: new Float64Array(NUTRIENT_COUNT).fill(1), grams: 1 };
const NOTHING: Stay = { nutrients: new Float64Array(NUTRIENT_COUNT), grams: 0 };
const FAT_KEYS = ['fatG', 'saturatedFatG', 'transFatG', 'monoFatG', 'polyFatG', 'cholesterolMg'] as const satisfies readonly StoredNutrient[];

/** Linear between the rows of ALCOHOL_LEFT, level after the last. */
export function alcoholLeft(minutes: number): number {
  const last = ALCOHOL_LEFT.at(-1) as readonly [number, number];
  if (minutes >= last[0]) return last[1];
  const at = ALCOHOL_LEFT.findIndex(([limit]) => limit > minutes);
  const [m0, s0] = ALCOHOL_LEFT[at - 1] as readonly [number, number];
  const [m1, s1] = ALCOHOL_LEFT[at] as readonly [number, number];
  return s0 + ((s1 - s0) * (minutes - m0)) / (m1 - m0);
}

const cache = new Map<string, Stay>();

/** The stay of one line. Derived nutrients are not set here: they follow their parts (figuresAfter). */
export function stayOf(line: Line, food: Food, heat: Heat): Stay {
  const eaten = line.eaten ?? 'all';
  if (eaten === 'removed') return NOTHING;
  const retention = retentionOf(food, heat);
  const alcohol = (food.per100g.alcoholG ?? 0) > 0 && line.stage !== 'bowl' && line.stage !== 'plate' ? alcoholLeft(heat.wetMinutes) : 1;
  const alreadyDrained = eaten === 'drained' && food.flags.includes('drained');
  if (eaten === 'all' && line.eatenShare === undefined && !retention && alcohol === 1) return WHOLE;
  const key = [
    alreadyDrained ? 'all' : eaten,
    line.eatenShare ?? '',
    retention?.key ?? '',
    alcohol,
    eaten === 'rendered' ? (food.per100g.fatG ?? 0) : '',
  ].join('|');
  let stay = cache.get(key);
  if (!stay) cache.set(key, (stay = build(alreadyDrained ? { ...line, eaten: 'all' } : line, food, retention?.row, alcohol)));
  return stay;
}

function retentionOf(food: Food, heat: Heat): { key: string; row: RetentionRow } | null {
  const group = RETENTION_GROUP[food.category];
  if (!group || (food.state !== 'raw' && food.state !== 'dry')) return null;
  if (heat.wetMinutes === 0 && heat.dryMinutes === 0) return null;
  const kind = heat.wetMinutes > 0 ? 'wet' : 'dry';
  return { key: `${group}.${kind}`, row: RETENTION[group][kind] };
}

function build(line: Line, food: Food, retention: RetentionRow | undefined, alcohol: number): Stay {
  const nutrients = new Float64Array(NUTRIENT_COUNT).fill(1);
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
        for (const { keys, share } of [EXTRACTION.salts, EXTRACTION.dissolving]) for (const key of keys) nutrients[NUTRIENT_INDEX[key]] = share;
      break;
    case 'drained':
      times(line.eatenShare === undefined ? DRAINED_KEEPS : Object.fromEntries(Object.keys(DRAINED_KEEPS).map((key) => [key, line.eatenShare])));
      break;
    case 'rendered': {
      const keeps = line.eatenShare ?? RENDERED_KEEPS;
      times(Object.fromEntries(FAT_KEYS.map((key) => [key, keeps])));
      grams = 1 - ((food.per100g.fatG ?? 0) / 100) * (1 - keeps);
      break;
    }
    case 'removed':
      return NOTHING;
  }
  if (retention) times(retention);
  nutrients[NUTRIENT_INDEX.alcoholG] = (nutrients[NUTRIENT_INDEX.alcoholG] as number) * alcohol;
  return { nutrients, grams };
}
