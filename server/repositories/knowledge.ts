/** What a kitchen knows beyond the tables, as SQLite stores it: labels read, and words taught. */
import type { Knex } from 'knex';
import type { PhraseBody, PinBody } from '../../contract/types.ts';
import type { LabelPin } from '../../core/food/pins.ts';
import { readable } from './packed.ts';

interface PinRow {
  food_id: string;
  pin: string;
  revision: number;
  updated_at: string;
}
interface PhraseRow {
  phrase: string;
  food_id: string;
  updated_at: string;
}

const toPin = ({ food_id, pin, revision, updated_at }: PinRow): PinBody => ({ ...JSON.parse(pin), foodId: food_id, revision, updatedAt: updated_at });

export const knowledgeReader = (db: Knex) => ({
  async pins(): Promise<PinBody[]> {
    return (await db<PinRow>('label_pins').orderBy('food_id')).filter(({ pin }) => readable(pin) !== null).map(toPin);
  },
  async pin(foodId: string): Promise<PinBody | null> {
    const row = await db<PinRow>('label_pins').where({ food_id: foodId }).first();
    return row ? toPin(row) : null;
  },
  async phrases(): Promise<PhraseBody[]> {
    return (await db<PhraseRow>('phrases').orderBy('phrase')).map(({ phrase, food_id }) => ({ phrase, foodId: food_id }));
  },
});

export const knowledgeWriter = (trx: Knex.Transaction) => ({
  ...knowledgeReader(trx),
  async putPin({ foodId, ...pin }: LabelPin, revision: number, now: string): Promise<void> {
    const changes = { pin: JSON.stringify(pin), revision, updated_at: now };
    await trx<PinRow>('label_pins')
      .insert({ food_id: foodId, ...changes })
      .onConflict('food_id')
      .merge(changes);
  },
  async dropPin(foodId: string): Promise<boolean> {
    return (await trx<PinRow>('label_pins').where({ food_id: foodId }).delete()) > 0;
  },
  async putPhrase({ phrase, foodId }: PhraseBody, now: string): Promise<void> {
    await trx<PhraseRow>('phrases')
      .insert({ phrase, food_id: foodId, updated_at: now })
      .onConflict('phrase')
      .merge({ food_id: foodId, updated_at: now });
  },
  async dropPhrase(phrase: string): Promise<void> {
    await trx<PhraseRow>('phrases').where({ phrase }).delete();
  },
});
