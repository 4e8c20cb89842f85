/** What a need speaks of: the bowl, or the plate with all that is served beside it. */
import type { Analysis, NutrientFigures } from '../analysis/analysis.ts';
import type { Needs } from './needs.ts';

export type NeedScope = NonNullable<Needs['scope']>;

/** The figures of one serving in that scope; of the bowl where nothing stands beside it. */
export const servedFigures = (
  { perServing, plateServing }: Pick<Analysis, 'perServing' | 'plateServing'>,
  scope: NeedScope | undefined,
): NutrientFigures => (scope === 'plate' ? (plateServing ?? perServing) : perServing);
