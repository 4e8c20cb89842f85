/** Salt to taste is a proposal: what brings the pot to its band, in grams and by hand, and never above a limit. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { SALT_BANDS, saltToBand } from '../food/seasoning.ts';
import { SHELF } from '../food/shelf.ts';
import { bowlOf, line, soup } from '../test/soup.ts';
import { seasoningOf } from './toTaste.ts';

const open = line('salt', 'salt', null, { stage: 'finish', text: 'salt to taste' });
const pot = [line('cauliflower', 'cauliflower', 400), line('water', 'water', 600)];

describe('an unsalted kilogram', () => {
  const recipe = soup([...pot, open]);
  const analysis = bowlOf(recipe);
  test('takes 7.4 g to 0.75 % as most kitchens salt (common practice)', () => {
    const found = seasoningOf(recipe, analysis, SHELF);
    expect(found?.grams.best).toBeGreaterThan(6.5);
    expect(found?.grams.best).toBeLessThan(7.5);
    expect(found?.words).toMatch(/g, about 1¼ teaspoons$/);
  });
  test('takes about 2 g as a low-salt kitchen salts', () => {
    expect(seasoningOf(recipe, analysis, SHELF, 'low')?.grams.best).toBeLessThan(2);
  });
  test('takes no more than the limit leaves: 150 mg a bowl are 1.5 g in four', () => {
    expect(seasoningOf(recipe, analysis, SHELF, 'common', 150)?.grams.best).toBeCloseTo(1.53, 2);
  });
  test('is not counted: the figure stays at least', () => {
    expect(analysis.perServing.sodiumMg.atLeast).toBe(true);
    expect(analysis.perServing.sodiumMg.value).toBeLessThan(60);
    expect(analysis.seasoning?.sodiumMg).toBeGreaterThan(600);
  });
});

test('a pot of salty stock needs none', () => {
  const recipe = soup([line('stock', 'chicken-broth', 800), line('ham', 'ham', 200), open]);
  expect(seasoningOf(recipe, bowlOf(recipe), SHELF)).toMatchObject({ grams: { best: 0 }, words: 'none: it is salted already' });
});

test('nothing is proposed where the salt is weighed, or is for the bowl', () => {
  expect(bowlOf(soup([...pot, line('salt', 'salt', 5)])).seasoning).toBeUndefined();
  expect(bowlOf(soup([...pot, { ...open, stage: 'bowl' }])).seasoning).toBeUndefined();
});

test('with the proposal the pot lies in its band, whatever it held', () => {
  fc.assert(
    fc.property(fc.double({ min: 100, max: 20_000, noNaN: true }), fc.double({ min: 0, max: 5, noNaN: true }), (potGrams, perGram) => {
      for (const band of ['common', 'low'] as const) {
        const { grams } = saltToBand(potGrams, potGrams * perGram, band);
        const percent = ((potGrams * perGram) / 393 + grams.best) * (100 / potGrams);
        expect(percent).toBeGreaterThanOrEqual(SALT_BANDS[band].low - 0.01);
        if (grams.best > 0) expect(percent).toBeLessThanOrEqual(SALT_BANDS[band].high + 0.01);
        expect(grams.low <= grams.best && grams.best <= grams.high).toBe(true);
      }
    }),
  );
});
