import { REGIME_IDS, REGIMES } from '../../../core/regime/regime.ts';
import { Select } from '../../ui/field.tsx';
import { type Chosen, DRAFT } from './useChosenVersion.ts';

/** Of which version, and under whose rules. */
export function ChooseVersion({ chosen: { all, version, regime, set } }: { chosen: Chosen }) {
  return (
    <>
      <Select
        className="max-w-72 truncate"
        aria-label="Version on the sheet"
        value={version ? String(version.number) : DRAFT}
        onChange={(event) => set('v', event.target.value)}
      >
        {all.map(({ number, name }) => (
          <option key={number} value={number}>
            {number}. {name}
          </option>
        ))}
        <option value={DRAFT}>the draft on the bench</option>
      </Select>
      <Select aria-label="Rules of the sheet" value={regime} onChange={(event) => set('rules', event.target.value)}>
        {REGIME_IDS.map((one) => (
          <option key={one} value={one}>
            {REGIMES[one].name}
          </option>
        ))}
      </Select>
    </>
  );
}
