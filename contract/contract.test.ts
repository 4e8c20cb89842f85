/** openapi.json describes what the schemas take and what the server sends. */
import { describe, expect, test } from '@jest/globals';
import { analyse } from '../core/analysis/analysis.ts';
import { SHELF } from '../core/food/shelf.ts';
import { NUTRIENTS } from '../core/vocabulary/nutrient.ts';
import type { Recipe } from '../core/vocabulary/recipe.ts';
import { jsonSchemaOf } from './jsonSchema.ts';
import { openApi } from './openapi.ts';
import { needsSchema, recipeSchema } from './schemas.ts';

const line = (id: string, foodId: string | null, best: number, more: Partial<Recipe['lines'][number]> = {}): Recipe['lines'][number] => ({
  id,
  stage: 'base',
  text: id,
  foodId,
  grams: { best, low: best, high: best },
  ...more,
});
const soup = (lines: Recipe['lines']): Recipe => ({ title: 'a soup', servings: 4, lines, steps: [] });

type Schema = {
  $ref?: string;
  type?: unknown;
  properties?: Record<string, Schema>;
  required?: string[];
  items?: Schema;
  enum?: unknown[];
  anyOf?: Schema[];
  additionalProperties?: boolean;
};
const schemas = openApi().components.schemas as unknown as Record<string, Schema>;
const resolve = (schema: Schema): Schema => (schema.$ref ? (schemas[schema.$ref.split('/').at(-1) as string] as Schema) : schema);

/** Places where a value has a key its schema does not name, lacks one it requires, or holds a word outside its list. */
function misfits(value: unknown, given: Schema, path = ''): string[] {
  const schema = resolve(given);
  if (schema.anyOf) return schema.anyOf.some((one) => misfits(value, one, path).length === 0) ? [] : [`${path}: fits none`];
  if (schema.enum) return schema.enum.includes(value) ? [] : [`${path}: ${String(value)}`];
  if (Array.isArray(value))
    return schema.items ? value.flatMap((one, index) => misfits(one, schema.items as Schema, `${path}/${index}`)) : [`${path}: no items`];
  if (value === null || typeof value !== 'object') return [];
  const { properties } = schema;
  if (!properties) return [];
  const missing = (schema.required ?? []).filter((key) => !(key in value)).map((key) => `${path}/${key}: missing`);
  return [
    ...missing,
    ...Object.entries(value).flatMap(([key, one]) =>
      properties[key] ? misfits(one, properties[key], `${path}/${key}`) : [`${path}/${key}: not described`],
    ),
  ];
}

describe('openapi', () => {
  test('describes every key of an analysis', () => {
    const analysis = analyse(
      soup([
        line('a', 'butter-salted', 30, { choiceOf: 'f', chosen: true }),
        line('b', 'olive-oil', 30, { choiceOf: 'f', chosen: false }),
        line('c', null, 5),
        line('d', 'bread-white', 30, { stage: 'plate' }),
      ]),
      {},
      SHELF,
    );
    expect(misfits(JSON.parse(JSON.stringify(analysis)), { $ref: '#/components/schemas/Analysis' })).toEqual([]);
    expect(Object.keys(schemas.Figures?.properties ?? {})).toEqual([...NUTRIENTS]);
  });
  test('has no reference to a schema that is not there', () => {
    const names = [...JSON.stringify(openApi()).matchAll(/#\/components\/schemas\/(\w+)/g)].map(([, name]) => name as string);
    expect(names.filter((name) => !(name in schemas))).toEqual([]);
  });
  test('gives every operation a problem as its default reply', () => {
    for (const [path, methods] of Object.entries(openApi().paths))
      for (const operation of Object.values(methods)) expect([path, 'default' in operation.responses]).toEqual([path, true]);
  });
});

describe('JSON Schema of a Joi schema', () => {
  const recipe = jsonSchemaOf(recipeSchema) as Schema;
  test('names what is required and lets no other key pass', () => {
    expect(recipe.required).toEqual(['title', 'lines', 'steps']);
    expect(recipe.additionalProperties).toBe(false);
  });
  test('says where null may stand', () => {
    expect(recipe.properties?.lines?.items?.properties?.foodId).toEqual({
      anyOf: [{ type: 'string', minLength: 1, maxLength: 100 }, { type: 'null' }],
    });
  });
  test('gives the body of the needs both its forms', () => {
    expect((jsonSchemaOf(needsSchema) as Schema).properties?.body?.anyOf).toHaveLength(2);
  });
});
