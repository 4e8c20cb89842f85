/** What the server sends of the table: groups, pots, the spread, practice. */
import { LEVELS, ROUND_KINDS } from '../core/practice/types.ts';
import { MEASURE_KEYS } from '../core/spread/measures.ts';
import { STAGES } from '../core/vocabulary/recipe.ts';
import { boolean, list, number, object, ref, string } from './shapes.ts';

const sides = list(object({ foodId: string, grams: number }));
export const GROUP = object(
  {
    id: string,
    name: string,
    guests: list(object({ seat: string, needs: { type: 'object' }, bowls: number, days: list(string), sides }, ['bowls', 'days', 'sides'])),
    scope: { enum: ['bowl', 'plate'] },
    revision: number,
    updatedAt: string,
  },
  ['scope'],
);

const stage = { enum: [...STAGES, null] };
const putIn = object({ lineId: string, foodId: { type: ['string', 'null'] }, grams: number });
const changes = list(
  object({
    lineId: { type: ['string', 'null'] },
    from: { anyOf: [object({ foodId: { type: ['string', 'null'] }, grams: number }), { type: 'null' }] },
    to: list(putIn),
  }),
);
export const POTS = object({
  pots: list(
    object({
      seats: list(string),
      bowls: number,
      recipe: ref('Recipe'),
      analysis: ref('Analysis'),
      changes,
      splitAt: stage,
      kettle: number,
      beside: list(object({ seats: list(string), lines: list(ref('Line')), changes })),
    }),
  ),
  base: object({ lineIds: list(string), stage }),
  unserved: list(object({ seat: string, clash: object({ needs: list(ref('Need')), why: string }) })),
  optimal: boolean,
  bound: number,
  order: list(number),
  explains: list(string),
});

const swapped = { lineId: { type: ['string', 'null'] }, swapId: { type: ['string', 'null'] } };
const measure = object({ key: { enum: MEASURE_KEYS }, name: string, unit: string, better: { enum: ['low', 'high'] } });
export const SPREAD = object({
  points: list(
    object({ choices: list(object(swapped)), measures: { type: 'object', additionalProperties: number }, atLeast: list({ enum: MEASURE_KEYS }) }, [
      'atLeast',
    ]),
  ),
  front: list(number),
  total: number,
  sampled: boolean,
  sentence: string,
  measures: list(measure),
  combinations: number,
  looked: number,
  effects: { type: 'object', additionalProperties: list(object({ ...swapped, name: string, by: number })) },
  atLeast: list({ enum: MEASURE_KEYS }),
  leftOut: list(object({ lineId: string, swapId: string, measures: list({ enum: MEASURE_KEYS }) })),
});

const option = object(
  {
    id: string,
    text: string,
    lineId: string,
    swapId: string,
    stepId: string,
    code: string,
    foods: list(object({ foodId: string, grams: number })),
    grams: number,
  },
  ['lineId', 'swapId', 'stepId', 'code', 'foods', 'grams'],
);
export const ROUND = object(
  {
    id: string,
    kind: { enum: ROUND_KINDS },
    level: { enum: LEVELS },
    recipe: ref('Recipe'),
    guest: object({ seat: string, needs: { type: 'object' } }),
    question: string,
    by: { enum: ['many', 'one', 'order', 'number'] },
    options: list(option),
    unit: string,
  },
  ['options', 'unit'],
);
export const MARKED = object(
  {
    right: boolean,
    because: list(object({ lineId: string, path: list(string) }, ['lineId'])),
    explains: string,
    due: { type: ['string', 'null'] },
  },
  ['due'],
);
export const LEARNER = object({
  code: string,
  today: string,
  answers: list(object({ round: string, topic: string, right: boolean, day: string, at: string })),
  due: list(object({ round: string, topic: string, box: number, due: string })),
});
export const CLASS = object({
  today: string,
  learners: list(object({ code: string, answers: number, lastAt: string, toSeeAgain: number, dueNow: number })),
  missed: list(object({ topic: string, learners: number })),
});
const dayPot = object(
  {
    soupId: string,
    title: string,
    number,
    seats: list(string),
    bowls: number,
    recipe: ref('Recipe'),
    words: string,
    regime: string,
    kettle: number,
    beside: list(object({ seats: list(string), lines: list(ref('Line')) })),
  },
  ['regime', 'kettle', 'beside'],
);
export const DAY = object(
  {
    date: string,
    groupId: { type: ['string', 'null'] },
    away: list(string),
    soups: list(object({ soupId: string, number })),
    eats: { type: 'object', additionalProperties: string },
    beside: { type: 'object', additionalProperties: sides },
    together: list(list(string)),
    mostPots: number,
    serveAt: string,
    worked: {
      anyOf: [
        object({ key: string, pots: list(dayPot), unserved: list(object({ seat: string, why: string })), explains: list(string) }),
        { type: 'null' },
      ],
    },
    revision: number,
    updatedAt: string,
  },
  ['mostPots', 'beside'],
);
