/**
 * Reference values of labels. They are constants of a label for adults, not limits for a patient.
 * US: daily values, 21 CFR 101.9(c)(8)(iv) and (c)(9), as amended 2016. EU: nutrient reference values and reference
 * intakes, Regulation (EU) No 1169/2011, Annex XIII parts A and B. Both from memory.
 */
import type { Nutrient } from '../../vocabulary/nutrient.ts';

export const DAILY_VALUES = {
  fatG: 78, saturatedFatG: 20, cholesterolMg: 300, sodiumMg: 2300, carbohydrateG: 275, fibreG: 28, addedSugarsG: 50, proteinG: 50,
  vitaminDUg: 20, calciumMg: 1300, ironMg: 18, potassiumMg: 4700, vitaminARaeUg: 900, vitaminCMg: 90, vitaminEMg: 15, vitaminKUg: 120,
  thiaminMg: 1.2, riboflavinMg: 1.3, niacinMg: 16, vitaminB6Mg: 1.7, folateDfeUg: 400, vitaminB12Ug: 2.4, phosphorusMg: 1250, iodineUg: 150,
  magnesiumMg: 420, zincMg: 11, seleniumUg: 55, copperMg: 0.9, manganeseMg: 2.3,
} as const satisfies Partial<Record<Nutrient, number>>;

/** Part A of Annex XIII. Folic acid is compared with dietary folate equivalents, vitamin A with retinol activity equivalents: the law speaks of neither. */
export const NRV = {
  vitaminARaeUg: 800, vitaminDUg: 5, vitaminEMg: 12, vitaminKUg: 75, vitaminCMg: 80, thiaminMg: 1.1, riboflavinMg: 1.4, niacinMg: 16,
  vitaminB6Mg: 1.4, folateDfeUg: 200, vitaminB12Ug: 2.5, potassiumMg: 2000, calciumMg: 800, phosphorusMg: 700, magnesiumMg: 375, ironMg: 14,
  zincMg: 10, copperMg: 1, manganeseMg: 2, seleniumUg: 55, iodineUg: 150,
} as const satisfies Partial<Record<Nutrient, number>>;

/** Part B of Annex XIII: reference intakes of an average adult (8400 kJ / 2000 kcal). */
export const REFERENCE_INTAKES = {
  energyKj: 8400, energyKcal: 2000, fatG: 70, saturatedFatG: 20, availableCarbohydrateG: 260, sugarsG: 90, proteinG: 50, saltG: 6,
} as const satisfies Partial<Record<Nutrient, number>>;
