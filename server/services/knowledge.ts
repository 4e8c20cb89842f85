/** What this kitchen knows beyond the tables: the labels of its products, until their day, and its words for foods. Knows no HTTP. */
import type { Knex } from 'knex';
import { Problem } from '../../contract/problems.ts';
import type { PhraseBody, PinBody } from '../../contract/types.ts';
import type { LabelPin } from '../../core/food/pins.ts';
import { dayAfter, kitchenDay } from '../../core/quantity/day.ts';
import { phraseOf } from '../../core/reading/chooseFood.ts';
import { knowledgeReader, knowledgeWriter } from '../repositories/knowledge.ts';
import type { Clock } from './kitchen.ts';
import type { KitchenShelf } from './shelf.ts';

export interface Knowledge {
  pins(): Promise<PinBody[]>;
  /** Saves what a label says; revision 0 where none was kept. A stale one is refused. */
  pin(pin: LabelPin, revision: number): Promise<PinBody>;
  /** Forgets a label. Throws a 404 when none was kept. */
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

/** A label is looked at again within two years, whatever was asked (judgement: recipes of makers change). */
const MOST_DAYS = 731;

/** `zone` is where the kitchen's wall clock stands. */
export function makeKnowledge(db: Knex, shelf: KitchenShelf, clock: Clock, zone: string): Knowledge {
  const read = knowledgeReader(db);
  const today = () => kitchenDay(clock(), zone);
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
      const wrong = (path: string, message: string): never => {
        throw new Problem('value.notADay', message, { errors: [{ path, code: 'value.notADay', message }] });
      };
      // A page east of here may be a day ahead.
      if (pin.readOn > dayAfter(today(), 1)) wrong('/readOn', `The label cannot have been read on ${pin.readOn}: that day is to come.`);
      if (pin.lookAgainOn <= pin.readOn) wrong('/lookAgainOn', 'The day to look again comes after the day the label was read.');
      if (pin.lookAgainOn > dayAfter(pin.readOn, MOST_DAYS))
        wrong('/lookAgainOn', 'A label is looked at again within two years: choose an earlier day.');
      const saved = await db.transaction(async (trx) => {
        const writer = knowledgeWriter(trx);
        const current = await writer.pin(pin.foodId);
        if (revision !== (current?.revision ?? 0))
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
      if (!(await db.transaction((trx) => knowledgeWriter(trx).dropPin(foodId)))) throw new Problem('notFound', `No label of ${foodId} is kept.`);
      await shelve();
    },
    teach: async (text, foodId) => {
      if (foodId !== null) mustKnow(foodId);
      const phrase = phraseOf(text);
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
