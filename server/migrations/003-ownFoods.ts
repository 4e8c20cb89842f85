import type { Knex } from 'knex';

/** Foods of the kitchen's own, as their labels were read. A retired one stays for the soups that have it. */
export const ownFoods: Knex.Migration = {
  async up(knex) {
    await knex.schema.createTable('own_foods', (table) => {
      table.text('id').primary();
      table.text('entry').notNullable();
      table.boolean('retired').notNullable();
      table.integer('revision').notNullable();
      table.text('created_at').notNullable();
      table.text('updated_at').notNullable();
    });
  },
  async down() {
    throw new Error('migrations run forward only');
  },
};
