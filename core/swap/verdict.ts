/** Judges an analysed soup against every need, on the interval and not on the best value alone. */
import type { Analysis, NutrientFigure } from '../analysis/analysis.ts';
import type { Shelf } from '../food/shelf.ts';
import { normalCdf, Z95 } from '../statistics/normal.ts';
import { countedLines, type Line, type Recipe } from '../vocabulary/recipe.ts';
import { type Asked, askedOf, type Need, type NeedOf, refOf } from './need.ts';
import type { Limit, NeedRef, Needs } from './needs.ts';
import { BODY_KEEPS, BODY_LEAST } from './objective.ts';
import { type NeedScope, servedFigures } from './scope.ts';
import { isSmooth } from './smooth.ts';
import { type Unknown, unknownOf } from './unknowns.ts';

export type NeedState = 'meets' | 'likely' | 'cannotTell' | 'breaks';

export interface NeedVerdict {
  need: NeedRef;
  state: NeedState;
  value?: number;
  low?: number;
  high?: number;
  /** Chance that the limit is met, 0 to 1, by the normal approximation. */
  chance?: number;
  /** Lines that leave a maximum open and that nothing bounds: it cannot be told until they are known, and no plan can. */
  openLines?: string[];
}

const TOLERANCE = 1e-9;

/** The chance that a normal value with this interval is at most `limit`. */
export function chanceBelow(limit: number, { value, low, high }: Pick<NutrientFigure, 'value' | 'low' | 'high'>): number {
  const sd = (limit >= value ? high - value : value - low) / Z95;
  if (sd <= 0) return value <= limit ? 1 : 0;
  return normalCdf((limit - value) / sd);
}

/** Limits are inclusive. A lower bound can disprove a maximum and prove a minimum, never the reverse. */
export function judgeLimit(limit: Limit, analysis: Analysis, unknown?: Unknown, scope?: NeedScope): Omit<NeedVerdict, 'need'> {
  const figure = (limit.per === 'serving' ? servedFigures(analysis, scope) : analysis.per100g)[limit.nutrient];
  const { low, high, atLeast, cautious } = figure;
  // Where two tables differ by more than twice, the one that is worse for the limit decides.
  const most = cautious?.high ?? figure.value;
  const least = cautious?.low ?? figure.value;
  const slack = (bound: number) => TOLERANCE * Math.max(1, Math.abs(bound));
  const states: NeedState[] = [];
  let chance: number | undefined = 1;
  // What is not known is bounded by its kind and its weight, where it can be.
  const share = limit.per === 'serving' ? 1 : 100 / Math.max(1, analysis.servingGrams);
  const beyond = unknown ? unknown.most * share : Number.POSITIVE_INFINITY;
  const isBounded = !atLeast || (most + beyond <= (limit.max ?? 0) + slack(limit.max ?? 0) && unknown?.open.length === 0);
  if (limit.max !== undefined) {
    states.push(
      most > limit.max + slack(limit.max)
        ? 'breaks'
        : !isBounded
          ? 'cannotTell'
          : !atLeast && high <= limit.max + slack(limit.max)
            ? 'meets'
            : 'likely',
    );
    chance = isBounded ? Math.min(chance, chanceBelow(limit.max, atLeast ? raised(figure, beyond) : figure)) : undefined;
  }
  if (limit.min !== undefined) {
    states.push(low >= limit.min - slack(limit.min) ? 'meets' : least >= limit.min - slack(limit.min) ? 'likely' : atLeast ? 'cannotTell' : 'breaks');
    chance = atLeast || chance === undefined ? undefined : Math.min(chance, 1 - chanceBelow(limit.min, figure));
  }
  const order: readonly NeedState[] = ['breaks', 'cannotTell', 'likely', 'meets'];
  const value = limit.min === undefined ? most : limit.max === undefined ? least : figure.value;
  const isOpen = atLeast && limit.max !== undefined && unknown !== undefined && most + beyond <= limit.max + slack(limit.max);
  return {
    state: order.find((state) => states.includes(state)) ?? 'meets',
    value,
    low,
    high,
    ...(chance === undefined ? {} : { chance }),
    ...(isOpen && unknown.open.length > 0 ? { openLines: [...unknown.open] } : {}),
  };
}

const raised = ({ value, low, high }: NutrientFigure, by: number) => ({ value: value + by, low: low + by, high: high + by });

