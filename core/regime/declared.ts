/**
 * Declared figures: the rounding a label wants, by the rules of one regime. Nothing else in the program is rounded.
 * US: 21 CFR 101.9(c), daily values (c)(8)(iv) and (c)(9), per cent by (d)(7)(ii) and (c)(8)(iii); vitamin and mineral
 * increments after FDA guidance. EU: Commission guidance on tolerances (2012), section on rounding; per 100 g.
 */
import type { Nutrient } from '../vocabulary/nutrient.ts';
import { DAILY_VALUES, NRV, REFERENCE_INTAKES } from './data/referenceValues.ts';
import type { RegimeId } from './regime.ts';

export interface DeclaredFigure {
  value: number;
  text: string;
  /** US: per cent of the daily value. EU: per cent of the reference intake or nutrient reference value. */
  percentDaily?: number;
  /** US: an amount that may be left out of a simplified panel, 21 CFR 101.9(f)(1). */
  insignificant?: true;
}

export type Declared = Partial<Record<'us' | 'eu', Partial<Record<Nutrient, DeclaredFigure>>>>;
type FigureOf = (key: Nutrient) => { value: number; atLeast: boolean };
type Round = (x: number) => { value: number; text: string };

// The least above: 0.15 / 0.1 is a hair under 1.5 in binary.
const nearest = (x: number, step: number): number => Math.round(Math.round(x / step + 1e-9) * step * 1e6) / 1e6;
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
  // Voluntary ones; increments after FDA guidance, from memory.
  ['vitaminARaeUg', usStep(10, 'µg')],
  ['vitaminCMg', usStep(1, 'mg')],
  ['vitaminEMg', usStep(0.1, 'mg')],
  ['vitaminKUg', usStep(1, 'µg')],
  ['thiaminMg', usStep(0.1, 'mg')],
  ['riboflavinMg', usStep(0.1, 'mg')],
  ['niacinMg', usStep(0.1, 'mg')],
  ['vitaminB6Mg', usStep(0.1, 'mg')],
  ['folateDfeUg', usStep(10, 'µg')],
  ['vitaminB12Ug', usStep(0.1, 'µg')],
  ['phosphorusMg', usStep(10, 'mg')],
  ['iodineUg', usStep(1, 'µg')],
  ['magnesiumMg', usStep(5, 'mg')],
  ['zincMg', usStep(0.1, 'mg')],
  ['seleniumUg', usStep(1, 'µg')],
  ['copperMg', usStep(0.1, 'mg')],
  ['manganeseMg', usStep(0.1, 'mg')],
];

/** Per cent to the nearest whole, (d)(7)(ii); what is not here follows (c)(8)(iii). Protein's wants its quality corrected, (c)(7): none. */
const WHOLE_PERCENT = new Set<Nutrient>(['fatG', 'saturatedFatG', 'cholesterolMg', 'sodiumMg', 'carbohydrateG', 'fibreG', 'addedSugarsG']);
/** (f)(1): 'less than 1 g' is insignificant too in these. */
const UNDER_A_GRAM = new Set<Nutrient>(['carbohydrateG', 'fibreG', 'proteinG']);

/** Per cent of the daily value: nearest whole for most, in steps of 2, 5 and 10 for vitamins and minerals. */
export function usPercentDaily(key: Nutrient, amount: number): number | undefined {
  const daily = (DAILY_VALUES as Partial<Record<Nutrient, number>>)[key];
  if (daily === undefined || key === 'proteinG') return undefined;
  const percent = (amount / daily) * 100;
  if (WHOLE_PERCENT.has(key)) return nearest(percent, 1);
  if (percent < 2) return 0;
  return percent <= 10 ? nearest(percent, 2) : percent <= 50 ? nearest(percent, 5) : nearest(percent, 10);
}

// Commission guidance on tolerances (2012), table 4: rounding.
const euGrams: Round = (x) => (x <= 0.5 ? { value: 0, text: '<0.5 g' } : x < 10 ? say(nearest(x, 0.1), 'g', 1) : say(nearest(x, 1), 'g'));
const euSaturates: Round = (x) => (x <= 0.1 ? { value: 0, text: '<0.1 g' } : x < 10 ? say(nearest(x, 0.1), 'g', 1) : say(nearest(x, 1), 'g'));
const euSalt: Round = (x) => (x <= 0.0125 ? { value: 0, text: '<0.01 g' } : x < 1 ? say(nearest(x, 0.01), 'g', 2) : say(nearest(x, 0.1), 'g', 1));
const euFigures =
  (digits: 2 | 3, unit: string): Round =>
  (x) => {
    const value = x === 0 ? 0 : Number(x.toPrecision(digits));
    return say(value, unit);
  };

