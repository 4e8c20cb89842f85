/**
 * What a measure without a number comes to where the food's own row does not say it: by the kind of food, grams best, low, high.
 * Common practice of kitchens, no source; always wide, always doubted.
 */
import type { Category } from '../vocabulary/category.ts';

type Wide = readonly [best: number, low: number, high: number];

const PINCH: Wide = [0.4, 0.2, 0.9];
/** A can filled with what pours: those of 10.75 to 15 oz, or 400 g. */
const CAN_OF: Wide = [400, 290, 440];
const HERB_HANDFUL: Wide = [10, 4, 20];

const BY_KIND: Partial<Record<Category, Readonly<Record<string, Wide>>>> = {
  spice: {
    pinch: PINCH,
    shake: [0.4, 0.2, 1],
    dash: [0.4, 0.2, 1],
    grating: [0.2, 0.05, 0.5],
    grind: [0.1, 0.05, 0.3],
    each: [0.1, 0.03, 0.5],
    leaf: [0.2, 0.05, 0.5],
    piece: [1, 0.3, 3],
  },
  herb: {
    pinch: [0.3, 0.1, 0.8],
    handful: HERB_HANDFUL,
    leaf: [0.3, 0.1, 1],
    sprig: [1, 0.4, 3],
    stalk: [1, 0.4, 3],
    stem: [1, 0.4, 3],
    bunch: [30, 15, 60],
  },
  water: { can: CAN_OF, cube: [25, 15, 35] },
  salt: { pinch: PINCH, shake: [0.4, 0.2, 1], dash: [0.4, 0.2, 1] },
  sweetener: { pinch: [0.5, 0.3, 1.2], knob: [15, 8, 30], drizzle: [8, 4, 16], dash: [1, 0.5, 3] },
  starch: { pinch: [0.5, 0.2, 1.2], handful: [25, 15, 45] },
  leaf: { handful: [25, 12, 45], leaf: [5, 1, 20], bunch: [200, 100, 350], sprig: [3, 1, 8] },
  'nut-seed': { handful: [25, 12, 45], pinch: [1, 0.4, 3], dollop: [16, 10, 30], each: [1.5, 0.7, 5] },
  grain: { handful: [35, 20, 60] },
  pulse: { handful: [40, 20, 70] },
  mushroom: { handful: [50, 25, 90], each: [15, 5, 40], piece: [3, 1, 8] },
  vegetable: { handful: [60, 30, 120] },
  fruit: { handful: [60, 30, 120] },
  allium: { handful: [40, 20, 80] },
  bread: { handful: [20, 10, 40], slice: [35, 20, 60], each: [50, 15, 110], piece: [30, 10, 70], cube: [3, 1, 8] },
  dairy: { can: CAN_OF, handful: [30, 15, 60], knob: [15, 8, 30], slice: [20, 12, 35], dollop: [20, 10, 40], swirl: [10, 5, 20], pinch: [1, 0.5, 3] },
  'plant-cream': { swirl: [10, 5, 20] },
  fat: { swirl: [4, 1, 8], knob: [15, 8, 30], lump: [20, 10, 40] },
  meat: { handful: [60, 30, 110], slice: [25, 12, 50], each: [60, 15, 140], strip: [20, 10, 40] },
  shellfish: { handful: [70, 35, 120], each: [12, 4, 30] },
  fish: { handful: [70, 35, 120], slice: [25, 12, 45], fillet: [130, 80, 200] },
  broth: { can: CAN_OF, cube: [10, 3.5, 12], pinch: PINCH, sachet: [8, 4, 12] },
  sauce: { pinch: [0.5, 0.2, 1.5], each: [15, 5, 30] },
};

export const byKind = (category: Category, measure: string): Wide | undefined => BY_KIND[category]?.[measure];

/** A pourable food whose row does not say how heavy a millilitre is, g/ml (common practice: oils 0.92, the rest like water). */
export const densityOf = (category: Category): number | undefined =>
  category === 'fat' ? 0.92 : ['acid', 'alcohol', 'sauce', 'plant-cream', 'dairy', 'broth', 'water', 'sweetener'].includes(category) ? 1 : undefined;

/**
 * What is eaten of a food weighed whole, in its shell or on its bones, by words of its row: best, low, high of the weight.
 * Common practice of fishmongers and kitchens, no source.
 */
const IN_THE_SHELL: readonly (readonly [row: RegExp, share: Wide])[] = [
  [/^crab/, [0.32, 0.22, 0.4]],
  [/^lobster|ifct-Q003/, [0.3, 0.22, 0.38]],
  [/^(?:prawns|crayfish)/, [0.5, 0.4, 0.62]],
  [/^(?:mussels|clams|ifct-R001|ifct-Q006|squid)/, [0.25, 0.15, 0.35]],
  [/^chicken|^turkey|^duck/, [0.47, 0.38, 0.6]],
];

/** Prawns without their heads, as most are sold in their shells: USDA Handbook 102 gives some four fifths (memory). */
const TAILS: Wide = [0.8, 0.65, 0.88];
const WITH_HEADS = /\bheads?\b|\bwhole\b|\blive\b/i;

/** Said of what still has its shell or its bones. */
const WHOLE = /\b(?:in (?:its|their|the) shells?|shell[- ]on|unshelled|unpeeled|heads? (?:and shells? )?on|head[- ]on|live|whole)\b/i;
const A_BIRD = /\b(?:small|medium|large|whole|free[- ]range|roasting|boiling)?\s*(?:chicken|hen|bird|fowl)\s*(?:$|[,(])/i;

/** The share eaten of a line that speaks of the whole animal; null where it does not. */
export function shareOfWhole(foodId: string, text: string): Wide | null {
  const row = IN_THE_SHELL.find(([id]) => id.test(foodId));
  if (!row) return null;
  if (/^prawns/.test(foodId) && WHOLE.test(text) && !WITH_HEADS.test(text)) return TAILS;
  const bird = foodId.startsWith('chicken');
  return WHOLE.test(text) || (bird && /\b(?:about|weighing|approx\w*|around)\b/i.test(text) && A_BIRD.test(text)) ? row[1] : null;
}
