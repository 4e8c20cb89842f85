/** Batches: begun from a version, written down as they go, and the soup that really came of it. Knows no HTTP. */
import { randomUUID } from 'node:crypto';
import { dequal } from 'dequal';
import type { Knex } from 'knex';
import { Problem, type ProblemError } from '../../contract/problems.ts';
import type { BatchBody, BatchSummary, NewBatch, Portions, Settings } from '../../contract/types.ts';
import { analyse } from '../../core/analysis/analysis.ts';
import { actualRecipe, entryFaults } from '../../core/batch/actual.ts';
import { type Entry, ofKind, standing } from '../../core/batch/entry.ts';
import { type Learnt, type LearntSoftening, learntEvaporation, learntSoftening } from '../../core/batch/learnt.ts';
import { gramsOfLots, oldestDay } from '../../core/batch/made.ts';
import { daysInText, keepsUntil } from '../../core/batch/stock.ts';
import type { PriceList } from '../../core/bowl/cost.ts';
import { coolingOf } from '../../core/plan/cooling.ts';
import { scale } from '../../core/plan/scale.ts';
import { kitchenDay } from '../../core/quantity/day.ts';
import type { Needs } from '../../core/swap/needs.ts';
import type { Recipe } from '../../core/vocabulary/recipe.ts';
import { batchReader, batchWriter, type KeptBatch } from '../repositories/batches.ts';
import { madeWriter } from '../repositories/made.ts';
import type { Clock, Kitchen } from './kitchen.ts';
import type { KitchenShelf } from './shelf.ts';

export interface Batches {
  /** `startedAt`: an instant of the past, for a batch that is told afterwards. */
  begin(batch: NewBatch, startedAt?: string): Promise<Pick<BatchBody, 'id' | 'startedAt' | 'recipe'>>;
  all(): Promise<BatchSummary[]>;
  one(id: string): Promise<BatchBody>;
  /** All of them or none; what is there already is told as accepted. */
  write(id: string, entries: readonly Entry[]): Promise<{ accepted: string[]; revision: number }>;
  /** Entries from the `after`-th on. */
  entriesAfter(id: string, after: number): Promise<{ entries: Entry[]; revision: number }>;
  /** What the batches teach; null while no pot was weighed. */
  learnt(): Promise<{ evaporation: Learnt | null; softening: LearntSoftening[] }>;
  portions(): Promise<Portions[]>;
  /** Takes portions out; the same id again takes none. */
  take(entryId: string, take: { id: string; count: number }): Promise<Portions[]>;
  /** Puts back what was taken by mistake. */
  putBack(takeId: string): Promise<Portions[]>;
  /** Tells every listener of a batch what was written; returns how to stop listening. */
  listen(id: string, told: (news: { entries: Entry[]; revision: number }) => void): () => void;
}

interface Parts {
  kitchen: Pick<Kitchen, 'soup' | 'version' | 'draft' | 'settings'>;
  shelf: KitchenShelf;
  prices: () => Promise<PriceList | undefined>;
  clock: Clock;
  zone: string;
}

const MOST_LISTED = 500;
/** A batch with more entries is no batch. */
const MOST_ENTRIES = 5000;
/** Batches that are learnt from. */
const MOST_LEARNT = 40;
const MS_A_MINUTE = 60_000;

