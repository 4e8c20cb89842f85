import { FAMILY_IDS, SCHOOLS } from '../../../core/school/data/schools.ts';
import type { HouseWays } from '../../../core/school/types.ts';
import { Field, Select } from '../../ui/field.tsx';

/** How this house does it, family by family; as each soup has it where nothing is said. */
export function HouseWaysFields({ ways, onWays }: { ways: HouseWays; onWays: (ways: HouseWays) => unknown }) {
  return (
    <div className="grid w-full gap-3 sm:grid-cols-2">
      {FAMILY_IDS.map((family) => (
        <Field key={family} label={SCHOOLS[family].name}>
          <Select
            value={ways[family] ?? ''}
            onChange={(event) => {
              const { [family]: _, ...others } = ways;
              onWays(event.target.value === '' ? others : { ...others, [family]: event.target.value });
            }}
          >
            <option value="">as the soup has it</option>
            {SCHOOLS[family].schools.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </Select>
        </Field>
      ))}
    </div>
  );
}
