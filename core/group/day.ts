/** A lunch and a week of them: who comes, what each gets of what is limited. */

import type { Analysis, NutrientFigures } from '../analysis/analysis.ts';
import type { Needs } from '../swap/needs.ts';
import { type NeedScope, servedFigures } from '../swap/scope.ts';
import { ALLERGEN_LABELS, DIET_LABELS } from '../vocabulary/allergens.ts';
import type { Nutrient } from '../vocabulary/nutrient.ts';
import { eatenOf } from './eaten.ts';
import type { Beside, Guest } from './types.ts';

/** Guests of a group who are expected on a day: those with no days, and those with this one. */
export const expectedOn = <G extends Guest>(guests: readonly G[], date: string): G[] =>
  guests.filter(({ days }) => days === undefined || days.length === 0 || days.includes(date));

/**
 * Of what a guest must not have: what is in this bowl all the same, what only a label can tell before it goes out, and what of either kind
 * stands beside the bowl and is not in it.
 */
export function againstNeeds(
  { needs }: Pick<Guest, 'needs'>,
  { allergens, diets }: Pick<Analysis, 'allergens' | 'diets'>,
): { breaks: string[]; open: string[]; beside: string[] } {
  const own = [
    ...allergens.filter(({ id }) => needs.allergens?.includes(id)).map(({ id, scopes }) => ({ name: ALLERGEN_LABELS[id].toLowerCase(), scopes })),
    ...diets.filter(({ id }) => needs.diets?.includes(id)).map(({ id, scopes }) => ({ name: DIET_LABELS[id].toLowerCase(), scopes })),
  ];
  const isWrong = (state: string) => state === 'contains' || state === 'breaks';
  const isOpen = (state: string) => state === 'check' || state === 'mayContain';
  const named = (test: (scopes: (typeof own)[number]['scopes']) => boolean) => own.filter(({ scopes }) => test(scopes)).map(({ name }) => name);
  return {
    breaks: named(({ bowl }) => isWrong(bowl)),
    open: named(({ bowl }) => isOpen(bowl)),
    beside: named(({ bowl, plate }) => (isWrong(plate) && !isWrong(bowl)) || (isOpen(plate) && !isOpen(bowl) && !isWrong(bowl))),
  };
}

/** What a week tells of every bowl. */
export const WEEK_FIGURES = ['energyKcal', 'proteinG', 'sodiumMg', 'saturatedFatG', 'potassiumMg', 'fibreG'] as const satisfies readonly Nutrient[];
export type WeekFigure = (typeof WEEK_FIGURES)[number];

/** What a guest ate from on a day: one bowl, and with the plate beside it where something stood there. */
export interface Eaten {
  date: string;
  title: string;
  seats: readonly string[];
  perServing: NutrientFigures;
  plateServing?: NutrientFigures;
}

export interface GuestWeek {
  seat: string;
  /** By day, what the guest has; days without a bowl are not there. */
  days: { date: string; title: string; bowls: number }[];
  /** Over the week, with what stood beside the bowls. */
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
    const total = (key: WeekFigure) => own.reduce((sum, one) => sum + eatenOf(one, bowls)[key].value, 0);
    // A limit speaks of one bowl, or of one plate with it.
    const judged = own.map((one) => servedFigures(one, needs.scope));
    return {
      seat,
      days: own.map(({ date, title }) => ({ date, title, bowls })),
      totals: Object.fromEntries(WEEK_FIGURES.map((key) => [key, total(key)])) as Record<WeekFigure, number>,
      atLeast: WEEK_FIGURES.filter((key) => own.some(({ perServing, plateServing }) => (plateServing ?? perServing)[key].atLeast)),
      limits: limitsOf(needs).map(({ nutrient, min, max }) => ({
        nutrient,
        min,
        max,
        of: own.length,
        kept: judged.filter((figures) => stands(figures[nutrient], min, max) === 'kept').length,
        open: judged.filter((figures) => stands(figures[nutrient], min, max) === 'open').length,
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

/** The guests of a group as they sit on a day: what stands beside them then, and of what their needs speak. */
export const asSeated = <G extends Guest>(
  guests: readonly G[],
  scope: NeedScope | undefined,
  beside: Readonly<Record<string, readonly Beside[]>> = {},
): G[] =>
  guests.map((guest) => {
    const sides = beside[guest.seat] ?? guest.sides;
    const needs = scope && guest.needs.scope === undefined ? { ...guest.needs, scope } : guest.needs;
    return { ...guest, needs, ...(sides ? { sides } : {}) };
  });

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
    asked.guests.map(({ seat, bowls = 1, needs, sides }) => [seat, bowls, needs, asked.eats[seat] ?? '', ...(sides ? [sides] : [])]),
    asked.together,
    asked.mostPots ?? 0,
  ]);
