/** openapi.json, 3.1: request bodies from the Joi schemas, replies by hand, every problem code in one table. */
import type { ObjectSchema } from 'joi';
import { components } from './components.ts';
import { BATCH, BATCH_BEGUN, BATCH_SUMMARY, COOLING, DEVICE, DEVICE_READING, MADE, PLAN, PORTIONS, SCALED } from './cookReplies.ts';
import { jsonSchemaOf } from './jsonSchema.ts';
import { PROBLEMS } from './problems.ts';
import {
  adaptSchema,
  analyseSchema,
  changeLarderSchema,
  changeOwnFoodSchema,
  changePreparationSchema,
  coolingSchema,
  demoSchema,
  deviceSchema,
  draftSchema,
  entriesSchema,
  flowTestSchema,
  labelSchema,
  larderSchema,
  madeSchema,
  methodSchema,
  newBatchSchema,
  newSoupSchema,
  newVersionSchema,
  patchSoupSchema,
  phraseSchema,
  pinSchema,
  planSchema,
  preparationSchema,
  presetSchema,
  priceSchema,
  readSchema,
  scaleSchema,
  settingsSchema,
  sheetSchema,
  spreadSchema,
  takeMadeSchema,
  takeSchema,
  versionLabelSchema,
  viewSchema,
} from './schemas.ts';
import { boolean, list, number, object, ref, string } from './shapes.ts';
import { SHEET } from './sheetReply.ts';
import { CLASS, DAY, GROUP, LEARNER, MARKED, POTS, ROUND, SPREAD } from './tableReplies.ts';
import { answerSchema, changeGroupSchema, daySchema, groupSchema, potsSchema, roundSchema } from './tableSchemas.ts';
import { SOUP_SORTS } from './types.ts';

const json = (schema: unknown) => ({ content: { 'application/json': { schema } } });
const problem = { description: 'A problem', content: { 'application/problem+json': { schema: ref('Problem') } } };
const pathParameters = (path: string) => [...path.matchAll(/\{(\w+)\}/g)].map(([, name]) => ({ name, in: 'path', required: true, schema: string }));

interface Operation {
  summary: string;
  body?: ObjectSchema;
  reply: unknown;
  status?: number;
  query?: readonly { name: string; schema: unknown }[];
}

const operation = (path: string, { summary, body, reply, status = 200, query = [] }: Operation) => ({
  summary,
  parameters: [...pathParameters(path), ...query.map((parameter) => ({ ...parameter, in: 'query' }))],
  ...(body ? { requestBody: { required: true, ...json(jsonSchemaOf(body)) } } : {}),
  responses: { [status]: { description: summary, ...json(reply) }, default: problem },
});

