/** What stands in the larder, and what the list of soups was asked before. Knows no HTTP. */
import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { Problem } from '../../contract/problems.ts';
import type { LarderEntry, NewLarderEntry, SavedView } from '../../contract/types.ts';
import { houseReader, houseWriter, type KeptInLarder } from '../repositories/house.ts';
import type { Clock } from './kitchen.ts';
import type { KitchenShelf } from './shelf.ts';

export interface House {
  larder(): Promise<LarderEntry[]>;
  /** Puts many in at once, all or none: a shopping list is ticked off whole. */
  addToLarder(entries: readonly NewLarderEntry[]): Promise<LarderEntry[]>;
  changeLarder(id: string, entry: NewLarderEntry & { revision: number }): Promise<LarderEntry>;
  dropLarder(id: string): Promise<void>;
  views(): Promise<SavedView[]>;
  addView(view: Omit<SavedView, 'id'>): Promise<SavedView>;
  dropView(id: string): Promise<void>;
}

/** A larder of more entries is a warehouse, and no list anyone reads. */
const MOST_LARDER = 2000;
const MOST_VIEWS = 50;

export function makeHouse(db: Knex, shelf: KitchenShelf, clock: Clock): House {
  const read = houseReader(db);
  const write = <T>(work: (writer: ReturnType<typeof houseWriter>) => Promise<T>): Promise<T> => db.transaction((trx) => work(houseWriter(trx)));
  const now = () => clock().toISOString();
  const named = (entry: KeptInLarder): LarderEntry => ({ ...entry, name: shelf.now().food(entry.foodId)?.name ?? entry.foodId });
  const mustKnow = (foodId: string, path: string) => {
    if (!shelf.now().food(foodId))
      throw new Problem('recipe.unknownFood', `There is no food ${foodId}.`, {
        errors: [{ path, code: 'recipe.unknownFood', message: 'choose a food of the shelf' }],
      });
  };
  const full = (what: string, most: number) =>
    new Problem('value.notAllowed', `There are ${most} ${what} already. Take some out first.`, {
      errors: [{ path: '', code: 'value.notAllowed', message: `at most ${most}` }],
    });
  const gone = async (what: string, id: string, dropped: Promise<boolean>) => {
    if (!(await dropped)) throw new Problem('notFound', `There is no ${what} ${id}.`);
  };
  return {
    larder: async () => (await read.larder()).map(named),
    addToLarder: (entries) => {
      for (const [at, { foodId }] of entries.entries()) mustKnow(foodId, `/entries/${at}/foodId`);
      return write(async (writer) => {
        if ((await writer.larder()).length + entries.length > MOST_LARDER) throw full('entries in the larder', MOST_LARDER);
        const added = entries.map((entry) => ({ ...entry, id: randomUUID(), revision: 1, updatedAt: now() }));
        for (const entry of added) await writer.putLarder(entry);
        return added.map(named);
      });
    },
    changeLarder: (id, { revision, ...entry }) => {
      mustKnow(entry.foodId, '/foodId');
      return write(async (writer) => {
        const current = await writer.larderEntry(id);
        if (!current) throw new Problem('notFound', `There is no larder entry ${id}.`);
        if (current.revision !== revision)
          throw new Problem('revision.stale', `You changed revision ${revision}; revision ${current.revision} has been saved since.`, { current });
        const saved = { ...entry, id, revision: revision + 1, updatedAt: now() };
        await writer.putLarder(saved);
        return named(saved);
      });
    },
    dropLarder: (id) =>
      gone(
        'larder entry',
        id,
        write((writer) => writer.dropLarder(id)),
      ),
    views: () => read.views(),
    addView: (view) =>
      write(async (writer) => {
        if ((await writer.views()).length >= MOST_VIEWS) throw full('saved views', MOST_VIEWS);
        const added = { id: randomUUID(), ...view };
        await writer.addView(added, now());
        return added;
      }),
    dropView: (id) =>
      gone(
        'view',
        id,
        write((writer) => writer.dropView(id)),
      ),
  };
}
