/** JSON Schema of a Joi schema, for openapi.json: the contract is written once and described from itself. */
import type { Description, Schema } from 'joi';

type JsonSchema = Record<string, unknown>;

interface Rule {
  name: string;
  args?: { limit?: number };
}

export const jsonSchemaOf = (schema: Schema): JsonSchema => convert(schema.describe());

function convert(description: Description): JsonSchema {
  const nullable = (description.allow as unknown[] | undefined)?.includes(null) ?? false;
  const schema = convertType(description);
  return nullable ? { anyOf: [schema, { type: 'null' }] } : schema;
}

function convertType(description: Description): JsonSchema {
  const only = (description.flags as { only?: boolean } | undefined)?.only;
  if (only) return { enum: (description.allow as unknown[]).filter((value) => value !== null) };
  switch (description.type) {
    case 'object': {
      const keys = Object.entries((description.keys ?? {}) as Record<string, Description>);
      const required = keys.filter(([, key]) => (key.flags as { presence?: string } | undefined)?.presence === 'required').map(([name]) => name);
      return {
        type: 'object',
        additionalProperties: patterned(description),
        properties: Object.fromEntries(keys.map(([name, key]) => [name, convert(key)])),
        ...(required.length > 0 ? { required } : {}),
      };
    }
    case 'array':
      return {
        type: 'array',
        items: convert((description.items as Description[])[0] as Description),
        ...ruled(description, { max: 'maxItems', min: 'minItems' }),
      };
    case 'number':
      return {
        type: integer(description) ? 'integer' : 'number',
        ...ruled(description, { min: 'minimum', max: 'maximum', greater: 'exclusiveMinimum' }),
      };
    case 'string':
      return { type: 'string', ...ruled(description, { min: 'minLength', max: 'maxLength' }) };
    case 'boolean':
      return { type: 'boolean' };
    case 'alternatives': {
      const matches = description.matches as {
        schema?: Description;
        then?: Description;
        otherwise?: Description;
        switch?: { then: Description }[];
      }[];
      return {
        anyOf: matches.flatMap(({ schema, then, otherwise, switch: cases = [] }) =>
          [schema, then, ...cases.map((one) => one.then), ...(cases.length > 0 ? [] : [otherwise])]
            .filter((one) => one !== undefined && one.type !== 'any')
            .map((one) => convert(one as Description)),
        ),
      };
    }
    default:
      throw new RangeError(`no JSON Schema for Joi type ${description.type}`);
  }
}

/** An object whose keys are anybody's says what its values are; any other lets no unknown key pass. */
function patterned(description: Description): JsonSchema | false {
  const [pattern] = (description.patterns as { rule: Description }[] | undefined) ?? [];
  return pattern ? convert(pattern.rule) : false;
}

const rulesOf = (description: Description): Rule[] => (description.rules as Rule[] | undefined) ?? [];
const integer = (description: Description): boolean => rulesOf(description).some(({ name }) => name === 'integer');

function ruled(description: Description, names: Record<string, string>): JsonSchema {
  return Object.fromEntries(
    rulesOf(description).flatMap(({ name, args }) => (names[name] && args?.limit !== undefined ? [[names[name], args.limit]] : [])),
  );
}
