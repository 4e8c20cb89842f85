/** What recipes say they make, in the forms it is written in. Common practice, no source. */
import { describe, expect, test } from '@jest/globals';
import { bowlsSaid, isOnlyYield, yieldIn } from './yield.ts';

const bowls = (text: string) => {
  const range = yieldIn(text)?.bowls;
  return range ? (range.min === range.max ? range.min : [range.min, range.max]) : null;
};

describe('a yield line', () => {
  test.each([
    ['Serves 4', 4],
    ['Serves: four', 4],
    ['Serves 4-6', [4, 6]],
    ['Serves 4 as a main, 6 as a starter', 4],
    ['Serves a family of 4', 4],
    ['Enough for a family of 4', 4],
    ['Makes 6 bowls', 6],
    ['Portions: 6', 6],
    ['Portions: 10 x 200 ml', 10],
    ['10 x 250 ml portions', 10],
    ['Standard yield: 40 portions of 220 ml', 40],
    ['Quantity: 10 portions', 10],
    ['4 covers', 4],
    ['Batch: 50 covers', 50],
    ['20 pax', 20],
    ['(for 3)', 3],
    ['Potage Crécy (20 pax)', 20],
    ['Pea soup (serves 4)', 4],
    ['Carrot and lentil soup, 6 portions', 6],
    ['SQUASH SOUP - 4 bowls', 4],
    ['Tomato soup for two', 2],
    ['12 first-course servings', 12],
    ['8 one-cup servings', 8],
    ['Yields 7 cups (5 servings)', 5],
    ['Yields about 5 servings', 5],
    ['Servings: 8 (1 cup each)', 8],
    ['Servings: 6 | Prep: 15 min | Cook: 6 hours', 6],
    ['Prep 15 min | Cook 30 min | 6 portions (300 g)', 6],
    ['Gives 6 deep bowls', 6],
    ['Para 4 personas', 4],
    ['Pour 4 personnes', 4],
    ['Kartoffelsuppe, 4 Portionen', 4],
    ['Serves 4. Takes an hour.', 4],
    ['Makes 1.5 litres', null],
    ['Serving size: 1 cup', null],
    ['Cook for 20 minutes', null],
    ['For the stock', null],
    ['For the topping', null],
    ['2 carrots', null],
    ['4 cups stock', null],
  ])('%s: %j bowls', (text, expected) => {
    expect(bowls(text)).toEqual(expected);
  });
  test.each([
    ['Makes 1.5 litres', 1500],
    ['Makes 8 cups', 8 * 236.588],
    ['Yield: 3 pints', 3 * 473.176],
    ['Yields 7 cups (5 servings)', 7 * 236.588],
  ])('%s is a volume', (text, ml) => {
    expect(yieldIn(text)?.ml?.('us')).toBeCloseTo(ml, 3);
  });
  test.each([
    ['10 x 250 ml portions', 250],
    ['Standard yield: 40 portions of 220 ml', 220],
    ['Serving size: 1 cup', 236.588],
    ['Portion size: 8 fl oz (240 mL)', 236.588],
    ['Portion: 250 ml', 250],
  ])('%s says what a bowl holds', (text, ml) => {
    expect(yieldIn(text)?.mlEach?.('us')).toBeCloseTo(ml, 3);
  });
  test.each([
    'Serves 4',
    'Makes 1.5 litres',
    'Servings: 8 (1 cup each)',
    '(for 3)',
    'Yields 7 cups (5 servings)',
    'Serves 4 as a main, 6 as a starter',
  ])('%s holds nothing else', (text) => {
    expect(isOnlyYield(text)).toBe(true);
  });
  test.each(['Pea soup (serves 4)', 'Serves 4. Take 400 g of haddock.'])('%s holds more', (text) => {
    expect(isOnlyYield(text)).toBe(false);
  });
});

describe('bowls said within a sentence', () => {
  test.each([
    ['and it feeds four people so first a tablespoon of butter', 4],
    ['It makes six one cup servings.', 6],
    ["That's fed the four of us with a bit left.", 4],
    ['and that makes four bowls four generous bowls', 4],
    ['Prawn bisque, ten covers.', 10],
    ['Cream of mushrooms, my way, twelve small cups for the tasting.', 12],
    ['okay leek and white bean soup for six um', 6],
    ['It fed the seven of us at the long table.', 7],
    ['simmer for four minutes', null],
    ['pour in four cups of broth', null],
  ])('%s', (text, expected) => {
    const range = bowlsSaid(text);
    expect(range ? range.min : null).toBe(expected);
  });
});
