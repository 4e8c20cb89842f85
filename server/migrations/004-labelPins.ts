import type { Knex } from 'knex';

/** What the kitchen read on its products' labels, and the words it was taught for foods. */
export const labelPins: Knex.Migration = {
  async up(knex) {
    await knex.schema.createTable('label_pins', (table) => {
      table.text('food_id').primary();
      table.text('pin').notNullable();
      table.integer('revision').notNullable();
      table.text('updated_at').notNullable();
    });
    await knex.schema.createTable('phrases', (table) => {
      table.text('phrase').primary();
      table.text('food_id').notNullable();
      table.text('updated_at').notNullable();
    });
  },
  async down() {
    throw new Error('migrations run forward only');
  },
};
