/**
 * Water that leaves a food on a tray or in a pan, as a share of its weight: best, low, high (central 95 %). Roasting is of a tray at
 * 220 C until done (science of the kitchen, section 6, estimate); frying, browning and sweating are common practice, no source.
 */
import type { Category } from '../../vocabulary/category.ts';
import type { Food } from '../../vocabulary/food.ts';

export type Lost = readonly [best: number, low: number, high: number];
export type DryHeat = 'roast' | 'brown' | 'sweatOpen' | 'sweatCovered' | 'gone';

/** Minutes in which that much has left; less time, less water. */
export const TYPICAL_MINUTES: Readonly<Record<DryHeat, number>> = { roast: 40, brown: 10, sweatOpen: 10, sweatCovered: 10, gone: 1 };

type Kind = 'watery' | 'allium' | 'starchy' | 'mushroom' | 'leaf' | 'vegetable' | 'flesh';

const LOST: Readonly<Record<DryHeat, Readonly<Record<Kind, Lost>>>> = {
  roast: { watery: [0.5, 0.4, 0.6], allium: [0.38, 0.3, 0.45], starchy: [0.25, 0.2, 0.3], mushroom: [0.5, 0.4, 0.6], leaf: [0.5, 0.35, 0.65], vegetable: [0.32, 0.25, 0.4], flesh: [0.25, 0.15, 0.35] },
  brown: { watery: [0.2, 0.08, 0.35], allium: [0.2, 0.08, 0.35], starchy: [0.1, 0.03, 0.2], mushroom: [0.35, 0.2, 0.5], leaf: [0.2, 0.08, 0.4], vegetable: [0.15, 0.05, 0.25], flesh: [0.15, 0.05, 0.28] },
  sweatOpen: { watery: [0.1, 0.03, 0.2], allium: [0.1, 0.03, 0.2], starchy: [0.06, 0.01, 0.12], mushroom: [0.2, 0.08, 0.35], leaf: [0.12, 0.03, 0.25], vegetable: [0.08, 0.02, 0.16], flesh: [0.08, 0.02, 0.16] },
  sweatCovered: { watery: [0.03, 0, 0.08], allium: [0.03, 0, 0.08], starchy: [0.02, 0, 0.06], mushroom: [0.05, 0, 0.12], leaf: [0.03, 0, 0.08], vegetable: [0.03, 0, 0.08], flesh: [0.03, 0, 0.08] },
  gone: { watery: [0.5, 0.35, 0.65], allium: [0.3, 0.2, 0.45], starchy: [0.2, 0.1, 0.3], mushroom: [0.5, 0.4, 0.62], leaf: [0.5, 0.35, 0.65], vegetable: [0.3, 0.2, 0.45], flesh: [0.25, 0.15, 0.35] },
};

const OF_CATEGORY: Partial<Record<Category, Kind>> = {
  allium: 'allium',
  mushroom: 'mushroom',
  leaf: 'leaf',
  vegetable: 'vegetable',
  root: 'vegetable',
  fruit: 'watery',
  meat: 'flesh',
  poultry: 'flesh',
  fish: 'flesh',
  shellfish: 'flesh',
};
const WATERY = /^(?:tomato|courgette|aubergine|red-pepper|green-pepper|yellow-pepper|cucumber)/;
const STARCHY = /^(?:potato|sweet-potato|cassava|taro|plantain)/;

/** Null of what gives no water worth counting: fats, flours, what is poured. */
export function lostBy(food: Pick<Food, 'id' | 'category'>, heat: DryHeat): Lost | null {
  const kind = WATERY.test(food.id) ? 'watery' : STARCHY.test(food.id) ? 'starchy' : OF_CATEGORY[food.category];
  return kind ? LOST[heat][kind] : null;
}