/** Body indices a need of body lets stand; 'same' is about that of the original. */
export function bodyBounds(body: NeedOf<'body'>['body'], originalIndex: number): { min: number; max: number } {
  if (body !== 'same') return { min: body.min ?? 0, max: body.max ?? Number.POSITIVE_INFINITY };
  const room = Math.max(originalIndex * BODY_KEEPS, BODY_LEAST);
  return { min: Math.max(0, originalIndex - room), max: originalIndex + room };
}

export interface Judged {
  recipe: Recipe;
  analysis: Analysis;
  original: { recipe: Recipe; analysis: Analysis };
  shelf: Shelf;
}

/** How a soup stands to a need. */
export type Standing = Omit<NeedVerdict, 'need'>;

/** How a soup stands to every need asked, in their order. */
export const standings = ({ needs, terms }: Asked, judged: Judged): Standing[] => needs.map((need) => standingOf(need, terms, judged));

/** A verdict for every need of a request, as the contract names them. */
export function judgeNeeds(needs: Needs, judged: Judged): NeedVerdict[] {
  const asked = askedOf(needs);
  return namedVerdicts(asked.needs, standings(asked, judged));
}

export const namedVerdicts = (needs: readonly Need[], judged: readonly Standing[]): NeedVerdict[] =>
  needs.map((need, index) => ({ need: refOf(need, needs), ...(judged[index] as Standing) }));

function standingOf(need: Need, { checks, scope, blender }: Asked['terms'], { recipe, analysis, original, shelf }: Judged): Standing {
  switch (need.kind) {
    case 'allergen':
      return {
        state: stateOf(
          inScope(
            analysis.allergens.find(({ id }) => id === need.id),
            scope,
          ),
          checks,
        ),
      };
    case 'diet':
      return {
        state: stateOf(
          inScope(
            analysis.diets.find(({ id }) => id === need.id),
            scope,
          ),
          checks,
        ),
      };
    case 'limit':
      return judgeLimit(need.limit, analysis, unknownOf(recipe, analysis, need.limit.nutrient, shelf, scope), scope);
    case 'body': {
      const { index } = analysis.body;
      const { min, max } = bodyBounds(need.body, original.analysis.body.index);
      return { state: index >= min - TOLERANCE && index <= max + TOLERANCE ? 'likely' : 'breaks', value: index };
    }
    case 'smooth':
      return { state: isSmooth(recipe, shelf, blender) ? 'meets' : 'breaks' };
    case 'keepLine':
      return { state: stillThere(original.recipe, recipe, ({ id }) => id === need.lineId) };
    case 'keepFood':
      return { state: stillThere(original.recipe, recipe, ({ foodId }) => foodId === need.foodId) };
    case 'avoid':
      return { state: withoutFood(recipe, need.foodId) };
  }
}

/** Whether the lines of the original that are meant are in the soup with the foods they had. */
function stillThere(original: Recipe, now: Recipe, isMeant: (line: Line) => boolean): NeedState {
  const kept = (line: Line) => now.lines.some(({ id, foodId }) => id === line.id && foodId === line.foodId);
  return original.lines.filter(isMeant).every(kept) ? 'meets' : 'breaks';
}

function withoutFood(recipe: Recipe, avoided: string): NeedState {
  const foods = countedLines(recipe).map(({ foodId }) => foodId);
  if (foods.includes(avoided)) return 'breaks';
  return foods.includes(null) ? 'cannotTell' : 'meets';
}

const inScope = <S extends string>(row: { state: S; scopes: Record<NeedScope, S> } | undefined, scope: NeedScope | undefined): S | undefined =>
  scope === 'plate' ? row?.scopes.plate : row?.state;

/** A check that was there already is allowed and listed as likely; `checks: 'avoid'` lets none stand. */
function stateOf(state: string | undefined, checks: Needs['checks']): NeedState {
  if (state === 'contains' || state === 'breaks') return 'breaks';
  if (state === 'absent' || state === 'fits') return 'meets';
  return checks === 'avoid' ? 'breaks' : 'cannotTell';
}

/** States a plan may be shown with for this need; a check already there is allowed, and what no plan can settle stops none. */
export function passes({ kind }: Pick<Need | NeedRef, 'kind'>, { state, openLines }: Standing): boolean {
  if (kind === 'allergen' || kind === 'diet' || kind === 'avoid') return state !== 'breaks';
  return state === 'meets' || state === 'likely' || (kind === 'limit' && state === 'cannotTell' && (openLines?.length ?? 0) > 0);
}
