/**
 * 'To taste' as a proposal: the salt that brings a pot to the house's band, and what is usual of pepper, herbs and acid. A proposal is
 * offered and never counted by itself. Bands and habits are common practice of kitchens, no source.
 */
import type { Category } from '../vocabulary/category.ts';
import type { Grams } from '../vocabulary/recipe.ts';

/** Per cent of the weight of the pot. A soup tastes seasoned from 0.6 to 0.9 %; a low-salt kitchen stays at 0.1 to 0.3 %. */
export const SALT_BANDS = {
  common: { name: 'as most kitchens salt', best: 0.75, low: 0.6, high: 0.9 },
  low: { name: 'as a low-salt kitchen salts', best: 0.2, low: 0.1, high: 0.3 },
} as const;
export type SaltBand = keyof typeof SALT_BANDS;
export const SALT_BAND_IDS = Object.keys(SALT_BANDS) as readonly SaltBand[];

/** Salt is sodium chloride: 393 mg of sodium in a gram. */
const SODIUM_MG_A_GRAM = 393;
/** Between thumb and two fingers, g. */
const PINCH_G = 0.4;
const TEASPOON_G = 6;

export interface SaltProposal {
  grams: Grams;
  /** '6.3 g, a level teaspoon'. */
  words: string;
  /** What the pot has without it, per cent of its weight. */
  saltPercent: number;
}

/** Salt to bring `potGrams` with `sodiumMg` in it to the band; none where it is there already. `mostSodiumMg` is what may still be added. */
export function saltToBand(potGrams: number, sodiumMg: number, band: SaltBand, mostSodiumMg = Number.POSITIVE_INFINITY): SaltProposal {
  const { best, low, high } = SALT_BANDS[band];
  const there = sodiumMg / SODIUM_MG_A_GRAM;
  const most = Math.max(0, mostSodiumMg) / SODIUM_MG_A_GRAM;
  const wanted = (percent: number) => Number(Math.min(most, Math.max(0, (potGrams * percent) / 100 - there)).toPrecision(3));
  const grams = { best: wanted(best), low: wanted(low), high: wanted(high) };
  return { grams, words: inHand(grams.best), saltPercent: potGrams > 0 ? (there / potGrams) * 100 : 0 };
}

function inHand(grams: number): string {
  if (grams < PINCH_G / 2) return 'none: it is salted already';
  const spoons = grams / TEASPOON_G;
  const size =
    spoons >= 0.22
      ? `about ${fraction(spoons)} teaspoon${spoons > 1.1 ? 's' : ''}`
      : `about ${Math.round(grams / PINCH_G)} pinch${grams / PINCH_G >= 1.5 ? 'es' : ''}`;
  return `${grams} g, ${size}`;
}

const QUARTERS = ['', '¼', '½', '¾'];
function fraction(spoons: number): string {
  const quarters = Math.max(1, Math.round(spoons * 4));
  return `${Math.floor(quarters / 4) || ''}${QUARTERS[quarters % 4]}`;
}

/** What goes into one bowl where a line says no more than 'to taste', g: best, low, high. */
export const USUAL_A_BOWL: Partial<Record<Category, readonly [best: number, low: number, high: number]>> = {
  spice: [0.1, 0.03, 0.3],
  herb: [1.5, 0.5, 4],
  acid: [2.5, 1, 6],
  sweetener: [0.5, 0, 2],
  sauce: [1, 0.3, 3],
};
