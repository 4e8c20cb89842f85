/** Everything the application is made of, put together once. */
import type { Knex } from 'knex';
import pino, { type Logger } from 'pino';
import { marketOf } from '../core/food/market.ts';
import { SHELF } from '../core/food/shelf.ts';
import type { Config } from './config.ts';
import { openDatabase } from './database.ts';
import { type Devices, makeDevices } from './devices/registry.ts';
import { settingsReader } from './repositories/settings.ts';
import { type Batches, makeBatches } from './services/batches.ts';
import { type Book, makeBook } from './services/book.ts';
import { type Days, makeDays } from './services/days.ts';
import { type Groups, makeGroups } from './services/groups.ts';
import { type HeavyWork, threads } from './services/heavyWork.ts';
import { type House, makeHouse } from './services/house.ts';
import { type Clock, type Kitchen, makeKitchen } from './services/kitchen.ts';
import { type Knowledge, makeKnowledge } from './services/knowledge.ts';
import { type MadeHere, makeMadeHere } from './services/made.ts';
import { makeOwnFoods, type OwnFoods } from './services/ownFoods.ts';
import { makePractice, type Practice } from './services/practice.ts';
import { makePreparations, type Preparations } from './services/preparations.ts';
import { type KitchenShelf, kitchenShelf } from './services/shelf.ts';
import { Streams } from './streams.ts';

export interface Context {
  config: Config;
  log: Logger;
  db: Knex;
  shelf: KitchenShelf;
  ownFoods: OwnFoods;
  knowledge: Knowledge;
  kitchen: Kitchen;
  book: Book;
  house: House;
  preparations: Preparations;
  made: MadeHere;
  batches: Batches;
  groups: Groups;
  practice: Practice;
  days: Days;
  devices: Devices;
  streams: Streams;
  heavy: HeavyWork;
  close(): Promise<void>;
}

/** Throws a DatabaseProblem when the kitchen's file cannot be used. */
export async function makeContext(config: Config, parts: { clock?: Clock; heavy?: (shelf: KitchenShelf) => HeavyWork } = {}): Promise<Context> {
  const db = await openDatabase(config.databasePath);
  const log = pino({ enabled: config.log }, pino.destination({ dest: 2, sync: true }));
  const clock = parts.clock ?? (() => new Date());
  const shelf = kitchenShelf(SHELF.foods);
  const ownFoods = makeOwnFoods(db, shelf, clock);
  for (const { id, name, why } of await ownFoods.shelve()) log.warn({ id, name, why }, 'an own food could not be worked out and is put aside');
  const knowledge = makeKnowledge(db, shelf, clock, config.zone);
  await knowledge.shelve();
  const kitchenSettings = await settingsReader(db).get();
  shelf.put({ market: marketOf(kitchenSettings) });
  const book = makeBook(db, shelf, clock);
  const heavy = parts.heavy?.(shelf) ?? threads(config.workers, shelf.now);
  const kitchen = makeKitchen(db, shelf, clock, book.priceList);
  const streams = new Streams();
  return {
    config,
    log,
    db,
    shelf,
    ownFoods,
    knowledge,
    heavy,
    kitchen,
    book,
    house: makeHouse(db, shelf, clock),
    preparations: makePreparations(db, clock),
    made: makeMadeHere(db, { kitchen, shelf, clock, zone: config.zone }),
    batches: makeBatches(db, { kitchen, shelf, prices: book.priceList, clock, zone: config.zone }),
    groups: makeGroups(db, clock),
    days: makeDays(db, clock),
    practice: makePractice(db, clock, config.zone),
    devices: makeDevices(() => clock().getTime()),
    streams,
    async close() {
      streams.close();
      await heavy.close();
      await db.destroy();
    },
  };
}
