/** Preparations that were made and stand in the cold: first in, first out, each with its day. Knows no HTTP. */
import type { Knex } from 'knex';
import { Problem } from '../../contract/problems.ts';
import type { Made, NewMade, Settings } from '../../contract/types.ts';
import { keepsUntil } from '../../core/batch/stock.ts';
import { preparedFood } from '../../core/bowl/preparation.ts';
import { kitchenDay } from '../../core/quantity/day.ts';
import { ALLERGENS } from '../../core/vocabulary/allergens.ts';
import { type KeptLot, madeReader, madeWriter } from '../repositories/made.ts';
import { preparationReader } from '../repositories/preparations.ts';
import type { Clock, Kitchen } from './kitchen.ts';
import type { KitchenShelf } from './shelf.ts';

export interface MadeHere {
  /** What is left of what was made. */
  all(): Promise<Made[]>;
  /** The same id again makes none. */
  make(preparationId: string, made: NewMade): Promise<Made[]>;
  /** Takes grams of it; the same id again takes none. */
  take(id: string, take: { id: string; grams: number }): Promise<Made[]>;
  putBack(takeId: string): Promise<Made[]>;
}

interface Parts {
  kitchen: Pick<Kitchen, 'settings'>;
  shelf: KitchenShelf;
  clock: Clock;
  zone: string;
}

/** Less of it than this is a washed-out pot. */
const NOTHING_LEFT = 1;

export function makeMadeHere(db: Knex, { kitchen, shelf, clock, zone }: Parts): MadeHere {
  function told(lot: KeptLot, left: number, { regime, keptDays }: Settings, today: string): Made {
    const { id, preparationId, preparation, madeOn, keep, grams, keepDays } = lot;
    const { day: useBy, by: useByFrom } = keepsUntil(madeOn, keep, regime, { house: keptDays, text: keepDays });
    const food = preparedFood(preparation, shelf.now());
    const holds = (list: readonly { allergen: string }[]) => ALLERGENS.filter((one) => list.some(({ allergen }) => allergen === one));
    const contains = holds(food.contains);
    return {
      id,
      preparationId,
      preparation,
      madeOn,
      keep,
      grams,
      left,
      useBy,
      useByFrom,
      past: useBy < today,
      contains,
      checks: holds(food.checks).filter((one) => !contains.includes(one)),
    };
  }

  async function all(): Promise<Made[]> {
    const read = madeReader(db);
    const [settings, lots, taken] = [await kitchen.settings(), await read.all(), await read.taken()];
    const today = kitchenDay(clock(), zone);
    return lots
      .map((lot) => told(lot, lot.grams - (taken.get(lot.id) ?? 0), settings, today))
      .filter(({ left }) => left >= NOTHING_LEFT)
      .sort((a, b) => (a.useBy < b.useBy ? -1 : a.useBy > b.useBy ? 1 : 0));
  }

  return {
    all,
    async make(preparationId, { id, grams, keep, madeOn }) {
      const today = kitchenDay(clock(), zone);
      if (madeOn !== undefined && madeOn > today)
        throw new Problem('value.tooLarge', 'It cannot have been made after today.', {
          errors: [{ path: '/madeOn', code: 'value.tooLarge', message: `at most ${today}` }],
        });
      await db.transaction(async (trx) => {
        const writer = madeWriter(trx);
        if (await writer.one(id)) return;
        const kept = await preparationReader(trx).one(preparationId);
        if (!kept) throw new Problem('notFound', `There is no preparation ${preparationId}.`);
        const { name, recipe, yieldGrams, keepDays } = kept;
        const preparation = {
          id: preparationId,
          name,
          lines: recipe.lines,
          steps: recipe.steps,
          ...(yieldGrams === undefined ? {} : { yieldGrams }),
        };
        await writer.add({ id, preparationId, preparation, keepDays: keepDays ?? null, madeOn: madeOn ?? today, keep, grams }, clock().toISOString());
      });
      return all();
    },
    async take(id, take) {
      await db.transaction(async (trx) => {
        const writer = madeWriter(trx);
        const lot = await writer.one(id);
        if (!lot) throw new Problem('notFound', `Nothing was made as ${id}.`);
        if (await writer.wasTaken(take.id)) return;
        const left = lot.grams - ((await writer.taken()).get(id) ?? 0);
        if (take.grams > left + NOTHING_LEFT)
          throw new Problem('value.tooLarge', `${Math.round(left)} g are left of it.`, {
            errors: [{ path: '/grams', code: 'value.tooLarge', message: `at most ${Math.round(left)}` }],
          });
        await writer.take(take.id, id, Math.min(take.grams, left), clock().toISOString());
      });
      return all();
    },
    async putBack(takeId) {
      if (!(await db.transaction((trx) => madeWriter(trx).putBack(takeId)))) throw new Problem('notFound', `Nothing was taken as ${takeId}.`);
      return all();
    },
  };
}
