/** What the kitchen does with its soups. Every write of more than one row is one transaction. Knows no HTTP. */

import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { Problem } from '../../contract/problems.ts';
import type {
  AskedOfList,
  DemoHouse,
  DraftBody,
  FoodUse,
  NewVersion,
  Settings,
  SoupList,
  SoupQuery,
  SoupSummary,
  VersionBody,
  VersionDigest,
  VersionSummary,
} from '../../contract/types.ts';
import { type Analysis, analyse } from '../../core/analysis/analysis.ts';
import { type ChangedSince, changedSince } from '../../core/analysis/snapshot.ts';
import type { PriceList } from '../../core/bowl/cost.ts';
import { marketOf } from '../../core/food/market.ts';
import type { Shelf } from '../../core/food/shelf.ts';
import { DATA_VERSION } from '../../core/food/version.ts';
import { sayOfList } from '../../core/swap/facts.ts';
import { needList } from '../../core/swap/need.ts';
import type { Needs } from '../../core/swap/needs.ts';
import { type Tally, tallyOf } from '../../core/swap/tally.ts';
import { judgeNeeds } from '../../core/swap/verdict.ts';
import { foodIdsOf, type Recipe } from '../../core/vocabulary/recipe.ts';
import { factReader } from '../repositories/facts.ts';
import { settingsReader, settingsWriter } from '../repositories/settings.ts';
import { isCursor, type KeptVersion, rowHash, type SoupWriter, soupReader, soupWriter } from '../repositories/soups.ts';
import { makeFacts, type NutSettings } from './facts.ts';
import type { KitchenShelf } from './shelf.ts';

export type Clock = () => Date;

/** A soup with the versions it comes with. */
export interface HouseSoup {
  title: string;
  recipe: Recipe;
  versions: readonly NewVersion[];
}

export interface Kitchen {
  soups(query: SoupQuery): Promise<SoupList>;
  isEmpty(): Promise<boolean>;
  soup(id: string): Promise<SoupSummary>;
  /** `needs` go on its bench: the rules of the house it was read in. */
  addSoup(title: string, recipe: Recipe, needs?: Needs): Promise<SoupSummary>;
  changeSoup(id: string, changes: { title?: string; archived?: boolean; revision: number }): Promise<SoupSummary>;
  /** Puts whole soups, each with versions, into the house as one act; they are told as having come with the program. */
  addHouse(soups: readonly HouseSoup[]): Promise<void>;
  demo(): Promise<DemoHouse>;
  /** Puts the soups that came with the program away, or brings back those that were put away so. */
  showDemo(shown: boolean): Promise<DemoHouse>;
  /** Foods that soups of the house are known by. */
  mainFoods(): Promise<{ foodId: string; name: string; soups: number }[]>;
  /** Works out what versions answer needs with, where rows, labels or rules have changed. */
  freshen(): Promise<void>;
  draft(soupId: string): Promise<DraftBody>;
  saveDraft(soupId: string, draft: DraftBody): Promise<DraftBody>;
  version(soupId: string, key: string): Promise<VersionBody>;
  /** All that can be read; the numbers of those that cannot. */
  versions(soupId: string): Promise<{ versions: VersionBody[]; unreadable?: number[] }>;
  keepVersion(soupId: string, version: NewVersion): Promise<VersionBody>;
  /** What a version is called, and whether it is put aside. The last one of a soup stays. */
  labelVersion(soupId: string, key: string, label: { name: string; archived: boolean; revision: number }): Promise<VersionSummary>;
  /** Soups whose draft or versions have the food. */
  usesOf(foodId: string): Promise<FoodUse[]>;
  settings(): Promise<Settings>;
  saveSettings(settings: Settings): Promise<Settings>;
}

/** Uses of a food that are named; a food in every soup of a large house is not read out whole. */
const MOST_USES = 200;

