/**
 * The closest soups that meet the needs, exactly solved in the continuous model, rounded to measures, analysed again
 * and judged on that analysis. When nothing meets them: the smallest set of needs that clash, and the nearest plan.
 */
import { type AnalyseOptions, type Analysis, analyse } from '../analysis/analysis.ts';
import { type PriceList, pricePerGram } from '../bowl/cost.ts';
import type { Shelf } from '../food/shelf.ts';
import { normalQuantile } from '../statistics/normal.ts';
import { blendedShare } from '../texture/body.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import { bestAmounts, brokenNeeds, distanceAt, roundAmounts } from './amounts.ts';
import type { StayedFoods } from './contribution.ts';
import { buildModel, type Model, type Option, type Slot } from './model.ts';
import type { NeedRef, Needs } from './needs.ts';
import { describeChanges, lossesOf, type Plan, risesOf, unknownLosses, writeRecipe } from './plan.ts';
import { type Leaf, type Order, search } from './search.ts';
import { judgeNeeds, type NeedVerdict, needRefs, passes } from './verdict.ts';

export interface AdaptRequest {
  recipe: Recipe;
  needs: Needs;
  plans?: number | undefined;
  timeLimitMs?: number | undefined;
  /** The kitchen's prices: each analysis has its cost, and money counts as far as the weights say. */
  prices?: PriceList | undefined;
}

export interface Relaxation {
  need: NeedRef;
  /** The bound at which the other needs can be met, in the unit of the limit. */
  to: number;
  distance: number;
}

/** The same pot ladled into bowls of another size. */
export interface BowlSize {
  servings: number;
  servingMl: number;
  /** Of the closest soup that meets everything in such a bowl; 0 when nothing else has to change. */
  distance: number;
}

export interface AdaptResult {
  original: Analysis;
  plans: Plan[];
  clash?: { needs: NeedRef[]; nearest: Plan | null; relax: Relaxation[] };
  /** The size of bowl with which it could be done: with a clash at all, else without any swap. */
  bowl?: BowlSize;
  timedOut?: boolean;
}

export interface AdaptTools {
  /** Milliseconds on any clock. */
  now: () => number;
  /** Told of every plan as it is found; each is the closest of all that are left. */
  onPlan?: (plan: Plan) => void;
}

export const DEFAULT_PLANS = 3;
const DEFAULT_TIME_MS = 10_000;
const MARGIN_ROUNDS = 4;

interface Task {
  /** The recipe the search starts from: blended smooth when that is asked. */
  recipe: Recipe;
  analysis: Analysis;
  original: { recipe: Recipe; analysis: Analysis };
  options: AnalyseOptions;
  shelf: Shelf;
  stayed: StayedFoods;
  expired: () => boolean;
}

export function adapt(request: AdaptRequest, shelf: Shelf, { now, onPlan }: AdaptTools): AdaptResult {
  const deadline = now() + (request.timeLimitMs ?? DEFAULT_TIME_MS);
  const { needs } = request;
  const options: AnalyseOptions = {
    regime: needs.regime,
    coconutIsTreeNut: needs.coconutIsTreeNut,
    chestnutIsTreeNut: needs.chestnutIsTreeNut,
    prices: request.prices,
  };
  const original = { recipe: request.recipe, analysis: analyse(request.recipe, options, shelf) };
  const recipe = needs.smooth ? blendedWhole(request.recipe) : request.recipe;
  const task: Task = {
    recipe,
    analysis: recipe === request.recipe ? original.analysis : analyse(recipe, options, shelf),
    original,
    options,
    shelf,
    stayed: new Map(),
    expired: () => now() > deadline,
  };
  const found = findPlans(task, needs, request.plans ?? DEFAULT_PLANS, { onPlan });
  if (found.plans.length > 0 || found.timedOut) {
    const bowl = bowlAlone(task, needs);
    return { original: original.analysis, plans: found.plans, ...(bowl ? { bowl } : {}), ...(found.timedOut ? { timedOut: true } : {}) };
  }
  return { original: original.analysis, plans: [], ...explainClash(task, needs) };
}

