import { Plus, X } from 'lucide-react';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { type Class, type Lesson, TAGS, type Tag, TEACHER } from '../../../core/plan/lesson.ts';
import { Button } from '../../ui/button.tsx';
import { Disclosure } from '../../ui/disclosure.tsx';
import { Field, Input } from '../../ui/field.tsx';
import { NumberInput } from '../../ui/numberInput.tsx';
import { Notice } from '../../ui/state.tsx';
import { Tick } from '../../ui/tick.tsx';

const TAG_WORDS: Readonly<Record<Tag, string>> = {
  knife: 'no knife',
  hot: 'no heat',
  heavy: 'no lifting',
  standing: 'seated',
  fine: 'no fine work',
  wet: 'no wet work',
};

/** With this browser: a class is of the room where it is held. */
export const useLesson = create<{ on: boolean; asked: Class; set: (asked: Partial<Class>) => void; turn: (on: boolean) => void }>()(
  persist(
    (set) => ({
      on: false,
      asked: { minutes: 90, stations: 3, learners: [] },
      set: (change) => set(({ asked }) => ({ asked: { ...asked, ...change } })),
      turn: (on) => set({ on }),
    }),
    { name: 'kind-ladle:lesson:1' },
  ),
);

const CUP_ML = 60;
const MOST_LEARNERS = 30;

/** The plan as a class: who can do what, what stands ready, what does not fit. */
export function LessonPanel({ lesson, bowlMl }: { lesson: Lesson | undefined; bowlMl: number }) {
  const { on, asked, set, turn } = useLesson();
  const learner = (at: number, change: Partial<Class['learners'][number]>) =>
    set({ learners: asked.learners.map((one, place) => (place === at ? { ...one, ...change } : one)) });
  return (
    <Disclosure summary="as a lesson: a class at work" open={on} lazy>
      <div className="mt-1 flex flex-col gap-3 rounded-xl border border-line bg-card p-3">
        <div className="flex flex-wrap items-end gap-3">
          <Tick checked={on} onChange={turn}>
            plan it for a class
          </Tick>
          <Field label="Minutes of the class">
            <NumberInput late className="w-24" value={asked.minutes} min={10} max={1440} onValue={(minutes) => minutes && set({ minutes })} />
          </Field>
          <Field label="Stations">
            <NumberInput
              late
              className="w-20"
              value={asked.stations}
              min={1}
              max={50}
              onValue={(stations) => stations && set({ stations: Math.round(stations) })}
            />
          </Field>
          <Button
            disabled={asked.learners.length >= MOST_LEARNERS}
            onClick={() => set({ learners: [...asked.learners, { seat: nextSeat(asked.learners.map(({ seat }) => seat)), cannot: [] }] })}
          >
            <Plus size={14} aria-hidden /> learner
          </Button>
        </div>
        {asked.learners.length > 0 && (
          <ul aria-label="Learners, by seat" className="flex flex-col gap-1">
            {asked.learners.map(({ seat, cannot }, at) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: a learner is its place in the list
              <li key={at} className="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-line/60 py-1">
                <Input
                  aria-label={`Seat of learner ${at + 1}`}
                  className="w-20"
                  maxLength={5}
                  value={seat}
                  onChange={(event) => learner(at, { seat: event.target.value.trim() || seat })}
                />
                {TAGS.map((tag) => (
                  <Tick
                    key={tag}
                    checked={cannot.includes(tag)}
                    onChange={(is) => learner(at, { cannot: is ? [...cannot, tag] : cannot.filter((one) => one !== tag) })}
                  >
                    {TAG_WORDS[tag]}
                  </Tick>
                ))}
                <Button
                  kind="quiet"
                  aria-label={`Leave out ${seat}`}
                  onClick={() => set({ learners: asked.learners.filter((_, place) => place !== at) })}
                >
                  <X size={14} aria-hidden />
                </Button>
              </li>
            ))}
          </ul>
        )}
        <p className="text-sm text-kale-soft">
          Seats, never names. Tasting cups of {CUP_ML} ml for {asked.learners.length + 1} are{' '}
          {Number(((CUP_ML * (asked.learners.length + 1)) / bowlMl).toFixed(1))} bowls.
        </p>
        {on && lesson && <Shared lesson={lesson} minutes={asked.minutes} />}
      </div>
    </Disclosure>
  );
}

function Shared({ lesson: { work, ready, takes, fits, would }, minutes }: { lesson: Lesson; minutes: number }) {
  return (
    <section aria-label="The class at work" className="flex flex-col gap-2">
      <Notice tone={fits ? 'plain' : 'breaks'}>{fits ? `It takes ${takes} of ${minutes} minutes.` : `It does not fit: ${would.join('; ')}.`}</Notice>
      {ready.length > 0 && (
        <div>
          <h3 className="font-semibold">Stands ready before the class</h3>
          <ul className="list-disc pl-5">
            {ready.map(({ id, label, minutes: long, grams }) => (
              <li key={id}>
                {label} ({grams > 0 ? `${Math.round(grams)} g, ` : ''}
                {long} min)
              </li>
            ))}
          </ul>
        </div>
      )}
      <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
        {work.map(({ seat, tasks, minutes: busy }) => (
          <div key={seat} className="contents">
            <dt className="font-semibold">
              {seat === TEACHER ? 'Teacher' : seat} <span className="font-normal text-kale-soft">{Math.round(busy)} min</span>
            </dt>
            <dd>{tasks.length === 0 ? 'nothing that can be done: a second hand, a taster' : tasks.map(({ label }) => label).join(' · ')}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}

/** L1, L2, ...: the first that is free. */
function nextSeat(taken: readonly string[]): string {
  let number = 1;
  while (taken.includes(`L${number}`)) number += 1;
  return `L${number}`;
}
