/**
 * What heat leaves of the vitamins of a raw row cooked in liquid that is eaten, as a share.
 * After the USDA Table of Nutrient Retention Factors, Release 6 (2007), 'water used' codes (memory, rounded).
 * Minerals, macronutrients and whatever is not listed stay whole. Error of a factor: +-0.1 (estimate).
 */

import type { Category } from '../../food/types.ts';
import type { StoredNutrient } from '../../nutrient.ts';

export type RetentionGroup = 'plant' | 'pulse' | 'flesh' | 'dairy' | 'egg' | 'grain';
export type HeatKind = 'wet' | 'dry';
export type RetentionRow = Partial<Record<StoredNutrient, number>>;

export const RETENTION = {
  plant: {
    wet: { vitaminCMg: 0.7, thiaminMg: 0.9, riboflavinMg: 0.95, niacinMg: 0.95, vitaminB6Mg: 0.9, folateDfeUg: 0.8, vitaminARaeUg: 0.95, betaCaroteneUg: 0.95 },
    dry: { vitaminCMg: 0.75, thiaminMg: 0.85, riboflavinMg: 0.95, niacinMg: 0.95, vitaminB6Mg: 0.95, folateDfeUg: 0.75, vitaminARaeUg: 0.9, betaCaroteneUg: 0.9 },
  },
  pulse: {
    wet: { vitaminCMg: 0.65, thiaminMg: 0.75, riboflavinMg: 0.95, niacinMg: 0.9, vitaminB6Mg: 0.85, folateDfeUg: 0.65, vitaminARaeUg: 0.9 },
    dry: { vitaminCMg: 0.65, thiaminMg: 0.75, riboflavinMg: 0.95, niacinMg: 0.9, vitaminB6Mg: 0.85, folateDfeUg: 0.65, vitaminARaeUg: 0.9 },
  },
  flesh: {
    wet: { vitaminCMg: 0.7, thiaminMg: 0.7, riboflavinMg: 0.95, niacinMg: 0.9, vitaminB6Mg: 0.7, folateDfeUg: 0.7, vitaminARaeUg: 0.85, vitaminB12Ug: 0.8 },
    dry: { vitaminCMg: 0.75, thiaminMg: 0.75, riboflavinMg: 0.9, niacinMg: 0.85, vitaminB6Mg: 0.7, folateDfeUg: 0.8, vitaminARaeUg: 0.8, vitaminB12Ug: 0.8 },
  },
  dairy: {
    wet: { vitaminCMg: 0.75, thiaminMg: 0.9, vitaminB6Mg: 0.9, folateDfeUg: 0.8, vitaminB12Ug: 0.9 },
    dry: { vitaminCMg: 0.75, thiaminMg: 0.85, vitaminB6Mg: 0.85, folateDfeUg: 0.75, vitaminB12Ug: 0.85 },
  },
  egg: {
    wet: { thiaminMg: 0.85, riboflavinMg: 0.95, vitaminB6Mg: 0.95, folateDfeUg: 0.8, vitaminARaeUg: 0.95, vitaminB12Ug: 0.9 },
    dry: { thiaminMg: 0.85, riboflavinMg: 0.95, vitaminB6Mg: 0.9, folateDfeUg: 0.75, vitaminARaeUg: 0.9, vitaminB12Ug: 0.85 },
  },
  grain: {
    wet: { thiaminMg: 0.8, riboflavinMg: 0.95, niacinMg: 0.95, vitaminB6Mg: 0.9, folateDfeUg: 0.7 },
    dry: { thiaminMg: 0.75, riboflavinMg: 0.9, niacinMg: 0.9, vitaminB6Mg: 0.9, folateDfeUg: 0.7 },
  },
} as const satisfies Record<RetentionGroup, Record<HeatKind, RetentionRow>>;

/** The group a raw food is cooked as; null where no factor is known and none is applied. */
export const RETENTION_GROUP: Partial<Record<Category, RetentionGroup>> = {
  root: 'plant', vegetable: 'plant', leaf: 'plant', allium: 'plant', mushroom: 'plant', fruit: 'plant', herb: 'plant', acid: 'plant',
  pulse: 'pulse', meat: 'flesh', poultry: 'flesh', fish: 'flesh', shellfish: 'flesh', egg: 'egg', grain: 'grain', starch: 'grain',
};

/**
 * Alcohol left by minutes at a simmer after it is stirred in; 0 minutes is taken off the boil at once.
 * USDA Table of Nutrient Retention Factors, Release 6 (2007), alcohol codes (memory).
 */
export const ALCOHOL_LEFT: readonly (readonly [minutes: number, share: number])[] = [
  [0, 0.85], [15, 0.4], [30, 0.35], [60, 0.25], [90, 0.2], [120, 0.1], [150, 0.05],
];

/**
 * What a strained-out solid leaves in the liquid, when the recipe does not say (estimate: stock made from bones and
 * aromatic vegetables; wide). Everything not listed leaves `other`.
 */
export const EXTRACTION = {
  salts: { keys: ['sodiumMg', 'potassiumMg'], share: 0.5 },
  dissolving: { keys: ['sugarsG', 'addedSugarsG', 'vitaminCMg', 'thiaminMg', 'riboflavinMg', 'niacinMg', 'vitaminB6Mg', 'folateDfeUg', 'magnesiumMg', 'phosphorusMg', 'alcoholG'], share: 0.35 },
  other: 0.1,
} as const satisfies { salts: { keys: readonly StoredNutrient[]; share: number }; dissolving: { keys: readonly StoredNutrient[]; share: number }; other: number };

/**
 * What stays in a line boiled in water that is thrown away, when the recipe does not say.
 * After the 'boiled, water drained' codes of the same table (memory).
 */
export const DRAINED_KEEPS: RetentionRow = {
  potassiumMg: 0.7, sodiumMg: 0.7, magnesiumMg: 0.8, phosphorusMg: 0.85, vitaminCMg: 0.55, thiaminMg: 0.7, riboflavinMg: 0.85, niacinMg: 0.75,
  vitaminB6Mg: 0.75, folateDfeUg: 0.6, sugarsG: 0.85, oxalateMg: 0.6,
};

/** Share of the fat that stays when rendered fat is poured off and the recipe does not say (estimate). */
export const RENDERED_KEEPS = 0.5;
