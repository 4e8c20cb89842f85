import type { Knex } from 'knex';
import { DEFAULT_SETTINGS, type Settings } from '../../contract/types.ts';
import { readable } from './packed.ts';

interface SettingsRow {
  id: number;
  document: string;
  revision: number;
}

const ONLY = 1;

export const settingsReader = (db: Knex) => ({
  /** What was saved over what a new kitchen starts with; revision 1 before the first save. */
  async get(): Promise<Settings> {
    const row = await db<SettingsRow>('settings').where({ id: ONLY }).first();
    return row ? { ...DEFAULT_SETTINGS, ...readable<Partial<Settings>>(row.document), revision: row.revision } : DEFAULT_SETTINGS;
  },
});

export const settingsWriter = (trx: Knex.Transaction) => ({
  ...settingsReader(trx),
  async put({ revision, ...document }: Settings): Promise<void> {
    await trx<SettingsRow>('settings')
      .insert({ id: ONLY, document: JSON.stringify(document), revision })
      .onConflict('id')
      .merge();
  },
});
