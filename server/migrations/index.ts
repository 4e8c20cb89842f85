/** Migrations, forward only, in the order they are run. A released one is never edited. */
import type { Knex } from 'knex';
import { first } from './001-first.ts';
import { kitchenBook } from './002-kitchenBook.ts';
import { ownFoods } from './003-ownFoods.ts';
import { labelPins } from './004-labelPins.ts';
import { largeHouse } from './005-largeHouse.ts';
import { preparations } from './006-preparations.ts';
import { houseAtWork } from './007-houseAtWork.ts';
import { batches } from './008-batches.ts';
import { groups } from './009-groups.ts';
import { practice } from './010-practice.ts';
import { days } from './011-days.ts';
import { plates } from './012-plates.ts';
import { made } from './013-made.ts';

export const MIGRATIONS: readonly Knex.Migration[] = [
  first,
  kitchenBook,
  ownFoods,
  labelPins,
  largeHouse,
  preparations,
  houseAtWork,
  batches,
  groups,
  practice,
  days,
  plates,
  made,
];

/** Knex wants a source; the list in code is it. */
export const migrationSource: Knex.MigrationSource<{ name: string; migration: Knex.Migration }> = {
  getMigrations: async () => MIGRATIONS.map((migration, index) => ({ name: `${String(index + 1).padStart(3, '0')}`, migration })),
  getMigrationName: ({ name }) => name,
  getMigration: async ({ migration }) => migration,
};
