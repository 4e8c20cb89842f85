/** What is sent about the table: groups, pots, practice, days. */
import Joi from 'joi';
import { MOST_BESIDE, MOST_BESIDE_GRAMS } from '../core/group/plate.ts';
import { LEAST_BOWLS, MOST_BOWLS, MOST_DAYS, MOST_GUESTS } from '../core/group/seat.ts';
import { MOST_SEED } from '../core/practice/seeds.ts';
import { LEVELS, ROUND_KINDS } from '../core/practice/types.ts';
import { REGIME_IDS } from '../core/regime/regime.ts';
import { day, id, line, needsSchema, oneOf, recipeSchema, revision } from './schemas.ts';

/** What stands beside a bowl. */
const sides = Joi.array()
  .max(MOST_BESIDE)
  .items(Joi.object({ foodId: id.required(), grams: Joi.number().greater(0).max(MOST_BESIDE_GRAMS).required() }));
const guest = Joi.object({
  seat: Joi.string().allow('').max(60).required(),
  needs: needsSchema.required(),
  bowls: Joi.number().min(LEAST_BOWLS).max(MOST_BOWLS),
  days: Joi.array().max(MOST_DAYS).items(day),
  sides,
});
const ofGroup = {
  name: Joi.string().pattern(/\S/).max(200).required(),
  guests: Joi.array().max(MOST_GUESTS).items(guest).required(),
  scope: oneOf(['bowl', 'plate']),
};
export const groupSchema = Joi.object(ofGroup);
export const changeGroupSchema = Joi.object({ ...ofGroup, revision: revision.required() });
export const potsSchema = Joi.object({
  recipe: recipeSchema.required(),
  regime: oneOf(REGIME_IDS),
  guests: Joi.array()
    .min(1)
    .max(MOST_GUESTS)
    .items(
      Joi.object({
        seat: Joi.string().allow('').max(60).required(),
        needs: needsSchema.required(),
        bowls: Joi.number().min(LEAST_BOWLS).max(MOST_BOWLS),
        sides,
      }),
    )
    .required(),
  mostPots: Joi.number().integer().min(1).max(50),
  together: Joi.array()
    .max(50)
    .items(Joi.array().max(MOST_GUESTS).items(Joi.string().max(60))),
  timeLimitMs: Joi.number().min(1).max(60_000),
});

export const roundSchema = Joi.object({
  kind: oneOf(ROUND_KINDS).required(),
  level: Joi.number()
    .valid(...LEVELS)
    .required(),
  seed: Joi.number().integer().min(0).max(MOST_SEED).required(),
});
/** Lists of ids, an id, a number, or objects that name what is meant: each round reads its own. */
const named = Joi.alternatives(
  Joi.string().max(200),
  Joi.number().min(0).max(1e9),
  Joi.object({
    id: Joi.string().max(200),
    lineId: Joi.string().max(200),
    stepId: Joi.string().max(200),
    code: Joi.string().max(200),
    swapId: Joi.string().max(200),
    grams: Joi.number().min(0).max(1e6),
    value: Joi.number().min(0).max(1e9),
  }).unknown(),
);
export const answerSchema = Joi.object({
  answer: Joi.alternatives(named, Joi.array().max(200).items(named)).required(),
  learner: Joi.string().allow('').max(60),
});

const seatText = Joi.string().allow('').max(60);
const said = Joi.string().allow('').max(2000);
const dayPot = Joi.object({
  soupId: id.required(),
  title: Joi.string().max(500).required(),
  number: Joi.number().integer().min(1).max(200).required(),
  seats: Joi.array().max(MOST_GUESTS).items(seatText).required(),
  bowls: Joi.number().min(0).max(10_000).required(),
  recipe: recipeSchema.required(),
  words: said.required(),
  regime: oneOf(REGIME_IDS),
  kettle: Joi.number().integer().min(0).max(200),
  beside: Joi.array()
    .max(MOST_GUESTS)
    .items(
      Joi.object({
        seats: Joi.array().max(MOST_GUESTS).items(seatText).required(),
        lines: Joi.array()
          .max(MOST_BESIDE * 4)
          .items(line)
          .required(),
      }),
    ),
});
export const daySchema = Joi.object({
  groupId: id.allow(null).required(),
  away: Joi.array().max(MOST_GUESTS).items(seatText).required(),
  soups: Joi.array()
    .max(6)
    .items(Joi.object({ soupId: id.required(), number: Joi.number().integer().min(1).max(100_000).required() }))
    .required(),
  eats: Joi.object().pattern(seatText, id).max(MOST_GUESTS).required(),
  beside: Joi.object().pattern(seatText, sides).max(MOST_GUESTS),
  together: Joi.array().max(50).items(Joi.array().max(MOST_GUESTS).items(seatText)).required(),
  mostPots: Joi.number().integer().min(1).max(50),
  serveAt: Joi.string()
    .pattern(/^([01]\d|2[0-3]):[0-5]\d$/)
    .required(),
  worked: Joi.object({
    key: Joi.string().max(200_000).required(),
    pots: Joi.array().max(60).items(dayPot).required(),
    unserved: Joi.array()
      .max(MOST_GUESTS)
      .items(Joi.object({ seat: seatText.required(), why: said.required() }))
      .required(),
    explains: Joi.array().max(200).items(said).required(),
  })
    .allow(null)
    .required(),
  // A day nobody has planned has revision 0.
  revision: Joi.number().integer().min(0).max(Number.MAX_SAFE_INTEGER).required(),
});
