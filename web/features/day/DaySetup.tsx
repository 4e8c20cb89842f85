import { X } from 'lucide-react';
import { useDeferredValue, useState } from 'react';
import type { DayBody, GroupBody, NewDay } from '../../../contract/types.ts';
import { needWords } from '../../../core/swap/needWords.ts';
import { useSoups } from '../../api/queries.ts';
import { Button } from '../../ui/button.tsx';
import { Disclosure } from '../../ui/disclosure.tsx';
import { Field, Input, Select } from '../../ui/field.tsx';
import { NumberInput } from '../../ui/numberInput.tsx';
import { Tick } from '../../ui/tick.tsx';
import type { DayPlan } from './useDayPlan.ts';

interface Props {
  day: DayBody;
  groups: readonly GroupBody[];
  plan: DayPlan;
  /** A promise is waited for by the box that asked. */
  onChange: (changes: Partial<NewDay>) => unknown;
}

const MOST_SOUPS = 3;

/** Who comes, what is cooked, who eats what. */
export function DaySetup({ day, groups, plan: { soups, expected, present, soupOf }, onChange }: Props) {
  const listed = day.soups.map(({ soupId, number }) => {
    const found = soups.find((soup) => soup.soupId === soupId);
    return { soupId, number, soupTitle: found?.soupTitle ?? 'a soup that is not there', name: found?.name ?? '' };
  });
  return (
    <section aria-label="Who and what" className="flex flex-col gap-3 rounded-xl border border-line bg-card p-3 print:hidden">
      <div className="flex flex-wrap items-end gap-3">
        <Field label="Group">
          <Select
            value={day.groupId ?? ''}
            onChange={(event) => onChange({ groupId: event.target.value || null, away: [], eats: {}, together: [], beside: {} })}
          >
            <option value="">choose ...</option>
            {groups.map(({ id, name, guests }) => (
              <option key={id} value={id}>
                {name}, {guests.length}
              </option>
            ))}
          </Select>
        </Field>
        <Field label="Serve at">
          <Input type="time" value={day.serveAt} onChange={(event) => event.target.value && onChange({ serveAt: event.target.value })} />
        </Field>
        <Field label="Pots of a soup at most">
          <NumberInput
            late
            min={1}
            max={50}
            value={day.mostPots ?? null}
            placeholder="as needed"
            className="w-28"
            onValue={(value) => {
              if (value === undefined) return;
              // A key that is left out is no limit.
              onChange({ mostPots: value === null ? undefined : Math.round(value) } as Partial<NewDay>);
            }}
          />
        </Field>
      </div>
      <div className="flex flex-wrap items-start gap-2">
        {listed.map(({ soupId, soupTitle, number, name }) => (
          <span key={soupId} className="inline-flex items-center gap-1 rounded-md border border-line bg-oat px-2">
            {soupTitle}: {number}. {name}
            <Button
              kind="quiet"
              className="px-1"
              aria-label={`Leave out ${soupTitle}`}
              onClick={() => onChange({ soups: day.soups.filter((one) => one.soupId !== soupId) })}
            >
              <X size={14} aria-hidden />
            </Button>
          </span>
        ))}
        {day.soups.length < MOST_SOUPS && (
          <Disclosure summary={day.soups.length === 0 ? 'Which soup is cooked' : 'another soup'} lazy open={day.soups.length === 0}>
            <FindSoup taken={day.soups.map(({ soupId }) => soupId)} onFound={(soup) => onChange({ soups: [...day.soups, soup] })} />
          </Disclosure>
        )}
      </div>
      {expected.length > 0 && (
        <fieldset>
          <legend className="text-sm text-kale-soft">
            {present.length} of {expected.length} come
          </legend>
          <ul className="grid gap-x-4 sm:grid-cols-2 lg:grid-cols-3">
            {expected.map(({ seat, needs, bowls }) => (
              <li key={seat} className="flex flex-wrap items-center gap-x-2 border-t border-line/60 py-0.5">
                <Tick
                  checked={!day.away.includes(seat)}
                  onChange={(comes) => onChange({ away: comes ? day.away.filter((one) => one !== seat) : [...day.away, seat] })}
                >
                  <strong>{seat}</strong>
                </Tick>
                <span className="min-w-0 flex-1 text-sm text-kale-soft">
                  {needWords(needs) || 'eats all'}
                  {bowls !== undefined && bowls !== 1 && `; ${bowls} bowls`}
                </span>
                {soups.length > 1 && !day.away.includes(seat) && (
                  <Select
                    aria-label={`What ${seat} eats`}
                    className="max-w-40 text-sm"
                    value={soupOf(seat)}
                    onChange={(event) => onChange({ eats: { ...day.eats, [seat]: event.target.value } })}
                  >
                    {soups.map(({ soupId, soupTitle }) => (
                      <option key={soupId} value={soupId}>
                        {soupTitle}
                      </option>
                    ))}
                  </Select>
                )}
              </li>
            ))}
          </ul>
        </fieldset>
      )}
    </section>
  );
}

const MOST_FOUND = 6;

function FindSoup({ taken, onFound }: { taken: readonly string[]; onFound: (soup: { soupId: string; number: number }) => void }) {
  const [q, setQ] = useState('');
  const asked = useDeferredValue(q.trim());
  const { data } = useSoups({ q: asked, said: '', main: '', larder: false, checks: false, archived: false, sort: 'title' });
  const found = (data?.pages[0]?.soups ?? []).filter(({ id }) => !taken.includes(id)).slice(0, MOST_FOUND);
  return (
    <div className="mt-1 flex flex-col gap-2">
      <Field label="Find a soup">
        <Input value={q} onChange={(event) => setQ(event.target.value)} placeholder="title or food" className="w-56" />
      </Field>
      <ul className="flex flex-wrap gap-1">
        {found.flatMap(({ id, title, versions }) =>
          versions
            .filter(({ archived }) => !archived)
            .map(({ number, name }) => (
              <li key={`${id} ${number}`}>
                <Button kind="chip" onClick={() => onFound({ soupId: id, number })}>
                  {title}: {number}. {name}
                </Button>
              </li>
            )),
        )}
      </ul>
    </div>
  );
}
