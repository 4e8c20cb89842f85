/** The rows of the model: the pot keeps its volume, every limit and the body its bounds. */
import type { Analysis } from '../analysis/analysis.ts';
import type { Row } from './model.ts';
import { type Asked, type Need, type NeedOf, ofKind } from './need.ts';
import { type TraitName, VOLUME_KEEPS } from './objective.ts';
import { at } from './solver/linear.ts';
import { bodyBounds } from './verdict.ts';

/** In the unit of the limit. */
export interface Bounds {
  min?: number;
  max?: number;
}

interface RowsInput {
  asked: Asked;
  analysis: Analysis;
  bodyIndex?: number;
  tightened?: ReadonlyMap<Need, Bounds>;
  soft?: ReadonlySet<Need>;
}

type Entries = readonly (readonly [TraitName, number])[];
/** A row before it is laid out: entries . traits <= bound, in the unit `scale` is in. */
type Plain = [need: Need | null, entries: Entries, bound: number, scale: number];

export function rowsOf(traits: readonly TraitName[], original: Float64Array, input: RowsInput): Row[] {
  const volume = at(original, traits.indexOf('potMl'));
  const plain: Plain[] = [
    ...volumeRows(volume),
    ...ofKind(input.asked.needs, 'limit').flatMap((need) => limitRows(need, input)),
    ...ofKind(input.asked.needs, 'body').flatMap((need) => bodyRows(need, volume, input)),
  ];
  return plain.map(([need, entries, bound, scale]) => {
    const coefficients = new Float64Array(traits.length);
    for (const [trait, factor] of entries) coefficients[traits.indexOf(trait)] = factor / scale;
    return { need, coefficients, bound: bound / scale, soft: need !== null && (input.soft?.has(need) ?? false) };
  });
}

const volumeRows = (volume: number): Plain[] =>
  volume > 0
    ? [
        [null, [['potMl', 1]], volume * (1 + VOLUME_KEEPS), volume],
        [null, [['potMl', -1]], -volume * (1 - VOLUME_KEEPS), volume],
      ]
    : [];

function limitRows(need: NeedOf<'limit'>, { analysis, tightened }: RowsInput): Plain[] {
  const { nutrient, per } = need.limit;
  const { min, max } = { ...need.limit, ...tightened?.get(need) };
  const bowl = analysis.servingGrams || 1;
  const bounded = (side: 'most' | 'least', sign: 1 | -1, value: number | undefined): Plain[] => {
    if (value === undefined) return [];
    const trait: TraitName = `${side}:${nutrient}`;
    const scale = Math.max(1e-3, Math.abs(value));
    if (per === 'serving') return [[need, [[trait, sign]], sign * value, scale]];
    const entries: Entries = [
      [trait, (sign * 100) / bowl],
      ['bowlGrams', (-sign * value) / bowl],
    ];
    return [[need, entries, 0, scale]];
  };
  return [...bounded('most', 1, max), ...bounded('least', -1, min)];
}

function bodyRows(need: NeedOf<'body'>, volume: number, { analysis, bodyIndex }: RowsInput): Plain[] {
  if (!(volume > 0)) return [];
  const { min, max } = bodyBounds(need.body, bodyIndex ?? analysis.body.index);
  const row = (sign: 1 | -1, index: number): Plain => [
    need,
    [
      ['bodyMl', sign],
      ['potMl', -sign * index],
    ],
    0,
    volume,
  ];
  return [...(Number.isFinite(max) ? [row(1, max)] : []), row(-1, min)];
}
