import { useMemo } from 'react';
import { type Run, runsOf } from '../../../core/group/runs.ts';
import type { PlannedTask } from '../../../core/plan/plan.ts';
import type { RegimeId } from '../../../core/regime/regime.ts';
import { usePlan } from '../../api/cook.ts';
import { useSettings } from '../../api/queries.ts';
import { Notice } from '../../ui/state.tsx';
import { Table } from '../../ui/table.tsx';
import { kitchenOf } from '../plan/houseKitchen.ts';
import type { AnalysedPot } from './DayPots.tsx';

/** Soups a plan takes at once. */
const MOST = 6;

/** Of each soup of the day its base once, and each pot from where it parts. */
function runsOfDay(pots: readonly AnalysedPot[]): Run[] {
  const runs: Run[] = [];
  for (const soupId of new Set(pots.map((pot) => pot.soupId)))
    runs.push(
      ...runsOf(
        pots.filter((pot) => pot.soupId === soupId),
        runs.length,
      ),
    );
  return runs;
}

/** When each pot is begun and what is done, backwards from the hour of serving. */
export function DaySchedule({ date, serveAt, pots, regime }: { date: string; serveAt: string; pots: readonly AnalysedPot[]; regime: RegimeId }) {
  const { data: settings } = useSettings();
  const runs = useMemo(() => runsOfDay(pots), [pots]);
  const shown = runs.slice(0, MOST);
  const plan = usePlan(
    settings && shown.length > 0
      ? {
          soups: shown.map(({ recipe, servings, follows }) => ({ recipe, servings, ...(follows.length > 0 ? { follows } : {}) })),
          kitchen: kitchenOf(settings),
          serveAt: new Date(`${date}T${serveAt}`).toISOString(),
          regime,
        }
      : null,
  );
  if (plan.error) return <Notice tone="breaks">{plan.error.message}</Notice>;
  if (!plan.data) return <p role="status">Planning backwards from {serveAt} ...</p>;
  const { tasks, startAt, makespanMin, optimal, bound } = plan.data;
  const hour = (minutes: number) =>
    new Date(Date.parse(startAt) + minutes * 60_000).toLocaleTimeString(undefined, { hour: '2-digit', minute: '2-digit' });
  return (
    <section aria-label="Plan" className="rounded-xl border border-line bg-card p-3">
      <h2 className="text-lg">
        Begin {hour(0)}, serve {serveAt}
        {optimal ? '' : `: at most ${Math.round(makespanMin - bound)} min above the shortest there can be`}
      </h2>
      {shown.some(({ isBase }) => isBase) && (
        <p className="text-sm text-kale-soft">What the pots share is cooked once, for all of them; each goes on by itself from where it parts.</p>
      )}
      {runs.length > MOST && (
        <Notice tone="check">
          The first {MOST} of {runs.length} things to cook are planned.
        </Notice>
      )}
      <Table
        caption="What is done when, pot by pot"
        columns={[
          { head: 'at', cell: (task: PlannedTask) => hour(task.start), className: 'w-24 whitespace-nowrap' },
          { head: 'pot', cell: (task: PlannedTask) => potWords(shown[task.soup ?? 0]), className: 'w-24' },
          { head: 'what', cell: (task: PlannedTask) => task.label, isHead: true },
          { head: 'minutes', cell: (task: PlannedTask) => Math.round(task.end - task.start), isFigure: true, className: 'w-20' },
        ]}
        rows={tasks}
        keyOf={({ id }) => id}
        rowClass={() => 'break-inside-avoid'}
      />
    </section>
  );
}

const potWords = (run: Run | undefined): string => (run ? (run.isBase ? `base of ${run.pots.join(', ')}` : run.pots.join(', ')) : '');
