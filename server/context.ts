/** Everything the application is made of, put together once. */
import type { Knex } from 'knex';
import { onShelf, SHELF } from '../core/food/shelf.ts';
import type { Config } from './config.ts';
import { openDatabase } from './database.ts';
import { type Book, makeBook } from './services/book.ts';
import { type Clock, type Kitchen, makeKitchen } from './services/kitchen.ts';
import { type Knowledge, makeKnowledge } from './services/knowledge.ts';
import { makeOwnFoods, type OwnFoods } from './services/ownFoods.ts';
import { type KitchenShelf, kitchenShelf } from './services/shelf.ts';
import { type Adapter, workerAdapter } from './workers/adapter.ts';

export interface Context {
  config: Config;
  db: Knex;
  shelf: KitchenShelf;
  ownFoods: OwnFoods;
  knowledge: Knowledge;
  kitchen: Kitchen;
  book: Book;
  adapter: Adapter;
  close(): Promise<void>;
}

export async function makeContext(config: Config, parts: { clock?: Clock; adapter?: Adapter } = {}): Promise<Context> {
  const db = await openDatabase(config.databasePath);
  const clock = parts.clock ?? (() => new Date());
  // A shelf of its own: what this kitchen adds stands on no other.
  const shelf = kitchenShelf(SHELF.foods);
  const ownFoods = makeOwnFoods(db, shelf, clock);
  await ownFoods.shelve();
  const knowledge = makeKnowledge(db, shelf, clock);
  await knowledge.shelve();
  const book = makeBook(db, shelf, clock);
  const adapter = parts.adapter ?? workerAdapter(config.workerPath, () => onShelf(shelf.now()));
  return {
    config,
    db,
    shelf,
    ownFoods,
    knowledge,
    adapter,
    kitchen: makeKitchen(db, shelf, clock, book.priceList),
    book,
    async close() {
      await adapter.close();
      await db.destroy();
    },
  };
}
