import type { RegimeId } from '../../../core/regime/regime.ts';
import { usePlan } from '../../api/cook.ts';
import { useSettings } from '../../api/queries.ts';
import { Notice } from '../../ui/state.tsx';
import { kitchenOf } from '../plan/houseKitchen.ts';
import type { AnalysedPot } from './DayPots.tsx';

/** Soups a plan takes at once. */
const MOST = 6;

/** When each pot is begun and what is done, backwards from the hour of serving. */
export function DaySchedule({ date, serveAt, pots, regime }: { date: string; serveAt: string; pots: readonly AnalysedPot[]; regime: RegimeId }) {
  const { data: settings } = useSettings();
  const shown = pots.slice(0, MOST);
  const plan = usePlan(
    settings && shown.length > 0
      ? {
          soups: shown.map(({ recipe, bowls }) => ({ recipe, servings: bowls })),
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
      {shown.length > 1 && (
        <p className="text-sm text-kale-soft">
          Each pot is planned with all its steps; what they share before they part is made once, and saves its minutes.
        </p>
      )}
      {pots.length > MOST && (
        <Notice tone="check">
          The first {MOST} of {pots.length} pots are planned.
        </Notice>
      )}
      <table className="w-full text-sm">
        <caption className="sr-only">What is done when, pot by pot</caption>
        <thead className="text-left text-kale-soft">
          <tr>
            <th scope="col" className="w-24 font-normal">
              at
            </th>
            <th scope="col" className="w-16 font-normal">
              pot
            </th>
            <th scope="col" className="font-normal">
              what
            </th>
            <th scope="col" className="w-20 text-right font-normal">
              minutes
            </th>
          </tr>
        </thead>
        <tbody>
          {tasks.map((task) => (
            <tr key={task.id} className="border-t border-line/60 align-top break-inside-avoid">
              <td className="whitespace-nowrap">{hour(task.start)}</td>
              <td>{shown[task.soup ?? 0]?.number}</td>
              <th scope="row" className="text-left font-normal">
                {task.label}
              </th>
              <td className="text-right">{Math.round(task.end - task.start)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
