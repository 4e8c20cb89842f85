/**
 * The body index: the hydrated share of the pot's volume (estimate; science of the bowl, section 7).
 *
 *   sum_i m_i (S starch + W insoluble fibre + P pulse protein + dispersed fat / 0.9) b_i / volume
 *
 * b is the blended or dissolved share; a vegetable counts as pulp, with its starch inside it. Calibrated on the white-sauce ladder: 1, 2, 3 tablespoons of flour a cup give
 * about 0.25, 0.44, 0.60, thin, medium, thick (common practice). It orders soups by thickness; it is never a viscosity
 * and never a texture level for someone with a swallowing difficulty.
 */
import type { Entry } from '../bowl/entries.ts';
import { CATEGORY_ROWS, isOf } from '../vocabulary/category.ts';
import type { Food, StarchKind } from '../vocabulary/food.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import { blendedShare } from './blended.ts';

/** Millilitres of swollen gel per gram. Estimates. */
const SWELLING = { wheat: 7.5, maize: 12, tuber: 15, caged: 3, blended: 8 } as const satisfies Record<StarchKind, number>;
const INSOLUBLE_FIBRE_SWELLING = 15;
/** Skins of pulses and of nuts. */
const SKIN_SWELLING = 5;
/**
 * A blended vegetable is a pulp: its cell walls hold this much water, and it takes up no less and no more of its own volume than this.
 * Estimates, set by what cooks call soups of so much liquid a gram (common practice; `body.test.ts`).
 */
const PULP_SWELLING = 50;
const LEAST_PULP = 0.4;
const MOST_PULP = 1;
const SHARED_ROOM = 0.25;
const PULSE_PROTEIN_SWELLING = 3;
const FAT_DENSITY = 0.9;
/** Share of dietary fibre that does not dissolve, where a row does not say (estimate). */
const INSOLUBLE_SHARE = 0.7;
/** Pieces left whole give the pot this much of what they would give blended (estimate). */
const UNBLENDED = 0.15;
const FULL = 0.95;

export const BODY_WORDS = [
  [0.12, 'broth'],
  [0.22, 'thin'],
  [0.35, 'light cream'],
  [0.5, 'cream'],
  [0.62, 'thick'],
  [Number.POSITIVE_INFINITY, 'stands on the spoon'],
] as const;
export type BodyWord = (typeof BODY_WORDS)[number][1];

export interface Body {
  index: number;
  word: BodyWord;
}

const perGram = new WeakMap<Food, number>();

/** Millilitres of body that 1 g of a food gives once fully blended or dissolved. */
export function bodyMlPerGram(food: Food): number {
  let ml = perGram.get(food);
  if (ml === undefined) perGram.set(food, (ml = swellingOf(food)));
  return ml;
}

function swellingOf(food: Food): number {
  const n = food.per100g;
  const starch =
    n.starchG ?? (CATEGORY_ROWS[food.category].starchless ? 0 : Math.max(0, (n.carbohydrateG ?? 0) - (n.fibreG ?? 0) - (n.sugarsG ?? 0)));
  const gel = (starch * SWELLING[food.starchKind]) / 100;
  const fibre = ((n.fibreG ?? 0) * INSOLUBLE_SHARE) / 100;
  const fat = food.fatForm === 'dispersed' ? (n.fatG ?? 0) / FAT_DENSITY / 100 : 0;
  if (CATEGORY_ROWS[food.category].vegetable && food.state !== 'dry' && food.state !== 'processed') {
    const pulp = Math.max(LEAST_PULP, Math.min(MOST_PULP, fibre * PULP_SWELLING));
    // The starch of a vegetable swells inside the cells that make the pulp: the two share most of their room.
    return Math.max(pulp, gel) + SHARED_ROOM * Math.min(pulp, gel) + fat;
  }
  const pulse = food.category === 'pulse';
  const skins = pulse || food.category === 'nut-seed' ? SKIN_SWELLING : INSOLUBLE_FIBRE_SWELLING;
  const protein = pulse || food.id === 'silken-tofu' ? ((n.proteinG ?? 0) * PULSE_PROTEIN_SWELLING) / 100 : 0;
  return gel + fibre * skins + protein + fat;
}

/** Share of a food's own body that reaches the pot. */
export function releasedShare(food: Food, blended: number): number {
  return isOf(food.category, 'solid') ? blended + (1 - blended) * UNBLENDED : 1;
}

/** Swollen millilitres of the pot's lines; toppings do not thicken the pot. */
export const bodyMlOf = (recipe: Recipe, entries: readonly Entry[]): number => bodyMlBlended(entries, blendedShare(recipe));

/** The same with a share of the pot blended, each food counted `times` over. */
export function bodyMlBlended(entries: readonly Entry[], blended: number, times: (food: Food) => number = () => 1): number {
  return entries.reduce((sum, { line, food, stay }) => {
    if (!food || !stay || !line.grams || line.stage === 'bowl' || line.stage === 'plate') return sum;
    return sum + line.grams.best * stay.grams * bodyMlPerGram(food) * releasedShare(food, blended) * times(food);
  }, 0);
}

/** `bodyMl` swollen millilitres in a pot of `potMl`; the water there is caps it. */
export function bodyOf(bodyMl: number, potMl: number): Body {
  const index = potMl > 0 ? Math.min(FULL, bodyMl / potMl) : 0;
  return { index, word: bodyWord(index) };
}

export function bodyWord(index: number): BodyWord {
  return (BODY_WORDS.find(([below]) => index < below) ?? BODY_WORDS[BODY_WORDS.length - 1])?.[1] as BodyWord;
}

/** Particles can be packed no closer than this (Krieger and Dougherty 1959, from memory). */
const PACKING = 0.74;
const CLAMPED = 0.735;

/**
 * How many times as thick as water a soup of this index is, after Krieger and Dougherty: (1 - body/0.74)^-1.85. It
 * orders and compares soups; it is no viscosity and is never compared with dysphagia ranges.
 */
export const relativeThickness = (index: number): number => (1 - Math.min(index, CLAMPED) / PACKING) ** -1.85;
