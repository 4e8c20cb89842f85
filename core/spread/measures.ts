/** What a spread can be looked at by: any nutrient of one bowl, how far from the original, work and cost. */
import type { Needs } from '../swap/needs.ts';
import type { TraitName } from '../swap/objective.ts';
import { NUTRIENTS, type Nutrient, nutrientName, nutrientUnit } from '../vocabulary/nutrient.ts';

export type Better = 'low' | 'high';
export type MeasureKey = Nutrient | 'distance' | 'work' | 'cost';

export interface Measure {
  key: MeasureKey;
  /** In running words. */
  name: string;
  unit: string;
  better: Better;
}

/** Figures that are told of every point, whatever it is drawn by. */
const ALWAYS: readonly Nutrient[] = [
  'sodiumMg',
  'saturatedFatG',
  'proteinG',
  'fibreG',
  'energyKcal',
  'potassiumMg',
  'phosphorusMg',
  'availableCarbohydrateG',
  'fatG',
  'calciumMg',
];
/** Less of these is better where no need says so, of all others more (judgement, no source). */
const LESS: ReadonlySet<Nutrient> = new Set<Nutrient>([
  'sodiumMg',
  'saturatedFatG',
  'transFatG',
  'cholesterolMg',
  'energyKcal',
  'energyKj',
  'potassiumMg',
  'phosphorusMg',
  'availableCarbohydrateG',
  'carbohydrateG',
  'sugarsG',
  'fatG',
]);
const KNOWN: ReadonlySet<string> = new Set(NUTRIENTS);
export const isNutrientMeasure = (key: MeasureKey): key is Nutrient => KNOWN.has(key);

const OTHERS: readonly Measure[] = [
  { key: 'distance', name: 'distance from the original', unit: '', better: 'low' },
  { key: 'work', name: 'work', unit: '', better: 'low' },
  { key: 'cost', name: 'cost', unit: '', better: 'low' },
];
export const MEASURE_KEYS: readonly MeasureKey[] = [...NUTRIENTS, ...OTHERS.map(({ key }) => key)];

/** The measures told of every point, those it is drawn by first. Below what is limited is better, above what is asked for. Cost where there are prices. */
export function measuresFor(needs: Needs, drawnBy: readonly MeasureKey[], priced: boolean): Measure[] {
  const keys = new Set<MeasureKey>([...drawnBy, ...ALWAYS, 'distance', 'work', ...(priced ? (['cost'] as const) : [])]);
  return [...keys].flatMap((key): Measure[] => {
    if (!isNutrientMeasure(key)) return OTHERS.filter((row) => row.key === key);
    const limit = needs.limits?.find(({ nutrient, min, max }) => nutrient === key && (min === undefined) !== (max === undefined));
    const usual = LESS.has(key) ? 'low' : 'high';
    const better = limit ? (limit.max === undefined ? 'high' : 'low') : usual;
    return [{ key, name: nutrientName(key), unit: nutrientUnit(key), better }];
  });
}

/** The two a spread is drawn by where none are named: what is limited first, then what most needs speak of. */
export function usualMeasures(needs: Needs): [MeasureKey, MeasureKey] {
  const limited = (needs.limits ?? []).map(({ nutrient }) => nutrient);
  const [x, y] = [...new Set<MeasureKey>([...limited, 'saturatedFatG', 'proteinG'])] as [MeasureKey, MeasureKey];
  return [x, y];
}

export const traitOf = (key: MeasureKey): TraitName | null => (isNutrientMeasure(key) ? key : key === 'cost' ? 'price' : null);

/** Points to send where nothing else is asked, and never more. */
export const MOST_SENT = 2000;
