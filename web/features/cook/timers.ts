/** Timers of a batch, several at once. They live with the browser by the hour they end, so that a reload or a hidden page moves none. */
import { create } from 'zustand';
import { persist } from 'zustand/middleware';

export interface Timer {
  id: string;
  batchId: string;
  label: string;
  minutes: number;
  /** Milliseconds of the clock. */
  endsAt: number;
  /** It was told and heard. */
  heard: boolean;
}

interface Timers {
  timers: readonly Timer[];
  start: (timer: Omit<Timer, 'id' | 'endsAt' | 'heard'>, now: number) => void;
  hear: (id: string) => void;
  more: (id: string, minutes: number, now: number) => void;
  stop: (id: string) => void;
}

const MS = 60_000;

export const useTimers = create<Timers>()(
  persist(
    (set) => ({
      timers: [],
      start: ({ batchId, label, minutes }, now) =>
        set(({ timers }) => ({
          timers: [...timers, { id: crypto.randomUUID(), batchId, label, minutes, endsAt: now + minutes * MS, heard: false }],
        })),
      hear: (id) => set(({ timers }) => ({ timers: timers.map((timer) => (timer.id === id ? { ...timer, heard: true } : timer)) })),
      more: (id, minutes, now) =>
        set(({ timers }) => ({
          timers: timers.map((timer) => (timer.id === id ? { ...timer, endsAt: Math.max(now, timer.endsAt) + minutes * MS, heard: false } : timer)),
        })),
      stop: (id) => set(({ timers }) => ({ timers: timers.filter((timer) => timer.id !== id) })),
    }),
    { name: 'kind-ladle:timers:1' },
  ),
);

/** '12:05' that is left, '-1:30' that it is over. */
export function left(endsAt: number, now: number): string {
  const seconds = Math.round((endsAt - now) / 1000);
  const of = Math.abs(seconds);
  return `${seconds < 0 ? '-' : ''}${Math.floor(of / 60)}:${String(of % 60).padStart(2, '0')}`;
}

/** Timers that are over and nobody has heard. */
export const due = (timers: readonly Timer[], now: number): Timer[] => timers.filter(({ endsAt, heard }) => !heard && endsAt <= now);
