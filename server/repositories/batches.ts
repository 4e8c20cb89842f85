/** Batches and their entries as SQLite stores them. */
import type { Knex } from 'knex';
import type { Entry } from '../../core/batch/entry.ts';
import type { Needs } from '../../core/swap/needs.ts';
import type { Recipe } from '../../core/vocabulary/recipe.ts';
import { readable } from './packed.ts';

export interface KeptBatch {
  id: string;
  soupId: string;
  version: number | null;
  recipe: Recipe;
  needs: Needs;
  startedAt: string;
}

interface BatchRow {
  id: string;
  soup_id: string;
  version: number | null;
  recipe: string;
  needs: string;
  started_at: string;
}

interface EntryRow {
  number: number;
  batch_id: string;
  id: string;
  kind: string;
  document: string;
  received_at: string;
}

interface TakenRow {
  id: string;
  batch_id: string;
  entry_id: string;
  count: number;
  taken_at: string;
}

const toBatch = (row: BatchRow): KeptBatch[] => {
  const recipe = readable<Recipe>(row.recipe);
  return recipe === null
    ? []
    : [{ id: row.id, soupId: row.soup_id, version: row.version, recipe, needs: readable<Needs>(row.needs) ?? {}, startedAt: row.started_at }];
};
/** An entry that cannot be read stays in the file and in no list. */
const toEntry = ({ document }: EntryRow): Entry[] => {
  const entry = readable<Entry>(document);
  return entry === null ? [] : [entry];
};

export const batchReader = (db: Knex) => ({
  /** Newest first. */
  async all(most: number): Promise<KeptBatch[]> {
    return (
      await db<BatchRow>('batches')
        .orderBy([{ column: 'started_at', order: 'desc' }, 'id'])
        .limit(most)
    ).flatMap(toBatch);
  },
  async one(id: string): Promise<KeptBatch | null> {
    const row = await db<BatchRow>('batches').where({ id }).first();
    return row ? (toBatch(row)[0] ?? null) : null;
  },
  /** In the order they came. */
  async entries(batchId: string): Promise<Entry[]> {
    return (await db<EntryRow>('batch_entries').where({ batch_id: batchId }).orderBy('number')).flatMap(toEntry);
  },
  /** By batch, of those that have an entry of the kind. */
  async withKind(kind: Entry['kind']): Promise<string[]> {
    return (await db<EntryRow>('batch_entries').where({ kind }).distinct('batch_id')).map(({ batch_id }) => batch_id);
  },
  /** By entry that put them by, how many were taken out. */
  async taken(batchId: string): Promise<Map<string, number>> {
    const sums = new Map<string, number>();
    for (const { entry_id, count } of await db<TakenRow>('portions_taken').where({ batch_id: batchId }))
      sums.set(entry_id, (sums.get(entry_id) ?? 0) + count);
    return sums;
  },
  /** The batch of a portioned entry. */
  async batchOf(entryId: string): Promise<string | null> {
    return (await db<EntryRow>('batch_entries').where({ id: entryId, kind: 'portioned' }).first())?.batch_id ?? null;
  },
  async wasTaken(id: string): Promise<boolean> {
    return (await db<TakenRow>('portions_taken').where({ id }).first()) !== undefined;
  },
});

export const batchWriter = (trx: Knex.Transaction) => ({
  ...batchReader(trx),
  async add({ id, soupId, version, recipe, needs, startedAt }: KeptBatch): Promise<void> {
    await trx<BatchRow>('batches').insert({
      id,
      soup_id: soupId,
      version,
      recipe: JSON.stringify(recipe),
      needs: JSON.stringify(needs),
      started_at: startedAt,
    });
  },
  async take(id: string, batchId: string, entryId: string, count: number, now: string): Promise<void> {
    await trx<TakenRow>('portions_taken').insert({ id, batch_id: batchId, entry_id: entryId, count, taken_at: now });
  },
  async putBack(id: string): Promise<boolean> {
    return (await trx<TakenRow>('portions_taken').where({ id }).delete()) > 0;
  },
  async write(batchId: string, entry: Entry, now: string): Promise<void> {
    await trx<EntryRow>('batch_entries').insert({
      batch_id: batchId,
      id: entry.id,
      kind: entry.kind,
      document: JSON.stringify(entry),
      received_at: now,
    });
  },
});
