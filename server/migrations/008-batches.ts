import type { Knex } from 'knex';

/** What is cooked: a batch with its recipe as it began, and everything written down meanwhile, in the order it came. Nothing of it is ever changed. */
export const batches: Knex.Migration = {
  async up(knex) {
    await knex.schema.createTable('batches', (table) => {
      table.text('id').primary();
      table.text('soup_id').notNullable().references('soups.id');
      table.integer('version').nullable();
      table.text('recipe').notNullable();
      table.text('needs').notNullable();
      table.text('started_at').notNullable();
      table.index(['started_at']);
    });
    await knex.schema.createTable('batch_entries', (table) => {
      table.increments('number');
      table.text('batch_id').notNullable().references('batches.id');
      // The writer's own, so that what is sent twice is kept once.
      table.text('id').notNullable();
      table.text('kind').notNullable();
      table.text('document').notNullable();
      table.text('received_at').notNullable();
      table.unique(['batch_id', 'id']);
      table.index(['kind']);
    });
    await knex.schema.createTable('portions_taken', (table) => {
      // The taker's own, so that what is sent twice is taken once.
      table.text('id').primary();
      table.text('batch_id').notNullable().references('batches.id');
      // Of the entry that put them by.
      table.text('entry_id').notNullable();
      table.integer('count').notNullable();
      table.text('taken_at').notNullable();
      table.index(['entry_id']);
    });
  },
  async down() {
    throw new Error('migrations run forward only');
  },
};
