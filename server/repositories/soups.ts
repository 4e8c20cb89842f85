/** Soups, drafts and versions as SQLite stores them, turned into domain values here and nowhere else. */
import { createHash } from 'node:crypto';
import type { Knex } from 'knex';
import type {
  DemoHouse,
  DraftBody,
  FoodUse,
  SoupQuery,
  SoupSort,
  SoupSummary,
  VersionAnswer,
  VersionBody,
  VersionDigest,
  VersionSummary,
} from '../../contract/types.ts';
import { type KeptAnalysis, readSnapshot, SNAPSHOT_SHAPE } from '../../core/analysis/snapshot.ts';
import { rowText } from '../../core/food/rowText.ts';
import type { Needs } from '../../core/swap/needs.ts';
import type { Food } from '../../core/vocabulary/food.ts';
import type { Recipe } from '../../core/vocabulary/recipe.ts';
import { type Strictness, whereMeets } from './facts.ts';
import { packed, packedText, readable, unpacked } from './packed.ts';

/** A version as it was kept, with the rows it was computed from: [food id, hash of the row]. */
export interface KeptVersion extends VersionBody {
  foods: readonly (readonly [id: string, hash: string])[];
}

/** A version to be kept. */
export interface VersionRecord extends Omit<VersionBody, 'analysis'> {
  analysis: KeptAnalysis;
  foods: readonly Food[];
  digest: VersionDigest;
}

interface SoupRow {
  id: string;
  title: string;
  revision: number;
  archived: number;
  created_at: string;
  updated_at: string;
  title_key: string;
  /** Of the newest version, for sorting and filtering. */
  energy_kcal: number | null;
  sodium_mg: number | null;
  worked_out: number;
  /** Null for the house's own. */
  demo: 'shown' | 'hidden' | null;
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
  data_version: string;
  /** Shape of the kept analysis. */
  snapshot: number;
  foods: string;
  summary: string;
  archived: number;
  label_revision: number;
}

interface DocumentRow {
  version_id: string;
  recipe: Buffer;
  needs: string;
  analysis: Buffer;
  notes: string | null;
}

const hashes = new WeakMap<Food, string>();

/** The name of a food row by its content. */
export function rowHash(food: Food): string {
  let hash = hashes.get(food);
  if (!hash) hashes.set(food, (hash = createHash('sha256').update(rowText(food)).digest('base64url').slice(0, 22)));
  return hash;
}

/** Sorted without case and accents. */
const titleKey = (title: string): string => title.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();

const notesOf = (notes: string | null) => (notes === null ? {} : { notes: readable<Record<string, string>>(notes) ?? {} });
const toSummary = ({ id, number, name, reason, created_at, summary, archived, label_revision }: VersionRow): VersionSummary => ({
  id,
  number,
  name,
  reason,
  createdAt: created_at,
  ...(archived === 1 ? { archived: true } : {}),
  labelRevision: label_revision,
  ...readable<VersionDigest>(summary),
});
const toSoup = (row: SoupRow, versions: VersionSummary[]): SoupSummary => ({
  id: row.id,
  title: row.title,
  revision: row.revision,
  archived: row.archived === 1,
  updatedAt: row.updated_at,
  versions,
  ...(row.demo === null ? {} : { demo: true }),
});
/** What stands for a soup: its newest version that is not put aside. */
const newestOf = (rows: readonly VersionRow[]): VersionRow | undefined => rows.findLast(({ archived }) => archived === 0);
const toVersion = (row: VersionRow, document: DocumentRow): KeptVersion => ({
  ...toSummary(row),
  recipe: unpacked(document.recipe) as Recipe,
  needs: JSON.parse(document.needs) as Needs,
  analysis: readSnapshot(row.snapshot, unpacked(document.analysis)),
  dataVersion: row.data_version,
  ...notesOf(document.notes),
  foods: readable<[string, string][]>(row.foods) ?? [],
});

/** Column, direction and what stands for an unknown value, by sort. Unknown figures come last. */
const SORTS = {
  updated: { column: 'updated_at', descending: true },
  title: { column: 'title_key', descending: false },
  energy: { column: 'coalesce(energy_kcal, 1e18)', descending: false },
  sodium: { column: 'coalesce(sodium_mg, 1e18)', descending: false },
} as const satisfies Record<SoupSort, { column: string; descending: boolean }>;

