/** What the server sends of the work in the kitchen: plans, scaled recipes, cooling. */
import { KEEPS } from '../core/batch/entry.ts';
import { DAY_SETTERS } from '../core/batch/stock.ts';
import { ALLERGENS } from '../core/vocabulary/allergens.ts';
import { boolean, list, number, object, ref, string } from './shapes.ts';

const batches = { anyOf: [object({ count: number, mlEach: number }), { type: 'null' }] };
const task = object(
  {
    id: string,
    stepId: string,
    soup: number,
    label: string,
    start: number,
    end: number,
    handsOn: boolean,
    resources: list({ enum: ['cook', 'ring', 'oven', 'blender'] }),
    assumed: { const: true },
    pinned: { const: true },
  },
  ['stepId', 'soup', 'assumed', 'pinned'],
);
const container = object({ depthCm: number, covered: boolean, air: { enum: ['still', 'moving', 'iceBath'] } });

export const PLAN = object(
  {
    tasks: list(task),
    startAt: string,
    makespanMin: number,
    bound: number,
    optimal: boolean,
    batches,
    batchesOf: list(batches),
    cooling: {
      anyOf: [object({ container, toCelsius: number, minutes: { type: ['number', 'null'] }, message: string }), { type: 'null' }],
    },
    lesson: object({
      work: list(object({ seat: string, tasks: list(object({ id: string, label: string, tags: list(string), minutes: number })), minutes: number })),
      ready: list(object({ id: string, label: string, minutes: number, grams: number })),
      takes: number,
      fits: boolean,
      would: list(string),
    }),
    notes: list(object({ code: string, message: string, soup: number, stepIds: list(string) }, ['soup', 'stepIds'])),
  },
  ['batchesOf', 'lesson'],
);

export const SCALED = object({ recipe: ref('Recipe'), notes: list(object({ code: string, lineIds: list(string), message: string })) });

const verdict = { enum: ['passes', 'fails', 'open'] };
export const COOLING = object(
  {
    verdict,
    stages: list(object({ from: number, to: number, withinMin: number, tookMin: { type: ['number', 'null'] }, verdict })),
    predicted: list(object({ minutes: number, celsius: number })),
    advice: list(string),
    source: string,
  },
  ['predicted'],
);

export const PORTIONS = object({
  id: string,
  batchId: string,
  soupId: string,
  title: string,
  version: { type: ['number', 'null'] },
  count: number,
  left: number,
  grams: number,
  keep: { enum: [...KEEPS] },
  madeOn: string,
  useBy: string,
  useByFrom: { enum: [...DAY_SETTERS] },
  past: boolean,
  contains: list({ enum: [...ALLERGENS] }),
  checks: list({ enum: [...ALLERGENS] }),
});
export const MADE = object({
  id: string,
  preparationId: string,
  preparation: { type: 'object' },
  madeOn: string,
  keep: { enum: [...KEEPS] },
  grams: number,
  left: number,
  useBy: string,
  useByFrom: { enum: [...DAY_SETTERS] },
  past: boolean,
  contains: list({ enum: [...ALLERGENS] }),
  checks: list({ enum: [...ALLERGENS] }),
});
export const BATCH_BEGUN = object({ id: string, startedAt: string, recipe: ref('Recipe') });
export const BATCH_SUMMARY = object({
  id: string,
  soupId: string,
  title: string,
  version: { type: ['number', 'null'] },
  servings: number,
  startedAt: string,
  entries: number,
  portioned: number,
  lastAt: string,
});
export const BATCH = object(
  {
    id: string,
    soupId: string,
    version: { type: ['number', 'null'] },
    recipe: ref('Recipe'),
    needs: { type: 'object' },
    startedAt: string,
    entries: list({ type: 'object' }),
    revision: number,
    actual: object({ recipe: ref('Recipe'), analysis: ref('Analysis') }),
    cooling: COOLING,
    portions: list(PORTIONS),
  },
  ['cooling'],
);

export const DEVICE = object({ id: string, kind: { enum: ['scale', 'probe'] }, name: string, simulated: boolean });
export const DEVICE_READING = object(
  { at: string, value: number, unit: { enum: ['g', 'C'] }, stable: boolean, fault: { enum: ['flatBattery', 'disconnected', 'overRange'] } },
  ['fault'],
);
