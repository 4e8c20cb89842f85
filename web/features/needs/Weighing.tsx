import type { Needs, Weights } from '../../../core/swap/needs.ts';
import { DEFAULT_WEIGHTS } from '../../../core/swap/objective.ts';
import { useLarder } from '../../api/house.ts';
import { useToday } from '../../kitchen/kitchen.ts';
import { Disclosure } from '../../ui/disclosure.tsx';
import { Field, Select } from '../../ui/field.tsx';
import { Tick } from '../../ui/tick.tsx';
import { foodsToUse } from '../larder/stock.ts';

const WEIGHTS: readonly (readonly [keyof Weights, string])[] = [
  ['closeness', 'close to the original'],
  ['changes', 'few changes'],
  ['work', 'little work'],
  ['flavour', 'the same taste'],
  ['cost', 'low price'],
  ['wholeFoods', 'whole foods'],
];
const MOST = 3;
const STEP = 0.25;
const CHANCES = [0.6, 0.75, 0.9, 0.95] as const;

/** What counts for more when plans are compared, how sure a limit must be, and what a label leaves open. */
export function Weighing({ needs, onNeeds }: { needs: Needs; onNeeds: (changes: Partial<Needs>) => void }) {
  const { data: larder = [] } = useLarder();
  const toUse = foodsToUse(larder, useToday());
  const weights = { ...DEFAULT_WEIGHTS, ...needs.weights };
  const put = (key: keyof Weights, value: number) => {
    const next = { ...needs.weights, [key]: value };
    const moved = Object.entries(next).filter(([name, weight]) => weight !== DEFAULT_WEIGHTS[name as keyof Weights]);
    onNeeds({ weights: moved.length > 0 ? Object.fromEntries(moved) : undefined });
  };
  return (
    <Disclosure className="" summary="what counts for more, and how sure it must be">
      <div className="mt-2 grid gap-x-6 gap-y-1 sm:grid-cols-2">
        {WEIGHTS.map(([key, label]) => (
          <label key={key} className="flex min-h-7 items-center gap-2 text-sm">
            <span className="w-40">{label}</span>
            <input
              type="range"
              min={0}
              max={MOST}
              step={STEP}
              value={weights[key]}
              className="min-h-6 min-w-0 flex-1 accent-squash"
              onChange={(event) => put(key, Number(event.target.value))}
            />
            <span className="w-8 text-right">{weights[key]}</span>
          </label>
        ))}
      </div>
      {(toUse.length > 0 || needs.useFirst) && (
        <Tick checked={needs.useFirst !== undefined} onChange={(wanted) => onNeeds({ useFirst: wanted ? toUse : undefined })}>
          use first what is in the larder ({toUse.length} foods)
        </Tick>
      )}
      <div className="mt-2 flex flex-wrap gap-3">
        <Field label="Limits are met with a chance of">
          <Select
            value={needs.margin ?? ''}
            onChange={(event) => onNeeds({ margin: event.target.value === '' ? undefined : Number(event.target.value) })}
          >
            <option value="">some 80 % where that can be</option>
            {CHANCES.map((chance) => (
              <option key={chance} value={chance}>
                {Math.round(chance * 100)} % or better
              </option>
            ))}
          </Select>
        </Field>
        <Field label="The needs speak of">
          <Select
            value={needs.scope ?? 'bowl'}
            onChange={(event) => onNeeds({ scope: event.target.value === 'bowl' ? undefined : (event.target.value as Needs['scope']) })}
          >
            <option value="bowl">the bowl</option>
            <option value="plate">the plate, with what is beside it</option>
          </Select>
        </Field>
        <Field label="Where only the label can tell">
          <Select
            value={needs.checks ?? 'asIs'}
            onChange={(event) => onNeeds({ checks: event.target.value === 'asIs' ? undefined : (event.target.value as Needs['checks']) })}
          >
            <option value="asIs">bring nothing new of the kind</option>
            <option value="avoid">leave it out</option>
            <option value="allow">allow it, to be checked</option>
          </Select>
        </Field>
      </div>
      <p className="mt-1 text-sm text-kale-soft">0 leaves it out of the reckoning. Price counts only for foods that have one.</p>
    </Disclosure>
  );
}
