/** When nothing meets the needs: the smallest set that clashes, the plan that comes nearest, and what giving way would buy. */
import { normalQuantile, Z95 } from '../statistics/normal.ts';
import { bowlThatDoes } from './bowlSize.ts';
import { findPlans } from './findPlans.ts';
import type { Judge } from './judge.ts';
import { type Need, type NeedOf, ofKind, refOf, type Terms } from './need.ts';
import type { NeedRef } from './needs.ts';
import type { AdaptResult, Plan, Relaxation } from './plan.ts';
import { servedFigures } from './scope.ts';

/** Which needs cannot be met together, every smallest set of them that is found in time, and how near one can come. */
export function explainClash(judge: Judge): Pick<AdaptResult, 'clash' | 'bowl' | 'timedOut'> {
  const all = judge.asked.needs;
  const named = (needs: readonly Need[]) => needs.map((need) => refOf(need, all));
  const [clash = all, ...others] = smallestSets(judge, all);
  if (judge.expired()) return { timedOut: true, clash: { needs: named(clash), nearest: null, relax: [] } };
  const nearest = nearestPlans(judge, clash);
  const bowl = bowlThatDoes(judge, clash);
  const gaps = judge.model(all, new Set()).gaps.map(({ lineId, needs }) => ({ lineId, needs: named(needs) }));
  return {
    ...(bowl ? { bowl } : {}),
    clash: {
      needs: named(clash),
      ...(others.length > 0 ? { others: others.map(named) } : {}),
      nearest: nearest[0]?.plan ?? null,
      relax: nearest.flatMap(({ relax }) => relax),
      ...(gaps.length > 0 ? { gaps } : {}),
    },
    ...(judge.expired() ? { timedOut: true } : {}),
  };
}

const canBeDone = (judge: Judge, needs: readonly Need[]): boolean => findPlans(judge, needs, 1, { order: 'any' }).plans.length > 0;

/** Sets of needs that clash and lose nothing they could do without. What a need of one set is left out of may hold another (Reiter 1987). */
function smallestSets(judge: Judge, all: readonly Need[]): (readonly Need[])[] {
  const units = unitsOf(judge);
  const first = shrunk(judge, all, units);
  const sets = [first];
  const left: (readonly Need[])[] = ofUnits(first, units).map((unit) => all.filter((need) => !unit.includes(need)));
  for (let tried = 0; left.length > 0 && tried < MOST_TRIED && sets.length < MOST_SETS && !judge.expired(); tried += 1) {
    const rest = left.shift() as readonly Need[];
    const known = sets.find((set) => set.every((need) => rest.includes(need)));
    const set = known ?? (canBeDone(judge, rest) || judge.expired() ? null : shrunk(judge, rest, units));
    if (!set) continue;
    if (!known) sets.push(set);
    left.push(...ofUnits(set, units).map((unit) => rest.filter((need) => !unit.includes(need))));
  }
  return sets;
}
/** No more sets are told than this, and no more soups tried for them. */
const MOST_SETS = 4;
const MOST_TRIED = 12;

const ofUnits = (needs: readonly Need[], units: readonly (readonly Need[])[]): (readonly Need[])[] =>
  units.filter((unit) => unit.some((need) => needs.includes(need)));

/** The needs less everything that can be left out while they still clash. */
function shrunk(judge: Judge, needs: readonly Need[], units: readonly (readonly Need[])[]): readonly Need[] {
  let clash = needs;
  // What is added to a soup is added for a need: without it the kitchen is smaller, and what could be left out before may be left out now.
  for (let before = Number.POSITIVE_INFINITY; clash.length < before; ) {
    before = clash.length;
    for (const unit of units) {
      if (judge.expired()) return clash;
      const without = clash.filter((one) => !unit.includes(one));
      if (without.length < clash.length && !canBeDone(judge, without)) clash = without;
    }
  }
  return clash;
}

/**
 * What is tried to leave out, in turn: each need by itself, but of many foods to avoid first all, then those that are not in the soup. 'No
 * mushrooms' is twenty foods, and one need to whoever says it.
 */
function unitsOf({ asked: { needs }, original: { recipe } }: Judge): Need[][] {
  const avoided = ofKind(needs, 'avoid');
  if (avoided.length <= FEW) return needs.map((need) => [need]);
  const there = new Set(recipe.lines.map(({ foodId }) => foodId));
  const [inSoup, elsewhere] = [avoided.filter(({ foodId }) => there.has(foodId)), avoided.filter(({ foodId }) => !there.has(foodId))];
  const others = needs.filter(({ kind }) => kind !== 'avoid').map((need) => [need]);
  return [avoided, elsewhere, ...others, ...inSoup.map((need) => [need])];
}
/** So many foods to avoid are needs of their own. */
const FEW = 4;

interface Near {
  plan: Plan;
  relax: Relaxation[];
}

