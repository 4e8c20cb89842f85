/** What the kitchen notes down beside its soups. Knows no HTTP. */
import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { Problem } from '../../contract/problems.ts';
import type { FlowTest, KitchenPreset, NewFlowTest } from '../../contract/types.ts';
import type { Price, PriceList } from '../../core/bowl/cost.ts';
import { bookReader, bookWriter } from '../repositories/book.ts';
import { settingsReader } from '../repositories/settings.ts';
import { soupReader } from '../repositories/soups.ts';
import type { Clock } from './kitchen.ts';
import type { KitchenShelf } from './shelf.ts';

export interface Book {
  prices(): Promise<Price[]>;
  /** The prices a bowl is reckoned with; none while none is noted. */
  priceList(): Promise<PriceList | undefined>;
  putPrice(price: Price): Promise<Price>;
  /** Several as one act. */
  putPrices(prices: readonly Price[]): Promise<void>;
  dropPrice(foodId: string): Promise<void>;
  presets(): Promise<KitchenPreset[]>;
  addPreset(preset: Omit<KitchenPreset, 'id'>): Promise<KitchenPreset>;
  changePreset(preset: KitchenPreset): Promise<KitchenPreset>;
  dropPreset(id: string): Promise<void>;
  flowTests(soupId: string): Promise<FlowTest[]>;
  addFlowTest(soupId: string, test: NewFlowTest): Promise<FlowTest>;
}

export function makeBook(db: Knex, shelf: KitchenShelf, clock: Clock): Book {
  const read = bookReader(db);
  const write = <T>(work: (writer: ReturnType<typeof bookWriter>) => Promise<T>): Promise<T> => db.transaction((trx) => work(bookWriter(trx)));
  const now = () => clock().toISOString();
  const soupMustExist = async (id: string) => {
    if ((await soupReader(db).one(id)) === null) throw missing('soup', id);
  };
  return {
    prices: () => read.prices(),
    async priceList() {
      const [prices, { currency }] = await Promise.all([read.prices(), settingsReader(db).get()]);
      return prices.length > 0 ? { currency, prices } : undefined;
    },
    async putPrice(price) {
      if (!shelf.now().food(price.foodId)) throw missing('food', price.foodId);
      await write((writer) => writer.putPrice(price));
      return price;
    },
    putPrices: (prices) =>
      write(async (writer) => {
        for (const price of prices) await writer.putPrice(price);
      }),
    async dropPrice(foodId) {
      if (!(await write((writer) => writer.dropPrice(foodId)))) throw missing('price', foodId);
    },
    presets: () => read.presets(),
    async addPreset(preset) {
      const added = { id: randomUUID(), ...preset };
      await write((writer) => writer.putPreset(added, now()));
      return added;
    },
    async changePreset(preset) {
      await write(async (writer) => {
        if (!(await writer.presets()).some(({ id }) => id === preset.id)) throw missing('preset', preset.id);
        await writer.putPreset(preset, now());
      });
      return preset;
    },
    async dropPreset(id) {
      if (!(await write((writer) => writer.dropPreset(id)))) throw missing('preset', id);
    },
    async flowTests(soupId) {
      await soupMustExist(soupId);
      return read.flowTests(soupId);
    },
    async addFlowTest(soupId, test) {
      await soupMustExist(soupId);
      const added: FlowTest = { id: randomUUID(), testedAt: now(), ...test };
      await write((writer) => writer.addFlowTest(soupId, added));
      return added;
    },
  };
}

const missing = (what: string, key: string) => new Problem('notFound', `There is no ${what} ${key}.`);
