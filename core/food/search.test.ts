import { describe, expect, test } from '@jest/globals';
import { foodRecord } from '../analysis/foodRecord.ts';
import type { Food } from '../vocabulary/food.ts';
import { searchFoods } from './search.ts';
import { makeShelf, SHELF } from './shelf.ts';

const first = (query: string) => searchFoods(SHELF, query, 5)[0]?.food.id;

describe('search', () => {
  test.each([
    ['aubergine', 'aubergine'],
    ['eggplant', 'aubergine'],
    ['zucchini', 'courgette'],
    ['double cream', 'cream-double'],
    ['haricot beans', 'white-beans-canned-drained'],
    ['celery root', 'celeriac'],
    ['cornflour', 'cornstarch'],
    ['scallions', 'spring-onion'],
    ['celariac', 'celeriac'],
    ['parsnp', 'parsnip'],
    ['asparagas', 'asparagus'],
    ['gruyère', 'gruyere'],
    ['hing', 'ifct-G019'],
    ['pine nuts', 'pine-nuts'],
  ])('%s', (query, id) => {
    expect(first(query)).toBe(id);
  });
  test('is ordered by score and then by id, and keeps to its limit', () => {
    const hits = searchFoods(SHELF, 'milk', 10);
    expect(hits).toHaveLength(10);
    for (let i = 1; i < hits.length; i += 1) expect((hits[i - 1]?.score ?? 0) >= (hits[i]?.score ?? 0)).toBe(true);
    expect(searchFoods(SHELF, '', 3).map(({ food }) => food.id)).toEqual(['acorn-squash', 'adzuki-canned-drained', 'adzuki-cooked']);
  });
  test('that wants all words offers nothing that answers to one of them only', () => {
    expect(searchFoods(SHELF, 'dulse flakes', 5, 'all')).toEqual([]);
  });
  test('stays as it was at the first letter of a further word', () => {
    for (const words of ['any', 'all'] as const)
      expect(searchFoods(SHELF, 'double c', 5, words).map(({ food }) => food.id)).toEqual(
        searchFoods(SHELF, 'double', 5, words).map(({ food }) => food.id),
      );
    expect(first('double cr')).toBe('cream-double');
  });
  test('of nothing known finds nothing', () => {
    expect(searchFoods(SHELF, 'qqqqqq', 5)).toEqual([]);
  });
});

describe('a food record', () => {
  const record = foodRecord(SHELF.food('cream-heavy') as Food, SHELF);
  test('has energy by the US factors, an interval, and no key for what is unknown', () => {
    expect(record.per100g.energyKcal?.value).toBeCloseTo(4 * 2.84 + 9 * 36.08 + 4 * 2.84, 6);
    expect(record.per100g.fatG?.low).toBeLessThan(36.08);
    expect(record.per100g).not.toHaveProperty('copperMg');
  });
  test('says what the food is good for in a pot', () => {
    expect(record.roles).toContain('fat');
    expect(foodRecord(SHELF.food('lemon-juice') as Food, SHELF).roles).toContain('acid');
    expect(foodRecord(SHELF.food('cornstarch') as Food, SHELF).roles).toContain('body');
  });
  test('keeps a range that its row gives', () => {
    const { low, high, value } = foodRecord(SHELF.food('coconut-milk') as Food, SHELF).per100g.fatG ?? { value: 0 };
    expect([low, value, high].map((x) => Number(x?.toFixed(2)))).toEqual([12, 21.33, 24]);
  });
});

test('a shelf refuses two foods of one id', () => {
  const leek = SHELF.food('leek') as Food;
  expect(() => makeShelf([leek, leek])).toThrow('twice');
});