/** A place in a sorted list: the value and id of the last soup shown. */
const cursorOf = (value: string | number, id: string): string => Buffer.from(JSON.stringify([value, id])).toString('base64url');
function placeOf(cursor: string): [string | number, string] | null {
  const place = readable<unknown>(Buffer.from(cursor, 'base64url').toString('utf8'));
  return Array.isArray(place) && place.length === 2 && /^(?:string|number)$/.test(typeof place[0]) && typeof place[1] === 'string'
    ? (place as [string | number, string])
    : null;
}
export const isCursor = (cursor: string): boolean => placeOf(cursor) !== null;

function groupedBy<T, K>(items: readonly T[], key: (item: T) => K): Map<K, T[]> {
  const groups = new Map<K, T[]>();
  for (const item of items) {
    const group = groups.get(key(item));
    if (group) group.push(item);
    else groups.set(key(item), [item]);
  }
  return groups;
}

/** What someone typed as words that FTS5 looks up by their beginnings; null when it holds none. */
const asWords = (text: string): string | null => {
  const words = text.match(/[\p{L}\p{N}]+/gu)?.slice(0, 12);
  return words ? words.map((word) => `"${word}"*`).join(' ') : null;
};

export interface SoupPage {
  soups: SoupSummary[];
  /** The place to go on after; absent on the last page. */
  next?: string;
  total: number;
  /** Rows of the versions that stand, for telling whether they are still so. */
  listed: { id: string; soupId: string; isNewest: boolean; foods: readonly (readonly [string, string])[]; dataVersion: string }[];
}

