/** A need is a value: what is asked of a soup, wherever it stands in the lists a request has it in. */

import type { AllergenId, DietId } from '../vocabulary/allergens.ts';
import type { Limit, NeedRef, Needs } from './needs.ts';

export type Need =
  | { kind: 'allergen'; id: AllergenId }
  | { kind: 'diet'; id: DietId }
  | { kind: 'limit'; limit: Limit }
  | { kind: 'body'; body: NonNullable<Needs['body']> }
  | { kind: 'smooth' }
  | { kind: 'keepLine'; lineId: string }
  | { kind: 'keepFood'; foodId: string }
  | { kind: 'avoid'; foodId: string };

export type NeedOf<Kind extends Need['kind']> = Extract<Need, { kind: Kind }>;

/** Under what the needs are judged: everything of a request that is no need itself. */
export type Terms = Pick<
  Needs,
  'regime' | 'coconutIsTreeNut' | 'chestnutIsTreeNut' | 'blender' | 'checks' | 'margin' | 'weights' | 'scope' | 'useFirst'
>;

/** What is asked, and under what terms. A need is told from its like by identity: lists of them are filtered, never made anew. */
export interface Asked {
  terms: Terms;
  needs: readonly Need[];
}

/** Every need of a request, in the order the contract lists them. */
export const needList = ({ allergens, diets, limits, body, smooth, keepLines, keepFoods, avoidFoods }: Needs): Need[] => [
  ...(allergens ?? []).map((id): Need => ({ kind: 'allergen', id })),
  ...(diets ?? []).map((id): Need => ({ kind: 'diet', id })),
  ...(limits ?? []).map((limit): Need => ({ kind: 'limit', limit })),
  ...(body === undefined ? [] : [{ kind: 'body', body } as const]),
  ...(smooth ? [{ kind: 'smooth' } as const] : []),
  ...(keepLines ?? []).map((lineId): Need => ({ kind: 'keepLine', lineId })),
  ...(keepFoods ?? []).map((foodId): Need => ({ kind: 'keepFood', foodId })),
  ...(avoidFoods ?? []).map((foodId): Need => ({ kind: 'avoid', foodId })),
];

export const askedOf = (needs: Needs): Asked => {
  const { regime, coconutIsTreeNut, chestnutIsTreeNut, blender, checks, margin, weights, scope, useFirst } = needs;
  return { terms: { regime, coconutIsTreeNut, chestnutIsTreeNut, blender, checks, margin, weights, scope, useFirst }, needs: needList(needs) };
};

export const ofKind = <Kind extends Need['kind']>(needs: readonly Need[], kind: Kind): NeedOf<Kind>[] =>
  needs.filter((need): need is NeedOf<Kind> => need.kind === kind);

/** The kind in the contract, where a kept line and a kept food are one. */
const refKind = (kind: Need['kind']): NeedRef['kind'] => (kind === 'keepLine' || kind === 'keepFood' ? 'keep' : kind);

function idOf(need: Need): string | undefined {
  switch (need.kind) {
    case 'allergen':
    case 'diet':
      return need.id;
    case 'limit':
      return need.limit.nutrient;
    case 'keepLine':
      return need.lineId;
    case 'keepFood':
    case 'avoid':
      return need.foodId;
    default:
      return undefined;
  }
}

/** How the contract names a need: its kind, its id, and its place among those of its kind in the whole list. */
export function refOf(need: Need, whole: readonly Need[]): NeedRef {
  const kind = refKind(need.kind);
  const id = idOf(need);
  if (id === undefined) return { kind };
  return { kind, id, index: whole.filter((one) => refKind(one.kind) === kind).indexOf(need) };
}

/** Every need of a request as the contract names it, in its order. */
export function needRefs(needs: Needs): NeedRef[] {
  const whole = needList(needs);
  return whole.map((need) => refOf(need, whole));
}

/** The need that a reference names; undefined where the request has none such. */
export function needOf({ kind, index = 0 }: NeedRef, needs: Needs): Need | undefined {
  return needList(needs).filter((one) => refKind(one.kind) === kind)[index];
}

/** The limit that a reference names; undefined when it names another need. */
export function limitOf(ref: NeedRef, needs: Needs): Limit | undefined {
  const need = needOf(ref, needs);
  return need?.kind === 'limit' ? need.limit : undefined;
}

/** The request for these needs alone, under the same terms; a list that is empty is not there. */
export function requestFor(list: readonly Need[], terms: Terms): Needs {
  const some = <T>(items: T[]): T[] | undefined => (items.length > 0 ? items : undefined);
  const needs: Needs = {
    ...terms,
    allergens: some(ofKind(list, 'allergen').map(({ id }) => id)),
    diets: some(ofKind(list, 'diet').map(({ id }) => id)),
    limits: some(ofKind(list, 'limit').map(({ limit }) => limit)),
    body: ofKind(list, 'body')[0]?.body,
    smooth: ofKind(list, 'smooth').length > 0 || undefined,
    keepLines: some(ofKind(list, 'keepLine').map(({ lineId }) => lineId)),
    keepFoods: some(ofKind(list, 'keepFood').map(({ foodId }) => foodId)),
    avoidFoods: some(ofKind(list, 'avoid').map(({ foodId }) => foodId)),
  };
  return Object.fromEntries(Object.entries(needs).filter(([, value]) => value !== undefined)) as Needs;
}

/** The request with one of its needs taken away; what is not known here is kept as it is. */
export function withoutNeed(needs: Needs, ref: NeedRef): Needs {
  const list = needList(needs);
  const gone = list.filter((one) => refKind(one.kind) === ref.kind)[ref.index ?? 0];
  return requestFor(
    list.filter((one) => one !== gone),
    askedOf(needs).terms,
  );
}