/** `prices` are those a kept version is reckoned with. */
export function makeKitchen(db: Knex, shelf: KitchenShelf, clock: Clock, prices: () => Promise<PriceList | undefined>): Kitchen {
  const read = soupReader(db);
  const write = <T>(work: (writer: SoupWriter, trx: Knex.Transaction) => Promise<T>): Promise<T> =>
    db.transaction((trx) => work(soupWriter(trx), trx));
  const facts = makeFacts(db, shelf, (soupId, id) => read.version(soupId, id));
  const nuts = async (): Promise<NutSettings> => settingsReader(db).get();
  const now = () => clock().toISOString();
  const changes = changesByShelf((soupId, id) => read.version(soupId, id));

  const understand = async (said: string): Promise<AskedOfList> => {
    const on = shelf.now();
    const { needs, ...told } = sayOfList(said, on, (await settingsReader(db).get()).regime);
    const names = Object.fromEntries((needs.avoidFoods ?? []).map((id) => [id, on.food(id)?.name ?? id]));
    return { needs, ...told, names };
  };
  const putNew = async (writer: SoupWriter, title: string, recipe: Recipe, needs: Needs = {}, demo = false): Promise<string> => {
    const id = randomUUID();
    await writer.insertSoup(id, title, now(), demo);
    await writer.putDraft(id, { recipe, needs, basedOn: null, revision: 1 }, foodNames(recipe, shelf.now()), now());
    return id;
  };
  const keep = async (
    writer: SoupWriter,
    trx: Knex.Transaction,
    soupId: string,
    { name, reason, recipe, needs, notes }: NewVersion,
    { list, rules }: { list: PriceList | undefined; rules: NutSettings },
  ) => {
    const soup = found(await writer.one(soupId), 'soup', soupId);
    const { choices: _, ...analysis } = analyse(recipe, { ...needs, prices: list }, shelf.now());
    const version: VersionBody = {
      id: randomUUID(),
      number: 1 + Math.max(0, ...soup.versions.map((one) => one.number)),
      name,
      reason,
      createdAt: now(),
      recipe,
      needs,
      analysis,
      ...(notes ? { notes } : {}),
      dataVersion: DATA_VERSION,
    };
    const digest = digestOf(recipe, needs, analysis, shelf.now());
    const foods = foodIdsOf(recipe).flatMap((id) => shelf.now().food(id) ?? []);
    await writer.insertVersion(soupId, { ...version, foods, digest });
    await facts.put(trx, version, rules);
    await writer.touchSoup(soupId, now());
    return { ...version, labelRevision: 1, ...digest };
  };

  return {
    async soups(query) {
      if (query.after !== undefined && !isCursor(query.after))
        throw new Problem('query.invalid', 'after is no place this server gave. Begin again without it.');
      const asked = query.said === undefined ? null : await understand(query.said);
      // A guest's need that was not understood must not look as if it had been asked.
      if (asked && asked.unread.length > 0) return { soups: [], total: 0, asked };
      // Commas alone ask nothing.
      const needs = asked && needList(asked.needs).length === 0 ? undefined : (asked?.needs ?? query.needs);
      if (needs || query.mainFood !== undefined) await facts.freshen(await nuts());
      const { listed, ...page } = await read.page({ ...query, ...(needs ? { needs } : {}) }, shelf.now().day);
      const changed = new Set<string>();
      const today = new Map<string, Tally>();
      for (const version of listed) {
        const since = await changes.ofListed(version, shelf.now());
        if (since && version.isNewest) changed.add(version.soupId);
        if (since?.tally) today.set(version.id, since.tally);
      }
      const withToday = (version: VersionSummary): VersionSummary => {
        const { asked = 0, met = 0, toCheck = 0 } = today.get(version.id) ?? {};
        return asked > 0 && (met !== version.met || toCheck !== version.toCheck) ? { ...version, today: { asked, met, toCheck } } : version;
      };
      return {
        ...page,
        soups: page.soups.map((soup) => ({
          ...soup,
          versions: soup.versions.map(withToday),
          ...(changed.has(soup.id) ? { newestChanged: true } : {}),
        })),
        ...(asked ? { asked } : {}),
      };
    },
    isEmpty: () => read.isEmpty(),
    soup: async (id) => found(await read.one(id), 'soup', id),
    addSoup: (title, recipe, needs) => write(async (writer) => found(await writer.one(await putNew(writer, title, recipe, needs)), 'soup', title)),
    addHouse: async (soups) => {
      const house = { list: await prices(), rules: await nuts() };
      await write(async (writer, trx) => {
        for (const { title, recipe, versions } of soups) {
          const id = await putNew(writer, title, recipe, {}, true);
          const kept: string[] = [];
          for (const version of versions) kept.push((await keep(writer, trx, id, version, house)).id);
          // What is on the bench is the recipe it came with, whatever was made of it since.
          const draft = await writer.draft(id);
          if (draft) await writer.putDraft(id, { ...draft, basedOn: kept[0] ?? null }, foodNames(recipe, shelf.now()), now());
        }
      });
    },
    changeSoup: (id, { revision, ...changes }) =>
      write(async (writer) => {
        const soup = found(await writer.one(id), 'soup', id);
        refuseStale(revision, soup);
        await writer.updateSoup(id, changes, soup.revision + 1, now());
        return found(await writer.one(id), 'soup', id);
      }),
    draft: async (soupId) => found(await read.draft(soupId), 'soup', soupId),
    saveDraft: (soupId, draft) =>
      write(async (writer) => {
        const current = found(await writer.draft(soupId), 'soup', soupId);
        refuseStale(draft.revision, current);
        if (draft.basedOn !== null && draft.basedOn !== current.basedOn) await mustHave(writer, soupId, draft.basedOn);
        const saved = { ...draft, revision: current.revision + 1 };
        await writer.putDraft(soupId, saved, foodNames(draft.recipe, shelf.now()), now());
        await writer.touchSoup(soupId, now());
        return saved;
      }),
    version: async (soupId, key) => changes.told(found(await read.version(soupId, key), 'version', key), shelf.now()),
    versions: async (soupId) => {
      const soup = found(await read.one(soupId), 'soup', soupId);
      const versions: VersionBody[] = [];
      const unreadable: number[] = [];
      for (const { id, number } of soup.versions)
        try {
          const version = await read.version(soupId, id);
          if (version) versions.push(changes.told(version, shelf.now()));
        } catch {
          // One that cannot be read must not take the others along; opened by itself it says why.
          unreadable.push(number);
        }
      return { versions, ...(unreadable.length > 0 ? { unreadable } : {}) };
    },
    keepVersion: async (soupId, version) => {
      // Read before the transaction: inside it the one connection is taken.
      const house = { list: await prices(), rules: await nuts() };
      return write((writer, trx) => keep(writer, trx, soupId, version, house));
    },
    labelVersion: (soupId, key, { name, archived, revision }) =>
      write(async (writer) => {
        const { versions } = found(await writer.one(soupId), 'soup', soupId);
        const version = found(versions.find(({ id, number }) => id === key || String(number) === key) ?? null, 'version', key);
        const { labelRevision = 1 } = version;
        if (revision !== labelRevision)
          throw new Problem('revision.stale', `You changed revision ${revision}; revision ${labelRevision} has been saved since.`, {
            current: version,
          });
        if (archived && versions.every((one) => one.archived || one.id === version.id))
          throw new Problem('value.notAllowed', 'The last version of a soup stays. Archive the soup instead.', {
            errors: [{ path: '/archived', code: 'value.notAllowed', message: 'archive the soup instead' }],
          });
        await writer.putLabel(soupId, version.id, { name, archived, revision: labelRevision + 1 });
        await writer.touchSoup(soupId, now());
        return found((await writer.one(soupId))?.versions.find(({ id }) => id === version.id) ?? null, 'version', key);
      }),
    demo: () => read.demo(),
    showDemo: (shown) =>
      write(async (writer) => {
        await writer.showDemo(shown, now());
        return writer.demo();
      }),
    mainFoods: async () => {
      await facts.freshen(await nuts());
      const foods = await factReader(db).mainFoods();
      return foods
        .map((one) => ({ ...one, name: shelf.now().food(one.foodId)?.name ?? one.foodId }))
        .sort((one, other) => one.name.localeCompare(other.name));
    },
    freshen: async () => facts.freshen(await nuts()),
    usesOf: (foodId) => read.usesOf(foodId, MOST_USES),
    settings: () => settingsReader(db).get(),
    saveSettings: async (settings) => {
      const saved = await db.transaction(async (trx) => {
        const writer = settingsWriter(trx);
        const current = await writer.get();
        refuseStale(settings.revision, current);
        const saved = { ...settings, revision: current.revision + 1 };
        await writer.put(saved);
        return saved;
      });
      shelf.put({ market: marketOf(saved) });
      return saved;
    },
  };
}

