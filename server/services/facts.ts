/**
 * Keeps what every version answers needs with true to today's rows, labels and rules. A version never changes; what it would be told to a
 * guest does, the day a label is read or grows stale. Only versions made of something that changed are worked out again. Knows no HTTP.
 */
import { createHash } from 'node:crypto';
import type { Knex } from 'knex';
import type { Settings } from '../../contract/types.ts';
import { analyse } from '../../core/analysis/analysis.ts';
import { type OnShelf, onShelf, type Shelf } from '../../core/food/shelf.ts';
import { DATA_VERSION } from '../../core/food/version.ts';
import { factsOf } from '../../core/swap/facts.ts';
import type { Needs } from '../../core/swap/needs.ts';
import { foodIdsOf, type Recipe } from '../../core/vocabulary/recipe.ts';
import { dropFacts, type FactSource, factReader, putFacts } from '../repositories/facts.ts';
import { rowHash } from '../repositories/soups.ts';
import type { KitchenShelf } from './shelf.ts';

/** What of the house decides how nuts are counted. */
export type NutSettings = Pick<Settings, 'coconutIsTreeNut' | 'chestnutIsTreeNut'>;

interface Kept {
  id: string;
  recipe: Recipe;
  needs: Needs;
}

export interface Facts {
  /** Works out what a version that is being kept answers with, within its transaction. */
  put(trx: Knex.Transaction, version: Kept, nuts: NutSettings): Promise<void>;
  /** Works out anew every version that today's shelf or settings would see otherwise. Asked twice at once it is done once. */
  freshen(nuts: NutSettings): Promise<void>;
}

/** Versions worked out in one go; others are served between. */
const BATCH = 20;

export function makeFacts(db: Knex, shelf: KitchenShelf, readVersion: (soupId: string, id: string) => Promise<Kept | null>): Facts {
  /** Under what all versions were last found true. */
  let fresh: { shelf: Shelf; house: string } | null = null;
  let running: Promise<void> = Promise.resolve();

  const workedOut = ({ recipe, needs }: Kept, nuts: NutSettings, on: Shelf) => factsOf(recipe, analyse(recipe, { ...needs, ...nuts }, on), on);

  async function sweep(nuts: NutSettings): Promise<void> {
    const on = shelf.now();
    const house = houseOf(onShelf(on), nuts);
    if (fresh?.shelf === on && fresh.house === house) return;
    const stale = (await factReader(db).sources()).filter((source) => source.madeOf !== madeOf(source, on, house));
    for (let at = 0; at < stale.length; at += BATCH) {
      const todo: { version: Kept; source: FactSource }[] = [];
      for (const source of stale.slice(at, at + BATCH)) {
        // One that cannot be read answers nothing, and takes no other along.
        const version = await readVersion(source.soupId, source.id).catch(() => null);
        if (version) todo.push({ version, source });
      }
      await db.transaction(async (trx) => {
        for (const { id } of stale.slice(at, at + BATCH)) await dropFacts(trx, id);
        for (const { version, source } of todo) {
          const foodIds = foodIdsOf(version.recipe);
          const isWhole = foodIds.every((id) => on.food(id) !== undefined);
          if (isWhole) await putFacts(trx, source.id, workedOut(version, nuts, on), { foodIds, madeOf: madeOf({ foodIds }, on, house) });
        }
      });
    }
    fresh = { shelf: on, house };
  }

  return {
    async put(trx, version, nuts) {
      const on = shelf.now();
      const foodIds = foodIdsOf(version.recipe);
      await putFacts(trx, version.id, workedOut(version, nuts, on), { foodIds, madeOf: madeOf({ foodIds }, on, houseOf(onShelf(on), nuts)) });
    },
    freshen(nuts) {
      running = running.catch(() => {}).then(() => sweep(nuts));
      return running;
    },
  };
}

const houseOf = ({ market }: Pick<OnShelf, 'market'>, nuts: NutSettings): string =>
  JSON.stringify([DATA_VERSION, market ?? null, nuts.coconutIsTreeNut, nuts.chestnutIsTreeNut]);

/** Names what the facts of a version hang on: its food rows by their content, and the house's rules. */
function madeOf({ foodIds }: Pick<FactSource, 'foodIds'>, on: Shelf, house: string): string {
  const hash = createHash('sha256').update(house);
  for (const id of [...foodIds].sort()) {
    const food = on.food(id);
    hash.update(`\n${id} ${food ? rowHash(food) : 'gone'}`);
  }
  return hash.digest('base64url').slice(0, 22);
}