const EU_RULES: readonly (readonly [Nutrient, Round])[] = [
  ['energyKj', (x) => say(nearest(x, 1), 'kJ')],
  ['energyKcal', (x) => say(nearest(x, 1), 'kcal')],
  ['fatG', euGrams],
  ['saturatedFatG', euSaturates],
  ['monoFatG', euSaturates],
  ['polyFatG', euSaturates],
  ['availableCarbohydrateG', euGrams],
  ['sugarsG', euGrams],
  ['starchG', euGrams],
  ['fibreG', euGrams],
  ['proteinG', euGrams],
  ['saltG', euSalt],
];
/** Vitamins and minerals: three significant figures for those the guidance names, two for the rest. */
const EU_MICRO: readonly (readonly [Nutrient, Round])[] = [
  ['vitaminARaeUg', euFigures(3, 'µg')],
  ['folateDfeUg', euFigures(3, 'µg')],
  ['calciumMg', euFigures(3, 'mg')],
  ['phosphorusMg', euFigures(3, 'mg')],
  ['magnesiumMg', euFigures(3, 'mg')],
  ['iodineUg', euFigures(3, 'µg')],
  ['potassiumMg', euFigures(3, 'mg')],
  ['vitaminDUg', euFigures(2, 'µg')],
  ['vitaminEMg', euFigures(2, 'mg')],
  ['vitaminKUg', euFigures(2, 'µg')],
  ['vitaminCMg', euFigures(2, 'mg')],
  ['thiaminMg', euFigures(2, 'mg')],
  ['riboflavinMg', euFigures(2, 'mg')],
  ['niacinMg', euFigures(2, 'mg')],
  ['vitaminB6Mg', euFigures(2, 'mg')],
  ['vitaminB12Ug', euFigures(2, 'µg')],
  ['ironMg', euFigures(2, 'mg')],
  ['zincMg', euFigures(2, 'mg')],
  ['copperMg', euFigures(2, 'mg')],
  ['manganeseMg', euFigures(2, 'mg')],
  ['seleniumUg', euFigures(2, 'µg')],
];
/** A vitamin or mineral is declared from this per cent of its reference value in 100 g (Annex XIII, part A, point 2). */
const SIGNIFICANT = 15;

const euPercent = (key: Nutrient, amount: number): number | undefined => {
  const reference = (REFERENCE_INTAKES as Partial<Record<Nutrient, number>>)[key] ?? (NRV as Partial<Record<Nutrient, number>>)[key];
  return reference === undefined ? undefined : nearest((amount / reference) * 100, 1);
};

/**
 * US figures are per bowl, EU figures per 100 g. A figure that is only 'at least' says so. Regimes whose rules are not
 * implemented here declare nothing.
 */
export function declaredFigures(regime: RegimeId, perServing: FigureOf, per100g: FigureOf): Declared {
  if (regime === 'us') return { us: declare(US_RULES, perServing, usPercentDaily, insignificant) };
  if (regime !== 'eu' && regime !== 'uk') return {};
  const figureOf: FigureOf = (key) => (key === 'vitaminARaeUg' ? retinolEquivalents(per100g) : per100g(key));
  const significant = EU_MICRO.filter(([key]) => (euPercent(key, figureOf(key).value) ?? 0) >= SIGNIFICANT);
  return { eu: declare([...EU_RULES, ...significant], figureOf, euPercent, () => false) };
}

/**
 * Vitamin A as EU tables and labels count it, retinol equivalents: beta-carotene / 6 where activity equivalents have / 12
 * (science of the bowl, section 2; from memory). The other carotenoids are small here and left as they are.
 */
function retinolEquivalents(figureOf: FigureOf): { value: number; atLeast: boolean } {
  const activity = figureOf('vitaminARaeUg');
  const carotene = figureOf('betaCaroteneUg');
  return { value: activity.value + carotene.value / 12, atLeast: activity.atLeast || carotene.atLeast };
}

const insignificant = (key: Nutrient, { value, text }: { value: number; text: string }): boolean =>
  value === 0 || (UNDER_A_GRAM.has(key) && text === 'less than 1 g');

function declare(
  rules: readonly (readonly [Nutrient, Round])[],
  figureOf: FigureOf,
  percent: (key: Nutrient, amount: number) => number | undefined,
  isInsignificant: (key: Nutrient, rounded: { value: number; text: string }) => boolean,
): Partial<Record<Nutrient, DeclaredFigure>> {
  const figures: Partial<Record<Nutrient, DeclaredFigure>> = {};
  for (const [key, round] of rules) {
    const { value, atLeast } = figureOf(key);
    const rounded = round(value);
    // A share of a lower bound would read as the share of the whole.
    const percentDaily = atLeast ? undefined : percent(key, value);
    figures[key] = {
      value: rounded.value,
      text: atLeast ? `at least ${rounded.text}` : rounded.text,
      ...(percentDaily === undefined ? {} : { percentDaily }),
      ...(!atLeast && isInsignificant(key, rounded) ? { insignificant: true as const } : {}),
    };
  }
  return figures;
}
