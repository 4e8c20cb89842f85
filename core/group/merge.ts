/** The needs of all who share a pot, as one: whatever one of them may not have, nobody has there; the tightest of each limit. */
import type { Limit, Needs } from '../swap/needs.ts';

const union = <T>(lists: readonly (readonly T[] | undefined)[]): T[] => [...new Set(lists.flatMap((list) => list ?? []))];
const tighter = (a: number | undefined, b: number | undefined, pick: (...values: number[]) => number): number | undefined =>
  a === undefined ? b : b === undefined ? a : pick(a, b);

/** Null where they contradict each other by themselves: a least above a most. */
export function mergeNeeds(needs: readonly Needs[]): Needs | null {
  const limits = new Map<string, Limit>();
  for (const limit of needs.flatMap((one) => one.limits ?? [])) {
    const key = `${limit.nutrient} ${limit.per}`;
    const was = limits.get(key);
    const min = tighter(was?.min, limit.min, Math.max);
    const max = tighter(was?.max, limit.max, Math.min);
    if (min !== undefined && max !== undefined && min > max) return null;
    limits.set(key, { nutrient: limit.nutrient, per: limit.per, ...(min === undefined ? {} : { min }), ...(max === undefined ? {} : { max }) });
  }
  let body: Needs['body'];
  for (const { body: asked } of needs) {
    if (asked === undefined) continue;
    if (asked === 'same' || body === undefined || body === 'same') body = asked === 'same' && body !== undefined ? body : asked;
    else {
      const min = tighter(body.min, asked.min, Math.max);
      const max = tighter(body.max, asked.max, Math.min);
      if (min !== undefined && max !== undefined && min > max) return null;
      body = { ...(min === undefined ? {} : { min }), ...(max === undefined ? {} : { max }) };
    }
  }
  const checks = needs.flatMap((one) => one.checks ?? []);
  const margins = needs.flatMap((one) => one.margin ?? []);
  const lists = {
    allergens: union(needs.map((one) => one.allergens)),
    diets: union(needs.map((one) => one.diets)),
    keepLines: union(needs.map((one) => one.keepLines)),
    keepFoods: union(needs.map((one) => one.keepFoods)),
    avoidFoods: union(needs.map((one) => one.avoidFoods)),
    limits: [...limits.values()],
  };
  return {
    ...(Object.fromEntries(Object.entries(lists).filter(([, list]) => list.length > 0)) as Partial<Needs>),
    ...(needs.some(({ smooth }) => smooth) ? { smooth: true } : {}),
    ...(needs.some(({ coconutIsTreeNut }) => coconutIsTreeNut) ? { coconutIsTreeNut: true } : {}),
    ...(needs.some(({ chestnutIsTreeNut }) => chestnutIsTreeNut) ? { chestnutIsTreeNut: true } : {}),
    ...(needs.some(({ scope }) => scope === 'plate') ? { scope: 'plate' as const } : {}),
    ...(body === undefined ? {} : { body }),
    // The strictest word on labels holds for all; who says nothing takes them as they are.
    ...(checks.length === 0
      ? {}
      : {
          checks: checks.includes('avoid')
            ? ('avoid' as const)
            : checks.includes('asIs') || checks.length < needs.length
              ? ('asIs' as const)
              : ('allow' as const),
        }),
    ...(margins.length === 0 ? {} : { margin: Math.max(...margins) }),
  };
}
