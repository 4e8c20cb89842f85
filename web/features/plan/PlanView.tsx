import { CalendarPlus } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { CHILLS, type Chill } from '../../../core/plan/chill.ts';
import { ApiProblem } from '../../api/client.ts';
import { type PlanAsked, usePlan } from '../../api/cook.ts';
import { useOtherVersions, useSettings } from '../../api/queries.ts';
import { figure } from '../../kitchen/format.ts';
import { fileName, saveText } from '../../kitchen/textFile.ts';
import { Button } from '../../ui/button.tsx';
import { Field, Input, Select } from '../../ui/field.tsx';
import { NumberInput } from '../../ui/numberInput.tsx';
import { Notice } from '../../ui/state.tsx';
import { Tick } from '../../ui/tick.tsx';
import { useAddress, useListParam } from '../../ui/useAddress.ts';
import { Others, otherKey, otherOf } from '../compare/Others.tsx';
import { type Chosen, DRAFT } from '../sheet/useChosenVersion.ts';
import { kitchenOf } from './houseKitchen.ts';
import { LearntHere } from './LearntHere.tsx';
import { LessonPanel, useLesson } from './LessonPanel.tsx';
import { PlanTable } from './PlanTable.tsx';
import { ReadyCut } from './ReadyCut.tsx';
import { ReadyMade } from './ReadyMade.tsx';

/** Today or tomorrow at half past twelve, as the box for an hour writes it. */
export function nextLunch(now: Date): string {
  const day = new Date(now);
  if (day.getHours() >= 11) day.setDate(day.getDate() + 1);
  return `${localDay(day)}T12:30`;
}
const localDay = (day: Date): string =>
  `${day.getFullYear()}-${String(day.getMonth() + 1).padStart(2, '0')}-${String(day.getDate()).padStart(2, '0')}`;
const LEAST_BOWLS = 1;
const MOST_BOWLS = 5000;
const AHEAD_WORDS: Readonly<Record<Chill, string>> = {
  trays: 'made ahead, cooled in trays',
  bath: 'made ahead, cooled in ice water',
};
const aheadOf = (said: string | null): Chill | undefined => CHILLS.find((way) => way === said);
/** Soups of one lunch beside the first. */
const MOST_BESIDE = 5;