/** Smooth: what is blended in part or not at all is blended whole and sieved. */
function blendedWhole(recipe: Recipe): Recipe {
  if (blendedShare(recipe) === 1) return recipe;
  const text = 'Blend all of it until smooth, then sieve.';
  const at = recipe.steps.findIndex(({ method }) => method === 'blend');
  if (at >= 0) return { ...recipe, steps: recipe.steps.map((step) => (step.method === 'blend' ? { ...step, text } : step)) };
  const ids = new Set(recipe.steps.map(({ id }) => id));
  let id = 'smooth';
  while (ids.has(id)) id = `${id}'`;
  return { ...recipe, steps: [...recipe.steps, { id, stage: 'blend', text, method: 'blend', handsOn: true }] };
}

interface Found {
  plans: Plan[];
  timedOut: boolean;
}

interface Finding {
  /** Need indices that may be missed at a price, and those not judged. */
  soft?: ReadonlySet<number>;
  ignored?: ReadonlySet<number>;
  order?: Order;
  /** Plans further than this are not wanted. */
  within?: number | undefined;
  onPlan?: ((plan: Plan) => void) | undefined;
}

const NONE: ReadonlySet<number> = new Set();

function findPlans(
  task: Task,
  needs: Needs,
  wanted: number,
  { soft = NONE, ignored = NONE, order = 'best', within = Number.POSITIVE_INFINITY, onPlan }: Finding = {},
): Found {
  const model = modelOf(task, needs, soft);
  if (model.hopeless.some((need) => !ignored.has(need))) return { plans: [], timedOut: false };
  const plans: Plan[] = [];
  const end = search(
    model,
    (leaf) => {
      const plan = planOf(task, needs, model, leaf, ignored, soft);
      if (!plan) return 'dropped';
      plans.push(plan);
      onPlan?.(plan);
      return plans.length < wanted ? 'taken' : 'stop';
    },
    task.expired,
    { order, within },
  );
  if (end.timedOut) {
    // What was found in order is proven; the bound says how good anything else could be.
    return { plans: plans.map((plan) => ({ ...plan, bound: end.bound })), timedOut: true };
  }
  return { plans, timedOut: false };
}

function modelOf(
  { recipe, analysis, original, shelf, options, stayed }: Task,
  needs: Needs,
  soft: ReadonlySet<number>,
  tightened?: ReadonlyMap<number, { min?: number; max?: number }>,
): Model {
  return buildModel({
    recipe,
    analysis,
    needs,
    shelf,
    soft,
    stayed,
    // A soup that is blended for smoothness is to be as thick as it was before.
    bodyIndex: original.analysis.body.index,
    ...(tightened ? { tightened } : {}),
    ...(options.prices ? { priceOf: pricePerGram(options.prices, shelf) } : {}),
  });
}

/** Rounds, writes, analyses and judges; null when the rounded soup does not meet what it should. */
function planOf(task: Task, needs: Needs, model: Model, leaf: Leaf, ignored: ReadonlySet<number>, soft: ReadonlySet<number>): Plan | null {
  const settled = settle(task, needs, model, leaf, ignored, soft);
  if (!settled) return null;
  const { recipe, replaced } = settled.draft;
  const { analysis, meets } = settled;
  const forcing = model.slots.map((slot, index) => ((leaf.choice[index] as Option).swap ? forcedBy(slot, index, task, needs, model, leaf) : []));
  const before = task.original.analysis;
  const changes = describeChanges(model, leaf, { recipe, replaced }, { before, after: analysis }, forcing, task.shelf);
  const loses = lossesOf(before, analysis);
  const rises = risesOf(before, analysis);
  const losesUnknown = unknownLosses(changes, before, analysis, task.shelf);
  return {
    changes,
    recipe,
    analysis,
    distance: distanceAt(model, leaf.choice, leaf.amounts.grams),
    optimal: true,
    meets,
    misses: meets.filter((verdict) => !passes(verdict)).map(({ need }) => need),
    ...(loses.length > 0 ? { loses } : {}),
    ...(rises.length > 0 ? { rises } : {}),
    ...(losesUnknown.length > 0 ? { losesUnknown } : {}),
  };
}

type Settled = { draft: ReturnType<typeof writeRecipe>; analysis: Analysis; meets: NeedVerdict[] };

