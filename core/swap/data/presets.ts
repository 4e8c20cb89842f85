/**
 * Needs to start from, per bowl: common practice, for the dietitian to set; label constants are no limits for a
 * patient. Each is a bundle that is added to what is asked already and can be changed line by line.
 */
import type { Needs } from '../needs.ts';

export interface Preset {
  id: string;
  name: string;
  needs: Needs;
  /** What the figures do not see. */
  caution: string;
  source: string;
}

const COMMON = 'common practice, no source';
const most = (nutrient: NonNullable<Needs['limits']>[number]['nutrient'], max: number): Needs => ({ limits: [{ nutrient, per: 'serving', max }] });

export const PRESETS: readonly Preset[] = [
  { id: 'sodiumLow', name: 'low sodium', needs: most('sodiumMg', 140), caution: 'Salt at the table and bread count too.', source: COMMON },
  { id: 'sodiumMeal', name: 'sodium for a meal', needs: most('sodiumMg', 600), caution: 'Salt at the table and bread count too.', source: COMMON },
  { id: 'potassiumLow', name: 'low potassium', needs: most('potassiumMg', 200), caution: 'Reduced-sodium stocks and salt substitutes often hold potassium chloride: read the pack.', source: COMMON },
  { id: 'phosphorusLow', name: 'low phosphorus', needs: most('phosphorusMg', 150), caution: 'Phosphate additives are absorbed far more than the phosphorus counted here: read the pack.', source: COMMON },
  { id: 'fatLow', name: 'low fat', needs: most('fatG', 3), caution: '', source: COMMON },
  { id: 'saturatedLow', name: 'low saturated fat', needs: most('saturatedFatG', 3), caution: '', source: COMMON },
  { id: 'residueLow', name: 'low residue', needs: { ...most('fibreG', 2), smooth: true }, caution: 'Sieve out skins and seeds; the figure does not see them.', source: COMMON },
  { id: 'fortified', name: 'fortified', needs: { limits: [{ nutrient: 'energyKcal', per: 'serving', min: 250 }, { nutrient: 'proteinG', per: 'serving', min: 10 }] }, caution: 'Reckoned for a bowl of 200 ml.', source: COMMON },
  { id: 'oneExchange', name: 'one 15 g exchange', needs: most('availableCarbohydrateG', 15), caution: 'Available carbohydrate: fibre is not counted. Bread on the side is.', source: COMMON },
];

/** The needs with a preset's added; a bound on the same nutrient is replaced. */
export function withPreset(needs: Needs, { needs: added }: Pick<Preset, 'needs'>): Needs {
  const { limits = [], allergens, diets, keepFoods, avoidFoods, ...rest } = added;
  const joined = <T>(list: readonly T[] | undefined, more: readonly T[] | undefined): T[] => [...new Set([...(list ?? []), ...(more ?? [])])];
  const lists = { allergens: joined(needs.allergens, allergens), diets: joined(needs.diets, diets), keepFoods: joined(needs.keepFoods, keepFoods), avoidFoods: joined(needs.avoidFoods, avoidFoods) };
  const filled = Object.fromEntries(Object.entries(lists).filter(([, list]) => list.length > 0));
  const kept = (needs.limits ?? []).filter(({ nutrient, per }) => !limits.some((limit) => limit.nutrient === nutrient && limit.per === per));
  const all = [...kept, ...limits];
  return { ...needs, ...rest, ...filled, ...(all.length > 0 ? { limits: all } : {}) };
}
