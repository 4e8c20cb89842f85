import type { Analysis } from '../../../core/analysis/analysis.ts';
import { ALLERGEN_LABELS, type AllergenId } from '../../../core/vocabulary/allergens.ts';
import { State } from '../../ui/state.tsx';

/** An allergen that a change brings: surely, as its ingredient does, or only to be looked up. Asked about or not, it is said aloud. */
export function BroughtIn({ id, analysis }: { id: AllergenId; analysis: Analysis }) {
  const contains = analysis.allergens.find((one) => one.id === id)?.state === 'contains';
  return (
    <State tone={contains ? 'breaks' : 'check'}>
      {contains ? 'brings in' : 'brings a check for'} {ALLERGEN_LABELS[id]}
    </State>
  );
}
