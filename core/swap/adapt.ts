/**
 * The closest soups that meet the needs, exactly solved in the continuous model, rounded to measures, analysed again
 * and judged on that analysis. When nothing meets them: the smallest set of needs that clash, and the nearest plan.
 */
import type { PriceList } from '../bowl/cost.ts';
import { closePreparations, openPreparations } from '../bowl/preparation.ts';
import type { Shelf } from '../food/shelf.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import { bowlAlone } from './bowlSize.ts';
import { explainClash } from './clash.ts';
import { findPlans } from './findPlans.ts';
import { Judge } from './judge.ts';
import { askedOf } from './need.ts';
import type { Needs } from './needs.ts';
import type { AdaptResult, Plan } from './plan.ts';

export type { AdaptResult } from './plan.ts';

export interface AdaptRequest {
  recipe: Recipe;
  needs: Needs;
  plans?: number | undefined;
  timeLimitMs?: number | undefined;
  /** The kitchen's prices: each analysis has its cost, and money counts as far as the weights say. */
  prices?: PriceList | undefined;
}

export interface AdaptTools {
  /** Milliseconds on any clock. */
  now: () => number;
  /** Told of every plan as it is found; each is the closest of all that are left. */
  onPlan?: (plan: Plan) => void;
}

export const DEFAULT_PLANS = 3;
const DEFAULT_TIME_MS = 10_000;

export function adapt(request: AdaptRequest, ofKitchen: Shelf, { now, onPlan }: AdaptTools): AdaptResult {
  const { recipe, shelf } = openPreparations(request.recipe, ofKitchen);
  const told = onPlan && ((plan: Plan) => onPlan(asKept(plan)));
  const result = adaptOpened({ ...request, recipe }, shelf, { now, ...(told ? { onPlan: told } : {}) });
  return {
    ...result,
    plans: result.plans.map(asKept),
    ...(result.clash ? { clash: { ...result.clash, nearest: result.clash.nearest && asKept(result.clash.nearest) } } : {}),
  };
}

/** A plan whose recipe is kept: lines of a preparation name it, and no food. */
const asKept = (plan: Plan): Plan => ({ ...plan, recipe: closePreparations(plan.recipe) });

function adaptOpened(request: AdaptRequest, shelf: Shelf, { now, onPlan }: AdaptTools): AdaptResult {
  const deadline = now() + (request.timeLimitMs ?? DEFAULT_TIME_MS);
  const { recipe, prices } = request;
  const judge = new Judge({ recipe, asked: askedOf(request.needs), shelf, prices, expired: () => now() > deadline });
  const original = judge.original.analysis;
  const { plans, timedOut } = findPlans(judge, judge.asked.needs, request.plans ?? DEFAULT_PLANS, { onPlan });
  if (plans.length === 0 && !timedOut) return { original, plans, ...explainClash(judge) };
  const bowl = bowlAlone(judge);
  return { original, plans, ...(bowl ? { bowl } : {}), ...(timedOut ? { timedOut } : {}) };
}
