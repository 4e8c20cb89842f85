/** The figures of a sheet: one bowl and 100 g, each as the regime rounds it; and where the energy comes from. */
import type { Analysis, NutrientFigures } from '../analysis/analysis.ts';
import type { DeclaredLines, LabelRules } from '../regime/label.ts';
import { REGIMES } from '../regime/regime.ts';
import { NUTRIENT_LABELS, type Nutrient, nutrientUnit } from '../vocabulary/nutrient.ts';

export interface SheetFigure {
  value: number;
  low: number;
  high: number;
  atLeast: boolean;
  /** As the regime rounds it, with its unit. */
  text: string;
}

export interface SheetRow {
  nutrient: Nutrient;
  label: string;
  /** The texts count otherwise than value, low and high do, and `label` says how: vitamin A of EU labels. */
  countedOtherwise?: true;
  perServing: SheetFigure;
  per100g: SheetFigure;
  /** Of one bowl, per cent of the regime's reference value. */
  percentDaily?: number;
  /** The label of this soup bears it; else it is shown for who eats by it. */
  declared: boolean;
  /** A label need not bear it, a bowl holds next to nothing of it, and nobody asked: it may be left out where room is short. */
  minor: boolean;
}

/** What a kitchen that cares for the ill asks for whatever a label says (common practice, no source). */
const WATCHED: readonly Nutrient[] = ['potassiumMg', 'phosphorusMg', 'vitaminKUg'];

export function sheetFigures(analysis: Analysis, asked: readonly Nutrient[]): SheetRow[] {
  const { regime, perServing, per100g } = analysis;
  const label: LabelRules = REGIMES[regime].label;
  const ofServing = worded(analysis, perServing);
  const of100g = worded(analysis, per100g);
  const declared = new Set(Object.keys(analysis.declared[label.key] ?? {}));
  const wanted = new Set<Nutrient>([...asked, ...WATCHED]);
  const voluntary = new Set(label.voluntary?.nutrients);
  const rows = new Set([...(Object.keys(ofServing) as Nutrient[]), ...wanted]);
  return [...rows].map((nutrient): SheetRow => {
    const line = ofServing[nutrient];
    const percentDaily = line?.percentDaily ?? line?.perServing?.percentDaily;
    return {
      nutrient,
      label: label.countedAs?.[nutrient] ?? NUTRIENT_LABELS[nutrient],
      ...(label.countedAs?.[nutrient] ? { countedOtherwise: true } : {}),
      perServing: figureOf(perServing, nutrient, ofServing),
      per100g: figureOf(per100g, nutrient, of100g),
      ...(percentDaily === undefined ? {} : { percentDaily }),
      declared: declared.has(nutrient),
      minor: voluntary.has(nutrient) && !wanted.has(nutrient) && (percentDaily ?? 0) < (label.voluntary?.fromPercent ?? 0),
    };
  });
}

/** Each line as the regime words it, of one amount. */
function worded({ regime, claims }: Analysis, figures: NutrientFigures): DeclaredLines {
  const { every, lines } = REGIMES[regime].label as LabelRules;
  const of = (nutrient: Nutrient) => figures[nutrient];
  const supported = new Set(claims.filter((claim) => claim.supported === 'yes').map(({ id }) => id));
  return (every ?? lines)({ perServing: of, per100g: of, supports: (id) => supported.has(id) });
}

function figureOf(figures: NutrientFigures, nutrient: Nutrient, lines: DeclaredLines): SheetFigure {
  const { value, low, high, atLeast } = figures[nutrient];
  return { value, low, high, atLeast, text: lines[nutrient]?.text ?? inOwnUnit(value, atLeast, nutrient) };
}

/** What the regime has no rounding for: three figures and no more. */
function inOwnUnit(value: number, atLeast: boolean, nutrient: Nutrient): string {
  const text = `${Number(value.toPrecision(value >= 1 ? 3 : 2))} ${nutrientUnit(nutrient)}`;
  return !atLeast ? text : value === 0 ? 'not known' : `at least ${text}`;
}

export interface EnergyShares {
  protein: number;
  fat: number;
  carbohydrate: number;
  alcohol: number;
  fibre: number;
}

const SHARE_OF = {
  proteinG: 'protein',
  fatG: 'fat',
  carbohydrateG: 'carbohydrate',
  availableCarbohydrateG: 'carbohydrate',
  alcoholG: 'alcohol',
  fibreG: 'fibre',
} as const satisfies Partial<Record<Nutrient, keyof EnergyShares>>;

/** Shares of the energy of one bowl by the regime's own factors, 0 to 1; all 0 in a bowl without energy. */
export function energyShares({ regime, perServing }: Analysis): EnergyShares {
  const shares: EnergyShares = { protein: 0, fat: 0, carbohydrate: 0, alcohol: 0, fibre: 0 };
  for (const [nutrient, factor] of REGIMES[regime].energy.kcal) {
    const share = (SHARE_OF as Partial<Record<Nutrient, keyof EnergyShares>>)[nutrient];
    if (share) shares[share] += perServing[nutrient].value * factor;
  }
  const total = Object.values(shares).reduce((sum, kcal) => sum + kcal, 0);
  if (total > 0) for (const key of Object.keys(shares) as (keyof EnergyShares)[]) shares[key] /= total;
  return shares;
}
