import type { Knex } from 'knex';

/** Prices, the kitchen's own presets, flow tests of what was cooked, and a note on each change of a draft and a version. */
export const kitchenBook: Knex.Migration = {
  async up(knex) {
    await knex.schema.createTable('prices', (table) => {
      table.text('food_id').primary();
      table.double('per_kg').notNullable();
      table.text('currency').notNullable();
      table.text('date').notNullable();
    });
    await knex.schema.createTable('presets', (table) => {
      table.text('id').primary();
      table.text('name').notNullable();
      table.text('needs').notNullable();
      table.text('caution').notNullable();
      table.text('created_at').notNullable();
    });
    await knex.schema.createTable('flow_tests', (table) => {
      table.text('id').primary();
      table.text('soup_id').notNullable().references('soups.id').onDelete('CASCADE');
      table.text('tested_at').notNullable();
      table.text('document').notNullable();
      table.index(['soup_id', 'tested_at']);
    });
    await knex.schema.alterTable('drafts', (table) => {
      table.text('notes').nullable();
    });
    await knex.schema.alterTable('versions', (table) => {
      table.text('notes').nullable();
    });
  },
  async down() {
    throw new Error('migrations run forward only');
  },
};
