/** What comes for something that is cut before it is cooked: common practice, no source. */
import { expect, test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import type { Line, Step } from '../vocabulary/recipe.ts';
import { rewriteMethod } from './rewrite.ts';

const line = (id: string, foodId: string, text = foodId): Line => ({ id, stage: 'base', text, foodId, grams: { best: 100, low: 95, high: 105 } });
const SAUSAGE = line('sausage', 'smoked-sausage', '300 g smoked sausage');
const ONION = line('onion', 'onion', '1 onion');
const COMES = ['turkey-breast-raw', 'rapeseed-oil', 'smoked-paprika'].map((foodId, at) => line(`new-${at}`, foodId));

/** The method once the sausage is turkey breast with oil and smoked paprika. */
function told(...texts: string[]): string[] {
  const steps = texts.map((text, at): Step => ({ id: `s${at}`, stage: 'base', text, method: 'fry', uses: ['sausage', 'onion'] }));
  return rewriteMethod(steps, [SAUSAGE, ONION], [{ line: SAUSAGE, lines: COMES, works: [] }], SHELF).map(({ text }) => text);
}
const FULL = 'the turkey breast, the rapeseed oil and the smoked paprika';

test('oil and spice are not sliced: they come where what was sliced is browned', () => {
  expect(told('Slice the sausage. Brown the sausage with the onion.')).toEqual([`Slice the turkey breast. Brown ${FULL} with the onion.`]);
});

test('the same where it is browned in the next step', () => {
  expect(told('Chop the onion and dice the sausage.', 'Fry the sausage and the onion until golden.')).toEqual([
    'Chop the onion and dice the turkey breast.',
    `Fry ${FULL.replace(' and ', ', ')} and the onion until golden.`,
  ]);
});

test('where only a pronoun follows, they are told beside it', () => {
  expect(told('Slice the sausage and brown it with the onion.')).toEqual([
    'Slice the turkey breast and brown it with the rapeseed oil, the smoked paprika and the onion.',
  ]);
});

test('where nothing else is done with it, nothing that is in the pot goes unsaid', () => {
  expect(told('Slice the sausage and the onion.').join(' ')).toMatch(/rapeseed oil.*smoked paprika/);
});
