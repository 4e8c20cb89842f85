/**
 * Declared figures: the rounding a label wants, by the rules of one regime. Nothing else in the program is rounded.
 * US: 21 CFR 101.9(c), daily values (c)(8)(iv) and (c)(9), per cent by (d)(7)(ii) and (c)(8)(iii); vitamin and mineral
 * increments after FDA guidance. EU: Commission guidance on tolerances (2012), section on rounding; per 100 g.
 */
import type { Nutrient } from '../nutrient.ts';
import type { RegimeId } from './regime.ts';

export interface DeclaredFigure {
  value: number;
  text: string;
  percentDaily?: number;
}

export type Declared = Partial<Record<'us' | 'eu', Partial<Record<Nutrient, DeclaredFigure>>>>;
type FigureOf = (key: Nutrient) => { value: number; atLeast: boolean };
type Round = (x: number) => { value: number; text: string };

const nearest = (x: number, step: number): number => Number((Math.round(x / step) * step).toFixed(6));
const say = (value: number, unit: string, decimals?: number): { value: number; text: string } => ({
  value,
  text: `${decimals === undefined ? value : value.toFixed(decimals)} ${unit}`,
});

// 21 CFR 101.9(c)(1)
const usEnergy: Round = (x) => say(x < 5 ? 0 : x <= 50 ? nearest(x, 5) : nearest(x, 10), 'kcal');
// (c)(2)
const usFat: Round = (x) => say(x < 0.5 ? 0 : x < 5 ? nearest(x, 0.5) : nearest(x, 1), 'g');
// (c)(3)
const usCholesterol: Round = (x) => (x < 2 ? say(0, 'mg') : x <= 5 ? { value: 5, text: 'less than 5 mg' } : say(nearest(x, 5), 'mg'));
// (c)(4)
const usSodium: Round = (x) => say(x < 5 ? 0 : x <= 140 ? nearest(x, 5) : nearest(x, 10), 'mg');
// (c)(6), (c)(7)
const usGrams: Round = (x) => (x < 0.5 ? say(0, 'g') : x < 1 ? { value: 1, text: 'less than 1 g' } : say(nearest(x, 1), 'g'));
const usStep =
  (step: number, unit: string): Round =>
  (x) =>
    say(nearest(x, step), unit);

/** Daily values for adults, 21 CFR 101.9(c)(8)(iv) and (c)(9) (2016). Label constants, not limits for a patient. */
export const DAILY_VALUES = {
  fatG: 78,
  saturatedFatG: 20,
  cholesterolMg: 300,
  sodiumMg: 2300,
  carbohydrateG: 275,
  fibreG: 28,
  addedSugarsG: 50,
  vitaminDUg: 20,
  calciumMg: 1300,
  ironMg: 18,
  potassiumMg: 4700,
} as const satisfies Partial<Record<Nutrient, number>>;

const US_RULES: readonly (readonly [Nutrient, Round])[] = [
  ['energyKcal', usEnergy],
  ['fatG', usFat],
  ['saturatedFatG', usFat],
  ['transFatG', usFat],
  ['cholesterolMg', usCholesterol],
  ['sodiumMg', usSodium],
  ['carbohydrateG', usGrams],
  ['fibreG', usGrams],
  ['sugarsG', usGrams],
  ['addedSugarsG', usGrams],
  ['proteinG', usGrams],
  ['vitaminDUg', usStep(0.1, 'µg')],
  ['calciumMg', usStep(10, 'mg')],
  ['ironMg', usStep(0.1, 'mg')],
  ['potassiumMg', usStep(10, 'mg')],
];

const VITAMIN_LIKE = new Set<Nutrient>(['vitaminDUg', 'calciumMg', 'ironMg', 'potassiumMg']);

/** Per cent of the daily value: nearest whole for most, in steps of 2, 5 and 10 for vitamins and minerals. */
export function usPercentDaily(key: Nutrient, amount: number): number | undefined {
  const daily = (DAILY_VALUES as Partial<Record<Nutrient, number>>)[key];
  if (daily === undefined) return undefined;
  const percent = (amount / daily) * 100;
  if (!VITAMIN_LIKE.has(key)) return nearest(percent, 1);
  if (percent < 2) return 0;
  return percent <= 10 ? nearest(percent, 2) : percent <= 50 ? nearest(percent, 5) : nearest(percent, 10);
}

const euGrams: Round = (x) => (x < 0.5 ? { value: 0, text: '<0.5 g' } : x < 10 ? say(nearest(x, 0.1), 'g', 1) : say(nearest(x, 1), 'g'));
const euSaturates: Round = (x) => (x < 0.1 ? { value: 0, text: '<0.1 g' } : x < 10 ? say(nearest(x, 0.1), 'g', 1) : say(nearest(x, 1), 'g'));
const euSalt: Round = (x) => (x < 0.0125 ? { value: 0, text: '<0.01 g' } : x < 1 ? say(nearest(x, 0.01), 'g', 2) : say(nearest(x, 0.1), 'g', 1));

const EU_RULES: readonly (readonly [Nutrient, Round])[] = [
  ['energyKj', (x) => say(nearest(x, 1), 'kJ')],
  ['energyKcal', (x) => say(nearest(x, 1), 'kcal')],
  ['fatG', euGrams],
  ['saturatedFatG', euSaturates],
  ['availableCarbohydrateG', euGrams],
  ['sugarsG', euGrams],
  ['fibreG', euGrams],
  ['proteinG', euGrams],
  ['saltG', euSalt],
];

/** US figures are per bowl, EU figures per 100 g. A figure that is only 'at least' says so. */
export function declaredFigures(regime: RegimeId, perServing: FigureOf, per100g: FigureOf): Declared {
  if (regime === 'us') return { us: declare(US_RULES, perServing, usPercentDaily) };
  return regime === 'eu' || regime === 'uk' ? { eu: declare(EU_RULES, per100g, () => undefined) } : {};
}

function declare(
  rules: readonly (readonly [Nutrient, Round])[],
  figureOf: FigureOf,
  percent: (key: Nutrient, amount: number) => number | undefined,
): Partial<Record<Nutrient, DeclaredFigure>> {
  const figures: Partial<Record<Nutrient, DeclaredFigure>> = {};
  for (const [key, round] of rules) {
    const { value, atLeast } = figureOf(key);
    const { value: rounded, text } = round(value);
    const percentDaily = percent(key, value);
    figures[key] = { value: rounded, text: atLeast ? `at least ${text}` : text, ...(percentDaily === undefined ? {} : { percentDaily }) };
  }
  return figures;
}
