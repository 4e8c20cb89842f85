import { ChevronLeft, ChevronRight, Printer } from 'lucide-react';
import { Suspense, useMemo, useState } from 'react';
import { flushSync } from 'react-dom';
import { Link, useParams } from 'react-router';
import type { DayBody, GroupBody, NewDay } from '../../contract/types.ts';
import { dayAfter, isDay } from '../../core/quantity/day.ts';
import { shoppingList } from '../../core/sheet/lists.ts';
import { useDay, useDays, useSaveDay } from '../api/days.ts';
import { useGroups } from '../api/groups.ts';
import { useLarder } from '../api/house.ts';
import { useSettings } from '../api/queries.ts';
import { BeforeService } from '../features/day/BeforeService.tsx';
import { BowlCards } from '../features/day/BowlCards.tsx';
import { DayPots, useAnalysed } from '../features/day/DayPots.tsx';
import { DaySchedule } from '../features/day/DaySchedule.tsx';
import { DaySetup } from '../features/day/DaySetup.tsx';
import { Plates } from '../features/day/Plates.tsx';
import { toBuy } from '../features/day/toBuy.ts';
import { movedBy, useDayPlan } from '../features/day/useDayPlan.ts';
import { useSeats } from '../features/day/useSeats.ts';
import { WeekTable } from '../features/day/WeekTable.tsx';
import { progressWords } from '../features/groups/usePotsWork.ts';
import { stockOf } from '../features/larder/stock.ts';
import { Aisles } from '../features/sheet/Aisles.tsx';
import { useKitchen, useToday } from '../kitchen/kitchen.ts';
import { Button } from '../ui/button.tsx';
import { ScreenTitle } from '../ui/screen.tsx';
import { Failed, Notice, Waiting } from '../ui/state.tsx';

