/** Soups, drafts and versions as SQLite stores them, turned into domain values here and nowhere else. */
import type { Knex } from 'knex';
import type { DraftBody, FoodUse, SoupSummary, VersionBody, VersionDigest, VersionSummary } from '../../contract/types.ts';
import type { Recipe } from '../../core/vocabulary/recipe.ts';

/** Sets of keys are kept as lists. */
const setsAsLists = (_: string, value: unknown): unknown => (value instanceof Set ? [...value] : value);

/** A version with the food rows it was computed from. */
export interface VersionRecord extends VersionBody {
  foods: unknown;
  digest: VersionDigest;
}

interface SoupRow {
  id: string;
  title: string;
  revision: number;
  archived: number;
  created_at: string;
  updated_at: string;
}

interface DraftRow {
  soup_id: string;
  recipe: string;
  needs: string;
  based_on: string | null;
  notes: string | null;
  revision: number;
  updated_at: string;
}

interface VersionRow {
  id: string;
  soup_id: string;
  number: number;
  name: string;
  reason: string;
  created_at: string;
  recipe: string;
  needs: string;
  analysis: string;
  foods: string;
  data_version: string;
  summary: string;
  notes: string | null;
}

const SUMMARY = ['id', 'soup_id', 'number', 'name', 'reason', 'created_at', 'summary'] as const;
type SummaryRow = Pick<VersionRow, (typeof SUMMARY)[number]>;

const notesOf = ({ notes }: { notes: string | null }) => (notes === null ? {} : { notes: JSON.parse(notes) });
const toSummary = ({ id, number, name, reason, created_at, summary }: SummaryRow): VersionSummary => ({
  id,
  number,
  name,
  reason,
  createdAt: created_at,
  ...JSON.parse(summary),
});
const toSoup = (row: SoupRow, versions: VersionSummary[]): SoupSummary => ({
  id: row.id,
  title: row.title,
  revision: row.revision,
  archived: row.archived === 1,
  updatedAt: row.updated_at,
  versions,
});
const toVersion = (row: VersionRow): VersionBody => ({
  id: row.id,
  number: row.number,
  name: row.name,
  reason: row.reason,
  createdAt: row.created_at,
  recipe: JSON.parse(row.recipe),
  needs: JSON.parse(row.needs),
  analysis: JSON.parse(row.analysis),
  dataVersion: row.data_version,
  ...notesOf(row),
});

export const soupReader = (db: Knex) => ({
  async all(): Promise<SoupSummary[]> {
    const soups = await db<SoupRow>('soups').orderBy([{ column: 'updated_at', order: 'desc' }, 'id']);
    const versions: SummaryRow[] = await db<VersionRow>('versions')
      .select(...SUMMARY)
      .orderBy('number');
    return soups.map((soup) => toSoup(soup, versions.filter((version) => version.soup_id === soup.id).map(toSummary)));
  },
  async one(id: string): Promise<SoupSummary | null> {
    const row = await db<SoupRow>('soups').where({ id }).first();
    if (!row) return null;
    const versions: SummaryRow[] = await db<VersionRow>('versions')
      .select(...SUMMARY)
      .where({ soup_id: id })
      .orderBy('number');
    return toSoup(row, versions.map(toSummary));
  },
  async draft(soupId: string): Promise<DraftBody | null> {
    const row = await db<DraftRow>('drafts').where({ soup_id: soupId }).first();
    return row
      ? { recipe: JSON.parse(row.recipe), needs: JSON.parse(row.needs), basedOn: row.based_on, revision: row.revision, ...notesOf(row) }
      : null;
  },
  /** Soups that have the food, by title, with 'draft' and the names of the versions. */
  async usesOf(foodId: string): Promise<FoodUse[]> {
    // The document is narrowed down as text and read as what it is.
    const text = `%${JSON.stringify(foodId).replaceAll(/[%_\\]/g, '\\$&')}%`;
    const drafts = await db<DraftRow>('drafts').select('soup_id', 'recipe').whereRaw("recipe like ? escape '\\'", [text]);
    const versions = await db<VersionRow>('versions')
      .select('soup_id', 'name', 'recipe')
      .whereRaw("recipe like ? escape '\\'", [text])
      .orderBy('number');
    const has = ({ recipe }: { recipe: string }) => (JSON.parse(recipe) as Recipe).lines.some((line) => line.foodId === foodId);
    const names = new Map<string, string[]>();
    const add = (soupId: string, name: string) => names.set(soupId, [...(names.get(soupId) ?? []), name]);
    for (const draft of drafts.filter(has)) add(draft.soup_id, 'draft');
    for (const version of versions.filter(has)) add(version.soup_id, version.name);
    const soups = await db<SoupRow>('soups')
      .whereIn('id', [...names.keys()])
      .orderBy(['title', 'id']);
    return soups.map(({ id, title }) => ({ id, title, versions: names.get(id) as string[] }));
  },
  /** By number or by id. */
  async version(soupId: string, key: string): Promise<VersionBody | null> {
    const row = await db<VersionRow>('versions')
      .where({ soup_id: soupId })
      .andWhere((by) => by.where({ id: key }).orWhere({ number: Number(key) || -1 }))
      .first();
    return row ? toVersion(row) : null;
  },
});

export const soupWriter = (trx: Knex.Transaction) => ({
  ...soupReader(trx),
  async insertSoup(id: string, title: string, now: string): Promise<void> {
    await trx<SoupRow>('soups').insert({ id, title, revision: 1, archived: 0, created_at: now, updated_at: now });
  },
  async updateSoup(id: string, changes: { title?: string; archived?: boolean }, revision: number, now: string): Promise<void> {
    await trx<SoupRow>('soups')
      .where({ id })
      .update({
        ...(changes.title === undefined ? {} : { title: changes.title }),
        ...(changes.archived === undefined ? {} : { archived: changes.archived ? 1 : 0 }),
        revision,
        updated_at: now,
      });
  },
  async touchSoup(id: string, now: string): Promise<void> {
    await trx<SoupRow>('soups').where({ id }).update({ updated_at: now });
  },
  async putDraft(soupId: string, draft: DraftBody, now: string): Promise<void> {
    const row: DraftRow = {
      soup_id: soupId,
      recipe: JSON.stringify(draft.recipe),
      needs: JSON.stringify(draft.needs),
      based_on: draft.basedOn,
      notes: draft.notes ? JSON.stringify(draft.notes) : null,
      revision: draft.revision,
      updated_at: now,
    };
    await trx<DraftRow>('drafts').insert(row).onConflict('soup_id').merge();
  },
  async insertVersion(soupId: string, version: VersionRecord): Promise<void> {
    await trx<VersionRow>('versions').insert({
      id: version.id,
      soup_id: soupId,
      number: version.number,
      name: version.name,
      reason: version.reason,
      created_at: version.createdAt,
      recipe: JSON.stringify(version.recipe),
      needs: JSON.stringify(version.needs),
      analysis: JSON.stringify(version.analysis),
      foods: JSON.stringify(version.foods, setsAsLists),
      data_version: version.dataVersion,
      summary: JSON.stringify(version.digest),
      notes: version.notes ? JSON.stringify(version.notes) : null,
    });
  },
});

export type SoupReader = ReturnType<typeof soupReader>;
export type SoupWriter = ReturnType<typeof soupWriter>;
