/** The serving sheet as the server sends it. */
import { REGIME_IDS } from '../core/regime/regime.ts';
import { ALLERGENS } from '../core/vocabulary/allergens.ts';
import { NUTRIENTS } from '../core/vocabulary/nutrient.ts';
import { because, boolean, fewest, list, number, object, ref, scoped, string } from './shapes.ts';

const figure = object({ value: number, low: number, high: number, atLeast: boolean, text: string });
const verdict = object({ id: string, state: string, scopes: scoped(string), fewestChanges: scoped(fewest), because, declared: boolean }, [
  'declared',
]);
const caution = object({ code: string, severity: string, message: string, lineIds: list(string), source: string });

export const SHEET = object(
  {
    title: string,
    regime: { enum: [...REGIME_IDS] },
    bowls: number,
    bowlGrams: number,
    bowlMl: number,
    figures: list(
      object(
        {
          nutrient: { enum: [...NUTRIENTS] },
          label: string,
          countedOtherwise: { const: true },
          perServing: figure,
          per100g: figure,
          percentDaily: number,
          declared: boolean,
          minor: boolean,
        },
        ['countedOtherwise', 'percentDaily'],
      ),
    ),
    energyShares: object({ protein: number, fat: number, carbohydrate: number, alcohol: number, fibre: number }),
    ingredients: list(
      object(
        {
          text: string,
          grams: { type: ['number', 'null'] },
          allergens: list({ enum: [...ALLERGENS] }),
          checks: list({ enum: [...ALLERGENS] }),
          usual: string,
          where: { enum: ['bowl', 'plate'] },
        },
        ['usual', 'where'],
      ),
    ),
    allergens: list(verdict),
    diets: list(verdict),
    claims: list(object({ id: string, regime: string, words: string, supported: string, figure: number, limit: number, source: string })),
    textClaims: list(
      object({ words: string, answer: { enum: ['yes', 'no', 'cannotTell', 'notSayable'] }, figure: string, rule: string, message: string }, [
        'figure',
        'rule',
      ]),
    ),
    cautions: list(caution),
    moreCautions: list(caution),
    labelsToCheck: list({ type: 'object' }),
    steps: list(object({ text: string, minutes: object({ min: number, max: number }) }, ['minutes'])),
    provenance: { type: 'object' },
    needs: list(object({ need: ref('Need'), state: string })),
    meal: object({
      groups: list(object({ group: string, grams: number, portions: number, atLeast: boolean })),
      lacks: list(object({ nutrient: string, have: number, target: number, message: string })),
      sides: list(object({ id: string, name: string, foods: list({ type: 'object' }), plate: { type: 'object' }, atLeast: boolean })),
    }),
    change: { type: 'object' },
    words: list(string),
    incomplete: list(
      object({ code: { enum: ['food.unmatched', 'amount.unknown', 'text.unread'] }, lineId: { type: ['string', 'null'] }, message: string }),
    ),
  },
  ['change'],
);
