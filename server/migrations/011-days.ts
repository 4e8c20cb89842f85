import type { Knex } from 'knex';

/** Lunches: who comes, what is cooked, in which pots. */
export const days: Knex.Migration = {
  async up(knex) {
    await knex.schema.createTable('days', (table) => {
      table.text('date').primary();
      table.text('body').notNullable();
      table.integer('revision').notNullable();
      table.text('updated_at').notNullable();
    });
  },
  async down() {
    throw new Error('migrations run forward only');
  },
};
