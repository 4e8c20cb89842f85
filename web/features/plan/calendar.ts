/** A plan as a calendar file (RFC 5545): one entry a task, with what it takes. */
import { createEvents, type EventAttributes } from 'ics';
import type { PlanReply } from '../../../core/plan/plan.ts';

const MS = 60_000;
const parts = (at: Date): [number, number, number, number, number] => [
  at.getUTCFullYear(),
  at.getUTCMonth() + 1,
  at.getUTCDate(),
  at.getUTCHours(),
  at.getUTCMinutes(),
];

/** Throws where the package refuses an entry. `titles` are those of the soups, by their place. */
export function calendarOf({ tasks, startAt }: PlanReply, titles: readonly string[]): string {
  const start = Date.parse(startAt);
  const events = tasks.map(
    (task): EventAttributes => ({
      uid: `${start}-${task.id}@kind-ladle`,
      title: task.label,
      start: parts(new Date(start + task.start * MS)),
      startInputType: 'utc',
      duration: { minutes: task.end - task.start },
      description: `${titles[task.soup ?? 0] ?? ''}${task.resources.length > 0 ? `: ${task.resources.join(', ')}` : ''}`,
      productId: 'kind-ladle',
    }),
  );
  const { error, value } = createEvents(events);
  if (error || !value) throw error ?? new Error('no calendar came of it');
  return value;
}
