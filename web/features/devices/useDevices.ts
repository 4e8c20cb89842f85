/** Scales and probes of the kitchen: which one this page reads, and what it shows. */
import { useMutation, useQuery } from '@tanstack/react-query';
import { useCallback, useSyncExternalStore } from 'react';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { ask } from '../../api/client.ts';

export interface DeviceInfo {
  id: string;
  kind: 'scale' | 'probe';
  name: string;
  simulated: boolean;
}

export interface DeviceReading {
  at: string;
  value: number;
  unit: 'g' | 'C';
  stable: boolean;
  fault?: 'flatBattery' | 'disconnected' | 'overRange';
}

export const FAULT_WORDS = { flatBattery: 'its battery is flat', disconnected: 'it is cut off', overRange: 'there is too much on it' } as const;

/** With this browser: it is of the table where it stands. */
export const useChosenDevices = create<{
  scale: string | null;
  probe: string | null;
  choose: (kind: DeviceInfo['kind'], id: string | null) => void;
}>()(
  persist((set) => ({ scale: null, probe: null, choose: (kind, id) => set(kind === 'scale' ? { scale: id } : { probe: id }) }), {
    name: 'kind-ladle:devices:1',
  }),
);

export const useDevices = () =>
  useQuery({ queryKey: ['devices'], queryFn: ({ signal }) => ask<DeviceInfo[]>('GET', '/api/devices', undefined, signal) });
export const useDrive = (id: string) => useMutation({ mutationFn: (command: object) => ask<DeviceReading>('POST', `/api/devices/${id}`, command) });

interface Line {
  source: EventSource;
  reading: DeviceReading | null;
  listeners: Set<() => void>;
}
/** One line a device, however many boxes show it. */
const lines = new Map<string, Line>();

function listen(id: string, listener: () => void): () => void {
  let line = lines.get(id);
  if (!line) {
    const source = new EventSource(`/api/devices/${id}/stream`);
    const made: Line = { source, reading: null, listeners: new Set() };
    const tell = (reading: DeviceReading | null) => {
      made.reading = reading;
      for (const one of made.listeners) one();
    };
    source.addEventListener('reading', ({ data }: MessageEvent<string>) => tell(JSON.parse(data) as DeviceReading));
    // A line that is cut shows nothing rather than what it showed last.
    source.onerror = () => tell(null);
    lines.set(id, (line = made));
  }
  const mine = line;
  mine.listeners.add(listener);
  return () => {
    mine.listeners.delete(listener);
    if (mine.listeners.size > 0) return;
    mine.source.close();
    lines.delete(id);
  };
}

/** What a device shows now; null while nothing comes of it, or none is chosen. */
export function useReading(id: string | null): DeviceReading | null {
  const subscribe = useCallback((listener: () => void) => (id === null ? () => undefined : listen(id, listener)), [id]);
  return useSyncExternalStore(subscribe, () => (id === null ? null : (lines.get(id)?.reading ?? null)));
}

export const readingWords = ({ value, unit, stable, fault }: DeviceReading): string =>
  fault ? FAULT_WORDS[fault] : `${value} ${unit === 'g' ? 'g' : '°C'}${stable ? '' : ' ...'}`;
