/** Shapes of what the server sends, in JSON Schema. */
import { NUTRIENTS } from '../core/vocabulary/nutrient.ts';

export const ref = (name: string) => ({ $ref: `#/components/schemas/${name}` });
export const number = { type: 'number' };
export const string = { type: 'string' };
export const boolean = { type: 'boolean' };
export const list = (items: unknown) => ({ type: 'array', items });
export const object = (properties: Record<string, unknown>, optional: readonly string[] = []) => ({
  type: 'object',
  properties,
  required: Object.keys(properties).filter((key) => !optional.includes(key)),
});
export const scoped = (of: unknown) => object({ pot: of, bowl: of, plate: of });
export const because = list(object({ lineId: string, path: list(string), state: string }));
export const fewest = object({ count: { type: ['number', 'null'] }, lineIds: list(string) });
export const figures = object(Object.fromEntries(NUTRIENTS.map((key) => [key, ref('Figure')])));
