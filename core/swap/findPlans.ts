/** The closest soups that keep what is sought, nearest first, each rounded, written, analysed and judged. */
import { distanceAt } from './amounts.ts';
import type { Judge } from './judge.ts';
import type { Model } from './model.ts';
import { type Need, refOf } from './need.ts';
import { describeChanges, lossesOf, type Plan, risesOf, unknownLosses } from './plan.ts';
import { openSays, plateSays, SMOOTH_SAYS, saysOf } from './says.ts';
import { type Leaf, type Order, search, type Verdict } from './search.ts';
import { likelyBounds, type Settled, type Sought, settlePlan } from './settlePlan.ts';
import { tasteSays } from './tasteSays.ts';
import { patchwork, takesAndBrings, Variety } from './variety.ts';
import { namedVerdicts } from './verdict.ts';
import { everyChangeCarries, whyForced } from './whyForced.ts';

export interface Found {
  plans: Plan[];
  timedOut: boolean;
  /** Sets of choices were passed over for giving lines of a kind two stand-ins. */
  patched: boolean;
}

export interface Finding {
  /** Needs that may be missed at a price for each step they are missed by, and are not judged. */
  soft?: ReadonlySet<Need>;
  order?: Order;
  /** Plans further than this are not wanted. */
  within?: number | undefined;
  onPlan?: ((plan: Plan) => void) | undefined;
  /** Plans the house would show: each change with its share of the reason, no two that a table could not tell apart. */
  house?: boolean;
  /** Of those of the house, only such as give lines of a kind one stand-in. */
  oneStandIn?: boolean;
}

const NONE: ReadonlySet<Need> = new Set();
/** A plan this much further off than the closest is no choice to offer beside it. */
const FAR_BY = 4;
const FAR = 2;
/** So many sets of choices are passed over because they would stop at a limit. */
const MOST_UNSURE = 6;

/** At most `wanted` plans for some of the needs asked; what they make of the others is told all the same. */
export function findPlans(
  judge: Judge,
  needs: readonly Need[],
  wanted: number,
  { soft = NONE, order = 'best', within = Number.POSITIVE_INFINITY, onPlan, house = false, oneStandIn = house }: Finding = {},
): Found {
  const sought: Sought = { needs, soft };
  const model = judge.model(needs, soft, likelyBounds(judge, needs));
  if ([...model.unmeetable].some((need) => !soft.has(need))) return { plans: [], timedOut: false, patched: false };
  const plans: Plan[] = [];
  const variety = new Variety();
  let unsure = 0;
  let patched = false;
  const visit = (leaf: Leaf): Verdict => {
    if (house) {
      if (plans[0] && leaf.amounts.value > FAR_BY * plans[0].distance + FAR) return 'stop';
      if (!everyChangeCarries(model, leaf) || takesAndBrings(model, leaf)) return 'dropped';
      const pair = oneStandIn && patchwork(model, leaf);
      if (pair) {
        patched = true;
        return { never: pair };
      }
      const kind = variety.look(model, leaf);
      if (kind !== 'new') return kind === 'alike' ? 'taken' : 'dropped';
    }
    const settled = settlePlan(judge, sought, model, leaf);
    // A plan that stops at its limit gives way to one that does not, if there is one not much further off.
    if (!settled || (house && settled.short && (unsure += 1) <= MOST_UNSURE)) return 'dropped';
    const plan = planOf(judge, sought, model, leaf, settled);
    if (house) variety.show(model, leaf, plan);
    plans.push(plan);
    onPlan?.(plan);
    return plans.length < wanted ? 'taken' : 'stop';
  };
  const end = search(model, visit, judge.expired, { order, within });
  // What was found in order is proven; the bound says how good anything else could be.
  return { plans: end.timedOut ? plans.map((plan) => ({ ...plan, bound: end.bound })) : plans, timedOut: end.timedOut, patched };
}

function planOf(judge: Judge, sought: Sought, model: Model, leaf: Leaf, settled: Settled): Plan {
  const { draft, analysis, stood } = settled;
  const { needs } = judge.asked;
  const named = (list: readonly Need[]) => list.map((need) => refOf(need, needs));
  const before = judge.original.analysis;
  const why = whyForced(judge, sought.needs, model, leaf).map(named);
  const changes = describeChanges(model, leaf, draft, { before, after: analysis }, why, judge.shelf, judge.asked.terms.blender);
  const loses = lossesOf(before, analysis);
  const rises = risesOf(before, analysis);
  const sodium = needs.find((need) => need.kind === 'limit' && need.limit.nutrient === 'sodiumMg' && need.limit.per === 'serving');
  const most = sodium?.kind === 'limit' ? sodium.limit.max : undefined;
  const open = openSays(needs, stood, draft.recipe, analysis, judge.shelf);
  const said = saysOf({ before: judge.original.recipe, after: draft.recipe, was: before, is: analysis }, most, judge.shelf);
  // A line of salt to taste says what may go in: it is not said twice.
  const isSeasoned = open.some(({ kind }) => kind === 'season');
  const says = [
    ...said.filter(({ kind }) => !(isSeasoned && kind === 'season')),
    ...tasteSays({ before: judge.original.recipe, after: draft.recipe, was: before, is: analysis }, judge.asked, judge.shelf),
    ...open,
    ...plateSays(judge.asked, stood, draft.recipe, analysis, judge.shelf),
    ...(needs.some(({ kind }) => kind === 'smooth') ? [SMOOTH_SAYS] : []),
  ];
  const losesUnknown = unknownLosses(changes, before, analysis, judge.shelf);
  return {
    changes,
    recipe: draft.recipe,
    analysis,
    distance: distanceAt(model, leaf.choice, leaf.amounts.grams),
    optimal: true,
    meets: namedVerdicts(needs, stood),
    misses: named(judge.missed(stood)),
    ...(loses.length > 0 ? { loses } : {}),
    ...(rises.length > 0 ? { rises } : {}),
    ...(losesUnknown.length > 0 ? { losesUnknown } : {}),
    ...(says.length > 0 ? { says } : {}),
  };
}