/** The rounded plan, with limits drawn in until the chance asked for is met. */
function settle(task: Task, needs: Needs, model: Model, leaf: Leaf, ignored: ReadonlySet<number>, soft: ReadonlySet<number>): Settled | null {
  const refs = needRefs(needs);
  let tight = model;
  let amounts = leaf.amounts;
  for (let round = 0; round < MARGIN_ROUNDS; round += 1) {
    const grams = roundAmounts(tight, leaf.choice, amounts);
    if (!grams) return null;
    const draft = writeRecipe(task.recipe, task.analysis, model, leaf, grams);
    const analysis = analyse(draft.recipe, task.options, task.shelf);
    const meets = judgeNeeds(needs, { recipe: draft.recipe, analysis, original: task.original, categoryOf: (id) => task.shelf.food(id)?.category });
    const failing = meets.filter((verdict, index) => !ignored.has(index) && !soft.has(index) && !passes(verdict));
    if (failing.length > 0) return null;
    const short =
      needs.margin === undefined
        ? []
        : meets.filter(
            ({ need, chance }) => need.kind === 'limit' && chance !== undefined && chance < (needs.margin as number) && !soft.has(refs.indexOf(need)),
          );
    if (short.length === 0) return { draft, analysis, meets };
    tight = modelOf(task, needs, soft, drawIn(needs, short));
    const again = bestAmounts(tight, leaf.choice);
    if (!again) return null;
    amounts = again;
  }
  return null;
}

function drawIn(needs: Needs, short: readonly NeedVerdict[]): Map<number, { min?: number; max?: number }> {
  const z = normalQuantile(needs.margin as number) / 1.96;
  return new Map(
    short.map(({ need, value = 0, low = 0, high = 0 }) => {
      const index = need.index as number;
      const { min, max } = needs.limits?.[index] ?? {};
      return [
        index,
        {
          ...(max === undefined ? {} : { max: Math.max(0, max - z * (high - value) * 1.02) }),
          ...(min === undefined ? {} : { min: min + z * (value - low) * 1.02 }),
        },
      ];
    }),
  );
}

/** The needs that break when one change is undone and the rest stay. */
function forcedBy(slot: Slot, index: number, task: Task, needs: Needs, model: Model, leaf: Leaf): NeedRef[] {
  const refs = needRefs(needs);
  const keep = slot.options.find(({ swap }) => swap === null);
  if (keep) {
    // A line that may stay breaks no need of what is in it: only what is reckoned can.
    const choice = leaf.choice.map((option, at) => (at === index ? keep : option));
    const grams = leaf.amounts.grams.filter((_, part) => slotOfPart(leaf.choice, part) !== index);
    const broken = new Set(brokenNeeds(model, choice, grams));
    return refs.filter(({ kind }, at) => (broken.size > 0 ? broken.has(at) : kind === 'limit' || kind === 'body'));
  }
  const { allergens, diets } = task.analysis;
  return refs.filter(({ kind, id }) => {
    if (kind === 'avoid') return id === slot.food.id;
    if (kind === 'limit') return task.analysis.perServing[id as keyof Analysis['perServing']].missing.some(({ lineId }) => lineId === slot.line.id);
    const verdict = kind === 'allergen' ? allergens.find((one) => one.id === id) : kind === 'diet' ? diets.find((one) => one.id === id) : undefined;
    return verdict?.because.some(({ lineId }) => lineId === slot.line.id) ?? false;
  });
}

function slotOfPart(choice: readonly Option[], part: number): number {
  let seen = 0;
  return choice.findIndex(({ parts }) => (seen += parts.length) > part);
}

/** Which needs cannot be met together, smallest set first found by leaving one out at a time; and how near one can come. */
function explainClash(task: Task, needs: Needs): Pick<AdaptResult, 'clash' | 'bowl' | 'timedOut'> {
  const all = needRefs(needs).map((_, index) => index);
  const canMeet = (indices: readonly number[]) => findPlans(task, pick(needs, indices), 1, { order: 'any' }).plans.length > 0;
  let clash = all;
  for (const need of all) {
    const without = clash.filter((index) => index !== need);
    if (task.expired())
      return { timedOut: true, clash: { needs: clash.map((index) => needRefs(needs)[index] as NeedRef), nearest: null, relax: [] } };
    if (!canMeet(without)) clash = without;
  }
  const refs = needRefs(needs);
  const nearest = nearestPlans(task, needs, clash);
  const bowl = bowlThatDoes(task, needs, clash);
  return {
    ...(bowl ? { bowl } : {}),
    clash: { needs: clash.map((index) => refs[index] as NeedRef), nearest: nearest[0]?.plan ?? null, relax: nearest.flatMap(({ relax }) => relax) },
    ...(task.expired() ? { timedOut: true } : {}),
  };
}

