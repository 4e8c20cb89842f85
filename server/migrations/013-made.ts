import type { Knex } from 'knex';

/** Preparations that were made: the preparation as it was on that day, how much of it, and what was taken since. */
export const made: Knex.Migration = {
  async up(knex) {
    await knex.schema.createTable('made', (table) => {
      // The maker's own, so that what is sent twice is made once.
      table.text('id').primary();
      table.text('preparation_id').notNullable();
      table.text('document').notNullable();
      table.text('made_on').notNullable();
      table.text('keep').notNullable();
      table.specificType('grams', 'real').notNullable();
      table.text('created_at').notNullable();
    });
    await knex.schema.createTable('made_taken', (table) => {
      table.text('id').primary();
      table.text('made_id').notNullable().references('made.id');
      table.specificType('grams', 'real').notNullable();
      table.text('taken_at').notNullable();
      table.index(['made_id']);
    });
  },
  async down() {
    throw new Error('migrations run forward only');
  },
};
