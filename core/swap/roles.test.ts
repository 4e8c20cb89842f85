/** What a line gives the pot, in shares a cook would say. */
import { describe, expect, test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import { shareWords } from '../quantity/share.ts';
import { bowlOf, line, soup, step } from '../test/soup.ts';
import { nutrientGivers, rolesOf, rolesText } from './roles.ts';

const veloute = soup([
  line('butter', 'butter-unsalted', 60),
  line('flour', 'flour-wheat', 60),
  line('broth', 'chicken-broth', 1200),
  line('lemon', 'lemon-juice', 20),
]);
const share = (recipe: typeof veloute, lineId: string, what: string) =>
  rolesOf(recipe, lineId, bowlOf(recipe), SHELF).find((role) => role.what === what)?.share ?? 0;

describe('roles', () => {
  test('the flour gives most of the body of a veloute, the butter nearly all of its fat', () => {
    expect(share(veloute, 'flour', 'body')).toBeGreaterThan(0.75);
    expect(share(veloute, 'butter', 'fat')).toBeGreaterThan(0.8);
    expect(share(veloute, 'broth', 'sodium')).toBeGreaterThan(0.95);
    expect(share(veloute, 'lemon', 'acid')).toBe(1);
  });
  test('shares of one thing add up to the whole', () => {
    for (const what of ['waterG', 'proteinG', 'fatG', 'sodiumMg'] as const)
      expect(nutrientGivers(veloute, what, bowlOf(veloute), SHELF).reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
  });
  test('bacon gives the smoke, cream the dairy, parsley the green', () => {
    const pot = soup([
      line('bacon', 'bacon-raw', 80),
      line('cream', 'cream-heavy', 200),
      line('parsley', 'parsley', 30),
      line('water', 'water', 900),
    ]);
    expect(share(pot, 'bacon', 'smoky')).toBe(1);
    expect(share(pot, 'cream', 'dairy')).toBe(1);
    expect(share(pot, 'parsley', 'green')).toBe(1);
  });
  test('a bay leaf that is taken out gives nothing, a line without a food is not guessed at', () => {
    const pot = soup([
      line('bay', 'bay-leaf', 1, { eaten: 'removed' }),
      line('unknown', null, 100),
      line('leek', 'leek', 400),
      line('water', 'water', 500),
    ]);
    expect(rolesText(rolesOf(pot, 'bay', bowlOf(pot), SHELF))).toBe('Gives the pot little that is counted here.');
    expect(rolesOf(pot, 'unknown', bowlOf(pot), SHELF).every(({ share }) => share === 0)).toBe(true);
  });
  test('potato left in pieces gives less of the body than potato blended', () => {
    const of = (method: 'blend' | 'simmer') =>
      soup([line('potato', 'potato', 500), line('flour', 'flour-wheat', 20), line('water', 'water', 800)], { steps: [step('s', { method })] });
    expect(share(of('blend'), 'potato', 'body')).toBeGreaterThan(share(of('simmer'), 'potato', 'body'));
  });
  test('a topping counts once a bowl: who gives the sodium of the bowl', () => {
    const topped = soup([
      line('broth', 'chicken-broth', 800),
      line('bacon', 'bacon-cooked', 10, { stage: 'bowl', perBowl: true }),
      line('bread', 'bread-white', 40, { stage: 'plate' }),
    ]);
    const shares = nutrientGivers(topped, 'sodiumMg', bowlOf(topped), SHELF);
    expect(shares.map(({ lineId }) => lineId)).toEqual(['broth', 'bacon']);
    const { perServing } = bowlOf(topped);
    const broth = bowlOf(soup([line('broth', 'chicken-broth', 800)])).perServing.sodiumMg.value;
    expect(shares[0]?.share).toBeCloseTo(broth / perServing.sodiumMg.value, 9);
  });
  test('is said in words', () => {
    expect(rolesText(rolesOf(veloute, 'flour', bowlOf(veloute), SHELF))).toMatch(/^Gives the pot (nine tenths|four fifths|nearly all) of its body/);
  });
});

test.each([
  [0.05, null],
  [0.1, 'a tenth'],
  [0.34, 'a third'],
  [0.66, 'two thirds'],
  [0.96, 'nearly all'],
  [1, 'all'],
])('a share of %f is %s', (value, words) => {
  expect(shareWords(value)).toBe(words);
});