async function mustHave(writer: SoupWriter, soupId: string, versionId: string): Promise<void> {
  const soup = await writer.one(soupId);
  if (!soup?.versions.some(({ id }) => id === versionId))
    throw new Problem('value.notAllowed', `This soup has no version ${versionId} to be based on.`, {
      errors: [{ path: '/basedOn', code: 'value.notAllowed', message: 'name a version of this soup, or null' }],
    });
}

/** What the foods of a recipe are called, for the search of soups. */
const foodNames = ({ lines }: Recipe, shelf: Shelf): string =>
  [
    ...new Set(
      lines.flatMap(({ foodId, text }) => (foodId === null ? text : [shelf.food(foodId)?.name ?? '', ...(shelf.food(foodId)?.aliases ?? [])])),
    ),
  ].join(', ');

function found<T>(value: T | null, what: string, key: string): T {
  if (value === null) throw new Problem('notFound', `There is no ${what} ${key}.`);
  return value;
}

function refuseStale(revision: number, current: { revision: number }): void {
  if (revision !== current.revision)
    throw new Problem(
      'revision.stale',
      `You changed revision ${revision}; revision ${current.revision} has been saved since. Merge and save again.`,
      { current },
    );
}

function digestOf(recipe: Recipe, needs: VersionBody['needs'], analysis: Analysis, shelf: Shelf): VersionDigest {
  const verdicts = judgeNeeds(needs, { recipe, analysis, original: { recipe, analysis }, shelf });
  const { asked, met, toCheck } = tallyOf(verdicts);
  const having = (state: string) => analysis.allergens.filter((allergen) => allergen.state === state).map(({ id }) => id);
  return {
    contains: having('contains'),
    checks: having('check'),
    energyKcal: analysis.perServing.energyKcal.value,
    sodiumMg: analysis.perServing.sodiumMg.value,
    asked,
    met,
    toCheck,
  };
}

