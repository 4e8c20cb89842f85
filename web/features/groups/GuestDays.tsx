import { X } from 'lucide-react';
import { useState } from 'react';
import { MOST_DAYS } from '../../../core/group/seat.ts';
import { dayAfter } from '../../../core/quantity/day.ts';
import { useToday } from '../../kitchen/kitchen.ts';
import { Button } from '../../ui/button.tsx';
import { Disclosure } from '../../ui/disclosure.tsx';
import { Field, Input } from '../../ui/field.tsx';

interface Props {
  seat: string;
  days: readonly string[];
  onDays: (days: string[]) => void;
}

const WEEK = 7;
const WEEKS_AHEAD = 4;
const shortDay = (date: string) => new Date(`${date}T12:00:00`).toLocaleDateString(undefined, { weekday: 'short', day: 'numeric', month: 'short' });
const weekday = (date: string) => new Date(`${date}T12:00:00`).toLocaleDateString(undefined, { weekday: 'long' });
const together = (days: readonly string[]): string[] => [...new Set(days)].sort().slice(0, MOST_DAYS);

/** On which days a guest comes: every day until one is named. */
export function GuestDays({ seat, days, onDays }: Props) {
  const today = useToday();
  const [day, setDay] = useState('');
  const week = Array.from({ length: WEEK }, (_, at) => dayAfter(today, at));
  const weekly = (first: string) => Array.from({ length: WEEKS_AHEAD }, (_, at) => dayAfter(first, at * WEEK));
  return (
    <Disclosure summary={`${seat} comes ${days.length === 0 ? 'every day' : days.length === 1 ? 'on one day' : `on ${days.length} days`}`} lazy>
      <div className="mt-1 flex flex-wrap items-end gap-2">
        <Field label="Comes on">
          <Input type="date" aria-label={`${seat} comes on`} value={day} onChange={(event) => setDay(event.target.value)} />
        </Field>
        <Button disabled={day === ''} aria-label={`Add this day of ${seat}`} onClick={() => onDays(together([...days, day]))}>
          Add
        </Button>
        {week.map((first) => (
          <Button
            key={first}
            kind="chip"
            aria-label={`${seat}: each ${weekday(first)} of ${WEEKS_AHEAD} weeks`}
            onClick={() => onDays(together([...days, ...weekly(first)]))}
          >
            each {weekday(first)}
          </Button>
        ))}
        {days.length > 0 && (
          <Button kind="chip" aria-label={`${seat} comes every day`} onClick={() => onDays([])}>
            every day again
          </Button>
        )}
      </div>
      <ul className="mt-1 flex flex-wrap gap-1" aria-label={`Days of ${seat}`}>
        {days.map((one) => (
          <li key={one} className={`inline-flex items-center rounded-md border border-line px-1 text-sm ${one < today ? 'text-kale-soft' : ''}`}>
            {shortDay(one)}
            <Button
              kind="quiet"
              className="px-1"
              aria-label={`${seat} does not come on ${one}`}
              onClick={() => onDays(days.filter((other) => other !== one))}
            >
              <X size={12} aria-hidden />
            </Button>
          </li>
        ))}
      </ul>
    </Disclosure>
  );
}