export const soupReader = (db: Knex) => ({
  async page({ q, without, checks, archived, needs, mainFood, larder, limit, after, sort }: SoupQuery, today: string): Promise<SoupPage> {
    const { column, descending } = SORTS[sort];
    const filtered = db<SoupRow>('soups').where({ archived: archived ? 1 : 0 });
    const words = asWords(q);
    if (q.trim() !== '') {
      if (words === null) return { soups: [], total: 0, listed: [] };
      filtered.whereRaw('id in (select soup_id from soup_numbers where number in (select rowid from soup_words where soup_words match ?))', [words]);
    }
    if (without.length > 0) {
      filtered.where({ worked_out: 1 });
      const marks = without.map(() => '?').join(', ');
      const states = checks ? "'contains'" : "'contains', 'check'";
      filtered.whereRaw(
        `not exists (select 1 from soup_allergens where soup_allergens.soup_id = soups.id and allergen in (${marks}) and state in (${states}))`,
        [...without],
      );
    }
    if (needs) {
      const does: string[] = await answering(db, needs, checks ? 'open' : 'likely')
        .distinct()
        .pluck('f.soup_id');
      filtered.whereRaw('id in (select value from json_each(?))', [JSON.stringify(does)]);
    }
    if (mainFood !== undefined) filtered.whereIn('id', unarchived(db).where({ 'f.main_food': mainFood }).select('f.soup_id'));
    if (larder) filtered.whereIn('id', takingOfLarder(db, today).select('soup_foods.soup_id'));
    const [{ total }] = (await filtered.clone().count({ total: '*' })) as unknown as [{ total: number }];
    const place = after === undefined ? null : placeOf(after);
    const way = descending ? '<' : '>';
    if (place) filtered.whereRaw(`(${column} ${way} ? or (${column} = ? and id > ?))`, [place[0], place[0], place[1]]);
    const rows: (SoupRow & { place: string | number })[] = await filtered
      .select('*', db.raw(`${column} as place`))
      .orderByRaw(`${column} ${descending ? 'desc' : 'asc'}, id`)
      .limit(limit + 1);
    const shown = rows.slice(0, limit);
    const last = shown.at(-1);
    const versions: VersionRow[] = await db<VersionRow>('versions')
      .whereIn(
        'soup_id',
        shown.map(({ id }) => id),
      )
      .orderBy(['soup_id', 'number']);
    const bySoup = groupedBy(versions, ({ soup_id }) => soup_id);
    const ids = shown.map(({ id }) => id);
    const answers = needs ? await answersOf(db, needs, ids, checks) : null;
    const uses = larder ? await larderUses(db, ids, today) : null;
    return {
      soups: shown.map((row) => ({
        ...toSoup(row, (bySoup.get(row.id) ?? []).map(toSummary)),
        ...(answers ? { answers: answers.get(row.id) ?? [] } : {}),
        ...(uses ? { uses: uses.get(row.id) ?? [] } : {}),
      })),
      ...(rows.length > limit && last ? { next: cursorOf(last.place, last.id) } : {}),
      total,
      listed: versions
        .filter(({ archived }) => archived === 0)
        .map((row) => ({
          id: row.id,
          soupId: row.soup_id,
          isNewest: newestOf(bySoup.get(row.soup_id) ?? [])?.id === row.id,
          foods: readable<[string, string][]>(row.foods) ?? [],
          dataVersion: row.data_version,
        })),
    };
  },
  /** Whether the kitchen has no soup at all, archived ones counted. */
  async isEmpty(): Promise<boolean> {
    return (await db('soups').select('id').first()) === undefined;
  },
  async demo(): Promise<DemoHouse> {
    const rows: { demo: string; soups: number }[] = await db('soups').whereNotNull('demo').groupBy('demo').select('demo').count({ soups: '*' });
    const of = (state: string) => rows.find(({ demo }) => demo === state)?.soups ?? 0;
    return { shown: of('shown'), hidden: of('hidden') };
  },
  async one(id: string): Promise<SoupSummary | null> {
    const row = await db<SoupRow>('soups').where({ id }).first();
    if (!row) return null;
    const versions: VersionRow[] = await db<VersionRow>('versions').where({ soup_id: id }).orderBy('number');
    return toSoup(row, versions.map(toSummary));
  },
  async draft(soupId: string): Promise<DraftBody | null> {
    const row = await db<DraftRow>('drafts').where({ soup_id: soupId }).first();
    return row
      ? { recipe: JSON.parse(row.recipe), needs: JSON.parse(row.needs), basedOn: row.based_on, revision: row.revision, ...notesOf(row.notes) }
      : null;
  },
  /** Soups that have the food, by title, with 'draft' and the names of the versions; no more than `most`. */
  async usesOf(foodId: string, most: number): Promise<FoodUse[]> {
    const soups = await db<SoupRow>('soups')
      .whereIn('id', db('soup_foods').select('soup_id').where({ food_id: foodId }))
      .orderBy(['title_key', 'id'])
      .limit(most);
    const uses: { soup_id: string; version_id: string; name: string | null }[] = await db('soup_foods')
      .leftJoin('versions', 'versions.id', 'soup_foods.version_id')
      .select('soup_foods.soup_id', 'soup_foods.version_id', 'versions.name')
      .where('soup_foods.food_id', foodId)
      .whereIn(
        'soup_foods.soup_id',
        soups.map(({ id }) => id),
      )
      .orderBy('versions.number');
    const bySoup = groupedBy(uses, ({ soup_id }) => soup_id);
    return soups.map(({ id, title }) => ({ id, title, versions: (bySoup.get(id) ?? []).map(({ name }) => name ?? 'draft') }));
  },
  /** By number or by id. Throws a SnapshotError when what was kept cannot be read here. */
  async version(soupId: string, key: string): Promise<KeptVersion | null> {
    const row = await db<VersionRow>('versions')
      .where({ soup_id: soupId })
      .andWhere((by) => by.where({ id: key }).orWhere({ number: /^[1-9]\d{0,8}$/.test(key) ? Number(key) : -1 }))
      .first();
    const document = row && (await db<DocumentRow>('version_documents').where({ version_id: row.id }).first());
    return row && document ? toVersion(row, document) : null;
  },
});

