import type { Knex } from 'knex';

/** Soups, their one draft each, their kept versions, and the kitchen's settings. Documents are JSON text. */
export const first: Knex.Migration = {
  async up(knex) {
    await knex.schema.createTable('soups', (table) => {
      table.text('id').primary();
      table.text('title').notNullable();
      table.integer('revision').notNullable();
      table.boolean('archived').notNullable();
      table.text('created_at').notNullable();
      table.text('updated_at').notNullable();
    });
    await knex.schema.createTable('drafts', (table) => {
      table.text('soup_id').primary().references('soups.id').onDelete('CASCADE');
      table.text('recipe').notNullable();
      table.text('needs').notNullable();
      table.text('based_on').nullable();
      table.integer('revision').notNullable();
      table.text('updated_at').notNullable();
    });
    await knex.schema.createTable('versions', (table) => {
      table.text('id').primary();
      table.text('soup_id').notNullable().references('soups.id').onDelete('CASCADE');
      table.integer('number').notNullable();
      table.text('name').notNullable();
      table.text('reason').notNullable();
      table.text('created_at').notNullable();
      table.text('recipe').notNullable();
      table.text('needs').notNullable();
      table.text('analysis').notNullable();
      table.text('foods').notNullable();
      table.text('data_version').notNullable();
      table.text('summary').notNullable();
      table.unique(['soup_id', 'number']);
    });
    await knex.schema.createTable('settings', (table) => {
      table.integer('id').primary();
      table.text('document').notNullable();
      table.integer('revision').notNullable();
    });
  },
  async down() {
    throw new Error('migrations run forward only');
  },
};
