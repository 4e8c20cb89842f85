/** How many digits a bowl's figure deserves in running words. Labels round by their regime instead. */
import { type Nutrient, nutrientUnit } from './nutrient.ts';

/** Three significant digits at most, none beyond what a kitchen can know. */
export function figure(value: number): string {
  if (value >= 100) return String(Math.round(value));
  if (value >= 10) return String(Number(value.toFixed(value >= 30 ? 0 : 1)));
  return String(Number(value.toFixed(value >= 1 ? 1 : 2)));
}

export const withUnit = (key: Nutrient, value: number): string => `${figure(value)} ${nutrientUnit(key)}`;
