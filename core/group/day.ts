/** A lunch and a week of them: who comes, what each gets of what is limited. */

import type { Analysis, NutrientFigures } from '../analysis/analysis.ts';
import type { Needs } from '../swap/needs.ts';
import { ALLERGEN_LABELS, DIET_LABELS } from '../vocabulary/allergens.ts';
import type { Nutrient } from '../vocabulary/nutrient.ts';
import type { Guest } from './types.ts';

/** Guests of a group who are expected on a day: those with no days, and those with this one. */
export const expectedOn = <G extends Guest & { days?: readonly string[] | undefined }>(guests: readonly G[], date: string): G[] =>
  guests.filter(({ days }) => days === undefined || days.length === 0 || days.includes(date));

/** Of what a guest must not have: what is in this bowl all the same, and what only a label can tell before it goes out. */
export function againstNeeds(
  { needs }: Pick<Guest, 'needs'>,
  { allergens, diets }: Pick<Analysis, 'allergens' | 'diets'>,
): { breaks: string[]; open: string[] } {
  const own = [
    ...allergens.filter(({ id }) => needs.allergens?.includes(id)).map(({ id, state }) => ({ name: ALLERGEN_LABELS[id].toLowerCase(), state })),
    ...diets.filter(({ id }) => needs.diets?.includes(id)).map(({ id, state }) => ({ name: DIET_LABELS[id].toLowerCase(), state })),
  ];
  return {
    breaks: own.filter(({ state }) => state === 'contains' || state === 'breaks').map(({ name }) => name),
    open: own.filter(({ state }) => state === 'check' || state === 'mayContain').map(({ name }) => name),
  };
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
  /** Limits by the bowl, on how many days of those with a bowl they were kept, and on how many nobody can tell: a figure is not known whole. */
  limits: { nutrient: Nutrient; min?: number | undefined; max?: number | undefined; kept: number; open: number; of: number }[];
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
        kept: own.filter(({ perServing }) => stands(perServing[nutrient], min, max) === 'kept').length,
        open: own.filter(({ perServing }) => stands(perServing[nutrient], min, max) === 'open').length,
      })),
    };
  });
}

/** What is known of a figure can prove that there is enough, or too much, and never that there is little enough. */
function stands(
  { value, atLeast }: NutrientFigures[Nutrient],
  min = Number.NEGATIVE_INFINITY,
  max = Number.POSITIVE_INFINITY,
): 'kept' | 'open' | 'over' {
  if (value > max + 1e-9) return 'over';
  if (value < min - 1e-9) return atLeast ? 'open' : 'over';
  return atLeast && Number.isFinite(max) ? 'open' : 'kept';
}

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
    asked.guests.map(({ seat, bowls = 1, needs }) => [seat, bowls, needs, asked.eats[seat] ?? '']),
    asked.together,
    asked.mostPots ?? 0,
  ]);
