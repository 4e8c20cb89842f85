/** A lunch and a week of them: who comes, what each gets of what is limited. */

import type { Analysis, NutrientFigures } from '../analysis/analysis.ts';
import { needRefs } from '../swap/need.ts';
import type { Needs } from '../swap/needs.ts';
import { ALLERGEN_LABELS, DIET_LABELS } from '../vocabulary/allergens.ts';
import type { Nutrient } from '../vocabulary/nutrient.ts';
import type { Guest } from './types.ts';

/** Guests of a group who are expected on a day: those with no days, and those with this one. */
export const expectedOn = <G extends Guest & { days?: readonly string[] | undefined }>(guests: readonly G[], date: string): G[] =>
  guests.filter(({ days }) => days === undefined || days.length === 0 || days.includes(date));

/** What a guest must not have and only a label can tell of this bowl: it is read before the bowl goes out. */
export function openFor({ needs }: Pick<Guest, 'needs'>, { allergens, diets }: Pick<Analysis, 'allergens' | 'diets'>): string[] {
  return [
    ...allergens.filter(({ id, state }) => state === 'check' && needs.allergens?.includes(id)).map(({ id }) => ALLERGEN_LABELS[id].toLowerCase()),
    ...diets.filter(({ id, state }) => state === 'check' && needs.diets?.includes(id)).map(({ id }) => DIET_LABELS[id].toLowerCase()),
  ];
}

/** What a week tells of every bowl. */
export const WEEK_FIGURES = ['energyKcal', 'proteinG', 'sodiumMg', 'saturatedFatG', 'potassiumMg', 'fibreG'] as const satisfies readonly Nutrient[];
export type WeekFigure = (typeof WEEK_FIGURES)[number];

/** A pot that was eaten from on a day. */
export interface Eaten {
  date: string;
  title: string;
  seats: readonly string[];
  perServing: NutrientFigures;
}

export interface GuestWeek {
  seat: string;
  /** By day, what the guest has; days without a bowl are not there. */
  days: { date: string; title: string; bowls: number }[];
  /** Over the week. */
  totals: Record<WeekFigure, number>;
  /** A figure that is not known of some bowl: its total is at least so much. */
  atLeast: WeekFigure[];
  /** Limits by the bowl, and on how many days of those with a bowl they were kept. */
  limits: { nutrient: Nutrient; min?: number | undefined; max?: number | undefined; kept: number; of: number }[];
}

/** What each guest gets over some days, beside the limits of each. */
export function weekOf(guests: readonly Guest[], eaten: readonly Eaten[]): GuestWeek[] {
  return guests.map(({ seat, bowls = 1, needs }) => {
    const own = eaten.filter(({ seats }) => seats.includes(seat)).sort((a, b) => (a.date < b.date ? -1 : 1));
    const total = (key: WeekFigure) => own.reduce((sum, { perServing }) => sum + perServing[key].value * bowls, 0);
    return {
      seat,
      days: own.map(({ date, title }) => ({ date, title, bowls })),
      totals: Object.fromEntries(WEEK_FIGURES.map((key) => [key, total(key)])) as Record<WeekFigure, number>,
      atLeast: WEEK_FIGURES.filter((key) => own.some(({ perServing }) => perServing[key].atLeast)),
      limits: limitsOf(needs).map(({ nutrient, min, max }) => ({
        nutrient,
        min,
        max,
        of: own.length,
        kept: own.filter(({ perServing }) => {
          const { value } = perServing[nutrient];
          return (max === undefined || value <= max * NEAR) && (min === undefined || value * NEAR >= min);
        }).length,
      })),
    };
  });
}
/** A figure within half a per cent of its limit is on it. */
const NEAR = 1.005;
const limitsOf = ({ limits = [] }: Needs) => limits.filter(({ per }) => per === 'serving');

/** What a day was worked out for: the same words, the same question. */
export const dayKey = (asked: {
  soups: readonly string[];
  guests: readonly Guest[];
  eats: Readonly<Record<string, string>>;
  together: readonly (readonly string[])[];
  mostPots?: number | undefined;
}): string =>
  JSON.stringify([
    asked.soups,
    asked.guests.map(({ seat, bowls = 1, needs }) => [seat, bowls, needRefs(needs), needs.limits ?? [], needs.body ?? null, asked.eats[seat] ?? '']),
    asked.together,
    asked.mostPots ?? 0,
  ]);