/** Bowls a kitchen would think of, as shares of the one asked for, the nearest first. */
const SMALLER_BOWLS = [0.9, 0.8, 0.75, 0.66, 0.6, 0.5] as const;
const LARGER_BOWLS = [1.1, 1.25, 1.5] as const;

const withBowls = (recipe: Recipe, servings: number): Recipe => {
  const { servingGrams: _, ...rest } = recipe;
  return { ...rest, servings };
};

/** The task with the same pot in bowls of `share` of the size. Toppings are by the bowl or by the pot, as the recipe has them. */
function inBowls(task: Task, share: number): Task {
  const resized = (recipe: Recipe) => {
    const next = withBowls(recipe, task.original.analysis.servings / share);
    return { recipe: next, analysis: analyse(next, task.options, task.shelf) };
  };
  return { ...task, ...resized(task.recipe), original: resized(task.original.recipe) };
}

const bowlOf = ({ original: { analysis } }: Task, distance: number): BowlSize => ({
  servings: analysis.servings,
  servingMl: analysis.servingMl,
  distance,
});

/** The bowl nearest to the one asked for in which everything can be met, when the clash is about what one bowl holds. */
function bowlThatDoes(task: Task, needs: Needs, clash: readonly number[]): BowlSize | null {
  const refs = needRefs(needs);
  const perBowl = clash.flatMap((index) => {
    const ref = refs[index] as NeedRef;
    const limit = ref.kind === 'limit' ? needs.limits?.[ref.index as number] : undefined;
    return limit?.per === 'serving' ? [limit] : [];
  });
  const sizes = [
    ...(perBowl.some(({ max }) => max !== undefined) ? SMALLER_BOWLS : []),
    ...(perBowl.some(({ min }) => min !== undefined) ? LARGER_BOWLS : []),
  ];
  for (const share of sizes) {
    if (task.expired()) return null;
    const resized = inBowls(task, share);
    if (findPlans(resized, needs, 1, { order: 'any' }).plans.length === 0) continue;
    const [closest] = findPlans(resized, needs, 1).plans;
    return closest ? bowlOf(resized, closest.distance) : null;
  }
  return null;
}

/** The largest smaller bowl in which the soup as it is meets everything; null when it does already, or no bowl helps. */
function bowlAlone(task: Task, needs: Needs): BowlSize | null {
  const { recipe, analysis } = task.original;
  const judge = (one: Task) => judgeNeeds(needs, { ...one.original, original: one.original, categoryOf: (id) => task.shelf.food(id)?.category });
  const failing = judge(task).filter((verdict) => !passes(verdict));
  const shares = failing.map(({ need }) => {
    const limit = need.kind === 'limit' ? needs.limits?.[need.index as number] : undefined;
    return limit?.per === 'serving' && limit.max !== undefined
      ? limit.max / (analysis.perServing[limit.nutrient].cautious?.high ?? analysis.perServing[limit.nutrient].value)
      : 0;
  });
  const share = Math.min(...shares);
  if (failing.length === 0 || recipe.lines.length === 0 || !(share >= 0.5)) return null;
  // To the ten millilitres below, as a ladle is.
  const size = (Math.floor((analysis.servingMl * share) / 10) * 10) / analysis.servingMl;
  const resized = inBowls(task, size);
  return judge(resized).every(passes) ? bowlOf(resized, 0) : null;
}

/** The needs with only those of the given indices (into needRefs) asked. */
export function pick(needs: Needs, indices: readonly number[]): Needs {
  const refs = needRefs(needs);
  const kept = new Set(indices.map((index) => refs[index]));
  const has = (kind: NeedRef['kind'], index?: number) =>
    [...kept].some((need) => need?.kind === kind && (index === undefined || need.index === index));
  const lines = needs.keepLines?.length ?? 0;
  return {
    ...needs,
    allergens: needs.allergens?.filter((_, index) => has('allergen', index)),
    diets: needs.diets?.filter((_, index) => has('diet', index)),
    limits: needs.limits?.filter((_, index) => has('limit', index)),
    body: has('body') ? needs.body : undefined,
    smooth: has('smooth') ? needs.smooth : undefined,
    keepLines: needs.keepLines?.filter((_, index) => has('keep', index)),
    keepFoods: needs.keepFoods?.filter((_, index) => has('keep', index + lines)),
    avoidFoods: needs.avoidFoods?.filter((_, index) => has('avoid', index)),
  };
}

