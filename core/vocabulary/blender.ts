/**
 * What a kitchen blends with, and what that asks of a smooth soup, of a full pot and of nuts. One row each; common practice, no source.
 */
export interface BlenderRow {
  label: string;
  /** What it takes for a puree without pieces: a sieve always, a sieve where there are seeds, or no puree without one. */
  smooth: 'sieve' | 'sieveSeeds' | 'mashes';
  /** It has a jar, which takes the pot in batches. */
  jar: boolean;
  /** Work of a cream of whole nuts or seeds beside that of the swap, in its unit; null where none comes of it. */
  nuts: number | null;
  /** Said of such a cream. */
  nutsSay?: string;
}

const ROWS = {
  stick: {
    label: 'a stick blender',
    smooth: 'sieve',
    jar: false,
    nuts: 0.3,
    nutsSay:
      'A stick blender leaves grit of nuts: soak them overnight or boil them 15 minutes, blend them with little liquid first, and pass them through a sieve.',
  },
  jug: {
    label: 'a jug blender',
    smooth: 'sieve',
    jar: true,
    nuts: 0.1,
    nutsSay: 'Soak the nuts 2 to 4 hours or boil them 15 minutes, or the cream is gritty.',
  },
  strongJug: { label: 'a strong jug blender', smooth: 'sieveSeeds', jar: true, nuts: 0 },
  masher: { label: 'a masher or a food mill', smooth: 'mashes', jar: false, nuts: null },
} as const satisfies Record<string, BlenderRow>;

export type BlenderKind = keyof typeof ROWS;
export const BLENDER_KINDS = Object.keys(ROWS) as readonly BlenderKind[];
export const blenderRow = (kind: BlenderKind): BlenderRow => ROWS[kind];

export interface Blender {
  kind: BlenderKind;
  /** A fine sieve is at hand; yes where it is not said. */
  sieve?: boolean | undefined;
  jarMl?: number | undefined;
}

/** A jar of hot soup is filled to this share (common practice). */
const JAR_FILL = 0.5;

/** How often the jar is filled for a pot; 1 for what has none, or where its size is not known. */
export const batchesOf = ({ kind, jarMl }: Blender, potMl: number): number =>
  blenderRow(kind).jar && jarMl ? Math.max(1, Math.ceil(potMl / (jarMl * JAR_FILL))) : 1;
