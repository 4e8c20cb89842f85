import type { Knex } from 'knex';

/** What the house makes and soups take of: stocks, swirls, glazes. Soups carry their own copy, so that none changes under them. */
export const preparations: Knex.Migration = {
  async up(knex) {
    await knex.schema.createTable('preparations', (table) => {
      table.text('id').primary();
      table.text('name').notNullable();
      table.text('document').notNullable();
      table.integer('revision').notNullable();
      table.text('created_at').notNullable();
      table.text('updated_at').notNullable();
    });
  },
  async down() {
    throw new Error('migrations run forward only');
  },
};
