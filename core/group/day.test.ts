/** Who comes to a lunch, and what a week of lunches gives each guest. */
import { describe, expect, test } from '@jest/globals';
import { analyse } from '../analysis/analysis.ts';
import { SHELF } from '../food/shelf.ts';
import { readRecipe } from '../reading/read.ts';
import { shoppingList } from '../sheet/lists.ts';
import { againstNeeds, dayKey, expectedOn, weekOf } from './day.ts';

const soup = (salt: number) =>
  readRecipe(
    `Leek soup\nServes 4\n\n500 g leeks\n800 ml water\n100 ml double cream\n${salt} g salt\n\nSimmer 20 minutes, blend.`,
    { measures: 'metric' },
    SHELF,
  ).recipe;
const figures = (salt: number) => analyse(soup(salt), {}, SHELF).perServing;

describe('a lunch', () => {
  test('expects those with no days of their own, and those with this day', () => {
    const guests = [
      { seat: 'A1', needs: {} },
      { seat: 'A2', needs: {}, days: ['2027-03-09'] },
      { seat: 'A3', needs: {}, days: ['2027-03-08', '2027-03-10'] },
    ];
    expect(expectedOn(guests, '2027-03-08').map(({ seat }) => seat)).toEqual(['A1', 'A3']);
  });
  test('is another question where a need, a bowl, a soup or a seat is another', () => {
    const asked = { soups: ['s:1'], guests: [{ seat: 'A1', needs: { allergens: ['milk' as const] } }], eats: {}, together: [] };
    expect(dayKey({ ...asked })).toBe(dayKey(asked));
    expect(dayKey({ ...asked, guests: [{ seat: 'A1', needs: { allergens: ['egg' as const] } }] })).not.toBe(dayKey(asked));
    expect(dayKey({ ...asked, guests: [{ seat: 'A1', needs: { allergens: ['milk' as const] }, bowls: 2 }] })).not.toBe(dayKey(asked));
    expect(dayKey({ ...asked, mostPots: 1 })).not.toBe(dayKey(asked));
    expect(dayKey({ ...asked, together: [['A1', 'A2']] })).not.toBe(dayKey(asked));
  });
});

test('a bowl waits for its label where it could hold what its guest must not have', () => {
  const { recipe } = readRecipe(
    'Leek soup\nServes 4\n\n500 g leeks\n800 ml vegetable stock\n\nSimmer 20 minutes, blend.',
    { measures: 'metric' },
    SHELF,
  );
  const analysis = analyse(recipe, { regime: 'eu' }, SHELF);
  expect(againstNeeds({ needs: { allergens: ['celery', 'fish'] } }, analysis)).toEqual({ breaks: [], open: ['celery'], beside: [] });
  expect(againstNeeds({ needs: {} }, analysis)).toEqual({ breaks: [], open: [], beside: [] });
  expect(againstNeeds({ needs: { diets: ['noOnionGarlic'] } }, analysis).breaks).toEqual(['no onion or garlic']);
});

describe('a week', () => {
  const guests = [
    { seat: 'A1', bowls: 2, needs: { limits: [{ nutrient: 'sodiumMg' as const, per: 'serving' as const, max: 400 }] } },
    { seat: 'A2', needs: {} },
  ];
  const eaten = [
    { date: '2027-03-09', title: 'Leek soup', seats: ['A1'], perServing: figures(8) },
    { date: '2027-03-08', title: 'Leek soup', seats: ['A1', 'A2'], perServing: figures(2) },
  ];
  const [first, second] = weekOf(guests, eaten);
  test('adds what a guest gets, bowl by bowl, in the order of the days', () => {
    expect(first?.days.map(({ date, bowls }) => [date, bowls])).toEqual([
      ['2027-03-08', 2],
      ['2027-03-09', 2],
    ]);
    expect(first?.totals.sodiumMg).toBeCloseTo(2 * (figures(8).sodiumMg.value + figures(2).sodiumMg.value), 6);
    expect(second?.totals.energyKcal).toBeCloseTo(figures(2).energyKcal.value, 6);
  });
  test('tells on how many days a limit by the bowl was kept', () => {
    expect(first?.limits).toEqual([{ nutrient: 'sodiumMg', max: 400, kept: 1, open: 0, of: 2 }]);
    expect(second?.limits).toEqual([]);
  });
  test('never counts a limit as kept by a figure that is not known whole', () => {
    const unknown = { ...figures(2), sodiumMg: { ...figures(2).sodiumMg, atLeast: true } };
    const [row] = weekOf(guests, [{ date: '2027-03-08', title: 'Leek soup', seats: ['A1'], perServing: unknown as never }]);
    expect(row?.limits).toMatchObject([{ kept: 0, open: 1, of: 1 }]);
  });
});

test('one shopping list serves several pots: the same food stands once, with what they take together', () => {
  const names = (lists: ReturnType<typeof shoppingList>) => lists.flatMap(({ items }) => items.map(({ name, grams }) => [name, grams] as const));
  const [one, both] = [names(shoppingList(soup(4), SHELF)), names(shoppingList([soup(4), soup(6)], SHELF))];
  expect(both.map(([name]) => name)).toEqual(one.map(([name]) => name));
  for (const [name, grams] of both)
    if (name !== 'Salt, table') expect(grams as number).toBeCloseTo(2 * (one.find(([other]) => other === name)?.[1] as number), 6);
  expect(both.find(([name]) => /salt/i.test(name))?.[1]).toBeCloseTo(10, 6);
});
