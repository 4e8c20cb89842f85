import type { Knex } from 'knex';

/** Of what the needs of a group speak: the bowl, or the plate with what stands beside it. */
export const plates: Knex.Migration = {
  async up(knex) {
    await knex.schema.alterTable('groups', (table) => {
      table.text('scope');
    });
  },
  async down() {
    throw new Error('migrations run forward only');
  },
};
