/** What the kitchen notes down beside its soups: prices, its own presets, flow tests. */
import type { Knex } from 'knex';
import type { FlowTest, KitchenPreset } from '../../contract/types.ts';
import type { Price } from '../../core/bowl/cost.ts';
import { readable } from './packed.ts';

interface PriceRow {
  food_id: string;
  per_kg: number;
  currency: string;
  date: string;
}

interface PresetRow {
  id: string;
  name: string;
  needs: string;
  caution: string;
  created_at: string;
}

interface FlowTestRow {
  id: string;
  soup_id: string;
  tested_at: string;
  document: string;
}

const toPrice = ({ food_id, per_kg, currency, date }: PriceRow): Price => ({ foodId: food_id, perKg: per_kg, currency, date });
const toPreset = ({ id, name, needs, caution }: PresetRow): KitchenPreset => ({ id, name, needs: JSON.parse(needs), caution });
const toFlowTest = ({ id, tested_at, document }: FlowTestRow): FlowTest => ({ ...JSON.parse(document), id, testedAt: tested_at });

export const bookReader = (db: Knex) => ({
  async prices(): Promise<Price[]> {
    return (await db<PriceRow>('prices').orderBy('food_id')).map(toPrice);
  },
  async presets(): Promise<KitchenPreset[]> {
    return (await db<PresetRow>('presets').orderBy(['created_at', 'id'])).filter(({ needs }) => readable(needs) !== null).map(toPreset);
  },
  async flowTests(soupId: string): Promise<FlowTest[]> {
    const rows = await db<FlowTestRow>('flow_tests')
      .where({ soup_id: soupId })
      .orderBy([{ column: 'tested_at', order: 'desc' }, 'id']);
    return rows.filter(({ document }) => readable(document) !== null).map(toFlowTest);
  },
});

export const bookWriter = (trx: Knex.Transaction) => ({
  ...bookReader(trx),
  async putPrice({ foodId, perKg, currency, date }: Price): Promise<void> {
    await trx<PriceRow>('prices').insert({ food_id: foodId, per_kg: perKg, currency, date }).onConflict('food_id').merge();
  },
  async dropPrice(foodId: string): Promise<boolean> {
    return (await trx<PriceRow>('prices').where({ food_id: foodId }).delete()) > 0;
  },
  async putPreset({ id, name, needs, caution }: KitchenPreset, now: string): Promise<void> {
    const changes = { name, needs: JSON.stringify(needs), caution };
    await trx<PresetRow>('presets')
      .insert({ id, ...changes, created_at: now })
      .onConflict('id')
      .merge(changes);
  },
  async dropPreset(id: string): Promise<boolean> {
    return (await trx<PresetRow>('presets').where({ id }).delete()) > 0;
  },
  async addFlowTest(soupId: string, { id, testedAt, ...document }: FlowTest): Promise<void> {
    await trx<FlowTestRow>('flow_tests').insert({ id, soup_id: soupId, tested_at: testedAt, document: JSON.stringify(document) });
  },
});
