/** Every curated row, a file per food group. The open table stands beside it in openTable.json. */
import { BROTHS } from './broths.ts';
import { DAIRY } from './dairy.ts';
import { FATS } from './fats.ts';
import { FISH } from './fish.ts';
import { FRUIT_ROWS } from './fruit.ts';
import { HERBS_SPICES } from './herbsSpices.ts';
import { MEATS } from './meats.ts';
import { MUSHROOMS } from './mushrooms.ts';
import { NUTS_SEEDS } from './nutsSeeds.ts';
import { PLANT_CREAMS } from './plantCreams.ts';
import { PULSES } from './pulses.ts';
import type { FoodRow } from './row.ts';
import { SAUCES } from './sauces.ts';
import { SEASONINGS } from './seasonings.ts';
import { STARCHES } from './starches.ts';
import { VEGETABLES } from './vegetables.ts';
import { VEGETABLES_KEPT } from './vegetablesKept.ts';
import { WINES } from './wines.ts';

export const CURATED_ROWS: readonly FoodRow[] = [
  ...DAIRY, ...PLANT_CREAMS, ...PULSES, ...NUTS_SEEDS, ...STARCHES, ...BROTHS, ...FATS, ...MEATS, ...FISH, ...SEASONINGS, ...SAUCES, ...WINES,
  ...VEGETABLES, ...VEGETABLES_KEPT, ...MUSHROOMS, ...FRUIT_ROWS, ...HERBS_SPICES,
];