export const soupWriter = (trx: Knex.Transaction) => ({
  ...soupReader(trx),
  async insertSoup(id: string, title: string, now: string, demo = false): Promise<void> {
    const row = { id, title, title_key: titleKey(title), revision: 1, archived: 0, created_at: now, updated_at: now };
    await trx('soups').insert({ ...row, demo: demo ? 'shown' : null });
    const [number] = await trx('soup_numbers').insert({ soup_id: id });
    await trx('soup_words').insert({ rowid: number, title, foods: '' });
  },
  async updateSoup(id: string, changes: { title?: string; archived?: boolean }, revision: number, now: string): Promise<void> {
    const { title, archived } = changes;
    await trx<SoupRow>('soups')
      .where({ id })
      .update({
        ...(title === undefined ? {} : { title, title_key: titleKey(title) }),
        ...(archived === undefined ? {} : { archived: archived ? 1 : 0 }),
        // Brought back by hand it is shown like any other.
        ...(archived === false ? { demo: trx.raw("case demo when 'hidden' then 'shown' else demo end") as unknown as 'shown' } : {}),
        revision,
        updated_at: now,
      });
    if (title !== undefined)
      await trx('soup_words')
        .where({ rowid: numberOf(trx, id) })
        .update({ title });
  },
  async touchSoup(id: string, now: string): Promise<void> {
    await trx<SoupRow>('soups').where({ id }).update({ updated_at: now });
  },
  /** `names` are what its foods are called, for the search. */
  async putDraft(soupId: string, draft: DraftBody, names: string, now: string): Promise<void> {
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
    await putFoods(trx, soupId, '', draft.recipe);
    await trx('soup_words')
      .where({ rowid: numberOf(trx, soupId) })
      .update({ foods: names });
  },
  async insertVersion(soupId: string, version: VersionRecord): Promise<void> {
    const pairs = [...new Map(version.foods.map((food) => [food.id, food])).values()].map((food) => [food.id, rowHash(food), food] as const);
    for (const [id, hash, food] of pairs)
      await trx('food_rows')
        .insert({ hash, food_id: id, document: packedText(rowText(food)) })
        .onConflict('hash')
        .ignore();
    await trx<VersionRow>('versions').insert({
      id: version.id,
      soup_id: soupId,
      number: version.number,
      name: version.name,
      reason: version.reason,
      created_at: version.createdAt,
      data_version: version.dataVersion,
      snapshot: SNAPSHOT_SHAPE,
      foods: JSON.stringify(pairs.map(([id, hash]) => [id, hash])),
      summary: JSON.stringify(version.digest),
      archived: 0,
      label_revision: 1,
    });
    await trx<DocumentRow>('version_documents').insert({
      version_id: version.id,
      recipe: packed(version.recipe),
      needs: JSON.stringify(version.needs),
      analysis: packed(version.analysis),
      notes: version.notes ? JSON.stringify(version.notes) : null,
    });
    await putFoods(trx, soupId, version.id, version.recipe);
    await putNewest(trx, soupId);
  },
  /** What a version is called and whether it is put aside; all else of it stays as it was kept. */
  async putLabel(
    soupId: string,
    versionId: string,
    { name, archived, revision }: { name: string; archived: boolean; revision: number },
  ): Promise<void> {
    await trx<VersionRow>('versions')
      .where({ id: versionId })
      .update({ name, archived: archived ? 1 : 0, label_revision: revision });
    await trx('version_facts')
      .where({ version_id: versionId })
      .update({ archived: archived ? 1 : 0 });
    await putNewest(trx, soupId);
  },
  /** Shows the soups that came with the program, or puts away those that are shown; what was archived by hand stays where it is. */
  async showDemo(shown: boolean, now: string): Promise<void> {
    const [from, to] = shown ? (['hidden', 'shown'] as const) : (['shown', 'hidden'] as const);
    await trx<SoupRow>('soups')
      .where({ demo: from, archived: shown ? 1 : 0 })
      .update({ demo: to, archived: shown ? 0 : 1, revision: trx.raw('revision + 1'), updated_at: now });
  },
});

const unarchived = (db: Knex) => db('version_facts as f').where({ 'f.archived': 0 });

/** Versions that answer. */
function answering(db: Knex, needs: Needs, how: Strictness): Knex.QueryBuilder {
  const query = unarchived(db);
  whereMeets(query, needs, how);
  return query;
}

