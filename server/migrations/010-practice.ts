import type { Knex } from 'knex';

/** Answers of learners by their code, as they were given, and the rounds that come back. */
export const practice: Knex.Migration = {
  async up(knex) {
    await knex.schema.createTable('practice_answers', (table) => {
      table.increments('id');
      table.text('learner').notNullable();
      table.text('round').notNullable();
      table.text('topic').notNullable();
      table.boolean('right').notNullable();
      table.text('day').notNullable();
      table.text('at').notNullable();
      table.index(['learner', 'id']);
    });
    await knex.schema.createTable('practice_due', (table) => {
      table.text('learner').notNullable();
      table.text('round').notNullable();
      table.text('topic').notNullable();
      table.integer('box').notNullable();
      table.text('due').notNullable();
      table.primary(['learner', 'round']);
    });
  },
  async down() {
    throw new Error('migrations run forward only');
  },
};
