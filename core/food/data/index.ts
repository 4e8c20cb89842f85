/** Every curated row, a file per food group. The open table stands beside it in openTable.json. */
import { BROTHS } from './broths.ts';
import { DAIRY } from './dairy.ts';
import { FATS_MEATS } from './fatsMeats.ts';
import { HERBS_SPICES } from './herbsSpices.ts';
import { PLANT_CREAMS } from './plantCreams.ts';
import { PULSES_NUTS } from './pulsesNuts.ts';
import type { FoodRow } from './row.ts';
import { SEASONINGS } from './seasonings.ts';
import { STARCHES } from './starches.ts';
import { VEGETABLES } from './vegetables.ts';

export const CURATED_ROWS: readonly FoodRow[] = [
  ...DAIRY, ...PLANT_CREAMS, ...PULSES_NUTS, ...STARCHES, ...BROTHS, ...FATS_MEATS, ...SEASONINGS, ...VEGETABLES,
  ...HERBS_SPICES,
];