/** By soup, the versions that answer, the newest first, each with how surely. */
async function answersOf(db: Knex, needs: Needs, soupIds: readonly string[], open: boolean): Promise<Map<string, VersionAnswer[]>> {
  const asked = async (how: Strictness): Promise<{ id: string; soup_id: string; number: number }[]> =>
    answering(db, needs, how)
      .join('versions as v', 'v.id', 'f.version_id')
      .whereIn('f.soup_id', [...soupIds])
      .select('v.id', 'v.soup_id', 'v.number')
      .orderBy('v.number', 'desc');
  const idsOf = async (how: Strictness) => new Set((await asked(how)).map(({ id }) => id));
  const meets = await idsOf('meets');
  const likely = await idsOf('likely');
  const all = await asked(open ? 'open' : 'likely');
  return new Map(
    [...groupedBy(all, ({ soup_id }) => soup_id)].map(([soupId, rows]) => [
      soupId,
      rows.map(({ id, number }) => ({ versionId: id, number, state: meets.has(id) ? 'meets' : likely.has(id) ? 'likely' : 'cannotTell' })),
    ]),
  );
}

/** Foods of drafts and of versions that stand, where the larder has them and their day has not passed. */
const takingOfLarder = (db: Knex, today: string): Knex.QueryBuilder =>
  db('soup_foods')
    .join('larder', 'larder.food_id', 'soup_foods.food_id')
    .leftJoin('versions', 'versions.id', 'soup_foods.version_id')
    .whereRaw('coalesce(versions.archived, 0) = 0')
    .where((by) => by.whereNull('larder.use_by').orWhere('larder.use_by', '>=', today));

/** By soup, what it takes of the larder, what is to be used first before the rest. */
async function larderUses(db: Knex, soupIds: readonly string[], today: string): Promise<Map<string, { foodId: string; useBy: string | null }[]>> {
  const rows: { soup_id: string; food_id: string; use_by: string | null }[] = await takingOfLarder(db, today)
    .whereIn('soup_foods.soup_id', [...soupIds])
    .groupBy('soup_foods.soup_id', 'larder.food_id')
    .select('soup_foods.soup_id', 'larder.food_id')
    .min({ use_by: 'larder.use_by' })
    .orderByRaw("coalesce(use_by, '9999'), larder.food_id");
  return new Map(
    [...groupedBy(rows, ({ soup_id }) => soup_id)].map(([soupId, list]) => [
      soupId,
      list.map(({ food_id, use_by }) => ({ foodId: food_id, useBy: use_by })),
    ]),
  );
}

/** Writes beside the soup what its newest version shows. */
async function putNewest(trx: Knex.Transaction, soupId: string): Promise<void> {
  const rows: VersionRow[] = await trx<VersionRow>('versions').where({ soup_id: soupId }).orderBy('number');
  const newest = newestOf(rows);
  const digest = newest ? readable<VersionDigest>(newest.summary) : null;
  await trx<SoupRow>('soups')
    .where({ id: soupId })
    .update({ energy_kcal: digest?.energyKcal ?? null, sodium_mg: digest?.sodiumMg ?? null, worked_out: digest?.contains ? 1 : 0 });
  await trx('soup_allergens').where({ soup_id: soupId }).delete();
  const states = [
    ...(digest?.contains ?? []).map((allergen) => ({ allergen, state: 'contains' })),
    ...(digest?.checks ?? []).map((allergen) => ({ allergen, state: 'check' })),
  ];
  if (states.length > 0) await trx('soup_allergens').insert(states.map((one) => ({ soup_id: soupId, ...one })));
}

const numberOf = (trx: Knex.Transaction, soupId: string) => trx('soup_numbers').select('number').where({ soup_id: soupId });

/** Well below SQLite's most values in one statement. */
const BATCH = 200;

async function putFoods(trx: Knex.Transaction, soupId: string, versionId: string, { lines }: Recipe): Promise<void> {
  await trx('soup_foods').where({ soup_id: soupId, version_id: versionId }).delete();
  const ids = [...new Set(lines.flatMap(({ foodId }) => foodId ?? []))];
  for (let at = 0; at < ids.length; at += BATCH)
    await trx('soup_foods').insert(ids.slice(at, at + BATCH).map((foodId) => ({ soup_id: soupId, version_id: versionId, food_id: foodId })));
}

export type SoupReader = ReturnType<typeof soupReader>;
export type SoupWriter = ReturnType<typeof soupWriter>;
