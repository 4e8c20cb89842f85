/**
 * What can be done with any line: less of it, or none; and with the soup's own liquid: some held back, or more of it. How much of the soup
 * goes with a line is a judgement by its kind (common practice, no source).
 */
import type { Category } from '../../vocabulary/category.ts';
import type { Food } from '../../vocabulary/food.ts';
import { KINDS } from './kinds.ts';
import { COMMON, one, type Swap } from './swap.ts';
import { SEASON } from './works.ts';

/** What a soup is without it: how far off its flavour is, and what is missed. */
const GONE: Record<Category, readonly [flavour: number, lost: string]> = {
  dairy: [0.55, 'less rich'],
  egg: [0.45, 'not bound'],
  'plant-cream': [0.5, 'less rich'],
  fat: [0.4, 'leaner'],
  pulse: [0.6, 'thinner, less protein'],
  'nut-seed': [0.45, 'not nutty'],
  starch: [0.45, 'thinner'],
  grain: [0.5, 'thinner'],
  bread: [0.35, 'thinner'],
  water: [0.5, 'thicker'],
  broth: [0.7, 'much less savour'],
  meat: [0.6, 'less savour'],
  poultry: [0.6, 'less protein and savour'],
  fish: [0.65, 'no fish'],
  shellfish: [0.7, 'no sea in it'],
  salt: [0.6, 'flat'],
  sweetener: [0.2, 'sharper'],
  acid: [0.35, 'duller'],
  sauce: [0.45, 'less savour'],
  vegetable: [0.6, 'less vegetable'],
  spice: [0.35, 'plainer'],
  alcohol: [0.35, 'less depth'],
  allium: [0.4, 'less savour'],
  root: [0.6, 'less vegetable'],
  leaf: [0.5, 'less green'],
  mushroom: [0.55, 'less savour'],
  fruit: [0.45, 'less fruit'],
  herb: [0.35, 'plainer'],
};
/** Less of it is a lesser matter. */
const LESS = 0.4;
const SEASONED: ReadonlySet<Category> = new Set(['dairy', 'broth', 'meat', 'poultry', 'fish', 'shellfish', 'sauce', 'pulse', 'plant-cream']);
const calledBriefly = ({ name }: Food): string => {
  const plain = name.replace(/\s*\([^)]*\)/g, '').replace(/,.*$/, '');
  return /^\p{Lu}\p{Ll}/u.test(plain) ? plain.charAt(0).toLowerCase() + plain.slice(1) : plain;
};

/** What is poured in by the litre, and can be poured in by less or more. */
export const LIQUIDS: readonly string[] = ['water', ...KINDS.meatStock, ...KINDS.fishStock, ...KINDS.vegetableStock];
export const isLiquid = (foodId: string | null): boolean => foodId !== null && LIQUIDS.includes(foodId);
export const heldBackId = (foodId: string): string => `${foodId}-held-back`;
export const toppedUpId = (foodId: string): string => `${foodId}-topped-up`;

/** Its bounds are a share of the liquid that leaves it a soup. */
const heldBack = (foodId: string): Swap => ({ id: heldBackId(foodId), name: 'Some held back', replaces: [foodId], parts: [one(foodId, 0.75, 0.97)], work: 0, flavour: 0.02,
  steps: [], cautions: ['Keep what is held back at hand: thin with it at the end if the soup is too thick.'], note: 'thicker; makes room for what goes in', source: COMMON });
const toppedUp = (foodId: string): Swap => ({ id: toppedUpId(foodId), name: 'Topped up', replaces: [foodId], parts: [one(foodId, 1.03, 1.8)], work: 0, flavour: 0.04, steps: [], cautions: [], note: 'the pot stays full', source: COMMON });

const less = (food: Food): Swap => ({ id: `${food.id}-less`, name: `Less ${calledBriefly(food)}`, replaces: [food.id], parts: [one(food.id, 0.2, 0.85)], work: 0, flavour: GONE[food.category][0] * LESS, steps: SEASONED.has(food.category) ? [SEASON] : [], cautions: [], note: GONE[food.category][1], source: COMMON });
export const leftOutId = (foodId: string): string => `${foodId}-left-out`;
const leftOut = (food: Food): Swap => ({ id: leftOutId(food.id), name: 'Left out', replaces: [food.id], parts: [], work: 0, flavour: GONE[food.category][0], steps: SEASONED.has(food.category) ? [SEASON] : [], cautions: [], note: GONE[food.category][1], source: COMMON });

/** Put in before the blender instead of after it, so that no piece is left. */
export const blendedIn = (food: Food): Swap => ({ id: `${food.id}-blended-in`, name: 'Blended in', replaces: [food.id], parts: [one(food.id, 0.97, 1, 1)], stage: 'blend', work: 0.15, flavour: 0.08,
  steps: [{ text: `${RAW.test(`${food.id} ${food.name}`) ? `Put the ${calledBriefly(food)} in before blending and cook ${/[^s]s$/.test(calledBriefly(food)) ? 'them' : 'it'} through` : `Put the ${calledBriefly(food)} in before blending`}, to be blended in and sieved with the rest.`, when: 'blend' }], cautions: food.category === 'shellfish' ? ['Look for bits of shell first: the blender leaves splinters.'] : mayHoldBone(food) ? ['Look for bones first: the blender leaves splinters.'] : [], note: 'no pieces', source: COMMON });
const RAW = /-raw\b|bacon|sausage|prawns|mussels|clams?\b|oysters?\b|squid\b/i;
const BONED: ReadonlySet<Category> = new Set(['fish', 'poultry']);
const ON_THE_BONE = /hock|knuckle|shank|rib|oxtail|neck|trotter|bone|carcass/i;
/** Fish and fowl keep a bone by chance, meat where it was cooked on it; a rasher has none. */
const mayHoldBone = ({ category, id, name }: Food): boolean => BONED.has(category) || (category === 'meat' && ON_THE_BONE.test(`${id} ${name}`));

const made = new WeakMap<Food, readonly Swap[]>();

/** Salt and stock have levers of their own among the rows. */
const OWN_LESS: ReadonlySet<string> = new Set(['salt', 'salt-coarse']);

export function leversFor(food: Food): readonly Swap[] {
  const known = made.get(food);
  if (known) return known;
  const levers = isLiquid(food.id)
    ? [heldBack(food.id), toppedUp(food.id), ...(food.id === 'water' ? [] : [less(food)])]
    : [...(OWN_LESS.has(food.id) ? [] : [less(food)]), leftOut(food)];
  made.set(food, levers);
  return levers;
}