const bends = ({ kind }: Need): boolean => kind === 'limit' || kind === 'body';

/**
 * For each need of the clash that bends, the plan that gives way on it alone, by as little as it can; fewest misses
 * first. An allergen, a diet or a kept line is given up only where giving way on a figure or the body does not do.
 */
function nearestPlans(judge: Judge, clash: readonly Need[]): Near[] {
  const all = judge.asked.needs;
  const near = (given: readonly Need[], plan: Plan | undefined): Near[] => (plan ? [{ plan, relax: loosened(judge, given, plan) }] : []);
  const found = clash.filter(bends).flatMap((need) => near([need], givingWay(judge, all, [need])));
  for (const need of found.length > 0 ? [] : clash.filter((one) => !bends(one))) {
    const within = Math.min(...found.map(({ plan }) => plan.distance));
    found.push(...near([need], givenUp(judge, need, within)));
  }
  if (found.length > 0) return found.sort((a, b) => a.plan.misses.length - b.plan.misses.length || a.plan.distance - b.plan.distance);
  // More than one clash: every limit gives way, and what cannot bend is left out where it clashes.
  const kept = all.filter((need) => bends(need) || !clash.includes(need));
  return near(clash, givingWay(judge, kept, kept.filter(bends)) ?? givingWay(judge, [], []));
}

/** The best plan when the given needs may be missed, at a price for each step they are missed by. */
const givingWay = (judge: Judge, needs: readonly Need[], soft: readonly Need[]): Plan | undefined =>
  findPlans(judge, needs, 1, { soft: new Set(soft) }).plans[0];

/** The best plan without one of the needs, no further than `within`. */
function givenUp(judge: Judge, need: Need, within: number): Plan | undefined {
  const others = judge.asked.needs.filter((one) => one !== need);
  return findPlans(judge, others, 1, { within }).plans[0];
}

/**
 * Of the limits given up that the plan misses, the bounds at which it would not. A plan that may miss a limit is weighed without it: under the
 * limit itself the bound takes a step or two more. None where none is seen to do.
 */
function loosened(judge: Judge, given: readonly Need[], plan: Plan): Relaxation[] {
  const bounds = ofKind(given, 'limit').flatMap((need) => {
    const ref = refOf(need, judge.asked.needs);
    const missed = plan.misses.some(({ kind, index }) => kind === ref.kind && index === ref.index);
    const from = missed ? boundFor(need, plan, judge.asked.terms) : null;
    return from === null ? [] : [{ need, ref, from, step: (need.limit.min !== undefined && from < need.limit.min ? -1 : 1) * stepOf(from) }];
  });
  if (bounds.length === 0) return [];
  for (let tried = 0; tried < MOST_STEPS && !judge.expired(); tried += 1) {
    const to = bounds.map(({ from, step }) => Math.max(0, Number((from + tried * step).toPrecision(6))));
    const looser = bounds.reduce((one, { need }, index) => one.withBound(need, to[index] as number), judge);
    const wanted = looser.asked.needs.filter(
      (_, index) => bends(looser.asked.needs[index] as Need) || !plan.misses.some((ref) => isAt(ref, judge, index)),
    );
    if (canBeDone(looser, wanted)) return bounds.map(({ ref }, index) => ({ need: ref, to: to[index] as number, distance: plan.distance }));
  }
  return [];
}

/** Whether a reference is to the need at this place. */
function isAt(ref: NeedRef, judge: Judge, index: number): boolean {
  const own = refOf(judge.asked.needs[index] as Need, judge.asked.needs);
  return own.kind === ref.kind && own.index === ref.index;
}

/** Steps of two figures that a bound is loosened by, at most. */
const MOST_STEPS = 4;
const stepOf = (figure: number): number => 10 ** Math.floor(Math.log10(Math.max(figure, 1)) - 1);

/** Null where the figure is not wholly known: what is unknown cannot be bought by a looser limit. */
function boundFor({ limit }: NeedOf<'limit'>, { analysis }: Plan, { margin, scope }: Terms): number | null {
  const { value, low, high, atLeast, cautious } = (limit.per === 'serving' ? servedFigures(analysis, scope) : analysis.per100g)[limit.nutrient];
  if (atLeast) return null;
  // By the table that is worse for the limit, as the verdict goes, and with the chance asked for: giving way so far has to be enough.
  const z = margin === undefined ? 0 : Math.max(0, normalQuantile(margin)) / Z95;
  const least = Math.min(cautious?.low ?? value, value - z * (value - low));
  const most = Math.max(cautious?.high ?? value, value + z * (high - value));
  const below = limit.min !== undefined && least < limit.min;
  const figure = below ? least : most;
  const step = stepOf(figure);
  return below ? Math.floor(figure / step) * step : Math.ceil(figure / step) * step;
}
