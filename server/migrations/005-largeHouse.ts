import { createHash } from 'node:crypto';
import { deflateRawSync } from 'node:zlib';
import type { Knex } from 'knex';

const BATCH = 50;

interface OldVersion {
  id: string;
  soup_id: string;
  number: number;
  name: string;
  reason: string;
  created_at: string;
  recipe: string;
  needs: string;
  analysis: string;
  foods: string;
  data_version: string;
  summary: string;
  notes: string | null;
}

/**
 * For a house of thousands of soups: what lists show stands apart from the documents of a version, documents are deflated, food rows are
 * kept once by their content, and foods, allergens and words of each soup can be asked for. Every version gets the number of its shape.
 */
export const largeHouse: Knex.Migration = {
  async up(knex) {
    await knex.schema.createTable('food_rows', (table) => {
      table.text('hash').primary();
      table.text('food_id').notNullable();
      table.binary('document').notNullable();
    });
    await knex.schema.createTable('versions_light', (table) => {
      table.text('id').primary();
      table.text('soup_id').notNullable().references('soups.id').onDelete('CASCADE');
      table.integer('number').notNullable();
      table.text('name').notNullable();
      table.text('reason').notNullable();
      table.text('created_at').notNullable();
      table.text('data_version').notNullable();
      table.integer('snapshot').notNullable();
      table.text('foods').notNullable();
      table.text('summary').notNullable();
      table.unique(['soup_id', 'number']);
    });
    await knex.schema.createTable('version_documents', (table) => {
      table.text('version_id').primary();
      table.binary('recipe').notNullable();
      table.text('needs').notNullable();
      table.binary('analysis').notNullable();
      table.text('notes').nullable();
    });
    await knex.schema.createTable('soup_foods', (table) => {
      table.text('soup_id').notNullable().references('soups.id').onDelete('CASCADE');
      // Empty for the draft.
      table.text('version_id').notNullable();
      table.text('food_id').notNullable();
      table.primary(['soup_id', 'version_id', 'food_id']);
      table.index(['food_id']);
    });
    await knex.schema.createTable('soup_allergens', (table) => {
      table.text('soup_id').notNullable().references('soups.id').onDelete('CASCADE');
      table.text('allergen').notNullable();
      table.text('state').notNullable();
      table.primary(['soup_id', 'allergen']);
    });
    await knex.schema.alterTable('soups', (table) => {
      table.text('title_key').notNullable().defaultTo('');
      table.double('energy_kcal').nullable();
      table.double('sodium_mg').nullable();
      table.boolean('worked_out').notNullable().defaultTo(false);
      table.index(['archived', 'updated_at', 'id']);
      table.index(['archived', 'title_key', 'id']);
      table.index(['archived', 'energy_kcal', 'id']);
      table.index(['archived', 'sodium_mg', 'id']);
    });
    // A number of its own for each soup: the words of a soup stand under it, and no vacuum changes it.
    await knex.schema.createTable('soup_numbers', (table) => {
      table.increments('number');
      table.text('soup_id').notNullable().unique().references('soups.id').onDelete('CASCADE');
    });
    await knex.raw("create virtual table soup_words using fts5(title, foods, tokenize = 'unicode61 remove_diacritics 2', prefix = '2 3')");
    await moveVersions(knex);
    await knex.schema.dropTable('versions');
    await knex.schema.renameTable('versions_light', 'versions');
    await fillSoups(knex);
  },
  async down() {
    throw new Error('migrations run forward only');
  },
};

async function moveVersions(knex: Knex): Promise<void> {
  for (let from = 0; ; from += BATCH) {
    const rows: OldVersion[] = await knex<OldVersion>('versions').orderBy('id').limit(BATCH).offset(from);
    for (const { recipe, needs, analysis, foods, notes, ...light } of rows) {
      const pairs: [string, string][] = [];
      for (const food of parsed<{ id: string }[]>(foods) ?? []) {
        const text = JSON.stringify(food);
        const hash = createHash('sha256').update(text).digest('base64url').slice(0, 22);
        await knex('food_rows')
          .insert({ hash, food_id: food.id, document: deflateRawSync(text) })
          .onConflict('hash')
          .ignore();
        pairs.push([food.id, hash]);
      }
      await knex('versions_light').insert({ ...light, snapshot: 1, foods: JSON.stringify(pairs) });
      await knex('version_documents').insert({
        version_id: light.id,
        recipe: deflateRawSync(recipe),
        needs,
        analysis: deflateRawSync(analysis),
        notes,
      });
      await putFoods(knex, light.soup_id, light.id, recipe);
    }
    if (rows.length < BATCH) return;
  }
}

async function fillSoups(knex: Knex): Promise<void> {
  const soups: { id: string; title: string }[] = await knex('soups').select('id', 'title');
  for (const { id, title } of soups) {
    const draft: { recipe: string } | undefined = await knex('drafts').select('recipe').where({ soup_id: id }).first();
    if (draft) await putFoods(knex, id, '', draft.recipe);
    const newest: { summary: string } | undefined = await knex('versions').select('summary').where({ soup_id: id }).orderBy('number', 'desc').first();
    const digest = newest ? parsed<{ contains?: string[]; checks?: string[]; energyKcal?: number; sodiumMg?: number }>(newest.summary) : null;
    // Words of foods are put in by the program that knows their names; until then a soup is found by its title.
    const [number] = await knex('soup_numbers').insert({ soup_id: id });
    await knex('soup_words').insert({ rowid: number, title, foods: '' });
    await knex('soups')
      .where({ id })
      .update({
        title_key: titleKey(title),
        energy_kcal: digest?.energyKcal ?? null,
        sodium_mg: digest?.sodiumMg ?? null,
        worked_out: digest?.contains ? 1 : 0,
      });
    for (const [state, list] of [
      ['contains', digest?.contains ?? []],
      ['check', digest?.checks ?? []],
    ] as const)
      for (const allergen of list) await knex('soup_allergens').insert({ soup_id: id, allergen, state }).onConflict(['soup_id', 'allergen']).ignore();
  }
}

async function putFoods(knex: Knex, soupId: string, versionId: string, recipe: string): Promise<void> {
  const lines = parsed<{ lines?: { foodId?: string | null }[] }>(recipe)?.lines ?? [];
  const ids = [...new Set(lines.flatMap(({ foodId }) => foodId ?? []))];
  for (const foodId of ids) await knex('soup_foods').insert({ soup_id: soupId, version_id: versionId, food_id: foodId });
}

/** As the repository sorts titles at this schema: without case and accents. */
const titleKey = (title: string): string => title.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();

/** A cell that cannot be read is left as it is; what is derived from it is empty. */
function parsed<T>(text: string): T | null {
  try {
    return JSON.parse(text) as T;
  } catch {
    return null;
  }
}