const longDay = (date: string) =>
  new Date(`${date}T12:00:00`).toLocaleDateString(undefined, { weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' });
const look = 'inline-flex min-h-8 items-center gap-1 rounded-md border border-kale-soft bg-card px-3 hover:bg-oat-deep print:hidden';

/** One lunch: who comes, what is cooked in which pots, and everything that has to be seen to before it is served. */
export function DayScreen() {
  const { date: named } = useParams();
  const today = useToday();
  const date = named !== undefined && isDay(named) ? named : today;
  const day = useDay(date);
  const groups = useGroups();
  if (day.error ?? groups.error) return <Failed error={(day.error ?? groups.error) as Error} />;
  if (!day.data || !groups.data) return <Waiting>Fetching the day ...</Waiting>;
  return (
    <div className="mx-auto flex w-full max-w-6xl flex-col gap-4 p-4 sm:p-6 print:max-w-none print:p-0">
      <div className="flex flex-wrap items-center gap-2">
        <ScreenTitle>{longDay(date)}</ScreenTitle>
        <h1 className="mr-auto font-title text-3xl">{longDay(date)}</h1>
        <Link className={look} to={`/day/${dayAfter(date, -1)}`} aria-label="The day before">
          <ChevronLeft size={16} aria-hidden />
        </Link>
        <Link className={look} to={`/day/${dayAfter(date, 1)}`} aria-label="The day after">
          <ChevronRight size={16} aria-hidden />
        </Link>
        <Link className={look} to={`/week/${date}`}>
          The week
        </Link>
        <Link className={look} to="/groups">
          Groups
        </Link>
      </div>
      <Suspense fallback={<p role="status">Fetching the foods ...</p>}>
        <Lunch key={date} day={day.data} groups={groups.data} />
      </Suspense>
    </div>
  );
}

type Paper = 'sheet' | 'cards';

function Lunch({ day, groups }: { day: DayBody; groups: GroupBody[] }) {
  const core = useKitchen();
  const { data: settings } = useSettings();
  const { data: larder = [] } = useLarder();
  const today = useToday();
  const { save, error: refused } = useSaveDay(day.date);
  const group = groups.find(({ id }) => id === day.groupId);
  const plan = useDayPlan(day, group, core);
  const [moved, setMoved] = useState<string[]>([]);
  const [paper, setPaper] = useState<Paper>('sheet');
  const { coconutIsTreeNut, chestnutIsTreeNut } = settings ?? {};
  const rules = useMemo(() => ({ coconutIsTreeNut, chestnutIsTreeNut }), [coconutIsTreeNut, chestnutIsTreeNut]);
  const pots = useAnalysed(day.worked?.pots ?? NO_POTS, core, rules);
  const seats = useSeats(pots, plan, day.beside ?? NOTHING_ELSE, core, rules);
  const regime = pots[0]?.regime ?? 'us';
  const workOut = async (changes: Partial<NewDay> = {}) => {
    const before = day.worked;
    const worked = await plan.workOut(changes);
    if (!worked) return;
    setMoved(movedBy(before, worked));
    save({ ...changes, worked });
  };
  const print = (what: Paper) => {
    flushSync(() => setPaper(what));
    window.print();
  };
  if (groups.length === 0)
    return (
      <p className="rounded-xl border border-dashed border-kale-soft p-8 text-center text-kale-soft">
        A day needs a group: who eats here, by seat.{' '}
        <Link className="underline" to="/groups/new">
          Make one
        </Link>
      </p>
    );
  return (
    <>
      <DaySetup day={day} groups={groups} plan={plan} onChange={save} />
      {refused && <Notice tone="breaks">{refused.message}</Notice>}
      <div className="flex flex-wrap items-center gap-2 print:hidden">
        <Button
          kind="main"
          disabled={plan.working || plan.present.length === 0 || plan.soups.length === 0 || plan.soups.length < day.soups.length}
          onClick={() => workOut()}
        >
          Work out the day
        </Button>
        <span role="status">{plan.working ? (plan.progress ? progressWords(plan.progress) : '') : moved.join(' ')}</span>
        {plan.working && (
          <Button kind="chip" onClick={plan.giveUp}>
            Give up
          </Button>
        )}
        {day.together.length > 0 && (
          <Button kind="chip" disabled={plan.working} onClick={() => workOut({ together: [] })}>
            Let {day.together.map((set) => set.join(' and ')).join('; ')} go again
          </Button>
        )}
        {pots.length > 0 && (
          <span className="ml-auto flex gap-2">
            <Button disabled={plan.isStale} onClick={() => print('sheet')}>
              <Printer size={16} aria-hidden /> Day sheet
            </Button>
            <Button disabled={plan.isStale} onClick={() => print('cards')}>
              <Printer size={16} aria-hidden /> Bowl cards
            </Button>
          </span>
        )}
      </div>
      {plan.failure && <Notice tone="breaks">{plan.failure}</Notice>}
      {plan.isStale && (
        <Notice tone="check">
          This was worked out before the last change of who comes, what they need or what is cooked. Work it out again before anything is cooked.
        </Notice>
      )}
      {day.worked && pots.length > 0 && (
        <>
          <div className={`flex flex-col gap-4 ${paper === 'sheet' ? '' : 'print:hidden'}`}>
            <DayPots pots={pots} worked={day.worked} together={day.together} core={core} onTogether={(together) => workOut({ together })} />
            <Plates seats={seats} beside={day.beside ?? NOTHING_ELSE} core={core} onBeside={(beside) => save({ beside })} />
            <BeforeService pots={pots} seats={seats} regime={regime} core={core} />
            <DaySchedule date={day.date} serveAt={day.serveAt} pots={pots} regime={regime} />
            <section aria-label="Shopping list" className="rounded-xl border border-line bg-card p-3">
              <h2 className="text-xl">Shopping list</h2>
              <Aisles aisles={shoppingList(toBuy(pots), core.shelf, stockOf(larder, today))} />
            </section>
          </div>
          <div className={paper === 'cards' ? '' : 'print:hidden'}>
            <h2 className="mb-2 text-xl print:hidden">Bowl cards</h2>
            <BowlCards date={day.date} seats={seats} />
          </div>
        </>
      )}
    </>
  );
}
const NOTHING_ELSE: NonNullable<DayBody['beside']> = {};
const NO_POTS: NonNullable<DayBody['worked']>['pots'] = [];

const WEEK = 7;

/** Seven days from the Monday of a day. */
export function WeekScreen() {
  const { date: named } = useParams();
  const today = useToday();
  const date = named !== undefined && isDay(named) ? named : today;
  const monday = dayAfter(date, -((new Date(`${date}T12:00:00Z`).getUTCDay() + 6) % 7));
  const dates = Array.from({ length: WEEK }, (_, at) => dayAfter(monday, at));
  const days = useDays(monday, dates.at(-1) as string);
  const groups = useGroups();
  if (days.error ?? groups.error) return <Failed error={(days.error ?? groups.error) as Error} />;
  if (!days.data || !groups.data) return <Waiting>Fetching the week ...</Waiting>;
  return (
    <div className="mx-auto flex w-full max-w-6xl flex-col gap-4 p-4 sm:p-6">
      <div className="flex flex-wrap items-center gap-2">
        <ScreenTitle>The week</ScreenTitle>
        <h1 className="mr-auto font-title text-3xl">The week of {longDay(monday)}</h1>
        <Link className={look} to={`/week/${dayAfter(monday, -WEEK)}`} aria-label="The week before">
          <ChevronLeft size={16} aria-hidden />
        </Link>
        <Link className={look} to={`/week/${dayAfter(monday, WEEK)}`} aria-label="The week after">
          <ChevronRight size={16} aria-hidden />
        </Link>
        <Button onClick={() => window.print()} className="print:hidden">
          <Printer size={16} aria-hidden /> Print
        </Button>
      </div>
      <Suspense fallback={<p role="status">Fetching the foods ...</p>}>
        <Week dates={dates} days={days.data} groups={groups.data} />
      </Suspense>
    </div>
  );
}

function Week({ dates, days, groups }: { dates: string[]; days: DayBody[]; groups: GroupBody[] }) {
  const core = useKitchen();
  return <WeekTable dates={dates} days={days} groups={groups} core={core} />;
}
