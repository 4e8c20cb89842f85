/** The catalogue as a colleague would check it: amounts that hold together, and nothing brought in unsaid. */
import { describe, expect, test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import { usualAmounts } from '../test/swap/matrix.ts';
import type { Food } from '../vocabulary/food.ts';
import { heldBackId, isLiquid, LIQUIDS, leversFor } from './data/levers.ts';
import { SWAPS, type Swap } from './data/swaps.ts';

const foodsOf = ({ parts }: Swap): Food[] => parts.flatMap(({ foods }) => foods.map(([id]) => SHELF.food(id) as Food));
const replaced = ({ replaces }: Swap): Food[] => replaces.map((id) => SHELF.food(id) as Food);
const each = SWAPS.map((swap) => [swap.id, swap] as const);
/** Milk is asked about everywhere, and coconut is in the name of what holds it. */
const KNOWN_BY_NAME = ['milk', 'coconut'];

describe.each(each)('%s', (_id, swap) => {
  test('keeps its usual amounts within its bounds', () => {
    for (const { least, most, usual } of swap.parts) if (usual !== undefined) expect(usual >= least && usual <= most).toBe(true);
  });
  test('tells the table of an allergen or a pulse it brings in', () => {
    const before = new Set(replaced(swap).flatMap(({ contains }) => contains.map(({ allergen }) => allergen)));
    const brought = foodsOf(swap)
      .flatMap(({ contains }) => contains.map(({ allergen }) => allergen))
      .filter((id) => !before.has(id) && !KNOWN_BY_NAME.includes(id));
    const pulse = foodsOf(swap).some(({ category }) => category === 'pulse') && !replaced(swap).every(({ category }) => category === 'pulse');
    const told = swap.cautions.some((caution) => /Tell the table|[Cc]heck the label/.test(caution));
    expect([...brought, ...(pulse ? ['a pulse'] : [])].filter(() => !told)).toEqual([]);
  });
  test('says what it tastes of, and its work in whole sentences', () => {
    expect(swap.note).not.toBe('');
    for (const { text } of swap.steps) expect(text).toMatch(/^[A-Z].*\.$/);
    for (const caution of swap.cautions) expect(caution).toMatch(/^[A-Z].*\.$/);
  });
  test('makes no claim', () => {
    expect([swap.name, swap.note, ...swap.cautions, ...swap.steps.map(({ text }) => text)].join(' ')).not.toMatch(
      /healthy|safe\b|free from|detox|!/i,
    );
  });
});

describe('what splits when it boils', () => {
  const splitting = SWAPS.filter(
    (swap) =>
      foodsOf(swap).some(({ flags }) => flags.includes('splitsWhenBoiled')) &&
      !replaced(swap).every(({ flags }) => flags.includes('splitsWhenBoiled')),
  );
  test('is a good part of the catalogue', () => {
    expect(splitting.length).toBeGreaterThan(10);
  });
  test.each(splitting.map((swap) => [swap.id, swap] as const))('%s says so, or goes in off the boil, or is bound with starch', (_id, swap) => {
    const words = [...swap.cautions, ...swap.steps.map(({ text }) => text)].join(' ');
    const bound = foodsOf(swap).some(({ category }) => category === 'starch');
    expect(bound || /off the boil|[Ss]plit|[Tt]emper|cold milk/.test(words)).toBe(true);
  });
});

describe('usual amounts against facts of the trade (common practice, no source)', () => {
  const usual = (id: string, foodId: string): number => {
    const swap = SWAPS.find((one) => one.id === id) as Swap;
    return usualAmounts(swap.parts).find(([food]) => food === foodId)?.[1] ?? Number.NaN;
  };
  test.each([
    ['half the weight of flour in cornstarch', 'flour-to-cornstarch', 'cornstarch', 0.5, 0.05],
    ['a third to four tenths of flour in arrowroot', 'flour-to-arrowroot', 'arrowroot', 0.36, 0.05],
    ['34 g of cashews and 59 g of water for a cup quarter of cream, by volume', 'cream-to-cashew', 'cashews-raw', 34 / 93, 0.02],
    ['butter is four fifths fat', 'butter-to-olive-oil', 'olive-oil', 0.8, 0.02],
    ['two yolks, 34 g, bind like a spoon of cornstarch, 8 g', 'yolk-to-cornstarch', 'cornstarch', 8 / 34, 0.02],
    ['and the other way round', 'cornstarch-to-yolk', 'egg-yolk', 34 / 8, 0.1],
    ['a can of beans, drained, is six tenths of the can', 'beans-rinsed', 'white-beans-canned-drained', 255 / 425, 0.02],
    ['measure for measure', 'milk-to-oat-drink', 'oat-drink', 1, 0.01],
  ])('%s', (_fact, id, foodId, grams, within) => {
    expect(Math.abs(usual(id, foodId) - grams)).toBeLessThanOrEqual(within);
  });
});

describe('liquids', () => {
  test('can each be held back, and nothing else can', () => {
    for (const id of LIQUIDS)
      expect(
        leversFor(SHELF.food(id) as Food)
          .filter((swap) => swap.id === heldBackId(id))
          .map(({ replaces }) => replaces),
      ).toEqual([[id]]);
    expect(isLiquid('cream-heavy')).toBe(false);
    expect(isLiquid(null)).toBe(false);
  });
});
