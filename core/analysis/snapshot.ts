/**
 * The analysis of a kept version, read back whatever release kept it. A snapshot carries the number of its shape; one reader for each
 * shape that was ever released brings it to today's. What did not exist when it was kept is *not known*: a state of its own, never
 * absent and never nought.
 */
import type { AllergenState, AllergenVerdict } from '../allergen/board.ts';
import type { DietState, DietVerdict } from '../allergen/diets.ts';
import type { Scoped } from '../allergen/findings.ts';
import { ALLERGENS, type AllergenId, DIETS, type DietId } from '../vocabulary/allergens.ts';
import { NUTRIENTS, type Nutrient } from '../vocabulary/nutrient.ts';
import type { Analysis, NutrientFigure, NutrientFigures } from './analysis.ts';

export const NOT_KNOWN = 'notKnown';
export type NotKnown = typeof NOT_KNOWN;

export interface KeptAllergen extends Omit<AllergenVerdict, 'state' | 'scopes'> {
  state: AllergenState | NotKnown;
  scopes: Scoped<AllergenState | NotKnown>;
}
export interface KeptDiet extends Omit<DietVerdict, 'state' | 'scopes'> {
  state: DietState | NotKnown;
  scopes: Scoped<DietState | NotKnown>;
}
/** An analysis as it was kept: every key of today, and what was not worked out then marked so. Choices are not kept. */
export interface KeptAnalysis extends Omit<Analysis, 'allergens' | 'diets' | 'choices'> {
  allergens: KeptAllergen[];
  diets: KeptDiet[];
}

/** The shape that is written now. 1: whole analyses with the alternatives of every choice. 2: without them. */
export const SNAPSHOT_SHAPE = 2;

/** Thrown for a snapshot that no reader here understands. */
export class SnapshotError extends Error {
  constructor(message: string) {
    super(message);
    this.name = 'SnapshotError';
  }
}

type Document = Partial<Analysis> & Record<string, unknown>;

/** One reader a released shape, each to the next; a released one is never edited. */
const READERS: Readonly<Record<number, (document: Document) => Document>> = {
  1: ({ choices: _, ...document }) => document,
  2: (document) => document,
};

/** What a version of the shape says today. Throws a SnapshotError when it is of a later shape, or no analysis. */
export function readSnapshot(shape: number, document: unknown): KeptAnalysis {
  if (!Object.hasOwn(READERS, shape))
    throw new SnapshotError(`This version was kept in shape ${shape}; this program reads up to ${SNAPSHOT_SHAPE}. Open it with the newer one.`);
  if (typeof document !== 'object' || document === null || !('perServing' in document)) throw new SnapshotError('The kept figures cannot be read.');
  let read = document as Document;
  for (let at = shape; at <= SNAPSHOT_SHAPE; at += 1) read = (READERS[at] as (one: Document) => Document)(read);
  const kept = read as unknown as KeptAnalysis;
  return {
    ...kept,
    batch: wholeFigures(kept.batch),
    perServing: wholeFigures(kept.perServing),
    per100g: wholeFigures(kept.per100g),
    ...(kept.plate ? { plate: wholeFigures(kept.plate) } : {}),
    allergens: whole(ALLERGENS, kept.allergens, (id: AllergenId): KeptAllergen => ({ id, declared: false, ...UNKNOWN })),
    diets: whole(DIETS, kept.diets, (id: DietId): KeptDiet => ({ id, ...UNKNOWN })),
  };
}

const NO_COUNT = { count: null, lineIds: [] };
const UNKNOWN = {
  state: NOT_KNOWN,
  scopes: { pot: NOT_KNOWN, bowl: NOT_KNOWN, plate: NOT_KNOWN },
  fewestChanges: { pot: NO_COUNT, bowl: NO_COUNT, plate: NO_COUNT },
  because: [],
} as const satisfies Omit<KeptDiet, 'id' | 'because'> & { because: [] };

/** Today's ids in today's order, each as it was kept or not known. */
const whole = <Id extends string, V extends { id: Id }>(ids: readonly Id[], kept: readonly V[], unknown: (id: Id) => V): V[] =>
  ids.map((id) => kept.find((one) => one.id === id) ?? unknown(id));

function wholeFigures(kept: NutrientFigures): NutrientFigures {
  if (NUTRIENTS.every((key) => kept[key])) return kept;
  return Object.fromEntries(NUTRIENTS.map((key) => [key, kept[key] ?? notKept()])) as NutrientFigures;
}

const notKept = (): NutrientFigure => ({ value: 0, low: 0, high: 0, atLeast: true, missing: [], notKnown: true });

/** How today's rows, labels and rules see a kept version otherwise. */
export interface ChangedSince {
  nutrients: Nutrient[];
  allergens: { id: AllergenId; was: AllergenState | NotKnown; is: AllergenState }[];
  diets: { id: DietId; was: DietState | NotKnown; is: DietState }[];
}

/** A figure that moves by less than this share of itself is the same number. */
const SAME = 1e-9;

/** What is different between a kept analysis and the same recipe analysed today; null when nothing is. Allergens and diets by every scope. */
export function changedSince(kept: KeptAnalysis, today: Analysis): ChangedSince | null {
  const nutrients = NUTRIENTS.filter((key) => {
    const was = kept.perServing[key];
    const is = today.perServing[key];
    if (was.notKnown) return false;
    return (
      was.atLeast !== is.atLeast || (['value', 'low', 'high'] as const).some((end) => Math.abs(was[end] - is[end]) > SAME * Math.max(1, is[end]))
    );
  });
  const allergens = moved(kept.allergens, today.allergens, 'absent');
  const diets = moved(kept.diets, today.diets, 'fits');
  return nutrients.length + allergens.length + diets.length > 0 ? { nutrients, allergens, diets } : null;
}

interface Stated<Id, S> {
  id: Id;
  scopes: Scoped<S>;
}

/** The widest scope that moved speaks for the id. What was not known then and is clear today is no news. */
function moved<Id extends string, S extends string>(
  kept: readonly Stated<Id, S | NotKnown>[],
  today: readonly Stated<Id, S>[],
  clear: S,
): { id: Id; was: S | NotKnown; is: S }[] {
  return today.flatMap(({ id, scopes }) => {
    const before = kept.find((one) => one.id === id)?.scopes;
    const scope = (['bowl', 'pot', 'plate'] as const).find((at) => {
      const was = before?.[at] ?? NOT_KNOWN;
      return was !== scopes[at] && !(was === NOT_KNOWN && scopes[at] === clear);
    });
    return scope ? [{ id, was: before?.[scope] ?? NOT_KNOWN, is: scopes[scope] }] : [];
  });
}
