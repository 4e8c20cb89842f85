import { useState } from 'react';
import type { Portions } from '../../../contract/types.ts';
import { thawPlan } from '../../../core/batch/thaw.ts';
import { dayAfter } from '../../../core/quantity/day.ts';
import { dayWords } from '../../kitchen/dayWords.ts';
import { useToday } from '../../kitchen/kitchen.ts';
import { Field, Input, Select } from '../../ui/field.tsx';
import { NumberInput } from '../../ui/numberInput.tsx';
import { Notice } from '../../ui/state.tsx';

const MOST = 500;

/** For a lunch to come: what is taken out of the cold, and when, so that it is thawed in the fridge by then. */
export function ThawPlan({ stock }: { stock: readonly Portions[] }) {
  const today = useToday();
  const [day, setDay] = useState(dayAfter(today, 1));
  const [wanted, setWanted] = useState(4);
  const [title, setTitle] = useState('');
  const titles = [...new Set(stock.map((one) => one.title))];
  const { takes, missing } = thawPlan(
    stock.filter((one) => title === '' || one.title === title),
    wanted,
    day,
    today,
  );
  return (
    <section aria-label="Thaw plan" className="flex flex-col gap-2 rounded-xl border border-line bg-card p-3">
      <h2 className="text-lg">To take out for a lunch</h2>
      <div className="flex flex-wrap items-end gap-3 print:hidden">
        <Field label="Portions">
          <NumberInput
            className="w-20"
            value={wanted}
            min={1}
            max={MOST}
            onValue={(value) => typeof value === 'number' && setWanted(Math.round(value))}
          />
        </Field>
        <Field label="Of">
          <Select value={title} onChange={(event) => setTitle(event.target.value)}>
            <option value="">whatever is to be used first</option>
            {titles.map((one) => (
              <option key={one} value={one}>
                {one}
              </option>
            ))}
          </Select>
        </Field>
        <Field label="For">
          <Input type="date" value={day} min={today} onChange={(event) => event.target.value && setDay(event.target.value)} />
        </Field>
      </div>
      <ol className="list-decimal pl-5">
        {takes.map(({ id, on, when, title: what, count, keep }) => (
          <li key={id}>
            {keep === 'frozen'
              ? `${dayWords(on)}, in the ${when}: ${count} of ${what} from the freezer into the fridge`
              : `${dayWords(on)}: ${count} of ${what} from the fridge`}
          </li>
        ))}
      </ol>
      {missing > 0 && (
        <Notice tone="check">
          {missing} {missing === 1 ? 'portion is' : 'portions are'} missing: not there, past the day by then, or not thawed in time.
        </Notice>
      )}
      <p className="text-sm text-kale-soft">
        Thawed in the fridge, never on the table; used within a day, heated right through, and not frozen again. The local code decides.
      </p>
    </section>
  );
}
