/**
 * The closest soups that meet the needs, exactly solved in the continuous model, rounded to measures, analysed again
 * and judged on that analysis. When nothing meets them: the smallest set of needs that clash, and the nearest plan.
 */
import type { PriceList } from '../bowl/cost.ts';
import { closePreparations, openPreparations } from '../bowl/preparation.ts';
import type { Shelf } from '../food/shelf.ts';
import { withMentions } from '../method/mentions.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import { bowlAlone } from './bowlSize.ts';
import { explainClash } from './clash.ts';
import { findPlans } from './findPlans.ts';
import { Judge } from './judge.ts';
import { askedOf, ofKind } from './need.ts';
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
/** About the chance with which a plan is to meet a limit when none is asked for: it does not stop at the limit. */
const HOUSE_MARGIN = 0.8;

export function adapt(request: AdaptRequest, ofKitchen: Shelf, { now, onPlan }: AdaptTools): AdaptResult {
  const { recipe, shelf } = openPreparations(request.recipe, ofKitchen);
  const told = onPlan && ((plan: Plan) => onPlan(asKept(plan, shelf)));
  const result = adaptOpened({ ...request, recipe }, shelf, { now, ...(told ? { onPlan: told } : {}) });
  return {
    ...result,
    plans: result.plans.map((plan) => asKept(plan, shelf)),
    ...(result.clash ? { clash: { ...result.clash, nearest: result.clash.nearest && asKept(result.clash.nearest, shelf) } } : {}),
  };
}

/** A plan whose recipe is kept: lines of a preparation name it, and no food; its steps know what they say of which line. */
const asKept = (plan: Plan, shelf: Shelf): Plan => ({
  ...plan,
  recipe: closePreparations({ ...plan.recipe, steps: withMentions(plan.recipe.steps, plan.recipe.lines, shelf) }),
});

/** The closest plans alone: none where nothing meets the needs, and no word on why. For whoever asks of many needs at once. */
export function closestPlans(request: AdaptRequest, ofKitchen: Shelf, tools: AdaptTools): { plans: Plan[]; timedOut: boolean } {
  const { recipe, shelf } = openPreparations(request.recipe, ofKitchen);
  const { plans, timedOut } = searched({ ...request, recipe }, shelf, tools);
  return { plans: plans.map((plan) => asKept(plan, shelf)), timedOut };
}

function adaptOpened(request: AdaptRequest, shelf: Shelf, tools: AdaptTools): AdaptResult {
  const { plans, timedOut, judge, every } = searched(request, shelf, tools);
  const original = judge.original.analysis;
  if (plans.length === 0 && !timedOut) return { original, plans, ...explainClash(every) };
  const bowl = bowlAlone(judge);
  return { original, plans, ...(bowl ? { bowl } : {}), ...(timedOut ? { timedOut } : {}) };
}

interface Searched {
  plans: Plan[];
  timedOut: boolean;
  judge: Judge;
  /** The same with every swap there is. */
  every: Judge;
}

function searched(request: AdaptRequest, shelf: Shelf, { now, onPlan }: AdaptTools): Searched {
  const deadline = now() + (request.timeLimitMs ?? DEFAULT_TIME_MS);
  const { recipe, prices } = request;
  const asked = askedOf(request.needs);
  const judge = new Judge({ recipe, asked, shelf, prices, expired: () => now() > deadline });
  const wanted = request.plans ?? DEFAULT_PLANS;
  // A plan is not to stop at its limit, and a change is not to be made for a pinch: where that leaves none, it is.
  const surely = asked.terms.margin === undefined && ofKind(asked.needs, 'limit').length > 0 ? judge.aimingAt(HOUSE_MARGIN) : judge;
  let found = findPlans(surely, surely.asked.needs, wanted, { onPlan, house: true });
  const none = () => found.plans.length === 0 && !found.timedOut;
  if (none() && surely !== judge) found = findPlans(judge, asked.needs, wanted, { onPlan, house: true });
  // Limits can leave no other way than two stand-ins where one would be nicer.
  if (none() && found.patched) found = findPlans(judge, asked.needs, wanted, { onPlan, house: true, oneStandIn: false });
  const every = judge.withEvery();
  if (none()) found = findPlans(every, asked.needs, wanted, { onPlan });
  return { plans: found.plans, timedOut: found.timedOut, judge, every };
}
