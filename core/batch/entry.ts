/** What is written down while a soup is cooked. An entry is never changed; a mistake is struck by another, which says why. */
import type { Container } from '../plan/slab.ts';
import type { Stage } from '../vocabulary/recipe.ts';

interface Noted {
  /** The writer's own, so that what is sent twice is kept once. */
  id: string;
  /** An instant, ISO 8601. */
  at: string;
  /** A cook's code, never a name. */
  by?: string | undefined;
}

export const KEEPS = ['chilled', 'frozen'] as const;
export type Keep = (typeof KEEPS)[number];

export type Entry = Noted &
  (
    | { kind: 'step'; stepId: string; note?: string | undefined }
    /** What a line really weighed as it went in; for one bowl where the line is. */
    | { kind: 'weighed'; lineId: string; grams: number }
    | { kind: 'added'; foodId: string; grams: number; stage?: Stage | undefined; text?: string | undefined }
    | { kind: 'instead'; lineId: string; foodId: string; grams: number; text?: string | undefined }
    | { kind: 'left'; lineId: string }
    | { kind: 'reading'; device?: string | undefined; celsius?: number | undefined; grams?: number | undefined }
    | { kind: 'tasting'; seat?: string | undefined; text: string }
    /** Left of 10 ml in the syringe after ten seconds; never a level. */
    | { kind: 'flow'; mlLeft: number; celsius?: number | undefined; text?: string | undefined }
    /** The pot weighed, without the pot itself and without toppings. */
    | { kind: 'yield'; grams: number }
    /** Bowls that were really poured, and what was left in the pot then, g. */
    | { kind: 'poured'; bowls: number; leftGrams: number }
    | { kind: 'cooling'; celsius: number; container?: Container | undefined }
    | { kind: 'portioned'; count: number; grams: number; keep: Keep }
    | { kind: 'note'; text: string }
    | { kind: 'struck'; entry: string; why: string }
  );

export type EntryKind = Entry['kind'];
type Of<K extends EntryKind> = Extract<Entry, { kind: K }>;

/** Entries that stand, by the time they are of: none that a standing entry strikes. What was sent later comes later in one minute. */
export function standing(entries: readonly Entry[]): Entry[] {
  const gone = new Set<string>();
  // The last word first: a strike that is itself struck strikes nothing.
  for (const entry of [...entries].reverse()) if (entry.kind === 'struck' && !gone.has(entry.id)) gone.add(entry.entry);
  return entries
    .filter(({ id }) => !gone.has(id))
    .map((entry, place) => ({ entry, place, at: Date.parse(entry.at) }))
    .sort((a, b) => a.at - b.at || a.place - b.place)
    .map(({ entry }) => entry);
}

export const ofKind = <K extends EntryKind>(entries: readonly Entry[], kind: K): Of<K>[] =>
  entries.filter((entry): entry is Of<K> => entry.kind === kind);
