/** Everything the application is made of, put together once. */
import type { Knex } from 'knex';
import { type KitchenShelf, makeShelf, SHELF } from '../core/food/shelf.ts';
import type { Config } from './config.ts';
import { openDatabase } from './database.ts';
import { type Book, makeBook } from './services/book.ts';
import { type Clock, type Kitchen, makeKitchen } from './services/kitchen.ts';
import { makeOwnFoods, type OwnFoods } from './services/ownFoods.ts';
import { type Adapter, workerAdapter } from './workers/adapter.ts';

export interface Context {
  config: Config;
  db: Knex;
  shelf: KitchenShelf;
  ownFoods: OwnFoods;
  kitchen: Kitchen;
  book: Book;
  adapter: Adapter;
  close(): Promise<void>;
}

export async function makeContext(config: Config, parts: { clock?: Clock; adapter?: Adapter } = {}): Promise<Context> {
  const db = await openDatabase(config.databasePath);
  const clock = parts.clock ?? (() => new Date());
  // A shelf of its own: what this kitchen adds stands on no other.
  const shelf = makeShelf(SHELF.foods);
  const ownFoods = makeOwnFoods(db, shelf, clock);
  await ownFoods.shelve();
  const book = makeBook(db, shelf, clock);
  const adapter = parts.adapter ?? workerAdapter(config.workerPath, () => shelf.own);
  return {
    config,
    db,
    shelf,
    ownFoods,
    adapter,
    kitchen: makeKitchen(db, shelf, clock, book.priceList),
    book,
    async close() {
      await adapter.close();
      await db.destroy();
    },
  };
}
