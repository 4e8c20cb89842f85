/** What the kitchen does with its soups. Every write of more than one row is one transaction. Knows no HTTP. */
import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { Problem } from '../../contract/problems.ts';
import type { DraftBody, FoodUse, NewVersion, Settings, SoupSummary, VersionBody, VersionDigest } from '../../contract/types.ts';
import { analyse } from '../../core/analysis/analysis.ts';
import type { PriceList } from '../../core/bowl/cost.ts';
import { OWN_FOOD, type Shelf } from '../../core/food/shelf.ts';
import { DATA_VERSION } from '../../core/food/version.ts';
import { judgeNeeds } from '../../core/swap/verdict.ts';
import type { Recipe } from '../../core/vocabulary/recipe.ts';
import { settingsReader, settingsWriter } from '../repositories/settings.ts';
import { type SoupWriter, soupReader, soupWriter } from '../repositories/soups.ts';
import type { KitchenShelf } from './shelf.ts';

export type Clock = () => Date;

export interface Kitchen {
  soups(): Promise<SoupSummary[]>;
  soup(id: string): Promise<SoupSummary>;
  addSoup(title: string, recipe: Recipe): Promise<SoupSummary>;
  changeSoup(id: string, changes: { title?: string; archived?: boolean; revision: number }): Promise<SoupSummary>;
  draft(soupId: string): Promise<DraftBody>;
  saveDraft(soupId: string, draft: DraftBody): Promise<DraftBody>;
  version(soupId: string, key: string): Promise<VersionBody>;
  versions(soupId: string): Promise<VersionBody[]>;
  keepVersion(soupId: string, version: NewVersion): Promise<VersionBody>;
  /** Soups whose draft or versions have the food. */
  usesOf(foodId: string): Promise<FoodUse[]>;
  settings(): Promise<Settings>;
  saveSettings(settings: Omit<Settings, 'revision'> & { revision?: number }): Promise<Settings>;
}

/** `prices` are those a kept version is reckoned with. */
export function makeKitchen(db: Knex, shelf: KitchenShelf, clock: Clock, prices: () => Promise<PriceList | undefined>): Kitchen {
  const read = soupReader(db);
  const write = <T>(work: (writer: SoupWriter) => Promise<T>): Promise<T> => db.transaction((trx) => work(soupWriter(trx)));
  const now = () => clock().toISOString();

  return {
    soups: () => read.all(),
    soup: async (id) => found(await read.one(id), 'soup', id),
    addSoup: (title, recipe) =>
      write(async (writer) => {
        const id = randomUUID();
        await writer.insertSoup(id, title, now());
        await writer.putDraft(id, { recipe, needs: {}, basedOn: null, revision: 1 }, now());
        return found(await writer.one(id), 'soup', id);
      }),
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
        const saved = { ...draft, revision: current.revision + 1 };
        await writer.putDraft(soupId, saved, now());
        await writer.touchSoup(soupId, now());
        return saved;
      }),
    version: async (soupId, key) => withChange(found(await read.version(soupId, key), 'version', key), shelf.now()),
    versions: async (soupId) => {
      const soup = found(await read.one(soupId), 'soup', soupId);
      const kept = await Promise.all(soup.versions.map(({ id }) => read.version(soupId, id)));
      return kept.filter((version) => version !== null).map((version) => withChange(version, shelf.now()));
    },
    keepVersion: async (soupId, { name, reason, recipe, needs, notes }) => {
      // Read before the transaction: inside it the one connection is taken.
      const list = await prices();
      return write(async (writer) => {
        const soup = found(await writer.one(soupId), 'soup', soupId);
        const number = 1 + Math.max(0, ...soup.versions.map((version) => version.number));
        const version = {
          id: randomUUID(),
          number,
          name,
          reason,
          createdAt: now(),
          recipe,
          needs,
          analysis: analyse(recipe, { ...needs, prices: list }, shelf.now()),
          ...(notes ? { notes } : {}),
          dataVersion: DATA_VERSION,
        };
        const foods = recipe.lines.map(({ foodId }) => (foodId === null ? null : shelf.now().food(foodId))).filter(Boolean);
        await writer.insertVersion(soupId, { ...version, foods, digest: digestOf(version, shelf.now()) });
        await writer.touchSoup(soupId, now());
        return version;
      });
    },
    usesOf: (foodId) => read.usesOf(foodId),
    settings: () => settingsReader(db).get(),
    saveSettings: (settings) =>
      db.transaction(async (trx) => {
        const writer = settingsWriter(trx);
        const current = await writer.get();
        if (settings.revision !== undefined) refuseStale(settings.revision, current);
        const saved = { ...settings, revision: current.revision + 1 };
        await writer.put(saved);
        return saved;
      }),
  };
}

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

function digestOf({ recipe, needs, analysis }: VersionBody, shelf: Shelf): VersionDigest {
  const verdicts = judgeNeeds(needs, { recipe, analysis, original: { recipe, analysis }, categoryOf: (id) => shelf.food(id)?.category });
  const having = (state: string) => analysis.allergens.filter((allergen) => allergen.state === state).map(({ id }) => id);
  return {
    contains: having('contains'),
    checks: having('check'),
    energyKcal: analysis.perServing.energyKcal.value,
    sodiumMg: analysis.perServing.sodiumMg.value,
    asked: verdicts.length,
    met: verdicts.filter(({ state }) => state === 'meets' || state === 'likely').length,
  };
}

/** A kept version never changes; when today's rows would give other figures it says so. */
function withChange(version: VersionBody, shelf: Shelf): VersionBody {
  const own = version.recipe.lines.some(({ foodId }) => foodId?.startsWith(OWN_FOOD));
  if (version.dataVersion === DATA_VERSION && !own) return version;
  const known = version.recipe.lines.every(({ foodId }) => foodId === null || shelf.food(foodId));
  const today = known ? analyse(version.recipe, version.needs, shelf).perServing : null;
  const changed = today === null || JSON.stringify(today) !== JSON.stringify(version.analysis.perServing);
  return changed ? { ...version, numbersChanged: true } : version;
}
