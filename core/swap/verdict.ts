/** Judges an analysed soup against every need, on the interval and not on the best value alone. */
import type { Analysis, NutrientFigure } from '../analysis/analysis.ts';
import { normalCdf, Z95 } from '../statistics/normal.ts';
import { blendedShare } from '../texture/body.ts';
import { type Category, isOf } from '../vocabulary/category.ts';
import { countedLines, type Line, type Recipe } from '../vocabulary/recipe.ts';
import type { Limit, NeedRef, Needs } from './needs.ts';
import { BODY_KEEPS, BODY_LEAST } from './objective.ts';

export type NeedState = 'meets' | 'likely' | 'cannotTell' | 'breaks';

export interface NeedVerdict {
  need: NeedRef;
  state: NeedState;
  value?: number;
  low?: number;
  high?: number;
  /** Chance that the limit is met, 0 to 1, by the normal approximation. */
  chance?: number;
}

const TOLERANCE = 1e-9;

/** Every need asked, in a fixed order. */
export function needRefs(needs: Needs): NeedRef[] {
  return [
    ...(needs.allergens ?? []).map((id, index): NeedRef => ({ kind: 'allergen', id, index })),
    ...(needs.diets ?? []).map((id, index): NeedRef => ({ kind: 'diet', id, index })),
    ...(needs.limits ?? []).map(({ nutrient }, index): NeedRef => ({ kind: 'limit', id: nutrient, index })),
    ...(needs.body === undefined ? [] : [{ kind: 'body' } as const]),
    ...(needs.smooth ? [{ kind: 'smooth' } as const] : []),
    ...(needs.keepLines ?? []).map((id, index): NeedRef => ({ kind: 'keep', id, index })),
    ...(needs.keepFoods ?? []).map((id, index): NeedRef => ({ kind: 'keep', id, index: index + (needs.keepLines?.length ?? 0) })),
    ...(needs.avoidFoods ?? []).map((id, index): NeedRef => ({ kind: 'avoid', id, index })),
  ];
}

/** The chance that a normal value with this interval is at most `limit`. */
export function chanceBelow(limit: number, { value, low, high }: Pick<NutrientFigure, 'value' | 'low' | 'high'>): number {
  const sd = (limit >= value ? high - value : value - low) / Z95;
  if (sd <= 0) return value <= limit ? 1 : 0;
  return normalCdf((limit - value) / sd);
}

/** Limits are inclusive. A lower bound can disprove a maximum and prove a minimum, never the reverse. */
export function judgeLimit(limit: Limit, analysis: Analysis): Omit<NeedVerdict, 'need'> {
  const figure = (limit.per === 'serving' ? analysis.perServing : analysis.per100g)[limit.nutrient];
  const { low, high, atLeast, cautious } = figure;
  // Where two tables differ by more than twice, the one that is worse for the limit decides.
  const most = cautious?.high ?? figure.value;
  const least = cautious?.low ?? figure.value;
  const slack = (bound: number) => TOLERANCE * Math.max(1, Math.abs(bound));
  const states: NeedState[] = [];
  let chance = 1;
  if (limit.max !== undefined) {
    states.push(most > limit.max + slack(limit.max) ? 'breaks' : atLeast ? 'cannotTell' : high <= limit.max + slack(limit.max) ? 'meets' : 'likely');
    chance = Math.min(chance, chanceBelow(limit.max, figure));
  }
  if (limit.min !== undefined) {
    states.push(low >= limit.min - slack(limit.min) ? 'meets' : least >= limit.min - slack(limit.min) ? 'likely' : atLeast ? 'cannotTell' : 'breaks');
    chance = Math.min(chance, 1 - chanceBelow(limit.min, figure));
  }
  const order: readonly NeedState[] = ['breaks', 'cannotTell', 'likely', 'meets'];
  const value = limit.min === undefined ? most : limit.max === undefined ? least : figure.value;
  return { state: order.find((state) => states.includes(state)) ?? 'meets', value, low, high, ...(atLeast ? {} : { chance }) };
}

export function bodyBounds(needs: Needs, originalIndex: number): { min: number; max: number } | null {
  if (needs.body === undefined) return null;
  if (needs.body !== 'same') return { min: needs.body.min ?? 0, max: needs.body.max ?? Number.POSITIVE_INFINITY };
  const room = Math.max(originalIndex * BODY_KEEPS, BODY_LEAST);
  return { min: Math.max(0, originalIndex - room), max: originalIndex + room };
}

