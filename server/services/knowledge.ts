/** What this kitchen knows beyond the tables: the labels of its products, until their day, and its words for foods. Knows no HTTP. */
import type { Knex } from 'knex';
import { Problem } from '../../contract/problems.ts';
import type { PhraseBody, PinBody } from '../../contract/types.ts';
import type { LabelPin } from '../../core/food/pins.ts';
import { phraseKey } from '../../core/reading/chooseFood.ts';
import { readLine } from '../../core/reading/line.ts';
import { knowledgeReader, knowledgeWriter } from '../repositories/knowledge.ts';
import type { Clock } from './kitchen.ts';
import type { KitchenShelf } from './shelf.ts';

export interface Knowledge {
  pins(): Promise<PinBody[]>;
  /** Saves what a label says. With a revision, a stale one is refused. */
  pin(pin: LabelPin, revision?: number): Promise<PinBody>;
  unpin(foodId: string): Promise<void>;
  phrases(): Promise<PhraseBody[]>;
  /** Teaches the words of a line; null forgets them. */
  teach(text: string, foodId: string | null): Promise<PhraseBody[]>;
  /** What the reader is told. */
  taught(): Promise<ReadonlyMap<string, string>>;
  /** Puts the pins on the shelf as they are today; asked again on another day, they are judged anew. */
  shelve(): Promise<void>;
  freshen(): Promise<void>;
}

export function makeKnowledge(db: Knex, shelf: KitchenShelf, clock: Clock): Knowledge {
  const read = knowledgeReader(db);
  const today = () => clock().toISOString().slice(0, 10);
  const mustKnow = (foodId: string) => {
    if (!shelf.now().food(foodId))
      throw new Problem('recipe.unknownFood', `There is no food ${foodId}.`, {
        errors: [{ path: '/foodId', code: 'recipe.unknownFood', message: 'choose a food of the shelf' }],
      });
  };
  const shelve = async () => shelf.put({ pins: await read.pins(), day: today() });
  return {
    pins: () => read.pins(),
    phrases: () => read.phrases(),
    shelve,
    freshen: async () => {
      if (shelf.now().day !== today()) await shelve();
    },
    pin: async (pin, revision) => {
      mustKnow(pin.foodId);
      if (pin.lookAgainOn <= pin.readOn)
        throw new Problem('value.notAllowed', 'The day to look again comes after the day the label was read.', {
          errors: [{ path: '/lookAgainOn', code: 'value.notAllowed', message: 'choose a later day' }],
        });
      const saved = await db.transaction(async (trx) => {
        const writer = knowledgeWriter(trx);
        const current = await writer.pin(pin.foodId);
        if (revision !== undefined && revision !== (current?.revision ?? 0))
          throw new Problem('revision.stale', `You changed revision ${revision}; revision ${current?.revision ?? 0} has been saved since.`, {
            current,
          });
        await writer.putPin(pin, (current?.revision ?? 0) + 1, clock().toISOString());
        return writer.pin(pin.foodId);
      });
      await shelve();
      return saved as PinBody;
    },
    unpin: async (foodId) => {
      await db.transaction((trx) => knowledgeWriter(trx).dropPin(foodId));
      await shelve();
    },
    teach: async (text, foodId) => {
      if (foodId !== null) mustKnow(foodId);
      const phrase = phraseKey(readLine(text).food);
      if (!/\p{L}{3}/u.test(phrase))
        throw new Problem('value.empty', 'The words name nothing to remember.', {
          errors: [{ path: '/text', code: 'value.empty', message: 'write the words of the ingredient' }],
        });
      await db.transaction(async (trx) => {
        const writer = knowledgeWriter(trx);
        if (foodId === null) await writer.dropPhrase(phrase);
        else await writer.putPhrase({ phrase, foodId }, clock().toISOString());
      });
      return read.phrases();
    },
    taught: async () => new Map((await read.phrases()).map(({ phrase, foodId }) => [phrase, foodId])),
  };
}