/** The plan of a version, and of soups beside it, backwards from the hour of serving. All that is asked lives in the address. */
export function PlanView({ chosen }: { chosen: Chosen }) {
  const { soup, recipe, version, regime } = chosen;
  const settings = useSettings();
  const [params, put] = useAddress();
  const [lunch] = useState(() => nextLunch(new Date()));
  const isCut = params.has('cut');
  const [ready, setReady] = useListParam('ready');
  const set = (key: string, value: string) =>
    put((now) => {
      if (value === '') now.delete(key);
      else now.set(key, value);
    });
  const bowls = Number(params.get('bowls')) || recipe.servings || 4;
  const at = params.get('at') ?? lunch;
  const ahead = aheadOf(params.get('ahead'));
  const beside = params.getAll('with').slice(0, MOST_BESIDE);
  const found = useOtherVersions(beside.flatMap((key) => otherOf(key) ?? []));
  const others = found.map((other) => ({ ...other, servings: other.recipe.servings ?? bowls }));
  const pins = params.getAll('pin').flatMap((text) => {
    const [task, minutes] = text.split('~');
    return task && Number(minutes) >= 0 ? [{ task, minutesBefore: Number(minutes) }] : [];
  });
  const lesson = useLesson();
  const instant = new Date(at);
  const isHour = !Number.isNaN(instant.getTime());
  const asked: PlanAsked | null =
    settings.data && isHour && bowls >= LEAST_BOWLS
      ? {
          soups: [
            { recipe, servings: bowls, ...(ahead ? { ahead } : {}) },
            ...others.map((other) => ({ recipe: other.recipe, servings: other.servings })),
          ],
          kitchen: { ...kitchenOf(settings.data), ...(isCut ? { readyCut: true } : ready.length > 0 ? { readyCut: ready } : {}) },
          ...(pins.length > 0 ? { pins } : {}),
          ...(lesson.on && lesson.asked.learners.length > 0 ? { lesson: lesson.asked } : {}),
          serveAt: instant.toISOString(),
          regime,
        }
      : null;
  const plan = usePlan(asked);
  const titles = [soup.title, ...others.map(({ soupTitle }) => soupTitle)];
  const kitchen = settings.data && kitchenOf(settings.data);
  return (
    <div className="flex flex-col gap-3">
      <p className="hidden print:block">
        {titles.join(', ')}: {figure(bowls)} bowls, {ahead ? 'portioned and in the cold by' : 'to serve at'} {instant.toLocaleString()}
      </p>
      <div className="flex flex-wrap items-end gap-3 print:hidden">
        <Field label={`Bowls of ${soup.title}`}>
          <NumberInput
            late
            value={bowls}
            min={LEAST_BOWLS}
            max={MOST_BOWLS}
            className="w-24"
            onValue={(value) => value && set('bowls', String(value))}
          />
        </Field>
        <Field label={ahead ? 'Portioned, in the cold by' : 'Serve at'}>
          <Input type="datetime-local" value={at} onChange={(event) => event.target.value && set('at', event.target.value)} />
        </Field>
        <Field label="It is">
          <Select value={ahead ?? ''} onChange={(event) => set('ahead', event.target.value)}>
            <option value="">served when it is ready</option>
            {CHILLS.map((way) => (
              <option key={way} value={way}>
                {AHEAD_WORDS[way]}
              </option>
            ))}
          </Select>
        </Field>
        <Tick checked={isCut} onChange={(cut) => set('cut', cut ? '1' : '')}>
          all comes ready cut
        </Tick>
        {!isCut && <ReadyCut recipe={recipe} share={bowls / (recipe.servings || bowls)} ready={ready} onReady={setReady} />}
        {settings.data && <ReadyMade soupId={soup.id} recipe={recipe} regime={regime} settings={settings.data} />}
        {kitchen && (
          <p className="pb-1 text-sm text-kale-soft">
            {kitchen.cooks} {kitchen.cooks === 1 ? 'cook' : 'cooks'}, {kitchen.rings} {kitchen.rings === 1 ? 'ring' : 'rings'}, {kitchen.ovens}{' '}
            {kitchen.ovens === 1 ? 'oven' : 'ovens'}, {kitchen.blenderJarMl > 0 ? `a jar of ${kitchen.blenderJarMl} ml` : 'blended in the pot'} (
            <Link className="underline" to="/settings">
              settings
            </Link>
            )
          </p>
        )}
      </div>
      <Others
        soupId={soup.id}
        chosen={others.map((other) => ({
          key: otherKey(other.soupId, other.number),
          title: other.soupTitle,
          version: `${other.number}. ${other.name}`,
        }))}
        full={beside.length >= MOST_BESIDE}
        onChosen={(keys) =>
          put((now) => {
            now.delete('with');
            for (const key of keys) now.append('with', key);
          })
        }
      />
      {plan.error && (
        <Notice tone="breaks">
          {plan.error.message}{' '}
          {plan.error instanceof ApiProblem && plan.error.problem.code === 'plan.cannot' && (
            <Link to="/settings" className="underline">
              To the settings
            </Link>
          )}
        </Notice>
      )}
      {plan.data && !plan.error && (
        <>
          <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
            <p role="status" className="mr-auto text-lg">
              Begin <strong>{dayAndHour(new Date(plan.data.startAt), instant)}</strong>, {ahead ? 'in the cold' : 'serve'} {hour(instant)}:{' '}
              {span(plan.data.makespanMin)}
              {plan.data.optimal
                ? ', and no plan of this kitchen is shorter'
                : `, at most ${Math.round(plan.data.makespanMin - plan.data.bound)} min above the shortest there can be`}
              .
            </p>
            <Button
              className="print:hidden"
              onClick={async () =>
                saveText(fileName(`plan ${soup.title}`, 'ics'), (await import('./calendar.ts')).calendarOf(plan.data, titles), 'text/calendar')
              }
            >
              <CalendarPlus size={16} aria-hidden /> To a calendar
            </Button>
            <Link
              to={`/soups/${soup.id}/cook?v=${version?.number ?? DRAFT}&bowls=${bowls}`}
              className="inline-flex min-h-7 items-center rounded-md border border-squash bg-squash px-3 font-semibold text-white hover:border-kale hover:bg-kale print:hidden"
            >
              Cook it
            </Link>
          </div>
          <section aria-label="Plan" className="rounded-xl border border-line bg-card p-3 print:border-0 print:p-0">
            <PlanTable
              plan={plan.data}
              titles={titles}
              onPin={(task, minutesBefore) =>
                put((now) => {
                  const others = now.getAll('pin').filter((text) => !text.startsWith(`${task}~`));
                  now.delete('pin');
                  for (const text of others) now.append('pin', text);
                  if (minutesBefore !== null) now.append('pin', `${task}~${Math.round(minutesBefore)}`);
                })
              }
            />
          </section>
          <LessonPanel lesson={plan.data.lesson} bowlMl={version?.analysis.servingMl ?? settings.data?.bowlMl ?? 240} />
          {(plan.data.notes.length > 0 || plan.data.cooling) && (
            <section aria-label="What to mind" className="rounded-xl border border-line bg-card p-3 break-inside-avoid">
              <h2 className="text-lg">What to mind</h2>
              <ul className="flex list-disc flex-col gap-1 pl-5">
                {plan.data.notes.map(({ code, soup: of, message }) => (
                  <li key={`${code} ${of ?? ''} ${message}`}>
                    {of === undefined ? '' : `${titles[of]}: `}
                    {message}
                  </li>
                ))}
                <LearntHere recipe={recipe} />
                {plan.data.cooling && <li>{plan.data.cooling.message}</li>}
              </ul>
            </section>
          )}
        </>
      )}
    </div>
  );
}

const hour = (at: Date): string => at.toLocaleTimeString(undefined, { hour: '2-digit', minute: '2-digit' });
const dayAndHour = (at: Date, serve: Date): string =>
  at.toDateString() === serve.toDateString() ? hour(at) : `${at.toLocaleDateString(undefined, { weekday: 'long' })} ${hour(at)}`;
const span = (minutes: number): string =>
  minutes >= 120 ? `${Math.floor(minutes / 60)} h ${Math.round(minutes % 60)} min` : `${Math.round(minutes)} minutes`;
