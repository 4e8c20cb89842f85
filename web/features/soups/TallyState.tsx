import type { VersionSummary } from '../../../contract/types.ts';
import { tallyWords } from '../../../core/swap/tally.ts';
import { State } from '../../ui/state.tsx';

/** How a version stood to the needs it was kept with; nothing where none were asked. */
export function TallyState({ version: { asked = 0, met = 0, toCheck = 0 } }: { version: VersionSummary }) {
  if (asked === 0) return null;
  return (
    <State tone={met === asked ? 'meets' : met + toCheck === asked ? 'check' : 'breaks'}>
      {tallyWords({ asked, met, toCheck, broken: asked - met - toCheck })}
    </State>
  );
}