export function makeBatches(db: Knex, { kitchen, shelf, prices, clock, zone }: Parts): Batches {
  const read = batchReader(db);
  const listeners = new Map<string, Set<(news: { entries: Entry[]; revision: number }) => void>>();
  const mustBe = async (id: string, from: Pick<ReturnType<typeof batchReader>, 'one'> = read): Promise<KeptBatch> => {
    const batch = await from.one(id);
    if (!batch) throw new Problem('notFound', `There is no batch ${id}.`);
    return batch;
  };

  async function startsFrom({ soupId, version, recipe }: NewBatch): Promise<{ recipe: Recipe; needs: Needs }> {
    await kitchen.soup(soupId);
    if (version !== null) {
      const kept = await kitchen.version(soupId, String(version));
      return { recipe: recipe ?? kept.recipe, needs: kept.needs };
    }
    const draft = await kitchen.draft(soupId);
    return { recipe: recipe ?? draft.recipe, needs: draft.needs };
  }

  /** By the rules of its needs, where they name some; else by those of the kitchen. */
  const rulesOf = (needs: Needs, settings: Settings) => ({
    regime: needs.regime ?? settings.regime,
    coconutIsTreeNut: needs.coconutIsTreeNut ?? settings.coconutIsTreeNut,
    chestnutIsTreeNut: needs.chestnutIsTreeNut ?? settings.chestnutIsTreeNut,
  });

  function portionsOf(
    batch: KeptBatch,
    entries: readonly Entry[],
    taken: ReadonlyMap<string, number>,
    settings: Settings,
    today: string,
  ): Portions[] {
    const noted = standing(entries);
    const put = ofKind(noted, 'portioned');
    if (put.length === 0) return [];
    const rules = rulesOf(batch.needs, settings);
    const { allergens } = analyse(actualRecipe(batch.recipe, entries, shelf.now()), rules, shelf.now());
    // What came from the cold has its day already: the oldest counts.
    const madeOn = oldestDay(batch.recipe, kitchenDay(new Date(batch.startedAt), zone));
    return put.map(({ id, count, grams, keep }) => {
      const { day: useBy, by: useByFrom } = keepsUntil(madeOn, keep, rules.regime, { house: settings.keptDays, text: daysInText(batch.recipe) });
      return {
        id,
        batchId: batch.id,
        soupId: batch.soupId,
        title: batch.recipe.title,
        version: batch.version,
        count,
        left: Math.max(0, count - (taken.get(id) ?? 0)),
        grams,
        keep,
        madeOn,
        useBy,
        useByFrom,
        past: useBy < today,
        contains: allergens.filter(({ state }) => state === 'contains').map((one) => one.id),
        checks: allergens.filter(({ state }) => state === 'check').map((one) => one.id),
      };
    });
  }

  function coolingIn(entries: readonly Entry[], regime: Settings['regime']): Pick<BatchBody, 'cooling'> {
    const readings = ofKind(standing(entries), 'cooling');
    const [first] = readings;
    if (!first) return {};
    const start = Date.parse(first.at);
    const container = readings.findLast((one) => one.container)?.container;
    return {
      cooling: coolingOf({
        regime,
        readings: readings.map(({ at, celsius }) => ({ minutes: (Date.parse(at) - start) / MS_A_MINUTE, celsius })),
        ...(container ? { container } : {}),
      }),
    };
  }

  /** What stands in the fridge and the freezer: first in, first out. */
  async function stock(): Promise<Portions[]> {
    const [settings, ids] = await Promise.all([kitchen.settings(), read.withKind('portioned')]);
    const today = kitchenDay(clock(), zone);
    const all = await Promise.all(
      ids.map(async (id) => {
        const batch = await read.one(id);
        return batch ? portionsOf(batch, await read.entries(id), await read.taken(id), settings, today) : [];
      }),
    );
    return all
      .flat()
      .filter(({ left }) => left > 0)
      .sort((a, b) => (a.useBy < b.useBy ? -1 : a.useBy > b.useBy ? 1 : a.title.localeCompare(b.title)));
  }

  return {
    async begin(asked, startedAt = clock().toISOString()) {
      const { recipe: written, needs } = await startsFrom(asked);
      const shelfNow = shelf.now();
      const recipe = written.servings === asked.servings ? written : scale(written, asked.servings, shelfNow).recipe;
      const batch: KeptBatch = { id: randomUUID(), soupId: asked.soupId, version: asked.version, recipe, needs, startedAt };
      await db.transaction(async (trx) => {
        await batchWriter(trx).add(batch);
        await takeLots(trx, batch, clock().toISOString());
      });
      return { id: batch.id, startedAt: batch.startedAt, recipe };
    },

    async all() {
      const batches = await read.all(MOST_LISTED);
      return Promise.all(
        batches.map(async ({ id, soupId, version, recipe, startedAt }) => {
          const entries = await read.entries(id);
          return {
            id,
            soupId,
            title: recipe.title,
            version,
            servings: recipe.servings ?? 0,
            startedAt,
            entries: entries.length,
            portioned: ofKind(standing(entries), 'portioned').reduce((sum, { count }) => sum + count, 0),
            lastAt: [startedAt, ...entries.map(({ at }) => at)].sort().at(-1) as string,
          };
        }),
      );
    },

    async one(id) {
      const batch = await mustBe(id);
      const [entries, settings, taken] = await Promise.all([read.entries(id), kitchen.settings(), read.taken(id)]);
      const rules = rulesOf(batch.needs, settings);
      const recipe = actualRecipe(batch.recipe, entries, shelf.now());
      const analysis = analyse(recipe, { ...rules, prices: await prices() }, shelf.now());
      return {
        ...batch,
        entries,
        revision: entries.length,
        actual: { recipe, analysis },
        ...coolingIn(entries, rules.regime),
        portions: portionsOf(batch, entries, taken, settings, kitchenDay(clock(), zone)),
      };
    },

    async write(id, entries) {
      const written = await db.transaction(async (trx) => {
        const writer = batchWriter(trx);
        const batch = await mustBe(id, writer);
        const before = await writer.entries(id);
        const byId = new Map(before.map((entry) => [entry.id, entry]));
        const errors: ProblemError[] = [];
        const fresh: Entry[] = [];
        entries.forEach((entry, at) => {
          const there = byId.get(entry.id);
          if (there) {
            if (!dequal(JSON.parse(JSON.stringify(there)), JSON.parse(JSON.stringify(entry))))
              throw new Problem(
                'batch.entryDiffers',
                `The entry ${entry.id} says something else already, and no entry is ever changed. Strike it, and write another.`,
                {
                  errors: [{ path: `/entries/${at}/id`, code: 'batch.entryDiffers', message: 'take a new id' }],
                },
              );
            return;
          }
          for (const { path, message } of entryFaults(entry, batch.recipe, [...before, ...fresh], shelf.now()))
            errors.push({ path: `/entries/${at}${path}`, code: 'batch.unknown', message });
          byId.set(entry.id, entry);
          fresh.push(entry);
        });
        const [first] = errors;
        if (first) throw new Problem('batch.unknown', `${first.path}: ${first.message}`, { errors });
        if (before.length + fresh.length > MOST_ENTRIES)
          throw new Problem('value.tooLarge', `A batch takes ${MOST_ENTRIES} entries.`, {
            errors: [{ path: '/entries', code: 'value.tooLarge', message: `${before.length} are there already` }],
          });
        const now = clock().toISOString();
        for (const entry of fresh) await writer.write(id, entry, now);
        return { fresh, revision: before.length + fresh.length };
      });
      if (written.fresh.length > 0) for (const tell of listeners.get(id) ?? []) tell({ entries: written.fresh, revision: written.revision });
      return { accepted: entries.map((entry) => entry.id), revision: written.revision };
    },

    async entriesAfter(id, after) {
      await mustBe(id);
      const entries = await read.entries(id);
      return { entries: entries.slice(after), revision: entries.length };
    },

    async learnt() {
      const [weighed, ticked] = await Promise.all([read.withKind('yield'), read.withKind('step')]);
      const cookedOf = async (ids: readonly string[]) =>
        (await Promise.all(ids.slice(-MOST_LEARNT).map(async (id) => ({ batch: await read.one(id), entries: await read.entries(id) })))).flatMap(
          ({ batch, entries }) => (batch ? [{ recipe: batch.recipe, entries }] : []),
        );
      return {
        evaporation: learntEvaporation(await cookedOf(weighed), shelf.now()),
        softening: learntSoftening(await cookedOf(ticked), shelf.now()),
      };
    },

    portions: stock,

    async take(entryId, { id, count }) {
      await db.transaction(async (trx) => {
        const writer = batchWriter(trx);
        const batchId = await writer.batchOf(entryId);
        const put = batchId === null ? undefined : ofKind(standing(await writer.entries(batchId)), 'portioned').find((one) => one.id === entryId);
        if (batchId === null || !put) throw new Problem('notFound', `There are no portions ${entryId}.`);
        if (await writer.wasTaken(id)) return;
        const left = put.count - ((await writer.taken(batchId)).get(entryId) ?? 0);
        if (count > left)
          throw new Problem('value.tooLarge', `${left} are left of these.`, {
            errors: [{ path: '/count', code: 'value.tooLarge', message: `at most ${left}` }],
          });
        await writer.take(id, batchId, entryId, count, clock().toISOString());
      });
      return stock();
    },

    async putBack(takeId) {
      if (!(await db.transaction((trx) => batchWriter(trx).putBack(takeId)))) throw new Problem('notFound', `Nothing was taken as ${takeId}.`);
      return stock();
    },

    listen(id, told) {
      const here = listeners.get(id) ?? new Set();
      listeners.set(id, here.add(told));
      return () => {
        here.delete(told);
        if (here.size === 0) listeners.delete(id);
      };
    },
  };
}

/** What a batch takes of the house's own from the cold is gone from there: as much as there is. */
async function takeLots(trx: Knex.Transaction, { id, recipe }: KeptBatch, now: string): Promise<void> {
  const made = madeWriter(trx);
  const taken = await made.taken();
  for (const [lotId, grams] of gramsOfLots(recipe)) {
    const lot = await made.one(lotId);
    const left = lot ? lot.grams - (taken.get(lotId) ?? 0) : 0;
    if (left > 0) await made.take(`${id} ${lotId}`, lotId, Math.min(grams, left), now);
  }
}
