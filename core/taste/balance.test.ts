/** Salt, acid and sweet: which way a pot leans, and what is said about it. */
import { describe, expect, test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import { bowlOf, line, soup } from '../test/soup.ts';
import { balanceOf } from './balance.ts';

const pot = (salt: number, lemon: number, sugar: number) =>
  soup([
    line('leek', 'cauliflower', 400),
    line('water', 'water', 600),
    line('salt', 'salt', salt),
    line('lemon', 'lemon-juice', lemon),
    line('sugar', 'sugar', sugar),
  ]);
const balance = (recipe: ReturnType<typeof soup>) => balanceOf(recipe, bowlOf(recipe), SHELF);

describe('balance', () => {
  test('7 g of salt in a kilogram is 0.7 %, and tastes seasoned (common practice)', () => {
    const { saltPercent, leans } = balance(pot(7, 10, 0));
    expect(saltPercent).toBeCloseTo(0.75, 1);
    expect(leans).toBe('even');
  });
  test.each([
    ['flat', pot(0, 0, 0)],
    ['sharp', pot(7, 60, 0)],
    ['sweet', pot(7, 0, 60)],
    ['salty', pot(14, 0, 0)],
  ] as const)('leans %s', (leans, recipe) => {
    const found = balance(recipe);
    expect(found.leans).toBe(leans);
    expect(found.advice[0]?.when).toBe(leans);
  });
  test('lemon juice is about one twentieth acid: 40 g in a kilogram is 0.2 %', () => {
    expect(balance(pot(0, 40, 0)).acidPercent).toBeCloseTo(0.21, 1);
  });
  test('a pinch is said in sodium a bowl: 1.5 g of salt over four bowls is 147 mg (39.3 % of salt is sodium)', () => {
    expect(balance(pot(0, 0, 0)).advice.find(({ when }) => when === 'flat')?.text).toContain('147 mg');
  });
  test('something unknown leaves only what there is much of', () => {
    const unknown = soup([...pot(0, 60, 0).lines, line('what', null, 50)]);
    expect(balance(unknown)).toMatchObject({ atLeast: true, leans: 'unknown' });
    expect(balance(soup([...pot(20, 0, 0).lines, line('what', null, 50)])).leans).toBe('salty');
  });
  test('water alone has no acid to set sugar against', () => {
    expect(balance(soup([line('water', 'water', 500)])).sugarToAcid).toBeNull();
  });
});
