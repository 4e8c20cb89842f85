import type { Knex } from 'knex';

/** Groups of guests by seat: what each needs, how many bowls, on which days. Nothing by which somebody could be known. */
export const groups: Knex.Migration = {
  async up(knex) {
    await knex.schema.createTable('groups', (table) => {
      table.text('id').primary();
      table.text('name').notNullable();
      table.text('guests').notNullable();
      table.integer('revision').notNullable();
      table.text('updated_at').notNullable();
    });
  },
  async down() {
    throw new Error('migrations run forward only');
  },
};