type Dated = Pick<KeptVersion, 'id' | 'dataVersion' | 'foods'>;

/**
 * Whether kept versions are still seen as they were kept. A version never changes; when today's rows, labels or rules would give other
 * figures, allergens or diets, it says so. Only where a row or a rule has changed is anything worked out, once for each shelf.
 */
function changesByShelf(readVersion: (soupId: string, id: string) => Promise<KeptVersion | null>) {
  const byShelf = new WeakMap<Shelf, Map<string, { since: ChangedSince | null; gone: string[]; tally?: Tally }>>();
  const sameRows = ({ dataVersion, foods }: Dated, shelf: Shelf): boolean =>
    dataVersion === DATA_VERSION &&
    foods.every(([id, hash]) => {
      const food = shelf.food(id);
      return food !== undefined && rowHash(food) === hash;
    });
  const workedOut = (version: KeptVersion, shelf: Shelf) => {
    let known = byShelf.get(shelf);
    if (!known) byShelf.set(shelf, (known = new Map()));
    let change = known.get(version.id);
    if (!change) {
      const gone = [...new Set(version.recipe.lines.flatMap(({ foodId }) => (foodId === null || shelf.food(foodId) ? [] : foodId)))];
      if (gone.length > 0) change = { since: null, gone };
      else {
        const { recipe, needs } = version;
        const analysis = analyse(recipe, needs, shelf);
        const tally = tallyOf(judgeNeeds(needs, { recipe, analysis, original: { recipe, analysis }, shelf }));
        change = { since: changedSince(version.analysis, analysis), gone, tally };
      }
      known.set(version.id, change);
    }
    return change;
  };
  return {
    /** The version as it is sent, with what has changed since. */
    told(kept: KeptVersion, shelf: Shelf): VersionBody {
      const { foods, ...version } = kept;
      if (sameRows(kept, shelf)) return version;
      const { since, gone } = workedOut(kept, shelf);
      if (gone.length > 0) return { ...version, numbersChanged: true, foodsGone: gone };
      return since ? { ...version, numbersChanged: true, changedSince: since } : version;
    },
    /** Of a version in a list: null while it is as it was kept; else how it stands to its needs today, where it can still be worked out. */
    async ofListed(listed: Dated & { soupId: string }, shelf: Shelf): Promise<{ tally?: Tally } | null> {
      if (sameRows(listed, shelf)) return null;
      const known = byShelf.get(shelf)?.get(listed.id);
      const version = known ? null : await readVersion(listed.soupId, listed.id).catch(() => null);
      if (!known && !version) return null;
      const { since, gone, tally } = known ?? workedOut(version as KeptVersion, shelf);
      return since === null && gone.length === 0 ? null : tally ? { tally } : {};
    },
  };
}
