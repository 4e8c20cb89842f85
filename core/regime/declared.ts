/** The label figures of an analysis, by the rules of its regime. */
import type { Nutrient } from '../vocabulary/nutrient.ts';
import type { Claim } from './claims.ts';
import type { Declared, LabelFigure } from './label.ts';
import { REGIMES, type RegimeId } from './regime.ts';

export type { Declared, DeclaredFigure } from './label.ts';

type FigureOf = (key: Nutrient) => LabelFigure;

/** `claims` are those of the same bowl: some figures may be nought only where the food may be called free of it. */
export function declaredFigures(regime: RegimeId, perServing: FigureOf, per100g: FigureOf, claims: readonly Claim[] = []): Declared {
  const { label } = REGIMES[regime];
  const supported = new Set(claims.filter((claim) => claim.supported === 'yes').map(({ id }) => id));
  return { [label.key]: label.lines({ perServing, per100g, supports: (id) => supported.has(id) }) };
}
