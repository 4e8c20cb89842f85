/**
 * What heat leaves of the vitamins of a raw row cooked in liquid that is eaten, as a share, by food group and method.
 * After the USDA Table of Nutrient Retention Factors, Release 6 (2007), 'water used' codes (memory, rounded to 0.05).
 * Minerals, macronutrients and whatever is not listed stay whole.
 */
import type { RetentionGroup } from '../../vocabulary/category.ts';
import type { StoredNutrient } from '../../vocabulary/nutrient.ts';

/** `boiled` is boiled, simmered or under pressure; `fried` is sweated, browned or fried; `roasted` is roasted or baked. */
export type HeatKind = 'boiled' | 'steamed' | 'roasted' | 'fried';
export type RetentionRow = Partial<Record<StoredNutrient, number>>;

/** Half of the central 95 % of a factor: other cultivars, cuts and times (estimate). */
export const RETENTION_ERROR = 0.1;

export const RETENTION = {
  green: {
    boiled: { vitaminCMg: 0.6, thiaminMg: 0.85, riboflavinMg: 0.95, niacinMg: 0.9, vitaminB6Mg: 0.9, folateDfeUg: 0.65, vitaminARaeUg: 0.95, betaCaroteneUg: 0.95 },
    steamed: { vitaminCMg: 0.7, thiaminMg: 0.9, riboflavinMg: 0.95, niacinMg: 0.95, vitaminB6Mg: 0.9, folateDfeUg: 0.75, vitaminARaeUg: 0.95, betaCaroteneUg: 0.95 },
    roasted: { vitaminCMg: 0.6, thiaminMg: 0.85, riboflavinMg: 0.95, niacinMg: 0.9, vitaminB6Mg: 0.9, folateDfeUg: 0.65, vitaminARaeUg: 0.9, betaCaroteneUg: 0.9 },
    fried: { vitaminCMg: 0.7, thiaminMg: 0.85, riboflavinMg: 0.95, niacinMg: 0.95, vitaminB6Mg: 0.9, folateDfeUg: 0.7, vitaminARaeUg: 0.95, betaCaroteneUg: 0.95 },
  },
  root: {
    boiled: { vitaminCMg: 0.75, thiaminMg: 0.9, riboflavinMg: 0.95, niacinMg: 0.95, vitaminB6Mg: 0.95, folateDfeUg: 0.75, vitaminARaeUg: 0.9, betaCaroteneUg: 0.9 },
    steamed: { vitaminCMg: 0.8, thiaminMg: 0.9, riboflavinMg: 0.95, niacinMg: 0.95, vitaminB6Mg: 0.95, folateDfeUg: 0.85, vitaminARaeUg: 0.95, betaCaroteneUg: 0.95 },
    roasted: { vitaminCMg: 0.8, thiaminMg: 0.85, riboflavinMg: 0.95, niacinMg: 0.95, vitaminB6Mg: 0.95, folateDfeUg: 0.85, vitaminARaeUg: 0.9, betaCaroteneUg: 0.9 },
    fried: { vitaminCMg: 0.75, thiaminMg: 0.85, riboflavinMg: 0.95, niacinMg: 0.95, vitaminB6Mg: 0.95, folateDfeUg: 0.75, vitaminARaeUg: 0.9, betaCaroteneUg: 0.9 },
  },
  vegetable: {
    boiled: { vitaminCMg: 0.7, thiaminMg: 0.9, riboflavinMg: 0.95, niacinMg: 0.95, vitaminB6Mg: 0.9, folateDfeUg: 0.8, vitaminARaeUg: 0.95, betaCaroteneUg: 0.95 },
    steamed: { vitaminCMg: 0.8, thiaminMg: 0.9, riboflavinMg: 0.95, niacinMg: 0.95, vitaminB6Mg: 0.95, folateDfeUg: 0.85, vitaminARaeUg: 0.95, betaCaroteneUg: 0.95 },
    roasted: { vitaminCMg: 0.75, thiaminMg: 0.85, riboflavinMg: 0.95, niacinMg: 0.95, vitaminB6Mg: 0.95, folateDfeUg: 0.75, vitaminARaeUg: 0.9, betaCaroteneUg: 0.9 },
    fried: { vitaminCMg: 0.75, thiaminMg: 0.85, riboflavinMg: 0.95, niacinMg: 0.95, vitaminB6Mg: 0.95, folateDfeUg: 0.75, vitaminARaeUg: 0.9, betaCaroteneUg: 0.9 },
  },
  fruit: {
    boiled: { vitaminCMg: 0.7, thiaminMg: 0.8, riboflavinMg: 0.95, niacinMg: 0.9, vitaminB6Mg: 0.9, folateDfeUg: 0.6, vitaminARaeUg: 0.9, betaCaroteneUg: 0.9 },
    steamed: { vitaminCMg: 0.75, thiaminMg: 0.8, riboflavinMg: 0.95, niacinMg: 0.9, vitaminB6Mg: 0.9, folateDfeUg: 0.7, vitaminARaeUg: 0.9, betaCaroteneUg: 0.9 },
    roasted: { vitaminCMg: 0.75, thiaminMg: 0.8, riboflavinMg: 0.9, niacinMg: 0.9, vitaminB6Mg: 0.9, folateDfeUg: 0.6, vitaminARaeUg: 0.85, betaCaroteneUg: 0.85 },
    fried: { vitaminCMg: 0.75, thiaminMg: 0.8, riboflavinMg: 0.95, niacinMg: 0.9, vitaminB6Mg: 0.9, folateDfeUg: 0.65, vitaminARaeUg: 0.9, betaCaroteneUg: 0.9 },
  },
  mushroom: {
    boiled: { vitaminCMg: 0.7, thiaminMg: 0.85, riboflavinMg: 0.95, niacinMg: 0.95, vitaminB6Mg: 0.9, folateDfeUg: 0.7 },
    steamed: { vitaminCMg: 0.8, thiaminMg: 0.9, riboflavinMg: 0.95, niacinMg: 0.95, vitaminB6Mg: 0.95, folateDfeUg: 0.8 },
    roasted: { vitaminCMg: 0.75, thiaminMg: 0.8, riboflavinMg: 0.95, niacinMg: 0.95, vitaminB6Mg: 0.9, folateDfeUg: 0.7 },
    fried: { vitaminCMg: 0.8, thiaminMg: 0.9, riboflavinMg: 0.95, niacinMg: 0.95, vitaminB6Mg: 0.95, folateDfeUg: 0.8 },
  },
  herb: {
    boiled: { vitaminCMg: 0.5, thiaminMg: 0.85, riboflavinMg: 0.95, niacinMg: 0.9, vitaminB6Mg: 0.9, folateDfeUg: 0.6, vitaminARaeUg: 0.95, betaCaroteneUg: 0.95 },
    steamed: { vitaminCMg: 0.6, thiaminMg: 0.85, riboflavinMg: 0.95, niacinMg: 0.9, vitaminB6Mg: 0.9, folateDfeUg: 0.65, vitaminARaeUg: 0.95, betaCaroteneUg: 0.95 },
    roasted: { vitaminCMg: 0.5, thiaminMg: 0.85, riboflavinMg: 0.95, niacinMg: 0.9, vitaminB6Mg: 0.9, folateDfeUg: 0.6, vitaminARaeUg: 0.9, betaCaroteneUg: 0.9 },
    fried: { vitaminCMg: 0.55, thiaminMg: 0.85, riboflavinMg: 0.95, niacinMg: 0.9, vitaminB6Mg: 0.9, folateDfeUg: 0.6, vitaminARaeUg: 0.95, betaCaroteneUg: 0.95 },
  },
  pulse: {
    boiled: { vitaminCMg: 0.65, thiaminMg: 0.75, riboflavinMg: 0.95, niacinMg: 0.9, vitaminB6Mg: 0.85, folateDfeUg: 0.65, vitaminARaeUg: 0.9 },
    steamed: { vitaminCMg: 0.7, thiaminMg: 0.8, riboflavinMg: 0.95, niacinMg: 0.95, vitaminB6Mg: 0.9, folateDfeUg: 0.7, vitaminARaeUg: 0.9 },
    roasted: { vitaminCMg: 0.65, thiaminMg: 0.75, riboflavinMg: 0.95, niacinMg: 0.9, vitaminB6Mg: 0.85, folateDfeUg: 0.65, vitaminARaeUg: 0.9 },
    fried: { vitaminCMg: 0.65, thiaminMg: 0.75, riboflavinMg: 0.95, niacinMg: 0.9, vitaminB6Mg: 0.85, folateDfeUg: 0.65, vitaminARaeUg: 0.9 },
  },
  meat: {
    boiled: { vitaminCMg: 0.7, thiaminMg: 0.65, riboflavinMg: 0.95, niacinMg: 0.9, vitaminB6Mg: 0.7, folateDfeUg: 0.7, vitaminARaeUg: 0.85, vitaminB12Ug: 0.8 },
    steamed: { vitaminCMg: 0.75, thiaminMg: 0.7, riboflavinMg: 0.95, niacinMg: 0.9, vitaminB6Mg: 0.75, folateDfeUg: 0.75, vitaminARaeUg: 0.85, vitaminB12Ug: 0.8 },
    roasted: { vitaminCMg: 0.75, thiaminMg: 0.65, riboflavinMg: 0.9, niacinMg: 0.85, vitaminB6Mg: 0.7, folateDfeUg: 0.75, vitaminARaeUg: 0.8, vitaminB12Ug: 0.75 },
    fried: { vitaminCMg: 0.75, thiaminMg: 0.75, riboflavinMg: 0.9, niacinMg: 0.85, vitaminB6Mg: 0.75, folateDfeUg: 0.8, vitaminARaeUg: 0.8, vitaminB12Ug: 0.8 },
  },
  poultry: {
    boiled: { vitaminCMg: 0.7, thiaminMg: 0.7, riboflavinMg: 0.95, niacinMg: 0.9, vitaminB6Mg: 0.7, folateDfeUg: 0.7, vitaminARaeUg: 0.85, vitaminB12Ug: 0.85 },
    steamed: { vitaminCMg: 0.75, thiaminMg: 0.75, riboflavinMg: 0.95, niacinMg: 0.9, vitaminB6Mg: 0.75, folateDfeUg: 0.75, vitaminARaeUg: 0.85, vitaminB12Ug: 0.85 },
    roasted: { vitaminCMg: 0.75, thiaminMg: 0.75, riboflavinMg: 0.9, niacinMg: 0.85, vitaminB6Mg: 0.7, folateDfeUg: 0.8, vitaminARaeUg: 0.8, vitaminB12Ug: 0.8 },
    fried: { vitaminCMg: 0.75, thiaminMg: 0.8, riboflavinMg: 0.9, niacinMg: 0.85, vitaminB6Mg: 0.75, folateDfeUg: 0.8, vitaminARaeUg: 0.8, vitaminB12Ug: 0.8 },
  },
  fish: {
    boiled: { vitaminCMg: 0.75, thiaminMg: 0.75, riboflavinMg: 0.95, niacinMg: 0.95, vitaminB6Mg: 0.85, folateDfeUg: 0.8, vitaminARaeUg: 0.9, vitaminB12Ug: 0.9, vitaminDUg: 0.9 },
    steamed: { vitaminCMg: 0.8, thiaminMg: 0.85, riboflavinMg: 0.95, niacinMg: 0.95, vitaminB6Mg: 0.9, folateDfeUg: 0.85, vitaminARaeUg: 0.9, vitaminB12Ug: 0.9, vitaminDUg: 0.9 },
    roasted: { vitaminCMg: 0.8, thiaminMg: 0.8, riboflavinMg: 0.95, niacinMg: 0.95, vitaminB6Mg: 0.85, folateDfeUg: 0.8, vitaminARaeUg: 0.85, vitaminB12Ug: 0.9, vitaminDUg: 0.9 },
    fried: { vitaminCMg: 0.8, thiaminMg: 0.8, riboflavinMg: 0.95, niacinMg: 0.95, vitaminB6Mg: 0.85, folateDfeUg: 0.8, vitaminARaeUg: 0.85, vitaminB12Ug: 0.9, vitaminDUg: 0.85 },
  },
  egg: {
    boiled: { thiaminMg: 0.85, riboflavinMg: 0.95, vitaminB6Mg: 0.95, folateDfeUg: 0.8, vitaminARaeUg: 0.95, vitaminB12Ug: 0.9 },
    steamed: { thiaminMg: 0.85, riboflavinMg: 0.95, vitaminB6Mg: 0.95, folateDfeUg: 0.8, vitaminARaeUg: 0.95, vitaminB12Ug: 0.9 },
    roasted: { thiaminMg: 0.85, riboflavinMg: 0.95, vitaminB6Mg: 0.9, folateDfeUg: 0.75, vitaminARaeUg: 0.9, vitaminB12Ug: 0.85 },
    fried: { thiaminMg: 0.85, riboflavinMg: 0.95, vitaminB6Mg: 0.9, folateDfeUg: 0.75, vitaminARaeUg: 0.9, vitaminB12Ug: 0.85 },
  },
  grain: {
    boiled: { thiaminMg: 0.8, riboflavinMg: 0.95, niacinMg: 0.95, vitaminB6Mg: 0.9, folateDfeUg: 0.7 },
    steamed: { thiaminMg: 0.85, riboflavinMg: 0.95, niacinMg: 0.95, vitaminB6Mg: 0.9, folateDfeUg: 0.75 },
    roasted: { thiaminMg: 0.75, riboflavinMg: 0.9, niacinMg: 0.9, vitaminB6Mg: 0.9, folateDfeUg: 0.7 },
    fried: { thiaminMg: 0.75, riboflavinMg: 0.9, niacinMg: 0.9, vitaminB6Mg: 0.9, folateDfeUg: 0.7 },
  },
} as const satisfies Record<RetentionGroup, Record<HeatKind, RetentionRow>>;

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
  /** Sodium and potassium (vocabulary/nutrient.ts, `leaves`). */
  salt: 0.5,
  /** Sugars, water-soluble vitamins, magnesium, phosphorus, alcohol. */
  dissolves: 0.35,
  other: 0.1,
} as const;

/**
 * What stays in a line boiled in water that is thrown away, when the recipe does not say.
 * After the 'boiled, water drained' codes of the same table (memory).
 */
export const DRAINED_KEEPS: RetentionRow = {
  potassiumMg: 0.7, sodiumMg: 0.7, magnesiumMg: 0.8, phosphorusMg: 0.85, vitaminCMg: 0.55, thiaminMg: 0.7, riboflavinMg: 0.85, niacinMg: 0.75,
  vitaminB6Mg: 0.75, folateDfeUg: 0.6, sugarsG: 0.85, oxalateMg: 0.6,
};

/** Half of the central 95 % of a share that the recipe does not give (estimate): of what is extracted, drained or rendered. */
export const SHARE_ERROR = { strained: 0.2, drained: 0.12, rendered: 0.2 } as const;

/** Share of the fat that stays when rendered fat is poured off and the recipe does not say (estimate). */
export const RENDERED_KEEPS = 0.5;
