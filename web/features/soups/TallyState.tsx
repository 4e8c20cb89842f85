import type { VersionSummary } from '../../../contract/types.ts';
import { tallyWords } from '../../../core/swap/tally.ts';
import { State } from '../../ui/state.tsx';

/** How a version stands to the needs it was kept with, as it was kept or, where a label or a figure has changed since, today. */
export function TallyState({ version: { today, asked = 0, met = 0, toCheck = 0 } }: { version: VersionSummary }) {
  if (asked === 0) return null;
  const now = today ?? { asked, met, toCheck };
  const words = tallyWords({ ...now, broken: now.asked - now.met - now.toCheck });
  return (
    <State tone={now.met === now.asked ? 'meets' : now.met + now.toCheck === now.asked ? 'check' : 'breaks'}>
      {today ? `today ${words}` : words}
    </State>
  );
}
