import { describe, expect, test } from '@jest/globals';
import { bowlOf, line, soup, step } from '../test/soup.ts';
import { bodyWord } from './body.ts';

const body = (recipe: ReturnType<typeof soup>) => bowlOf(recipe).body;
const CUP_OF_MILK = 244;
const TABLESPOON = { flour: 7.8, butter: 14.2 };
const whiteSauce = (spoons: number) =>
  soup(
    [
      line('milk', 'milk-whole', CUP_OF_MILK),
      line('flour', 'flour-wheat', TABLESPOON.flour * spoons),
      line('butter', 'butter-salted', TABLESPOON.butter * spoons),
    ],
    { servings: 1 },
  );
const blended = step('b', { stage: 'blend', method: 'blend', text: 'Blend.' });

describe('the white-sauce ladder: 1, 2, 3 tablespoons of flour a cup (common practice, no source)', () => {
  test.each([
    [1, 0.25],
    [2, 0.44],
    [3, 0.6],
  ])('%d a cup is about %d', (spoons, index) => {
    expect(Math.abs(body(whiteSauce(spoons)).index - index)).toBeLessThan(0.02);
  });
  test('reads thin to thick', () => {
    expect([1, 2, 3].map((spoons) => body(whiteSauce(spoons)).word)).toEqual(['light cream', 'cream', 'thick']);
  });
});

describe('ordering', () => {
  const potatoes = (steps: ReturnType<typeof step>[]) => soup([line('potato', 'potato', 480), line('water', 'water', 1000)], { steps });
  test('potato blended is thicker than half blended, and that than left in pieces', () => {
    const [all, half, none] = [[blended], [{ ...blended, text: 'Blend half.' }], [step('s', { method: 'simmer' })]].map(
      (steps) => body(potatoes(steps)).index,
    ) as [number, number, number];
    expect(all > half && half > none).toBe(true);
  });
  test('480 g of potato to the litre is a cream (common practice: 460 to 500 g)', () => {
    expect(body(potatoes([blended])).word).toBe('cream');
  });
  test('cream is thicker than milk, and oil in place of butter gives the pot nothing', () => {
    const with_ = (foodId: string) => body(soup([line('x', foodId, 200), line('water', 'water', 800)])).index;
    expect(with_('cream-heavy')).toBeGreaterThan(with_('milk-whole'));
    expect(with_('olive-oil')).toBe(0);
    expect(with_('butter-salted')).toBeGreaterThan(0);
  });
  test('cornstarch thickens as flour does at about half the weight (common practice)', () => {
    const thick = (foodId: string, grams: number) => body(soup([line('x', foodId, grams), line('water', 'water', 1000)])).index;
    const ratio = thick('cornstarch', 20) / thick('flour-wheat', 40);
    expect(ratio).toBeGreaterThan(0.85);
    expect(ratio).toBeLessThan(1.15);
  });
  test('a topping does not thicken the pot', () => {
    expect(body(soup([line('water', 'water', 1000), line('sour', 'sour-cream', 100, { stage: 'bowl' })])).index).toBe(0);
  });
});

test('the index never passes what the water can swell', () => {
  expect(body(soup([line('starch', 'cornstarch', 900), line('water', 'water', 100)])).index).toBeLessThanOrEqual(0.95);
});

test.each([
  [0, 'broth'],
  [0.119, 'broth'],
  [0.12, 'thin'],
  [0.22, 'light cream'],
  [0.35, 'cream'],
  [0.5, 'thick'],
  [0.62, 'stands on the spoon'],
  [0.95, 'stands on the spoon'],
] as const)('%d reads %s', (index, word) => {
  expect(bodyWord(index)).toBe(word);
});
