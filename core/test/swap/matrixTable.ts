/**
 * The lines a cream soup has and the directions it is taken in: rows and columns of the matrix that shows what the swap
 * catalogue can do. Grams a bowl are common practice, no source; a direction asks for nothing where a bowl of the line
 * holds less than `worth` of what it is about (a judgement, no source).
 */

import type { AllergenId, DietId } from '../../vocabulary/allergens.ts';
import type { Category } from '../../vocabulary/category.ts';
import type { Nutrient } from '../../vocabulary/nutrient.ts';

export interface MatrixSlot {
  name: string;
  foodId: string;
  /** In one bowl. */
  grams: number;
  /** A place where energy, protein or fibre can be brought in. */
  enriches?: readonly ('more energy' | 'more protein' | 'more fibre')[];
  /** It brings pieces, skins or strings. */
  pieces?: boolean;
}

export type Direction =
  | { kind: 'without'; name: string; allergens?: readonly AllergenId[]; diets?: readonly DietId[]; category?: Category }
  | { kind: 'less' | 'more'; name: string; nutrient: Nutrient; worth: number }
  | { kind: 'smoother'; name: string; rough: readonly Category[] };

export const MATRIX_SLOTS: readonly MatrixSlot[] = [
  { name: 'heavy cream', foodId: 'cream-heavy', grams: 40, enriches: ['more protein', 'more fibre'] },
  { name: 'light cream', foodId: 'cream-light', grams: 40, enriches: ['more energy', 'more protein', 'more fibre'] },
  { name: 'half-and-half', foodId: 'half-and-half', grams: 40, enriches: ['more energy', 'more protein', 'more fibre'] },
  { name: 'milk', foodId: 'milk-whole', grams: 80, enriches: ['more energy', 'more protein', 'more fibre'] },
  { name: 'butter', foodId: 'butter-salted', grams: 8 },
  { name: 'sour cream', foodId: 'sour-cream', grams: 30, enriches: ['more energy', 'more protein'] },
  { name: 'yogurt', foodId: 'yogurt-whole', grams: 40, enriches: ['more energy', 'more protein'] },
  { name: 'cream cheese', foodId: 'cream-cheese', grams: 25, enriches: ['more protein', 'more fibre'] },
  { name: 'melting cheese', foodId: 'cheddar', grams: 20 },
  { name: 'hard cheese', foodId: 'parmesan', grams: 10 },
  { name: 'roux flour', foodId: 'flour-wheat', grams: 7, enriches: ['more protein', 'more fibre'] },
  { name: 'slurry', foodId: 'cornstarch', grams: 5 },
  { name: 'potato', foodId: 'potato', grams: 80, enriches: ['more energy', 'more protein', 'more fibre'] },
  { name: 'bread', foodId: 'bread-white', grams: 15 },
  { name: 'egg yolk', foodId: 'egg-yolk', grams: 7 },
  { name: 'bacon', foodId: 'bacon-raw', grams: 20, pieces: true },
  { name: 'ham', foodId: 'ham', grams: 25, pieces: true },
  { name: 'poultry', foodId: 'chicken-breast-raw', grams: 50, pieces: true },
  { name: 'smoked fish', foodId: 'smoked-haddock', grams: 50, pieces: true },
  { name: 'meat stock', foodId: 'chicken-broth', grams: 180 },
  { name: 'fish stock', foodId: 'fish-stock', grams: 180 },
  { name: 'vegetable stock', foodId: 'vegetable-broth', grams: 180 },
  { name: 'stock powder', foodId: 'chicken-stock-powder', grams: 3 },
  { name: 'savoury sauce', foodId: 'soy-sauce', grams: 4 },
  { name: 'salt', foodId: 'salt', grams: 1 },
  { name: 'water', foodId: 'water', grams: 120 },
  { name: 'nuts', foodId: 'almonds', grams: 12, pieces: true },
  { name: 'soy cream', foodId: 'soy-cream', grams: 40 },
  { name: 'soy drink', foodId: 'soy-drink', grams: 80 },
  { name: 'coconut', foodId: 'coconut-milk', grams: 40, enriches: ['more protein'] },
  { name: 'pulses', foodId: 'white-beans-canned-drained', grams: 60, pieces: true },
  { name: 'celery', foodId: 'celery', grams: 20, pieces: true },
  { name: 'celeriac', foodId: 'celeriac', grams: 100 },
  { name: 'onion', foodId: 'onion', grams: 25 },
  { name: 'garlic', foodId: 'garlic', grams: 1 },
];

export const DIRECTIONS: readonly Direction[] = [
  { kind: 'without', name: 'no milk', allergens: ['milk'] },
  { kind: 'without', name: 'no gluten', allergens: ['gluten'] },
  { kind: 'without', name: 'no egg', allergens: ['egg'] },
  { kind: 'without', name: 'no meat', diets: ['noMeat', 'noFish'] },
  { kind: 'without', name: 'no nuts', allergens: ['treeNut', 'peanut'] },
  { kind: 'without', name: 'no coconut', allergens: ['coconut'] },
  { kind: 'without', name: 'no soy', allergens: ['soy'] },
  { kind: 'without', name: 'no pulses', category: 'pulse' },
  { kind: 'without', name: 'no celery', allergens: ['celery'] },
  { kind: 'without', name: 'no onion', diets: ['noOnionGarlic'] },
  { kind: 'less', name: 'less sodium', nutrient: 'sodiumMg', worth: 50 },
  { kind: 'less', name: 'less sat. fat', nutrient: 'saturatedFatG', worth: 1.5 },
  { kind: 'less', name: 'less carbs', nutrient: 'availableCarbohydrateG', worth: 4 },
  { kind: 'less', name: 'less potassium', nutrient: 'potassiumMg', worth: 100 },
  { kind: 'more', name: 'more energy', nutrient: 'energyKcal', worth: 15 },
  { kind: 'more', name: 'more protein', nutrient: 'proteinG', worth: 1 },
  { kind: 'more', name: 'more fibre', nutrient: 'fibreG', worth: 0.5 },
  { kind: 'smoother', name: 'smoother', rough: ['meat', 'poultry', 'fish', 'shellfish', 'mushroom', 'pulse', 'nut-seed'] },
];
