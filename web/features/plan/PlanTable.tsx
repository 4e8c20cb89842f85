import { ChevronLeft, PinOff } from 'lucide-react';
import { type PointerEvent, useState } from 'react';
import type { PlannedTask, PlanReply } from '../../../core/plan/plan.ts';
import type { Resource } from '../../../core/plan/tasks.ts';
import { Button } from '../../ui/button.tsx';
import { State } from '../../ui/state.tsx';

const WORDS: Readonly<Record<Resource, string>> = { cook: 'hands', ring: 'ring', oven: 'oven', blender: 'blender', tray: 'tray', bath: 'ice water' };
const MS = 60_000;

const clockOf = (at: Date): string => at.toLocaleTimeString(undefined, { hour: '2-digit', minute: '2-digit' });

interface Props {
  plan: PlanReply;
  titles: readonly string[];
  /** A task is to be over so many minutes before serving; null lets it go again. */
  onPin: (taskId: string, minutesBefore: number | null) => void;
}

const STEP_MIN = 5;

/** Each task with its hour, what it takes and its bar: solid with hands on it, hatched without. The bars only repeat the words. */
export function PlanTable({ plan: { tasks, startAt, makespanMin }, titles, onPin }: Props) {
  const start = Date.parse(startAt);
  const many = titles.length > 1;
  return (
    <table className="w-full text-sm">
      <caption className="sr-only">The plan, task by task</caption>
      <thead className="text-left text-kale-soft">
        <tr>
          <th scope="col" className="w-16 font-normal">
            at
          </th>
          <th scope="col" className="font-normal">
            what
          </th>
          <th scope="col" className="w-24 text-right font-normal max-sm:hidden">
            takes
          </th>
          <th scope="col" className="w-2/5 pl-4 font-normal max-sm:hidden print:hidden">
            {Math.round(makespanMin)} minutes, from left to right; drag to have it done earlier
          </th>
          <th scope="col" className="max-sm:hidden print:hidden">
            <span className="sr-only">earlier</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {tasks.map((task) => (
          <tr key={task.id} className="border-t border-line/60 align-top break-inside-avoid">
            <td className="py-1 pr-2 whitespace-nowrap">
              <time dateTime={new Date(start + task.start * MS).toISOString()}>{clockOf(new Date(start + task.start * MS))}</time>
            </td>
            <th scope="row" className="py-1 text-left font-normal">
              {many && <span className="text-kale-soft">{titles[task.soup ?? 0]}: </span>}
              {task.label} <span className="text-kale-soft">{minutesOf(task)}</span> {task.assumed && <State tone="check">assumed</State>}
            </th>
            <td className="py-1 text-right text-kale-soft max-sm:hidden">
              {task.resources
                .map((resource) => (task.trays && task.trays > 1 && resource === 'tray' ? `${task.trays} trays` : WORDS[resource]))
                .join(', ') || 'waits'}
            </td>
            <td className="py-1 pl-4 max-sm:hidden print:hidden">
              <Bar task={task} whole={makespanMin} onDrag={(earlier) => onPin(task.id, Math.max(0, makespanMin - task.end + earlier))} />
            </td>
            <td className="py-0.5 pl-2 whitespace-nowrap max-sm:hidden print:hidden">
              <Button
                kind="chip"
                aria-label={`Five minutes earlier: ${task.label}`}
                title="five minutes earlier"
                onClick={() => onPin(task.id, makespanMin - task.end + STEP_MIN)}
              >
                <ChevronLeft size={14} aria-hidden />
              </Button>
              {task.pinned && (
                <Button
                  kind="chip"
                  className="ml-1"
                  aria-label={`Let it go again: ${task.label}`}
                  title="let it go again"
                  onClick={() => onPin(task.id, null)}
                >
                  <PinOff size={14} aria-hidden />
                </Button>
              )}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

const minutesOf = ({ start, end }: PlannedTask): string => {
  const minutes = end - start;
  return minutes >= 120 ? `${Number((minutes / 60).toFixed(1))} h` : `${minutes} min`;
};

/** Solid with hands on it, hatched without. Drawn to the left it is to be over by so much earlier; the button beside it does the same. */
function Bar({ task, whole, onDrag }: { task: PlannedTask; whole: number; onDrag: (minutesEarlier: number) => void }) {
  const [from, setFrom] = useState<number | null>(null);
  const [by, setBy] = useState(0);
  const at = (minute: number) => (100 * minute) / whole;
  const minutesOf = (event: PointerEvent<SVGSVGElement>) =>
    (whole * ((from ?? 0) - event.clientX)) / event.currentTarget.getBoundingClientRect().width;
  return (
    <svg
      viewBox="0 0 100 10"
      preserveAspectRatio="none"
      className="h-5 w-full cursor-ew-resize touch-none"
      aria-hidden
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        setFrom(event.clientX);
        setBy(0);
      }}
      onPointerMove={(event) => from !== null && setBy(Math.max(-(whole - task.end), Math.min(task.start, minutesOf(event))))}
      onPointerUp={() => {
        if (from !== null && Math.abs(by) >= 1) onDrag(Math.round(by));
        setFrom(null);
        setBy(0);
      }}
      onPointerCancel={() => {
        setFrom(null);
        setBy(0);
      }}
    >
      <defs>
        <pattern id="waits" width="2" height="10" patternUnits="userSpaceOnUse">
          <rect width="2" height="10" className="fill-squash-pale" />
          <rect width="0.7" height="10" className="fill-squash" />
        </pattern>
      </defs>
      <rect x="0" y="4.6" width="100" height="0.8" className="fill-line" />
      <rect
        x={at(task.start - by)}
        y="0"
        width={Math.max(0.8, at(task.end - task.start))}
        height="10"
        className={task.handsOn ? 'fill-squash' : ''}
        {...(task.handsOn ? {} : { fill: 'url(#waits)' })}
      />
    </svg>
  );
}
