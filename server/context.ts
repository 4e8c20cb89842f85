/** Everything the application is made of, put together once. */
import type { Knex } from 'knex';
import { SHELF, type Shelf } from '../core/food/shelf.ts';
import type { Config } from './config.ts';
import { openDatabase } from './database.ts';
import { type Book, makeBook } from './services/book.ts';
import { type Clock, type Kitchen, makeKitchen } from './services/kitchen.ts';
import { type Adapter, workerAdapter } from './workers/adapter.ts';

export interface Context {
  config: Config;
  db: Knex;
  shelf: Shelf;
  kitchen: Kitchen;
  book: Book;
  adapter: Adapter;
  close(): Promise<void>;
}

export async function makeContext(config: Config, parts: { clock?: Clock; adapter?: Adapter } = {}): Promise<Context> {
  const db = await openDatabase(config.databasePath);
  const clock = parts.clock ?? (() => new Date());
  const book = makeBook(db, SHELF, clock);
  const adapter = parts.adapter ?? workerAdapter(config.workerPath);
  return {
    config,
    db,
    shelf: SHELF,
    adapter,
    kitchen: makeKitchen(db, SHELF, clock, book.priceList),
    book,
    async close() {
      await adapter.close();
      await db.destroy();
    },
  };
}
