/** openapi.json, 3.1: request bodies from the Joi schemas, replies by hand, every problem code in one table. */
import type { ObjectSchema } from 'joi';
import { REGIME_IDS } from '../core/regime/regime.ts';
import { ALLERGENS, DIETS } from '../core/vocabulary/allergens.ts';
import { jsonSchemaOf } from './jsonSchema.ts';
import { PROBLEMS } from './problems.ts';
import {
  adaptSchema,
  analyseSchema,
  changeOwnFoodSchema,
  changePreparationSchema,
  draftSchema,
  flowTestSchema,
  labelSchema,
  methodSchema,
  newSoupSchema,
  newVersionSchema,
  patchSoupSchema,
  phraseSchema,
  pinSchema,
  preparationSchema,
  presetSchema,
  priceSchema,
  readSchema,
  recipeSchema,
  settingsSchema,
  sheetSchema,
} from './schemas.ts';
import { because, boolean, fewest, figures, list, number, object, ref, scoped, string } from './shapes.ts';
import { SHEET } from './sheetReply.ts';

const schemas = {
  Recipe: jsonSchemaOf(recipeSchema),
  Pin: object(
    {
      foodId: string,
      allergens: list(object({ allergen: { enum: [...ALLERGENS] }, state: { enum: ['contains', 'mayContain', 'absent'] } })),
      diets: list({ enum: [...DIETS] }),
      flags: list(object({ flag: string, present: boolean })),
      readOn: string,
      lookAgainOn: string,
      product: string,
      revision: number,
      updatedAt: string,
    },
    ['product'],
  ),
  Phrase: object({ phrase: string, foodId: string }),
  Problem: object(
    {
      type: string,
      title: string,
      status: number,
      code: { enum: Object.keys(PROBLEMS) },
      detail: string,
      errors: list(object({ path: string, code: { enum: Object.keys(PROBLEMS) }, message: string })),
      current: {},
    },
    ['errors', 'current'],
  ),
  Figure: object(
    {
      value: number,
      low: number,
      high: number,
      atLeast: boolean,
      missing: list(object({ lineId: string, foodId: { type: ['string', 'null'] } })),
      cautious: object({ low: number, high: number }),
    },
    ['cautious'],
  ),
  Figures: figures,
  Analysis: object(
    {
      regime: { enum: REGIME_IDS },
      servings: number,
      servingGrams: number,
      servingMl: number,
      potGrams: number,
      potMl: number,
      evaporatedGrams: number,
      batchGrams: number,
      batch: ref('Figures'),
      perServing: ref('Figures'),
      per100g: ref('Figures'),
      plate: ref('Figures'),
      plateServing: ref('Figures'),
      declared: { type: 'object', properties: { us: { type: 'object' }, eu: { type: 'object' }, ca: { type: 'object' }, anz: { type: 'object' } } },
      claims: list(
        object(
          {
            id: string,
            regime: { enum: REGIME_IDS },
            words: string,
            supported: { enum: ['yes', 'no', 'cannotTell'] },
            figure: number,
            limit: number,
            disclose: list(string),
            source: string,
          },
          ['disclose'],
        ),
      ),
      allergens: list(
        object({
          id: { enum: ALLERGENS },
          state: ref('AllergenState'),
          declared: boolean,
          scopes: scoped(ref('AllergenState')),
          fewestChanges: scoped(fewest),
          because,
        }),
      ),
      diets: list(object({ id: { enum: DIETS }, state: ref('DietState'), scopes: scoped(ref('DietState')), fewestChanges: scoped(fewest), because })),
      body: object({ index: number, word: string }),
      colour: string,
      saltPercent: number,
      provenance: object({
        measured: number,
        recalled: number,
        label: number,
        imported: number,
        unknownGramsShare: number,
        byNutrient: { type: 'object', additionalProperties: object({ measured: number, recalled: number, label: number, imported: number }) },
      }),
      cost: object({ value: number, low: number, high: number, currency: string, unpricedLineIds: list(string), oldest: string }, ['oldest']),
      choices: list(
        object({
          choiceOf: string,
          lineId: string,
          perServing: ref('Figures'),
          allergens: list(object({ id: string, state: ref('AllergenState') })),
        }),
      ),
      notes: list(
        object(
          {
            code: string,
            severity: { enum: ['danger', 'caution', 'tip'] },
            params: object({ what: string }),
            message: string,
            lineIds: list(string),
            stepIds: list(string),
            source: string,
          },
          ['params', 'stepIds'],
        ),
      ),
    },
    ['plate', 'plateServing', 'colour', 'cost', 'choices'],
  ),
  AllergenState: { enum: ['contains', 'check', 'mayContain', 'absent'] },
  DietState: { enum: ['fits', 'check', 'breaks'] },
  Need: object({ kind: { enum: ['allergen', 'diet', 'limit', 'body', 'smooth', 'keep', 'avoid'] }, id: string, index: number }, ['id', 'index']),
  Plan: object(
    {
      changes: list(
        object(
          {
            // Null where something is added that stands in the place of nothing.
            lineId: { type: ['string', 'null'] },
            swapId: string,
            name: string,
            from: { anyOf: [object({ foodId: string, grams: number }), { type: 'null' }] },
            to: list(object({ lineId: string, foodId: string, grams: number, measure: string })),
            why: list(ref('Need')),
            work: list(string),
            cautions: list(string),
            note: string,
            adds: object({ allergens: list(string) }),
            alternatives: list(string),
          },
          ['alternatives'],
        ),
      ),
      recipe: ref('Recipe'),
      analysis: ref('Analysis'),
      distance: number,
      optimal: boolean,
      bound: number,
      meets: list(
        object(
          {
            need: ref('Need'),
            state: { enum: ['meets', 'likely', 'cannotTell', 'breaks'] },
            value: number,
            low: number,
            high: number,
            chance: number,
            openLines: list(string),
          },
          ['value', 'low', 'high', 'chance', 'openLines'],
        ),
      ),
      misses: list(ref('Need')),
      loses: list(object({ nutrient: string, from: number, to: number })),
      rises: list(object({ nutrient: string, from: number, to: number })),
      losesUnknown: list(string),
      says: list(object({ kind: { enum: ['loss', 'tell', 'season', 'identity'] }, message: string, grams: number }, ['grams'])),
    },
    ['bound', 'loses', 'rises', 'losesUnknown', 'says'],
  ),
  Source: object({ kind: { enum: ['measured', 'recalled', 'label', 'imported'] }, ref: string }),
  Food: object(
    {
      id: string,
      name: string,
      aliases: list(string),
      usual: string,
      category: string,
      source: ref('Source'),
      state: string,
      flags: list(string),
      per100g: {
        type: 'object',
        additionalProperties: object(
          {
            value: number,
            low: number,
            high: number,
            other: object({ value: number, source: string }),
            apart: { const: true },
            borrowed: { const: true },
          },
          ['low', 'high', 'other', 'apart', 'borrowed'],
        ),
      },
      tables: object({ use: string, other: ref('Source'), reason: string }),
      portions: list(object({ measure: string, grams: number, low: number, high: number, source: string })),
      densityGPerMl: number,
      edibleShare: number,
      contains: list(string),
      checks: list(object({ allergen: string, why: string })),
      mayContain: list(object({ allergen: string, why: string })),
      dietChecks: list(object({ diet: string, why: string })),
      origins: list(string),
      roles: list(string),
    },
    ['usual', 'tables', 'densityGPerMl'],
  ),
  Preparation: object(
    { id: string, name: string, recipe: ref('Recipe'), yieldGrams: number, doseGrams: number, keepDays: number, revision: number, updatedAt: string },
    ['yieldGrams', 'doseGrams', 'keepDays'],
  ),
  OwnFood: object({ id: string, entry: { type: 'object' }, retired: boolean, revision: number, updatedAt: string }),
  VersionSummary: object(
    {
      id: string,
      number,
      name: string,
      reason: string,
      createdAt: string,
      contains: list(string),
      checks: list(string),
      energyKcal: number,
      sodiumMg: number,
      asked: number,
      met: number,
      toCheck: number,
    },
    ['contains', 'checks', 'energyKcal', 'sodiumMg', 'asked', 'met', 'toCheck'],
  ),
  Soup: object(
    {
      id: string,
      title: string,
      revision: number,
      archived: boolean,
      updatedAt: string,
      versions: list(ref('VersionSummary')),
      newestChanged: boolean,
    },
    ['newestChanged'],
  ),
  Version: object(
    {
      id: string,
      number,
      name: string,
      reason: string,
      createdAt: string,
      recipe: ref('Recipe'),
      needs: { type: 'object' },
      analysis: ref('Analysis'),
      dataVersion: string,
      notes: { type: 'object', additionalProperties: string },
      numbersChanged: boolean,
      changedSince: { type: 'object' },
      foodsGone: list(string),
    },
    ['notes', 'numbersChanged', 'changedSince', 'foodsGone'],
  ),
  Draft: jsonSchemaOf(draftSchema),
  Price: object({ foodId: string, perKg: number, currency: string, date: string }),
  Preset: object({ id: string, name: string, needs: { type: 'object' }, caution: string }),
  FlowTest: object(
    {
      id: string,
      testedAt: string,
      mlLeft: number,
      temperatureC: number,
      heldMinutes: number,
      forkDrip: string,
      spoonTilt: string,
      liquidSeparates: boolean,
      note: string,
    },
    ['forkDrip', 'spoonTilt', 'liquidSeparates'],
  ),
  Settings: jsonSchemaOf(settingsSchema),
};

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
    get: { summary: 'All soups', reply: object({ soups: list(ref('Soup')), next: string, total: number }, ['next']) },
    post: { summary: 'Add a soup', body: newSoupSchema, reply: ref('Soup'), status: 201 },
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
  '/api/settings': {
    get: { summary: 'The settings of the kitchen', reply: ref('Settings') },
    put: { summary: 'Save the settings', body: settingsSchema, reply: ref('Settings') },
  },
  '/api/openapi.json': { get: { summary: 'This description', reply: { type: 'object' } } },
};

export const OPENAPI = {
  openapi: '3.1.0',
  info: { title: 'Kind Ladle', version: '1', description: 'Problems are application/problem+json; `code` is one of the table x-problems.' },
  paths: Object.fromEntries(
    Object.entries(OPERATIONS).map(([path, methods]) => [
      path,
      Object.fromEntries(Object.entries(methods).map(([method, spec]) => [method, operation(path, spec)])),
    ]),
  ),
  components: { schemas },
  'x-problems': PROBLEMS,
};