/**
 * For each need of the clash that bends, the plan that gives way on it alone, by as little as it can; fewest misses
 * first. An allergen, a diet or a kept line is given up only where giving way on a figure or the body does not do.
 */
function nearestPlans(task: Task, needs: Needs, clash: readonly number[]): { plan: Plan; relax: Relaxation[] }[] {
  const refs = needRefs(needs);
  const bends = (index: number) => refs[index]?.kind === 'limit' || refs[index]?.kind === 'body';
  const found: { plan: Plan; relax: Relaxation[] }[] = [];
  for (const index of clash.filter(bends)) {
    const plan = givingWay(task, needs, new Set([index]));
    if (plan) found.push(yielded(task, needs, [index], plan));
  }
  for (const index of found.length > 0 ? [] : clash.filter((at) => !bends(at))) {
    const others = refs.map((_, at) => at).filter((at) => at !== index);
    const within = Math.min(...found.map(({ plan }) => plan.distance));
    const [plan] = findPlans(task, pick(needs, others), 1, { within }).plans;
    if (plan) found.push(yielded(task, needs, [index], plan));
  }
  if (found.length > 0) return found.sort((a, b) => a.plan.misses.length - b.plan.misses.length || a.plan.distance - b.plan.distance);
  // More than one clash: every limit gives way, and what cannot bend is left out where it clashes.
  const kept = refs.map((_, at) => at).filter((at) => bends(at) || !clash.includes(at));
  const asked = pick(needs, kept);
  const soft = new Set(kept.flatMap((at, place) => (bends(at) ? [place] : [])));
  const plan = givingWay(task, asked, soft) ?? givingWay(task, pick(needs, []), new Set());
  return plan ? [yielded(task, needs, clash, plan)] : [];
}

/** The best plan when the given needs may be missed, at a price for each step they are missed by. */
const givingWay = (task: Task, needs: Needs, soft: ReadonlySet<number>): Plan | undefined =>
  findPlans(task, needs, 1, { soft, ignored: soft }).plans[0];

function yielded(task: Task, needs: Needs, indices: readonly number[], plan: Plan): { plan: Plan; relax: Relaxation[] } {
  const refs = needRefs(needs);
  const judged = judgedAgain(task, needs, plan);
  const missed = indices
    .map((index) => refs[index] as NeedRef)
    .filter((need) => need.kind === 'limit' && judged.misses.some((miss) => miss.kind === 'limit' && miss.index === need.index));
  return { plan: judged, relax: missed.flatMap((need) => relaxation(needs, need, plan) ?? []) };
}

function judgedAgain(task: Task, needs: Needs, plan: Plan): Plan {
  const meets = judgeNeeds(needs, {
    recipe: plan.recipe,
    analysis: plan.analysis,
    original: task.original,
    categoryOf: (id) => task.shelf.food(id)?.category,
  });
  return { ...plan, meets, misses: meets.filter((verdict) => !passes(verdict)).map(({ need }) => need) };
}

function relaxation(needs: Needs, need: NeedRef, plan: Plan): Relaxation | null {
  const limit = needs.limits?.[need.index as number];
  if (!limit) return null;
  const { value, atLeast, cautious } = (limit.per === 'serving' ? plan.analysis.perServing : plan.analysis.per100g)[limit.nutrient];
  // What is unknown cannot be bought by a looser limit.
  if (atLeast) return null;
  // By the table that is worse for the limit, as the verdict goes: giving way so far has to be enough.
  const least = cautious?.low ?? value;
  const below = limit.min !== undefined && least < limit.min;
  const figure = below ? least : (cautious?.high ?? value);
  const step = 10 ** Math.floor(Math.log10(Math.max(figure, 1)) - 1);
  return { need, to: below ? Math.floor(figure / step) * step : Math.ceil(figure / step) * step, distance: plan.distance };
}
