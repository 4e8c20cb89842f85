/** A food that stands on no shelf leaves open what its kind could hold, and no more. */
import { describe, expect, test } from '@jest/globals';
import { allergen, bowlOf, diet, line, soup } from '../test/soup.ts';

const withUnknown = (text: string) => bowlOf(soup([line('l1', 'carrot', 400), line('l2', null, 100, { text })]));

describe('an unknown cheese', () => {
  const bowl = withUnknown('100 g Halvarin cheese, crumbled');
  test.each(['milk', 'egg', 'walnut'])('may hold %s', (id) => expect(allergen(bowl, id).state).toBe('check'));
  test.each(['crustacean', 'sulphite', 'gluten'])('is no reason to ask for %s', (id) => expect(allergen(bowl, id).state).toBe('absent'));
  test('may break what milk breaks, and no pork is settled', () => {
    expect(diet(bowl, 'vegan').state).toBe('check');
    expect(diet(bowl, 'noPork').state).toBe('fits');
  });
});

describe('what its words do not settle leaves everything open', () => {
  test.each(['2 spoons of Halvarin', '100 g Halvarin leaves with nuts', '100 g vegan Halvarin cheese', '50 g stuffed Halvarin bread'])(
    '%s',
    (text) => {
      expect(allergen(withUnknown(text), 'crustacean').state).toBe('check');
    },
  );
});

test('a food named beside its kind is asked for too: peanut noodles may hold peanut', () => {
  const bowl = withUnknown('100 g Halvarin crab leaves');
  expect(allergen(bowl, 'crustacean').state).toBe('check');
  expect(allergen(bowl, 'milk').state).toBe('absent');
});

test('an unknown vegetable asks for little, and its figures stay at least', () => {
  const bowl = withUnknown('300 g Halvarin squash');
  expect(allergen(bowl, 'milk').state).toBe('absent');
  expect(bowl.perServing.energyKcal.atLeast).toBe(true);
});
