import type { Knex } from 'knex';

/**
 * For a house at work: what each version answers needs with, so that all can be asked at once; versions that are put aside; soups that
 * came with the house; what stands in the larder; and what the list of soups was asked for before.
 * The facts are derived: they are filled, and filled anew, by the program that works them out.
 */
export const houseAtWork: Knex.Migration = {
  async up(knex) {
    await knex.schema.alterTable('versions', (table) => {
      table.integer('archived').notNullable().defaultTo(0);
      table.integer('label_revision').notNullable().defaultTo(1);
    });
    await knex.schema.alterTable('soups', (table) => {
      // Null: the house's own. 'shown' and 'hidden': came with the program.
      table.text('demo').nullable();
    });
    await knex.schema.createTable('version_facts', (table) => {
      // Short, since every figure and every food of a version names it.
      table.increments('number');
      table.text('version_id').notNullable().unique().references('versions.id').onDelete('CASCADE');
      // Of its version, so that thousands are asked without it.
      table.text('soup_id').notNullable();
      table.integer('archived').notNullable();
      // Of what it was worked out: food rows, rules and settings.
      table.text('made_of').notNullable();
      // Ids of the foods they hang on, those of preparations too.
      table.text('foods').notNullable();
      table.double('bowl_grams').notNullable();
      table.double('body_index').notNullable();
      table.integer('unknown_food').notNullable();
      table.text('main_food').nullable();
      table.index(['main_food']);
      table.index(['archived', 'soup_id', 'number']);
    });
    await knex.raw(
      'create table version_figures (number integer not null, nutrient text not null, low real not null, high real not null, least real not null, most real not null, at_least integer not null, ceiling real, primary key (number, nutrient)) without rowid',
    );
    // 'allergen:milk' contains or check, 'diet:vegan' breaks or check, 'food:leek' contains.
    await knex.raw(
      'create table version_holds (number integer not null, what text not null, state text not null, primary key (number, what)) without rowid',
    );
    await knex.schema.createTable('larder', (table) => {
      table.text('id').primary();
      table.text('food_id').notNullable();
      table.double('grams').notNullable();
      table.text('use_by').nullable();
      table.text('note').notNullable();
      table.integer('revision').notNullable();
      table.text('updated_at').notNullable();
      table.index(['food_id']);
    });
    await knex.schema.createTable('views', (table) => {
      table.text('id').primary();
      table.text('name').notNullable();
      table.text('query').notNullable();
      table.text('created_at').notNullable();
    });
  },
  async down() {
    throw new Error('migrations run forward only');
  },
};