/** A topping with pieces, skins or fibres; one whose food is not known may have any. */
export const hasPieces = ({ stage, eaten }: Line, category: Category | undefined): boolean =>
  stage === 'bowl' && eaten !== 'removed' && (category === undefined || isOf(category, 'solid'));

/** Smooth: everything is blended and nothing with pieces is put in the bowl. */
export function isSmooth(recipe: Recipe, categoryOf: (foodId: string) => Category | undefined): boolean {
  return (
    blendedShare(recipe) === 1 && !countedLines(recipe).some((line) => hasPieces(line, line.foodId === null ? undefined : categoryOf(line.foodId)))
  );
}

export interface Judged {
  recipe: Recipe;
  analysis: Analysis;
  original: { recipe: Recipe; analysis: Analysis };
  categoryOf: (foodId: string) => Category | undefined;
}

/** A verdict for every need asked. */
export function judgeNeeds(needs: Needs, judged: Judged): NeedVerdict[] {
  return needRefs(needs).map((need) => ({ need, ...judgeOne(need, needs, judged) }));
}

function judgeOne(need: NeedRef, needs: Needs, { recipe, analysis, original, categoryOf }: Judged): Omit<NeedVerdict, 'need'> {
  switch (need.kind) {
    case 'allergen':
      return { state: stateOf(analysis.allergens.find(({ id }) => id === need.id)?.state, needs) };
    case 'diet':
      return { state: stateOf(analysis.diets.find(({ id }) => id === need.id)?.state, needs) };
    case 'limit':
      return judgeLimit(needs.limits?.[need.index as number] as Limit, analysis);
    case 'body': {
      const { index } = analysis.body;
      const bounds = bodyBounds(needs, original.analysis.body.index) as { min: number; max: number };
      return { state: index >= bounds.min - TOLERANCE && index <= bounds.max + TOLERANCE ? 'likely' : 'breaks', value: index };
    }
    case 'smooth':
      return { state: isSmooth(recipe, categoryOf) ? 'meets' : 'breaks' };
    case 'keep': {
      const kept = (line: { id: string; foodId: string | null }) => recipe.lines.some(({ id, foodId }) => id === line.id && foodId === line.foodId);
      return { state: original.recipe.lines.filter(({ id, foodId }) => id === need.id || foodId === need.id).every(kept) ? 'meets' : 'breaks' };
    }
    case 'avoid':
      return {
        state: countedLines(recipe).some(({ foodId }) => foodId === need.id)
          ? 'breaks'
          : countedLines(recipe).some(({ foodId }) => foodId === null)
            ? 'cannotTell'
            : 'meets',
      };
  }
}

/** A check that was there already is allowed and listed as likely; `checks: 'avoid'` lets none stand. */
function stateOf(state: string | undefined, needs: Needs): NeedState {
  if (state === 'contains' || state === 'breaks') return 'breaks';
  if (state === 'absent' || state === 'fits') return 'meets';
  return needs.checks === 'avoid' ? 'breaks' : 'cannotTell';
}

/** Needs by how they stand: the one count that header, cards, lists and versions tell. */
export interface Tally {
  asked: number;
  /** Met, or likely met. */
  met: number;
  /** Only a label or a figure that is not known can tell. */
  toCheck: number;
  broken: number;
}

export function tallyOf(verdicts: readonly NeedVerdict[]): Tally {
  const of = (...states: NeedState[]) => verdicts.filter(({ state }) => states.includes(state)).length;
  return { asked: verdicts.length, met: of('meets', 'likely'), toCheck: of('cannotTell'), broken: of('breaks') };
}

/** '1 of 3 met, 1 to check'. */
export const tallyWords = ({ asked, met, toCheck }: Tally): string => `${met} of ${asked} met${toCheck > 0 ? `, ${toCheck} to check` : ''}`;

/** States a plan may be shown with for this need; a check already there is allowed for allergens and diets. */
export function passes({ need, state }: NeedVerdict): boolean {
  if (need.kind === 'allergen' || need.kind === 'diet' || need.kind === 'avoid') return state !== 'breaks';
  return state === 'meets' || state === 'likely';
}