const OPERATIONS: Record<string, Partial<Record<'get' | 'post' | 'put' | 'patch' | 'delete', Operation>>> = {
  '/api/health': { get: { summary: 'Whether the kitchen is open', reply: object({ status: { const: 'ok' }, foods: number, schema: number }) } },
  '/api/foods': {
    get: {
      summary: 'Foods by name',
      query: [
        { name: 'q', schema: string },
        { name: 'limit', schema: { type: 'integer', minimum: 1, maximum: 100, default: 20 } },
      ],
      reply: object({ foods: list(object({ id: string, name: string, category: string, source: ref('Source'), score: number })) }),
    },
  },
  '/api/foods/{id}': { get: { summary: 'One food', reply: ref('Food') } },
  '/api/foods/{id}/uses': {
    get: { summary: 'Soups that have the food', reply: object({ soups: list(object({ id: string, title: string, versions: list(string) })) }) },
  },
  '/api/own-foods': {
    get: { summary: "The kitchen's own foods", reply: object({ foods: list(ref('OwnFood')) }) },
    post: { summary: 'A food from its label', body: labelSchema, reply: ref('OwnFood'), status: 201 },
  },
  '/api/own-foods/{id}': { put: { summary: 'Change or retire an own food', body: changeOwnFoodSchema, reply: ref('OwnFood') } },
  '/api/preparations': {
    get: { summary: 'What the house makes and soups take of', reply: object({ preparations: list(ref('Preparation')) }) },
    post: { summary: 'Keep a preparation', body: preparationSchema, reply: ref('Preparation'), status: 201 },
  },
  '/api/preparations/{id}': {
    get: { summary: 'One preparation', reply: ref('Preparation') },
    put: { summary: 'Change a preparation; soups that took of it keep their copy', body: changePreparationSchema, reply: ref('Preparation') },
    delete: { summary: 'Forget a preparation', reply: object({ gone: { const: true } }) },
  },
  '/api/preparations/{id}/made': {
    post: {
      summary: 'It was made: so much goes into the cold; the same id once',
      body: madeSchema,
      reply: object({ made: list(MADE) }),
      status: 201,
    },
  },
  '/api/made': { get: { summary: 'Preparations made and in the cold, first those to use first', reply: object({ made: list(MADE) }) } },
  '/api/made/{id}/take': { post: { summary: 'Take grams of it; the same id once', body: takeMadeSchema, reply: object({ made: list(MADE) }) } },
  '/api/made/taken/{id}': { delete: { summary: 'Put back what was taken by mistake', reply: object({ made: list(MADE) }) } },
  '/api/pins': { get: { summary: 'Labels the kitchen has read', reply: object({ pins: list(ref('Pin')) }) } },
  '/api/pins/{foodId}': {
    put: { summary: 'What the label of a food says, until a day', body: pinSchema, reply: ref('Pin') },
    delete: { summary: 'Forget a label', reply: object({ pins: list(ref('Pin')) }) },
  },
  '/api/phrases': {
    get: { summary: 'Words this kitchen was taught', reply: object({ phrases: list(ref('Phrase')) }) },
    put: { summary: 'Teach the words of a line; a food of null forgets them', body: phraseSchema, reply: object({ phrases: list(ref('Phrase')) }) },
  },
  '/api/read': {
    post: {
      summary: 'Read a recipe',
      body: readSchema,
      reply: object({
        recipe: ref('Recipe'),
        measures: string,
        doubts: list({ type: 'object' }),
        unread: list({ type: 'object' }),
        named: list({ type: 'object' }),
        account: list({ type: 'object' }),
      }),
    },
  },
  '/api/analyse': { post: { summary: 'Analyse a soup', body: analyseSchema, reply: ref('Analysis') } },
  '/api/adapt': {
    post: {
      summary: 'The closest soups that meet the needs',
      body: adaptSchema,
      reply: object(
        {
          original: ref('Analysis'),
          plans: list(ref('Plan')),
          clash: object(
            {
              needs: list(ref('Need')),
              others: list(list(ref('Need'))),
              nearest: { anyOf: [ref('Plan'), { type: 'null' }] },
              relax: list(object({ need: ref('Need'), to: number, distance: number })),
              gaps: list(object({ lineId: string, needs: list(ref('Need')) })),
            },
            ['others', 'gaps'],
          ),
          bowl: object({ servings: number, servingMl: number, distance: number }),
          timedOut: boolean,
        },
        ['clash', 'bowl', 'timedOut'],
      ),
    },
  },
  '/api/sheet': { post: { summary: 'The serving sheet of a soup', body: sheetSchema, reply: SHEET } },
  '/api/plan': { post: { summary: 'The plan of one soup or of several, backwards from the hour of serving', body: planSchema, reply: PLAN } },
  '/api/scale': { post: { summary: 'A recipe for other bowls or another pot', body: scaleSchema, reply: SCALED } },
  '/api/cooling': { post: { summary: 'What a log of cooling says, and how it will go on', body: coolingSchema, reply: COOLING } },
  '/api/batches': {
    get: { summary: 'Batches, the newest first', reply: object({ batches: list(BATCH_SUMMARY) }) },
    post: { summary: 'Begin a batch', body: newBatchSchema, reply: BATCH_BEGUN, status: 201 },
  },
  '/api/batches/learnt': {
    get: {
      summary: 'What the batches teach of the pots here: offered, never used by itself',
      reply: object({
        evaporation: { anyOf: [object({ batches: number, factor: number }), { type: 'null' }] },
        softening: list(object({ foodId: string, batches: number, factor: number })),
      }),
    },
  },
  '/api/batches/{id}': { get: { summary: 'A batch, and the soup that really came of it', reply: BATCH } },
  '/api/batches/{id}/entries': {
    post: {
      summary: 'Write entries: all or none, the same id once, none ever changed',
      body: entriesSchema,
      reply: object({ accepted: list(string), revision: number }),
    },
  },
  '/api/batches/{id}/stream': { get: { summary: 'Entries as they are written, as server-sent events', reply: string } },
  '/api/portions': { get: { summary: 'Portions put by, first those to use first', reply: object({ portions: list(PORTIONS) }) } },
  '/api/portions/{id}/take': {
    post: { summary: 'Take portions out; the same id once', body: takeSchema, reply: object({ portions: list(PORTIONS) }) },
  },
  '/api/portions/taken/{id}': { delete: { summary: 'Put back what was taken by mistake', reply: object({ portions: list(PORTIONS) }) } },
  '/api/groups': {
    get: { summary: 'Groups of guests, by seat', reply: object({ groups: list(GROUP) }) },
    post: { summary: 'Keep a group', body: groupSchema, reply: GROUP, status: 201 },
  },
  '/api/groups/{id}': {
    get: { summary: 'One group', reply: GROUP },
    put: { summary: 'Change a group', body: changeGroupSchema, reply: GROUP },
    delete: { summary: 'Forget a group', reply: object({ gone: { const: true } }) },
  },
  '/api/spread': { post: { summary: 'What could be cooked, by two measures, and the best trade-offs', body: spreadSchema, reply: SPREAD } },
  '/api/days': {
    get: {
      summary: 'Lunches from a day to a day',
      query: [
        { name: 'from', schema: string },
        { name: 'to', schema: string },
      ],
      reply: object({ days: list(DAY) }),
    },
  },
  '/api/days/{date}': {
    get: { summary: 'One lunch; an empty one where nobody has planned it', reply: DAY },
    put: { summary: 'Change a lunch', body: daySchema, reply: DAY },
  },
  '/api/practice/rounds': { post: { summary: 'A round of practice; the same seed is the same round', body: roundSchema, reply: ROUND } },
  '/api/practice/rounds/{id}/answer': { post: { summary: 'How an answer is marked, and why', body: answerSchema, reply: MARKED } },
  '/api/practice/learners': { get: { summary: 'The class: learners by code, and what is missed', reply: CLASS } },
  '/api/practice/learners/{code}': {
    get: { summary: 'What a learner answered, and what comes back', reply: LEARNER },
    delete: { summary: 'Forget a learner', reply: object({ gone: { const: true } }) },
  },
  '/api/pots': { post: { summary: 'The fewest pots for a table, with a shared base', body: potsSchema, reply: POTS } },
  '/api/devices': { get: { summary: 'Scales and probes', reply: list(DEVICE) } },
  '/api/devices/{id}': { post: { summary: 'Drive a simulated device', body: deviceSchema, reply: DEVICE_READING } },
  '/api/devices/{id}/stream': { get: { summary: 'Readings as they come, as server-sent events', reply: string } },
  '/api/method': {
    post: {
      summary: 'The method of an edited recipe, written anew, with what changed word by word',
      body: methodSchema,
      reply: object({
        steps: list({ type: 'object' }),
        edits: list(object({ stepId: string, words: list(object({ text: string, kind: { enum: ['same', 'out', 'in'] } })) })),
        faults: list(object({ lineId: string, code: string, message: string })),
      }),
    },
  },
  '/api/soups': {
    get: {
      summary: 'Soups, sorted, searched and filtered',
      query: [
        { name: 'q', schema: string },
        { name: 'without', schema: string },
        { name: 'checks', schema: { enum: ['1'] } },
        { name: 'archived', schema: { enum: ['1'] } },
        { name: 'needs', schema: { ...string, description: 'Needs of a bowl, in JSON; one version of the soup answers them' } },
        { name: 'for', schema: { ...string, description: "The same in people's words; nothing is listed while a word is not understood" } },
        { name: 'main', schema: { ...string, description: 'The food the soup is known by' } },
        { name: 'larder', schema: { enum: ['1'] } },
        { name: 'limit', schema: { type: 'integer', minimum: 1, maximum: 200, default: 100 } },
        { name: 'after', schema: string },
        { name: 'sort', schema: { enum: SOUP_SORTS } },
      ],
      reply: object(
        {
          soups: list(ref('Soup')),
          next: string,
          total: number,
          asked: object({
            needs: { type: 'object' },
            understood: list(string),
            unread: list(string),
            names: { type: 'object', additionalProperties: string },
          }),
        },
        ['next', 'asked'],
      ),
    },
    post: { summary: 'Add a soup', body: newSoupSchema, reply: ref('Soup'), status: 201 },
  },
  '/api/soups/mains': {
    get: { summary: 'Foods that soups are known by', reply: object({ foods: list(object({ foodId: string, name: string, soups: number })) }) },
  },
  '/api/soups/{id}': {
    get: { summary: 'One soup', reply: ref('Soup') },
    patch: { summary: 'Rename or archive a soup', body: patchSoupSchema, reply: ref('Soup') },
  },
  '/api/soups/{id}/draft': {
    get: { summary: 'The draft on the bench', reply: ref('Draft') },
    put: { summary: 'Save the draft', body: draftSchema, reply: ref('Draft') },
  },
  '/api/soups/{id}/versions': {
    get: { summary: 'All kept versions', reply: object({ versions: list(ref('Version')), unreadable: list(number) }, ['unreadable']) },
    post: { summary: 'Keep a version; it never changes', body: newVersionSchema, reply: ref('Version'), status: 201 },
  },
  '/api/soups/{id}/versions/{key}': { get: { summary: 'One version, by id or number', reply: ref('Version') } },
  '/api/soups/{id}/versions/{key}/label': {
    put: { summary: 'Rename a version or put it aside; what was kept stays', body: versionLabelSchema, reply: ref('VersionSummary') },
  },
  '/api/soups/{id}/flow-tests': {
    get: { summary: 'Flow tests of a soup, newest first', reply: object({ flowTests: list(ref('FlowTest')) }) },
    post: { summary: 'Note a flow test', body: flowTestSchema, reply: ref('FlowTest'), status: 201 },
  },
  '/api/prices': { get: { summary: 'Prices as bought', reply: object({ prices: list(ref('Price')) }) } },
  '/api/prices/{foodId}': {
    put: { summary: 'Note a price', body: priceSchema, reply: ref('Price') },
    delete: { summary: 'Forget a price', reply: object({ gone: boolean }) },
  },
  '/api/presets': {
    get: { summary: "The kitchen's own presets", reply: object({ presets: list(ref('Preset')) }) },
    post: { summary: 'Add a preset', body: presetSchema, reply: ref('Preset'), status: 201 },
  },
  '/api/presets/{id}': {
    put: { summary: 'Change a preset', body: presetSchema, reply: ref('Preset') },
    delete: { summary: 'Drop a preset', reply: object({ gone: boolean }) },
  },
  '/api/larder': {
    get: { summary: 'What stands in the larder, what is to be used first before the rest', reply: object({ larder: list(ref('LarderEntry')) }) },
    post: { summary: 'Put something in, all or none', body: larderSchema, reply: object({ larder: list(ref('LarderEntry')) }), status: 201 },
  },
  '/api/larder/{id}': {
    put: { summary: 'Change what is there', body: changeLarderSchema, reply: ref('LarderEntry') },
    delete: { summary: 'Take it out', reply: object({ gone: boolean }) },
  },
  '/api/views': {
    get: { summary: 'What the list of soups was asked before', reply: object({ views: list(ref('View')) }) },
    post: { summary: 'Keep what the list is asked', body: viewSchema, reply: ref('View'), status: 201 },
  },
  '/api/views/{id}': { delete: { summary: 'Forget a view', reply: object({ gone: boolean }) } },
  '/api/demo': {
    get: { summary: 'The soups that came with the program', reply: object({ shown: number, hidden: number }) },
    put: { summary: 'Put them away, or bring them back', body: demoSchema, reply: object({ shown: number, hidden: number }) },
  },
  '/api/settings': {
    get: { summary: 'The settings of the kitchen', reply: ref('Settings') },
    put: { summary: 'Save the settings', body: settingsSchema, reply: ref('Settings') },
  },
  '/api/openapi.json': { get: { summary: 'This description', reply: { type: 'object' } } },
};

const description = () => ({
  openapi: '3.1.0',
  info: { title: 'Kind Ladle', version: '1', description: 'Problems are application/problem+json; `code` is one of the table x-problems.' },
  paths: Object.fromEntries(
    Object.entries(OPERATIONS).map(([path, methods]) => [
      path,
      Object.fromEntries(Object.entries(methods).map(([method, spec]) => [method, operation(path, spec)])),
    ]),
  ),
  components: { schemas: components() },
  'x-problems': PROBLEMS,
});

let described: ReturnType<typeof description> | undefined;
/** openapi.json, made when it is first asked for: the schemas are many, and a kitchen opens without it. */
export const openApi = (): ReturnType<typeof description> => (described ??= description());
