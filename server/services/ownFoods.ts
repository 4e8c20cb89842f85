/** Foods the kitchen adds from a package: kept, edited, retired, and put on the shelf at once. Knows no HTTP. */
import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { Problem } from '../../contract/problems.ts';
import type { OwnFoodBody } from '../../contract/types.ts';
import type { LabelEntry } from '../../core/food/label.ts';
import { type OwnFoodsRead, ownFoodsOf } from '../../core/food/ownFoods.ts';
import { OWN_FOOD } from '../../core/food/shelf.ts';
import { ownFoodReader, ownFoodWriter } from '../repositories/ownFoods.ts';
import type { Clock } from './kitchen.ts';
import type { KitchenShelf } from './shelf.ts';

export interface OwnFoods {
  all(): Promise<OwnFoodBody[]>;
  add(entry: LabelEntry): Promise<OwnFoodBody>;
  change(id: string, change: { entry: LabelEntry; retired: boolean; revision: number }): Promise<OwnFoodBody>;
  /** Puts what is kept on the shelf; returns the rows that could not be worked out. */
  shelve(): Promise<OwnFoodsRead['aside']>;
}

export function makeOwnFoods(db: Knex, shelf: KitchenShelf, clock: Clock): OwnFoods {
  const read = ownFoodReader(db);
  const shelve = async () => {
    const { own, aside } = ownFoodsOf(await read.all(), shelf.base);
    shelf.put({ own });
    return aside;
  };
  const put = async (id: string, next: (current: OwnFoodBody | null) => Omit<OwnFoodBody, 'updatedAt' | 'id'>): Promise<OwnFoodBody> => {
    const saved = await db.transaction(async (trx) => {
      const writer = ownFoodWriter(trx);
      const current = await writer.one(id);
      await writer.put({ id, ...next(current) }, clock().toISOString());
      return writer.one(id);
    });
    await shelve();
    return saved as OwnFoodBody;
  };
  /** A food of one's own is used as one of the tables, not as another own one. */
  const mustKnow = ({ like }: LabelEntry, at = '') => {
    if (like !== undefined && (like.startsWith(OWN_FOOD) || !shelf.base.food(like)))
      throw new Problem('recipe.unknownFood', `There is no food ${like} to be used as.`, {
        errors: [{ path: `${at}/like`, code: 'recipe.unknownFood', message: 'choose a food of the shelf' }],
      });
  };
  /** A label from which no food can be worked out is refused before anything is kept. */
  const mustWork = (id: string, entry: LabelEntry, at = '') => {
    const [failed] = ownFoodsOf([{ id, entry, retired: false }], shelf.base).aside;
    if (failed)
      throw new Problem('label.impossible', `No food can be worked out from this label: ${failed.why}. Look at the serving size and the figures.`, {
        errors: [{ path: `${at}/perGrams`, code: 'label.impossible', message: failed.why }],
      });
  };
  return {
    all: () => read.all(),
    shelve,
    add: async (entry) => {
      mustKnow(entry);
      const id = `${OWN_FOOD}${randomUUID()}`;
      mustWork(id, entry);
      return put(id, () => ({ entry, retired: false, revision: 1 }));
    },
    change: async (id, { revision, ...change }) => {
      mustKnow(change.entry, '/entry');
      mustWork(id, change.entry, '/entry');
      return put(id, (current) => {
        if (!current) throw new Problem('notFound', `The kitchen has no food ${id} of its own.`);
        if (current.revision !== revision)
          throw new Problem('revision.stale', `You changed revision ${revision}; revision ${current.revision} has been saved since.`, { current });
        return { ...change, revision: revision + 1 };
      });
    },
  };
}
